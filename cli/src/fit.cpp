// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Fitting and printing.
#include "fit.h"

#include <algorithm>
#include <nlohmann/json.hpp>
#include <stdexcept>

#include "wedgeon/store/shot_file.h"
#include "wedgeon/store/tune_shots.h"
#include "wedgeon/units.h"
#include "wedgeon/words/words.h"

namespace wedgeon::cli {
namespace {

using Kind = TuneEstimate::Kind;
using Json = nlohmann::ordered_json;

struct Spelling {
    const char* name;
    double factor;
};
Spelling spellingOf(Kind kind) {
    switch (kind) {
        case Kind::Friction:
            return {"friction", 1.0};
        case Kind::TangentialRestitution:
            return {"tangential_restitution", 1.0};
        case Kind::TangentialSlope:
            return {"tangential_restitution_slope_spm", 1.0};
        case Kind::Restitution0:
            return {"normal_restitution_e0", 1.0};
        case Kind::LoftBias:
            return {"device_loft_bias_deg", degFromRad(1.0)};
        case Kind::AttackBias:
            return {"device_attack_bias_deg", degFromRad(1.0)};
        case Kind::GroundFirmness:
            return {"ground_firmness_factor", 1.0};
        case Kind::GroundFriction:
            return {"ground_friction_factor", 1.0};
        case Kind::GreenSpeed:
            return {"green_speed_factor", 1.0};
        case Kind::AirDrag:
            return {"drag_factor", 1.0};
        case Kind::AirLift:
            return {"lift_factor", 1.0};
        case Kind::OpenOffset:
            return {"open_offset_deg", degFromRad(1.0)};
        case Kind::OpenFactor:
            return {"open_factor", 1.0};
        case Kind::LeanOffset:
            return {"shaft_lean_offset_deg", degFromRad(1.0)};
        case Kind::LeanFactor:
            return {"shaft_lean_factor", 1.0};
        case Kind::BallOffset:
            return {"ball_forward_offset_balls", 1.0 / constants::ballWidth_m};
        case Kind::BallFactor:
            return {"ball_forward_factor", 1.0};
        case Kind::PathOffset:
            return {"club_path_offset_deg", degFromRad(1.0)};
    }
    return {"", 1.0};
}

std::string lieKey(const Lie& lie) {
    for (const NamedLie& n : namedLies()) {
        if (n.lie == lie) return std::string(n.key);
    }
    return "other";
}

Json groupJson(const TuneGroup& group, bool ballOnly) {
    Json out = Json::object();
    for (const NamedBall& b : namedBalls()) {
        if (b.ball == group.ball) out["ball"] = b.key;
    }
    if (ballOnly) return out;
    for (const NamedFace& f : namedFaces()) {
        if (f.face == group.face) out["face_condition"] = f.key;
    }
    out["lie"] = lieKey(group.lie);
    return out;
}

Json estimateJson(const TuneEstimate& e) {
    const Spelling s = spellingOf(e.kind);
    Json group = Json::object();
    if (e.kind == Kind::Friction) group = groupJson(e.group, false);
    if (e.kind == Kind::TangentialRestitution) group = groupJson(e.group, true);
    return {{"name", s.name},
            {"group", group},
            {"estimate", e.value * s.factor},
            {"low80", e.low80 * s.factor},
            {"high80", e.high80 * s.factor},
            {"prior", e.prior * s.factor},
            {"identified", e.identified},
            {"shots", e.shots}};
}

/// In the order of TuneOutcome and TuneInput.
const std::array<Spelling, tuneOutcomeCount> fitOutcomes{{{"launch_angle_deg", degFromRad(1.0)},
                                                          {"spin_rpm", rpmFromRadps(1.0)},
                                                          {"landing_angle_deg", degFromRad(1.0)},
                                                          {"carry_m", 1.0},
                                                          {"release_m", 1.0}}};
const std::array<Spelling, tuneInputCount> inputs{{{"club_speed_mps", 1.0},
                                                   {"attack_angle_deg", degFromRad(1.0)},
                                                   {"club_path_deg", degFromRad(1.0)},
                                                   {"face_angle_deg", degFromRad(1.0)},
                                                   {"dynamic_loft_deg", degFromRad(1.0)},
                                                   {"spin_loft_deg", degFromRad(1.0)},
                                                   {"order", 1.0}}};

Json patternsJson(const TuneResiduals& residuals) {
    Json out = Json::array();
    for (const ResidualPattern& p : residuals.patterns) {
        const Spelling& o = fitOutcomes[static_cast<std::size_t>(p.outcome)];
        const Spelling& i = inputs[static_cast<std::size_t>(p.input)];
        out.push_back({{"residual", o.name},
                       {"input", i.name},
                       {"curved", p.curved},
                       {"from", p.from * i.factor},
                       {"to", p.to * i.factor},
                       {"at_from", p.atFrom * o.factor},
                       {"at_middle", p.atMiddle * o.factor},
                       {"at_to", p.atTo * o.factor}});
    }
    return out;
}

Json swingsJson(const DeliveryTuning& t) {
    Json speeds = Json::array();
    for (const auto& s : t.speeds) {
        speeds.push_back({{"wedge", s.wedge},
                          {"swing", s.swing},
                          {"club_speed_mps", s.mean_mps},
                          {"sd_mps", s.sd_mps},
                          {"shots", s.shots}});
    }
    Json out = {{"speeds", speeds}};
    if (t.scatter) {
        const PlayerScatter& s = *t.scatter;
        out["scatter"] = {{"club_speed_pct", 100 * s.of(Scatter::Speed)},
                          {"attack_angle_deg", degFromRad(s.of(Scatter::Attack))},
                          {"club_path_deg", degFromRad(s.of(Scatter::Path))},
                          {"face_angle_deg", degFromRad(s.of(Scatter::Face))},
                          {"dynamic_loft_deg", degFromRad(s.of(Scatter::Loft))}};
        Json rows = Json::array();
        for (std::size_t a = 0; a < 5; ++a) {
            Json row = Json::array();
            for (std::size_t b = 0; b < 5; ++b)
                row.push_back(s.correlation[a][b]);
            rows.push_back(row);
        }
        out["scatter"]["correlation"] = rows;
    }
    return out;
}

Json leftOutJson(const LeftOutCheck& check) {
    Json out = {{"sessions", check.oneDay ? 1 : check.folds}};
    for (std::size_t o = 0; o < tuneOutcomeCount; ++o) {
        const auto& line = check.lines[o];
        if (line.shots == 0) continue;
        const double k = fitOutcomes[o].factor;
        out[fitOutcomes[o].name] = {{"shots", line.shots},
                                    {"misreads", line.misreads},
                                    {"mean_error_tuned", line.tuned.mean * k},
                                    {"mean_error_law", line.law.mean * k},
                                    {"mean_error_prior", line.prior.mean * k},
                                    {"mean_error_regression", line.rival.mean * k},
                                    {"median_error_tuned", line.tuned.median * k},
                                    {"median_error_prior", line.prior.median * k},
                                    {"median_error_regression", line.rival.median * k}};
        // What another day does to the run cannot be told from one.
        if (!check.oneDay || static_cast<TuneOutcome>(o) != TuneOutcome::Release)
            out[fitOutcomes[o].name]["coverage80"] = line.coverage80;
    }
    return out;
}

}  // namespace

std::string fitShots(const std::string& file, const std::vector<std::string>& maps,
                     const std::string& player) {
    store::ImportOptions options;
    for (const std::string& m : maps)
        options.overrides.push_back(store::parseOverride(m));
    std::vector<store::LoggedShot> logged;
    for (store::ShotRecord& r : store::readShotFile(file, options).shots) {
        store::LoggedShot shot;
        shot.record = std::move(r);
        logged.push_back(std::move(shot));
    }
    store::Fallback fallback;
    fallback.conditions.wedge.lie_rad =
        radFromDeg(64);  // as in `predict`, where nothing else is said
    const store::TuneShots data = store::findTuneShots(logged, fallback, player);
    if (data.shots.empty() && !player.empty() && data.withoutClub == 0)
        throw std::invalid_argument("the file has no shot of a player \"" + player + "\"");
    const PlayerFit whole = fitPlayer(data.shots, {}, data.seen);
    const TuneResult& fit = whole.strike;
    if (fit.refused) throw std::invalid_argument(words::said(*fit.refused));
    Json parameters = Json::array();
    for (const TuneEstimate& e : whole.estimates())
        parameters.push_back(estimateJson(e));
    Json notes = Json::array();
    for (const FitRemark& n : fit.notes)
        notes.push_back(words::said(n));
    Json next = Json::array();
    const NextShots wanted = findNextShots(data.shots, fit);
    for (const NextShot& n : wanted.shots) {
        Json one = {{"times", n.times},
                    {"wedge", n.wedge},
                    {"swing", n.swing},
                    {"group", groupJson(n.group, false)},
                    {"club_speed_mps", n.delivery.clubSpeed_mps},
                    {"attack_angle_deg", degFromRad(n.delivery.attack_rad)},
                    {"dynamic_loft_deg", degFromRad(n.delivery.dynamicLoft_rad)},
                    {"gain", n.gain}};
        if (n.declared)
            one["set_up"] = {
                {"open_deg", degFromRad(n.declared->open_rad)},
                {"lean_deg", degFromRad(n.declared->lean_rad)},
                {"ball_forward_balls", n.declared->ballForward_m / constants::ballWidth_m}};
        next.push_back(std::move(one));
    }
    const Json out = {
        {"parameters", parameters},
        {"spin_signature",
         {{"factor", fit.signature.factor},
          {"low80", fit.signature.low80},
          {"high80", fit.signature.high80}}},
        {"shots_used", fit.used},
        {"shots_down_weighted", fit.downWeighted},
        {"shots_without_club_data", data.withoutClub},
        {"residuals",
         {{"ball_speed_pct", 100 * fit.speedNoise},
          {"launch_angle_deg", degFromRad(fit.launchNoise_rad)},
          {"spin_pct", 100 * fit.spinNoise},
          {"release_m", whole.ground.estimates.empty() ? Json() : Json(whole.ground.runNoise_m)}}},
        {"patterns", patternsJson(findResiduals(data.shots, whole))},
        {"swings", swingsJson(whole.delivery.tuning)},
        {"left_out", leftOutJson(whole.check)},
        {"notes", notes},
        {"enough_is_known", wanted.enough},
        {"next_shots", next}};
    return out.dump(1);
}

}  // namespace wedgeon::cli
