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

constexpr double longestFlight_s = 60.0;

void requireLaunch(const Launch& launch) {
    requireRange("ball_speed_mps", launch.speed_mps(), 0.1, 100);
    requireRange("launch_angle_deg", launch.angle_rad(), radFromDeg(-10), radFromDeg(89),
                 degFromRad(1.0));
    requireRange("spin_rate_rpm", launch.spinRate_radps(), 0.0, radpsFromRpm(20000),
                 rpmFromRadps(1.0));
}

/// The step to take from here. In wind the logarithmic profile is steep near the ground, so that
/// steps there are held to a part of the time that the height takes to change by itself.
double stepFrom(const State& s, double step_s, bool still) {
    if (still) return step_s;
    constexpr double part = 0.5;
    constexpr double shortest = 1.0 / 20.0;  // of the step
    const double natural_s =
        part * (s.position.y + constants::windRoughness_m) / std::max(std::abs(s.velocity.y), 0.1);
    return std::clamp(natural_s, shortest * step_s, step_s);
}

/// Where on the step from a to b the height is zero, by safeguarded Newton on the cubic.
double findLanding(const State& a, const State& b, double h) {
    double low = 0.0;
    double high = 1.0;
    double q = a.position.y / (a.position.y - b.position.y);
    for (int i = 0; i < 30; ++i) {
        const State s = kernel::cubicBetween(a, b, h, q);
        if (std::abs(s.position.y) < 1e-10) break;
        (s.position.y > 0 ? low : high) = q;
        const double newton = q - s.position.y / (s.velocity.y * h);
        q = newton > low && newton < high ? newton : 0.5 * (low + high);
    }
    return q;
}

/// The top of the flight on the step in which the ball stops rising.
void findApex(const State& a, const State& b, double h, FlightResult& result) {
    double low = 0.0;
    double high = 1.0;
    for (int i = 0; i < 40; ++i) {
        const double q = 0.5 * (low + high);
        (kernel::cubicBetween(a, b, h, q).velocity.y > 0 ? low : high) = q;
    }
    const State top = kernel::cubicBetween(a, b, h, 0.5 * (low + high));
    result.apex_m = top.position.y;
    result.apexAt_m = top.position.x;
}

}  // namespace

void Air::validate() const {
    requireRange("air.wind_ahead_mps", windAhead_mps, -30, 30);
    requireRange("air.wind_right_mps", windRight_mps, -30, 30);
    requireRange("air.temperature_c", temperature_c, -30, 55);
    requireRange("air.altitude_m", altitude_m, -500, 5000);
    requireRange("air.humidity", humidity, 0, 1);
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

FlightResult calcFlight(const Launch& launch, const Air& air, std::vector<FlightPoint>* trace,
                        double step_s) {
    requireLaunch(launch);
    air.validate();
    requireRange("step_s", step_s, 1e-5, 0.5);

    constexpr double r = constants::ballRadius_m;
    const double spin = launch.spinRate_radps();
    const kernel::FlightAir<double> fixed{
        air.density_kgpm3() * constants::pi * r * r / (2.0 * constants::ballMass_kg),
        air.windAhead_mps,
        air.windRight_mps,
        air.windAhead_mps == 0.0 && air.windRight_mps == 0.0,
        spin,
        spin > 0.0 ? (1.0 / spin) * launch.spin_radps : Vec3{0.0, 0.0, 1.0}};
    FlightResult result;
    State now{{}, launch.velocity_mps};
    double time = 0.0;
    double w = spin;
    const auto record = [&] {
        if (trace) trace->push_back({time, now.position, now.velocity});
    };
    if (trace) trace->clear();
    record();
    // A ball that is driven into the ground lands where it starts.
    bool landed = launch.velocity_mps.y <= 0.0;
    double h = -1.0;
    double halfDecay = 1.0;
    while (!landed) {
        const double wanted = stepFrom(now, step_s, fixed.still);
        if (wanted != h) {
            h = wanted;
            halfDecay = std::exp(-constants::spinDecay_ps * 0.5 * h);
        }
        const double wHalf = w * halfDecay;
        const double wEnd = wHalf * halfDecay;
        const State next = kernel::flightStep(fixed, now, h, w, wHalf, wEnd);
        if (now.velocity.y > 0.0 && next.velocity.y <= 0.0) findApex(now, next, h, result);
        if (next.position.y <= 0.0) {
            const double q = findLanding(now, next, h);
            now = kernel::cubicBetween(now, next, h, q);
            time += q * h;
            landed = true;
        } else {
            now = next;
            time += h;
            w = wEnd;
            // Reached only by a ball that the wind carries for ever; a bound, not a law.
            if (time > longestFlight_s) throw RangeError("flight_time_s", time, 0, longestFlight_s);
        }
        record();
    }
    result.carry_m = now.position.x;
    result.side_m = now.position.z;
    result.time_s = time;
    result.landing_m = now.position;
    result.landing_m.y = 0.0;
    result.landingVelocity_mps = now.velocity;
    result.landingSpin_radps = std::exp(-constants::spinDecay_ps * time) * launch.spin_radps;
    return result;
}

FlightPoint flightPointBetween(const FlightPoint& a, const FlightPoint& b, double fraction) {
    const double h = b.time_s - a.time_s;
    if (h <= 0.0) return a;
    const State s = kernel::cubicBetween<double>({a.position_m, a.velocity_mps},
                                                 {b.position_m, b.velocity_mps}, h, fraction);
    return {a.time_s + fraction * h, s.position, s.velocity};
}

}  // namespace wedgeon
