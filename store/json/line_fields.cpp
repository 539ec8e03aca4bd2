// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Zone after zone.
#include "line_fields.h"

#include "wedgeon/ground/ground.h"

namespace wedgeon::store {
namespace {

constexpr std::size_t mostNameBytes = 120;

std::string nameIn(Fields& in, std::string_view key) {
    std::string name = in.word(key, "");
    if (name.size() > mostNameBytes) in.refuse(Says::FieldTooLong, key, mostNameBytes);
    return name;
}

Zone readZone(Fields in) {
    struct Kind {
        std::string_view key;
        ZoneKind kind;
    };
    std::vector<Kind> kinds;
    for (int k = 0; k <= static_cast<int>(ZoneKind::Water); ++k)
        kinds.push_back({zoneKey(static_cast<ZoneKind>(k)), static_cast<ZoneKind>(k)});
    Zone z = Zone::of(named(in, "kind", "green", kinds).kind, in.number("length_m"),
                      in.number("slope_pct", 0) / 100);
    z.slopeAcross = in.number("slope_across_pct", 0) / 100;
    z.firmness = in.number("firmness", z.firmness);
    z.friction = in.number("friction", z.friction);
    if (in.has("stimp_ft")) {
        Ground green;
        green.stimp_ft = in.number("stimp_ft");
        green.validate();
        z.rolling_mps2 = green.rollingResistance_mps2();
    }
    z.rolling_mps2 = in.number("rolling_mps2", z.rolling_mps2);
    z.name = nameIn(in, "name");
    struct Grain {
        std::string_view key;
        ZoneGrain grain;
    };
    std::vector<Grain> grains;
    for (const ZoneGrain g : {ZoneGrain::Across, ZoneGrain::With, ZoneGrain::Into})
        grains.push_back({grainKey(g), g});
    z.grain = named(in, "grain", "across", grains).grain;
    in.finish();
    return z;
}

}  // namespace

std::optional<Line> readLineFields(Fields& in) {
    Line line;
    for (Fields& z : in.children("zones", Line::mostZones))
        line.zones.push_back(readZone(std::move(z)));
    for (Fields& o : in.children("obstacles", Line::mostObstacles)) {
        line.obstacles.push_back(
            {o.number("at_m"), o.number("height_m"), nameIn(o, "name"), o.number("gap_m", 0)});
        o.finish();
    }
    if (in.has("flag_m")) line.flag_m = in.number("flag_m");
    line.name = nameIn(in, "line_name");
    if (line.zones.empty() && line.obstacles.empty() && !line.flag_m && line.name.empty())
        return std::nullopt;
    line.validate();
    return line;
}

nlohmann::ordered_json lineToJson(const Line& line) {
    using Json = nlohmann::ordered_json;
    Json out;
    if (!line.name.empty()) out["line_name"] = line.name;
    Json zones = Json::array();
    for (const Zone& z : line.zones) {
        Json one = {{"kind", zoneKey(z.kind)},         {"length_m", z.length_m},
                    {"slope_pct", 100 * z.slopeAlong}, {"slope_across_pct", 100 * z.slopeAcross},
                    {"firmness", z.firmness},          {"friction", z.friction},
                    {"rolling_mps2", z.rolling_mps2}};
        if (z.grain != ZoneGrain::Across) one["grain"] = grainKey(z.grain);
        if (!z.name.empty()) one["name"] = z.name;
        zones.push_back(std::move(one));
    }
    out["zones"] = std::move(zones);
    Json obstacles = Json::array();
    for (const Obstacle& o : line.obstacles) {
        Json one = {{"at_m", o.at_m}, {"height_m", o.height_m}};
        if (o.gap_m > 0.0) one["gap_m"] = o.gap_m;
        if (!o.name.empty()) one["name"] = o.name;
        obstacles.push_back(std::move(one));
    }
    if (!obstacles.empty()) out["obstacles"] = std::move(obstacles);
    if (line.flag_m) out["flag_m"] = *line.flag_m;
    return out;
}

}  // namespace wedgeon::store
