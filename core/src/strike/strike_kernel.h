// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// The strike for any scalar type; calcStrike's docstring has the equations.
#pragma once

#include <array>

#include "wedgeon/constants.h"
#include "wedgeon/vec.h"

namespace wedgeon::kernel {

template <class T>
struct StrikeIn {
    Vec3T<T> club;    // velocity of the head
    Vec3T<T> normal;  // of the face
    T friction;
    T tangential, tangentialSlope;  // restitution at tangentialAt_mps, and its gain below
    T restitution0, restitutionSlope, restitutionScale, headMass;
};

template <class T>
struct StrikeOut {
    Vec3T<T> velocity, spin;
    T gripRatio;
};

template <class T>
StrikeOut<T> strike(const StrikeIn<T>& in) {
    using std::pow;
    using std::sqrt;
    constexpr double m = constants::ballMass_kg;
    constexpr double r = constants::ballRadius_m;
    constexpr double alpha = constants::strikeInertia;

    const T vn = dot(in.club, in.normal);
    const Vec3T<T> vt = in.club - vn * in.normal;
    // A central strike has no tangential part; the tiny floor keeps its direction defined.
    const T u = sqrt(dot(vt, vt) + 1e-24);
    const T massRatio = m / in.headMass;
    const T e = in.restitutionScale * (in.restitution0 - in.restitutionSlope * vn);
    const T jn = m * vn * (1.0 + e) / (1.0 + massRatio);
    T et = in.tangential + in.tangentialSlope * (constants::tangentialAt_mps - vn);
    if (et < 0.0) et = T(0.0);
    if (et > constants::mostTangential) et = T(constants::mostTangential);
    const T jg = (1.0 + et) * m * u / (1.0 + 1.0 / alpha + massRatio);
    const T ratio = jg / (in.friction * jn);
    const T r2 = ratio * ratio;
    const T jt = jg * pow(1.0 + r2 * r2 * r2, -1.0 / 6.0);

    StrikeOut<T> out;
    const Vec3T<T> impulse = (jt / u) * vt;
    out.velocity = T(1.0 / m) * (jn * in.normal + impulse);
    out.spin = T(-1.0 / (alpha * m * r)) * cross(in.normal, impulse);
    out.gripRatio = ratio;
    return out;
}

/// A launch that is faster, higher and spins more by this (logarithm, angle, logarithm).
template <class T>
StrikeOut<T> shifted(const StrikeOut<T>& in, const std::array<T, 3>& by) {
    using std::cos;
    using std::exp;
    using std::sin;
    using std::sqrt;
    const Vec3T<T>& v = in.velocity;
    const T level = sqrt(v.x * v.x + v.z * v.z + 1e-24);
    const T faster = exp(by[0]), sine = sin(by[1]), cosine = cos(by[1]);
    const T along = faster * (cosine - v.y / level * sine);
    StrikeOut<T> out = in;
    out.velocity = {along * v.x, faster * (cosine * v.y + sine * level), along * v.z};
    out.spin = exp(by[2]) * in.spin;
    return out;
}

}  // namespace wedgeon::kernel
