// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
/// \file How sure a prediction is: what is not known exactly, played.
#pragma once

#include "wedgeon/delivery/scatter.h"
#include "wedgeon/unknowns.h"

namespace wedgeon {

/// Standard deviations of what goes into a prediction: unknowns.h, and how far one swing of an
/// ordinary player, or one reading of a device, is from the truth. "Log" is of a logarithm.
struct SpreadSource {
    double friction = unknowns::friction;  ///< log
    double tangentialRestitution = unknowns::tangentialRestitution;
    double tangentialSlope_spm = unknowns::tangentialSlope_spm;
    double restitution0 = unknowns::restitution0;
    double drag = unknowns::drag, lift = unknowns::lift;  ///< log
    double firmness = unknowns::anyFirmness;              ///< log, as are the next two
    double groundFriction = unknowns::groundFriction;
    double greenSpeed = unknowns::anyGreenSpeed;
    /// How much of what is not known of a player's own correction of the law is played: 1 or 0.
    double law = 1.0;
    /// Of the device, where the club was read.
    double loftBias_rad = 0.0, attackBias_rad = 0.0;
    /// Of a swing about its set-up, or of a reading about the club; of Scatter those up to Loft.
    PlayerScatter club;

    enum class Of { Readings, Swings };
    Of of = Of::Swings;

    /// All is known: a source to begin from.
    static SpreadSource none();
    /// What is left to somebody who has hit such shots, and stands on this ground: his distances
    /// hold his ball and his air, and he has seen how the day's greens run. This lie's friction,
    /// and the day's ground from place to place.
    static SpreadSource practised();
    /// The parameters as they are, the club exactly so.
    SpreadSource withClub(double speedShare, double loft_rad = 0.0) const;
    /// A launch monitor's reading of the club.
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
    /// Of the release, each side by itself: the same as release_m where it was not played.
    double releaseBelow_m = 0.0, releaseAbove_m = 0.0;
};

/// The run's own interval, which is lopsided where a ball may bite or skip: one in ten rests before
/// it and one in ten beyond it.
struct RunBand {
    double low_m = 0.0, high_m = 0.0;
};

}  // namespace wedgeon
