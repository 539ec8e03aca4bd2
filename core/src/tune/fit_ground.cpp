// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// The ground, by Gauss-Newton with differences: the run has no automatic derivative.
#include <Eigen/Cholesky>
#include <algorithm>
#include <cmath>
#include <optional>

#include "wedgeon/error.h"
#include "wedgeon/tune/tune.h"

namespace wedgeon {
namespace {

constexpr std::size_t fewestRuns = 6;
constexpr double z80 = 1.2815515655446004;
constexpr double normal = 1.4826;
/// Deviations of the logarithms of the three factors.
const Eigen::Vector3d priorSd{0.15, 0.15, 0.12};
constexpr int passes = 12;
constexpr double cauchy = 2.4;
constexpr double leastNoise_m = 0.1;
/// A step that a run's small leaps (one hop more or less) do not drown.
constexpr double difference = 0.03;

struct Landed {
    Vec3 velocity_mps, spin_radps;
    Ground said;
    double release_m;
};

GroundTuning tuningOf(const Eigen::Vector3d& x) {
    return {std::exp(priorSd[0] * x[0]), std::exp(priorSd[1] * x[1]), std::exp(priorSd[2] * x[2])};
}

std::optional<double> releaseOf(const Landed& l, const Eigen::Vector3d& x) {
    try {
        return calcRun(l.velocity_mps, l.spin_radps, tuningOf(x).ground(l.said)).release_m;
    } catch (const RangeError&) {
        return std::nullopt;
    }
}

double medianOf(std::vector<double> v) {
    const auto middle = v.begin() + static_cast<std::ptrdiff_t>(v.size() / 2);
    std::nth_element(v.begin(), middle, v.end());
    return *middle;
}

std::vector<Landed> landedOf(std::span<const TuneShot> shots, const TuneResult& strike) {
    std::vector<Landed> out;
    for (std::size_t i = 0; i < shots.size(); ++i) {
        const TuneShot& s = shots[i];
        if (std::isnan(s.release_m) || strike.weights[i] < 0.25 || s.givens.terrain) continue;
        try {
            const ShotResult r = calcTunedShot(s, strike.tuning);
            out.push_back({r.flight.landingVelocity_mps, r.flight.landingSpin_radps,
                           s.givens.ground, s.release_m});
        } catch (const RangeError&) {
            continue;
        }
    }
    return out;
}

}  // namespace

Ground GroundTuning::ground(const Ground& said) const {
    Ground g = said;
    g.firmness = std::clamp(said.firmness * firmness, 0.6, 1.5);
    g.friction = std::clamp(said.friction * friction, 0.15, 0.7);
    g.stimp_ft = std::clamp(said.stimp_ft * greenSpeed, 4.0, 16.0);
    return g;
}

GroundFit fitGround(std::span<const TuneShot> shots, const TuneResult& strike) {
    GroundFit out;
    if (!strike.refused.empty() || strike.weights.size() != shots.size()) return out;
    const std::vector<Landed> landed = landedOf(shots, strike);
    if (landed.size() < fewestRuns) return out;
    Eigen::Vector3d x = Eigen::Vector3d::Zero();
    Eigen::Matrix3d precision = Eigen::Matrix3d::Identity();
    double noise = 1.0;
    for (int pass = 0; pass < passes; ++pass) {
        std::vector<double> absolute;
        std::vector<std::pair<double, Eigen::Vector3d>> rows;
        for (const Landed& l : landed) {
            const auto now = releaseOf(l, x);
            if (!now) continue;
            Eigen::Vector3d slope;
            bool good = true;
            for (int k = 0; k < 3; ++k) {
                Eigen::Vector3d step = Eigen::Vector3d::Zero();
                step[k] = difference / priorSd[k];
                const auto up = releaseOf(l, x + step);
                const auto down = releaseOf(l, x - step);
                good = good && up && down;
                if (good) slope[k] = (*up - *down) / (2 * step[k]);
            }
            if (!good) continue;
            rows.emplace_back(l.release_m - *now, slope);
            absolute.push_back(std::abs(rows.back().first));
        }
        if (rows.size() < fewestRuns) return out;
        noise = std::max(leastNoise_m, normal * medianOf(absolute));
        Eigen::Vector3d pull = -x;
        precision = Eigen::Matrix3d::Identity();
        for (const auto& [residual, slope] : rows) {
            const double r = residual / (cauchy * noise);
            const double weight = 1.0 / (1.0 + r * r) / (noise * noise);
            pull += weight * residual * slope;
            precision += weight * slope * slope.transpose();
        }
        const Eigen::Vector3d step = precision.ldlt().solve(pull);
        x += step.cwiseMax(-1.0).cwiseMin(1.0);
        out.used = rows.size();
        if (step.norm() < 1e-3) break;
    }
    out.tuning = tuningOf(x);
    out.runNoise_m = noise;
    const Eigen::Matrix3d covariance = precision.ldlt().solve(Eigen::Matrix3d::Identity());
    using Kind = TuneEstimate::Kind;
    constexpr std::array kinds{Kind::GroundFirmness, Kind::GroundFriction, Kind::GreenSpeed};
    for (int k = 0; k < 3; ++k) {
        const double sd = std::sqrt(covariance(k, k));
        TuneEstimate e;
        e.kind = kinds[static_cast<std::size_t>(k)];
        e.shots = out.used;
        e.value = std::exp(priorSd[k] * x[k]);
        e.low80 = std::exp(priorSd[k] * (x[k] - z80 * sd));
        e.high80 = std::exp(priorSd[k] * (x[k] + z80 * sd));
        e.prior = 1.0;
        e.priorLow80 = std::exp(-priorSd[k] * z80);
        e.priorHigh80 = std::exp(priorSd[k] * z80);
        e.identified = sd < 0.7;
        out.estimates.push_back(e);
    }
    return out;
}

}  // namespace wedgeon
