// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Flight for any scalar type; calcFlight's docstring has the equations.
#pragma once

#include "wedgeon/constants.h"
#include "wedgeon/vec.h"

namespace wedgeon::kernel {

template <class T>
struct FlightState {
    Vec3T<T> position, velocity;
};

/// What stays the same during one flight.
template <class T>
struct FlightAir {
    T k;          // rho pi r^2 / (2 m)
    T windAhead;  // at 2 m
    T windRight;
    bool still;     // no wind: saves the logarithm
    T spin;         // at the strike [rad/s]
    Vec3T<T> turn;  // unit vector of the spin
};

template <class T>
Vec3T<T> airAcceleration(const FlightAir<T>& air, const T& spin, const FlightState<T>& s) {
    using std::exp;
    using std::log;
    using std::sqrt;
    constexpr double r = constants::ballRadius_m;
    constexpr double z0 = constants::windRoughness_m;

    Vec3T<T> u = s.velocity;
    if (!air.still && s.position.y > 0.0) {
        static const double scale = 1.0 / std::log((constants::windHeight_m + z0) / z0);
        const T share = scale * log((s.position.y + z0) / z0);
        u.x = u.x - share * air.windAhead;
        u.z = u.z - share * air.windRight;
    }
    const T speed = sqrt(dot(u, u) + 1e-12);
    const T ratio = r * spin / speed;
    const T S = ratio < 1.0 ? ratio : T(1.0);
    const T reynolds = (2.0 * r / constants::airViscosity_m2ps) * speed;
    const T cd = 0.277 + 0.288 / (1.0 + exp((reynolds - 45000.0) / 7000.0)) + 0.170 * S;
    const T cl = 0.380 * S / (0.045 + S);
    Vec3T<T> a = (-air.k * cd * speed) * u + (air.k * cl * speed) * cross(air.turn, u);
    a.y = a.y - constants::gravity_mps2;
    return a;
}

/// One Runge-Kutta step. \p spin0, \p spinHalf, \p spin1: at its start, middle and end.
template <class T>
FlightState<T> flightStep(const FlightAir<T>& air, const FlightState<T>& s, double h,
                          const T& spin0, const T& spinHalf, const T& spin1) {
    const T half(0.5 * h);
    const T full(h);
    const Vec3T<T> k1 = airAcceleration(air, spin0, s);
    const FlightState<T> b{s.position + half * s.velocity, s.velocity + half * k1};
    const Vec3T<T> k2 = airAcceleration(air, spinHalf, b);
    const FlightState<T> c{s.position + half * b.velocity, s.velocity + half * k2};
    const Vec3T<T> k3 = airAcceleration(air, spinHalf, c);
    const FlightState<T> d{s.position + full * c.velocity, s.velocity + full * k3};
    const Vec3T<T> k4 = airAcceleration(air, spin1, d);
    return {s.position + full * s.velocity + T(h * h / 6.0) * (k1 + k2 + k3),
            s.velocity + T(h / 6.0) * (k1 + T(2.0) * (k2 + k3) + k4)};
}

/// Position and velocity on the cubic between two steps, at the fraction \p q of \p h.
template <class T>
FlightState<T> cubicBetween(const FlightState<T>& a, const FlightState<T>& b, double h,
                            const T& q) {
    const T q2 = q * q;
    const T q3 = q2 * q;
    const T p0 = 2.0 * q3 - 3.0 * q2 + 1.0;
    const T m0 = h * (q3 - 2.0 * q2 + q);
    const T p1 = 3.0 * q2 - 2.0 * q3;
    const T m1 = h * (q3 - q2);
    const T d0 = (6.0 * q2 - 6.0 * q) / h;
    const T v0 = 3.0 * q2 - 4.0 * q + 1.0;
    const T v1 = 3.0 * q2 - 2.0 * q;
    return {p0 * a.position + m0 * a.velocity + p1 * b.position + m1 * b.velocity,
            d0 * (a.position - b.position) + v0 * a.velocity + v1 * b.velocity};
}

}  // namespace wedgeon::kernel
