// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Shots as rows of the table: which column is what, written and read.
#pragma once

#include <string>

#include "identities.h"
#include "logbook_db.h"
#include "shot_hash.h"

namespace wedgeon::store {

/// The columns of words and numbers, named as in siKey and labelKey, in their order.
const std::string& columnList();
/// Takes for each of \p rows source, row hash, the device's number, arrival as text and in seconds,
/// player, club and day, then columnList().
std::string insertShots(std::size_t rows);
inline constexpr int firstRecordColumn = 9;
inline constexpr int columnsOfARow =
    firstRecordColumn - 1 + static_cast<int>(labelCount + quantityCount);

void bindRecord(SQLite::Statement& insert, int at, const ShotRecord& shot);
/// Player, club and day, from \p at on, which are noted in \p parts. \p time stands for the shot's
/// own where it has none.
void bindIdentities(SQLite::Statement& insert, int at, const ShotRecord& shot, Identities& who,
                    Parts& parts, std::string_view time = {});
ShotRecord recordAt(SQLite::Statement& row, int at, WordPool& words);

/// Whole shots, in the order of the table; more conditions ("AND …") and an order may follow.
const std::string& selectShot();
/// Of one source (?1); an order may follow.
const std::string& selectSource();
/// Of the shot as its file has it, whoever's it is now.
std::int64_t hashInFile(const LoggedShot& shot, int version = hashVersion);
/// The row that selectShot gives; dismissals are left out.
LoggedShot shotAt(SQLite::Statement& row, WordPool& words);

/// \p day local, ISO 8601.
std::int64_t addSession(SQLite::Database& db, const char* kind, const std::string& title,
                        const std::string& time, const std::string& day);

}  // namespace wedgeon::store
