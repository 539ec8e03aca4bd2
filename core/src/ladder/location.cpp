// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Middles and scatter that a mishit does not move.
#include "ladder/location.h"

#include <cmath>

#include "tune/robust_fit.h"

namespace wedgeon::ladder {
namespace {

constexpr double far = 4.7;
/// A biweight of normal numbers knows its middle as 95 in 100 of them would tell.
constexpr double efficiency = 0.95;
constexpr int rounds = 20;
constexpr std::size_t fewest = 3;

}  // namespace

Location findLocation(const std::vector<double>& values, double sd) {
    if (values.empty()) return {};
    Location out{tune::medianOf(values), static_cast<double>(values.size())};
    // Of two, neither is known to be the mishit.
    if (values.size() < fewest) {
        out.middle = 0.5 * (values.front() + values.back());
        return out;
    }
    for (int i = 0; i < rounds; ++i) {
        double sum = 0.0, weights = 0.0;
        for (const double v : values) {
            const double u = (v - out.middle) / (far * sd);
            if (std::abs(u) >= 1.0) continue;
            const double w = (1 - u * u) * (1 - u * u);
            sum += w * v;
            weights += w;
        }
        if (weights <= 0.0) return {out.middle, 1.0};
        const double next = sum / weights;
        out.counted = 0.0;
        for (const double v : values)
            out.counted += std::abs(v - next) < far * sd ? efficiency : 0.0;
        const bool still = std::abs(next - out.middle) < 1e-9;
        out.middle = next;
        if (still) break;
    }
    if (out.counted < 1.0) out.counted = 1.0;
    return out;
}

double pooledScatter(const std::vector<std::vector<double>>& kinds, double otherwise) {
    std::vector<double> off;
    for (const auto& kind : kinds) {
        if (kind.size() < fewest) continue;
        const double middle = tune::medianOf(kind);
        const auto n = static_cast<double>(kind.size());
        // The median of few lies close to them.
        for (const double v : kind)
            off.push_back(std::abs(v - middle) * std::sqrt(n / (n - 1)));
    }
    if (off.size() < 2 * fewest) return otherwise;
    return tune::madToSd * tune::medianOf(std::move(off));
}

}  // namespace wedgeon::ladder
