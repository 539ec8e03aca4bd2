// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
/// \file What a fit found, ranked by what it changes in this player's shots.
#pragma once

#include <span>
#include <vector>

#include "wedgeon/tune/tune.h"

namespace wedgeon {

/// One parameter that surely is not as it was thought before.
struct TuneFinding {
    TuneEstimate estimate;
    /// By how much it moves predictions of his shots, in the mean, beside the value before; half
    /// widths of 80 %. SI; NaN where it moves nothing of that kind.
    TuneOutcomes by{}, half{};
    TuneOutcome most{};   ///< what it moves most, in what matters to a coach
    double weight = 0.0;  ///< by how many times what matters
};

/// What a coach would not speak of: 1 degree of launch and landing, 150 rpm, 0.5 m of carry, 0.3 m
/// of release.
double mattersOf(TuneOutcome outcome);

/// The weightiest first; of estimates that are identified and whose interval does not hold the
/// value before. Each is put back alone, and as many as 60 of \p shots that count are predicted
/// with it and without; the set-up's on the shots whose set-up was declared.
std::vector<TuneFinding> findFindings(const PlayerFit& fit, std::span<const TuneShot> shots);

}  // namespace wedgeon
