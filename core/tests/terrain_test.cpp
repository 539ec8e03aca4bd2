// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Zones, banks, water, obstacles.
#include "wedgeon/ground/terrain.h"

#include <gtest/gtest.h>

#include "random_cases.h"
#include "wedgeon/error.h"

namespace wedgeon {
namespace {

using test::pitchGivens;

std::shared_ptr<const Terrain> terrain(std::vector<Zone> zones,
                                       std::vector<Obstacle> obstacles = {}) {
    return std::make_shared<const Terrain>(std::move(zones), std::move(obstacles));
}

Zone green(double length, double slope = 0.0) {
    return Zone::of(ZoneKind::Green, length, slope);
}

TEST(Terrain, OneFlatGreenIsThePlainGround) {
    test::RandomCases random(31);
    for (int i = 0; i < 100; ++i) {
        Givens g = random.givens();
        g.ground.slopeAlong = g.ground.slopeAcross = 0;
        const Recipe recipe = random.recipe();
        const ShotResult plain = calcShot(recipe, g);
        Zone z = green(500);
        z.firmness = g.ground.firmness;
        z.friction = g.ground.friction;
        z.rolling_mps2 = g.ground.rollingResistance_mps2();
        g.terrain = terrain({z});
        const ShotResult over = calcShot(recipe, g);
        EXPECT_NEAR(over.flight.carry_m, plain.flight.carry_m, 1e-6);
        EXPECT_NEAR(over.run.release_m, plain.run.release_m, 1e-5);
    }
}

TEST(Terrain, CutIntoEqualZonesItIsTheSameGround) {
    test::RandomCases random(32);
    for (int i = 0; i < 100; ++i) {
        Givens g = pitchGivens();
        const Recipe recipe = random.recipe();
        g.terrain = terrain({green(500)});
        const ShotResult whole = calcShot(recipe, g);
        std::vector<Zone> cut;
        for (int k = 0; k < 60; ++k)
            cut.push_back(green(2.0));
        g.terrain = terrain(cut);
        const ShotResult pieces = calcShot(recipe, g);
        EXPECT_NEAR(pieces.total_m(), whole.total_m(), 2e-3);
    }
}

TEST(Terrain, HeightsRunOnOverTheBorders) {
    const Terrain t({green(10, 0.1), green(5, -0.2), green(20, 0.0)});
    EXPECT_NEAR(t.height(10, 0), 1.0, 1e-12);
    EXPECT_NEAR(t.height(15, 0), 0.0, 1e-12);
    EXPECT_NEAR(t.height(100, 0), 0.0, 1e-12);
    EXPECT_EQ(t.planeAt(-3), 0u);
    EXPECT_EQ(t.planeAt(12), 1u);
}

TEST(Terrain, RunningUpABankCostsRelease) {
    Givens g = pitchGivens();
    Recipe low;
    low.lean_rad = radFromDeg(10);
    low.clubSpeed_mps = 9;
    g.terrain = terrain({green(500)});
    const ShotResult flat = calcShot(low, g);
    g.terrain = terrain({green(flat.flight.carry_m + 1.0), green(4, 0.25), green(100)});
    const ShotResult bank = calcShot(low, g);
    EXPECT_NEAR(bank.flight.carry_m, flat.flight.carry_m, 1e-6);
    EXPECT_LT(bank.total_m(), flat.total_m());
}

TEST(Terrain, ABallThatLandsOnASteepSlopeRollsBackDownIt) {
    Givens g = pitchGivens();
    Recipe r;
    r.clubSpeed_mps = 16;
    g.terrain = terrain({green(10), green(40, 0.2)});
    const ShotResult back = calcShot(r, g);
    EXPECT_LT(back.total_m(), 13) << "back to where it can rest";
    EXPECT_EQ(back.run.zone, 0u);
}

TEST(Terrain, LandsHigherUphillAndLowerDownhill) {
    Givens g = pitchGivens();
    const Recipe r;
    g.terrain = terrain({green(500)});
    const double flat = calcShot(r, g).flight.carry_m;
    g.terrain = terrain({green(500, 0.08)});
    const ShotResult up = calcShot(r, g);
    EXPECT_LT(up.flight.carry_m, flat);
    EXPECT_NEAR(up.flight.landing_m.y, 0.08 * up.flight.carry_m, 1e-6);
    g.terrain = terrain({green(500, -0.08)});
    EXPECT_GT(calcShot(r, g).flight.carry_m, flat);
}

TEST(Terrain, SandStopsAndWaterKeepsTheBall) {
    Givens g = pitchGivens();
    const Recipe r;
    g.terrain = terrain({green(500)});
    const ShotResult flat = calcShot(r, g);
    g.terrain =
        terrain({green(flat.flight.carry_m - 3), Zone::of(ZoneKind::Bunker, 10), green(20)});
    const ShotResult sand = calcShot(r, g);
    EXPECT_EQ(sand.run.zone, 1u);
    EXPECT_LT(sand.run.release_m, 0.5 * flat.run.release_m);
    g.terrain = terrain({green(flat.flight.carry_m - 3), Zone::of(ZoneKind::Water, 10), green(20)});
    const ShotResult water = calcShot(r, g);
    EXPECT_TRUE(water.run.inWater);
    EXPECT_NEAR(water.run.release_m, 0.0, 1e-9);
}

TEST(Terrain, BreaksAcrossASlopeBothWaysAlike) {
    Givens g = pitchGivens();
    Recipe r;
    r.lean_rad = radFromDeg(8);
    r.clubSpeed_mps = 10;
    Zone z = green(500);
    z.slopeAcross = 0.03;
    g.terrain = terrain({z});
    const ShotResult left = calcShot(r, g);
    z.slopeAcross = 0;
    g.terrain = terrain({z});
    EXPECT_LT(left.restSide_m(), calcShot(r, g).restSide_m() - 0.1);
}

TEST(Terrain, AnObstacleIsClearedOrStopsTheBall) {
    Givens g = pitchGivens();
    const Recipe r;
    g.terrain = terrain({green(500)}, {{8.0, 1.0}});
    const ShotResult over = calcShot(r, g);
    EXPECT_EQ(over.blockedBy, -1);
    EXPECT_GT(over.leastClearance_m, 0.5);
    g.terrain = terrain({green(500)}, {{8.0, 1.0}, {5.0, 1.0 + 20.0}});
    const ShotResult hit = calcShot(r, g);
    EXPECT_EQ(hit.blockedBy, 1);
    EXPECT_LT(hit.flight.carry_m, 5.0);
    EXPECT_LT(hit.total_m(), 5.0);
}

TEST(Terrain, NeverHangsAndNeverGivesNaN) {
    test::RandomCases random(33);
    int ran = 0;
    for (int i = 0; i < 400; ++i) {
        std::vector<Zone> zones;
        const int n = 1 + static_cast<int>(random.between(0, 8));
        for (int k = 0; k < n; ++k) {
            Zone z = Zone::of(random.pick<ZoneKind>(6), random.between(0.1, 15));
            z.slopeAlong = random.between(-0.5, 0.5);
            z.slopeAcross = random.between(-0.2, 0.2);
            zones.push_back(z);
        }
        Givens g = random.givens();
        g.terrain = terrain(zones, {{random.between(1, 20), random.between(0, 3)}});
        try {
            const ShotResult s = calcShot(random.recipe(), g);
            EXPECT_TRUE(std::isfinite(s.total_m())) << i;
            EXPECT_TRUE(std::isfinite(s.restSide_m())) << i;
            ++ran;
        } catch (const RangeError&) {
        }
    }
    EXPECT_GT(ran, 300);
}

TEST(Terrain, NamesWhatIsOutOfRange) {
    EXPECT_THROW(Terrain(std::vector<Zone>{}), RangeError);
    EXPECT_THROW(Terrain(std::vector{green(-1)}), RangeError);
    EXPECT_THROW(Terrain(std::vector{green(5)}, {{NAN, 1}}), RangeError);
    EXPECT_THROW(Terrain(std::vector<Zone>(100, green(1))), RangeError);
    ZoneKind kind{};
    EXPECT_TRUE(findZoneKind("bunker", kind));
    EXPECT_EQ(kind, ZoneKind::Bunker);
    EXPECT_FALSE(findZoneKind("lava", kind));
}

}  // namespace
}  // namespace wedgeon
