// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// How likely a class is named for what lies around it.
#pragma once

#include <algorithm>
#include <cmath>
#include <cstdlib>
#include <limits>

#include "wedgeon/normal.h"
#include "wedgeon/seen/seen.h"

namespace wedgeon {

/// So often something else is written down than happened, whatever it is.
inline constexpr double slip = 0.002;

/// From here on a start is left or right, and a curve is one, as a share of the carry.
inline constexpr double aside_rad = 0.0436, curved = 0.03;
/// How often the strike that is named is the one.
inline constexpr double rightStrike = 0.85;
/// How often the bounce that is named is the one; the others share the rest.
inline constexpr double rightBounce = 0.7, nextBounce = 0.12, otherBounce = 0.03;

inline seeing::Between aside(SeenSide side, double limit) {
    constexpr double infinite = std::numeric_limits<double>::infinity();
    switch (side) {
        case SeenSide::Left:
            return {-infinite, -limit};
        case SeenSide::Straight:
            return {-limit, limit};
        case SeenSide::Right:
            return {limit, infinite};
    }
    return {};
}

/// How likely the bounce \p is is named \p seen; 0 is none.
inline double bounceShare(int seen, int is) {
    const int off = std::abs(seen - is);
    // Whether one bit at all is no matter of counting.
    const bool one = (seen == 0) != (is == 0);
    return off == 0 ? rightBounce : off == 1 && !one ? nextBounce : otherBounce;
}

/// Logarithm of the share of a normal around \p x that lies between two limits.
inline double logBetween(double x, double sd, seeing::Between limits) {
    const double share = normalShare((limits.to - x) / sd) - normalShare((limits.from - x) / sd);
    return std::log(slip + (1.0 - slip) * std::max(share, 0.0));
}

}  // namespace wedgeon
