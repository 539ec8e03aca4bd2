// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// What a prediction says of itself, held against players, devices and days that are drawn from the
// one table of what is not known.
#include "wedgeon/unknowns.h"

#include <gtest/gtest.h>

#include <cmath>
#include <cstdio>
#include <cstdlib>
#include <random>

#include "checked.h"
#include "random_cases.h"
#include "wedgeon/error.h"

namespace wedgeon {
namespace {

/// A player with a device and a day, none of which is as the priors have it.
struct Truth {
    double friction, tangential, slope, restitution, drag, lift, firmer, rougher, faster;
    double loftBias_rad, attackBias_rad;
};

class Draw {
public:
    explicit Draw(unsigned seed) : engine_(seed) {}
    double normal() { return normal_(engine_); }
    Truth truth() {
        using namespace unknowns;
        return {std::exp(commonFriction * normal() + groupFriction * normal()),
                tangentialRestitution * normal(),
                tangentialSlope_spm * normal(),
                restitution0 * normal(),
                std::exp(drag * normal()),
                std::exp(lift * normal()),
                std::exp(firmness * normal() + dayFirmness * normal()),
                std::exp(groundFriction * normal()),
                std::exp(greenSpeed * normal() + dayGreenSpeed * normal()),
                deviceBias_rad * normal(),
                deviceBias_rad * normal()};
    }

private:
    std::mt19937_64 engine_;
    std::normal_distribution<double> normal_;
};

/// What the ball did: \p as as it is predicted, the club as it came.
ShotResult played(const Truth& t, const Contact& as, const Surroundings& said, const Delivery& d) {
    Contact contact = as;
    contact.friction *= t.friction;
    contact.tangentialRestitution += t.tangential;
    contact.tangentialSlope_spm += t.slope;
    StrikeLaw law;
    law.restitution0 += t.restitution;
    Surroundings around = said;
    around.air.drag *= t.drag;
    around.air.lift *= t.lift;
    around.ground = around.ground.scaled(t.firmer, t.rougher, t.faster);
    return calcShotWith(d, contact, around, law);
}

struct Held {
    int all = 0, launch = 0, spin = 0, landing = 0, carry = 0, below = 0, above = 0;

    void count(const ShotResult& was, const ShotResult& said, const Spread& s, const RunBand& run) {
        ++all;
        const auto in = [](double a, double b, double half) { return std::abs(a - b) <= half; };
        launch +=
            in(was.strike.launch.angle_rad(), said.strike.launch.angle_rad(), s.launchAngle_rad);
        spin += in(was.strike.launch.spinRate_radps(), said.strike.launch.spinRate_radps(),
                   s.spinRate_radps);
        landing +=
            in(was.flight.landingAngle_rad(), said.flight.landingAngle_rad(), s.landingAngle_rad);
        carry += in(was.flight.carry_m, said.flight.carry_m, s.carry_m);
        below += was.run.release_m < run.low_m;
        above += was.run.release_m > run.high_m;
    }
    void expectStated() const {
        if (test::checked) return;  // too few to tell
        const auto share = [this](int n) { return static_cast<double>(n) / all; };
        for (const auto& [name, n] :
             {std::pair("launch", launch), std::pair("spin", spin), std::pair("landing", landing),
              std::pair("carry", carry), std::pair("release", all - below - above)}) {
            EXPECT_GE(share(n), 0.75) << name;
            EXPECT_LE(share(n), 0.85) << name;
        }
        // As often beyond the one end as beyond the other.
        EXPECT_NEAR(share(below), 0.1, 0.035);
        EXPECT_NEAR(share(above), 0.1, 0.035);
        if (std::getenv("WEDGEON_TELL"))
            std::printf(
                "of %d: launch %.3f spin %.3f landing %.3f carry %.3f release %.3f, below "
                "%.3f above %.3f\n",
                all, share(launch), share(spin), share(landing), share(carry),
                share(all - below - above), share(below), share(above));
    }
};

constexpr int players = test::times(1500, 100);

test::Scene sceneOf(test::RandomCases& cases) {
    test::Scene g = test::pitch();
    g.wedge = {cases.degrees(50, 60), radFromDeg(64), cases.degrees(6, 12)};
    g.ball = cases.pick<BallKind>(3);
    g.ground.firmness = cases.between(0.85, 1.2);
    g.ground.stimp_ft = cases.between(8, 11);
    return g;
}
Recipe recipeOf(test::RandomCases& cases) {
    Recipe r;
    r.open_rad = cases.degrees(0, 12);
    r.lean_rad = cases.degrees(-2, 9);
    r.ballForward_m = constants::ballWidth_m * cases.between(-1, 0.8);
    r.clubSpeed_mps = cases.between(10, 30);
    return r;
}

TEST(Unknowns, ReadingsAreHeldAsOftenAsStated) {
    Draw draw(3);
    test::RandomCases cases(5);
    Held held;
    for (int i = 0; i < players; ++i) {
        const test::Scene g = sceneOf(cases);
        const Predictor p = predictor(g);
        const Delivery club = p.shot(recipeOf(cases)).swing.delivery;
        const Truth t = draw.truth();
        Delivery read = club;
        read.clubSpeed_mps *= 1.0 + unknowns::readSpeed * draw.normal();
        read.attack_rad += t.attackBias_rad + unknowns::readAngle_rad * draw.normal();
        read.path_rad += unknowns::readAngle_rad * draw.normal();
        read.faceAngle_rad += unknowns::readAngle_rad * draw.normal();
        read.dynamicLoft_rad += t.loftBias_rad + unknowns::readLoft_rad * draw.normal();
        try {
            const ShotResult said = p.shotFrom(read);
            const ShotResult was = played(t, said.contact, p.surroundings(), club);
            const auto run = p.runBand(said, SpreadSource::measured());
            ASSERT_TRUE(run);
            held.count(was, said, p.spread(said, SpreadSource::measured()), *run);
        } catch (const RangeError&) {
            continue;  // a truth that the laws do not cover
        }
    }
    EXPECT_GT(held.all, players * 9 / 10);
    held.expectStated();
}

TEST(Unknowns, SwingsAreHeldAsOftenAsStated) {
    Draw draw(11);
    test::RandomCases cases(13);
    Held held;
    const PlayerScatter scatter;
    for (int i = 0; i < players; ++i) {
        const test::Scene g = sceneOf(cases);
        const Predictor p = predictor(g);
        const Truth t = draw.truth();
        try {
            const ShotResult said = p.shot(recipeOf(cases));
            Delivery club = said.swing.delivery;
            club.clubSpeed_mps *= 1.0 + scatter.of(Scatter::Speed) * draw.normal();
            club.attack_rad += scatter.of(Scatter::Attack) * draw.normal();
            club.path_rad += scatter.of(Scatter::Path) * draw.normal();
            club.faceAngle_rad += scatter.of(Scatter::Face) * draw.normal();
            club.dynamicLoft_rad += scatter.of(Scatter::Loft) * draw.normal();
            const ShotResult was = played(t, said.contact, p.surroundings(), club);
            const auto run = p.runBand(said, SpreadSource::swings(), 200);
            ASSERT_TRUE(run);
            held.count(was, said, p.spread(said, SpreadSource::swings()), *run);
        } catch (const RangeError&) {
            continue;
        }
    }
    EXPECT_GT(held.all, players * 9 / 10);
    held.expectStated();
}

}  // namespace
}  // namespace wedgeon
