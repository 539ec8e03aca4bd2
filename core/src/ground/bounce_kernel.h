// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// One contact with turf for any scalar type; calcRun's docstring has the equations.
#pragma once

#include "wedgeon/constants.h"
#include "wedgeon/ground/terrain.h"
#include "wedgeon/units.h"
#include "wedgeon/vec.h"

namespace wedgeon::kernel {

template <class T>
struct BounceOut {
    Vec3T<T> velocity, spin;
    bool gripped;
};

/// What a bounce needs of a plane, worked out once for each.
struct Turf {
    double rootFirmness, softness;  // sqrt(F), F^-0.6
    double springs;                 // factor on the restitution
    double friction, rolling_mps2;
    bool loose;

    explicit Turf(const Plane& p)
        : rootFirmness(std::sqrt(p.firmness)),
          softness(std::pow(p.firmness, -0.6)),
          springs(p.springs),
          friction(p.friction),
          rolling_mps2(p.rolling_mps2),
          loose(p.loose) {}
};

template <class T>
BounceOut<T> bounce(const Vec3T<T>& v, const Vec3T<T>& spin, const Vec3T<T>& normal,
                    const Turf& turf) {
    using std::atan2;
    using std::cos;
    using std::exp;
    using std::log;
    using std::sin;
    using std::sqrt;
    constexpr double r = constants::ballRadius_m;
    constexpr double tiny = 1e-18;  // keeps directions of vanishing vectors defined

    const T into = -dot(v, normal);
    // At a step of the ground it may lift off already.
    if (!(into > 0.0)) return {v, spin, false};
    const Vec3T<T> along = v + into * normal;
    const T alongSpeed = sqrt(dot(along, along) + tiny);
    const T speed = sqrt(into * into + alongSpeed * alongSpeed);
    // Never more than the angle to the plane, or a shallow ball would be thrown back or upward.
    const T shallow = atan2(into, alongSpeed);
    const T sine = alongSpeed / speed * (1.0 / 0.70);
    const T steep =
        radFromDeg(16.0) * turf.softness * exp(0.9 * log(into * (1.0 / 13.3))) * sine * sine * sine;
    const T share = steep / shallow;
    const T share2 = share * share;
    const T dent = steep * exp(log(1.0 + share2 * share2 * share2) * (-1.0 / 6.0));
    const Vec3T<T> n = cos(dent) * normal - (sin(dent) / alongSpeed) * along;

    const T p = -dot(v, n);
    T e = T(turf.rootFirmness * 0.120);
    if (p < 20.0) {
        e = turf.rootFirmness * (0.510 - 0.0375 * p + 0.000903 * p * p);
        if (e > 0.8) e = T(0.8);
    }
    e = turf.springs * e;
    const T normalImpulse = (1.0 + e) * p;  // per unit of mass, as all impulses here

    const Vec3T<T> tangent = v + p * n;
    const T tangentSpeed = sqrt(dot(tangent, tangent) + tiny);
    T loss = (turf.rolling_mps2 / constants::gravity_mps2) * normalImpulse;
    if (loss > tangentSpeed) loss = tangentSpeed;
    Vec3T<T> vt = T((tangentSpeed - loss) / tangentSpeed) * tangent;

    const Vec3T<T> contact = vt - T(r) * cross(spin, n);
    const T slip = sqrt(dot(contact, contact) + tiny);
    // Turf that is pressed hard lets the ball slide.
    const T most = turf.friction / (1.0 + p * (1.0 / 24.0)) * normalImpulse;
    const bool gripped = !(most < slip * (2.0 / 7.0));
    const T stop = gripped ? T(slip * (2.0 / 7.0)) : most;
    Vec3T<T> impulse = (-stop / slip) * contact;
    if (turf.loose) {
        // Sand and long grass give way: they slow a ball on its way, and stop it at most.
        const T pull = dot(impulse, tangent) / tangentSpeed;
        T slows = pull < 0.0 ? T(-pull) : T(0.0);
        if (slows > tangentSpeed - loss) slows = tangentSpeed - loss;
        impulse = T(-slows / tangentSpeed) * tangent;
    }
    vt += impulse;
    BounceOut<T> out{vt + (e * p) * n, spin - T(5.0 / (2.0 * r)) * cross(n, impulse), gripped};
    // A ball that would still move into the ground stays in its dent.
    const T up = dot(out.velocity, normal);
    if (up < 0.0) out.velocity -= up * normal;
    if (turf.loose) {
        const T ahead = dot(out.velocity, along) / alongSpeed;
        if (ahead < 0.0) out.velocity -= T(ahead / alongSpeed) * along;
    }
    return out;
}

}  // namespace wedgeon::kernel
