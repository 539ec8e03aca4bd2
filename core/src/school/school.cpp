// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// The schools, their claims, and the playing of them.
#include "wedgeon/school/school.h"

#include <array>
#include <cmath>

#include "wedgeon/units.h"

namespace wedgeon {
namespace {

constexpr double deg = degFromRad(1.0);
constexpr double rad = radFromDeg(1.0);
constexpr double ball = constants::ballWidth_m;

constexpr std::array<MeasureInfo, measureCount> measureInfos{{
    {Measure::Attack, "attack_angle_deg", deg, 0.3 * rad},
    {Measure::Launch, "launch_angle_deg", deg, 0.5 * rad},
    {Measure::StartLine, "launch_direction_deg", deg, 0.3 * rad},
    {Measure::Spin, "spin_rate_rpm", rpmFromRadps(1.0), radpsFromRpm(100)},
    {Measure::SpinAxis, "spin_axis_deg", deg, 0.5 * rad},
    {Measure::Apex, "apex_m", 1.0, 0.1},
    {Measure::LandingAngle, "landing_angle_deg", deg, 0.5 * rad},
    {Measure::Release, "release_m", 1.0, 0.2},
    {Measure::ClubSpeed, "club_speed_mps", 1.0, 0.2},
    {Measure::DynamicLoft, "dynamic_loft_deg", deg, 0.5 * rad},
    {Measure::FaceAngle, "face_angle_deg", deg, 0.3 * rad},
    {Measure::Room, "room_mm", 1000.0, 0.0003},
    {Measure::LeadingEdge, "leading_edge_mm", 1000.0, 0.0001},
}};

constexpr std::array flightedClaims{
    Claim{Measure::Launch, -1, "launches-lower"},
    Claim{Measure::Spin, 1, "spins-more"},
    Claim{Measure::LandingAngle, -1, "lands-flatter"},
    Claim{Measure::SpinAxis, -1, "curves-a-little-from-right-to-left"},
    Claim{Measure::Release, -1, "stops-sooner-for-all-that"},
};
constexpr std::array softHeightClaims{
    Claim{Measure::Launch, 1, "launches-higher"},
    Claim{Measure::LandingAngle, 1, "lands-steeper"},
    Claim{Measure::Release, -1, "stops-sooner"},
    Claim{Measure::ClubSpeed, 1, "needs-more-speed-for-the-same-carry"},
    Claim{Measure::LeadingEdge, 1, "shows-the-ground-the-bounce-not-the-edge"},
};
constexpr std::array brushClaims{
    Claim{Measure::Attack, 1, "comes-in-shallower"},
    Claim{Measure::LeadingEdge, 1, "lets-the-bounce-work"},
    Claim{Measure::Launch, 1, "launches-higher"},
    Claim{Measure::Room, 1, "forgives-more"},
};
constexpr std::array chopClaims{
    Claim{Measure::Attack, -1, "comes-in-steeper"},
    Claim{Measure::Launch, -1, "launches-lower"},
    Claim{Measure::Spin, 1, "squeezes-more-spin-out-of-the-ball"},
    Claim{Measure::LeadingEdge, -1, "leads-with-the-edge"},
};
constexpr std::array cutClaims{
    Claim{Measure::SpinAxis, 1, "curves-to-the-right"},
    Claim{Measure::Launch, 1, "launches-higher"},
    Claim{Measure::Release, -1, "stops-sooner"},
    Claim{Measure::Spin, 1, "spins-more"},
};
constexpr std::array turnoverClaims{
    Claim{Measure::FaceAngle, -1, "closes-the-face-through-the-strike"},
    Claim{Measure::SpinAxis, -1, "curves-from-right-to-left"},
    Claim{Measure::Launch, -1, "launches-lower"},
    Claim{Measure::Release, 1, "runs-out-more"},
};
constexpr std::array openMiddleClaims{
    Claim{Measure::DynamicLoft, 1, "keeps-the-loft-on"},
    Claim{Measure::Apex, 1, "flies-higher"},
    Claim{Measure::LandingAngle, 1, "lands-steeper"},
    Claim{Measure::Release, -1, "stops-sooner"},
    Claim{Measure::LeadingEdge, 1, "lets-the-bounce-work"},
};
constexpr std::array runnerClaims{
    Claim{Measure::Launch, -1, "launches-low"},
    Claim{Measure::Spin, -1, "spins-less"},
    Claim{Measure::Release, 1, "runs-far-up-a-bank-as-well"},
    Claim{Measure::ClubSpeed, -1, "needs-less-speed-for-the-same-carry"},
};

Recipe ordinary() {
    Recipe r;
    r.lean_rad = 5 * rad;
    return r;
}

/// Ordinary but for what \p change does.
template <class Change>
Recipe with(Change change) {
    Recipe r = ordinary();
    change(r);
    return r;
}

std::array<School, 8> makeSchools() {
    return {{
        {"flighted", "ordinary-pitch", with([](Recipe& r) {
             r.ballForward_m = -ball;
             r.lean_rad = 6 * rad;
             r.weightLead_pct = 62;
             r.open_rad = -6 * rad;
             r.release = Release::Hold;
         }),
         ordinary(), flightedClaims},
        {"soft-height", "ordinary-pitch", with([](Recipe& r) {
             r.ballForward_m = 0.75 * ball;
             r.lean_rad = 0.0;
             r.weightLead_pct = 54;
             r.open_rad = 15 * rad;
             r.release = Release::Hold;
         }),
         ordinary(), softHeightClaims},
        {"brush", "ordinary-pitch", with([](Recipe& r) {
             r.lean_rad = 1 * rad;
             r.swingRadius_m = 1.5;
         }),
         ordinary(), brushClaims},
        {"chop", "ordinary-pitch", with([](Recipe& r) {
             r.ballForward_m = -0.75 * ball;
             r.lean_rad = 7 * rad;
             r.weightLead_pct = 68;
             r.swingRadius_m = 0.8;
         }),
         ordinary(), chopClaims},
        {"cut-across", "ordinary-pitch", with([](Recipe& r) {
             r.open_rad = 16 * rad;
             r.lean_rad = 3 * rad;
             r.bodyLine_rad = -12 * rad;
             r.swingAlong = SwingAlong::Body;
         }),
         ordinary(), cutClaims},
        {"turnover", "ordinary-pitch", with([](Recipe& r) { r.release = Release::Rotate; }),
         ordinary(), turnoverClaims},
        {"open-middle", "hands-ahead", with([](Recipe& r) {
             r.open_rad = 6 * rad;
             r.lean_rad = 0.0;
         }),
         with([](Recipe& r) {
             r.lean_rad = 10 * rad;
             r.weightLead_pct = 60;
         }),
         openMiddleClaims},
        {"shut-runner", "ordinary-pitch", with([](Recipe& r) {
             r.open_rad = -32 * rad;
             r.ballForward_m = -0.5 * ball;
             r.bodyLine_rad = 10 * rad;
             r.swingAlong = SwingAlong::Body;
         }),
         ordinary(), runnerClaims},
    }};
}

double valueOf(const ShotResult& s, const Recipe& recipe, Hand hand, Measure measure) {
    const double mirror = hand == Hand::Left ? -1.0 : 1.0;
    switch (measure) {
        case Measure::Attack:
            return s.swing.delivery.attack_rad;
        case Measure::Launch:
            return s.strike.launch.angle_rad();
        case Measure::StartLine:
            return mirror * s.strike.launch.direction_rad();
        case Measure::Spin:
            return s.strike.launch.spinRate_radps();
        case Measure::SpinAxis:
            return mirror * s.strike.launch.spinAxis_rad();
        case Measure::Apex:
            return s.flight.apex_m;
        case Measure::LandingAngle:
            return s.flight.landingAngle_rad();
        case Measure::Release:
            return s.run.release_m;
        case Measure::ClubSpeed:
            return recipe.clubSpeed_mps;
        case Measure::DynamicLoft:
            return s.swing.delivery.dynamicLoft_rad;
        case Measure::FaceAngle:
            return mirror * s.swing.delivery.faceAngle_rad;
        case Measure::Room:
            return s.margin.room_m();
        case Measure::LeadingEdge:
            return s.margin.leadingEdge_m;
    }
    return 0.0;
}

Verdict judge(const Claim& claim, double against, double here) {
    const double difference = claim.direction * (here - against);
    const double least = info(claim.measure).least;
    if (difference >= least) return Verdict::Follows;
    return difference <= -least ? Verdict::Opposite : Verdict::NoChange;
}

}  // namespace

const MeasureInfo& info(Measure m) {
    return measureInfos[static_cast<std::size_t>(m)];
}

std::span<const School> schools() {
    static const std::array<School, 8> all = makeSchools();
    return all;
}

const School* findSchool(std::string_view key) {
    for (const School& s : schools()) {
        if (s.key == key) return &s;
    }
    return nullptr;
}

Consequences findConsequences(const School& school, const Recipe& recipe,
                              const Predictor& predictor, double carry_m) {
    Consequences out;
    out.recipe = recipe;
    out.against = school.against;
    for (Recipe* r : {&out.recipe, &out.against})
        r->clubSpeed_mps = predictor.speedForCarry(*r, carry_m);
    const ShotResult here = predictor.shot(out.recipe);
    const ShotResult against = predictor.shot(out.against);
    const Hand hand = predictor.player().hand;
    for (const Claim& claim : school.claims) {
        Consequence c{claim, valueOf(against, out.against, hand, claim.measure),
                      valueOf(here, out.recipe, hand, claim.measure), Verdict::NoChange};
        c.verdict = judge(claim, c.against, c.here);
        out.claims.push_back(c);
    }
    return out;
}

}  // namespace wedgeon
