// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
/// \file The real line from ball to flag: zones of ground with slopes, and what stands in the way.
#pragma once

#include <cstddef>
#include <limits>
#include <optional>
#include <span>
#include <string>
#include <string_view>
#include <vector>

#include "wedgeon/vec.h"

namespace wedgeon {

enum class ZoneKind { Fairway, Rough, Bunker, Fringe, Green, Water };
std::string_view zoneKey(ZoneKind kind);
/// \return false when no kind has this key.
bool findZoneKind(std::string_view key, ZoneKind& kind);

/// How the grass of a zone lies for a ball that runs away from the player.
enum class ZoneGrain { Across, With, Into };
std::string_view grainKey(ZoneGrain grain);
/// Factor on friction and rolling resistance: 0.88 with, 1.12 into. A prior.
double grainFactor(ZoneGrain grain);

/// Softest ground that the laws of the bounce cover; softer counts as this.
inline constexpr double softestGround = 0.7;
inline constexpr double hardestGround = 2.0;
inline constexpr double leastTurfFriction = 0.05, mostTurfFriction = 1.0;
/// What a green can be called, feet.
inline constexpr double slowestGreen_ft = 1.0, fastestGreen_ft = 20.0;

/// A stretch of ground along the target line. Slopes are rise over run: along, positive rises away
/// from the ball; across, positive rises to the right.
struct Zone {
    ZoneKind kind = ZoneKind::Green;
    double length_m = 10.0;  ///< the last zone of a terrain goes on for ever
    double slopeAlong = 0.0;
    double slopeAcross = 0.0;
    double firmness = 1.0;
    double friction = 0.38;
    double rolling_mps2 = 0.55;  ///< deceleration of a rolling ball
    std::string name;            ///< as the coach calls it; may be empty
    ZoneGrain grain = ZoneGrain::Across;

    /// Priors of a kind: firmness, friction and rolling resistance.
    static Zone of(ZoneKind kind, double length_m, double slopeAlong = 0.0);
    /// \throws RangeError; length 0.05-500 m, slopes -60-60 % (the ground's limits else).
    void validate() const;
    bool operator==(const Zone&) const = default;
};

/// Something with a height that flight and run must clear, at one distance.
struct Obstacle {
    double at_m = 0.0;
    double height_m = 0.0;  ///< above the ground there
    std::string name;
    double gap_m = 0.0;  ///< open below up to here, as under branches

    /// By how much a ball \p above_m the ground there goes over or under it; less than 0: it does
    /// not.
    double clearance(double above_m) const {
        const double over = above_m - height_m;
        const double under = gap_m > 0.0 ? gap_m - above_m : over;
        return over > under ? over : under;
    }
    bool operator==(const Obstacle&) const = default;
};

/// A prior: of what it does not clear a ball brings a tenth of its speed back.
inline constexpr double givenBack = 0.1;

/// A ball that an obstacle stops drops so far in front of it.
inline constexpr double stoppedBefore_m = 0.02;

/// The real line from ball to flag as it is said: a plain value.
struct Line {
    static constexpr std::size_t mostZones = 64, mostObstacles = 64;

    std::string name;
    std::vector<Zone> zones;  ///< end to end from the ball; the last goes on for ever
    std::vector<Obstacle> obstacles;
    std::optional<double> flag_m;  ///< along the line

    /// \throws RangeError for no zone, more than 64 of either, an obstacle or a flag outside 0-500
    /// m (heights to 60 m, the gap below it), or a zone's own numbers.
    void validate() const;
    bool operator==(const Line&) const = default;
};

/// One plane of ground as the ball meets it.
struct Plane {
    double from_m = -std::numeric_limits<double>::infinity();
    double to_m = std::numeric_limits<double>::infinity();
    double height_m = 0.0;  ///< at from_m (at 0 for the first) on the target line
    double originAt_m = 0.0;
    double slopeAlong = 0.0, slopeAcross = 0.0;
    double firmness = 1.0, friction = 0.38, rolling_mps2 = 0.55;
    double springs = 1.0;  ///< factor on the normal restitution
    bool loose = false;    ///< gives way: stops the ball at most, never sends it back
    bool water = false;
    Vec3 normal{0.0, 1.0, 0.0};

    /// Firmness, friction and green speed times a factor, within what a zone can have.
    void scale(double firmer, double rougher, double faster);

    double height(double x, double z) const {
        return height_m + slopeAlong * (x - originAt_m) + slopeAcross * z;
    }
};

/// Zones laid end to end from the ball, whose own height is 0. Across slopes meet at the target
/// line: beside it neighbouring zones of different across slope leave a step, which a ball takes as
/// a wall or a drop.
class Terrain {
public:
    /// \throws RangeError from Line::validate.
    explicit Terrain(const Line& line);

    /// The same ground with every firmness, friction and green speed times a factor.
    Terrain scaled(double firmness, double friction, double greenSpeed) const;

    const std::vector<Obstacle>& obstacles() const { return obstacles_; }
    /// Their numbers from the ball on.
    const std::vector<std::size_t>& obstaclesInOrder() const { return order_; }
    std::span<const Plane> planes() const { return planes_; }
    std::size_t planeAt(double x) const;
    double height(double x, double z) const { return planes_[planeAt(x)].height(x, z); }

private:
    std::vector<Obstacle> obstacles_;
    std::vector<std::size_t> order_;
    std::vector<Plane> planes_;
};

}  // namespace wedgeon
