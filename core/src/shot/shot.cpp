// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Stage after stage, and the mirror for left-handers.
#include "wedgeon/shot/shot.h"

#include <algorithm>
#include <cmath>

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

/// The flight's state where it passes \p x, which lies between the trace's ends.
FlightPoint passing(const std::vector<FlightPoint>& trace, double x) {
    std::size_t i = 1;
    while (i + 1 < trace.size() && trace[i].position_m.x < x)
        ++i;
    double low = 0.0;
    double high = 1.0;
    for (int k = 0; k < 40; ++k) {
        const double q = 0.5 * (low + high);
        (flightPointBetween(trace[i - 1], trace[i], q).position_m.x < x ? low : high) = q;
    }
    return flightPointBetween(trace[i - 1], trace[i], low);
}

/// Ends the flight at the first obstacle that it does not clear: the ball drops in front of it.
void meetObstacles(ShotResult& shot, const Terrain& terrain, std::vector<FlightPoint>& trace) {
    std::vector<std::size_t> order(terrain.obstacles().size());
    for (std::size_t i = 0; i < order.size(); ++i)
        order[i] = i;
    std::sort(order.begin(), order.end(), [&](std::size_t a, std::size_t b) {
        return terrain.obstacles()[a].at_m < terrain.obstacles()[b].at_m;
    });
    for (const std::size_t i : order) {
        const Obstacle& o = terrain.obstacles()[i];
        if (o.at_m <= 0.0 || o.at_m >= shot.flight.landing_m.x) continue;
        const FlightPoint at = passing(trace, o.at_m);
        const double ground = terrain.height(o.at_m, at.position_m.z);
        const double clearance = at.position_m.y - ground - o.height_m;
        shot.leastClearance_m = std::min(shot.leastClearance_m, clearance);
        if (clearance >= 0.0) continue;
        shot.blockedBy = static_cast<int>(i);
        const double fall = std::max(at.position_m.y - ground, 0.0);
        FlightResult& f = shot.flight;
        f.landing_m = {at.position_m.x - 0.02,
                       terrain.height(at.position_m.x - 0.02, at.position_m.z), at.position_m.z};
        f.carry_m = f.landing_m.x;
        f.side_m = f.landing_m.z;
        // A prior: a tenth of its speed comes back from leaves or a bank, then it falls.
        f.landingVelocity_mps = {-0.1 * std::abs(at.velocity_mps.x),
                                 -std::sqrt(2.0 * constants::gravity_mps2 * fall + 0.01), 0.0};
        f.landingSpin_radps = 0.2 * f.landingSpin_radps;
        while (!trace.empty() && trace.back().position_m.x > o.at_m)
            trace.pop_back();
        trace.push_back({at.time_s, f.landing_m, f.landingVelocity_mps});
        f.apex_m = 0.0;
        for (const FlightPoint& p : trace) {
            if (p.position_m.y > f.apex_m) {
                f.apex_m = p.position_m.y;
                f.apexAt_m = p.position_m.x;
            }
        }
        return;
    }
}

void flyAndRun(ShotResult& shot, const Givens& givens, ShotTrace* trace) {
    std::vector<FlightPoint>* path = trace ? &trace->flight : nullptr;
    std::vector<GroundPoint>* run = trace ? &trace->run : nullptr;
    if (givens.terrain) {
        const Terrain& terrain = *givens.terrain;
        std::vector<FlightPoint> own;
        if (!path && !terrain.obstacles().empty()) path = &own;
        shot.flight = calcFlightOver(shot.strike.launch, calcAir(givens), terrain, path);
        if (path && !terrain.obstacles().empty()) meetObstacles(shot, terrain, *path);
        shot.run = calcRunOver(terrain, shot.flight.landing_m, shot.flight.landingVelocity_mps,
                               shot.flight.landingSpin_radps, run);
    } else {
        shot.flight = calcFlight(shot.strike.launch, calcAir(givens), path);
        shot.run = calcRun(shot.flight.landingVelocity_mps, shot.flight.landingSpin_radps,
                           calcGround(givens), run);
    }
    shot.behaviour = findBehaviour(shot.flight.carry_m, shot.run);
}

}  // namespace

Contact calcContact(const Givens& givens) {
    const Contact prior = calcContact(givens.ball, givens.face, givens.lie);
    if (!givens.tuning) return prior;
    return givens.tuning->strike.tuned(prior, {givens.ball, givens.face, givens.lie});
}

Air calcAir(const Givens& givens) {
    return givens.tuning ? givens.tuning->air.air(givens.air) : givens.air;
}

Ground calcGround(const Givens& givens) {
    return givens.tuning ? givens.tuning->ground.ground(givens.ground) : givens.ground;
}

Recipe calcDelivered(const Recipe& declared, const Givens& givens) {
    return givens.tuning ? givens.tuning->delivery.delivered(declared) : declared;
}

ShotResult calcShot(const Recipe& recipe, const Givens& givens, ShotTrace* trace,
                    const StrikeLaw& law) {
    ShotResult shot;
    shot.contact = calcContact(givens);
    shot.swing = calcSwing(givens.wedge, calcDelivered(recipe, givens), shot.contact.faceTurn_rad);
    if (givens.hand == Hand::Left) {
        shot.swing.delivery = mirrored(shot.swing.delivery);
        shot.swing.addressFace_rad = -shot.swing.addressFace_rad;
    }
    shot.margin = calcMargin(solePass(shot, givens, 0.0), givens.lie);
    shot.strike = calcStrike(shot.swing.delivery, shot.contact, law);
    flyAndRun(shot, givens, trace);
    return shot;
}

ShotResult calcShotFromDelivery(const Delivery& delivery, const Givens& givens, ShotTrace* trace,
                                const StrikeLaw& law) {
    ShotResult shot;
    shot.swing.delivery = givens.tuning ? givens.tuning->strike.unbiased(delivery) : delivery;
    shot.contact = calcContact(givens);
    shot.contact.speedKept = 1.0;
    shot.contact.faceTurn_rad = 0.0;
    shot.strike = calcStrike(shot.swing.delivery, shot.contact, law);
    flyAndRun(shot, givens, trace);
    return shot;
}

ShotResult calcShotFromLaunch(const Launch& launch, const Givens& givens, ShotTrace* trace) {
    ShotResult shot;
    shot.strike.launch = launch;
    flyAndRun(shot, givens, trace);
    return shot;
}

ShotResult calcShotWith(const Delivery& delivery, const Contact& contact, const Givens& givens,
                        const StrikeLaw& law) {
    ShotResult shot;
    shot.swing.delivery = delivery;
    shot.contact = contact;
    shot.strike = calcStrike(delivery, contact, law);
    flyAndRun(shot, givens, nullptr);
    return shot;
}

SolePass solePass(const ShotResult& shot, const Givens& givens, std::optional<double> depth_m) {
    SolePass pass;
    // Only the distance from ball to low point counts; attack and radius hold it.
    pass.lowPoint_m = -std::sin(shot.swing.delivery.attack_rad) * shot.swing.radius_m;
    pass.radius_m = shot.swing.radius_m;
    pass.loft_rad = givens.wedge.loft_rad;
    pass.bounce_rad = givens.wedge.bounce_rad;
    pass.dynamicLoft_rad = shot.swing.delivery.dynamicLoft_rad;
    pass.depth_m = depth_m ? *depth_m : shot.margin.middle_m();
    return pass;
}

double findSpeedForCarry(const Recipe& recipe, const Givens& givens, double carry_m) {
    const Contact contact = calcContact(givens);
    const Air air = calcAir(givens);
    Recipe trial = calcDelivered(recipe, givens);
    // Strike and flight only: the run has no say in the carry.
    const auto carryAt = [&](double speed) {
        trial.clubSpeed_mps = speed;
        Swing swing = calcSwing(givens.wedge, trial, contact.faceTurn_rad);
        if (givens.hand == Hand::Left) swing.delivery = mirrored(swing.delivery);
        swing.delivery.clubSpeed_mps = std::max(swing.delivery.clubSpeed_mps, leastSpeed_mps);
        const Launch launch = calcStrike(swing.delivery, contact).launch;
        return givens.terrain ? calcFlightOver(launch, air, *givens.terrain).carry_m
                              : calcFlight(launch, air).carry_m;
    };
    double low = leastSpeed_mps;
    double high = mostSpeed_mps;
    double below = carryAt(low);
    double above = carryAt(high);
    requireRange("carry_m", carry_m, below, above);
    // False position with halving whenever one end stays (the Illinois rule).
    int kept = 0;
    double fLow = below - carry_m;
    double fHigh = above - carry_m;
    for (int i = 0; i < 100 && high - low > 1e-9; ++i) {
        const double speed = (low * fHigh - high * fLow) / (fHigh - fLow);
        const double miss = carryAt(speed) - carry_m;
        if (std::abs(miss) < 1e-4) return speed;
        if (miss < 0.0) {
            low = speed;
            fLow = miss;
            if (kept == -1) fHigh *= 0.5;
            kept = -1;
        } else {
            high = speed;
            fHigh = miss;
            if (kept == 1) fLow *= 0.5;
            kept = 1;
        }
    }
    return 0.5 * (low + high);
}

double findAim(const Recipe& recipe, const Givens& givens) {
    const ShotResult straight = calcShot(recipe, givens);
    const auto sideAt = [&](double turn_rad) {
        Delivery d = straight.swing.delivery;
        d.path_rad += turn_rad;
        d.faceAngle_rad += turn_rad;
        return calcShotWith(d, straight.contact, givens).restSide_m();
    };
    double a = 0.0;
    double fa = straight.restSide_m();
    if (fa == 0.0) return 0.0;
    double b = -std::atan2(fa, std::max(straight.total_m(), 0.5));
    for (int i = 0; i < 20; ++i) {
        const double fb = sideAt(b);
        if (std::abs(fb) < 1e-5 || fb == fa) break;
        const double next =
            std::clamp(b - fb * (b - a) / (fb - fa), radFromDeg(-50), radFromDeg(50));
        a = b;
        fa = fb;
        b = next;
    }
    return b;
}

}  // namespace wedgeon
