// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
/// \file Fat, clean or thin: the room that sole, turf and ball leave, and what a miss does.
#pragma once

#include "wedgeon/lie/lie.h"

namespace wedgeon {

/// How the club comes to the ball. Lengths in metres, angles in radians.
struct SolePass {
    double lowPoint_m = 0.0;       ///< low point ahead of the stance centre
    double ballForward_m = 0.0;    ///< ball ahead of the stance centre
    double radius_m = 1.1;         ///< effective radius
    double loft_rad = 0.0;         ///< built
    double bounce_rad = 0.0;       ///< built
    double dynamicLoft_rad = 0.0;  ///< delivered
    double depth_m = 0.0;          ///< of the sole below the turf at the low point
};

enum class StrikeKind { Fat, Clean, Thin, Topped };

/// The room for a clean strike.
struct StrikeMargin {
    double effectiveBounce_rad = 0.0;  ///< bounce + (dynamic loft - loft)
    double leadingEdge_m = 0.0;        ///< above the sole's lowest point
    double ballContact_m = 0.0;        ///< height above the turf at which the face meets the ball
    double cleanFrom_m = 0.0;          ///< least depth at the low point; shallower is thin
    double cleanTo_m = 0.0;            ///< greatest; deeper is fat, or passes under the ball
    double turfTo_m = 0.0;             ///< greatest that the turf gives, the ball apart
    /// Where a player aims: the middle of the room, and no farther up the face than where all of
    /// the head counts.
    double aim_m = 0.0;
    double room_m() const { return cleanTo_m - cleanFrom_m; }
};

/// What the contact does to the strike.
struct StrikeEffect {
    StrikeKind contact = StrikeKind::Clean;
    double speedKept = 1.0;        ///< share of the club speed that is left
    double frictionKept = 1.0;     ///< share of the friction
    double headShare = 1.0;        ///< of the head's mass that counts
    double dynamicLoft_rad = 0.0;  ///< of what meets the ball: face or leading edge
};

struct StrikeChances {
    double fat = 0.0, clean = 1.0, thin = 0.0;  ///< thin includes topped; they add up to 1
};

/// Scatter of the low point along the line and of the depth (one standard deviation).
struct SoleScatter {
    double lowPoint_m = 0.02;
    double depth_m = 0.004;
};

/// The room for this pass over this lie.
///
/// The sole's lowest point follows y(x) = (x - L)^2/(2R) - depth; the leading edge is
/// 12 mm sin(effective bounce) above it; a ball `sit` above the turf meets a face of dynamic loft l
/// at h = sit + r (1 - sin l). Thin: the edge passes above h. Fat: the sole is deeper in the turf
/// at the ball than the lie gives, g = 3 mm + 0.5 sit + (0.35 mm per degree of effective bounce)/F,
/// or the club passes under: the ball meets the face more than 55 mm up,
/// s = (h - edge + depth)/cos l.
/// \throws RangeError from the lie, or for "dynamic_loft_deg" outside -10-85.
StrikeMargin calcMargin(const SolePass& pass, const Lie& lie);

/// What happens at pass.depth_m.
///
/// Thin: the edge meets the ball at height z above its bottom, so that the strike's normal has the
/// loft asin(1 - z/r), as the face's at the border; friction falls to half within 2 mm. Fat: an
/// excess depth p ploughed over the length s costs 440 p s F' of the speed (at most 70 %), F' the
/// firmness, and friction falls to 0.6 with 4 mm of excess. On firm ground a share
/// 0.8 (F - 0.9)(effective bounce/10 deg), 0 to 0.9, of the excess skids instead and lifts the edge
/// by it. High on the face, at s, the head counts as M/(1 + (max(0, s - 25 mm)/20 mm)^2); beyond
/// 55 mm it passes under and leaves a tenth of the speed within 10 mm more. Priors.
StrikeEffect calcStrikeEffect(const SolePass& pass, const Lie& lie);

/// Chances when the player aims at pass.depth_m with this scatter: exact in depth, 41-point
/// quadrature in the low point.
StrikeChances calcStrikeChances(const SolePass& pass, const Lie& lie, const SoleScatter& scatter);

}  // namespace wedgeon
