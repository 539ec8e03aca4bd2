// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Lengths, and what stands beside a plan.
#include "text/plan_text.h"

#include <QCoreApplication>
#include <QStringList>
#include <array>

#include "text/said.h"
#include "wedgeon/units.h"

namespace wedgeon::text {
namespace {

/// The context of these texts.
struct PlanText {
    Q_DECLARE_TR_FUNCTIONS(PlanText)
};

}  // namespace

PlanSpeaker::PlanSpeaker(const Distances& distances)
    : words::PlanSpeaker(text::speaker()), distances_(distances) {}

std::string PlanSpeaker::length(double m) const {
    return distances_.said(m).toStdString();
}

std::string PlanSpeaker::exactLength(double m) const {
    return distances_.units.length(m, 1).toStdString();
}

std::string PlanSpeaker::speed(double mps) const {
    return distances_.units.speed(mps).toStdString();
}

QString spinOrRun(const PlannedShot& shot) {
    if (shot.height == Height::Putter) return PlanText::tr("rolled");
    const double share = shot.run_m / std::max(shot.landing_m + shot.run_m, 0.1);
    if (share > 0.4) return PlanText::tr("for run: as some teach, longer through than back");
    if (share < 0.15) return PlanText::tr("for spin: as some teach, longer back than through");
    return PlanText::tr("some carry, some run: as far through as back");
}

QString rulesOfThumb(const RulesOfThumb& r) {
    QStringList out;
    const std::array said{
        PlanText::tr("Low: by the rule about half of the way is carry; here %1 %."),
        PlanText::tr("Middle: by the rule two thirds of the way are carry; here %1 %."),
        PlanText::tr("High: by the rule most of the way is carry; here %1 %.")};
    for (std::size_t i = 0; i < said.size(); ++i) {
        if (r.carryShare[i]) out << said[i].arg(number(100 * *r.carryShare[i], 0));
    }
    if (r.launchPerBall_rad)
        out << PlanText::tr("One ball farther back: by the rule a few degrees lower; here %1.")
                   .arg(degrees(*r.launchPerBall_rad));
    if (r.heavyGrass)
        out << PlanText::tr(
                   "Heavy grass: by the rule a longer swing; from lush, half-down grass %1 % more "
                   "speed for the same carry.")
                   .arg(number(100 * (*r.heavyGrass - 1), 0));
    return out.join(QLatin1Char('\n'));
}

}  // namespace wedgeon::text
