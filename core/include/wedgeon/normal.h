// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
/// \file The normal distribution.
#pragma once

#include <cmath>
#include <numbers>

namespace wedgeon {

/// Half width of an interval with 80 % of a normal distribution, in standard deviations.
inline constexpr double halfOf80 = 1.2815515655446004;

/// Share of a standard normal distribution below \p z.
inline double normalShare(double z) {
    return 0.5 * std::erfc(-z / std::numbers::sqrt2);
}

}  // namespace wedgeon
