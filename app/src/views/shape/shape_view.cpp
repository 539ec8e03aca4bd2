// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Laying out Shape and keeping its numbers in step.
#include "views/shape/shape_view.h"

#include <QComboBox>
#include <QHBoxLayout>
#include <QLabel>
#include <QSignalBlocker>
#include <QVBoxLayout>

#include "style/style.h"
#include "text/sentences.h"
#include "wedgeon/units.h"
#include "widgets/face_above_drawing.h"
#include "widgets/face_on_drawing.h"
#include "widgets/flight_drawing.h"
#include "widgets/panel.h"
#include "widgets/quantity_field.h"
#include "widgets/sentence_label.h"
#include "widgets/spin_drawing.h"
#include "widgets/worth_drawing.h"

namespace wedgeon {
namespace {

/// A panel with a title line, a hint at its right, and one drawing.
Panel* titled(const QString& title, const QString& hint, QWidget* content) {
    auto* panel = new Panel;
    auto* column = new QVBoxLayout(panel);
    column->setContentsMargins(2, 10, 2, 2);
    column->setSpacing(0);
    auto* line = new QHBoxLayout;
    line->setContentsMargins(14, 0, 14, 0);
    auto* name = new SentenceLabel(SentenceLabel::Rank::Title);
    name->setText(title);
    name->setWordWrap(false);
    auto* what = new SentenceLabel(SentenceLabel::Rank::Why);
    what->setText(hint);
    what->setFont(style::font(12));
    what->setWordWrap(false);
    line->addWidget(name, 1);
    line->addWidget(what);
    column->addLayout(line);
    column->addWidget(content, 1);
    return panel;
}

}  // namespace

ShapeView::ShapeView(Workbench& bench, QWidget* parent) : QWidget(parent), bench_(bench) {
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(14, 12, 14, 12);
    column->setSpacing(12);
    column->addWidget(makeResult(), 9);
    column->addWidget(makeNumbers());
    auto* row = new QHBoxLayout;
    row->setSpacing(12);
    row->addWidget(titled(tr("From above"), tr("drag the toe"), new FaceAboveDrawing(bench_)), 30);
    row->addWidget(titled(tr("Face-on"), tr("drag hands, ball, weight"), new FaceOnDrawing(bench_)),
                   38);
    row->addWidget(
        titled(tr("Spin against spin loft"), tr("today's curve"), new SpinDrawing(bench_)), 33);
    row->addWidget(titled(tr("Worth here"), tr("per step"), new WorthDrawing(bench_)), 23);
    column->addLayout(row, 11);
    connect(&bench_, &Workbench::changed, this, &ShapeView::refresh);
    connect(&bench_, &Workbench::unitsChanged, this, [this] {
        refreshNumbers();
        refresh();
    });
    refreshNumbers();
    refresh();
}

QWidget* ShapeView::makeResult() {
    auto* panel = new Panel;
    auto* column = new QVBoxLayout(panel);
    column->setContentsMargins(1, 10, 1, 1);
    column->setSpacing(2);
    sentence_ = new SentenceLabel(SentenceLabel::Rank::Sentence);
    sentence_->setObjectName(QStringLiteral("shapeSentence"));
    why_ = new SentenceLabel(SentenceLabel::Rank::Why);
    why_->setObjectName(QStringLiteral("shapeWhy"));
    for (SentenceLabel* l : {sentence_, why_})
        l->setContentsMargins(20, 0, 20, 0);
    flight_ = new FlightDrawing(tr("Flight and run"));
    column->addWidget(sentence_);
    column->addWidget(why_);
    column->addWidget(flight_, 1);
    return panel;
}

QWidget* ShapeView::makeNumbers() {
    auto* panel = new Panel;
    auto* row = new QHBoxLayout(panel);
    row->setContentsMargins(16, 6, 16, 6);
    row->setSpacing(8);
    const auto addLabelled = [&](const QString& name, QWidget* field) {
        auto* label = new QLabel(name);
        label->setFont(style::font(13));
        label->setBuddy(field);
        row->addWidget(label);
        row->addWidget(field);
        row->addStretch(1);
    };
    const auto add = [&](const QString& name, QuantityField*& field, const QString& what,
                         const std::function<void(Recipe&, double)>& apply) {
        field = new QuantityField({name, {}, 1, 0, 1, 1, 1});
        connect(field, &QuantityField::edited, this,
                [this, what, apply](double si) { change(what, [&](Recipe& r) { apply(r, si); }); });
        addLabelled(name, field);
    };
    add(tr("Speed"), speed_, tr("change the speed"),
        [](Recipe& r, double v) { r.clubSpeed_mps = v; });
    add(tr("Opened"), open_, tr("open the face"), [](Recipe& r, double v) { r.open_rad = v; });
    add(tr("Lean"), lean_, tr("lean the shaft"), [](Recipe& r, double v) { r.lean_rad = v; });
    add(tr("Ball"), ball_, tr("move the ball"), [](Recipe& r, double v) { r.ballForward_m = v; });
    add(tr("Weight"), weight_, tr("shift the weight"),
        [](Recipe& r, double v) { r.weightLead_pct = v; });
    add(tr("Radius"), radius_, tr("change the radius"),
        [](Recipe& r, double v) { r.swingRadius_m = v; });
    lean_->setToolTip(
        tr("With the ball in the middle; moving the ball back with the hands left in place leans "
           "it further"));
    ball_->setToolTip(tr("Balls ahead of the middle of the stance; negative is back"));
    weight_->setToolTip(tr("Per cent on the lead foot"));
    radius_->setToolTip(tr("0.8 m chop, 1.1 m ordinary, 1.5 m brush"));
    release_ = new QComboBox;
    release_->addItems({tr("held"), tr("ordinary"), tr("rotating")});
    release_->setAccessibleName(tr("Release"));
    connect(release_, &QComboBox::currentIndexChanged, this, [this](int i) {
        change(tr("change the release"), [&](Recipe& r) { r.release = static_cast<Release>(i); });
    });
    addLabelled(tr("Release"), release_);
    return panel;
}

void ShapeView::change(const QString& what, const std::function<void(Recipe&)>& apply) {
    BenchState next = bench_.state();
    apply(next.recipe);
    bench_.edit(next, what);
}

void ShapeView::refreshNumbers() {
    const Units& u = bench_.units();
    const double deg = degFromRad(1.0);
    const QString degree = QStringLiteral("°");
    speed_->setShape({tr("Club speed"), u.speedName(), u.speedFactor(), 3 * u.speedFactor(),
                      45 * u.speedFactor(), 0.5, 1});
    open_->setShape({tr("Face opened"), degree, deg, -45, 50, 1, 1});
    lean_->setShape({tr("Shaft lean"), degree, deg, -20, 25, 1, 1});
    ball_->setShape({tr("Ball forward"), tr("balls"), 1 / constants::ballWidth_m, -3, 2, 0.25, 2});
    weight_->setShape({tr("Weight on lead"), tr("%"), 1, 30, 90, 1, 0});
    radius_->setShape({tr("Swing radius"), tr("m"), 1, 0.7, 1.8, 0.05, 2});
}

void ShapeView::refresh() {
    const Recipe& r = bench_.state().recipe;
    speed_->setSi(r.clubSpeed_mps);
    open_->setSi(r.open_rad);
    lean_->setSi(r.lean_rad);
    ball_->setSi(r.ballForward_m);
    weight_->setSi(r.weightLead_pct);
    radius_->setSi(r.swingRadius_m);
    const QSignalBlocker quiet(release_);
    release_->setCurrentIndex(static_cast<int>(r.release));

    FlightScene scene;
    scene.units = bench_.units();
    if (const auto& p = bench_.prediction()) {
        sentence_->setText(text::shotSentence(p->shot, bench_.units()));
        why_->setText(text::whySentence(p->shot, p->spread));
        scene.predicted = flightPath(p->trace, p->shot);
        scene.shot = p->shot;
        scene.spread = p->spread;
    } else {
        sentence_->setText(tr("This set-up is outside what the model covers."));
        why_->setText(bench_.error());
    }
    if (const auto& g = bench_.ghost()) scene.ghost = flightPath(g->trace, g->shot);
    flight_->show(scene);
}

QString ShapeView::asText() const {
    return sentence_->text() + QLatin1Char('\n') + why_->text();
}

}  // namespace wedgeon
