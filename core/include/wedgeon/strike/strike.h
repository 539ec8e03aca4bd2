// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
/// \file Oblique impact of a rigid ball that grips or slips on the face.
#pragma once

#include "wedgeon/constants.h"
#include "wedgeon/delivery/delivery.h"
#include "wedgeon/lie/lie.h"
#include "wedgeon/vec.h"

namespace wedgeon {

/// Constants of the strike that Tune may move away from their defaults.
struct StrikeLaw {
    double restitution0 = constants::restitution0;
    double restitutionSlope_spm = constants::restitutionSlope_spm;
    double headMass_kg = constants::headMass_kg;

    bool operator==(const StrikeLaw&) const = default;
};

/// The ball just after the strike.
struct Launch {
    Vec3 velocity_mps;
    Vec3 spin_radps;  ///< turning vector; backspin of a straight shot is +z

    double speed_mps() const;
    double angle_rad() const;      ///< above the horizon
    double direction_rad() const;  ///< positive to the right
    double spinRate_radps() const;
    double spinAxis_rad() const;  ///< atan2(-w_y, w_z); positive curves right
};

/// Launch from what a launch monitor shows. The spin vector is square to the heading.
Launch launchFromAngles(double speed_mps, double angle_rad, double direction_rad,
                        double spinRate_radps, double spinAxis_rad);

struct StrikeResult {
    Launch launch;
    double spinLoft_rad = 0.0;  ///< angle between club velocity and face normal, in space
    /// Impulse that gripping would need over the most that sliding gives. Below 1 the spin is
    /// limited by loft (geometry), above 1 by friction.
    double gripRatio = 0.0;

    bool limitedByFriction() const { return gripRatio > 1.0; }
};

/// Angle between the club's velocity and the face's normal, in space.
double calcSpinLoft(const Delivery& delivery);

/// The strike.
///
/// v_n = v.n, u = |v - v_n n|; e = e0 - e1 v_n; J_n = m v_n (1+e)/(1+m/M);
/// e_t = e_b + 0.0091 s/m (30 m/s - v_n), within 0-0.60; J_g = (1+e_t) m u/(1 + 1/alpha + m/M); J_s
/// = mu J_n; J_t = J_g (1+(J_g/J_s)^6)^(-1/6); ball velocity (J_n n + J_t t)/m, spin (-r n) x J_t
/// t/(alpha m r^2). Rigid-body impact with Coulomb friction; valid while the face strikes the ball
/// (not the edge) and for club speeds from 0.5 to 60 m/s. \throws RangeError from
/// Delivery::validate, for the contact, or for "spin_loft_deg" of 85 and more, where the face no
/// longer drives the ball.
StrikeResult calcStrike(const Delivery& delivery, const Contact& contact,
                        const StrikeLaw& law = {});

}  // namespace wedgeon
