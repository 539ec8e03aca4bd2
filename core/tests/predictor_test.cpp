// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Nothing that is asked leaves the tuning or the line out.
#include "wedgeon/shot/predictor.h"

#include <gtest/gtest.h>

#include <cmath>

#include "random_cases.h"
#include "wedgeon/batch/batch.h"
#include "wedgeon/error.h"

namespace wedgeon {
namespace {

using test::predictor;
using test::Scene;

/// A player whose speed hardly varies and whose attack does, on a soft green.
std::shared_ptr<const Tuning> steepPlayer() {
    auto t = std::make_shared<Tuning>();
    PlayerScatter& s = t->delivery.scatter.emplace();
    s.sd = {0.001, 0.06, 0.01, 0.01, 0.001, 0.035, 0.009};
    t->ground.firmness = 0.8;
    t->ground.friction = 1.2;
    t->ground.greenSpeed = 0.8;
    return t;
}

Line greenLine(const Ground& like) {
    Zone z = Zone::of(ZoneKind::Green, 200);
    z.firmness = like.firmness;
    z.friction = like.friction;
    z.rolling_mps2 = like.rollingResistance_mps2();
    return {"the sixth", {z}, {}, 25.0};
}

TEST(Predictor, TheMainRiskIsTheTunedPlayersOwn) {
    Scene g = test::pitch();
    const Predictor anybody = predictor(g);
    EXPECT_NE(anybody.mainRisk(anybody.shot({})).source, MainRisk::Source::Attack);
    g.tuning = steepPlayer();
    const Predictor tuned = predictor(g);
    const ShotResult shot = tuned.shot({});
    const MainRisk risk = tuned.mainRisk(shot);
    EXPECT_EQ(risk.source, MainRisk::Source::Attack);
    // By the definition, with his own deviation.
    Delivery up = shot.swing.delivery;
    Delivery down = up;
    up.attack_rad += 0.06;
    down.attack_rad -= 0.06;
    const auto carry = [&](const Delivery& d) {
        return calcShotWith(d, shot.contact, tuned.surroundings()).flight.carry_m;
    };
    EXPECT_NEAR(risk.carry_m, std::abs(carry(up) - carry(down)) / 2, 1e-12);
}

TEST(Predictor, ChancesAreTheTunedPlayersOwn) {
    Scene g = test::pitch();
    const Predictor anybody = predictor(g);
    g.tuning = steepPlayer();
    const Predictor tuned = predictor(g);
    const ShotResult shot = tuned.shot({});
    const StrikeChances his = tuned.chances({}, shot);
    EXPECT_LT(his.clean, anybody.chances({}, anybody.shot({})).clean);
    const double grows = strikeScatterFactor({});
    const StrikeChances same =
        calcStrikeChances(tuned.solePass(shot), g.lie, {0.035 * grows, 0.009 * grows});
    EXPECT_EQ(his.clean, same.clean);
    EXPECT_EQ(his.fat, same.fat);
}

TEST(Predictor, TheSpreadOverABunkerIsTheBunkers) {
    // The ball lands in sand and stays: its run hardly varies, whatever a green would do.
    Scene g = test::pitch();
    const double carry = predictor(g).shot({}).flight.carry_m;
    const Predictor green = predictor(g);
    g.line = Line{"",
                  {Zone::of(ZoneKind::Fairway, carry - 5), Zone::of(ZoneKind::Bunker, 12),
                   Zone::of(ZoneKind::Green, 50)},
                  {},
                  {}};
    const Predictor sand = predictor(g);
    const SpreadSource swings = SpreadSource::swings();
    const Spread there = sand.spread(sand.shot({}), swings);
    const Spread here = green.spread(green.shot({}), swings);
    EXPECT_GT(here.release_m, 0.2);
    EXPECT_LT(there.release_m, 0.5 * here.release_m);
    // The same size as many played swings have it.
    SimulationOptions options;
    options.player.emplace();
    options.player->sd = {0.01, 0, 0, 0, 0, 0, 0};
    options.gustShare = 0;
    const SpreadSource one = SpreadSource{}.withClub(0.01);
    const Simulation played = sand.simulate({}, options);
    const Quantiles& run = played[Outcome::Release];
    EXPECT_NEAR(sand.spread(sand.shot({}), one).release_m, 0.5 * (run.p90 - run.p10), 0.03);
}

/// The field, value and limits that a set-up is refused with; nothing when it is played.
std::optional<RangeError> refusalOf(const Scene& scene, const Recipe& recipe) {
    try {
        (void)predictor(scene).shot(recipe);
        return std::nullopt;
    } catch (const RangeError& e) {
        return e;
    }
}

TEST(Predictor, RefusesInNumbersThatWereEnteredOrThatACoachKnows) {
    Scene g = test::pitch();
    g.wedge.loft_rad = radFromDeg(60);
    Recipe open;
    open.open_rad = radFromDeg(35);
    EXPECT_FALSE(refusalOf(g, open)) << "a face that looks far right still drives the ball";
    // The far ends of what can be entered, alone and together.
    test::RandomCases random(41);
    int refused = 0;
    for (int i = 0; i < 2000; ++i) {
        Recipe r;
        r.open_rad = random.degrees(-60, 60);
        r.lean_rad = random.degrees(-45, 45);
        r.ballForward_m = constants::ballWidth_m * random.between(-6, 6);
        r.release = random.pick<Release>(3);
        if (i % 5 == 0) r.open_rad = radFromDeg(-60);
        if (i % 7 == 0) r.lean_rad = radFromDeg(45);
        const auto e = refusalOf(g, r);
        if (!e) continue;
        ++refused;
        EXPECT_NE(e->field(), "face_open_deg") << e->value();
        EXPECT_NE(e->field(), "lean_deg") << e->value();
        EXPECT_NE(e->field(), "face_angle_deg") << e->value();
        if (e->field() == "ball_forward_balls") {
            EXPECT_NEAR(e->value(), r.ballForward_m / constants::ballWidth_m, 1e-9);
        }
    }
    EXPECT_GT(refused, 100);
    // A player who plays the ball farther back than he says: refused in what he says.
    auto tuning = std::make_shared<Tuning>();
    tuning->delivery.ball = {-0.05, 1.0};
    g.tuning = tuning;
    Recipe back;
    back.ballForward_m = ballReach(back).back_m + 0.02;
    const auto e = refusalOf(g, back);
    ASSERT_TRUE(e);
    EXPECT_EQ(e->field(), "ball_forward_balls");
    EXPECT_NEAR(e->value(), back.ballForward_m / constants::ballWidth_m, 1e-9);
}

TEST(Predictor, AnAimThatDoesNotExistRefusesNoShot) {
    Scene g = test::pitch();
    Recipe full;
    full.clubSpeed_mps = 36;
    full.open_rad = radFromDeg(30);
    g.air.windRight_mps = 12;
    EXPECT_NO_THROW((void)predictor(g).aim(full));
    g.air.windRight_mps = 0;
    g.ground.slopeAcross = 0.3;
    const Predictor steep = predictor(g);
    Recipe r;
    EXPECT_TRUE(steep.shot(r).run.ranAway);
    if (const auto aim = steep.aim(r)) {
        // Where one is found, the ball does come to rest on the line.
        Delivery d = steep.shot(r).swing.delivery;
        d.path_rad += *aim;
        d.faceAngle_rad += *aim;
        EXPECT_NEAR(calcShotWith(d, steep.contact(), steep.surroundings()).restSide_m(), 0.0, 0.5);
    }
    test::RandomCases random(42);
    for (int i = 0; i < 100; ++i) {
        const Scene any = random.scene();
        try {
            (void)predictor(any).shot(random.recipe());
        } catch (const RangeError&) {
            continue;
        }
        EXPECT_NO_THROW((void)predictor(any).aim({})) << i;
    }
}

TEST(Predictor, WhatIsUnusualScattersTheStrikeUntilItIsPractised) {
    Scene g = test::pitch();
    Recipe flop;
    flop.open_rad = radFromDeg(30);
    flop.ballForward_m = constants::ballWidth_m;
    flop.clubSpeed_mps = 22;
    const Recipe ordinary;
    const Predictor anybody = predictor(g);
    EXPECT_GT(anybody.soleScatter(flop).depth_m, 1.8 * anybody.soleScatter(ordinary).depth_m);
    auto tuning = std::make_shared<Tuning>();
    tuning->delivery.practised.push_back({flop.open_rad, flop.lean_rad, flop.ballForward_m, 60});
    g.tuning = tuning;
    const Predictor practised = predictor(g);
    EXPECT_LT(practised.soleScatter(flop).depth_m, 0.7 * anybody.soleScatter(flop).depth_m);
    EXPECT_EQ(practised.soleScatter(ordinary).depth_m, anybody.soleScatter(ordinary).depth_m);
    EXPECT_GT(practised.chances(flop, practised.shot(flop)).clean,
              anybody.chances(flop, anybody.shot(flop)).clean + 0.1);
    // The simulation's mishits are the same chances.
    SimulationOptions options;
    options.samples = 4000;
    const Simulation s = anybody.simulate(flop, options);
    EXPECT_NEAR(s.clean, anybody.chances(flop, anybody.shot(flop)).clean, 0.05);
}

TEST(Predictor, TunedGroundAndAirActOnALineAsOnPlainGround) {
    test::RandomCases random(7);
    for (int i = 0; i < 40; ++i) {
        Scene plain = test::pitch();
        plain.ground = random.scene().ground;
        plain.ground.slopeAlong = plain.ground.slopeAcross = 0.0;
        plain.ground.stimp_ft = random.between(9, 11);
        auto tuning = std::make_shared<Tuning>(*steepPlayer());
        tuning->air.drag = random.between(0.9, 1.1);
        plain.tuning = tuning;
        Scene line = plain;
        line.line = greenLine(plain.ground);
        Recipe r;
        r.clubSpeed_mps = random.between(12, 26);
        const ShotResult a = predictor(plain).shot(r);
        const ShotResult b = predictor(line).shot(r);
        EXPECT_NEAR(a.flight.carry_m, b.flight.carry_m, 1e-6);
        EXPECT_NEAR(a.run.release_m, b.run.release_m, 1e-6) << i;
        const Spread sa = predictor(plain).spread(a, SpreadSource::swings());
        const Spread sb = predictor(line).spread(b, SpreadSource::swings());
        EXPECT_NEAR(sa.release_m, sb.release_m, 1e-5) << i;
        line.tuning = nullptr;
        EXPECT_GT(std::abs(predictor(line).shot(r).run.release_m - b.run.release_m), 1e-3) << i;
    }
}

TEST(Predictor, TheSimulationOfALineKnowsAsLittleOfItsGroundAsOfPlainGround) {
    Scene plain = test::pitch();
    Scene line = plain;
    line.line = greenLine(plain.ground);
    SimulationOptions options;
    options.player.emplace().sd.fill(0.0);
    const Simulation a = predictor(plain).simulate({}, options);
    const Simulation b = predictor(line).simulate({}, options);
    EXPECT_GT(a[Outcome::Release].sd, 0.01);
    EXPECT_NEAR(a[Outcome::Release].sd, b[Outcome::Release].sd, 0.02 * a[Outcome::Release].sd);
}

TEST(Predictor, WhatALineHasNoAnswerForSaysSo) {
    Scene g = test::pitch();
    g.line = greenLine(g.ground);
    const Predictor p = predictor(g);
    EXPECT_FALSE(p.sensitivity({}));
    const InverseResult asked =
        p.findRecipe({}, {{Outcome::Carry, 30, 1}}, {{Dial::ClubSpeed, {}, {}, 1}});
    EXPECT_FALSE(asked.found);
    EXPECT_TRUE(asked.overALine);
    ASSERT_EQ(asked.reached.size(), 1u);
    EXPECT_DOUBLE_EQ(asked.reached[0].reached, p.shot({}).flight.carry_m);
    ShotBatch batch;
    EXPECT_FALSE(batch.add({}, p));
    EXPECT_EQ(batch.size(), 0u);
}

TEST(Predictor, ADaysOwnGroundIsUsedOnThatDay) {
    Tuning t;
    Tuning::Day day;
    day.name = "2026-11-03";
    day.ground.firmness = 1.3;
    t.setDays({day});
    const PlayerModel player{"Runa Vale", Hand::Right, std::make_shared<const Tuning>(t)};
    const Conditions c = test::pitch();
    EXPECT_DOUBLE_EQ(Predictor(player.onDay("2026-11-03"), c).surroundings().ground.firmness, 1.3);
    EXPECT_DOUBLE_EQ(Predictor(player.onDay("2026-11-04"), c).surroundings().ground.firmness, 1.0);
    EXPECT_EQ(player.onDay("2026-11-04"), player);
}

TEST(Predictor, RefusesALieOrALineThatIsNone) {
    Scene g = test::pitch();
    g.lie.cover = 7;
    EXPECT_THROW(predictor(g), RangeError);
    g = test::pitch();
    g.line = Line{};
    EXPECT_THROW(predictor(g), RangeError);
    g.line = greenLine(g.ground);
    g.line->flag_m = NAN;
    EXPECT_THROW(predictor(g), RangeError);
}

TEST(Predictor, AimedItEndsOnTheLineForBothHands) {
    test::RandomCases random(77);
    int aimed = 0;
    for (int i = 0; i < 1000; ++i) {
        test::Scene scene = test::pitch();
        scene.hand = i % 2 ? Hand::Left : Hand::Right;
        scene.wedge = random.wedge();
        scene.air.windRight_mps = random.between(-4, 4);
        scene.ground.slopeAcross = random.between(-0.03, 0.03);
        const Recipe recipe = random.recipe();
        const Predictor p = test::predictor(scene);
        try {
            const ShotResult straight = p.shot(recipe);
            const auto aim = p.aim(recipe);
            if (!aim) continue;
            ++aimed;
            EXPECT_LE(std::abs(p.turned(straight, *aim).restSide_m()), 0.05) << i;
        } catch (const RangeError&) {
            continue;  // a set-up that no swing reaches
        }
    }
    EXPECT_GT(aimed, 900);
}

TEST(Predictor, TheSpeedForATotalEndsThereAndTheSoftestOneIsTold) {
    test::RandomCases random(78);
    int found = 0, jumps = 0;
    for (int i = 0; i < 200; ++i) {
        test::Scene scene = test::pitch();
        scene.hand = i % 2 ? Hand::Left : Hand::Right;
        Recipe recipe = random.recipe();
        const double total = random.between(5, 60);
        const Predictor p = test::predictor(scene);
        try {
            recipe.clubSpeed_mps = p.speedForTotal(recipe, total);
            ++found;
            const double reached = p.shot(recipe).total_m();
            // A bounce that comes or goes makes the run jump; then both sides of it are near.
            if (std::abs(reached - total) > 0.01) {
                ++jumps;
                EXPECT_LT(std::abs(reached - total), 1.0) << i;
            }
            recipe.clubSpeed_mps *= 0.9;
            EXPECT_LT(p.shot(recipe).total_m(), total) << i;
        } catch (const RangeError& e) {
            // Harder than anybody swings it still ends short.
            if (e.field() == "total_m") {
                EXPECT_GT(total, e.high()) << i;
            }
        }
    }
    EXPECT_GT(found, 180);
    EXPECT_LT(jumps, found / 10);
    EXPECT_THROW((void)test::predictor(test::pitch()).speedForTotal({}, 5000), RangeError);
}

}  // namespace
}  // namespace wedgeon
