// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// The solver and what is read off at the end.
#include "tune/robust_fit.h"

#include <ceres/ceres.h>

#include <Eigen/Cholesky>
#include <algorithm>
#include <cmath>

namespace wedgeon::tune {
namespace {

constexpr double cauchy = 2.4;
constexpr int mostNoisePasses = 4;
/// Noise that changes by less than this share stands.
constexpr double sameNoise = 0.03;

/// Residuals in units of the noise; what was not measured counts nothing.
struct Scaled {
    Eigen::VectorXd residual;
    Eigen::MatrixXd slope;
    double weight = 1.0;
    double cost = 0.0;
    double bend = 0.0;  // of the loss, by which outliers pull less
};

double lossScale(const Eigen::VectorXd& residual) {
    const auto measured = static_cast<double>((!residual.array().isNaN()).count());
    return cauchy * cauchy * std::max(1.0, measured);
}

Scaled scaled(const RobustRow& row, const Eigen::VectorXd& noise) {
    Scaled s{row.residual, row.slope};
    const double scale = lossScale(row.residual);
    for (Eigen::Index k = 0; k < s.residual.size(); ++k) {
        if (std::isnan(s.residual[k])) {
            s.residual[k] = 0.0;
            s.slope.row(k).setZero();
            continue;
        }
        s.residual[k] /= noise[k];
        s.slope.row(k) /= noise[k];
    }
    s.weight = 1.0 / (1.0 + s.residual.squaredNorm() / scale);
    s.cost = -0.5 * scale * std::log(s.weight);
    s.bend = 2.0 * s.weight * s.weight / scale;
    return s;
}

/// One shot for the solver.
class Block : public ceres::CostFunction {
public:
    Block(const RobustProblem& problem, std::size_t shot, const Eigen::VectorXd& noise,
          const std::stop_token& stop)
        : problem_(problem), shot_(shot), noise_(noise), stop_(stop) {
        set_num_residuals(static_cast<int>(noise.size()));
        mutable_parameter_block_sizes()->push_back(static_cast<int>(problem.parameters));
    }
    bool Evaluate(double const* const* parameters, double* residuals,
                  double** jacobians) const override {
        if (stop_.stop_requested()) return false;
        const Eigen::Index n = problem_.parameters;
        const Eigen::Index m = noise_.size();
        const bool slopes = jacobians && jacobians[0];
        const auto row =
            problem_.row(shot_, Eigen::Map<const Eigen::VectorXd>(parameters[0], n), slopes);
        Eigen::Map<Eigen::VectorXd> out(residuals, m);
        out.setZero();
        using RowMajor = Eigen::Matrix<double, Eigen::Dynamic, Eigen::Dynamic, Eigen::RowMajor>;
        Eigen::Map<RowMajor> bend(slopes ? jacobians[0] : nullptr, slopes ? m : 0, slopes ? n : 0);
        bend.setZero();
        if (!row) return true;
        for (Eigen::Index k = 0; k < m; ++k) {
            if (std::isnan(row->residual[k])) continue;
            out[k] = row->residual[k] / noise_[k];
            if (!slopes) continue;
            for (std::size_t a = 0; a < row->places.size(); ++a)
                bend(k, row->places[a]) = -row->slope(k, static_cast<Eigen::Index>(a)) / noise_[k];
        }
        return true;
    }

private:
    const RobustProblem& problem_;
    std::size_t shot_;
    const Eigen::VectorXd& noise_;
    const std::stop_token& stop_;
};

/// The parameters are in deviations of their priors.
class Prior : public ceres::CostFunction {
public:
    explicit Prior(int n) {
        set_num_residuals(n);
        mutable_parameter_block_sizes()->push_back(n);
    }
    bool Evaluate(double const* const* parameters, double* residuals,
                  double** jacobians) const override {
        const int n = num_residuals();
        std::copy(parameters[0], parameters[0] + n, residuals);
        if (jacobians && jacobians[0]) {
            std::fill_n(jacobians[0], static_cast<std::size_t>(n) * static_cast<std::size_t>(n),
                        0.0);
            for (int k = 0; k < n; ++k)
                jacobians[0][k * n + k] = 1.0;
        }
        return true;
    }
};

enum class Solved { Settled, OutOfSteps, Stopped };

/// Moves \p x to the optimum at this noise.
Solved solve(const RobustProblem& problem, const std::vector<std::size_t>& shots,
             const std::vector<double>& scales, const Eigen::VectorXd& noise, Eigen::VectorXd& x,
             const std::stop_token& stop) {
    ceres::Problem::Options ownership;
    ownership.disable_all_safety_checks = true;
    ceres::Problem least(ownership);
    for (std::size_t i = 0; i < shots.size(); ++i) {
        least.AddResidualBlock(new Block(problem, shots[i], noise, stop),
                               new ceres::CauchyLoss(std::sqrt(scales[i])), x.data());
    }
    least.AddResidualBlock(new Prior(static_cast<int>(problem.parameters)), nullptr, x.data());
    ceres::Solver::Options how;
    how.linear_solver_type = ceres::DENSE_NORMAL_CHOLESKY;
    how.max_num_iterations = 15;
    how.function_tolerance = problem.enough;
    how.num_threads = static_cast<int>(std::max(1u, problem.threads));
    how.logging_type = ceres::SILENT;
    ceres::Solver::Summary summary;
    ceres::Solve(how, &least, &summary);
    if (stop.stop_requested()) return Solved::Stopped;
    return summary.termination_type == ceres::CONVERGENCE ? Solved::Settled : Solved::OutOfSteps;
}

/// Median deviations of the residuals at \p x, as far as they are measured.
Eigen::VectorXd noiseAt(const RobustProblem& problem, const std::vector<std::size_t>& shots,
                        const Eigen::VectorXd& x) {
    const Eigen::Index m = problem.leastNoise.size();
    std::vector<std::vector<double>> absolute(static_cast<std::size_t>(m));
    for (const std::size_t i : shots) {
        const auto row = problem.row(i, x, false);
        for (Eigen::Index k = 0; row && k < m; ++k) {
            if (!std::isnan(row->residual[k]))
                absolute[static_cast<std::size_t>(k)].push_back(std::abs(row->residual[k]));
        }
    }
    Eigen::VectorXd noise = problem.leastNoise;
    for (Eigen::Index k = 0; k < m; ++k) {
        noise[k] = std::max(noise[k],
                            madToSd * medianOf(std::move(absolute[static_cast<std::size_t>(k)])));
    }
    return noise;
}

/// Curvature and scores at the end.
void readOff(const RobustProblem& problem, const std::vector<std::size_t>& shots, RobustFit& fit) {
    const Eigen::Index n = problem.parameters;
    const Eigen::MatrixXd unit = Eigen::MatrixXd::Identity(n, n);
    Eigen::MatrixXd steepness = unit;  // of Gauss-Newton: the loss as its weights have it
    Eigen::MatrixXd scores = unit;
    fit.curvature = unit;  // with the loss's own bend
    fit.cost = 0.5 * fit.x.squaredNorm();
    if (!problem.parts.empty()) {
        fit.parts.assign(1 + *std::max_element(problem.parts.begin(), problem.parts.end()),
                         FitSum(n));
    }
    fit.used = 0;
    for (const std::size_t i : shots) {
        const auto row = problem.row(i, fit.x, true);
        if (!row) continue;
        ++fit.used;
        const Scaled s = scaled(*row, fit.noise);
        fit.cost += s.cost;
        FitSum* part = problem.parts.empty() ? nullptr : &fit.parts[problem.parts[i]];
        if (part) part->cost += s.cost;
        const Eigen::VectorXd its = s.slope.transpose() * s.residual;
        const Eigen::MatrixXd bend = s.slope.transpose() * s.slope;
        for (std::size_t a = 0; a < row->places.size(); ++a) {
            const auto la = static_cast<Eigen::Index>(a);
            if (part) part->pull[row->places[a]] += s.weight * its[la];
            for (std::size_t b = 0; b < row->places.size(); ++b) {
                const auto lb = static_cast<Eigen::Index>(b);
                const double straight = s.weight * bend(la, lb);
                const double bent = straight - s.bend * its[la] * its[lb];
                steepness(row->places[a], row->places[b]) += straight;
                fit.curvature(row->places[a], row->places[b]) += bent;
                if (part) part->curvature(row->places[a], row->places[b]) += bent;
                scores(row->places[a], row->places[b]) += s.weight * s.weight * its[la] * its[lb];
            }
        }
    }
    const Eigen::MatrixXd inverse = fit.curvature.ldlt().solve(unit);
    // The residuals have shrunk by what was fitted to them.
    const double count = static_cast<double>(fit.used);
    const double spent = static_cast<double>(n) - inverse.trace();
    const double regrow = count / std::max(0.5 * count, count - spent);
    fit.covariance = inverse * (unit + regrow * (scores - unit)) * inverse;
    // Few shots make the scores' own covariance small by luck.
    for (Eigen::Index k = 0; k < n; ++k) {
        const double grow = std::sqrt(std::max(1.0, inverse(k, k) / fit.covariance(k, k)));
        fit.covariance.row(k) *= grow;
        fit.covariance.col(k) *= grow;
    }
    fit.logDeterminant = steepness.ldlt().vectorD().array().log().sum();
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

Eigen::VectorXd withoutPart(const Eigen::VectorXd& x, const Eigen::MatrixXd& whole,
                            const FitSum& part) {
    // At the optimum all pulls and the prior's are none together: without the part's the rest pulls
    // the other way.
    return x - (whole - part.curvature).ldlt().solve(part.pull);
}

double RobustFit::sd(Eigen::Index k) const {
    return std::sqrt(std::max(0.0, covariance(k, k)));
}

RobustFit fitRobust(const RobustProblem& problem, const std::stop_token& stop) {
    RobustFit fit;
    const Eigen::Index n = problem.parameters;
    const bool known = problem.noise.size() == problem.leastNoise.size();
    fit.x = problem.start.size() == n ? problem.start : Eigen::VectorXd::Zero(n);
    std::vector<std::size_t> shots;
    std::vector<double> scales;
    for (std::size_t i = 0; i < problem.shots; ++i) {
        if (stop.stop_requested()) return fit;
        const auto row = problem.row(i, fit.x, false);
        if (!row) continue;
        shots.push_back(i);
        scales.push_back(lossScale(row->residual));
    }
    fit.used = shots.size();
    if (shots.size() < problem.fewest) return fit;
    fit.noise = known ? problem.noise : noiseAt(problem, shots, fit.x);
    for (int pass = 0; pass < mostNoisePasses; ++pass) {
        const Solved solved = solve(problem, shots, scales, fit.noise, fit.x, stop);
        if (solved == Solved::Stopped) return fit;
        fit.settled = solved == Solved::Settled;
        if (known) break;
        const Eigen::VectorXd before = fit.noise;
        fit.noise = noiseAt(problem, shots, fit.x);
        if ((fit.noise.array() / before.array() - 1.0).abs().maxCoeff() < sameNoise) break;
    }
    readOff(problem, shots, fit);
    fit.fitted = !stop.stop_requested();
    return fit;
}

}  // namespace wedgeon::tune
