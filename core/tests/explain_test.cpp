// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Shares: exact sums, symmetry, and causes that did not change.
#include "wedgeon/explain/explain.h"

#include <gtest/gtest.h>

#include "random_cases.h"

namespace wedgeon {
namespace {

using test::predictor;
using test::Scene;
ShotCauses randomCauses(test::RandomCases& random) {
    ShotCauses c;
    c.delivery = random.delivery();
    const Scene scene = random.scene();
    c.surroundings = predictor(scene).surroundings();
    c.contact = predictor(scene).contact();
    return c;
}

TEST(Explain, SharesAddUpExactly) {
    test::RandomCases random(61);
    for (int i = 0; i < 20; ++i) {
        const ShotCauses a = randomCauses(random);
        const ShotCauses b = randomCauses(random);
        const Explanation e = explain(a, b);
        for (std::size_t o = 0; o < outcomeCount; ++o) {
            double sum = 0;
            for (const double s : e.share[o])
                sum += s;
            // One unit in the last place of the difference: what the last addition can hold.
            EXPECT_NEAR(sum, e.to[o] - e.from[o],
                        4e-16 * std::max(1.0, std::abs(e.to[o]) + std::abs(e.from[o])));
        }
    }
}

TEST(Explain, ACauseThatDidNotChangeHasNoShare) {
    test::RandomCases random(62);
    const ShotCauses a = randomCauses(random);
    ShotCauses b = a;
    b.delivery.dynamicLoft_rad += radFromDeg(4);
    const Explanation e = explain(a, b);
    for (std::size_t o = 0; o < outcomeCount; ++o) {
        for (std::size_t c = 0; c < causeCount; ++c) {
            if (static_cast<Cause>(c) == Cause::Loft) continue;
            EXPECT_NEAR(e.share[o][c], 0.0, 1e-12) << causeKey(static_cast<Cause>(c));
        }
    }
    EXPECT_GT(e(Outcome::LaunchAngle, Cause::Loft), radFromDeg(2));
}

TEST(Explain, BackwardsTheSharesTurnTheirSigns) {
    test::RandomCases random(63);
    const ShotCauses a = randomCauses(random);
    const ShotCauses b = randomCauses(random);
    const Explanation there = explain(a, b);
    const Explanation back = explain(b, a);
    for (std::size_t o = 0; o < outcomeCount; ++o) {
        for (std::size_t c = 0; c < causeCount; ++c) {
            EXPECT_NEAR(there.share[o][c], -back.share[o][c],
                        1e-9 * (1 + std::abs(there.share[o][c])));
        }
    }
}

TEST(Explain, AWetFaceIsFoundAsTheCauseOfLowSpin) {
    Scene g;
    g.wedge = {radFromDeg(56), radFromDeg(64), radFromDeg(10)};
    Recipe r;
    r.clubSpeed_mps = 24;
    const ShotCauses dry = predictor(g).causes(predictor(g).shot(r));
    g.face = FaceCondition::FreshWet;
    const ShotCauses wet = predictor(g).causes(predictor(g).shot(r));
    const Explanation e = explain(dry, wet);
    EXPECT_LT(e(Outcome::SpinRate, Cause::BallAndLie), -100);
    EXPECT_NEAR(e(Outcome::SpinRate, Cause::Loft), 0, 1e-9);
}

}  // namespace
}  // namespace wedgeon
