// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Finding and making.
#include "identities.h"

#include <algorithm>

namespace wedgeon::store {
namespace {

std::optional<std::int64_t> findId(SQLite::Database& db, const char* sql, std::int64_t player,
                                   const std::string& name) {
    SQLite::Statement find(db, sql);
    find.bind(1, name);
    if (find.getBindParameterCount() > 1) find.bind(2, player);
    if (!find.executeStep()) return std::nullopt;
    return find.getColumn(0).getInt64();
}

}  // namespace

std::optional<std::int64_t> findPlayerId(SQLite::Database& db, const std::string& name) {
    if (auto id = findId(db, "SELECT player_id FROM player_names WHERE name = ?1", 0, name))
        return id;
    return findId(db, "SELECT id FROM players WHERE name = ?1", 0, name);
}

Identities::Met& Identities::metFor(Mets& mets, const Word& name) {
    return mets[reinterpret_cast<std::uintptr_t>(&name.str()) / 64 % mets.size()];
}

std::int64_t Identities::player(const Word& name) {
    Met& met = metFor(metPlayers_, name);
    if (met.id != 0 && &met.name.str() == &name.str()) return met.id;
    auto at = playerIds_.find(name.str());
    if (at == playerIds_.end()) {
        auto id = findPlayerId(db_, name.str());
        if (!id) {
            SQLite::Statement make(db_, "INSERT INTO players(name, kept) VALUES(?, 0)");
            make.bind(1, name.str());
            make.exec();
            id = db_.getLastInsertRowid();
        }
        at = playerIds_.emplace(name.str(), *id).first;
    }
    met = {name, 0, at->second};
    return met.id;
}

std::optional<std::int64_t> Identities::club(std::int64_t player, const Word& name) {
    if (name.empty()) return std::nullopt;
    Met& met = metFor(metClubs_, name);
    if (met.id != 0 && met.of == player && &met.name.str() == &name.str()) return met.id;
    auto at = clubIds_.find({player, name.str()});
    if (at == clubIds_.end()) {
        auto id = findId(db_, "SELECT club_id FROM club_names WHERE name = ?1 AND player_id = ?2",
                         player, name);
        if (!id)
            id = findId(db_, "SELECT id FROM clubs WHERE name = ?1 AND player_id = ?2", player,
                        name);
        if (!id) {
            SQLite::Statement make(db_, "INSERT INTO clubs(player_id, name) VALUES(?, ?)");
            make.bind(1, player);
            make.bind(2, name.str());
            make.exec();
            id = db_.getLastInsertRowid();
        }
        at = clubIds_.emplace(std::pair(player, name.str()), *id).first;
    }
    met = {name, player, at->second};
    return met.id;
}

void Parts::add(std::int64_t player, std::optional<std::int64_t> club,
                std::optional<std::int64_t> day) {
    const Key key{player, club.value_or(0)};
    const std::int64_t at = day.value_or(0);
    if (!last_ || key != lastKey_) {
        lastKey_ = key;
        last_ = &days_.try_emplace(key, Days{at, at}).first->second;
    }
    last_->first = std::min(last_->first, at);
    last_->last = std::max(last_->last, at);
}

void Parts::write(SQLite::Database& db, std::int64_t source) const {
    SQLite::Statement put(
        db,
        "INSERT INTO parts VALUES(?1, ?2, ?3, ?4, ?5) ON CONFLICT(source_id, player_id, "
        "coalesce(club_id, 0)) DO UPDATE SET first_day = min(first_day, ?4), last_day = "
        "max(last_day, ?5)");
    for (const auto& [key, days] : days_) {
        put.bind(1, source);
        put.bind(2, key.first);
        if (key.second != 0) {
            put.bind(3, key.second);
        } else {
            put.bind(3);
        }
        put.bind(4, days.first);
        put.bind(5, days.last);
        put.exec();
        put.reset();
    }
}

void rewriteParts(SQLite::Database& db, const std::set<std::int64_t>& players) {
    std::set<std::int64_t> sources;
    for (const std::int64_t player : players) {
        SQLite::Statement its(db, "SELECT source_id FROM parts WHERE player_id = ?");
        its.bind(1, player);
        while (its.executeStep())
            sources.insert(its.getColumn(0).getInt64());
    }
    rewritePartsOf(db, sources);
}

void rewritePartsOf(SQLite::Database& db, const std::set<std::int64_t>& sources) {
    for (const std::int64_t source : sources) {
        for (const char* sql :
             {"DELETE FROM parts WHERE source_id = ?",
              "INSERT INTO parts SELECT source_id, player_id, club_id, min(coalesce(day, 0)), "
              "max(coalesce(day, 0)) FROM shots WHERE source_id = ? GROUP BY player_id, club_id"}) {
            SQLite::Statement run(db, sql);
            run.bind(1, source);
            run.exec();
        }
        SQLite::Statement its(db, "SELECT session_id FROM sources WHERE id = ?");
        its.bind(1, source);
        if (its.executeStep()) noteSessionPlayer(db, its.getColumn(0).getInt64());
    }
}

void noteSessionPlayer(SQLite::Database& db, std::int64_t session) {
    SQLite::Statement set(
        db,
        "UPDATE sessions SET player_id = (SELECT CASE WHEN min(parts.player_id) = "
        "max(parts.player_id) THEN min(parts.player_id) END FROM parts JOIN "
        "sources ON sources.id = source_id WHERE session_id = ?1) WHERE id = ?1");
    set.bind(1, session);
    set.exec();
}

}  // namespace wedgeon::store
