// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
/// \file A vector in space: x to the target, y up, z to the right of the target line.
#pragma once

#include <cmath>

namespace wedgeon {

/// Three components of one scalar type (double, or a type that carries derivatives).
template <class T>
struct Vec3T {
    T x{}, y{}, z{};

    friend Vec3T operator+(const Vec3T& a, const Vec3T& b) {
        return {a.x + b.x, a.y + b.y, a.z + b.z};
    }
    friend Vec3T operator-(const Vec3T& a, const Vec3T& b) {
        return {a.x - b.x, a.y - b.y, a.z - b.z};
    }
    friend Vec3T operator-(const Vec3T& a) { return {-a.x, -a.y, -a.z}; }
    friend Vec3T operator*(const T& k, const Vec3T& a) { return {k * a.x, k * a.y, k * a.z}; }
    Vec3T& operator+=(const Vec3T& b) { return *this = *this + b; }
    Vec3T& operator-=(const Vec3T& b) { return *this = *this - b; }
};

using Vec3 = Vec3T<double>;

template <class T>
T dot(const Vec3T<T>& a, const Vec3T<T>& b) {
    return a.x * b.x + a.y * b.y + a.z * b.z;
}

template <class T>
Vec3T<T> cross(const Vec3T<T>& a, const Vec3T<T>& b) {
    return {a.y * b.z - a.z * b.y, a.z * b.x - a.x * b.z, a.x * b.y - a.y * b.x};
}

template <class T>
T norm(const Vec3T<T>& a) {
    using std::sqrt;
    return sqrt(dot(a, a));
}

/// Turns \p a about the unit axis \p k by \p angle_rad, right-handed (Rodrigues).
template <class T>
Vec3T<T> rotated(const Vec3T<T>& a, const Vec3T<T>& k, const T& angle_rad) {
    using std::cos;
    using std::sin;
    const T c = cos(angle_rad);
    return c * a + sin(angle_rad) * cross(k, a) + ((T(1) - c) * dot(k, a)) * k;
}

/// The same vector for a left-hander: z changes sign.
template <class T>
Vec3T<T> mirrored(const Vec3T<T>& a) {
    return {a.x, a.y, -a.z};
}

/// The same turn for a left-hander: a turning vector keeps z and changes x and y.
template <class T>
Vec3T<T> mirroredTurn(const Vec3T<T>& a) {
    return {-a.x, -a.y, a.z};
}

}  // namespace wedgeon
