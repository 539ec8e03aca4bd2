// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Estimating and printing.
#include "ladder.h"

#include <algorithm>
#include <array>
#include <nlohmann/json.hpp>
#include <stdexcept>
#include <utility>

#include "wedgeon/ladder/ladder.h"
#include "wedgeon/store/ladder_shots.h"
#include "wedgeon/store/shot_file.h"

namespace wedgeon::cli {
namespace {

using Json = nlohmann::ordered_json;

constexpr std::array<const char*, wayCount> ways{"plain", "opened", "low", "high", "gripped-down"};

const char* wayKey(Way way) {
    return ways[static_cast<std::size_t>(way)];
}

struct Names {
    const Ladder& ladder;

    Json of(std::array<std::size_t, 2> at) const {
        const LadderLine& line = ladder.lines[at[0]];
        return {{"wedge", ladder.clubs[line.club].name},
                {"recipe", wayKey(line.way)},
                {"swing", ladder.swings.swings[line.rungs[at[1]].swing].name}};
    }
};

/// As a cell of CSV; quoted where it has to be.
std::string cell(const std::string& text) {
    if (text.find_first_of(",\"\r\n") == std::string::npos) return text;
    std::string out = "\"";
    for (const char c : text)
        out += c == '"' ? std::string("\"\"") : std::string(1, c);
    return out + "\"";
}

std::string number(double v) {
    return Json(std::round(v * 1e4) / 1e4).dump();
}

std::string csvOf(const Json& rungs) {
    std::string out =
        "wedge,recipe,swing,club_speed [m/s],carry [m],carry_low80 [m],carry_high80 [m],"
        "shots_low80 [m],shots_high80 [m],total [m],shots,newest,predicted,club_speed_sd [m/s]\n";
    for (const Json& r : rungs) {
        std::string line;
        const char* separator = "";
        for (const auto& [key, value] : r.items()) {
            line += std::exchange(separator, ",");
            if (value.is_string()) {
                line += cell(value.get<std::string>());
            } else if (value.is_number_float()) {
                line += number(value.get<double>());
            } else if (!value.is_null()) {
                line += value.dump();
            }
        }
        out += line + "\n";
    }
    out.pop_back();
    return out;
}

}  // namespace

std::string ladderOf(const std::string& logbook, const std::string& player, bool csv) {
    store::Logbook book(logbook, store::Logbook::Access::ReadOnly);
    const auto records = store::readRecords(book);
    const auto their = records->everyone->find(player);
    const std::string own = their == records->everyone->end() ? player : their->second.name;
    store::Fallback fallback;
    fallback.everyone = records->everyone;
    fallback.conditions.wedge = ordinaryBag()[1].wedge;
    store::ShotList shots;
    std::vector<std::string> known;
    book.eachShot(0, [&](store::LoggedShot&& s) {
        const std::string& name = store::findPlayerName(s.record, fallback);
        if (std::find(known.begin(), known.end(), name) == known.end() && known.size() < 50)
            known.push_back(name);
        if (name == own) shots.push_back(std::move(s));
    });
    if (their == records->everyone->end() && !records->findPlayer(player) &&
        std::find(known.begin(), known.end(), player) == known.end()) {
        std::string names;
        for (const std::string& name : known)
            names += (names.empty() ? "" : ", ") + (name.empty() ? "\"\"" : name);
        throw std::invalid_argument(names.empty()
                                        ? "the logbook has no shots and keeps no such player"
                                        : "player must be one of those in the logbook: " + names);
    }
    const store::LadderShots found = store::findLadderShots(shots, fallback, *records, own);
    const Ladder ladder = makeLadder(found.request);
    const auto played = playLadder(ladder, ladder.plain);

    Json out;
    out["player"] = own;
    out["rungs"] = Json::array();
    for (std::size_t l = 0; l < ladder.lines.size(); ++l) {
        const LadderLine& line = ladder.lines[l];
        for (std::size_t i = 0; i < line.rungs.size(); ++i) {
            const LadderRung& r = line.rungs[i];
            Json rung;
            rung["wedge"] = ladder.clubs[line.club].name;
            rung["recipe"] = wayKey(line.way);
            rung["swing"] = ladder.swings.swings[r.swing].name;
            rung["club_speed_mps"] = r.clubSpeed_mps;
            rung["carry_m"] = r.carry_m;
            rung["carry_low80_m"] = r.low80_m;
            rung["carry_high80_m"] = r.high80_m;
            rung["shots_low80_m"] = r.shotsLow80_m;
            rung["shots_high80_m"] = r.shotsHigh80_m;
            rung["total_m"] = played[l][i].plays ? Json(played[l][i].total_m) : Json(nullptr);
            rung["shots"] = r.shots;
            rung["newest"] = r.newest.empty() ? Json(nullptr) : Json(r.newest);
            rung["predicted"] = r.predicted;
            rung["club_speed_sd_mps"] = r.speedSd_mps > 0.0 ? Json(r.speedSd_mps) : Json(nullptr);
            out["rungs"].push_back(std::move(rung));
        }
    }
    if (csv) return csvOf(out["rungs"]);
    const Names names{ladder};
    out["gaps"] = Json::array();
    for (const LadderGap& g : findGaps(ladder))
        out["gaps"].push_back({{"from_m", g.from_m},
                               {"to_m", g.to_m},
                               {"below", names.of(g.below)},
                               {"above", names.of(g.above)},
                               {"guesses_between", g.guesses}});
    out["overlaps"] = Json::array();
    for (const LadderOverlap& o : findOverlaps(ladder))
        out["overlaps"].push_back(
            {{"one", names.of(o.one)}, {"other", names.of(o.other)}, {"differ_m", o.differ_m}});
    out["shots_used"] = ladder.shots;
    out["shots_set_aside"] = found.setAside;
    out["shots_without_swing"] = found.withoutSwing;
    return out.dump(2, ' ', false, Json::error_handler_t::replace);
}

}  // namespace wedgeon::cli
