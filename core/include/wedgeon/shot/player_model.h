// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
/// \file Who swings, as the model knows him.
#pragma once

#include <memory>
#include <string>
#include <string_view>

#include "wedgeon/delivery/scatter.h"
#include "wedgeon/shot/swing_set.h"
#include "wedgeon/shot/tuning.h"

namespace wedgeon {

enum class Hand { Right, Left };

/// One player: his hand, his swings, and what was tuned to him, his device and his days. Tuning and
/// swings never change and are shared; two models are the same when they share the tuning and their
/// swings are equal.
struct PlayerModel {
    std::string name;  ///< whose it is; empty for nobody in particular
    Hand hand = Hand::Right;
    std::shared_ptr<const Tuning> tuning{};  ///< none: the priors
    /// As the coach wrote them down; none: an ordinary player's, or those that were tuned.
    std::shared_ptr<const SwingSet> swings{};

    /// From swing to swing: his own where it is tuned, else an ordinary player's.
    PlayerScatter scatter() const;
    /// With the ground of that day, where it was fitted; \p day as the shots' times begin.
    PlayerModel onDay(std::string_view day) const;

    bool operator==(const PlayerModel& other) const;
};

}  // namespace wedgeon
