// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// The reference vectors through the core alone.
#include <gtest/gtest.h>

#include <fstream>
#include <map>
#include <nlohmann/json.hpp>

#include "wedgeon/club/face.h"
#include "wedgeon/flight/flight.h"
#include "wedgeon/ground/ground.h"
#include "wedgeon/strike/strike.h"
#include "wedgeon/units.h"

namespace wedgeon {
namespace {

using nlohmann::json;
using Answer = std::map<std::string, double>;

double number(const json& in, const char* key, double fallback = 0.0) {
    return in.value(key, fallback);
}
double angle(const json& in, const char* key, double fallback_deg = 0.0) {
    return radFromDeg(number(in, key, fallback_deg));
}

Answer face(const json& in) {
    const FaceAim aim =
        calcFace({angle(in, "loft_deg"), angle(in, "lie_deg", 64), 0.0},
                 {angle(in, "face_open_deg"), angle(in, "lean_deg"), angle(in, "tip_deg")});
    return {{"dynamic_loft_deg", degFromRad(aim.dynamicLoft_rad)},
            {"face_angle_deg", degFromRad(aim.faceAngle_rad)}};
}

Answer strike(const json& in) {
    Contact contact;
    contact.friction = number(in, "friction", contact.friction);
    contact.tangentialRestitution =
        number(in, "tangential_restitution", contact.tangentialRestitution);
    const StrikeResult r =
        calcStrike({number(in, "club_speed_mps"), angle(in, "attack_deg"), angle(in, "path_deg"),
                    angle(in, "dynamic_loft_deg"), angle(in, "face_angle_deg")},
                   contact);
    return {{"spin_loft_deg", degFromRad(r.spinLoft_rad)},
            {"ball_speed_mps", r.launch.speed_mps()},
            {"launch_angle_deg", degFromRad(r.launch.angle_rad())},
            {"launch_direction_deg", degFromRad(r.launch.direction_rad())},
            {"spin_rate_rpm", rpmFromRadps(r.launch.spinRate_radps())},
            {"spin_axis_deg", degFromRad(r.launch.spinAxis_rad())}};
}

Answer flight(const json& in) {
    Air air;
    air.windAhead_mps = number(in, "wind_ahead_mps");
    air.windRight_mps = number(in, "wind_right_mps");
    air.temperature_c = number(in, "temperature_c", air.temperature_c);
    air.altitude_m = number(in, "altitude_m");
    const FlightResult r = calcFlight(
        launchFromAngles(number(in, "ball_speed_mps"), angle(in, "launch_angle_deg"),
                         angle(in, "launch_direction_deg"),
                         radpsFromRpm(number(in, "spin_rate_rpm")), angle(in, "spin_axis_deg")),
        air);
    return {{"carry_m", r.carry_m},
            {"side_m", r.side_m},
            {"apex_m", r.apex_m},
            {"landing_angle_deg", degFromRad(r.landingAngle_rad())},
            {"landing_speed_mps", r.landingSpeed_mps()},
            {"flight_time_s", r.time_s},
            {"landing_spin_rpm", rpmFromRadps(norm(r.landingSpin_radps))}};
}

Answer ground(const json& in) {
    Ground g;
    g.firmness = number(in, "firmness", g.firmness);
    g.friction = number(in, "friction", g.friction);
    g.stimp_ft = number(in, "stimp_ft", g.stimp_ft);
    g.slopeAlong = number(in, "slope_pct") / 100;
    const double speed = number(in, "landing_speed_mps");
    const double steep = angle(in, "landing_angle_deg");
    const GroundResult r = calcRun({speed * std::cos(steep), -speed * std::sin(steep), 0},
                                   {0, 0, radpsFromRpm(number(in, "backspin_rpm"))}, g);
    const Bounce& b = r.bounces[0];
    return {{"release_m", r.release_m},
            {"bounces", r.contacts},
            {"forward_mps", b.velocityAfter_mps.x},
            {"up_mps", b.velocityAfter_mps.y},
            {"backspin_rpm", rpmFromRadps(b.spinAfter_radps.z)}};
}

/// Within 0.1 % or 0.01 of the unit, as the vectors ask.
int compare(const json& expected, const Answer& ours, const std::string& where) {
    int compared = 0;
    for (const auto& [key, value] : expected.items()) {
        if (value.is_object()) {
            compared += compare(value, ours, where);
            continue;
        }
        if (!value.is_number()) continue;
        const auto at = ours.find(key);
        if (at == ours.end()) {
            ADD_FAILURE() << where << " has no " << key;
            continue;
        }
        const double want = value.get<double>();
        EXPECT_NEAR(at->second, want, std::max(1e-3 * std::abs(want), 0.01)) << where << key;
        ++compared;
    }
    return compared;
}

TEST(Vectors, EveryOneIsMet) {
    std::ifstream file(WEDGEON_VECTORS);
    ASSERT_TRUE(file) << WEDGEON_VECTORS;
    const json cases = json::parse(file).at("cases");
    ASSERT_EQ(cases.size(), 48u);
    const std::map<std::string, Answer (*)(const json&)> stages{
        {"face", face}, {"strike", strike}, {"flight", flight}, {"ground", ground}};
    int compared = 0;
    for (std::size_t i = 0; i < cases.size(); ++i) {
        const std::string stage = cases[i]["stage"];
        ASSERT_TRUE(stages.contains(stage)) << stage;
        compared += compare(cases[i]["output"], stages.at(stage)(cases[i]["input"]),
                            "case " + std::to_string(i) + " " + stage + ": ");
    }
    EXPECT_GE(compared, 12 * (2 + 6 + 7 + 4));
}

}  // namespace
}  // namespace wedgeon
