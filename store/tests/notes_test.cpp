// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// What is noted of players: kept, changed, taken along when two are one.
#include "wedgeon/store/notes.h"

#include "logbook_fixture.h"
#include "wedgeon/store/kit.h"
#include "wedgeon/store/records.h"

namespace wedgeon::store {
namespace {

using NotesTest = LogbookFolderTest;

Note said(const std::string& player, const std::string& at, const std::string& text) {
    Note n;
    n.player = player;
    n.at = at;
    n.text = text;
    return n;
}

TEST_F(NotesTest, ComeBackInTheOrderOfTheirDays) {
    Logbook book(path_);
    Notes notes(book);
    Note later = said("Runa Vale", "2026-11-20T10:00:00", "less lean\nball a touch back");
    later.id = notes.add(later);
    Note course = said("Runa Vale", "2026-11-19T17:30:00", "bunker, no green");
    course.kind = NoteKind::Course;
    course.about = "high";
    course.result = "short-sided";
    course.id = notes.add(course);
    EXPECT_EQ(notes.all(), (std::vector<Note>{course, later}));
    EXPECT_EQ(readRecords(book)->notes.size(), 2u);

    notes.change(later, "less lean");
    later.text = "less lean";
    EXPECT_EQ(notes.all()[1], later);
    // Another window changed it meanwhile.
    Note stale = later;
    stale.text = "less lean\nball a touch back";
    EXPECT_EQ(refusal([&] { notes.change(stale, "no"); }).fault(), Fault::Conflict);
    notes.remove(later.id);
    EXPECT_EQ(notes.all(), std::vector<Note>{course});
    // Undo gives it its id again.
    EXPECT_EQ(notes.add(later), later.id);
    EXPECT_EQ(notes.all()[1], later);
}

TEST_F(NotesTest, AreBounded) {
    Logbook book(path_);
    Notes notes(book);
    EXPECT_EQ(refusal([&] { notes.add(said("a", "", std::string(4001, 'x'))); }).fault(),
              Fault::Malformed);
    Note n = said("a", "", "");
    n.about = std::string(61, 'x');
    EXPECT_EQ(refusal([&] { notes.add(n); }).fault(), Fault::Malformed);
    EXPECT_TRUE(notes.all().empty());
}

TEST_F(NotesTest, GoAlongWhenTwoPlayersAreOne) {
    Logbook book(path_);
    Kit kit(book);
    kit.keepPlayer({0, "R. Vale", Hand::Right, ""});
    kit.keepPlayer({0, "Runa Vale", Hand::Right, ""});
    Notes(book).add(said("R. Vale", "2026-11-20T10:00:00", "one"));
    const RowChanges merged = kit.mergePlayers("R. Vale", "Runa Vale", "2026-11-27");
    EXPECT_EQ(Notes(book).all().front().player, "Runa Vale");
    book.takeBack(merged);
    EXPECT_EQ(Notes(book).all().front().player, "R. Vale");
}

}  // namespace
}  // namespace wedgeon::store
