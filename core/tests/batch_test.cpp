// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// The batch gives what the single shot gives.
#include "wedgeon/batch/batch.h"

#include <gtest/gtest.h>

#include "batch/columns.h"
#include "random_cases.h"
#include "wedgeon/error.h"

namespace wedgeon {
namespace {

using test::predictor;
using test::Scene;
struct Case {
    Recipe recipe;
    Scene scene;
};

std::vector<Case> randomCases(int n, unsigned seed) {
    test::RandomCases random(seed);
    std::vector<Case> out;
    for (int i = 0; i < n; ++i) {
        Case c{random.recipe(), random.scene()};
        c.recipe.bodyLine_rad = random.degrees(-10, 5);
        c.recipe.swingAlong = random.pick<SwingAlong>(3);
        c.recipe.weightBy = random.pick<WeightBy>(2);
        c.recipe.standFarther_m = random.between(-0.05, 0.08);
        c.recipe.handleRaised_m = random.between(-0.02, 0.05);
        c.recipe.gripDown_m = random.between(0, 0.08);
        c.scene.hand = random.pick<Hand>(2);
        if (i % 3 == 0) c.scene.air.windAhead_mps = c.scene.air.windRight_mps = 0;
        if (i % 4 == 0) c.scene.ground.slopeAlong = c.scene.ground.slopeAcross = 0;
        out.push_back(c);
    }
    return out;
}

TEST(Batch, AgreesWithTheSingleShot) {
    const auto cases = randomCases(3001, 81);
    ShotBatch batch;
    for (const Case& c : cases)
        EXPECT_TRUE(batch.add(c.recipe, predictor(c.scene)));
    const BatchResult r = calcBatch(batch, 2);
    int compared = 0;
    for (std::size_t i = 0; i < cases.size(); ++i) {
        try {
            const ShotResult s = predictor(cases[i].scene).shot(cases[i].recipe);
            ASSERT_TRUE(r.valid[i]) << i;
            for (const OutcomeInfo& o : outcomes()) {
                const double want = valueOf(s, o.outcome);
                EXPECT_NEAR(r(o.outcome, i), want, 1e-7 * (1 + std::abs(want)))
                    << o.key << " of " << i;
            }
            EXPECT_EQ(r(Extra::Contacts, i), s.run.contacts);
            EXPECT_NEAR(r(Extra::GripRatio, i), s.strike.gripRatio, 1e-9);
            EXPECT_NEAR(r(Extra::FirstForward, i), s.run.bounces[0].velocityAfter_mps.x, 1e-6);
            EXPECT_EQ(r.behaviour(i).behaviour, s.behaviour.behaviour) << i;
            EXPECT_EQ(r.behaviour(i).bitingBounce, s.behaviour.bitingBounce) << i;
            ++compared;
        } catch (const RangeError&) {
            EXPECT_FALSE(r.valid[i]) << i;
            EXPECT_TRUE(std::isnan(r(Outcome::Carry, i)));
        }
    }
    EXPECT_GT(compared, 2500);
}

TEST(Batch, EveryInstructionSetOfThisMachineAgrees) {
    const auto cases = randomCases(64, 82);
    ShotBatch batch;
    for (const Case& c : cases)
        EXPECT_TRUE(batch.add(c.recipe, predictor(c.scene)));
    const BatchResult best = calcBatch(batch);
    std::array<std::vector<double>, batch::outCount> columns;
    std::array<double*, batch::outCount> out{};
    std::array<const double*, ShotBatch::columnCount> in{};
    for (std::size_t c = 0; c < out.size(); ++c) {
        columns[c].resize(64);
        out[c] = columns[c].data();
    }
    for (std::size_t c = 0; c < in.size(); ++c)
        in[c] = batch.columns()[c].data();
    std::vector<batch::Play> plays{batch::playBaseline};
    if (__builtin_cpu_supports("avx2") && __builtin_cpu_supports("fma"))
        plays.push_back(batch::playAvx2);
    for (const batch::Play play : plays) {
        play(in.data(), out.data(), 0, 64);
        for (std::size_t i = 0; i < 64; ++i) {
            if (!best.valid[i]) continue;
            const double want = best(Outcome::Total, i);
            EXPECT_NEAR(columns[static_cast<std::size_t>(Outcome::Total)][i], want,
                        1e-7 * (1 + std::abs(want)));
        }
    }
}

TEST(Batch, AnyNumberOfShotsWorks) {
    EXPECT_EQ(calcBatch({}).valid.size(), 0u);
    for (const int n : {1, 15, 16, 17}) {
        ShotBatch batch;
        for (const Case& c : randomCases(n, 83))
            EXPECT_TRUE(batch.add(c.recipe, predictor(c.scene)));
        EXPECT_EQ(calcBatch(batch).valid.size(), static_cast<std::size_t>(n));
    }
}

TEST(Batch, RefusesWhatTheSingleShotRefuses) {
    ShotBatch batch;
    Recipe r;
    r.clubSpeed_mps = 900;
    Scene g;
    g.wedge = {radFromDeg(56), radFromDeg(64), radFromDeg(10)};
    EXPECT_THROW((void)batch.add(r, predictor(g)), RangeError);
    EXPECT_EQ(batch.size(), 0u);
    EXPECT_FALSE(batchInstructionSet().empty());
}

}  // namespace
}  // namespace wedgeon
