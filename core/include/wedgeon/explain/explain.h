// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
/// \file Why two shots differ: shares of the difference among causes, adding up exactly.
#pragma once

#include <array>
#include <string_view>

#include "wedgeon/shot/quantity.h"

namespace wedgeon {

enum class Cause { Speed, Attack, Loft, Face, Path, BallAndLie, Strike, GroundAndAir };
inline constexpr std::size_t causeCount = 8;
std::string_view causeKey(Cause cause);

/// All that one shot's prediction depends on.
struct ShotCauses {
    Delivery delivery;
    Contact contact;      ///< ball, face and lie
    StrikeEffect strike;  ///< a mishit's part; its dynamic loft is relative to the delivery's
    Surroundings surroundings;
    StrikeLaw law;
};

/// share[outcome][cause], SI; the shares of an outcome add up to its difference b - a.
struct Explanation {
    std::array<double, outcomeCount> from{}, to{};
    std::array<std::array<double, causeCount>, outcomeCount> share{};

    double operator()(Outcome o, Cause c) const {
        return share[static_cast<std::size_t>(o)][static_cast<std::size_t>(c)];
    }
};

/// The mean over all orders in which the causes could be changed from \p a to \p b (Shapley, "A
/// value for n-person games", 1953): 256 predictions. No order is preferred, and nothing is left
/// over. \throws RangeError when a mixture of the two is outside the model.
Explanation explain(const ShotCauses& a, const ShotCauses& b);

}  // namespace wedgeon
