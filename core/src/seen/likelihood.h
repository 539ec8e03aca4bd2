// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// How likely a class is named for what lies around it.
#pragma once

#include <algorithm>
#include <cmath>

#include "wedgeon/normal.h"
#include "wedgeon/seen/seen.h"

namespace wedgeon {

/// So often something else is written down than happened, whatever it is.
inline constexpr double slip = 0.002;

/// Logarithm of the share of a normal around \p x that lies between two limits.
inline double logBetween(double x, double sd, seeing::Between limits) {
    const double share = normalShare((limits.to - x) / sd) - normalShare((limits.from - x) / sd);
    return std::log(slip + (1.0 - slip) * std::max(share, 0.0));
}

}  // namespace wedgeon
