// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Groups: exact sums, single shots as a limit, intervals that hold what they promise.
#include "wedgeon/explain/groups.h"

#include <gtest/gtest.h>

#include <cmath>
#include <random>

#include "random_cases.h"
#include "wedgeon/error.h"

namespace wedgeon {
namespace {

using test::predictor;
/// A player's swings about one intention.
class Player {
public:
    explicit Player(unsigned seed) : random_(seed) {}
    ShotCauses shot(double speed_mps, double loft_deg) {
        const test::Scene scene = test::pitch();
        const Predictor p = predictor(scene);
        const Delivery d{speed_mps * (1 + 0.03 * normal_(random_)),
                         radFromDeg(-5 + normal_(random_)), radFromDeg(normal_(random_)),
                         radFromDeg(loft_deg + 1.2 * normal_(random_)),
                         radFromDeg(normal_(random_))};
        return p.causes(p.shotFrom(d));
    }
    std::vector<ShotCauses> shots(std::size_t n, double speed_mps, double loft_deg) {
        std::vector<ShotCauses> out;
        for (std::size_t i = 0; i < n; ++i)
            out.push_back(shot(speed_mps, loft_deg));
        return out;
    }

private:
    std::mt19937_64 random_;
    std::normal_distribution<double> normal_;
};

double meanOf(const std::vector<ShotCauses>& shots, Outcome o) {
    double sum = 0.0;
    for (const ShotCauses& c : shots)
        sum += valueOf(calcShotWith(c.delivery, c.contact, c.surroundings), o);
    return sum / static_cast<double>(shots.size());
}

TEST(ExplainGroups, SharesAddUpToTheDifferenceOfTheMeans) {
    Player player(1);
    const auto a = player.shots(7, 18, 46);
    const auto b = player.shots(12, 19, 50);
    const GroupExplanation e = explainGroups(a, b);
    EXPECT_EQ(e.pairs, 4u * (7 + 12 - 1));
    for (const Outcome o : {Outcome::Carry, Outcome::SpinRate, Outcome::Release}) {
        const auto i = static_cast<std::size_t>(o);
        EXPECT_NEAR(e.mean.from[i], meanOf(a, o), 1e-9 * std::abs(e.mean.from[i]));
        EXPECT_NEAR(e.mean.to[i], meanOf(b, o), 1e-9 * std::abs(e.mean.to[i]));
        double sum = 0.0;
        for (const double s : e.mean.share[i])
            sum += s;
        EXPECT_NEAR(sum, e.mean.to[i] - e.mean.from[i], 1e-9 * std::abs(e.mean.from[i]));
    }
}

TEST(ExplainGroups, EqualShotsInEachGroupAreTwoShots) {
    Player player(2);
    const ShotCauses one = player.shot(18, 46);
    const ShotCauses other = player.shot(21, 51);
    const Explanation single = explain(one, other);
    const GroupExplanation group = explainGroups(std::vector(3, one), std::vector(5, other));
    for (std::size_t o = 0; o < outcomeCount; ++o) {
        for (std::size_t c = 0; c < causeCount; ++c) {
            EXPECT_NEAR(group.mean.share[o][c], single.share[o][c],
                        1e-9 * (1 + std::abs(single.share[o][c])));
            EXPECT_NEAR(group.half[o][c], 0.0, 1e-5 * (1 + std::abs(single.share[o][c])));
        }
    }
}

TEST(ExplainGroups, IntervalsHoldTheTruthAsOftenAsTheySay) {
    Player many(3);
    GroupOptions thorough;
    thorough.mostShots = 600;
    const GroupExplanation truth =
        explainGroups(many.shots(600, 18, 46), many.shots(600, 18.6, 49), thorough);
    constexpr int repetitions = 60;
    const std::array asked{std::pair{Outcome::Release, Cause::SpinLoft},
                           std::pair{Outcome::SpinRate, Cause::Speed},
                           std::pair{Outcome::LandingAngle, Cause::SpinLoft}};
    std::array<int, asked.size()> held{};
    Player player(4);
    GroupOptions options;
    options.rounds = 3;
    for (int r = 0; r < repetitions; ++r) {
        options.seed = static_cast<std::uint64_t>(r);
        const auto e = explainGroups(player.shots(6, 18, 46), player.shots(8, 18.6, 49), options);
        for (std::size_t k = 0; k < asked.size(); ++k) {
            const auto o = static_cast<std::size_t>(asked[k].first);
            const auto c = static_cast<std::size_t>(asked[k].second);
            held[k] += std::abs(e.mean.share[o][c] - truth.mean.share[o][c]) <= e.half[o][c];
        }
    }
    for (const int h : held) {
        // 80 %, give or take three deviations of a count of 60, on a cautious factor t.
        EXPECT_GT(h, 0.64 * repetitions);
        EXPECT_LT(h, 0.96 * repetitions);
    }
}

TEST(ExplainGroups, TheSameOnAnyNumberOfThreads) {
    Player player(5);
    const auto a = player.shots(5, 18, 46);
    const auto b = player.shots(4, 20, 46);
    GroupOptions one;
    one.threads = 1;
    GroupOptions three;
    three.threads = 3;
    const auto x = explainGroups(a, b, one);
    const auto y = explainGroups(a, b, three);
    EXPECT_EQ(x.mean.share, y.mean.share);
    EXPECT_EQ(x.half, y.half);
}

TEST(ExplainGroups, TooFewShotsAreRefused) {
    Player player(6);
    EXPECT_THROW(explainGroups({}, player.shots(5, 18, 46)), RangeError);
    GroupOptions options;
    options.rounds = 1;
    EXPECT_THROW(explainGroups(player.shots(3, 18, 46), player.shots(5, 18, 46), options),
                 RangeError);
    EXPECT_FALSE(std::isfinite(findMeanHalf80(1.0, 1)));
    EXPECT_NEAR(findMeanHalf80(1.0, 1'000'000), 1.2816 / 1000, 1e-6);
}

}  // namespace
}  // namespace wedgeon
