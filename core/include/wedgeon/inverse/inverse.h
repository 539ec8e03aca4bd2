// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
/// \file Ask for it (Predictor::findRecipe): the smallest change of a set-up that reaches given
/// results, or why none does.
#pragma once

#include <cstddef>
#include <optional>
#include <vector>

#include "wedgeon/shot/quantity.h"

namespace wedgeon {

/// A wanted result. SI.
struct Target {
    Outcome outcome;
    double value = 0.0;
    double tolerance = 0.0;  ///< either way; more than 0
};

/// A part of the set-up that may change, within bounds and at a cost per step squared.
struct Freedom {
    Dial dial;
    std::optional<double> low, high;  ///< SI; the dial's own where not given
    double cost = 1.0;                ///< of one step (DialInfo::step), more than 0
};

struct Reached {
    Outcome outcome;
    double wanted = 0.0, reached = 0.0, tolerance = 0.0;
    bool within() const;
};

///
/// Found by minimising the cost of the change subject to the targets' tolerances: penalty with a
/// rising weight on what lies outside them, damped Gauss-Newton on exact derivatives, bounds by
/// projection, from the start and eight fixed places. Where none reaches the targets it is the one
/// that misses the worst of them by the fewest tolerances. Over a line there is none. \throws
/// RangeError when the starting recipe is out of range, for no target, no freedom, a tolerance or
/// cost that is not more than 0, a bound that is empty.
struct InverseResult {
    bool found = false;  ///< every target within its tolerance
    Recipe recipe;       ///< the smallest change, or the least worst miss, in tolerances
    std::vector<Reached> reached;
    std::vector<Dial> atBound;  ///< freedoms that ended on a bound
    // Why nothing was found; with nothing reached it was not run.
    bool overALine = false;    ///< asking works on plain ground only
    std::size_t worst = 0;     ///< of reached: missed by most of its tolerances
    bool gripIsSpent = false;  ///< more spin is asked for where friction limits it, so that more
                               ///< loft adds none
};

}  // namespace wedgeon
