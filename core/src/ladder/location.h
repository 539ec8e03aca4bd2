// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// The middle of a few numbers of which some are mishits.
#pragma once

#include <vector>

namespace wedgeon::ladder {

struct Location {
    double middle = 0.0;
    double counted = 0.0;  ///< as many ordinary numbers would tell as much
};

/// Tukey's biweight around the median, for a scatter of \p sd: what lies 4.7 deviations off does
/// not count (P. J. Huber, Robust Statistics, 1981). 0 of nothing. \p own: of each value, the
/// deviation of how it was read besides; it counts the less. None: read exactly.
Location findLocation(const std::vector<double>& values, double sd,
                      const std::vector<double>& own = {});

/// Standard deviation of what lies around each kind's own median, from the median of the absolute
/// deviations; kinds of fewer than 3 tell nothing. \p otherwise where all are.
double pooledScatter(const std::vector<std::vector<double>>& kinds, double otherwise);

}  // namespace wedgeon::ladder
