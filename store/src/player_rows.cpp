// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Moving them, table by table.
#include "player_rows.h"

#include <vector>

#include "identities.h"
#include "logbook_db.h"

namespace wedgeon::store {

void makeItsClubs(SQLite::Database& db, std::int64_t from, std::int64_t to) {
    run(db,
        "INSERT OR IGNORE INTO clubs(player_id, name) SELECT ?2, name FROM clubs WHERE player_id = "
        "?1",
        from, to);
}

void mergePlayerRows(SQLite::Database& db, std::int64_t from, std::int64_t to) {
    makeItsClubs(db, from, to);
    constexpr const char* itsClub =
        "(SELECT now.id FROM clubs AS now JOIN clubs AS was ON was.name = now.name WHERE "
        "now.player_id = ?2 AND was.id = club_id)";
    run(db,
        (std::string("UPDATE shots SET club_id = ") + itsClub +
         " WHERE player_id = ?1 AND club_id IS NOT NULL")
            .c_str(),
        from, to);
    run(db,
        (std::string("UPDATE OR REPLACE club_names SET player_id = ?2, club_id = ") + itsClub +
         " WHERE player_id = ?1")
            .c_str(),
        from, to);
    run(db,
        (std::string("UPDATE wedges SET player_id = ?2, club_id = ") + itsClub +
         " WHERE player_id = ?1")
            .c_str(),
        from, to);
    run(db, "UPDATE shots SET player_id = ?2 WHERE player_id = ?1", from, to);
    run(db, "UPDATE sessions SET player_id = ?2 WHERE player_id = ?1", from, to);
    rewriteParts(db, {from, to});
    run(db, "UPDATE trainings SET player_id = ?2 WHERE player_id = ?1", from, to);
    run(db, "UPDATE notes SET player_id = ?2 WHERE player_id = ?1", from, to);
    run(db, "UPDATE tunings SET player_id = ?2 WHERE player_id = ?1", from, to);
    run(db, "UPDATE OR IGNORE tunings_in_use SET player_id = ?2 WHERE player_id = ?1", from, to);
    run(db, "DELETE FROM tunings_in_use WHERE player_id = ?1", from);
    run(db, "UPDATE OR IGNORE swing_sets SET player_id = ?2 WHERE player_id = ?1", from, to);
    run(db, "DELETE FROM swing_sets WHERE player_id = ?1", from);
    run(db, "UPDATE player_names SET player_id = ?2 WHERE player_id = ?1", from, to);
    run(db, "DELETE FROM clubs WHERE player_id = ?1", from);
    run(db, "DELETE FROM players WHERE id = ?1", from);
}

void splitPlayerRows(SQLite::Database& db, std::int64_t player, const std::string& name) {
    run(db, "DELETE FROM player_names WHERE player_id = ?1 AND name = ?2", player, name);
    giveNamesake(db, player, name);
}

void giveNamesake(SQLite::Database& db, std::int64_t player, const std::string& name) {
    Identities who(db);
    const std::int64_t own = who.player(Word(name));
    SQLite::Statement find(db,
                           "SELECT DISTINCT coalesce(wedge, '') FROM shots WHERE player_id = ? AND "
                           "player = ?");
    find.bind(1, player);
    find.bind(2, name);
    std::vector<std::string> clubs;
    while (find.executeStep())
        clubs.push_back(textAt(find, 0));
    for (const std::string& club : clubs) {
        SQLite::Statement move(db,
                               "UPDATE shots SET player_id = ?1, club_id = ?2 WHERE player_id = ?3 "
                               "AND player = ?4 AND coalesce(wedge, '') = ?5");
        move.bind(1, own);
        if (const auto id = who.club(own, Word(club))) move.bind(2, *id);
        move.bind(3, player);
        move.bind(4, name);
        move.bind(5, club);
        move.exec();
    }
    rewriteParts(db, {player, own});
}

}  // namespace wedgeon::store
