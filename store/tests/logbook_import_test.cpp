// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Files that come in part by part, and go and come back by undo.
#include <ctime>
#include <memory>

#include "logbook_db.h"
#include "logbook_fixture.h"
#include "wedgeon/store/logbook_import.h"

namespace wedgeon::store {
namespace {

class LogbookImportTest : public LogbookFolderTest {};

// Undo.

TEST_F(LogbookImportTest, IdsAreNeverUsedAgain) {
    Logbook book(path_);
    book.addShots(file("a.csv"), carries(0, 3));
    const AddedShots b = book.addShots(file("b.csv"), carries(3, 6));
    const auto last = book.shots().back().id;
    book.removeSource(b.source);
    while (book.removeLeftovers(std::time(nullptr) + 90'000)) {
    }
    const AddedShots c = book.addShots(file("c.csv"), carries(6, 7));
    EXPECT_GT(book.shots().back().id, last);
    EXPECT_GT(c.source, b.source);
}

TEST_F(LogbookImportTest, AnImportComesBackAsItWasAndOnlyWhereNobodyTouchedIt) {
    Logbook window(path_);
    std::vector<ShotRecord> shots = carries(0, 5);
    const AddedShots in = window.addShots(file("a.csv"), shots);
    const auto id = window.shots()[2].id;
    // Another window paces one: the import is not taken back over that.
    Logbook other(path_);
    other.setPaced(id, 2.5, std::nullopt);
    EXPECT_EQ(refusal([&] { window.removeSource(in.source); }).fault(), Fault::Conflict);
    EXPECT_EQ(window.shotCount(), 5u);
    other.setPaced(id, std::nullopt, 2.5, Logbook::Edit::TakeBack);
    window.removeSource(in.source);
    EXPECT_EQ(window.shotCount(), 0u);
    EXPECT_TRUE(window.sessions().empty());
    window.restoreSource(in.source);
    EXPECT_EQ(window.shots()[2].id, id);
    // Taken back and read again by another: bringing it back would double it.
    window.removeSource(in.source);
    other.addShots(file("again.csv"), carries(0, 2));
    EXPECT_EQ(refusal([&] { window.restoreSource(in.source); }).fault(), Fault::Conflict);
    EXPECT_EQ(window.shotCount(), 2u);
}

TEST_F(LogbookImportTest, TwoWindowsThatTakeTheSameFileBackAndForthDoNotDoubleIt) {
    Logbook one(path_);
    Logbook two(path_);
    const AddedShots first = one.addShots(file("a.csv"), carries(0, 3));
    one.removeSource(first.source);
    const AddedShots second = two.addShots(file("a.csv"), carries(0, 3));
    two.removeSource(second.source);
    one.restoreSource(first.source);
    EXPECT_EQ(refusal([&] { two.restoreSource(second.source); }).fault(), Fault::Conflict);
    EXPECT_EQ(two.shotCount(), 3u);
}

TEST_F(LogbookImportTest, AnExportWithAPacedRunComesBackAsKnown) {
    Logbook book(path_);
    book.addShots(file("a.csv"), carries(0, 3));
    book.setPaced(book.shots()[1].id, 2.5, std::nullopt);
    std::vector<ShotRecord> out;
    for (const LoggedShot& s : book.shots())
        out.push_back(s.record);
    std::ostringstream csv;
    writeShotsCsv(csv, out);
    const LoggedImport back = importFile(book, write("out.csv", csv.str()), {}, "2026-11-25");
    EXPECT_EQ(back.shots.added, 0u);
    EXPECT_EQ(back.shots.known, 3u);
}

// Imports in parts.

TEST_F(LogbookImportTest, OthersWriteBetweenThePartsOfAnImportAndNothingOfItShowsBeforeItsEnd) {
    Logbook book(path_);
    Logbook live(path_);
    const KnownShots known(book);
    LogbookWriter writer(book, file("a.csv"), known);
    writer.add(carries(0, 100));
    LiveConnection connection{"stand-in", "Tuesday", "2026-11-24"};
    EXPECT_EQ(added(live, connection, {{"1", carried(90), ""}}, 1000), 1u);
    EXPECT_EQ(live.shotCount(), 1u);
    EXPECT_EQ(live.shots().size(), 1u);
    EXPECT_EQ(live.sessions().size(), 1u);
    writer.add(carries(100, 200));
    EXPECT_EQ(writer.commit().added, 200u);
    EXPECT_EQ(live.shotCount(), 201u);
}

TEST_F(LogbookImportTest, TwoImportsOfOneFileAtOnceKeepEachShotOnce) {
    Logbook one(path_);
    Logbook two(path_);
    const KnownShots knownToOne(one);
    const KnownShots knownToTwo(two);
    LogbookWriter first(one, file("a.csv"), knownToOne);
    LogbookWriter second(two, file("a.csv"), knownToTwo);
    first.add(carries(0, 50));
    second.add(carries(0, 60));
    first.add(carries(50, 100));
    EXPECT_EQ(first.commit().added, 100u);
    const AddedShots rest = second.commit();
    EXPECT_EQ(rest.added, 0u);
    EXPECT_EQ(rest.known, 60u);
    EXPECT_EQ(one.shotCount(), 100u);
}

TEST_F(LogbookImportTest, AnImportThatDiedIsRemovedAndOneThatLivesIsNot) {
    Logbook book(path_);
    auto known = std::make_unique<KnownShots>(book);
    ASSERT_EQ(inAnotherProcess([&] {
                  Logbook other(path_);
                  const KnownShots its(other);
                  auto* writer = new LogbookWriter(other, file("a.csv"), its);
                  for (int i = 0; i < 3; ++i)
                      writer->add(carries(100 * i, 100 * i + 100));
                  _exit(0);  // without its end
              }),
              0);
    EXPECT_EQ(book.shotCount(), 0u);
    const auto rows = [&] {
        return LogbookAccess::of(book).db->execAndGet("SELECT count(*) FROM shots").getInt();
    };
    EXPECT_EQ(rows(), 300);
    EXPECT_FALSE(book.removeLeftovers(std::time(nullptr)));
    EXPECT_EQ(rows(), 300) << "it may be alive";
    while (book.removeLeftovers(std::time(nullptr) + 120)) {
    }
    EXPECT_EQ(rows(), 0);
    // One that was given up cannot go on as if nothing had been.
    LogbookWriter late(book, file("b.csv"), *known);
    late.add(carries(0, 10));
    book.removeLeftovers(std::time(nullptr) + 120);
    EXPECT_EQ(refusal([&] { late.add(carries(10, 20)); }).fault(), Fault::Conflict);
    EXPECT_EQ(refusal([&] { late.commit(); }).fault(), Fault::Conflict);
}

TEST_F(LogbookImportTest, ABrokenFileLeavesNothing) {
    Logbook book(path_);
    std::string text = "carry [m],note\n";
    for (int i = 0; i < 9000; ++i)
        text += std::to_string(20 + 0.001 * i) + ",x\n";
    const fs::path broken = write("broken.csv", text + "30,\"never closed\n");
    EXPECT_EQ(refusal([&] { importFile(book, broken, {}, "2026-11-25"); }).fault(),
              Fault::Malformed);
    EXPECT_EQ(book.shotCount(), 0u);
    EXPECT_TRUE(book.sessions().empty());
    EXPECT_EQ(importFile(book, write("whole.csv", text), {}, "2026-11-25").shots.added, 9000u);
}

}  // namespace
}  // namespace wedgeon::store
