// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Where a function of one number is zero, by Boost's solver.
#pragma once

#include <functional>

namespace wedgeon::numeric {

/// A root of \p f between \p low and \p high, where it has the values \p fLow and \p fHigh of
/// unlike sign (or zero), to within \p tolerance of the argument; where \p f jumps over zero, the
/// jump. Algorithm 748 of Alefeld, Potra and Shi (1995). At most 60 calls.
double findRoot(const std::function<double(double)>& f, double low, double high, double fLow,
                double fHigh, double tolerance);

/// Where \p f, which has one peak between \p low and \p high, is highest, to about 1e-8 of its
/// place. Brent's method (1973).
double findPeak(const std::function<double(double)>& f, double low, double high);

}  // namespace wedgeon::numeric
