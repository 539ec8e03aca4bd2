// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Drills and trials as documents.
#include <array>
#include <cmath>
#include <nlohmann/json.hpp>

#include "name_field.h"
#include "strict_json.h"
#include "wedgeon/error.h"
#include "wedgeon/store/trainings.h"
#include "wedgeon/units.h"

namespace wedgeon::store {
namespace {

using Json = nlohmann::ordered_json;

constexpr std::size_t mostBytes = 64u << 10;
constexpr std::size_t mostStations = 20, mostWindows = 6;

/// By DrillMeasure; the key says the unit that the numbers are in.
struct MeasureKey {
    std::string_view key;
    DrillMeasure value;
    double factor;  ///< of SI
};
const std::array<MeasureKey, drillMeasureCount>& measureKeys() {
    static const std::array<MeasureKey, drillMeasureCount> all{
        {{"carry_m", DrillMeasure::Carry, 1.0},
         {"total_m", DrillMeasure::Total, 1.0},
         {"release_m", DrillMeasure::Release, 1.0},
         {"side_m", DrillMeasure::Side, 1.0},
         {"apex_m", DrillMeasure::Apex, 1.0},
         {"launch_deg", DrillMeasure::Launch, degFromRad(1.0)},
         {"landing_deg", DrillMeasure::Landing, degFromRad(1.0)},
         {"spin_rpm", DrillMeasure::Spin, rpmFromRadps(1.0)},
         {"club_speed_mps", DrillMeasure::ClubSpeed, 1.0},
         {"attack_deg", DrillMeasure::Attack, degFromRad(1.0)},
         {"turf", DrillMeasure::Turf, 1.0},
         {"off_along_m", DrillMeasure::OffAlong, 1.0},
         {"off_across_m", DrillMeasure::OffAcross, 1.0}}};
    return all;
}
const MeasureKey& keyOf(DrillMeasure measure) {
    return measureKeys()[static_cast<std::size_t>(measure)];
}

struct OrderKey {
    std::string_view key;
    DrillOrder value;
};
constexpr std::array orders{OrderKey{"in-turn", DrillOrder::InTurn},
                            OrderKey{"by-chance", DrillOrder::ByChance}};

std::size_t readCount(Fields& in, std::string_view key, double fallback, double most) {
    const double v = in.number(key, fallback);
    requireRange(key, v, 0, most);
    return static_cast<std::size_t>(v);
}

std::uint64_t readSeed(Fields& in) {
    constexpr double most = 9007199254740992.0;  // beyond it not every whole number has a double
    const double v = in.number("seed", 1.0);
    requireRange("seed", v, 0, most);
    return static_cast<std::uint64_t>(v);
}

void requireSize(std::string_view json) {
    if (json.size() > mostBytes)
        throw StoreError(Fault::Malformed, {Says::TextTooLongBytes, mostBytes});
}

/// As many digits as tell a double, and none that come of the unit.
double tidy(double v) {
    return std::round(v * 1e9) / 1e9;
}

}  // namespace

std::string formatDrill(const Drill& drill) {
    Json out;
    out["name"] = drill.name;
    if (!drill.purpose.empty()) out["purpose"] = drill.purpose;
    for (const OrderKey& o : orders) {
        if (o.value == drill.order) out["order"] = o.key;
    }
    out["seed"] = drill.seed;
    out["stations"] = Json::array();
    for (const DrillStation& s : drill.stations) {
        Json one;
        one["task"] = s.task;
        if (!s.club.empty()) one["club"] = s.club;
        if (!s.swing.empty()) one["swing"] = s.swing;
        one["shots"] = s.shots;
        one["pass"] = s.pass;
        one["windows"] = Json::array();
        for (const DrillWindow& w : s.windows) {
            const MeasureKey& k = keyOf(w.of);
            one["windows"].push_back({{"of", k.key},
                                      {"low", tidy(w.low * k.factor)},
                                      {"high", tidy(w.high * k.factor)}});
        }
        if (s.scatter) {
            const MeasureKey& k = keyOf(s.scatter->of);
            one["scatter"] = {{"of", k.key}, {"most", tidy(s.scatter->most * k.factor)}};
        }
        out["stations"].push_back(std::move(one));
    }
    return out.dump(-1, ' ', false, Json::error_handler_t::replace);
}

Drill parseDrill(std::string_view json) {
    requireSize(json);
    const nlohmann::json document = parseDocument(json);
    Fields in(document, "");
    Drill out;
    out.name = readName(in, "name", true);
    out.purpose = readName(in, "purpose", false);
    out.order = named(in, "order", "in-turn", orders).value;
    out.seed = readSeed(in);
    for (Fields& one : in.children("stations", mostStations)) {
        DrillStation s;
        s.task = readName(one, "task", false);
        s.club = readName(one, "club", false);
        s.swing = readName(one, "swing", false);
        s.shots = readCount(one, "shots", 5, 50);
        s.pass = readCount(one, "pass", 0, 50);
        for (Fields& w : one.children("windows", mostWindows)) {
            const MeasureKey& k = named(w, "of", "", measureKeys());
            s.windows.push_back({k.value, w.number("low") / k.factor, w.number("high") / k.factor});
            w.finish();
        }
        if (one.has("scatter")) {
            Fields w = one.child("scatter");
            const MeasureKey& k = named(w, "of", "", measureKeys());
            s.scatter = DrillScatter{k.value, w.number("most") / k.factor};
            w.finish();
        }
        one.finish();
        out.stations.push_back(std::move(s));
    }
    in.finish();
    out.validate();
    return out;
}

std::string formatTrial(const Trial& trial) {
    const MeasureKey& k = keyOf(trial.decides);
    Json out;
    out["name"] = trial.name;
    out["a"] = trial.ways[0];
    out["b"] = trial.ways[1];
    if (!trial.task.empty()) out["task"] = trial.task;
    out["decides"] = k.key;
    out["matters"] = tidy(trial.design.matters * k.factor);
    out["expected_sd"] = tidy(trial.design.expectedSd * k.factor);
    out["error_rate"] = trial.design.errorRate;
    out["power"] = trial.design.power;
    out["seed"] = trial.seed;
    return out.dump(-1, ' ', false, Json::error_handler_t::replace);
}

Trial parseTrial(std::string_view json) {
    requireSize(json);
    const nlohmann::json document = parseDocument(json);
    Fields in(document, "");
    Trial out;
    out.name = readName(in, "name", true);
    out.ways = {readName(in, "a", true), readName(in, "b", true)};
    out.task = readName(in, "task", false);
    const MeasureKey& k = named(in, "decides", "landing_deg", measureKeys());
    out.decides = k.value;
    out.design.matters = in.number("matters") / k.factor;
    out.design.expectedSd = in.number("expected_sd") / k.factor;
    out.design.errorRate = in.number("error_rate", TrialDesign{}.errorRate);
    out.design.power = in.number("power", TrialDesign{}.power);
    out.seed = readSeed(in);
    in.finish();
    out.design.validate();
    return out;
}

}  // namespace wedgeon::store
