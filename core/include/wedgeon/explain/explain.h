// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
/// \file Why two shots differ: shares of the difference among causes, adding up exactly.
#pragma once

#include <array>
#include <string_view>

#include "wedgeon/shot/quantity.h"

namespace wedgeon {

/// What a coach moves one at a time. Attack and loft that move together are one change, and so are
/// path and face: shared out by readings, each would show a large part that the other one takes
/// back.
enum class Cause {
    Speed,      ///< of the club as it comes
    SpinLoft,   ///< dynamic loft less attack
    Steepness,  ///< the strike turned down or up at that spin loft
    Direction,  ///< path and face together
    FaceToPath,
    Friction,  ///< of ball and face, and the ball's restitution
    Lie,       ///< what grass does to speed, friction, restitution and face
    GroundAndAir
};
inline constexpr std::size_t causeCount = 8;
std::string_view causeKey(Cause cause);

/// All that one shot's prediction depends on.
struct ShotCauses {
    Delivery delivery;
    Contact contact;  ///< ball, face and lie
    Contact clean;    ///< the same ball and face where no grass is
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

/// How many causes are not the same in both.
std::size_t countDifferent(const ShotCauses& a, const ShotCauses& b);

/// The mean over all orders in which the causes could be changed from \p a to \p b (Shapley, "A
/// value for n-person games", 1953): a prediction for each subset of those that differ, 256 at
/// most. No order is preferred, and nothing is left over; a cause that is the same in both has no
/// share. \throws RangeError when a mixture of the two is outside the model.
Explanation explain(const ShotCauses& a, const ShotCauses& b);

}  // namespace wedgeon
