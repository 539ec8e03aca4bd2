// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Stage after stage, and what stands in the way.
#include "wedgeon/shot/shot.h"

#include <algorithm>
#include <cmath>

#include "numeric/root.h"

namespace wedgeon {
namespace {

/// The flight's state where it passes \p x, which lies between the trace's ends.
FlightPoint passing(const std::vector<FlightPoint>& trace, double x) {
    std::size_t i = 1;
    while (i + 1 < trace.size() && trace[i].position_m.x < x)
        ++i;
    const auto missAt = [&](double q) {
        return flightPointBetween(trace[i - 1], trace[i], q).position_m.x - x;
    };
    const double before = missAt(0.0);
    const double after = missAt(1.0);
    // At the trace's very end.
    if ((before < 0.0) == (after < 0.0))
        return std::abs(before) < std::abs(after) ? trace[i - 1] : trace[i];
    return flightPointBetween(trace[i - 1], trace[i],
                              numeric::findRoot(missAt, 0.0, 1.0, before, after, 1e-12));
}

/// Ends the flight at the first obstacle that it does not clear: the ball drops in front of it.
void meetObstacles(ShotResult& shot, const Terrain& terrain, std::vector<FlightPoint>& trace) {
    for (const std::size_t i : terrain.obstaclesInOrder()) {
        const Obstacle& o = terrain.obstacles()[i];
        if (o.at_m <= 0.0 || o.at_m >= shot.flight.landing_m.x) continue;
        const FlightPoint at = passing(trace, o.at_m);
        const double ground = terrain.height(o.at_m, at.position_m.z);
        const double clearance = o.clearance(at.position_m.y - ground);
        shot.leastClearance_m = std::min(shot.leastClearance_m, clearance);
        if (clearance >= 0.0) continue;
        shot.blockedBy = static_cast<int>(i);
        const double fall = std::max(at.position_m.y - ground, 0.0);
        FlightResult& f = shot.flight;
        const double x = at.position_m.x - stoppedBefore_m;
        f.landing_m = {x, terrain.height(x, at.position_m.z), at.position_m.z};
        f.carry_m = f.landing_m.x;
        f.side_m = f.landing_m.z;
        // A prior: a tenth of its speed comes back from leaves or a bank, then it falls.
        f.landingVelocity_mps = {-givenBack * std::abs(at.velocity_mps.x),
                                 -std::sqrt(2.0 * constants::gravity_mps2 * fall + 0.01), 0.0};
        f.landingSpin_radps =
            0.2 * std::exp(-constants::spinDecay_ps * at.time_s) * shot.strike.launch.spin_radps;
        const double falls_s = std::sqrt(2.0 * fall / constants::gravity_mps2);
        f.time_s = at.time_s + falls_s;
        while (!trace.empty() && trace.back().position_m.x > o.at_m)
            trace.pop_back();
        trace.push_back(at);
        trace.push_back({f.time_s, f.landing_m, f.landingVelocity_mps});
        // Until its top the ball has risen all the way.
        if (f.apexAt_m > at.position_m.x) {
            f.apex_m = at.position_m.y;
            f.apexAt_m = at.position_m.x;
        }
        return;
    }
}

}  // namespace

void playOn(ShotResult& shot, const Surroundings& around, ShotTrace* trace) {
    shot.leastClearance_m = std::numeric_limits<double>::infinity();
    shot.blockedBy = -1;
    std::vector<FlightPoint>* path = trace ? &trace->flight : nullptr;
    std::vector<GroundPoint>* run = trace ? &trace->run : nullptr;
    if (around.terrain) {
        const Terrain& terrain = *around.terrain;
        std::vector<FlightPoint> own;
        if (!path && !terrain.obstacles().empty()) path = &own;
        shot.flight = calcFlightOver(shot.strike.launch, around.air, terrain, path);
        if (path && !terrain.obstacles().empty()) meetObstacles(shot, terrain, *path);
        shot.run = calcRunOver(terrain, shot.flight.landing_m, shot.flight.landingVelocity_mps,
                               shot.flight.landingSpin_radps, run);
    } else {
        shot.flight = calcFlight(shot.strike.launch, around.air, path);
        shot.run = calcRun(shot.flight.landingVelocity_mps, shot.flight.landingSpin_radps,
                           around.ground, run);
    }
    shot.behaviour = findBehaviour(shot.flight.carry_m, shot.run);
}

ShotResult calcShotWith(const Delivery& delivery, const Contact& contact,
                        const Surroundings& surroundings, const StrikeLaw& law, ShotTrace* trace) {
    ShotResult shot;
    shot.swing.delivery = delivery;
    shot.contact = contact;
    shot.strike = calcStrike(delivery, contact, law);
    playOn(shot, surroundings, trace);
    return shot;
}

}  // namespace wedgeon
