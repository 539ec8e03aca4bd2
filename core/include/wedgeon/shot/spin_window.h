// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
/// \file Today's spin against spin loft, and the launch window that follows from it.
#pragma once

#include <optional>
#include <vector>

#include "wedgeon/shot/shot.h"

namespace wedgeon {

struct SpinPoint {
    double spinLoft_rad = 0.0;
    double spin_radps = 0.0;
    double launch_rad = 0.0;
    bool limitedByFriction = false;
};

/// The curve for one speed, attack, ball, face and lie, over dynamic loft with face and path
/// square.
struct SpinWindow {
    std::vector<SpinPoint> curve;  ///< by rising spin loft, a point each half degree from 5 to 78
    SpinPoint peak;
    SpinPoint from, to;  ///< ends of the window: 97 % of the peak's spin on either side
};

/// Share of the peak's spin that the window keeps.
inline constexpr double windowKeeps = 0.97;

/// \throws RangeError when speed or attack are outside the strike's limits.
SpinWindow findSpinWindow(const Delivery& delivery, const Contact& contact);

/// Spin [rad/s] at a launch angle on the curve; none where it does not reach so far.
std::optional<double> spinAtLaunch(const SpinWindow& window, double launch_rad);

}  // namespace wedgeon
