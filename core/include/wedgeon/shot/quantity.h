// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
/// \file The numbers that go into a shot (dials) and come out of it (outcomes), by name, so that
/// inverse, sensitivity, simulation and explanation speak of the same ones.
#pragma once

#include <cstddef>
#include <span>
#include <string_view>

#include "wedgeon/shot/shot.h"

namespace wedgeon {

enum class Outcome {
    Attack,
    Path,
    DynamicLoft,
    FaceAngle,
    SpinLoft,
    BallSpeed,
    LaunchAngle,
    LaunchDirection,
    SpinRate,
    SpinAxis,
    Carry,
    Side,
    Apex,
    LandingAngle,
    Release,
    Total,
    RestSide
};
inline constexpr std::size_t outcomeCount = 17;

struct OutcomeInfo {
    Outcome outcome;
    std::string_view key;  ///< with its unit, as the command line spells it
    double factor;         ///< value in that unit of one SI unit
};
const OutcomeInfo& info(Outcome outcome);
std::span<const OutcomeInfo> outcomes();
/// In SI; directions and sides in the world's frame.
double valueOf(const ShotResult& shot, Outcome outcome);

/// What a player can change of a recipe.
enum class Dial {
    Open,
    Lean,
    BallForward,
    WeightLead,
    SwingRadius,
    ClubSpeed,
    StandFarther,
    HandleRaised,
    GripDown,
    BodyLine
};
inline constexpr std::size_t dialCount = 10;

struct DialInfo {
    Dial dial;
    std::string_view key;  ///< with its unit, as the command line spells it
    double factor;         ///< value in that unit of one SI unit
    double low, high;      ///< SI: what a player can do
    double step;           ///< SI: a change that costs as much as one step of any other
};
const DialInfo& info(Dial dial);
std::span<const DialInfo> dials();
double& dialOf(Recipe& recipe, Dial dial);
double dialOf(const Recipe& recipe, Dial dial);

}  // namespace wedgeon
