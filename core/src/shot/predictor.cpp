// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Resolving player and conditions once, and the shots that are planned with them.
#include "wedgeon/shot/predictor.h"

#include <algorithm>
#include <cmath>

#include "numeric/root.h"
#include "shot/aim.h"
#include "shot/sole_factor.h"
#include "wedgeon/error.h"
#include "wedgeon/units.h"

namespace wedgeon {
namespace {

constexpr double leastSpeed_mps = 0.5;
constexpr double mostSpeed_mps = 60.0;

/// The same delivery seen by a left-hander's mirror; its own inverse.
Delivery mirrored(Delivery d) {
    d.path_rad = -d.path_rad;
    d.faceAngle_rad = -d.faceAngle_rad;
    return d;
}

}  // namespace

Predictor::Predictor(PlayerModel player, Conditions conditions)
    : player_(std::move(player)), conditions_(std::move(conditions)) {
    const Conditions& c = conditions_;
    contact_ = calcContact(c.ball, c.face, c.lie);
    surroundings_ = {c.air, c.ground, nullptr};
    std::optional<Line> line = c.line;
    if (const Tuning* tuning = player_.tuning.get()) {
        contact_ = tuning->strike.tuned(contact_, {c.ball, c.face, c.lie});
        surroundings_.air = tuning->air.air(c.air);
        surroundings_.ground = tuning->ground.ground(c.ground);
        if (line) line = tuning->ground.line(*line);
    }
    if (line) surroundings_.terrain = std::make_shared<const Terrain>(*line);
}

Recipe Predictor::delivered(const Recipe& declared) const {
    return player_.tuning ? player_.tuning->delivery.delivered(declared) : declared;
}

Recipe Predictor::playable(const Recipe& declared) const {
    declared.validate();
    const Recipe its = delivered(declared);
    // What cannot be reached is said of the ball position that was declared.
    const BallReach reach = ballReach(its);
    const DeliveryTuning::Line ball =
        player_.tuning ? player_.tuning->delivery.ball : DeliveryTuning::Line{};
    if (its.ballForward_m < reach.back_m || its.ballForward_m > reach.forward_m) {
        requireRange("ball_forward_balls", declared.ballForward_m, ball.declared(reach.back_m),
                     ball.declared(reach.forward_m), 1.0 / constants::ballWidth_m);
    }
    return its;
}

Swing Predictor::swing(const Recipe& recipe) const {
    Swing swing = calcDeliveredSwing(conditions_.wedge, playable(recipe), contact_.faceTurn_rad);
    if (player_.hand == Hand::Left) {
        swing.delivery = mirrored(swing.delivery);
        swing.addressFace_rad = -swing.addressFace_rad;
    }
    return swing;
}

ShotResult Predictor::shot(const Recipe& recipe, ShotTrace* trace, const StrikeLaw& law) const {
    ShotResult shot;
    shot.contact = contact_;
    shot.swing = swing(recipe);
    shot.margin = calcMargin(solePass(shot, 0.0), conditions_.lie);
    shot.strike = calcStrike(shot.swing.delivery, contact_, law);
    playOn(shot, surroundings_, trace);
    return shot;
}

ShotResult Predictor::turned(const ShotResult& planned, double aim_rad, ShotTrace* trace) const {
    ShotResult shot = planned;
    shot.swing.delivery.path_rad += aim_rad;
    shot.swing.delivery.faceAngle_rad += aim_rad;
    shot.strike = calcStrike(shot.swing.delivery, shot.contact);
    playOn(shot, surroundings_, trace);
    return shot;
}

ShotResult Predictor::shotFrom(const Delivery& measured, ShotTrace* trace,
                               const StrikeLaw& law) const {
    Contact contact = contact_;
    contact.speedKept = 1.0;
    contact.faceTurn_rad = 0.0;
    return calcShotWith(player_.tuning ? player_.tuning->strike.unbiased(measured) : measured,
                        contact, surroundings_, law, trace);
}

ShotResult Predictor::shotFrom(const Launch& measured, ShotTrace* trace) const {
    ShotResult shot;
    shot.strike.launch = measured;
    playOn(shot, surroundings_, trace);
    return shot;
}

SolePass Predictor::solePass(const ShotResult& shot, std::optional<double> depth_m) const {
    SolePass pass;
    // Only the distance from ball to low point counts; attack and radius hold it.
    pass.lowPoint_m = -std::sin(shot.swing.delivery.attack_rad) * shot.swing.radius_m;
    pass.radius_m = shot.swing.radius_m;
    pass.loft_rad = conditions_.wedge.loft_rad;
    pass.bounce_rad = conditions_.wedge.bounce_rad;
    pass.dynamicLoft_rad = shot.swing.delivery.dynamicLoft_rad;
    pass.depth_m = depth_m ? *depth_m : shot.margin.aim_m;
    return pass;
}

SoleScatter Predictor::soleScatter(const Recipe& recipe) const {
    const PlayerScatter scatter = player_.scatter();
    const double factor = soleFactor(player_, recipe);
    return {factor * scatter.of(Scatter::LowPoint), factor * scatter.of(Scatter::Depth)};
}

StrikeChances Predictor::chances(const Recipe& recipe, const ShotResult& shot) const {
    return calcStrikeChances(solePass(shot), conditions_.lie, soleScatter(recipe));
}

double Predictor::speedForCarry(const Recipe& recipe, double carry_m) const {
    const Air& air = surroundings_.air;
    Recipe trial = playable(recipe);
    // Strike and flight only: the run has no say in the carry.
    const auto carryAt = [&](double speed) {
        trial.clubSpeed_mps = speed;
        Swing swing = calcDeliveredSwing(conditions_.wedge, trial, contact_.faceTurn_rad);
        if (player_.hand == Hand::Left) swing.delivery = mirrored(swing.delivery);
        swing.delivery.clubSpeed_mps = std::max(swing.delivery.clubSpeed_mps, leastSpeed_mps);
        const Launch launch = calcStrike(swing.delivery, contact_).launch;
        return surroundings_.terrain ? calcFlightOver(launch, air, *surroundings_.terrain).carry_m
                                     : calcFlight(launch, air).carry_m;
    };
    const double below = carryAt(leastSpeed_mps);
    double fastest = mostSpeed_mps;
    double above = carryAt(fastest);
    if (carry_m > above && carry_m > below) {
        // Against a wind a faster ball rises and comes back: its farthest carry is at a slower
        // swing.
        fastest = numeric::findPeak(carryAt, leastSpeed_mps, mostSpeed_mps);
        above = carryAt(fastest);
    }
    requireRange("carry_m", carry_m, below, above);
    return numeric::findRoot([&](double speed) { return carryAt(speed) - carry_m; }, leastSpeed_mps,
                             fastest, below - carry_m, above - carry_m, 1e-9);
}

double Predictor::speedForTotal(const Recipe& recipe, double total_m) const {
    Recipe trial = recipe;
    const auto totalAt = [&](double speed) {
        trial.clubSpeed_mps = speed;
        return shot(trial).total_m();
    };
    // From a speed at which it is short, by small steps until it is not: the run may fall while the
    // carry grows.
    constexpr double step = 1.04;
    double slow = leastSpeed_mps;
    double fSlow = totalAt(slow) - total_m;
    if (fSlow > 0.0) requireRange("total_m", total_m, totalAt(slow), totalAt(mostSpeed_mps));
    while (slow < mostSpeed_mps) {
        const double fast = std::min(slow * step, mostSpeed_mps);
        double fFast = 0.0;
        try {
            fFast = totalAt(fast) - total_m;
        } catch (const RangeError&) {
            break;  // the model ends before
        }
        if (fFast >= 0.0)
            return numeric::findRoot([&](double v) { return totalAt(v) - total_m; }, slow, fast,
                                     fSlow, fFast, 1e-7);
        slow = fast;
        fSlow = fFast;
    }
    requireRange("total_m", total_m, 0.0, total_m + fSlow);
    return slow;
}

std::optional<double> Predictor::aim(const Recipe& recipe) const {
    const ShotResult straight = shot(recipe);
    const auto sideAt = [&](double turn_rad) { return turned(straight, turn_rad).restSide_m(); };
    return findAim(sideAt, straight.restSide_m(), straight.total_m());
}

}  // namespace wedgeon
