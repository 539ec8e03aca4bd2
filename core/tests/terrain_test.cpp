// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Zones, banks, water, obstacles.
#include "wedgeon/ground/terrain.h"

#include <gtest/gtest.h>

#include "random_cases.h"
#include "wedgeon/error.h"

namespace wedgeon {
namespace {

using test::pitch;
using test::predictor;
using test::Scene;

Line line(std::vector<Zone> zones, std::vector<Obstacle> obstacles = {}) {
    return {"", std::move(zones), std::move(obstacles), {}};
}

Zone green(double length, double slope = 0.0) {
    return Zone::of(ZoneKind::Green, length, slope);
}

TEST(Terrain, OneFlatGreenIsThePlainGround) {
    test::RandomCases random(31);
    for (int i = 0; i < 100; ++i) {
        Scene g = random.scene();
        g.ground.slopeAlong = g.ground.slopeAcross = 0;
        const Recipe recipe = random.recipe();
        const ShotResult plain = predictor(g).shot(recipe);
        Zone z = green(500);
        z.firmness = g.ground.firmness;
        z.friction = g.ground.friction;
        z.rolling_mps2 = g.ground.rollingResistance_mps2();
        g.line = line({z});
        const ShotResult over = predictor(g).shot(recipe);
        EXPECT_NEAR(over.flight.carry_m, plain.flight.carry_m, 1e-6);
        EXPECT_NEAR(over.run.release_m, plain.run.release_m, 1e-5);
    }
}

TEST(Terrain, CutIntoEqualZonesItIsTheSameGround) {
    test::RandomCases random(32);
    for (int i = 0; i < 100; ++i) {
        Scene g = pitch();
        const Recipe recipe = random.recipe();
        g.line = line({green(500)});
        const ShotResult whole = predictor(g).shot(recipe);
        std::vector<Zone> cut;
        for (int k = 0; k < 60; ++k)
            cut.push_back(green(2.0));
        g.line = line(cut);
        const ShotResult pieces = predictor(g).shot(recipe);
        EXPECT_NEAR(pieces.total_m(), whole.total_m(), 2e-3);
    }
}

TEST(Terrain, HeightsRunOnOverTheBorders) {
    const Terrain t(line({green(10, 0.1), green(5, -0.2), green(20, 0.0)}));
    EXPECT_NEAR(t.height(10, 0), 1.0, 1e-12);
    EXPECT_NEAR(t.height(15, 0), 0.0, 1e-12);
    EXPECT_NEAR(t.height(100, 0), 0.0, 1e-12);
    EXPECT_EQ(t.planeAt(-3), 0u);
    EXPECT_EQ(t.planeAt(12), 1u);
}

TEST(Terrain, RunningUpABankCostsRelease) {
    Scene g = pitch();
    Recipe low;
    low.lean_rad = radFromDeg(10);
    low.clubSpeed_mps = 9;
    g.line = line({green(500)});
    const ShotResult flat = predictor(g).shot(low);
    g.line = line({green(flat.flight.carry_m + 1.0), green(4, 0.25), green(100)});
    const ShotResult bank = predictor(g).shot(low);
    EXPECT_NEAR(bank.flight.carry_m, flat.flight.carry_m, 1e-6);
    EXPECT_LT(bank.total_m(), flat.total_m());
}

TEST(Terrain, ABallThatLandsOnASteepSlopeRollsBackDownIt) {
    Scene g = pitch();
    Recipe r;
    r.clubSpeed_mps = 16;
    g.line = line({green(10), green(40, 0.2)});
    const ShotResult back = predictor(g).shot(r);
    EXPECT_LT(back.total_m(), 13) << "back to where it can rest";
    EXPECT_EQ(back.run.zone, 0u);
}

TEST(Terrain, LandsHigherUphillAndLowerDownhill) {
    Scene g = pitch();
    const Recipe r;
    g.line = line({green(500)});
    const double flat = predictor(g).shot(r).flight.carry_m;
    g.line = line({green(500, 0.08)});
    const ShotResult up = predictor(g).shot(r);
    EXPECT_LT(up.flight.carry_m, flat);
    EXPECT_NEAR(up.flight.landing_m.y, 0.08 * up.flight.carry_m, 1e-6);
    g.line = line({green(500, -0.08)});
    EXPECT_GT(predictor(g).shot(r).flight.carry_m, flat);
}

TEST(Terrain, SandStopsAndWaterKeepsTheBall) {
    Scene g = pitch();
    const Recipe r;
    g.line = line({green(500)});
    const ShotResult flat = predictor(g).shot(r);
    g.line = line({green(flat.flight.carry_m - 3), Zone::of(ZoneKind::Bunker, 10), green(20)});
    const ShotResult sand = predictor(g).shot(r);
    EXPECT_EQ(sand.run.zone, 1u);
    EXPECT_LT(sand.run.release_m, 0.5 * flat.run.release_m);
    g.line = line({green(flat.flight.carry_m - 3), Zone::of(ZoneKind::Water, 10), green(20)});
    const ShotResult water = predictor(g).shot(r);
    EXPECT_TRUE(water.run.inWater);
    EXPECT_NEAR(water.run.release_m, 0.0, 1e-9);
}

TEST(Terrain, BreaksAcrossASlopeBothWaysAlike) {
    Scene g = pitch();
    Recipe r;
    r.lean_rad = radFromDeg(8);
    r.clubSpeed_mps = 10;
    Zone z = green(500);
    z.slopeAcross = 0.03;
    g.line = line({z});
    const ShotResult left = predictor(g).shot(r);
    z.slopeAcross = 0;
    g.line = line({z});
    EXPECT_LT(left.restSide_m(), predictor(g).shot(r).restSide_m() - 0.1);
}

TEST(Terrain, AnObstacleIsClearedOrStopsTheBall) {
    Scene g = pitch();
    const Recipe r;
    g.line = line({green(500)}, {{8.0, 1.0, ""}});
    const ShotResult over = predictor(g).shot(r);
    EXPECT_EQ(over.blockedBy, -1);
    EXPECT_GT(over.leastClearance_m, 0.5);
    g.line = line({green(500)}, {{8.0, 1.0, ""}, {5.0, 1.0 + 20.0, ""}});
    const ShotResult hit = predictor(g).shot(r);
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
        Scene g = random.scene();
        g.line = line(zones, {{random.between(1, 20), random.between(0, 3), ""}});
        try {
            const ShotResult s = predictor(g).shot(random.recipe());
            EXPECT_TRUE(std::isfinite(s.total_m())) << i;
            EXPECT_TRUE(std::isfinite(s.restSide_m())) << i;
            ++ran;
        } catch (const RangeError&) {
        }
    }
    EXPECT_GT(ran, 300);
}

TEST(Terrain, NamesWhatIsOutOfRange) {
    EXPECT_THROW(Terrain(line({})), RangeError);
    EXPECT_THROW(Terrain(line({green(-1)})), RangeError);
    EXPECT_THROW(Terrain(line({green(5)}, {{NAN, 1, ""}})), RangeError);
    EXPECT_THROW(Terrain(line(std::vector<Zone>(100, green(1)))), RangeError);
    ZoneKind kind{};
    EXPECT_TRUE(findZoneKind("bunker", kind));
    EXPECT_EQ(kind, ZoneKind::Bunker);
    EXPECT_FALSE(findZoneKind("lava", kind));
}

/// Where the flight passes \p x: a cubic through two points of the trace and their velocities.
FlightPoint passing(const std::vector<FlightPoint>& trace, double x) {
    std::size_t i = 1;
    while (trace[i].position_m.x < x)
        ++i;
    const FlightPoint& a = trace[i - 1];
    const FlightPoint& b = trace[i];
    const double h = b.time_s - a.time_s;
    const auto at = [&](double q) {
        const double q2 = q * q;
        const double q3 = q2 * q;
        FlightPoint p;
        p.position_m = (2 * q3 - 3 * q2 + 1) * a.position_m + (3 * q2 - 2 * q3) * b.position_m +
                       h * ((q3 - 2 * q2 + q) * a.velocity_mps + (q3 - q2) * b.velocity_mps);
        p.velocity_mps =
            (1 / h) * ((6 * q2 - 6 * q) * a.position_m + (6 * q - 6 * q2) * b.position_m) +
            (3 * q2 - 4 * q + 1) * a.velocity_mps + (3 * q2 - 2 * q) * b.velocity_mps;
        return p;
    };
    double low = 0;
    double high = 1;
    for (int k = 0; k < 60; ++k) {
        const double q = 0.5 * (low + high);
        (at(q).position_m.x < x ? low : high) = q;
    }
    return at(low);
}

TEST(Terrain, AnObstacleIsMetWhereTheFlightPassesItAndTheBallDropsThere) {
    Scene g = pitch();
    const Recipe r;
    Zone rising = green(500);
    rising.slopeAlong = 0.05;
    g.line = line({rising});
    ShotTrace trace;
    const ShotResult free = predictor(g).shot(r, &trace);
    for (const double x : {3.0, 8.0, 0.9 * free.flight.carry_m}) {
        const FlightPoint there = passing(trace.flight, x);
        const double above = there.position_m.y - 0.05 * x;
        g.line = line({rising}, {{x, 0.5 * above, ""}});
        const ShotResult over = predictor(g).shot(r);
        EXPECT_EQ(over.blockedBy, -1) << x;
        EXPECT_NEAR(over.leastClearance_m, 0.5 * above, 2e-3) << x;
        g.line = line({rising}, {{x, above + 0.01, ""}});
        ShotTrace stopped;
        const ShotResult hit = predictor(g).shot(r, &stopped);
        EXPECT_EQ(hit.blockedBy, 0) << x;
        EXPECT_NEAR(hit.flight.carry_m, x - 0.02, 1e-6);
        EXPECT_NEAR(hit.flight.landing_m.y, 0.05 * (x - 0.02), 1e-6) << "on the slope below";
        // A tenth of its speed back, and the fall from where it was.
        EXPECT_NEAR(hit.flight.landingVelocity_mps.x, -0.1 * there.velocity_mps.x, 0.02) << x;
        EXPECT_NEAR(hit.flight.landingVelocity_mps.y,
                    -std::sqrt(2 * constants::gravity_mps2 * above + 0.01), 0.02)
            << x;
        // A fifth of the spin that it has there is left.
        const double later_s =
            free.flight.time_s - stopped.flight[stopped.flight.size() - 2].time_s;
        EXPECT_NEAR(
            norm(hit.flight.landingSpin_radps),
            0.2 * norm(free.flight.landingSpin_radps) * std::exp(constants::spinDecay_ps * later_s),
            0.01);
        // It was no higher than where it had been by then, and rests on this side.
        const bool rises = x < free.flight.apexAt_m;
        EXPECT_NEAR(hit.flight.apex_m, rises ? there.position_m.y : free.flight.apex_m, 1e-6) << x;
        EXPECT_NEAR(hit.flight.apexAt_m, rises ? x : free.flight.apexAt_m, 1e-6) << x;
        // The flight ends there, and the fall.
        const double reached_s = stopped.flight[stopped.flight.size() - 2].time_s;
        EXPECT_LT(reached_s, free.flight.time_s);
        EXPECT_NEAR(reached_s, x / free.strike.launch.velocity_mps.x, 0.15 * reached_s) << x;
        EXPECT_NEAR(hit.flight.time_s, reached_s + std::sqrt(2 * above / constants::gravity_mps2),
                    1e-3)
            << x;
        EXPECT_LE(stopped.flight.back().position_m.x, x);
        EXPECT_LT(hit.total_m(), x);
    }
    // Behind the landing it stands in nobody's way.
    g.line = line({rising}, {{free.flight.carry_m + 0.1, 30.0, ""}});
    EXPECT_EQ(predictor(g).shot(r).blockedBy, -1);
}

TEST(Terrain, AnObstacleStopsARunningBallTooUnlessThereIsAGapBelow) {
    Line line;
    line.zones = {Zone::of(ZoneKind::Green, 60)};
    const auto rest = [&](double height, double gap) {
        line.obstacles = {{12.0, height, "", gap}};
        const Terrain terrain(line);
        // A ball that rolls, and one that still hops where the obstacle stands.
        std::array<double, 2> out{};
        out[0] = calcRunOver(terrain, {10, 0, 0}, {4, 0, 0}, {0, 0, -187}).rest_m.x;
        out[1] = calcRunOver(terrain, {10, 0, 0}, {9, -6, 0}, {0, 0, 0}).rest_m.x;
        return out;
    };
    const auto free = rest(0.0, 0.0);
    EXPECT_GT(free[0], 5.0);
    EXPECT_GT(free[1], 5.0);
    const auto wall = rest(1.5, 0.0);
    for (const double r : wall) {
        EXPECT_LT(r, 2.0) << "it stays on this side";
        EXPECT_GT(r, 0.5);
    }
    EXPECT_NEAR(rest(4.0, 2.0)[0], free[0], 1e-9) << "it rolls under the branches";
    EXPECT_NEAR(rest(4.0, 2.0)[1], free[1], 1e-9);
    // What is low is hopped over, but not rolled over.
    EXPECT_NEAR(rest(0.05, 0.0)[1], free[1], 1e-9);
    EXPECT_LT(rest(0.05, 0.0)[0], 2.0);
}

TEST(Terrain, AFlightMayPassUnderWhatIsOpenBelow) {
    Line line;
    line.zones = {Zone::of(ZoneKind::Fairway, 80)};
    line.obstacles = {{6.0, 9.0, "tree", 2.2}};
    Scene g = test::pitch();
    g.line = line;
    Recipe low;
    low.lean_rad = radFromDeg(12);
    low.ballForward_m = -1.5 * constants::ballWidth_m;
    g.wedge.loft_rad = radFromDeg(34);
    const ShotResult under = predictor(g).shot(low);
    EXPECT_EQ(under.blockedBy, -1);
    EXPECT_GT(under.leastClearance_m, 0.0);
    g.wedge.loft_rad = radFromDeg(58);
    EXPECT_EQ(predictor(g).shot({}).blockedBy, 0) << "into the branches";
    g.line->obstacles[0].gap_m = 10;
    EXPECT_THROW((void)predictor(g), RangeError) << "no gap above the tree";
}

TEST(Terrain, GrassThatLiesWithTheBallLetsItRun) {
    Line line;
    line.zones = {Zone::of(ZoneKind::Green, 60)};
    const auto rest = [&](ZoneGrain grain) {
        line.zones[0].grain = grain;
        return calcRunOver(Terrain(line), {10, 0, 0}, {9, -6, 0}, {0, 0, 300}).rest_m.x;
    };
    EXPECT_GT(rest(ZoneGrain::With), rest(ZoneGrain::Across) + 0.2);
    EXPECT_LT(rest(ZoneGrain::Into), rest(ZoneGrain::Across) - 0.2);
}

TEST(Terrain, TheDaysGroundIsThatOfTheGreenAndTheRestFollows) {
    Line line;
    line.zones = {Zone::of(ZoneKind::Rough, 9), Zone::of(ZoneKind::Fringe, 1),
                  Zone::of(ZoneKind::Green, 20, 0.02), Zone::of(ZoneKind::Bunker, 4)};
    line.flag_m = 20;
    Ground day;
    day.firmness = 1.2;
    day.friction = 0.3;
    day.stimp_ft = 12;
    const Line there = onGround(line, day);
    EXPECT_EQ(there.zones[2].firmness, 1.2);
    EXPECT_EQ(there.zones[2].slopeAlong, 0.02);
    EXPECT_NEAR(there.zones[0].firmness, 0.8 * 1.2, 1e-12);
    EXPECT_EQ(there.zones[0].rolling_mps2, line.zones[0].rolling_mps2) << "no green";
    EXPECT_LT(there.zones[1].rolling_mps2, line.zones[1].rolling_mps2);
    const Ground back = groundOf(there, {});
    EXPECT_NEAR(back.firmness, day.firmness, 1e-12);
    EXPECT_NEAR(back.friction, day.friction, 1e-12);
    EXPECT_NEAR(back.stimp_ft, day.stimp_ft, 1e-9);
    Line bare;
    bare.zones = {Zone::of(ZoneKind::Fairway, 9)};
    EXPECT_EQ(groundOf(bare, day), day);
}

}  // namespace
}  // namespace wedgeon
