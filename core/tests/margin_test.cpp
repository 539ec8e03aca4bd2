// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Fat, clean, thin: borders, continuity and what coaches say of lies, bounce and ball position.
#include "wedgeon/strike/margin.h"

#include <gtest/gtest.h>

#include "random_cases.h"
#include "wedgeon/error.h"

namespace wedgeon {
namespace {

SolePass pitch() {
    return {0.0375, 0.0, 1.1, radFromDeg(56), radFromDeg(10), radFromDeg(50), 0.004};
}
Lie tight() {
    return {0, 0.1, 0, 0.0, 1.0};
}

SolePass randomPass(test::RandomCases& random) {
    return {random.between(0.0, 0.08),  random.between(-0.05, 0.03), random.between(0.8, 1.5),
            random.degrees(46, 60),     random.degrees(4, 14),       random.degrees(38, 60),
            random.between(-0.01, 0.03)};
}

TEST(Margin, TheContactHeightsAreTheOnesOfTheGeometry) {
    // 5 mm off bare ground at 50 degrees, 8 mm at 40.
    SolePass p = pitch();
    EXPECT_NEAR(calcMargin(p, tight()).ballContact_m, 0.005, 0.0002);
    p.dynamicLoft_rad = radFromDeg(40);
    EXPECT_NEAR(calcMargin(p, tight()).ballContact_m, 0.0076, 0.0002);
}

TEST(Margin, EffectsAgreeWithTheRoom) {
    test::RandomCases random(21);
    for (int i = 0; i < 1000; ++i) {
        const SolePass p = randomPass(random);
        const Lie lie{0.2, 0.4, 0, random.between(0, 0.02), random.between(0.7, 1.4)};
        const StrikeMargin m = calcMargin(p, lie);
        const StrikeEffect e = calcStrikeEffect(p, lie);
        if (p.depth_m > m.cleanFrom_m && p.depth_m < m.cleanTo_m) {
            EXPECT_EQ(e.contact, StrikeKind::Clean);
        } else if (p.depth_m < m.cleanFrom_m) {
            EXPECT_TRUE(e.contact == StrikeKind::Thin || e.contact == StrikeKind::Topped);
        } else {
            EXPECT_NE(e.contact, StrikeKind::Clean);
        }
        EXPECT_LE(e.speedKept, 1.0);
        EXPECT_GE(e.speedKept, 0.3 * 0.1 - 1e-12);
        EXPECT_LE(e.dynamicLoft_rad, p.dynamicLoft_rad + 1e-9) << "an edge never adds loft";
    }
}

TEST(Margin, TheBordersAreContinuous) {
    test::RandomCases random(22);
    for (int i = 0; i < 300; ++i) {
        SolePass p = randomPass(random);
        const Lie lie{0, 0.2, 0, random.between(0, 0.01), random.between(0.7, 1.4)};
        const StrikeMargin m = calcMargin(p, lie);
        if (m.room_m() < 1e-6) continue;
        for (const double border : {m.cleanFrom_m, m.cleanTo_m}) {
            p.depth_m = border - 1e-9;
            const StrikeEffect a = calcStrikeEffect(p, lie);
            p.depth_m = border + 1e-9;
            const StrikeEffect b = calcStrikeEffect(p, lie);
            EXPECT_NEAR(a.speedKept, b.speedKept, 1e-5);
            EXPECT_NEAR(a.frictionKept, b.frictionKept, 1e-5);
            EXPECT_NEAR(a.dynamicLoft_rad, b.dynamicLoft_rad, 1e-5);
        }
    }
}

TEST(Margin, ChancesAddUpAndAgreeWithSampling) {
    test::RandomCases random(23);
    const SolePass p = pitch();
    const Lie lie{0.1, 0.3, 0, 0.004, 1.0};
    const SoleScatter scatter;
    const StrikeChances c = calcStrikeChances(p, lie, scatter);
    EXPECT_NEAR(c.fat + c.clean + c.thin, 1.0, 1e-12);
    int fat = 0;
    int thin = 0;
    const int n = 40000;
    for (int i = 0; i < n; ++i) {
        SolePass q = p;
        const auto normal = [&] {
            return std::sqrt(-2 * std::log(random.between(1e-12, 1))) *
                   std::cos(2 * constants::pi * random.between(0, 1));
        };
        q.lowPoint_m += scatter.lowPoint_m * normal();
        q.depth_m += scatter.depth_m * normal();
        const StrikeKind k = calcStrikeEffect(q, lie).contact;
        fat += k == StrikeKind::Fat ? 1 : 0;
        thin += k == StrikeKind::Thin || k == StrikeKind::Topped ? 1 : 0;
    }
    // Three standard errors of a proportion over n samples.
    EXPECT_NEAR(static_cast<double>(fat) / n, c.fat, 3 * std::sqrt(0.25 / n));
    EXPECT_NEAR(static_cast<double>(thin) / n, c.thin, 3 * std::sqrt(0.25 / n));
}

TEST(Margin, OnlyTheSpreadOfTheLowPointCountsAlikeOnBothSides) {
    // With an exact depth and a low point under the ball the pass is a mirror of itself.
    SolePass p = pitch();
    const Lie lie{0.1, 0.3, 0, 0.004, 1.0};
    SoleScatter scatter;
    scatter.depth_m = 0.0;
    double fat = 0.0, thin = 0.0, weights = 0.0;
    constexpr int fine = 4001;
    for (int i = 0; i < fine; ++i) {
        const double u = 8.0 * i / (fine - 1) - 4.0;
        const double weight = std::exp(-0.5 * u * u);
        SolePass q = p;
        q.lowPoint_m += u * scatter.lowPoint_m;
        const StrikeMargin m = calcMargin(q, lie);
        fat += q.depth_m > m.cleanTo_m ? weight : 0.0;
        thin += q.depth_m < m.cleanFrom_m ? weight : 0.0;
        weights += weight;
    }
    const StrikeChances c = calcStrikeChances(p, lie, scatter);
    // One step of the coarse sum is a fifth of a deviation: 0.08 of the mass in the middle.
    EXPECT_NEAR(c.fat, fat / weights, 0.045);
    EXPECT_NEAR(c.thin, thin / weights, 0.045);
}

TEST(Margin, ATightLieIsRiskierForAHighShotThanACushionedOne) {
    SolePass p = pitch();
    const SoleScatter s;
    const auto missAtItsBest = [&](const Lie& lie) {
        SolePass q = p;
        q.depth_m = calcMargin(q, lie).aim_m;
        return 1.0 - calcStrikeChances(q, lie, s).clean;
    };
    const Lie cushioned{0.1, 0.3, 0, 0.01, 1.0};
    EXPECT_GT(missAtItsBest(tight()), missAtItsBest(cushioned));
    const double low = [&] {
        p.dynamicLoft_rad = radFromDeg(42);
        return missAtItsBest(tight());
    }();
    p.dynamicLoft_rad = radFromDeg(58);
    EXPECT_GT(missAtItsBest(tight()), low) << "why height off a tight lie is risky";
}

TEST(Margin, BallBackNeedsLessPrecisionAgainstThinAndMoreAgainstFat) {
    SolePass p = pitch();
    const Lie lie{0.1, 0.3, 0, 0.004, 1.0};
    SolePass back = p;
    back.ballForward_m = -2 * constants::ballWidth_m;
    // With the ball back the hands lead more and the loft goes down with it.
    back.dynamicLoft_rad = radFromDeg(44);
    const StrikeMargin a = calcMargin(p, lie);
    const StrikeMargin b = calcMargin(back, lie);
    EXPECT_GT(b.ballContact_m - b.leadingEdge_m, a.ballContact_m - a.leadingEdge_m)
        << "more room before the edge strikes";
    const double giveA = a.cleanTo_m - a.cleanFrom_m - (a.ballContact_m - a.leadingEdge_m);
    const double giveB = b.cleanTo_m - b.cleanFrom_m - (b.ballContact_m - b.leadingEdge_m);
    EXPECT_LT(giveB, giveA) << "the bare edge has less give";
}

TEST(Margin, AThinOneLaunchesLowerAndAFatOneLosesSpeed) {
    SolePass p = pitch();
    const Lie lie = tight();
    const StrikeMargin m = calcMargin(p, lie);
    p.depth_m = m.cleanFrom_m - 0.004;
    const StrikeEffect thin = calcStrikeEffect(p, lie);
    EXPECT_EQ(thin.contact, StrikeKind::Thin);
    EXPECT_LT(thin.dynamicLoft_rad, p.dynamicLoft_rad - radFromDeg(5));
    EXPECT_LT(thin.frictionKept, 0.6);
    EXPECT_EQ(thin.speedKept, 1.0);
    p.depth_m = m.cleanFrom_m - 0.02;
    EXPECT_EQ(calcStrikeEffect(p, lie).contact, StrikeKind::Topped);
    p.depth_m = m.cleanTo_m + 0.01;
    const StrikeEffect fat = calcStrikeEffect(p, lie);
    EXPECT_EQ(fat.contact, StrikeKind::Fat);
    EXPECT_LT(fat.speedKept, 0.9);
}

TEST(Margin, AThinOneGripsLessTheFartherTheEdgePasses) {
    const Lie lie = tight();
    SolePass p = pitch();
    const StrikeMargin m = calcMargin(p, lie);
    for (const double thinBy : {0.0005, 0.001, 0.0019, 0.004}) {
        SolePass q = p;
        q.depth_m = m.cleanFrom_m - thinBy;
        // model.md: half of the grip is gone two millimetres up, and no more.
        EXPECT_NEAR(calcStrikeEffect(q, lie).frictionKept,
                    1.0 - 0.5 * std::min(1.0, thinBy / 0.002), 1e-9)
            << thinBy;
    }
}

TEST(Margin, APerchedBallIsMetHighOnTheFaceAndMayBeMissedBelow) {
    const Lie perched = findLie("perched")->lie;
    SolePass p = pitch();
    const StrikeMargin m = calcMargin(p, perched);
    const double slant = std::cos(p.dynamicLoft_rad);
    EXPECT_LT(m.cleanTo_m, m.turfTo_m) << "the face ends before the turf does";
    EXPECT_NEAR(m.cleanTo_m - m.cleanFrom_m, 0.055 * slant, 1e-12);
    EXPECT_NEAR(m.aim_m - m.cleanFrom_m, 0.025 * slant, 1e-12) << "where all of the head counts";
    const auto at = [&](double up_m) {
        SolePass q = p;
        q.depth_m = m.cleanFrom_m + up_m * slant;
        return calcStrikeEffect(q, perched);
    };
    EXPECT_EQ(at(0.024).headShare, 1.0);
    EXPECT_NEAR(at(0.045).headShare, 0.5, 1e-9) << "20 mm beyond";
    EXPECT_EQ(at(0.045).contact, StrikeKind::Clean);
    EXPECT_EQ(at(0.056).contact, StrikeKind::Fat) << "it passes under";
    EXPECT_NEAR(at(0.06).speedKept, 0.55, 1e-9);
    EXPECT_NEAR(at(0.07).speedKept, 0.1, 1e-9);
    // What is left of the head drives the ball less.
    Contact half;
    half.headShare = 0.5;
    const Delivery d{20, radFromDeg(-3), 0, radFromDeg(50), 0};
    EXPECT_LT(calcStrike(d, half).launch.speed_mps(),
              0.9 * calcStrike(d, Contact{}).launch.speed_mps());
}

TEST(Margin, RefusesWhatIsNoNumber) {
    SolePass p = pitch();
    p.dynamicLoft_rad = NAN;
    EXPECT_THROW(calcMargin(p, tight()), RangeError);
    EXPECT_THROW(calcStrikeChances(pitch(), tight(), {NAN, 0.004}), RangeError);
}

TEST(Margin, AFatOnePloughsFromWhereTheSoleGoesInToTheBall) {
    // Soft ground, so that nothing skids: it gives 3 mm + 0.35 mm x 10 / 0.7 = 8 mm.
    Lie soft = tight();
    soft.firmness = 0.7;
    SolePass p{0.0, 0.0, 1.1, radFromDeg(56), radFromDeg(10), radFromDeg(56), 0.012};
    ASSERT_NEAR(calcMargin(p, soft).cleanTo_m, 0.008, 1e-9);
    const double in_m = std::sqrt(2 * 1.1 * 0.004);
    const StrikeEffect level = calcStrikeEffect(p, soft);
    EXPECT_EQ(level.contact, StrikeKind::Fat);
    EXPECT_NEAR(level.speedKept, 1 - 440 * 0.7 * 0.004 * in_m, 1e-9);
    EXPECT_NEAR(level.frictionKept, 0.6, 1e-9);
    // The low point 2 cm past the ball: less deep at the ball, and a shorter furrow.
    p.lowPoint_m = 0.02;
    const double rise_m = 0.02 * 0.02 / (2 * 1.1);
    const StrikeEffect past = calcStrikeEffect(p, soft);
    EXPECT_NEAR(past.speedKept, 1 - 440 * 0.7 * (0.004 - rise_m) * (in_m - 0.02), 1e-9);
    EXPECT_NEAR(past.frictionKept, 1 - 0.4 * (0.004 - rise_m) / 0.004, 1e-9);
    // Never more than seven tenths of the speed.
    p.lowPoint_m = -0.05;
    p.depth_m = 0.05;
    EXPECT_NEAR(calcStrikeEffect(p, soft).speedKept, 0.3, 1e-9);
}

}  // namespace
}  // namespace wedgeon
