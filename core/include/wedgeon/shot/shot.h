// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
/// \file The chain: set-up, strike, flight and ground in one prediction.
#pragma once

#include <limits>
#include <memory>
#include <optional>
#include <vector>

#include "wedgeon/delivery/delivery.h"
#include "wedgeon/flight/flight.h"
#include "wedgeon/ground/ground.h"
#include "wedgeon/lie/lie.h"
#include "wedgeon/shot/behaviour.h"
#include "wedgeon/shot/tuning.h"
#include "wedgeon/strike/margin.h"
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
    /// The real line, where it is known; takes the place of ground.
    std::shared_ptr<const Terrain> terrain;
    /// What is known of this player, his device, air and ground; none: the priors.
    std::shared_ptr<const Tuning> tuning;
    /// Of all players that have one, for their recorded shots.
    std::shared_ptr<const TuningsByPlayer> everyones;

    bool operator==(const Givens&) const = default;
};

/// Ball, face and lie as the priors have them, or as tuned. \throws RangeError from Lie::validate.
Contact calcContact(const Givens& givens);
/// Air and ground as they are said, or as tuned. A terrain's zones are taken as they are said.
Air calcAir(const Givens& givens);
Ground calcGround(const Givens& givens);
/// The set-up that comes to the ball: as declared, or as this player is known to deliver it.
Recipe calcDelivered(const Recipe& declared, const Givens& givens);

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

/// Predicts a shot from the set-up. A left-hander's is the right-hander's in a mirror.
/// \throws RangeError naming the field, its value and the limits.
ShotResult calcShot(const Recipe& recipe, const Givens& givens, ShotTrace* trace = nullptr,
                    const StrikeLaw& law = {});

/// Predicts a shot from a measured delivery (world frame), less the device's biases where they are
/// tuned. What the lie does to the club's speed
/// and face has happened before it was measured and is not counted again. \throws RangeError naming
/// the field, its value and the limits.
ShotResult calcShotFromDelivery(const Delivery& delivery, const Givens& givens,
                                ShotTrace* trace = nullptr, const StrikeLaw& law = {});

/// Predicts flight and run of a ball whose launch is measured.
/// \throws RangeError naming the field, its value and the limits.
ShotResult calcShotFromLaunch(const Launch& launch, const Givens& givens,
                              ShotTrace* trace = nullptr);

/// Predicts a shot whose strike is known in every part: what the simulation and the explanation
/// use. \p contact is taken as it is, the speed kept included.
ShotResult calcShotWith(const Delivery& delivery, const Contact& contact, const Givens& givens,
                        const StrikeLaw& law = {});

/// How a planned shot meets the turf: what calcMargin and calcStrikeChances ask for. \p depth_m as
/// SolePass has it; by default the player aims at the middle of the room.
SolePass solePass(const ShotResult& shot, const Givens& givens, std::optional<double> depth_m = {});

/// Speed of the club for a carry, exact to 1 mm of carry. \throws RangeError "carry_m" with what
/// this recipe reaches when no speed from 0.5 to 60 m/s does.
double findSpeedForCarry(const Recipe& recipe, const Givens& givens, double carry_m);

/// Turn of body, path and face together that brings the ball to rest on the target line (world
/// frame, positive is right): the aim for the start line, the curve and the break of this shot.
/// \throws RangeError from the prediction.
double findAim(const Recipe& recipe, const Givens& givens);

}  // namespace wedgeon
