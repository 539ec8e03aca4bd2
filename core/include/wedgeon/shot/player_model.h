// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
/// \file Who swings, as the model knows him.
#pragma once

#include <memory>
#include <string>
#include <string_view>

#include "wedgeon/delivery/scatter.h"
#include "wedgeon/shot/tuning.h"

namespace wedgeon {

enum class Hand { Right, Left };

/// One player: his hand, and what was tuned to him, his device and his days. The tuning never
/// changes and is shared; two models are the same when they share it.
struct PlayerModel {
    std::string name;  ///< whose it is; empty for nobody in particular
    Hand hand = Hand::Right;
    std::shared_ptr<const Tuning> tuning;  ///< none: the priors

    /// From swing to swing: his own where it is tuned, else an ordinary player's.
    PlayerScatter scatter() const;
    /// With the ground of that day, where it was fitted; \p day as the shots' times begin.
    PlayerModel onDay(std::string_view day) const;

    bool operator==(const PlayerModel&) const = default;
};

}  // namespace wedgeon
