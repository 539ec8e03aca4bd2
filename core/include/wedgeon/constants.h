// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
/// \file Every physical constant of the model, each with its source and how well it is known.
#pragma once

#include <numbers>

namespace wedgeon::constants {

inline constexpr double pi = std::numbers::pi;

/// Standard gravity [m/s^2]; exact by definition (CGPM 1901). Local values differ by up to 0.3 %.
inline constexpr double gravity_mps2 = 9.80665;

/// Ball mass [kg]: the largest that the rules of golf allow, 1.620 oz. Balls weigh 0.5 % less at
/// most.
inline constexpr double ballMass_kg = 0.04593;
/// Ball radius [m]: half of the smallest diameter that the rules allow, 1.680 in.
inline constexpr double ballRadius_m = 0.02135;
/// Moment of inertia over m r^2 at the strike: layered balls, 0.37 to 0.40.
inline constexpr double strikeInertia = 0.385;
/// Moment of inertia over m r^2 on the ground: a uniform sphere, as Penner (2002) uses.
inline constexpr double groundInertia = 0.4;

/// Head mass of a wedge that takes part in the strike [kg]; 0.27 to 0.31 with part of the shaft.
inline constexpr double headMass_kg = 0.28;
/// Normal restitution at vanishing speed; 0.86 to 0.89 over balls.
inline constexpr double restitution0 = 0.878;
/// Loss of normal restitution with normal speed [s/m]; 0.002 to 0.004.
inline constexpr double restitutionSlope_spm = 0.003;
/// Normal speed at which a ball's tangential restitution is given [m/s].
inline constexpr double tangentialAt_mps = 30.0;
/// Gain of tangential restitution for each m/s that the strike is slower [s/m]; a fit to tour
/// averages and short shots, 0.003 uncertain. That a gripping ball's compliance gives some of its
/// tangential speed back: N. Maw, J. R. Barber, J. N. Fawcett, Wear 38 (1976) 101.
inline constexpr double tangentialSlope_spm = 0.0091;
/// Tangential restitution stays at or below this, and at or above 0.
inline constexpr double mostTangential = 0.60;
/// Friction of a face that water or juice of the grass lubricates: no lie or face has less.
inline constexpr double lubricatedFriction = 0.08;

/// Speed of a ball along the ground above which the air slows it [m/s]; below, it is a part of what
/// a green's speed is measured with.
inline constexpr double fastRun_mps = 5.0;
/// Deceleration by air over speed squared of a ball along the ground [1/m]: rho pi r^2/(2 m) C_D at
/// 1.2 kg/m^3 and C_D 0.55, the flight's at 8 to 15 m/s. Known to a fifth.
inline constexpr double runDrag_pm = 0.0103;

/// Kinematic viscosity of air in the Reynolds number [m^2/s]; within 10 % from 0 to 35 degrees C.
inline constexpr double airViscosity_m2ps = 1.5e-5;
/// Decay rate of spin in flight [1/s]; published values run from 0.03 to 0.05.
inline constexpr double spinDecay_ps = 0.04;
/// Height at which the wind is given [m].
inline constexpr double windHeight_m = 2.0;
/// Roughness length of mown grass in the logarithmic wind profile [m].
inline constexpr double windRoughness_m = 0.01;

/// Speed at which the green-speed device releases the ball [m/s].
inline constexpr double greenSpeedRelease_mps = 1.83;
/// Metres in a foot; exact.
inline constexpr double metresPerFoot = 0.3048;

/// One ball of ball position: a ball's diameter [m].
inline constexpr double ballWidth_m = 2.0 * ballRadius_m;

}  // namespace wedgeon::constants
