// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Playing the steps.
#include "wedgeon/shot/worth.h"

#include <array>
#include <cmath>

#include "wedgeon/error.h"
#include "wedgeon/shot/predictor.h"
#include "wedgeon/units.h"

namespace wedgeon {
namespace {

constexpr std::array steps{WorthStep::OneDegreeLean, WorthStep::FiveDegreesOpen,
                           WorthStep::OneBallBack,   WorthStep::FivePercentWeight,
                           WorthStep::OtherSwing,    WorthStep::WetFace};

void take(WorthStep step, double speed_mps, Recipe& recipe, FaceCondition& face) {
    switch (step) {
        case WorthStep::OneDegreeLean:
            recipe.lean_rad += radFromDeg(1);
            break;
        case WorthStep::FiveDegreesOpen:
            recipe.open_rad += radFromDeg(5);
            break;
        case WorthStep::OneBallBack:
            recipe.ballForward_m -= constants::ballWidth_m;
            break;
        case WorthStep::FivePercentWeight:
            recipe.weightLead_pct += 5;
            break;
        case WorthStep::OtherSwing:
            recipe.clubSpeed_mps += speed_mps;
            break;
        case WorthStep::WetFace:
            face = face == FaceCondition::FreshDry || face == FaceCondition::FreshWet
                       ? FaceCondition::FreshWet
                       : FaceCondition::WornWet;
            break;
    }
}

}  // namespace

std::vector<Worth> Predictor::worth(const Recipe& recipe, double speed_mps) const {
    const ShotResult here = shot(recipe);
    std::vector<Worth> out;
    for (const WorthStep step : steps) {
        Recipe r = recipe;
        Conditions c = conditions_;
        take(step, speed_mps, r, c.face);
        Worth worth{step, std::nullopt};
        try {
            const ShotResult there =
                c.face == conditions_.face ? shot(r) : Predictor(player_, c).shot(r);
            auto& change = worth.change.emplace();
            for (std::size_t o = 0; o < outcomeCount; ++o) {
                const auto outcome = static_cast<Outcome>(o);
                change[o] = valueOf(there, outcome) - valueOf(here, outcome);
            }
        } catch (const RangeError&) {
            worth.change.reset();
        }
        out.push_back(worth);
    }
    return out;
}

MainRisk Predictor::mainRisk(const ShotResult& shot) const {
    const SpreadSource swings = source(SpreadSource::swings());
    const auto carryWith = [&](auto move) {
        Delivery d = shot.swing.delivery;
        move(d);
        return calcShotWith(d, shot.contact, surroundings_).flight.carry_m;
    };
    MainRisk worst;
    const auto consider = [&](MainRisk::Source source, auto up, auto down) {
        try {
            const double effect = std::abs(carryWith(up) - carryWith(down)) / 2;
            if (effect > worst.carry_m) worst = {source, effect};
        } catch (const RangeError&) {
            return;  // a neighbour outside the model says nothing
        }
    };
    consider(
        MainRisk::Source::Speed,
        [&](Delivery& d) { d.clubSpeed_mps *= 1 + swings.club.of(Scatter::Speed); },
        [&](Delivery& d) { d.clubSpeed_mps *= 1 - swings.club.of(Scatter::Speed); });
    consider(
        MainRisk::Source::Attack,
        [&](Delivery& d) { d.attack_rad += swings.club.of(Scatter::Attack); },
        [&](Delivery& d) { d.attack_rad -= swings.club.of(Scatter::Attack); });
    consider(
        MainRisk::Source::Loft,
        [&](Delivery& d) { d.dynamicLoft_rad += swings.club.of(Scatter::Loft); },
        [&](Delivery& d) { d.dynamicLoft_rad -= swings.club.of(Scatter::Loft); });
    return worst;
}

}  // namespace wedgeon
