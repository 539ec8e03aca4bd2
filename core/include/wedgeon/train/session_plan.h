// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
/// \file What to train in the next sessions: the weakest of what matters most, within a time and an
/// effort.
#pragma once

#include <cstddef>
#include <span>
#include <vector>

namespace wedgeon {

/// Something that could be trained.
struct PlanChoice {
    double minutes = 10.0;
    double effort = 0.0;    ///< strikes with near full speed
    double weakness = 0.5;  ///< share of its shots that miss; 0.5 where it was never hit
    double matters = 1.0;   ///< to this player: 0 not at all, 1 as anything else, up to 3
};

struct PlanLimits {
    double minutes = 40.0;  ///< of one session
    double effort = 60.0;   ///< strikes with near full speed in one session
    std::size_t sessions = 3;

    /// \throws RangeError for minutes outside 5-300, effort outside 0-1000, sessions outside 1-60.
    void validate() const;
};

/// What each session trains, as places in \p choices in their order: those whose weakness times
/// what they matter add up to most within the limits, found among all choices. What was trained in
/// a session counts half in the next and recovers by half of the rest each session, so that the
/// plan goes round. \throws RangeError for more than 16 choices, a number that is none or below 0,
/// minutes of none, weakness beyond 1, matters beyond 3, and from the limits.
std::vector<std::vector<std::size_t>> planSessions(std::span<const PlanChoice> choices,
                                                   const PlanLimits& limits);

}  // namespace wedgeon
