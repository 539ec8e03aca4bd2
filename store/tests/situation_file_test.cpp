// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Situations survive the way to a file and back, and into a logbook.
#include "wedgeon/store/situation_file.h"

#include <gtest/gtest.h>

#include <filesystem>
#include <random>

#include "wedgeon/error.h"
#include "wedgeon/store/error.h"
#include "wedgeon/store/records.h"
#include "wedgeon/units.h"

namespace wedgeon::store {
namespace {

class SituationFileTest : public testing::Test {
protected:
    void SetUp() override {
        folder_ = std::filesystem::path(testing::TempDir()) /
                  ("situations-" + std::to_string(std::random_device()()));
        std::filesystem::create_directory(folder_);
    }
    void TearDown() override { std::filesystem::remove_all(folder_); }

    static Situation overSand() {
        Situation s;
        s.name = "Over \"sand\", short";
        Line line;
        line.zones = {Zone::of(ZoneKind::Rough, 7.25), Zone::of(ZoneKind::Bunker, 5),
                      Zone::of(ZoneKind::Green, 15)};
        line.zones[0].name = "the bank";
        line.zones[2].grain = ZoneGrain::Into;
        line.obstacles = {{12.0, 0.5, "lip"}, {3.0, 8.0, "oak", 2.5}};
        line.flag_m = 19.5;
        s.conditions.line = line;
        s.conditions.ball = BallKind::Firm;
        s.conditions.face = FaceCondition::WornWet;
        s.conditions.air.windAhead_mps = -4;
        s.conditions.lie = {0.4, 0.5, 1.0, 0.004, 0.9};
        s.lie.height = GrassHeight::Half;
        s.lie.sits = BallSits::Down;
        s.lie.swing = PracticeSwing::Grabbed;
        s.lie.grain = GrassLies::AcrossToward;
        s.clubs = {{"sand", {0.98, 1.12, 0.17}, false}, {"", {}, true}};
        return s;
    }
    static void expectSame(const Situation& a, const Situation& b) {
        EXPECT_EQ(a.name, b.name);
        EXPECT_EQ(a.lie, b.lie);
        EXPECT_EQ(a.conditions.line->obstacles, b.conditions.line->obstacles);
        EXPECT_EQ(a.conditions.line->flag_m, b.conditions.line->flag_m);
        ASSERT_EQ(a.conditions.line->zones.size(), b.conditions.line->zones.size());
        EXPECT_EQ(a.conditions.line->zones[0].name, b.conditions.line->zones[0].name);
        EXPECT_EQ(b.conditions.line->zones[2].grain, ZoneGrain::Into);
        EXPECT_EQ(a.conditions.ball, b.conditions.ball);
        EXPECT_EQ(a.conditions.face, b.conditions.face);
        EXPECT_EQ(a.conditions.air, b.conditions.air);
        EXPECT_NEAR(a.conditions.lie.cover, b.conditions.lie.cover, 1e-15);
        ASSERT_EQ(a.clubs.size(), b.clubs.size());
        EXPECT_NEAR(a.clubs[0].wedge.loft_rad, b.clubs[0].wedge.loft_rad, 1e-12);
        EXPECT_TRUE(b.clubs[1].putter);
    }

    std::filesystem::path folder_;
};

TEST_F(SituationFileTest, ComesBackAsItWas) {
    const auto path = folder_ / "over sand.json";
    writeSituation(path, overSand());
    expectSame(overSand(), readSituation(path));
    expectSame(overSand(), parseSituation(formatSituation(overSand(), false)));
}

TEST_F(SituationFileTest, TheLogbookKeepsThemByName) {
    Logbook book(folder_ / "log.wedgeon");
    Situations kept(book);
    Situation a = overSand(), b = overSand();
    b.name = "another";
    kept.keep(std::vector{a, b});
    a.conditions.line->flag_m = 21;
    kept.keep(std::vector{a});
    const auto records = readRecords(book);
    ASSERT_EQ(records->situations.size(), 2u);
    EXPECT_EQ(records->situations[0].name, a.name);
    EXPECT_EQ(records->situations[0].conditions.line->flag_m, 21);
    kept.remove(a.name);
    EXPECT_EQ(kept.all().size(), 1u);
    Situation nameless = overSand();
    nameless.name.clear();
    EXPECT_THROW(kept.keep(std::vector{nameless}), StoreError);
    EXPECT_EQ(kept.all().size(), 1u);
}

TEST_F(SituationFileTest, AnotherProgramsFileIsRefusedWithTheField) {
    const auto refused = [](const std::string& text) {
        try {
            (void)parseSituation(text);
        } catch (const StoreError&) {
            return true;
        } catch (const RangeError&) {
            return true;
        }
        return false;
    };
    EXPECT_TRUE(refused("{}"));
    EXPECT_TRUE(refused("[1, 2]"));
    EXPECT_TRUE(refused("no json"));
    EXPECT_TRUE(refused(R"({"format":"wedgeon-recipes","version":1,"recipes":[]})"));
    EXPECT_TRUE(refused(R"({"format":"wedgeon-situation","version":2,"zones":[]})"));
    EXPECT_TRUE(refused(R"({"format":"wedgeon-situation","version":1})")) << "no zones";
    EXPECT_TRUE(refused(
        R"({"format":"wedgeon-situation","version":1,"zones":[{"kind":"green","length_m":-1}]})"));
    EXPECT_TRUE(refused(
        R"({"format":"wedgeon-situation","version":1,"name":"a\u0007","zones":[{"kind":"green","length_m":9}]})"));
    EXPECT_FALSE(refused(
        R"({"format":"wedgeon-situation","version":1,"zones":[{"kind":"green","length_m":9}]})"));
    EXPECT_TRUE(refused(std::string(2u << 20, ' ')));
}

}  // namespace
}  // namespace wedgeon::store
