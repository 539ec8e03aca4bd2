// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// The strike in double precision, and the launch as a monitor shows it.
#include "wedgeon/strike/strike.h"

#include <algorithm>
#include <cmath>

#include "club/face_kernel.h"
#include "strike/strike_kernel.h"
#include "wedgeon/error.h"
#include "wedgeon/units.h"

namespace wedgeon {

double Launch::speed_mps() const {
    return norm(velocity_mps);
}
double Launch::angle_rad() const {
    return std::atan2(velocity_mps.y, std::hypot(velocity_mps.x, velocity_mps.z));
}
double Launch::direction_rad() const {
    return std::atan2(velocity_mps.z, velocity_mps.x);
}
double Launch::spinRate_radps() const {
    return norm(spin_radps);
}
double Launch::spinAxis_rad() const {
    if (spinRate_radps() < 1e-9) return 0.0;
    return std::atan2(-spin_radps.y, spin_radps.z);
}

Launch launchFromAngles(double speed_mps, double angle_rad, double direction_rad,
                        double spinRate_radps, double spinAxis_rad) {
    const Vec3 heading = kernel::normalFromAngles(angle_rad, direction_rad);
    const Vec3 right{-std::sin(direction_rad), 0.0, std::cos(direction_rad)};
    const Vec3 up{0.0, 1.0, 0.0};
    return {speed_mps * heading,
            spinRate_radps * (std::cos(spinAxis_rad) * right - std::sin(spinAxis_rad) * up)};
}

double calcSpinLoft(const Delivery& d) {
    const Vec3 heading = kernel::normalFromAngles(d.attack_rad, d.path_rad);
    const Vec3 normal = faceNormal(d.dynamicLoft_rad, d.faceAngle_rad);
    // atan2 keeps small angles exact where acos would lose half of the digits.
    return std::atan2(norm(cross(heading, normal)), dot(heading, normal));
}

StrikeResult calcStrike(const Delivery& delivery, const Contact& contact, const StrikeLaw& law) {
    delivery.validate();
    requireRange("friction", contact.friction, 0.01, 1.5);
    requireRange("tangential_restitution", contact.tangentialRestitution, -0.5, 1.0);

    const Vec3 heading = kernel::normalFromAngles(delivery.attack_rad, delivery.path_rad);
    const Vec3 normal = faceNormal(delivery.dynamicLoft_rad, delivery.faceAngle_rad);
    StrikeResult result;
    result.spinLoft_rad = calcSpinLoft(delivery);
    requireRange("spin_loft_deg", result.spinLoft_rad, 0.0, radFromDeg(85), degFromRad(1.0));

    auto out = kernel::strike<double>(
        {(delivery.clubSpeed_mps * contact.speedKept) * heading, normal, contact.friction,
         contact.tangentialRestitution, contact.tangentialSlope_spm, law.restitution0,
         law.restitutionSlope_spm, contact.restitutionScale, law.headMass_kg * contact.headShare});
    if (contact.correction) {
        out = kernel::shifted(out, contact.shiftOf(delivery.clubSpeed_mps * contact.speedKept,
                                                   result.spinLoft_rad, out.gripRatio));
    }
    result.launch = {out.velocity, out.spin};
    result.gripRatio = out.gripRatio;
    return result;
}

}  // namespace wedgeon
