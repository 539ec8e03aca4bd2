// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// The strike: what must hold for every ball and delivery.
#include "wedgeon/strike/strike.h"

#include <gtest/gtest.h>

#include "random_cases.h"
#include "wedgeon/error.h"

namespace wedgeon {
namespace {

using test::Scene;
/// Spin over spin loft for one contact: the loft at its peak [rad]. Fails when spin does not rise
/// to one peak and fall from it.
double findPeak(double speed_mps, const Contact& contact) {
    double best = 0.0;
    double at = 0.0;
    bool falling = false;
    double before = 0.0;
    for (double loft = 2; loft <= 84; loft += 0.5) {
        const double spin =
            calcStrike({speed_mps, 0, 0, radFromDeg(loft), 0}, contact).launch.spinRate_radps();
        EXPECT_FALSE(falling && spin > before) << "a second rise at " << loft;
        falling = spin < before;
        before = spin;
        if (spin > best) {
            best = spin;
            at = loft;
        }
    }
    return radFromDeg(at);
}

TEST(Strike, NoSpinLoftNoSpin) {
    test::RandomCases random(4);
    for (int i = 0; i < 100; ++i) {
        // The face looks where the club goes, whatever the direction.
        const double up = random.degrees(-10, 15);
        const double side = random.degrees(-10, 10);
        const StrikeResult r = calcStrike({random.between(3, 40), up, side, up, side}, {});
        EXPECT_NEAR(r.launch.spinRate_radps(), 0.0, 1e-6);
        EXPECT_NEAR(r.spinLoft_rad, 0.0, 1e-9);
    }
}

TEST(Strike, NeverGainsEnergy) {
    test::RandomCases random(5);
    for (int i = 0; i < 1000; ++i) {
        const Delivery d = random.delivery();
        const Scene g = random.scene();
        const Contact c = calcContact(g.ball, g.face, g.lie);
        const Launch out = calcStrike(d, c).launch;
        const double m = constants::ballMass_kg;
        const double inertia =
            constants::strikeInertia * m * constants::ballRadius_m * constants::ballRadius_m;
        const double ball = 0.5 * m * dot(out.velocity_mps, out.velocity_mps) +
                            0.5 * inertia * dot(out.spin_radps, out.spin_radps);
        const double speed = d.clubSpeed_mps * c.speedKept;
        const double head = constants::headMass_kg;
        // What the head gives up is at least what the ball gets.
        const Vec3 before = speed * faceNormal(d.attack_rad, d.path_rad);
        const Vec3 after = before - (m / head) * out.velocity_mps;
        EXPECT_LE(ball + 0.5 * head * dot(after, after), 0.5 * head * speed * speed * (1 + 1e-12));
    }
}

TEST(Strike, SpinRisesPeaksAndFallsAndThePeakMovesDownWithFriction) {
    test::RandomCases random(8);
    for (int i = 0; i < 60; ++i) {
        const double speed = random.between(5, 38);
        Contact contact;
        contact.tangentialRestitution = random.between(0.1, 0.35);
        contact.friction = random.between(0.12, 0.45);
        const double grippy = findPeak(speed, contact);
        contact.friction *= random.between(0.5, 0.85);
        const double slick = findPeak(speed, contact);
        EXPECT_GT(slick, radFromDeg(5));
        EXPECT_LT(slick, grippy);
        EXPECT_LT(grippy, radFromDeg(80));
    }
}

TEST(Strike, LessFrictionLessSpinNoLowerLaunchNoMoreSpeed) {
    test::RandomCases random(6);
    for (int i = 0; i < 500; ++i) {
        Delivery d = random.delivery();
        d.faceAngle_rad = d.path_rad = 0;  // launch angle compares heights only when straight
        Contact c;
        c.friction = random.between(0.1, 0.45);
        const Launch more = calcStrike(d, c).launch;
        c.friction *= 0.8;
        const Launch less = calcStrike(d, c).launch;
        EXPECT_LT(less.spinRate_radps(), more.spinRate_radps());
        EXPECT_GE(less.angle_rad(), more.angle_rad() - 1e-12);
        EXPECT_LE(less.speed_mps(), more.speed_mps() + 1e-12);
    }
}

TEST(Strike, SaysWhatLimitsTheSpin) {
    Contact c;
    c.friction = 0.35;
    EXPECT_FALSE(calcStrike({20, 0, 0, radFromDeg(20), 0}, c).limitedByFriction());
    EXPECT_TRUE(calcStrike({20, 0, 0, radFromDeg(70), 0}, c).limitedByFriction());
}

TEST(Strike, LaunchSurvivesTheTripThroughItsAngles) {
    test::RandomCases random(7);
    for (int i = 0; i < 200; ++i) {
        const Launch a = launchFromAngles(random.between(5, 50), random.degrees(5, 60),
                                          random.degrees(-10, 10), random.between(50, 1000), 0.0);
        EXPECT_NEAR(a.spinRate_radps(), norm(a.spin_radps), 1e-9);
        EXPECT_NEAR(a.spinAxis_rad(), 0.0, 1e-12);
        EXPECT_NEAR(dot(a.spin_radps, a.velocity_mps), 0.0, 1e-8) << "square to the heading";
    }
}

TEST(Strike, RefusesAFaceThatLooksAway) {
    EXPECT_THROW(calcStrike({20, radFromDeg(-30), 0, radFromDeg(75), 0}, {}), RangeError);
}

}  // namespace
}  // namespace wedgeon
