// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// What two programs and odd names may do to a logbook without a shot being lost, doubled or
// destroyed.
#include <fcntl.h>
#include <sys/resource.h>
#include <sys/stat.h>

#include "logbook_db.h"
#include "logbook_fixture.h"
#include "schema.h"
#include "wedgeon/store/files.h"
#include "wedgeon/store/kit.h"
#include "wedgeon/store/recipe_file.h"

namespace wedgeon::store {
namespace {

class LogbookCareTest : public LogbookFolderTest {};

// The lock.

TEST_F(LogbookCareTest, ASecondOpeningInTheSameProgramKeepsTheLocksOfTheFirst) {
    Logbook window(path_);
    window.addShots(file("a.csv"), carries(0, 10));
    // Whatever this program does with the file, another must not take itself for the last user.
    { Logbook again(path_); }
    { Logbook reading(path_, Logbook::Access::ReadOnly); }
    EXPECT_EQ(refusal([&] { readShotFile(path_); }).fault(), Fault::CannotOpen);
    EXPECT_EQ(refusal([&] { readRecipes(path_); }).fault(), Fault::CannotOpen);
    EXPECT_EQ(refusal([&] { readWhole(path_.string() + "-wal", 1u << 30); }).fault(),
              Fault::CannotOpen);
    ASSERT_EQ(inAnotherProcess([&] {
                  Logbook other(path_);
                  other.addShots(file("b.csv"), carries(10, 20));
              }),
              0);
    ASSERT_TRUE(fs::exists(path_.string() + "-wal")) << "the log went while this one is open";
    window.addShots(file("c.csv"), carries(20, 30));
    ASSERT_EQ(inAnotherProcess([&] {
                  Logbook other(path_);
                  other.requireSound();
                  if (other.shotCount() != 30) _exit(2);
              }),
              0);
    EXPECT_EQ(window.shotCount(), 30u);
}

TEST_F(LogbookCareTest, ALogbookUnderAnotherNameIsNoFileOfShots) {
    Logbook window(path_);
    fs::create_symlink(path_, folder_ / "link.csv");
    fs::create_hard_link(path_, folder_ / "hard.csv");
    for (const char* name : {"link.csv", "hard.csv"}) {
        const StoreError e = refusal([&] { readShotFile(folder_ / name); });
        EXPECT_EQ(e.message(), Message(Says::FileIsOpenLogbook, name));
        EXPECT_EQ(refusal([&] { writeWhole(folder_ / name, "x"); }).fault(), Fault::CannotWrite);
    }
}

// What is acknowledged has a row.

TEST_F(LogbookCareTest, ADeviceThatCountsFromOneAgainLosesNothing) {
    Logbook book(path_);
    LiveConnection first{"stand-in", "Tuesday", "2026-11-24"};
    EXPECT_EQ(added(book, first, {{"1", carried(30), ""}, {"2", carried(31), ""}}, 1000), 2u);
    LiveConnection second{"stand-in", "Tuesday", "2026-11-24", first.session};
    EXPECT_EQ(added(book, second,
                    {{"1", carried(32), ""}, {"2", carried(33), ""}, {"3", carried(34), ""}}, 1010),
              3u);
    EXPECT_EQ(book.shotCount(), 5u);
    EXPECT_EQ(book.sessions().size(), 1u);
}

TEST_F(LogbookCareTest, OneNumberWithFiftyReadingsIsFiftyShots) {
    Logbook book(path_);
    LiveConnection live{"stand-in", "Tuesday", "2026-11-24"};
    std::vector<LiveArrival> all;
    for (int i = 0; i < 50; ++i)
        all.push_back({"7", carried(20 + i), ""});
    EXPECT_EQ(added(book, live, all, 1000), 50u);
    EXPECT_EQ(added(book, live, all, 1001), 0u) << "sent again, each is known";
}

TEST_F(LogbookCareTest, AShotIsKnownOnlyWithinMinutesOfItsDeviceTimeAndPlayer) {
    Logbook book(path_);
    LiveConnection monday{"stand-in", "Monday", "2026-11-23"};
    const LiveArrival coarse{"17", carried(30), "2026-11-23 10:00:00"};
    EXPECT_EQ(added(book, monday, {coarse}, 1000), 1u);
    EXPECT_EQ(added(book, monday, {coarse}, 1002), 0u);
    // The next run of the program, which had not heard of it.
    LiveConnection again{"stand-in", "Monday later", "2026-11-23"};
    EXPECT_EQ(added(book, again, {coarse}, 1300), 0u);
    EXPECT_EQ(again.source, 0) << "nothing was made for nothing";
    // Another day, another player, another device, another time: another shot.
    LiveConnection tuesday{"stand-in", "Tuesday", "2026-11-24"};
    EXPECT_EQ(added(book, tuesday, {coarse}, 90'000), 1u);
    EXPECT_EQ(added(book, tuesday, {{"17", carried(30, "Odo Fenn"), ""}}, 90'001), 1u);
    LiveConnection other{"another device", "Tuesday", "2026-11-24"};
    EXPECT_EQ(added(book, other, {coarse}, 90'002), 1u);
    LiveArrival timed = coarse;
    timed.record[Label::Time] = "2026-11-24 10:00:01";
    EXPECT_EQ(added(book, tuesday, {timed}, 90'003), 1u);
    EXPECT_EQ(book.shotCount(), 5u);
}

TEST_F(LogbookCareTest, LiveShotsOfOneCallAreKeptTogetherOrNotAtAll) {
    Logbook book(path_);
    LiveConnection live{"stand-in", "Tuesday", "2026-11-24"};
    LogbookAccess::of(book).db->exec("PRAGMA max_page_count = 40");
    std::vector<LiveArrival> many;
    for (int i = 0; i < 3000; ++i)
        many.push_back({std::to_string(i), carried(20 + 0.001 * i), ""});
    EXPECT_EQ(refusal([&] { book.addLiveShots(live, many, 1); }).fault(), Fault::Full);
    EXPECT_EQ(live.source, 0);
    EXPECT_EQ(book.shotCount(), 0u);
}

TEST_F(LogbookCareTest, AShotWithoutATimeOfItsOwnHasTheTimeAtWhichItCame) {
    Logbook book(path_);
    LiveConnection live{"stand-in", "Tuesday", "2026-11-24"};
    const auto kept = book.addLiveShots(
        live, std::vector<LiveArrival>{{"1", carried(30), "2026-11-24 10:00:00"}}, 1000);
    ASSERT_TRUE(kept.front());
    EXPECT_EQ(kept.front()->record[Label::Time], "2026-11-24 10:00:00");
    EXPECT_EQ(book.shots().front().record[Label::Time], "2026-11-24 10:00:00");
    EXPECT_FALSE(book.shots().front().damaged);
}

// Names that look like something else.

TEST_F(LogbookCareTest, NamesAreNamesOfFiles) {
    const fs::path former = fs::current_path();
    fs::current_path(folder_);
    for (const char* name : {":memory:", "file:x?mode=memory", "a%20b#c"}) {
        {
            Logbook book(name);
            book.addShots(file("a.csv"), carries(0, 1));
        }
        EXPECT_TRUE(fs::is_regular_file(folder_ / name)) << name;
        EXPECT_EQ(Logbook(name, Logbook::Access::ReadOnly).shotCount(), 1u) << name;
    }
    fs::current_path(former);
    EXPECT_EQ(refusal([] { Logbook book(""); }).fault(), Fault::CannotOpen);
}

TEST_F(LogbookCareTest, WhatIsNoRegularFileIsRefusedAtOnce) {
    ASSERT_EQ(mkfifo((folder_ / "pipe").c_str(), 0600), 0);
    for (const fs::path& odd : {folder_ / "pipe", fs::path("/dev/zero"), folder_}) {
        EXPECT_EQ(refusal([&] { Logbook book(odd); }).fault(), Fault::CannotOpen) << odd;
        EXPECT_EQ(refusal([&] { Logbook book(odd, Logbook::Access::ReadOnly); }).fault(),
                  Fault::CannotOpen);
        EXPECT_EQ(refusal([&] { readShotFile(odd); }).fault(), Fault::CannotOpen);
        EXPECT_EQ(refusal([&] { readRecipes(odd); }).fault(), Fault::CannotOpen);
    }
}

// The file changes under the window.

TEST_F(LogbookCareTest, AFileThatWasReplacedRenamedOrRemovedIsNoticedBeforeAWrite) {
    for (const char* what : {"replaced", "renamed", "removed"}) {
        fs::remove_all(folder_);
        fs::create_directory(folder_);
        {
            Logbook backup(folder_ / "backup.wedgeon");
            backup.addShots(file("old.csv"), carries(0, 3));
        }
        {
            Logbook window(path_);
            window.addShots(file("a.csv"), carries(0, 10));
            if (std::string(what) == "replaced") {
                fs::rename(folder_ / "backup.wedgeon", path_);
            } else if (std::string(what) == "renamed") {
                fs::rename(path_, folder_ / "elsewhere.wedgeon");
            } else {
                fs::remove(path_);
            }
            LiveConnection live{"stand-in", "Tuesday", "2026-11-24"};
            EXPECT_EQ(refusal([&] { window.addShots(file("b.csv"), carries(10, 20)); }).fault(),
                      Fault::Moved)
                << what;
            EXPECT_EQ(
                refusal([&] {
                    window.addLiveShots(live, std::vector<LiveArrival>{{"1", carried(1), ""}}, 0);
                }).fault(),
                Fault::Moved);
            EXPECT_EQ(refusal([&] { window.setLabel(1, Label::Tags, "x", ""); }).fault(),
                      Fault::Moved);
            EXPECT_EQ(refusal([&] {
                          Kit(window).keepPlayer({0, "Odo Fenn", Hand::Left, ""});
                      }).fault(),
                      Fault::Moved);
        }
        // Closing the old one has left the new one alone.
        if (std::string(what) == "replaced") {
            fs::remove(path_.string() + "-wal");
            Logbook now(path_, Logbook::Access::ReadOnly);
            now.requireSound();
            EXPECT_EQ(now.shotCount(), 3u);
        }
    }
}

TEST_F(LogbookCareTest, TheLogOfTheFileThatTookItsPlaceIsNotRemoved) {
    Logbook window(path_);
    window.addShots(file("a.csv"), carries(0, 10));
    LogbookAccess::of(window).db->exec("PRAGMA wal_checkpoint(TRUNCATE)");
    fs::rename(path_, folder_ / "aside.wedgeon");
    fs::remove(path_.string() + "-wal");
    fs::remove(path_.string() + "-shm");
    Logbook now(path_);
    now.addShots(file("b.csv"), carries(0, 5));
    { const Logbook gone = std::move(window); }
    EXPECT_TRUE(fs::exists(path_.string() + "-wal"));
    now.addShots(file("c.csv"), carries(5, 8));
    EXPECT_EQ(inAnotherProcess([&] {
                  Logbook other(path_);
                  if (other.shotCount() != 8) _exit(2);
              }),
              0);
}

// Files that are written.

TEST_F(LogbookCareTest, NothingIsWrittenOverALogbookOrOverWhatIsRead) {
    {
        Logbook book(path_);
        book.addShots(file("a.csv"), carries(0, 3));
        const StoreError e = refusal([&] { writeWhole(path_, "time\n"); });
        EXPECT_EQ(e.fault(), Fault::CannotWrite);
        EXPECT_EQ(refusal([&] { writeWhole(path_.string() + "-wal", "x"); }).fault(),
                  Fault::CannotWrite);
    }
    EXPECT_EQ(refusal([&] { writeWhole(path_, "time\n"); }).fault(), Fault::CannotWrite)
        << "closed, it is a logbook still";
    EXPECT_EQ(Logbook(path_, Logbook::Access::ReadOnly).shotCount(), 3u);
    const fs::path input = write("in.csv", "carry [m]\n1\n");
    const std::vector<fs::path> inputs{input};
    EXPECT_EQ(refusal([&] { writeWhole(folder_ / "." / "in.csv", "x", inputs); }).fault(),
              Fault::CannotWrite);
    EXPECT_EQ(refusal([&] { writeWhole(folder_, "x"); }).fault(), Fault::CannotWrite);
    EXPECT_EQ(bytesOf(input), "carry [m]\n1\n");
}

TEST_F(LogbookCareTest, AFullDiskLeavesTheFormerFile) {
    const fs::path out = write("out.csv", "former");
    fs::permissions(out, fs::perms::owner_read | fs::perms::owner_write);
    takeFileErrorsAsErrors();
    rlimit former{};
    ASSERT_EQ(getrlimit(RLIMIT_FSIZE, &former), 0);
    const rlimit small{1000, former.rlim_max};
    ASSERT_EQ(setrlimit(RLIMIT_FSIZE, &small), 0);
    const StoreError e = refusal([&] { writeWhole(out, std::string(5000, 'x')); });
    ASSERT_EQ(setrlimit(RLIMIT_FSIZE, &former), 0);
    EXPECT_EQ(e.fault(), Fault::Full);
    EXPECT_EQ(bytesOf(out), "former");
    EXPECT_EQ(std::distance(fs::directory_iterator(folder_), {}), 1);
    writeWhole(out, "new");
    EXPECT_EQ(bytesOf(out), "new");
    EXPECT_EQ(fs::status(out).permissions(), fs::perms::owner_read | fs::perms::owner_write);
}

TEST_F(LogbookCareTest, AFileThatMayNotGrowIsAnErrorAndTheLogbookStays) {
    takeFileErrorsAsErrors();
    Logbook book(path_);
    book.addShots(file("a.csv"), carries(0, 100));
    rlimit former{};
    ASSERT_EQ(getrlimit(RLIMIT_FSIZE, &former), 0);
    const rlimit small{fs::file_size(path_.string() + "-wal") + 20'000, former.rlim_max};
    ASSERT_EQ(setrlimit(RLIMIT_FSIZE, &small), 0);
    const StoreError e = refusal([&] { book.addShots(file("b.csv"), carries(100, 9000)); });
    ASSERT_EQ(setrlimit(RLIMIT_FSIZE, &former), 0);
    EXPECT_TRUE(e.fault() == Fault::CannotWrite || e.fault() == Fault::Full) << e.what();
    EXPECT_EQ(book.shotCount(), 100u);
    EXPECT_EQ(book.addShots(file("b.csv"), carries(100, 200)).added, 100u);
}

// Backups.

TEST_F(LogbookCareTest, BackupsAreOnesOwn) {
    Logbook club(folder_ / "club.wedgeon");
    Logbook juniors(folder_ / "club-juniors.wedgeon");
    club.addShots(file("a.csv"), carries(0, 3));
    juniors.addShots(file("a.csv"), carries(0, 7));
    for (const char* day : {"2026-11-01", "2026-11-02", "2026-11-03", "2026-11-04"})
        juniors.backUpOnce(day, {{}, 7});
    club.backUpOnce("2026-11-04", {{}, 1});
    club.backUpOnce("2026-11-05", {{}, 1});
    EXPECT_EQ(Logbook::backups(folder_ / "club-juniors.wedgeon").size(), 4u);
    const auto its = Logbook::backups(folder_ / "club.wedgeon");
    ASSERT_EQ(its.size(), 1u);
    EXPECT_EQ(its.front().day, "2026-11-05");
    EXPECT_EQ(Logbook::findGoodBackup(folder_ / "club.wedgeon")->filename(),
              "club-2026-11-05.wedgeon");
}

TEST_F(LogbookCareTest, BackupsInAFolderOfChoiceAreNotThoseOfANamesake) {
    const BackupPlan plan{folder_ / "stick", 2};
    fs::create_directories(folder_ / "other");
    Logbook club(folder_ / "club.wedgeon");
    Logbook namesake(folder_ / "other" / "club.wedgeon");
    club.addShots(file("a.csv"), carries(0, 3));
    namesake.addShots(file("a.csv"), carries(0, 7));
    club.backUpOnce("2026-11-01");  // beside it, before a folder was chosen
    for (const char* day : {"2026-11-02", "2026-11-03"}) {
        club.backUpOnce(day, plan);
        namesake.backUpOnce(day, plan);
    }
    const auto its = Logbook::backups(folder_ / "club.wedgeon", plan);
    ASSERT_EQ(its.size(), 2u) << "the oldest one went, wherever it lay";
    EXPECT_EQ(its.front().day, "2026-11-03");
    EXPECT_TRUE(its.front().path.string().starts_with((folder_ / "stick").string()));
    EXPECT_EQ(Logbook(its.front().path, Logbook::Access::ReadOnly).shotCount(), 3u);
    const auto others = Logbook::backups(folder_ / "other" / "club.wedgeon", plan);
    ASSERT_EQ(others.size(), 2u);
    EXPECT_EQ(Logbook(others.front().path, Logbook::Access::ReadOnly).shotCount(), 7u);
}

TEST_F(LogbookCareTest, WhereTheFolderOfChoiceIsGoneTheBackupIsMadeBesideTheFile) {
    Logbook club(folder_ / "club.wedgeon");
    club.addShots(file("a.csv"), carries(0, 3));
    // A file stands where the folder of the pulled disk was.
    std::ofstream(folder_ / "stick") << "nothing";
    const BackupPlan plan{folder_ / "stick", 7};
    club.backUpOnce("2026-11-02", plan);
    const auto its = Logbook::backups(folder_ / "club.wedgeon", plan);
    ASSERT_EQ(its.size(), 1u);
    EXPECT_EQ(its.front().path.parent_path().filename(), "backups");
}

TEST_F(LogbookCareTest, ABackupIsPutBackAndTheOtherWindowSeesIt) {
    Logbook window(path_);
    window.addShots(file("a.csv"), carries(0, 5));
    window.backUpOnce("2026-11-24");
    Logbook other(path_);
    window.addShots(file("b.csv"), carries(5, 9));
    EXPECT_EQ(other.shotCount(), 9u);
    const auto before = other.dataVersion();
    window.restore(Logbook::backups(path_).front().path, folder_ / "aside.wedgeon");
    EXPECT_EQ(window.shotCount(), 5u);
    EXPECT_EQ(other.shotCount(), 5u);
    EXPECT_NE(other.dataVersion(), before);
    EXPECT_EQ(Logbook(folder_ / "aside.wedgeon", Logbook::Access::ReadOnly).shotCount(), 9u);
    other.addShots(file("c.csv"), carries(9, 10));
    EXPECT_GT(other.shots().back().id, 9) << "an id that was used since is not used again";
    window.requireSound();
    EXPECT_EQ(window.shotCount(), 6u);
    EXPECT_EQ(refusal([&] { window.restore(write("no.wedgeon", "no"), folder_ / "b"); }).fault(),
              Fault::Damaged);
    EXPECT_EQ(window.shotCount(), 6u);
}

TEST_F(LogbookCareTest, EveryKnownSchemaOpensForReadingAndIsAGoodBackup) {
    for (std::size_t version = 1; version < migrations().size(); ++version) {
        const fs::path old = folder_ / ("old-" + std::to_string(version) + ".wedgeon");
        {
            SQLite::Database raw(old.string(), SQLite::OPEN_READWRITE | SQLite::OPEN_CREATE);
            for (std::size_t i = 0; i < version; ++i)
                raw.exec(migrations()[i]);
            raw.exec("PRAGMA application_id = " + std::to_string(applicationId));
            raw.exec("PRAGMA user_version = " + std::to_string(version));
            raw.exec("INSERT INTO sessions(id, title, started) VALUES(1, 'Monday', '2026-11-23')");
            raw.exec(
                "INSERT INTO sources(id, kind, name, session_id, added) VALUES(1, 'file', 'a.csv', "
                "1, '2026-11-23')");
            raw.exec("INSERT INTO shots(source_id, row_hash, carry_m) VALUES(1, 42, 21.5)");
        }
        const std::string before = bytesOf(old);
        const Logbook reading(old, Logbook::Access::ReadOnly);
        EXPECT_EQ(reading.shots().at(0).record[Quantity::Carry], 21.5);
        fs::create_directories(folder_ / "backups");
        fs::copy_file(old, folder_ / "backups" / "now-2026-11-01.wedgeon",
                      fs::copy_options::overwrite_existing);
        EXPECT_TRUE(Logbook::findGoodBackup(folder_ / "now.wedgeon")) << version;
        EXPECT_EQ(bytesOf(old), before) << "reading changes nothing";
    }
}

TEST_F(LogbookCareTest, AMigrationNeverWritesOverAnEarlierCopy) {
    const auto make = [&](double carry_m) {
        SQLite::Database raw(path_.string(), SQLite::OPEN_READWRITE | SQLite::OPEN_CREATE);
        raw.exec(migrations()[0]);
        raw.exec("PRAGMA application_id = " + std::to_string(applicationId));
        raw.exec("PRAGMA user_version = 1");
        raw.exec("INSERT INTO sessions(id, title, started) VALUES(1, 'Monday', '2026-11-23')");
        raw.exec(
            "INSERT INTO sources(id, kind, name, session_id, added) VALUES(1, 'file', 'a.csv', 1, "
            "'2026-11-23')");
        raw.exec("INSERT INTO shots(source_id, row_hash, carry_m) VALUES(1, 42, " +
                 std::to_string(carry_m) + ")");
    };
    for (const double carry_m : {30.0, 40.0}) {
        make(carry_m);
        { Logbook book(path_); }
        fs::remove(path_);
    }
    const auto carryIn = [&](const std::string& end) {
        return Logbook(path_.string() + end, Logbook::Access::ReadOnly)
            .shots()
            .at(0)
            .record[Quantity::Carry];
    };
    EXPECT_EQ(carryIn(".version-1"), 30.0);
    EXPECT_EQ(carryIn(".version-1-2"), 40.0);
}

}  // namespace
}  // namespace wedgeon::store
