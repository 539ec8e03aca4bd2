// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Sessions renamed, split and joined. A shot is in the session of its source: one that moves gets a
// source there that is like its own.
#include <map>

#include "identities.h"
#include "shot_columns.h"
#include "wedgeon/store/logbook.h"

namespace wedgeon::store {
namespace {

constexpr std::size_t longestTitle = 1000;

std::int64_t sourceOf(SQLite::Statement& find, std::int64_t shot, const std::string& logbook) {
    find.reset();
    find.bind(1, shot);
    if (!find.executeStep()) throw StoreError(Fault::Conflict, {Says::ShotChanged, logbook});
    return find.getColumn(0).getInt64();
}

void put(SQLite::Statement& update, std::int64_t shot, std::int64_t source) {
    update.reset();
    update.bind(1, source);
    update.bind(2, shot);
    update.exec();
}

/// Sources without a shot do not show, those with one do; their parts and whose their sessions are
/// follow.
void settle(SQLite::Database& db, const std::set<std::int64_t>& sources) {
    for (const std::int64_t source : sources) {
        SQLite::Statement state(
            db,
            "UPDATE sources SET state = CASE WHEN EXISTS(SELECT 1 FROM shots WHERE source_id = ?1) "
            "THEN 'whole' ELSE 'removed' END, touched_s = strftime('%s', 'now') WHERE id = ?1");
        state.bind(1, source);
        state.exec();
    }
    rewritePartsOf(db, sources);
}

}  // namespace

void Logbook::renameSession(std::int64_t session, const std::string& title,
                            const std::string& former) {
    changed(*impl_, [&](SQLite::Database& db) {
        SQLite::Statement write(db, "UPDATE sessions SET title = ?1 WHERE id = ?2 AND title = ?3");
        write.bind(1, title.substr(0, longestTitle));
        write.bind(2, session);
        write.bind(3, former);
        if (write.exec() != 1)
            throw StoreError(Fault::Conflict, {Says::ShotChanged, impl_->name()});
    });
}

std::vector<Logbook::ShotPlace> Logbook::moveShots(std::span<const std::int64_t> shots,
                                                   std::int64_t& session, const std::string& title,
                                                   const std::string& time) {
    std::int64_t target = session;
    auto out = changed(*impl_, [&](SQLite::Database& db) {
        std::vector<ShotPlace> places;
        if (shots.empty()) return places;
        SQLite::Statement find(db,
                               "SELECT source_id FROM shots JOIN sources ON sources.id = source_id "
                               "WHERE shots.id = ? AND state = 'whole'");
        SQLite::Statement update(db, "UPDATE shots SET source_id = ?1 WHERE id = ?2");
        if (target == 0) {
            SQLite::Statement like(
                db,
                "SELECT sessions.kind, coalesce(date(shots.day * 86400, 'unixepoch'), sessions.day)"
                " FROM shots JOIN sources ON sources.id = source_id JOIN sessions ON "
                "sessions.id = session_id WHERE shots.id = ?");
            like.bind(1, shots.front());
            if (!like.executeStep())
                throw StoreError(Fault::Conflict, {Says::ShotChanged, impl_->name()});
            const std::string kind = textAt(like, 0), day = textAt(like, 1);
            like.reset();
            target = addSession(db, kind.c_str(), title.substr(0, longestTitle), time, day);
        } else {
            SQLite::Statement there(db, "SELECT 1 FROM sessions WHERE id = ?");
            there.bind(1, target);
            if (!there.executeStep())
                throw StoreError(Fault::Conflict, {Says::ShotChanged, impl_->name()});
        }
        std::map<std::int64_t, std::int64_t> alike;  // of each former source, the one there
        std::set<std::int64_t> touched;
        places.reserve(shots.size());
        for (const std::int64_t shot : shots) {
            const std::int64_t from = sourceOf(find, shot, impl_->name());
            auto& to = alike[from];
            if (to == 0) {
                SQLite::Statement make(
                    db,
                    "INSERT INTO sources(kind, name, session_id, added, state, touched_s, "
                    "hash_version) SELECT kind, name, ?1, added, 'whole', strftime('%s', 'now'), "
                    "hash_version FROM sources WHERE id = ?2");
                make.bind(1, target);
                make.bind(2, from);
                make.exec();
                to = db.getLastInsertRowid();
                touched.insert({from, to});
            }
            put(update, shot, to);
            places.push_back({shot, from});
        }
        settle(db, touched);
        return places;
    });
    session = target;
    return out;
}

void Logbook::putBack(std::span<const ShotPlace> places) {
    changed(*impl_, [&](SQLite::Database& db) {
        SQLite::Statement find(db, "SELECT source_id FROM shots WHERE id = ?");
        SQLite::Statement update(db, "UPDATE shots SET source_id = ?1 WHERE id = ?2");
        // One that somebody took back meanwhile, with what was left in it, stays so.
        SQLite::Statement there(
            db,
            "SELECT 1 FROM sources WHERE id = ?1 AND (state = 'whole' OR (state = 'removed' AND "
            "NOT EXISTS(SELECT 1 FROM shots WHERE source_id = ?1)))");
        std::set<std::int64_t> touched;
        for (const ShotPlace& p : places) {
            if (!touched.insert(p.source).second) continue;
            there.reset();
            there.bind(1, p.source);
            if (!there.executeStep())
                throw StoreError(Fault::Conflict, {Says::ShotChanged, impl_->name()});
        }
        there.reset();
        for (const ShotPlace& p : places) {
            touched.insert(sourceOf(find, p.shot, impl_->name()));
            put(update, p.shot, p.source);
        }
        settle(db, touched);
    });
}

}  // namespace wedgeon::store
