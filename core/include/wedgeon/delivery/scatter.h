// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
/// \file How far one swing of a player is from the next around one set-up.
#pragma once

#include <array>
#include <cstddef>

#include "wedgeon/delivery/delivery.h"

namespace wedgeon {

/// What scatters from swing to swing, in this order.
enum class Scatter { Speed, Attack, Path, Face, Loft, LowPoint, Depth };
inline constexpr std::size_t scatterCount = 7;

/// By how much low point and depth scatter more (or less) with this set-up than with an ordinary
/// one at 17 m/s: s = (V/17 m/s)^0.4 sqrt(1 + u^2), u^2 = (opening/20 deg)^2 +
/// ((ball forward + 0.2 balls)/1.5 balls)^2 + ((lean - 4 deg)/12 deg)^2. Of n shots that he has hit
/// like this, u loses the share n/(n + 20). Priors of model.md, section 7.
double strikeScatterFactor(const Recipe& declared, double shotsLikeIt = 0.0);

/// A player's scatter: standard deviations (speed as a share, angles in radians, lengths in metres)
/// and how they go together. The defaults are priors for an ordinary club player.
struct PlayerScatter {
    std::array<double, scatterCount> sd{0.025, 0.0175, 0.021, 0.026, 0.021, 0.02, 0.004};
    /// Correlations; the diagonal is 1. Must be symmetric and positive definite.
    std::array<std::array<double, scatterCount>, scatterCount> correlation = identity();

    double of(Scatter s) const { return sd[static_cast<std::size_t>(s)]; }
    /// \throws RangeError for a deviation below 0 or not finite, or a matrix that is none.
    void validate() const;

private:
    static constexpr std::array<std::array<double, scatterCount>, scatterCount> identity() {
        std::array<std::array<double, scatterCount>, scatterCount> m{};
        for (std::size_t i = 0; i < scatterCount; ++i)
            m[i][i] = 1.0;
        return m;
    }
};

}  // namespace wedgeon
