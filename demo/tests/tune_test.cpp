// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// What the demo data hides is found again, with the misreads and mishits that it has.
#include <gtest/gtest.h>

#include <cmath>

#include "academy.h"
#include "wedgeon/store/tune_shots.h"
#include "wedgeon/units.h"

namespace wedgeon::demo {
namespace {

std::vector<store::LoggedShot> logged(const Academy& academy) {
    std::vector<store::LoggedShot> out;
    for (const auto& r : academy.shots) {
        store::LoggedShot shot;
        shot.id = static_cast<std::int64_t>(out.size()) + 1;
        shot.session = 1;
        shot.record = r;
        out.push_back(std::move(shot));
    }
    return out;
}

const TuneEstimate& find(const TuneResult& fit, TuneEstimate::Kind kind) {
    for (const TuneEstimate& e : fit.estimates) {
        if (e.kind == kind) return e;
    }
    throw std::logic_error("no such estimate");
}

TEST(TuneDemo, EachPlayersHiddenBiasIsFound) {
    // Many academies: a single one may lie outside its 80 % interval, most may not.
    int held = 0;
    int asked = 0;
    for (unsigned seed = 1; seed <= 10; ++seed) {
        const Academy academy = makeAcademy(seed);
        const auto shots = logged(academy);
        for (const Truth& truth : academy.truths) {
            const TuneResult fit = fitStrike(store::findTuneShots(shots, {}, truth.player).shots);
            ASSERT_FALSE(fit.refused);
            const auto check = [&](const TuneEstimate& e, double value) {
                held += value >= e.low80 && value <= e.high80 ? 1 : 0;
                ++asked;
                // Never far off.
                EXPECT_LT(std::abs(value - e.value), 2.0 * (e.high80 - e.low80))
                    << truth.player << " seed " << seed << " kind " << static_cast<int>(e.kind);
            };
            using Kind = TuneEstimate::Kind;
            check(find(fit, Kind::LoftBias), truth.deviceLoftBias_rad);
            check(find(fit, Kind::AttackBias), truth.deviceAttackBias_rad);
            check(find(fit, Kind::Restitution0), truth.restitution0);
            EXPECT_NEAR(fit.signature.factor, truth.frictionFactor, 0.1) << truth.player;
        }
    }
    EXPECT_GT(held, 0.6 * asked);
}

TEST(TuneDemo, WhatEachPlayersSetUpsReallyDeliverIsFound) {
    store::Fallback fallback;
    fallback.conditions.wedge.lie_rad = radFromDeg(64);
    double off = 0.0;
    double without = 0.0;
    int held = 0;
    int asked = 0;
    for (unsigned seed = 1; seed <= 6; ++seed) {
        const Academy academy = makeAcademy(seed);
        const auto shots = logged(academy);
        for (const Truth& truth : academy.truths) {
            const auto data = store::findTuneShots(shots, fallback, truth.player);
            const PlayerFit fit = fitPlayer(data.shots);
            EXPECT_GE(fit.delivery.used, 26u);
            using Kind = TuneEstimate::Kind;
            for (const TuneEstimate& e : fit.delivery.estimates) {
                const double value = e.kind == Kind::OpenFactor   ? truth.delivery.open.factor
                                     : e.kind == Kind::LeanOffset ? truth.delivery.lean.offset
                                     : e.kind == Kind::BallOffset ? truth.delivery.ball.offset
                                                                  : std::nan("");
                if (std::isnan(value)) continue;
                ++asked;
                held += value >= e.low80 && value <= e.high80 ? 1 : 0;
            }
            // What comes of a set-up is nearer the truth than its declaration.
            for (const TuneShot& s : data.shots) {
                if (!s.declared) continue;
                const Recipe real = truth.delivery.delivered(*s.declared);
                const Recipe said = fit.delivery.tuning.delivered(*s.declared);
                off += std::abs(real.lean_rad - said.lean_rad) +
                       std::abs(real.open_rad - said.open_rad);
                without += std::abs(real.lean_rad - s.declared->lean_rad) +
                           std::abs(real.open_rad - s.declared->open_rad);
            }
        }
    }
    EXPECT_GT(held, 0.6 * asked);
    EXPECT_LT(off, 0.7 * without);
}

TEST(TuneDemo, LeftOutErrorsBeatBothBaselines) {
    const Academy academy = makeAcademy();
    const auto shots = logged(academy);
    double tunedRun = 0.0;
    double priorRun = 0.0;
    for (const Truth& truth : academy.truths) {
        const auto data = store::findTuneShots(shots, {}, truth.player);
        const LeftOutCheck check = checkLeftOut(data.shots);
        EXPECT_EQ(check.folds, 6u) << "six days";
        for (std::size_t o = 0; o < tuneOutcomeCount; ++o) {
            const auto& line = check.lines[o];
            EXPECT_GE(line.shots + line.misreads, 70u);
            EXPECT_LT(line.tuned.mean, 1.1 * line.rival.mean) << truth.player << " " << o;
            EXPECT_GT(line.coverage80, 0.65);
            EXPECT_LT(line.coverage80, 0.9);
            if (static_cast<TuneOutcome>(o) == TuneOutcome::Release) continue;
            EXPECT_LT(line.tuned.mean, line.prior.mean) << truth.player << " " << o;
        }
        const auto& run = check.lines[static_cast<std::size_t>(TuneOutcome::Release)];
        tunedRun += run.tuned.mean;
        priorRun += run.prior.mean;
    }
    // A day's ground is not known on other days: only both players together show the gain.
    EXPECT_LT(tunedRun, priorRun);
}

}  // namespace
}  // namespace wedgeon::demo
