// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Naming and painting the steps.
#include "drawings/worth_drawing.h"

#include <QPainter>
#include <algorithm>
#include <array>
#include <cmath>

#include "text/swing_text.h"
#include "wedgeon/units.h"

namespace wedgeon {
namespace {

/// The outcome that a step is told by, and the change that fills the bar.
struct Telling {
    Outcome outcome;
    double full;  // SI
};

Telling tellingOf(WorthStep step) {
    switch (step) {
        case WorthStep::OneDegreeLean:
            return {Outcome::Release, 1.0};
        case WorthStep::FiveDegreesOpen:
            return {Outcome::Carry, 5.0};
        case WorthStep::OneBallBack:
            return {Outcome::LaunchAngle, radFromDeg(6)};
        case WorthStep::FivePercentWeight:
            return {Outcome::Attack, radFromDeg(2)};
        case WorthStep::OtherSwing:
            return {Outcome::Carry, 15.0};
        case WorthStep::WetFace:
            return {Outcome::Release, 5.0};
    }
    return {Outcome::Carry, 5.0};
}

QString nameOf(WorthStep step, const BenchPrediction& here, const Units& units) {
    switch (step) {
        case WorthStep::OneDegreeLean:
            return WorthDrawing::tr("1° of lean");
        case WorthStep::FiveDegreesOpen:
            return WorthDrawing::tr("5° of opening");
        case WorthStep::OneBallBack:
            return WorthDrawing::tr("1 ball back");
        case WorthStep::FivePercentWeight:
            return WorthDrawing::tr("5 % weight");
        case WorthStep::OtherSwing: {
            const QString by =
                text::withUnit(text::signedNumber(here.otherSwing_mps * units.speedFactor(), 1),
                               units.speedName());
            return here.otherSwing.empty()
                       ? by
                       : WorthDrawing::tr("%1 (%2)").arg(text::swingName(here.otherSwing), by);
        }
        case WorthStep::WetFace:
            return WorthDrawing::tr("wet face");
    }
    return {};
}

QString tell(const Worth& worth, const Units& units) {
    if (!worth.change) return WorthDrawing::tr("out of reach");
    const Outcome o = tellingOf(worth.step).outcome;
    switch (o) {
        case Outcome::LaunchAngle:
            return text::signedNumber(degFromRad(worth[o]), 1) + WorthDrawing::tr("° launch");
        case Outcome::Attack:
            return text::signedNumber(degFromRad(worth[o]), 1) + WorthDrawing::tr("° attack");
        case Outcome::Carry:
            return text::signedNumber(worth[o] * units.lengthFactor(), 1) + QStringLiteral(" ") +
                   units.lengthName() + WorthDrawing::tr(" carry");
        default:
            return text::signedNumber(worth[o] * units.lengthFactor(), 1) + QStringLiteral(" ") +
                   units.lengthName() + WorthDrawing::tr(" release");
    }
}

QString riskWords(const MainRisk& risk, const Units& units) {
    const QString what = risk.source == MainRisk::Source::Speed    ? WorthDrawing::tr("speed")
                         : risk.source == MainRisk::Source::Attack ? WorthDrawing::tr("attack")
                                                                   : WorthDrawing::tr("loft");
    return WorthDrawing::tr("Its %1 moves it most: ± %2.").arg(what, units.length(risk.carry_m, 1));
}

}  // namespace

WorthDrawing::WorthDrawing(Workbench& bench, QWidget* parent)
    : Drawing(tr("What a step is worth here"), parent), bench_(bench) {
    setMouseTracking(false);
    connect(&bench_, &Workbench::changed, this, &WorthDrawing::refresh);
    connect(&bench_, &Workbench::unitsChanged, this, &WorthDrawing::refresh);
    connect(&bench_, &Workbench::swingSizesChanged, this, &WorthDrawing::refresh);
    refresh();
}

void WorthDrawing::refresh() {
    QStringList said;
    if (const auto& p = bench_.prediction()) {
        for (const Worth& w : p->worth) {
            said << nameOf(w.step, *p, bench_.units()) + QStringLiteral(": ") +
                        tell(w, bench_.units());
        }
        said << riskWords(p->risk, bench_.units());
    }
    say(said.join(QStringLiteral("; ")));
    update();
}

void WorthDrawing::paint(QPainter& p, const style::Colours& c) {
    const auto& prediction = bench_.prediction();
    if (!prediction) return;
    const QFont f = style::font(13);
    const double middle = canvas().width() * 0.5;
    const double half = canvas().width() * 0.5 - 14;
    const double room = (canvas().height() - 40.0) / static_cast<double>(prediction->worth.size());
    double y = 20;
    for (const Worth& worth : prediction->worth) {
        const QString told = tell(worth, bench_.units());
        paintText(p, {canvas().width() - 12.0, y}, told, c.ink, f, Qt::AlignRight);
        paintFitted(p, {12, y}, canvas().width() - 36.0 - QFontMetricsF(f).horizontalAdvance(told),
                    nameOf(worth.step, *prediction, bench_.units()), c.ink, f);
        p.setPen(QPen(c.former, 1));
        p.drawLine(QPointF(middle, y + 5), QPointF(middle, y + 15));
        if (worth.change) {
            const Telling t = tellingOf(worth.step);
            const double share = std::clamp(worth[t.outcome] / t.full, -1.0, 1.0);
            const double to = middle + share * half;
            p.setPen(Qt::NoPen);
            p.setBrush(c.predicted);
            p.drawRoundedRect(QRectF(std::min(middle, to), y + 6, std::abs(to - middle), 8), 2, 2);
        }
        y += room;
    }
    paintFitted(p, {12, canvas().height() - 10.0}, canvas().width() - 24.0,
                riskWords(prediction->risk, bench_.units()), c.soft, style::font(12));
}

}  // namespace wedgeon
