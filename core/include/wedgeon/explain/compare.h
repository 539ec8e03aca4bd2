// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
/// \file What two groups of shots differ in as they were measured, and what made it: like with
/// like, outcome by outcome.
#pragma once

#include <optional>
#include <span>
#include <vector>

#include "wedgeon/explain/groups.h"

namespace wedgeon {

struct ComparedShot {
    std::optional<ShotCauses> causes;  ///< where its club is known
    /// What was read of an outcome.
    std::array<std::optional<double>, outcomeCount> read{};
    /// Half width of what is left open of an outcome and is the same for all such shots, as where
    /// they were seen by eye: it does not shrink with their number.
    std::array<double, outcomeCount> open{};
};

/// SI; half widths of 80 % intervals.
struct OutcomeShares {
    std::array<double, causeCount> share{}, half{};
    /// What of the measured difference no cause has; nothing for a predicted one. The shares and
    /// the rest add up to to - from.
    double rest = 0.0, halfRest = 0.0;
};

/// Of one outcome. SI; every half width is of an 80 % interval, infinite where there is nothing
/// that could tell it.
struct OutcomeDifference {
    Outcome outcome{};
    bool measured = false;  ///< else both sides are predicted
    std::size_t usedA = 0, usedB = 0;
    std::size_t leftOut = 0;  ///< of both: without a reading, or without a club
    double from = 0.0, to = 0.0, halfDifference = 0.0;

    std::optional<OutcomeShares> shares;  ///< where both clubs are known

    double difference() const { return to - from; }
    /// Its whole interval is on one side of nothing.
    bool isClear() const { return std::abs(difference()) > halfDifference; }
    /// Its whole interval lies inside what does not matter.
    bool isSame(double whatMatters) const {
        return std::abs(difference()) + halfDifference < whatMatters;
    }
};

/// Of each of \p outcomes that can be told. Bars, shares and rest are of the same shots: those that
/// have both the club and the reading, where each side has one; else readings alone, without
/// shares; else predictions. A single shot's interval is from what its device reads wrong
/// (unknowns.h), a group's from how its shots differ.
/// \throws RangeError from GroupOptions::validate.
std::vector<OutcomeDifference> compareShots(std::span<const ComparedShot> a,
                                            std::span<const ComparedShot> b,
                                            std::span<const Outcome> outcomes,
                                            const GroupOptions& options = {});

/// Deviation of one reading of a ball, of this size; 0 for what is not read.
double readDeviation(Outcome outcome, double value);

}  // namespace wedgeon
