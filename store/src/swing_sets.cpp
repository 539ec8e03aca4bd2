// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Swings as documents, and what their names say.
#include "wedgeon/store/swing_sets.h"

#include <algorithm>
#include <array>
#include <cctype>
#include <cmath>
#include <nlohmann/json.hpp>
#include <regex>

#include "identities.h"
#include "logbook_db.h"
#include "name_field.h"
#include "strict_json.h"
#include "text.h"
#include "wedgeon/error.h"
#include "wedgeon/store/error.h"

namespace wedgeon::store {
namespace {

using Json = nlohmann::ordered_json;

constexpr std::size_t mostSwingBytes = 64u << 10;
constexpr std::size_t mostSwings = 12;
constexpr std::array<std::string_view, swingKindCount> kinds{"hand-height", "clock", "share",
                                                             "turn-speed"};
constexpr std::array<std::string_view, 3> sexes{"", "female", "male"};
constexpr std::array<std::string_view, 2> levels{"expert", "club-player"};

template <std::size_t n>
std::size_t readWord(Fields& in, std::string_view key, std::string_view fallback,
                     const std::array<std::string_view, n>& all) {
    const std::string word = in.word(key, fallback);
    const auto at = std::find(all.begin(), all.end(), word);
    if (at == all.end()) {
        std::string names;
        for (const std::string_view name : all)
            if (!name.empty()) names += (names.empty() ? "" : ", ") + std::string(name);
        in.refuse(Says::FieldNotOneOf, key, names);
    }
    return static_cast<std::size_t>(at - all.begin());
}

/// Lower case, and every other sign a blank.
std::string plain(std::string_view name) {
    std::string out;
    for (const char c : text::trimmed(name)) {
        const auto u = static_cast<unsigned char>(c);
        const bool sign = c == '-' || c == '_' || c == ' ' || c == '\t';
        if (sign && (out.empty() || out.back() == ' ')) continue;
        out += sign ? ' ' : static_cast<char>(u < 0x80 ? std::tolower(u) : u);
    }
    return out;
}

/// What a name says of the length.
struct Said {
    SwingKind kind;
    double length;
};
std::optional<Said> saidBy(const std::string& name) {
    static constexpr std::array<std::pair<const char*, double>, 12> heights{{{"shin", 0.2},
                                                                             {"knee", 0.28},
                                                                             {"thigh", 0.4},
                                                                             {"hip", 0.5},
                                                                             {"waist", 0.55},
                                                                             {"belt", 0.53},
                                                                             {"rib", 0.65},
                                                                             {"chest", 0.7},
                                                                             {"armpit", 0.76},
                                                                             {"shoulder", 0.82},
                                                                             {"ear", 0.92},
                                                                             {"head", 0.95}}};
    static const std::regex hour(R"((?:^|[^0-9])([0-9]{1,2})[:.h]([0-5][0-9])(?![0-9]))");
    static const std::regex oClock(R"((?:^|[^0-9])([0-9]{1,2}) ?o ?.?clock)");
    static const std::regex share(R"((?:^|[^0-9])([0-9]{1,3}) ?%)");
    const std::string words = plain(name).substr(0, 80);
    std::smatch m;
    std::optional<Said> out;
    if (std::regex_search(words, m, hour)) {
        out = Said{SwingKind::Clock, std::stod(m[1]) + std::stod(m[2]) / 60};
    } else if (std::regex_search(words, m, oClock)) {
        out = Said{SwingKind::Clock, std::stod(m[1])};
    } else if (std::regex_search(words, m, share)) {
        out = Said{SwingKind::Share, std::stod(m[1]) / 100};
    } else if (words.find("three quarter") != std::string::npos) {
        out = Said{SwingKind::Share, 0.75};
    } else if (words.find("quarter") != std::string::npos) {
        out = Said{SwingKind::Share, 0.25};
    } else if (words.find("half") != std::string::npos) {
        out = Said{SwingKind::Share, 0.5};
    } else {
        for (const auto& [word, length] : heights) {
            if (words.find(word) != std::string::npos) out = Said{SwingKind::HandHeight, length};
        }
    }
    if (out) {
        const LengthRange r = lengthRange(out->kind);
        if (out->length < r.low || out->length > r.high) out.reset();
    }
    return out;
}

bool saysFull(const std::string& name) {
    return plain(name).find("full") != std::string::npos;
}

double median(std::vector<double> v) {
    std::sort(v.begin(), v.end());
    return v[v.size() / 2];
}

}  // namespace

double lengthOf(SwingKind kind, double share) {
    const LengthRange range = lengthRange(kind);
    auto [low, high] = range;
    for (int i = 0; i < 60; ++i) {
        const double middle = (low + high) / 2;
        (speedShare(kind, middle) < share ? low : high) = middle;
    }
    return std::clamp(std::round(low * 1000) / 1000, range.low, range.high);
}

std::string formatSwings(const SwingSet& set) {
    Json out;
    out["kind"] = kinds[static_cast<std::size_t>(set.kind)];
    if (set.build.height_m) out["height_m"] = *set.build.height_m;
    if (set.build.sex != Sex::Unsaid) out["sex"] = sexes[static_cast<std::size_t>(set.build.sex)];
    out["level"] = levels[static_cast<std::size_t>(set.build.level)];
    out["swings"] = Json::array();
    for (const SwingName& s : set.swings) {
        Json one{{"name", s.name}, {"length", s.length}};
        if (s.speed_mps) one["club_speed_mps"] = *s.speed_mps;
        out["swings"].push_back(std::move(one));
    }
    return out.dump(-1, ' ', false, Json::error_handler_t::replace);
}

SwingSet parseSwings(std::string_view text) {
    if (text.size() > mostSwingBytes)
        throw StoreError(Fault::Malformed, {Says::TextTooLongBytes, mostSwingBytes});
    const nlohmann::json document = parseDocument(text);
    Fields top(document, "");
    SwingSet out;
    out.kind = static_cast<SwingKind>(readWord(top, "kind", kinds[0], kinds));
    if (top.has("height_m")) out.build.height_m = top.number("height_m");
    out.build.sex = static_cast<Sex>(readWord(top, "sex", "", sexes));
    out.build.level = static_cast<Level>(readWord(top, "level", levels[1], levels));
    for (Fields& one : top.children("swings", mostSwings)) {
        SwingName s;
        s.name = readName(one, "name", true);
        s.length = one.number("length");
        if (one.has("club_speed_mps")) s.speed_mps = one.number("club_speed_mps");
        one.finish();
        out.swings.push_back(std::move(s));
    }
    top.finish();
    out.validate();
    return out;
}

std::map<std::string, SwingSet> SwingSets::all() const {
    const LogbookAccess::Impl& book = LogbookAccess::of(logbook_);
    return book.guarded([&] {
        std::map<std::string, SwingSet> out;
        SQLite::Statement rows(*book.db,
                               "SELECT name, swings FROM swing_sets JOIN players ON players.id = "
                               "player_id");
        while (rows.executeStep()) {
            try {
                out[textAt(rows, 0)] = parseSwings(textAt(rows, 1, mostSwingBytes));
            } catch (const std::exception&) {
                continue;  // written by another hand
            }
        }
        return out;
    });
}

void SwingSets::keep(const std::string& player, const SwingSet& set) {
    set.validate();
    changed(LogbookAccess::of(logbook_), [&](SQLite::Database& db) {
        SQLite::Statement write(
            db,
            "INSERT INTO swing_sets(player_id, swings) VALUES(?1, ?2) ON CONFLICT(player_id) DO "
            "UPDATE SET swings = ?2");
        write.bind(1, Identities(db).player(Word(player)));
        write.bind(2, formatSwings(set));
        write.exec();
    });
}

void SwingSets::remove(const std::string& player) {
    changed(LogbookAccess::of(logbook_), [&](SQLite::Database& db) {
        SQLite::Statement gone(
            db,
            "DELETE FROM swing_sets WHERE player_id IN (SELECT id FROM players WHERE name = ?)");
        gone.bind(1, player);
        gone.exec();
    });
}

bool sameSwing(std::string_view a, std::string_view b) {
    return plain(a) == plain(b);
}

SwingSet withHitSwings(const std::optional<SwingSet>& set, std::vector<HitSwing> hit) {
    SwingSet out = set.value_or(SwingSet{});
    const auto has = [&](const std::string& name) {
        return std::any_of(out.swings.begin(), out.swings.end(),
                           [&](const SwingName& s) { return sameSwing(s.name, name); });
    };
    std::erase_if(hit, [&](const HitSwing& h) { return has(h.name); });
    std::stable_sort(hit.begin(), hit.end(),
                     [](const HitSwing& a, const HitSwing& b) { return a.shots > b.shots; });
    if (!set) {
        std::array<std::size_t, swingKindCount> votes{};
        for (const HitSwing& h : hit) {
            if (const auto said = saidBy(h.name)) ++votes[static_cast<std::size_t>(said->kind)];
        }
        const auto most = std::max_element(votes.begin(), votes.end());
        out.kind = *most == 0 ? SwingKind::Share : static_cast<SwingKind>(most - votes.begin());
    }
    // What a full swing's speed would be, by those whose words say their share.
    std::vector<double> fulls;
    double fastest = 0.0;
    const auto shareOf = [](const HitSwing& h) -> std::optional<double> {
        if (const auto said = saidBy(h.name)) return speedShare(said->kind, said->length);
        return saysFull(h.name) ? std::optional(1.0) : std::nullopt;
    };
    for (const HitSwing& h : hit) {
        fastest = std::max(fastest, h.speed_mps);
        const auto share = shareOf(h);
        if (share && h.speed_mps > 0.0) fulls.push_back(h.speed_mps / *share);
    }
    double full = fulls.empty() ? 1.1 * fastest : median(fulls);
    if (set) full = out.build.fullSpeed_mps();
    for (const HitSwing& h : hit) {
        if (out.swings.size() >= mostSwings) break;
        if (has(h.name)) continue;
        SwingName s;
        s.name = h.name.substr(0, longestName);
        const auto said = saidBy(h.name);
        if (said && said->kind == out.kind) {
            s.length = said->length;
        } else {
            const auto share = shareOf(h);
            const double measured = h.speed_mps > 0.0 && full > 0.0 ? h.speed_mps / full : 0.6;
            s.length = lengthOf(out.kind, std::clamp(share.value_or(measured), 0.06, 1.0));
        }
        out.swings.insert(std::upper_bound(out.swings.begin(), out.swings.end(), s,
                                           [](const SwingName& a, const SwingName& b) {
                                               return a.length < b.length;
                                           }),
                          std::move(s));
    }
    if (out.swings.empty()) out.swings = SwingSet::ordinary().swings;
    if (!set && hit.empty()) out.kind = SwingSet::ordinary().kind;
    return out;
}

}  // namespace wedgeon::store
