// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
/// \file The normal distribution.
#pragma once

namespace wedgeon {

/// Half width of an interval with 80 % of a normal distribution, in standard deviations.
inline constexpr double halfOf80 = 1.2815515655446004;

}  // namespace wedgeon
