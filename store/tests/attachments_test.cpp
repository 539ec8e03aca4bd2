// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// What belongs to a shot or a recipe, and which files stay.
#include "wedgeon/store/attachments.h"

#include <SQLiteCpp/SQLiteCpp.h>

#include "logbook_fixture.h"
#include "wedgeon/store/records.h"

namespace wedgeon::store {
namespace {

class AttachmentsTest : public LogbookFolderTest {
protected:
    static std::string content(char digit, const std::string& ending = "png") {
        std::string out(64, digit);
        out += '.';
        out += ending;
        return out;
    }
    static Attachment of(std::int64_t shot, const std::string& content) {
        return {0, shot, "", content, "swing.png", 7, "2026-11-29T10:00:00"};
    }
    fs::path put(const std::string& name, int daysAgo = 0) const {
        const fs::path folder = attachmentFolder(path_);
        fs::create_directories(folder);
        std::ofstream(folder / name) << "picture";
        fs::last_write_time(folder / name,
                            fs::file_time_type::clock::now() - std::chrono::hours(24 * daysAgo));
        return folder / name;
    }
};

TEST_F(AttachmentsTest, AShotAndARecipeHaveTheirs) {
    Logbook book(path_);
    book.addShots(file("a.csv"), carries(0, 3));
    const auto shot = book.shots()[1].id;
    Attachments all(book);
    Attachment a = of(shot, content('a'));
    a.id = all.add(a);
    Attachment b = of(0, content('b', "mp4"));
    b.recipe = "low runner";
    b.id = all.add(b);
    const auto records = readRecords(book);
    EXPECT_EQ(records->attachmentsOf(shot), std::vector{a});
    EXPECT_EQ(records->attachmentsOf("low runner"), std::vector{b});
    EXPECT_TRUE(records->attachmentsOf(std::int64_t{0}).empty());
    EXPECT_TRUE(records->attachmentsOf("").empty());
    all.remove(a);
    EXPECT_EQ(refusal([&] { all.remove(a); }).fault(), Fault::Conflict);
    // Put back, it is the same one again.
    EXPECT_EQ(all.add(a), a.id);
    EXPECT_EQ(all.all(), (std::vector{a, b}));
}

TEST_F(AttachmentsTest, WhatIsNoContentIsNeverAPath) {
    for (const std::string& bad :
         {std::string("../../etc/passwd"), content('g'), content('A'), std::string(64, 'a'),
          content('a', ""), content('a', "desktop.sh"), content('a', "waytoolong"),
          content('a', "p/g"), content('a').substr(1), std::string()})
        EXPECT_FALSE(isContentName(bad)) << bad;
    Logbook book(path_);
    book.addShots(file("a.csv"), carries(0, 1));
    const auto shot = book.shots()[0].id;
    EXPECT_EQ(refusal([&] { Attachments(book).add(of(shot, "../x.png")); }).fault(),
              Fault::Malformed);
    EXPECT_EQ(refusal([&] { Attachments(book).add(of(0, content('a'))); }).fault(),
              Fault::Malformed);
    EXPECT_EQ(refusal([&] { Attachments(book).add(of(77, content('a'))); }).fault(),
              Fault::Conflict);
    // A row that somebody else wrote is left out.
    SQLite::Database(path_.string(), SQLite::OPEN_READWRITE)
        .exec(
            "INSERT INTO attachments(recipe, content, name, bytes, added) VALUES('x', "
            "'../../.profile', 'x', 1, '')");
    EXPECT_TRUE(Attachments(book).all().empty());
}

TEST_F(AttachmentsTest, OnlyOldFilesThatNothingRefersToGo) {
    Logbook book(path_);
    book.addShots(file("a.csv"), carries(0, 1));
    const auto shot = book.shots()[0].id;
    const Attachments all(book);
    EXPECT_EQ(all.removeUnused(), 0u);  // there is no folder yet
    const fs::path used = put(content('a'), 90), fresh = put(content('b'), 20);
    const fs::path old = put(content('c'), 31), foreign = put("holiday.png", 90);
    const fs::path half = put(std::string(arrivingPrefix) + "1", 31);
    Attachment a = of(shot, content('a'));
    a.id = Attachments(book).add(a);
    EXPECT_EQ(all.removeUnused(), 2u);
    EXPECT_TRUE(fs::exists(used) && fs::exists(fresh) && fs::exists(foreign));
    EXPECT_FALSE(fs::exists(old) || fs::exists(half));
    // Removed a moment ago it stays for an undo.
    Attachments(book).remove(a);
    EXPECT_EQ(all.removeUnused(), 0u);
    EXPECT_TRUE(fs::exists(used));
}

TEST_F(AttachmentsTest, ACopyOfALogbookTakesThemAlong) {
    put(content('a'));
    const fs::path other = folder_ / "copy.wedgeon";
    EXPECT_EQ(Attachments::copyTo(path_, other, {of(1, content('a')), of(1, content('b'))}), 1u);
    EXPECT_EQ(bytesOf(attachmentFolder(other) / content('a')), "picture");
    EXPECT_EQ(Attachments::copyTo(path_, other, {of(1, content('a'))}), 0u);
    write("wall.wedgeon-pictures", "a file where a folder should be");
    const auto e = refusal(
        [&] { Attachments::copyTo(path_, folder_ / "wall.wedgeon", {of(1, content('a'))}); });
    EXPECT_EQ(e.fault(), Fault::CannotWrite);
}

TEST_F(AttachmentsTest, TheyGoWithTheirShots) {
    Logbook book(path_);
    const auto source = book.addShots(file("a.csv"), carries(0, 2)).source;
    Attachments(book).add(of(book.shots()[0].id, content('a')));
    book.removeSource(source);
    EXPECT_EQ(Attachments(book).all().size(), 1u);  // it may come back
    const std::int64_t later = std::time(nullptr) + 3 * 86'400;
    while (book.removeLeftovers(later)) {
    }
    EXPECT_TRUE(Attachments(book).all().empty());
}

}  // namespace
}  // namespace wedgeon::store
