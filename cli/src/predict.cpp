// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// The stages as JSON. Names carry their units; reference/vectors.json shows the first four.
#include "predict.h"

#include <array>
#include <functional>
#include <map>
#include <nlohmann/json.hpp>

#include "json_fields.h"
#include "wedgeon/shot/shot.h"
#include "wedgeon/units.h"

namespace wedgeon::cli {
namespace {

using nlohmann::json;

json face(Fields in) {
    const Wedge wedge{radFromDeg(in.number("loft_deg")), radFromDeg(in.number("lie_deg", 64)), 0};
    const FaceAim aim = calcFace(
        wedge, {radFromDeg(in.number("face_open_deg", 0)), radFromDeg(in.number("lean_deg", 0))});
    in.finish();
    return {{"dynamic_loft_deg", degFromRad(aim.dynamicLoft_rad)},
            {"face_angle_deg", degFromRad(aim.faceAngle_rad)}};
}

json launchJson(const Launch& launch) {
    return {{"ball_speed_mps", launch.speed_mps()},
            {"launch_angle_deg", degFromRad(launch.angle_rad())},
            {"launch_direction_deg", degFromRad(launch.direction_rad())},
            {"spin_rate_rpm", rpmFromRadps(launch.spinRate_radps())},
            {"spin_axis_deg", degFromRad(launch.spinAxis_rad())}};
}

json strike(Fields in) {
    const Delivery delivery{in.number("club_speed_mps"), radFromDeg(in.number("attack_deg", 0)),
                            radFromDeg(in.number("path_deg", 0)),
                            radFromDeg(in.number("dynamic_loft_deg")),
                            radFromDeg(in.number("face_angle_deg", 0))};
    Contact contact;
    contact.friction = in.number("friction", contact.friction);
    contact.tangentialRestitution =
        in.number("tangential_restitution", contact.tangentialRestitution);
    in.finish();
    const StrikeResult r = calcStrike(delivery, contact);
    json out = launchJson(r.launch);
    out["spin_loft_deg"] = degFromRad(r.spinLoft_rad);
    return out;
}

Air readAir(Fields& in) {
    Air air;
    air.windAhead_mps = in.number("wind_ahead_mps", air.windAhead_mps);
    air.windRight_mps = in.number("wind_right_mps", air.windRight_mps);
    air.temperature_c = in.number("temperature_c", air.temperature_c);
    air.altitude_m = in.number("altitude_m", air.altitude_m);
    return air;
}

json flightJson(const FlightResult& r) {
    return {{"carry_m", r.carry_m},
            {"side_m", r.side_m},
            {"apex_m", r.apex_m},
            {"landing_angle_deg", degFromRad(r.landingAngle_rad())},
            {"landing_speed_mps", r.landingSpeed_mps()},
            {"flight_time_s", r.time_s},
            {"landing_spin_rpm", rpmFromRadps(norm(r.landingSpin_radps))}};
}

json flight(Fields in) {
    const Air air = readAir(in);
    const Launch launch = launchFromAngles(
        in.number("ball_speed_mps"), radFromDeg(in.number("launch_angle_deg")),
        radFromDeg(in.number("launch_direction_deg", 0)), radpsFromRpm(in.number("spin_rate_rpm")),
        radFromDeg(in.number("spin_axis_deg", 0)));
    in.finish();
    return flightJson(calcFlight(launch, air));
}

Ground readGround(Fields& in) {
    Ground g;
    g.firmness = in.number("firmness", g.firmness);
    g.friction = in.number("friction", g.friction);
    g.stimp_ft = in.number("stimp_ft", g.stimp_ft);
    g.slopeAlong = in.number("slope_pct", 100 * g.slopeAlong) / 100;
    g.slopeAcross = in.number("slope_across_pct", 100 * g.slopeAcross) / 100;
    return g;
}

json groundJson(const GroundResult& r) {
    json out{{"release_m", r.release_m}, {"bounces", r.contacts}};
    if (r.contacts > 0) {
        const Bounce& b = r.bounces[0];
        out["first_bounce"] = {{"forward_mps", b.velocityAfter_mps.x},
                               {"up_mps", b.velocityAfter_mps.y},
                               {"backspin_rpm", rpmFromRadps(b.spinAfter_radps.z)},
                               {"gripped", b.gripped}};
    }
    if (r.ranAway) out["ran_away"] = true;
    return out;
}

json ground(Fields in) {
    const double speed = in.number("landing_speed_mps");
    const double angle = radFromDeg(in.number("landing_angle_deg"));
    const double spin = radpsFromRpm(in.number("backspin_rpm"));
    const Ground g = readGround(in);
    in.finish();
    return groundJson(
        calcRun({speed * std::cos(angle), -speed * std::sin(angle), 0}, {0, 0, spin}, g));
}

/// The named thing that \p key says, or an error that lists the names.
template <class All>
const auto& named(Fields& in, const std::string& key, const std::string& fallback, const All& all) {
    const std::string word = in.word(key, fallback);
    std::string names;
    for (const auto& n : all) {
        if (n.key == word) return n;
        names += (names.empty() ? "" : ", ") + std::string(n.key);
    }
    throw std::invalid_argument(in.name(key) + "must be one of " + names);
}

struct NamedRelease {
    std::string_view key;
    Release release;
};
constexpr std::array releases{NamedRelease{"hold", Release::Hold},
                              NamedRelease{"ordinary", Release::Ordinary},
                              NamedRelease{"rotate", Release::Rotate}};
struct NamedHand {
    std::string_view key;
    Hand hand;
};
constexpr std::array hands{NamedHand{"right", Hand::Right}, NamedHand{"left", Hand::Left}};

json shot(Fields in) {
    Recipe recipe;
    Givens givens;
    givens.wedge = {radFromDeg(in.number("loft_deg")), radFromDeg(in.number("lie_deg", 64)),
                    radFromDeg(in.number("bounce_deg", 10))};
    recipe.open_rad = radFromDeg(in.number("face_open_deg", 0));
    recipe.lean_rad = radFromDeg(in.number("lean_deg", 0));
    recipe.ballForward_m = constants::ballWidth_m * in.number("ball_forward_balls", 0);
    recipe.weightLead_pct = in.number("weight_lead_pct", recipe.weightLead_pct);
    recipe.swingRadius_m = in.number("swing_radius_m", recipe.swingRadius_m);
    recipe.clubSpeed_mps = in.number("club_speed_mps");
    recipe.release = named(in, "release", "ordinary", releases).release;
    givens.hand = named(in, "hand", "right", hands).hand;
    givens.ball = named(in, "ball", "soft", namedBalls()).ball;
    givens.face = named(in, "face", "fresh-dry", namedFaces()).face;
    Fields lie = in.child("lie");
    givens.lie = {lie.number("cover", 0), lie.number("moisture", 0),
                  radFromDeg(lie.number("grain_deg", 0)), lie.number("sit_mm", 0) / 1000,
                  lie.number("firmness", 1)};
    lie.finish();
    Fields groundIn = in.child("ground");
    givens.ground = readGround(groundIn);
    groundIn.finish();
    Fields airIn = in.child("air");
    givens.air = readAir(airIn);
    airIn.finish();
    in.finish();

    const ShotResult r = calcShot(recipe, givens);
    const Delivery& d = r.swing.delivery;
    json out = launchJson(r.strike.launch);
    out.update(flightJson(r.flight));
    out.update(groundJson(r.run));
    out.update(json{{"low_point_m", r.swing.lowPoint_m},
                    {"club_speed_mps", d.clubSpeed_mps},
                    {"strike_speed_mps", d.clubSpeed_mps * r.contact.speedKept},
                    {"attack_deg", degFromRad(d.attack_rad)},
                    {"path_deg", degFromRad(d.path_rad)},
                    {"delivered_lean_deg", degFromRad(r.swing.deliveredLean_rad)},
                    {"dynamic_loft_deg", degFromRad(d.dynamicLoft_rad)},
                    {"face_angle_deg", degFromRad(d.faceAngle_rad)},
                    {"friction", r.contact.friction},
                    {"tangential_restitution", r.contact.tangentialRestitution},
                    {"spin_loft_deg", degFromRad(r.strike.spinLoft_rad)},
                    {"grip_ratio", r.strike.gripRatio},
                    {"limited_by", r.strike.limitedByFriction() ? "friction" : "loft"},
                    {"total_m", r.total_m()},
                    {"rest_side_m", r.restSide_m()},
                    {"behaviour", behaviourKey(r.behaviour.behaviour)},
                    {"biting_bounce", r.behaviour.bitingBounce}});
    return out;
}

json runStage(const std::string& stage, const json& input) {
    static const std::map<std::string, std::function<json(Fields)>> stages{
        {"face", face}, {"strike", strike}, {"flight", flight}, {"ground", ground}, {"shot", shot}};
    const auto it = stages.find(stage);
    if (it == stages.end()) {
        throw std::invalid_argument("stage \"" + stage.substr(0, 40) +
                                    "\" is not face, strike, flight, ground or shot");
    }
    return it->second(Fields(input, ""));
}

}  // namespace

std::string predict(std::string_view text) {
    json document;
    try {
        document = json::parse(text);
    } catch (const json::parse_error& e) {
        // The library's text names line, column and what it met.
        std::string what = e.what();
        const std::size_t at = what.find("parse error");
        throw std::invalid_argument(at == std::string::npos ? what : what.substr(at));
    }
    if (!document.is_object() || !document.contains("cases") || !document["cases"].is_array()) {
        throw std::invalid_argument("the document must be an object with an array \"cases\"");
    }
    for (json& one : document["cases"]) {
        if (!one.is_object()) one = json{{"given", one}};
        one.erase("output");
        one.erase("error");
        try {
            if (!one.contains("stage") || !one["stage"].is_string()) {
                throw std::invalid_argument("\"stage\" is missing");
            }
            if (!one.contains("input")) throw std::invalid_argument("\"input\" is missing");
            one["output"] = runStage(one["stage"].get<std::string>(), one["input"]);
        } catch (const std::invalid_argument& e) {
            one["error"] = e.what();
        }
    }
    return document.dump(1, ' ', false, json::error_handler_t::replace);
}

}  // namespace wedgeon::cli
