// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// From a record to the model's inputs.
#include "wedgeon/store/shot_givens.h"

#include <gtest/gtest.h>

#include "wedgeon/units.h"

namespace wedgeon::store {
namespace {

TEST(ShotGivens, TakesWhatTheRecordSaysAndTheRestFromTheStrip) {
    ShotRecord r;
    r[Quantity::Loft] = radFromDeg(54);
    r[Label::Ball] = "firm";
    r[Label::FaceCondition] = "Worn grooves, dry";
    r[Label::Lie] = "a lie that nobody knows";
    Fallback strip;
    strip.conditions.wedge = {radFromDeg(60), radFromDeg(63), radFromDeg(8)};
    strip.conditions.ball = BallKind::Soft;
    strip.conditions.lie.cover = 0.3;
    strip.conditions.air.windAhead_mps = 2;
    const ShotGivens g = findShotGivens(r, strip);
    EXPECT_NEAR(g.conditions.wedge.loft_rad, radFromDeg(54), 1e-12);
    EXPECT_NEAR(g.conditions.wedge.lie_rad, radFromDeg(63), 1e-12);
    EXPECT_EQ(g.conditions.ball, BallKind::Firm);
    EXPECT_EQ(g.conditions.face, FaceCondition::WornDry);
    EXPECT_FALSE(g.lieFromRecord);
    EXPECT_EQ(g.conditions.lie.cover, 0.3);
    EXPECT_EQ(g.conditions.air.windAhead_mps, 2);
    r[Label::Lie] = "lush";
    EXPECT_TRUE(findShotGivens(r, strip).lieFromRecord);
    EXPECT_EQ(findShotGivens(r, strip).conditions.lie, findLie("lush")->lie);
}

TEST(ShotGivens, ADeliveryNeedsSpeedAttackAndLoft) {
    ShotRecord r;
    r[Quantity::ClubSpeed] = 20;
    EXPECT_FALSE(findDelivery(r));
    r[Quantity::AttackAngle] = radFromDeg(-5);
    EXPECT_FALSE(findDelivery(r));
    r[Quantity::SpinLoft] = radFromDeg(50);
    ASSERT_TRUE(findDelivery(r));
    EXPECT_NEAR(degFromRad(findDelivery(r)->dynamicLoft_rad), 45, 1e-9);
    r[Quantity::DynamicLoft] = radFromDeg(46);
    EXPECT_NEAR(degFromRad(findDelivery(r)->dynamicLoft_rad), 46, 1e-9);
}

TEST(ShotGivens, ReleaseIsMeasuredOrTotalLessCarry) {
    ShotRecord r;
    EXPECT_FALSE(findRelease_m(r));
    r[Quantity::Carry] = 40;
    r[Quantity::Total] = 43;
    EXPECT_NEAR(*findRelease_m(r), 3, 1e-12);
    r[Quantity::Release] = 2.5;
    EXPECT_NEAR(*findRelease_m(r), 2.5, 1e-12);
}

TEST(ShotGivens, ALaunchNeedsSpeedAngleAndSpin) {
    ShotRecord r;
    r[Quantity::BallSpeed] = 22;
    r[Quantity::LaunchAngle] = 0.5;
    EXPECT_FALSE(findLaunch(r));
    r[Quantity::SpinRate] = 600;
    ASSERT_TRUE(findLaunch(r));
    EXPECT_NEAR(findLaunch(r)->speed_mps(), 22, 1e-12);
}

}  // namespace
}  // namespace wedgeon::store
