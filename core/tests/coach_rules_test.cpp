// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// What coaches say of lies and grass, over random wedges, recipes and lies.
#include <gtest/gtest.h>

#include <algorithm>
#include <numeric>
#include <vector>

#include "random_cases.h"

namespace wedgeon {
namespace {

using test::predictor;
using test::Scene;
/// A full or nearly full wedge swing.
Recipe longSwing(test::RandomCases& random) {
    Recipe r;
    r.lean_rad = random.degrees(2, 7);
    r.clubSpeed_mps = random.between(28, 36);
    r.ballForward_m = constants::ballWidth_m * random.between(-0.8, 0.3);
    r.weightLead_pct = random.between(52, 62);
    return r;
}

Scene fairway(test::RandomCases& random) {
    Scene g;
    g.wedge = random.wedge();
    g.lie = findLie("short-dry")->lie;  // what a coach compares with
    g.ball = BallKind::Soft;
    return g;
}

TEST(CoachRules, HeavyLushGrassLandsThirteenToTwentyPerCentShorterAndRunsFarther) {
    test::RandomCases random(71);
    std::vector<double> shorter;
    for (int i = 0; i < 400; ++i) {
        const Recipe r = longSwing(random);
        Scene g = fairway(random);
        const ShotResult from = predictor(g).shot(r);
        g.lie.cover = random.between(0.75, 0.95);
        g.lie.moisture = random.between(0.75, 0.95);
        g.lie.grain_rad = random.degrees(-40, 40);
        const ShotResult lush = predictor(g).shot(r);
        shorter.push_back(1 - lush.flight.carry_m / from.flight.carry_m);
        EXPECT_GT(lush.run.release_m, from.run.release_m);
    }
    std::sort(shorter.begin(), shorter.end());
    const double mean = std::accumulate(shorter.begin(), shorter.end(), 0.0) / 400;
    EXPECT_GT(mean, 0.13);
    EXPECT_LT(mean, 0.20);
    // Single wedges differ: a strong one loses less, a lob more, since it lived on its spin.
    EXPECT_GT(shorter[40], 0.12);
    EXPECT_LT(shorter[360], 0.24);
}

TEST(CoachRules, WispyGrassCarriesAboutAsFarLaunchesHigherAndRunsFarther) {
    test::RandomCases random(73);
    std::vector<double> farther;
    for (int i = 0; i < 200; ++i) {
        const Recipe r = longSwing(random);
        Scene g = fairway(random);
        const ShotResult from = predictor(g).shot(r);
        g.lie = findLie("wispy")->lie;
        const ShotResult wispy = predictor(g).shot(r);
        EXPECT_NEAR(wispy.flight.carry_m / from.flight.carry_m, 1.0, 0.03) << i;
        EXPECT_GT(wispy.run.release_m, from.run.release_m - 0.05);
        farther.push_back(wispy.run.release_m - from.run.release_m);
        EXPECT_LT(wispy.strike.launch.spinRate_radps(), from.strike.launch.spinRate_radps());
        EXPECT_GE(wispy.strike.launch.angle_rad(), from.strike.launch.angle_rad());
    }
    EXPECT_GT(std::accumulate(farther.begin(), farther.end(), 0.0) / 200, 0.3);
}

TEST(CoachRules, AgainstTheGrainPlaysFarHeavierThanWithIt) {
    test::RandomCases random(74);
    for (int i = 0; i < 100; ++i) {
        const Recipe r = longSwing(random);
        Scene g = fairway(random);
        g.lie.cover = random.between(0.6, 1.0);
        g.lie.moisture = random.between(0.4, 1.0);
        const ShotResult with = predictor(g).shot(r);
        g.lie.grain_rad = constants::pi;
        const ShotResult against = predictor(g).shot(r);
        EXPECT_GT(1 - against.contact.speedKept, 1.9 * (1 - with.contact.speedKept));
        EXPECT_LT(against.flight.carry_m, with.flight.carry_m);
    }
}

TEST(CoachRules, APaleDryLieWithTheGrainComesOutFast) {
    test::RandomCases random(75);
    for (int i = 0; i < 100; ++i) {
        const Recipe r = longSwing(random);
        Scene g = fairway(random);
        const ShotResult from = predictor(g).shot(r);
        g.lie.cover = random.between(0.2, 0.5);
        g.lie.moisture = random.between(0.0, 0.15);
        const ShotResult pale = predictor(g).shot(r);
        // Keeps 98 % of the speed with a tenth of the friction gone: out fast, low spin.
        EXPECT_GT(pale.contact.speedKept, 0.98);
        EXPECT_LT(pale.contact.friction, 0.9 * from.contact.friction);
        EXPECT_GT(pale.run.release_m, from.run.release_m - 0.05);
    }
}

TEST(CoachRules, APlayersLaunchWindowMovesDownWithLessFriction) {
    // Launch at which spin peaks, for an ordinary face and ball: near 28-31 degrees.
    const auto peakLaunch = [](double friction) {
        Contact c;
        c.friction = friction;
        double best = 0;
        double at = 0;
        for (double loft = 15; loft < 70; loft += 0.25) {
            const Launch l = calcStrike({25, radFromDeg(-5), 0, radFromDeg(loft), 0}, c).launch;
            if (l.spinRate_radps() > best) {
                best = l.spinRate_radps();
                at = degFromRad(l.angle_rad());
            }
        }
        return at;
    };
    EXPECT_NEAR(peakLaunch(0.35 * 0.85), 29.5, 3.0);
    EXPECT_LT(peakLaunch(0.2), peakLaunch(0.35));
}

}  // namespace
}  // namespace wedgeon
