// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Who and what the words of a shot mean: found by name or by another name, made where nobody has
// it. Within one transaction, in which nobody else renames anything.
#pragma once

#include <array>
#include <cstdint>
#include <map>
#include <optional>
#include <set>
#include <string>
#include <string_view>

#include "logbook_db.h"

namespace wedgeon::store {

class Identities {
public:
    explicit Identities(SQLite::Database& db) : db_(db) {}

    /// Of the name, or of one of its other names; a new one, not kept, where there is none. An
    /// empty name is whoever uses the program.
    std::int64_t player(const Word& name);
    /// Nothing for an empty name.
    std::optional<std::int64_t> club(std::int64_t player, const Word& name);

private:
    SQLite::Database& db_;
    /// Shots of one file share their words: those of the last ones are found by where they lie.
    struct Met {
        Word name;
        std::int64_t of = 0, id = 0;
    };
    using Mets = std::array<Met, 16>;
    static Met& metFor(Mets& mets, const Word& name);
    Mets metPlayers_, metClubs_;
    std::map<std::string, std::int64_t, std::less<>> playerIds_;
    std::map<std::pair<std::int64_t, std::string>, std::int64_t> clubIds_;
};

/// What a source has of each player and club.
class Parts {
public:
    void add(std::int64_t player, std::optional<std::int64_t> club,
             std::optional<std::int64_t> day);
    /// Into the table, beside what is there of the source.
    void write(SQLite::Database& db, std::int64_t source) const;

private:
    struct Days {
        std::int64_t first = 0, last = 0;
    };
    using Key = std::pair<std::int64_t, std::int64_t>;  ///< player and club, 0 for none
    std::map<Key, Days> days_;
    Key lastKey_{0, 0};
    Days* last_ = nullptr;
};
/// A session is one player's where all its shots are; as its parts say.
void noteSessionPlayer(SQLite::Database& db, std::int64_t session);
/// Worked out anew for these sources, with whose their sessions are.
void rewritePartsOf(SQLite::Database& db, const std::set<std::int64_t>& sources);
/// The same for all sources that have shots of one of these.
void rewriteParts(SQLite::Database& db, const std::set<std::int64_t>& players);

/// The player of a name or of another name, if there is one.
std::optional<std::int64_t> findPlayerId(SQLite::Database& db, const std::string& name);

}  // namespace wedgeon::store
