// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Comparing what was measured: like with like, and intervals that hold.
#include "wedgeon/explain/compare.h"

#include <gtest/gtest.h>

#include <cmath>
#include <cstdio>
#include <random>

#include "checked.h"
#include "random_cases.h"
#include "wedgeon/unknowns.h"

namespace wedgeon {
namespace {

using test::predictor;

constexpr std::array asked{Outcome::LandingAngle, Outcome::SpinRate, Outcome::Release};

/// A player with a friction that the model does not know, read by a device.
class Player {
public:
    explicit Player(unsigned seed) : random_(seed) {}
    double normal() { return normal_(random_); }
    double uniform() { return uniform_(random_); }

    /// \p friction: on the model's. With the truth in \p played.
    ComparedShot shot(double speed_mps, double loft_deg, double friction = 1.0) {
        const Predictor p = predictor(test::pitch());
        const Delivery d{speed_mps * (1 + 0.03 * normal()), radFromDeg(-5 + normal()),
                         radFromDeg(normal()), radFromDeg(loft_deg + 1.2 * normal()),
                         radFromDeg(normal())};
        Contact contact = p.contact();
        contact.friction *= friction;
        const ShotResult was = calcShotWith(d, contact, p.surroundings());
        Delivery read = d;
        read.clubSpeed_mps *= 1 + unknowns::readSpeed * normal();
        read.attack_rad += unknowns::readAngle_rad * normal();
        read.path_rad += unknowns::readAngle_rad * normal();
        read.faceAngle_rad += unknowns::readAngle_rad * normal();
        read.dynamicLoft_rad += unknowns::readLoft_rad * normal();
        ComparedShot out;
        out.causes = p.causes(p.shotFrom(read));
        for (const Outcome o : asked) {
            const double value = valueOf(was, o);
            out.read[static_cast<std::size_t>(o)] = value + readDeviation(o, value) * normal();
        }
        const ShotResult asTheModelHasIt = calcShotWith(d, p.contact(), p.surroundings());
        for (std::size_t k = 0; k < asked.size(); ++k)
            unknown[k] = valueOf(was, asked[k]) - valueOf(asTheModelHasIt, asked[k]);
        return out;
    }
    /// Of \p n shots every reading is missing with the chance \p missing, at random.
    std::vector<ComparedShot> shots(std::size_t n, double speed_mps, double loft_deg,
                                    double friction, double missing) {
        std::vector<ComparedShot> out;
        for (std::size_t i = 0; i < n; ++i) {
            out.push_back(shot(speed_mps, loft_deg, friction));
            for (auto& r : out.back().read) {
                if (uniform() < missing) r.reset();
            }
            if (uniform() < missing) out.back().causes.reset();
        }
        return out;
    }
    std::array<double, asked.size()> unknown{};  ///< to the model, of the last shot

private:
    std::mt19937_64 random_;
    std::normal_distribution<double> normal_;
    std::uniform_real_distribution<double> uniform_;
};

const OutcomeDifference* find(const std::vector<OutcomeDifference>& all, Outcome o) {
    for (const auto& d : all) {
        if (d.outcome == o) return &d;
    }
    return nullptr;
}

TEST(Compare, BarsSharesAndRestAreOfTheSameShots) {
    Player player(1);
    const auto a = player.shots(14, 18, 46, 0.8, 0.3);
    const auto b = player.shots(11, 19, 49, 0.8, 0.3);
    const auto all = compareShots(a, b, asked);
    ASSERT_EQ(all.size(), asked.size());
    for (const OutcomeDifference& d : all) {
        const auto o = static_cast<std::size_t>(d.outcome);
        std::size_t used = 0;
        double from = 0.0;
        for (const ComparedShot& s : a) {
            if (!s.read[o] || !s.causes) continue;
            ++used;
            from += *s.read[o];
        }
        EXPECT_TRUE(d.measured);
        EXPECT_EQ(d.usedA, used);
        EXPECT_EQ(d.leftOut, a.size() + b.size() - d.usedA - d.usedB);
        EXPECT_NEAR(d.from, from / static_cast<double>(used), 1e-9 * std::abs(d.from));
        ASSERT_TRUE(d.shares);
        double sum = d.shares->rest;
        for (const double s : d.shares->share)
            sum += s;
        EXPECT_NEAR(sum, d.difference(), 1e-9 * (1 + std::abs(d.from)));
    }
}

TEST(Compare, WithoutAClubReadingsAreComparedAndWithoutReadingsPredictions) {
    Player player(2);
    auto a = player.shots(5, 18, 46, 1.0, 0.0);
    auto b = player.shots(6, 19, 46, 1.0, 0.0);
    for (auto& s : a)
        s.causes.reset();
    const auto read = compareShots(a, b, asked);
    ASSERT_EQ(read.size(), asked.size());
    EXPECT_TRUE(read[0].measured);
    EXPECT_FALSE(read[0].shares);
    EXPECT_EQ(read[0].usedA, 5u);
    a = player.shots(5, 18, 46, 1.0, 0.0);
    for (auto& s : a)
        s.read = {};
    const auto predicted = compareShots(a, b, asked);
    ASSERT_EQ(predicted.size(), asked.size());
    EXPECT_FALSE(predicted[0].measured);
    ASSERT_TRUE(predicted[0].shares);
    EXPECT_EQ(predicted[0].shares->rest, 0.0);
    for (auto& s : a)
        s.causes.reset();
    EXPECT_TRUE(compareShots(a, b, asked).empty());
    EXPECT_TRUE(compareShots({}, b, asked).empty());
}

/// Friction that the model does not know of in B: the rest holds what it makes, also with a third
/// of the readings missing, of a single pair, and of one shot beside a group.
TEST(Compare, TheRestHoldsAsOftenAsItSays) {
    struct Case {
        const char* name;
        std::size_t a, b;
        double missing;
    };
    for (const Case& c : {Case{"30 of 100 missing", 14, 14, 0.3}, Case{"small groups", 4, 6, 0.0},
                          Case{"a pair", 1, 1, 0.0}, Case{"one beside ten", 1, 10, 0.0}}) {
        Player player(static_cast<unsigned>(c.a * 100 + c.b));
        const int repetitions = test::times(300, 6);
        std::array<int, asked.size()> held{}, told{};
        // What friction makes on the average, from many.
        std::array<double, asked.size()> average{};
        Player many(99);
        constexpr int shots = 600;
        for (int i = 0; i < shots; ++i) {
            many.shot(18.6, 49, 0.7);
            for (std::size_t k = 0; k < asked.size(); ++k)
                average[k] += many.unknown[k] / shots;
        }
        GroupOptions options;
        options.rounds = 2;
        for (int r = 0; r < repetitions; ++r) {
            const auto a = player.shots(c.a, 18, 46, 1.0, c.missing);
            const auto b = player.shots(c.b, 18.6, 49, 0.7, c.missing);
            const auto& rest = c.b == 1 ? player.unknown : average;
            const auto all = compareShots(a, b, asked, options);
            for (std::size_t k = 0; k < asked.size(); ++k) {
                const OutcomeDifference* d = find(all, asked[k]);
                if (!d || !d->shares) continue;
                ++told[k];
                held[k] += std::abs(d->shares->rest - rest[k]) <= d->shares->halfRest;
            }
        }
        for (std::size_t k = 0; k < asked.size(); ++k) {
            const double share = static_cast<double>(held[k]) / told[k];
            std::printf("%s, %s: rest held %.3f of %d\n", c.name,
                        std::string(info(asked[k]).key).c_str(), share, told[k]);
            if (test::checked) continue;
            EXPECT_GT(share, 0.73) << c.name << " " << info(asked[k]).key;
            EXPECT_LT(share, 0.92) << c.name << " " << info(asked[k]).key;
        }
    }
}

/// The device alone made the difference: the interval of two shots holds nothing in eighty of a
/// hundred, and so does that of one beside ten.
TEST(Compare, ASinglePairsDifferenceHasTheDevicesNoise) {
    Player player(7);
    std::array<int, asked.size()> held{};
    const int repetitions = test::times(400, 6);
    for (int r = 0; r < repetitions; ++r) {
        const auto one = player.shots(1, 18, 46, 1.0, 0.0);
        auto a = one, b = one;
        for (const Outcome o : asked) {
            const auto i = static_cast<std::size_t>(o);
            const double value = *one[0].read[i];
            a[0].read[i] = value + readDeviation(o, value) * player.normal();
            b[0].read[i] = value + readDeviation(o, value) * player.normal();
        }
        const auto all = compareShots(a, b, asked);
        for (std::size_t k = 0; k < asked.size(); ++k) {
            const OutcomeDifference* d = find(all, asked[k]);
            held[k] += std::abs(d->difference()) <= d->halfDifference;
        }
    }
    for (const int h : held) {
        if (test::checked) continue;
        EXPECT_GT(h, 0.74 * repetitions);
        EXPECT_LT(h, 0.86 * repetitions);
    }
}

TEST(Compare, SameAndClearAreSaidOfWholeIntervals) {
    OutcomeDifference d;
    d.from = 1.0;
    d.to = -0.2;
    d.halfDifference = 2.1;
    EXPECT_FALSE(d.isClear());
    EXPECT_FALSE(d.isSame(1.0)) << "-1.2 +- 2.1 tells neither";
    d.halfDifference = 0.5;
    EXPECT_TRUE(d.isClear());
    d.to = 1.3;
    d.halfDifference = 0.4;
    EXPECT_TRUE(d.isSame(1.0));
}

}  // namespace
}  // namespace wedgeon
