// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Shots seen by made-up eyes, of made-up players whose truth is known.
#include <gtest/gtest.h>

#include <algorithm>
#include <array>
#include <boost/random/mersenne_twister.hpp>
#include <boost/random/normal_distribution.hpp>
#include <boost/random/uniform_01.hpp>
#include <cmath>
#include <cstdio>
#include <memory>
#include <vector>

#include "checked.h"
#include "wedgeon/error.h"
#include "wedgeon/ladder/ladder.h"
#include "wedgeon/seen/fit_seen.h"
#include "wedgeon/seen/seen.h"
#include "wedgeon/units.h"

namespace wedgeon {
namespace {

using test::checked;

constexpr std::array lofts{54.0, 58.0};
constexpr std::size_t swings = 3;

/// Plays and sees, with nothing of the program's own sampling.
class Eye {
public:
    explicit Eye(unsigned seed) : engine_(seed) {}
    double normal(double sd) { return sd * normal_(engine_); }
    double uniform() { return uniform_(engine_); }

    struct Shot {
        ShotResult ball;
        Sighting seen;
    };
    /// One swing around the set-up; \p judge: by how much this eye sees all heights too high.
    Shot hit(const Predictor& predictor, const Recipe& recipe, double judge = 0.0,
             bool measuresHeight = false) {
        Delivery d = predictor.shot(recipe).swing.delivery;
        d.clubSpeed_mps *= 1.0 + normal(0.025);
        d.attack_rad += normal(0.0175);
        d.path_rad += normal(0.021);
        d.faceAngle_rad += normal(0.026);
        d.dynamicLoft_rad += normal(0.021);
        Shot out{predictor.shotFrom(d), {}};
        const ShotResult& b = out.ball;
        Sighting& s = out.seen;
        // Whole paces, and half metres at rest.
        const double landed = b.flight.carry_m * (1 + normal(0.04)) + normal(0.45);
        s.landed_m = std::max(0.0, std::round(landed));
        s.rest_m = std::round(2 * (b.total_m() * (1 + normal(0.03)) + normal(0.3))) / 2;
        const double apex = std::log(b.flight.apex_m) + judge;
        if (measuresHeight) {
            s.apex_m = std::exp(apex + normal(0.15));
        } else {
            const double as = std::exp(apex + normal(0.2));
            s.height = as < 1.0   ? SeenHeight::BelowWaist
                       : as < 1.8 ? SeenHeight::BelowHead
                       : as < 7.0 ? SeenHeight::BelowTree
                                  : SeenHeight::AboveTree;
        }
        if (uniform() < 0.7) s.bit = b.behaviour.bitingBounce;
        return out;
    }

private:
    boost::random::mt19937_64 engine_;
    boost::random::normal_distribution<double> normal_;
    boost::random::uniform_01<double> uniform_;
};

Conditions withLoft(double loft_deg) {
    Conditions c;
    c.wedge = {radFromDeg(loft_deg), radFromDeg(64), radFromDeg(10)};
    return c;
}

/// Somebody who leans less than he says, on ground that is not as it was said.
struct Somebody {
    PlayerModel player;
    std::array<double, swings> speeds{}, priors{11.0, 14.0, 17.0};

    explicit Somebody(Eye& eye) {
        auto t = std::make_shared<Tuning>();
        t->delivery.lean.offset = eye.normal(0.052);
        t->delivery.ball.offset = eye.normal(0.015);
        t->strike.logFriction = eye.normal(0.15);
        t->ground.firmness = std::exp(eye.normal(0.15));
        t->ground.friction = std::exp(eye.normal(0.12));
        player.tuning = t;
        const double together = eye.normal(0.12);
        for (std::size_t i = 0; i < swings; ++i)
            speeds[i] = priors[i] * std::exp(together + eye.normal(0.05));
        std::sort(speeds.begin(), speeds.end());
    }
    Recipe recipe(std::size_t swing) const {
        Recipe r;
        r.clubSpeed_mps = speeds[swing];
        return r;
    }
};

TEST(WeighSeen, OneShotsIntervalsHoldAsOftenAsTheySay) {
    Eye eye(11);
    const int shots = checked ? 40 : 400;
    std::array<int, 4> held{};
    for (int i = 0; i < shots; ++i) {
        PlayerModel player;
        auto t = std::make_shared<Tuning>();
        t->delivery.lean.offset = eye.normal(0.052);
        // Ball, face, air and ground as the one table draws them.
        t->strike.logFriction = eye.normal(unknowns::friction);
        for (double& e : t->strike.tangentialRestitution)
            e = eye.normal(unknowns::tangentialRestitution);
        t->strike.tangentialSlope_spm += eye.normal(unknowns::tangentialSlope_spm);
        t->strike.restitution0 += eye.normal(unknowns::restitution0);
        t->air.drag = std::exp(eye.normal(unknowns::drag));
        t->air.lift = std::exp(eye.normal(unknowns::lift));
        t->ground.firmness = std::exp(eye.normal(unknowns::anyFirmness));
        t->ground.friction = std::exp(eye.normal(unknowns::groundFriction));
        t->ground.greenSpeed = std::exp(eye.normal(unknowns::anyGreenSpeed));
        player.tuning = t;
        Recipe said;
        said.clubSpeed_mps = 10 + 8 * eye.uniform();
        Recipe real = said;
        real.clubSpeed_mps *= 1 + eye.normal(0.12);
        const Conditions c = withLoft(50 + 8 * eye.uniform());
        const Eye::Shot shot = eye.hit(Predictor(player, c), real);
        const SeenShot s = weighSeen(Predictor({}, c), said, shot.seen);
        const std::array<double, 4> truth{
            shot.ball.strike.launch.angle_rad(), shot.ball.strike.launch.spinRate_radps(),
            shot.ball.flight.landingAngle_rad(), shot.ball.flight.carry_m};
        const std::array said80{&s.launch_rad, &s.spin_radps, &s.landing_rad, &s.carry_m};
        for (std::size_t k = 0; k < truth.size(); ++k)
            held[k] += truth[k] >= said80[k]->p10 && truth[k] <= said80[k]->p90 ? 1 : 0;
    }
    for (std::size_t k = 0; k < held.size(); ++k) {
        const double share = static_cast<double>(held[k]) / shots;
        RecordProperty("held" + std::to_string(k), std::to_string(share));
        std::printf("%zu: %.3f\n", k, share);
        EXPECT_GT(share, checked ? 0.6 : 0.74) << k;
        EXPECT_LT(share, checked ? 1.0 : 0.88) << k;
    }
}

TEST(WeighSeen, WhatIsSeenNarrowsWhatItMustHaveHad) {
    const Predictor p({}, withLoft(56));
    const SeenShot nothing = weighSeen(p, {}, {});
    Sighting low;
    low.height = SeenHeight::BelowHead;
    low.landed_m = nothing.carry_m.p50;
    const SeenShot s = weighSeen(p, {}, low);
    EXPECT_LT(s.launch_rad.p50, nothing.launch_rad.p50);
    EXPECT_LT(s.carry_m.p90 - s.carry_m.p10, nothing.carry_m.p90 - nothing.carry_m.p10);
    // Turf that begins behind the ball: fat more often than before.
    Sighting fat;
    fat.strike = SeenStrike::Fat;
    fat.turf = SeenTurf::Deep;
    fat.entry = SeenEntry::BeforeBall;
    EXPECT_GT(weighSeen(p, {}, fat).fat, 2 * nothing.fat);
    // Turf taken only after the ball: steeper than where none was taken.
    Sighting brushed, dug;
    brushed.turf = SeenTurf::None;
    dug.turf = SeenTurf::Deep;
    EXPECT_GT(weighSeen(p, {}, brushed).thin, weighSeen(p, {}, dug).thin);
}

TEST(WeighSeen, SaysWhereWhatWasSeenCannotBe) {
    Sighting s;
    s.landed_m = 120;
    s.height = SeenHeight::BelowWaist;
    EXPECT_TRUE(weighSeen(Predictor({}, withLoft(56)), {}, s).strange);
    s = {};
    s.landed_m = -1;
    EXPECT_THROW(weighSeen(Predictor({}, withLoft(56)), {}, s), RangeError);
    s = {};
    s.bit = 9;
    EXPECT_THROW(weighSeen(Predictor({}, withLoft(56)), {}, s), RangeError);
}

TEST(WeighSeen, IsTheSameForALeftHanderInTheMirror) {
    Sighting left, right;
    left.landed_m = right.landed_m = 30;
    left.restSide_m = -2;
    right.restSide_m = 2;
    left.start = SeenSide::Left;
    right.start = SeenSide::Right;
    PlayerModel mirrored;
    mirrored.hand = Hand::Left;
    const SeenShot a = weighSeen(Predictor({}, withLoft(56)), {}, left);
    const SeenShot b = weighSeen(Predictor(mirrored, withLoft(56)), {}, right);
    EXPECT_NEAR(a.launch_rad.p50, b.launch_rad.p50, 1e-6);
    EXPECT_NEAR(a.spin_radps.p50, b.spin_radps.p50, 1e-3);
}

/// Sixty shots of somebody: ten with each of two wedges and three swings.
SeenFitRequest sessionOf(const Somebody& who, Eye& eye, std::vector<std::size_t>& clubs) {
    SeenFitRequest q;
    q.priorSpeeds_mps.assign(who.priors.begin(), who.priors.end());
    const double judge = eye.normal(0.05);
    for (std::size_t c = 0; c < lofts.size(); ++c) {
        for (std::size_t s = 0; s < swings; ++s) {
            const Conditions conditions = withLoft(lofts[c]);
            const Predictor predictor(who.player, conditions);
            for (int i = 0; i < 10; ++i) {
                const Eye::Shot shot = eye.hit(predictor, who.recipe(s), judge, i % 2 == 0);
                q.shots.push_back({q.kinds.size(), shot.seen});
                clubs.push_back(c);
            }
            q.kinds.push_back({conditions, {}, s});
        }
    }
    return q;
}

TEST(FitSeen, SixtyShotsFindLadderAndLaunchBias) {
    const int people = checked ? 15 : 200;
    int launchNear = 0, launchHeld = 0, rungs = 0, rungsNear = 0, rungsHeld = 0, missed = 0;
    int speedHeld = 0;
    for (int n = 0; n < people; ++n) {
        Eye eye(100 + static_cast<unsigned>(n));
        const Somebody who(eye);
        std::vector<std::size_t> clubs;
        const SeenFitRequest q = sessionOf(who, eye, clubs);
        const SeenFit fit = fitSeen(q);
        ASSERT_TRUE(fit.fitted);
        double bias = 0.0;
        for (const SeenKind& k : q.kinds) {
            const Recipe r = who.recipe(k.swing);
            bias += Predictor(who.player, k.conditions).shot(r).strike.launch.angle_rad() -
                    Predictor({}, k.conditions).shot(r).strike.launch.angle_rad();
        }
        bias /= static_cast<double>(q.kinds.size());
        launchNear += std::abs(fit.launchBias_rad.value - bias) < radFromDeg(2) ? 1 : 0;
        launchHeld += bias >= fit.launchBias_rad.low80 && bias <= fit.launchBias_rad.high80 ? 1 : 0;
        for (std::size_t s = 0; s < swings; ++s)
            speedHeld += who.speeds[s] >= fit.speeds_mps[s].low80 &&
                                 who.speeds[s] <= fit.speeds_mps[s].high80
                             ? 1
                             : 0;

        LadderRequest l;
        for (const double loft : lofts)
            l.clubs.push_back({std::to_string(static_cast<int>(loft)), withLoft(loft).wedge});
        for (std::size_t s = 0; s < swings; ++s) {
            SwingName name;
            name.name = "swing " + std::to_string(s + 1);
            name.length = 0.4 + 0.3 * static_cast<double>(s);
            name.speed_mps = who.priors[s];
            l.swings.swings.push_back(name);
        }
        l.met = {Conditions{}};
        for (std::size_t i = 0; i < q.shots.size(); ++i) {
            LadderShot shot;
            shot.club = clubs[i];
            shot.swing = q.kinds[q.shots[i].kind].swing;
            shot.carry_m = fit.carries[i].carry_m;
            shot.carrySd_m = fit.carries[i].sd_m;
            shot.day = "2026-10-01";
            l.shots.push_back(shot);
        }
        const Ladder ladder = makeLadder(l);
        int near = 0;
        for (const LadderLine& line : ladder.lines) {
            for (const LadderRung& r : line.rungs) {
                // The middle of his shots, as he hits them.
                Eye other(9000);
                double truth = 0.0;
                const Predictor p(who.player, withLoft(lofts[line.club]));
                std::vector<double> all;
                for (int i = 0; i < 60; ++i)
                    all.push_back(other.hit(p, who.recipe(r.swing)).ball.flight.carry_m);
                std::nth_element(all.begin(), all.begin() + 30, all.end());
                truth = all[30];
                ++rungs;
                near += std::abs(r.carry_m - truth) < 2.0 ? 1 : 0;
                rungsHeld += truth >= r.low80_m && truth <= r.high80_m ? 1 : 0;
            }
        }
        rungsNear += near;
        missed += near < 5 ? 1 : 0;
    }
    const auto share = [](int part, int all) { return static_cast<double>(part) / all; };
    std::printf("launch near %.3f held %.3f; rungs near %.3f held %.3f; speeds held %.3f\n",
                share(launchNear, people), share(launchHeld, people), share(rungsNear, rungs),
                share(rungsHeld, rungs), share(speedHeld, 3 * people));
    EXPECT_GE(share(launchNear, people), 0.93);
    EXPECT_GT(share(rungsNear, rungs), 0.95);
    EXPECT_LE(missed, people / 20);
    if (checked) return;
    EXPECT_GE(share(launchHeld, people), 0.75);
    EXPECT_LE(share(launchHeld, people), 0.85);
    EXPECT_GE(share(rungsHeld, rungs), 0.75);
    EXPECT_LE(share(rungsHeld, rungs), 0.85);
}

TEST(FitSeen, TurfTellsTheAttack) {
    SeenFitRequest q;
    q.priorSpeeds_mps = {15};
    q.kinds = {{withLoft(56), {}, 0}};
    for (int i = 0; i < 20; ++i) {
        Sighting s;
        s.landed_m = 40;
        s.turf = SeenTurf::Small;
        s.entry = SeenEntry::AfterBall;
        q.shots.push_back({0, s});
    }
    const SeenFit ahead = fitSeen(q);
    for (auto& s : q.shots)
        s.seen.entry = SeenEntry::BeforeBall;
    const SeenFit behind = fitSeen(q);
    EXPECT_LT(ahead.attackBias_rad.value, behind.attackBias_rad.value - radFromDeg(0.3));
}

TEST(FitSeen, OfFewShotsNothingIsSaidAndWhatMeansNothingIsRefused) {
    SeenFitRequest q;
    q.priorSpeeds_mps = {15};
    q.kinds = {{withLoft(56), {}, 0}};
    Sighting s;
    s.rest_m = 30;
    q.shots.assign(5, {0, s});
    const SeenFit few = fitSeen(q);
    EXPECT_FALSE(few.fitted);
    EXPECT_TRUE(few.estimates.empty());
    ASSERT_EQ(few.carries.size(), 5u);
    // From the rest alone the carry is still told, and less surely.
    EXPECT_LT(few.carries[0].carry_m, 30.0);
    EXPECT_GT(few.carries[0].sd_m, seeing::restSd_m(30));
    q.shots.push_back({3, s});
    EXPECT_THROW(fitSeen(q), RangeError);
    q.shots.back() = {0, s};
    q.kinds[0].swing = 4;
    EXPECT_THROW(fitSeen(q), RangeError);
}

}  // namespace
}  // namespace wedgeon
