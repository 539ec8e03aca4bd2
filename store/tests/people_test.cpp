// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Shots that are given to another player, and players that are one; both taken back.
#include "logbook_fixture.h"
#include "wedgeon/store/kit.h"
#include "wedgeon/store/records.h"
#include "wedgeon/store/swing_sets.h"
#include "wedgeon/store/tunings.h"

namespace wedgeon::store {
namespace {

constexpr const char* today = "2026-11-29";

class PeopleTest : public LogbookFolderTest {
protected:
    static ShotRecord with(double carry_m, const std::string& player, const std::string& wedge) {
        ShotRecord s = carried(carry_m, player);
        s[Label::Wedge] = wedge;
        return s;
    }
    static std::vector<ShotRecord> few(const std::string& player, int from, int count) {
        std::vector<ShotRecord> out;
        for (int i = from; i < from + count; ++i)
            out.push_back(with(20 + i, player, i % 2 == 0 ? "54 mid" : "60 lob"));
        return out;
    }
    /// All that a program shows of players and their shots.
    static std::string picture(Logbook& book) {
        std::string out;
        const auto records = readRecords(book);
        for (const Player& p : records->players) {
            out += p.name + (p.hand == Hand::Left ? " left " : " right ") + p.note + ":";
            for (const KitWedge& w : records->wedgesOf(p.name, true))
                out += w.name + "/" + w.since + "/" + w.until + ",";
            for (const std::string& n : records->otherNamesOf(p.name))
                out += " " + n;
            const auto* tuning = records->tuningInUse(p.name);
            out += tuning ? " tuned " + std::to_string(tuning->id) : "";
            out += records->modelOf(p.name).swings ? " swings" : "";
            out += "\n";
        }
        for (const LoggedShot& s : book.shots())
            out += std::to_string(s.id) + " " + s.record[Label::Player] +
                   (s.damaged ? " damaged" : "") + "\n";
        for (const Session& s : book.sessions())
            out += s.title + " of " + std::to_string(s.player) + "\n";
        return out;
    }
    static void wedge(Logbook& book, const std::string& player, const std::string& name,
                      const std::string& since) {
        KitWedge w;
        w.name = name;
        w.wedge = {0.94, 1.1, 0.17};
        Kit(book).keepWedge(player, w, since);
    }
};

TEST_F(PeopleTest, AShotIsGivenToAnotherAndComesInAgainAsTheSame) {
    Logbook book(path_);
    Kit(book).keepPlayer({0, "Runa Vale", Hand::Right, ""});
    Kit(book).keepPlayer({0, "Odo Fenn", Hand::Left, ""});
    const auto shots = few("Runa Vale", 0, 6);
    book.addShots(file("a.csv"), shots);
    const std::string before = picture(book);
    const std::vector<std::int64_t> ids{book.shots()[1].id, book.shots()[2].id};
    const RowChanges given = book.giveShots(ids, "Odo Fenn");
    auto now = book.shots();
    EXPECT_EQ(now[1].record[Label::Player], "Odo Fenn");
    EXPECT_EQ(now[1].playerInFile, Word("Runa Vale"));
    EXPECT_EQ(now[0].record[Label::Player], "Runa Vale");
    EXPECT_FALSE(now[1].damaged);
    EXPECT_EQ(book.sessions()[0].player, 0);  // several players'
    // The file again, and an export of what it is now.
    EXPECT_EQ(book.addShots(file("a.csv"), shots).added, 0u);
    std::vector<ShotRecord> exported;
    for (const LoggedShot& s : now)
        exported.push_back(s.record);
    EXPECT_EQ(book.addShots(file("b.csv"), exported).added, 0u);
    // The import cannot go while something was said of it.
    EXPECT_EQ(refusal([&] { book.removeSource(given.sources.at(0)); }).fault(), Fault::Conflict);
    // Given on, it is still the file's shot.
    const RowChanges on = book.giveShots(std::span(ids).first(1), "Somebody New");
    EXPECT_EQ(book.shots()[1].playerInFile, Word("Runa Vale"));
    EXPECT_EQ(book.addShots(file("a.csv"), shots).added, 0u);
    // Taken back in the wrong order nothing happens; in the right one all is as it was.
    const std::string between = picture(book);
    EXPECT_EQ(refusal([&] { book.takeBack(given); }).fault(), Fault::Conflict);
    EXPECT_EQ(picture(book), between);
    book.takeBack(on);
    book.takeBack(given);
    EXPECT_EQ(picture(book), before);
    book.removeSource(given.sources.at(0));
}

TEST_F(PeopleTest, AShotWithoutAPlayerIsGivenToOne) {
    Logbook book(path_);
    const auto shots = few("", 0, 2);
    book.addShots(file("a.csv"), shots);
    const std::vector<std::int64_t> ids{book.shots()[0].id, book.shots()[1].id};
    const RowChanges given = book.giveShots(ids, "Runa Vale");
    EXPECT_EQ(book.shots()[0].record[Label::Player], "Runa Vale");
    EXPECT_NE(book.sessions()[0].player, 0);
    EXPECT_EQ(book.addShots(file("a.csv"), shots).added, 0u);
    EXPECT_EQ(refusal([&] { book.giveShots(std::vector<std::int64_t>{99}, "X"); }).fault(),
              Fault::Conflict);
    book.takeBack(given);
    EXPECT_EQ(book.shots()[0].record[Label::Player], "");
    EXPECT_FALSE(book.shots()[0].playerInFile);
}

TEST_F(PeopleTest, TwoPlayersThatAreOneBecomeOneAndTwoAgain) {
    Logbook book(path_);
    Kit kit(book);
    kit.keepPlayer({0, "Runa Vale", Hand::Right, "right knee"});
    kit.keepPlayer({0, "R. Vale", Hand::Left, "plays early"});
    kit.setOtherNames("R. Vale", {"Vale R"});
    wedge(book, "Runa Vale", "54 mid", "2026-01-01");
    wedge(book, "R. Vale", "54 mid", "2026-02-01");
    wedge(book, "R. Vale", "60 lob", "2026-02-01");
    SwingSets(book).keep("R. Vale", SwingSet::ordinary());
    book.addShots(file("a.csv"), few("Runa Vale", 0, 4));
    book.addShots(file("b.csv"), few("R. Vale", 10, 4));
    book.addShots(file("c.csv"), few("Vale R", 20, 2));
    const std::string before = picture(book);
    const RowChanges merged = kit.mergePlayers("R. Vale", "Runa Vale", today);
    const auto records = readRecords(book);
    ASSERT_EQ(records->players.size(), 1u);
    EXPECT_EQ(records->players[0].note, "right knee\nplays early");
    EXPECT_EQ(records->players[0].hand, Hand::Right);
    EXPECT_EQ(records->otherNamesOf("Runa Vale"), (std::vector<std::string>{"R. Vale", "Vale R"}));
    EXPECT_EQ(records->wedgesOf("Runa Vale").size(), 2u);  // one 54, and the 60
    EXPECT_EQ(records->wedgesOf("Runa Vale", true).size(), 3u);
    EXPECT_TRUE(records->modelOf("Runa Vale").swings);
    EXPECT_TRUE(records->modelOf("R. Vale").swings);
    for (const Session& s : book.sessions())
        EXPECT_EQ(s.player, records->players[0].id) << s.title;
    // What comes under his name meanwhile goes with him when he is somebody again.
    book.addShots(file("d.csv"), few("R. Vale", 30, 2));
    book.takeBack(merged);
    EXPECT_EQ(picture(book).find(before.substr(0, before.find("1 Runa"))), 0u);
    const auto again = readRecords(book);
    const std::int64_t his = again->findPlayer("R. Vale")->id;
    std::size_t of = 0;
    for (const Session& s : book.sessions())
        of += s.player == his ? 1u : 0u;
    EXPECT_EQ(of, 3u);  // his own two, with "Vale R", and what came since
    book.requireSound();
}

TEST_F(PeopleTest, AMergeThatSomebodyBuiltOnIsNotTakenBack) {
    Logbook book(path_);
    Kit kit(book);
    kit.keepPlayer({0, "Runa Vale", Hand::Right, ""});
    kit.keepPlayer({0, "R. Vale", Hand::Right, "plays early"});
    book.addShots(file("b.csv"), few("R. Vale", 10, 4));
    const RowChanges merged = kit.mergePlayers("R. Vale", "Runa Vale", today);
    Logbook other(path_);
    Kit(other).keepPlayer({0, "Runa Vale", Hand::Right, "another note"});
    const std::string between = picture(book);
    EXPECT_EQ(refusal([&] { book.takeBack(merged); }).message().says, Says::RowsChanged);
    EXPECT_EQ(picture(book), between);
    EXPECT_EQ(refusal([&] { kit.mergePlayers("Nobody", "Runa Vale", today); }).message().says,
              Says::NoSuchPlayer);
    EXPECT_EQ(refusal([&] { kit.mergePlayers("Runa Vale", "Runa Vale", today); }).fault(),
              Fault::Malformed);
}

}  // namespace
}  // namespace wedgeon::store
