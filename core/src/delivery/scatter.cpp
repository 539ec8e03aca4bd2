// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// What a scatter must be, and how it grows.
#include "wedgeon/delivery/scatter.h"

#include <cmath>

#include "wedgeon/constants.h"
#include "wedgeon/error.h"
#include "wedgeon/units.h"

namespace wedgeon {

double strikeScatterFactor(const Recipe& r, double shotsLikeIt) {
    const double open = r.open_rad / radFromDeg(20);
    const double forward = (r.ballForward_m / constants::ballWidth_m + 0.2) / 1.5;
    const double lean = (r.lean_rad - radFromDeg(4)) / radFromDeg(12);
    const double kept = 20.0 / (20.0 + shotsLikeIt);
    const double unusual2 = (open * open + forward * forward + lean * lean) * kept * kept;
    return std::pow(r.clubSpeed_mps / 17.0, 0.4) * std::sqrt(1.0 + unusual2);
}

void PlayerScatter::validate() const {
    for (const double s : sd)
        requireRange("player.sd", s, 0.0, 1.0);
    for (std::size_t i = 0; i < scatterCount; ++i) {
        requireRange("player.correlation", correlation[i][i], 1.0 - 1e-9, 1.0 + 1e-9);
        for (std::size_t j = 0; j < i; ++j) {
            requireRange("player.correlation", correlation[i][j], -1.0, 1.0);
            requireRange("player.correlation", correlation[j][i], correlation[i][j] - 1e-12,
                         correlation[i][j] + 1e-12);
        }
    }
}

}  // namespace wedgeon
