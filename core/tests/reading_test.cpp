// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// A lie by what one sees and feels.
#include "wedgeon/lie/reading.h"

#include <gtest/gtest.h>

#include <cmath>
#include <limits>

#include "wedgeon/constants.h"
#include "wedgeon/units.h"

namespace wedgeon {
namespace {

double width(const LieReading& r, LieReading::Part part) {
    const auto [low, high] = r.interval80(part);
    return high - low;
}

TEST(LieReading, AnswersGiveTheNumbersOfTheTable) {
    LieAnswers a;
    a.height = GrassHeight::Half;
    a.colour = GrassColour::Green;
    a.grain = GrassLies::Against;
    a.sits = BallSits::Level;
    const Lie lie = readLie(a).lie(0.9);
    EXPECT_NEAR(lie.cover, 0.4, 1e-12);
    EXPECT_NEAR(lie.moisture, 0.55, 1e-12);
    EXPECT_NEAR(std::abs(lie.grain_rad), constants::pi, 1e-12);
    EXPECT_NEAR(lie.sit_m, 0.004, 1e-12);
    EXPECT_EQ(lie.firmness, 0.9);
    // 0.4 +- 0.15: 80 in 100 within 1.28 of it, on the logit.
    const auto [low, high] = readLie(a).interval80(LieReading::Cover);
    EXPECT_NEAR(low, 0.4 - 1.2816 * 0.15, 0.03);
    EXPECT_NEAR(high, 0.4 + 1.2816 * 0.15, 0.03);
}

TEST(LieReading, EveryAnswerNarrowsAndTheUnsaidStaysWide) {
    const LieReading nothing = readLie({});
    for (const auto part : {LieReading::Cover, LieReading::Moisture})
        EXPECT_GT(width(nothing, part), 0.5);
    EXPECT_GT(width(nothing, LieReading::Grain), constants::pi);
    for (const GrassHeight h :
         {GrassHeight::None, GrassHeight::Quarter, GrassHeight::Half, GrassHeight::Over}) {
        LieAnswers a;
        a.height = h;
        const LieReading r = readLie(a);
        EXPECT_LT(width(r, LieReading::Cover), width(nothing, LieReading::Cover));
        EXPECT_DOUBLE_EQ(width(r, LieReading::Moisture), width(nothing, LieReading::Moisture));
    }
    for (const GrassColour c :
         {GrassColour::Straw, GrassColour::Pale, GrassColour::Green, GrassColour::Lush}) {
        LieAnswers a;
        a.colour = c;
        EXPECT_LT(width(readLie(a), LieReading::Moisture), width(nothing, LieReading::Moisture));
    }
    LieAnswers free;
    free.swing = PracticeSwing::Free;
    const auto before = nothing.speedKept(), after = readLie(free).speedKept();
    EXPECT_LT(after[2] - after[0], 0.6 * (before[2] - before[0]));
}

TEST(LieReading, APracticeSwingMovesCoverAndWaterTogether) {
    LieAnswers half;
    half.height = GrassHeight::Half;
    LieAnswers grabbed = half, free = half;
    grabbed.swing = PracticeSwing::Grabbed;
    free.swing = PracticeSwing::Free;
    const Lie plain = readLie(half).lie(1), heavy = readLie(grabbed).lie(1),
              light = readLie(free).lie(1);
    EXPECT_GT(heavy.cover, plain.cover);
    EXPECT_GT(heavy.moisture, plain.moisture);
    EXPECT_LT(light.cover, plain.cover);
    // Of what was felt 0.85 +- 0.05, as far as the grass that was seen allows.
    EXPECT_LT(readLie(grabbed).speedKept()[1], readLie(half).speedKept()[1]);
    EXPECT_GT(readLie(grabbed).speedKept()[2], 0.85);
}

TEST(LieReading, ItIsTheMostLikelyLie) {
    // No lie beside it has a smaller sum of squares: Gaussians of the answers and of the swing.
    LieAnswers a;
    a.height = GrassHeight::Half;
    a.colour = GrassColour::Pale;
    a.grain = GrassLies::With;
    a.swing = PracticeSwing::Brushed;
    const auto logit = [](double p) { return std::log(p / (1 - p)); };
    const auto cost = [&](const Lie& lie) {
        const double c = (logit(lie.cover) - logit(0.4)) / (0.15 / 0.24);
        const double w = (logit(lie.moisture) - logit(0.3)) / (0.12 / 0.21);
        const double g = lie.grain_rad / radFromDeg(25);
        const double kept = calcContact(BallKind::Soft, FaceCondition::FreshDry, lie).speedKept;
        const double s = (kept - 0.94) / 0.03;
        return c * c + w * w + g * g + s * s;
    };
    const Lie best = readLie(a).lie(1);
    for (const double by : {-0.01, 0.01}) {
        Lie c = best, w = best, g = best;
        c.cover += by;
        w.moisture += by;
        g.grain_rad += by;
        for (const Lie& other : {c, w, g})
            EXPECT_GT(cost(other), cost(best) - 1e-9);
    }
}

TEST(LieReading, DownInItThereIsMoreOfItAndWetIsWetter) {
    LieAnswers level, down;
    level.height = down.height = GrassHeight::Quarter;
    level.sits = BallSits::Level;
    down.sits = BallSits::Down;
    EXPECT_NEAR(readLie(down).lie(1).cover - readLie(level).lie(1).cover, 0.2, 1e-12);
    LieAnswers dry, wet;
    dry.colour = wet.colour = GrassColour::Pale;
    wet.hand = GrassHand::Wet;
    EXPECT_NEAR(readLie(wet).lie(1).moisture - readLie(dry).lie(1).moisture, 0.2, 1e-12);
    LieAnswers bare;
    bare.sits = BallSits::Bare;
    EXPECT_LT(readLie(bare).lie(1).cover, 0.05);
}

TEST(LieReading, EveryCombinationGivesALie) {
    // 5*5*5*6*3*5 answers, each with deviations of three either way.
    const auto optional = [](int k) { return k < 0 ? std::nullopt : std::optional<int>(k); };
    int lies = 0;
    for (int h = -1; h < 4; ++h)
        for (int c = -1; c < 4; ++c)
            for (int g = -1; g < 4; ++g)
                for (int s = -1; s < 5; ++s)
                    for (int w = -1; w < 2; ++w)
                        for (int p = -1; p < 4; ++p) {
                            LieAnswers a;
                            if (optional(h)) a.height = static_cast<GrassHeight>(h);
                            if (optional(c)) a.colour = static_cast<GrassColour>(c);
                            if (optional(g)) a.grain = static_cast<GrassLies>(g);
                            if (optional(s)) a.sits = static_cast<BallSits>(s);
                            if (optional(w)) a.hand = static_cast<GrassHand>(w);
                            if (optional(p)) a.swing = static_cast<PracticeSwing>(p);
                            const LieReading r = readLie(a);
                            for (const double d : {-3.0, 0.0, 3.0}) {
                                const Lie lie = r.at({d, d, d, d}, 1.0);
                                ASSERT_NO_THROW(lie.validate());
                                ++lies;
                            }
                        }
    EXPECT_EQ(lies, 3 * 5 * 5 * 5 * 6 * 3 * 5);
}

}  // namespace
}  // namespace wedgeon
