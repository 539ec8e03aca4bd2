// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// The mean over all orders in which causes could be changed.
#pragma once

#include <array>
#include <bit>
#include <cmath>
#include <cstddef>
#include <vector>

namespace wedgeon {

/// \p value has the outcomes of every subset of the causes, its bits those that are changed. The
/// share of each cause in each outcome; they add up to value.back() - value.front() to the last bit
/// that rounding leaves, which goes to the largest.
template <std::size_t Outcomes>
std::vector<std::array<double, Outcomes>> shapley(
    const std::vector<std::array<double, Outcomes>>& value) {
    const auto n = static_cast<std::size_t>(std::countr_zero(value.size()));
    // By how many are changed before: (before)! (n - before - 1)! / n!.
    std::vector<double> weight(n, n > 0 ? 1.0 / static_cast<double>(n) : 0.0);
    for (std::size_t before = 1; before < n; ++before)
        weight[before] =
            weight[before - 1] * static_cast<double>(before) / static_cast<double>(n - before);
    std::vector<std::array<double, Outcomes>> share(n);
    for (std::size_t k = 0; k < n; ++k) {
        for (std::size_t set = 0; set < value.size(); ++set) {
            if ((set >> k & 1u) != 0) continue;
            const double w = weight[static_cast<std::size_t>(std::popcount(set))];
            for (std::size_t o = 0; o < Outcomes; ++o)
                share[k][o] += w * (value[set | std::size_t{1} << k][o] - value[set][o]);
        }
    }
    for (std::size_t o = 0; o < Outcomes && n > 0; ++o) {
        std::size_t largest = 0;
        for (std::size_t k = 1; k < n; ++k) {
            if (std::abs(share[k][o]) > std::abs(share[largest][o])) largest = k;
        }
        for (int pass = 0; pass < 4; ++pass) {
            double sum = 0.0;
            for (std::size_t k = 0; k < n; ++k)
                sum += share[k][o];
            share[largest][o] += (value.back()[o] - value.front()[o]) - sum;
        }
    }
    return share;
}

}  // namespace wedgeon
