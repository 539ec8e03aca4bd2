// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
/// \file Values that lie in two heaps: another ball, a wet face, a new way to hit it.
#pragma once

#include <functional>
#include <optional>
#include <vector>

#include "judged.h"

namespace wedgeon::store::quality {

struct Heaps {
    double boundary = 0.0;            ///< between them
    double lower = 0.0, upper = 0.0;  ///< the middle of each
    bool upperIsSmaller = false;      ///< of the two heaps, by count

    bool isInSmaller(double value) const { return (value > boundary) == upperIsSmaller; }
    double middleOf(double value) const { return value > boundary ? upper : lower; }
};

/// The parting of \p values in two that leaves least variance within (W. D. Fisher, "On grouping
/// for maximum homogeneity", Journal of the American Statistical Association 53, 1958), where it
/// parts them clearly: heaps of eight and of an eighth of all at least, their means four deviations
/// within apart and by \p least. A normal heap parted so is 2.65 apart, an even one 3.5. Nothing
/// below twenty values.
std::optional<Heaps> findHeaps(std::vector<double> values, double least);

/// Asks what is different about those of \p members, in the order in which they were hit, that lie
/// apart in \p quantity: a wet face from there on, or two balls under one name. Once a shot.
void askAboutHeap(Judged& judged, const std::vector<std::size_t>& members,
                  const std::function<bool(std::size_t)>& isApart, Quantity quantity);

}  // namespace wedgeon::store::quality
