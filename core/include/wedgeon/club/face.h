// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
/// \file Where the face looks: loft, lie angle, opening and shaft lean. Pure geometry, exact.
#pragma once

#include "wedgeon/vec.h"

namespace wedgeon {

/// A wedge as it is built. Angles in radians.
struct Wedge {
    double loft_rad = 0.0;
    double lie_rad = 0.0;     ///< angle between shaft and ground when soled
    double bounce_rad = 0.0;  ///< angle of the sole below the leading edge

    /// \throws RangeError outside loft 5-80, lie 45-80, bounce -5-30 degrees.
    void validate() const;

    bool operator==(const Wedge&) const = default;
};

/// How the face is held, for a right-hander.
struct FaceHold {
    double open_rad = 0.0;  ///< turn about the shaft before gripping; positive is open
    double lean_rad = 0.0;  ///< shaft lean seen face-on; positive is hands ahead
    double tip_rad = 0.0;   ///< handle raised, so that the toe points down; positive is toe down

    /// \throws RangeError outside -60 to 60 degrees open, -45 to 45 lean, -25 to 25 tip.
    void validate() const;
};

/// Where the face looks at the strike.
struct FaceAim {
    Vec3 normal;                   ///< unit normal of the face
    double dynamicLoft_rad = 0.0;  ///< asin n_y
    double faceAngle_rad = 0.0;    ///< atan2(n_z, n_x), positive to the right
};

/// The face's normal from the club and the way it is held.
///
/// Shaft s = (0, sin lambda, -cos lambda); square soled normal n = (cos l, sin l, 0). Opening by
/// gamma turns n about s by -gamma; leaning by delta (seen face-on) turns it about the normal of
/// the shaft plane (0, cos lambda, sin lambda) by -delta', tan delta' = tan delta sin lambda;
/// raising the handle turns the whole club about x by tau, toe down. Right-hander's frame; a
/// left-hander mirrors the result. \throws RangeError from Wedge::validate and FaceHold::validate.
FaceAim calcFace(const Wedge& wedge, const FaceHold& hold);

/// The unit normal that has these two angles.
Vec3 faceNormal(double dynamicLoft_rad, double faceAngle_rad);

}  // namespace wedgeon
