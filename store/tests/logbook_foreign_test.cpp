// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Logbooks of another hand or of an earlier program, recipes, hashes, and the indexes of what is
// asked.
#include "logbook_db.h"
#include "logbook_fixture.h"
#include "schema.h"
#include "shot_columns.h"
#include "shot_hash.h"
#include "wedgeon/store/logbook_import.h"
#include "wedgeon/store/recipe_file.h"

namespace wedgeon::store {
namespace {

class LogbookForeignTest : public LogbookFolderTest {};

// Files of another hand.

TEST_F(LogbookForeignTest, AForeignSchemaIsRefusedAndNotWritten) {
    const std::vector<std::string> hostile{
        "CREATE VIEW extra AS SELECT 1",
        "CREATE TRIGGER busy AFTER INSERT ON shots BEGIN DELETE FROM players; END",
        "ALTER TABLE players ADD COLUMN x INTEGER GENERATED ALWAYS AS (id * 2) VIRTUAL",
        "CREATE TABLE extra(x)",
        "CREATE INDEX odd ON shots(abs(carry_m))",
        "DROP TABLE recipes",
        "DROP TABLE shots; CREATE VIEW shots AS WITH RECURSIVE r(x) AS (SELECT 1 UNION ALL SELECT "
        "x + 1 FROM r) SELECT x AS id FROM r"};
    for (const std::string& sql : hostile) {
        fs::remove(path_);
        { Logbook book(path_); }
        {
            SQLite::Database raw(path_.string(), SQLite::OPEN_READWRITE);
            raw.exec(sql);
            raw.exec("PRAGMA journal_mode = DELETE");
        }
        const std::string before = bytesOf(path_);
        EXPECT_EQ(refusal([&] { Logbook book(path_); }).fault(), Fault::Damaged) << sql;
        EXPECT_EQ(refusal([&] { Logbook book(path_, Logbook::Access::ReadOnly); }).fault(),
                  Fault::Damaged);
        EXPECT_EQ(bytesOf(path_), before) << sql;
    }
    fs::remove(path_);
    { Logbook book(path_); }
    {
        SQLite::Database raw(path_.string(), SQLite::OPEN_READWRITE);
        raw.exec("PRAGMA user_version = -3");
    }
    EXPECT_EQ(refusal([&] { Logbook book(path_); }).fault(), Fault::Damaged);
}

TEST_F(LogbookForeignTest, WhatIsNoNumberIsNotMeasured) {
    Logbook book(path_);
    book.addShots(file("a.csv"), carries(0, 6));
    {
        SQLite::Database raw(path_.string(), SQLite::OPEN_READWRITE);
        for (const char* sql : {"carry_m = 'far' WHERE id = 1", "carry_m = x'0102' WHERE id = 2",
                                "carry_m = 1e300 WHERE id = 3", "carry_m = -1e300 WHERE id = 4",
                                "carry_m = 9e999 WHERE id = 5", "player = x'00ff' WHERE id = 6"})
            raw.exec(std::string("UPDATE shots SET ") + sql);
    }
    const auto shots = book.shots();
    for (std::size_t i = 0; i < 5; ++i) {
        EXPECT_FALSE(shots[i].record.has(Quantity::Carry)) << i;
        EXPECT_TRUE(shots[i].damaged) << i;
    }
    EXPECT_EQ(shots[5].record[Label::Player], "");
    EXPECT_TRUE(shots[5].record.has(Quantity::Carry));
}

TEST_F(LogbookForeignTest, DamageInsideAPageShowsByTheHashOfTheRow) {
    Logbook book(path_);
    book.addShots(file("a.csv"), carries(0, 50));
    for (const LoggedShot& s : book.shots())
        EXPECT_FALSE(s.damaged);
    {
        SQLite::Database raw(path_.string(), SQLite::OPEN_READWRITE);
        raw.exec("UPDATE shots SET carry_m = carry_m + 8 WHERE id = 20");
    }
    for (const LoggedShot& s : book.shots())
        EXPECT_EQ(s.damaged, s.id == 20) << s.id;
    // What the coach says is no damage.
    book.setLabel(3, Label::Note, "thin", "");
    book.setPaced(4, 2.0, std::nullopt);
    EXPECT_FALSE(book.findShot(3)->damaged);
    EXPECT_FALSE(book.findShot(4)->damaged);
}

TEST_F(LogbookForeignTest, WhatWasMeasuredIsNotEdited) {
    Logbook book(path_);
    book.addShots(file("a.csv"), carries(0, 1));
    EXPECT_EQ(refusal([&] { book.setLabel(1, Label::Player, "x", ""); }).fault(), Fault::Malformed);
}

TEST_F(LogbookForeignTest, AFolderThatNobodyMayWriteOpensForReading) {
    // Below a folder that everybody may enter, wherever this machine's own temporary one is.
    std::string open = "/tmp/care-XXXXXX";
    ASSERT_NE(mkdtemp(open.data()), nullptr);
    fs::remove_all(folder_);
    folder_ = open;
    path_ = folder_ / "mine.wedgeon";
    {
        Logbook book(path_);
        book.addShots(file("a.csv"), carries(0, 4));
    }
    ASSERT_FALSE(fs::exists(path_.string() + "-wal"));
    fs::permissions(folder_, static_cast<fs::perms>(0555));
    fs::permissions(path_, static_cast<fs::perms>(0444));
    // Not the superuser, who may write everywhere.
    EXPECT_EQ(inAnotherProcess([&] {
                  if (getuid() == 0 && setuid(65534) != 0) _exit(3);
                  if (Logbook(path_, Logbook::Access::ReadOnly).shotCount() != 4) _exit(2);
              }),
              0);
    EXPECT_EQ(inAnotherProcess([&] {
                  if (getuid() == 0 && setuid(65534) != 0) _exit(3);
                  try {
                      Logbook book(path_);
                  } catch (const StoreError& e) {
                      _exit(e.fault() == Fault::ReadOnly || e.fault() == Fault::CannotOpen ? 7 : 8);
                  }
              }),
              7);
    fs::permissions(folder_, fs::perms::owner_all);
}

// Recipes.

TEST_F(LogbookForeignTest, TwoWindowsKeepTheirRecipesBesideEachOther) {
    Logbook one(path_);
    Logbook two(path_);
    Recipes(one).keep(std::vector{NamedRecipe{"First", "", {}}});
    Recipes(two).keep(std::vector{NamedRecipe{"Second", "", {}}});
    EXPECT_EQ(Recipes(one).all().size(), 2u);
    const std::string cyrillic = [] {
        std::string s;
        for (int i = 0; i < 60; ++i)
            s += "\xD1\x84";
        return s;
    }();
    Recipes(one).keep(std::vector{NamedRecipe{cyrillic, "", {}}});
    EXPECT_EQ(Recipes(two).all().back().name, cyrillic);
    EXPECT_EQ(parseRecipes(formatRecipes(Recipes(two).all())).size(), 3u);
    Recipes(two).remove("First");
    EXPECT_EQ(Recipes(one).all().front().name, "Second");
    std::vector<NamedRecipe> many;
    for (std::size_t i = 0; i < mostRecipes; ++i)
        many.push_back({"n" + std::to_string(i), "", {}});
    EXPECT_EQ(refusal([&] { Recipes(one).keep(many); }).fault(), Fault::TooLarge);
    EXPECT_EQ(Recipes(one).all().size(), 2u);
}

TEST_F(LogbookForeignTest, AnOldFileOfRecipesIsReadAsFarAsItGoes) {
    std::string all;
    const std::string longName(100, 'n');
    for (int i = 0; i < 501; ++i)
        all += std::string(i ? "," : "") + R"({"name":")" + longName + std::to_string(i) +
               R"(","recipe":{"club_speed_mps":18}})";
    all += R"(,{"name":"bad","recipe":{"club_speed_mps":1e9}})";
    const auto old = readOldRecipes(write(
        "recipes.json", R"({"format":"wedgeon-recipes","version":1,"recipes":[)" + all + "]}"));
    EXPECT_EQ(old.recipes.size(), 501u);
    EXPECT_EQ(old.recipes.front().name, longName + "0");
    EXPECT_EQ(old.unreadable, 1u);
    Logbook book(path_);
    Recipes(book).keepNew(old.recipes);
    Recipes(book).keepNew(old.recipes);
    EXPECT_EQ(Recipes(book).all().size(), 501u);
    EXPECT_EQ(refusal([&] { readOldRecipes(write("no.json", "[]")); }).fault(), Fault::Malformed);
}

// Hashes.

TEST_F(LogbookForeignTest, AHashIsOfNamedFieldsAndStaysWhatItIs) {
    ShotRecord s = carried(31.25, "Runa Vale");
    s[Quantity::SpinRate] = 600;
    // Fixed for ever: a logbook is compared by these numbers. Worked out by another program, from
    // what docs/formats.md says.
    EXPECT_EQ(hashOf(s, 1), -990281015593630494);
    EXPECT_EQ(hashOf(s, 2), -1294253810757742699);
    ShotRecord zero = carried(0.0);
    ShotRecord minusZero = carried(-0.0);
    EXPECT_EQ(hashOf(zero), hashOf(minusZero));
    ShotRecord words = s;
    words[Label::Tags] = "thin";
    EXPECT_EQ(hashOf(words), hashOf(s));
    ShotRecord later = s;
    later[Label::Time] = "2026-11-25 10:00:00";
    EXPECT_NE(hashOf(later), hashOf(s));
    ShotRecord more = s;
    more[Quantity::Apex] = 9;
    EXPECT_NE(hashOf(more), hashOf(s));
}

TEST_F(LogbookForeignTest, ShotsOneAfterTheOtherAreThoseOfTheList) {
    Logbook book(path_);
    LiveConnection one{"one", "Tuesday", "2026-11-24"};
    added(book, one, {{"1", carried(30), ""}}, 1);
    LiveConnection two{"two", "Tuesday", "2026-11-24", one.session};
    added(book, two, {{"1", carried(31), ""}, {"2", carried(32), ""}}, 2);
    added(book, one, {{"2", carried(33), ""}}, 3);
    book.addShots(file("a.csv"), carries(0, 5));
    book.dismissDoubt(2, "twice", true);
    for (const std::int64_t session : {std::int64_t{0}, one.session}) {
        const auto all = book.shots(session);
        std::size_t i = 0;
        book.eachShot(session, [&](LoggedShot&& shot) {
            ASSERT_LT(i, all.size());
            EXPECT_EQ(shot.id, all[i].id);
            EXPECT_EQ(shot.dismissed, all[i].dismissed);
            EXPECT_EQ(shot.record[Quantity::Carry], all[i].record[Quantity::Carry]);
            ++i;
        });
        EXPECT_EQ(i, session == 0 ? 9u : 4u);
        EXPECT_EQ(book.shots(session, 2).front().id, all[all.size() - 2].id);
    }
}

// Queries.

TEST_F(LogbookForeignTest, EveryQuestionOfTheWindowHasItsIndex) {
    Logbook book(path_);
    SQLite::Database& db = *LogbookAccess::of(book).db;
    const auto planOf = [&](const std::string& sql) {
        std::string plan;
        SQLite::Statement explain(db, "EXPLAIN QUERY PLAN " + sql);
        while (explain.executeStep())
            plan += explain.getColumn(3).getString() + "\n";
        return plan;
    };
    for (const std::string& sql :
         {selectSource() + " ORDER BY shots.id DESC LIMIT ?2",
          selectSource() + " ORDER BY shots.id",
          selectShot() + " ORDER BY shots.id",
          selectShot() + " AND shots.id = 1",
          selectShot() + " ORDER BY shots.id DESC LIMIT 100",
          selectShot() + " AND paced_m IS NOT NULL",
          std::string("SELECT 1 FROM shots JOIN sources ON sources.id = source_id WHERE "
                      "device_shot = '1' AND row_hash = 2 AND kind = 'live'"),
          std::string("SELECT id FROM sessions WHERE EXISTS(SELECT 1 FROM sources WHERE session_id "
                      "= sessions.id AND state = 'whole')"),
          std::string("SELECT id FROM tunings WHERE player_id = 1"),
          std::string("SELECT tuning_id FROM tunings_in_use WHERE player_id = 1"),
          std::string("SELECT id FROM players WHERE name = 'x'"),
          std::string("SELECT player_id FROM player_names WHERE name = 'x'"),
          std::string("SELECT id FROM clubs WHERE player_id = 1 AND name = 'x'"),
          std::string("SELECT club_id FROM club_names WHERE player_id = 1 AND name = 'x'"),
          std::string("SELECT id FROM wedges WHERE club_id = 1"),
          std::string("SELECT id FROM sessions WHERE day = '2026-11-26'"),
          std::string("SELECT shots.id FROM parts JOIN shots ON shots.source_id = "
                      "parts.source_id WHERE parts.player_id = 1 AND last_day >= 20000"),
          std::string("SELECT shots.id FROM parts JOIN shots ON shots.source_id = "
                      "parts.source_id WHERE parts.club_id = 1 AND last_day >= 20000"),
          std::string("SELECT 1 FROM parts WHERE source_id = 3 AND player_id = 1"),
          std::string("SELECT id FROM wedges WHERE player_id = 1"),
          std::string("SELECT row_hash FROM shots WHERE source_id = 3")}) {
        const std::string plan = planOf(sql);
        EXPECT_EQ(plan.find("TEMP B-TREE"), std::string::npos) << sql << "\n" << plan;
        // Every table is searched; the shots as they lie and the list of sessions are walked.
        std::istringstream lines(plan);
        for (std::string line; std::getline(lines, line);) {
            if (!line.starts_with("SCAN")) continue;
            const bool walked = line == "SCAN shots" || line.starts_with("SCAN sessions") ||
                                line.find("paced_shots") != std::string::npos;
            EXPECT_TRUE(walked) << sql << "\n" << plan;
        }
    }
}

// Earlier logbooks, as their programs left them.

TEST_F(LogbookForeignTest, TheFilesOfEverySchemaComeInAgainAsKnown) {
    const fs::path data(WEDGEON_STORE_DATA);
    int logbooks = 0;
    for (const auto& entry : fs::directory_iterator(data)) {
        if (entry.path().extension() != ".wedgeon") continue;
        ++logbooks;
        const fs::path copy = folder_ / entry.path().filename();
        fs::copy_file(entry.path(), copy);
        // For reading first: as it is.
        {
            const Logbook reading(copy, Logbook::Access::ReadOnly);
            EXPECT_EQ(reading.shotCount(), 60u) << copy;
            EXPECT_EQ(bytesOf(copy), bytesOf(entry.path()));
        }
        Logbook book(copy);
        book.requireSound();
        const auto before = book.shots();
        ASSERT_EQ(before.size(), 60u);
        EXPECT_EQ(before[2].setAside, "thin");
        EXPECT_EQ(before[4].record[Label::Tags], "mine");
        EXPECT_EQ(before[20].record[Label::Player], "Runa Vale");
        for (const LoggedShot& s : before)
            EXPECT_FALSE(s.damaged) << copy << " " << s.id;
        if (copy.filename() != "schema-1.wedgeon") {
            EXPECT_EQ(before[0].paced_m, 2.5);
            EXPECT_EQ(before[6].dismissed, std::vector<std::string>{"duplicate"});
        }
        for (const char* file : {"shots.csv", "theirs.csv"}) {
            const LoggedImport again = importFile(book, data / file, {}, "2026-11-26");
            EXPECT_EQ(again.shots.added, 0u) << copy << " " << file;
        }
        EXPECT_EQ(book.shotCount(), 60u);
    }
    EXPECT_EQ(logbooks, Logbook::schemaVersion);
}

}  // namespace
}  // namespace wedgeon::store
