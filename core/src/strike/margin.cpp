// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Sole, turf and ball.
#include "wedgeon/strike/margin.h"

#include <algorithm>
#include <cmath>

#include "wedgeon/constants.h"
#include "wedgeon/error.h"
#include "wedgeon/normal.h"
#include "wedgeon/units.h"

namespace wedgeon {
namespace {

constexpr double r = constants::ballRadius_m;
constexpr double edgeAhead_m = 0.012;  // leading edge ahead of the sole's lowest point
constexpr double turfGives_m = 0.003;
constexpr double cushionShare = 0.5;  // of the cushion under the ball that the sole may use
constexpr double givePerDegree_m = 0.00035;
constexpr double ploughCost_pm2 = 440.0;
constexpr double mostPloughCost = 0.7;
constexpr double wholeHead_m = 0.025;    // up the face: all of the head counts
constexpr double fallsOff_m = 0.020;     // beyond it: half of it
constexpr double topOfFace_m = 0.055;    // the club passes under
constexpr double underWithin_m = 0.010;  // beyond that: hardly any speed is left
constexpr double leastUnder = 0.1;

double degreesAboveZero(double rad) {
    return std::max(0.0, degFromRad(rad));
}

/// Height of the arc at the ball above its low point.
double riseAtBall(const SolePass& pass) {
    const double before = pass.ballForward_m - pass.lowPoint_m;
    return before * before / (2.0 * pass.radius_m);
}

double skidShare(const Lie& lie, double effectiveBounce_rad) {
    return std::clamp(0.8 * (lie.firmness - 0.9) * degreesAboveZero(effectiveBounce_rad) / 10.0,
                      0.0, 0.9);
}

}  // namespace

StrikeMargin calcMargin(const SolePass& pass, const Lie& lie) {
    lie.validate();
    requireRange("dynamic_loft_deg", pass.dynamicLoft_rad, radFromDeg(-10), radFromDeg(85),
                 degFromRad(1.0));
    requireRange("swing_radius_m", pass.radius_m, 0.2, 3.0);
    StrikeMargin m;
    m.effectiveBounce_rad = pass.bounce_rad + pass.dynamicLoft_rad - pass.loft_rad;
    m.leadingEdge_m = edgeAhead_m * std::sin(m.effectiveBounce_rad);
    m.ballContact_m = lie.sit_m + r * (1.0 - std::sin(pass.dynamicLoft_rad));
    const double rise = riseAtBall(pass);
    m.cleanFrom_m = rise + m.leadingEdge_m - m.ballContact_m;
    m.turfTo_m = rise + turfGives_m + cushionShare * lie.sit_m +
                 givePerDegree_m * degreesAboveZero(m.effectiveBounce_rad) / lie.firmness;
    // A bare edge over a tight lie can leave no room at all: then the border is a single depth.
    m.turfTo_m = std::max(m.turfTo_m, m.cleanFrom_m);
    const double slant = std::cos(pass.dynamicLoft_rad);
    m.cleanTo_m = std::min(m.turfTo_m, m.cleanFrom_m + topOfFace_m * slant);
    m.aim_m = std::min(0.5 * (m.cleanFrom_m + m.cleanTo_m), m.cleanFrom_m + wholeHead_m * slant);
    return m;
}

StrikeEffect calcStrikeEffect(const SolePass& pass, const Lie& lie) {
    const StrikeMargin m = calcMargin(pass, lie);
    StrikeEffect effect;
    effect.dynamicLoft_rad = pass.dynamicLoft_rad;

    double excess = std::max(0.0, pass.depth_m - m.turfTo_m);
    const double skids = skidShare(lie, m.effectiveBounce_rad) * excess;
    excess -= skids;
    const double lifted = pass.depth_m > m.turfTo_m ? m.turfTo_m - skids : pass.depth_m;
    const double thinBy = m.cleanFrom_m - lifted;  // how far the edge passes above the contact
    if (thinBy > 0.0) {
        // Height of the edge above the ball's bottom; beyond the middle it hits the upper half.
        const double z = m.ballContact_m - lie.sit_m + thinBy;
        effect.contact = z > r ? StrikeKind::Topped : StrikeKind::Thin;
        effect.dynamicLoft_rad =
            std::max(std::asin(std::clamp(1.0 - z / r, -1.0, 1.0)), radFromDeg(-10));
        effect.frictionKept = 1.0 - 0.5 * std::min(1.0, thinBy / 0.002);
        return effect;
    }
    const double up = -thinBy / std::cos(pass.dynamicLoft_rad);
    const double high = std::min(up, topOfFace_m) - wholeHead_m;
    if (high > 0.0) {
        const double part = high / fallsOff_m;
        effect.headShare = 1.0 / (1.0 + part * part);
    }
    if (up > topOfFace_m) {
        effect.contact = StrikeKind::Fat;
        effect.speedKept =
            std::max(leastUnder, 1.0 - (1.0 - leastUnder) * (up - topOfFace_m) / underWithin_m);
    }
    if (excess > 0.0) {
        effect.contact = StrikeKind::Fat;
        // The sole went in where the arc crossed the depth that the lie gives.
        const double give = m.turfTo_m - riseAtBall(pass);
        const double in = std::sqrt(std::max(0.0, 2.0 * pass.radius_m * (pass.depth_m - give)));
        const double ploughed = std::max(0.0, pass.ballForward_m - (pass.lowPoint_m - in));
        effect.speedKept *=
            1.0 - std::min(mostPloughCost, ploughCost_pm2 * lie.firmness * excess * ploughed);
        effect.frictionKept = 1.0 - 0.4 * std::min(1.0, excess / 0.004);
    }
    return effect;
}

StrikeChances calcStrikeChances(const SolePass& pass, const Lie& lie, const SoleScatter& scatter) {
    requireRange("low_point_scatter_cm", scatter.lowPoint_m, 0.0, 0.2, 100);
    requireRange("depth_scatter_mm", scatter.depth_m, 0.0, 0.05, 1000);
    constexpr int points = 41;
    constexpr double reach = 4.0;  // standard deviations either way
    StrikeChances sum{0, 0, 0};
    double weights = 0.0;
    for (int i = 0; i < points; ++i) {
        const double u = reach * (2.0 * i / (points - 1) - 1.0);
        const double weight = std::exp(-0.5 * u * u);
        SolePass at = pass;
        at.lowPoint_m += u * scatter.lowPoint_m;
        const StrikeMargin m = calcMargin(at, lie);
        const double sd = std::max(scatter.depth_m, 1e-9);
        double thin = normalShare((m.cleanFrom_m - pass.depth_m) / sd);
        double fat = 1.0 - normalShare((m.cleanTo_m - pass.depth_m) / sd);
        // A skid that lifts the edge over the ball's contact is a thin one after all.
        const double skid = skidShare(lie, m.effectiveBounce_rad);
        if (skid > 0.0) {
            const double over = m.turfTo_m + (m.turfTo_m - m.cleanFrom_m) / skid;
            const double skidsThin = 1.0 - normalShare((over - pass.depth_m) / sd);
            thin += skidsThin;
            fat -= skidsThin;
        }
        sum.thin += weight * thin;
        sum.fat += weight * fat;
        weights += weight;
    }
    sum.thin /= weights;
    sum.fat /= weights;
    sum.clean = 1.0 - sum.thin - sum.fat;
    return sum;
}

}  // namespace wedgeon
