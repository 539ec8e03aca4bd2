// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
/// \file What a coach calls the ball's run, from its numbers. Thresholds: docs/model.md.
#pragma once

#include <string_view>

#include "wedgeon/ground/ground.h"

namespace wedgeon {

enum class Behaviour {
    ComesBack,       ///< rests well behind its pitch mark
    DropsDead,       ///< stays where it pitched
    BitesAndStays,   ///< one bounce bites and hardly any roll follows
    ChecksTrickles,  ///< one bounce bites, then it trickles on
    Releases,        ///< no bounce bites
    MostlyRuns       ///< most of its way is on the ground
};

struct BehaviourThresholds {
    static constexpr double comesBack_m = 0.3;  ///< from the pitch mark back to rest
    static constexpr double dropsDead_m = 0.6;  ///< release either way
    static constexpr double bites_mps = 2.0;    ///< forward speed left by a bounce that bites
    static constexpr double stops_m = 0.7;      ///< roll after the last hop
    static constexpr double mostly = 0.5;       ///< release over the whole way
};

struct BehaviourResult {
    Behaviour behaviour = Behaviour::Releases;
    /// The bounce that bit, counted from 1; 0 when none did. A bounce bites when the ball loses
    /// more than half of its forward speed in it and keeps less than 2 m/s.
    int bitingBounce = 0;
};

BehaviourResult findBehaviour(double carry_m, const GroundResult& run);
/// The same where the biting bounce is known already; the bounces of \p run are not looked at.
BehaviourResult findBehaviour(double carry_m, const GroundResult& run, int bitingBounce);

/// The same words for a measured shot, of which only the release is known: where no bounce was
/// seen, a release up to 5 % of the carry (1.5 m at least) counts as a check and up to 12 % (3 m)
/// as a trickle. \p carry_m may be 0 when it was not measured.
Behaviour findBehaviourFromRelease(double carry_m, double release_m);

/// The key that files and the command line use, such as "checks-trickles".
std::string_view behaviourKey(Behaviour behaviour);

}  // namespace wedgeon
