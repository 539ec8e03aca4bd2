// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Robust least squares of a few parameters for laws without automatic derivatives.
#pragma once

#include <Eigen/Core>
#include <functional>
#include <optional>
#include <stop_token>
#include <vector>

namespace wedgeon::tune {

inline constexpr double z80 = 1.2815515655446004;  ///< half an 80 % interval, in deviations
inline constexpr double madToSd = 1.4826;          ///< median absolute deviation of a normal

double medianOf(std::vector<double> v);
/// The value below which the share \p q lies; 0 of nothing.
double quantileOf(std::vector<double> v, double q);

/// One shot at given parameters. NaN in \p residual: not measured.
struct RobustRow {
    Eigen::VectorXd residual;  ///< measured less predicted, in its own unit
    Eigen::MatrixXd slope;     ///< of the prediction, by the parameters at \p places
    std::vector<Eigen::Index> places;
};

struct RobustProblem {
    std::size_t shots = 0;
    Eigen::Index parameters = 0;  ///< each in deviations of its standard normal prior
    Eigen::VectorXd leastNoise;   ///< of each residual
    std::size_t fewest = 6;
    Eigen::VectorXd noise;  ///< of each residual where it is known; empty: to be found
    Eigen::VectorXd start;  ///< empty: the priors' middle
    int passes = 12;
    double enough = 1e-3;  ///< a step of less than this ends it
    /// Nothing where the model has no answer for the shot.
    std::function<std::optional<RobustRow>(std::size_t shot, const Eigen::VectorXd& x)> row;
};

struct RobustFit {
    bool fitted = false;
    Eigen::VectorXd x;
    Eigen::MatrixXd covariance;
    Eigen::VectorXd noise;  ///< robust deviation of each residual
    std::size_t used = 0;
    double cost = 0.0;            ///< of residuals and priors at x, half squares where small
    double logDeterminant = 0.0;  ///< of the curvature

    double sd(Eigen::Index k) const;
};

/// Gauss-Newton with Cauchy's weights on a shot's residuals, the noise being their median deviation
/// in each pass unless it is given. Covariance from the curvature with the scores' own (Huber
/// 1967), never below the curvature's. Not fitted when fewer than \p fewest shots have a row, or
/// when stopped.
RobustFit fitRobust(const RobustProblem& problem, const std::stop_token& stop = {});

}  // namespace wedgeon::tune
