// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// What a vector of shots asks of a line, one lane at a time. Built once, for every machine, so that
// no build for wide vectors leaves a function here that another machine cannot run.
#pragma once

#include <cstddef>
#include <vector>

#include "wedgeon/ground/terrain.h"

namespace wedgeon::batch {

/// An obstacle where it stands. Its ground is a plane across the line: height + across * z.
struct Standing {
    std::size_t index;  // in the line's own order
    double at_m, height_m, gap_m;
    double ground_m, across;              // under it
    double groundBefore_m, acrossBefore;  // where a ball drops that it stops
};

/// Those of a line, from the ball on.
std::vector<Standing> standingOn(const Terrain& terrain);

/// The ground from here on: height = base + slope * x + across * z.
struct Stretch {
    double from_m;
    double base_m, slope, across;
};
std::vector<Stretch> stretchesOf(const Terrain& terrain);

/// A line as a batch sees it: plain arrays, which any build can read.
struct LineView {
    LineView(const Terrain& terrain, const std::vector<Stretch>& stretches,
             const std::vector<Standing>& standing);

    const Terrain* terrain;
    const Stretch* stretches;
    std::size_t stretchCount;
    const Standing* standing;
    std::size_t standingCount;
    Vec3 normalAtBall;
    /// No ground within \p reach_m of the ball is higher than this plus across times |z|.
    double top_m = 0.0, across = 0.0, reach_m = 0.0;
};

/// A ball as it comes to the ground, and what this sample's ground is times the line's.
struct Landed {
    Vec3 at, velocity, spin;
    double firmer, rougher, faster;
};

/// The zone that it comes down in, up to what stands in the way.
struct Here {
    double firmness, friction, rolling_mps2, springs, from_m, to_m;
    Vec3 normal;
    bool loose, water;
    bool possible;  // the ground's laws hold for this landing
    std::size_t zone;
};
Here zoneOf(const Terrain& terrain, const Landed& landed);

/// The whole run of a ball that leaves its zone.
struct RunAlone {
    Vec3 rest;  // from the landing
    double roll_m;
    double contacts, bitingBounce;
    Vec3 firstVelocity;
    double firstSpin, firstGripped;
    std::size_t zone;
    bool inWater;
};
RunAlone runAlone(const Terrain& terrain, const Landed& landed);

}  // namespace wedgeon::batch
