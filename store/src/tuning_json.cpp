// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// A tuning as JSON. Keys are literals: Fields keeps views of them.
#include <algorithm>
#include <array>
#include <cmath>
#include <memory>
#include <nlohmann/json.hpp>

#include "json_fields.h"
#include "strict_json.h"
#include "wedgeon/error.h"
#include "wedgeon/store/tunings.h"

namespace wedgeon::store {
namespace {

using Json = nlohmann::ordered_json;

constexpr std::size_t mostGroups = 1000;
constexpr std::size_t mostSpeeds = 1000;
constexpr std::size_t mostDays = 1000;
constexpr std::size_t mostWordBytes = 200;

/// In the order of BallKind.
struct BallKeys {
    const char *value, *sd;
};
constexpr std::array ballKeys{BallKeys{"tangential_soft", "tangential_sd_soft"},
                              BallKeys{"tangential_firm", "tangential_sd_firm"},
                              BallKeys{"tangential_range", "tangential_sd_range"}};
/// In the order of Scatter; lengths in metres, angles in radians.
constexpr std::array<const char*, scatterCount> scatterKeys{"speed", "attack",    "path", "face",
                                                            "loft",  "low_point", "depth"};

template <class Named, class Value>
std::string keyOf(std::span<const Named> all, Value Named::*member, Value value) {
    for (const Named& n : all) {
        if (n.*member == value) return std::string(n.key);
    }
    return {};
}

/// A number inside its limits.
double within(Fields& in, std::string_view key, double low, double high) {
    const double value = in.number(key);
    if (!(value >= low && value <= high)) {
        constexpr int asTheyAre = -1;
        in.refuse(Says::FieldOutside, key, Figure{low, asTheyAre}, Figure{high, asTheyAre});
    }
    return value;
}

/// A deviation.
double sdIn(Fields& in, std::string_view key) {
    return within(in, key, 0, 10);
}

/// A factor.
double factorIn(Fields& in, std::string_view key) {
    return within(in, key, 0.3, 3);
}

Json groupsJson(const StrikeTuning& t) {
    Json groups = Json::array();
    for (const auto& own : t.groups) {
        const Lie& l = own.group.lie;
        groups.push_back({{"ball", keyOf(namedBalls(), &NamedBall::ball, own.group.ball)},
                          {"face", keyOf(namedFaces(), &NamedFace::face, own.group.face)},
                          {"cover", l.cover},
                          {"moisture", l.moisture},
                          {"grain_rad", l.grain_rad},
                          {"sit_m", l.sit_m},
                          {"firmness", l.firmness},
                          {"log", own.log},
                          {"sd", own.sd}});
    }
    return groups;
}

StrikeTuning::OwnFriction readGroup(Fields& in) {
    StrikeTuning::OwnFriction own;
    const NamedBall* ball = findBall(in.word("ball", ""));
    const NamedFace* face = findFace(in.word("face", ""));
    if (!ball || !face) throw StoreError(Fault::Malformed, Says::GroupUnknown);
    own.group.ball = ball->ball;
    own.group.face = face->face;
    own.group.lie = {in.number("cover"), in.number("moisture"), in.number("grain_rad"),
                     in.number("sit_m"), in.number("firmness")};
    own.log = within(in, "log", -3, 3);
    own.sd = sdIn(in, "sd");
    in.finish();
    return own;
}

Json correctionJson(const StrikeCorrection& c) {
    return {{"middle", c.middle},   {"width", c.width},         {"centres", c.centres},
            {"weights", c.weights}, {"deviation", c.deviation}, {"known", c.known}};
}

/// \p size numbers inside \p most of 0.
std::vector<double> numbersIn(Fields& in, std::string_view key, std::size_t size, double most) {
    std::vector<double> out;
    try {
        out = in.value(key).get<std::vector<double>>();
    } catch (const nlohmann::json::exception&) {
        out.clear();
        in.refuse(Says::FieldBad, key, Message(Says::CorrectionBad));
    }
    if (out.size() != size || !std::all_of(out.begin(), out.end(), [most](double v) {
            return std::abs(v) <= most;  // not of NaN
        }))
        in.refuse(Says::FieldBad, key, Message(Says::CorrectionBad));
    return out;
}

StrikeCorrection readCorrection(Fields in) {
    StrikeCorrection c;
    const auto point = [&](std::string_view key, double most) {
        const auto v = numbersIn(in, key, 3, most);
        return StrikeCorrection::Point{v[0], v[1], v[2]};
    };
    c.middle = point("middle", 10);
    c.width = point("width", 10);
    if (*std::min_element(c.width.begin(), c.width.end()) < 1e-3)
        in.refuse(Says::FieldBad, "width", Message(Says::CorrectionBad));
    c.deviation = point("deviation", 2);
    try {
        c.centres = in.value("centres").get<std::vector<StrikeCorrection::Point>>();
        c.weights = in.value("weights").get<decltype(c.weights)>();
    } catch (const nlohmann::json::exception&) {
        in.refuse(Says::FieldBad, "centres", Message(Says::CorrectionBad));
    }
    const std::size_t n = c.centres.size();
    bool good = n > 0 && n <= StrikeCorrection::mostCentres;
    for (const auto& centre : c.centres) {
        for (const double v : centre)
            good = good && std::abs(v) <= 100;
    }
    for (const auto& weights : c.weights) {
        good = good && (weights.empty() || weights.size() == n);
        for (const double w : weights)
            good = good && std::abs(w) <= 100;
    }
    if (!good) in.refuse(Says::FieldBad, "centres", Message(Says::CorrectionBad));
    c.known = numbersIn(in, "known", n * n, 1e6);
    in.finish();
    return c;
}

Json lineJson(const DeliveryTuning::Line& line) {
    return {{"offset", line.offset}, {"factor", line.factor}};
}

DeliveryTuning::Line readLine(Fields in) {
    const DeliveryTuning::Line line{within(in, "offset", -0.6, 0.6), factorIn(in, "factor")};
    in.finish();
    return line;
}

Json scatterJson(const PlayerScatter& s) {
    Json sd = Json::object();
    for (std::size_t i = 0; i < scatterCount; ++i)
        sd[scatterKeys[i]] = s.sd[i];
    return {{"sd", sd}, {"correlation", s.correlation}};
}

PlayerScatter readScatter(Fields in) {
    PlayerScatter s;
    Fields sd = in.child("sd");
    for (std::size_t i = 0; i < scatterCount; ++i)
        s.sd[i] = sdIn(sd, scatterKeys[i]);
    sd.finish();
    try {
        s.correlation = in.value("correlation").get<decltype(s.correlation)>();
        s.validate();
    } catch (const nlohmann::json::exception&) {
        in.refuse(Says::FieldNotSquare, "correlation", scatterCount);
    } catch (const RangeError& e) {
        in.refuse(Says::FieldBad, "", messageOf(e));
    }
    in.finish();
    return s;
}

Json deliveryJson(const DeliveryTuning& t) {
    Json out{{"open", lineJson(t.open)}, {"lean", lineJson(t.lean)}, {"ball", lineJson(t.ball)}};
    if (t.scatter) out["scatter"] = scatterJson(*t.scatter);
    Json speeds = Json::array();
    for (const auto& s : t.speeds) {
        speeds.push_back({{"wedge", s.wedge},
                          {"swing", s.swing},
                          {"mean_mps", s.mean_mps},
                          {"sd_mps", s.sd_mps},
                          {"shots", s.shots}});
    }
    out["speeds"] = speeds;
    Json practised = Json::array();
    for (const auto& p : t.practised) {
        practised.push_back({{"open_rad", p.open_rad},
                             {"lean_rad", p.lean_rad},
                             {"ball_forward_m", p.ballForward_m},
                             {"shots", p.shots}});
    }
    out["practised"] = practised;
    return out;
}

DeliveryTuning readDelivery(Fields in) {
    DeliveryTuning t;
    t.open = readLine(in.child("open"));
    t.lean = readLine(in.child("lean"));
    t.ball = readLine(in.child("ball"));
    if (in.has("scatter")) t.scatter = readScatter(in.child("scatter"));
    for (Fields& s : in.children("speeds", mostSpeeds)) {
        DeliveryTuning::SwingSpeed speed;
        speed.wedge = s.word("wedge", "").substr(0, mostWordBytes);
        speed.swing = s.word("swing", "").substr(0, mostWordBytes);
        speed.mean_mps = within(s, "mean_mps", 0, 100);
        speed.sd_mps = sdIn(s, "sd_mps");
        speed.shots = static_cast<std::size_t>(within(s, "shots", 0, 1e9));
        s.finish();
        t.speeds.push_back(std::move(speed));
    }
    if (in.has("practised")) {
        for (Fields& p : in.children("practised", mostSpeeds)) {
            t.practised.push_back({within(p, "open_rad", -2, 2), within(p, "lean_rad", -2, 2),
                                   within(p, "ball_forward_m", -1, 1), within(p, "shots", 0, 1e9)});
            p.finish();
        }
    }
    in.finish();
    return t;
}

/// What a former model's tuning says that its laws have no part in.
Tuning withoutItsLaws(const Tuning& former) {
    Tuning out;
    out.model = former.model;
    out.strike.restitution0 = former.strike.restitution0;
    out.strike.restitution0Sd = former.strike.restitution0Sd;
    out.strike.loftBias_rad = former.strike.loftBias_rad;
    out.strike.attackBias_rad = former.strike.attackBias_rad;
    out.strike.loftBiasSd_rad = former.strike.loftBiasSd_rad;
    out.strike.attackBiasSd_rad = former.strike.attackBiasSd_rad;
    out.delivery = former.delivery;
    return out;
}

}  // namespace

std::string formatTuning(const Tuning& tuning) {
    const StrikeTuning& t = tuning.strike;
    Json out{{"model", tuning.model},
             {"restitution0", t.restitution0},
             {"restitution0_sd", t.restitution0Sd},
             {"loft_bias_rad", t.loftBias_rad},
             {"attack_bias_rad", t.attackBias_rad},
             {"loft_bias_sd_rad", t.loftBiasSd_rad},
             {"attack_bias_sd_rad", t.attackBiasSd_rad},
             {"log_friction", t.logFriction},
             {"friction_sd", t.frictionSd},
             {"tangential_slope_spm", t.tangentialSlope_spm},
             {"tangential_slope_sd_spm", t.tangentialSlopeSd_spm},
             {"groups", groupsJson(t)}};
    for (std::size_t i = 0; i < ballKeys.size(); ++i) {
        out[ballKeys[i].value] = t.tangentialRestitution[i];
        out[ballKeys[i].sd] = t.tangentialSd[i];
    }
    if (t.correction) out["correction"] = correctionJson(*t.correction);
    const AirTuning& a = tuning.air;
    out["air"] = {{"drag", a.drag}, {"lift", a.lift}, {"drag_sd", a.dragSd}, {"lift_sd", a.liftSd}};
    const GroundTuning& g = tuning.ground;
    out["ground"] = {{"firmness", g.firmness},      {"friction", g.friction},
                     {"green_speed", g.greenSpeed}, {"firmness_sd", g.firmnessSd},
                     {"friction_sd", g.frictionSd}, {"green_speed_sd", g.greenSpeedSd}};
    Json days = Json::array();
    for (const Tuning::Day& d : tuning.days()) {
        days.push_back({{"day", d.name},
                        {"firmness", d.ground.firmness},
                        {"friction", d.ground.friction},
                        {"green_speed", d.ground.greenSpeed}});
    }
    out["days"] = days;
    out["delivery"] = deliveryJson(tuning.delivery);
    const SpreadScale& s = tuning.spread;
    out["spread"] = {{"launch", s.launch},
                     {"spin", s.spin},
                     {"landing", s.landing},
                     {"carry", s.carry},
                     {"release", s.release}};
    return out.dump(-1, ' ', false, nlohmann::json::error_handler_t::replace);
}

Tuning parseTuning(const std::string& json) {
    const nlohmann::json document = parseDocument(json);
    Fields in(document, "");
    Tuning out;
    // The first model's did not say so.
    out.model =
        in.has("model") ? static_cast<int>(within(in, "model", 1, Tuning::currentModel)) : 1;
    StrikeTuning& t = out.strike;
    t.restitution0 = within(in, "restitution0", 0.5, 1.1);
    t.restitution0Sd = sdIn(in, "restitution0_sd");
    t.loftBias_rad = within(in, "loft_bias_rad", -0.3, 0.3);
    t.attackBias_rad = within(in, "attack_bias_rad", -0.3, 0.3);
    // A tuning that was kept before these were told: what is left of a bias that many shots told.
    constexpr double once_rad = 0.3 * unknowns::deviceBias_rad;
    t.loftBiasSd_rad = in.has("loft_bias_sd_rad") ? sdIn(in, "loft_bias_sd_rad") : once_rad;
    t.attackBiasSd_rad = in.has("attack_bias_sd_rad") ? sdIn(in, "attack_bias_sd_rad") : once_rad;
    t.logFriction = within(in, "log_friction", -3, 3);
    t.frictionSd = sdIn(in, "friction_sd");
    for (std::size_t i = 0; i < ballKeys.size(); ++i) {
        t.tangentialRestitution[i] = within(in, ballKeys[i].value, -0.5, 0.5);
        t.tangentialSd[i] = sdIn(in, ballKeys[i].sd);
    }
    if (in.has("correction"))
        t.correction =
            std::make_shared<const StrikeCorrection>(readCorrection(in.child("correction")));
    if (in.has("tangential_slope_spm")) {
        t.tangentialSlope_spm = within(in, "tangential_slope_spm", -0.1, 0.1);
        t.tangentialSlopeSd_spm = sdIn(in, "tangential_slope_sd_spm");
    }
    for (Fields& g : in.children("groups", mostGroups))
        t.groups.push_back(readGroup(g));
    // Tunings of the first program that kept them end here.
    if (in.has("air")) {
        Fields a = in.child("air");
        out.air = {factorIn(a, "drag"), factorIn(a, "lift"), sdIn(a, "drag_sd"),
                   sdIn(a, "lift_sd")};
        a.finish();
    }
    if (in.has("ground")) {
        Fields g = in.child("ground");
        out.ground = {factorIn(g, "firmness"), factorIn(g, "friction"), factorIn(g, "green_speed"),
                      sdIn(g, "firmness_sd"),  sdIn(g, "friction_sd"),  sdIn(g, "green_speed_sd")};
        g.finish();
    }
    if (in.has("delivery")) out.delivery = readDelivery(in.child("delivery"));
    if (in.has("spread")) {
        Fields s = in.child("spread");
        out.spread = {sdIn(s, "launch"), sdIn(s, "spin"), sdIn(s, "landing"), sdIn(s, "carry"),
                      sdIn(s, "release")};
        s.finish();
    }
    std::vector<Tuning::Day> days;
    for (Fields& d : in.children("days", mostDays)) {
        Tuning::Day day{d.word("day", "").substr(0, mostWordBytes), out.ground};
        day.ground.firmness = factorIn(d, "firmness");
        day.ground.friction = factorIn(d, "friction");
        day.ground.greenSpeed = factorIn(d, "green_speed");
        d.finish();
        days.push_back(std::move(day));
    }
    in.finish();
    if (out.model < Tuning::currentModel) return withoutItsLaws(out);
    out.setDays(std::move(days));
    return out;
}

}  // namespace wedgeon::store
