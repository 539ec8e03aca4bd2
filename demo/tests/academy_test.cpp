// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// The demo data keeps its promises: size, variety, repeatability, and biases that can be found.
#include "academy.h"

#include <gtest/gtest.h>

#include <set>

#include "wedgeon/store/shot_givens.h"

namespace wedgeon::demo {
namespace {

using store::Label;
using store::Quantity;

TEST(Academy, HasTheVarietyThatTheViewsNeed) {
    const Academy a = makeAcademy();
    EXPECT_GE(a.shots.size(), 120u);
    std::set<std::string> players, wedges, balls, lies, days;
    for (const auto& s : a.shots) {
        players.insert(s[Label::Player]);
        wedges.insert(s[Label::Wedge]);
        balls.insert(s[Label::Ball]);
        lies.insert(s[Label::Lie]);
        days.insert(s[Label::Time].substr(0, 10));
    }
    EXPECT_EQ(players.size(), 2u);
    EXPECT_EQ(wedges.size(), 3u);
    EXPECT_EQ(balls.size(), 2u);
    EXPECT_EQ(lies.size(), 4u);
    EXPECT_EQ(days.size(), 6u);
}

TEST(Academy, IsTheSameForTheSameSeed) {
    const Academy a = makeAcademy(3);
    const Academy b = makeAcademy(3);
    const Academy c = makeAcademy(4);
    ASSERT_EQ(a.shots.size(), b.shots.size());
    for (std::size_t i = 0; i < a.shots.size(); ++i) {
        EXPECT_EQ(a.shots[i][Quantity::Carry], b.shots[i][Quantity::Carry]);
    }
    EXPECT_NE(a.shots[0][Quantity::Carry], c.shots[0][Quantity::Carry]);
}

TEST(Academy, EveryReadingIsOneThatAnImportWouldKeep) {
    for (const auto& s : makeAcademy().shots) {
        for (std::size_t i = 0; i < store::quantityCount; ++i) {
            const auto& q = store::info(static_cast<Quantity>(i));
            if (!s.has(q.quantity)) continue;
            EXPECT_GE(s[q.quantity], q.low) << q.key;
            EXPECT_LE(s[q.quantity], q.high) << q.key;
        }
    }
}

TEST(Academy, TheHiddenFrictionShowsInTheSpin) {
    // Spin measured over spin predicted with the priors, where friction limits it: above 1 for the
    // player whose friction is higher, below for the other.
    const Academy a = makeAcademy();
    for (const Truth& truth : a.truths) {
        double sum = 0;
        int n = 0;
        for (const auto& s : a.shots) {
            const auto delivery = store::findDelivery(s);
            if (s[Label::Player] != truth.player || !s.has(Quantity::SpinRate) || !delivery ||
                s[Label::Tags] == "fat" || s[Label::Tags] == "thin") {
                continue;
            }
            const StrikeResult r =
                store::findShotGivens(s, {}).predictor().shotFrom(*delivery).strike;
            if (r.gripRatio < 1.2) continue;
            sum += s[Quantity::SpinRate] / r.launch.spinRate_radps();
            ++n;
        }
        ASSERT_GT(n, 10) << truth.player;
        EXPECT_NEAR(sum / n, truth.frictionFactor, 0.05) << truth.player;
    }
}

}  // namespace
}  // namespace wedgeon::demo
