// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// The plan: what must hold of every one.
#include "wedgeon/plan/plan.h"

#include <gtest/gtest.h>

#include <algorithm>
#include <cmath>
#include <random>

#include "checked.h"
#include "random_cases.h"
#include "wedgeon/error.h"

namespace wedgeon {
namespace {

using K = ZoneKind;

using test::checked;

Zone zone(K kind, double length_m, double along = 0.0) {
    return Zone::of(kind, length_m, along);
}

/// A pitch over sand to a flag 6 m behind it.
PlanRequest overSand() {
    PlanRequest q;
    for (const double loft : {46.0, 52.0, 58.0}) {
        q.clubs.push_back({std::to_string(static_cast<int>(loft)),
                           {radFromDeg(loft), radFromDeg(64), radFromDeg(10)}});
    }
    q.clubs.push_back({"putter", {}, true});
    q.conditions.lie = findLie("short-dry")->lie;
    Line line;
    line.zones = {zone(K::Fairway, 7), zone(K::Bunker, 5), zone(K::Fringe, 1),
                  zone(K::Green, 14, 0.01), zone(K::Rough, 20)};
    line.obstacles = {{12.0, 0.5, ""}};
    line.flag_m = 19;
    q.conditions.line = line;
    q.samples = 256;
    q.seed = 7;
    return q;
}

TEST(Plan, AddsUpAndIsInOrder) {
    const PlanRequest q = overSand();
    const Plan plan = *makePlan(q);
    ASSERT_GE(plan.shots.size(), 3u);
    ASSERT_LE(plan.shots.size(), 5u);
    ASSERT_EQ(plan.reasons.size(), plan.shots.size());
    EXPECT_EQ(plan.candidates, 3u * 38 + 1);
    double before = 0.0;
    for (const PlannedShot& s : plan.all) {
        EXPECT_GE(s.strokes, before);
        before = s.strokes;
        double costs = plan.parStrokes;
        for (const double c : s.costs)
            costs += c;
        EXPECT_NEAR(costs, s.strokes, 1e-9);
        EXPECT_NEAR(s.onGreen + s.shortOf + s.over, 1.0, 1e-12);
        EXPECT_LE(s.inside2m, s.onGreen + 0.2);
        EXPECT_LE(s.rest.low, s.rest.middle);
        EXPECT_LE(s.rest.middle, s.rest.high);
        EXPECT_LE(s.strokesError, 0.1);
        EXPECT_EQ(s.clearance_m.size(), 1u);
    }
    for (std::size_t i = 0; i < plan.shots.size(); ++i) {
        for (std::size_t j = 0; j < i; ++j)
            EXPECT_TRUE(clearlyDifferent(plan.shots[i], plan.shots[j])) << i << ' ' << j;
    }
}

TEST(Plan, IsTheSameOnAnyNumberOfThreads) {
    PlanRequest q = overSand();
    q.samples = 64;
    q.threads = 1;
    const Plan one = *makePlan(q);
    q.threads = 2;
    const Plan two = *makePlan(q);
    ASSERT_EQ(one.all.size(), two.all.size());
    for (std::size_t i = 0; i < one.all.size(); ++i) {
        EXPECT_EQ(one.all[i].strokes, two.all[i].strokes);
        EXPECT_EQ(one.all[i].clubSpeed_mps, two.all[i].clubSpeed_mps);
        EXPECT_EQ(one.all[i].rest.high, two.all[i].rest.high);
        EXPECT_EQ(one.all[i].technique, two.all[i].technique);
    }
    q.seed = 8;
    EXPECT_NE(makePlan(q)->all.front().strokes, one.all.front().strokes);
}

TEST(Plan, ALeftHandersIsTheMirror) {
    PlanRequest right = overSand();
    right.samples = 64;
    right.conditions.air.windRight_mps = 3;
    for (Zone& z : right.conditions.line->zones)
        z.slopeAcross = 0.015;
    PlanRequest left = right;
    left.player.hand = Hand::Left;
    left.conditions.air.windRight_mps = -3;
    for (Zone& z : left.conditions.line->zones)
        z.slopeAcross = -0.015;
    const Plan a = *makePlan(right), b = *makePlan(left);
    ASSERT_EQ(a.all.size(), b.all.size());
    for (std::size_t i = 0; i < a.all.size(); ++i) {
        EXPECT_NEAR(a.all[i].strokes, b.all[i].strokes, 1e-6);
        EXPECT_NEAR(a.all[i].aim_rad, -b.all[i].aim_rad, 1e-6);
        EXPECT_NEAR(a.all[i].clubSpeed_mps, b.all[i].clubSpeed_mps, 1e-6);
    }
}

TEST(Plan, AnOptionMoreNeverRaisesTheBest) {
    PlanRequest q = overSand();
    q.samples = 64;
    const PlanRequest all = q;
    q.clubs.clear();
    double before = 10.0;
    for (const BagClub& club : all.clubs) {
        q.clubs.push_back(club);
        const double best = makePlan(q)->all.front().strokes;
        EXPECT_LE(best, before + 1e-12) << club.name;
        before = best;
    }
    Technique own{"mine", {}};
    own.recipe.open_rad = radFromDeg(8);
    own.recipe.lean_rad = radFromDeg(2);
    q.own.push_back(own);
    EXPECT_LE(makePlan(q)->all.front().strokes, before + 1e-12);
}

/// The same shot with numbers at random of another kind, one at a time.
struct Played {
    double green = 0, inside = 0, again = 0, sand = 0, fat = 0, thin = 0, strokes = 0;
};

Played playSingly(const PlanRequest& q, const PlannedShot& shot, int n) {
    std::mt19937_64 engine(12345);
    std::normal_distribution<double> normal;
    Conditions c = q.conditions;
    c.wedge = q.clubs[shot.club].wedge;
    const Predictor predictor(q.player, c);
    const ShotResult planned = predictor.shot(shot.recipe);
    const SpreadSource unknown = predictor.source(SpreadSource::practised());
    const PlayerScatter scatter = predictor.player().scatter();
    const SoleScatter sole = predictor.soleScatter(shot.recipe);
    const HoleOut out(q.holeOut);
    const double flag = *c.line->flag_m;
    Played sum;
    for (int i = 0; i < n; ++i) {
        Delivery d = planned.swing.delivery;
        d.clubSpeed_mps *= 1.0 + scatter.of(Scatter::Speed) * normal(engine);
        d.attack_rad += scatter.of(Scatter::Attack) * normal(engine);
        d.path_rad += scatter.of(Scatter::Path) * normal(engine) + shot.aim_rad;
        d.faceAngle_rad += scatter.of(Scatter::Face) * normal(engine) + shot.aim_rad;
        d.dynamicLoft_rad += scatter.of(Scatter::Loft) * normal(engine);
        SolePass pass = predictor.solePass(planned);
        pass.lowPoint_m += sole.lowPoint_m * normal(engine);
        pass.depth_m += sole.depth_m * normal(engine);
        pass.dynamicLoft_rad = d.dynamicLoft_rad;
        const StrikeEffect effect = calcStrikeEffect(pass, c.lie);
        d.dynamicLoft_rad = effect.dynamicLoft_rad;
        Contact contact = predictor.contact();
        contact.friction *= std::exp(unknown.friction * normal(engine)) * effect.frictionKept;
        contact.tangentialRestitution += unknown.tangentialRestitution * normal(engine);
        contact.tangentialSlope_spm += unknown.tangentialSlope_spm * normal(engine);
        contact.speedKept *= effect.speedKept;
        contact.headShare = effect.headShare;
        StrikeLaw law;
        law.restitution0 += unknown.restitution0 * normal(engine);
        Surroundings around = predictor.surroundings();
        around.terrain = std::make_shared<const Terrain>(
            around.terrain->scaled(std::exp(unknown.firmness * normal(engine)),
                                   std::exp(unknown.groundFriction * normal(engine)),
                                   std::exp(unknown.greenSpeed * normal(engine))));
        around.air.drag *= std::exp(unknown.drag * normal(engine));
        around.air.lift *= std::exp(unknown.lift * normal(engine));
        double x = 0, z = 0;
        std::size_t at = 0;
        try {
            const ShotResult s = calcShotWith(d, contact, around, law);
            x = s.total_m();
            z = s.restSide_m();
            at = s.run.zone;
        } catch (const RangeError&) {
            x = z = 0.0;  // hardly moved
        }
        const ZoneKind kind = c.line->zones[at].kind;
        const double far = std::hypot(x - flag, z);
        const bool green = kind == K::Green;
        const bool fringe = kind == K::Fringe;
        sum.green += green;
        sum.inside += (green || fringe) && far <= 2.0;
        sum.again += !green && !fringe;
        sum.sand += kind == K::Bunker;
        sum.fat += effect.contact == StrikeKind::Fat;
        sum.thin += effect.contact == StrikeKind::Thin || effect.contact == StrikeKind::Topped;
        sum.strokes +=
            1.0 + out.strokes(kind, far) +
            (green ? puttsForGreen(10.0, std::abs(c.line->zones[3].slopeAlong), far) : 0.0);
    }
    for (double* v :
         {&sum.green, &sum.inside, &sum.again, &sum.sand, &sum.fat, &sum.thin, &sum.strokes})
        *v /= n;
    return sum;
}

TEST(Plan, ChancesAreThoseOfAHundredThousandSingleShots) {
    constexpr int singles = checked ? 20'000 : 100'000;
    PlanRequest q = overSand();
    q.samples = 4000;
    q.clubs = {q.clubs[1], q.clubs[2]};
    // An ordinary green of 10 feet, said exactly.
    Ground green;
    q.conditions.line->zones[3].rolling_mps2 = green.rollingResistance_mps2();
    const Plan plan = *makePlan(q);
    for (const std::size_t i : {std::size_t{0}, plan.all.size() / 2}) {
        const PlannedShot& shot = plan.all[i];
        const Played played = playSingly(q, shot, singles);
        const auto agrees = [&](double chance, double single, const char* what) {
            const double p = std::clamp(single, 0.002, 0.998);
            const double error = std::sqrt(p * (1 - p) * (1.0 / 4000 + 1.0 / singles));
            EXPECT_NEAR(chance, single, 4 * error) << what << " of " << i;
        };
        agrees(shot.onGreen, played.green, "green");
        agrees(shot.inside2m, played.inside, "inside 2 m");
        agrees(shot.chipAgain, played.again, "chip again");
        agrees(shot.fat, played.fat, "fat");
        agrees(shot.thin, played.thin, "thin");
        EXPECT_NEAR(shot.strokes, played.strokes, 4.5 * shot.strokesError);
    }
}

TEST(Plan, PlaysOnlyWhatThePlayerHas) {
    PlanRequest q = overSand();
    q.samples = 64;
    auto tuning = std::make_shared<Tuning>();
    tuning->delivery.speeds = {{"52", "short", 8.0, 0.2, 20}, {"52", "long", 11.0, 0.2, 20}};
    q.player.tuning = tuning;
    q.conditions.line->flag_m = 19;
    const Plan plan = *makePlan(q);
    for (const PlannedShot& s : plan.all) {
        if (s.height == Height::Putter) continue;
        EXPECT_LE(s.clubSpeed_mps, 11.0 * 1.02 + 1e-9);
        EXPECT_FALSE(s.guessedSwing) << "another club tells of a swing, too";
        EXPECT_TRUE(s.swing.from == "long" || s.swing.to == "long" || s.swing.from == "short");
    }
    // Softer than any: nothing of his reaches a flag at 60 m.
    q.conditions.line->zones[0].length_m = 60;
    q.conditions.line->flag_m = 74;
    const Plan far = *makePlan(q);
    for (const PlannedShot& s : far.all)
        EXPECT_EQ(s.club, 3u);
}

TEST(Plan, WhatHeHasNeverHitScattersMore) {
    PlanRequest q = overSand();
    q.clubs = {q.clubs[2]};
    auto known = std::make_shared<Tuning>(), unknown = std::make_shared<Tuning>();
    known->delivery.practised = {{radFromDeg(24), 0.0, 0.5 * constants::ballWidth_m, 400.0}};
    const auto openOf = [&](const std::shared_ptr<Tuning>& tuning) {
        q.player.tuning = tuning;
        const Plan plan = *makePlan(q);
        for (const PlannedShot& s : plan.all) {
            if (std::abs(s.recipe.open_rad - radFromDeg(24)) < 1e-9 && s.recipe.lean_rad == 0.0 &&
                s.recipe.ballForward_m > 0.01)
                return s;
        }
        return PlannedShot{};
    };
    const PlannedShot often = openOf(known), never = openOf(unknown);
    EXPECT_LT(often.strokes, never.strokes - 0.1);
    EXPECT_LT(often.thin, never.thin);
}

TEST(Plan, AWiderReadingOfTheLieWidensTheOutcome) {
    PlanRequest q = overSand();
    q.clubs = {q.clubs[2]};
    LieAnswers vague, exact;
    vague.height = exact.height = GrassHeight::Half;
    exact.colour = GrassColour::Green;
    exact.grain = GrassLies::With;
    exact.sits = BallSits::Level;
    const auto spreadOf = [&](const LieAnswers& a) {
        q.reading = readLie(a);
        q.conditions.lie = q.reading->lie(1.0);
        const Plan plan = *makePlan(q);
        double sum = 0.0;
        for (const PlannedShot& s : plan.all)
            sum += s.landing.high - s.landing.low;
        return sum / static_cast<double>(plan.all.size());
    };
    EXPECT_GT(spreadOf(vague), 1.05 * spreadOf(exact));
}

TEST(Plan, SaysWhatWouldChangeTheChoiceByPlanningAgain) {
    PlanRequest q = overSand();
    q.samples = checked ? 24 : 128;
    if (checked) q.clubs = {q.clubs[2]};
    const Plan plan = *makePlan(q);
    const auto changes = *findChanges(q, plan);
    for (const WouldChange& w : changes) {
        EXPECT_TRUE(clearlyDifferent(w.shot, plan.shots.front()));
        double by = 0.0;
        const auto other = changed(q, w.change, by);
        ASSERT_TRUE(other);
        EXPECT_EQ(by, w.by);
        EXPECT_EQ(makePlan(*other)->all.front().strokes, w.shot.strokes);
    }
    double by = 0.0;
    q.conditions.face = FaceCondition::FreshWet;
    EXPECT_FALSE(changed(q, Change::WetFace, by)) << "it is wet already";
    q.conditions.line->flag_m = 26.5;
    EXPECT_FALSE(changed(q, Change::FlagFarther, by)) << "off the green";
}

TEST(Plan, StopsWhenItIsToldTo) {
    std::stop_source stop;
    stop.request_stop();
    EXPECT_FALSE(makePlan(overSand(), stop.get_token()));
    const Plan plan = *makePlan(overSand());
    EXPECT_FALSE(findChanges(overSand(), plan, stop.get_token()));
}

TEST(Plan, LowMiddleAndHighStandBesideEachOther) {
    const Plan plan = *makePlan(overSand());
    const auto three = lowMiddleHigh(plan, 2);
    ASSERT_EQ(three.size(), 3u);
    for (std::size_t i = 1; i < 3; ++i) {
        EXPECT_GT(three[i].launch_rad, three[i - 1].launch_rad);
        EXPECT_EQ(three[i].club, 2u);
    }
    EXPECT_TRUE(lowMiddleHigh(plan, 3).empty()) << "the putter has no heights";
}

TEST(Plan, TheWayThatIsDrawnIsTheOneThatWasPlanned) {
    const PlanRequest q = overSand();
    const Plan plan = *makePlan(q);
    for (const PlannedShot& s : plan.shots) {
        const ShotTrace trace = traceOf(q, s);
        EXPECT_NEAR(trace.flight.back().position_m.x, s.landing_m, 1e-9);
        EXPECT_NEAR(trace.run.back().position_m.x, s.run_m, 1e-9);
    }
}

TEST(Plan, RulesOfThumbStandBesideWhatComesOut) {
    const PlanRequest q = overSand();
    const RulesOfThumb r = rulesOfThumb(q, *makePlan(q));
    for (std::size_t i = 0; i < 3; ++i)
        ASSERT_TRUE(r.carryShare[i]);
    EXPECT_LT(*r.carryShare[0], *r.carryShare[2]);
    EXPECT_GT(*r.launchPerBall_rad, radFromDeg(1));
    EXPECT_LT(*r.launchPerBall_rad, radFromDeg(8));
    EXPECT_GT(*r.heavyGrass, 1.02);
    EXPECT_LT(*r.heavyGrass, 1.4);
}

TEST(Plan, NamesWhatIsWrong) {
    const auto fieldOf = [](const PlanRequest& q) -> std::string {
        try {
            (void)makePlan(q);
        } catch (const RangeError& e) {
            return e.field();
        }
        return "";
    };
    PlanRequest q = overSand();
    q.conditions.line->flag_m.reset();
    EXPECT_EQ(fieldOf(q), "flag_m");
    q = overSand();
    q.conditions.line->flag_m = 9;  // in the sand
    try {
        (void)makePlan(q);
        FAIL();
    } catch (const RangeError& e) {
        EXPECT_EQ(e.field(), "flag_m");
        EXPECT_EQ(e.low(), 13);
        EXPECT_EQ(e.high(), 27);
    }
    q = overSand();
    q.conditions.line->obstacles.push_back({19.1, 2.0, "a wall", 0.0});
    EXPECT_EQ(fieldOf(q), "obstacle.at_m") << "the flag inside a wall";
    q = overSand();
    q.conditions.line->zones = {zone(K::Fairway, 30)};
    EXPECT_EQ(fieldOf(q), "flag_m") << "a line without a green";
    q = overSand();
    q.conditions.line.reset();
    EXPECT_EQ(fieldOf(q), "zones");
    q = overSand();
    q.clubs.clear();
    EXPECT_EQ(fieldOf(q), "clubs");
    q = overSand();
    q.conditions.air.windAhead_mps = 60;
    EXPECT_EQ(fieldOf(q), "air.wind_ahead_mps");
    q = overSand();
    q.samples = 3;
    EXPECT_EQ(fieldOf(q), "samples");
    q = overSand();
    q.clubs[0].wedge.loft_rad = 0;
    EXPECT_EQ(fieldOf(q), "loft_deg");
}

}  // namespace
}  // namespace wedgeon
