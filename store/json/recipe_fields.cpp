// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Names and units of a recipe's fields.
#include "recipe_fields.h"

#include <array>

#include "wedgeon/constants.h"
#include "wedgeon/units.h"

namespace wedgeon::store {
namespace {

/// One number of a recipe: its key with the unit, and its value in that unit of one SI unit.
struct NumberField {
    std::string_view key;
    double Recipe::*member;
    double factor;
};
constexpr double deg = degFromRad(1.0);
constexpr std::array numbers{
    NumberField{"face_open_deg", &Recipe::open_rad, deg},
    NumberField{"hand_turn_deg", &Recipe::handTurn_rad, deg},
    NumberField{"lean_deg", &Recipe::lean_rad, deg},
    NumberField{"ball_forward_balls", &Recipe::ballForward_m, 1 / constants::ballWidth_m},
    NumberField{"weight_lead_pct", &Recipe::weightLead_pct, 1.0},
    NumberField{"swing_radius_m", &Recipe::swingRadius_m, 1.0},
    NumberField{"stand_farther_cm", &Recipe::standFarther_m, 100.0},
    NumberField{"handle_raised_cm", &Recipe::handleRaised_m, 100.0},
    NumberField{"grip_down_cm", &Recipe::gripDown_m, 100.0},
    NumberField{"body_line_deg", &Recipe::bodyLine_rad, deg},
    NumberField{"feet_turn_deg", &Recipe::feetTurn_rad, deg},
};

template <class Enum>
struct RecipeWord {
    std::string_view key;
    Enum value;
};
// Written out: clang 14 does not deduce an aggregate's arguments.
constexpr std::array releases{RecipeWord<Release>{"hold", Release::Hold},
                              RecipeWord<Release>{"ordinary", Release::Ordinary},
                              RecipeWord<Release>{"rotate", Release::Rotate}};
constexpr std::array weights{RecipeWord<WeightBy>{"whole-body", WeightBy::WholeBody},
                             RecipeWord<WeightBy>{"lower-body", WeightBy::LowerBody}};
constexpr std::array lines{RecipeWord<SwingAlong>{"target", SwingAlong::Target},
                           RecipeWord<SwingAlong>{"between", SwingAlong::Between},
                           RecipeWord<SwingAlong>{"body", SwingAlong::Body}};

template <class Words, class Enum>
std::string keyOf(const Words& words, Enum value) {
    for (const auto& w : words) {
        if (w.value == value) return std::string(w.key);
    }
    return {};
}

}  // namespace

Recipe readRecipeFields(Fields& in) {
    Recipe r;
    r.clubSpeed_mps = in.number("club_speed_mps");
    for (const NumberField& f : numbers) {
        // A default must come through as it is, not by way of another unit.
        if (in.has(f.key)) r.*f.member = in.number(f.key, 0) / f.factor;
    }
    r.release = named(in, "release", "ordinary", releases).value;
    r.weightBy = named(in, "weight_by", "whole-body", weights).value;
    r.swingAlong = named(in, "swing_along", "target", lines).value;
    return r;
}

nlohmann::ordered_json recipeToJson(const Recipe& r) {
    nlohmann::ordered_json out;
    out["club_speed_mps"] = r.clubSpeed_mps;
    for (const NumberField& f : numbers)
        out[std::string(f.key)] = r.*f.member * f.factor;
    out["release"] = keyOf(releases, r.release);
    out["weight_by"] = keyOf(weights, r.weightBy);
    out["swing_along"] = keyOf(lines, r.swingAlong);
    return out;
}

}  // namespace wedgeon::store
