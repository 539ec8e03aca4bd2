// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// The delivery priors.
#include "wedgeon/delivery/delivery.h"

#include <algorithm>
#include <cmath>

#include "wedgeon/error.h"
#include "wedgeon/units.h"

namespace wedgeon {
namespace {

constexpr double lowPointAtEvenWeight_m = 0.02;
constexpr double lowPointPerPercent_m = 0.0035;
constexpr double handHeight_m = 0.75;  // hands above the ball

}  // namespace

void Recipe::validate() const {
    FaceHold{open_rad, lean_rad}.validate();
    requireRange("ball_forward_balls", ballForward_m, -6 * constants::ballWidth_m,
                 6 * constants::ballWidth_m, 1.0 / constants::ballWidth_m);
    requireRange("weight_lead_pct", weightLead_pct, 0, 100);
    requireRange("swing_radius_m", swingRadius_m, 0.4, 3.0);
    requireRange("club_speed_mps", clubSpeed_mps, 0.5, 60);
}

void Delivery::validate() const {
    const double deg = degFromRad(1.0);
    requireRange("club_speed_mps", clubSpeed_mps, 0.5, 60);
    requireRange("attack_deg", attack_rad, radFromDeg(-40), radFromDeg(20), deg);
    requireRange("path_deg", path_rad, radFromDeg(-60), radFromDeg(60), deg);
    requireRange("dynamic_loft_deg", dynamicLoft_rad, radFromDeg(-10), radFromDeg(85), deg);
    requireRange("face_angle_deg", faceAngle_rad, radFromDeg(-60), radFromDeg(60), deg);
}

double releaseClosing_rad(Release release) {
    switch (release) {
        case Release::Hold:
            return 0.0;
        case Release::Ordinary:
            return radFromDeg(2.0);
        case Release::Rotate:
            return radFromDeg(6.0);
    }
    return 0.0;
}

Swing calcSwing(const Wedge& wedge, const Recipe& recipe, double extraTurn_rad) {
    wedge.validate();
    recipe.validate();

    Swing swing;
    swing.lowPoint_m =
        lowPointAtEvenWeight_m + lowPointPerPercent_m * (recipe.weightLead_pct - 50.0);
    const double before_m = swing.lowPoint_m - recipe.ballForward_m;
    // The arc is steeper than 40 degrees this far out: no swing meets a ball there.
    const double reach_m = recipe.swingRadius_m * std::sin(radFromDeg(40));
    requireRange("ball_forward_balls", recipe.ballForward_m, swing.lowPoint_m - reach_m,
                 swing.lowPoint_m + recipe.swingRadius_m * std::sin(radFromDeg(20)),
                 1.0 / constants::ballWidth_m);

    Delivery& d = swing.delivery;
    d.clubSpeed_mps = recipe.clubSpeed_mps;
    d.attack_rad = -std::asin(before_m / recipe.swingRadius_m);
    d.path_rad =
        std::asin(std::clamp(std::tan(-d.attack_rad) / std::tan(wedge.lie_rad), -1.0, 1.0));
    swing.deliveredLean_rad = recipe.lean_rad + std::atan(-recipe.ballForward_m / handHeight_m);
    swing.faceTurn_rad = recipe.open_rad - releaseClosing_rad(recipe.release) + extraTurn_rad;
    const FaceAim aim = calcFace(wedge, {swing.faceTurn_rad, swing.deliveredLean_rad});
    d.dynamicLoft_rad = aim.dynamicLoft_rad;
    d.faceAngle_rad = aim.faceAngle_rad;
    return swing;
}

double findOpening(const Wedge& wedge, const Recipe& recipe, double faceAngle_rad,
                   double extraTurn_rad) {
    // The face angle rises with the opening all the way, so that halving is safe and exact enough.
    const double turn_rad = extraTurn_rad - releaseClosing_rad(recipe.release);
    double low = std::max(radFromDeg(-60), radFromDeg(-60) - turn_rad);
    double high = std::min(radFromDeg(60), radFromDeg(60) - turn_rad);
    Recipe trial = recipe;
    for (int i = 0; i < 50; ++i) {
        trial.open_rad = 0.5 * (low + high);
        const bool closed =
            calcSwing(wedge, trial, extraTurn_rad).delivery.faceAngle_rad < faceAngle_rad;
        (closed ? low : high) = trial.open_rad;
    }
    return 0.5 * (low + high);
}

}  // namespace wedgeon
