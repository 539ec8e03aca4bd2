// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Playing mixtures of two landings.
#include "wedgeon/explain/run_shares.h"

#include <algorithm>
#include <cmath>
#include <vector>

#include "explain/shapley.h"
#include "wedgeon/error.h"
#include "wedgeon/explain/groups.h"

namespace wedgeon {
namespace {

constexpr std::array<std::string_view, runCauseCount> runKeys{"landing_speed", "landing_angle",
                                                              "spin", "ground", "slope"};
/// More tell nothing new.
constexpr std::size_t mostPairs = 400;

struct LandingParts {
    double speed_mps;
    Vec3 heading, spin_radps;
    Ground ground;

    explicit LandingParts(const Landing& l)
        : speed_mps(norm(l.velocity_mps)),
          heading((1.0 / speed_mps) * l.velocity_mps),
          spin_radps(l.spin_radps),
          ground(l.ground) {}

    void take(RunCause cause, const LandingParts& b) {
        switch (cause) {
            case RunCause::Speed:
                speed_mps = b.speed_mps;
                return;
            case RunCause::Angle:
                heading = b.heading;
                return;
            case RunCause::Spin:
                spin_radps = b.spin_radps;
                return;
            case RunCause::Ground:
                ground.firmness = b.ground.firmness;
                ground.friction = b.ground.friction;
                ground.stimp_ft = b.ground.stimp_ft;
                return;
            case RunCause::Slope:
                ground.slopeAlong = b.ground.slopeAlong;
                ground.slopeAcross = b.ground.slopeAcross;
                return;
        }
    }
    double release_m() const { return calcRun(speed_mps * heading, spin_radps, ground).release_m; }
};

}  // namespace

std::string_view runCauseKey(RunCause cause) {
    return runKeys[static_cast<std::size_t>(cause)];
}

std::optional<RunShares> shareRun(std::span<const Landing> a, std::span<const Landing> b) {
    if (a.empty() || b.empty()) return std::nullopt;
    std::vector<std::array<double, runCauseCount>> shares;
    RunShares out;
    const std::size_t pairs = std::min(mostPairs, std::max(a.size(), b.size()));
    for (std::size_t i = 0; i < pairs; ++i) {
        try {
            const Landing& to = b[i % b.size()];
            const LandingParts from(a[i % a.size()]), its(to);
            std::vector<std::array<double, 1>> value(std::size_t{1} << runCauseCount);
            for (std::size_t set = 0; set < value.size(); ++set) {
                LandingParts mixed = from;
                for (std::size_t k = 0; k < runCauseCount; ++k) {
                    if ((set >> k & 1u) != 0) mixed.take(static_cast<RunCause>(k), its);
                }
                value[set][0] = mixed.release_m();
            }
            const double half = calcRun(to.velocity_mps, 0.5 * to.spin_radps, to.ground).release_m;
            const auto share = shapley(value);
            shares.emplace_back();
            for (std::size_t k = 0; k < runCauseCount; ++k)
                shares.back()[k] = share[k][0];
            out.from += value.front()[0];
            out.to += value.back()[0];
            out.toWithHalfSpin += half;
        } catch (const RangeError&) {
            continue;  // a landing that no ground law covers
        }
    }
    if (shares.empty()) return std::nullopt;
    out.pairs = shares.size();
    const auto n = static_cast<double>(shares.size());
    for (double* mean : {&out.from, &out.to, &out.toWithHalfSpin})
        *mean /= n;
    // Pairs that share a ball tell no more than there are balls on the smaller side.
    const std::size_t apart = std::min({a.size(), b.size(), shares.size()});
    for (std::size_t k = 0; k < runCauseCount; ++k) {
        double squares = 0.0;
        for (const auto& s : shares)
            out.share[k] += s[k] / n;
        for (const auto& s : shares)
            squares += (s[k] - out.share[k]) * (s[k] - out.share[k]);
        if (shares.size() > 1)
            out.half[k] =
                findMeanHalf80(std::sqrt(squares / (n - 1.0)), std::max<std::size_t>(2, apart));
    }
    // The means' last bits go where the pairs' went: to the largest.
    const auto largest =
        std::max_element(out.share.begin(), out.share.end(),
                         [](double x, double y) { return std::abs(x) < std::abs(y); });
    double sum = 0.0;
    for (const double s : out.share)
        sum += s;
    *largest += (out.to - out.from) - sum;
    return out;
}

}  // namespace wedgeon
