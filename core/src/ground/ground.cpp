// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// From first landing to rest on one plane: hops, then slide and roll.
#include "wedgeon/ground/ground.h"

#include <algorithm>
#include <cmath>

#include "ground/bounce_kernel.h"
#include "wedgeon/error.h"
#include "wedgeon/units.h"

namespace wedgeon {
namespace {

constexpr double g = constants::gravity_mps2;
constexpr double r = constants::ballRadius_m;
constexpr double lowestHop_m = 0.005;
constexpr int mostBounces = 400;
constexpr double farthestRun_m = 100.0;
constexpr double longestStep_s = 0.05;

/// The ball on its way over the plane, with what is written down of it.
class Runner {
public:
    Runner(const Vec3& velocity, const Vec3& spin, const Ground& ground,
           std::vector<GroundPoint>* trace)
        : ground_(ground),
          normal_(ground.normal()),
          resistance_(ground.rollingResistance_mps2()),
          trace_(trace),
          velocity_(velocity),
          spin_(spin) {
        const Vec3 gravity{0.0, -g, 0.0};
        downhill_ = gravity - dot(gravity, normal_) * normal_;
        if (trace_) trace_->clear();
        record();
    }

    GroundResult run() {
        hop();
        const double hopped_m = position_.x;
        if (!tooFar()) slide();
        if (!tooFar()) roll();
        result_.ranAway = result_.ranAway || tooFar();
        result_.rest_m = position_;
        result_.release_m = position_.x;
        result_.roll_m = position_.x - hopped_m;
        return result_;
    }

private:
    bool tooFar() const { return norm(position_) > farthestRun_m; }

    void record() {
        result_.farthest_m = std::max(result_.farthest_m, position_.x);
        if (trace_) trace_->push_back({result_.time_s, position_});
    }

    /// Contacts and ballistic hops until one would rise less than 5 mm.
    void hop() {
        // A ball that comes along the ground, as from a putter, makes no dent.
        if (-dot(velocity_, normal_) < 1e-9) return;
        while (!tooFar() && result_.contacts < mostBounces) {
            const auto out = kernel::bounce<double>(velocity_, spin_, normal_, ground_.firmness,
                                                    ground_.friction, resistance_);
            const auto k = static_cast<std::size_t>(result_.contacts++);
            if (k < GroundResult::keptBounces) {
                result_.bounces[k] = {position_, velocity_, out.velocity, out.spin, out.gripped};
            }
            velocity_ = out.velocity;
            spin_ = out.spin;
            const double up = dot(velocity_, normal_);
            if (up * up / (2.0 * g) < lowestHop_m) break;
            fly(2.0 * up / (g * normal_.y));
        }
        velocity_ -= dot(velocity_, normal_) * normal_;
    }

    void fly(double duration_s) {
        constexpr int parts = 12;  // for drawing only
        const Vec3 start = position_;
        const Vec3 v = velocity_;
        const double begun_s = result_.time_s;
        for (int i = trace_ ? 1 : parts; i <= parts; ++i) {
            const double t = duration_s * i / parts;
            position_ = start + t * v - Vec3{0.0, 0.5 * g * t * t, 0.0};
            result_.time_s = begun_s + t;
            record();
        }
        velocity_.y -= g * duration_s;
    }

    /// Moves on with an acceleration that is held for the step.
    void advance(const Vec3& acceleration, double step_s) {
        position_ += step_s * velocity_ + (0.5 * step_s * step_s) * acceleration;
        velocity_ += step_s * acceleration;
        result_.time_s += step_s;
        record();
    }

    Vec3 slip() const { return velocity_ - r * cross(spin_, normal_); }

    /// Friction turns sliding into rolling; the contact point slows at 7/2 of its deceleration.
    void slide() {
        const double grip = ground_.friction * g * normal_.y;
        for (int i = 0; i < 2000; ++i) {
            const Vec3 c = slip();
            const double speed = norm(c);
            if (speed < 1e-6) break;
            const Vec3 against = (-1.0 / speed) * c;
            // Time until the contact point stops; on a slope gravity feeds it along its way.
            const double slowing = 3.5 * grip + dot(downhill_, against);
            const double stops_s = slowing > 0 ? speed / slowing : longestStep_s;
            const double step_s = std::min(stops_s, longestStep_s);
            spin_ += (-step_s * grip * 5.0 / (2.0 * r)) * cross(normal_, against);
            advance(grip * against + downhill_, step_s);
            if (step_s == stops_s || tooFar()) break;
        }
    }

    /// Rolls to rest: slows at a_sigma, with 5/7 of gravity along the slope.
    void roll() {
        const Vec3 pull = (5.0 / 7.0) * downhill_;
        const double steep = norm(pull);
        for (int i = 0; i < 4000; ++i) {
            const double speed = norm(velocity_);
            if (speed < 1e-6) {
                if (steep <= resistance_) return;
                // Too steep to rest: it starts down again.
                advance((1.0 - resistance_ / steep) * pull, longestStep_s);
                continue;
            }
            const Vec3 ahead = (1.0 / speed) * velocity_;
            const double slowing = resistance_ - dot(pull, ahead);
            const double stops_s = slowing > 0 ? speed / slowing : 2.0 * longestStep_s;
            // On the flat the whole roll is one step, exact; else the direction turns on the way.
            if (steep < 1e-12) {
                for (int part = 0; part < 8; ++part) {
                    advance(-resistance_ * ahead, stops_s / 8.0);
                }
                velocity_ = {};
                return;
            }
            const Vec3 across = pull - dot(pull, ahead) * ahead;
            if (stops_s <= longestStep_s && steep <= resistance_) {
                advance(-slowing * ahead, stops_s);
                velocity_ = {};
                return;
            }
            if (stops_s <= longestStep_s) {
                advance(-slowing * ahead, stops_s);
                velocity_ = {};
                continue;
            }
            advance(-slowing * ahead + across, longestStep_s);
            if (tooFar()) break;
        }
        result_.ranAway = true;
    }

    const Ground& ground_;
    const Vec3 normal_;
    const double resistance_;
    Vec3 downhill_;
    std::vector<GroundPoint>* trace_;
    Vec3 position_, velocity_, spin_;
    GroundResult result_;
};

}  // namespace

void Ground::validate() const {
    requireRange("ground.firmness", firmness, 0.3, 2.0);
    requireRange("ground.friction", friction, 0.05, 1.0);
    requireRange("ground.stimp_ft", stimp_ft, 1, 20);
    requireRange("ground.slope_pct", slopeAlong, -0.4, 0.4, 100);
    requireRange("ground.slope_across_pct", slopeAcross, -0.4, 0.4, 100);
}

double Ground::rollingResistance_mps2() const {
    constexpr double v = constants::greenSpeedRelease_mps;
    return v * v / (2.0 * constants::metresPerFoot * stimp_ft);
}

Vec3 Ground::normal() const {
    const Vec3 n{-slopeAlong, 1.0, -slopeAcross};
    return (1.0 / norm(n)) * n;
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
    const double speed = norm(velocity_mps);
    requireRange("landing_speed_mps", speed, 0.0, 60);
    requireRange("landing_spin_rpm", norm(spin_radps), 0.0, radpsFromRpm(20000), rpmFromRadps(1.0));
    if (speed > 0.0) {
        const double into = std::clamp(-dot(velocity_mps, ground.normal()) / speed, -1.0, 1.0);
        requireRange("landing_angle_deg", std::asin(into), 0.0, constants::pi / 2, degFromRad(1.0));
    }
    return Runner(velocity_mps, spin_radps, ground, trace).run();
}

}  // namespace wedgeon
