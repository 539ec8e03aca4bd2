// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Which shots would tell most.
#include <Eigen/Cholesky>
#include <algorithm>
#include <cmath>
#include <map>
#include <tuple>

#include "tune/strike_model.h"

namespace wedgeon {
namespace {

using namespace tune;

/// Kinds of shots are told apart on a grid that a player can aim at.
constexpr double speedGrid_mps = 3.0;
constexpr double angleGrid_rad = 4.0 * constants::pi / 180.0;

struct Candidate {
    Delivery delivery;
    TuneGroup group;
    Eigen::MatrixXd rows;  ///< three rows over all parameters, in units of the noise
};

std::vector<Candidate> candidatesOf(std::span<const TuneShot> shots, const TuneResult& fit,
                                    const Layout& layout) {
    // Every delivery the player has shown, with every ball, face and lie that were there.
    std::map<std::tuple<long, long, long>, Delivery> kinds;
    for (std::size_t i = 0; i < shots.size(); ++i) {
        if (fit.weights[i] < 0.5) continue;  // not the mishits
        const Delivery& d = shots[i].read;
        Delivery clean = d;
        clean.path_rad = clean.faceAngle_rad = 0.0;
        kinds.emplace(std::tuple{std::lround(d.clubSpeed_mps / speedGrid_mps),
                                 std::lround(d.dynamicLoft_rad / angleGrid_rad),
                                 std::lround(d.attack_rad / angleGrid_rad)},
                      clean);
    }
    const std::vector<double> x = parametersOf(layout, fit.tuning);
    std::vector<Candidate> out;
    for (const auto& [key, delivery] : kinds) {
        for (std::size_t g = 0; g < layout.groups.size(); ++g) {
            const TuneGroup& group = layout.groups[g];
            const std::size_t b = layout.ballOf(group.ball);
            const Linearised l =
                linearise({delivery, priorContact(group), 1.0, 0.0, 1.0, noiseOf(fit)}, x.data(),
                          x[layout.groupAt(g)], x[layout.ballAt(b)]);
            if (!l.jacobian.allFinite()) continue;
            Candidate c{delivery, group,
                        Eigen::MatrixXd::Zero(3, static_cast<Eigen::Index>(layout.size()))};
            // The residuals are relative to the reading, which a shot to come does not have yet:
            // at the prediction the reading is what the model says.
            Eigen::Matrix<double, 3, localCount> j = l.jacobian;
            const double speed = 1.0 / (1.0 + l.residual[0] * noiseOf(fit).speed);
            const double spin = 1.0 / (1.0 + l.residual[2] * noiseOf(fit).spin);
            j.row(0) *= speed;
            j.row(2) *= spin;
            for (int k = 0; k < playerCount; ++k)
                c.rows.col(k) = j.col(k);
            c.rows.col(static_cast<Eigen::Index>(layout.groupAt(g))) = j.col(playerCount);
            c.rows.col(static_cast<Eigen::Index>(layout.ballAt(b))) = j.col(playerCount + 1);
            out.push_back(std::move(c));
        }
    }
    return out;
}

}  // namespace

std::vector<NextShot> findNextShots(std::span<const TuneShot> shots, const TuneResult& fit,
                                    std::size_t count) {
    if (fit.refused || fit.weights.size() != shots.size()) return {};
    Layout layout;
    std::vector<double> weights = fit.weights;
    for (std::size_t i = 0; i < shots.size(); ++i) {
        if (weights[i] <= 0.0) continue;
        const TuneGroup group = groupOf(shots[i].conditions);
        if (layout.groupOf(group) == layout.groups.size()) layout.groups.push_back(group);
        if (layout.ballOf(group.ball) == layout.balls.size()) layout.balls.push_back(group.ball);
    }
    const auto n = static_cast<Eigen::Index>(layout.size());
    if (layout.groups.empty()) return {};
    Eigen::MatrixXd covariance = precisionOf(layout, shots, weights, fit.tuning, noiseOf(fit))
                                     .ldlt()
                                     .solve(Eigen::MatrixXd::Identity(n, n));
    const double before = covariance.trace();
    const std::vector<Candidate> candidates = candidatesOf(shots, fit, layout);
    std::vector<NextShot> out;
    std::map<std::size_t, std::size_t> listed;
    for (std::size_t k = 0; k < count && !candidates.empty(); ++k) {
        // The trace falls by tr[(I + J C J')^-1 J C C J'].
        std::size_t best = 0;
        double gain = -1.0;
        for (std::size_t i = 0; i < candidates.size(); ++i) {
            const Eigen::MatrixXd jc = candidates[i].rows * covariance;
            const Eigen::Matrix3d inner =
                Eigen::Matrix3d::Identity() + jc * candidates[i].rows.transpose();
            const double its = inner.ldlt().solve(jc * jc.transpose()).trace();
            if (its > gain) {
                gain = its;
                best = i;
            }
        }
        const Eigen::MatrixXd jc = candidates[best].rows * covariance;
        const Eigen::Matrix3d inner =
            Eigen::Matrix3d::Identity() + jc * candidates[best].rows.transpose();
        covariance -= jc.transpose() * inner.ldlt().solve(jc);
        const auto [at, isNew] = listed.emplace(best, out.size());
        if (isNew) {
            out.push_back({candidates[best].delivery, candidates[best].group, 1, gain / before});
        } else {
            ++out[at->second].times;
            out[at->second].gain += gain / before;
        }
    }
    return out;
}

}  // namespace wedgeon
