// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Why it stopped: shares of the release through the landing.
#include "wedgeon/explain/run_shares.h"

#include <gtest/gtest.h>

#include <numeric>
#include <random>

#include "wedgeon/units.h"

namespace wedgeon {
namespace {

Landing landing(double speed, double angle_deg, double spin_rpm, Ground ground = {}) {
    const double angle = radFromDeg(angle_deg);
    return {{speed * std::cos(angle), -speed * std::sin(angle), 0.0},
            {0.0, 0.0, radpsFromRpm(spin_rpm)},
            ground};
}

double share(const RunShares& s, RunCause c) {
    return s.share[static_cast<std::size_t>(c)];
}

TEST(RunShares, AddUpExactlyOverAThousandPairs) {
    std::mt19937 random(4);
    const auto between = [&](double low, double high) {
        return std::uniform_real_distribution<double>(low, high)(random);
    };
    const auto any = [&] {
        Ground g;
        g.firmness = between(0.75, 1.3);
        g.friction = between(0.24, 0.4);
        g.stimp_ft = between(7, 13);
        g.slopeAlong = between(-0.05, 0.05);
        return landing(between(8, 22), between(25, 55), between(1000, 9000), g);
    };
    for (int i = 0; i < 1000; ++i) {
        const std::array a{any()}, b{any()};
        const auto s = shareRun(a, b);
        ASSERT_TRUE(s);
        const double sum = std::accumulate(s->share.begin(), s->share.end(), 0.0);
        EXPECT_NEAR(sum, s->to - s->from, 1e-12);
        EXPECT_NEAR(s->from, calcRun(a[0].velocity_mps, a[0].spin_radps, a[0].ground).release_m,
                    1e-9);
        EXPECT_NEAR(s->to, calcRun(b[0].velocity_mps, b[0].spin_radps, b[0].ground).release_m,
                    1e-9);
    }
}

TEST(RunShares, WhatIsTheSameHasNoShare) {
    const std::array a{landing(15, 45, 6000)}, b{landing(15, 35, 6000)};
    const RunShares s = *shareRun(a, b);
    EXPECT_NEAR(share(s, RunCause::Angle), s.to - s.from, 1e-12);
    EXPECT_GT(share(s, RunCause::Angle), 0.3) << "flatter runs on";
    for (const RunCause c : {RunCause::Speed, RunCause::Spin, RunCause::Ground, RunCause::Slope})
        EXPECT_NEAR(share(s, c), 0.0, 1e-12);
}

TEST(RunShares, EachGoesTheWayThatCoachesSay) {
    const Landing usual = landing(15, 42, 5000);
    const auto one = [&](const Landing& to) {
        const std::array a{usual}, b{to};
        return *shareRun(a, b);
    };
    EXPECT_LT(share(one(landing(15, 42, 8000)), RunCause::Spin), 0.0);
    EXPECT_GT(share(one(landing(15, 42, 5000, {.firmness = 1.3})), RunCause::Ground), 0.0);
    EXPECT_LT(share(one(landing(15, 42, 5000, {.slopeAlong = 0.05})), RunCause::Slope), 0.0);
    // The argument that is always had: with half the spin.
    const RunShares much = one(landing(15, 42, 8000));
    EXPECT_GT(much.toWithHalfSpin, much.to);
    EXPECT_NEAR(much.toWithHalfSpin, one(landing(15, 42, 4000)).to, 1e-12);
}

TEST(RunShares, GroupsHaveIntervalsAndUseEachBallAlike) {
    std::mt19937 random(6);
    std::normal_distribution<double> normal;
    std::vector<Landing> a, b;
    for (int i = 0; i < 12; ++i)
        a.push_back(landing(15 + normal(random), 45 + normal(random), 5000 + 300 * normal(random)));
    for (int i = 0; i < 4; ++i)
        b.push_back(landing(15 + normal(random), 37 + normal(random), 5000 + 300 * normal(random)));
    const RunShares s = *shareRun(a, b);
    EXPECT_EQ(s.pairs, 12u);
    EXPECT_NEAR(std::accumulate(s.share.begin(), s.share.end(), 0.0), s.to - s.from, 1e-12);
    EXPECT_GT(s.half[static_cast<std::size_t>(RunCause::Angle)], 0.0);
    EXPECT_GT(share(s, RunCause::Angle), 0.0);
    EXPECT_FALSE(shareRun({}, b));
    const std::array fast{landing(80, 40, 3000)};
    EXPECT_FALSE(shareRun(fast, b)) << "no ground law covers it";
}

}  // namespace
}  // namespace wedgeon
