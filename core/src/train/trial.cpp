// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Sequential tests of two arms.
#include "wedgeon/train/trial.h"

#include <algorithm>
#include <array>
#include <boost/math/distributions/non_central_t.hpp>
#include <cmath>
#include <random>

#include "wedgeon/error.h"

namespace wedgeon {
namespace {

constexpr std::size_t mostTrialShots = 400;
constexpr double largestDifference = 1e6;
/// Of the prior that the rates of clean strikes are estimated with: Turner and others' choice.
constexpr double strikePrior = 0.18;
/// The deviation of the logarithm of a ratio of scatters that the sequence is narrowest at.
constexpr double scatterEffect = 0.4;
constexpr std::size_t fewestOfArm = 5;  // of each arm

double square(double v) {
    return v * v;
}

/// Sums of one arm, kept about its mean.
struct Sums {
    std::size_t n = 0;
    double mean = 0.0, squares = 0.0;
    void add(double v) {
        ++n;
        const double from = v - mean;
        mean += from / static_cast<double>(n);
        squares += from * (v - mean);
    }
    double sd() const { return n < 2 ? 0.0 : std::sqrt(squares / static_cast<double>(n - 1)); }
};

std::array<Sums, 2> sumsOf(std::span<const TrialValue> values) {
    std::array<Sums, 2> out;
    for (const TrialValue& v : values) {
        requireRange("value", v.value, -largestDifference, largestDifference);
        out[static_cast<std::size_t>(v.arm)].add(v.value);
    }
    return out;
}

double variance(const TrialDesign& design) {
    return square(design.matters / design.expectedSd);
}

/// Shots of each arm as if both had this many.
double pairsOf(double a, double b) {
    return a * b / (a + b);
}

/// How many standard errors from the mean difference the sequence reaches; infinite while nothing
/// can be rejected.
double reach(double a, double b, const TrialDesign& design) {
    const double freedom = a + b - 2.0;
    if (freedom < 1.0) return std::numeric_limits<double>::infinity();
    const double r = 1.0 + pairsOf(a, b) * variance(design);
    // ((1 + t^2 / f) / (1 + t^2 / (f r)))^((f + 1) / 2) / sqrt(r) = 1 / errorRate
    const double k = std::pow(std::sqrt(r) / design.errorRate, 2.0 / (freedom + 1.0));
    if (k >= r) return std::numeric_limits<double>::infinity();
    return std::sqrt(freedom * (k - 1.0) / (1.0 - k / r));
}

}  // namespace

std::vector<Arm> findArms(std::uint64_t seed, std::size_t shots) {
    constexpr std::array<std::array<Arm, 4>, 6> blocks{{{Arm::A, Arm::A, Arm::B, Arm::B},
                                                        {Arm::A, Arm::B, Arm::A, Arm::B},
                                                        {Arm::A, Arm::B, Arm::B, Arm::A},
                                                        {Arm::B, Arm::A, Arm::A, Arm::B},
                                                        {Arm::B, Arm::A, Arm::B, Arm::A},
                                                        {Arm::B, Arm::B, Arm::A, Arm::A}}};
    std::mt19937_64 chance(seed);
    std::vector<Arm> out;
    while (out.size() < shots) {
        // The remainder of 2^64 favours none of six by more than 1e-18.
        const auto& block = blocks[chance() % blocks.size()];
        out.insert(out.end(), block.begin(), block.end());
    }
    out.resize(shots);
    return out;
}

void TrialDesign::validate() const {
    requireRange("matters", matters, std::numeric_limits<double>::min(), largestDifference);
    requireRange("expected_sd", expectedSd, 0.01 * matters, 100.0 * matters);
    requireRange("error_rate", errorRate, 0.001, 0.5);
    requireRange("power", power, 0.5, 0.99);
}

TrialReading readTrial(std::span<const TrialValue> values, const TrialDesign& design) {
    design.validate();
    const auto [a, b] = sumsOf(values);
    TrialReading out;
    out.shotsA = a.n;
    out.shotsB = b.n;
    if (a.n > 0) out.meanA = a.mean;
    if (b.n > 0) out.meanB = b.mean;
    if (a.n == 0 || b.n == 0) return out;
    out.difference = b.mean - a.mean;
    if (a.n + b.n < 3) return out;
    const auto nA = static_cast<double>(a.n), nB = static_cast<double>(b.n);
    out.sd = std::sqrt((a.squares + b.squares) / (nA + nB - 2.0));
    const double half = reach(nA, nB, design) * out.sd / std::sqrt(pairsOf(nA, nB));
    // Equal values have no deviation to tell a reach from.
    if (out.sd > 0.0 && std::isfinite(half)) {
        out.low = out.difference - half;
        out.high = out.difference + half;
    }
    return out;
}

ScatterReading readScatter(std::span<const TrialValue> values, const TrialDesign& design) {
    design.validate();
    const auto [a, b] = sumsOf(values);
    ScatterReading out;
    if (a.n < 2 || b.n < 2) return out;
    out.sdA = a.sd();
    out.sdB = b.sd();
    if (!(out.sdA > 0.0) || !(out.sdB > 0.0)) return out;
    out.ratio = out.sdB / out.sdA;
    if (a.n < fewestOfArm || b.n < fewestOfArm) return out;
    // A normal mixture over the logarithm, whose variance is taken as known (Robbins 1970).
    const double known =
        1.0 / (0.5 / static_cast<double>(a.n - 1) + 0.5 / static_cast<double>(b.n - 1));
    const double r = 1.0 + known * square(scatterEffect);
    const double half = std::sqrt(2.0 * r / (known * known * square(scatterEffect)) *
                                  std::log(std::sqrt(r) / design.errorRate));
    out.low = out.ratio * std::exp(-half);
    out.high = out.ratio * std::exp(half);
    return out;
}

StrikeReading readStrikes(std::span<const StrikeShot> shots, const TrialDesign& design) {
    design.validate();
    std::array<std::vector<bool>, 2> clean;
    StrikeReading out;
    std::array<double, 2> hits{}, pairs{};
    for (const StrikeShot& s : shots) {
        clean[static_cast<std::size_t>(s.arm)].push_back(s.clean);
        const std::size_t done = static_cast<std::size_t>(pairs[0]);
        if (clean[0].size() <= done || clean[1].size() <= done) continue;
        std::array<double, 2> rate{};
        for (std::size_t i = 0; i < 2; ++i)
            rate[i] = (hits[i] + strikePrior) / (pairs[i] + 2.0 * strikePrior);
        const double one = 0.5 * (rate[0] + rate[1]);
        for (std::size_t i = 0; i < 2; ++i) {
            const bool hit = clean[i][done];
            out.evidence *= hit ? rate[i] / one : (1.0 - rate[i]) / (1.0 - one);
            hits[i] += hit ? 1.0 : 0.0;
            pairs[i] += 1.0;
        }
        out.differ = out.differ || out.evidence >= 1.0 / design.errorRate;
    }
    out.shotsA = clean[0].size();
    out.shotsB = clean[1].size();
    out.cleanA = static_cast<std::size_t>(std::count(clean[0].begin(), clean[0].end(), true));
    out.cleanB = static_cast<std::size_t>(std::count(clean[1].begin(), clean[1].end(), true));
    return out;
}

TrialAnswer findAnswer(const TrialReading& reading, const TrialDesign& design) {
    design.validate();
    TrialAnswer out;
    // Also one that is surely there, and surely too small.
    if (reading.low > -design.matters && reading.high < design.matters) {
        out.verdict = TrialVerdict::NoDifference;
        return out;
    }
    if (reading.low > 0.0 || reading.high < 0.0) {
        out.verdict = TrialVerdict::Difference;
        out.surelyMatters = reading.low > design.matters || reading.high < -design.matters;
        return out;
    }
    // With the same difference and scatter: until the interval leaves out 0 or lies within what
    // matters, whichever is nearer.
    const bool told = std::isfinite(reading.sd) && reading.sd > 0.0;
    const double sd = told ? reading.sd : design.expectedSd;
    const double apart = told ? std::abs(reading.difference) : design.matters;
    const double narrow = std::max(apart, design.matters - apart);
    for (std::size_t more = 1; more <= mostTrialShots; ++more) {
        const double each = 0.5 * static_cast<double>(more);
        const double a = static_cast<double>(reading.shotsA) + each;
        const double b = static_cast<double>(reading.shotsB) + each;
        if (reach(a, b, design) * sd / std::sqrt(pairsOf(a, b)) < narrow) {
            out.more = more;
            break;
        }
    }
    return out;
}

std::optional<std::size_t> findShotsNeeded(const TrialDesign& design) {
    design.validate();
    const double effect = design.matters / design.expectedSd;
    for (std::size_t shots = 4; shots <= mostTrialShots; shots += 2) {
        const double each = 0.5 * static_cast<double>(shots);
        const double t = reach(each, each, design);
        if (!std::isfinite(t)) continue;
        const boost::math::non_central_t law(2.0 * each - 2.0,
                                             effect * std::sqrt(pairsOf(each, each)));
        const double found =
            boost::math::cdf(boost::math::complement(law, t)) + boost::math::cdf(law, -t);
        if (found >= design.power) return shots;
    }
    return std::nullopt;
}

}  // namespace wedgeon
