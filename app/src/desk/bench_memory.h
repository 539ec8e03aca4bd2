// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// The bench from one start of the program to the next: who, what he meets, his recipes. In the
// settings, as the documents that `predict` and the recipe files use.
#pragma once

#include "desk/bench_state.h"

namespace wedgeon {

/// As it was last; what was never kept, or cannot be read, is as on the first start, which knows no
/// player. Without a tuning: the logbook has it.
BenchState rememberedBench();
void rememberBench(const BenchState& state);

}  // namespace wedgeon
