// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Rows of tunings.
#include "wedgeon/store/tunings.h"

#include <nlohmann/json.hpp>

#include "identities.h"
#include "logbook_db.h"
#include "strict_json.h"

namespace wedgeon::store {
namespace {

constexpr std::size_t mostIdsBytes = 4u << 20;

const char* const select =
    "SELECT tunings.id, players.name, made, program, shots, tuning, shot_ids FROM tunings JOIN "
    "players ON players.id = tunings.player_id ";

std::optional<KeptTuning> tuningFrom(SQLite::Statement& row) {
    KeptTuning out;
    out.id = row.getColumn(0).getInt64();
    try {
        out.tuning = parseTuning(row.getColumn(5).getString());
        const std::string ids = row.getColumn(6).getString();
        if (!ids.empty()) out.shotIds = parseStrict(ids).get<std::vector<std::int64_t>>();
    } catch (const std::exception&) {
        return std::nullopt;  // written by another hand
    }
    out.tuning.player = row.getColumn(1).getString();
    out.made = out.tuning.made = row.getColumn(2).getString();
    out.tuning.setDays(out.tuning.days());  // with player and date
    out.program = row.getColumn(3).getString();
    out.shots = static_cast<std::size_t>(std::max<std::int64_t>(0, row.getColumn(4).getInt64()));
    return out;
}

}  // namespace

std::vector<KeptTuning> Tunings::of(const std::string& player) const {
    const LogbookAccess::Impl& book = LogbookAccess::of(logbook_);
    return book.guarded([&] {
        std::vector<KeptTuning> out;
        SQLite::Statement all(
            *book.db, std::string(select) + "WHERE players.name = ? ORDER BY tunings.id DESC");
        all.bind(1, player);
        while (all.executeStep()) {
            if (auto t = tuningFrom(all)) out.push_back(std::move(*t));
        }
        return out;
    });
}

std::int64_t Tunings::keep(const KeptTuning& kept) {
    return changed(LogbookAccess::of(logbook_), [&](SQLite::Database& db) {
        SQLite::Statement put(db,
                              "INSERT INTO tunings(player_id, made, program, shots, tuning, "
                              "shot_ids) VALUES(?, ?, ?, ?, ?, ?)");
        put.bind(1, Identities(db).player(Word(kept.tuning.player)));
        put.bind(2, kept.made);
        put.bind(3, kept.program);
        put.bind(4, static_cast<std::int64_t>(kept.shots));
        put.bind(5, formatTuning(kept.tuning));
        const std::string ids = nlohmann::json(kept.shotIds).dump();
        put.bind(6, ids.size() <= mostIdsBytes ? ids : std::string());
        put.exec();
        return db.getLastInsertRowid();
    });
}

std::optional<KeptTuning> Tunings::inUse(const std::string& player) const {
    const LogbookAccess::Impl& book = LogbookAccess::of(logbook_);
    return book.guarded([&]() -> std::optional<KeptTuning> {
        SQLite::Statement find(*book.db,
                               std::string(select) +
                                   "JOIN tunings_in_use ON tuning_id = tunings.id AND "
                                   "tunings_in_use.player_id = players.id WHERE players.name = ?1");
        find.bind(1, player);
        if (!find.executeStep()) return std::nullopt;
        return tuningFrom(find);
    });
}

std::vector<std::string> Tunings::players() const {
    const LogbookAccess::Impl& book = LogbookAccess::of(logbook_);
    return book.guarded([&] {
        std::vector<std::string> out;
        SQLite::Statement all(*book.db,
                              "SELECT name FROM players WHERE EXISTS(SELECT 1 FROM tunings WHERE "
                              "player_id = players.id) ORDER BY name");
        while (all.executeStep())
            out.push_back(textAt(all, 0));
        return out;
    });
}

std::map<std::string, std::shared_ptr<const Tuning>> Tunings::allInUse() const {
    const LogbookAccess::Impl& book = LogbookAccess::of(logbook_);
    return book.guarded([&] {
        std::map<std::string, std::shared_ptr<const Tuning>> out;
        SQLite::Statement all(*book.db, std::string(select) +
                                            "JOIN tunings_in_use ON tuning_id = tunings.id AND "
                                            "tunings_in_use.player_id = players.id");
        while (all.executeStep()) {
            if (auto t = tuningFrom(all))
                out.emplace(t->tuning.player, std::make_shared<const Tuning>(t->tuning));
        }
        return out;
    });
}

void Tunings::use(const std::string& player, std::int64_t id) {
    changed(LogbookAccess::of(logbook_), [&](SQLite::Database& db) {
        SQLite::Statement put(db, id == 0 ? "DELETE FROM tunings_in_use WHERE player_id = ?1"
                                          : "INSERT OR REPLACE INTO tunings_in_use(player_id, "
                                            "tuning_id) VALUES(?1, ?2)");
        put.bind(1, Identities(db).player(Word(player)));
        if (id != 0) put.bind(2, id);
        put.exec();
    });
}

}  // namespace wedgeon::store
