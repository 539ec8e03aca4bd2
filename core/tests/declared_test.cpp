// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// A miss with a planted cause is that cause's.
#include "wedgeon/train/declared.h"

#include <gtest/gtest.h>

#include "wedgeon/error.h"
#include "wedgeon/units.h"

namespace wedgeon {
namespace {

double sum(const MissShares& shares) {
    double out = 0.0;
    for (const MissPart& p : shares.parts)
        out += p.miss_m;
    return out;
}

Conditions ordinaryDay() {
    Conditions out;
    out.wedge = {radFromDeg(56), radFromDeg(64), radFromDeg(10)};
    return out;
}

class DeclaredTest : public testing::Test {
protected:
    const Predictor predictor_{PlayerModel{}, ordinaryDay()};
    const Recipe declared_{};
    const ShotResult meant_ = predictor_.shot(declared_);

    MissReading whole() const {
        return {meant_.swing.delivery, meant_.strike.launch, meant_.flight.carry_m,
                meant_.total_m(), meant_.restSide_m()};
    }
};

TEST_F(DeclaredTest, AsDeclaredIsNoMiss) {
    // As the set-up brings the club there, before the grass takes its part.
    MissReading r = whole();
    r.delivery.reset();
    const DeclaredMiss m = findMiss(predictor_, declared_, 0.0, r);
    EXPECT_NEAR(*m.along.whole_m, 0.0, 1e-9);
    EXPECT_NEAR(*m.across.whole_m, 0.0, 1e-9);
    for (const MissPart& p : m.along.parts)
        EXPECT_NEAR(p.miss_m, 0.0, 1e-6);
    EXPECT_TRUE(m.ofRest);
}

/// Aimed left for a curve to the right: what was declared is turned with it.
TEST_F(DeclaredTest, AnAimIsPartOfWhatWasDeclared) {
    const ShotResult aimed = predictor_.turned(meant_, radFromDeg(-6));
    MissReading r;
    r.total_m = aimed.total_m();
    r.side_m = aimed.restSide_m();
    const DeclaredMiss m = findMiss(predictor_, declared_, radFromDeg(-6), r);
    EXPECT_NEAR(*m.across.whole_m, 0.0, 1e-9);
    EXPECT_LT(*findMiss(predictor_, declared_, 0.0, r).across.whole_m, -1.0);
}

TEST_F(DeclaredTest, EachCauseHasWhatItMade) {
    // A slower swing, struck thin-ish (less spin), short in the air, and a soft bounce.
    Delivery slower = meant_.swing.delivery;
    slower.clubSpeed_mps *= 0.9;
    const ShotResult swung = predictor_.shotFrom(slower);
    Launch ball = swung.strike.launch;
    ball.spin_radps.x *= 0.7;
    ball.spin_radps.y *= 0.7;
    ball.spin_radps.z *= 0.7;
    const ShotResult struck = predictor_.shotFrom(ball);
    MissReading r;
    r.delivery = slower;
    r.launch = ball;
    r.carry_m = struck.flight.carry_m - 0.7;
    r.total_m = *r.carry_m + struck.run.release_m - 2.0;
    r.side_m = struck.restSide_m() + 0.4;
    const DeclaredMiss m = findMiss(predictor_, declared_, 0.0, r);
    ASSERT_EQ(m.along.parts.size(), 4u);
    EXPECT_NEAR(m.along.parts[0].miss_m, swung.total_m() - meant_.total_m(), 1e-9);
    EXPECT_LT(m.along.parts[0].miss_m, -2.0);
    EXPECT_NEAR(m.along.parts[1].miss_m, struck.total_m() - swung.total_m(), 1e-6);
    EXPECT_NEAR(m.along.parts[2].miss_m, -0.7, 1e-9);
    EXPECT_NEAR(m.along.parts[3].miss_m, -2.0, 1e-9);
    EXPECT_EQ(m.along.parts[3].causes, std::vector<MissCause>{MissCause::Ground});
    EXPECT_NEAR(sum(m.along), *m.along.whole_m, 1e-9);
    EXPECT_NEAR(*m.along.whole_m, *r.total_m - meant_.total_m(), 1e-9);
    // Neither the short flight nor the soft bounce was swung.
    EXPECT_NEAR(*m.along.own_m, *m.along.whole_m + 2.7, 1e-9);
    EXPECT_NEAR(sum(m.across), *m.across.whole_m, 1e-9);
    EXPECT_NEAR(m.across.parts.back().miss_m, 0.4, 1e-9);
}

TEST_F(DeclaredTest, WhatIsNotKnownIsOnePart) {
    // By eye: where it landed and where it lies.
    MissReading r;
    r.carry_m = meant_.flight.carry_m - 3.0;
    r.total_m = meant_.total_m() - 5.0;
    const DeclaredMiss eye = findMiss(predictor_, declared_, 0.0, r);
    ASSERT_EQ(eye.along.parts.size(), 1u);
    EXPECT_EQ(eye.along.parts[0].causes.size(), 4u);
    EXPECT_NEAR(*eye.along.whole_m, -5.0, 1e-9);
    EXPECT_FALSE(eye.across.whole_m);
    // No ball: the swing is told from all that came after it.
    r.delivery = meant_.swing.delivery;
    r.delivery->clubSpeed_mps *= 0.95;
    const DeclaredMiss club = findMiss(predictor_, declared_, 0.0, r);
    ASSERT_EQ(club.along.parts.size(), 2u);
    EXPECT_EQ(club.along.parts[0].causes, std::vector<MissCause>{MissCause::Swing});
    EXPECT_NEAR(*club.along.own_m, -5.0, 1e-9);
    // Only the carry.
    MissReading carried;
    carried.carry_m = meant_.flight.carry_m + 2.0;
    carried.launch = meant_.strike.launch;
    const DeclaredMiss ball = findMiss(predictor_, declared_, 0.0, carried);
    EXPECT_FALSE(ball.ofRest);
    ASSERT_EQ(ball.along.parts.size(), 2u);
    EXPECT_NEAR(*ball.along.whole_m, 2.0, 1e-9);
    EXPECT_NEAR(*ball.along.own_m, 0.0, 1e-6);
    // Nothing at all.
    EXPECT_FALSE(findMiss(predictor_, declared_, 0.0, {}).along.whole_m);
    // A reading that is none.
    carried.launch->velocity_mps = {0.0, 0.0, 0.0};
    EXPECT_EQ(findMiss(predictor_, declared_, 0.0, carried).along.parts.size(), 1u);
    Recipe none;
    none.clubSpeed_mps = -1;
    EXPECT_THROW(findMiss(predictor_, none, 0.0, {}), RangeError);
}

}  // namespace
}  // namespace wedgeon
