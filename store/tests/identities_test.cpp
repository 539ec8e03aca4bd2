// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Who and what the words of shots mean, and which session a file belongs to.
#include <SQLiteCpp/Database.h>

#include "identities.h"
#include "logbook_db.h"
#include "logbook_fixture.h"
#include "text.h"
#include "wedgeon/store/kit.h"
#include "wedgeon/store/records.h"
#include "wedgeon/store/tunings.h"

namespace wedgeon::store {
namespace {

class IdentitiesTest : public LogbookFolderTest {
protected:
    static ShotRecord shot(double carry_m, const char* player, const char* wedge,
                           const char* time = "") {
        ShotRecord s = carried(carry_m, player);
        s[Label::Wedge] = wedge;
        s[Label::Time] = time;
        return s;
    }
    static std::int64_t number(Logbook& book, const std::string& sql) {
        return LogbookAccess::of(book).db->execAndGet(sql).getInt64();
    }
    static std::int64_t shotsOf(Logbook& book, const std::string& player) {
        return number(book,
                      "SELECT count(*) FROM shots JOIN players ON players.id = player_id "
                      "WHERE players.name = '" +
                          player + "'");
    }
    /// All parts as a text, and as they follow from the shots.
    static std::string partsOf(Logbook& book) {
        return LogbookAccess::of(book)
            .db
            ->execAndGet(
                "SELECT group_concat(p, '; ') FROM (SELECT source_id || ' ' || player_id || ' ' || "
                "coalesce(club_id, '') || ' ' || first_day || ' ' || last_day AS p FROM parts "
                "ORDER BY 1)")
            .getString();
    }
    static std::string partsOfShots(Logbook& book) {
        return LogbookAccess::of(book)
            .db
            ->execAndGet(
                "SELECT group_concat(p, '; ') FROM (SELECT source_id || ' ' || player_id || ' ' || "
                "coalesce(club_id, '') || ' ' || min(coalesce(day, 0)) || ' ' || max(coalesce(day, "
                "0)) AS p FROM shots GROUP BY source_id, player_id, club_id ORDER BY 1)")
            .getString();
    }
    /// The session whose shots have this source's file name.
    static Session sessionOf(const Logbook& book, std::int64_t id) {
        for (Session& s : book.sessions()) {
            if (s.id == id) return s;
        }
        ADD_FAILURE() << "no session " << id;
        return {};
    }
};

TEST_F(IdentitiesTest, ShotsReferToPlayersClubsAndDays) {
    Logbook book(path_);
    const std::vector<ShotRecord> shots{
        shot(30, "Runa", "54", "2026-10-06 10:00:00"), shot(31, "Odo", "54", "2026-10-07 10:00:00"),
        shot(32, "Runa", "58", "2026-10-07"),          shot(33, "", "54", "yesterday"),
        shot(34, "Runa", "", "2026-13-07 10:00:00"),   shot(35, "Runa", "54", "")};
    book.addShots(file("a.csv"), shots);
    EXPECT_EQ(shotsOf(book, "Runa"), 4);
    EXPECT_EQ(shotsOf(book, "Odo"), 1);
    EXPECT_EQ(shotsOf(book, ""), 1) << "whoever uses the program";
    EXPECT_EQ(number(book, "SELECT count(*) FROM clubs"), 4) << "each player's own";
    EXPECT_EQ(number(book, "SELECT count(*) FROM shots WHERE club_id IS NULL"), 1);
    EXPECT_EQ(number(book, "SELECT count(DISTINCT day) FROM shots"), 2);
    EXPECT_EQ(number(book, "SELECT day FROM shots WHERE id = 1"), *text::dayOf("2026-10-06"));
    EXPECT_EQ(number(book, "SELECT count(*) FROM shots WHERE day IS NULL"), 3);
    EXPECT_EQ(number(book, "SELECT count(*) FROM parts"), 5);
    EXPECT_EQ(number(book,
                     "SELECT last_day FROM parts JOIN players ON players.id = parts.player_id JOIN "
                     "clubs ON clubs.id = club_id WHERE players.name = 'Runa' AND clubs.name "
                     "= '54'"),
              *text::dayOf("2026-10-06"));
    EXPECT_TRUE(Kit(book).players().empty()) << "named by shots, kept by nobody";
    EXPECT_EQ(Kit(book).keepPlayer({0, "Runa", Hand::Left, ""}),
              number(book, "SELECT player_id FROM shots WHERE id = 1"));
    EXPECT_EQ(Kit(book).players().size(), 1u);
    Kit(book).removePlayer("Runa");
    EXPECT_TRUE(Kit(book).players().empty());
    EXPECT_EQ(shotsOf(book, "Runa"), 4) << "they stay one player's";
}

TEST_F(IdentitiesTest, APartKnowsItsFirstAndItsLastDayInWhateverOrderTheShotsCame) {
    Logbook book(path_);
    book.addShots(file("a.csv"), std::vector<ShotRecord>{shot(30, "Odo", "54", "2026-10-07"),
                                                         shot(31, "Odo", "54", "2026-10-09"),
                                                         shot(32, "Odo", "54", "2026-10-06"),
                                                         shot(33, "Odo", "54", "2026-10-08")});
    EXPECT_EQ(number(book, "SELECT first_day FROM parts"), *text::dayOf("2026-10-06"));
    EXPECT_EQ(number(book, "SELECT last_day FROM parts"), *text::dayOf("2026-10-09"));
}

TEST_F(IdentitiesTest, DaysAreThoseOfTheCalendar) {
    EXPECT_EQ(text::dayOf("1970-01-01"), 0);
    EXPECT_EQ(text::dayOf("1970-01-02 23:59"), 1);
    EXPECT_EQ(text::dayOf("2026-11-26T10:00:00Z"), 20783);
    for (const char* none : {"", "2026-11-2", "26.11.2026", "2026-02-30", "2026-00-10", "x"})
        EXPECT_FALSE(text::dayOf(none)) << none;
}

TEST_F(IdentitiesTest, OtherNamesMeanTheSamePlayer) {
    Logbook book(path_);
    Kit kit(book);
    book.addShots(file("a.csv"), std::vector{shot(30, "Runa Vale", "54"), shot(31, "R. Vale", "54"),
                                             shot(32, "R. Vale", "58"), shot(33, "Odo", "54")});
    const auto runa = kit.keepPlayer({0, "Runa Vale", Hand::Left, ""});
    kit.keepPlayer({0, "Odo", Hand::Right, ""});
    KitWedge wedge;
    wedge.name = "54";
    wedge.wedge = {0.94, 1.1, 0.17};
    kit.keepWedge("Runa Vale", wedge, "2026-10-01");
    kit.setOtherNames("Runa Vale", {"R. Vale", "runa"});
    EXPECT_EQ(kit.otherNames("Runa Vale"), (std::vector<std::string>{"R. Vale", "runa"}));
    EXPECT_EQ(shotsOf(book, "Runa Vale"), 3);
    EXPECT_EQ(number(book, "SELECT count(*) FROM players WHERE name = 'R. Vale'"), 0);
    // Her 54 is one club, whatever she was called, and the one in her bag.
    EXPECT_EQ(number(book,
                     "SELECT count(DISTINCT club_id) FROM shots WHERE wedge = '54' AND "
                     "player_id = " +
                         std::to_string(runa)),
              1);
    EXPECT_EQ(number(book, "SELECT club_id FROM wedges"),
              number(book, "SELECT club_id FROM shots WHERE id = 1"));
    // What comes in later, too.
    book.addShots(file("b.csv"), std::vector{shot(40, "runa", "58")});
    EXPECT_EQ(shotsOf(book, "Runa Vale"), 4);
    EXPECT_EQ(book.shots().back().record[Label::Player], "runa") << "the words are kept";
    // The models know her by every name.
    const auto records = readRecords(book);
    EXPECT_EQ(records->modelOf("R. Vale").name, "Runa Vale");
    EXPECT_EQ(records->modelOf("R. Vale").hand, Hand::Left);
    const Fallback fallback{{"Odo", Hand::Right, nullptr}, {}, records->everyone};
    EXPECT_EQ(findPlayerName(shot(1, "runa", ""), fallback), "Runa Vale");
    EXPECT_EQ(findPlayerName(shot(1, "somebody", ""), fallback), "somebody");
    EXPECT_EQ(findShotGivens(shot(1, "runa", ""), fallback).player.hand, Hand::Left);
    // A name that is somebody else's own or other name is refused, and nothing is changed.
    EXPECT_EQ(refusal([&] {
                  kit.setOtherNames("Odo", {"Odo F.", "Runa Vale"});
              }).fault(),
              Fault::Malformed);
    EXPECT_EQ(refusal([&] { kit.setOtherNames("Odo", {"runa"}); }).fault(), Fault::Malformed);
    EXPECT_TRUE(kit.otherNames("Odo").empty());
    // Left out again, its shots are of somebody known by that name alone.
    kit.setOtherNames("Runa Vale", {"runa"});
    EXPECT_EQ(shotsOf(book, "Runa Vale"), 2);
    EXPECT_EQ(shotsOf(book, "R. Vale"), 2);
    EXPECT_EQ(number(book,
                     "SELECT count(DISTINCT club_id) FROM shots JOIN players ON players.id = "
                     "player_id WHERE name = 'R. Vale'"),
              2);
    // Kept under that name, she is a player of her own.
    kit.keepPlayer({0, "runa", Hand::Right, ""});
    EXPECT_EQ(shotsOf(book, "runa"), 1);
    EXPECT_TRUE(kit.otherNames("Runa Vale").empty());
    book.requireSound();
    EXPECT_EQ(number(book, "SELECT count(*) FROM pragma_foreign_key_check"), 0);
    EXPECT_EQ(partsOf(book), partsOfShots(book));
}

TEST_F(IdentitiesTest, ATuningGoesWithItsPlayer) {
    Logbook book(path_);
    Kit kit(book);
    kit.keepPlayer({0, "Runa Vale", Hand::Right, ""});
    KeptTuning kept;
    kept.tuning.player = "R. Vale";
    kept.made = "2026-11-26T10:00:00";
    Tunings tunings(book);
    const auto id = tunings.keep(kept);
    tunings.use("R. Vale", id);
    ASSERT_TRUE(tunings.inUse("R. Vale"));
    kit.setOtherNames("Runa Vale", {"R. Vale"});
    ASSERT_TRUE(tunings.inUse("Runa Vale"));
    EXPECT_EQ(tunings.inUse("Runa Vale")->id, id);
    EXPECT_EQ(tunings.inUse("Runa Vale")->tuning.player, "Runa Vale");
    EXPECT_EQ(tunings.of("Runa Vale").size(), 1u);
    EXPECT_TRUE(readRecords(book)->modelOf("R. Vale").tuning);
}

TEST_F(IdentitiesTest, AFileThatHasGrownGoesOnWithItsSessionUnderAnyName) {
    Logbook book(path_);
    const AddedShots first = book.addShots(file("export.csv"), carries(0, 20));
    const AddedShots grown = book.addShots(file("export (1).csv"), carries(0, 30));
    EXPECT_EQ(grown.added, 10u);
    EXPECT_EQ(grown.session, first.session);
    EXPECT_EQ(book.shotCount(first.session), 30u);
    EXPECT_EQ(book.sessions().size(), 1u);
    // All of it known: the same session is shown.
    EXPECT_EQ(book.addShots(file("copy.csv"), carries(0, 30)).session, first.session);
    // Another file of the same name is another session.
    const AddedShots other = book.addShots(file("export.csv"), carries(50, 60));
    EXPECT_NE(other.session, first.session);
    EXPECT_EQ(book.sessions().size(), 2u);
    // A few rows that happen to be known do not make it the same.
    const AddedShots mixed = book.addShots(file("mixed.csv"), carries(18, 22));
    EXPECT_EQ(mixed.added, 0u);
    EXPECT_EQ(mixed.session, first.session) << "that is where its shots are to be seen";
    std::vector<ShotRecord> some = carries(55, 57);
    const auto more = carries(70, 80);
    some.insert(some.end(), more.begin(), more.end());
    EXPECT_NE(book.addShots(file("some.csv"), some).session, other.session);
    EXPECT_EQ(book.sessions().size(), 3u);
}

TEST_F(IdentitiesTest, SessionsHaveADayAKindAndAPlayerWhereThereIsOne) {
    Logbook book(path_);
    const auto runas =
        book.addShots(file("a.csv"), std::vector{shot(30, "Runa", "54", "2026-10-06 10:00:00"),
                                                 shot(31, "Runa", "58", "2026-10-06 11:00:00")});
    const auto both =
        book.addShots(file("b.csv"), std::vector{shot(32, "Runa", "54"), shot(33, "Odo", "54")});
    LiveConnection live{"stand-in", "Live", "2026-11-25T23:30:00Z"};
    EXPECT_EQ(added(book, live, {{"1", carried(40, "Odo"), "2026-11-26 00:30:00"}}, 1000), 1u);
    const auto runa = number(book, "SELECT id FROM players WHERE name = 'Runa'");
    EXPECT_EQ(sessionOf(book, runas.session).day, "2026-10-06");
    EXPECT_EQ(sessionOf(book, runas.session).player, runa);
    EXPECT_EQ(sessionOf(book, runas.session).kind, Session::Kind::File);
    EXPECT_EQ(sessionOf(book, both.session).day, "2026-11-25") << "of the import";
    EXPECT_EQ(sessionOf(book, both.session).player, 0);
    EXPECT_EQ(sessionOf(book, live.session).day, "2026-11-26") << "where the person is";
    EXPECT_EQ(sessionOf(book, live.session).kind, Session::Kind::Live);
    EXPECT_NE(sessionOf(book, live.session).player, 0);
    EXPECT_EQ(added(book, live, {{"2", carried(41, "Runa"), "2026-11-26 00:31:00"}}, 1001), 1u);
    EXPECT_EQ(sessionOf(book, live.session).player, 0) << "two players' now";
    // Whose a session is follows from what a name means.
    Kit kit(book);
    kit.keepPlayer({0, "Runa", Hand::Right, ""});
    kit.setOtherNames("Runa", {"Odo"});
    EXPECT_EQ(sessionOf(book, both.session).player, runa);
    EXPECT_EQ(sessionOf(book, live.session).player, runa);
    kit.setOtherNames("Runa", {});
    EXPECT_EQ(sessionOf(book, both.session).player, 0);
    EXPECT_EQ(sessionOf(book, runas.session).player, runa);
    // Two connections of one title are two sessions.
    LiveConnection again{"stand-in", "Live", "2026-11-26T10:00:00Z"};
    EXPECT_EQ(added(book, again, {{"1", carried(50, "Odo"), "2026-11-26 11:00:00"}}, 90'000), 1u);
    EXPECT_NE(again.session, live.session);
}

}  // namespace
}  // namespace wedgeon::store
