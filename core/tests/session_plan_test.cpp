// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Plans of sessions.
#include "wedgeon/train/session_plan.h"

#include <gtest/gtest.h>

#include <functional>
#include <limits>
#include <random>

#include "wedgeon/error.h"

namespace wedgeon {
namespace {

double worthOf(const std::vector<PlanChoice>& choices, const std::vector<std::size_t>& session) {
    double worth = 0.0;
    for (const std::size_t i : session)
        worth += choices[i].weakness * choices[i].matters;
    return worth;
}

TEST(SessionPlan, TheFirstSessionIsTheBestThatFits) {
    std::mt19937_64 chance(3);
    std::uniform_real_distribution<double> share(0.0, 1.0);
    for (int round = 0; round < 200; ++round) {
        std::vector<PlanChoice> choices(2 + chance() % 7);
        for (PlanChoice& c : choices)
            c = {5 + 15 * share(chance), 30 * share(chance), share(chance), 3 * share(chance)};
        PlanLimits limits;
        limits.sessions = 1;
        limits.minutes = 10 + 40 * share(chance);
        limits.effort = 60 * share(chance);
        const auto plan = planSessions(choices, limits);
        ASSERT_EQ(plan.size(), 1u);
        double minutes = 0.0, effort = 0.0;
        for (const std::size_t i : plan[0]) {
            minutes += choices[i].minutes;
            effort += choices[i].effort;
        }
        EXPECT_LE(minutes, limits.minutes);
        EXPECT_LE(effort, limits.effort);
        // By taking or leaving one after the other.
        const std::function<double(std::size_t, double, double)> best =
            [&](std::size_t i, double time, double strength) -> double {
            if (i == choices.size()) return 0.0;
            double most = best(i + 1, time, strength);
            if (choices[i].minutes <= time && choices[i].effort <= strength)
                most = std::max(
                    most, choices[i].weakness * choices[i].matters +
                              best(i + 1, time - choices[i].minutes, strength - choices[i].effort));
            return most;
        };
        EXPECT_NEAR(worthOf(choices, plan[0]), best(0, limits.minutes, limits.effort), 1e-9);
    }
}

TEST(SessionPlan, ThePlanGoesRoundAndLeavesOutWhatDoesNotMatter) {
    const std::vector<PlanChoice> choices{
        {20, 0, 0.6, 1}, {20, 0, 0.5, 1}, {20, 0, 0.4, 1}, {5, 0, 0.9, 0}};
    PlanLimits limits;
    limits.minutes = 22;
    limits.sessions = 6;
    const auto plan = planSessions(choices, limits);
    std::vector<int> times(4, 0);
    for (const auto& session : plan) {
        ASSERT_EQ(session.size(), 1u);
        ++times[session[0]];
    }
    EXPECT_EQ(plan[0][0], 0u);
    EXPECT_EQ(plan[1][0], 1u);
    EXPECT_GE(times[0], times[2]);
    EXPECT_GE(times[2], 1);
    EXPECT_EQ(times[3], 0);
    EXPECT_TRUE(planSessions({}, limits)[0].empty());
}

TEST(SessionPlan, WhatIsNoPlanIsRefused) {
    PlanLimits limits;
    const auto refused = [&](const PlanChoice& c) {
        EXPECT_THROW(planSessions(std::vector{c}, limits), RangeError);
    };
    refused({0, 0, 0.5, 1});
    refused({10, -1, 0.5, 1});
    refused({10, 0, 1.5, 1});
    refused({10, 0, 0.5, 4});
    refused({10, 0, std::numeric_limits<double>::quiet_NaN(), 1});
    EXPECT_THROW(planSessions(std::vector<PlanChoice>(17), limits), RangeError);
    limits.sessions = 0;
    EXPECT_THROW(planSessions({}, limits), RangeError);
}

}  // namespace
}  // namespace wedgeon
