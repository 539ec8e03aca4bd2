// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
/// \file What the set-up does to the strike: attack, path, lean and face from stance and swing.
#pragma once

#include "wedgeon/club/face.h"

namespace wedgeon {

enum class Release { Hold, Ordinary, Rotate };
/// How the weight got onto the lead foot. Only the whole body takes the swing's centre with it.
enum class WeightBy { WholeBody, LowerBody };
/// The line that the player swings along.
enum class SwingAlong { Target, Between, Body };

/// How a player sets up and swings, in a right-hander's terms. The defaults are an ordinary pitch.
struct Recipe {
    double open_rad = 0.0;         ///< face opened before gripping
    double handTurn_rad = 0.0;     ///< opened by turning the hands on the grip; comes back square
    double lean_rad = 0.0;         ///< shaft lean with the ball in the middle; hands ahead is +
    double ballForward_m = 0.0;    ///< ball ahead of the stance centre; one ball is 4.27 cm
    double weightLead_pct = 55.0;  ///< weight on the lead foot, per cent
    double swingRadius_m = 1.1;    ///< effective radius: 0.8 chop, 1.1 ordinary, 1.5 brush
    double clubSpeed_mps = 15.0;   ///< head speed at full grip, before the lie takes its part
    double standFarther_m = 0.0;   ///< farther from the ball than the lie angle asks for
    double handleRaised_m = 0.0;   ///< hands higher than usual, toe down
    double gripDown_m = 0.0;       ///< hands down the grip
    double bodyLine_rad = 0.0;     ///< hips and shoulders aim here; positive is right (closed)
    /// Feet turned against that line; positive is right. The swing follows the shoulders: this law
    /// knows of nothing that the feet alone change at the strike.
    double feetTurn_rad = 0.0;
    Release release = Release::Ordinary;
    WeightBy weightBy = WeightBy::WholeBody;
    SwingAlong swingAlong = SwingAlong::Target;

    /// \throws RangeError naming the field as the command line spells it.
    void validate() const;

    bool operator==(const Recipe&) const = default;
};

/// The club at the strike, in the frame of the world (right is right for both hands).
struct Delivery {
    double clubSpeed_mps = 0.0;
    double attack_rad = 0.0;  ///< negative is down
    double path_rad = 0.0;    ///< positive is to the right
    double dynamicLoft_rad = 0.0;
    double faceAngle_rad = 0.0;  ///< positive is to the right

    /// \throws RangeError; speed 0.5-60 m/s, attack -40-20, path -60-60, face -180-180, loft -10-85
    /// deg.
    void validate() const;
};

/// What the set-up makes of the swing before the lie has its say (right-hander).
struct Swing {
    Delivery delivery;
    double lowPoint_m = 0.0;  ///< low point ahead of the stance centre
    double radius_m = 1.1;    ///< effective radius, gripping down taken off
    double plane_rad = 0.0;   ///< delivered lie angle: inclination of the swing's plane
    double tip_rad = 0.0;     ///< delivered less built lie angle; positive is toe down
    double deliveredLean_rad = 0.0;
    double faceTurn_rad = 0.0;  ///< total opening about the shaft at the strike, release included
    double addressFace_rad = 0.0;  ///< where the face looks at address, hands' turn included
};

/// Closing of the face through the strike by each release style [rad]; a prior, see docs/model.md.
double releaseClosing_rad(Release release);

/// Delivery from set-up (a right-hander's).
///
/// Low point L = 2 cm + 0.35 cm per % of lead-side weight above 50 when the whole body brings it
/// there (2 cm when the lower body alone does); ball position b; attack alpha = -asin((L - b)/R),
/// R less what is gripped down. Hands h = 0.75 m + raised above the ball and h/tan(lie) + farther
/// from it set the plane psi; the club is tipped by psi - lie. Hitting before the low point on that
/// plane sends the path right by asin(tan|alpha|/tan psi), to which the swing line adds all, half
/// or none of the body line. Moving the ball back with the hands left in place adds lean
/// atan(-b/0.75 m). Gripping down g costs g/1.6 m of the speed. A face turned open by the hands on
/// the grip comes back: it shows at address only. \p extraTurn_rad opens the face further about
/// the shaft (what the lie does to it). Priors for an unknown player; his own come from data.
/// \throws RangeError from the parts, or for "ball_forward_balls" where the swing cannot reach it.
Swing calcSwing(const Wedge& wedge, const Recipe& recipe, double extraTurn_rad = 0.0);
/// The same of a set-up as a known player delivers it, which nobody has entered: only the reach of
/// the swing limits it.
Swing calcDeliveredSwing(const Wedge& wedge, const Recipe& delivered, double extraTurn_rad);

/// What opening the face and leaning the shaft do to the loft that meets the ball, the rest of the
/// set-up left as it is.
struct PlayedLoft {
    double byOpening_rad = 0.0;  ///< what the opening adds
    double byLean_rad = 0.0;     ///< what the delivered lean adds; hands ahead take some off
    double playsAs_rad = 0.0;    ///< the wedge's own loft with both
};
/// 	hrows RangeError where a part of the set-up is outside the model without the other.
PlayedLoft findPlayedLoft(const Wedge& wedge, const Recipe& delivered, double extraTurn_rad = 0.0);

/// Ball positions that the swing can meet: attack -40 to 20 degrees.
struct BallReach {
    double back_m = 0.0, forward_m = 0.0;
};
BallReach ballReach(const Recipe& recipe);

/// The opening before gripping that makes the face look at \p faceAngle_rad at the strike, within
/// 60 degrees either way (a right-hander's). The nearest end when none does.
double findOpening(const Wedge& wedge, const Recipe& recipe, double faceAngle_rad,
                   double extraTurn_rad = 0.0);

}  // namespace wedgeon
