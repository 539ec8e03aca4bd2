// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// What belongs to one player as rows that another gets. Within one transaction.
#pragma once

#include <cstdint>
#include <string>

#include "logbook_db.h"

namespace wedgeon::store {

/// Clubs of \p to by all the names that those of \p from have.
void makeItsClubs(SQLite::Database& db, std::int64_t from, std::int64_t to);
/// All that was \p from's is \p to's; \p from goes. Clubs of one name become one.
void mergePlayerRows(SQLite::Database& db, std::int64_t from, std::int64_t to);
/// The name is no other name of the player any more, and shots that call their player so are of
/// somebody known by that name alone again.
void splitPlayerRows(SQLite::Database& db, std::int64_t player, const std::string& name);
/// Of the player's shots those that call him so, to whoever has that name.
void giveNamesake(SQLite::Database& db, std::int64_t player, const std::string& name);

}  // namespace wedgeon::store
