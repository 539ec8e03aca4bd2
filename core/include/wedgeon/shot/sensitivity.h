// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
/// \file What one degree, one ball, one per cent is worth: derivatives of every outcome.
#pragma once

#include <array>

#include "wedgeon/shot/quantity.h"

namespace wedgeon {

/// slope[outcome][dial] = d outcome / d dial, both in SI.
struct Sensitivity {
    std::array<std::array<double, dialCount>, outcomeCount> slope{};

    double operator()(Outcome o, Dial d) const {
        return slope[static_cast<std::size_t>(o)][static_cast<std::size_t>(d)];
    }
};

}  // namespace wedgeon
