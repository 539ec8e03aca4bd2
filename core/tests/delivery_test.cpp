// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// The set-up's effect on the strike, as coaches describe it.
#include "wedgeon/delivery/delivery.h"

#include <gtest/gtest.h>

#include "random_cases.h"
#include "wedgeon/error.h"

namespace wedgeon {
namespace {

const Wedge wedge{radFromDeg(56), radFromDeg(64), radFromDeg(10)};

TEST(Delivery, EvenWeightMiddleBallIsTheLawsOwnNumber) {
    Recipe s;
    s.weightLead_pct = 50;
    const Swing swing = calcSwing(wedge, s);
    EXPECT_NEAR(swing.lowPoint_m, 0.02, 1e-12);
    EXPECT_NEAR(swing.delivery.attack_rad, -std::asin(0.02 / 1.1), 1e-12);
}

TEST(Delivery, BallBackSteepensLeansAndSendsThePathRight) {
    test::RandomCases random(3);
    for (int i = 0; i < 200; ++i) {
        Recipe s = random.recipe();
        const Swing before = calcSwing(wedge, s);
        s.ballForward_m -= constants::ballWidth_m;
        const Swing after = calcSwing(wedge, s);
        EXPECT_LT(after.delivery.attack_rad, before.delivery.attack_rad);
        EXPECT_GT(after.deliveredLean_rad, before.deliveredLean_rad);
        EXPECT_GT(after.delivery.path_rad, before.delivery.path_rad);
        EXPECT_LT(after.delivery.dynamicLoft_rad, before.delivery.dynamicLoft_rad);
    }
}

TEST(Delivery, WeightAheadSteepensAndBrushShallows) {
    Recipe s;
    const double ordinary = calcSwing(wedge, s).delivery.attack_rad;
    s.swingRadius_m = 1.5;
    EXPECT_GT(calcSwing(wedge, s).delivery.attack_rad, ordinary);
    s.swingRadius_m = 0.8;
    EXPECT_LT(calcSwing(wedge, s).delivery.attack_rad, ordinary);
    s.swingRadius_m = 1.1;
    s.weightLead_pct = 75;
    EXPECT_LT(calcSwing(wedge, s).delivery.attack_rad, ordinary);
}

TEST(Delivery, ReleaseClosesTheFaceInOrder) {
    Recipe s;
    s.release = Release::Hold;
    const double hold = calcSwing(wedge, s).delivery.faceAngle_rad;
    s.release = Release::Ordinary;
    const double ordinary = calcSwing(wedge, s).delivery.faceAngle_rad;
    s.release = Release::Rotate;
    EXPECT_GT(hold, ordinary);
    EXPECT_GT(ordinary, calcSwing(wedge, s).delivery.faceAngle_rad);
}

TEST(Delivery, AFaceTurnedByTheHandsComesBackSquare) {
    Recipe s;
    const Swing square = calcSwing(wedge, s);
    s.handTurn_rad = radFromDeg(20);
    const Swing turned = calcSwing(wedge, s);
    EXPECT_EQ(turned.delivery.faceAngle_rad, square.delivery.faceAngle_rad);
    EXPECT_EQ(turned.delivery.dynamicLoft_rad, square.delivery.dynamicLoft_rad);
    EXPECT_GT(turned.addressFace_rad, square.addressFace_rad + radFromDeg(5))
        << "it shows at address";
}

TEST(Delivery, OnlyTheWholeBodyMovesTheLowPointAhead) {
    Recipe s;
    s.weightLead_pct = 75;
    const double whole = calcSwing(wedge, s).lowPoint_m;
    s.weightBy = WeightBy::LowerBody;
    EXPECT_NEAR(calcSwing(wedge, s).lowPoint_m, 0.02, 1e-12);
    EXPECT_NEAR(whole, 0.02 + 25 * 0.0035, 1e-12);
}

TEST(Delivery, StandingCloserSteepensThePlaneAndFartherFlattensIt) {
    Recipe s;
    EXPECT_NEAR(calcSwing(wedge, s).plane_rad, wedge.lie_rad, 1e-12);
    s.standFarther_m = -0.05;
    EXPECT_GT(calcSwing(wedge, s).plane_rad, wedge.lie_rad);
    s.standFarther_m = 0.05;
    EXPECT_LT(calcSwing(wedge, s).plane_rad, wedge.lie_rad);
}

TEST(Delivery, ARaisedHandlePutsTheToeDownAndTurnsTheFaceRight) {
    Recipe s;
    const Swing level = calcSwing(wedge, s);
    s.handleRaised_m = 0.05;
    const Swing raised = calcSwing(wedge, s);
    EXPECT_GT(raised.tip_rad, 0.0);
    EXPECT_GT(raised.delivery.faceAngle_rad, level.delivery.faceAngle_rad);
}

TEST(Delivery, GrippingDownCostsSpeedAndRadius) {
    Recipe s;
    s.gripDown_m = 0.05;
    const Swing down = calcSwing(wedge, s);
    EXPECT_NEAR(down.delivery.clubSpeed_mps, s.clubSpeed_mps * (1 - 0.05 / 1.6), 1e-12);
    EXPECT_NEAR(down.radius_m, s.swingRadius_m - 0.05, 1e-12);
}

TEST(Delivery, ThePathFollowsTheSwingLineAndTheFaceTheFace) {
    Recipe s;
    const Swing straight = calcSwing(wedge, s);
    s.bodyLine_rad = radFromDeg(-8);
    for (const auto& [along, share] : {std::pair{SwingAlong::Target, 0.0},
                                       {SwingAlong::Between, 0.5},
                                       {SwingAlong::Body, 1.0}}) {
        s.swingAlong = along;
        const Swing swing = calcSwing(wedge, s);
        EXPECT_NEAR(swing.delivery.path_rad, straight.delivery.path_rad + share * s.bodyLine_rad,
                    1e-12);
        EXPECT_EQ(swing.delivery.faceAngle_rad, straight.delivery.faceAngle_rad);
    }
}

TEST(Delivery, TheFeetAloneChangeNothing) {
    test::RandomCases random(17);
    for (int i = 0; i < 20; ++i) {
        Recipe turned = random.recipe();
        const Swing before = calcSwing(wedge, turned);
        turned.feetTurn_rad = radFromDeg(-20);
        const Swing after = calcSwing(wedge, turned);
        EXPECT_EQ(after.delivery.path_rad, before.delivery.path_rad);
        EXPECT_EQ(after.delivery.faceAngle_rad, before.delivery.faceAngle_rad);
    }
    Recipe crossed;
    crossed.feetTurn_rad = radFromDeg(50);
    EXPECT_THROW(crossed.validate(), RangeError);
}

TEST(Delivery, AnOpenedOrLeanedLoftPlaysAsAnother) {
    Recipe r;
    r.release = Release::Hold;
    const PlayedLoft plain = findPlayedLoft(wedge, r);
    EXPECT_NEAR(plain.playsAs_rad, wedge.loft_rad, 1e-12);
    r.lean_rad = radFromDeg(8);
    const PlayedLoft leaned = findPlayedLoft(wedge, r);
    // The shaft is tilted to the player, so that a lean seen face-on does not take all of itself.
    EXPECT_LT(leaned.byLean_rad, radFromDeg(-6));
    EXPECT_GT(leaned.byLean_rad, radFromDeg(-8));
    EXPECT_NEAR(leaned.playsAs_rad, wedge.loft_rad + leaned.byLean_rad, 1e-12);
    EXPECT_EQ(leaned.byOpening_rad, 0.0);
    r.open_rad = radFromDeg(20);
    const PlayedLoft both = findPlayedLoft(wedge, r);
    EXPECT_GT(both.byOpening_rad, radFromDeg(3));
    EXPECT_GT(both.playsAs_rad, leaned.playsAs_rad);
    Recipe only = r;
    only.lean_rad = 0.0;
    EXPECT_NEAR(findPlayedLoft(wedge, only).playsAs_rad,
                wedge.loft_rad + findPlayedLoft(wedge, only).byOpening_rad, 1e-12);
    // The ball back leans the shaft as well.
    Recipe back;
    back.ballForward_m = -0.05;
    EXPECT_LT(findPlayedLoft(wedge, back).byLean_rad, radFromDeg(-3));
}

TEST(Delivery, TheOpeningForAFaceAngleIsFoundAgain) {
    test::RandomCases random(16);
    for (int i = 0; i < 100; ++i) {
        const Recipe recipe = random.recipe();
        const Wedge w = random.wedge();
        const double face = calcSwing(w, recipe, 0.01).delivery.faceAngle_rad;
        EXPECT_NEAR(findOpening(w, recipe, face, 0.01), recipe.open_rad, 1e-9);
    }
}

TEST(Delivery, NamesWhatIsOutOfRange) {
    Recipe s;
    s.clubSpeed_mps = 900;
    try {
        calcSwing(wedge, s);
        FAIL() << "a club speed of 900 m/s was taken";
    } catch (const RangeError& e) {
        EXPECT_EQ(e.field(), "club_speed_mps");
    }
    s = {};
    s.ballForward_m = 7 * constants::ballWidth_m;
    try {
        s.validate();
        FAIL() << "a ball seven balls forward was taken";
    } catch (const RangeError& e) {
        EXPECT_EQ(e.field(), "ball_forward_balls");
        EXPECT_NEAR(e.value(), 7, 1e-12) << "in balls, as the field's name says";
        EXPECT_NEAR(e.high(), 6, 1e-12);
    }
    s = {};
    s.swingRadius_m = 0.4;
    s.weightLead_pct = 100;
    s.ballForward_m = -5 * constants::ballWidth_m;
    try {
        calcSwing(wedge, s);
        FAIL() << "a ball beyond the arc was taken";
    } catch (const RangeError& e) {
        EXPECT_EQ(e.field(), "ball_forward_balls");
    }
}

}  // namespace
}  // namespace wedgeon
