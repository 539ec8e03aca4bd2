// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// The flight: known limits, symmetry and the integrator's error.
#include "wedgeon/flight/flight.h"

#include <gtest/gtest.h>

#include "flight/flight_kernel.h"
#include "random_cases.h"
#include "wedgeon/error.h"

namespace wedgeon {
namespace {

Launch randomLaunch(test::RandomCases& random) {
    return launchFromAngles(random.between(6, 50), random.degrees(12, 55), random.degrees(-8, 8),
                            radpsFromRpm(random.between(500, 11000)), random.degrees(-25, 25));
}

TEST(Flight, InVacuumTheFlightIsTheParabola) {
    test::RandomCases random(7);
    for (int i = 0; i < 100; ++i) {
        const Launch launch = randomLaunch(random);
        const Vec3 v = launch.velocity_mps;
        Air none;
        none.drag = none.lift = 0.0;
        const auto vacuum = kernel::flightAir(launch.spin_radps, none);
        const auto end = kernel::fly(
            vacuum, v, flightStep_s, 1, [](const auto& s) { return s.position.y; },
            [](const auto& s) { return s.velocity.y; }, [](double, const auto&) {});
        const double t = 2 * v.y / constants::gravity_mps2;
        EXPECT_NEAR(end.time, t, 1e-9);
        EXPECT_NEAR(end.landing.position.x, v.x * t, 1e-8);
        EXPECT_NEAR(end.landing.position.z, v.z * t, 1e-8);
        EXPECT_NEAR(end.landing.velocity.y, -v.y, 1e-9);
        EXPECT_NEAR(end.apex, v.y * v.y / (2 * constants::gravity_mps2), 1e-9);
    }
}

TEST(Flight, CarryIsWithinACentimetreOfAHundredthOfTheStep) {
    test::RandomCases random(8);
    double worst = 0.0;
    for (int i = 0; i < 150; ++i) {
        const Launch launch = randomLaunch(random);
        const Air air = random.scene().air;
        const FlightResult coarse = calcFlight(launch, air);
        const FlightResult fine = calcFlight(launch, air, nullptr, flightStep_s / 100);
        worst = std::max({worst, std::abs(coarse.carry_m - fine.carry_m),
                          std::abs(coarse.side_m - fine.side_m)});
    }
    EXPECT_LT(worst, 0.01);
}

TEST(Flight, MirrorsLeftAndRight) {
    test::RandomCases random(9);
    for (int i = 0; i < 100; ++i) {
        const Launch launch = randomLaunch(random);
        Air air = random.scene().air;
        const FlightResult right = calcFlight(launch, air);
        air.windRight_mps = -air.windRight_mps;
        const FlightResult left =
            calcFlight({mirrored(launch.velocity_mps), mirroredTurn(launch.spin_radps)}, air);
        EXPECT_NEAR(right.carry_m, left.carry_m, 1e-9);
        EXPECT_NEAR(right.side_m, -left.side_m, 1e-9);
    }
}

TEST(Flight, WindAndAirWorkTheWayTheyDoOutside) {
    const Launch pitch = launchFromAngles(26, radFromDeg(30), 0, radpsFromRpm(7000), 0);
    const double calm = calcFlight(pitch, {}).carry_m;
    EXPECT_GT(calcFlight(pitch, {.windAhead_mps = 4}).carry_m, calm);
    EXPECT_LT(calcFlight(pitch, {.windAhead_mps = -4}).carry_m, calm);
    EXPECT_GT(calcFlight(pitch, {.windRight_mps = 4}).side_m, 0.5);
    EXPECT_GT(
        calcFlight(launchFromAngles(26, radFromDeg(30), 0, radpsFromRpm(7000), 0.2), {}).side_m,
        0.2)
        << "a positive axis curves right";
    const Air standard{.temperature_c = 15, .humidity = 0};
    EXPECT_NEAR(standard.density_kgpm3(), 1.225, 0.001) << "standard atmosphere at sea level";
    EXPECT_LT(Air{.altitude_m = 1500}.density_kgpm3(), Air{}.density_kgpm3());
}

TEST(Flight, TheTraceStartsAtTheBallAndEndsWhereItLands) {
    std::vector<FlightPoint> trace;
    const FlightResult r =
        calcFlight(launchFromAngles(18, radFromDeg(35), 0, radpsFromRpm(6000), 0), {}, &trace);
    ASSERT_GE(trace.size(), 3u);
    EXPECT_EQ(trace.front().time_s, 0.0);
    EXPECT_NEAR(trace.back().position_m.x, r.carry_m, 1e-9);
    double highest = 0.0;
    for (std::size_t i = 1; i < trace.size(); ++i) {
        EXPECT_GT(trace[i].time_s, trace[i - 1].time_s);
        for (double q = 0; q <= 1; q += 0.05) {
            highest = std::max(highest, flightPointBetween(trace[i - 1], trace[i], q).position_m.y);
        }
    }
    EXPECT_NEAR(highest, r.apex_m, 0.01);
}

TEST(Flight, RefusesWhatIsNoLaunch) {
    EXPECT_THROW(calcFlight(launchFromAngles(900, 0.5, 0, 100, 0), {}), RangeError);
    EXPECT_THROW(calcFlight(launchFromAngles(20, 0.5, 0, std::nan(""), 0), {}), RangeError);
    EXPECT_THROW(calcFlight(launchFromAngles(20, 0.5, 0, 100, 0), {.windAhead_mps = 80}),
                 RangeError);
}

}  // namespace
}  // namespace wedgeon
