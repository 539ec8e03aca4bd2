// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
/// \file What makes a ball come out other than it was meant: a library of faults, each as changes
/// of what is delivered, of what lies between face and ball, of the ground or of the device.
#pragma once

#include <cstddef>
#include <span>
#include <string_view>
#include <vector>

#include "wedgeon/shot/conditions.h"
#include "wedgeon/shot/swing_set.h"

namespace wedgeon {

/// What may be other than it is meant or said, and is the same for all shots of a pattern. SI, a
/// right-hander's; "log" is of a logarithm.
enum class FaultChange {
    Speed,     ///< of the club; log
    Lean,      ///< as it is delivered with the ball in the middle; hands ahead is +
    Open,      ///< before gripping
    Ball,      ///< ahead, the hands left in place
    LowPoint,  ///< ahead, the hands as they are
    Depth,     ///< of the sole at its lowest
    Attack,    ///< the low point goes with it
    Path,      ///< right is +
    FaceTurn,  ///< opening about the shaft that comes in on the way to the ball
    Handle,    ///< raised
    Friction,  ///< of face and ball; log
    Grip,      ///< tangential restitution
    Bounce,    ///< normal restitution
    Cover,     ///< of grass between face and ball
    Drag,      ///< log, as are the next four
    Lift,
    Firmness,
    GroundFriction,
    GreenSpeed,
    ReadLoft,  ///< what the device reads too much
    ReadAttack,
    ReadLaunch,
    ReadBallSpeed,  ///< log
    ReadSpin        ///< log
};
inline constexpr std::size_t faultChangeCount = 24;

enum class Fault {
    None,  ///< nothing of his: such shots come of this set-up, lie and ground
    HandsPassed,
    LowPointBehind,
    SpeedLost,
    TooSteep,
    OpenedTooFar,
    BallForward,
    BallBack,
    WeightBack,
    HandleRaised,
    TurnedOver,
    HeelGrass,
    WornFace,
    OtherBall,
    MoreGrass,
    HardGround,
    Device,
    Other  ///< none of these
};
inline constexpr std::size_t faultCount = 18;
std::string_view faultKey(Fault fault);

/// One part of a fault: how large it is where the fault is there.
struct FaultPart {
    FaultChange change;
    double mean, sd;
};

/// The parts of a fault with these conditions; none where it cannot be (grass at the heel without
/// grass). Priors of ours, see docs/model.md.
std::vector<FaultPart> partsOf(Fault fault, const Conditions& conditions);

/// How often a complaint of a player of this level has this cause, before any shot is looked at,
/// with a set-up and a lie like these; they add up to 1 over all faults.
std::vector<double> faultPriors(Level level, const Conditions& conditions);

}  // namespace wedgeon
