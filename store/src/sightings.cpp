// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Sightings in and out of a record.
#include "wedgeon/store/sightings.h"

#include <algorithm>
#include <array>
#include <utility>

#include "json_fields.h"
#include "strict_json.h"
#include "text.h"
#include "wedgeon/error.h"
#include "wedgeon/store/error.h"
#include "wedgeon/store/recipe_file.h"
#include "wedgeon/store/swing_sets.h"

namespace wedgeon::store {
namespace {

template <class Value>
struct Named {
    std::string_view key;
    Value value;
};
template <class Value>
Named(std::string_view, Value) -> Named<Value>;
constexpr std::array seenHeights{
    Named{"below-waist", SeenHeight::BelowWaist}, Named{"below-head", SeenHeight::BelowHead},
    Named{"below-tree", SeenHeight::BelowTree}, Named{"above-tree", SeenHeight::AboveTree}};
constexpr std::array sides{Named{"left", SeenSide::Left}, Named{"straight", SeenSide::Straight},
                           Named{"right", SeenSide::Right}};
constexpr std::array turfs{Named{"none", SeenTurf::None}, Named{"scuff", SeenTurf::Scuff},
                           Named{"small", SeenTurf::Small}, Named{"deep", SeenTurf::Deep}};
constexpr std::array entries{Named{"before", SeenEntry::BeforeBall}, Named{"at", SeenEntry::AtBall},
                             Named{"after", SeenEntry::AfterBall}};
constexpr std::array landings{Named{"paced", false}, Named{"judged", true}};
/// Toe and heel are beside what the model knows of a strike.
constexpr std::array strikes{Named{"fat", SeenStrike::Fat}, Named{"clean", SeenStrike::Clean},
                             Named{"thin", SeenStrike::Thin}};

template <class All, class Value>
void write(nlohmann::ordered_json& out, const char* key, const All& all,
           const std::optional<Value>& value) {
    for (const auto& n : all) {
        if (value == n.value) out[key] = n.key;
    }
}

template <class All, class Value>
void read(Fields& in, std::string_view key, const All& all, std::optional<Value>& value) {
    if (in.has(key)) value = named(in, key, "", all).value;
}

void read(Fields& in, std::string_view key, std::optional<double>& value) {
    if (in.has(key)) value = in.number(key);
}

/// How well somebody is known whose swings were fitted.
SeenUnknown known(const Tuning& tuning, const ShotRecord& record) {
    SeenUnknown out;
    out.loft_rad = 0.02;
    out.attack_rad = 0.008;
    for (const auto& s : tuning.delivery.speeds) {
        if (s.wedge == record[Label::Wedge] && sameSwing(s.swing, record[Label::Swing]) &&
            s.mean_mps > 0.0)
            out.speedShare = std::max(0.03, s.sd_mps / s.mean_mps);
    }
    return out;
}

}  // namespace

std::string formatSighting(const Sighting& seen) {
    nlohmann::ordered_json out = nlohmann::ordered_json::object();
    const auto number = [&](const char* key, const std::optional<double>& v) {
        if (v) out[key] = *v;
    };
    number("landed_m", seen.landed_m);
    if (seen.landed_m) write(out, "landed_by", landings, std::optional(seen.landedJudged));
    number("rest_m", seen.rest_m);
    number("rest_side_m", seen.restSide_m);
    write(out, "height", seenHeights, seen.height);
    number("apex_m", seen.apex_m);
    if (seen.bit) out["bit"] = *seen.bit;
    write(out, "start", sides, seen.start);
    write(out, "curve", sides, seen.curve);
    write(out, "turf", turfs, seen.turf);
    write(out, "entry", entries, seen.entry);
    return out.dump(-1, ' ', false, nlohmann::json::error_handler_t::replace);
}

Sighting parseSighting(std::string_view json) {
    const nlohmann::json document = parseDocument(json);
    Fields in(document, "");
    Sighting out;
    read(in, "landed_m", out.landed_m);
    out.landedJudged = named(in, "landed_by", "paced", landings).value;
    read(in, "rest_m", out.rest_m);
    read(in, "rest_side_m", out.restSide_m);
    read(in, "height", seenHeights, out.height);
    read(in, "apex_m", out.apex_m);
    if (in.has("bit")) {
        const double bit = in.number("bit");
        requireRange("bit", bit, 0, 4);
        out.bit = static_cast<int>(bit);
    }
    read(in, "start", sides, out.start);
    read(in, "curve", sides, out.curve);
    read(in, "turf", turfs, out.turf);
    read(in, "entry", entries, out.entry);
    in.finish();
    out.validate();
    return out;
}

std::optional<Sighting> findSighting(const ShotRecord& record) {
    if (record[Label::Seen].empty()) return std::nullopt;
    try {
        Sighting out = parseSighting(record[Label::Seen]);
        for (const auto& s : strikes) {
            if (text::equalNoCase(record[Label::Strike], s.key)) out.strike = s.value;
        }
        return out;
    } catch (const StoreError&) {
        return std::nullopt;
    } catch (const RangeError&) {
        return std::nullopt;
    }
}

std::optional<double> findSeen(const Sighting& seen, Quantity quantity) {
    switch (quantity) {
        case Quantity::Carry:
            return seen.landed_m;
        case Quantity::Total:
            return seen.rest_m;
        case Quantity::Release:
            return seen.landed_m && seen.rest_m ? std::optional(*seen.rest_m - *seen.landed_m)
                                                : std::nullopt;
        case Quantity::Side:
            return seen.restSide_m;
        case Quantity::Apex:
            return seen.apex_m;
        default:
            return std::nullopt;
    }
}

Recipe findSetUp(const ShotRecord& record, const PlayerModel& player) {
    Recipe out;
    if (const auto declared = findDeclared(record)) out = declared->recipe;
    if (!player.tuning) return out;
    for (const auto& s : player.tuning->delivery.speeds) {
        if (s.wedge == record[Label::Wedge] && sameSwing(s.swing, record[Label::Swing]) &&
            s.mean_mps > 0.0)
            out.clubSpeed_mps = s.mean_mps;
    }
    return out;
}

std::optional<SeenShot> weighSighting(const ShotRecord& record, const ShotGivens& givens) {
    const auto seen = findSighting(record);
    if (!seen) return std::nullopt;
    const auto& tuning = givens.player.tuning;
    // One screen of them is worked out while a frame is drawn.
    constexpr std::size_t samples = 1000;
    try {
        return weighSeen(givens.predictor(), findSetUp(record, givens.player), *seen,
                         tuning ? known(*tuning, record) : SeenUnknown{}, samples);
    } catch (const RangeError&) {
        return std::nullopt;
    }
}

SeenShots::SeenShots(PlayerModel player, SwingSet swings) : swings_(std::move(swings)) {
    request_.player = std::move(player);
    for (std::size_t i = 0; i < swings_.swings.size(); ++i)
        request_.priorSpeeds_mps.push_back(swings_.priorSpeed_mps(i));
}

bool SeenShots::add(const ShotRecord& record, const ShotGivens& givens) {
    const auto seen = findSighting(record);
    if (!seen) return false;
    const auto swing =
        std::find_if(swings_.swings.begin(), swings_.swings.end(),
                     [&](const SwingName& s) { return sameSwing(s.name, record[Label::Swing]); });
    if (swing == swings_.swings.end()) return false;
    SeenKind kind{givens.conditions, {}, static_cast<std::size_t>(swing - swings_.swings.begin())};
    if (const auto declared = findDeclared(record)) kind.declared = declared->recipe;
    kind.declared.clubSpeed_mps = Recipe{}.clubSpeed_mps;
    // Shots that follow each other mostly met the same.
    const auto same =
        std::find_if(request_.kinds.rbegin(), request_.kinds.rend(), [&](const SeenKind& k) {
            return k.swing == kind.swing && k.declared == kind.declared &&
                   k.conditions == kind.conditions;
        });
    auto at = static_cast<std::size_t>(request_.kinds.rend() - same);
    if (same == request_.kinds.rend()) {
        request_.kinds.push_back(std::move(kind));
        at = request_.kinds.size();
    }
    request_.shots.push_back({at - 1, *seen});
    return true;
}

}  // namespace wedgeon::store
