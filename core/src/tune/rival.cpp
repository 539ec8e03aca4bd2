// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
#include "tune/rival.h"

#include <Eigen/Cholesky>
#include <algorithm>
#include <cmath>

#include "tune/robust_fit.h"
#include "tune/strike_model.h"

namespace wedgeon::tune {
namespace {

constexpr std::array penalties{0.03, 0.3, 3.0, 30.0, 300.0};
constexpr double biweight = 4.685;
constexpr int passes = 6;
constexpr std::size_t fewestRivalled = 12;
constexpr std::size_t common = 10;  // columns beside the groups'

bool isLog(std::size_t outcome) {
    const auto o = static_cast<TuneOutcome>(outcome);
    return o == TuneOutcome::Spin || o == TuneOutcome::Carry;
}

std::array<double, 4> inputsOf(const Delivery& d) {
    return {std::log(d.clubSpeed_mps), calcSpinLoft(d), d.attack_rad, d.faceAngle_rad - d.path_rad};
}

/// Ridge with the penalty that predicts best left-out shots, by generalised cross-validation.
Eigen::VectorXd ridge(const Eigen::MatrixXd& x, const Eigen::VectorXd& y,
                      const Eigen::VectorXd& weights) {
    const Eigen::MatrixXd square = x.transpose() * weights.asDiagonal() * x;
    const Eigen::VectorXd pull = x.transpose() * weights.asDiagonal() * y;
    const double squares = weights.dot(y.cwiseAbs2());
    const double count = weights.sum();
    Eigen::VectorXd best;
    double least = 0.0;
    for (const double penalty : penalties) {
        Eigen::MatrixXd whole = square;
        whole.diagonal().array() += penalty;
        whole(0, 0) += 1e-9 - penalty;  // the level is free
        const Eigen::LDLT<Eigen::MatrixXd> solver(whole);
        const Eigen::VectorXd a = solver.solve(pull);
        const double spent = solver.solve(square).trace();
        const double left = squares - 2.0 * a.dot(pull) + a.dot(square * a);
        const double score = left / std::pow(std::max(1e-3, 1.0 - spent / count), 2);
        if (best.size() > 0 && score >= least) continue;
        best = a;
        least = score;
    }
    return best;
}

}  // namespace

Rival::Rival(std::span<const TuneShot> shots, const std::vector<std::size_t>& train) {
    std::array<std::vector<double>, 4> values;
    std::vector<std::size_t> usable;
    for (const std::size_t i : train) {
        const auto in = inputsOf(shots[i].read);
        if (!std::all_of(in.begin(), in.end(), [](double v) { return std::isfinite(v); })) continue;
        usable.push_back(i);
        for (std::size_t k = 0; k < in.size(); ++k)
            values[k].push_back(in[k]);
        const TuneGroup group = groupOf(shots[i].conditions);
        if (std::find(groups_.begin(), groups_.end(), group) == groups_.end())
            groups_.push_back(group);
    }
    for (std::size_t k = 0; k < values.size(); ++k) {
        middle_[k] = medianOf(values[k]);
        for (double& v : values[k])
            v = std::abs(v - middle_[k]);
        width_[k] = std::max(1e-3, madToSd * medianOf(values[k]));
    }
    std::vector<Eigen::RowVectorXd> inputs;
    inputs.reserve(usable.size());
    for (const std::size_t i : usable)
        inputs.push_back(*row(shots[i]));
    for (std::size_t o = 0; o < tuneOutcomeCount; ++o) {
        std::vector<std::pair<std::size_t, double>> rows;
        for (std::size_t k = 0; k < usable.size(); ++k) {
            const double value = getOutcomes(shots[usable[k]])[o];
            if (std::isnan(value) || (isLog(o) && value <= 0.0)) continue;
            rows.emplace_back(k, isLog(o) ? std::log(value) : value);
        }
        if (rows.size() < fewestRivalled) continue;
        Eigen::MatrixXd x(static_cast<Eigen::Index>(rows.size()), inputs.front().size());
        Eigen::VectorXd y(static_cast<Eigen::Index>(rows.size()));
        for (std::size_t i = 0; i < rows.size(); ++i) {
            x.row(static_cast<Eigen::Index>(i)) = inputs[rows[i].first];
            y[static_cast<Eigen::Index>(i)] = rows[i].second;
        }
        base_[o] = medianOf({y.begin(), y.end()});
        y.array() -= base_[o];
        Eigen::VectorXd weights = Eigen::VectorXd::Ones(y.size());
        for (int pass = 0; pass < passes; ++pass) {
            weights_[o] = ridge(x, y, weights);
            const Eigen::VectorXd left = y - x * weights_[o];
            std::vector<double> absolute;
            for (const double r : left)
                absolute.push_back(std::abs(r));
            const double scale = std::max(1e-9, biweight * madToSd * medianOf(std::move(absolute)));
            for (Eigen::Index i = 0; i < left.size(); ++i) {
                const double u = left[i] / scale;
                weights[i] = std::abs(u) < 1.0 ? std::pow(1.0 - u * u, 2) : 0.0;
            }
            // Never so few that nothing is left to fit.
            if (weights.sum() < 0.4 * static_cast<double>(y.size())) break;
        }
    }
}

std::optional<Eigen::RowVectorXd> Rival::row(const TuneShot& shot) const {
    auto in = inputsOf(shot.read);
    for (std::size_t k = 0; k < in.size(); ++k) {
        in[k] = (in[k] - middle_[k]) / width_[k];
        if (!std::isfinite(in[k])) return std::nullopt;
    }
    const auto [s, l, a, f] = in;
    Eigen::RowVectorXd out =
        Eigen::RowVectorXd::Zero(static_cast<Eigen::Index>(common + 3 * groups_.size()));
    out.head(static_cast<Eigen::Index>(common)) << 1.0, s, l, a, f, s * s, s * l, l * l, s * a,
        l * a;
    const auto at = std::find(groups_.begin(), groups_.end(), groupOf(shot.conditions));
    if (at != groups_.end()) {
        const auto g = static_cast<Eigen::Index>(common) + 3 * (at - groups_.begin());
        out.segment(g, 3) << 1.0, s, l;
    }
    return out;
}

std::optional<double> Rival::operator()(const TuneShot& shot, std::size_t outcome) const {
    if (weights_[outcome].size() == 0) return std::nullopt;
    const auto its = row(shot);
    if (!its) return std::nullopt;
    const double y = base_[outcome] + (*its * weights_[outcome]).value();
    return isLog(outcome) ? std::exp(y) : y;
}

}  // namespace wedgeon::tune
