// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// The flight in double precision, from launch to landing.
#include "wedgeon/flight/flight.h"

#include <algorithm>
#include <cmath>

#include "flight/flight_kernel.h"
#include "wedgeon/error.h"
#include "wedgeon/units.h"

namespace wedgeon {
namespace {

using State = kernel::FlightState<double>;

void requireLaunch(const Launch& launch) {
    requireRange("ball_speed_mps", launch.speed_mps(), 0.1, 100);
    requireRange("launch_angle_deg", launch.angle_rad(), radFromDeg(-10), radFromDeg(89),
                 degFromRad(1.0));
    requireRange("spin_rate_rpm", launch.spinRate_radps(), 0.0, radpsFromRpm(20000),
                 rpmFromRadps(1.0));
}

}  // namespace

void Air::validate() const {
    requireRange("air.wind_ahead_mps", windAhead_mps, -30, 30);
    requireRange("air.wind_right_mps", windRight_mps, -30, 30);
    requireRange("air.temperature_c", temperature_c, -30, 55);
    requireRange("air.altitude_m", altitude_m, -500, 5000);
    requireRange("air.humidity", humidity, 0, 1);
    requireRange("air.drag", drag, 0.5, 2);
    requireRange("air.lift", lift, 0.5, 2);
}

double Air::density_kgpm3() const {
    // International Standard Atmosphere below 11 km; Magnus formula for the vapour pressure.
    const double kelvin = temperature_c + 273.15;
    const double pressure_pa = 101325.0 * std::pow(1.0 - 2.25577e-5 * altitude_m, 5.25588);
    const double vapour_pa =
        humidity * 610.78 * std::exp(17.27 * temperature_c / (temperature_c + 237.3));
    return (pressure_pa - vapour_pa) / (287.05 * kelvin) + vapour_pa / (461.495 * kelvin);
}

double FlightResult::landingSpeed_mps() const {
    return norm(landingVelocity_mps);
}
double FlightResult::landingAngle_rad() const {
    return std::atan2(-landingVelocity_mps.y,
                      std::hypot(landingVelocity_mps.x, landingVelocity_mps.z));
}

namespace {

FlightResult resultOf(const kernel::FlightEnd<double>& end, const Launch& launch) {
    requireRange("flight_time_s", end.time, 0.0, kernel::longestFlight_s);
    FlightResult result;
    result.carry_m = end.landing.position.x;
    result.side_m = end.landing.position.z;
    result.apex_m = end.apex;
    result.apexAt_m = end.apexAt;
    result.time_s = end.time;
    result.landing_m = end.landing.position;
    result.landingVelocity_mps = end.landing.velocity;
    result.landingSpin_radps = std::exp(-constants::spinDecay_ps * end.time) * launch.spin_radps;
    return result;
}

auto recorder(std::vector<FlightPoint>* trace) {
    if (trace) trace->clear();
    return [trace](double time_s, const State& s) {
        if (trace) trace->push_back({time_s, s.position, s.velocity});
    };
}

}  // namespace

FlightResult calcFlight(const Launch& launch, const Air& air, std::vector<FlightPoint>* trace,
                        double step_s) {
    requireLaunch(launch);
    air.validate();
    requireRange("step_s", step_s, 1e-5, 0.5);
    const auto fixed = kernel::flightAir(launch.spin_radps, air);
    const auto end = kernel::fly(
        fixed, launch.velocity_mps, step_s, 1, [](const State& s) { return s.position.y; },
        [](const State& s) { return s.velocity.y; }, recorder(trace));
    FlightResult result = resultOf(end, launch);
    result.landing_m.y = 0.0;
    return result;
}

FlightResult calcFlightOver(const Launch& launch, const Air& air, const Terrain& terrain,
                            std::vector<FlightPoint>* trace) {
    requireLaunch(launch);
    air.validate();
    const auto fixed = kernel::flightAir(launch.spin_radps, air);
    const auto end =
        kernel::fly(fixed, launch.velocity_mps, flightStep_s, kernel::checksOfGround,
                    kernel::heightOver(terrain), kernel::climbOver(terrain), recorder(trace));
    return resultOf(end, launch);
}

FlightPoint flightPointBetween(const FlightPoint& a, const FlightPoint& b, double fraction) {
    const double h = b.time_s - a.time_s;
    if (h <= 0.0) return a;
    const State s = kernel::cubicBetween<double>({a.position_m, a.velocity_mps},
                                                 {b.position_m, b.velocity_mps}, h, fraction);
    return {a.time_s + fraction * h, s.position, s.velocity};
}

}  // namespace wedgeon
