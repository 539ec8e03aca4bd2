// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// When each caution applies.
#include "text/cautions.h"

#include <QCoreApplication>

#include "wedgeon/train/strain.h"

namespace wedgeon::text {
namespace {

/// The context of its translations.
struct Cautions {
    Q_DECLARE_TR_FUNCTIONS(Cautions)
};

constexpr double lofted_rad = radFromDeg(42);
constexpr double near_m = 40.0;
constexpr double wet = 0.8;

}  // namespace

std::vector<Caution> cautionsFor(const ShotResult& shot, const Conditions& met) {
    std::vector<Caution> out;
    if (isSteepOnHard(shot.swing.delivery.attack_rad, met)) {
        out.push_back(
            {QStringLiteral("steep-hard"),
             Cautions::tr(
                 "Steep strikes into mats, hard or frozen ground load wrists, elbows and back: "
                 "few, "
                 "spaced, and stop at pain. Pain or injury belongs to a licensed clinician.")});
    }
    if (shot.strike.launch.angle_rad() > lofted_rad && shot.flight.carry_m < near_m) {
        out.push_back(
            {QStringLiteral("lofted-near"),
             Cautions::tr("A high lofted shot that is struck thin flies low and fast: nobody ahead "
                          "of or beside the swing; indoors a proper net with clearance. Range "
                          "rules come first.")});
    }
    if (met.lie.moisture > wet) {
        out.push_back(
            {QStringLiteral("wet"), Cautions::tr("Wet ground: firm footing first, above all on a "
                                                 "slope.")});
    }
    return out;
}

}  // namespace wedgeon::text
