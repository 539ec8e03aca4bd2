// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// The chain: mirror, the coach's rules of thumb, words and spread.
#include "wedgeon/shot/shot.h"

#include <gtest/gtest.h>

#include "random_cases.h"
#include "wedgeon/error.h"
#include "wedgeon/shot/spread.h"

namespace wedgeon {
namespace {

using test::predictor;
using test::Scene;
TEST(Shot, ALeftHandersShotIsTheMirrorOfARightHanders) {
    test::RandomCases random(14);
    for (int i = 0; i < 200; ++i) {
        const Recipe recipe = random.recipe();
        Scene g = random.scene();
        const ShotResult right = predictor(g).shot(recipe);
        g.hand = Hand::Left;
        g.air.windRight_mps = -g.air.windRight_mps;
        g.ground.slopeAcross = -g.ground.slopeAcross;
        const ShotResult left = predictor(g).shot(recipe);
        EXPECT_NEAR(right.flight.carry_m, left.flight.carry_m, 1e-9);
        EXPECT_NEAR(right.flight.side_m, -left.flight.side_m, 1e-9);
        EXPECT_NEAR(right.run.release_m, left.run.release_m, 1e-8);
        EXPECT_NEAR(right.strike.launch.direction_rad(), -left.strike.launch.direction_rad(),
                    1e-12);
        EXPECT_NEAR(right.strike.launch.spinAxis_rad(), -left.strike.launch.spinAxis_rad(), 1e-9);
    }
}

TEST(Shot, ASetUpAndItsOwnDeliveryGiveTheSameBall) {
    test::RandomCases random(15);
    for (int i = 0; i < 100; ++i) {
        const Scene g = random.scene();
        const ShotResult a = predictor(g).shot(random.recipe());
        // A launch monitor sees the speed that the lie has left.
        Delivery measured = a.swing.delivery;
        measured.clubSpeed_mps *= a.contact.speedKept;
        const ShotResult b = predictor(g).shotFrom(measured);
        EXPECT_NEAR(a.flight.carry_m, b.flight.carry_m, 1e-9);
        EXPECT_NEAR(a.run.release_m, b.run.release_m, 1e-6);
    }
}

TEST(Shot, AHighChipCarriesMostOfItsWayAndALowOneAboutHalf) {
    Recipe high;
    high.open_rad = radFromDeg(15);
    high.ballForward_m = 0.5 * constants::ballWidth_m;
    high.clubSpeed_mps = 12;
    Scene lob = test::pitch();
    lob.wedge.loft_rad = radFromDeg(58);
    const ShotResult up = predictor(lob).shot(high);
    EXPECT_GT(up.flight.carry_m / up.total_m(), 0.72);

    Recipe low;
    low.lean_rad = radFromDeg(8);
    low.ballForward_m = -1.0 * constants::ballWidth_m;
    low.clubSpeed_mps = 6.5;
    Scene running = test::pitch();
    running.wedge.loft_rad = radFromDeg(46);
    const ShotResult down = predictor(running).shot(low);
    EXPECT_GT(down.flight.carry_m / down.total_m(), 0.3);
    EXPECT_LT(down.flight.carry_m / down.total_m(), 0.65);
}

TEST(Shot, ADullerFaceSpinsLessAndReleasesMore) {
    Scene g = test::pitch();
    Recipe s;
    s.clubSpeed_mps = 24;
    const ShotResult fresh = predictor(g).shot(s);
    g.face = FaceCondition::WornWet;
    const ShotResult wet = predictor(g).shot(s);
    EXPECT_LT(wet.strike.launch.spinRate_radps(), fresh.strike.launch.spinRate_radps());
    EXPECT_GT(wet.run.release_m, fresh.run.release_m);
    EXPECT_TRUE(wet.strike.limitedByFriction());
}

TEST(Shot, WordsFollowTheirThresholds) {
    GroundResult run;
    run.contacts = 2;
    run.bounces[0].velocityBefore_mps = {10, -8, 0};
    run.bounces[0].velocityAfter_mps = {6, 3, 0};
    run.bounces[1].velocityBefore_mps = {6, -3, 0};
    run.bounces[1].velocityAfter_mps = {1.5, 0.5, 0};
    run.release_m = 4;
    run.roll_m = 1.5;
    EXPECT_EQ(findBehaviour(40, run).behaviour, Behaviour::ChecksTrickles);
    EXPECT_EQ(findBehaviour(40, run).bitingBounce, 2);
    run.roll_m = 0.3;
    EXPECT_EQ(findBehaviour(40, run).behaviour, Behaviour::BitesAndStays);
    run.bounces[1].velocityAfter_mps = {4, 0.5, 0};
    EXPECT_EQ(findBehaviour(40, run).behaviour, Behaviour::Releases);
    EXPECT_EQ(findBehaviour(3, run).behaviour, Behaviour::MostlyRuns);
    run.release_m = 0.4;
    EXPECT_EQ(findBehaviour(40, run).behaviour, Behaviour::DropsDead);
    run.release_m = -0.29;
    EXPECT_EQ(findBehaviour(40, run).behaviour, Behaviour::DropsDead);
    run.release_m = -0.31;
    EXPECT_EQ(findBehaviour(40, run).behaviour, Behaviour::ComesBack) << "behind its pitch mark";
}

TEST(Shot, AMeasuredReleaseGetsTheWordThatFitsItsCarry) {
    EXPECT_EQ(findBehaviourFromRelease(40, -1), Behaviour::ComesBack);
    EXPECT_EQ(findBehaviourFromRelease(40, 0.5), Behaviour::DropsDead);
    EXPECT_EQ(findBehaviourFromRelease(40, 1.5), Behaviour::BitesAndStays);
    EXPECT_EQ(findBehaviourFromRelease(80, 3.5), Behaviour::BitesAndStays);
    // model.md: 1.5 m or a twentieth of the carry, 3 m or twelve hundredths.
    EXPECT_EQ(findBehaviourFromRelease(80, 4.01), Behaviour::ChecksTrickles);
    EXPECT_EQ(findBehaviourFromRelease(20, 1.51), Behaviour::ChecksTrickles);
    EXPECT_EQ(findBehaviourFromRelease(80, 9.59), Behaviour::ChecksTrickles);
    EXPECT_EQ(findBehaviourFromRelease(80, 9.61), Behaviour::Releases);
    EXPECT_EQ(findBehaviourFromRelease(20, 3.01), Behaviour::Releases);
    EXPECT_EQ(findBehaviourFromRelease(40, 3.5), Behaviour::ChecksTrickles);
    EXPECT_EQ(findBehaviourFromRelease(40, 8), Behaviour::Releases);
    EXPECT_EQ(findBehaviourFromRelease(5, 8), Behaviour::MostlyRuns);
    EXPECT_EQ(findBehaviourFromRelease(0, 8), Behaviour::Releases);
}

TEST(Spread, GrowsWithWhatIsUnknownAndVanishesWithoutIt) {
    const Scene g = test::pitch();
    const ShotResult d = predictor(g).shot({});
    const SpreadSource none = SpreadSource::none();
    const Spread zero = predictor(g).spread(d, none);
    EXPECT_EQ(zero.carry_m, 0.0);
    EXPECT_EQ(zero.spinRate_radps, 0.0);
    const Spread measured = predictor(g).spread(d, SpreadSource::measured());
    const Spread swings = predictor(g).spread(d, SpreadSource::swings());
    EXPECT_GT(measured.spinRate_radps, 0.0);
    // A swing's side is its own, a device reads it.
    EXPECT_GT(swings.side_m, measured.side_m);
}

/// Attack and loft that go up together cancel in the launch's height: what is shown is what many
/// such swings do.
TEST(Spread, TakesWhatGoesTogetherInAPlayersSwing) {
    const Scene g = test::pitch();
    SpreadSource alone = SpreadSource::none();
    alone.club.sd = {0.0, radFromDeg(2.0), 0.0, 0.0, radFromDeg(2.0), 0.0, 0.0};
    SpreadSource together = alone;
    const auto attack = static_cast<std::size_t>(Scatter::Attack),
               loft = static_cast<std::size_t>(Scatter::Loft);
    together.club.correlation[attack][loft] = together.club.correlation[loft][attack] = 0.7;
    SimulationOptions options;
    options.samples = 20000;
    options.gustShare = 0.0;
    options.unknown = SpreadSource::none();
    options.player = together.club;
    const Simulation played = predictor(g).simulate({}, options);
    const Quantiles& spin = played[Outcome::SpinRate];
    const Spread said = predictor(g).spread(predictor(g).shot({}), together);
    EXPECT_NEAR(said.spinRate_radps, 0.5 * (spin.p90 - spin.p10), 0.06 * said.spinRate_radps);
    EXPECT_LT(said.spinRate_radps,
              0.8 * predictor(g).spread(predictor(g).shot({}), alone).spinRate_radps);
}

TEST(Spread, OfOneSourceIsItsDerivativeTimesItsWidth) {
    const Scene g = test::pitch();
    const ShotResult d = predictor(g).shot({});
    const SpreadSource speedOnly = SpreadSource::none().withClub(0.01);
    Recipe faster;
    faster.clubSpeed_mps *= 1.001;
    const double slope = (predictor(g).shot(faster).flight.carry_m - d.flight.carry_m) / 0.001;
    EXPECT_NEAR(predictor(g).spread(d, speedOnly).carry_m, 1.2816 * 0.01 * slope,
                0.02 * slope * 0.01);
}

}  // namespace
}  // namespace wedgeon
