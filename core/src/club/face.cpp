// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Face geometry in double precision, with its limits.
#include "wedgeon/club/face.h"

#include <algorithm>

#include "club/face_kernel.h"
#include "wedgeon/error.h"
#include "wedgeon/units.h"

namespace wedgeon {

void Wedge::validate() const {
    const double deg = degFromRad(1.0);
    requireRange("loft_deg", loft_rad, radFromDeg(5), radFromDeg(80), deg);
    requireRange("lie_deg", lie_rad, radFromDeg(45), radFromDeg(80), deg);
    requireRange("bounce_deg", bounce_rad, radFromDeg(-5), radFromDeg(30), deg);
}

void FaceHold::validate() const {
    const double deg = degFromRad(1.0);
    requireRange("face_open_deg", open_rad, radFromDeg(-60), radFromDeg(60), deg);
    requireRange("lean_deg", lean_rad, radFromDeg(-45), radFromDeg(45), deg);
    requireRange("tip_deg", tip_rad, radFromDeg(-25), radFromDeg(25), deg);
}

FaceAim calcFace(const Wedge& wedge, const FaceHold& hold) {
    wedge.validate();
    hold.validate();
    FaceAim aim;
    aim.normal = kernel::faceNormal(wedge.loft_rad, wedge.lie_rad, hold.open_rad, hold.lean_rad,
                                    hold.tip_rad);
    aim.dynamicLoft_rad = std::asin(std::clamp(aim.normal.y, -1.0, 1.0));
    aim.faceAngle_rad = std::atan2(aim.normal.z, aim.normal.x);
    return aim;
}

Vec3 faceNormal(double dynamicLoft_rad, double faceAngle_rad) {
    return kernel::normalFromAngles(dynamicLoft_rad, faceAngle_rad);
}

}  // namespace wedgeon
