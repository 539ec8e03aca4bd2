// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// How likely a shot is seen so, and the model's shots weighted by it.
#include "wedgeon/seen/seen.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <limits>
#include <numeric>
#include <utility>
#include <vector>

#include "seen/likelihood.h"
#include "simulate/swings.h"
#include "wedgeon/batch/batch.h"
#include "wedgeon/error.h"

namespace wedgeon {
namespace {

constexpr double infinite = std::numeric_limits<double>::infinity();
constexpr double waist_m = 1.0, head_m = 1.8, tree_m = 7.0;
constexpr double scuff_m = 0.004, small_m = 0.012;
constexpr double besideBall_m = 0.0214;
/// A smaller share of the samples than this, and it is chance which ones come near.
constexpr double fewestCounted = 1.0 / 120.0;

double logNear(double seen, double is, double sd) {
    const double z = (seen - is) / sd;
    return std::log(slip / sd + std::exp(-0.5 * z * z) / sd);
}

/// The logarithm of its likelihood where a shot was exactly as it was seen.
double mostLikely(const Sighting& seen) {
    double sum = 0.0;
    const auto near = [&](const std::optional<double>& v, double sd) {
        if (v) sum += logNear(0.0, 0.0, sd);
    };
    near(seen.landed_m, seeing::landedSd_m(seen.landed_m.value_or(0.0), seen.landedJudged));
    near(seen.rest_m, seeing::restSd_m(seen.rest_m.value_or(0.0)));
    near(seen.restSide_m, seeing::restSideSd_m);
    near(seen.apex_m, seeing::apexShare);
    if (seen.bit) sum += std::log(rightBounce);
    if (seen.strike) sum += std::log(rightStrike);
    return sum;
}

SeenStrike seenAs(StrikeKind kind) {
    if (kind == StrikeKind::Fat) return SeenStrike::Fat;
    return kind == StrikeKind::Clean ? SeenStrike::Clean : SeenStrike::Thin;
}

/// Where the sole comes below the turf's top, ahead of the ball; where it would come nearest to it
/// when it stays above.
double entryOf(const Swings::Struck& struck, const SolePass& pass) {
    const double low = struck.lowPoint_m - pass.ballForward_m;
    return low - std::sqrt(2.0 * pass.radius_m * std::max(struck.depth_m, 0.0));
}

Quantiles quantilesOf(const std::vector<double>& values, const std::vector<double>& weights,
                      const std::vector<std::size_t>& counted) {
    std::vector<std::size_t> order = counted;
    std::sort(order.begin(), order.end(),
              [&](std::size_t a, std::size_t b) { return values[a] < values[b]; });
    Quantiles q;
    double all = 0.0;
    for (const std::size_t i : order) {
        all += weights[i];
        q.mean += weights[i] * values[i];
    }
    if (all <= 0.0) return q;
    q.mean /= all;
    std::array<std::pair<double, double*>, 5> wanted{
        {{0.05, &q.p5}, {0.10, &q.p10}, {0.50, &q.p50}, {0.90, &q.p90}, {0.95, &q.p95}}};
    double below = 0.0;
    std::size_t next = 0;
    for (const std::size_t i : order) {
        below += weights[i];
        q.sd += weights[i] * (values[i] - q.mean) * (values[i] - q.mean);
        while (next < wanted.size() && below >= wanted[next].first * all)
            *wanted[next++].second = values[i];
    }
    for (; next < wanted.size(); ++next)
        *wanted[next].second = values[order.back()];
    q.sd = std::sqrt(q.sd / all);
    return q;
}

}  // namespace

namespace seeing {

double landedSd_m(double landed_m, bool judged) {
    return judged ? std::hypot(0.06 * landed_m, 0.8) : std::hypot(0.04 * landed_m, 0.5);
}

double restSd_m(double rest_m) {
    return std::hypot(0.03 * rest_m, 0.3);
}

Between logHeight(SeenHeight height) {
    const double waist = std::log(waist_m), head = std::log(head_m), tree = std::log(tree_m);
    switch (height) {
        case SeenHeight::BelowWaist:
            return {-infinite, waist};
        case SeenHeight::BelowHead:
            return {waist, head};
        case SeenHeight::BelowTree:
            return {head, tree};
        case SeenHeight::AboveTree:
            return {tree, infinite};
    }
    return {};
}

Between turfDepth_m(SeenTurf turf) {
    switch (turf) {
        case SeenTurf::None:
            return {-infinite, 0.0005};
        case SeenTurf::Scuff:
            return {0.0005, scuff_m};
        case SeenTurf::Small:
            return {scuff_m, small_m};
        case SeenTurf::Deep:
            return {small_m, infinite};
    }
    return {};
}

Between entryAhead_m(SeenEntry entry) {
    switch (entry) {
        case SeenEntry::BeforeBall:
            return {-infinite, -besideBall_m};
        case SeenEntry::AtBall:
            return {-besideBall_m, besideBall_m};
        case SeenEntry::AfterBall:
            return {besideBall_m, infinite};
    }
    return {};
}

}  // namespace seeing

void Sighting::validate() const {
    if (landed_m) requireRange("landed_m", *landed_m, 0.0, 300.0);
    if (rest_m) requireRange("rest_m", *rest_m, -20.0, 300.0);
    if (restSide_m) requireRange("rest_side_m", *restSide_m, -150.0, 150.0);
    if (apex_m) requireRange("apex_m", *apex_m, 0.0, 300.0);
    if (bit) requireRange("bit", *bit, 0, 4);
}

double logLikelihood(const Sighting& seen, const SeenTruth& truth) {
    double sum = 0.0;
    if (seen.landed_m)
        sum += logNear(*seen.landed_m, truth.carry_m,
                       seeing::landedSd_m(*seen.landed_m, seen.landedJudged));
    if (seen.rest_m) sum += logNear(*seen.rest_m, truth.total_m, seeing::restSd_m(*seen.rest_m));
    if (seen.restSide_m) sum += logNear(*seen.restSide_m, truth.restSide_m, seeing::restSideSd_m);
    const double logApex = std::log(std::max(truth.apex_m, 0.01));
    if (seen.apex_m)
        sum += logNear(std::log(std::max(*seen.apex_m, 0.01)), logApex, seeing::apexShare);
    if (seen.height)
        sum += logBetween(logApex, seeing::heightShare, seeing::logHeight(*seen.height));
    if (seen.bit) sum += std::log(bounceShare(*seen.bit, truth.bit));
    if (seen.start)
        sum += logBetween(truth.direction_rad, seeing::startSd_rad, aside(*seen.start, aside_rad));
    if (seen.curve) {
        const double off = (truth.side_m - truth.carry_m * std::tan(truth.direction_rad)) /
                           std::max(truth.carry_m, 1.0);
        sum += logBetween(off, seeing::curveShare, aside(*seen.curve, curved));
    }
    if (seen.strike) {
        const bool right = seenAs(truth.kind) == *seen.strike;
        sum += std::log(right ? rightStrike : 0.5 * (1.0 - rightStrike));
    }
    if (seen.turf)
        sum += logBetween(truth.depth_m, seeing::turfSd_m, seeing::turfDepth_m(*seen.turf));
    if (seen.entry && seen.turf != SeenTurf::None)
        sum += logBetween(truth.entry_m, seeing::entrySd_m, seeing::entryAhead_m(*seen.entry));
    return sum;
}

SeenShot weighSeen(const Predictor& predictor, const Recipe& declared, const Sighting& seen,
                   const SeenUnknown& unknown, std::size_t samples, std::uint64_t seed) {
    seen.validate();
    // What all his shots have in common scatters one of them no less.
    PlayerScatter scatter = predictor.player().scatter();
    const auto widen = [&](Scatter s, double by) {
        double& sd = scatter.sd[static_cast<std::size_t>(s)];
        sd = std::hypot(sd, by);
    };
    widen(Scatter::Speed, unknown.speedShare);
    widen(Scatter::Loft, unknown.loft_rad);
    widen(Scatter::Attack, unknown.attack_rad);
    const Swings swings(predictor, declared, scatter);
    const ChanceMaker chances(predictor, scatter, predictor.source(unknown.parameters), 0.2);
    const SolePass pass = predictor.solePass(swings.planned());
    ShotBatch batch(predictor.surroundings().terrain);
    batch.resize(samples);
    std::vector<Swings::Struck> struck;
    struck.reserve(samples);
    for (std::size_t i = 0; i < samples; ++i) {
        const Chance chance = chances.make(seed, i);
        struck.push_back(swings.strike(chance));
        swings.put(batch, i, struck.back(), chance);
    }
    const BatchResult result = calcBatch(batch);
    std::vector<double> weights(samples, -infinite);
    std::vector<std::size_t> counted;
    counted.reserve(samples);
    double best = -infinite;
    for (std::size_t i = 0; i < samples; ++i) {
        if (!struck[i].valid || !result.valid[i]) continue;
        SeenTruth t;
        t.carry_m = result(Outcome::Carry, i);
        t.side_m = result(Outcome::Side, i);
        t.total_m = result(Outcome::Total, i);
        t.restSide_m = result(Outcome::RestSide, i);
        t.apex_m = result(Outcome::Apex, i);
        t.direction_rad = result(Outcome::LaunchDirection, i);
        t.bit = result.behaviour(i).bitingBounce;
        t.kind = struck[i].kind;
        t.depth_m = struck[i].depth_m;
        t.entry_m = entryOf(struck[i], pass);
        weights[i] = logLikelihood(seen, t);
        best = std::max(best, weights[i]);
        counted.push_back(i);
    }
    SeenShot out;
    double all = 0.0, squares = 0.0;
    for (const std::size_t i : counted) {
        weights[i] = std::exp(weights[i] - best);
        all += weights[i];
        squares += weights[i] * weights[i];
        const SeenStrike as = seenAs(struck[i].kind);
        (as == SeenStrike::Fat     ? out.fat
         : as == SeenStrike::Clean ? out.clean
                                   : out.thin) += weights[i];
    }
    if (all <= 0.0) return out;
    for (double* share : {&out.fat, &out.clean, &out.thin})
        *share /= all;
    out.counted = all * all / squares;
    // None of them comes near all that was seen.
    out.strange = out.counted < fewestCounted * static_cast<double>(samples) ||
                  best < mostLikely(seen) + 0.75 * std::log(slip);
    const auto of = [&](Outcome o) {
        return quantilesOf(result.outcomes[static_cast<std::size_t>(o)], weights, counted);
    };
    out.launch_rad = of(Outcome::LaunchAngle);
    out.spin_radps = of(Outcome::SpinRate);
    out.landing_rad = of(Outcome::LandingAngle);
    out.carry_m = of(Outcome::Carry);
    out.release_m = of(Outcome::Release);
    out.apex_m = of(Outcome::Apex);
    out.ballSpeed_mps = of(Outcome::BallSpeed);
    out.attack_rad = of(Outcome::Attack);
    out.dynamicLoft_rad = of(Outcome::DynamicLoft);
    std::vector<double> speeds(samples);
    for (std::size_t i = 0; i < samples; ++i)
        speeds[i] = struck[i].delivery.clubSpeed_mps;
    out.clubSpeed_mps = quantilesOf(speeds, weights, counted);
    return out;
}

}  // namespace wedgeon
