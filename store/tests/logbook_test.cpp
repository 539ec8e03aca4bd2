// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// The logbook keeps what it took, doubles nothing, and says plainly what it cannot do.
#include "wedgeon/store/logbook.h"
#include "wedgeon/store/tunings.h"

#include <gtest/gtest.h>

#include <fstream>
#include <functional>
#include <optional>
#include <random>
#include <sstream>

#include "logbook_db.h"
#include "logbook_fixture.h"
#include "schema.h"
#include "wedgeon/store/error.h"

namespace wedgeon::store {
namespace {

ShotRecord shotNumber(int i) {
    ShotRecord s;
    s[Quantity::ClubSpeed] = 20 + 0.01 * i;
    s[Quantity::LaunchAngle] = 0.5;
    s[Quantity::SpinRate] = 600 + i;
    s[Label::Player] = "Runa Vale";
    s[Label::Note] = i % 2 ? "" : "a note; with 'quotes' and ünïcode";
    return s;
}

std::vector<ShotRecord> shotNumbers(int from, int to) {
    std::vector<ShotRecord> out;
    for (int i = from; i < to; ++i)
        out.push_back(shotNumber(i));
    return out;
}

bool same(const ShotRecord& a, const ShotRecord& b) {
    for (std::size_t i = 0; i < quantityCount; ++i) {
        const auto q = static_cast<Quantity>(i);
        if (a.has(q) != b.has(q) || (a.has(q) && a[q] != b[q])) return false;
    }
    return a.labels == b.labels;
}

class LogbookTest : public LogbookFolderTest {
protected:
    void overwrite(std::streamoff at, const std::string& bytes) const {
        std::fstream f(path_, std::ios::in | std::ios::out | std::ios::binary);
        f.seekp(at);
        f.write(bytes.data(), static_cast<std::streamsize>(bytes.size()));
    }
};

TEST_F(LogbookTest, ShotsComeBackToTheLastBit) {
    std::mt19937_64 random(5);
    std::vector<ShotRecord> shots = shotNumbers(0, 50);
    for (ShotRecord& s : shots) {
        for (double& v : s.values) {
            if (random() % 3) v = static_cast<double>(random()) / 7e17 * (random() % 2 ? 1 : -1);
        }
        s[Label::Tags] = std::string("tab\tnew\nline");
    }
    {
        Logbook book(path_);
        const AddedShots added = book.addShots(file("a.csv"), shots);
        EXPECT_EQ(added.added, 50u);
        EXPECT_EQ(added.known, 0u);
    }
    const Logbook again(path_, Logbook::Access::ReadOnly);
    const auto back = again.shots();
    ASSERT_EQ(back.size(), shots.size());
    for (std::size_t i = 0; i < shots.size(); ++i)
        EXPECT_TRUE(same(back[i].record, shots[i])) << i;
}

TEST_F(LogbookTest, TheSameFileAgainAddsNothingAndALongerOneOnlyTheRest) {
    Logbook book(path_);
    book.addShots(file("a.csv"), shotNumbers(0, 30));
    AddedShots again = book.addShots(file("a.csv"), shotNumbers(0, 30));
    EXPECT_EQ(again.added, 0u);
    EXPECT_EQ(again.known, 30u);
    EXPECT_EQ(again.source, 0);
    again = book.addShots(file("a-longer.csv"), shotNumbers(0, 40));
    EXPECT_EQ(again.added, 10u);
    EXPECT_EQ(again.known, 30u);
    EXPECT_EQ(book.shotCount(), 40u);
}

TEST_F(LogbookTest, AFileGoesOnWithTheSessionThatHoldsMostOfIt) {
    Logbook book(path_);
    const auto larger = book.addShots(file("larger.csv"), shotNumbers(0, 10));
    const auto smaller = book.addShots(file("smaller.csv"), shotNumbers(20, 23));
    auto both = shotNumbers(0, 10);
    for (ShotRecord& shot : shotNumbers(20, 24))
        both.push_back(std::move(shot));
    const auto all = book.addShots(file("all.csv"), both);
    EXPECT_EQ(all.added, 1u);
    EXPECT_EQ(all.session, larger.session);
    EXPECT_NE(all.session, smaller.session);
}

TEST_F(LogbookTest, TwoEqualRowsOfOneFileAreTwoShots) {
    Logbook book(path_);
    const std::vector<ShotRecord> twice{shotNumber(1), shotNumber(1)};
    EXPECT_EQ(book.addShots(file("a.csv"), twice).added, 2u);
}

TEST_F(LogbookTest, ACoachesOwnWordsDoNotMakeItAnotherShot) {
    Logbook book(path_);
    book.addShots(file("a.csv"), shotNumbers(0, 1));
    book.setLabel(book.shots().front().id, Label::Tags, "thin", "");
    EXPECT_EQ(book.addShots(file("a.csv"), shotNumbers(0, 1)).added, 0u);
}

TEST_F(LogbookTest, AnImportCanBeTakenBack) {
    Logbook book(path_);
    book.addShots(file("a.csv"), shotNumbers(0, 10));
    const AddedShots second = book.addShots(file("b.csv"), shotNumbers(10, 30));
    ASSERT_EQ(book.sessions().size(), 2u);
    EXPECT_EQ(book.shotCount(second.session), 20u);
    EXPECT_EQ(book.sessions()[1].id, second.session);
    book.removeSource(second.source);
    EXPECT_EQ(book.shotCount(), 10u);
    EXPECT_EQ(book.sessions().size(), 1u);
    EXPECT_EQ(book.addShots(file("b.csv"), shotNumbers(10, 30)).added, 20u);
}

TEST_F(LogbookTest, AWriterThatIsNotCommittedLeavesNothing) {
    Logbook book(path_);
    {
        const KnownShots known(book);
        LogbookWriter writer(book, file("a.csv"), known);
        writer.add(shotNumbers(0, 1000));
        EXPECT_EQ(book.shotCount(), 0u) << "nothing shows before the end";
    }
    EXPECT_EQ(book.shotCount(), 0u);
    EXPECT_TRUE(book.shots().empty());
    EXPECT_TRUE(book.sessions().empty());
}

TEST_F(LogbookTest, SettingAsideKeepsTheShotAndItsReason) {
    Logbook book(path_);
    book.addShots(file("a.csv"), shotNumbers(0, 3));
    const auto id = book.shots()[1].id;
    book.setAside(id, "thin", "");
    EXPECT_EQ(book.shots()[1].setAside, "thin");
    EXPECT_EQ(book.shotCount(), 3u);
    book.setAside(id, "", "thin");
    EXPECT_EQ(book.shots()[1].setAside, "");
}

TEST_F(LogbookTest, TwoWindowsDoNotOverwriteEachOther) {
    Logbook one(path_);
    one.addShots(file("a.csv"), shotNumbers(0, 3));
    Logbook other(path_);
    const auto before = other.dataVersion();
    const auto id = one.shots()[0].id;
    one.setLabel(id, Label::Tags, "mine", "");
    EXPECT_NE(other.dataVersion(), before) << "the other can see that something changed";
    const StoreError e = refusal([&] { other.setLabel(id, Label::Tags, "yours", ""); });
    EXPECT_EQ(e.fault(), Fault::Conflict);
    EXPECT_EQ(one.shots()[0].record[Label::Tags], "mine");
    EXPECT_EQ(refusal([&] { other.setAside(id, "", "was aside"); }).fault(), Fault::Conflict);
    EXPECT_EQ(refusal([&] { other.setAside(999, "x", ""); }).fault(), Fault::Conflict);
    // Both can add.
    other.addShots(file("b.csv"), shotNumbers(3, 6));
    one.addShots(file("c.csv"), shotNumbers(6, 9));
    EXPECT_EQ(other.shotCount(), 9u);
}

TEST_F(LogbookTest, ALockedFileIsSaidAndNothingIsChanged) {
    Logbook one(path_);
    Logbook other(path_);
    other.setPatience(50);
    std::optional<WriteTransaction> holds(std::in_place, *LogbookAccess::of(one).db);
    const StoreError e = refusal([&] { other.addShots(file("b.csv"), shotNumbers(1, 2)); });
    EXPECT_EQ(e.fault(), Fault::Locked);
    EXPECT_EQ(e.message(), Message(Says::HeldElsewhere, "mine.wedgeon"));
    holds.reset();
    EXPECT_EQ(other.addShots(file("b.csv"), shotNumbers(1, 2)).added, 1u);
}

TEST_F(LogbookTest, WhatIsNoLogbookIsRefusedAndLeftAlone) {
    const std::string text = "club_speed [m/s]\n20\n";
    std::ofstream(path_) << text;
    EXPECT_EQ(refusal([&] { Logbook book(path_); }).fault(), Fault::Damaged);
    std::stringstream back;
    back << std::ifstream(path_).rdbuf();
    EXPECT_EQ(back.str(), text);

    fs::remove(path_);
    {
        SQLite::Database other(path_.string(), SQLite::OPEN_READWRITE | SQLite::OPEN_CREATE);
        other.exec("CREATE TABLE recipes(id)");
    }
    EXPECT_EQ(refusal([&] { Logbook book(path_); }).fault(), Fault::Damaged);
}

TEST_F(LogbookTest, ALaterSchemaIsRefusedAndLeftAlone) {
    { Logbook book(path_); }
    {
        SQLite::Database raw(path_.string(), SQLite::OPEN_READWRITE);
        raw.exec("PRAGMA user_version = 99");
    }
    const StoreError e = refusal([&] { Logbook book(path_); });
    EXPECT_EQ(e.fault(), Fault::Newer);
    EXPECT_EQ(e.message(), Message(Says::LogbookNewer, "mine.wedgeon", 99, Logbook::schemaVersion));
}

TEST_F(LogbookTest, ADamagedPageIsFoundAndTheLastGoodBackupOffered) {
    {
        Logbook book(path_);
        book.addShots(file("a.csv"), shotNumbers(0, 2000));
        book.backUpOnce("2026-11-24");
        book.addShots(file("b.csv"), shotNumbers(2000, 2100));
        book.backUpOnce("2026-11-25T08:00:00");
    }
    // The newest backup is broken as well; the one of the day before is offered.
    std::ofstream(folder_ / "backups" / "mine-2026-11-25.wedgeon") << "nonsense";
    const auto size = fs::file_size(path_);
    overwrite(static_cast<std::streamoff>(size / 2 / 8192 * 8192), std::string(8192, '\x5A'));
    EXPECT_EQ(refusal([&] { Logbook(path_, Logbook::Access::ReadOnly).requireSound(); }).fault(),
              Fault::Damaged);
    EXPECT_EQ(fs::file_size(path_), size) << "left as it was";
    const auto good = Logbook::findGoodBackup(path_);
    ASSERT_TRUE(good);
    EXPECT_EQ(good->filename(), "mine-2026-11-24.wedgeon");
    EXPECT_EQ(Logbook(*good, Logbook::Access::ReadOnly).shotCount(), 2000u);
}

TEST_F(LogbookTest, BackupsAreOneADayAndTheOldOnesGo) {
    Logbook book(path_);
    book.addShots(file("a.csv"), shotNumbers(0, 5));
    for (const char* day : {"2026-11-01", "2026-11-02", "2026-11-03", "2026-11-03", "2026-11-04"})
        book.backUpOnce(day, {{}, 3});
    std::size_t n = 0;
    for (const auto& e : fs::directory_iterator(folder_ / "backups")) {
        ++n;
        EXPECT_EQ(Logbook(e.path(), Logbook::Access::ReadOnly).shotCount(), 5u);
    }
    EXPECT_EQ(n, 3u);
    EXPECT_FALSE(fs::exists(folder_ / "backups" / "mine-2026-11-01.wedgeon"));
}

TEST_F(LogbookTest, AFullDiskIsSaidAndNothingIsLost) {
    Logbook book(path_);
    book.addShots(file("a.csv"), shotNumbers(0, 100));
    LogbookAccess::of(book).db->exec("PRAGMA max_page_count = 60");
    const StoreError e = refusal([&] { book.addShots(file("b.csv"), shotNumbers(100, 9000)); });
    EXPECT_EQ(e.fault(), Fault::Full);
    EXPECT_EQ(e.message(), Message(Says::DiskFull, "mine.wedgeon"));
    EXPECT_EQ(book.shotCount(), 100u);
    EXPECT_EQ(Logbook(path_, Logbook::Access::ReadOnly).shotCount(), 100u);
}

TEST_F(LogbookTest, AFolderThatCannotBeWrittenIsSaid) {
    // Not even the superuser makes a file here.
    const StoreError e = refusal([] { Logbook book("/proc/mine.wedgeon"); });
    EXPECT_TRUE(e.fault() == Fault::CannotOpen || e.fault() == Fault::ReadOnly) << e.what();
    EXPECT_EQ(refusal([&] { Logbook book(path_, Logbook::Access::ReadOnly); }).fault(),
              Fault::CannotOpen);
}

TEST_F(LogbookTest, ReadOnlyRefusesEveryChange) {
    {
        Logbook book(path_);
        book.addShots(file("a.csv"), shotNumbers(0, 1));
    }
    Logbook book(path_, Logbook::Access::ReadOnly);
    const auto id = book.shots()[0].id;
    for (const std::function<void()>& change : std::vector<std::function<void()>>{
             [&] { book.addShots(file("b.csv"), shotNumbers(1, 2)); },
             [&] { book.setAside(id, "x", ""); }, [&] { book.setLabel(id, Label::Note, "x", ""); },
             [&] { book.removeSource(1); }, [&] { book.restoreSource(1); },
             [&] {
                 LiveConnection live{"stand-in", "Monday", "2026-11-25"};
                 book.addLiveShots(live, std::vector<LiveArrival>{{"1", shotNumber(1), ""}}, 0);
             }}) {
        EXPECT_EQ(refusal(change).fault(), Fault::ReadOnly);
    }
}

TEST_F(LogbookTest, EveryEarlierVersionIsMigratedWithItsShots) {
    for (std::size_t version = 1; version < migrations().size() + 1; ++version) {
        const fs::path old = folder_ / ("old-" + std::to_string(version) + ".wedgeon");
        {
            SQLite::Database raw(old.string(), SQLite::OPEN_READWRITE | SQLite::OPEN_CREATE);
            for (std::size_t i = 0; i < version; ++i)
                raw.exec(migrations()[i]);
            raw.exec("PRAGMA application_id = " + std::to_string(applicationId));
            raw.exec("PRAGMA user_version = " + std::to_string(version));
            raw.exec("INSERT INTO sessions(id, title, started) VALUES(1, 'Monday', '2026-11-23')");
            raw.exec(
                "INSERT INTO sources(id, kind, name, session_id, added) VALUES(1, 'file', "
                "'a.csv', 1, '2026-11-23')");
            raw.exec(
                "INSERT INTO shots(source_id, row_hash, player, wedge, time, tags, "
                "club_speed_mps) VALUES(1, 42, 'Runa Vale', '54', '2026-11-23 10:00:00', 'mine', "
                "21.5), (1, 43, x'FF', NULL, 'noon', NULL, 22)");
            raw.exec("INSERT INTO set_asides(shot_id, reason) VALUES(1, 'thin?')");
            if (version >= 2)
                raw.exec("INSERT INTO dismissals(shot_id, doubt) VALUES(1, 'off centre?')");
            if (version == 3 || version == 4) {
                Tuning tuning;
                SQLite::Statement put(raw,
                                      "INSERT INTO tunings(id, player, made, program, shots, "
                                      "tuning) VALUES(7, 'Odo', '2026-11-23T10:00:00', '0.1', 9, "
                                      "?)");
                put.bind(1, formatTuning(tuning));
                put.exec();
                raw.exec("INSERT INTO tunings_in_use VALUES('Odo', 7)");
            }
        }
        Logbook book(old);
        ASSERT_EQ(book.shotCount(), 2u) << version;
        const LoggedShot first = book.shots()[0];
        EXPECT_EQ(first.record[Quantity::ClubSpeed], 21.5);
        EXPECT_EQ(first.record[Label::Tags], "mine");
        if (version < 5) {
            EXPECT_EQ(first.setAside, "thin") << "a key now";
            if (version >= 2) {
                EXPECT_EQ(first.dismissed, std::vector<std::string>{"off-centre"});
            }
            SQLite::Database& db = *LogbookAccess::of(book).db;
            EXPECT_EQ(
                db.execAndGet("SELECT count(*) FROM shots JOIN players ON players.id = "
                              "shots.player_id JOIN clubs ON clubs.id = club_id WHERE players.name "
                              "= 'Runa Vale' AND NOT kept AND clubs.name = '54' AND day = "
                              "20780")
                    .getInt(),
                1)
                << version;
            EXPECT_EQ(db.execAndGet("SELECT count(*) FROM shots WHERE player_id IS NULL").getInt(),
                      0);
            EXPECT_EQ(book.sessions()[0].day, "2026-11-23");
        }
        if (version == 3 || version == 4) {
            ASSERT_TRUE(Tunings(book).inUse("Odo")) << version;
            EXPECT_EQ(Tunings(book).inUse("Odo")->id, 7);
        }
        book.requireSound();
        book.addShots(file("b.csv"), shotNumbers(0, 2));
        EXPECT_EQ(book.shotCount(), 4u);
    }
    EXPECT_EQ(static_cast<int>(migrations().size()), Logbook::schemaVersion);
}

}  // namespace
}  // namespace wedgeon::store
