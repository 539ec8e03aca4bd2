// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// A batch's questions about a line.
#include "batch/over.h"

#include <algorithm>
#include <cmath>

#include "ground/run_kernel.h"
#include "wedgeon/shot/behaviour.h"

namespace wedgeon::batch {
namespace {

Plane scaledPlane(Plane p, const Landed& landed) {
    p.scale(landed.firmer, landed.rougher, landed.faster);
    return p;
}

/// Keeps what a batch tells of a run.
struct Teller {
    static constexpr bool wantsPath = false;
    RunAlone& out;
    int count = 0;

    void contact(const Vec3&, const Vec3& before, const kernel::BounceOut<double>& bounce) {
        ++count;
        if (count == 1) {
            out.firstVelocity = bounce.velocity;
            out.firstSpin = bounce.spin.z;
            out.firstGripped = bounce.gripped ? 1.0 : 0.0;
        }
        if (count > static_cast<int>(GroundResult::keptBounces) || out.bitingBounce > 0) return;
        const Bounce b{{}, before, bounce.velocity, {}, false};
        if (b.checks() && b.forwardAfter_mps() < BehaviourThresholds::bites_mps)
            out.bitingBounce = count;
    }
    void point(double, const Vec3&) {}
};

}  // namespace

std::vector<Standing> standingOn(const Terrain& terrain) {
    std::vector<Standing> out;
    const auto ground = [&](double x) { return terrain.height(x, 0.0); };
    const auto across = [&](double x) { return terrain.planes()[terrain.planeAt(x)].slopeAcross; };
    for (const std::size_t i : terrain.obstaclesInOrder()) {
        const Obstacle& o = terrain.obstacles()[i];
        if (o.at_m <= 0.0) continue;
        const double before = o.at_m - stoppedBefore_m;
        out.push_back({i, o.at_m, o.height_m, o.gap_m, ground(o.at_m), across(o.at_m),
                       ground(before), across(before)});
    }
    return out;
}

std::vector<Stretch> stretchesOf(const Terrain& terrain) {
    std::vector<Stretch> out;
    for (const Plane& p : terrain.planes())
        out.push_back(
            {p.from_m, p.height_m - p.slopeAlong * p.originAt_m, p.slopeAlong, p.slopeAcross});
    return out;
}

LineView::LineView(const Terrain& line, const std::vector<Stretch>& ground,
                   const std::vector<Standing>& obstacles)
    : terrain(&line),
      stretches(ground.data()),
      stretchCount(ground.size()),
      standing(obstacles.data()),
      standingCount(obstacles.size()) {
    const auto planes = line.planes();
    normalAtBall = planes[line.planeAt(0.0)].normal;
    reach_m = (planes.size() > 1 ? planes.back().from_m : 0.0) + 40.0;
    for (const Plane& p : planes) {
        for (const double x : {std::max(p.from_m, 0.0), std::min(p.to_m, reach_m)})
            top_m = std::max(top_m, p.height(x, 0.0));
        across = std::max(across, std::abs(p.slopeAcross));
    }
}

Here zoneOf(const Terrain& terrain, const Landed& landed) {
    const std::size_t i = terrain.planeAt(landed.at.x);
    const Plane p = scaledPlane(terrain.planes()[i], landed);
    // Up to whatever stands in the way.
    double from = p.from_m, to = p.to_m;
    for (const Obstacle& o : terrain.obstacles()) {
        if (o.at_m >= landed.at.x) to = std::min(to, o.at_m);
        if (o.at_m <= landed.at.x) from = std::max(from, o.at_m);
    }
    return {p.firmness,
            p.friction,
            p.rolling_mps2,
            p.springs,
            from,
            to,
            p.normal,
            p.loose,
            p.water,
            kernel::canLand(landed.velocity, p.normal),
            i};
}

RunAlone runAlone(const Terrain& terrain, const Landed& landed) {
    std::vector<Plane> planes;
    planes.reserve(terrain.planes().size());
    for (const Plane& p : terrain.planes())
        planes.push_back(scaledPlane(p, landed));
    RunAlone out{};
    Teller teller{out};
    const kernel::RunEnd<double> end =
        kernel::Run<double, Teller>(planes, terrain.obstacles(), terrain.planeAt(landed.at.x),
                                    landed.at, landed.velocity, landed.spin, teller)
            .run();
    out.rest = end.rest - landed.at;
    out.roll_m = end.rest.x - end.hoppedTo;
    out.contacts = end.contacts;
    out.zone = end.plane;
    out.inWater = end.inWater;
    return out;
}

}  // namespace wedgeon::batch
