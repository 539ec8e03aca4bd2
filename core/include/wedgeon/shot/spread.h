// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
/// \file How sure a prediction is: first-order propagation of what is not known exactly.
#pragma once

namespace wedgeon {

/// Standard deviations of what goes into a prediction. The defaults are priors: how well ball and
/// face friction are known untuned, and how far one swing of an ordinary player is from the next.
struct SpreadSource {
    double frictionShare = 0.10;  ///< of the friction
    double tangentialRestitution = 0.06;
    double tangentialSlope_spm = 0.003;
    double restitution0 = 0.008;
    double groundFirmnessShare = 0.10;
    double groundFrictionShare = 0.12;
    double clubSpeedShare = 0.02;
    double attack_rad = 0.0;
    double dynamicLoft_rad = 0.0;
    double path_rad = 0.0;
    double faceAngle_rad = 0.0;

    enum class Of { Readings, Swings };
    Of of = Of::Swings;

    /// A launch monitor's reading of the club: 0.5 % in speed, about a degree in the angles.
    static SpreadSource measured();
    /// A player's swings around one set-up.
    static SpreadSource swings();
};

/// Half widths of the intervals that hold 80 of 100 shots.
struct Spread {
    double launchAngle_rad = 0.0;
    double spinRate_radps = 0.0;
    double landingAngle_rad = 0.0;
    double carry_m = 0.0;
    double release_m = 0.0;
    double side_m = 0.0;
    double ballSpeed_mps = 0.0;
};

}  // namespace wedgeon
