// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// What coaches see of short shots, as ranges. Those of the ground were used to fit its laws and are
// no independent evidence; docs/model.md says which.
#include <gtest/gtest.h>

#include "numeric/root.h"
#include "random_cases.h"
#include "wedgeon/shot/spin_window.h"

namespace wedgeon {
namespace {

using test::predictor;
using test::Scene;

/// A square strike with a measured delivery, soft ball and fresh face on short grass.
ShotResult struck(double speed_mps, double attack_deg, double loft_deg,
                  Scene scene = test::pitch()) {
    return predictor(scene).shotFrom(
        Delivery{speed_mps, radFromDeg(attack_deg), 0, radFromDeg(loft_deg), 0});
}

/// The same at the speed that carries and runs \p total_m together.
ShotResult finishing(double total_m, double attack_deg, double loft_deg) {
    const auto miss = [&](double v) { return struck(v, attack_deg, loft_deg).total_m() - total_m; };
    return struck(numeric::findRoot(miss, 1, 40, miss(1), miss(40), 1e-6), attack_deg, loft_deg);
}

TEST(RulesOfThumb, ATenYardChipCarriesItsShareByItsLoft) {
    struct Chip {
        double loft_deg, from, to;
    };
    for (const Chip& chip : {Chip{58, 0.75, 0.85}, Chip{46, 0.52, 0.65}, Chip{40, 0.42, 0.53}}) {
        const ShotResult s = finishing(9.144, -4, chip.loft_deg);
        const double share = s.flight.carry_m / s.total_m();
        EXPECT_GE(share, chip.from) << chip.loft_deg;
        EXPECT_LE(share, chip.to) << chip.loft_deg;
    }
}

TEST(RulesOfThumb, AThirtyYardPitchRunsTwoToFourAndAHalf) {
    Scene g = test::pitch();
    Recipe r;
    r.lean_rad = radFromDeg(4);
    r.clubSpeed_mps = predictor(g).speedForCarry(r, 27.4);
    const double run = predictor(g).shot(r).run.release_m;
    EXPECT_GE(run, 2.0);
    EXPECT_LE(run, 4.5);
}

TEST(RulesOfThumb, AnOpenedSandWedgeRunsOneToThree) {
    Scene g = test::pitch();
    g.wedge.loft_rad = radFromDeg(54);
    Recipe r;
    r.clubSpeed_mps = 21;
    r.open_rad = radFromDeg(15);
    const double run = predictor(g).shot(r).run.release_m;
    EXPECT_GE(run, 1.0);
    EXPECT_LE(run, 3.0);
}

TEST(RulesOfThumb, ATourWedgeRestsNearItsMark) {
    // 9,400 rpm landing at 50 degrees, on soft to firm greens.
    const auto run = [](double firmness) {
        const double a = radFromDeg(50);
        return calcRun({22 * std::cos(a), -22 * std::sin(a), 0},
                       {0, 0, radpsFromRpm(9400) * std::exp(-0.04 * 5.5)}, {.firmness = firmness})
            .release_m;
    };
    for (double firmness = 0.75; firmness <= 1.3001; firmness += 0.05) {
        EXPECT_GE(run(firmness), -2.0) << firmness;
        EXPECT_LE(run(firmness), 3.0) << firmness;
    }
}

TEST(RulesOfThumb, AHundredYardsWithLittleSpinRunsFiveToNine) {
    // Launch and speed of a 100 yd wedge, with the spin of a wet face.
    const auto at = [](double speed) {
        ShotResult s;
        s.strike.launch = launchFromAngles(speed, radFromDeg(28), 0, radpsFromRpm(4000), 0);
        playOn(s, {Air{}, Ground{}, nullptr});
        return s;
    };
    const auto miss = [&](double v) { return at(v).flight.carry_m - 91.44; };
    const double run = at(numeric::findRoot(miss, 20, 60, miss(20), miss(60), 1e-6)).run.release_m;
    EXPECT_GE(run, 5.0);
    EXPECT_LE(run, 9.0);
}

TEST(RulesOfThumb, FromLushRoughThePitchRunsAlmostTwiceAsFar) {
    Scene g = test::pitch();
    Recipe r;
    r.clubSpeed_mps = predictor(g).speedForCarry(r, 27.4);
    const double from = predictor(g).shot(r).run.release_m;
    g.lie = findLie("lush")->lie;
    r.clubSpeed_mps = predictor(g).speedForCarry(r, 27.4);
    EXPECT_GE(predictor(g).shot(r).run.release_m, 1.8 * from);
}

TEST(RulesOfThumb, ShortShotsSpinAsMeasured) {
    struct Short {
        double speed_mps, loft_deg, from_rpm, to_rpm;
    };
    for (const Short& s :
         {Short{16.5, 43, 5400, 6400}, Short{16.5, 52, 5600, 6600}, Short{20, 37, 5400, 6200}}) {
        const StrikeResult strike =
            calcStrike({s.speed_mps, radFromDeg(-4), 0, radFromDeg(s.loft_deg), 0},
                       calcContact(BallKind::Soft, FaceCondition::FreshDry, {}));
        const double rpm = rpmFromRadps(strike.launch.spinRate_radps());
        EXPECT_GE(rpm, s.from_rpm) << s.loft_deg;
        EXPECT_LE(rpm, s.to_rpm) << s.loft_deg;
    }
}

TEST(RulesOfThumb, NoLieFaceOrBallLeavesABallWithoutSpin) {
    int tried = 0;
    for (const NamedLie& lie : namedLies()) {
        for (const NamedBall& ball : namedBalls()) {
            for (const NamedFace& face : namedFaces()) {
                for (const double open : {0.0, 10.0, 19.9}) {
                    for (const double speed : {15.5, 25.0, 35.0}) {
                        Scene g = test::pitch();
                        g.lie = lie.lie;
                        g.ball = ball.ball;
                        g.face = face.face;
                        Recipe r;
                        r.open_rad = radFromDeg(open);
                        r.clubSpeed_mps = speed;
                        EXPECT_GE(rpmFromRadps(predictor(g).shot(r).strike.launch.spinRate_radps()),
                                  500)
                            << lie.key << ' ' << ball.key << ' ' << face.key << ' ' << open;
                        ++tried;
                    }
                }
            }
        }
    }
    EXPECT_GE(tried, 30);
}

TEST(RulesOfThumb, TheWindowOfASoftBallOnADryFaceHoldsTwentyNineToThirty) {
    const Contact dry =
        calcContact(BallKind::Soft, FaceCondition::FreshDry, findLie("short-dry")->lie);
    const Contact bare = calcContact(BallKind::Soft, FaceCondition::FreshDry, {});
    for (const Contact& contact : {dry, bare}) {
        for (const double speed : {15.0, 20.0, 25.0, 30.0}) {
            const SpinWindow w =
                findSpinWindow({speed, radFromDeg(-5), 0, radFromDeg(45), 0}, contact);
            EXPECT_LE(degFromRad(w.from.launch_rad), 30.0 + 1.0) << speed;
            EXPECT_GE(degFromRad(w.to.launch_rad), 29.0 - 1.0) << speed;
        }
    }
}

/// Chance of a clean strike of one player with the set-up of a pitch, a high soft shot and a flop.
struct Clean {
    double pitch, soft, flop;
};
Clean cleanOf(const char* lie, double skill) {
    Scene g = test::pitch();
    g.lie = findLie(lie)->lie;
    auto tuning = std::make_shared<Tuning>();
    PlayerScatter& scatter = tuning->delivery.scatter.emplace();
    for (const Scatter s : {Scatter::LowPoint, Scatter::Depth})
        scatter.sd[static_cast<std::size_t>(s)] *= skill;
    g.tuning = tuning;
    const auto clean = [&](double speed, double open, double ball, double lean) {
        Recipe r;
        r.clubSpeed_mps = speed;
        r.open_rad = radFromDeg(open);
        r.ballForward_m = ball * constants::ballWidth_m;
        r.lean_rad = radFromDeg(lean);
        const Predictor p = predictor(g);
        return p.chances(r, p.shot(r)).clean;
    };
    return {clean(17, 0, 0, 4), clean(20, 15, 0.75, 0), clean(23, 32, 1.1, -1)};
}

TEST(RulesOfThumb, HeightAndATightLieCostCleanStrikes) {
    const auto near = [](const Clean& is, const Clean& told, const char* who) {
        EXPECT_NEAR(is.pitch, told.pitch, 0.03) << who;
        EXPECT_NEAR(is.soft, told.soft, 0.03) << who;
        EXPECT_NEAR(is.flop, told.flop, 0.03) << who;
    };
    near(cleanOf("short-dry", 1.0), {0.93, 0.75, 0.55}, "ordinary");
    near(cleanOf("bare", 1.0), {0.70, 0.42, 0.26}, "ordinary, bare ground");
    near(cleanOf("short-dry", 0.5), {1.00, 0.98, 0.87}, "expert");
}

}  // namespace
}  // namespace wedgeon
