// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Players whose strike follows another law than the model's: what is predicted of them is about as
// good as the better of model and regression, and what is said of it holds.
#include <gtest/gtest.h>

#include <cmath>
#include <cstdio>
#include <functional>
#include <random>

#include "checked.h"
#include "random_cases.h"
#include "wedgeon/batch/batch.h"
#include "wedgeon/tune/tune.h"
#include "wedgeon/unknowns.h"

namespace wedgeon {
namespace {

using test::predictor;

/// What this player's ball does beside the law, at a club speed (m/s) and a spin loft (deg).
struct Law {
    const char* name;
    std::function<double(double speed_mps, double spinLoft_deg)> friction, launch_deg, spin;
};
double none(double, double) {
    return 0.0;
}
const Law ordinary{"the model's own", none, none, none};
const std::array outside{Law{"friction falls with speed",
                             [](double v, double) { return -0.045 * (v - 20); }, none, none},
                         Law{"launch bends with spin loft", none,
                             [](double, double l) { return -1.0 - 0.16 * (l - 48); }, none},
                         Law{"spin swells in the middle", none, none, [](double v, double l) {
                                 return 0.22 * std::exp(-std::pow((l - 50) / 7, 2)) -
                                        0.012 * (v - 20);
                             }}};

class Player {
public:
    Player(unsigned seed, const Law& law) : random_(seed), law_(law) {
        friction_ = normal(unknowns::commonFriction);
        loftBias_ = normal(unknowns::deviceBias_rad);
        attackBias_ = normal(unknowns::deviceBias_rad);
    }
    double normal(double sd) { return sd * normal_(random_); }

    /// Days of 24 shots: two wedges, three swings, two balls.
    std::vector<TuneShot> days(int count) {
        std::vector<TuneShot> out;
        for (int day = 0; day < count; ++day) {
            for (int i = 0; i < 24; ++i)
                out.push_back(shot(day, i));
        }
        return out;
    }

private:
    TuneShot shot(int day, int i) {
        TuneShot s;
        s.session = day;
        s.conditions = test::pitch();
        s.conditions.ball = i % 4 == 3 ? BallKind::Range : BallKind::Soft;
        const bool lob = i % 2 == 1;
        const int swing = i / 2 % 3;
        s.wedge = lob ? "58" : "50";
        s.swing = std::to_string(swing);
        const Delivery d{(11.0 + 6.5 * swing) * (1 + normal(0.03)), radFromDeg(-4 + normal(1.3)),
                         radFromDeg(normal(1.3)), radFromDeg((lob ? 50.0 : 41.0) + normal(1.8)),
                         radFromDeg(normal(1.5))};
        Contact contact = calcContact(s.conditions.ball, s.conditions.face, s.conditions.lie);
        contact.speedKept = 1.0;
        const double l = degFromRad(calcSpinLoft(d));
        contact.friction *= std::exp(friction_ + law_.friction(d.clubSpeed_mps, l));
        StrikeResult hit = calcStrike(d, contact);
        const Launch launch = launchFromAngles(
            hit.launch.speed_mps(),
            hit.launch.angle_rad() + radFromDeg(law_.launch_deg(d.clubSpeed_mps, l)),
            hit.launch.direction_rad(),
            hit.launch.spinRate_radps() * std::exp(law_.spin(d.clubSpeed_mps, l)),
            hit.launch.spinAxis_rad());
        const ShotResult was = predictor(s.conditions).shotFrom(launch);
        s.read = {d.clubSpeed_mps * (1 + normal(unknowns::readSpeed)),
                  d.attack_rad + attackBias_ + normal(unknowns::readAngle_rad),
                  d.path_rad + normal(unknowns::readAngle_rad),
                  d.dynamicLoft_rad + loftBias_ + normal(unknowns::readLoft_rad),
                  d.faceAngle_rad + normal(unknowns::readAngle_rad)};
        s.ballSpeed_mps = launch.speed_mps() * (1 + normal(unknowns::readBallSpeed));
        s.launch_rad = launch.angle_rad() + normal(unknowns::readLaunch_rad);
        s.spin_radps = launch.spinRate_radps() * (1 + normal(unknowns::readSpin));
        s.landing_rad = was.flight.landingAngle_rad() + normal(unknowns::readLanding_rad);
        s.carry_m = was.flight.carry_m * (1 + normal(unknowns::readCarry));
        s.release_m = was.run.release_m + normal(unknowns::readRest_m);
        return s;
    }

    std::mt19937_64 random_;
    std::normal_distribution<double> normal_;
    const Law& law_;
    double friction_ = 0.0, loftBias_ = 0.0, attackBias_ = 0.0;
};

constexpr std::array names{"launch", "spin", "landing", "carry", "release"};

TEST(TuneOutside, PredictionsAreAboutAsGoodAsTheBetterOfModelAndRegression) {
    for (const Law& law : outside) {
        std::array<double, tuneOutcomeCount> tuned{}, plain{}, rival{}, held{};
        const int players = test::times(8, 1);
        for (int p = 0; p < players; ++p) {
            const auto shots = Player(static_cast<unsigned>(p) + 11, law).days(8);
            const PlayerFit fit = fitPlayer(shots);
            ASSERT_FALSE(fit.strike.refused);
            for (std::size_t o = 0; o < tuneOutcomeCount; ++o) {
                tuned[o] += fit.check.lines[o].tuned.mean / players;
                plain[o] += fit.check.lines[o].law.mean / players;
                rival[o] += fit.check.lines[o].rival.mean / players;
                held[o] += fit.check.lines[o].coverage80 / players;
            }
        }
        for (std::size_t o = 0; o < tuneOutcomeCount; ++o) {
            std::printf("%s, %s: %.4f, law alone %.4f, regression %.4f, held %.3f\n", law.name,
                        names[o], tuned[o], plain[o], rival[o], held[o]);
            if (test::checked) continue;
            EXPECT_LE(tuned[o], 1.1 * std::min(plain[o], rival[o])) << law.name << " " << names[o];
            EXPECT_GT(held[o], 0.72) << law.name << " " << names[o];
            EXPECT_LT(held[o], 0.88) << law.name << " " << names[o];
        }
    }
}

/// Of players whom the law fits hardly any is corrected.
TEST(TuneOutside, WhomTheLawFitsIsNotCorrected) {
    int corrected = 0;
    const int players = test::times(30, 2);
    for (int p = 0; p < players; ++p) {
        const PlayerFit fit = fitPlayer(Player(static_cast<unsigned>(p) + 101, ordinary).days(5));
        corrected += fit.strike.tuning.correction ? 1 : 0;
    }
    std::printf("corrected %d of %d\n", corrected, players);
    EXPECT_LE(corrected, 2);
}

/// What is hit next is of a cell that was hit three times and more, named as the player names it;
/// and after many shots enough is known.
TEST(TuneOutside, WhatToHitNextServesPredictions) {
    auto shots = Player(9, ordinary).days(1);
    shots.front().wedge = "once";
    const TuneResult fit = fitStrike(shots);
    const NextShots next = findNextShots(shots, fit);
    ASSERT_FALSE(next.shots.empty());
    EXPECT_FALSE(next.enough);
    double gained = 0.0;
    std::size_t times = 0;
    for (const NextShot& n : next.shots) {
        EXPECT_TRUE(n.wedge == "50" || n.wedge == "58") << n.wedge;
        EXPECT_FALSE(n.swing.empty());
        gained += n.gain;
        times += n.times;
    }
    EXPECT_EQ(times, 10u);
    EXPECT_GT(gained, 0.02);
    EXPECT_LT(gained, 1.0);
    const auto many = Player(9, ordinary).days(40);
    EXPECT_TRUE(findNextShots(many, fitStrike(many)).enough);
    EXPECT_TRUE(findNextShots({}, fitStrike({})).shots.empty());
}

/// Away from the shots it says nothing, and says that it knows nothing.
TEST(TuneOutside, WhereNoShotWasItFadesAndIsWide) {
    const PlayerFit fit = fitPlayer(Player(5, outside[1]).days(8));
    const auto& c = fit.strike.tuning.correction;
    ASSERT_TRUE(c);
    const double middle = std::exp(c->middle[0]), grip = std::exp(c->middle[2]);
    const auto here = c->at(middle, c->middle[1] + 0.5 * c->width[1], grip);
    const auto far = c->at(middle, c->middle[1] + 20 * c->width[1], grip);
    EXPECT_GT(std::abs(here[1]), radFromDeg(0.1));
    EXPECT_NEAR(far[1], 0.0, 1e-6);
    EXPECT_LT(c->deviationAt(middle, c->middle[1], grip)[1], 0.4 * c->deviation[1]);
    EXPECT_NEAR(c->deviationAt(middle, c->middle[1] + 20 * c->width[1], grip)[1], c->deviation[1],
                1e-9);
}

/// The batch, the slopes and the single prediction add the same.
TEST(TuneOutside, WhatIsAddedIsTheSameInEveryPath) {
    const PlayerFit fit = fitPlayer(Player(5, outside[1]).days(8));
    ASSERT_TRUE(fit.strike.tuning.correction);
    PlayerModel player;
    player.tuning = std::make_shared<const Tuning>(fit.tuning());
    const Predictor corrected(player, test::pitch());
    Tuning law = fit.tuning();
    law.strike.correction.reset();
    PlayerModel plain;
    plain.tuning = std::make_shared<const Tuning>(law);
    Recipe recipe;
    recipe.clubSpeed_mps = 17.5;
    recipe.lean_rad = radFromDeg(4);
    const ShotResult shot = corrected.shot(recipe);
    EXPECT_GT(std::abs(shot.strike.launch.angle_rad() -
                       Predictor(plain, test::pitch()).shot(recipe).strike.launch.angle_rad()),
              radFromDeg(0.2));
    ShotBatch batch;
    ASSERT_TRUE(batch.add(recipe, corrected));
    const BatchResult played = calcBatch(batch);
    const Sensitivity slopes = corrected.sensitivity(recipe).value();
    Recipe more = recipe, less = recipe;
    const double step = 1e-4;
    more.lean_rad += step;
    less.lean_rad -= step;
    const ShotResult up = corrected.shot(more), down = corrected.shot(less);
    for (const Outcome o : {Outcome::BallSpeed, Outcome::LaunchAngle, Outcome::SpinRate,
                            Outcome::Carry, Outcome::Release}) {
        const double value = valueOf(shot, o);
        EXPECT_NEAR(played(o, 0), value, 1e-7 * (1 + std::abs(value))) << info(o).key;
        const double slope = (valueOf(up, o) - valueOf(down, o)) / (2 * step);
        EXPECT_NEAR(slopes(o, Dial::Lean), slope, 0.01 * std::abs(slope) + 0.02) << info(o).key;
    }
}

}  // namespace
}  // namespace wedgeon
