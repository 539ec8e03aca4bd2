// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// The ground: green speed by its definition, energy, slopes and how a ball comes back.
#include "wedgeon/ground/ground.h"

#include <gtest/gtest.h>

#include <utility>

#include "random_cases.h"
#include "wedgeon/error.h"

namespace wedgeon {
namespace {

Vec3 landing(double speed_mps, double angle_deg) {
    const double a = radFromDeg(angle_deg);
    return {speed_mps * std::cos(a), -speed_mps * std::sin(a), 0};
}

Vec3 backspin(double rpm) {
    return {0, 0, radpsFromRpm(rpm)};
}

TEST(Ground, ABallReleasedAt183RollsTheGreenSpeed) {
    for (const double feet : {7.0, 9.5, 12.0}) {
        // Already rolling: the contact point is at rest.
        const Vec3 rolling{0, 0, -1.83 / constants::ballRadius_m};
        const GroundResult r = calcRun({1.83, 0, 0}, rolling, {.stimp_ft = feet});
        EXPECT_NEAR(r.release_m / constants::metresPerFoot, feet, 1e-6 * feet);
        EXPECT_EQ(r.contacts, 0) << "it never left the ground";
    }
}

TEST(Ground, NoContactGainsEnergy) {
    test::RandomCases random(10);
    for (int i = 0; i < 500; ++i) {
        const Ground ground = random.scene().ground;
        const GroundResult r = calcRun(
            landing(random.between(4, 25), random.between(20, 60)),
            {random.between(-100, 100), random.between(-100, 100), random.between(-100, 900)},
            ground);
        for (std::size_t k = 0; k < r.bouncesKept(); ++k) {
            const Bounce& b = r.bounces[k];
            EXPECT_LE(dot(b.velocityAfter_mps, b.velocityAfter_mps),
                      dot(b.velocityBefore_mps, b.velocityBefore_mps) + 40.0)
                << "spin may feed the speed, but not more than it holds";
        }
        EXPECT_TRUE(std::isfinite(r.release_m));
        EXPECT_FALSE(r.ranAway);
    }
}

TEST(Ground, TotalEnergyFallsAtEachBounce) {
    test::RandomCases random(11);
    const auto energy = [](const Vec3& v, const Vec3& w) {
        const double rr = constants::ballRadius_m * constants::ballRadius_m;
        return 0.5 * dot(v, v) + 0.5 * constants::groundInertia * rr * dot(w, w);
    };
    for (int i = 0; i < 500; ++i) {
        const Vec3 spin{random.between(-80, 80), random.between(-80, 80), random.between(0, 900)};
        const GroundResult r = calcRun(landing(random.between(4, 25), random.between(20, 60)), spin,
                                       random.scene().ground);
        Vec3 before = spin;
        for (std::size_t k = 0; k < r.bouncesKept(); ++k) {
            const Bounce& b = r.bounces[k];
            EXPECT_LE(energy(b.velocityAfter_mps, b.spinAfter_radps),
                      energy(b.velocityBefore_mps, before) * (1 + 1e-9));
            before = b.spinAfter_radps;
        }
    }
}

TEST(Ground, FirmerOrDownhillReleasesMore) {
    test::RandomCases random(12);
    for (int i = 0; i < 100; ++i) {
        const Vec3 v = landing(random.between(8, 20), random.between(30, 50));
        const Vec3 w = backspin(random.between(500, 4000));
        Ground g;
        g.firmness = random.between(0.8, 1.1);
        const double base = calcRun(v, w, g).release_m;
        Ground firmer = g;
        firmer.firmness *= 1.25;
        EXPECT_GT(calcRun(v, w, firmer).release_m, base);
        Ground down = g;
        down.slopeAlong = -0.03;
        EXPECT_GT(calcRun(v, w, down).release_m, base);
    }
}

TEST(Ground, AFasterGreenOrLessFrictionTakesABallWithoutBackspinFarther) {
    test::RandomCases random(17);
    int compared = 0;
    for (int i = 0; i < 1500; ++i) {
        const Vec3 v = landing(random.between(6, 24), random.between(18, 58));
        const Vec3 w = backspin(random.between(300, 9000));
        Ground g;
        g.firmness = random.between(0.7, 1.4);
        g.stimp_ft = random.between(7, 11);
        g.friction = random.between(0.24, 0.45);
        const GroundResult base = calcRun(v, w, g);
        if (base.bounces[0].spinAfter_radps.z > 0.0) continue;
        const double least = base.release_m - std::max(0.2, 0.03 * base.release_m);
        Ground faster = g;
        faster.stimp_ft *= 1.2;
        EXPECT_GT(calcRun(v, w, faster).release_m, least) << i;
        Ground slicker = g;
        slicker.friction *= 0.8;
        EXPECT_GT(calcRun(v, w, slicker).release_m, least) << i;
        ++compared;
    }
    EXPECT_GT(compared, 300);
}

/// The largest step of the release, and its largest rise, as \p at moves from one value to the
/// next.
template <class At>
std::pair<double, double> worstStep(double from, double to, double step, At at) {
    double most = 0.0;
    double rise = 0.0;
    double before = at(from);
    for (double x = from + step; x <= to; x += step) {
        const double now = at(x);
        most = std::max(most, std::abs(now - before));
        rise = std::max(rise, now - before);
        before = now;
    }
    return {most, rise};
}

TEST(Ground, NeighbouringShotsHaveNeighbouringReleases) {
    test::RandomCases random(21);
    for (int i = 0; i < 150; ++i) {
        Ground g;
        g.firmness = random.between(0.7, 1.4);
        g.friction = random.between(0.24, 0.38);
        g.stimp_ft = random.between(8, 12);
        const double speed = random.between(6, 24);
        const double angle = random.between(20, 58);
        const auto [bySpin, rise] = worstStep(0, 11000, 25, [&](double rpm) {
            return calcRun(landing(speed, angle), backspin(rpm), g).release_m;
        });
        EXPECT_LT(bySpin, 0.25) << speed << " m/s at " << angle << ", firmness " << g.firmness;
        EXPECT_LT(rise, 0.1) << speed << " m/s at " << angle << ", firmness " << g.firmness;
        const double rpm = random.between(1000, 10000);
        const double byAngle = worstStep(20, 60, 0.1, [&](double deg) {
                                   return calcRun(landing(speed, deg), backspin(rpm), g).release_m;
                               }).first;
        EXPECT_LT(byAngle, 0.25) << speed << " m/s with " << rpm << ", firmness " << g.firmness;
    }
}

TEST(Ground, NothingGoesIntoTheGround) {
    test::RandomCases random(22);
    for (int i = 0; i < 1000; ++i) {
        const Ground g = random.scene().ground;
        const GroundResult r = calcRun(
            landing(random.between(3, 40), random.between(8, 80)),
            {random.between(-80, 80), random.between(-80, 80), random.between(-200, 1100)}, g);
        const Vec3 n = g.plane().normal;
        for (std::size_t k = 0; k < r.bouncesKept(); ++k)
            EXPECT_GE(dot(r.bounces[k].velocityAfter_mps, n), -1e-9) << i;
    }
}

TEST(Ground, LooseGroundStopsABallAndNeverSendsItBack) {
    test::RandomCases random(23);
    int stopped = 0;
    for (int i = 0; i < 600; ++i) {
        Zone zone = Zone::of(i % 2 == 0 ? ZoneKind::Rough : ZoneKind::Bunker, 500);
        zone.firmness = random.between(0.7, 1.2);
        const Terrain terrain({"", {zone}, {}, {}});
        const GroundResult r =
            calcRunOver(terrain, {}, landing(random.between(5, 25), random.between(20, 65)),
                        backspin(random.between(0, 11000)));
        EXPECT_GE(r.release_m, -1e-9) << i;
        for (std::size_t k = 0; k < r.bouncesKept(); ++k) {
            EXPECT_GE(r.bounces[k].velocityAfter_mps.x, -1e-9) << i;
            stopped += r.bounces[k].velocityAfter_mps.x < 1e-6 ? 1 : 0;
        }
    }
    EXPECT_GT(stopped, 50) << "the cap was met";
}

TEST(Ground, AirSlowsAFastRunAndNoOther) {
    const Vec3 rolling{0, 0, -12.0 / constants::ballRadius_m};
    const double a = Ground{}.rollingResistance_mps2();
    const double k = constants::runDrag_pm;
    // From 12 to 5 m/s against a + k v^2, then against a alone.
    const double fast = std::log((a + k * 144) / (a + k * 25)) / (2 * k);
    EXPECT_NEAR(calcRun({12, 0, 0}, rolling, {}).release_m, fast + 25 / (2 * a), 0.01);
    const Vec3 slower{0, 0, -4.9 / constants::ballRadius_m};
    EXPECT_NEAR(calcRun({4.9, 0, 0}, slower, {}).release_m, 4.9 * 4.9 / (2 * a), 1e-9);
}

TEST(Ground, SofterThanTheLawsCountsAsTheSoftest) {
    const double soft = calcRun(landing(15, 45), backspin(5000), {.firmness = 0.7}).release_m;
    EXPECT_EQ(calcRun(landing(15, 45), backspin(5000), {.firmness = 0.4}).release_m, soft);
}

TEST(Ground, MirrorsAcrossTheLine) {
    test::RandomCases random(13);
    for (int i = 0; i < 100; ++i) {
        Ground g = random.scene().ground;
        const Vec3 v{random.between(5, 15), random.between(-12, -5), random.between(-2, 2)};
        const Vec3 w{random.between(-50, 50), random.between(-50, 50), random.between(0, 700)};
        const GroundResult right = calcRun(v, w, g);
        g.slopeAcross = -g.slopeAcross;
        const GroundResult left = calcRun(mirrored(v), mirroredTurn(w), g);
        EXPECT_NEAR(right.release_m, left.release_m, 1e-9);
        EXPECT_NEAR(right.rest_m.z, -left.rest_m.z, 1e-9);
    }
}

TEST(Ground, BreaksDownASideSlope) {
    const GroundResult r = calcRun(landing(12, 35), backspin(1500), {.slopeAcross = 0.03});
    EXPECT_LT(r.rest_m.z, -0.1) << "rises to the right, so it runs left";
}

TEST(Ground, ABallOnTooSteepASlopeIsLeftThereAndSaysSo) {
    const GroundResult r = calcRun(landing(10, 45), backspin(1000), {.slopeAlong = -0.3});
    EXPECT_TRUE(r.ranAway);
    EXPECT_LT(norm(r.rest_m), 120.0) << "100 m, and the hop or step that crossed them";
}

TEST(Ground, TheTraceEndsWhereTheBallRests) {
    std::vector<GroundPoint> trace;
    const GroundResult r = calcRun(landing(14, 40), backspin(4000), {}, &trace);
    ASSERT_GT(trace.size(), 20u);
    EXPECT_EQ(trace.front().position_m.x, 0.0);
    EXPECT_NEAR(trace.back().position_m.x, r.release_m, 1e-12);
    for (std::size_t i = 1; i < trace.size(); ++i) {
        EXPECT_GE(trace[i].time_s, trace[i - 1].time_s);
        EXPECT_GT(trace[i].position_m.y, -1e-9) << "never below the plane";
    }
}

TEST(Ground, RefusesABallThatLeavesTheGround) {
    EXPECT_THROW(calcRun({5, 3, 0}, {}, {}), RangeError);
    EXPECT_THROW(calcRun(landing(10, 40), {}, {.firmness = 9}), RangeError);
    EXPECT_THROW(calcRun({NAN, -3, 0}, {}, {}), RangeError);
}

TEST(Ground, BouncesLieWhereTheHopsEnd) {
    const GroundResult r = calcRun(landing(14, 35), backspin(2500), {});
    ASSERT_GE(r.contacts, 3);
    EXPECT_EQ(r.bounces[0].at_m.x, 0.0);
    for (std::size_t i = 1; i < 3; ++i) {
        const Bounce& from = r.bounces[i - 1];
        const Bounce& to = r.bounces[i];
        // In the air for 2 v/g, without drag.
        const double time_s = 2 * from.velocityAfter_mps.y / constants::gravity_mps2;
        EXPECT_NEAR(to.at_m.x - from.at_m.x, from.velocityAfter_mps.x * time_s, 1e-9) << i;
        EXPECT_NEAR(to.velocityBefore_mps.y, -from.velocityAfter_mps.y, 1e-9) << i;
        EXPECT_NEAR(to.velocityBefore_mps.x, from.velocityAfter_mps.x, 1e-9) << i;
    }
    EXPECT_GT(r.release_m, r.bounces[2].at_m.x);
}

}  // namespace
}  // namespace wedgeon
