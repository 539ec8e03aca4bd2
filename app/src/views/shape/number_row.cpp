// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Making the fields and keeping them in step.
#include "views/shape/number_row.h"

#include <QHBoxLayout>
#include <QLabel>
#include <QSignalBlocker>
#include <QVBoxLayout>
#include <algorithm>

#include "drawings/dial_shape.h"
#include "style/style.h"
#include "text/quantity_help.h"
#include "widgets/swing_field.h"

namespace wedgeon {
namespace {

constexpr int roomyRow_px = 960;

QString stepName(Dial dial) {
    switch (dial) {
        case Dial::Open:
            return NumberRow::tr("open the face");
        case Dial::Lean:
            return NumberRow::tr("lean the shaft");
        case Dial::BallForward:
            return NumberRow::tr("move the ball");
        case Dial::WeightLead:
            return NumberRow::tr("shift the weight");
        case Dial::SwingRadius:
            return NumberRow::tr("change the radius");
        case Dial::ClubSpeed:
            return NumberRow::tr("change the speed");
        case Dial::StandFarther:
            return NumberRow::tr("change the distance");
        case Dial::HandleRaised:
            return NumberRow::tr("raise the handle");
        case Dial::GripDown:
            return NumberRow::tr("grip down");
        case Dial::BodyLine:
            return NumberRow::tr("turn the shoulders");
    }
    return {};
}

QString hintOf(Dial dial, const Units& u) {
    switch (dial) {
        case Dial::Lean:
            return NumberRow::tr(
                "With the ball in the middle; moving the ball back with the hands left in place "
                "leans it further");
        case Dial::BallForward:
            return NumberRow::tr("Balls ahead of the middle of the stance; negative is back");
        case Dial::WeightLead:
            return NumberRow::tr("Per cent on the lead foot");
        case Dial::SwingRadius:
            return NumberRow::tr("%1 chop, %2 ordinary, %3 brush")
                .arg(u.height(0.8), u.height(1.1), u.height(1.5));
        case Dial::BodyLine:
            return NumberRow::tr(
                "Hips and shoulders, and the feet with them; negative aims to the open side");
        case Dial::HandleRaised:
            return NumberRow::tr("Hands higher than usual tip the toe down");
        default:
            return {};
    }
}

}  // namespace

namespace {

/// What it is, and how its numbers are meant.
QString tipOf(Dial dial, const Units& u) {
    const QString hint = hintOf(dial, u), help = text::shortHelp(text::helpOf(dial, u));
    return hint.isEmpty() ? help : hint + QLatin1Char('\n') + help;
}

/// Room for every value of it, in whatever language its unit is.
void fitWidth(QuantityField& field) {
    constexpr int frameAndArrows_px = 23;
    int widest = 0;
    for (const double v : {field.minimum(), field.maximum()}) {
        widest = std::max(
            widest, field.fontMetrics().horizontalAdvance(field.textFromValue(v) + field.suffix()));
    }
    field.setMinimumWidth(widest + frameAndArrows_px);
}

}  // namespace

QuantityField* makeDialField(Workbench& bench, Dial dial) {
    auto* field = new QuantityField(shapeOf(dial, bench.units()));
    text::explains(*field, text::helpOf(dial, bench.units()).key);
    field->setToolTip(tipOf(dial, bench.units()));
    fitWidth(*field);
    const auto follow = [&bench, dial, field] {
        field->setSi(dialOf(bench.state().recipe(), dial));
    };
    QObject::connect(field, &QuantityField::edited, &bench, [&bench, dial](double si) {
        BenchState next = bench.state();
        dialOf(next.recipe(), dial) = si;
        bench.edit(next, stepName(dial));
    });
    QObject::connect(&bench, &Workbench::changed, field, follow);
    QObject::connect(&bench, &Workbench::unitsChanged, field, [&bench, dial, field, follow] {
        field->setShape(shapeOf(dial, bench.units()));
        fitWidth(*field);
        field->setToolTip(tipOf(dial, bench.units()));
        follow();
    });
    follow();
    return field;
}

QComboBox* makeReleaseChoice(Workbench& bench) {
    auto* box = new QComboBox;
    box->addItems({NumberRow::tr("held"), NumberRow::tr("ordinary"), NumberRow::tr("rotating")});
    box->setAccessibleName(NumberRow::tr("Release"));
    const auto follow = [&bench, box] {
        const QSignalBlocker quiet(box);
        box->setCurrentIndex(static_cast<int>(bench.state().recipe().release));
    };
    QObject::connect(box, &QComboBox::currentIndexChanged, &bench, [&bench](int i) {
        BenchState next = bench.state();
        next.recipe().release = static_cast<Release>(i);
        bench.edit(next, NumberRow::tr("change the release"));
    });
    QObject::connect(&bench, &Workbench::changed, box, follow);
    follow();
    return box;
}

SwingField* makeSwingField(Workbench& bench) {
    constexpr Dial dial = Dial::ClubSpeed;
    auto* field = new SwingField(
        shapeOf(dial, bench.units()), [&bench]() -> const SwingLadder& { return bench.swings(); },
        bench.units());
    const auto follow = [&bench, field] {
        field->setSi(dialOf(bench.state().recipe(), dial));
        field->refresh();
    };
    QObject::connect(field, &QuantityField::edited, &bench, [&bench](double si) {
        BenchState next = bench.state();
        dialOf(next.recipe(), dial) = si;
        bench.edit(next, NumberRow::tr("change the swing"));
    });
    QObject::connect(&bench, &Workbench::changed, field, follow);
    QObject::connect(&bench, &Workbench::swingSizesChanged, field, follow);
    QObject::connect(&bench, &Workbench::unitsChanged, field, [&bench, field, follow] {
        field->setUnits(bench.units(), shapeOf(dial, bench.units()));
        follow();
    });
    follow();
    return field;
}

NumberRow::NumberRow(Workbench& bench, QWidget* parent) : Panel(parent) {
    auto* rows = new QVBoxLayout(this);
    rows->setContentsMargins(10, 5, 10, 5);
    rows->setSpacing(4);
    first_ = new QHBoxLayout;
    second_ = new QHBoxLayout;
    for (QHBoxLayout* row : {first_, second_}) {
        row->setSpacing(4);
        rows->addLayout(row);
    }
    const auto add = [&](const QString& name, QWidget* field) {
        auto* part = new QWidget;
        auto* line = new QHBoxLayout(part);
        line->setContentsMargins(0, 0, 0, 0);
        line->setSpacing(4);
        auto* label = new QLabel(name);
        label->setFont(style::font(13));
        label->setBuddy(field);
        line->addWidget(label);
        line->addWidget(field);
        parts_.append(part);
        first_->addWidget(part);
        first_->addStretch(1);
    };
    add(tr("Swing"), makeSwingField(bench));
    add(tr("Opened"), makeDialField(bench, Dial::Open));
    add(tr("Lean"), makeDialField(bench, Dial::Lean));
    add(tr("Ball"), makeDialField(bench, Dial::BallForward));
    add(tr("Weight"), makeDialField(bench, Dial::WeightLead));
    add(tr("Radius"), makeDialField(bench, Dial::SwingRadius));
    add(tr("Release"), makeReleaseChoice(bench));
}

void NumberRow::setNarrow(bool narrow) {
    if (narrow == narrow_) return;
    narrow_ = narrow;
    constexpr qsizetype inFirst = 4;
    for (QHBoxLayout* row : {first_, second_}) {
        while (QLayoutItem* item = row->takeAt(0))
            delete item;
    }
    for (qsizetype i = 0; i < parts_.size(); ++i) {
        QHBoxLayout* row = narrow && i >= inFirst ? second_ : first_;
        row->addWidget(parts_[i]);
        row->addStretch(1);
    }
}

void NumberRow::resizeEvent(QResizeEvent* event) {
    // Narrow, the fields keep their numbers whole and leave the arrows to the keyboard.
    const auto buttons =
        width() < roomyRow_px ? QAbstractSpinBox::NoButtons : QAbstractSpinBox::UpDownArrows;
    for (auto* field : findChildren<QuantityField*>())
        field->setButtonSymbols(buttons);
    Panel::resizeEvent(event);
}

}  // namespace wedgeon
