// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
/// \file The chain: set-up, strike, flight and ground in one prediction.
#pragma once

#include <vector>

#include "wedgeon/delivery/delivery.h"
#include "wedgeon/flight/flight.h"
#include "wedgeon/ground/ground.h"
#include "wedgeon/lie/lie.h"
#include "wedgeon/shot/behaviour.h"
#include "wedgeon/strike/strike.h"

namespace wedgeon {

enum class Hand { Right, Left };

/// What every prediction depends on besides the swing. Wind and slopes are in the world's frame:
/// right is right for both hands.
struct Givens {
    Hand hand = Hand::Right;
    Wedge wedge;
    BallKind ball = BallKind::Soft;
    FaceCondition face = FaceCondition::FreshDry;
    Lie lie;
    Air air;
    Ground ground;
};

/// Optional record of the way, for drawing.
struct ShotTrace {
    std::vector<FlightPoint> flight;
    std::vector<GroundPoint> run;  ///< from the first landing
};

/// The whole shot. Directions are in the world's frame.
struct ShotResult {
    Swing swing;  ///< only from a set-up; a measured delivery has no low point or lean
    Contact contact;
    StrikeResult strike;
    FlightResult flight;
    GroundResult run;
    BehaviourResult behaviour;

    double total_m() const { return flight.carry_m + run.release_m; }
    /// Where it rests, right of the target line.
    double restSide_m() const { return flight.side_m + run.rest_m.z; }
};

/// Predicts a shot from the set-up. A left-hander's is the right-hander's in a mirror.
/// \throws RangeError naming the field, its value and the limits.
ShotResult calcShot(const Recipe& recipe, const Givens& givens, ShotTrace* trace = nullptr,
                    const StrikeLaw& law = {});

/// Predicts a shot from a measured delivery (world frame). What the lie does to the club's speed
/// and face has happened before it was measured and is not counted again. \throws RangeError naming
/// the field, its value and the limits.
ShotResult calcShotFromDelivery(const Delivery& delivery, const Givens& givens,
                                ShotTrace* trace = nullptr, const StrikeLaw& law = {});

/// Predicts flight and run of a ball whose launch is measured.
/// \throws RangeError naming the field, its value and the limits.
ShotResult calcShotFromLaunch(const Launch& launch, const Givens& givens,
                              ShotTrace* trace = nullptr);

}  // namespace wedgeon
