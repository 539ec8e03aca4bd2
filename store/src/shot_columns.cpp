// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Columns.
#include "shot_columns.h"

#include <cmath>

#include "shot_hash.h"
#include "text.h"

namespace wedgeon::store {
namespace {

std::string placeholders(std::size_t n) {
    std::string out = "?";
    for (std::size_t i = 1; i < n; ++i)
        out += ", ?";
    return out;
}

}  // namespace

const std::string& columnList() {
    static const std::string list = [] {
        std::string out;
        for (std::size_t i = 0; i < labelCount; ++i) {
            out += out.empty() ? "" : ", ";
            out += labelKey(static_cast<Label>(i));
        }
        for (std::size_t i = 0; i < quantityCount; ++i) {
            out += ", ";
            out += siKey(static_cast<Quantity>(i));
        }
        return out;
    }();
    return list;
}

std::string insertShots(std::size_t rows) {
    const std::string row = placeholders(columnsOfARow).insert(0, 1, '(').append(")");
    std::string sql =
        "INSERT INTO shots(source_id, row_hash, device_shot, arrived, arrived_s, player_id, "
        "club_id, day, " +
        columnList() + ") VALUES" + row;
    for (std::size_t i = 1; i < rows; ++i)
        sql += "," + row;
    return sql;
}

void bindRecord(SQLite::Statement& insert, int at, const ShotRecord& shot) {
    for (const Word& label : shot.labels) {
        if (label.empty()) {
            insert.bind(at);
        } else {
            insert.bindNoCopy(at, label.str());
        }
        ++at;
    }
    for (const double value : shot.values) {
        if (std::isnan(value)) {
            insert.bind(at);
        } else {
            insert.bind(at, value);
        }
        ++at;
    }
}

void bindIdentities(SQLite::Statement& insert, int at, const ShotRecord& shot, Identities& who,
                    Parts& parts, std::string_view time) {
    const auto bind = [&](int column, std::optional<std::int64_t> value) {
        if (value) {
            insert.bind(column, *value);
        } else {
            insert.bind(column);
        }
    };
    const std::int64_t player = who.player(shot.labels[static_cast<std::size_t>(Label::Player)]);
    const auto club = who.club(player, shot.labels[static_cast<std::size_t>(Label::Wedge)]);
    const std::string& own = shot[Label::Time];
    const auto day = text::dayOf(own.empty() ? time : std::string_view(own));
    bind(at, player);
    bind(at + 1, club);
    bind(at + 2, day);
    parts.add(player, club, day);
}

ShotRecord recordAt(SQLite::Statement& row, int at, WordPool& words) {
    ShotRecord shot;
    for (std::size_t i = 0; i < labelCount; ++i)
        shot.labels[i] = words.of(i, viewAt(row, at++));
    for (double& value : shot.values)
        value = numberAt(row, at++);
    return shot;
}

const std::string& selectShot() {
    static const std::string sql =
        "SELECT shots.id, session_id, reason, paced_m, row_hash, hash_version, arrived, "
        "player_in_file, " +
        columnList() +
        " FROM shots CROSS JOIN sources ON sources.id = source_id LEFT JOIN set_asides ON shot_id "
        "= shots.id WHERE state = 'whole'";
    return sql;
}

const std::string& selectSource() {
    static const std::string sql = selectShot() + " AND source_id = ?1";
    return sql;
}

std::int64_t hashInFile(const LoggedShot& shot, int version) {
    if (!shot.playerInFile) return hashOf(shot.record, version);
    ShotRecord inFile = shot.record;
    inFile.labels[static_cast<std::size_t>(Label::Player)] = *shot.playerInFile;
    return hashOf(inFile, version);
}

LoggedShot shotAt(SQLite::Statement& row, WordPool& words) {
    LoggedShot shot;
    shot.id = row.getColumn(0).getInt64();
    shot.session = row.getColumn(1).getInt64();
    shot.setAside = words.of(labelCount, viewAt(row, 2));
    shot.record = recordAt(row, 8, words);
    if (!row.isColumnNull(7))
        shot.playerInFile = words.of(static_cast<std::size_t>(Label::Player), viewAt(row, 7));
    // Hashes of before version 2 do not tell: they were taken of values that SQLite changed.
    shot.damaged =
        row.getColumn(5).getInt() == hashVersion && hashInFile(shot) != row.getColumn(4).getInt64();
    if (shot.record[Label::Time].empty()) shot.record[Label::Time] = textAt(row, 6);
    const double paced_m = numberAt(row, 3);
    if (!std::isnan(paced_m)) shot = withPaced(std::move(shot), paced_m);
    return shot;
}

std::int64_t addSession(SQLite::Database& db, const char* kind, const std::string& title,
                        const std::string& time, const std::string& day) {
    SQLite::Statement make(db,
                           "INSERT INTO sessions(title, started, kind, day) VALUES(?, ?, ?, ?)");
    make.bind(1, title);
    make.bind(2, time);
    make.bind(3, kind);
    make.bind(4, text::dayOf(day) ? day.substr(0, 10) : time.substr(0, 10));
    make.exec();
    return db.getLastInsertRowid();
}

}  // namespace wedgeon::store
