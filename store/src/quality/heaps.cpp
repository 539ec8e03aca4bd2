// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
#include "heaps.h"

#include <algorithm>
#include <cmath>

namespace wedgeon::store::quality {

std::optional<Heaps> findHeaps(std::vector<double> values, double least) {
    constexpr std::size_t fewest = 20, smallest = 8;
    constexpr double apart = 4.0;
    const std::size_t n = values.size();
    if (n < fewest) return std::nullopt;
    std::sort(values.begin(), values.end());
    const std::size_t edge = std::max(smallest, n / 8);
    // About the middle, so that squares lose no digits.
    const double centre = values[n / 2];
    double sum = 0.0, squares = 0.0;
    for (double& v : values) {
        v -= centre;
        sum += v;
        squares += v * v;
    }
    std::size_t best = 0;
    double within = 0.0, below = 0.0, belowOfBest = 0.0;
    for (std::size_t k = 1; k < n; ++k) {
        below += values[k - 1];
        if (values[k] == values[k - 1]) continue;
        const double above = sum - below;
        const double left = squares - below * below / static_cast<double>(k) -
                            above * above / static_cast<double>(n - k);
        if (best == 0 || left < within) {
            best = k;
            within = left;
            belowOfBest = below;
        }
    }
    // A few by themselves are misreads or mishits, and what goes with them to make up a heap is
    // not.
    if (best < edge || n - best < edge) return std::nullopt;
    const double lower = belowOfBest / static_cast<double>(best);
    const double upper = (sum - belowOfBest) / static_cast<double>(n - best);
    const double deviation = std::sqrt(std::max(within, 0.0) / static_cast<double>(n));
    if (upper - lower < std::max(least, apart * deviation)) return std::nullopt;
    Heaps out;
    out.boundary = centre + (values[best - 1] + values[best]) / 2;
    out.lower = centre + values[best / 2];
    out.upper = centre + values[best + (n - best) / 2];
    out.upperIsSmaller = n - best < best;
    return out;
}

void askAboutHeap(Judged& judged, const std::vector<std::size_t>& members,
                  const std::function<bool(std::size_t)>& isApart, Quantity quantity) {
    constexpr double inARow = 4.0;  // on the mean: chance makes one or two of a heap
    std::vector<std::size_t> apart;
    std::size_t rows = 0;
    bool before = false;
    for (const std::size_t i : members) {
        const bool is = isApart(i);
        rows += is && !before;
        before = is;
        if (is) apart.push_back(i);
    }
    const bool inRows = static_cast<double>(apart.size()) >= inARow * static_cast<double>(rows);
    for (const std::size_t i : apart) {
        if (judged.says(i, Says::HeapInARow) || judged.says(i, Says::HeapAmongOthers)) continue;
        judged.note(i, Doubt::Change, 0.5,
                    {inRows ? Says::HeapInARow : Says::HeapAmongOthers, quantity, apart.size(),
                     members.size()});
    }
}

}  // namespace wedgeon::store::quality
