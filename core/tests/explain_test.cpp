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
    ShotCauses its = predictor(scene).causes(
        calcShotWith(c.delivery, predictor(scene).contact(), predictor(scene).surroundings()));
    return its;
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
    b.delivery.dynamicLoft_rad += radFromDeg(4);  // at the same attack: spin loft
    const Explanation e = explain(a, b);
    for (std::size_t o = 0; o < outcomeCount; ++o) {
        for (std::size_t c = 0; c < causeCount; ++c) {
            if (static_cast<Cause>(c) == Cause::SpinLoft) continue;
            EXPECT_NEAR(e.share[o][c], 0.0, 1e-12) << causeKey(static_cast<Cause>(c));
        }
    }
    EXPECT_GT(e(Outcome::LaunchAngle, Cause::SpinLoft), radFromDeg(2));
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
    EXPECT_LT(e(Outcome::SpinRate, Cause::Friction), -100);
    EXPECT_NEAR(e(Outcome::SpinRate, Cause::SpinLoft), 0, 1e-9);
    EXPECT_EQ(e(Outcome::SpinRate, Cause::Lie), 0.0);
}

/// Attack and loft that go down together are one change: no part that another one takes back.
TEST(Explain, AStrikeThatIsTurnedDownIsOneCause) {
    const test::Scene g = test::pitch();
    ShotCauses a = predictor(g).causes(predictor(g).shot(Recipe{}));
    ShotCauses b = a;
    b.delivery.attack_rad -= radFromDeg(4);
    b.delivery.dynamicLoft_rad -= radFromDeg(4);
    const Explanation e = explain(a, b);
    const auto carry = static_cast<std::size_t>(Outcome::Carry);
    EXPECT_NEAR(e(Outcome::Carry, Cause::Steepness), e.to[carry] - e.from[carry], 1e-9);
    EXPECT_NEAR(e(Outcome::Carry, Cause::SpinLoft), 0.0, 1e-9);
}

/// Aiming four degrees to the right is a direction, not two curves that cancel.
TEST(Explain, AnAimIsOneCause) {
    const test::Scene g = test::pitch();
    ShotCauses a = predictor(g).causes(predictor(g).shot(Recipe{}));
    ShotCauses b = a;
    b.delivery.path_rad += radFromDeg(4);
    b.delivery.faceAngle_rad += radFromDeg(4);
    const Explanation e = explain(a, b);
    const auto side = static_cast<std::size_t>(Outcome::Side);
    EXPECT_GT(e.to[side] - e.from[side], 1.0);
    EXPECT_NEAR(e(Outcome::Side, Cause::Direction), e.to[side] - e.from[side], 1e-6);
    EXPECT_NEAR(e(Outcome::Side, Cause::FaceToPath), 0.0, 1e-6);
}

/// What the grass does is the lie's, what ball and face do is friction's, and both ends are the
/// chain's own.
TEST(Explain, LieAndFrictionArePartedAndTheEndsAreThePredictions) {
    test::Scene g = test::pitch();
    const ShotResult from = predictor(g).shot(Recipe{});
    const ShotCauses a = predictor(g).causes(from);
    test::Scene other = g;
    other.lie = findLie("lush")->lie;
    other.ball = BallKind::Range;
    const ShotResult to = predictor(other).shot(Recipe{});
    const Explanation e = explain(a, predictor(other).causes(to));
    for (std::size_t o = 0; o < outcomeCount; ++o) {
        const auto outcome = static_cast<Outcome>(o);
        EXPECT_NEAR(e.from[o], valueOf(from, outcome), 1e-9 * (1 + std::abs(e.from[o])));
        EXPECT_NEAR(e.to[o], valueOf(to, outcome), 1e-9 * (1 + std::abs(e.to[o])));
    }
    EXPECT_LT(e(Outcome::SpinRate, Cause::Lie), -20);
    EXPECT_LT(e(Outcome::BallSpeed, Cause::Lie), -0.2);
    EXPECT_NE(e(Outcome::SpinRate, Cause::Friction), 0.0);
    EXPECT_EQ(e(Outcome::SpinRate, Cause::GroundAndAir), 0.0);
}

}  // namespace
}  // namespace wedgeon
