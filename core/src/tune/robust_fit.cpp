// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// The passes.
#include "tune/robust_fit.h"

#include <Eigen/Cholesky>
#include <algorithm>
#include <cmath>

namespace wedgeon::tune {
namespace {

constexpr double cauchy = 2.4;

/// Residuals in units of the noise; what was not measured counts nothing.
struct Scaled {
    Eigen::VectorXd residual;
    Eigen::MatrixXd slope;
    double weight = 1.0;
    double cost = 0.0;
    double bend = 0.0;  // of the loss, by which outliers pull less
};

Scaled scaled(const RobustRow& row, const Eigen::VectorXd& noise) {
    Scaled s{row.residual, row.slope};
    double measured = 0.0;
    for (Eigen::Index k = 0; k < s.residual.size(); ++k) {
        if (std::isnan(s.residual[k])) {
            s.residual[k] = 0.0;
            s.slope.row(k).setZero();
            continue;
        }
        s.residual[k] /= noise[k];
        s.slope.row(k) /= noise[k];
        measured += 1.0;
    }
    const double scale = cauchy * cauchy * std::max(1.0, measured);
    s.weight = 1.0 / (1.0 + s.residual.squaredNorm() / scale);
    s.cost = -0.5 * scale * std::log(s.weight);
    s.bend = 2.0 * s.weight * s.weight / scale;
    return s;
}

}  // namespace

double medianOf(std::vector<double> v) {
    if (v.empty()) return 0.0;
    const auto middle = v.begin() + static_cast<std::ptrdiff_t>(v.size() / 2);
    std::nth_element(v.begin(), middle, v.end());
    return *middle;
}

double quantileOf(std::vector<double> v, double q) {
    if (v.empty()) return 0.0;
    const auto at = v.begin() + static_cast<std::ptrdiff_t>(q * static_cast<double>(v.size() - 1));
    std::nth_element(v.begin(), at, v.end());
    return *at;
}

double RobustFit::sd(Eigen::Index k) const {
    return std::sqrt(std::max(0.0, covariance(k, k)));
}

RobustFit fitRobust(const RobustProblem& problem, const std::stop_token& stop) {
    RobustFit fit;
    const Eigen::Index n = problem.parameters;
    const Eigen::Index m = problem.leastNoise.size();
    fit.x = problem.start.size() == n ? problem.start : Eigen::VectorXd::Zero(n);
    const bool known = problem.noise.size() == m;
    fit.noise = known ? problem.noise : problem.leastNoise;
    Eigen::MatrixXd scores;
    Eigen::MatrixXd steepness;  // of Gauss-Newton: the loss as its weights have it
    Eigen::MatrixXd curvature;  // with the loss's own bend
    for (int pass = 0; pass < problem.passes; ++pass) {
        std::vector<RobustRow> rows;
        std::vector<std::vector<double>> absolute(static_cast<std::size_t>(m));
        for (std::size_t i = 0; i < problem.shots; ++i) {
            if (stop.stop_requested()) return fit;
            auto row = problem.row(i, fit.x);
            if (!row) continue;
            for (Eigen::Index k = 0; k < m; ++k) {
                if (!std::isnan(row->residual[k]))
                    absolute[static_cast<std::size_t>(k)].push_back(std::abs(row->residual[k]));
            }
            rows.push_back(std::move(*row));
        }
        fit.used = rows.size();
        if (rows.size() < problem.fewest) return fit;
        for (Eigen::Index k = 0; k < m && !known; ++k)
            fit.noise[k] = std::max(problem.leastNoise[k],
                                    madToSd * medianOf(absolute[static_cast<std::size_t>(k)]));
        Eigen::VectorXd pull = -fit.x;
        steepness = Eigen::MatrixXd::Identity(n, n);
        curvature = Eigen::MatrixXd::Identity(n, n);
        scores = Eigen::MatrixXd::Identity(n, n);
        fit.cost = 0.5 * fit.x.squaredNorm();
        for (const RobustRow& row : rows) {
            const Scaled s = scaled(row, fit.noise);
            fit.cost += s.cost;
            const Eigen::VectorXd its = s.slope.transpose() * s.residual;
            const Eigen::MatrixXd bend = s.slope.transpose() * s.slope;
            for (std::size_t a = 0; a < row.places.size(); ++a) {
                const auto la = static_cast<Eigen::Index>(a);
                pull[row.places[a]] += s.weight * its[la];
                for (std::size_t b = 0; b < row.places.size(); ++b) {
                    const auto lb = static_cast<Eigen::Index>(b);
                    const double straight = s.weight * bend(la, lb);
                    steepness(row.places[a], row.places[b]) += straight;
                    curvature(row.places[a], row.places[b]) +=
                        straight - s.bend * its[la] * its[lb];
                    scores(row.places[a], row.places[b]) += s.weight * s.weight * its[la] * its[lb];
                }
            }
        }
        const Eigen::VectorXd step = steepness.ldlt().solve(pull);
        fit.x += step.cwiseMax(-1.0).cwiseMin(1.0);
        if (step.norm() < problem.enough) break;
    }
    const Eigen::MatrixXd inverse = curvature.ldlt().solve(Eigen::MatrixXd::Identity(n, n));
    // The residuals have shrunk by what was fitted to them.
    const double shots = static_cast<double>(fit.used);
    const double spent = static_cast<double>(n) - inverse.trace();
    const double regrow = shots / std::max(0.5 * shots, shots - spent);
    const Eigen::MatrixXd prior = Eigen::MatrixXd::Identity(n, n);
    fit.covariance = inverse * (prior + regrow * (scores - prior)) * inverse;
    // Few shots make the scores' own covariance small by luck.
    for (Eigen::Index k = 0; k < n; ++k) {
        const double grow = std::sqrt(std::max(1.0, inverse(k, k) / fit.covariance(k, k)));
        fit.covariance.row(k) *= grow;
        fit.covariance.col(k) *= grow;
    }
    fit.logDeterminant = steepness.ldlt().vectorD().array().log().sum();
    fit.fitted = true;
    return fit;
}

}  // namespace wedgeon::tune
