// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Swings in the logbook, what their names say, and shots as a ladder takes them.
#include "wedgeon/store/swing_sets.h"

#include <gtest/gtest.h>

#include "logbook_fixture.h"
#include "wedgeon/error.h"
#include "wedgeon/store/error.h"
#include "wedgeon/store/ladder_shots.h"

namespace wedgeon::store {
namespace {

class SwingSetsTest : public LogbookFolderTest {};

SwingSet hours() {
    return {SwingKind::Clock,
            {1.62, Sex::Female, Level::Expert},
            {{"acht", 8.0, {}}, {"neun \"Uhr\"", 9.0, 17.5}, {"elf", 11.0, {}}}};
}

TEST_F(SwingSetsTest, AreKeptByPlayerAndComeWithHim) {
    Logbook book(path_);
    SwingSets sets(book);
    sets.keep("Runa Vale", SwingSet::ordinary());
    sets.keep("Runa Vale", hours());
    sets.keep("", SwingSet::ordinary());
    EXPECT_EQ(sets.all().at("Runa Vale"), hours());
    EXPECT_EQ(sets.all().at(""), SwingSet::ordinary());
    const auto records = readRecords(book);
    ASSERT_TRUE(records->modelOf("Runa Vale").swings);
    EXPECT_EQ(*records->modelOf("Runa Vale").swings, hours());
    EXPECT_EQ(readRecords(book, records.get())->modelOf("Runa Vale"), records->modelOf("Runa Vale"))
        << "reading them again makes nobody another";
    EXPECT_FALSE(records->modelOf("Odo Ferrin").swings);
    sets.remove("Runa Vale");
    EXPECT_FALSE(readRecords(book)->modelOf("Runa Vale").swings);
}

TEST_F(SwingSetsTest, GoWithAPlayerWhoIsCalledOtherwise) {
    Logbook book(path_);
    Kit kit(book);
    kit.keepPlayer({0, "Runa Vale", Hand::Right, {}});
    ShotRecord r;
    r[Label::Player] = "R. Vale";
    r[Quantity::Carry] = 40;
    book.addShots({"a.csv", "a", "2026-11-01"}, std::vector{r});
    SwingSets(book).keep("R. Vale", hours());
    kit.setOtherNames("Runa Vale", {"R. Vale"});
    EXPECT_EQ(*readRecords(book)->modelOf("R. Vale").swings, hours());
    // Her own stand when both have some.
    SwingSets(book).keep("Runa Vale", SwingSet::ordinary());
    ShotRecord other = r;
    other[Label::Player] = "runa";
    book.addShots({"b.csv", "b", "2026-11-01"}, std::vector{other});
    SwingSets(book).keep("runa", hours());
    kit.setOtherNames("Runa Vale", {"R. Vale", "runa"});
    EXPECT_EQ(SwingSets(book).all().at("Runa Vale"), SwingSet::ordinary());
    EXPECT_EQ(SwingSets(book).all().size(), 1u);
}

TEST_F(SwingSetsTest, ADocumentThatMeansNothingIsRefusedByField) {
    EXPECT_EQ(parseSwings(formatSwings(hours())), hours());
    const auto refused = [](const std::string& json) {
        EXPECT_THROW((void)parseSwings(json), std::exception) << json;
    };
    refused("");
    refused("[]");
    refused(R"({"kind":"moon","swings":[{"name":"a","length":0.5}]})");
    refused(R"({"kind":"share","swings":[]})");
    refused(R"({"kind":"share","swings":[{"name":"","length":0.5}]})");
    refused(R"({"kind":"share","swings":[{"name":"a","length":0.5},{"name":"b","length":0.4}]})");
    refused(R"({"kind":"share","swings":[{"name":"a","length":0.5,"speed":3}]})");
    refused(R"({"kind":"share","height_m":12,"swings":[{"name":"a","length":0.5}]})");
    Logbook book(path_);
    EXPECT_THROW(SwingSets(book).keep("x", SwingSet{}), RangeError);
    EXPECT_TRUE(SwingSets(book).all().empty());
}

std::vector<std::string> namesOf(const SwingSet& set) {
    std::vector<std::string> out;
    for (const SwingName& s : set.swings)
        out.push_back(s.name);
    return out;
}

TEST(SwingNames, AreBroughtIntoTheOrderThatTheirWordsSay) {
    const SwingSet body = withHitSwings(
        {}, {{"Shoulder high", 24, 5}, {"hip-high", 14, 9}, {"full", 30, 2}, {"KNEE", 9, 1}});
    EXPECT_EQ(body.kind, SwingKind::HandHeight);
    EXPECT_EQ(namesOf(body),
              (std::vector<std::string>{"KNEE", "hip-high", "Shoulder high", "full"}));
    body.validate();
    const SwingSet clock =
        withHitSwings({}, {{"10:30", 0, 5}, {"7:30", 0, 9}, {"9 o'clock", 0, 2}});
    EXPECT_EQ(clock.kind, SwingKind::Clock);
    EXPECT_EQ(namesOf(clock), (std::vector<std::string>{"7:30", "9 o'clock", "10:30"}));
    EXPECT_DOUBLE_EQ(clock.swings[0].length, 7.5);
    const SwingSet share =
        withHitSwings({}, {{"three-quarter", 0, 5}, {"50 %", 0, 9}, {"full", 0, 2}});
    EXPECT_EQ(share.kind, SwingKind::Share);
    EXPECT_EQ(namesOf(share), (std::vector<std::string>{"50 %", "three-quarter", "full"}));
    // Words that say nothing: by speed; a thousand of them do not break it.
    const SwingSet own = withHitSwings({}, {{"long", 25, 5}, {"pitch", 15, 9}, {"stock", 20, 2}});
    EXPECT_EQ(namesOf(own), (std::vector<std::string>{"pitch", "stock", "long"}));
    std::vector<HitSwing> many;
    for (int i = 0; i < 1000; ++i)
        many.push_back({std::string(300, 'x') + std::to_string(i), 1.0 * (i % 40), 1});
    const SwingSet few = withHitSwings({}, many);
    EXPECT_LE(few.swings.size(), 12u);
    few.validate();
    withHitSwings({}, {}).validate();
    // A set of one's own keeps its kind, and takes in what was hit besides.
    const SwingSet mine = withHitSwings(hours(), {{"half", 16, 3}, {"ACHT", 12, 9}});
    EXPECT_EQ(mine.swings.size(), 4u);
    EXPECT_EQ(mine.kind, SwingKind::Clock);
    mine.validate();
}

TEST_F(SwingSetsTest, ShotsBecomeRungsOfTheirPlayer) {
    Logbook book(path_);
    std::vector<ShotRecord> shots;
    for (int i = 0; i < 12; ++i) {
        ShotRecord r;
        r[Label::Player] = i % 3 == 2 ? "Odo" : "Runa";
        r[Label::Wedge] = i % 2 ? "54" : "58";
        r[Label::Swing] = i < 6 ? "hip high" : "Rib-High";
        r[Label::Time] = "2026-10-0" + std::to_string(1 + i % 4) + " 10:00";
        r[Label::Lie] = "lush";
        r[Quantity::Loft] = 0.9;
        r[Quantity::Carry] = 20 + i;
        r[Quantity::ClubSpeed] = 15;
        if (i == 0) r[Label::Swing] = "";
        shots.push_back(r);
    }
    book.addShots({"a.csv", "a", "2026-11-01"}, shots);
    const auto all = book.shots();
    book.setAside(all[1].id, "coach", "");
    const auto records = readRecords(book);
    Fallback fallback;
    fallback.everyone = records->everyone;
    fallback.conditions.lie = findLie("deep")->lie;
    fallback.conditions.air.windAhead_mps = -8;
    const LadderShots found = findLadderShots(ShotList(book.shots()), fallback, *records, "Runa");
    EXPECT_EQ(found.setAside, 1u);
    EXPECT_EQ(found.withoutSwing, 1u);
    EXPECT_EQ(found.request.shots.size(), 6u);
    ASSERT_EQ(found.request.clubs.size(), 2u);
    ASSERT_EQ(found.request.swings.swings.size(), 2u);
    EXPECT_EQ(found.request.swings.swings[0].name, "hip high");
    // Today's weather and grass are not those of the day on which they were hit.
    ASSERT_EQ(found.request.met.size(), 1u);
    EXPECT_EQ(found.request.met[0].lie, findLie("lush")->lie);
    EXPECT_EQ(found.request.met[0].air, Air{});
    EXPECT_EQ(found.request.plain.lie, Lie{});
    found.request.validate();
    const LadderShots nobody = findLadderShots({}, fallback, *records, "Nobody");
    nobody.request.validate();
    EXPECT_GE(nobody.request.clubs.size(), 3u) << "an ordinary bag";
}

}  // namespace
}  // namespace wedgeon::store
