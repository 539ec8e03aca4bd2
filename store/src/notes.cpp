// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Rows.
#include "wedgeon/store/notes.h"

#include <algorithm>
#include <array>

#include "identities.h"
#include "logbook_db.h"

namespace wedgeon::store {
namespace {

constexpr std::size_t mostText = 4000, mostKey = 60;
constexpr std::array<std::string_view, noteKindCount> kinds{"lesson", "course", "trial", "caution",
                                                            "pain"};

}  // namespace

std::string_view noteKey(NoteKind kind) {
    return kinds[static_cast<std::size_t>(kind)];
}

std::vector<Note> Notes::all() const {
    const LogbookAccess::Impl& book = LogbookAccess::of(logbook_);
    return book.guarded([&] {
        std::vector<Note> out;
        SQLite::Statement all(*book.db,
                              "SELECT notes.id, players.name, at, kind, about, result, text FROM "
                              "notes JOIN players ON players.id = player_id ORDER BY at, notes.id");
        while (all.executeStep()) {
            const auto kind = std::find(kinds.begin(), kinds.end(), textAt(all, 3));
            if (kind == kinds.end()) continue;
            Note n;
            n.id = all.getColumn(0).getInt64();
            n.player = textAt(all, 1);
            n.at = textAt(all, 2);
            n.kind = static_cast<NoteKind>(kind - kinds.begin());
            n.about = textAt(all, 4, mostKey);
            n.result = textAt(all, 5, mostKey);
            n.text = textAt(all, 6, mostText);
            out.push_back(std::move(n));
        }
        return out;
    });
}

std::int64_t Notes::add(const Note& note) {
    if (note.text.size() > mostText)
        throw StoreError(Fault::Malformed, {Says::FieldNotLine, "text", mostText});
    if (note.about.size() > mostKey || note.result.size() > mostKey)
        throw StoreError(Fault::Malformed, {Says::FieldNotLine, "about", mostKey});
    return changed(LogbookAccess::of(logbook_), [&](SQLite::Database& db) {
        SQLite::Statement put(db,
                              "INSERT INTO notes(id, player_id, at, kind, about, result, text) "
                              "VALUES(?1, ?2, ?3, ?4, ?5, ?6, ?7)");
        if (note.id != 0) put.bind(1, note.id);
        put.bind(2, Identities(db).player(Word(note.player)));
        put.bind(3, note.at);
        put.bind(4, std::string(noteKey(note.kind)));
        put.bind(5, note.about);
        put.bind(6, note.result);
        put.bind(7, note.text);
        put.exec();
        return db.getLastInsertRowid();
    });
}

void Notes::change(const Note& was, const std::string& text) {
    if (text.size() > mostText)
        throw StoreError(Fault::Malformed, {Says::FieldNotLine, "text", mostText});
    LogbookAccess::Impl& book = LogbookAccess::of(logbook_);
    changed(book, [&](SQLite::Database& db) {
        SQLite::Statement set(db, "UPDATE notes SET text = ?1 WHERE id = ?2 AND text = ?3");
        set.bind(1, text);
        set.bind(2, was.id);
        set.bind(3, was.text);
        if (set.exec() != 1) throw StoreError(Fault::Conflict, {Says::RowsChanged, book.name()});
    });
}

void Notes::remove(std::int64_t id) {
    changed(LogbookAccess::of(logbook_), [&](SQLite::Database& db) {
        SQLite::Statement gone(db, "DELETE FROM notes WHERE id = ?");
        gone.bind(1, id);
        gone.exec();
    });
}

}  // namespace wedgeon::store
