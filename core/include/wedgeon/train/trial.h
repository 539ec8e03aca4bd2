// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
/// \file A trial: two ways with one player, hit in random order, and what their difference is. The
/// intervals hold at every shot at once, so that whoever looks after each of them, and stops when
/// he likes, is wrong no more often than stated.
#pragma once

#include <cstddef>
#include <cstdint>
#include <limits>
#include <optional>
#include <span>
#include <vector>

namespace wedgeon {

enum class Arm { A, B };

/// The arm of each shot: blocks of four, two of each arm in an order by chance. The same for the
/// same seed, however many are asked for.
std::vector<Arm> findArms(std::uint64_t seed, std::size_t shots);

/// What is decided before the first shot.
struct TrialDesign {
    double matters = 1.0;  ///< a smaller difference is none to this player; in the measure's unit
    double expectedSd = 1.0;  ///< of single shots of one way, as far as it is known before
    double errorRate = 0.1;   ///< how often a trial of two equal ways may find a difference
    double power = 0.8;       ///< how often one that differ by what matters is to find it

    /// \throws RangeError for a difference or deviation that is not above 0 or beyond 1e6, one that
    /// is more than a hundred times the other, an error rate outside 0.001-0.5 and a power outside
    /// 0.5-0.99.
    void validate() const;
};

/// One shot's value of one measure.
struct TrialValue {
    Arm arm = Arm::A;
    double value = 0.0;
};

/// Of the shots so far. The interval is infinite while they are too few.
struct TrialReading {
    std::size_t shotsA = 0, shotsB = 0;
    double meanA = std::numeric_limits<double>::quiet_NaN();
    double meanB = std::numeric_limits<double>::quiet_NaN();
    double difference = std::numeric_limits<double>::quiet_NaN();  ///< B less A
    double low = -std::numeric_limits<double>::infinity();
    double high = std::numeric_limits<double>::infinity();
    double sd = std::numeric_limits<double>::quiet_NaN();  ///< within the arms
};

/// The difference of the means with a confidence sequence: all the differences that the sequential
/// t test does not reject, which mixes Student's likelihood ratio over effects that are normal
/// around 0 with the deviation matters / expectedSd, under the right-invariant prior of mean and
/// deviation. That ratio is a test martingale whatever mean and deviation are, so that by Ville's
/// inequality it exceeds 1 / errorRate at any shot in at most errorRate of the trials (T. L. Lai,
/// "On confidence sequences", Annals of Statistics 4, 1976; M. F. Perez-Ortiz, T. Lardy, R. de
/// Heide, P. Gruenwald, "E-statistics, group invariance and anytime-valid testing", Annals of
/// Statistics 52, 2024). Values of an arm are taken as normal with one deviation for both arms; far
/// strays widen it. \throws RangeError from the design, and for a value that is no number.
TrialReading readTrial(std::span<const TrialValue> values, const TrialDesign& design);

/// How the scatter of B is to that of A, as a ratio of deviations. The sequence rests on the large
/// sample law of a deviation's logarithm (variance 1 / 2(n - 1)) and holds about as often as it
/// says from some ten shots of each arm on; before that it is infinite.
struct ScatterReading {
    double sdA = std::numeric_limits<double>::quiet_NaN();
    double sdB = std::numeric_limits<double>::quiet_NaN();
    double ratio = std::numeric_limits<double>::quiet_NaN();
    double low = 0.0, high = std::numeric_limits<double>::infinity();
};
ScatterReading readScatter(std::span<const TrialValue> values, const TrialDesign& design);

/// How often the ball was struck clean. Shots count in pairs, the k-th of A with the k-th of B,
/// each by the ratio of the likelihoods with two rates, as estimated before it, and with one
/// (R. J. Turner, A. Ly, P. D. Gruenwald, "Generic E-variables for exact sequential k-sample tests
/// that allow for optional stopping", Journal of Statistical Planning and Inference 230, 2024).
struct StrikeShot {
    Arm arm = Arm::A;
    bool clean = false;
};
struct StrikeReading {
    std::size_t shotsA = 0, shotsB = 0, cleanA = 0, cleanB = 0;
    double evidence = 1.0;  ///< against equal rates; a difference from 1 / errorRate on
    bool differ = false;    ///< it was ever that much
};
StrikeReading readStrikes(std::span<const StrikeShot> shots, const TrialDesign& design);

enum class TrialVerdict {
    CannotTell,   ///< yet
    Difference,   ///< the interval leaves out 0
    NoDifference  ///< that matters: all of the interval lies within what matters
};
struct TrialAnswer {
    TrialVerdict verdict = TrialVerdict::CannotTell;
    /// Of a difference: all of the interval is beyond what matters.
    bool surelyMatters = false;
    /// More shots after which it could be told, if they go on as they did; nothing where that takes
    /// more than 400.
    std::optional<std::size_t> more;
};
TrialAnswer findAnswer(const TrialReading& reading, const TrialDesign& design);

/// Shots of both arms together after which a difference that matters is found as often as the
/// design's power says, by Student's noncentral distribution at that shot; nothing beyond 400.
std::optional<std::size_t> findShotsNeeded(const TrialDesign& design);

}  // namespace wedgeon
