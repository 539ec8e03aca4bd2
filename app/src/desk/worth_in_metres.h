// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// What a difference of one measure is worth on the bench's shot: how far it moves the rest.
#pragma once

#include <optional>

#include "desk/bench_state.h"
#include "wedgeon/store/shot_record.h"
#include "wedgeon/train/drill.h"

namespace wedgeon {

/// Metres on the ground between where the bench's shot rests and where it rests with the measure
/// changed by \p change (SI) and all else left; of a distance the change itself. Nothing for what
/// moves no ball, and for a shot that cannot be played so.
std::optional<double> findWorth_m(const BenchState& bench, store::Quantity quantity, double change);
std::optional<double> findWorth_m(const BenchState& bench, DrillMeasure measure, double change);

}  // namespace wedgeon
