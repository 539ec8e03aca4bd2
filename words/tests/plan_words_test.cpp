// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// A plan in sentences.
#include "wedgeon/words/plan_words.h"

#include <gtest/gtest.h>

#include <cstdio>

#include "wedgeon/units.h"

namespace wedgeon::words {
namespace {

const PlanSpeaker& speaker() {
    static const PlanSpeaker all(english());
    return all;
}

PlanRequest request() {
    PlanRequest q;
    q.clubs = {{"sand", {radFromDeg(56), radFromDeg(64), radFromDeg(10)}, false},
               {"", {radFromDeg(50), radFromDeg(64), radFromDeg(10)}, false},
               {"", {radFromDeg(34), radFromDeg(61), radFromDeg(3)}, false},
               {"", {}, true}};
    Line line;
    line.zones = {Zone::of(ZoneKind::Fairway, 10), Zone::of(ZoneKind::Green, 20)};
    line.flag_m = 16;
    q.conditions.line = line;
    return q;
}

PlannedShot shot(std::size_t club, Height height) {
    PlannedShot s;
    s.club = club;
    s.height = height;
    s.landing_m = 12;
    s.run_m = 3;
    s.swing = {"rib-high", "rib-high", 0};
    s.recipe.lean_rad = radFromDeg(4);
    s.onGreen = 0.95;
    return s;
}

TEST(PlanWords, ShotsAreCalledByHeightClubAndWhatIsSpecial) {
    const PlanRequest q = request();
    PlannedShot s = shot(0, Height::High);
    s.recipe.open_rad = radFromDeg(12);
    s.recipe.ballForward_m = 0.5 * constants::ballWidth_m;
    EXPECT_EQ(shotName(s, q, speaker()), "High sand, open 12\u00b0, ball forward");
    s = shot(1, Height::Low);
    s.recipe.lean_rad = radFromDeg(9);
    s.recipe.ballForward_m = -constants::ballWidth_m;
    EXPECT_EQ(shotName(s, q, speaker()), "Low 50\u00b0, ball back, hands ahead");
    EXPECT_EQ(shotName(shot(2, Height::Low), q, speaker()), "Low 34\u00b0 iron");
    EXPECT_EQ(shotName(shot(3, Height::Putter), q, speaker()), "Putter");
}

TEST(PlanWords, SwingsAreSaidAsSizesNeverAsSpeeds) {
    PlannedShot s = shot(0, Height::Middle);
    EXPECT_EQ(swingSaid(s, speaker()), "rib-high");
    s.swing = {"hip-high", "rib-high", 0.35};
    EXPECT_EQ(swingSaid(s, speaker()), "a third of the way from hip-high to rib-high");
    s.swing.share = 0.5;
    EXPECT_EQ(swingSaid(s, speaker()), "half way between hip-high and rib-high");
    s.swing.share = 0.1;
    EXPECT_EQ(swingSaid(s, speaker()), "a little more than hip-high");
    s.swing = {"", "knee-high", 0.8};
    EXPECT_EQ(swingSaid(s, speaker()), "softer than knee-high");
    s.swing = {"full", "", 1.01};
    EXPECT_EQ(swingSaid(s, speaker()), "more than full");
    s.swing = {"Runa's nine", "Runa's nine", 0};
    EXPECT_EQ(swingSaid(s, speaker()), "Runa's nine") << "a player's own word";
    EXPECT_EQ(swingSaid(shot(3, Height::Putter), speaker()), "");
}

TEST(PlanWords, FractionsAreWithinTwoInAHundred) {
    for (double p = 0.0; p <= 1.0; p += 0.001) {
        const std::string said = timesIn(p, speaker());
        int k = 0, n = 0;
        if (std::sscanf(said.c_str(), "%d times in %d", &k, &n) == 2) {
            EXPECT_NEAR(static_cast<double>(k) / n, p, 0.0201) << said;
        } else if (std::sscanf(said.c_str(), "once in %d", &n) == 1) {
            EXPECT_NEAR(1.0 / n, p, 0.0201) << said;
        } else if (said == "almost always") {
            EXPECT_GT(p, 0.97);
        } else {
            EXPECT_EQ(said, "hardly ever");
            EXPECT_LT(p, 0.03);
        }
    }
    EXPECT_EQ(timesIn(0.95, speaker()), "19 times in 20");
    EXPECT_EQ(timesIn(0.5, speaker()), "once in 2");
}

TEST(PlanWords, TheHeadlineSaysWhereToLandIt) {
    Plan plan;
    plan.shots = {shot(0, Height::Middle)};
    plan.reasons = {{}};
    EXPECT_EQ(headline(plan, request(), speaker()),
              "Middle sand, rib-high: land it 2.0 m past the edge. On the green: 19 times in 20.");
    plan.shots[0].landing_m = 8.5;
    EXPECT_EQ(landingSaid(plan.shots[0], request(), speaker()), "1.5 m short of the edge");
    EXPECT_EQ(headline({}, request(), speaker()), "No shot of this player's comes near the flag.");
}

TEST(PlanWords, EveryCostHasAReasonBothWays) {
    Plan plan;
    plan.shots = {shot(0, Height::Middle), shot(1, Height::Low)};
    for (std::size_t c = 0; c < costCount; ++c) {
        plan.reasons = {{static_cast<Cost>(c), -0.1}, {static_cast<Cost>(c), 0.1}};
        const std::string better = why(plan, 0, speaker()), worse = why(plan, 1, speaker());
        EXPECT_FALSE(better.empty());
        EXPECT_FALSE(worse.empty());
        EXPECT_NE(better, worse);
    }
}

TEST(PlanWords, EveryChangeIsSaidWithTheShotThatIsBestThen) {
    WouldChange w;
    w.shot = shot(2, Height::Low);
    w.by = 2;
    for (std::size_t c = 0; c < changeCount; ++c) {
        w.change = static_cast<Change>(c);
        EXPECT_NE(change(w, request(), speaker()).find("(Low 34\u00b0 iron)"), std::string::npos);
    }
}

}  // namespace
}  // namespace wedgeon::words
