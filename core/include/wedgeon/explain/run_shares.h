// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
/// \file Why one ball stopped and another one ran: the difference in release shared out among what
/// the landing had.
#pragma once

#include <array>
#include <cstddef>
#include <optional>
#include <span>
#include <string_view>

#include "wedgeon/ground/ground.h"
#include "wedgeon/vec.h"

namespace wedgeon {

/// What the run depends on.
enum class RunCause {
    Speed,  ///< of the landing
    Angle,  ///< of the landing, and where it heads
    Spin,
    Ground,  ///< firmness, friction, green speed
    Slope
};
inline constexpr std::size_t runCauseCount = 5;
std::string_view runCauseKey(RunCause cause);

/// A ball as it lands.
struct Landing {
    Vec3 velocity_mps, spin_radps;
    Ground ground;
};

/// SI. The shares add up to to - from. Half widths of 80 % intervals; 0 for a pair, whose landings
/// are taken as they are.
struct RunShares {
    double from = 0.0, to = 0.0;
    std::array<double, runCauseCount> share{}, half{};
    std::size_t pairs = 0;
    /// What the second side's balls would release with the same landing and half the spin.
    double toWithHalfSpin = 0.0;
};

/// The mean over pairs of one of \p a and one of \p b, each used as often as any other of its side
/// as far as their numbers allow, of the mean over all orders in which the causes could be changed
/// (Shapley). Nothing where no pair can be played: landings outside what the ground's laws cover.
std::optional<RunShares> shareRun(std::span<const Landing> a, std::span<const Landing> b);

}  // namespace wedgeon
