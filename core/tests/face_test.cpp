// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// The face: identities of the geometry and what it explains.
#include "wedgeon/club/face.h"

#include <gtest/gtest.h>

#include "random_cases.h"
#include "wedgeon/error.h"

namespace wedgeon {
namespace {

const Wedge lob{radFromDeg(60), radFromDeg(64), radFromDeg(10)};

TEST(Face, SquareAndUprightHasItsLoft) {
    const FaceAim aim = calcFace(lob, {});
    EXPECT_NEAR(aim.dynamicLoft_rad, lob.loft_rad, 1e-12);
    EXPECT_NEAR(aim.faceAngle_rad, 0.0, 1e-12);
}

TEST(Face, NormalStaysUnitAndAgreesWithItsAngles) {
    test::RandomCases random(1);
    for (int i = 0; i < 500; ++i) {
        const FaceAim aim =
            calcFace(random.wedge(), {random.degrees(-45, 45), random.degrees(-20, 20)});
        EXPECT_NEAR(norm(aim.normal), 1.0, 1e-12);
        EXPECT_NEAR(norm(aim.normal - faceNormal(aim.dynamicLoft_rad, aim.faceAngle_rad)), 0,
                    1e-12);
    }
}

TEST(Face, LeanTakesLoftOffAndOpensTheFace) {
    test::RandomCases random(2);
    for (int i = 0; i < 200; ++i) {
        const Wedge wedge = random.wedge();
        const double lean = random.degrees(1, 15);
        const FaceAim ahead = calcFace(wedge, {0.0, lean});
        const FaceAim back = calcFace(wedge, {0.0, -lean});
        EXPECT_LT(ahead.dynamicLoft_rad, wedge.loft_rad);
        EXPECT_GT(ahead.faceAngle_rad, 0.0);
        EXPECT_LT(back.faceAngle_rad, 0.0) << "hands back to the middle shut it";
    }
}

TEST(Face, OpeningMovesTheBallSidewaysLessThanClosing) {
    // The two figures that model.md states for 60 degrees of loft and 20 of turn.
    EXPECT_NEAR(calcFace(lob, {radFromDeg(20), 0}).normal.z, 0.133, 5e-4);
    EXPECT_NEAR(calcFace(lob, {radFromDeg(-20), 0}).normal.z, -0.174, 5e-4);
}

TEST(Face, OpeningAddsLoft) {
    EXPECT_GT(calcFace(lob, {radFromDeg(15), 0}).dynamicLoft_rad, lob.loft_rad);
    EXPECT_LT(calcFace(lob, {radFromDeg(-15), 0}).dynamicLoft_rad, lob.loft_rad);
}

TEST(Face, RefusesWhatIsNoWedge) {
    try {
        calcFace({radFromDeg(95), lob.lie_rad, 0}, {});
        FAIL() << "a loft of 95 degrees was taken";
    } catch (const RangeError& e) {
        EXPECT_EQ(e.field(), "loft_deg");
        EXPECT_NEAR(e.value(), 95, 1e-9);
        EXPECT_NEAR(e.high(), 80, 1e-9);
        EXPECT_STREQ(e.what(), "loft_deg: 95 [5, 80]");
    }
    EXPECT_THROW(calcFace(lob, {std::nan(""), 0}), RangeError);
    EXPECT_THROW(calcFace(lob, {0, INFINITY}), RangeError);
}

}  // namespace
}  // namespace wedgeon
