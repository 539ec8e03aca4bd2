// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
/// \file What the law of the strike leaves of a player's shots, where they show that it does.
#pragma once

#include <algorithm>
#include <array>
#include <cmath>
#include <vector>

namespace wedgeon {

/// Ball speed (log), launch angle (rad) and spin (log), in this order.
using LaunchShift = std::array<double, 3>;

/// A smooth function of club speed, spin loft and how far the ball grips (StrikeResult) that is
/// added to what the law gives: the mean of a Gaussian process on the residuals of a fit (M. C.
/// Kennedy, A. O'Hagan, "Bayesian calibration of computer models", J. R. Statist. Soc. B 63, 2001),
/// by way of a few centres among the shots (J. Quinonero-Candela, C. E. Rasmussen, J. Mach. Learn.
/// Res. 6, 2005). Away from the shots it fades to nothing, and its deviation grows to `deviation`.
struct StrikeCorrection {
    static constexpr std::size_t inputs = 3;        ///< log club speed, spin loft, log grip ratio
    static constexpr std::size_t mostCentres = 64;  ///< fits need 14 at most
    using Point = std::array<double, inputs>;

    Point middle{};                              ///< of the shots
    Point width{1, 1, 1};                        ///< over which it may change
    std::vector<Point> centres;                  ///< (input - middle) / width
    std::array<std::vector<double>, 3> weights;  ///< of each centre; empty where nothing is left
    LaunchShift deviation{};  ///< of what is left of each, as far as is known before the shots
    /// By centre and centre: the share of the variance that the shots take away at a point is
    /// k' known k.
    std::vector<double> known;

    /// A place as the centres are kept, for any scalar type.
    template <class T>
    std::array<T, inputs> scaled(const T& clubSpeed_mps, const T& spinLoft_rad,
                                 const T& gripRatio) const {
        using std::log;
        return {(log(clubSpeed_mps) - middle[0]) / width[0], (spinLoft_rad - middle[1]) / width[1],
                (log(gripRatio) - middle[2]) / width[2]};
    }
    /// How near a centre is to a scaled place: exp(-d^2 / 2).
    template <class T>
    static T nearness(const Point& centre, const std::array<T, inputs>& place) {
        using std::exp;
        T square(0.0);
        for (std::size_t i = 0; i < inputs; ++i)
            square = square + (place[i] - centre[i]) * (place[i] - centre[i]);
        return exp(square * -0.5);
    }
    template <class T>
    std::array<T, 3> at(const T& clubSpeed_mps, const T& spinLoft_rad, const T& gripRatio) const {
        std::array<T, 3> out{T(0.0), T(0.0), T(0.0)};
        const std::array<T, inputs> place = scaled(clubSpeed_mps, spinLoft_rad, gripRatio);
        for (std::size_t c = 0; c < centres.size(); ++c) {
            const T near = nearness(centres[c], place);
            for (std::size_t o = 0; o < out.size(); ++o)
                if (!weights[o].empty()) out[o] = out[o] + weights[o][c] * near;
        }
        return out;
    }
    /// The deviation of what it says there.
    LaunchShift deviationAt(double clubSpeed_mps, double spinLoft_rad, double gripRatio) const {
        std::array<double, mostCentres> near{};
        const std::size_t count = std::min(centres.size(), mostCentres);
        const auto place = scaled(clubSpeed_mps, spinLoft_rad, gripRatio);
        for (std::size_t c = 0; c < count; ++c)
            near[c] = nearness(centres[c], place);
        double taken = 0.0;
        for (std::size_t a = 0; a < count; ++a)
            for (std::size_t b = 0; b < count; ++b)
                taken += near[a] * known[a * centres.size() + b] * near[b];
        const double left = std::sqrt(std::fmin(1.0, std::fmax(0.0, 1.0 - taken)));
        return {deviation[0] * left, deviation[1] * left, deviation[2] * left};
    }
    bool operator==(const StrikeCorrection&) const = default;
};

}  // namespace wedgeon
