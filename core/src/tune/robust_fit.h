// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Robust least squares of a few parameters for laws without automatic derivatives, by Ceres.
#pragma once

#include <Eigen/Core>
#include <functional>
#include <optional>
#include <span>
#include <stop_token>
#include <vector>

#include "wedgeon/normal.h"

namespace wedgeon::tune {

inline constexpr double z80 = halfOf80;
inline constexpr double madToSd = 1.4826;  ///< median absolute deviation of a normal

double medianOf(std::vector<double> v);
/// The value below which the share \p q lies; 0 of nothing.
double quantileOf(std::vector<double> v, double q);

/// What a part of the shots adds to curvature, scores and cost at a fit.
struct FitSum {
    Eigen::MatrixXd curvature;
    Eigen::VectorXd pull;  ///< against the gradient
    double cost = 0.0;

    explicit FitSum(Eigen::Index n = 0)
        : curvature(Eigen::MatrixXd::Zero(n, n)), pull(Eigen::VectorXd::Zero(n)) {}
};

/// Where the optimum \p x, at which all shots together have the curvature \p whole, moves when a
/// part of them is left out: one Newton step.
Eigen::VectorXd withoutPart(const Eigen::VectorXd& x, const Eigen::MatrixXd& whole,
                            const FitSum& part);

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
    double enough = 1e-4;   ///< a share of the cost less than which ends it
    unsigned threads = 1;
    std::vector<std::size_t> parts;  ///< of each shot, to be left out one day; or empty
    /// Nothing where the model has no answer for the shot. Slopes only where they are asked for.
    /// Called from several threads.
    std::function<std::optional<RobustRow>(std::size_t shot, const Eigen::VectorXd& x, bool slopes)>
        row;
};

struct RobustFit {
    bool fitted = false;
    bool settled = true;  ///< the solver ended because nothing gets better, not for want of steps
    Eigen::VectorXd x;
    Eigen::MatrixXd covariance;
    Eigen::MatrixXd curvature;  ///< of the objective, priors in it
    Eigen::VectorXd noise;      ///< robust deviation of each residual
    std::size_t used = 0;
    double cost = 0.0;            ///< of residuals and priors at x, half squares where small
    double logDeterminant = 0.0;  ///< of the curvature
    std::vector<FitSum> parts;    ///< in the order of their numbers

    double sd(Eigen::Index k) const;
};

/// Ceres' trust-region least squares with Cauchy's loss on a shot's residuals; the noise is their
/// median deviation, found in turn with the parameters unless it is given. Covariance from the
/// curvature with the scores' own (Huber 1967), never below the curvature's. Not fitted when fewer
/// than \p fewest shots have a row, or when stopped.
RobustFit fitRobust(const RobustProblem& problem, const std::stop_token& stop = {});

}  // namespace wedgeon::tune
