// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
/// \file The chain: strike, flight and ground in one result.
#pragma once

#include <limits>
#include <memory>
#include <vector>

#include "wedgeon/delivery/delivery.h"
#include "wedgeon/flight/flight.h"
#include "wedgeon/ground/ground.h"
#include "wedgeon/lie/lie.h"
#include "wedgeon/shot/behaviour.h"
#include "wedgeon/strike/margin.h"
#include "wedgeon/strike/strike.h"

namespace wedgeon {

/// Air and ground as the ball meets them, whatever is tuned in them.
struct Surroundings {
    Air air;
    Ground ground;
    std::shared_ptr<const Terrain> terrain;  ///< takes the place of ground
};

/// Optional record of the way, for drawing.
struct ShotTrace {
    std::vector<FlightPoint> flight;
    std::vector<GroundPoint> run;  ///< from the first landing
};

/// The whole shot. Directions are in the world's frame.
struct ShotResult {
    Swing swing;          ///< only from a set-up; a measured delivery has no low point or lean
    StrikeMargin margin;  ///< room for a clean strike; only from a set-up
    Contact contact;
    StrikeResult strike;
    FlightResult flight;
    GroundResult run;
    BehaviourResult behaviour;
    /// Over a terrain with obstacles: the least height by which one is cleared, and the first one
    /// that is not (the ball drops in front of it), -1 for none.
    double leastClearance_m = std::numeric_limits<double>::infinity();
    int blockedBy = -1;

    double total_m() const { return flight.carry_m + run.release_m; }
    /// Where it rests, right of the target line.
    double restSide_m() const { return flight.side_m + run.rest_m.z; }
};

/// Plays a strike that is known in every part. \p contact is taken as it is, the speed kept
/// included. What knows a player or a set-up goes through Predictor.
/// \throws RangeError naming the field, its value and the limits.
ShotResult calcShotWith(const Delivery& delivery, const Contact& contact,
                        const Surroundings& surroundings, const StrikeLaw& law = {},
                        ShotTrace* trace = nullptr);

/// Flight and run of \p shot's launch, in its place.
void playOn(ShotResult& shot, const Surroundings& surroundings, ShotTrace* trace = nullptr);

}  // namespace wedgeon
