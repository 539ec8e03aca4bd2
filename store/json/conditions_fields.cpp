// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Names and units of the conditions' fields.
#include "conditions_fields.h"

#include "line_fields.h"
#include "wedgeon/units.h"

namespace wedgeon::store {
namespace {

template <class Read>
auto readChild(Fields& in, std::string_view key, const Read& read) {
    Fields child = in.child(key);
    const auto value = read(child);
    child.finish();
    return value;
}

}  // namespace

Lie readLieFields(Fields& in) {
    Lie lie;
    lie.cover = in.number("cover", lie.cover);
    lie.moisture = in.number("moisture", lie.moisture);
    lie.grain_rad = radFromDeg(in.number("grain_deg", degFromRad(lie.grain_rad)));
    lie.sit_m = in.number("sit_mm", 1000 * lie.sit_m) / 1000;
    lie.firmness = in.number("firmness", lie.firmness);
    return lie;
}

Air readAirFields(Fields& in) {
    Air air;
    air.windAhead_mps = in.number("wind_ahead_mps", air.windAhead_mps);
    air.windRight_mps = in.number("wind_right_mps", air.windRight_mps);
    air.temperature_c = in.number("temperature_c", air.temperature_c);
    air.altitude_m = in.number("altitude_m", air.altitude_m);
    air.humidity = in.number("humidity", air.humidity);
    return air;
}

Ground readGroundFields(Fields& in) {
    Ground g;
    g.firmness = in.number("firmness", g.firmness);
    g.friction = in.number("friction", g.friction);
    g.stimp_ft = in.number("stimp_ft", g.stimp_ft);
    g.slopeAlong = in.number("slope_pct", 100 * g.slopeAlong) / 100;
    g.slopeAcross = in.number("slope_across_pct", 100 * g.slopeAcross) / 100;
    return g;
}

Conditions readMetFields(Fields& in) {
    Conditions c;
    c.ball = named(in, "ball", "soft", namedBalls()).ball;
    c.face = named(in, "face", "fresh-dry", namedFaces()).face;
    c.lie = readChild(in, "lie", readLieFields);
    c.ground = readChild(in, "ground", readGroundFields);
    c.air = readChild(in, "air", readAirFields);
    return c;
}

Conditions readConditionsFields(Fields& in) {
    Conditions c = readMetFields(in);
    c.wedge = {radFromDeg(in.number("loft_deg")), radFromDeg(in.number("lie_deg", 64)),
               radFromDeg(in.number("bounce_deg", 10))};
    c.line = readLineFields(in);
    return c;
}

nlohmann::ordered_json metToJson(const Conditions& c) {
    nlohmann::ordered_json out;
    for (const NamedBall& b : namedBalls()) {
        if (b.ball == c.ball) out["ball"] = b.key;
    }
    for (const NamedFace& f : namedFaces()) {
        if (f.face == c.face) out["face"] = f.key;
    }
    out["lie"] = {{"cover", c.lie.cover},
                  {"moisture", c.lie.moisture},
                  {"grain_deg", degFromRad(c.lie.grain_rad)},
                  {"sit_mm", 1000 * c.lie.sit_m},
                  {"firmness", c.lie.firmness}};
    out["ground"] = {{"firmness", c.ground.firmness},
                     {"friction", c.ground.friction},
                     {"stimp_ft", c.ground.stimp_ft},
                     {"slope_pct", 100 * c.ground.slopeAlong},
                     {"slope_across_pct", 100 * c.ground.slopeAcross}};
    out["air"] = {{"wind_ahead_mps", c.air.windAhead_mps},
                  {"wind_right_mps", c.air.windRight_mps},
                  {"temperature_c", c.air.temperature_c},
                  {"altitude_m", c.air.altitude_m},
                  {"humidity", c.air.humidity}};
    return out;
}

nlohmann::ordered_json conditionsToJson(const Conditions& c) {
    nlohmann::ordered_json out;
    out["loft_deg"] = degFromRad(c.wedge.loft_rad);
    out["lie_deg"] = degFromRad(c.wedge.lie_rad);
    out["bounce_deg"] = degFromRad(c.wedge.bounce_rad);
    out.update(metToJson(c));
    if (c.line) out.update(lineToJson(*c.line));
    return out;
}

}  // namespace wedgeon::store
