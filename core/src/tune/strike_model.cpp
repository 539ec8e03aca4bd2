// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Layout and linearisation.
#include "tune/strike_model.h"

#include <ceres/jet.h>

#include <algorithm>

namespace wedgeon::tune {

std::array<Eigen::Index, localCount> placesOf(std::size_t group, std::size_t ball) {
    std::array<Eigen::Index, localCount> at{};
    for (int k = 0; k < playerCount; ++k)
        at[static_cast<std::size_t>(k)] = k;
    at[playerCount] = static_cast<Eigen::Index>(group);
    at[playerCount + 1] = static_cast<Eigen::Index>(ball);
    return at;
}

std::size_t Layout::groupOf(const TuneGroup& group) const {
    return static_cast<std::size_t>(std::find(groups.begin(), groups.end(), group) -
                                    groups.begin());
}

std::size_t Layout::ballOf(BallKind ball) const {
    return static_cast<std::size_t>(std::find(balls.begin(), balls.end(), ball) - balls.begin());
}

TuneGroup groupOf(const Conditions& conditions) {
    return {conditions.ball, conditions.face, conditions.lie};
}

Contact priorContact(const TuneGroup& group) {
    Contact contact = calcContact(group.ball, group.face, group.lie);
    // What the lie does to the club has happened before the club was measured.
    contact.speedKept = 1.0;
    contact.faceTurn_rad = 0.0;
    return contact;
}

Linearised linearise(const ShotResiduals& shot, const double* player, double group, double ball) {
    using Jet = ceres::Jet<double, localCount>;
    std::array<Jet, playerCount> p;
    for (int i = 0; i < playerCount; ++i)
        p[static_cast<std::size_t>(i)] = Jet(player[i], i);
    const Jet g(group, playerCount);
    const Jet b(ball, playerCount + 1);
    std::array<Jet, 3> out;
    shot(p.data(), &g, &b, out.data());
    Linearised l;
    for (int i = 0; i < 3; ++i) {
        l.residual[i] = out[static_cast<std::size_t>(i)].a;
        l.jacobian.row(i) = out[static_cast<std::size_t>(i)].v.transpose();
    }
    return l;
}

StrikeTuning tuningOf(const Layout& layout, const std::vector<double>& x) {
    StrikeTuning t;
    t.restitution0 += restitutionSd * x[0];
    t.loftBias_rad = biasSd_rad * x[1];
    t.attackBias_rad = biasSd_rad * x[2];
    t.logFriction = commonFrictionSd * x[3];
    t.tangentialSlope_spm += tangentialSlopeSd_spm * x[4];
    for (std::size_t g = 0; g < layout.groups.size(); ++g)
        t.groups.push_back({layout.groups[g], groupFrictionSd * x[layout.groupAt(g)]});
    for (std::size_t b = 0; b < layout.balls.size(); ++b)
        t.tangentialRestitution[static_cast<std::size_t>(layout.balls[b])] =
            tangentialSd * x[layout.ballAt(b)];
    return t;
}

std::vector<double> parametersOf(const Layout& layout, const StrikeTuning& t) {
    std::vector<double> x(layout.size(), 0.0);
    x[0] = (t.restitution0 - constants::restitution0) / restitutionSd;
    x[1] = t.loftBias_rad / biasSd_rad;
    x[2] = t.attackBias_rad / biasSd_rad;
    x[3] = t.logFriction / commonFrictionSd;
    x[4] = (t.tangentialSlope_spm - constants::tangentialSlope_spm) / tangentialSlopeSd_spm;
    for (const auto& own : t.groups) {
        const std::size_t g = layout.groupOf(own.group);
        if (g < layout.groups.size()) x[layout.groupAt(g)] = own.log / groupFrictionSd;
    }
    for (std::size_t b = 0; b < layout.balls.size(); ++b)
        x[layout.ballAt(b)] =
            t.tangentialRestitution[static_cast<std::size_t>(layout.balls[b])] / tangentialSd;
    return x;
}

Noise noiseOf(const TuneResult& fit) {
    return {fit.speedNoise, fit.launchNoise_rad, fit.spinNoise};
}

Eigen::MatrixXd precisionOf(const Layout& layout, std::span<const TuneShot> shots,
                            std::span<const double> weights, const StrikeTuning& tuning,
                            const Noise& noise) {
    const auto n = static_cast<Eigen::Index>(layout.size());
    Eigen::MatrixXd precision = Eigen::MatrixXd::Identity(n, n);
    const std::vector<double> x = parametersOf(layout, tuning);
    for (std::size_t i = 0; i < shots.size(); ++i) {
        if (weights[i] <= 0.0) continue;
        const TuneShot& s = shots[i];
        const TuneGroup group = groupOf(s.conditions);
        const std::size_t g = layout.groupAt(layout.groupOf(group));
        const std::size_t b = layout.ballAt(layout.ballOf(group.ball));
        const Linearised l = linearise(
            {s.read, priorContact(group), s.ballSpeed_mps, s.launch_rad, s.spin_radps, noise},
            x.data(), x[g], x[b]);
        const std::array<Eigen::Index, localCount> at = placesOf(g, b);
        const Eigen::Matrix<double, localCount, localCount> local =
            weights[i] * l.jacobian.transpose() * l.jacobian;
        for (int r = 0; r < localCount; ++r) {
            for (int c = 0; c < localCount; ++c)
                precision(at[static_cast<std::size_t>(r)], at[static_cast<std::size_t>(c)]) +=
                    local(r, c);
        }
    }
    return precision;
}

}  // namespace wedgeon::tune
