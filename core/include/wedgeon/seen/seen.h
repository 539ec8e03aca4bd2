// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
/// \file A shot that nobody measured: what was seen of it, how sure each kind of seeing is, and
/// what the shot must have had.
#pragma once

#include <cstddef>
#include <cstdint>
#include <optional>

#include "wedgeon/shot/predictor.h"
#include "wedgeon/simulate/simulate.h"

namespace wedgeon {

/// Where the top of the flight was, beside what stands there: a waist 1.0 m, a head 1.8 m and a
/// tree 7 m high.
enum class SeenHeight { BelowWaist, BelowHead, BelowTree, AboveTree };
/// Of the start of the ball and of its curve: left and right of the line, as one looks along it.
enum class SeenSide { Left, Straight, Right };
enum class SeenStrike { Fat, Clean, Thin };
/// The turf taken: no more than brushed, a scuff up to 4 mm deep, a small one up to 12 mm.
enum class SeenTurf { None, Scuff, Small, Deep };
/// Where the mark in the turf begins: more than half a ball behind the ball, or beyond it.
enum class SeenEntry { BeforeBall, AtBall, AfterBall };

/// What was seen of one shot; nothing where nobody looked. SI.
struct Sighting {
    std::optional<double> landed_m;  ///< along the target line, from the ball
    bool landedJudged = false;       ///< against a spot, from afar; else paced
    std::optional<double> rest_m;    ///< along the target line, from the ball; walked to
    std::optional<double> restSide_m;
    std::optional<SeenHeight> height;
    std::optional<double> apex_m;          ///< held against the flagstick
    std::optional<int> bit;                ///< the bounce that bit, from 1; 0: none did
    std::optional<SeenSide> start, curve;  ///< beyond 2.5 degrees; beyond 3 % of the carry
    std::optional<SeenStrike> strike;
    std::optional<SeenTurf> turf;
    std::optional<SeenEntry> entry;

    /// \throws RangeError "landed_m", "rest_m" or "apex_m" outside 0 to 300 m (rest from -20),
    /// "rest_side_m" beyond 150 m, "bit" outside 0-4.
    void validate() const;
    bool empty() const { return *this == Sighting{}; }
    bool operator==(const Sighting&) const = default;
};

/// How far what is seen lies from what was: priors of ours, see docs/model.md. Deviations.
namespace seeing {
double landedSd_m(double landed_m, bool judged);  ///< paced: 4 % and 0.5 m; judged: 6 % and 0.8 m
double restSd_m(double rest_m);                   ///< 3 % and 0.3 m
inline constexpr double restSideSd_m = 0.4;
inline constexpr double apexShare = 0.15;    ///< of a height against the flagstick, and
inline constexpr double heightShare = 0.20;  ///< of one against waist, head and tree
inline constexpr double startSd_rad = 0.026;
inline constexpr double curveShare = 0.02;
inline constexpr double turfSd_m = 0.003;
inline constexpr double entrySd_m = 0.015;
/// The logarithms of heights between which a class lies; infinite at its open end.
struct Between {
    double from = 0.0, to = 0.0;
};
Between logHeight(SeenHeight height);
Between turfDepth_m(SeenTurf turf);
Between entryAhead_m(SeenEntry entry);
}  // namespace seeing

/// What a shot had that Sighting is held against.
struct SeenTruth {
    double carry_m = 0.0, side_m = 0.0, total_m = 0.0, restSide_m = 0.0, apex_m = 0.0;
    double direction_rad = 0.0;
    int bit = 0;
    StrikeKind kind = StrikeKind::Clean;
    double depth_m = 0.0;  ///< of the sole at its lowest, into the turf
    double entry_m = 0.0;  ///< where it enters the turf, ahead of the ball
};
/// Logarithm of how likely a shot with \p truth is seen so, but for a constant.
double logLikelihood(const Sighting& seen, const SeenTruth& truth);

/// How well a player is known beside his tuning: deviations of what all his shots have in common.
struct SeenUnknown {
    double speedShare = 0.12;  ///< of the swing's speed
    double loft_rad = 0.052;   ///< of the lean as it is delivered
    double attack_rad = 0.014;
    SpreadSource parameters;  ///< of ball, face and ground; its swing parts are not used
};

/// What a shot must have had, as quantiles of the model's shots weighted by what was seen.
struct SeenShot {
    Quantiles launch_rad, spin_radps, landing_rad, carry_m, release_m, apex_m, ballSpeed_mps;
    Quantiles clubSpeed_mps, attack_rad, dynamicLoft_rad;
    double fat = 0.0, clean = 0.0, thin = 0.0;
    /// As many samples of equal weight would tell as much.
    double counted = 0.0;
    /// What was seen does not happen with this set-up, as far as the model knows: no sample comes
    /// near all of it, or too few do.
    bool strange = false;
};
/// Importance sampling: \p samples swings of this player, with what is not known of him, are
/// played, and each counts as likely as it is seen so. The same for the same arguments.
/// \throws RangeError where the set-up cannot be played, and from the sighting.
SeenShot weighSeen(const Predictor& predictor, const Recipe& declared, const Sighting& seen,
                   const SeenUnknown& unknown = {}, std::size_t samples = 3000,
                   std::uint64_t seed = 1);

}  // namespace wedgeon
