// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Tunings are kept exactly, the one in use is known again, and the priors are one step away.
#include "wedgeon/store/tunings.h"

#include <gtest/gtest.h>

#include <cmath>
#include <filesystem>
#include <functional>
#include <random>

#include "wedgeon/store/error.h"
#include "wedgeon/store/records.h"
#include "wedgeon/store/shot_givens.h"

namespace wedgeon::store {
namespace {

Tuning someTuning(unsigned seed) {
    std::mt19937_64 random(seed);
    std::normal_distribution<double> n(0.0, 0.1);
    Tuning whole;
    whole.player = "Runa Vale";
    whole.air = {1 + n(random), 1 + n(random), 0.01, 0.02};
    whole.ground = {1 + n(random), 1 + n(random), 1 + n(random), 0.1, 0.2, 0.3};
    whole.delivery.open = {n(random), 1 + n(random)};
    whole.delivery.lean = {n(random), 1 + n(random)};
    whole.delivery.ball = {n(random), 1 + n(random)};
    whole.delivery.scatter.emplace().sd[1] = 0.031;
    whole.delivery.scatter->correlation[1][4] = whole.delivery.scatter->correlation[4][1] = 0.4;
    whole.delivery.speeds.push_back({"54 \"sand\"", "9 to 3", 21.5, 0.4, 12});
    whole.delivery.practised.push_back({0.1, 0.05, -0.02, 24});
    whole.spread = {0.9, 0.8, 1.1, 1.2, 1.3};
    StrikeTuning& t = whole.strike;
    t.restitution0 += 0.01 * n(random);
    t.loftBias_rad = n(random);
    t.attackBias_rad = n(random);
    t.logFriction = n(random);
    t.tangentialRestitution = {n(random), n(random), n(random)};
    t.tangentialSd = {0.01, 0.02, 0.03};
    t.tangentialSlope_spm += 0.001 * n(random);
    t.tangentialSlopeSd_spm = 0.0021;
    t.groups.push_back(
        {{BallKind::Range, FaceCondition::WornWet, findLie("lush")->lie}, n(random), 0.04});
    StrikeCorrection beside;
    beside.middle = {3.0, 0.8, -0.1};
    beside.width = {0.3, 0.1, 0.4};
    beside.centres = {{0, 0, 0}, {1, n(random), -1}};
    beside.weights[1] = {n(random), n(random)};
    beside.deviation = {0, 0.02, 0};
    beside.known = {0.9, 0.1, 0.1, 0.9};
    t.correction = std::make_shared<const StrikeCorrection>(beside);
    GroundTuning wet = whole.ground;
    wet.firmness *= 0.9;
    whole.setDays({{"2026-11-03", wet}});
    return whole;
}

class TuningsTest : public testing::Test {
protected:
    TuningsTest()
        : folder_(std::filesystem::path(testing::TempDir()) /
                  ("tunings-" + std::to_string(std::random_device()()))) {
        std::filesystem::create_directory(folder_);
    }
    ~TuningsTest() override { std::filesystem::remove_all(folder_); }
    Logbook book() const { return Logbook(folder_ / "t.wedgeon"); }

    std::filesystem::path folder_;
};

TEST_F(TuningsTest, EveryOneIsKeptAndOneIsInUse) {
    const Tuning first = someTuning(1);
    const Tuning second = someTuning(2);
    std::int64_t old = 0;
    {
        Logbook b = book();
        Tunings tunings(b);
        EXPECT_FALSE(tunings.inUse("Runa Vale"));
        old = tunings.keep({0, first, "2026-11-01", "0.1", 60, {3, 4, 5}});
        tunings.use("Runa Vale", tunings.keep({0, second, "2026-11-20", "0.1", 90, {}}));
    }
    Logbook b = book();
    Tunings tunings(b);
    const auto all = tunings.of("Runa Vale");
    ASSERT_EQ(all.size(), 2u);
    EXPECT_EQ(all[0].made, "2026-11-20");
    EXPECT_EQ(all[1].shotIds, (std::vector<std::int64_t>{3, 4, 5}));
    EXPECT_EQ(formatTuning(all[1].tuning), formatTuning(first)) << "to the last bit";
    ASSERT_TRUE(tunings.inUse("Runa Vale"));
    EXPECT_EQ(tunings.inUse("Runa Vale")->shots, 90u);
    tunings.use("Runa Vale", old);
    EXPECT_EQ(tunings.inUse("Runa Vale")->id, old);
    tunings.use("Runa Vale", 0);
    EXPECT_FALSE(tunings.inUse("Runa Vale"));
    EXPECT_EQ(tunings.of("Runa Vale").size(), 2u);
    EXPECT_TRUE(tunings.of("Odo Ferrin").empty());
}

TEST_F(TuningsTest, OfAFormerModelOnlyWhatItsLawsHaveNoPartInIsUsed) {
    Tuning former = someTuning(4);
    std::string json = formatTuning(former);
    // As the first model's programs wrote it.
    const auto drop = [&](const std::string& from, const std::string& to) {
        const auto at = json.find(from);
        ASSERT_NE(at, std::string::npos);
        json.erase(at, json.find(to, at) - at);
    };
    drop("\"model\":2,", "\"restitution0\"");
    drop("\"tangential_slope_spm\"", "\"groups\"");
    const Tuning read = parseTuning(json);
    EXPECT_EQ(read.model, 1);
    EXPECT_EQ(read.strike.loftBias_rad, former.strike.loftBias_rad);
    EXPECT_EQ(read.strike.attackBias_rad, former.strike.attackBias_rad);
    EXPECT_EQ(read.delivery.open.offset, former.delivery.open.offset);
    EXPECT_EQ(read.strike.logFriction, 0.0);
    EXPECT_TRUE(read.strike.groups.empty());
    EXPECT_EQ(read.ground.firmness, 1.0);
    EXPECT_TRUE(read.days().empty());
}

TEST_F(TuningsTest, BadJsonIsRefusedWithTheField) {
    EXPECT_THROW(parseTuning("{"), StoreError);
    const Tuning good = parseTuning(formatTuning(someTuning(3)));
    ASSERT_TRUE(good.strike.correction);
    EXPECT_EQ(*good.strike.correction, *someTuning(3).strike.correction);
    const auto spoilt = [](const std::function<void(StrikeCorrection&)>& spoil) {
        Tuning t = someTuning(3);
        StrikeCorrection c = *t.strike.correction;
        spoil(c);
        t.strike.correction = std::make_shared<const StrikeCorrection>(c);
        return formatTuning(t);
    };
    EXPECT_THROW(parseTuning(spoilt([](auto& c) { c.known.pop_back(); })), StoreError);
    EXPECT_THROW(parseTuning(spoilt([](auto& c) { c.weights[1].push_back(1); })), StoreError);
    EXPECT_THROW(parseTuning(spoilt([](auto& c) { c.centres.clear(); })), StoreError);
    EXPECT_THROW(parseTuning(spoilt([](auto& c) { c.width[2] = 0; })), StoreError);
    EXPECT_THROW(parseTuning(spoilt([](auto& c) { c.weights[1][0] = 1e9; })), StoreError);
    EXPECT_THROW(parseTuning(spoilt([](auto& c) { c.centres.resize(1000); })), StoreError);
    std::string json = formatTuning(someTuning(3));
    json.replace(json.find("log_friction"), 12, "log_frictiom");
    EXPECT_THROW(parseTuning(json), StoreError);
    Tuning absurd = someTuning(3);
    absurd.strike.restitution0 = 40;
    EXPECT_THROW(parseTuning(formatTuning(absurd)), StoreError);
    absurd = someTuning(3);
    absurd.air.drag = -1;
    EXPECT_THROW(parseTuning(formatTuning(absurd)), StoreError);
    absurd = someTuning(3);
    absurd.delivery.scatter->correlation[0][1] = 0.5;  // not symmetric
    EXPECT_THROW(parseTuning(formatTuning(absurd)), StoreError);
}

TEST_F(TuningsTest, AShotOfADayIsPredictedOnItsGround) {
    Fallback fallback;
    const auto tuning = std::make_shared<Tuning>(someTuning(6));
    fallback.player = {"Runa Vale", Hand::Right, tuning};
    ShotRecord shot;
    const auto firmnessAt = [&](const char* time) {
        shot[Label::Time] = time;
        return findShotGivens(shot, fallback).predictor().surroundings().ground.firmness;
    };
    const double there = firmnessAt("2026-11-03 10:05:00");
    const double elsewhere = firmnessAt("2026-11-04 10:05:00");
    EXPECT_NEAR(there, 0.9 * elsewhere, 1e-9);
    EXPECT_EQ(findShotGivens(shot, fallback).player.tuning->strike.logFriction,
              tuning->strike.logFriction);
    EXPECT_EQ(elsewhere,
              Predictor(fallback.player, fallback.conditions).surroundings().ground.firmness);
    // Kept and read again, too.
    const Tuning again = parseTuning(formatTuning(*tuning));
    ASSERT_TRUE(again.ofDay("2026-11-03"));
    EXPECT_EQ(again.ofDay("2026-11-03")->ground.firmness,
              there / fallback.conditions.ground.firmness);
}

TEST_F(TuningsTest, EveryPlayersShotsArePredictedWithHisOwn) {
    Logbook b = book();
    Tunings tunings(b);
    EXPECT_TRUE(tunings.allInUse().empty());
    Tuning runa = someTuning(7);
    Tuning odo = someTuning(8);
    odo.player = "Odo Ferrin";
    tunings.use("Runa Vale", tunings.keep({0, runa, "2026-11-20", "0.1", 90, {}}));
    tunings.keep({0, someTuning(9), "2026-11-21", "0.1", 90, {}});  // kept, not in use
    tunings.use("Odo Ferrin", tunings.keep({0, odo, "2026-11-20", "0.1", 90, {}}));
    Kit(b).keepPlayer({0, "Odo Ferrin", Hand::Left, ""});
    const auto records = readRecords(b);
    Fallback strip;
    strip.everyone = records->everyone;
    ASSERT_EQ(strip.everyone->size(), 2u);
    strip.player = records->modelOf("Runa Vale");
    ShotRecord shot;
    const auto frictionOf = [&](const char* player) {
        shot[Label::Player] = player;
        const auto t = findShotGivens(shot, strip).player.tuning;
        return t ? t->strike.logFriction : std::nan("");
    };
    EXPECT_EQ(frictionOf("Runa Vale"), runa.strike.logFriction);
    EXPECT_EQ(frictionOf("Odo Ferrin"), odo.strike.logFriction);
    EXPECT_EQ(findShotGivens(shot, strip).player.hand, Hand::Left);
    EXPECT_TRUE(std::isnan(frictionOf("somebody")));
    strip.player.tuning.reset();  // the strip's player is on the priors
    EXPECT_EQ(frictionOf("Odo Ferrin"), odo.strike.logFriction);
    EXPECT_TRUE(std::isnan(frictionOf("Runa Vale")));
}

TEST_F(TuningsTest, TuningsOfTheStrikeAloneAreStillRead) {
    auto json = formatTuning(someTuning(5));
    json = json.substr(0, json.find(",\"air\"")) + "}";
    const Tuning t = parseTuning(json);
    EXPECT_EQ(t.strike.logFriction, someTuning(5).strike.logFriction);
    EXPECT_EQ(t.air.drag, 1.0);
    EXPECT_FALSE(t.delivery.scatter);
}

TEST_F(TuningsTest, ATuningIsOnePlayersOnly) {
    Fallback fallback;
    fallback.player = {"Runa Vale", Hand::Right, std::make_shared<Tuning>(someTuning(4))};
    ShotRecord shot;
    shot[Label::Player] = "Odo Ferrin";
    EXPECT_FALSE(findShotGivens(shot, fallback).player.tuning);
    shot[Label::Player] = "Runa Vale";
    EXPECT_TRUE(findShotGivens(shot, fallback).player.tuning);
    shot[Label::Player] = "";
    EXPECT_TRUE(findShotGivens(shot, fallback).player.tuning);
}

}  // namespace
}  // namespace wedgeon::store
