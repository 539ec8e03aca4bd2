// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Playing the steps.
#include "wedgeon/shot/worth.h"

#include <array>
#include <cmath>

#include "wedgeon/error.h"
#include "wedgeon/units.h"

namespace wedgeon {
namespace {

constexpr std::array steps{WorthStep::OneDegreeLean,  WorthStep::FiveDegreesOpen,
                           WorthStep::OneBallBack,    WorthStep::FivePercentWeight,
                           WorthStep::OneUnitOfSpeed, WorthStep::WetFace};

void take(WorthStep step, double speed_mps, Recipe& recipe, Givens& givens) {
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
        case WorthStep::OneUnitOfSpeed:
            recipe.clubSpeed_mps += speed_mps;
            break;
        case WorthStep::WetFace:
            givens.face =
                givens.face == FaceCondition::FreshDry || givens.face == FaceCondition::FreshWet
                    ? FaceCondition::FreshWet
                    : FaceCondition::WornWet;
            break;
    }
}

}  // namespace

std::vector<Worth> findWorth(const Recipe& recipe, const Givens& givens, double speed_mps) {
    const ShotResult here = calcShot(recipe, givens);
    std::vector<Worth> out;
    for (const WorthStep step : steps) {
        Recipe r = recipe;
        Givens g = givens;
        take(step, speed_mps, r, g);
        Worth worth{step, std::nullopt};
        try {
            const ShotResult there = calcShot(r, g);
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

MainRisk findMainRisk(const ShotResult& shot, const Givens& givens, const SpreadSource& swings) {
    const auto carryWith = [&](auto move) {
        Delivery d = shot.swing.delivery;
        move(d);
        return calcShotWith(d, shot.contact, givens).flight.carry_m;
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
        MainRisk::Source::Speed, [&](Delivery& d) { d.clubSpeed_mps *= 1 + swings.clubSpeedShare; },
        [&](Delivery& d) { d.clubSpeed_mps *= 1 - swings.clubSpeedShare; });
    consider(
        MainRisk::Source::Attack, [&](Delivery& d) { d.attack_rad += swings.attack_rad; },
        [&](Delivery& d) { d.attack_rad -= swings.attack_rad; });
    consider(
        MainRisk::Source::Loft, [&](Delivery& d) { d.dynamicLoft_rad += swings.dynamicLoft_rad; },
        [&](Delivery& d) { d.dynamicLoft_rad -= swings.dynamicLoft_rad; });
    return worst;
}

}  // namespace wedgeon
