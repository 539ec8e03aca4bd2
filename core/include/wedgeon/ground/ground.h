// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
/// \file The ball on the ground: bounces, slides, rolls, rests.
#pragma once

#include <array>
#include <cstddef>
#include <vector>

#include "wedgeon/ground/terrain.h"
#include "wedgeon/vec.h"

namespace wedgeon {

/// The ground where the ball lands: one even plane.
struct Ground {
    double firmness = 1.0;     ///< 0.7 soft - 1 ordinary - 1.4 hard; softer counts as 0.7
    double friction = 0.38;    ///< ball on turf: 0.38 dry, 0.24 dewy
    double stimp_ft = 10.0;    ///< green speed in feet
    double slopeAlong = 0.0;   ///< rise over run along the target line; positive rises
    double slopeAcross = 0.0;  ///< positive rises to the right

    /// \throws RangeError naming "ground.firmness" and so on.
    void validate() const;
    /// Deceleration of a rolling ball [m/s^2]: one released at 1.83 m/s rolls stimp_ft feet.
    double rollingResistance_mps2() const;
    /// The same ground with firmness, friction and green speed times a factor, within what a ground
    /// can have.
    Ground scaled(double firmness, double friction, double greenSpeed) const;
    /// The plane, through the first landing.
    Plane plane() const;

    bool operator==(const Ground&) const = default;
};

/// The line's zones on the ground of the day: its green takes firmness, friction and speed from \p
/// day, the rest keeps what its kind has beside an ordinary green.
Line onGround(const Line& line, const Ground& day);
/// The day that the green under the line's flag (or its first one) tells of; \p other where it has
/// none. Without slopes.
Ground groundOf(const Line& line, const Ground& other);

/// One contact with the ground.
struct Bounce {
    Vec3 at_m;  ///< from the first landing
    Vec3 velocityBefore_mps, velocityAfter_mps;
    Vec3 spinAfter_radps;
    bool gripped = false;  ///< the contact point stuck instead of sliding

    /// Speed along the line of travel that it came in with.
    double forwardBefore_mps() const;
    /// What is left of that, negative when it comes back.
    double forwardAfter_mps() const;
    /// The ball lost more than half of its forward speed in it.
    bool checks() const;
};

/// A point of the path over the ground, for drawing.
struct GroundPoint {
    double time_s = 0.0;
    Vec3 position_m;  ///< from the first landing
};

struct GroundResult {
    static constexpr std::size_t keptBounces = 6;

    Vec3 rest_m;             ///< from the first landing
    double release_m = 0.0;  ///< along the target line, negative when it comes back
    double roll_m = 0.0;     ///< along the target line after the last hop (slide and roll)
    int contacts = 0;        ///< the last one, too low to count as a hop, included
    std::array<Bounce, keptBounces> bounces;  ///< the first of them
    double time_s = 0.0;
    bool ranAway = false;  ///< too steep to stop: followed for 100 m and left there
    bool inWater = false;
    std::size_t zone = 0;  ///< of the terrain, where it ended

    std::size_t bouncesKept() const;
};

/// Bounces, slides and rolls the ball to rest.
///
/// After A. R. Penner, "The run of a golf ball", Can. J. Phys. 80 (2002) 931, with another dent and
/// friction (docs/model.md). V_n into the ground, phi from its normal, beta = 90 deg - phi. The
/// dent tilts the normal back against the travel by theta = theta_u (1 + (theta_u/beta)^6)^(-1/6),
/// theta_u = 16 deg F^-0.6 (V_n/13.3 m/s)^0.9 (sin phi/0.70)^3; with normal speed p in that frame
/// e = sqrt(F)(0.510 - 0.0375 p + 0.000903 p^2) for p < 20 m/s (0.8 at most), else 0.120 sqrt(F),
/// times 0.4 in sand. First rolling resistance takes min((a_sigma/g)(1+e)p, |v_t|) of the
/// tangential speed, then the contact point c is stopped by J_t = min(mu/(1 + p/24 m/s) (1+e)p,
/// 2/7 |c|). What would still move into the ground is 0 (plugged). In rough and sand the two
/// together stop the ball at most. Hops are ballistic; below 5 mm of rise the ball slides until it
/// rolls. Above 5 m/s along the ground the air slows it by 0.0103 v^2/m.
/// Valid for firmness 0.7-1.4 and landing speeds up to about 40 m/s.
/// \param velocity_mps,spin_radps of the ball as it lands.
/// \param trace receives the path when given.
/// \throws RangeError from Ground::validate, for "landing_speed_mps" outside 0-60, or for
/// "landing_angle_deg" when the ball leaves the plane by more than 25 degrees.
GroundResult calcRun(const Vec3& velocity_mps, const Vec3& spin_radps, const Ground& ground,
                     std::vector<GroundPoint>* trace = nullptr);

/// The same over a terrain from an absolute landing place: over borders, down banks, into water.
/// Results are relative to the landing.
/// \throws RangeError as calcRun.
GroundResult calcRunOver(const Terrain& terrain, const Vec3& landing_m, const Vec3& velocity_mps,
                         const Vec3& spin_radps, std::vector<GroundPoint>* trace = nullptr);

}  // namespace wedgeon
