// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Lie, ball and face: the priors behave as model.md and coaches say.
#include "wedgeon/lie/lie.h"

#include <gtest/gtest.h>

#include "random_cases.h"
#include "wedgeon/error.h"

namespace wedgeon {
namespace {

using test::Scene;
TEST(Lie, BareFreshSoftIsTheBallItself) {
    const Contact c = calcContact(BallKind::Soft, FaceCondition::FreshDry, {});
    EXPECT_DOUBLE_EQ(c.friction, 0.40);
    EXPECT_DOUBLE_EQ(c.tangentialRestitution, 0.307);
    EXPECT_DOUBLE_EQ(c.speedKept, 1.0);
    EXPECT_DOUBLE_EQ(c.restitutionScale, 1.0);
    EXPECT_DOUBLE_EQ(c.faceTurn_rad, 0.0);
}

TEST(Lie, MoreCoverNeverHelps) {
    test::RandomCases random(4);
    for (int i = 0; i < 300; ++i) {
        Scene g = random.scene();
        g.lie.cover *= 0.9;
        const Contact less = calcContact(g.ball, g.face, g.lie);
        g.lie.cover += 0.1;
        const Contact more = calcContact(g.ball, g.face, g.lie);
        EXPECT_LE(more.friction, less.friction);
        EXPECT_LE(more.speedKept, less.speedKept);
        EXPECT_LE(more.restitutionScale, less.restitutionScale);
        EXPECT_GE(more.friction, 0.04);
    }
}

TEST(Lie, AgainstTheGrainKeepsLessSpeed) {
    Lie lie{0.6, 0.5, 0.0, 0.01, 1.0};
    const double with = calcContact(BallKind::Soft, FaceCondition::FreshDry, lie).speedKept;
    lie.grain_rad = constants::pi;
    EXPECT_LT(calcContact(BallKind::Soft, FaceCondition::FreshDry, lie).speedKept, with);
}

TEST(Lie, CrossGrainShutsMoreThanItOpens) {
    Lie lie{1.0, 1.0, constants::pi / 2, 0.01, 1.0};
    const double away = calcContact(BallKind::Soft, FaceCondition::FreshDry, lie).faceTurn_rad;
    lie.grain_rad = -constants::pi / 2;
    const double toward = calcContact(BallKind::Soft, FaceCondition::FreshDry, lie).faceTurn_rad;
    EXPECT_NEAR(away, radFromDeg(-4.0), 1e-12);
    EXPECT_NEAR(toward, radFromDeg(1.5), 1e-12);
}

TEST(Lie, EveryNamedPriorIsValidAndFoundByItsKey) {
    for (const NamedLie& lie : namedLies()) {
        EXPECT_NO_THROW(lie.lie.validate()) << lie.key;
        EXPECT_EQ(findLie(lie.key), &lie);
    }
    for (const NamedBall& ball : namedBalls())
        EXPECT_EQ(findBall(ball.key), &ball);
    for (const NamedFace& face : namedFaces())
        EXPECT_EQ(findFace(face.key), &face);
    EXPECT_EQ(findLie("sand dune"), nullptr);
}

TEST(Lie, RefusesCoverAboveOne) {
    EXPECT_THROW(calcContact(BallKind::Soft, FaceCondition::Dirty, {1.2, 0, 0, 0, 1}), RangeError);
}

TEST(Lie, AgainstTheGrainMoreThanAllOfTheCoverDoesNotCount) {
    // Against the grain three quarters of the grass count as much as all of it with cross-grain.
    Lie lie{0.75, 0.5, radFromDeg(180), 0.0, 1.0};
    const double most = calcContact(BallKind::Soft, FaceCondition::FreshDry, lie).friction;
    lie.cover = 1.0;
    const Contact all = calcContact(BallKind::Soft, FaceCondition::FreshDry, lie);
    EXPECT_DOUBLE_EQ(all.friction, most);
    EXPECT_DOUBLE_EQ(all.restitutionScale, 1.0 - 0.06 * 0.5);
    EXPECT_NEAR(all.friction, 0.40 * (1.0 - 0.8 * 0.8), 1e-12);
    lie.cover = 0.6;
    const Contact some = calcContact(BallKind::Soft, FaceCondition::FreshDry, lie);
    EXPECT_NEAR(some.friction, 0.40 * (1.0 - 0.8 * std::pow(0.8, 0.4) * 0.8), 1e-12);
    EXPECT_NEAR(some.restitutionScale, 1.0 - 0.06 * 0.8 * 0.5, 1e-12);
}

}  // namespace
}  // namespace wedgeon
