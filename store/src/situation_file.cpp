// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Documents of situations, and where they are kept.
#include "wedgeon/store/situation_file.h"

#include <nlohmann/json.hpp>

#include "conditions_fields.h"
#include "line_fields.h"
#include "logbook_db.h"
#include "name_field.h"
#include "strict_json.h"
#include "text.h"
#include "wedgeon/store/error.h"
#include "wedgeon/store/files.h"
#include "wedgeon/units.h"

namespace wedgeon::store {
namespace {

using Json = nlohmann::ordered_json;

constexpr std::string_view formatName = "wedgeon-situation";
constexpr int formatVersion = 1;
constexpr std::size_t mostBytes = 1u << 20;
constexpr std::size_t mostClubs = 30;

template <class Answer>
void readAnswer(Fields& in, std::string_view key, std::optional<Answer>& out) {
    const std::string word = in.word(key, "");
    if (word.empty()) return;
    const auto keys = answerKeys(Answer{});
    std::string names;
    for (std::size_t i = 0; i < keys.size(); ++i) {
        if (keys[i] == word) {
            out = static_cast<Answer>(i);
            return;
        }
        names += (names.empty() ? "" : ", ") + std::string(keys[i]);
    }
    in.refuse(Says::FieldNotOneOf, key, names);
}

template <class Answer>
void writeAnswer(Json& out, std::string_view key, const std::optional<Answer>& answer) {
    if (answer) out[std::string(key)] = answerKeys(Answer{})[static_cast<std::size_t>(*answer)];
}

LieAnswers readAnswers(Fields in) {
    LieAnswers a;
    readAnswer(in, "grass_height", a.height);
    readAnswer(in, "grass_colour", a.colour);
    readAnswer(in, "grass_lies", a.grain);
    readAnswer(in, "ball_sits", a.sits);
    readAnswer(in, "to_the_hand", a.hand);
    readAnswer(in, "practice_swing", a.swing);
    in.finish();
    return a;
}

Json answersToJson(const LieAnswers& a) {
    Json out = Json::object();
    writeAnswer(out, "grass_height", a.height);
    writeAnswer(out, "grass_colour", a.colour);
    writeAnswer(out, "grass_lies", a.grain);
    writeAnswer(out, "ball_sits", a.sits);
    writeAnswer(out, "to_the_hand", a.hand);
    writeAnswer(out, "practice_swing", a.swing);
    return out;
}

BagClub readClub(Fields in) {
    BagClub club;
    club.name = readName(in, "name", false);
    club.putter = in.flag("putter");
    if (!club.putter) {
        club.wedge = {radFromDeg(in.number("loft_deg")), radFromDeg(in.number("lie_deg", 64)),
                      radFromDeg(in.number("bounce_deg", 10))};
        club.wedge.validate();
    }
    in.finish();
    return club;
}

Json clubToJson(const BagClub& club) {
    Json out;
    out["name"] = club.name;
    if (club.putter) {
        out["putter"] = true;
    } else {
        out["loft_deg"] = degFromRad(club.wedge.loft_rad);
        out["lie_deg"] = degFromRad(club.wedge.lie_rad);
        out["bounce_deg"] = degFromRad(club.wedge.bounce_rad);
    }
    return out;
}

}  // namespace

Situation parseSituation(std::string_view text) {
    if (text.size() > mostBytes)
        throw StoreError(Fault::TooLarge, {Says::SituationTooLarge, mostBytes >> 20});
    const nlohmann::json document = parseDocument(text);
    Fields top(document, "");
    if (top.word("format", "") != formatName)
        throw StoreError(Fault::Malformed, {Says::FormatNot, formatName, formatVersion});
    if (top.number("version") != formatVersion)
        throw StoreError(Fault::Malformed, {Says::VersionNot, formatVersion});
    Situation out;
    out.name = readName(top, "name", false);
    Fields met = top.child("conditions");
    out.conditions = readMetFields(met);
    out.lie = readAnswers(met.child("lie_seen"));
    met.finish();
    out.conditions.lie.validate();
    out.conditions.air.validate();
    out.conditions.line = readLineFields(top);
    if (!out.conditions.line) throw StoreError(Fault::Malformed, {Says::FieldMissing, "zones"});
    for (Fields& c : top.children("wedges", mostClubs))
        out.clubs.push_back(readClub(std::move(c)));
    top.finish();
    return out;
}

std::string formatSituation(const Situation& s, bool indented) {
    Json out;
    out["format"] = formatName;
    out["version"] = formatVersion;
    if (!s.name.empty()) out["name"] = s.name;
    if (s.conditions.line) out.update(lineToJson(*s.conditions.line));
    Json met = metToJson(s.conditions);
    if (Json seen = answersToJson(s.lie); !seen.empty()) met["lie_seen"] = std::move(seen);
    out["conditions"] = std::move(met);
    for (const BagClub& c : s.clubs)
        out["wedges"].push_back(clubToJson(c));
    return out.dump(indented ? 2 : -1, ' ', false, Json::error_handler_t::replace) +
           (indented ? "\n" : "");
}

Situation readSituation(const std::filesystem::path& path) {
    return parseSituation(readWhole(path, mostBytes));
}

void writeSituation(const std::filesystem::path& path, const Situation& situation) {
    writeWhole(path, formatSituation(situation));
}

std::vector<Situation> Situations::all() const {
    const LogbookAccess::Impl& book = LogbookAccess::of(logbook_);
    return book.guarded([&] {
        std::vector<Situation> out;
        SQLite::Statement rows(*book.db, "SELECT name, situation FROM situations ORDER BY id");
        while (rows.executeStep()) {
            try {
                Situation one = parseSituation(textAt(rows, 1, mostBytes));
                one.name = textAt(rows, 0);
                out.push_back(std::move(one));
            } catch (const std::exception&) {
                continue;  // written by another hand
            }
        }
        return out;
    });
}

void Situations::keep(std::span<const Situation> situations) {
    changed(LogbookAccess::of(logbook_), [&](SQLite::Database& db) {
        for (const Situation& s : situations) {
            if (s.name.empty() || s.name.size() > longestName)
                throw StoreError(Fault::Malformed, {Says::FieldNotLine, "name", longestName});
            SQLite::Statement write(
                db,
                "INSERT INTO situations(name, situation) VALUES(?1, ?2) ON CONFLICT(name) DO "
                "UPDATE SET situation = ?2");
            write.bind(1, s.name);
            write.bind(2, formatSituation(s, false));
            write.exec();
        }
        if (db.execAndGet("SELECT count(*) FROM situations").getInt64() >
            static_cast<std::int64_t>(mostSituations))
            throw StoreError(Fault::TooLarge, {Says::TooManySituations, mostSituations});
    });
}

void Situations::remove(const std::string& name) {
    changed(LogbookAccess::of(logbook_), [&](SQLite::Database& db) {
        SQLite::Statement gone(db, "DELETE FROM situations WHERE name = ?");
        gone.bind(1, name);
        gone.exec();
    });
}

}  // namespace wedgeon::store
