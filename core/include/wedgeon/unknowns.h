// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
/// \file The one table of what is not known before any shot of a player is: standard deviations of
/// the model's parameters about their priors. Tune begins from it, a spread and a simulation play
/// it. "Log" is of a logarithm: about a share.
#pragma once

#include "wedgeon/constants.h"

namespace wedgeon::unknowns {

/// Friction of ball and face, log: what a player's balls, faces and lies have in common (grooves,
/// the sand in them, how a lie is called), and what one of them has beside it.
inline constexpr double commonFriction = 0.20;
inline constexpr double groupFriction = 0.08;
/// Of both together, the root of the sum of squares.
inline constexpr double friction = 0.2154;
/// Tangential restitution of a ball, and how it rises as the strike gets slower (model.md, 4).
inline constexpr double tangentialRestitution = 0.06;
inline constexpr double tangentialSlope_spm = 0.003;
/// Normal restitution: balls run from 0.86 to 0.89; the head's mass and the loss with speed
/// (0.27-0.31 kg, 0.002-0.004 s/m) move the ball's speed like another 0.015 of it.
inline constexpr double restitution0 = 0.02;

/// What a launch monitor reads too much or too little of dynamic loft and attack angle, shot after
/// shot.
inline constexpr double deviceBias_rad = 1.5 * constants::pi / 180.0;
/// Its errors from shot to shot: the club's speed as a share; path, face and attack; dynamic loft.
inline constexpr double readSpeed = 0.005;
inline constexpr double readAngle_rad = 0.7 * constants::pi / 180.0;
inline constexpr double readLoft_rad = 0.8 * constants::pi / 180.0;
/// The same of the ball; where it lies by pacing or by a camera.
inline constexpr double readBallSpeed = 0.003;
inline constexpr double readLaunch_rad = 0.3 * constants::pi / 180.0;
inline constexpr double readSpin = 0.015;
inline constexpr double readAxis_rad = 1.0 * constants::pi / 180.0;
inline constexpr double readCarry = 0.01, readApex = 0.02;
inline constexpr double readLanding_rad = 0.7 * constants::pi / 180.0;
inline constexpr double readRest_m = 0.3;

/// Drag and lift of a ball, log: dimples, and the air's density as it is said.
inline constexpr double drag = 0.06;
inline constexpr double lift = 0.10;

/// The ground as it is said, log: what all days of a place have in common, and a day's own.
inline constexpr double firmness = 0.15, dayFirmness = 0.10;
inline constexpr double groundFriction = 0.15;
inline constexpr double greenSpeed = 0.12, dayGreenSpeed = 0.08;
/// From place to place on one day, for somebody who has played there today.
inline constexpr double placeFirmness = 0.10, placeFriction = 0.12, placeGreenSpeed = 0.03;
/// Of what days have in common and the day's own together.
inline constexpr double anyFirmness = 0.1803, anyGreenSpeed = 0.1442;

}  // namespace wedgeon::unknowns
