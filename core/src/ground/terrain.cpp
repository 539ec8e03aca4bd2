// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Zones, their priors and their planes.
#include "wedgeon/ground/terrain.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <numeric>

#include "wedgeon/error.h"

namespace wedgeon {
namespace {

constexpr std::array<std::string_view, 6> keys{"fairway", "rough", "bunker",
                                               "fringe",  "green", "water"};
constexpr std::array<std::string_view, 3> grains{"across", "with", "into"};
constexpr double bunkerSprings = 0.4;  // of the restitution, in sand

}  // namespace

std::string_view zoneKey(ZoneKind kind) {
    return keys[static_cast<std::size_t>(kind)];
}

bool findZoneKind(std::string_view key, ZoneKind& kind) {
    for (std::size_t i = 0; i < keys.size(); ++i) {
        if (keys[i] == key) {
            kind = static_cast<ZoneKind>(i);
            return true;
        }
    }
    return false;
}

std::string_view grainKey(ZoneGrain grain) {
    return grains[static_cast<std::size_t>(grain)];
}

double grainFactor(ZoneGrain grain) {
    switch (grain) {
        case ZoneGrain::With:
            return 0.88;
        case ZoneGrain::Into:
            return 1.12;
        case ZoneGrain::Across:
            break;
    }
    return 1.0;
}

Zone Zone::of(ZoneKind kind, double length_m, double slopeAlong) {
    Zone z;
    z.kind = kind;
    z.length_m = length_m;
    z.slopeAlong = slopeAlong;
    // Firmness and friction relative to an ordinary green; rolling as the green speed that would
    // give it (fairway about 5 feet, fringe 7), sand and rough far beyond any green.
    switch (kind) {
        case ZoneKind::Fairway:
            z.rolling_mps2 = 1.10;
            break;
        case ZoneKind::Rough:
            z.firmness = 0.8;
            z.friction = 0.25;
            z.rolling_mps2 = 4.0;
            break;
        case ZoneKind::Bunker:
            z.firmness = 0.7;
            z.friction = 0.15;
            z.rolling_mps2 = 6.0;
            break;
        case ZoneKind::Fringe:
            z.rolling_mps2 = 0.785;
            break;
        case ZoneKind::Green:
            z.rolling_mps2 = 0.549;
            break;
        case ZoneKind::Water:
            z.rolling_mps2 = 9.0;
            break;
    }
    return z;
}

void Zone::validate() const {
    requireRange("zone.length_m", length_m, 0.05, 500);
    requireRange("zone.slope_pct", slopeAlong, -0.6, 0.6, 100);
    requireRange("zone.slope_across_pct", slopeAcross, -0.6, 0.6, 100);
    requireRange("zone.firmness", firmness, 0.3, hardestGround);
    requireRange("zone.friction", friction, leastTurfFriction, mostTurfFriction);
    requireRange("zone.rolling_mps2", rolling_mps2, 0.1, 10);
}

void Line::validate() const {
    requireRange("zones", static_cast<double>(zones.size()), 1, mostZones);
    requireRange("obstacles", static_cast<double>(obstacles.size()), 0, mostObstacles);
    for (const Zone& z : zones)
        z.validate();
    for (const Obstacle& o : obstacles) {
        requireRange("obstacle.at_m", o.at_m, 0.0, 500);
        requireRange("obstacle.height_m", o.height_m, 0.0, 60);
        requireRange("obstacle.gap_m", o.gap_m, 0.0, o.height_m);
    }
    if (flag_m) requireRange("flag_m", *flag_m, 0.0, 500);
}

Terrain::Terrain(const Line& line) : obstacles_(line.obstacles) {
    line.validate();
    order_.resize(obstacles_.size());
    std::iota(order_.begin(), order_.end(), std::size_t{0});
    std::stable_sort(order_.begin(), order_.end(), [&](std::size_t a, std::size_t b) {
        return obstacles_[a].at_m < obstacles_[b].at_m;
    });
    double at = 0.0;
    double height = 0.0;
    for (std::size_t i = 0; i < line.zones.size(); ++i) {
        const Zone& z = line.zones[i];
        Plane p;
        if (i > 0) p.from_m = at;
        if (i + 1 < line.zones.size()) p.to_m = at + z.length_m;
        p.originAt_m = at;
        p.height_m = height;
        p.slopeAlong = z.slopeAlong;
        p.slopeAcross = z.slopeAcross;
        p.firmness = std::max(z.firmness, softestGround);
        p.friction =
            std::clamp(z.friction * grainFactor(z.grain), leastTurfFriction, mostTurfFriction);
        p.rolling_mps2 = z.rolling_mps2 * grainFactor(z.grain);
        p.loose = z.kind == ZoneKind::Rough || z.kind == ZoneKind::Bunker;
        p.springs = z.kind == ZoneKind::Bunker ? bunkerSprings : 1.0;
        p.water = z.kind == ZoneKind::Water;
        const Vec3 n{-z.slopeAlong, 1.0, -z.slopeAcross};
        p.normal = (1.0 / norm(n)) * n;
        planes_.push_back(p);
        at += z.length_m;
        height += z.length_m * z.slopeAlong;
    }
}

void Plane::scale(double firmer, double rougher, double faster) {
    firmness = std::clamp(firmness * firmer, softestGround, hardestGround);
    friction = std::clamp(friction * rougher, leastTurfFriction, mostTurfFriction);
    rolling_mps2 /= faster;
}

Terrain Terrain::scaled(double firmness, double friction, double greenSpeed) const {
    Terrain out = *this;
    for (Plane& p : out.planes_)
        p.scale(firmness, friction, greenSpeed);
    return out;
}

std::size_t Terrain::planeAt(double x) const {
    std::size_t i = 0;
    while (i + 1 < planes_.size() && x >= planes_[i].to_m)
        ++i;
    return i;
}

}  // namespace wedgeon
