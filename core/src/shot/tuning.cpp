// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Applying the parts of a tuning.
#include "wedgeon/shot/tuning.h"

#include <algorithm>
#include <cmath>

#include "wedgeon/units.h"

namespace wedgeon {

Air AirTuning::air(const Air& said) const {
    Air a = said;
    a.drag *= drag;
    a.lift *= lift;
    return a;
}

namespace {

/// What was said may lie outside already; the factors do not move it farther out.
double kept(double value, double factor, double low, double high) {
    return std::clamp(value * factor, std::min(value, low), std::max(value, high));
}

}  // namespace

Ground GroundTuning::ground(const Ground& said) const {
    Ground g = said;
    g.firmness = kept(said.firmness, firmness, softestGround, 1.5);
    g.friction = kept(said.friction, friction, 0.15, 0.7);
    g.stimp_ft = kept(said.stimp_ft, greenSpeed, 4.0, 16.0);
    return g;
}

Line GroundTuning::line(const Line& said) const {
    Line l = said;
    for (Zone& z : l.zones) {
        z.firmness = kept(z.firmness, firmness, softestGround, 1.5);
        z.friction = kept(z.friction, friction, 0.15, 0.7);
        z.rolling_mps2 = kept(z.rolling_mps2, 1.0 / greenSpeed, 0.34, 10.0);
    }
    return l;
}

Recipe DeliveryTuning::delivered(const Recipe& declared) const {
    Recipe r = declared;
    r.open_rad = open(declared.open_rad);
    r.lean_rad = lean(declared.lean_rad);
    r.ballForward_m = ball(declared.ballForward_m);
    return r;
}

double DeliveryTuning::shotsLike(const Recipe& declared) const {
    double sum = 0.0;
    for (const Practised& p : practised) {
        if (std::abs(p.open_rad - declared.open_rad) <= radFromDeg(5) &&
            std::abs(p.lean_rad - declared.lean_rad) <= radFromDeg(3) &&
            std::abs(p.ballForward_m - declared.ballForward_m) <= 0.5 * constants::ballWidth_m)
            sum += p.shots;
    }
    return sum;
}

void Tuning::setDays(std::vector<Day> days) {
    days_ = std::move(days);
    ofDays_.clear();
    for (const Day& d : days_) {
        auto own = std::make_shared<Tuning>(*this);
        own->days_.clear();
        own->ofDays_.clear();
        own->ground = d.ground;
        ofDays_.push_back(std::move(own));
    }
}

std::shared_ptr<const Tuning> Tuning::ofDay(std::string_view name) const {
    for (std::size_t i = 0; i < days_.size(); ++i) {
        if (days_[i].name == name) return ofDays_[i];
    }
    return nullptr;
}

}  // namespace wedgeon
