// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// The strike's fit: truths that it finds, intervals that hold what they say, misreads, refusals.
#include "wedgeon/tune/tune.h"

#include <gtest/gtest.h>

#include <chrono>
#include <cmath>
#include <random>

#include "checked.h"
#include "random_cases.h"
#include "wedgeon/batch/batch.h"
#include "wedgeon/shot/spread.h"

namespace wedgeon {
namespace {

using test::predictor;
using test::Scene;
using Kind = TuneEstimate::Kind;

/// A player and device whose truth is known.
struct Truth {
    double restitution0 = constants::restitution0;
    double loftBias_rad = 0.0, attackBias_rad = 0.0, logFriction = 0.0;
    std::array<double, 3> groupLog{};
    double tangential = 0.0;
};

struct Group {
    BallKind ball;
    FaceCondition face;
    const char* lie;
};
constexpr std::array groups{Group{BallKind::Soft, FaceCondition::FreshDry, "short-dry"},
                            Group{BallKind::Soft, FaceCondition::FreshWet, "short-damp"},
                            Group{BallKind::Range, FaceCondition::WornDry, "short-dry"}};

class Range {
public:
    explicit Range(unsigned seed) : random_(seed) {}

    double normal(double sd) { return sd * normal_(random_); }
    double uniform(double low, double high) {
        return std::uniform_real_distribution<double>(low, high)(random_);
    }
    /// Drawn from the priors of the fit.
    Truth truth() {
        Truth t;
        t.restitution0 += normal(0.02);
        t.loftBias_rad = normal(radFromDeg(1.5));
        t.attackBias_rad = normal(radFromDeg(1.5));
        t.logFriction = normal(0.2);
        for (double& g : t.groupLog)
            g = normal(0.08);
        t.tangential = normal(0.06);
        return t;
    }
    TuneShot shot(const Truth& truth, std::size_t group) {
        const Group& g = groups[group];
        TuneShot s;
        s.conditions = test::pitch();
        s.conditions.ball = g.ball;
        s.conditions.face = g.face;
        s.conditions.lie = findLie(g.lie)->lie;
        const Delivery d{uniform(9, 32), radFromDeg(uniform(-9, 0)), radFromDeg(normal(2)),
                         radFromDeg(uniform(34, 58)), radFromDeg(normal(2))};
        Contact contact = calcContact(g.ball, g.face, s.conditions.lie);
        contact.speedKept = 1.0;
        contact.friction *= std::exp(truth.logFriction + truth.groupLog[group]);
        contact.tangentialRestitution += truth.tangential;
        const ShotResult hit = calcShotWith(d, contact, predictor(s.conditions).surroundings(),
                                            {.restitution0 = truth.restitution0});
        const Launch& launch = hit.strike.launch;
        // Read with error, as launch monitors do.
        s.read = {d.clubSpeed_mps * (1 + normal(0.005)),
                  d.attack_rad + truth.attackBias_rad + normal(radFromDeg(0.7)),
                  d.path_rad + normal(radFromDeg(0.7)),
                  d.dynamicLoft_rad + truth.loftBias_rad + normal(radFromDeg(0.8)),
                  d.faceAngle_rad + normal(radFromDeg(0.7))};
        s.ballSpeed_mps = launch.speed_mps() * (1 + normal(0.005));
        s.launch_rad = launch.angle_rad() + normal(radFromDeg(0.3));
        s.spin_radps = launch.spinRate_radps() * (1 + normal(0.02));
        s.landing_rad = hit.flight.landingAngle_rad() + normal(radFromDeg(0.8));
        s.carry_m = hit.flight.carry_m + normal(0.5);
        s.release_m = hit.run.release_m + normal(0.4);
        return s;
    }
    std::vector<TuneShot> shots(const Truth& truth, std::size_t n) {
        std::vector<TuneShot> out;
        for (std::size_t i = 0; i < n; ++i) {
            out.push_back(shot(truth, i % groups.size()));
            out.back().session = static_cast<int>(i * 5 / n);
        }
        return out;
    }
    /// A share of gross misreads of the kinds that devices have.
    void spoil(std::vector<TuneShot>& shots, double share) {
        for (TuneShot& s : shots) {
            if (uniform(0, 1) >= share) continue;
            switch (random_() % 3) {
                case 0:
                    s.spin_radps *= uniform(0.2, 0.6);
                    break;
                case 1:
                    s.launch_rad += radFromDeg(uniform(8, 20));
                    break;
                default:
                    s.ballSpeed_mps *= uniform(1.15, 1.5);
            }
        }
    }

private:
    std::mt19937_64 random_;
    std::normal_distribution<double> normal_;
};

const TuneEstimate& find(const TuneResult& fit, Kind kind, std::size_t nth = 0) {
    for (const TuneEstimate& e : fit.estimates) {
        if (e.kind == kind && nth-- == 0) return e;
    }
    throw std::logic_error("no such estimate");
}

double trueFriction(const Truth& t, std::size_t group) {
    const Group& g = groups[group];
    return calcContact(g.ball, g.face, findLie(g.lie)->lie).friction *
           std::exp(t.logFriction + t.groupLog[group]);
}

TEST(Tune, IntervalsHoldTheTruthAsOftenAsTheySay) {
    constexpr int repetitions = test::times(400, 20);
    constexpr double slack = test::checked ? 0.15 : 0.0;
    Range range(11);
    TuneOptions alone;
    alone.threads = 1;
    std::array<int, 4> held{};
    for (int r = 0; r < repetitions; ++r) {
        const Truth truth = range.truth();
        const TuneResult fit = fitStrike(range.shots(truth, 60), alone);
        ASSERT_FALSE(fit.refused);
        const auto holds = [](const TuneEstimate& e, double value) {
            return value >= e.low80 && value <= e.high80 ? 1 : 0;
        };
        held[0] += holds(find(fit, Kind::Restitution0), truth.restitution0);
        held[1] += holds(find(fit, Kind::LoftBias), truth.loftBias_rad);
        held[2] += holds(find(fit, Kind::AttackBias), truth.attackBias_rad);
        held[3] += holds(find(fit, Kind::Friction, 1), trueFriction(truth, 1));
    }
    for (std::size_t k = 0; k < held.size(); ++k) {
        EXPECT_GE(held[k], (0.75 - slack) * repetitions) << k;
        EXPECT_LE(held[k], (0.85 + slack) * repetitions) << k;
    }
}

TEST(Tune, GrossMisreadsMoveNothingByMoreThanItsInterval) {
    constexpr int repetitions = test::times(20, 4);
    Range range(12);
    for (int r = 0; r < repetitions; ++r) {
        const Truth truth = range.truth();
        auto shots = range.shots(truth, 120);
        const TuneResult clean = fitStrike(shots);
        range.spoil(shots, 0.15);
        const TuneResult spoilt = fitStrike(shots);
        ASSERT_FALSE(spoilt.refused);
        EXPECT_GT(spoilt.downWeighted, 5u);
        for (std::size_t k = 0; k < clean.estimates.size(); ++k) {
            const TuneEstimate& a = clean.estimates[k];
            const TuneEstimate& b = spoilt.estimates[k];
            EXPECT_LT(std::abs(b.value - a.value), a.high80 - a.low80) << k;
        }
    }
}

TEST(Tune, AGroupWithFewShotsLeansOnTheOthers) {
    Range range(13);
    Truth truth;
    truth.logFriction = std::log(1.3);
    std::vector<TuneShot> shots;
    for (int i = 0; i < 60; ++i)
        shots.push_back(range.shot(truth, 1));
    shots.push_back(range.shot(truth, 2));
    const TuneResult fit = fitStrike(shots);
    const TuneEstimate& few = find(fit, Kind::Friction, 1);
    EXPECT_EQ(few.shots, 1u);
    EXPECT_GT(few.value, 1.12 * few.prior) << "the player's other group says so";
    const TuneEstimate& many = find(fit, Kind::Friction, 0);
    EXPECT_GT(few.high80 / few.low80, many.high80 / many.low80);
    EXPECT_NEAR(fit.signature.factor, 1.3, 0.12);
}

TEST(Tune, WhatNoShotTellsIsSaid) {
    // Slow, lofted by little: the ball never slips on a fresh, dry face.
    Range range(14);
    std::vector<TuneShot> shots;
    for (int i = 0; i < 40; ++i) {
        TuneShot s = range.shot({}, 0);
        const Delivery gripping{20 + 0.1 * i, radFromDeg(-2), 0, radFromDeg(28), 0};
        const ShotResult hit =
            calcShotWith(gripping, calcContact(BallKind::Soft, {}, s.conditions.lie),
                         predictor(s.conditions).surroundings());
        ASSERT_LT(hit.strike.gripRatio, 0.9);
        s.read = gripping;
        s.ballSpeed_mps = hit.strike.launch.speed_mps() * (1 + range.normal(0.008));
        s.launch_rad = hit.strike.launch.angle_rad() + range.normal(0.01);
        s.spin_radps = hit.strike.launch.spinRate_radps() * (1 + range.normal(0.03));
        shots.push_back(s);
    }
    const TuneResult fit = fitStrike(shots);
    EXPECT_FALSE(find(fit, Kind::Friction).identified);
    bool said = false;
    for (const FitRemark& note : fit.notes)
        said = said || note.kind == FitRemark::Kind::NeverSlipped;
    EXPECT_TRUE(said);
}

TEST(Tune, SuggestedShotsTellMoreThanRandomOnes) {
    Range range(15);
    double suggested = 0.0, random = 0.0;
    const auto width = [](const TuneResult& fit) {
        double sum = 0.0;
        for (const TuneEstimate& e : fit.estimates)
            sum += std::pow((e.high80 - e.low80) / (e.priorHigh80 - e.priorLow80), 2);
        return sum;
    };
    for (int r = 0; r < 12; ++r) {
        const Truth truth = range.truth();
        auto shots = range.shots(truth, 24);
        const TuneResult fit = fitStrike(shots);
        const auto next = findNextShots(shots, fit, 12).shots;
        ASSERT_FALSE(next.empty());
        // What the model says of the suggested shots, with the device's noise.
        auto with = shots;
        auto other = shots;
        std::size_t added = 0;
        double gained = 0.0;
        for (const NextShot& n : next)
            gained += n.gain;
        EXPECT_LE(gained, 1.0) << "a share of what is not known";
        for (const NextShot& n : next) {
            EXPECT_GT(n.gain, 0.0);
            for (std::size_t k = 0; k < n.times; ++k, ++added) {
                std::size_t g = 0;
                while (groups[g].ball != n.group.ball || groups[g].face != n.group.face)
                    ++g;
                TuneShot s = range.shot(truth, g);
                Delivery d = n.delivery;
                d.attack_rad -= truth.attackBias_rad;
                d.dynamicLoft_rad -= truth.loftBias_rad;
                Contact contact = calcContact(n.group.ball, n.group.face, n.group.lie);
                contact.speedKept = 1.0;
                contact.friction *= std::exp(truth.logFriction + truth.groupLog[g]);
                contact.tangentialRestitution += truth.tangential;
                const auto hit = calcShotWith(d, contact, predictor(s.conditions).surroundings(),
                                              {.restitution0 = truth.restitution0});
                s.read = n.delivery;
                s.ballSpeed_mps = hit.strike.launch.speed_mps() * (1 + range.normal(0.008));
                s.launch_rad = hit.strike.launch.angle_rad() + range.normal(radFromDeg(0.6));
                s.spin_radps = hit.strike.launch.spinRate_radps() * (1 + range.normal(0.03));
                with.push_back(s);
                other.push_back(range.shot(truth, added % groups.size()));
            }
        }
        EXPECT_EQ(added, 12u);
        suggested += width(fitStrike(with));
        random += width(fitStrike(other));
    }
    EXPECT_LT(suggested, random);
}

TEST(Tune, LeftOutSessionsArePredictedBetterThanByPriorAndRegression) {
    Range range(16);
    Truth truth;
    truth.logFriction = std::log(1.25);
    truth.loftBias_rad = radFromDeg(1.5);
    truth.attackBias_rad = radFromDeg(-1);
    const auto check = checkLeftOut(range.shots(truth, 150));
    EXPECT_EQ(check.folds, 5u);
    for (std::size_t o = 0; o < tuneOutcomeCount; ++o) {
        const auto& line = check.lines[o];
        EXPECT_EQ(line.shots + line.misreads, 150u);
        EXPECT_LE(line.misreads, 5u);
        EXPECT_LT(line.tuned.mean, line.prior.mean) << o;
        EXPECT_LT(line.tuned.mean, 1.1 * line.rival.mean) << o;
        EXPECT_LT(line.tuned.median, line.prior.median) << o;
        EXPECT_NEAR(line.coverage80, 0.8, 0.1) << o;
    }
}

TEST(Tune, TheGroundOfADayIsFoundFromItsRuns) {
    Range range(19);
    for (const double firmness : {0.85, 1.2}) {
        std::vector<TuneShot> shots;
        for (int i = 0; i < 150; ++i) {
            TuneShot s = range.shot({}, static_cast<std::size_t>(i) % groups.size());
            Scene there{s.conditions, {}, {}};
            there.ground.firmness *= firmness;
            TuneShot same = s;
            same.conditions = there;
            const ShotResult hit = calcTunedShot(same, {});
            s.release_m = hit.run.release_m + range.normal(0.3);
            shots.push_back(s);
        }
        const TuneResult strike = fitStrike(shots);
        const GroundFit fit = fitGround(shots, strike);
        ASSERT_EQ(fit.estimates.size(), 3u);
        // Firmness, friction and green speed are told apart only in part; what they do is not.
        Tuning plain;
        plain.strike = strike.tuning;
        Tuning tuned = plain;
        tuned.ground = fit.tuning;
        double error = 0.0;
        double priorError = 0.0;
        for (const TuneShot& s : shots) {
            error += std::abs(calcTunedShot(s, tuned).run.release_m - s.release_m);
            priorError += std::abs(calcTunedShot(s, plain).run.release_m - s.release_m);
        }
        EXPECT_LT(error, 0.9 * priorError) << firmness;
        EXPECT_GT((fit.tuning.firmness - 1) * (firmness - 1), 0.0);
    }
    EXPECT_TRUE(fitGround({}, TuneResult{}).estimates.empty());
}

TEST(Tune, PredictionsEverywhereUseTheTuningAndItsSpread) {
    test::RandomCases random(20);
    for (int k = 0; k < 30; ++k) {
        auto whole = std::make_shared<Tuning>();
        StrikeTuning* tuning = &whole->strike;
        tuning->logFriction = std::log(1.2);
        tuning->loftBias_rad = radFromDeg(1.5);
        tuning->tangentialRestitution = {0.02, 0.01, -0.02};
        tuning->restitution0 = constants::restitution0 + 0.01;
        tuning->frictionSd = 0.02;
        tuning->tangentialSd = {0.01, 0.01, 0.01};
        tuning->restitution0Sd = 0.003;
        Scene prior = test::pitch();
        Scene tuned = prior;
        tuned.tuning = whole;
        const Delivery read{random.between(12, 30), radFromDeg(-4), 0, random.degrees(40, 55), 0};
        const ShotResult shot = predictor(tuned).shotFrom(read);
        TuneShot same;
        same.read = read;
        same.conditions = prior;
        const ShotResult direct = calcTunedShot(same, *whole);
        EXPECT_NEAR(shot.strike.launch.spinRate_radps(), direct.strike.launch.spinRate_radps(),
                    2e-3 * direct.strike.launch.spinRate_radps());
        EXPECT_NEAR(shot.flight.carry_m, direct.flight.carry_m, 5e-3 * direct.flight.carry_m);
        EXPECT_NEAR(shot.swing.delivery.dynamicLoft_rad, read.dynamicLoft_rad - radFromDeg(1.5),
                    1e-12);
        const Spread narrow = predictor(tuned).spread(shot, SpreadSource::measured());
        const Spread wide =
            predictor(prior).spread(predictor(prior).shotFrom(read), SpreadSource::measured());
        EXPECT_LT(narrow.spinRate_radps, wide.spinRate_radps);

        // One at a time, in a batch and simulated.
        const Recipe recipe = random.recipe();
        const ShotResult one = predictor(tuned).shot(recipe);
        ShotBatch batch;
        EXPECT_TRUE(batch.add(recipe, predictor(tuned)));
        EXPECT_NEAR(calcBatch(batch)(Outcome::Carry, 0), one.flight.carry_m, 1e-3);
        EXPECT_NE(one.strike.launch.spinRate_radps(),
                  predictor(prior).shot(recipe).strike.launch.spinRate_radps());
        // Nothing known is the prior to the last bit.
        Scene nothing = prior;
        nothing.tuning = std::make_shared<Tuning>();
        EXPECT_EQ(predictor(nothing).shot(recipe).flight.carry_m,
                  predictor(prior).shot(recipe).flight.carry_m);
    }
}

TEST(Tune, TheIntervalsAgreeWithTheBootstrap) {
    Range range(21);
    const Truth truth = range.truth();
    const auto shots = range.shots(truth, 150);
    const TuneResult fit = fitStrike(shots);
    std::mt19937_64 random(3);
    std::uniform_int_distribution<std::size_t> pick(0, shots.size() - 1);
    constexpr int repetitions = test::times(150, 8);
    constexpr double within = test::checked ? 1.0 : 0.4;
    std::vector<std::vector<double>> values(fit.estimates.size());
    for (int r = 0; r < repetitions; ++r) {
        std::vector<TuneShot> again;
        // By groups, as the data were collected.
        for (std::size_t i = 0; i < shots.size(); ++i) {
            std::size_t k = pick(random);
            while (k % groups.size() != i % groups.size())
                k = pick(random);
            again.push_back(shots[k]);
        }
        const TuneResult refit = fitStrike(again);
        ASSERT_EQ(refit.estimates.size(), fit.estimates.size());
        for (std::size_t e = 0; e < values.size(); ++e)
            values[e].push_back(refit.estimates[e].value);
    }
    int judged = 0;
    for (std::size_t e = 0; e < values.size(); ++e) {
        // Where the prior has a say the interval holds its part too, which no resampling shows.
        const TuneEstimate& its = fit.estimates[e];
        if (its.high80 - its.low80 > 0.4 * (its.priorHigh80 - its.priorLow80)) continue;
        ++judged;
        double mean = 0.0;
        for (const double v : values[e])
            mean += v / repetitions;
        double variance = 0.0;
        for (const double v : values[e])
            variance += (v - mean) * (v - mean) / (repetitions - 1);
        const double half = 0.5 * (fit.estimates[e].high80 - fit.estimates[e].low80) / 1.2816;
        EXPECT_NEAR(std::sqrt(variance) / half, 1.0, within) << e;
    }
    EXPECT_GE(judged, 3);
}

TEST(Tune, AGroupKnowsItsFrictionAsWellAsItsOwnShotsTellIt) {
    const TuneGroup own{BallKind::Soft, FaceCondition::FreshDry, findLie("short-dry")->lie};
    const TuneGroup untold{BallKind::Range, FaceCondition::FreshDry, own.lie};
    StrikeTuning t;
    t.frictionSd = 0.3;
    t.groups = {{own, 0.1, 0.04}, {untold, 0.0, 0.0}};
    EXPECT_EQ(t.frictionSdOf(own), 0.04);
    EXPECT_EQ(t.frictionSdOf(untold), 0.3) << "as little as of any group";
}

std::optional<FitRemark::Kind> refusal(const TuneResult& fit) {
    return fit.refused ? std::optional(fit.refused->kind) : std::nullopt;
}

TEST(Tune, BadDataIsRefusedWithAReasonOrUsedAsFarAsItGoes) {
    Range range(17);
    const Truth truth = range.truth();
    EXPECT_EQ(refusal(fitStrike(range.shots(truth, 3))), FitRemark::Kind::TooFew);
    EXPECT_EQ(refusal(fitStrike({})), FitRemark::Kind::TooFew);

    auto mph = range.shots(truth, 40);
    for (TuneShot& s : mph)
        s.ballSpeed_mps *= 2.237;
    EXPECT_EQ(refusal(fitStrike(mph)), FitRemark::Kind::BallSpeedOff);

    auto degrees = range.shots(truth, 40);
    for (TuneShot& s : degrees)
        s.spin_radps *= 9.549;
    EXPECT_EQ(refusal(fitStrike(degrees)), FitRemark::Kind::SpinOff);

    auto frozen = range.shots(truth, 40);
    for (TuneShot& s : frozen)
        s.spin_radps = 600;
    const TuneResult withoutSpin = fitStrike(frozen);
    EXPECT_FALSE(withoutSpin.refused);
    EXPECT_EQ(withoutSpin.notes.at(0).kind, FitRemark::Kind::FrozenSpin);

    auto oneSpeed = range.shots(truth, 40);
    for (TuneShot& s : oneSpeed)
        s.read.clubSpeed_mps = 20;  // whatever it was: readings that do not go together
    const TuneResult mixed = fitStrike(oneSpeed);
    if (!mixed.refused) {
        EXPECT_GT(mixed.speedNoise, 0.05) << "it must not look certain";
    }

    auto misread = range.shots(truth, 100);
    range.spoil(misread, 0.30);
    const TuneResult robust = fitStrike(misread);
    if (!robust.refused) {
        const TuneEstimate& e = find(robust, Kind::LoftBias);
        EXPECT_LT(std::abs(e.value - truth.loftBias_rad), 2.5 * (e.high80 - e.low80));
    }

    std::stop_source stop;
    stop.request_stop();
    TuneOptions options;
    options.stop = stop.get_token();
    EXPECT_EQ(refusal(fitStrike(range.shots(truth, 40), options)), FitRemark::Kind::Stopped);
}

TEST(Tune, NanAndAbsurdShotsHaveNoSay) {
    Range range(18);
    const Truth truth = range.truth();
    auto shots = range.shots(truth, 60);
    const TuneResult before = fitStrike(shots);
    TuneShot absurd = shots[0];
    absurd.read.clubSpeed_mps = std::numeric_limits<double>::quiet_NaN();
    shots.push_back(absurd);
    absurd = shots[0];
    absurd.read.dynamicLoft_rad = radFromDeg(89);
    shots.push_back(absurd);
    absurd = shots[0];
    absurd.ballSpeed_mps = absurd.launch_rad = absurd.spin_radps =
        std::numeric_limits<double>::quiet_NaN();
    shots.push_back(absurd);
    const TuneResult after = fitStrike(shots);
    EXPECT_EQ(after.used, before.used);
    EXPECT_NEAR(after.tuning.loftBias_rad, before.tuning.loftBias_rad, 1e-9);
    EXPECT_EQ(after.weights.back(), 0.0);
}

TEST(Tune, TheSpinSignatureHasAnIntervalOnBothSides) {
    Range range(23);
    Truth truth;
    truth.logFriction = std::log(1.2);
    const TuneResult fit = fitStrike(range.shots(truth, 120));
    const SpinSignature& s = fit.signature;
    EXPECT_LT(s.low80, s.factor);
    EXPECT_GT(s.high80, s.factor);
    // A factor: as far down as up.
    EXPECT_NEAR(s.low80 * s.high80, s.factor * s.factor, 1e-12);
    EXPECT_LT(s.low80, 1.2);
    EXPECT_GT(s.high80, 1.2);
}

TEST(Tune, TheLeftOutCheckAndTheResidualsLeaveOutWhatCannotBePredicted) {
    Range range(24);
    auto shots = range.shots({}, 100);
    constexpr double none = std::numeric_limits<double>::quiet_NaN();
    for (std::size_t i = 0; i < 10; ++i)
        shots[3 + 9 * i].spin_radps = none;
    // No strike at all: neither fitted nor predicted.
    shots[40].read.dynamicLoft_rad = radFromDeg(89);
    shots[60].read.clubSpeed_mps = none;
    const auto check = checkLeftOut(shots);
    const auto of = [&](TuneOutcome o) {
        const auto& line = check.lines[static_cast<std::size_t>(o)];
        return line.shots + line.misreads;
    };
    EXPECT_EQ(of(TuneOutcome::Launch), 98u);
    EXPECT_EQ(of(TuneOutcome::Spin), 88u);
    EXPECT_EQ(of(TuneOutcome::Carry), 98u);
    const PlayerFit fit = fitPlayer(shots);
    const TuneResiduals r = findResiduals(shots, fit);
    EXPECT_EQ(r.shots.size(), static_cast<std::size_t>(std::count_if(
                                  fit.strike.weights.begin(), fit.strike.weights.end(),
                                  [](double w) { return w > 0; })));
    EXPECT_GT(r.shots.size(), 80u);
    for (const std::size_t i : r.shots)
        EXPECT_TRUE(i != 40 && i != 60 && fit.strike.weights[i] > 0) << i;
    for (std::size_t k = 0; k < r.shots.size(); ++k)
        EXPECT_EQ(r.measured[k][0], shots[r.shots[k]].launch_rad) << k;
}

}  // namespace
}  // namespace wedgeon
