// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
/// \file The ball in the air: drag, lift, gravity, wind.
#pragma once

#include <vector>

#include "wedgeon/ground/terrain.h"
#include "wedgeon/strike/strike.h"

namespace wedgeon {

/// The air of the day. Wind is given at 2 m above the ground.
struct Air {
    double windAhead_mps = 0.0;  ///< positive is a tailwind
    double windRight_mps = 0.0;  ///< positive blows to the right
    double temperature_c = 20.0;
    double altitude_m = 0.0;
    double humidity = 0.5;  ///< relative, 0-1
    /// Factors on the ball's C_D and C_L, as tuned; 1 is the law's.
    double drag = 1.0, lift = 1.0;

    /// \throws RangeError; wind -30-30 m/s, temperature -30-55 C, altitude -500-5000 m, drag and
    /// lift 0.5-2.
    void validate() const;
    /// Density [kg/m^3] of moist air: standard-atmosphere pressure, Magnus vapour pressure.
    double density_kgpm3() const;

    bool operator==(const Air&) const = default;
};

/// One instant of the flight.
struct FlightPoint {
    double time_s = 0.0;
    Vec3 position_m;
    Vec3 velocity_mps;
};

/// The flight's outcome; distances are from the ball.
struct FlightResult {
    double carry_m = 0.0;   ///< along the target line
    double side_m = 0.0;    ///< positive is right
    double apex_m = 0.0;    ///< highest point above the ball
    double apexAt_m = 0.0;  ///< where along the target line
    double time_s = 0.0;
    Vec3 landing_m;
    Vec3 landingVelocity_mps;
    Vec3 landingSpin_radps;

    double landingSpeed_mps() const;
    double landingAngle_rad() const;  ///< below the horizon
};

/// Step of the integrator; its carry is within 1 cm of a run at a hundredth of it (tested).
inline constexpr double flightStep_s = 0.20;

/// Flies the ball until it crosses the height of its start on the way down.
///
/// a = -k C_D |u| u + k C_L |u| (w x u) - g y, u relative to the air, k = rho pi r^2/(2 m),
/// S = min(r w/|u|, 1), Re = 2 r |u|/nu;
/// C_D = 0.282 + 0.288/(1 + exp((Re - 63800)/12000)) + 0.075 S; C_L = 0.367 S/(0.045 + S);
/// spin decays as exp(-0.04 t); wind w(h) = w_2 ln((h+z0)/z0)/ln((2+z0)/z0).
/// Classical Runge-Kutta with the landing found on the last step's cubic.
/// Fitted for Re 20,000-200,000 and S up to 1. \p trace, when given, receives the steps.
/// \throws RangeError for a launch outside 0.1-100 m/s, -10-89 degrees, 0-20,000 rpm, or the air's.
FlightResult calcFlight(const Launch& launch, const Air& air,
                        std::vector<FlightPoint>* trace = nullptr, double step_s = flightStep_s);

/// The same over a terrain: the flight ends where it meets the ground's own height. Obstacles are
/// not looked at; see calcShotOver.
FlightResult calcFlightOver(const Launch& launch, const Air& air, const Terrain& terrain,
                            std::vector<FlightPoint>* trace = nullptr);

/// Position between two steps, on the cubic that has both positions and velocities.
FlightPoint flightPointBetween(const FlightPoint& a, const FlightPoint& b, double fraction);

}  // namespace wedgeon
