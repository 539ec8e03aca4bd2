// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
/// \file The swings that a player has, as sizes with a speed.
#pragma once

#include <span>
#include <string>
#include <vector>

#include "wedgeon/shot/player_model.h"

namespace wedgeon {

/// One size of swing with one club, and the speed of the head that comes of it.
struct Rung {
    std::string swing;  ///< as the player calls it
    double speed_mps = 0.0;
};

/// A speed said in swings: a rung, or a share of the way from one to the next. Empty names: less
/// than the shortest (\ref share of it) or more than the longest.
struct SwingSize {
    std::string from, to;  ///< the same: this rung
    double share = 0.0;    ///< of the way
};

/// The swings of one player with one club, by rising speed.
class SwingLadder {
public:
    SwingLadder() = default;
    /// What was tuned to the player with this club; else with any of his clubs; else the prior's.
    SwingLadder(const PlayerModel& player, const std::string& club);
    /// An ordinary player's: hands to the knee, hip, ribs, shoulder, and a full swing. A guess.
    static std::span<const Rung> prior();

    const std::vector<Rung>& rungs() const { return rungs_; }
    /// Not known of this player and club.
    bool isGuess() const { return guess_; }
    double least_mps() const;  ///< he can swing as softly as this
    double most_mps() const;   ///< and not harder than this
    SwingSize sizeOf(double speed_mps) const;

private:
    std::vector<Rung> rungs_;
    bool guess_ = true;
};

}  // namespace wedgeon
