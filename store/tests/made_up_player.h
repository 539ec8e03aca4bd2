// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// A player whose ball, face, air and device are drawn from what is not known of them, read by a
// launch monitor.
#pragma once

#include <cmath>
#include <cstdio>
#include <random>

#include "wedgeon/store/quality.h"
#include "wedgeon/units.h"
#include "wedgeon/unknowns.h"

namespace wedgeon::store::made_up {

class Player {
public:
    explicit Player(unsigned seed) : engine_(seed) {
        fallback.conditions.wedge = {radFromDeg(54), radFromDeg(64), radFromDeg(10)};
        fallback.player.name = "Runa Vale";
        friction_ = std::exp(normal(unknowns::friction));
        tangential_ = normal(unknowns::tangentialRestitution);
        restitution_ = normal(unknowns::restitution0);
        drag_ = std::exp(normal(unknowns::drag));
        lift_ = std::exp(normal(unknowns::lift));
        loftBias_ = normal(unknowns::deviceBias_rad);
        attackBias_ = normal(unknowns::deviceBias_rad);
    }
    double normal(double sd) { return sd * normal_(engine_); }
    double uniform() { return static_cast<double>(engine_() % 10'000) / 10'000.0; }

    struct Way {
        double speed = 20.0, attack_deg = -3.5, loft_deg = 48.0;
        FaceCondition face = FaceCondition::FreshDry;  ///< as it is, whatever is said
        std::string swing = "rib-high";
    };
    /// What went wrong with a strike and the club's reading does not show.
    struct Mishit {
        double frictionKept = 1.0, speedKept = 1.0, loft_rad = 0.0, axis_rad = 0.0;
    };
    /// One shot of this day, struck so.
    LoggedShot hit(int day, const Way& way) { return hit(day, way, {}); }
    LoggedShot hit(int day, const Way& way, const Mishit& mishit) {
        const Delivery d{way.speed * (1 + normal(0.02)), radFromDeg(way.attack_deg + normal(1.0)),
                         radFromDeg(normal(1.2)), radFromDeg(way.loft_deg + normal(1.2)),
                         radFromDeg(normal(1.5))};
        const Conditions& c = fallback.conditions;
        Contact contact = calcContact(c.ball, way.face, c.lie);
        contact.speedKept = 1.0;
        contact.friction *= friction_ * mishit.frictionKept;
        contact.tangentialRestitution += tangential_;
        StrikeLaw law;
        law.restitution0 += restitution_;
        Surroundings around{c.air, c.ground, nullptr};
        around.air.drag *= drag_;
        around.air.lift *= lift_;
        around.air.windAhead_mps = winds_[static_cast<std::size_t>(day) % winds_.size()];
        Delivery struck = d;
        struck.clubSpeed_mps *= mishit.speedKept;
        struck.dynamicLoft_rad += mishit.loft_rad;
        const ShotResult s = calcShotWith(struck, contact, around, law);
        LoggedShot out;
        ShotRecord& r = out.record;
        char time[32];
        std::snprintf(time, sizeof time, "2026-10-%02d 10:00", day + 1);
        r[Label::Time] = std::string(time);
        r[Label::Player] = "Runa Vale";
        r[Label::Wedge] = "54";
        r[Label::Swing] = way.swing;
        r[Quantity::ClubSpeed] = d.clubSpeed_mps * (1 + normal(unknowns::readSpeed));
        r[Quantity::AttackAngle] = d.attack_rad + attackBias_ + normal(unknowns::readAngle_rad);
        r[Quantity::ClubPath] = d.path_rad + normal(unknowns::readAngle_rad);
        r[Quantity::FaceAngle] = d.faceAngle_rad + normal(unknowns::readAngle_rad);
        r[Quantity::DynamicLoft] = d.dynamicLoft_rad + loftBias_ + normal(unknowns::readLoft_rad);
        r[Quantity::BallSpeed] = s.strike.launch.speed_mps() * (1 + normal(0.005));
        r[Quantity::LaunchAngle] = s.strike.launch.angle_rad() + radFromDeg(normal(0.4));
        r[Quantity::LaunchDirection] = s.strike.launch.direction_rad() + radFromDeg(normal(0.4));
        r[Quantity::SpinRate] = s.strike.launch.spinRate_radps() * (1 + normal(0.02));
        r[Quantity::SpinAxis] =
            s.strike.launch.spinAxis_rad() + mishit.axis_rad + radFromDeg(normal(1));
        r[Quantity::Carry] = s.flight.carry_m * (1 + normal(0.01));
        r[Quantity::Apex] = s.flight.apex_m * (1 + normal(0.02));
        r[Quantity::LandingAngle] = s.flight.landingAngle_rad() + radFromDeg(normal(0.7));
        return out;
    }
    Fallback fallback;

private:
    std::mt19937_64 engine_;
    std::normal_distribution<double> normal_;
    double friction_, tangential_, restitution_, drag_, lift_, loftBias_, attackBias_;
    std::vector<double> winds_{0.0, 2.0, -3.0, 1.0, -1.0, 0.5};
};

}  // namespace wedgeon::store::made_up
