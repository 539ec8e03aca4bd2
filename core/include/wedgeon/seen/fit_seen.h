// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
/// \file What shots that were only seen say of a player together.
#pragma once

#include <cstddef>
#include <vector>

#include "wedgeon/seen/seen.h"
#include "wedgeon/shot/tuning.h"
#include "wedgeon/tune/estimate.h"

namespace wedgeon {

/// Shots with one set-up, one swing, from one place.
struct SeenKind {
    Conditions conditions;
    Recipe declared;        ///< its speed is the swing's
    std::size_t swing = 0;  ///< of the request
};

struct SeenFitRequest {
    PlayerModel player;  ///< as he is known otherwise
    /// How well: deviations, of friction and ground of their logarithms.
    struct Known {
        double lean_rad = 0.052, ball_m = 0.015, friction = 0.22;
        double firmness = 0.18, groundFriction = 0.15;
    };
    Known known;
    /// Of each swing, before anything was seen.
    std::vector<double> priorSpeeds_mps;
    std::vector<SeenKind> kinds;
    struct Shot {
        std::size_t kind = 0;
        Sighting seen;
    };
    std::vector<Shot> shots;

    /// \throws RangeError for a speed outside 0.5-60 m/s, a kind or a swing that is not there, and
    /// from the sightings.
    void validate() const;
};

struct SeenFit {
    bool fitted = false;  ///< six shots and more of which landing, rest or height were seen
    std::size_t used = 0;
    /// Offsets of lean and ball position, friction, firmness and friction of the ground.
    std::vector<TuneEstimate> estimates;
    /// The player's tuning with these in it.
    Tuning tuning;
    struct Interval {
        double value = 0.0, low80 = 0.0, high80 = 0.0;
    };
    /// By how much his shots launch higher than the declared set-ups do, in the mean.
    Interval launchBias_rad;
    std::vector<Interval> speeds_mps;  ///< of each swing
    /// Of the attack angle beside the declared set-ups'; turf has its say in it.
    Interval attackBias_rad;
    /// Carry of each shot, and how sure that is; NaN where neither landing nor rest was seen.
    struct Carry {
        double carry_m = 0.0, sd_m = 0.0;
    };
    std::vector<Carry> carries;
};

/// The most likely offsets and speeds of all shots together, by Gauss-Newton with priors (what is
/// known of the player, speeds 12 % together and 8 % each, 5 % of every height and 4 mm of depth).
/// The predictions are linearised anew in each round; within a kind carry, total and height scatter
/// together by the player's scatter; a class of height or turf counts by the probability of its
/// interval given what else was seen of the shot; a shot far off counts less (Student's t with 6
/// degrees of freedom: K. L. Lange, R. J. A. Little and J. M. G. Taylor, JASA 84, 1989). Shots that
/// were seen fat or thin tell only of the turf. Intervals from the curvature. \throws RangeError.
SeenFit fitSeen(const SeenFitRequest& request);

}  // namespace wedgeon
