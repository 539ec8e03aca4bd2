// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
/// \file What one step of each thing is worth here, by playing it.
#pragma once

#include <array>
#include <optional>
#include <vector>

#include "wedgeon/shot/quantity.h"

namespace wedgeon {

/// A step that a coach would speak of.
enum class WorthStep {
    OneDegreeLean,
    FiveDegreesOpen,
    OneBallBack,
    FivePercentWeight,
    OtherSwing,
    WetFace
};

struct Worth {
    WorthStep step;
    /// Change of each outcome, SI; empty when the step leads out of the model.
    std::optional<std::array<double, outcomeCount>> change;

    double operator[](Outcome o) const { return (*change)[static_cast<std::size_t>(o)]; }
};

/// Which scatter of the player moves the carry most, to first order.
struct MainRisk {
    enum class Source { Speed, Attack, Loft } source = Source::Loft;
    double carry_m = 0.0;  ///< one standard deviation of it, in carry
};

}  // namespace wedgeon
