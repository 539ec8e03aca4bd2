// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// The library's calls.
#include "numeric/root.h"

#include <boost/math/tools/minima.hpp>
#include <boost/math/tools/toms748_solve.hpp>
#include <cmath>
#include <cstdint>

namespace wedgeon::numeric {

double findRoot(const std::function<double(double)>& f, double low, double high, double fLow,
                double fHigh, double tolerance) {
    if (fLow == 0.0) return low;
    if (fHigh == 0.0) return high;
    if (low > high) return findRoot(f, high, low, fHigh, fLow, tolerance);
    std::uintmax_t calls = 60;
    const auto [a, b] = boost::math::tools::toms748_solve(
        f, low, high, fLow, fHigh,
        [tolerance](double x, double y) { return std::abs(x - y) <= tolerance; }, calls);
    return 0.5 * (a + b);
}

double findPeak(const std::function<double(double)>& f, double low, double high) {
    // Half of the digits: closer a peak cannot be told from its neighbourhood.
    constexpr int bits = 26;
    return boost::math::tools::brent_find_minima([&](double x) { return -f(x); }, low, high, bits)
        .first;
}

}  // namespace wedgeon::numeric
