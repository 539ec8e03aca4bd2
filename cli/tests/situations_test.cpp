// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// The six situations that ship with the program rank as experienced coaches rank them, and for
// their reasons.
#include <gtest/gtest.h>

#include <algorithm>
#include <filesystem>

#include "checked.h"
#include "wedgeon/store/situation_file.h"
#include "wedgeon/units.h"

namespace wedgeon {
namespace {

using test::checked;

/// Ranking a bag of clubs takes minutes there; the plan's parts are checked by the core's own
/// tests.
class Situations : public testing::Test {
protected:
    void SetUp() override {
        if (checked) GTEST_SKIP() << "too slow where every access is checked";
    }
};

PlanRequest asked(const char* file, std::size_t samples = 600) {
    const store::Situation s =
        store::readSituation(std::filesystem::path(WEDGEON_SITUATIONS) / file);
    PlanRequest q;
    q.conditions = s.conditions;
    q.reading = readLie(s.lie);
    q.conditions.lie = q.reading->lie(s.conditions.lie.firmness);
    q.clubs = bagWith({});
    q.samples = samples;
    q.seed = 3;
    return q;
}

/// The best of its height.
const PlannedShot& best(const Plan& plan, Height height) {
    const auto at = std::find_if(plan.all.begin(), plan.all.end(),
                                 [&](const PlannedShot& s) { return s.height == height; });
    if (at == plan.all.end()) throw std::logic_error("there is none of this height");
    return *at;
}

/// The same club and set-up in another plan; nullptr where it has none.
const PlannedShot* sameIn(const Plan& plan, const PlannedShot& s) {
    const auto at = std::find_if(plan.all.begin(), plan.all.end(), [&](const PlannedShot& o) {
        return o.club == s.club && o.technique == s.technique &&
               o.recipe.open_rad == s.recipe.open_rad &&
               o.recipe.ballForward_m == s.recipe.ballForward_m &&
               o.recipe.lean_rad == s.recipe.lean_rad;
    });
    return at == plan.all.end() ? nullptr : &*at;
}

double cost(const PlannedShot& s, Cost c) {
    return s.costs[static_cast<std::size_t>(c)];
}
double strikes(const PlannedShot& s) {
    return cost(s, Cost::Fat) + cost(s, Cost::Thin);
}

TEST_F(Situations, ShortSidedBehindSandLoftWinsAndLessForWhoThinsThem) {
    const PlanRequest q = asked("short-sided.json");
    const Plan plan = *makePlan(q);
    const PlannedShot& first = plan.all.front();
    EXPECT_GT(first.launch_rad, radFromDeg(35)) << "height, not run";
    EXPECT_GT(q.clubs[first.club].wedge.loft_rad, radFromDeg(53));
    EXPECT_LT(first.run_m, 4.5);
    const PlannedShot& low = best(plan, Height::Low);
    const double margin = low.strokes - first.strokes;
    EXPECT_GT(margin, 0.2);
    // The reason: the low one cannot stop, not that it is struck worse.
    EXPECT_GT(cost(low, Cost::Putts) + cost(low, Cost::Over),
              cost(first, Cost::Putts) + cost(first, Cost::Over) + 0.2);
    EXPECT_GT(low.run_m, first.run_m + 1.5);
    EXPECT_GE(strikes(first), strikes(low) - 0.05);

    // Whose low point and depth scatter until thin ones are twice as many wins less by it.
    const auto planFor = [&](double more) {
        auto tuning = std::make_shared<Tuning>();
        PlayerScatter scatter;
        for (const Scatter s : {Scatter::LowPoint, Scatter::Depth})
            scatter.sd[static_cast<std::size_t>(s)] *= more;
        tuning->delivery.scatter = scatter;
        PlanRequest his = q;
        his.player.tuning = std::move(tuning);
        return *makePlan(his);
    };
    const auto thinOf = [](const Plan& p) { return p.all.front().thin; };
    const Plan ordinary = planFor(1.0);
    double more = 1.1;
    Plan thin = planFor(more);
    while (thinOf(thin) < 2.0 * thinOf(ordinary) && more < 2.5)
        thin = planFor(more += 0.1);
    EXPECT_GE(thinOf(thin), 2.0 * thinOf(ordinary));
    EXPECT_LT(best(thin, Height::Low).strokes - thin.all.front().strokes,
              best(ordinary, Height::Low).strokes - ordinary.all.front().strokes);
}

TEST_F(Situations, AcrossALongGreenThePutterOrALowRunnerIsFirstAndHeightLast) {
    const Plan plan = *makePlan(asked("long-green.json"));
    const PlannedShot& first = plan.all.front();
    EXPECT_TRUE(first.height == Height::Putter || first.height == Height::Low);
    EXPECT_LT(best(plan, Height::Putter).strokes, best(plan, Height::Middle).strokes + 0.02);
    EXPECT_EQ(plan.shots.back().height, Height::High);
    // The reason: a running ball comes out alike, the high one does not, and is struck worse.
    const PlannedShot& high = best(plan, Height::High);
    EXPECT_LT(first.rest.high - first.rest.low, high.rest.high - high.rest.low);
    EXPECT_GT(strikes(high), strikes(first) + 0.02);
    EXPECT_GT(first.run_m, first.landing_m);
}

TEST_F(Situations, UpABankTheBallIsRun) {
    const PlanRequest q = asked("up-a-bank.json");
    const Plan plan = *makePlan(q);
    const PlannedShot& first = plan.all.front();
    EXPECT_EQ(first.height, Height::Low);
    // It lands before the green, on the bank or at its foot, and climbs.
    EXPECT_LT(first.landing_m, 10.0);
    EXPECT_GT(first.run_m, 4.0);
    EXPECT_GT(best(plan, Height::High).strokes, first.strokes + 0.05);
    EXPECT_GT(strikes(best(plan, Height::High)), strikes(first));
}

TEST_F(Situations, OnAGreenThatFallsAwayItLandsShorterAndTheLowOneRunsAway) {
    const PlanRequest q = asked("falls-away.json");
    PlanRequest level = q;
    for (Zone& z : level.conditions.line->zones)
        z.slopeAlong = 0.0;
    const Plan falls = *makePlan(q), flat = *makePlan(level);
    // The same club and technique lands shorter where the green falls away.
    int shorter = 0, compared = 0;
    for (const PlannedShot& s : falls.all) {
        const PlannedShot* same = sameIn(flat, s);
        if (!same || s.height == Height::Putter) continue;
        ++compared;
        shorter += s.landing_m < same->landing_m;
    }
    EXPECT_GT(compared, 100);
    EXPECT_GT(shorter, compared * 95 / 100);
    // The low one loses most by the fall: it runs away.
    const auto loses = [&](Height h) { return best(falls, h).strokes - best(flat, h).strokes; };
    EXPECT_GT(loses(Height::Low), loses(Height::High));
    EXPECT_GT(loses(Height::Putter), loses(Height::High));
    EXPECT_NE(falls.all.front().height, Height::Low);
    EXPECT_NE(falls.all.front().height, Height::Putter);
    const PlannedShot& low = best(falls, Height::Low);
    EXPECT_GT(low.rest.high - low.rest.low,
              falls.all.front().rest.high - falls.all.front().rest.low);
}

TEST_F(Situations, OffATightBareLieHeightIsPunished) {
    const PlanRequest q = asked("tight-and-bare.json");
    PlanRequest grass = q;
    grass.reading.reset();
    grass.conditions.lie = findLie("short-dry")->lie;
    const Plan bare = *makePlan(q), cushioned = *makePlan(grass);
    EXPECT_TRUE(bare.all.front().height == Height::Low ||
                bare.all.front().height == Height::Putter);
    const PlannedShot& high = best(bare, Height::High);
    EXPECT_GT(high.strokes, bare.all.front().strokes + 0.4);
    EXPECT_GT(strikes(high), 0.5 * (high.strokes - bare.all.front().strokes))
        << "because of the strike";
    // More than off grass.
    EXPECT_GT(high.strokes - bare.all.front().strokes,
              best(cushioned, Height::High).strokes - cushioned.all.front().strokes + 0.2);
}

TEST_F(Situations, FromLushRoughIntoTheGrainTheSwingIsLongerAndTheBallRuns) {
    const PlanRequest q = asked("lush-into-the-grain.json");
    PlanRequest easy = q;
    easy.reading.reset();
    easy.conditions.lie = findLie("short-dry")->lie;
    const Plan lush = *makePlan(q), shortGrass = *makePlan(easy);
    int longer = 0, runs = 0, compared = 0;
    for (const PlannedShot& s : lush.all) {
        const PlannedShot* same = sameIn(shortGrass, s);
        if (!same || same->height < Height::Middle) continue;
        ++compared;
        longer += s.clubSpeed_mps / s.landing_m > same->clubSpeed_mps / same->landing_m;
        runs += s.run_m > same->run_m;
    }
    EXPECT_GT(compared, 60);
    EXPECT_GT(longer, compared * 9 / 10) << "more swing for the same carry";
    EXPECT_GT(runs, compared * 95 / 100);
    // With the grain it asks for less.
    PlanRequest with = q;
    LieAnswers answers =
        store::readSituation(std::filesystem::path(WEDGEON_SITUATIONS) / "lush-into-the-grain.json")
            .lie;
    answers.grain = GrassLies::With;
    with.reading = readLie(answers);
    with.conditions.lie = with.reading->lie(q.conditions.lie.firmness);
    const Contact into = calcContact(BallKind::Soft, FaceCondition::FreshDry, q.conditions.lie);
    const Contact along = calcContact(BallKind::Soft, FaceCondition::FreshDry, with.conditions.lie);
    EXPECT_LT(into.speedKept, along.speedKept - 0.02);
}

}  // namespace
}  // namespace wedgeon
