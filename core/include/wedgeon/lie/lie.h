// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
/// \file What sits between face and ball: grass, moisture, ball cover and the state of the face.
#pragma once

#include <memory>
#include <span>
#include <string_view>

#include "wedgeon/constants.h"
#include "wedgeon/strike/strike_correction.h"

namespace wedgeon {

enum class BallKind { Soft, Firm, Range };
enum class FaceCondition { FreshDry, WornDry, Dirty, FreshWet, WornWet };

/// A ball's part in the strike; priors of model.md, tunable.
struct BallTraits {
    double friction = 0.40;                ///< sliding friction on a fresh, clean, dry face
    double tangentialRestitution = 0.307;  ///< e_b: of a strike that grips at 30 m/s
};

/// How the ball lies. Defaults are bare, dry, ordinary ground.
struct Lie {
    double cover = 0.0;     ///< grass between face and ball, 0-1
    double moisture = 0.0;  ///< 0 burnt - 1 lush or wet
    double grain_rad =
        0.0;                ///< 0 lies toward the target, pi against, pi/2 to the player's far side
    double sit_m = 0.0;     ///< cushion under the ball
    double firmness = 1.0;  ///< of the ground under the sole: 0.7 soft - 1.4 hard

    /// \throws RangeError naming "lie.cover" and so on.
    void validate() const;

    bool operator==(const Lie&) const = default;
};

/// What ball, face and lie together give the strike.
struct Contact {
    double friction = 0.40;
    double tangentialRestitution = 0.307;  ///< e_b, of a strike at 30 m/s
    double tangentialSlope_spm = constants::tangentialSlope_spm;
    double restitutionScale = 1.0;  ///< on the normal restitution
    double speedKept = 1.0;         ///< share of the club speed that arrives
    double headShare = 1.0;         ///< of the head's mass that counts; less high on the face
    double faceTurn_rad = 0.0;      ///< opening that cross-grain gives the face; negative shuts
    /// What this player's shots show beside the law; null for nothing. And by how many of its own
    /// deviations it is off.
    std::shared_ptr<const StrikeCorrection> correction;
    LaunchShift correctionStray{};

    /// What is added to the law's launch of a strike.
    LaunchShift shiftOf(double clubSpeed_mps, double spinLoft_rad, double gripRatio) const;

    bool operator==(const Contact&) const = default;
};

BallTraits ballTraits(BallKind ball);
/// Factor on the ball's friction, 1 for fresh grooves, clean and dry.
double faceFrictionFactor(FaceCondition face);

/// The laws of model.md, section 3. Friction never falls below 0.08
/// (a lubricated contact), and water counts once: on a wet face the grass's own adds nothing.
/// \throws RangeError from Lie::validate.
Contact calcContact(BallKind ball, FaceCondition face, const Lie& lie);

/// A lie that coaches have a name for, as a prior.
struct NamedLie {
    std::string_view key;   ///< as files and the command line spell it
    std::string_view text;  ///< as a person reads it
    Lie lie;
};
std::span<const NamedLie> namedLies();
/// nullptr when no lie has this key.
const NamedLie* findLie(std::string_view key);

struct NamedBall {
    std::string_view key, text;
    BallKind ball;
};
std::span<const NamedBall> namedBalls();
const NamedBall* findBall(std::string_view key);

struct NamedFace {
    std::string_view key, text;
    FaceCondition face;
};
std::span<const NamedFace> namedFaces();
const NamedFace* findFace(std::string_view key);

}  // namespace wedgeon
