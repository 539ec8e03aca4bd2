// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
/// \file The swings that a player has, as sizes with a speed.
#pragma once

#include <optional>
#include <string>
#include <vector>

#include "wedgeon/shot/player_model.h"

namespace wedgeon {

/// One size of swing with one club, and the speed of the head that comes of it.
struct Rung {
    std::string swing;  ///< as the player calls it
    double speed_mps = 0.0;
    double sd_mps = 0.0;    ///< from swing to swing; 0: not known
    std::size_t shots = 0;  ///< 0: a guess

    bool operator==(const Rung&) const = default;
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
    /// His swings as the coach wrote them down, else as they were tuned, else an ordinary player's.
    /// A swing's speed is what was tuned with this club, else the mean of his other clubs, else the
    /// prior's, in proportion to what he swings besides. With an empty \p club the mean of all.
    SwingLadder(const PlayerModel& player, const std::string& club);
    /// By rising speed, whatever the order; of two at one speed the first.
    explicit SwingLadder(std::vector<Rung> rungs);

    const std::vector<Rung>& rungs() const { return rungs_; }
    /// No shot is behind any of them.
    bool isGuess() const;
    double least_mps() const;  ///< he can swing as softly as this
    double most_mps() const;   ///< and not harder than this
    SwingSize sizeOf(double speed_mps) const;
    /// The next longer one after a swing of this speed, or the next shorter one where there is
    /// none; nullptr where he has no other.
    const Rung* besides(double speed_mps) const;
    /// The speed of a size; nothing for a swing that is not there.
    std::optional<double> speedOf(const SwingSize& size) const;

    bool operator==(const SwingLadder&) const = default;

private:
    std::vector<Rung> rungs_;
};

}  // namespace wedgeon
