// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Counting.
#include "wedgeon/train/strain.h"

#include <algorithm>
#include <vector>

namespace wedgeon {

bool isSteepOnHard(double attack_rad, const Conditions& met) {
    return attack_rad < steepStrike_rad &&
           (met.lie.firmness >= hardGround || met.ground.firmness >= hardGround);
}

StrainState findStrain(std::span<const CountedStrike> strikes, const StrainLimits& limits,
                       std::optional<double> now_s) {
    std::vector<CountedStrike> all(strikes.begin(), strikes.end());
    std::stable_sort(all.begin(), all.end(), [](const CountedStrike& a, const CountedStrike& b) {
        return a.time_s < b.time_s;
    });
    StrainState out;
    for (std::size_t i = 0; i < all.size(); ++i) {
        if (i > 0 && all[i].time_s - all[i - 1].time_s >= limits.pause_s) out.steepOnHard = 0;
        if (all[i].steepOnHard) ++out.steepOnHard;
        if (all[i].fullEffort) ++out.fullEffort;
    }
    if (now_s && !all.empty() && *now_s - all.back().time_s >= limits.pause_s) out.steepOnHard = 0;
    out.pauseDue = out.steepOnHard >= limits.steepOnHard;
    out.dayFull = out.fullEffort >= limits.fullEffort;
    return out;
}

}  // namespace wedgeon
