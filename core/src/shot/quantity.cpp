// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Names, units and accessors.
#include "wedgeon/shot/quantity.h"

#include <array>

#include "wedgeon/units.h"

namespace wedgeon {
namespace {

constexpr double deg = degFromRad(1.0);
constexpr double rad = radFromDeg(1.0);

constexpr std::array<OutcomeInfo, outcomeCount> outcomeInfos{{
    {Outcome::Attack, "attack_angle_deg", deg},
    {Outcome::Path, "club_path_deg", deg},
    {Outcome::DynamicLoft, "dynamic_loft_deg", deg},
    {Outcome::FaceAngle, "face_angle_deg", deg},
    {Outcome::SpinLoft, "spin_loft_deg", deg},
    {Outcome::BallSpeed, "ball_speed_mps", 1.0},
    {Outcome::LaunchAngle, "launch_angle_deg", deg},
    {Outcome::LaunchDirection, "launch_direction_deg", deg},
    {Outcome::SpinRate, "spin_rate_rpm", rpmFromRadps(1.0)},
    {Outcome::SpinAxis, "spin_axis_deg", deg},
    {Outcome::Carry, "carry_m", 1.0},
    {Outcome::Side, "side_m", 1.0},
    {Outcome::Apex, "apex_m", 1.0},
    {Outcome::LandingAngle, "landing_angle_deg", deg},
    {Outcome::Release, "release_m", 1.0},
    {Outcome::Total, "total_m", 1.0},
    {Outcome::RestSide, "rest_side_m", 1.0},
}};

constexpr double ball = constants::ballWidth_m;

constexpr std::array<DialInfo, dialCount> dialInfos{{
    {Dial::Open, "face_open_deg", deg, -35 * rad, 45 * rad, 4 * rad},
    {Dial::Lean, "lean_deg", deg, -8 * rad, 16 * rad, 2 * rad},
    {Dial::BallForward, "ball_forward_balls", 1 / ball, -2.5 * ball, 1.5 * ball, 0.5 * ball},
    {Dial::WeightLead, "weight_lead_pct", 1.0, 40, 80, 6},
    {Dial::SwingRadius, "swing_radius_m", 1.0, 0.8, 1.5, 0.15},
    {Dial::ClubSpeed, "club_speed_mps", 1.0, 3, 42, 1.5},
    {Dial::StandFarther, "stand_farther_cm", 100.0, -0.08, 0.12, 0.03},
    {Dial::HandleRaised, "handle_raised_cm", 100.0, -0.04, 0.08, 0.02},
    {Dial::GripDown, "grip_down_cm", 100.0, 0, 0.10, 0.03},
    {Dial::BodyLine, "body_line_deg", deg, -25 * rad, 15 * rad, 4 * rad},
}};

}  // namespace

const OutcomeInfo& info(Outcome o) {
    return outcomeInfos[static_cast<std::size_t>(o)];
}
std::span<const OutcomeInfo> outcomes() {
    return outcomeInfos;
}
const DialInfo& info(Dial d) {
    return dialInfos[static_cast<std::size_t>(d)];
}
std::span<const DialInfo> dials() {
    return dialInfos;
}

double valueOf(const ShotResult& s, Outcome outcome) {
    const Delivery& d = s.swing.delivery;
    const Launch& l = s.strike.launch;
    switch (outcome) {
        case Outcome::Attack:
            return d.attack_rad;
        case Outcome::Path:
            return d.path_rad;
        case Outcome::DynamicLoft:
            return d.dynamicLoft_rad;
        case Outcome::FaceAngle:
            return d.faceAngle_rad;
        case Outcome::SpinLoft:
            return s.strike.spinLoft_rad;
        case Outcome::BallSpeed:
            return l.speed_mps();
        case Outcome::LaunchAngle:
            return l.angle_rad();
        case Outcome::LaunchDirection:
            return l.direction_rad();
        case Outcome::SpinRate:
            return l.spinRate_radps();
        case Outcome::SpinAxis:
            return l.spinAxis_rad();
        case Outcome::Carry:
            return s.flight.carry_m;
        case Outcome::Side:
            return s.flight.side_m;
        case Outcome::Apex:
            return s.flight.apex_m;
        case Outcome::LandingAngle:
            return s.flight.landingAngle_rad();
        case Outcome::Release:
            return s.run.release_m;
        case Outcome::Total:
            return s.total_m();
        case Outcome::RestSide:
            return s.restSide_m();
    }
    return 0.0;
}

double& dialOf(Recipe& r, Dial dial) {
    switch (dial) {
        case Dial::Open:
            return r.open_rad;
        case Dial::Lean:
            return r.lean_rad;
        case Dial::BallForward:
            return r.ballForward_m;
        case Dial::WeightLead:
            return r.weightLead_pct;
        case Dial::SwingRadius:
            return r.swingRadius_m;
        case Dial::ClubSpeed:
            return r.clubSpeed_mps;
        case Dial::StandFarther:
            return r.standFarther_m;
        case Dial::HandleRaised:
            return r.handleRaised_m;
        case Dial::GripDown:
            return r.gripDown_m;
        case Dial::BodyLine:
            break;
    }
    return r.bodyLine_rad;
}

double dialOf(const Recipe& recipe, Dial dial) {
    Recipe copy = recipe;
    return dialOf(copy, dial);
}

}  // namespace wedgeon
