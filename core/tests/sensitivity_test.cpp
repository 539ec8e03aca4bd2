// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Derivatives against differences, for every outcome and every dial.
#include "wedgeon/shot/sensitivity.h"

#include <gtest/gtest.h>

#include "random_cases.h"

namespace wedgeon {
namespace {

using test::predictor;
using test::Scene;
TEST(Sensitivity, AgreesWithCentralDifferences) {
    test::RandomCases random(41);
    int compared = 0;
    for (int i = 0; i < 60; ++i) {
        Recipe recipe = random.recipe();
        recipe.bodyLine_rad = random.degrees(-10, 5);
        recipe.swingAlong = random.pick<SwingAlong>(3);
        recipe.gripDown_m = random.between(0.01, 0.05);
        Scene g = random.scene();
        g.hand = random.pick<Hand>(2);
        const Sensitivity s = predictor(g).sensitivity(recipe).value();
        for (const DialInfo& d : dials()) {
            const double h = 1e-5 * d.step;
            Recipe up = recipe;
            Recipe down = recipe;
            dialOf(up, d.dial) += h;
            dialOf(down, d.dial) -= h;
            const ShotResult a = predictor(g).shot(up);
            const ShotResult b = predictor(g).shot(down);
            for (const OutcomeInfo& o : outcomes()) {
                const bool ofTheRun = o.outcome == Outcome::Release ||
                                      o.outcome == Outcome::Total || o.outcome == Outcome::RestSide;
                // Where the difference straddles a bounce that comes or goes there is no slope.
                if (ofTheRun && a.run.contacts != b.run.contacts) continue;
                const double slope = (valueOf(a, o.outcome) - valueOf(b, o.outcome)) / (2 * h);
                // Second-order error of the difference and rounding of 1e-11 in the landing.
                const double tolerance = 2e-3 * std::abs(slope) + 3e-5 / d.step;
                EXPECT_NEAR(s(o.outcome, d.dial), slope, tolerance)
                    << o.key << " by " << d.key << " in case " << i;
                ++compared;
            }
        }
    }
    EXPECT_GT(compared, 9000);
}

TEST(Sensitivity, SaysWhatACoachExpects) {
    Scene g = test::pitch();
    const Sensitivity s = predictor(g).sensitivity({}).value();
    EXPECT_LT(s(Outcome::LaunchAngle, Dial::Lean), 0);
    EXPECT_GT(s(Outcome::LaunchAngle, Dial::Open), 0);
    EXPECT_GT(s(Outcome::Carry, Dial::ClubSpeed), 0);
    EXPECT_LT(s(Outcome::Carry, Dial::GripDown), 0);
    EXPECT_LT(s(Outcome::Attack, Dial::WeightLead), 0);
    EXPECT_GT(s(Outcome::Release, Dial::Lean), 0);
}

TEST(Sensitivity, OverALineThereIsNone) {
    Scene g = test::pitch();
    g.line = Line{"", {Zone{}}, {}, {}};
    EXPECT_FALSE(predictor(g).sensitivity({}));
}

}  // namespace
}  // namespace wedgeon
