// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
/// \file How far each club and swing of a player carries: estimated from logged shots, never
/// shorter for a longer swing, predicted where nothing was hit, and asked for a distance.
#pragma once

#include <array>
#include <cstdint>
#include <limits>
#include <optional>
#include <span>
#include <string>
#include <vector>

#include "wedgeon/ladder/swing_ladder.h"
#include "wedgeon/plan/plan.h"
#include "wedgeon/shot/predictor.h"

namespace wedgeon {

/// How a rung is played.
enum class Way {
    Plain,
    Opened,      ///< face 8 degrees or more open before gripping
    Low,         ///< leaned 9 degrees or more, or the ball a ball or more back
    High,        ///< the ball three quarters of a ball or more forward, the shaft near upright
    GrippedDown  ///< by 2.5 cm or more
};
inline constexpr std::size_t wayCount = 5;
/// Of a declared set-up: gripped down first, then opened, low, high.
Way wayOf(const Recipe& declared);

/// One logged shot.
struct LadderShot {
    std::size_t club = 0, swing = 0;  ///< of the request
    std::size_t met = 0;              ///< its conditions
    std::optional<Recipe> declared;
    double carry_m = std::numeric_limits<double>::quiet_NaN();
    double clubSpeed_mps = std::numeric_limits<double>::quiet_NaN();  ///< at the strike
    std::string day;         ///< ISO 8601, as far as it is known
    double carrySd_m = 0.0;  ///< of how the carry was read: 0 measured, else seen by eye
};

struct LadderRequest {
    PlayerModel player;
    std::vector<BagClub> clubs;  ///< without a putter
    SwingSet swings;
    /// The day that rungs are told for: what a shot met beside it is taken off by the model. The
    /// clubs' own wedges take the place of its wedge.
    Conditions plain;
    std::vector<Conditions> met;
    std::vector<LadderShot> shots;
    std::uint64_t seed = 1;

    /// \throws RangeError for clubs none or more than 30, a shot's club, swing or met that is not
    /// there, and from the swings.
    void validate() const;
};

struct LadderRung {
    std::size_t swing = 0;
    double clubSpeed_mps = 0.0;  ///< before the lie takes its part
    double speedSd_mps = 0.0;    ///< of its shots, from the robust scatter; 0 of fewer than 6
    double carry_m = 0.0, low80_m = 0.0, high80_m = 0.0;  ///< of the middle of its shots
    double shotsLow80_m = 0.0, shotsHigh80_m = 0.0;       ///< where 80 of 100 shots carry
    std::size_t shots = 0;
    std::string newest;      ///< day of the newest shot
    bool predicted = false;  ///< no shot of this rung is logged
};

/// One club played one way, through all swings.
struct LadderLine {
    std::size_t club = 0;
    Way way = Way::Plain;
    Recipe recipe;  ///< as it is declared most often; an ordinary one where it never was
    std::vector<LadderRung> rungs;
};

/// A stretch that no shot of a logged rung carries to: between two rungs with shots.
struct LadderGap {
    std::array<std::size_t, 2> below{}, above{};  ///< line, rung
    double from_m = 0.0, to_m = 0.0;              ///< the carries of the two
    std::size_t guesses = 0;                      ///< predicted rungs between
};
/// Two rungs with shots, of two clubs, that differ by less than either's spread.
struct LadderOverlap {
    std::array<std::size_t, 2> one{}, other{};
    double differ_m = 0.0;
};

struct Ladder {
    std::vector<BagClub> clubs;
    SwingSet swings;
    PlayerModel player;
    Conditions plain;
    std::vector<LadderLine> lines;  ///< by club; of each, plain first
    std::size_t shots = 0;          ///< that counted
    /// Not one shot: every number is a guess.
    bool isGuess() const { return shots == 0; }
};

/// Estimates all rungs at once. The logarithm of a rung's carry is what the model makes of its
/// swing's speed, plus an offset of the player, of the swing, of the club, of the way and of the
/// rung itself, each normal around 0 (two-way mixed effects; the deviations of swing, club and rung
/// are averaged over a grid by their marginal likelihood). Shots count by a rung's own and the
/// pooled scatter, those far from the rung's middle less (Tukey's biweight), and what a shot met is
/// taken off by the model. From the joint posterior 2,000 ladders are drawn, and each is made
/// monotone in the swing by least squares, each rung weighing as it is known (pooling adjacent
/// violators; projection of the posterior:
/// L. Lin and D. B. Dunson, Biometrika 101, 2014): their quantiles are the rungs, so that a longer
/// swing never carries shorter. The same for the same request. \throws RangeError.
Ladder makeLadder(const LadderRequest& request);

/// A rung as it plays in other conditions.
struct RungPlayed {
    double carry_m = 0.0, total_m = 0.0;
    double launch_rad = 0.0, landing_rad = 0.0, spin_radps = 0.0, apex_m = 0.0;
    bool plays = false;  ///< false: out of the model's reach there
};
/// Every rung in \p today (its wedge is not used), by line and rung: the rung's carry times what
/// the model says that today makes of it; monotone in the swing.
std::vector<std::vector<RungPlayed>> playLadder(const Ladder& ladder, const Conditions& today);

/// One speed for each swing: the mean of its rungs that are played as they are, by their shots; its
/// spread the one within these rungs.
SwingLadder swingsOf(const Ladder& ladder);

std::vector<LadderGap> findGaps(const Ladder& ladder);
/// Closest first.
std::vector<LadderOverlap> findOverlaps(const Ladder& ladder);

enum class LadderMeasure { Carry, Total };

/// How one line reaches a distance.
struct LadderReach {
    std::size_t line = 0;
    bool reaches = false;  ///< at a speed from 0.35 of the shortest swing's to the longest's
    SwingSize swing;
    Recipe recipe;  ///< with the speed
    double carry_m = 0.0, total_m = 0.0;
    /// Finishing (landing, for carry) within 3 m of the distance on the line.
    double within3m = 0.0;
};
/// Each line's way to a distance: the speed between two rungs by straight lines between the
/// logarithms of speed and distance, the odds from the player's scatter as it shows in the rungs'
/// spread, from the chances across the line, and from how well the rungs are known. \p played: what
/// playLadder said of the same \p today. \p lines: those that are asked; none: all.
std::vector<LadderReach> reachDistance(const Ladder& ladder,
                                       const std::vector<std::vector<RungPlayed>>& played,
                                       const Conditions& today, double distance_m,
                                       LadderMeasure measure, std::size_t samples = 400,
                                       std::span<const std::size_t> lines = {});
/// The line with the best odds; nothing where none reaches.
std::optional<std::size_t> bestReach(const std::vector<LadderReach>& reaches);

/// Least squares projection of \p values on what never falls, by pooling adjacent violators (M.
/// Ayer et al., Ann. Math. Stat. 26, 1955). \p weights, all above 0, of each; none: equal ones.
void makeMonotone(std::vector<double>& values, std::span<const double> weights = {});

}  // namespace wedgeon
