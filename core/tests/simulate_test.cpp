// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Simulation: the same on any number of threads, agrees with first order, lopsided as in life.
#include "wedgeon/simulate/simulate.h"

#include <gtest/gtest.h>

#include <algorithm>
#include <cstring>
#include <numeric>

#include "random_cases.h"
#include "wedgeon/error.h"

namespace wedgeon {
namespace {

using test::predictor;
using test::Scene;
Scene windyPitch() {
    Scene g = test::pitch();
    g.air.windAhead_mps = -2;
    return g;
}

TEST(Simulate, IsBitIdenticalOnOneAndTwoThreads) {
    SimulationOptions options;
    options.samples = 3001;
    options.seed = 42;
    options.threads = 1;
    const Simulation one = predictor(windyPitch()).simulate({}, options);
    for (const unsigned threads : {2u, 5u}) {
        options.threads = threads;
        const Simulation many = predictor(windyPitch()).simulate({}, options);
        ASSERT_EQ(one.rest.size(), many.rest.size());
        EXPECT_EQ(
            std::memcmp(one.rest.data(), many.rest.data(), one.rest.size() * sizeof one.rest[0]),
            0);
        EXPECT_EQ(std::memcmp(one.outcomes.data(), many.outcomes.data(), sizeof one.outcomes), 0);
        EXPECT_EQ(one.fat, many.fat);
    }
    options.seed = 43;
    EXPECT_NE(predictor(windyPitch()).simulate({}, options)[Outcome::Carry].mean,
              one[Outcome::Carry].mean);
}

TEST(Simulate, ChancesAgreeWithTheMargin) {
    SimulationOptions options;
    options.samples = 20000;
    // Only low point and depth scatter: then the margin's own chances are exact.
    options.player.emplace().sd = {0, 0, 0, 0, 0, 0.02, 0.004};
    const Scene g = windyPitch();
    const Simulation s = predictor(g).simulate({}, options);
    const StrikeChances c = predictor(g).chances({}, predictor(g).shot({}));
    EXPECT_NEAR(s.fat, c.fat, 3 * std::sqrt(0.25 / 20000));
    EXPECT_NEAR(s.thin, c.thin, 3 * std::sqrt(0.25 / 20000));
    EXPECT_NEAR(s.fat + s.clean + s.thin, 1.0, 1e-12);
    EXPECT_NEAR(std::accumulate(s.behaviour.begin(), s.behaviour.end(), 0.0), 1.0, 1e-9);
}

TEST(Simulate, AgreesWithFirstOrderWhereThatHolds) {
    const Scene g = windyPitch();
    SimulationOptions options;
    options.samples = 20000;
    options.gustShare = 0;
    options.player.emplace().sd = {0.01, 0, 0, 0, radFromDeg(0.4), 0, 0};
    const Simulation s = predictor(g).simulate({}, options);
    const SpreadSource source = options.unknown.withClub(0.01, radFromDeg(0.4));
    const Spread first = predictor(g).spread(predictor(g).shot({}), source);
    EXPECT_NEAR((s[Outcome::Carry].p90 - s[Outcome::Carry].p10) / 2, first.carry_m,
                0.05 * first.carry_m);
    EXPECT_NEAR((s[Outcome::SpinRate].p90 - s[Outcome::SpinRate].p10) / 2, first.spinRate_radps,
                0.05 * first.spinRate_radps);
}

TEST(Simulate, MishitsMakeTheCarryLopsided) {
    SimulationOptions options;
    options.samples = 10000;
    Scene tight = windyPitch();
    tight.lie = findLie("bare")->lie;
    Recipe lob;
    lob.open_rad = radFromDeg(20);
    lob.clubSpeed_mps = 22;
    const Simulation s = predictor(tight).simulate(lob, options);
    EXPECT_GT(s.fat + s.thin, 0.1) << "why height off a tight lie is risky";
    const auto& carry = s[Outcome::Carry];
    EXPECT_GT(carry.p95 - carry.p50 + carry.p50 - carry.p5, 2.0);
    EXPECT_GT(std::abs((carry.p95 - carry.p50) - (carry.p50 - carry.p5)), 0.2) << "not symmetric";
}

TEST(Simulate, CorrelationIsHonoured) {
    SimulationOptions options;
    options.samples = 5000;
    options.player.emplace().sd = {0, 0, 0.03, 0.03, 0, 0, 0};
    const Simulation apart = predictor(windyPitch()).simulate({}, options);
    const auto path = static_cast<std::size_t>(Scatter::Path);
    const auto face = static_cast<std::size_t>(Scatter::Face);
    options.player->correlation[path][face] = options.player->correlation[face][path] = 0.9;
    const Simulation together = predictor(windyPitch()).simulate({}, options);
    // Face and path turning together curve the ball less.
    EXPECT_LT(together[Outcome::SpinAxis].sd, 0.6 * apart[Outcome::SpinAxis].sd);
}

TEST(Simulate, CountsZonesOfATerrain) {
    Scene g = windyPitch();
    const double carry = predictor(g).shot({}).flight.carry_m;
    g.line =
        Line{"", {Zone::of(ZoneKind::Fairway, carry - 1), Zone::of(ZoneKind::Green, 50)}, {}, {}};
    SimulationOptions options;
    const Simulation s = predictor(g).simulate({}, options);
    ASSERT_EQ(s.zone.size(), 2u);
    EXPECT_NEAR(s.zone[0] + s.zone[1], 1.0, 1e-9);
    EXPECT_GT(s.zone[0], 0.02);
    EXPECT_GT(s.zone[1], 0.5);
}

TEST(Simulate, RefusesImpossibleScatter) {
    SimulationOptions options;
    options.player.emplace().sd[0] = -1;
    EXPECT_THROW(predictor(windyPitch()).simulate({}, options), RangeError);
    options = {};
    options.samples = 0;
    EXPECT_THROW(predictor(windyPitch()).simulate({}, options), RangeError);
    options = {};
    options.player.emplace();
    options.player->correlation[0][1] = options.player->correlation[1][0] = 1.0;
    EXPECT_THROW(predictor(windyPitch()).simulate({}, options), RangeError)
        << "not positive definite";
}

TEST(Simulate, QuantilesLieBetweenTheSamplesInOrder) {
    SimulationOptions options;
    options.samples = 11;
    const Simulation s = predictor(windyPitch()).simulate({}, options);
    ASSERT_EQ(s.rest.size(), 11u);
    std::vector<double> total;
    for (const auto& r : s.rest)
        total.push_back(r[0]);
    std::sort(total.begin(), total.end());
    ASSERT_GT(total[1] - total[0], 1e-6) << "no two are the same";
    const Quantiles& q = s[Outcome::Total];
    EXPECT_NEAR(q.p5, 0.5 * (total[0] + total[1]), 1e-12);
    EXPECT_NEAR(q.p10, total[1], 1e-12);
    EXPECT_NEAR(q.p50, total[5], 1e-12);
    EXPECT_NEAR(q.p90, total[9], 1e-12);
    EXPECT_NEAR(q.p95, 0.5 * (total[9] + total[10]), 1e-12);
    const double mean = std::accumulate(total.begin(), total.end(), 0.0) / 11;
    double squares = 0;
    for (const double t : total)
        squares += (t - mean) * (t - mean);
    EXPECT_NEAR(q.mean, mean, 1e-12);
    EXPECT_NEAR(q.sd, std::sqrt(squares / 10), 1e-12);
}

TEST(Simulate, AGroundThatIsNotKnownMovesTheRunAsFarAsThatGroundDoes) {
    const auto only = [](double firmness, double friction) {
        SimulationOptions options;
        options.samples = 4001;
        options.gustShare = 0;
        options.player.emplace().sd = {0, 0, 0, 0, 0, 0, 0};
        options.unknown = SpreadSource::none();
        options.unknown.firmness = firmness;
        options.unknown.groundFriction = friction;
        return options;
    };
    Scene g = windyPitch();
    Recipe r;
    r.clubSpeed_mps = 24;
    r.lean_rad = radFromDeg(8);
    const auto runAt = [&](double firmness, double friction) {
        Scene at = g;
        at.ground.firmness *= firmness;
        at.ground.friction *= friction;
        return predictor(at).shot(r).run.release_m;
    };
    constexpr double z80 = 1.2816;
    for (const bool firm : {true, false}) {
        constexpr double sd = 0.08;
        const Simulation s = predictor(g).simulate(r, firm ? only(sd, 0) : only(0, sd));
        double low = firm ? runAt(1 - z80 * sd, 1) : runAt(1, 1 - z80 * sd);
        double high = firm ? runAt(1 + z80 * sd, 1) : runAt(1, 1 + z80 * sd);
        if (low > high) std::swap(low, high);
        ASSERT_GT(high - low, 0.05) << firm;
        const Quantiles& q = s[Outcome::Release];
        EXPECT_NEAR(q.p10, low, 0.12 * (high - low)) << firm;
        EXPECT_NEAR(q.p90, high, 0.12 * (high - low)) << firm;
        EXPECT_NEAR(q.p50, runAt(1, 1), 0.06 * (high - low)) << firm;
    }
}

TEST(Simulate, PlainGroundAndTheSameGroundAsALinePlayAlike) {
    // Several at once on plain ground, one at a time over a line: the same swings, the same laws.
    Scene plain = test::pitch();
    Scene line = plain;
    Zone green = Zone::of(ZoneKind::Green, 500);
    green.firmness = plain.ground.firmness;
    green.friction = plain.ground.friction;
    green.rolling_mps2 = plain.ground.rollingResistance_mps2();
    line.line = Line{"", {green}, {}, {}};
    SimulationOptions options;
    options.samples = 777;
    const Simulation a = predictor(plain).simulate({}, options);
    const Simulation b = predictor(line).simulate({}, options);
    EXPECT_EQ(a.fat, b.fat);
    EXPECT_EQ(a.thin, b.thin);
    ASSERT_EQ(a.rest.size(), b.rest.size());
    for (std::size_t i = 0; i < a.rest.size(); ++i)
        EXPECT_NEAR(a.rest[i][0], b.rest[i][0], 1e-4 * (1 + std::abs(b.rest[i][0]))) << i;
    EXPECT_NEAR(a[Outcome::SpinRate].p90, b[Outcome::SpinRate].p90, 1e-6);
}

TEST(Simulate, QuantilesOfAFewSamplesAreThoseOfTheSortedOnes) {
    for (const std::size_t n : {2u, 3u, 6u, 12u, 21u, 100u}) {
        SimulationOptions options;
        options.samples = n;
        const Simulation s = predictor(test::pitch()).simulate({}, options);
        std::vector<double> totals;
        for (const auto& r : s.rest)
            totals.push_back(r[0]);
        std::sort(totals.begin(), totals.end());
        const auto at = [&](double share) {
            const double x = share * static_cast<double>(totals.size() - 1);
            const auto i = static_cast<std::size_t>(x);
            return i + 1 < totals.size()
                       ? totals[i] + (x - static_cast<double>(i)) * (totals[i + 1] - totals[i])
                       : totals.back();
        };
        const Quantiles& q = s[Outcome::Total];
        EXPECT_NEAR(q.p5, at(0.05), 1e-9) << n;
        EXPECT_NEAR(q.p10, at(0.10), 1e-9) << n;
        EXPECT_NEAR(q.p50, at(0.50), 1e-9) << n;
        EXPECT_NEAR(q.p90, at(0.90), 1e-9) << n;
        EXPECT_NEAR(q.p95, at(0.95), 1e-9) << n;
    }
}

}  // namespace
}  // namespace wedgeon
