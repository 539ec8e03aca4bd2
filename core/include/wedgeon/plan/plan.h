// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
/// \file Which shot, from here: every shot that this player has, played many times over the real
/// line, ranked by the strokes that it still takes to hole out.
#pragma once

#include <array>
#include <functional>
#include <optional>
#include <stop_token>
#include <string>
#include <vector>

#include "wedgeon/ladder/swing_ladder.h"
#include "wedgeon/lie/reading.h"
#include "wedgeon/plan/hole_out.h"
#include "wedgeon/shot/predictor.h"

namespace wedgeon {

/// A club of the bag. The putter needs no numbers.
struct BagClub {
    std::string name;  ///< as the player calls it; empty: by its loft
    Wedge wedge;
    bool putter = false;

    bool operator==(const BagClub&) const = default;
};

/// An ordinary bag from wedges to a mid-iron, and the putter; a guess.
std::vector<BagClub> ordinaryBag();
/// The same with a player's wedges in the place of its own.
std::vector<BagClub> bagWith(const std::vector<BagClub>& wedges);

/// A way of playing that is tried with every wedge: a school, or a recipe of the coach's own.
struct Technique {
    std::string key;
    Recipe recipe;  ///< its speed is not used
};

struct PlanRequest {
    PlayerModel player;
    /// Its wedge is not used. Needs a line with a flag and a green.
    Conditions conditions;
    /// The lie with its width; without it the conditions' is taken as it is.
    std::optional<LieReading> reading;
    std::vector<BagClub> clubs;
    /// Beside the schools and the ordinary pitch with its variations.
    std::vector<Technique> own;
    /// As they are known from his shots; none: from the player.
    std::optional<SwingLadder> swings;
    HoleOutTable holeOut = HoleOutTable::of(Level::ClubPlayer);
    std::size_t samples = 1000;
    std::uint64_t seed = 1;
    unsigned threads = 0;  ///< 0 for all cores; the result does not depend on it

    /// \throws RangeError naming the field: the line's own, "flag_m" missing or off the green,
    /// "obstacle.at_m" where the flag stands in one, "clubs" none or more than 30, samples
    /// 16-100,000.
    void validate() const;
};

enum class Height { Putter, Low, Middle, High };
inline constexpr std::size_t heightCount = 4;

/// What costs a shot strokes beside the best one that could be played.
enum class Cost {
    Putts,  ///< on the green, but far from the flag
    Fringe,
    Short,  ///< short of the green, on grass
    Over,   ///< past the green, on grass
    Sand,
    Water,
    Stopped,  ///< by something that it did not clear
    Fat,      ///< struck, wherever it ends
    Thin
};
inline constexpr std::size_t costCount = 9;

struct Interval80 {
    double low = 0.0, middle = 0.0, high = 0.0;
};

/// One shot of the answer.
struct PlannedShot {
    std::size_t club = 0;   ///< of the request
    std::string technique;  ///< a school's key, an own recipe's, or "ordinary"
    Recipe recipe;          ///< with the speed for its landing spot; not for the putter
    double clubSpeed_mps = 0.0;
    double aim_rad = 0.0;  ///< turn of body, path and face; positive is right
    Height height = Height::Middle;
    SwingSize swing;
    bool guessedSwing = false;  ///< this player's own speeds are not known

    // As it is meant, struck cleanly.
    double landing_m = 0.0, run_m = 0.0, apex_m = 0.0, launch_rad = 0.0, spin_radps = 0.0;
    /// Over each obstacle of the line, in its order; NaN where the flight does not pass it.
    std::vector<double> clearance_m;

    // Played many times.
    Interval80 landing, rest;  ///< along the line
    double onGreen = 0.0;
    double inside2m = 0.0;             ///< on green or fringe
    double shortOf = 0.0, over = 0.0;  ///< of the green, of those that are not on it
    double inSand = 0.0, inWater = 0.0, stopped = 0.0;
    double trouble = 0.0;    ///< any of the three
    double chipAgain = 0.0;  ///< neither on the green nor on the fringe
    double fat = 0.0, thin = 0.0;
    /// Strokes to hole out, this one included.
    double strokes = 0.0;
    double strokesError = 0.0;  ///< one standard error of the mean
    double blowUp = 0.0;        ///< chance of a stroke or more above the mean
    /// What of the strokes above \ref Plan::parStrokes comes of what; adds up to them.
    std::array<double, costCount> costs{};
};

/// Why a shot stands where it does: the cost in which it differs most from the one that it is
/// compared with (the first from the second, the others from the first).
struct Reason {
    Cost cost = Cost::Putts;
    double strokes = 0.0;  ///< by which it is better (less than 0) or worse there
};

struct Plan {
    /// Three to five that differ clearly, the best first.
    std::vector<PlannedShot> shots;
    std::vector<Reason> reasons;  ///< one for each
    /// Every candidate's best landing spot, the best first.
    std::vector<PlannedShot> all;
    /// Strokes if the ball were at the flag: costs are counted from there.
    double parStrokes = 2.0;
    std::size_t samples = 0, candidates = 0;
};

/// Tells how far it is, 0-1.
using PlanProgress = std::function<void(double)>;

/// \return nothing when \p stop asked for it.
/// \throws RangeError from the request.
std::optional<Plan> makePlan(const PlanRequest& request, const std::stop_token& stop = {},
                             const PlanProgress& progress = {});

/// Something that could be otherwise.
enum class Change { FlagFarther, FlagNearer, WetFace, LieDown, LieUp, Firmer, Softer, WindInto };
inline constexpr std::size_t changeCount = 8;

struct WouldChange {
    Change change = Change::FlagFarther;
    double by = 0.0;   ///< m, or m/s; 0 where it is a matter of yes or no
    PlannedShot shot;  ///< what is best then
};

/// The request with the change, where it makes sense there: the flag stays on the green, a wet face
/// is not made wet.
std::optional<PlanRequest> changed(const PlanRequest& request, Change change, double& by);

/// Plans again for every change, and tells those of which another shot comes first, clearly
/// different from \p plan's first and better than it there by more than chance.
std::optional<std::vector<WouldChange>> findChanges(const PlanRequest& request, const Plan& plan,
                                                    const std::stop_token& stop = {});

/// The best low, middle and high shot with the club at \p club, for a comparison side by side.
std::vector<PlannedShot> lowMiddleHigh(const Plan& plan, std::size_t club);

/// The way of a planned shot, struck as it is meant, for drawing.
/// \throws RangeError as a prediction does.
ShotTrace traceOf(const PlanRequest& request, const PlannedShot& shot);

/// What coaches' rules of thumb say beside what comes out here.
struct RulesOfThumb {
    /// Share of the way that is carry, of the best low, middle and high shot; none where there is
    /// no such shot. The rules: about half, two thirds, most of it.
    std::array<std::optional<double>, 3> carryShare;
    /// Launch of the first shot lower by one ball farther back [rad]. The rule: a few degrees.
    std::optional<double> launchPerBall_rad;
    /// Speed that the first shot would need from half-down lush grass over what it needs here.
    std::optional<double> heavyGrass;
};
RulesOfThumb rulesOfThumb(const PlanRequest& request, const Plan& plan);

/// Whether a coach would call them two shots.
bool clearlyDifferent(const PlannedShot& a, const PlannedShot& b);

}  // namespace wedgeon
