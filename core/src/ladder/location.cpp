// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Middles and scatter that a mishit does not move.
#include "ladder/location.h"

#include <algorithm>
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

Location findLocation(const std::vector<double>& values, double sd,
                      const std::vector<double>& own) {
    if (values.empty()) return {};
    const auto sdOf = [&](std::size_t i) { return own.empty() ? sd : std::hypot(sd, own[i]); };
    /// As a share of what a value that was read exactly tells.
    const auto tells = [&](std::size_t i) { return std::pow(sd / sdOf(i), 2); };
    Location out{tune::medianOf(values), 0.0};
    // Of two, neither is known to be the mishit.
    if (values.size() < fewest) {
        double sum = 0.0;
        for (std::size_t i = 0; i < values.size(); ++i) {
            sum += tells(i) * values[i];
            out.counted += tells(i);
        }
        out.middle = sum / out.counted;
        return out;
    }
    for (int i = 0; i < rounds; ++i) {
        double sum = 0.0, weights = 0.0;
        for (std::size_t k = 0; k < values.size(); ++k) {
            const double u = (values[k] - out.middle) / (far * sdOf(k));
            if (std::abs(u) >= 1.0) continue;
            const double w = (1 - u * u) * (1 - u * u) * tells(k);
            sum += w * values[k];
            weights += w;
        }
        if (weights <= 0.0) return {out.middle, 1.0};
        const double next = sum / weights;
        out.counted = 0.0;
        for (std::size_t k = 0; k < values.size(); ++k)
            out.counted += std::abs(values[k] - next) < far * sdOf(k) ? efficiency * tells(k) : 0.0;
        const bool still = std::abs(next - out.middle) < 1e-9;
        out.middle = next;
        if (still) break;
    }
    if (own.empty() && out.counted < 1.0) out.counted = 1.0;
    out.counted = std::max(out.counted, 0.05);
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
