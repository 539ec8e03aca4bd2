// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// A club that is read with error: what a fit says it knows has to be earned, however many shots
// there are.
#include <gtest/gtest.h>

#include <array>
#include <cmath>
#include <cstdio>
#include <random>

#include "checked.h"
#include "random_cases.h"
#include "wedgeon/tune/tune.h"

namespace wedgeon {
namespace {

using test::predictor;
using Kind = TuneEstimate::Kind;

/// What a device's readings of the club are off by.
struct Device {
    double speedShare = 0.005, angle_deg = 0.7, loft_deg = 0.8;
};

/// Truths of the priors, swings of a player, readings of a device.
class Lesson {
public:
    explicit Lesson(unsigned seed) : random_(seed) {}

    double normal(double sd) { return sd * normal_(random_); }

    struct Truth {
        double restitution0 = constants::restitution0;
        double loftBias_rad = 0.0, attackBias_rad = 0.0, logFriction = 0.0, tangential = 0.0;
        double slope_spm = constants::tangentialSlope_spm;
    };
    Truth truth() {
        Truth t;
        t.restitution0 += normal(0.02);
        t.loftBias_rad = normal(radFromDeg(1.5));
        t.attackBias_rad = normal(radFromDeg(1.5));
        t.logFriction = normal(0.2);
        t.tangential = normal(0.06);
        t.slope_spm += normal(0.003);
        return t;
    }

    /// Wedge and swing in turn, with an ordinary player's scatter about each.
    TuneShot shot(const Truth& truth, std::size_t i, const Device& device) {
        constexpr std::array lofts{50.0, 54.0, 58.0};
        constexpr std::array speeds{13.0, 18.0, 23.0, 28.0};
        TuneShot s;
        s.conditions = test::pitch();
        s.conditions.wedge.loft_rad = radFromDeg(lofts[i % 3]);
        s.wedge = std::to_string(static_cast<int>(lofts[i % 3]));
        s.swing = std::to_string(i / 3 % 4);
        s.session = static_cast<int>(i / 30);
        const double speed = speeds[i / 3 % 4];
        const Delivery d{speed * (1 + normal(0.025)), radFromDeg(-4) + normal(radFromDeg(1.0)),
                         normal(radFromDeg(1.2)),
                         radFromDeg(lofts[i % 3] - 7) + normal(radFromDeg(1.2)),
                         normal(radFromDeg(1.5))};
        Contact contact = predictor(s.conditions).contact();
        contact.speedKept = 1.0;
        contact.friction *= std::exp(truth.logFriction);
        contact.tangentialRestitution += truth.tangential;
        contact.tangentialSlope_spm = truth.slope_spm;
        const Launch launch = calcStrike(d, contact, {.restitution0 = truth.restitution0}).launch;
        s.ballSpeed_mps = launch.speed_mps() * (1 + normal(0.004));
        s.launch_rad = launch.angle_rad() + normal(radFromDeg(0.3));
        s.spin_radps = launch.spinRate_radps() * (1 + normal(0.015));
        const double angle = radFromDeg(device.angle_deg);
        s.read = {d.clubSpeed_mps * (1 + normal(device.speedShare)),
                  d.attack_rad + truth.attackBias_rad + normal(angle), d.path_rad + normal(angle),
                  d.dynamicLoft_rad + truth.loftBias_rad + normal(radFromDeg(device.loft_deg)),
                  d.faceAngle_rad + normal(angle)};
        return s;
    }
    std::vector<TuneShot> shots(const Truth& truth, std::size_t n, const Device& device) {
        std::vector<TuneShot> out;
        for (std::size_t i = 0; i < n; ++i)
            out.push_back(shot(truth, i, device));
        return out;
    }

private:
    std::mt19937_64 random_;
    std::normal_distribution<double> normal_;
};

constexpr std::array names{"e_b", "friction", "restitution", "loft bias", "attack bias"};
using Held = std::array<int, names.size()>;

Held heldOf(unsigned seed, std::size_t shots, int repetitions, const Device& device) {
    Lesson lesson(seed);
    Held held{};
    for (int r = 0; r < repetitions; ++r) {
        const Lesson::Truth truth = lesson.truth();
        TuneOptions alone;
        alone.threads = 1;
        const TuneResult fit = fitStrike(lesson.shots(truth, shots, device), alone);
        EXPECT_FALSE(fit.refused);
        for (const TuneEstimate& e : fit.estimates) {
            const auto count = [&](std::size_t k, double value) {
                held[k] += value >= e.low80 && value <= e.high80 ? 1 : 0;
            };
            if (e.kind == Kind::TangentialRestitution)
                count(0, ballTraits(BallKind::Soft).tangentialRestitution + truth.tangential);
            if (e.kind == Kind::Friction)
                count(1, predictor(test::pitch()).contact().friction * std::exp(truth.logFriction));
            if (e.kind == Kind::Restitution0) count(2, truth.restitution0);
            if (e.kind == Kind::LoftBias) count(3, truth.loftBias_rad);
            if (e.kind == Kind::AttackBias) count(4, truth.attackBias_rad);
        }
    }
    return held;
}

constexpr int usual = test::times(100, 3);
constexpr int slack = test::checked ? 3 : 0;
/// WEDGEON_REPETITIONS asks for more of them.
const int repetitions = test::repetitions(usual);

void expectHeld(const Held& held) {
    for (std::size_t k = 0; k < held.size(); ++k) {
        testing::Test::RecordProperty(std::string(names[k]), held[k]);
        if (repetitions != usual) std::printf("%s %d of %d\n", names[k], held[k], repetitions);
        EXPECT_GE(held[k], repetitions * 72 / 100 - slack) << names[k];
        EXPECT_LE(held[k], repetitions * 88 / 100 + slack) << names[k];
    }
}

TEST(TuneErrors, IntervalsOfSixtyShotsHoldTheTruth) {
    expectHeld(heldOf(101, 60, repetitions, {}));
}

TEST(TuneErrors, IntervalsOfTwoHundredAndFortyShotsHoldTheTruth) {
    expectHeld(heldOf(102, 240, repetitions, {}));
}

TEST(TuneErrors, IntervalsOfSixHundredShotsHoldTheTruth) {
    expectHeld(heldOf(104, 600, repetitions, {}));
}

}  // namespace
}  // namespace wedgeon
