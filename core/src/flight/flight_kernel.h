// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Flight for any scalar type; calcFlight's docstring has the equations.
#pragma once

#include <algorithm>

#include "scalar.h"
#include "wedgeon/constants.h"
#include "wedgeon/flight/flight.h"
#include "wedgeon/ground/terrain.h"
#include "wedgeon/vec.h"

namespace wedgeon::kernel {

template <class T>
struct FlightState {
    Vec3T<T> position, velocity;
};

/// What stays the same during one flight.
template <class T>
struct FlightAir {
    T drag, lift;  // factor times rho pi r^2 / (2 m)
    T windAhead;   // at 2 m
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
    const T rim = r * spin;  // speed of the surface; S is its share of the flight's
    const T S = rim < speed ? rim / speed : T(1.0);
    constexpr double perSpeed = 2.0 * r / constants::airViscosity_m2ps / 12000.0;
    const T cd = 0.282 + 0.288 / (1.0 + exp(perSpeed * speed - 63800.0 / 12000.0)) + 0.075 * S;
    const T cl = 0.367 * S / (0.045 + S);
    Vec3T<T> a = (-speed * air.drag * cd) * u + (speed * air.lift * cl) * cross(air.turn, u);
    a.y = a.y - constants::gravity_mps2;
    return a;
}

/// One Runge-Kutta step. \p spin0, \p spinHalf, \p spin1: at its start, middle and end.
template <class T>
FlightState<T> flightStep(const FlightAir<T>& air, const FlightState<T>& s, const T& h,
                          const T& spin0, const T& spinHalf, const T& spin1) {
    const T half = 0.5 * h;
    const Vec3T<T> k1 = airAcceleration(air, spin0, s);
    const FlightState<T> b{s.position + half * s.velocity, s.velocity + half * k1};
    const Vec3T<T> k2 = airAcceleration(air, spinHalf, b);
    const FlightState<T> c{s.position + half * b.velocity, s.velocity + half * k2};
    const Vec3T<T> k3 = airAcceleration(air, spinHalf, c);
    const FlightState<T> d{s.position + h * c.velocity, s.velocity + h * k3};
    const Vec3T<T> k4 = airAcceleration(air, spin1, d);
    return {s.position + h * s.velocity + T(h * h * (1.0 / 6.0)) * (k1 + k2 + k3),
            s.velocity + T(h * (1.0 / 6.0)) * (k1 + T(2.0) * (k2 + k3) + k4)};
}

/// Position and velocity on the cubic between two steps, at the fraction \p q of \p h.
template <class T>
FlightState<T> cubicBetween(const FlightState<T>& a, const FlightState<T>& b, const T& h,
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

/// Where a flight ends.
template <class T>
struct FlightEnd {
    FlightState<T> landing;
    T time, apex, apexAt;
};

/// The step to take from here. In wind the logarithmic profile is steep near the ground, so that
/// steps there are held to a part of the time that the height takes to change by itself.
template <class T>
T stepFrom(const FlightState<T>& s, double step_s, bool still) {
    if (still) return T(step_s);
    constexpr double part = 0.5;
    constexpr double shortest = 1.0 / 20.0;  // of the step
    // Carries the derivative too: a step that follows the state is part of the scheme.
    T falling = s.velocity.y < 0.0 ? T(-s.velocity.y) : s.velocity.y;
    if (falling < 0.1) falling = T(0.1);
    const T natural = part * (s.position.y + constants::windRoughness_m) / falling;
    if (natural < shortest * step_s) return T(shortest * step_s);
    return natural > step_s ? T(step_s) : natural;
}

/// Fraction of the step at which \p below (a function of the state: negative once the ball is under
/// the ground) changes its sign, by safeguarded Newton on the cubic; \p rate is its derivative.
template <class T, class Below, class Rate>
T findCrossing(const FlightState<T>& a, const FlightState<T>& b, const T& h, double guess,
               Below below, Rate rate) {
    double low = 0.0;
    double high = 1.0;
    double q = std::clamp(guess, 0.0, 1.0);
    for (int i = 0; i < 40; ++i) {
        const FlightState<T> s = cubicBetween(a, b, h, T(q));
        const double y = valueOf(below(s));
        if (std::abs(y) < 1e-11) break;
        (y > 0 ? low : high) = q;
        const double newton = q - y / valueOf(rate(s) * h);
        q = newton > low && newton < high ? newton : 0.5 * (low + high);
    }
    // One more step in T carries the derivatives of the crossing.
    const FlightState<T> s = cubicBetween(a, b, h, T(q));
    return q - below(s) / (h * rate(s));
}

/// The top of the flight on the step in which the ball stops rising.
template <class T>
FlightState<T> findTop(const FlightState<T>& a, const FlightState<T>& b, const T& h) {
    double low = 0.0;
    double high = 1.0;
    for (int i = 0; i < 40; ++i) {
        const double q = 0.5 * (low + high);
        (valueOf(cubicBetween(a, b, h, T(q)).velocity.y) > 0 ? low : high) = q;
    }
    return cubicBetween(a, b, h, T(0.5 * (low + high)));
}

/// Whether the step from \p now to \p next meets the ground, looked at in \p checks parts of it,
/// and at which fraction \p at of it.
template <class T, class Ground, class Rate>
bool findLanding(const FlightState<T>& now, const FlightState<T>& next, const T& h, int checks,
                 Ground ground, Rate rate, T& at) {
    double before = valueOf(ground(now));
    for (int k = 1; k <= checks; ++k) {
        const double q = static_cast<double>(k) / checks;
        const double after =
            valueOf(k == checks ? ground(next) : ground(cubicBetween(now, next, h, T(q))));
        if (after <= 0.0) {
            // A flight that ends in its first step starts from the ground: its landing is the
            // other end of the chord, not this one.
            const bool starts = before <= 0.0;
            const double share = starts ? 1.0 : before / (before - after);
            at = findCrossing(now, next, h, q - (1.0 - share) / checks, ground, rate);
            return true;
        }
        before = after;
    }
    return false;
}

/// Looks at the ground in each step over a line: half a metre or less between them.
inline constexpr int checksOfGround = 8;

/// Height above a line, for fly().
inline auto heightOver(const Terrain& terrain) {
    return [&terrain](const FlightState<double>& s) {
        return s.position.y - terrain.height(s.position.x, s.position.z);
    };
}
/// Its derivative in time.
inline auto climbOver(const Terrain& terrain) {
    return [&terrain](const FlightState<double>& s) {
        const Vec3 n = terrain.planes()[terrain.planeAt(s.position.x)].normal;
        return dot(s.velocity, n) / n.y;
    };
}

inline constexpr double longestFlight_s = 60.0;

/// Flies until \p ground(state) turns negative: the height above whatever lies below. \p rate is
/// its derivative in time. \p record receives every step; \p checks is how many parts of a step are
/// looked at, 1 where the ground is level. Time beyond longestFlight_s means that it never landed.
template <class T, class Ground, class Rate, class Record>
FlightEnd<T> fly(const FlightAir<T>& air, const Vec3T<T>& velocity, double step_s, int checks,
                 Ground ground, Rate rate, Record record) {
    using std::exp;
    FlightEnd<T> end{{{T(0), T(0), T(0)}, velocity}, T(0), T(0), T(0)};
    FlightState<T>& now = end.landing;
    T spin = air.spin;
    record(0.0, now);
    // A ball that is driven into the ground lands where it starts.
    if (valueOf(rate(now)) <= 0.0) return end;
    T h(-1.0);
    T halfDecay(1.0);
    while (valueOf(end.time) < longestFlight_s) {
        const T wanted = stepFrom(now, step_s, air.still);
        if (valueOf(wanted) != valueOf(h)) {
            h = wanted;
            halfDecay = exp(-constants::spinDecay_ps * 0.5 * h);
        }
        const T spinHalf = halfDecay * spin;
        const T spinEnd = halfDecay * spinHalf;
        const FlightState<T> next = flightStep(air, now, h, spin, spinHalf, spinEnd);
        if (valueOf(now.velocity.y) > 0.0 && valueOf(next.velocity.y) <= 0.0) {
            const FlightState<T> top = findTop(now, next, h);
            end.apex = top.position.y;
            end.apexAt = top.position.x;
        }
        T at(0.0);
        if (findLanding(now, next, h, checks, ground, rate, at)) {
            now = cubicBetween(now, next, h, at);
            end.time = end.time + h * at;
            // On a bank it can come down before its top.
            if (valueOf(now.velocity.y) > 0.0) {
                end.apex = now.position.y;
                end.apexAt = now.position.x;
            }
            record(valueOf(end.time), now);
            return end;
        }
        now = next;
        end.time = end.time + h;
        spin = spinEnd;
        record(valueOf(end.time), now);
    }
    end.time = T(2.0 * longestFlight_s);
    return end;
}

/// Constants of one flight.
template <class T>
FlightAir<T> flightAir(const Vec3T<T>& spin, const Air& air) {
    using std::sqrt;
    constexpr double r = constants::ballRadius_m;
    const T rate = sqrt(dot(spin, spin) + 1e-24);
    const double k = air.density_kgpm3() * constants::pi * r * r / (2.0 * constants::ballMass_kg);
    return {T(air.drag * k),
            T(air.lift * k),
            T(air.windAhead_mps),
            T(air.windRight_mps),
            air.windAhead_mps == 0.0 && air.windRight_mps == 0.0,
            rate,
            T(1.0 / rate) * spin};
}

}  // namespace wedgeon::kernel
