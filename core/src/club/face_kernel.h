// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// The geometry of the face for any scalar type; calcFace's docstring has the equations.
#pragma once

#include "wedgeon/vec.h"

namespace wedgeon::kernel {

template <class T>
Vec3T<T> faceNormal(const T& loft, const T& lie, const T& open, const T& lean, const T& tip) {
    using std::atan;
    using std::cos;
    using std::sin;
    using std::tan;
    const Vec3T<T> shaft{T(0), sin(lie), -cos(lie)};
    const Vec3T<T> shaftPlane{T(0), cos(lie), sin(lie)};
    const Vec3T<T> square{cos(loft), sin(loft), T(0)};
    const T leanInPlane = atan(tan(lean) * sin(lie));
    const Vec3T<T> held = rotated(rotated(square, shaft, T(-open)), shaftPlane, T(-leanInPlane));
    return rotated(held, Vec3T<T>{T(1), T(0), T(0)}, tip);
}

template <class T>
Vec3T<T> normalFromAngles(const T& dynamicLoft, const T& faceAngle) {
    using std::cos;
    using std::sin;
    return {cos(dynamicLoft) * cos(faceAngle), sin(dynamicLoft), cos(dynamicLoft) * sin(faceAngle)};
}

}  // namespace wedgeon::kernel
