// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// The schools, their claims, and the playing of them.
#include "wedgeon/school/school.h"

#include <algorithm>
#include <array>
#include <cmath>

#include "shot/sources.h"
#include "wedgeon/error.h"
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
    Claim{Measure::Attack, 1, "comes-in-shallow"},
    Claim{Measure::Launch, -1, "launches-lower"},
    Claim{Measure::StartLine, 1, "starts-a-little-right"},
    Claim{Measure::Spin, 1, "spins-more"},
    Claim{Measure::LandingAngle, -1, "lands-flatter"},
    Claim{Measure::SpinAxis, -1, "curves-a-little-from-right-to-left"},
    Claim{Measure::Release, -1, "stops-sooner-for-all-that"},
};
constexpr std::array softHeightClaims{
    Claim{Measure::Launch, 1, "launches-higher"},
    Claim{Measure::StartLine, 1, "starts-right"},
    Claim{Measure::LandingAngle, 1, "lands-steeper"},
    Claim{Measure::Release, -1, "stops-sooner"},
    Claim{Measure::ClubSpeed, 1, "needs-more-speed-for-the-same-carry"},
    Claim{Measure::LeadingEdge, 1, "shows-the-ground-the-bounce-not-the-edge"},
};
// Teachers of the brush, and of the chop, agree on the strike and not on the height.
constexpr std::array brushClaims{
    Claim{Measure::Attack, 1, "comes-in-shallower"},
    Claim{Measure::LeadingEdge, 1, "lets-the-bounce-work"},
    Claim{Measure::Room, 1, "forgives-more"},
    Claim{Measure::Launch, 1, "some-say-launches-higher"},
    Claim{Measure::Launch, -1, "others-say-launches-lower"},
    Claim{Measure::Spin, 1, "spins-more"},
};
constexpr std::array chopClaims{
    Claim{Measure::Attack, -1, "comes-in-steeper"},
    Claim{Measure::LeadingEdge, -1, "leads-with-the-edge"},
    Claim{Measure::Spin, 1, "takes-more-spin-from-a-steep-strike"},
    Claim{Measure::Launch, -1, "some-say-launches-lower"},
    Claim{Measure::Launch, 1, "others-say-pops-up-higher"},
    Claim{Measure::Release, -1, "stops-sooner"},
};
constexpr std::array cutClaims{
    Claim{Measure::StartLine, -1, "starts-left"},
    Claim{Measure::SpinAxis, 1, "curves-to-the-right"},
    Claim{Measure::Launch, 1, "launches-higher"},
    Claim{Measure::Release, -1, "stops-sooner"},
    Claim{Measure::Spin, 1, "spins-more"},
};
// Taught for opposite ends: to stop the ball, and to let it run.
constexpr std::array turnoverClaims{
    Claim{Measure::FaceAngle, -1, "closes-the-face-through-the-strike"},
    Claim{Measure::StartLine, -1, "starts-left"},
    Claim{Measure::SpinAxis, -1, "curves-from-right-to-left"},
    Claim{Measure::Launch, -1, "launches-lower"},
    Claim{Measure::Spin, 1, "some-say-spins-more"},
    Claim{Measure::Release, -1, "some-say-stops-sooner"},
    Claim{Measure::Release, 1, "others-say-runs-out-more"},
};
constexpr std::array openedEarlyClaims{
    Claim{Measure::StartLine, 1, "does-not-miss-on-the-closed-side"},
    Claim{Measure::DynamicLoft, 1, "keeps-the-loft-on"},
    Claim{Measure::Apex, 1, "flies-higher"},
    Claim{Measure::LandingAngle, 1, "lands-steeper"},
    Claim{Measure::Spin, 1, "spins-more"},
    Claim{Measure::LeadingEdge, 1, "lets-the-bounce-work"},
};
constexpr std::array closedRunnerClaims{
    Claim{Measure::Launch, -1, "launches-low"},
    Claim{Measure::StartLine, -1, "starts-left"},
    Claim{Measure::Spin, -1, "spins-less"},
    Claim{Measure::Release, 1, "runs-far-up-a-bank-as-well"},
    Claim{Measure::ClubSpeed, -1, "needs-less-speed-for-the-same-carry"},
};
constexpr std::array lowRunnerClaims{
    Claim{Measure::Launch, -1, "launches-low"},
    Claim{Measure::StartLine, 1, "starts-right"},
    Claim{Measure::LandingAngle, -1, "lands-flatter"},
    Claim{Measure::Release, 1, "runs-out-more"},
    Claim{Measure::ClubSpeed, -1, "needs-less-speed-for-the-same-carry"},
    Claim{Measure::Room, 1, "forgives-more"},
};
constexpr std::array lowBrushClaims{
    Claim{Measure::Attack, 1, "comes-in-shallower"},
    Claim{Measure::DynamicLoft, -1, "takes-loft-off"},
    Claim{Measure::Launch, -1, "launches-lower"},
    Claim{Measure::Spin, 1, "spins-more"},
    Claim{Measure::Release, 1, "runs-out-more"},
    Claim{Measure::Room, 1, "forgives-more"},
};
constexpr std::array openFromBackClaims{
    Claim{Measure::Attack, -1, "comes-in-steeper"},   Claim{Measure::Launch, 1, "launches-higher"},
    Claim{Measure::StartLine, 1, "starts-right"},     Claim{Measure::Spin, 1, "spins-more"},
    Claim{Measure::LandingAngle, 1, "lands-steeper"}, Claim{Measure::Release, -1, "stops-sooner"},
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

constexpr std::size_t schoolCount = 11;

std::array<School, schoolCount> makeSchools() {
    return {{
        {"flighted", "ordinary-pitch", with([](Recipe& r) {
             r.ballForward_m = -0.5 * ball;
             r.lean_rad = 6 * rad;
             r.weightLead_pct = 60;
             r.weightBy = WeightBy::LowerBody;
             r.swingRadius_m = 1.5;
             r.open_rad = -3 * rad;
             r.bodyLine_rad = 4 * rad;
             r.swingAlong = SwingAlong::Body;
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
        {"opened-early", "hands-ahead", with([](Recipe& r) {
             r.open_rad = 6 * rad;
             r.lean_rad = 0.0;
         }),
         with([](Recipe& r) {
             r.lean_rad = 10 * rad;
             r.weightLead_pct = 60;
         }),
         openedEarlyClaims},
        {"closed-runner", "ordinary-pitch", with([](Recipe& r) {
             r.open_rad = -22 * rad;
             r.ballForward_m = -0.5 * ball;
             r.bodyLine_rad = 10 * rad;
             r.swingAlong = SwingAlong::Body;
         }),
         ordinary(), closedRunnerClaims},
        {"low-runner", "ordinary-pitch", with([](Recipe& r) {
             r.ballForward_m = -ball;
             r.lean_rad = 7 * rad;
             r.weightLead_pct = 60;
             r.swingRadius_m = 1.3;
             r.release = Release::Hold;
         }),
         ordinary(), lowRunnerClaims},
        {"low-brush", "ordinary-pitch", with([](Recipe& r) {
             r.ballForward_m = -0.2 * ball;
             r.lean_rad = 9 * rad;
             r.weightBy = WeightBy::LowerBody;
             r.swingRadius_m = 1.5;
             r.release = Release::Hold;
         }),
         ordinary(), lowBrushClaims},
        {"open-from-back", "ordinary-pitch", with([](Recipe& r) {
             r.ballForward_m = -0.8 * ball;
             r.lean_rad = -1 * rad;
             r.open_rad = 20 * rad;
             r.weightLead_pct = 58;
             r.release = Release::Hold;
         }),
         ordinary(), openFromBackClaims},
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

/// Half widths of the 80 % intervals of here less against, for each measure.
using Differences = std::array<double, measureCount>;

/// Both shots are played with the same ball, face, head and ground, however well those are known:
/// what moves both alike is no part of their difference.
Differences differencesOf(const Predictor& predictor, const Recipe& recipe, const ShotResult& here,
                          const Recipe& againstRecipe, const ShotResult& against) {
    const Hand hand = predictor.player().hand;
    Differences variance{};
    const auto played = [&](const ShotResult& planned, const SourceMove& move, double by) {
        StrikeInputs in{planned.swing.delivery, planned.contact, predictor.surroundings(), {}};
        move.by(in, by);
        ShotResult moved = in.play();
        moved.swing = planned.swing;
        moved.margin = planned.margin;
        return moved;
    };
    for (const SourceMove& move : movesOfParameters(predictor.source(SpreadSource::swings()))) {
        try {
            std::array<ShotResult, 2> ours, theirs;
            for (std::size_t k = 0; k < 2; ++k) {
                const double by = k == 0 ? move.sd : -move.sd;
                ours[k] = played(here, move, by);
                theirs[k] = played(against, move, by);
            }
            for (std::size_t m = 0; m < measureCount; ++m) {
                const auto measure = static_cast<Measure>(m);
                const auto difference = [&](std::size_t k) {
                    return valueOf(ours[k], recipe, hand, measure) -
                           valueOf(theirs[k], againstRecipe, hand, measure);
                };
                const double step = 0.5 * (difference(0) - difference(1));
                variance[m] += step * step;
            }
        } catch (const RangeError&) {
            continue;  // a neighbour outside the model says nothing
        }
    }
    for (double& v : variance)
        v = halfOf80 * std::sqrt(v);
    return variance;
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
    static const std::array<School, schoolCount> all = makeSchools();
    return all;
}

const School* findSchool(std::string_view key) {
    // As kept recipes once spelt them.
    if (key == "open-middle") key = "opened-early";
    if (key == "shut-runner") key = "closed-runner";
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
    const Differences known = differencesOf(predictor, out.recipe, here, out.against, against);
    for (const Claim& claim : school.claims) {
        Consequence c;
        c.claim = claim;
        c.against = valueOf(against, out.against, hand, claim.measure);
        c.here = valueOf(here, out.recipe, hand, claim.measure);
        c.half = known[static_cast<std::size_t>(claim.measure)];
        c.verdict = judge(claim, c.against, c.here);
        out.claims.push_back(c);
    }
    return out;
}

SchoolFits rankSchools(const Recipe& own, const Predictor& predictor, double carry_m) {
    const auto brought = [&](Recipe recipe) {
        recipe.clubSpeed_mps = predictor.speedForCarry(recipe, carry_m);
        return recipe;
    };
    const Recipe now = brought(own);
    const ShotResult ownShot = predictor.shot(now);
    const Hand hand = predictor.player().hand;
    SchoolFits out;
    out.cleanNow = predictor.chances(now, ownShot).clean;
    for (const School& school : schools()) {
        SchoolFit fit;
        fit.school = &school;
        try {
            const Recipe its = brought(school.recipe);
            const ShotResult shot = predictor.shot(its);
            fit.clean = predictor.chances(its, shot).clean;
            for (const Claim& claim : school.claims) {
                Consequence c;
                c.claim = claim;
                c.against = valueOf(ownShot, now, hand, claim.measure);
                c.here = valueOf(shot, its, hand, claim.measure);
                c.verdict = judge(claim, c.against, c.here);
                (c.verdict == Verdict::Follows ? fit.adds : fit.nothing).push_back(c);
            }
        } catch (const RangeError&) {
            continue;
        }
        out.fits.push_back(std::move(fit));
    }
    const auto worth = [](const SchoolFit& f) {
        const auto adds = static_cast<double>(f.adds.size());
        const auto all = adds + static_cast<double>(f.nothing.size());
        return f.clean * (adds + 1.0) / (all + 2.0);
    };
    std::stable_sort(out.fits.begin(), out.fits.end(),
                     [&](const SchoolFit& a, const SchoolFit& b) { return worth(a) > worth(b); });
    return out;
}

}  // namespace wedgeon
