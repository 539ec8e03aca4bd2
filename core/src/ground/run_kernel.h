// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// From first contact to rest over planes of ground, for any scalar type.
#pragma once

#include <algorithm>
#include <span>

#include "ground/bounce_kernel.h"
#include "scalar.h"
#include "wedgeon/ground/terrain.h"

namespace wedgeon::kernel {

inline constexpr double lowestHop_m = 0.005;
inline constexpr int mostBounces = 400;
inline constexpr double farthestRun_m = 100.0;
inline constexpr double longestStep_s = 0.05;

/// A low ball may skim a slope that falls away faster, by this much.
inline constexpr double mostSkim_rad = radFromDeg(25);
inline constexpr double fastestLanding_mps = 60.0;

/// Sine of the angle at which a ball of this speed comes into the plane.
inline double sineInto(const Vec3& velocity, const Vec3& normal, double speed) {
    return std::clamp(-dot(velocity, normal) / speed, -1.0, 1.0);
}
/// Whether the run's laws hold for this landing.
inline bool canLand(const Vec3& velocity, const Vec3& normal) {
    const double speed = norm(velocity);
    if (!(speed <= fastestLanding_mps)) return false;
    return speed == 0.0 || std::asin(sineInto(velocity, normal, speed)) >= -mostSkim_rad;
}

/// Where and how the ball ends. Positions are absolute.
template <class T>
struct RunEnd {
    Vec3T<T> rest;
    T hoppedTo{};  // x at the end of the last hop
    T time{};
    int contacts = 0;
    std::size_t plane = 0;
    bool ranAway = false;
    bool inWater = false;
};

/// Hears of the run while it happens; the default hears nothing and costs nothing.
template <class T>
struct SilentRun {
    static constexpr bool wantsPath = false;
    void contact(const Vec3T<T>&, const Vec3T<T>&, const BounceOut<T>&) {}
    void point(const T&, const Vec3T<T>&) {}
};

/// The ball on its way over the planes.
template <class T, class Listener>
class Run {
public:
    /// \p obstacles are met by hops and on the ground, wherever they stand.
    Run(std::span<const Plane> planes, std::span<const Obstacle> obstacles, std::size_t plane,
        const Vec3T<T>& at, const Vec3T<T>& velocity, const Vec3T<T>& spin, Listener& listener)
        : planes_(planes),
          obstacles_(obstacles),
          i_(plane),
          start_(at),
          x_(at),
          v_(velocity),
          w_(spin),
          listener_(listener) {
        listener_.point(end_.time, x_);
    }

    RunEnd<T> run() {
        hop();
        end_.hoppedTo = x_.x;
        if (!finished()) slide();
        if (!finished()) roll();
        end_.ranAway = end_.ranAway || tooFar();
        end_.rest = x_;
        end_.plane = i_;
        return end_;
    }

private:
    static constexpr double g = constants::gravity_mps2;
    static constexpr double r = constants::ballRadius_m;

    const Plane& plane() const { return planes_[i_]; }
    const Turf& turf() {
        if (turfOf_ != i_) {
            turf_ = Turf(plane());
            turfOf_ = i_;
        }
        return turf_;
    }
    Vec3T<T> normal() const {
        return {T(plane().normal.x), T(plane().normal.y), T(plane().normal.z)};
    }
    bool tooFar() const {
        const Vec3T<T> d = x_ - start_;
        return valueOf(dot(d, d)) > farthestRun_m * farthestRun_m;
    }
    bool finished() const { return end_.inWater || tooFar(); }
    T heightAbove() const { return heightAbove(x_); }
    T heightAbove(const Vec3T<T>& x) const {
        const Plane& p = plane();
        return x.y - (p.height_m + p.slopeAlong * (x.x - p.originAt_m) + p.slopeAcross * x.z);
    }

    /// Contacts and ballistic hops until one would rise less than 5 mm.
    void hop() {
        // A ball that comes along the ground, as from a putter, makes no dent.
        if (valueOf(-dot(v_, normal())) < 1e-9) {
            end_.inWater = plane().water;
        } else {
            while (!tooFar() && end_.contacts < mostBounces) {
                end_.inWater = plane().water;
                if (end_.inWater) break;
                const BounceOut<T> out = bounce(v_, w_, normal(), turf());
                ++end_.contacts;
                listener_.contact(x_, v_, out);
                v_ = out.velocity;
                w_ = out.spin;
                const T up = dot(v_, normal());
                if (valueOf(up * up) / (2.0 * g) < lowestHop_m) break;
                fly();
            }
        }
        v_ -= dot(v_, normal()) * normal();
    }

    /// One hop, over borders, to its next contact.
    void fly() {
        for (int pieces = 0; pieces < 200; ++pieces) {
            const Plane& p = plane();
            using std::sqrt;
            const T above = heightAbove();
            const T rising = v_.y - p.slopeAlong * v_.x - p.slopeAcross * v_.z;
            T under = rising * rising + 2.0 * g * above;
            if (under < 0.0) under = T(0.0);
            const T hit = (rising + sqrt(under)) / g;
            T border = T(1e30);
            int next = 0;
            if (valueOf(v_.x) > 0.0 && i_ + 1 < planes_.size()) {
                border = (p.to_m - x_.x) / v_.x;
                next = 1;
            } else if (valueOf(v_.x) < 0.0 && i_ > 0) {
                border = (p.from_m - x_.x) / v_.x;
                next = -1;
            }
            const T met = timeToObstacle(border < hit ? border : hit);
            if (met < hit && met < border) {
                glide(met);
                turnBack();
                continue;
            }
            if (!(border < hit)) {
                glide(hit);
                return;
            }
            glide(border);
            i_ = next > 0 ? i_ + 1 : i_ - 1;
            // A step up beside the line is a wall: the contact is here.
            if (valueOf(heightAbove()) < -1e-6) {
                x_.y -= heightAbove();
                return;
            }
        }
    }

    /// Until the hop meets the first obstacle that it does not clear within \p most; longer than
    /// that where it meets none.
    T timeToObstacle(const T& most) const {
        T first = most + 1.0;
        for (const Obstacle& o : obstacles_) {
            const double way = o.at_m - valueOf(x_.x);
            if (!(way * valueOf(v_.x) > 0.0)) continue;
            const T t = (o.at_m - x_.x) / v_.x;
            if (!(t < most) || !(t < first)) continue;
            const Vec3T<T> there = x_ + t * v_ - Vec3T<T>{T(0), 0.5 * g * t * t, T(0)};
            if (o.clearance(valueOf(heightAbove(there))) < 0.0) first = t;
        }
        return first;
    }

    /// It stands in front of what stopped it, and falls or runs back from there.
    void turnBack() {
        x_.x -= valueOf(v_.x) > 0.0 ? stoppedBefore_m : -stoppedBefore_m;
        v_.x = -givenBack * v_.x;
        v_.z = givenBack * v_.z;
    }

    void glide(const T& duration) {
        constexpr int parts = Listener::wantsPath ? 12 : 1;
        const Vec3T<T> from = x_;
        const T begun = end_.time;
        for (int k = 1; k <= parts; ++k) {
            const T t = duration * (static_cast<double>(k) / parts);
            x_ = from + t * v_ - Vec3T<T>{T(0), 0.5 * g * t * t, T(0)};
            end_.time = begun + t;
            listener_.point(end_.time, x_);
        }
        v_.y -= g * duration;
    }

    /// Moves on with an acceleration held for the step, at most to the border of the zone: then
    /// \p step is the part that was taken. True when all of it was.
    bool advance(const Vec3T<T>& acceleration, T& step) {
        const auto place = [&](const T& s) { return x_ + s * v_ + T(0.5 * s * s) * acceleration; };
        Vec3T<T> to = place(step);
        const Plane& p = plane();
        int over = 0;
        if (i_ + 1 < planes_.size() && valueOf(to.x) > p.to_m) over = 1;
        if (i_ > 0 && valueOf(to.x) < p.from_m) over = -1;
        if (over != 0) {
            // Chord to the border: a step is short, and the rest of it is taken beyond.
            const double border = over > 0 ? p.to_m : p.from_m;
            step = step * ((border - x_.x) / (to.x - x_.x));
            to = place(step);
        }
        for (const Obstacle& o : obstacles_) {
            const double before = o.at_m - valueOf(x_.x);
            if (!(before * (o.at_m - valueOf(to.x)) < 0.0) || o.clearance(0.0) >= 0.0) continue;
            step = step * ((o.at_m - x_.x) / (to.x - x_.x));
            x_ = place(step);
            v_ += step * acceleration;
            end_.time = end_.time + step;
            turnBack();
            x_.y -= heightAbove();
            v_ -= dot(v_, normal()) * normal();
            listener_.point(end_.time, x_);
            return false;
        }
        x_ = to;
        v_ += step * acceleration;
        end_.time = end_.time + step;
        if (over != 0) {
            i_ = over > 0 ? i_ + 1 : i_ - 1;
            x_.y -= heightAbove();
            v_ -= dot(v_, normal()) * normal();
            end_.inWater = plane().water;
        }
        listener_.point(end_.time, x_);
        return over == 0;
    }

    Vec3T<T> downhill() const {
        const Vec3T<T> n = normal();
        const Vec3T<T> gravity{T(0), T(-g), T(0)};
        return gravity - dot(gravity, n) * n;
    }

    /// Friction turns sliding into rolling; the contact point slows at 7/2 of its deceleration.
    void slide() {
        for (int k = 0; k < 2000 && !finished(); ++k) {
            using std::sqrt;
            // What gives way has no grip that could send a spinning ball back.
            if (plane().loose) break;
            const Vec3T<T> n = normal();
            const Vec3T<T> c = v_ - T(r) * cross(w_, n);
            const T speed = sqrt(dot(c, c) + 1e-24);
            if (speed < 1e-6) break;
            const T grip = plane().friction * g * n.y;
            const Vec3T<T> against = T(-1.0 / speed) * c;
            const Vec3T<T> pull = downhill();
            // Time until the contact point stops; on a slope gravity feeds it along its way.
            const T slowing = 3.5 * grip + dot(pull, against);
            const T stops = slowing > 0.0 ? T(speed / slowing) : T(2 * longestStep_s);
            const bool last = !(stops > longestStep_s);
            T step = last ? stops : T(longestStep_s);
            const Vec3T<T> known = grip * against + pull;
            const bool whole = advance(known + wind(v_ + T(0.5 * step) * known), step);
            w_ += T(-step * grip * (5.0 / (2.0 * r))) * cross(n, against);
            if (whole && last) break;
        }
    }

    /// What the air takes of a ball, as long as it is fast.
    Vec3T<T> wind(const Vec3T<T>& middle) const {
        using std::sqrt;
        const T square = dot(middle, middle);
        if (!(square > constants::fastRun_mps * constants::fastRun_mps)) return {};
        return T(-constants::runDrag_pm * sqrt(square)) * middle;
    }

    /// Nothing is in the way on the ground to there.
    bool staysInZone(const Vec3T<T>& to) const {
        const double x = valueOf(to.x);
        for (const Obstacle& o : obstacles_) {
            if ((o.at_m - valueOf(x_.x)) * (o.at_m - x) <= 0.0) return false;
        }
        return x >= plane().from_m && x <= plane().to_m;
    }

    /// Rolls to rest: slows at the zone's resistance, with 5/7 of gravity along the slope.
    void roll() {
        using std::sqrt;
        for (int k = 0; k < 4000 && !finished(); ++k) {
            const double resistance = plane().rolling_mps2;
            const Vec3T<T> pull = T(5.0 / 7.0) * downhill();
            const double steep = std::sqrt(valueOf(dot(pull, pull)));
            const T speed = sqrt(dot(v_, v_) + 1e-24);
            if (speed < 1e-6) {
                if (steep <= resistance) return;
                // Too steep to rest: it starts down again.
                T step(longestStep_s);
                advance(T(1.0 - resistance / steep) * pull, step);
                continue;
            }
            const Vec3T<T> ahead = T(1.0 / speed) * v_;
            T slowing = resistance - dot(pull, ahead);
            if (speed > constants::fastRun_mps) {
                // To the speed below which the air does not count, and not beyond.
                const Vec3T<T> across = pull - dot(pull, ahead) * ahead;
                const T first = slowing + constants::runDrag_pm * speed * speed;
                T step = T(longestStep_s);
                const T calms = (speed - constants::fastRun_mps) / first;
                if (calms > 0.0 && calms < step) step = calms + 1e-6;
                const T middle = speed - 0.5 * step * first;
                slowing = slowing + constants::runDrag_pm * middle * middle;
                advance(T(-slowing) * ahead + across, step);
                continue;
            }
            const T stops = slowing > 0.0 ? T(speed / slowing) : T(2.0 * longestStep_s);
            const Vec3T<T> brake = T(-slowing) * ahead;
            // On the flat the whole roll is one step, exact; else the direction turns on the way.
            if (steep < 1e-12 && staysInZone(x_ + T(0.5 * stops) * v_)) {
                constexpr int parts = Listener::wantsPath ? 8 : 1;
                for (int part = 0; part < parts; ++part) {
                    T step = stops * (1.0 / parts);
                    advance(brake, step);
                }
                v_ = {};
                return;
            }
            if (!(stops > longestStep_s)) {
                T step = stops;
                if (!advance(brake, step)) continue;
                v_ = {};
                if (steep <= resistance) return;
                continue;
            }
            const Vec3T<T> across = pull - dot(pull, ahead) * ahead;
            T step(longestStep_s);
            advance(brake + across, step);
        }
        end_.ranAway = !end_.inWater;
    }

    std::span<const Plane> planes_;
    std::span<const Obstacle> obstacles_;
    std::size_t i_;
    std::size_t turfOf_ = i_;
    Turf turf_{plane()};
    Vec3T<T> start_, x_, v_, w_;
    Listener& listener_;
    RunEnd<T> end_;
};

}  // namespace wedgeon::kernel
