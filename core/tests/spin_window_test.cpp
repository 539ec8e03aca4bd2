// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// The window of the day and what a step is worth.
#include "wedgeon/shot/spin_window.h"

#include <gtest/gtest.h>

#include "random_cases.h"
#include "wedgeon/shot/worth.h"

namespace wedgeon {
namespace {

using test::predictor;
using test::Scene;
TEST(SpinWindow, ThePeakIsThePeakAndTheWindowKeepsItsShare) {
    test::RandomCases random(91);
    for (int i = 0; i < 50; ++i) {
        const Delivery d = random.delivery();
        Contact c;
        c.friction = random.between(0.12, 0.4);
        const SpinWindow w = findSpinWindow(d, c);
        for (const SpinPoint& p : w.curve) {
            EXPECT_LE(p.spin_radps, w.peak.spin_radps * (1 + 1e-9));
            const bool inside =
                p.spinLoft_rad >= w.from.spinLoft_rad && p.spinLoft_rad <= w.to.spinLoft_rad;
            if (inside) {
                EXPECT_GE(p.spin_radps, windowKeeps * w.peak.spin_radps * (1 - 1e-9));
            }
        }
        EXPECT_LT(w.from.spinLoft_rad, w.peak.spinLoft_rad);
        EXPECT_GT(w.to.spinLoft_rad, w.peak.spinLoft_rad);
    }
}

TEST(SpinWindow, MovesDownWhenTheFaceIsWet) {
    const Delivery d{22, radFromDeg(-4), 0, radFromDeg(48), 0};
    const Contact dry = calcContact(BallKind::Soft, FaceCondition::FreshDry, {});
    const Contact wet = calcContact(BallKind::Soft, FaceCondition::FreshWet, {});
    EXPECT_LT(findSpinWindow(d, wet).peak.launch_rad, findSpinWindow(d, dry).peak.launch_rad);
}

TEST(Worth, AStepIsWhatPlayingItGives) {
    const Scene g = test::pitch();
    Recipe r;
    const ShotResult here = predictor(g).shot(r);
    const auto worth = predictor(g).worth(r);
    ASSERT_EQ(worth.size(), 6u);
    r.lean_rad += radFromDeg(1);
    EXPECT_NEAR(worth[0][Outcome::Release], predictor(g).shot(r).run.release_m - here.run.release_m,
                1e-12);
    EXPECT_GT(worth[5][Outcome::Release], 0) << "a wet face runs on";
    EXPECT_GT(worth[4][Outcome::Carry], 0);
}

TEST(Worth, TheMainRiskIsTheLargestOfThree) {
    const auto riskOf = [](Scatter part, double sd) {
        auto tuning = std::make_shared<Tuning>();
        PlayerScatter& scatter = tuning->delivery.scatter.emplace();
        scatter.sd.fill(0.0);
        scatter.sd[static_cast<std::size_t>(part)] = sd;
        Scene g = test::pitch();
        g.tuning = tuning;
        return predictor(g).mainRisk(predictor(g).shot({}));
    };
    EXPECT_EQ(riskOf(Scatter::Speed, 0.2).source, MainRisk::Source::Speed);
    EXPECT_EQ(riskOf(Scatter::Attack, 0.05).source, MainRisk::Source::Attack);
    const MainRisk risk = riskOf(Scatter::Loft, radFromDeg(3));
    EXPECT_EQ(risk.source, MainRisk::Source::Loft);
    EXPECT_GT(risk.carry_m, 0.3);
}

}  // namespace
}  // namespace wedgeon
