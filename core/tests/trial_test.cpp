// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Trials of made-up players, looked at after every shot.
#include "wedgeon/train/trial.h"

#include <gtest/gtest.h>

#include <algorithm>
#include <cmath>
#include <cstdio>
#include <random>

#include "wedgeon/error.h"

namespace wedgeon {
namespace {

constexpr int trials = 1000;

TrialDesign design(double matters, double sd) {
    TrialDesign out;
    out.matters = matters;
    out.expectedSd = sd;
    return out;
}

/// Three standard errors of a share of \p rate among the trials.
double slack(double rate) {
    return 3.0 * std::sqrt(rate * (1.0 - rate) / trials);
}

/// The share of trials in which \p found is true after some shot up to \p most; B differs by
/// \p apart.
template <class Found>
double shareFound(double apart, double sd, std::size_t most, const Found& found) {
    int count = 0;
    for (int i = 0; i < trials; ++i) {
        std::mt19937_64 chance(static_cast<std::uint64_t>(1000 + i));
        std::normal_distribution<double> scatter(40.0, sd);
        std::vector<TrialValue> values;
        for (const Arm arm : findArms(static_cast<std::uint64_t>(i), most)) {
            values.push_back({arm, scatter(chance) + (arm == Arm::B ? apart : 0.0)});
            if (found(values)) {
                ++count;
                break;
            }
        }
    }
    return static_cast<double>(count) / trials;
}

TEST(Trial, ArmsComeInBlocksOfFourByChance) {
    const auto arms = findArms(41, 400);
    ASSERT_EQ(arms.size(), 400u);
    int first = 0;
    for (std::size_t i = 0; i < arms.size(); i += 4) {
        EXPECT_EQ(std::count(arms.begin() + static_cast<std::ptrdiff_t>(i),
                             arms.begin() + static_cast<std::ptrdiff_t>(i) + 4, Arm::A),
                  2);
        first += arms[i] == Arm::A ? 1 : 0;
    }
    EXPECT_GT(first, 30);
    EXPECT_LT(first, 70);
    // More of the same go on where fewer ended.
    const auto fewer = findArms(41, 7);
    EXPECT_TRUE(std::equal(fewer.begin(), fewer.end(), arms.begin()));
    EXPECT_NE(findArms(42, 400), arms);
}

TEST(Trial, EqualWaysAreSaidToDifferNoMoreOftenThanStated) {
    // Looked at after every shot, with a deviation that was expected rightly, and wrongly.
    for (const double expected : {2.0, 5.0}) {
        const TrialDesign d = design(1.5, expected);
        const double wrong = shareFound(0.0, 2.0, 120, [&](const auto& values) {
            return findAnswer(readTrial(values, d), d).verdict == TrialVerdict::Difference;
        });
        std::printf("expected deviation %.0f: %.1f of 100 equal trials said to differ\n", expected,
                    100 * wrong);
        EXPECT_LE(wrong, d.errorRate + slack(d.errorRate)) << expected;
    }
}

TEST(Trial, ADifferenceThatMattersIsFoundByTheShotsNeeded) {
    for (const double sd : {1.0, 2.0, 3.0}) {
        TrialDesign d = design(2.0, sd);
        const auto needed = findShotsNeeded(d);
        ASSERT_TRUE(needed) << sd;
        const double found = shareFound(d.matters, sd, *needed, [&](const auto& values) {
            return findAnswer(readTrial(values, d), d).verdict == TrialVerdict::Difference;
        });
        std::printf("deviation %.0f: %zu shots needed, %.1f of 100 found\n", sd, *needed,
                    100 * found);
        EXPECT_GE(found, d.power - slack(d.power)) << sd << ": " << *needed;
        // Not by many shots more than it takes, either: at the shots needed alone it is the power.
        const double there = shareFound(d.matters, sd, *needed, [&](const auto& values) {
            return values.size() == *needed &&
                   findAnswer(readTrial(values, d), d).verdict == TrialVerdict::Difference;
        });
        EXPECT_NEAR(there, d.power, 0.06 + slack(d.power)) << sd << ": " << *needed;
    }
}

TEST(Trial, TheIntervalHoldsTheTruthAtEveryShotAtOnce) {
    const TrialDesign d = design(1.5, 2.0);
    const double left = shareFound(3.0, 2.0, 80, [&](const auto& values) {
        const TrialReading r = readTrial(values, d);
        return r.low > 3.0 || r.high < 3.0;
    });
    EXPECT_LE(left, d.errorRate + slack(d.errorRate));
}

TEST(Trial, NoDifferenceThatMattersIsSaidAndRarelyOfOneThatDoes) {
    const TrialDesign d = design(2.0, 2.0);
    const auto none = [&](const auto& values) {
        return findAnswer(readTrial(values, d), d).verdict == TrialVerdict::NoDifference;
    };
    EXPECT_GE(shareFound(0.0, 2.0, 120, none), 0.95);
    EXPECT_LE(shareFound(2.0, 2.0, 120, none), d.errorRate + slack(d.errorRate));
}

TEST(Trial, ADifferenceThatIsSurelyTooSmallIsNoneThatMatters) {
    const TrialDesign d = design(2.0, 2.0);
    TrialReading r;
    const auto verdict = [&](double low, double high) {
        r.low = low;
        r.high = high;
        return findAnswer(r, d).verdict;
    };
    EXPECT_EQ(verdict(0.2, 1.8), TrialVerdict::NoDifference);
    EXPECT_EQ(verdict(0.2, 2.2), TrialVerdict::Difference);
    EXPECT_EQ(verdict(-0.2, 2.2), TrialVerdict::CannotTell);
    EXPECT_FALSE(findAnswer(r, d).surelyMatters);
    EXPECT_EQ(verdict(-5.0, -2.1), TrialVerdict::Difference);
    EXPECT_TRUE(findAnswer(r, d).surelyMatters);
}

TEST(Trial, MoreShotsAreAskedForUntilItCanBeTold) {
    const TrialDesign d = design(2.0, 2.0);
    std::vector<TrialValue> values;
    EXPECT_TRUE(findAnswer(readTrial(values, d), d).more);
    // Shots that scatter alike all the time: the number that is said is the number that it takes.
    const auto arms = findArms(3, 400);
    const auto at = [&](std::size_t i) {
        const auto before =
            std::count(arms.begin(), arms.begin() + static_cast<std::ptrdiff_t>(i), arms[i]);
        return TrialValue{arms[i],
                          (before % 2 == 0 ? 2.0 : -2.0) + (arms[i] == Arm::B ? 1.4 : 0.0)};
    };
    for (std::size_t i = 0; i < 16; ++i)
        values.push_back(at(i));
    const TrialAnswer before = findAnswer(readTrial(values, d), d);
    ASSERT_EQ(before.verdict, TrialVerdict::CannotTell);
    ASSERT_TRUE(before.more);
    std::size_t took = 0;
    while (findAnswer(readTrial(values, d), d).verdict == TrialVerdict::CannotTell) {
        values.push_back(at(values.size()));
        ++took;
    }
    EXPECT_NEAR(static_cast<double>(took), static_cast<double>(*before.more),
                4.0 + 0.2 * static_cast<double>(took));
    // What cannot be told with hundreds is not promised.
    EXPECT_FALSE(findShotsNeeded(design(0.1, 5.0)));
}

TEST(Trial, ScatterAndStrikesDoNotCheatEither) {
    const TrialDesign d = design(1.0, 2.0);
    int scatter = 0, strikes = 0, found = 0;
    for (int i = 0; i < trials; ++i) {
        std::mt19937_64 chance(static_cast<std::uint64_t>(i));
        std::normal_distribution<double> normal(30.0, 2.0);
        std::bernoulli_distribution clean(0.8), often(0.95), seldom(0.4);
        std::vector<TrialValue> values;
        std::vector<StrikeShot> shots, other;
        bool scatterDiffers = false;
        for (const Arm arm : findArms(static_cast<std::uint64_t>(i), 80)) {
            values.push_back({arm, normal(chance)});
            shots.push_back({arm, clean(chance)});
            other.push_back({arm, arm == Arm::A ? often(chance) : seldom(chance)});
            const ScatterReading s = readScatter(values, d);
            scatterDiffers = scatterDiffers || s.low > 1.0 || s.high < 1.0;
        }
        scatter += scatterDiffers ? 1 : 0;
        strikes += readStrikes(shots, d).differ ? 1 : 0;
        found += readStrikes(other, d).differ ? 1 : 0;
    }
    EXPECT_LE(static_cast<double>(scatter) / trials, d.errorRate + slack(d.errorRate));
    EXPECT_LE(static_cast<double>(strikes) / trials, d.errorRate + slack(d.errorRate));
    EXPECT_GE(static_cast<double>(found) / trials, 0.9);
    const StrikeReading counted =
        readStrikes(std::vector<StrikeShot>{{Arm::A, true}, {Arm::B, false}, {Arm::A, true}}, d);
    EXPECT_EQ(counted.cleanA, 2u);
    EXPECT_EQ(counted.shotsB, 1u);
    EXPECT_EQ(counted.cleanB, 0u);
}

TEST(Trial, WhatIsNoTrialIsRefused) {
    const double nan = std::numeric_limits<double>::quiet_NaN();
    EXPECT_THROW(readTrial({}, design(0.0, 1.0)), RangeError);
    EXPECT_THROW(readTrial({}, design(nan, 1.0)), RangeError);
    EXPECT_THROW(readTrial({}, design(1.0, 1000.0)), RangeError);
    EXPECT_THROW(readTrial(std::vector<TrialValue>{{Arm::A, nan}}, design(1.0, 1.0)), RangeError);
    TrialDesign d = design(1.0, 1.0);
    d.errorRate = 0.0;
    EXPECT_THROW(findShotsNeeded(d), RangeError);
    // Equal values: no deviation, and no claim.
    const std::vector<TrialValue> same{{Arm::A, 3}, {Arm::B, 4}, {Arm::A, 3}, {Arm::B, 4}};
    EXPECT_EQ(findAnswer(readTrial(same, design(1.0, 1.0)), design(1.0, 1.0)).verdict,
              TrialVerdict::CannotTell);
}

}  // namespace
}  // namespace wedgeon
