// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// The turn that brings a ball to rest on the line.
#pragma once

#include <algorithm>
#include <cmath>
#include <functional>
#include <optional>

#include "numeric/root.h"
#include "wedgeon/error.h"

namespace wedgeon {

/// \p restSide: where a ball rests that is turned by so much, right of the line; straight it rests
/// \p straightSide_m beside it and \p total_m along it. From straight on past the side where it
/// rests, until it rests on the other one. Nothing where no turn within 50 degrees does that.
inline std::optional<double> findAim(const std::function<double(double)>& restSide,
                                     double straightSide_m, double total_m) {
    constexpr double most_rad = 50.0 * constants::pi / 180.0;
    double near = 0.0;
    double fNear = straightSide_m;
    if (fNear == 0.0) return 0.0;
    double far = -1.2 * std::atan2(fNear, std::max(total_m, 0.5));
    try {
        for (;;) {
            far = std::clamp(far, -most_rad, most_rad);
            const double fFar = restSide(far);
            if ((fFar < 0.0) != (fNear < 0.0) || fFar == 0.0)
                return numeric::findRoot(restSide, near, far, fNear, fFar, 1e-7);
            if (std::abs(far) >= most_rad) return std::nullopt;
            near = far;
            fNear = fFar;
            far *= 1.6;
        }
    } catch (const RangeError&) {
        return std::nullopt;  // turned so far it is no shot any more
    }
}

}  // namespace wedgeon
