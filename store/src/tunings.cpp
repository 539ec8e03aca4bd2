// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Rows and JSON of tunings.
#include "wedgeon/store/tunings.h"

#include <array>
#include <nlohmann/json.hpp>

#include "json_fields.h"
#include "logbook_db.h"

namespace wedgeon::store {
namespace {

constexpr std::size_t mostGroups = 1000;
constexpr std::size_t mostIdsBytes = 4u << 20;

const char* const columns = "id, player, made, program, shots, tuning, shot_ids";

/// In the order of BallKind. Literals: Fields keeps views of its keys.
struct BallKeys {
    const char *value, *sd;
};
constexpr std::array ballKeys{BallKeys{"tangential_soft", "tangential_sd_soft"},
                              BallKeys{"tangential_firm", "tangential_sd_firm"},
                              BallKeys{"tangential_range", "tangential_sd_range"}};

std::optional<KeptTuning> tuningFrom(SQLite::Statement& row) {
    KeptTuning out;
    out.id = row.getColumn(0).getInt64();
    try {
        out.tuning = parseTuning(row.getColumn(5).getString());
        const std::string ids = row.getColumn(6).getString();
        if (!ids.empty()) out.shotIds = nlohmann::json::parse(ids).get<std::vector<std::int64_t>>();
    } catch (const std::exception&) {
        return std::nullopt;  // written by another hand
    }
    out.tuning.player = row.getColumn(1).getString();
    out.made = row.getColumn(2).getString();
    out.program = row.getColumn(3).getString();
    out.shots = static_cast<std::size_t>(std::max<std::int64_t>(0, row.getColumn(4).getInt64()));
    return out;
}

template <class Named, class Value>
std::string keyOf(std::span<const Named> all, Value Named::*member, Value value) {
    for (const Named& n : all) {
        if (n.*member == value) return std::string(n.key);
    }
    return {};
}

}  // namespace

std::string formatTuning(const StrikeTuning& t) {
    nlohmann::ordered_json groups = nlohmann::ordered_json::array();
    for (const auto& own : t.groups) {
        const Lie& l = own.group.lie;
        groups.push_back({{"ball", keyOf(namedBalls(), &NamedBall::ball, own.group.ball)},
                          {"face", keyOf(namedFaces(), &NamedFace::face, own.group.face)},
                          {"cover", l.cover},
                          {"moisture", l.moisture},
                          {"grain_rad", l.grain_rad},
                          {"sit_m", l.sit_m},
                          {"firmness", l.firmness},
                          {"log", own.log},
                          {"sd", own.sd}});
    }
    nlohmann::ordered_json out{{"restitution0", t.restitution0},
                               {"restitution0_sd", t.restitution0Sd},
                               {"loft_bias_rad", t.loftBias_rad},
                               {"attack_bias_rad", t.attackBias_rad},
                               {"log_friction", t.logFriction},
                               {"friction_sd", t.frictionSd},
                               {"groups", groups}};
    for (std::size_t i = 0; i < ballKeys.size(); ++i) {
        out[ballKeys[i].value] = t.tangentialRestitution[i];
        out[ballKeys[i].sd] = t.tangentialSd[i];
    }
    return out.dump();
}

StrikeTuning parseTuning(const std::string& json) {
    nlohmann::json document;
    try {
        document = nlohmann::json::parse(json);
    } catch (const nlohmann::json::exception& e) {
        throw std::invalid_argument(std::string("a tuning is not JSON: ") + e.what());
    }
    Fields in(document, "");
    StrikeTuning t;
    t.restitution0 = in.number("restitution0");
    t.restitution0Sd = in.number("restitution0_sd");
    t.loftBias_rad = in.number("loft_bias_rad");
    t.attackBias_rad = in.number("attack_bias_rad");
    t.logFriction = in.number("log_friction");
    t.frictionSd = in.number("friction_sd");
    for (std::size_t i = 0; i < ballKeys.size(); ++i) {
        t.tangentialRestitution[i] = in.number(ballKeys[i].value);
        t.tangentialSd[i] = in.number(ballKeys[i].sd);
    }
    const auto within = [](const char* field, double value, double low, double high) {
        if (!(value >= low && value <= high))
            throw std::invalid_argument(std::string(field) + " of a tuning is outside " +
                                        std::to_string(low) + " to " + std::to_string(high));
    };
    within("restitution0", t.restitution0, 0.5, 1.1);
    within("loft_bias_rad", t.loftBias_rad, -0.3, 0.3);
    within("attack_bias_rad", t.attackBias_rad, -0.3, 0.3);
    within("log_friction", t.logFriction, -3, 3);
    for (const double e : t.tangentialRestitution)
        within("tangential", e, -0.5, 0.5);
    for (Fields& g : in.children("groups", mostGroups)) {
        StrikeTuning::OwnFriction own;
        const NamedBall* ball = findBall(g.word("ball", ""));
        const NamedFace* face = findFace(g.word("face", ""));
        if (!ball || !face) throw std::invalid_argument("a group's ball or face is not known");
        own.group.ball = ball->ball;
        own.group.face = face->face;
        own.group.lie = {g.number("cover"), g.number("moisture"), g.number("grain_rad"),
                         g.number("sit_m"), g.number("firmness")};
        own.log = g.number("log");
        own.sd = g.number("sd");
        within("log", own.log, -3, 3);
        within("sd", own.sd, 0, 3);
        g.finish();
        t.groups.push_back(own);
    }
    in.finish();
    return t;
}

std::vector<KeptTuning> Tunings::of(const std::string& player) const {
    const LogbookAccess::Impl& book = LogbookAccess::of(logbook_);
    return book.guarded([&] {
        std::vector<KeptTuning> out;
        SQLite::Statement all(*book.db, std::string("SELECT ") + columns +
                                            " FROM tunings WHERE player = ? ORDER BY id DESC");
        all.bind(1, player);
        while (all.executeStep()) {
            if (auto t = tuningFrom(all)) out.push_back(std::move(*t));
        }
        return out;
    });
}

std::int64_t Tunings::keep(const KeptTuning& kept) {
    LogbookAccess::Impl& book = LogbookAccess::of(logbook_);
    book.requireWritable();
    return book.guarded([&] {
        WriteTransaction transaction(*book.db);
        SQLite::Statement put(*book.db,
                              "INSERT INTO tunings(player, made, program, shots, tuning, shot_ids) "
                              "VALUES(?, ?, ?, ?, ?, ?)");
        put.bind(1, kept.tuning.player);
        put.bind(2, kept.made);
        put.bind(3, kept.program);
        put.bind(4, static_cast<std::int64_t>(kept.shots));
        put.bind(5, formatTuning(kept.tuning));
        const std::string ids = nlohmann::json(kept.shotIds).dump();
        put.bind(6, ids.size() <= mostIdsBytes ? ids : std::string());
        put.exec();
        const std::int64_t id = book.db->getLastInsertRowid();
        transaction.commit();
        return id;
    });
}

std::optional<KeptTuning> Tunings::inUse(const std::string& player) const {
    const LogbookAccess::Impl& book = LogbookAccess::of(logbook_);
    return book.guarded([&]() -> std::optional<KeptTuning> {
        SQLite::Statement find(*book.db, std::string("SELECT ") + columns +
                                             " FROM tunings WHERE id = (SELECT tuning_id FROM "
                                             "tunings_in_use WHERE player = ?1) AND player = ?1");
        find.bind(1, player);
        if (!find.executeStep()) return std::nullopt;
        return tuningFrom(find);
    });
}

void Tunings::use(const std::string& player, std::int64_t id) {
    LogbookAccess::Impl& book = LogbookAccess::of(logbook_);
    book.requireWritable();
    book.guarded([&] {
        WriteTransaction transaction(*book.db);
        SQLite::Statement put(*book.db,
                              id == 0 ? "DELETE FROM tunings_in_use WHERE player = ?1"
                                      : "INSERT OR REPLACE INTO tunings_in_use(player, tuning_id) "
                                        "VALUES(?1, ?2)");
        put.bind(1, player);
        if (id != 0) put.bind(2, id);
        put.exec();
        transaction.commit();
    });
}

}  // namespace wedgeon::store
