// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// From first landing to rest on one plane: hops, then slide and roll.
#include "wedgeon/ground/ground.h"

#include <algorithm>
#include <cmath>

#include "ground/run_kernel.h"
#include "wedgeon/error.h"
#include "wedgeon/units.h"

namespace wedgeon {
namespace {

/// Writes down what the kernel tells of.
struct Writer {
    static constexpr bool wantsPath = true;
    const Vec3 start;
    GroundResult& result;
    std::vector<GroundPoint>* trace;

    void contact(const Vec3& at, const Vec3& before, const kernel::BounceOut<double>& out) {
        const std::size_t k = count++;
        if (k < GroundResult::keptBounces) {
            result.bounces[k] = {at - start, before, out.velocity, out.spin, out.gripped};
        }
    }
    void point(double time_s, const Vec3& at) {
        const Vec3 from = at - start;
        if (trace) trace->push_back({time_s, from});
    }
    std::size_t count = 0;
};

/// The same without the path.
struct BounceWriter : Writer {
    static constexpr bool wantsPath = false;
};

void requireLanding(const Vec3& velocity_mps, const Vec3& spin_radps, const Vec3& normal) {
    const double speed = norm(velocity_mps);
    requireRange("landing_speed_mps", speed, 0.0, kernel::fastestLanding_mps);
    requireRange("landing_spin_rpm", norm(spin_radps), 0.0, radpsFromRpm(20000), rpmFromRadps(1.0));
    if (speed > 0.0) {
        requireRange("landing_angle_deg", std::asin(kernel::sineInto(velocity_mps, normal, speed)),
                     -kernel::mostSkim_rad, constants::pi / 2, degFromRad(1.0));
    }
}

GroundResult runOver(std::span<const Plane> planes, std::span<const Obstacle> obstacles,
                     std::size_t plane, const Vec3& at, const Vec3& velocity_mps,
                     const Vec3& spin_radps, std::vector<GroundPoint>* trace) {
    requireLanding(velocity_mps, spin_radps, planes[plane].normal);
    GroundResult result;
    if (trace) trace->clear();
    const auto run = [&](auto writer) {
        return kernel::Run<double, decltype(writer)>(planes, obstacles, plane, at, velocity_mps,
                                                     spin_radps, writer)
            .run();
    };
    const kernel::RunEnd<double> end =
        trace ? run(Writer{at, result, trace}) : run(BounceWriter{{at, result, nullptr}});
    result.rest_m = end.rest - at;
    result.release_m = result.rest_m.x;
    result.roll_m = end.rest.x - end.hoppedTo;
    result.contacts = end.contacts;
    result.time_s = end.time;
    result.ranAway = end.ranAway;
    result.inWater = end.inWater;
    result.zone = end.plane;
    return result;
}

}  // namespace

void Ground::validate() const {
    requireRange("ground.firmness", firmness, 0.3, hardestGround);
    requireRange("ground.friction", friction, leastTurfFriction, mostTurfFriction);
    requireRange("ground.stimp_ft", stimp_ft, 1, 20);
    requireRange("ground.slope_pct", slopeAlong, -0.4, 0.4, 100);
    requireRange("ground.slope_across_pct", slopeAcross, -0.4, 0.4, 100);
}

double Ground::rollingResistance_mps2() const {
    constexpr double v = constants::greenSpeedRelease_mps;
    return v * v / (2.0 * constants::metresPerFoot * stimp_ft);
}

Ground Ground::scaled(double firmer, double rougher, double faster) const {
    Ground g = *this;
    g.firmness =
        std::clamp(std::max(firmness, softestGround) * firmer, softestGround, hardestGround);
    g.friction = std::clamp(friction * rougher, leastTurfFriction, mostTurfFriction);
    g.stimp_ft = std::clamp(stimp_ft * faster, slowestGreen_ft, fastestGreen_ft);
    return g;
}

Plane Ground::plane() const {
    Plane p;
    p.slopeAlong = slopeAlong;
    p.slopeAcross = slopeAcross;
    p.firmness = std::max(firmness, softestGround);
    p.friction = friction;
    p.rolling_mps2 = rollingResistance_mps2();
    const Vec3 n{-slopeAlong, 1.0, -slopeAcross};
    p.normal = (1.0 / norm(n)) * n;
    return p;
}

Line onGround(const Line& line, const Ground& day) {
    const Ground ordinary;
    const double slows = day.rollingResistance_mps2() / ordinary.rollingResistance_mps2();
    Line out = line;
    for (Zone& z : out.zones) {
        const Zone kind = Zone::of(z.kind, z.length_m);
        const bool cut = z.kind == ZoneKind::Green || z.kind == ZoneKind::Fringe;
        z.firmness = std::clamp(kind.firmness * day.firmness, softestGround, hardestGround);
        z.friction = std::clamp(kind.friction * day.friction / ordinary.friction, leastTurfFriction,
                                mostTurfFriction);
        z.rolling_mps2 = z.kind == ZoneKind::Green ? day.rollingResistance_mps2()
                         : cut                     ? kind.rolling_mps2 * slows
                                                   : kind.rolling_mps2;
    }
    return out;
}

Ground groundOf(const Line& line, const Ground& other) {
    const Zone* green = nullptr;
    double at = 0.0;
    for (const Zone& z : line.zones) {
        const bool holdsFlag = line.flag_m && *line.flag_m >= at && *line.flag_m <= at + z.length_m;
        if (z.kind == ZoneKind::Green && (!green || holdsFlag)) green = &z;
        at += z.length_m;
    }
    if (!green) return other;
    Ground out;
    out.firmness = green->firmness;
    out.friction = green->friction;
    constexpr double v = constants::greenSpeedRelease_mps;
    out.stimp_ft =
        std::clamp(v * v / (2.0 * constants::metresPerFoot * green->rolling_mps2), 1.0, 20.0);
    return out;
}

double Bounce::forwardBefore_mps() const {
    return std::hypot(velocityBefore_mps.x, velocityBefore_mps.z);
}

double Bounce::forwardAfter_mps() const {
    const double before = forwardBefore_mps();
    if (before < 1e-9) return std::hypot(velocityAfter_mps.x, velocityAfter_mps.z);
    return (velocityAfter_mps.x * velocityBefore_mps.x +
            velocityAfter_mps.z * velocityBefore_mps.z) /
           before;
}

bool Bounce::checks() const {
    return forwardAfter_mps() < 0.5 * forwardBefore_mps();
}

std::size_t GroundResult::bouncesKept() const {
    return std::min(static_cast<std::size_t>(contacts), keptBounces);
}

GroundResult calcRun(const Vec3& velocity_mps, const Vec3& spin_radps, const Ground& ground,
                     std::vector<GroundPoint>* trace) {
    ground.validate();
    const Plane plane = ground.plane();
    return runOver(std::span(&plane, 1), {}, 0, {}, velocity_mps, spin_radps, trace);
}

GroundResult calcRunOver(const Terrain& terrain, const Vec3& landing_m, const Vec3& velocity_mps,
                         const Vec3& spin_radps, std::vector<GroundPoint>* trace) {
    return runOver(terrain.planes(), terrain.obstacles(), terrain.planeAt(landing_m.x), landing_m,
                   velocity_mps, spin_radps, trace);
}

}  // namespace wedgeon
