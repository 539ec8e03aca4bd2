// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// The delivery priors in double precision, with their limits.
#include "wedgeon/delivery/delivery.h"

#include <algorithm>
#include <cmath>

#include "delivery/delivery_kernel.h"
#include "numeric/root.h"
#include "wedgeon/error.h"
#include "wedgeon/units.h"

namespace wedgeon {

void Recipe::validate() const {
    const double deg = degFromRad(1.0);
    FaceHold{open_rad, lean_rad}.validate();
    requireRange("hand_turn_deg", handTurn_rad, radFromDeg(-60), radFromDeg(60), deg);
    requireRange("ball_forward_balls", ballForward_m, -6 * constants::ballWidth_m,
                 6 * constants::ballWidth_m, 1.0 / constants::ballWidth_m);
    requireRange("weight_lead_pct", weightLead_pct, 0, 100);
    requireRange("swing_radius_m", swingRadius_m, 0.4, 3.0);
    requireRange("club_speed_mps", clubSpeed_mps, 0.5, 60);
    requireRange("stand_farther_cm", standFarther_m, -0.2, 0.4, 100);
    requireRange("handle_raised_cm", handleRaised_m, -0.15, 0.25, 100);
    requireRange("grip_down_cm", gripDown_m, 0, 0.2, 100);
    requireRange("body_line_deg", bodyLine_rad, radFromDeg(-45), radFromDeg(45), deg);
    requireRange("feet_turn_deg", feetTurn_rad, radFromDeg(-45), radFromDeg(45), deg);
}

void Delivery::validate() const {
    const double deg = degFromRad(1.0);
    requireRange("club_speed_mps", clubSpeed_mps, 0.5, 60);
    requireRange("attack_angle_deg", attack_rad, radFromDeg(-40), radFromDeg(20), deg);
    requireRange("club_path_deg", path_rad, radFromDeg(-60), radFromDeg(60), deg);
    requireRange("dynamic_loft_deg", dynamicLoft_rad, radFromDeg(-10), radFromDeg(85), deg);
    // What looks farther away is no face to the ball: the spin loft's limit guards it.
    requireRange("face_angle_deg", faceAngle_rad, -constants::pi, constants::pi, deg);
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

BallReach ballReach(const Recipe& recipe) {
    // The arc is steeper than 40 degrees this far before the low point: no swing meets a ball
    // there.
    const double lowPoint =
        kernel::lowPointOf(recipe.weightLead_pct, recipe.weightBy == WeightBy::WholeBody);
    const double radius = recipe.swingRadius_m - recipe.gripDown_m;
    return {lowPoint - radius * std::sin(radFromDeg(40)),
            lowPoint + radius * std::sin(radFromDeg(20))};
}

Swing calcSwing(const Wedge& wedge, const Recipe& recipe, double extraTurn_rad) {
    recipe.validate();
    return calcDeliveredSwing(wedge, recipe, extraTurn_rad);
}

Swing calcDeliveredSwing(const Wedge& wedge, const Recipe& recipe, double extraTurn_rad) {
    wedge.validate();
    const BallReach reach = ballReach(recipe);
    requireRange("ball_forward_balls", recipe.ballForward_m, reach.back_m, reach.forward_m,
                 1.0 / constants::ballWidth_m);
    const auto in = kernel::numbersOf<double>(wedge, recipe);
    const auto out = kernel::swing(in, kernel::choicesOf(recipe, extraTurn_rad));

    Swing swing;
    swing.delivery = {out.speed, out.attack, out.path,
                      std::asin(std::clamp(out.normal.y, -1.0, 1.0)),
                      std::atan2(out.normal.z, out.normal.x)};
    swing.lowPoint_m = out.lowPoint;
    swing.radius_m = out.radius;
    swing.plane_rad = out.plane;
    swing.tip_rad = out.tip;
    swing.deliveredLean_rad = out.deliveredLean;
    swing.faceTurn_rad = out.faceTurn;
    const Vec3 address =
        kernel::faceNormal(in.loft, in.lie, in.open + in.handTurn, out.deliveredLean, out.tip);
    swing.addressFace_rad = std::atan2(address.z, address.x);
    return swing;
}

PlayedLoft findPlayedLoft(const Wedge& wedge, const Recipe& delivered, double extraTurn_rad) {
    const auto loftOf = [&](const Recipe& r) {
        return calcDeliveredSwing(wedge, r, extraTurn_rad).delivery.dynamicLoft_rad;
    };
    Recipe square = delivered, upright = delivered;
    square.open_rad = 0.0;
    upright.lean_rad -= calcDeliveredSwing(wedge, delivered, extraTurn_rad).deliveredLean_rad;
    Recipe neither = upright;
    neither.open_rad = 0.0;
    const double loft = loftOf(delivered);
    return {loft - loftOf(square), loft - loftOf(upright), wedge.loft_rad + loft - loftOf(neither)};
}

double findOpening(const Wedge& wedge, const Recipe& recipe, double faceAngle_rad,
                   double extraTurn_rad) {
    // The face angle rises with the opening all the way.
    constexpr double low = radFromDeg(-60);
    constexpr double high = radFromDeg(60);
    Recipe trial = recipe;
    const auto missAt = [&](double open_rad) {
        trial.open_rad = open_rad;
        return calcSwing(wedge, trial, extraTurn_rad).delivery.faceAngle_rad - faceAngle_rad;
    };
    const double below = missAt(low);
    const double above = missAt(high);
    if (below >= 0.0) return low;
    if (above <= 0.0) return high;
    return numeric::findRoot(missAt, low, high, below, above, 1e-14);
}

}  // namespace wedgeon
