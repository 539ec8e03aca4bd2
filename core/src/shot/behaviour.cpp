// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Naming the run.
#include "wedgeon/shot/behaviour.h"

#include <algorithm>
#include <cmath>

namespace wedgeon {

BehaviourResult findBehaviour(double carry_m, const GroundResult& run) {
    int biting = 0;
    for (std::size_t i = 0; i < run.bouncesKept() && biting == 0; ++i) {
        const Bounce& b = run.bounces[i];
        if (b.checks() && b.forwardAfter_mps() < BehaviourThresholds::bites_mps) {
            biting = static_cast<int>(i) + 1;
        }
    }
    return findBehaviour(carry_m, run, biting);
}

BehaviourResult findBehaviour(double carry_m, const GroundResult& run, int bitingBounce) {
    using Limit = BehaviourThresholds;
    BehaviourResult result{Behaviour::Releases, bitingBounce};
    const double total_m = carry_m + run.release_m;
    if (run.release_m < -Limit::comesBack_m) {
        result.behaviour = Behaviour::ComesBack;
    } else if (std::abs(run.release_m) <= Limit::dropsDead_m) {
        result.behaviour = Behaviour::DropsDead;
    } else if (total_m > 0.0 && run.release_m > Limit::mostly * total_m) {
        result.behaviour = Behaviour::MostlyRuns;
    } else if (bitingBounce == 0) {
        result.behaviour = Behaviour::Releases;
    } else if (run.roll_m <= Limit::stops_m) {
        result.behaviour = Behaviour::BitesAndStays;
    } else {
        result.behaviour = Behaviour::ChecksTrickles;
    }
    return result;
}

Behaviour findBehaviourFromRelease(double carry_m, double release_m) {
    using Limit = BehaviourThresholds;
    if (release_m < -Limit::comesBack_m) return Behaviour::ComesBack;
    if (release_m <= Limit::dropsDead_m) return Behaviour::DropsDead;
    if (carry_m > 0.0 && release_m > Limit::mostly * (carry_m + release_m)) {
        return Behaviour::MostlyRuns;
    }
    if (release_m <= std::max(1.5, 0.05 * carry_m)) return Behaviour::BitesAndStays;
    if (release_m <= std::max(3.0, 0.12 * carry_m)) return Behaviour::ChecksTrickles;
    return Behaviour::Releases;
}

std::string_view behaviourKey(Behaviour behaviour) {
    switch (behaviour) {
        case Behaviour::ComesBack:
            return "comes-back";
        case Behaviour::DropsDead:
            return "drops-dead";
        case Behaviour::BitesAndStays:
            return "bites-and-stays";
        case Behaviour::ChecksTrickles:
            return "checks-trickles";
        case Behaviour::Releases:
            return "releases";
        case Behaviour::MostlyRuns:
            return "mostly-runs";
    }
    return "";
}

}  // namespace wedgeon
