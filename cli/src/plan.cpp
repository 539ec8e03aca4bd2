// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Planning and printing.
#include "plan.h"

#include <cmath>
#include <nlohmann/json.hpp>
#include <stdexcept>

#include "conditions_fields.h"
#include "recipe_fields.h"
#include "wedgeon/store/error.h"
#include "wedgeon/store/records.h"
#include "wedgeon/store/situation_file.h"
#include "wedgeon/units.h"
#include "wedgeon/words/plan_words.h"

namespace wedgeon::cli {
namespace {

using Json = nlohmann::ordered_json;

constexpr double deg = degFromRad(1.0);

/// The player, and his wedges where the situation has none of its own.
void takePlayer(PlanRequest& request, const PlanOptions& options) {
    if (options.logbook.empty()) {
        if (!options.player.empty())
            throw std::invalid_argument("--player needs --logbook: players are kept there");
        return;
    }
    store::Logbook book(options.logbook, store::Logbook::Access::ReadOnly);
    const auto records = store::readRecords(book);
    if (!options.player.empty() && !records->everyone->contains(options.player)) {
        std::string names;
        for (const auto& [name, model] : *records->everyone)
            names += (names.empty() ? "" : ", ") + name;
        throw std::invalid_argument(
            names.empty() ? "the logbook keeps no player yet: keep him, and tune him, in the window"
                          : "player must be one of those that the logbook keeps: " + names);
    }
    request.player = records->modelOf(options.player);
    if (request.clubs.empty()) {
        for (const store::KitWedge& w : records->wedgesOf(options.player))
            request.clubs.push_back({w.name, w.wedge, false});
    }
    for (const store::NamedRecipe& r : records->recipes)
        request.own.push_back({r.name, r.recipe});
}

/// What `predict` takes to play the same shot as often, with the same luck.
Json inputOf(const PlanRequest& request, const PlannedShot& shot) {
    // A putter's stroke is none of the stages of predict.
    if (shot.height == Height::Putter) return nullptr;
    Conditions c = request.conditions;
    c.wedge = request.clubs[shot.club].wedge;
    Json input = store::conditionsToJson(c);
    input.update(store::recipeToJson(shot.recipe));
    input["hand"] = request.player.hand == Hand::Left ? "left" : "right";
    input["aim_deg"] = shot.aim_rad * deg;
    if (request.player.tuning) {
        const PlayerScatter scatter = request.player.scatter();
        Json player;
        const auto put = [&](const char* key, Scatter s, double factor) {
            player[key] = scatter.of(s) * factor;
        };
        put("club_speed_pct", Scatter::Speed, 100);
        put("attack_angle_deg", Scatter::Attack, deg);
        put("club_path_deg", Scatter::Path, deg);
        put("face_angle_deg", Scatter::Face, deg);
        put("dynamic_loft_deg", Scatter::Loft, deg);
        put("low_point_cm", Scatter::LowPoint, 100);
        put("depth_mm", Scatter::Depth, 1000);
        input["player"] = std::move(player);
    }
    input["samples"] = request.samples;
    input["seed"] = request.seed;
    input["practised"] = 1;
    return input;
}

Json intervalOf(const Interval80& i) {
    return {{"p10", i.low}, {"p50", i.middle}, {"p90", i.high}};
}

}  // namespace

std::string planSituation(std::string_view text, const PlanOptions& options) {
    const store::Situation situation = store::parseSituation(text);
    if (!situation.conditions.line->flag_m)
        throw store::StoreError(store::Fault::Malformed, {store::Says::FieldMissing, "flag_m"});
    PlanRequest request;
    request.conditions = situation.conditions;
    request.clubs = situation.clubs;
    request.samples = options.samples;
    request.seed = options.seed;
    if (situation.lie != LieAnswers{}) {
        request.reading = readLie(situation.lie);
        request.conditions.lie = request.reading->lie(request.conditions.lie.firmness);
    }
    takePlayer(request, options);
    if (situation.clubs.empty()) request.clubs = bagWith(request.clubs);
    const Plan plan = *makePlan(request);
    const auto changes = *findChanges(request, plan);

    const words::PlanSpeaker speaker(words::english());
    Json out;
    out["situation"] = Json::parse(store::formatSituation(situation, false));
    out["shots"] = Json::array();
    for (std::size_t i = 0; i < plan.shots.size(); ++i) {
        const PlannedShot& s = plan.shots[i];
        Json shot;
        shot["rank"] = i + 1;
        shot["shot"] = words::shotName(s, request, speaker);
        shot["wedge"] = words::clubName(request.clubs[s.club], speaker);
        shot["technique"] = s.technique;
        shot["recipe"] = s.height == Height::Putter ? Json(nullptr) : store::recipeToJson(s.recipe);
        shot["swing"] = words::swingSaid(s, speaker);
        shot["club_speed_mps"] = s.clubSpeed_mps;
        shot["aim_deg"] = s.aim_rad * deg;
        shot["launch_angle_deg"] = s.launch_rad * deg;
        shot["landing_m"] = s.landing_m;
        shot["carry_m"] = s.landing_m;
        shot["run_m"] = s.run_m;
        shot["apex_m"] = s.apex_m;
        Json clearance = Json::array();
        double least = std::nan("");
        for (const double c : s.clearance_m) {
            clearance.push_back(std::isfinite(c) ? Json(c) : Json(nullptr));
            if (std::isfinite(c) && !(c > least)) least = c;
        }
        shot["clearance_m"] = std::move(clearance);
        shot["least_clearance_m"] = std::isfinite(least) ? Json(least) : Json(nullptr);
        shot["landing_80_m"] = intervalOf(s.landing);
        shot["rest_80_m"] = intervalOf(s.rest);
        shot["expected_strokes"] = s.strokes;
        shot["expected_strokes_error"] = s.strokesError;
        shot["chance_green"] = s.onGreen;
        shot["chance_inside_2m"] = s.inside2m;
        shot["chance_short"] = s.shortOf;
        shot["chance_over"] = s.over;
        shot["chance_trouble"] = s.trouble;
        shot["chance_chip_again"] = s.chipAgain;
        shot["chance_blow_up"] = s.blowUp;
        shot["fat"] = s.fat;
        shot["thin"] = s.thin;
        shot["why"] = words::why(plan, i, speaker);
        Json would = Json::array();
        if (i == 0) {
            for (const WouldChange& w : changes)
                would.push_back("if " + words::change(w, request, speaker));
        }
        shot["would_change"] = std::move(would);
        shot["input"] = inputOf(request, s);
        out["shots"].push_back(std::move(shot));
    }
    out["seed"] = options.seed;
    out["samples"] = plan.samples;
    out["candidates"] = plan.candidates;
    return out.dump(2, ' ', false, Json::error_handler_t::replace);
}

}  // namespace wedgeon::cli
