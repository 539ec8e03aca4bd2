// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Reading and writing whole shots.
#include "shot_stage.h"

#include <array>
#include <cmath>

#include "conditions_fields.h"
#include "recipe_fields.h"
#include "wedgeon/error.h"
#include "wedgeon/units.h"

namespace wedgeon::cli {
namespace {

struct HandWord {
    std::string_view key;
    Hand value;
};
constexpr std::array hands{HandWord{"right", Hand::Right}, HandWord{"left", Hand::Left}};
constexpr std::array<std::string_view, 9> extraKeys{"aim_deg",  "samples",     "seed",
                                                    "gust_pct", "practised",   "player",
                                                    "ask",      "sensitivity", "explain_against"};

void writeMargin(JsonText& out, const Recipe& recipe, const ShotResult& r,
                 const Predictor& predictor) {
    out.number("effective_bounce_deg", degFromRad(r.margin.effectiveBounce_rad));
    out.number("leading_edge_mm", 1000 * r.margin.leadingEdge_m);
    out.number("ball_contact_mm", 1000 * r.margin.ballContact_m);
    out.number("room_mm", 1000 * r.margin.room_m());
    const StrikeChances c = predictor.chances(recipe, r);
    out.number("fat", c.fat);
    out.number("clean", c.clean);
    out.number("thin", c.thin);
}

}  // namespace

ShotCase readShot(Fields& in) {
    ShotCase c;
    c.conditions = store::readConditionsFields(in);
    c.recipe = store::readRecipeFields(in);
    c.hand = named(in, "hand", "right", hands).value;
    c.aim_rad = radFromDeg(in.number("aim_deg", 0));
    if (!(std::abs(c.aim_rad) <= radFromDeg(60)))
        throw RangeError("aim_deg", degFromRad(c.aim_rad), -60, 60);
    if (in.has("player")) {
        auto player = std::make_shared<Tuning>();
        player->delivery.scatter = readScatter(in.child("player"));
        c.player = std::move(player);
    }
    return c;
}

bool hasExtras(const Fields& in) {
    for (const std::string_view key : extraKeys) {
        if (in.has(key)) return true;
    }
    return in.has("zones") || in.has("obstacles") || in.has("flag_m") || in.has("line_name");
}

void writeLaunch(JsonText& out, const Launch& launch) {
    out.number("ball_speed_mps", launch.speed_mps());
    out.number("launch_angle_deg", degFromRad(launch.angle_rad()));
    out.number("launch_direction_deg", degFromRad(launch.direction_rad()));
    out.number("spin_rate_rpm", rpmFromRadps(launch.spinRate_radps()));
    out.number("spin_axis_deg", degFromRad(launch.spinAxis_rad()));
}

void writeFlight(JsonText& out, const FlightResult& r) {
    out.number("carry_m", r.carry_m);
    out.number("side_m", r.side_m);
    out.number("apex_m", r.apex_m);
    out.number("landing_angle_deg", degFromRad(r.landingAngle_rad()));
    out.number("landing_speed_mps", r.landingSpeed_mps());
    out.number("flight_time_s", r.time_s);
    out.number("landing_spin_rpm", rpmFromRadps(norm(r.landingSpin_radps)));
}

void writeRun(JsonText& out, const GroundResult& r) {
    out.number("release_m", r.release_m);
    out.count("bounces", r.contacts);
    if (r.contacts > 0) {
        const Bounce& b = r.bounces[0];
        JsonText first;
        first.number("forward_mps", b.velocityAfter_mps.x);
        first.number("up_mps", b.velocityAfter_mps.y);
        first.number("backspin_rpm", rpmFromRadps(b.spinAfter_radps.z));
        first.flag("gripped", b.gripped);
        out.object("first_bounce", first);
    }
    if (r.ranAway) out.flag("ran_away", true);
}

void runShot(Fields in, JsonText& out) {
    const ShotCase c = readShot(in);
    const Predictor predictor = c.predictor();
    ShotResult r = predictor.shot(c.recipe);
    if (c.aim_rad != 0.0) r = predictor.turned(r, c.aim_rad);
    const Delivery& d = r.swing.delivery;
    writeLaunch(out, r.strike.launch);
    writeFlight(out, r.flight);
    writeRun(out, r.run);
    out.number("low_point_m", r.swing.lowPoint_m);
    out.number("plane_deg", degFromRad(r.swing.plane_rad));
    out.number("tip_deg", degFromRad(r.swing.tip_rad));
    out.number("delivered_lean_deg", degFromRad(r.swing.deliveredLean_rad));
    out.number("address_face_deg", degFromRad(r.swing.addressFace_rad));
    out.number("club_speed_mps", d.clubSpeed_mps);
    out.number("strike_speed_mps", d.clubSpeed_mps * r.contact.speedKept);
    out.number("attack_angle_deg", degFromRad(d.attack_rad));
    out.number("club_path_deg", degFromRad(d.path_rad));
    out.number("dynamic_loft_deg", degFromRad(d.dynamicLoft_rad));
    out.number("face_angle_deg", degFromRad(d.faceAngle_rad));
    out.number("friction", r.contact.friction);
    out.number("tangential_restitution", r.contact.tangentialRestitution);
    writeMargin(out, c.recipe, r, predictor);
    out.number("spin_loft_deg", degFromRad(r.strike.spinLoft_rad));
    out.number("grip_ratio", r.strike.gripRatio);
    out.word("limited_by", r.strike.limitedByFriction() ? "friction" : "loft");
    out.number("total_m", r.total_m());
    out.number("rest_side_m", r.restSide_m());
    if (const auto aim = predictor.aim(c.recipe)) out.number("aim_deg", degFromRad(*aim));
    out.word("behaviour", behaviourKey(r.behaviour.behaviour));
    out.count("biting_bounce", r.behaviour.bitingBounce);
    if (const auto& line = c.conditions.line) {
        out.count("zone", static_cast<long>(r.run.zone));
        out.word("zone_kind", zoneKey(line->zones[r.run.zone].kind));
        out.flag("in_water", r.run.inWater);
        if (!line->obstacles.empty()) {
            out.number("least_clearance_m", r.leastClearance_m);
            out.count("blocked_by", r.blockedBy);
        }
    }
    runSimulation(in, c, out);
    runAsk(in, c, out);
    runSensitivity(in, c, out);
    runExplanation(in, c, out);
    in.finish();
}

void writeBatchShot(JsonText& out, const BatchResult& r, std::size_t i) {
    for (const OutcomeInfo& o : outcomes())
        out.number(o.key, r(o.outcome, i) * o.factor);
    out.number("landing_speed_mps", r(Extra::LandingSpeed, i));
    out.number("landing_spin_rpm", rpmFromRadps(r(Extra::LandingSpin, i)));
    out.number("flight_time_s", r(Extra::FlightTime, i));
    out.number("grip_ratio", r(Extra::GripRatio, i));
    out.word("limited_by", r(Extra::GripRatio, i) > 1.0 ? "friction" : "loft");
    out.count("bounces", static_cast<long>(r(Extra::Contacts, i)));
    const BehaviourResult b = r.behaviour(i);
    out.word("behaviour", behaviourKey(b.behaviour));
    out.count("biting_bounce", b.bitingBounce);
}

}  // namespace wedgeon::cli
