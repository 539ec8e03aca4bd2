// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
/// \file Why two groups of shots differ: shares of the difference of their means, with intervals.
#pragma once

#include <span>
#include <stop_token>

#include "wedgeon/explain/explain.h"

namespace wedgeon {

/// SI. from and to are the means of the predicted outcomes; half[o][c] is the half width of the
/// 80 % interval of share[o][c], and halfDifference[o] that of to - from.
struct GroupExplanation {
    Explanation mean;
    std::array<std::array<double, causeCount>, outcomeCount> half{};
    std::array<double, outcomeCount> halfDifference{};
    /// Of a side of one shot: the outcome's variance from what its club was read wrong by.
    std::array<double, outcomeCount> readVarianceA{}, readVarianceB{};
    std::size_t shotsA = 0, shotsB = 0;
    std::size_t pairs = 0;  ///< that could be played
};

struct GroupOptions {
    std::size_t mostShots = 150;  ///< of each group, by chance; more would only take longer
    std::size_t rounds = 4;
    unsigned threads = 0;  ///< 0: all cores
    std::uint64_t seed = 1;
    std::stop_token stop;

    /// \throws RangeError for mostShots outside 2-2000, rounds outside 2-100.
    void validate() const;
};

/// Shots of the one group are paired with shots of the other, by chance and so that each counts
/// alike (a coupling of the two uniform distributions, of at most |a| + |b| - 1 pairs a round); the
/// shares of a pair are those of explain, so that the mean shares add up to the difference of the
/// means. How a share varies from shot to shot, apart from the partner, is estimated by analysis
/// of variance over the rounds (Searle, Casella, McCulloch, "Variance Components", 1992, ch. 3),
/// and the interval is Welch's (B. L. Welch, Biometrika 34, 1947). A side of one shot shows no
/// variance: what its club was read wrong by (unknowns.h) stands for it, and counts as known. The
/// interval speaks of shots that were hit alike, not of the model's own error.
/// \throws RangeError "shots" when a group is empty, or when no pair can be played.
GroupExplanation explainGroups(std::span<const ShotCauses> a, std::span<const ShotCauses> b,
                               const GroupOptions& options = {});

/// The variance of a mean, and the shots that it was estimated from; 0 for one that is known.
struct MeanVariance {
    double variance = 0.0;
    std::size_t shots = 0;

    static MeanVariance of(std::span<const double> values);
};
/// Half width of the 80 % interval of the difference of two means.
double findDifferenceHalf80(const MeanVariance& a, const MeanVariance& b);

/// Half width of the 80 % interval of a mean of \p n values with this standard deviation;
/// infinite below two. Student's t.
double findMeanHalf80(double deviation, std::size_t n);

}  // namespace wedgeon
