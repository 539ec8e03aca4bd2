// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
/// \file What one step of each thing is worth here, by playing it.
#pragma once

#include <array>
#include <optional>
#include <vector>

#include "wedgeon/shot/quantity.h"
#include "wedgeon/shot/spread.h"

namespace wedgeon {

/// A step that a coach would speak of.
enum class WorthStep {
    OneDegreeLean,
    FiveDegreesOpen,
    OneBallBack,
    FivePercentWeight,
    OneUnitOfSpeed,
    WetFace
};

struct Worth {
    WorthStep step;
    /// Change of each outcome, SI; empty when the step leads out of the model.
    std::optional<std::array<double, outcomeCount>> change;

    double operator[](Outcome o) const { return (*change)[static_cast<std::size_t>(o)]; }
};

/// Every step, each alone, from this recipe. Whole steps are played, not slopes: a bounce that
/// comes or goes with the step is in it. \p speed_mps is one unit of the speed, as people read it.
/// \throws RangeError from the recipe itself.
std::vector<Worth> findWorth(const Recipe& recipe, const Givens& givens, double speed_mps = 1.0);

/// Which scatter of the player moves the carry most, to first order.
struct MainRisk {
    enum class Source { Speed, Attack, Loft } source = Source::Loft;
    double carry_m = 0.0;  ///< one standard deviation of it, in carry
};
MainRisk findMainRisk(const ShotResult& shot, const Givens& givens, const SpreadSource& swings);

}  // namespace wedgeon
