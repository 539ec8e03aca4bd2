// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Drills and trials: as documents, in the logbook, and what their shots count as.
#include "wedgeon/store/trainings.h"

#include <SQLiteCpp/SQLiteCpp.h>

#include "logbook_fixture.h"
#include "wedgeon/error.h"
#include "wedgeon/store/kit.h"
#include "wedgeon/store/recipe_file.h"
#include "wedgeon/store/records.h"
#include "wedgeon/units.h"

namespace wedgeon::store {
namespace {

Drill towel() {
    Drill d;
    d.name = "Towel";
    d.purpose = "lands it where it is meant to";
    DrillStation s;
    s.task = "to the towel at 38";
    s.club = "54 mid";
    s.swing = "rib-high";
    s.windows = {{DrillMeasure::Carry, 36, 40},
                 {DrillMeasure::Launch, radFromDeg(29), radFromDeg(33)}};
    s.scatter = DrillScatter{DrillMeasure::Spin, radpsFromRpm(300)};
    s.shots = 4;
    s.pass = 3;
    d.stations = {s, s};
    d.order = DrillOrder::ByChance;
    d.seed = 41;
    return d;
}

Trial steady() {
    Trial t;
    t.name = "steady handle";
    t.ways = {"her usual release", "the handle kept moving"};
    t.task = "54 rib high";
    t.decides = DrillMeasure::Landing;
    t.design.matters = radFromDeg(1);
    t.design.expectedSd = radFromDeg(1.5);
    t.seed = 7;
    return t;
}

using TrainingsTest = LogbookFolderTest;

TEST_F(TrainingsTest, DocumentsComeBackAsTheyWere) {
    const Drill drill = towel();
    const Drill again = parseDrill(formatDrill(drill));
    EXPECT_EQ(again.stations[0].task, drill.stations[0].task);
    EXPECT_NEAR(again.stations[0].windows[1].high, radFromDeg(33), 1e-9);
    EXPECT_EQ(formatDrill(again), formatDrill(drill));
    EXPECT_EQ(formatTrial(parseTrial(formatTrial(steady()))), formatTrial(steady()));
    const auto refused = [](const std::string& json) {
        try {
            parseDrill(json);
        } catch (const StoreError& e) {
            return e.fault() == Fault::Malformed;
        } catch (const RangeError&) {
            return true;
        }
        return false;
    };
    for (
        const char* bad :
        {"", "[]", "{}", R"({"name":"x"})", R"({"name":"x","stations":[{}]})",
         R"({"name":"x","stations":[{"windows":[{"of":"carry","low":1,"high":2}]}]})",
         R"({"name":"x","stations":[{"windows":[{"of":"carry_m","low":3,"high":2}]}]})",
         R"({"name":"x","stations":[{"windows":[{"of":"carry_m","low":1,"high":2}],"shots":1e9}]})",
         R"({"name":"a\nb","stations":[{"windows":[{"of":"carry_m","low":1,"high":2}]}]})",
         R"({"name":"x","surprise":1,"stations":[{"windows":[{"of":"carry_m","low":1,"high":2}]}]})"})
        EXPECT_TRUE(refused(bad)) << bad;
    EXPECT_TRUE(refused(std::string(100'000, ' ')));
    EXPECT_THROW(parseTrial(R"({"name":"x","a":"1","b":"2","matters":0,"expected_sd":1})"),
                 RangeError);
}

TEST_F(TrainingsTest, TheyAreKeptWithTheirShotsAndTakenBack) {
    Logbook book(path_);
    Kit(book).keepPlayer({0, "Runa Vale", Hand::Right, ""});
    const auto source = book.addShots(file("a.csv"), carries(0, 5)).source;
    std::vector<std::int64_t> ids;
    for (const LoggedShot& s : book.shots())
        ids.push_back(s.id);
    Trainings all(book);
    Training t;
    t.player = "Runa Vale";
    t.begun = "2026-11-29T10:00:00";
    t.what = steady();
    t.id = all.add(t);
    all.addShot(t.id, ids[1], 0);
    all.addShot(t.id, ids[0], 1);
    EXPECT_EQ(refusal([&] { all.addShot(t.id, ids[2], 1); }).fault(), Fault::Conflict);
    EXPECT_EQ(refusal([&] { all.addShot(t.id, 999, 2); }).fault(), Fault::Conflict);
    EXPECT_EQ(refusal([&] { all.removeShot(t.id, ids[1]); }).fault(), Fault::Conflict);
    all.setEnded(t.id, true);
    EXPECT_EQ(refusal([&] { all.setEnded(t.id, true); }).fault(), Fault::Conflict);
    const auto kept = readRecords(book)->trainings;
    ASSERT_EQ(kept.size(), 1u);
    EXPECT_EQ(kept[0].player, "Runa Vale");
    EXPECT_TRUE(kept[0].ended);
    EXPECT_EQ(kept[0].name(), "steady handle");
    EXPECT_EQ(kept[0].shots, (std::vector{ids[1], ids[0]}));
    all.remove(t.id);
    EXPECT_TRUE(all.all().empty());
    EXPECT_EQ(all.add(kept[0]), t.id);  // put back with its shots
    EXPECT_EQ(all.all()[0].shots, kept[0].shots);
    // One that goes for good leaves its place.
    all.addShot(t.id, ids[3], 2);
    SQLite::Database(path_.string(), SQLite::OPEN_READWRITE)
        .exec("DELETE FROM training_shots WHERE shot_id = " + std::to_string(ids[0]));
    EXPECT_EQ(all.all()[0].shots, (std::vector<std::int64_t>{ids[1], 0, ids[3]}));
    all.addShot(t.id, ids[4], 3);
    all.removeShot(t.id, ids[4]);
    // A shot that goes for good leaves the others; a player that is merged takes it along.
    Kit(book).keepPlayer({0, "Odo", Hand::Right, ""});
    const RowChanges merged = Kit(book).mergePlayers("Runa Vale", "Odo", "2026-11-29");
    EXPECT_EQ(all.all()[0].player, "Odo");
    book.takeBack(merged);
    EXPECT_EQ(all.all()[0].player, "Runa Vale");
    book.removeSource(source);
    while (book.removeLeftovers(std::time(nullptr) + 3 * 86'400)) {
    }
    EXPECT_TRUE(all.all()[0].shots.empty());
    all.keepDrill(towel());
    Drill other = towel();
    other.purpose = "again";
    all.keepDrill(other);
    ASSERT_EQ(readRecords(book)->drills.size(), 1u);
    EXPECT_EQ(readRecords(book)->drills[0].purpose, "again");
    all.removeDrill("Towel");
    EXPECT_TRUE(all.drills().empty());
}

TEST_F(TrainingsTest, AShotCountsAsItWasMeasuredOrElseSeen) {
    ShotRecord measured;
    measured[Quantity::Carry] = 40;
    measured[Quantity::Release] = 3;
    measured[Quantity::LandingAngle] = 0.7;
    DrillShot shot = drillShotOf(measured);
    EXPECT_EQ(shot[DrillMeasure::Total], 43.0);
    EXPECT_EQ(shot[DrillMeasure::Landing], 0.7);
    EXPECT_FALSE(shot[DrillMeasure::Turf]);
    ShotRecord seen;
    seen[Label::Seen] = R"({"landed_m": 30, "rest_m": 34, "turf": "small"})";
    shot = drillShotOf(seen);
    EXPECT_EQ(shot[DrillMeasure::Carry], 30.0);
    EXPECT_EQ(shot[DrillMeasure::Release], 4.0);
    EXPECT_EQ(shot[DrillMeasure::Total], 34.0);
    EXPECT_EQ(shot[DrillMeasure::Turf], 2.0);
    EXPECT_FALSE(shot[DrillMeasure::Spin]);

    // In a trial a shot that is set aside, or has gone, keeps its place: the arms of the others
    // stay.
    const Trial trial = steady();
    const auto arms = findArms(trial.seed, 4);
    std::vector<LoggedShot> shots(4);
    for (std::size_t i = 0; i < 4; ++i) {
        shots[i].record[Quantity::LandingAngle] = 0.1 * static_cast<double>(i);
        shots[i].record[Label::Strike] = i == 3 ? "Clean" : "fat";
    }
    shots[1].setAside = "coach";
    const std::vector<const LoggedShot*> hit{&shots[0], &shots[1], nullptr, &shots[3]};
    const auto values = trialValues(trial, hit, DrillMeasure::Landing);
    ASSERT_EQ(values.size(), 2u);
    EXPECT_EQ(values[1].arm, arms[3]);
    EXPECT_EQ(values[1].value, 0.1 * 3.0);
    const auto strikes = trialStrikes(trial, hit);
    ASSERT_EQ(strikes.size(), 2u);
    EXPECT_TRUE(strikes[1].clean);
    EXPECT_FALSE(strikes[0].clean);
}

TEST_F(TrainingsTest, WhatCouldNotBeReadAgainIsNotWritten) {
    Logbook book(path_);
    Drill longNamed = towel();
    longNamed.stations[0].task = std::string(241, 'x');
    EXPECT_EQ(refusal([&] { Trainings(book).keepDrill(longNamed); }).fault(), Fault::Malformed);
    Training t;
    t.player = "Runa Vale";
    t.what = longNamed;
    EXPECT_EQ(refusal([&] { Trainings(book).add(t); }).fault(), Fault::Malformed);
    EXPECT_TRUE(Trainings(book).drills().empty());
    EXPECT_TRUE(Trainings(book).all().empty());
}

/// What was declared, and what was swung: with the set-up's own delivery the miss is the ground's.
TEST_F(TrainingsTest, AShotAgainstWhatWasDeclaredForIt) {
    Fallback fallback;
    fallback.conditions.wedge = {radFromDeg(54), radFromDeg(64), radFromDeg(10)};
    ShotRecord shot;
    EXPECT_FALSE(findMissOf(shot, fallback));
    NamedRecipe said;
    said.name = "towel";
    shot[Label::Recipe] = formatDeclared(said);
    const ShotResult meant = Predictor(fallback.player, fallback.conditions).shot(said.recipe);
    const Launch& ball = meant.strike.launch;
    shot[Quantity::BallSpeed] = ball.speed_mps();
    shot[Quantity::LaunchAngle] = ball.angle_rad();
    shot[Quantity::LaunchDirection] = ball.direction_rad();
    shot[Quantity::SpinRate] = ball.spinRate_radps();
    shot[Quantity::SpinAxis] = ball.spinAxis_rad();
    shot[Quantity::Carry] = meant.flight.carry_m;
    shot[Quantity::Release] = meant.run.release_m - 2.0;
    const auto miss = findMissOf(shot, fallback);
    ASSERT_TRUE(miss);
    EXPECT_NEAR(*miss->along.whole_m, -2.0, 1e-6);
    const DrillShot counted = drillShotOf(shot, fallback);
    ASSERT_TRUE(counted[DrillMeasure::OffAlong]);
    EXPECT_NEAR(*counted[DrillMeasure::OffAlong], 0.0, 0.05);
    EXPECT_FALSE(counted[DrillMeasure::OffAcross]);
    // Another hand's document.
    shot[Label::Recipe] = std::string("{");
    EXPECT_FALSE(findMissOf(shot, fallback));
}

}  // namespace
}  // namespace wedgeon::store
