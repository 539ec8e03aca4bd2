// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// The batch gives what the single shot gives.
#include "wedgeon/batch/batch.h"

#include <gtest/gtest.h>

#include "batch/columns.h"
#include "random_cases.h"
#include "wedgeon/error.h"

namespace wedgeon {
namespace {

using test::predictor;
using test::Scene;
struct Case {
    Recipe recipe;
    Scene scene;
};

std::vector<Case> randomCases(int n, unsigned seed) {
    test::RandomCases random(seed);
    std::vector<Case> out;
    for (int i = 0; i < n; ++i) {
        Case c{random.recipe(), random.scene()};
        c.recipe.bodyLine_rad = random.degrees(-10, 5);
        c.recipe.swingAlong = random.pick<SwingAlong>(3);
        c.recipe.weightBy = random.pick<WeightBy>(2);
        c.recipe.standFarther_m = random.between(-0.05, 0.08);
        c.recipe.handleRaised_m = random.between(-0.02, 0.05);
        c.recipe.gripDown_m = random.between(0, 0.08);
        c.scene.hand = random.pick<Hand>(2);
        if (i % 3 == 0) c.scene.air.windAhead_mps = c.scene.air.windRight_mps = 0;
        if (i % 4 == 0) c.scene.ground.slopeAlong = c.scene.ground.slopeAcross = 0;
        out.push_back(c);
    }
    return out;
}

TEST(Batch, AgreesWithTheSingleShot) {
    const auto cases = randomCases(3001, 81);
    ShotBatch batch;
    for (const Case& c : cases)
        EXPECT_TRUE(batch.add(c.recipe, predictor(c.scene)));
    const BatchResult r = calcBatch(batch, 2);
    int compared = 0;
    for (std::size_t i = 0; i < cases.size(); ++i) {
        try {
            const ShotResult s = predictor(cases[i].scene).shot(cases[i].recipe);
            ASSERT_TRUE(r.valid[i]) << i;
            for (const OutcomeInfo& o : outcomes()) {
                const double want = valueOf(s, o.outcome);
                EXPECT_NEAR(r(o.outcome, i), want, 1e-7 * (1 + std::abs(want)))
                    << o.key << " of " << i;
            }
            EXPECT_EQ(r(Extra::Contacts, i), s.run.contacts);
            EXPECT_NEAR(r(Extra::GripRatio, i), s.strike.gripRatio, 1e-9);
            EXPECT_NEAR(r(Extra::FirstForward, i), s.run.bounces[0].velocityAfter_mps.x, 1e-6);
            EXPECT_EQ(r.behaviour(i).behaviour, s.behaviour.behaviour) << i;
            EXPECT_EQ(r.behaviour(i).bitingBounce, s.behaviour.bitingBounce) << i;
            ++compared;
        } catch (const RangeError&) {
            EXPECT_FALSE(r.valid[i]) << i;
            EXPECT_TRUE(std::isnan(r(Outcome::Carry, i)));
        }
    }
    EXPECT_GT(compared, 2500);
}

TEST(Batch, EveryInstructionSetOfThisMachineAgrees) {
    const auto cases = randomCases(64, 82);
    ShotBatch batch;
    for (const Case& c : cases)
        EXPECT_TRUE(batch.add(c.recipe, predictor(c.scene)));
    const BatchResult best = calcBatch(batch);
    std::array<std::vector<double>, batch::outCount> columns;
    std::array<double*, batch::outCount> out{};
    std::array<const double*, ShotBatch::columnCount> in{};
    for (std::size_t c = 0; c < out.size(); ++c) {
        columns[c].resize(64);
        out[c] = columns[c].data();
    }
    for (std::size_t c = 0; c < in.size(); ++c)
        in[c] = batch.columns()[c].data();
    std::vector<batch::Play> plays{batch::playBaseline};
#if defined(__x86_64__)
    if (__builtin_cpu_supports("avx2") && __builtin_cpu_supports("fma"))
        plays.push_back(batch::playAvx2);
#endif
    for (const batch::Play play : plays) {
        play({in.data(), out.data(), nullptr}, 0, 64);
        for (std::size_t i = 0; i < 64; ++i) {
            if (!best.valid[i]) continue;
            const double want = best(Outcome::Total, i);
            EXPECT_NEAR(columns[static_cast<std::size_t>(Outcome::Total)][i], want,
                        1e-7 * (1 + std::abs(want)));
        }
    }
}

TEST(Batch, StartsFromDeliveriesWithMishitsToo) {
    test::RandomCases random(84);
    ShotBatch batch;
    struct Struck {
        Delivery delivery;
        Contact contact;
        StrikeLaw law;
        Surroundings around;
    };
    std::vector<Struck> all;
    for (int i = 0; i < 500; ++i) {
        Struck s{random.delivery(), {}, {}, {}};
        s.contact.friction = random.between(0.08, 0.45);
        s.contact.headShare = random.between(0.3, 1.0);
        s.contact.speedKept = random.between(0.3, 1.0);
        s.contact.tangentialSlope_spm = random.between(0.004, 0.014);
        s.law.restitution0 = random.between(0.85, 0.9);
        if (i % 3 == 0) s.delivery.dynamicLoft_rad = random.degrees(-5, 20);  // thin
        s.around = {random.scene().air, random.scene().ground, nullptr};
        all.push_back(s);
    }
    batch.resize(all.size());
    for (std::size_t i = 0; i < all.size(); ++i)
        batch.set(i, all[i].delivery, all[i].contact, all[i].law, all[i].around.air,
                  all[i].around.ground);
    const BatchResult r = calcBatch(batch);
    int compared = 0;
    for (std::size_t i = 0; i < all.size(); ++i) {
        try {
            const ShotResult s =
                calcShotWith(all[i].delivery, all[i].contact, all[i].around, all[i].law);
            ASSERT_TRUE(r.valid[i]) << i;
            for (const OutcomeInfo& o : outcomes()) {
                const double want = valueOf(s, o.outcome);
                EXPECT_NEAR(r(o.outcome, i), want, 1e-7 * (1 + std::abs(want)))
                    << o.key << " of " << i;
            }
            ++compared;
        } catch (const RangeError& e) {
            EXPECT_FALSE(r.valid[i]) << i << ": " << e.what();
        }
    }
    EXPECT_GT(compared, 400);
}

Line randomLine(test::RandomCases& random) {
    Line line;
    // Neighbours of another slope across leave a step beside the line, where the last bit decides.
    const double across = random.between(-0.03, 0.03);
    const int zones = 1 + static_cast<int>(random.between(0, 6.99));
    for (int k = 0; k < zones; ++k) {
        Zone z = Zone::of(random.pick<ZoneKind>(6), random.between(0.5, 25));
        if (k + 1 == zones && z.kind == ZoneKind::Water) z = Zone::of(ZoneKind::Green, 20);
        z.slopeAlong = random.between(-0.2, 0.2);
        z.slopeAcross = across;
        line.zones.push_back(z);
    }
    const int obstacles = static_cast<int>(random.between(0, 3.99));
    for (int k = 0; k < obstacles; ++k) {
        const double height = random.between(0, 6);
        line.obstacles.push_back(
            {random.between(0.0, 40), height, "", k == 1 ? 0.5 * height : 0.0});
    }
    return line;
}

TEST(Batch, AgreesWithTheSingleShotOverALine) {
    test::RandomCases random(85);
    int compared = 0, blocked = 0, wet = 0, left = 0, rough = 0;
    for (int n = 0; n < 60; ++n) {
        Scene scene = random.scene();
        if (n % 3 == 0) scene.air.windAhead_mps = scene.air.windRight_mps = 0;
        scene.line = randomLine(random);
        const Predictor over = predictor(scene);
        ShotBatch batch(over.surroundings().terrain);
        struct Struck {
            Delivery delivery;
            double firmer, rougher, faster;
        };
        std::vector<Struck> all;
        Contact contact = over.contact();
        batch.resize(45);
        for (std::size_t i = 0; i < 45; ++i) {
            all.push_back({random.delivery(), random.between(0.8, 1.2), random.between(0.8, 1.2),
                           random.between(0.8, 1.2)});
            if (i % 4 == 0) all[i].delivery.dynamicLoft_rad = random.degrees(-5, 20);
            batch.setOver(i, all[i].delivery, contact, {}, scene.air, all[i].firmer, all[i].rougher,
                          all[i].faster);
        }
        const BatchResult r = calcBatch(batch, 2);
        for (std::size_t i = 0; i < all.size(); ++i) {
            Surroundings around = over.surroundings();
            around.terrain = std::make_shared<const Terrain>(
                over.surroundings().terrain->scaled(all[i].firmer, all[i].rougher, all[i].faster));
            try {
                const ShotResult s = calcShotWith(all[i].delivery, contact, around);
                ASSERT_TRUE(r.valid[i]) << n << ' ' << i;
                for (const OutcomeInfo& o : outcomes()) {
                    const double want = valueOf(s, o.outcome);
                    // What creeps down a slope for minutes, step by step, adds up its last bits.
                    const double bound = s.run.ranAway ? 0.1 : 1e-5 * (1 + std::abs(want));
                    // A hop that ends where a border is takes another number of steps.
                    const bool near = std::abs(r(o.outcome, i) - want) <= bound;
                    rough += near ? 0 : 1;
                    EXPECT_NEAR(r(o.outcome, i), want, near ? bound : 1e-3)
                        << o.key << " of " << n << ' ' << i;
                }
                EXPECT_EQ(r(Extra::Contacts, i), s.run.contacts) << n << ' ' << i;
                EXPECT_EQ(r(Extra::Zone, i), static_cast<double>(s.run.zone)) << n << ' ' << i;
                EXPECT_EQ(r(Extra::InWater, i) > 0.5, s.run.inWater) << n << ' ' << i;
                EXPECT_EQ(r(Extra::BlockedBy, i), s.blockedBy) << n << ' ' << i;
                if (std::isfinite(s.leastClearance_m)) {
                    EXPECT_NEAR(r(Extra::LeastClearance, i), s.leastClearance_m, 1e-6);
                }
                EXPECT_EQ(r.behaviour(i).behaviour, s.behaviour.behaviour) << n << ' ' << i;
                ++compared;
                blocked += s.blockedBy >= 0;
                wet += s.run.inWater;
                left += s.run.zone != over.surroundings().terrain->planeAt(s.flight.landing_m.x);
            } catch (const RangeError& e) {
                EXPECT_FALSE(r.valid[i]) << n << ' ' << i << ": " << e.what();
            }
        }
    }
    EXPECT_GT(compared, 2000);
    EXPECT_LT(rough, compared / 200);
    EXPECT_GT(blocked, 100);
    EXPECT_GT(wet, 100);
    EXPECT_GT(left, 100);
}

TEST(Batch, RefusesAPredictionOverAnotherLine) {
    test::RandomCases random(86);
    Scene scene = test::pitch();
    scene.line = randomLine(random);
    const Predictor over = predictor(scene);
    ShotBatch plain, same(over.surroundings().terrain);
    EXPECT_FALSE(plain.add({}, over));
    EXPECT_EQ(plain.size(), 0u);
    EXPECT_TRUE(same.add({}, over));
    EXPECT_FALSE(same.add({}, predictor(test::pitch())));
    EXPECT_NEAR(calcBatch(same)(Outcome::Total, 0), over.shot({}).total_m(), 1e-6);
}

TEST(Batch, AFlightShorterThanTheFirstStepLandsWhereItLands) {
    // In vacuum it would be 2 v sin v cos/g; a step of the air takes little of so short a way.
    struct Short {
        double speed_mps, launch_deg;
    };
    for (const Short& s :
         {Short{1.65, 54}, Short{15, 1}, Short{15, 2}, Short{15, 3}, Short{5, 8}}) {
        const double a = radFromDeg(s.launch_deg);
        const FlightResult f =
            calcFlight(launchFromAngles(s.speed_mps, a, 0, radpsFromRpm(100), 0), {});
        const double time_s = 2 * s.speed_mps * std::sin(a) / constants::gravity_mps2;
        const double vacuum_m = time_s * s.speed_mps * std::cos(a);
        EXPECT_NEAR(f.carry_m, vacuum_m, 0.06 * vacuum_m) << s.speed_mps << ' ' << s.launch_deg;
        EXPECT_NEAR(f.landingAngle_rad(), a, 0.06 * a + 0.01) << s.speed_mps << ' ' << s.launch_deg;
    }
    // A chip at walking pace, singly and in a batch.
    Scene g = test::pitch();
    Recipe r;
    r.clubSpeed_mps = 1.6;
    const ShotResult single = predictor(g).shot(r);
    EXPECT_GT(single.flight.carry_m, 0.1);
    ShotBatch batch;
    EXPECT_TRUE(batch.add(r, predictor(g)));
    const BatchResult b = calcBatch(batch);
    ASSERT_TRUE(b.valid[0]);
    EXPECT_NEAR(b(Outcome::Carry, 0), single.flight.carry_m, 1e-7);
}

TEST(Batch, AnyNumberOfShotsWorks) {
    EXPECT_EQ(calcBatch({}).valid.size(), 0u);
    for (const int n : {1, 15, 16, 17}) {
        ShotBatch batch;
        for (const Case& c : randomCases(n, 83))
            EXPECT_TRUE(batch.add(c.recipe, predictor(c.scene)));
        EXPECT_EQ(calcBatch(batch).valid.size(), static_cast<std::size_t>(n));
    }
}

TEST(Batch, RefusesWhatTheSingleShotRefuses) {
    ShotBatch batch;
    Recipe r;
    r.clubSpeed_mps = 900;
    Scene g;
    g.wedge = {radFromDeg(56), radFromDeg(64), radFromDeg(10)};
    EXPECT_THROW((void)batch.add(r, predictor(g)), RangeError);
    EXPECT_EQ(batch.size(), 0u);
    EXPECT_FALSE(batchInstructionSet().empty());
}

}  // namespace
}  // namespace wedgeon
