// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Times in any order, and what a file's name and the lines above its header tell.
#include "file_words.h"

#include <fstream>

#include "logbook_fixture.h"
#include "wedgeon/store/shot_file.h"

namespace wedgeon::store {
namespace {

std::string iso(std::string_view text, DateOrder order) {
    const auto t = parseTime(text);
    if (!t) return "-";
    return isoTime(*t, order).value_or("none");
}

TEST(FileTime, IsReadInAnyUsualSpelling) {
    EXPECT_EQ(iso("3.11.2026 14:05", DateOrder::DayFirst), "2026-11-03 14:05:00");
    EXPECT_EQ(iso("11/03/2026 2:05:09 PM", DateOrder::MonthFirst), "2026-11-03 14:05:09");
    EXPECT_EQ(iso("11/3/26, 12:05 am", DateOrder::MonthFirst), "2026-11-03 00:05:00");
    EXPECT_EQ(iso("2026/11/03T14:05:09.250Z", DateOrder::YearFirst), "2026-11-03 14:05:09");
    EXPECT_EQ(iso("3 Nov 2026", DateOrder::MonthFirst), "2026-11-03");
    EXPECT_EQ(iso("Tue, November 3, 2026 09:00", DateOrder::DayFirst), "2026-11-03 09:00:00");
    EXPECT_EQ(iso("3. Dezember 2026", DateOrder::DayFirst), "2026-12-03");
    EXPECT_EQ(iso("31.02.2026", DateOrder::DayFirst), "none");
    for (const char* nothing :
         {"", "14:05", "shot 3", "1.5", "3.11", "3.11.2026 25:00", "1.2.3.4.5.6", "99999999",
          "3.11.2026 14:05 or so", "a/b/c", "..//--"})
        EXPECT_EQ(iso(nothing, DateOrder::DayFirst), "-") << nothing;
}

TEST(FileTime, TheFilesOwnRangeTellsTheOrder) {
    const auto order = [](std::initializer_list<const char*> texts, std::string_view day = {}) {
        std::vector<SpelledTime> all;
        for (const char* t : texts)
            all.push_back(*parseTime(t));
        return findDateOrder(all, day);
    };
    EXPECT_EQ(order({"13/01/2026", "02/01/2026"}), DateOrder::DayFirst);
    EXPECT_EQ(order({"01/13/2026", "01/02/2026"}), DateOrder::MonthFirst);
    // Both could be: one evening, or half a year.
    EXPECT_EQ(order({"05/11/2026", "06/11/2026"}), DateOrder::DayFirst);
    EXPECT_EQ(order({"11/05/2026", "11/06/2026"}), DateOrder::MonthFirst);
    EXPECT_EQ(order({"05/11/2026"}), std::nullopt);
    EXPECT_EQ(order({"05/11/2026"}, "2026-05-11"), DateOrder::MonthFirst);
    EXPECT_TRUE(order({"07/07/2026"}).has_value());  // either way the same day
    EXPECT_EQ(order({"13/13/2026"}), std::nullopt);
}

class FileWordsTest : public LogbookFolderTest {
protected:
    ImportResult read(const std::string& name, const std::string& text) {
        ImportOptions options;
        options.players = {"Runa Vale", "Odo", "Runa"};
        return readShotFile(write(name, text), options);
    }
};

TEST_F(FileWordsTest, PlayerAndDayFromTheName) {
    const auto r = read("Runa_Vale-2026.11.03.csv", "carry [m],time\n40,\n41,14:05\n");
    ASSERT_EQ(r.shots.size(), 2u);
    EXPECT_EQ(r.shots[0][Label::Player], "Runa Vale");
    EXPECT_EQ(r.shots[0][Label::Time], "2026-11-03");
    EXPECT_EQ(r.shots[1][Label::Time], "2026-11-03 14:05:00");
    EXPECT_TRUE(r.says.usesPlayer);
    EXPECT_TRUE(r.says.usesDay);
    // What the table says itself goes first, and nobody is made up.
    const auto own = read("Runa 20261103.csv", "carry [m],player,time\n40,Odo,2026-01-02 10:00\n");
    EXPECT_EQ(own.shots[0][Label::Player], "Odo");
    EXPECT_EQ(own.shots[0][Label::Time], "2026-01-02 10:00");
    EXPECT_FALSE(own.says.usesPlayer);
    const auto nobody = read("Runaway 12345678.csv", "carry [m],club_speed [m/s]\n40,15\n");
    EXPECT_EQ(nobody.shots[0][Label::Player], "");
    EXPECT_EQ(nobody.shots[0][Label::Time], "");
}

TEST_F(FileWordsTest, ThePreambleAndTheFolder) {
    const auto r = read("export.csv",
                        "Player: Mira Sund\nDate: 3 November 2026\n\ncarry [m],club_speed [m/s]\n"
                        "40,15\n41,15\n");
    EXPECT_EQ(r.shots[0][Label::Player], "Mira Sund");
    EXPECT_EQ(r.shots[0][Label::Time], "2026-11-03");
    EXPECT_EQ(r.says.playerBy, FileSays::By::Preamble);
    fs::create_directory(folder_ / "Odo");
    std::ofstream(folder_ / "Odo" / "x.csv") << "carry [m],club_speed [m/s]\n40,15\n";
    ImportOptions options;
    options.players = {"Odo"};
    const auto inFolder = readShotFile(folder_ / "Odo" / "x.csv", options);
    EXPECT_EQ(inFolder.shots[0][Label::Player], "Odo");
    EXPECT_EQ(inFolder.says.playerBy, FileSays::By::Folder);
}

TEST_F(FileWordsTest, TimesOfAFileBecomeDays) {
    const auto r = read("a.csv", "date,carry [m]\n13/11/2026 10:00,40\n02/11/2026 10:01,41\n");
    EXPECT_EQ(r.shots[1][Label::Time], "2026-11-02 10:01:00");
    const auto unclear = read("b.csv", "date,carry [m]\n05/11/2026,40\n05/11/2026,41\n");
    EXPECT_EQ(unclear.shots[0][Label::Time], "05/11/2026");
    EXPECT_TRUE(unclear.says.unclearDates);
    // A stream of parts is read alike.
    std::vector<ShotRecord> streamed;
    ImportOptions options;
    options.sink = [&](std::vector<ShotRecord>&& some) {
        streamed.insert(streamed.end(), some.begin(), some.end());
    };
    readShotFile(folder_ / "a.csv", options);
    ASSERT_EQ(streamed.size(), 2u);
    EXPECT_EQ(streamed[0][Label::Time], "2026-11-13 10:00:00");
}

}  // namespace
}  // namespace wedgeon::store
