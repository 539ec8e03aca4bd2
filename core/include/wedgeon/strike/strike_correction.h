// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
/// \file What the law of the strike leaves of a player's shots, where they show that it does.
#pragma once

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
    static constexpr std::size_t inputs = 3;  ///< log club speed, spin loft, log grip ratio
    using Point = std::array<double, inputs>;

    Point middle{};                              ///< of the shots
    Point width{1, 1, 1};                        ///< over which it may change
    std::vector<Point> centres;                  ///< (input - middle) / width
    std::array<std::vector<double>, 3> weights;  ///< of each centre; empty where nothing is left
    LaunchShift deviation{};  ///< of what is left of each, as far as is known before the shots
    /// By centre and centre: the share of the variance that the shots take away at a point is
    /// k' known k.
    std::vector<double> known;

    /// How near each centre is: exp(-d^2 / 2), for any scalar type.
    template <class T>
    std::vector<T> nearness(const T& clubSpeed_mps, const T& spinLoft_rad,
                            const T& gripRatio) const {
        using std::exp;
        using std::log;
        const std::array<T, inputs> x{(log(clubSpeed_mps) - middle[0]) / width[0],
                                      (spinLoft_rad - middle[1]) / width[1],
                                      (log(gripRatio) - middle[2]) / width[2]};
        std::vector<T> out;
        out.reserve(centres.size());
        for (const Point& c : centres) {
            T square(0.0);
            for (std::size_t i = 0; i < inputs; ++i)
                square = square + (x[i] - c[i]) * (x[i] - c[i]);
            out.push_back(exp(square * -0.5));
        }
        return out;
    }
    template <class T>
    std::array<T, 3> at(const T& clubSpeed_mps, const T& spinLoft_rad, const T& gripRatio) const {
        std::array<T, 3> out{T(0.0), T(0.0), T(0.0)};
        const std::vector<T> near = nearness(clubSpeed_mps, spinLoft_rad, gripRatio);
        for (std::size_t o = 0; o < out.size(); ++o) {
            for (std::size_t c = 0; c < weights[o].size(); ++c)
                out[o] = out[o] + weights[o][c] * near[c];
        }
        return out;
    }
    /// The deviation of what it says there.
    LaunchShift deviationAt(double clubSpeed_mps, double spinLoft_rad, double gripRatio) const {
        const auto near = nearness(clubSpeed_mps, spinLoft_rad, gripRatio);
        double taken = 0.0;
        for (std::size_t a = 0; a < near.size(); ++a) {
            for (std::size_t b = 0; b < near.size(); ++b)
                taken += near[a] * known[a * near.size() + b] * near[b];
        }
        const double left = std::sqrt(std::fmin(1.0, std::fmax(0.0, 1.0 - taken)));
        return {deviation[0] * left, deviation[1] * left, deviation[2] * left};
    }
    bool operator==(const StrikeCorrection&) const = default;
};

}  // namespace wedgeon
