// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Fields for what is chosen.
#include "views/read/element_bar.h"

#include <QComboBox>
#include <QHBoxLayout>
#include <QLabel>
#include <QSignalBlocker>
#include <QToolButton>
#include <algorithm>

#include "style/style.h"
#include "widgets/quantity_field.h"

namespace wedgeon {
namespace {

constexpr int kinds = 6;

}  // namespace

ElementBar::ElementBar(QWidget* parent) : QWidget(parent) {
    auto* row = new QHBoxLayout(this);
    row->setContentsMargins(14, 2, 14, 4);
    row->setSpacing(5);
    kind_ = new QComboBox;
    for (int k = 0; k < kinds; ++k)
        kind_->addItem(zoneName(static_cast<ZoneKind>(k)));
    kind_->setAccessibleName(tr("Kind of ground"));
    connect(kind_, &QComboBox::activated, this, [this](int k) {
        change(tr("change the ground"), [&](Line& l) {
            Zone& z = l.zones[element_.index];
            const Zone former = z;
            z = Zone::of(static_cast<ZoneKind>(k), former.length_m, former.slopeAlong);
            z.slopeAcross = former.slopeAcross;
            z.grain = former.grain;
        });
    });
    what_ = new QLabel(tr("In the way"));
    row->addWidget(kind_);
    row->addWidget(what_);
    const auto put = [&](QVector<QWidget*>& parts, const QString& name, QuantityField* f) {
        auto* label = new QLabel(name);
        label->setFont(style::font(13));
        label->setBuddy(f);
        row->addWidget(label);
        row->addWidget(f);
        parts << label << f;
    };
    length_ =
        field(tr("Length"), [this](Line& l, double si) { l.zones[element_.index].length_m = si; });
    along_ = field(tr("Rises along"),
                   [this](Line& l, double si) { l.zones[element_.index].slopeAlong = si; });
    across_ = field(tr("Rises to the right"),
                    [this](Line& l, double si) { l.zones[element_.index].slopeAcross = si; });
    at_ = field(tr("From the ball"),
                [this](Line& l, double si) { l.obstacles[element_.index].at_m = si; });
    height_ = field(tr("Height"), [this](Line& l, double si) {
        Obstacle& o = l.obstacles[element_.index];
        o.height_m = si;
        o.gap_m = std::min(o.gap_m, o.height_m);
    });
    gap_ = field(tr("Open below up to"), [this](Line& l, double si) {
        Obstacle& o = l.obstacles[element_.index];
        o.gap_m = std::min(si, o.height_m);
    });
    put(zoneParts_, tr("Length"), length_);
    put(zoneParts_, tr("rises along"), along_);
    put(zoneParts_, tr("across"), across_);
    grain_ = new QComboBox;
    grain_->addItems({tr("grass across"), tr("with the ball"), tr("into the ball")});
    grain_->setAccessibleName(tr("How the grass lies"));
    connect(grain_, &QComboBox::activated, this, [this](int k) {
        change(tr("change how the grass lies"),
               [&](Line& l) { l.zones[element_.index].grain = static_cast<ZoneGrain>(k); });
    });
    row->addWidget(grain_);
    zoneParts_ << grain_;
    put(obstacleParts_, tr("From the ball"), at_);
    put(obstacleParts_, tr("height"), height_);
    put(obstacleParts_, tr("open below to"), gap_);
    row->addStretch(1);
    const auto button = [&](const QString& text, const QString& tip) {
        auto* b = new QToolButton;
        b->setText(text);
        b->setToolTip(tip);
        b->setAutoRaise(true);
        row->addWidget(b);
        return b;
    };
    auto* ground = button(tr("Cut here"),
                          tr("Makes two stretches of the chosen one, to be changed on their own"));
    auto* obstacle =
        button(tr("Put in the way"), tr("A lip, a hedge or a tree that the ball has to clear"));
    remove_ = button(tr("Take away"), tr("Takes the chosen part of the line away"));
    connect(ground, &QToolButton::clicked, this, [this] { add(false); });
    connect(obstacle, &QToolButton::clicked, this, [this] { add(true); });
    connect(remove_, &QToolButton::clicked, this, &ElementBar::remove);
}

QuantityField* ElementBar::field(const QString& name,
                                 const std::function<void(Line&, double)>& apply) {
    auto* f = new QuantityField({name, QString(), 1.0, 0.0, 100.0, 1.0, 1});
    connect(f, &QuantityField::edited, this, [this, name, apply](double si) {
        change(tr("change: %1").arg(name), [&](Line& l) { apply(l, si); });
    });
    return f;
}

void ElementBar::show(const Line& line, const LineDrawing::Element& element,
                      const Distances& distances) {
    line_ = line;
    element_ = element;
    distances_ = distances;
    const bool zone = element.kind == LineDrawing::Element::Zone;
    kind_->setVisible(zone);
    what_->setVisible(!zone);
    for (QWidget* w : std::as_const(zoneParts_))
        w->setVisible(zone);
    for (QWidget* w : std::as_const(obstacleParts_))
        w->setVisible(!zone);
    const double k = distances.factor();
    const QString unit = distances.unitName();
    const Units& u = distances.units;
    if (zone) {
        const Zone& z = line.zones[element.index];
        kind_->setCurrentIndex(static_cast<int>(z.kind));
        length_->setShape({tr("Length"), unit, k, 0.3 * k, 400 * k, 1, 1});
        length_->setSi(z.length_m);
        along_->setShape({tr("Rises along"), tr("%"), 100, -60, 60, 1, 1});
        along_->setSi(z.slopeAlong);
        across_->setShape({tr("Rises to the right"), tr("%"), 100, -60, 60, 1, 1});
        across_->setSi(z.slopeAcross);
        grain_->setCurrentIndex(static_cast<int>(z.grain));
        remove_->setEnabled(line.zones.size() > 1);
    } else {
        const Obstacle& o = line.obstacles[element.index];
        at_->setShape({tr("From the ball"), unit, k, 0, 500 * k, 1, 1});
        at_->setSi(o.at_m);
        const double h = u.heightFactor();
        height_->setShape({tr("Height"), u.heightName(), h, 0, 60 * h, 0.5, 1});
        height_->setSi(o.height_m);
        gap_->setShape({tr("Open below up to"), u.heightName(), h, 0, 60 * h, 0.5, 1});
        gap_->setSi(o.gap_m);
        remove_->setEnabled(true);
    }
}

void ElementBar::change(const QString& what, const std::function<void(Line&)>& apply) {
    Line next = line_;
    apply(next);
    if (next == line_) return;
    emit lineEdited(next, element_, what);
}

void ElementBar::add(bool obstacle) {
    Line next = line_;
    LineDrawing::Element chosen = element_;
    double at = 0.0;
    const std::size_t zone =
        element_.kind == LineDrawing::Element::Zone ? element_.index : std::size_t{0};
    for (std::size_t i = 0; i < zone; ++i)
        at += line_.zones[i].length_m;
    const Zone& z = line_.zones[zone];
    if (obstacle) {
        if (next.obstacles.size() >= Line::mostObstacles) return;
        next.obstacles.push_back({at + 0.5 * z.length_m, 1.0, "", 0.0});
        chosen = {LineDrawing::Element::Obstacle, next.obstacles.size() - 1};
    } else {
        if (next.zones.size() >= Line::mostZones) return;
        Zone half = z;
        half.length_m = std::max(0.5 * z.length_m, 0.3);
        next.zones[zone] = half;
        next.zones.insert(next.zones.begin() + static_cast<std::ptrdiff_t>(zone) + 1, half);
        chosen = {LineDrawing::Element::Zone, zone + 1};
    }
    emit lineEdited(next, chosen, obstacle ? tr("put something in the way") : tr("cut the ground"));
}

void ElementBar::remove() {
    Line next = line_;
    LineDrawing::Element chosen{};
    if (element_.kind == LineDrawing::Element::Obstacle) {
        next.obstacles.erase(next.obstacles.begin() + static_cast<std::ptrdiff_t>(element_.index));
    } else {
        if (next.zones.size() < 2) return;
        // Its neighbour takes the room, so that what lies behind stays where it is.
        const double length = next.zones[element_.index].length_m;
        const std::size_t heir = element_.index > 0 ? element_.index - 1 : 1;
        next.zones[heir].length_m += length;
        next.zones.erase(next.zones.begin() + static_cast<std::ptrdiff_t>(element_.index));
        chosen.index = element_.index > 0 ? element_.index - 1 : 0;
    }
    emit lineEdited(next, chosen, tr("take a part of the line away"));
}

}  // namespace wedgeon
