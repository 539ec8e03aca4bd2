// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// One contact with turf for any scalar type; calcRun's docstring has the equations.
#pragma once

#include "wedgeon/constants.h"
#include "wedgeon/units.h"
#include "wedgeon/vec.h"

namespace wedgeon::kernel {

template <class T>
struct BounceOut {
    Vec3T<T> velocity, spin;
    bool gripped;
};

template <class T>
BounceOut<T> bounce(const Vec3T<T>& v, const Vec3T<T>& spin, const Vec3T<T>& normal,
                    const T& firmness, const T& friction, const T& rollingResistance) {
    using std::atan2;
    using std::cos;
    using std::sin;
    using std::sqrt;
    constexpr double r = constants::ballRadius_m;
    constexpr double tiny = 1e-18;  // keeps directions of vanishing vectors defined

    const T into = -dot(v, normal);
    const Vec3T<T> along = v + into * normal;
    const T alongSpeed = sqrt(dot(along, along) + tiny);
    const T speed = sqrt(into * into + alongSpeed * alongSpeed);
    const T phi = atan2(alongSpeed, into);
    const T dent = (radFromDeg(15.4) / firmness) * (speed / 18.6) * (phi / radFromDeg(44.4));
    const Vec3T<T> n = cos(dent) * normal - (sin(dent) / alongSpeed) * along;

    const T p = -dot(v, n);
    const T rootF = sqrt(firmness);
    T e = rootF * 0.120;
    if (p < 20.0) {
        e = rootF * (0.510 - 0.0375 * p + 0.000903 * p * p);
        if (e > 0.8) e = T(0.8);
    }
    const T normalImpulse = (1.0 + e) * p;  // per unit of mass, as all impulses here

    Vec3T<T> vt = v + p * n;
    const Vec3T<T> contact = vt - T(r) * cross(spin, n);
    const T slip = sqrt(dot(contact, contact) + tiny);
    const bool gripped = !(friction * normalImpulse < slip * (2.0 / 7.0));
    const T stop = gripped ? T(slip * (2.0 / 7.0)) : T(friction * normalImpulse);
    const Vec3T<T> impulse = (-stop / slip) * contact;
    vt += impulse;
    Vec3T<T> w = spin - T(5.0 / (2.0 * r)) * cross(n, impulse);

    const T vtSpeed = sqrt(dot(vt, vt) + tiny);
    T loss = (rollingResistance / constants::gravity_mps2) * normalImpulse;
    if (loss > vtSpeed) loss = vtSpeed;
    const Vec3T<T> lost = (loss / vtSpeed) * vt;
    vt -= lost;
    if (gripped) w -= T(1.0 / r) * cross(n, lost);
    return {vt + (e * p) * n, w, gripped};
}

}  // namespace wedgeon::kernel
