// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// By SQLite's session extension, and what is done with it.
#include "row_changes.h"

#include <memory>

// The header keeps its part on sessions behind the library's own switch.
#define SQLITE_ENABLE_SESSION
#define SQLITE_ENABLE_PREUPDATE_HOOK
#include <sqlite3.h>

#include "identities.h"
#include "player_rows.h"

namespace wedgeon::store {
namespace {

void require(SQLite::Database& db, int result) {
    if (result != SQLITE_OK) throw SQLite::Exception(db.getHandle(), result);
}

std::string owned(int size, void* bytes) {
    const std::unique_ptr<void, decltype(&sqlite3_free)> held(bytes, &sqlite3_free);
    return {static_cast<const char*>(bytes), static_cast<std::size_t>(size)};
}

/// Something was said of a shot of each of the sources, or is no longer.
void countEditOf(SQLite::Database& db, const std::vector<std::int64_t>& sources, int by) {
    SQLite::Statement count(db, "UPDATE sources SET edits = max(0, edits + ?1) WHERE id = ?2");
    for (const std::int64_t source : sources) {
        count.reset();
        count.bind(1, by);
        count.bind(2, source);
        count.exec();
    }
}

int stopAtAnyConflict(void*, int, sqlite3_changeset_iter*) {
    return SQLITE_CHANGESET_ABORT;
}

}  // namespace

RowRecorder::RowRecorder(SQLite::Database& db, std::initializer_list<const char*> tables) {
    require(db, sqlite3session_create(db.getHandle(), "main", &session_));
    for (const char* table : tables)
        require(db, sqlite3session_attach(session_, table));
}

RowRecorder::~RowRecorder() {
    sqlite3session_delete(session_);
}

std::string RowRecorder::changes() const {
    int size = 0;
    void* bytes = nullptr;
    if (sqlite3session_changeset(session_, &size, &bytes) != SQLITE_OK) throw std::bad_alloc();
    return owned(size, bytes);
}

void takeBackRows(SQLite::Database& db, const std::string& changes, const std::string& logbook) {
    int size = 0;
    void* bytes = nullptr;
    require(db, sqlite3changeset_invert(static_cast<int>(changes.size()), changes.data(), &size,
                                        &bytes));
    std::string inverse = owned(size, bytes);
    const int result = sqlite3changeset_apply(db.getHandle(), static_cast<int>(inverse.size()),
                                              inverse.data(), nullptr, &stopAtAnyConflict, nullptr);
    if (result == SQLITE_ABORT) throw StoreError(Fault::Conflict, {Says::RowsChanged, logbook});
    require(db, result);
}

RowChanges Logbook::giveShots(std::span<const std::int64_t> shots, const std::string& player) {
    return changed(*impl_, [&](SQLite::Database& db) {
        RowChanges out;
        out.ofShots = true;
        Identities who(db);
        const std::int64_t to = who.player(Word(player));
        SQLite::Statement find(db,
                               "SELECT coalesce(wedge, ''), source_id FROM shots JOIN sources ON "
                               "sources.id = source_id WHERE shots.id = ? AND state = 'whole'");
        SQLite::Statement give(db,
                               "UPDATE shots SET player_in_file = coalesce(player_in_file, player, "
                               "''), player = ?1, player_id = ?2, club_id = ?3 WHERE id = ?4");
        std::vector<std::optional<std::int64_t>> clubs;
        std::set<std::int64_t> sources;
        // Clubs that others may come to refer to are not taken back: made before it is recorded.
        for (const std::int64_t shot : shots) {
            find.reset();
            find.bind(1, shot);
            if (!find.executeStep())
                throw StoreError(Fault::Conflict, {Says::ShotChanged, impl_->name()});
            clubs.push_back(who.club(to, Word(textAt(find, 0))));
            sources.insert(find.getColumn(1).getInt64());
        }
        find.reset();
        const RowRecorder recorder(db, {"shots"});
        for (std::size_t i = 0; i < shots.size(); ++i) {
            give.reset();
            give.bind(1, player);
            give.bind(2, to);
            if (clubs[i]) {
                give.bind(3, *clubs[i]);
            } else {
                give.bind(3);
            }
            give.bind(4, shots[i]);
            give.exec();
        }
        out.rows = recorder.changes();
        out.sources.assign(sources.begin(), sources.end());
        countEditOf(db, out.sources, 1);
        rewritePartsOf(db, sources);
        return out;
    });
}

void Logbook::takeBack(const RowChanges& changes) {
    changed(*impl_, [&](SQLite::Database& db) {
        takeBackRows(db, changes.rows, impl_->name());
        if (changes.ofShots) countEditOf(db, changes.sources, -1);
        // A source may have gone for good meanwhile.
        rewritePartsOf(db, {changes.sources.begin(), changes.sources.end()});
        if (changes.name.empty()) return;
        SQLite::Statement taken(db,
                                "SELECT DISTINCT player_id FROM shots WHERE player = ?1 AND "
                                "player_id <> (SELECT id FROM players WHERE name = ?1)");
        taken.bind(1, changes.name);
        std::vector<std::int64_t> others;
        while (taken.executeStep())
            others.push_back(taken.getColumn(0).getInt64());
        for (const std::int64_t other : others)
            giveNamesake(db, other, changes.name);
    });
}

}  // namespace wedgeon::store
