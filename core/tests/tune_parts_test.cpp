// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Air, ground and set-up: truths drawn from the priors, intervals that hold them as often as they
// say; predictions that use them; patterns that are left.
#include <gtest/gtest.h>

#include <array>
#include <cmath>
#include <cstdio>
#include <map>
#include <random>

#include "checked.h"
#include "random_cases.h"
#include "wedgeon/batch/batch.h"
#include "wedgeon/shot/sensitivity.h"
#include "wedgeon/shot/spread.h"
#include "wedgeon/simulate/simulate.h"
#include "wedgeon/tune/findings.h"
#include "wedgeon/tune/tune.h"
#include "wedgeon/unknowns.h"

namespace wedgeon {
namespace {

using test::predictor;
using test::Scene;
using Kind = TuneEstimate::Kind;

constexpr int repetitions = test::times(120, 8);
constexpr double slack = test::checked ? 0.3 : 0.0;

class Coach {
public:
    explicit Coach(unsigned seed) : random_(seed) {}
    double normal(double sd) { return sd * normal_(random_); }
    double uniform(double low, double high) {
        return std::uniform_real_distribution<double>(low, high)(random_);
    }

    /// A player whose every part is drawn from the priors.
    Tuning truth() {
        Tuning t;
        t.air.drag = std::exp(normal(0.06));
        t.air.lift = std::exp(normal(0.10));
        t.ground.firmness = std::exp(normal(0.15));
        t.ground.friction = std::exp(normal(0.15));
        t.ground.greenSpeed = std::exp(normal(0.12));
        t.delivery.open = {normal(radFromDeg(4)), 1 + normal(0.2)};
        t.delivery.lean = {normal(radFromDeg(3)), 1 + normal(0.2)};
        t.delivery.ball = {normal(0.015), 1 + normal(0.2)};
        return t;
    }
    GroundTuning dayOf(const GroundTuning& all) {
        GroundTuning day = all;
        day.firmness *= std::exp(normal(0.10));
        day.greenSpeed *= std::exp(normal(0.08));
        return day;
    }
    Recipe declared() {
        Recipe r;
        r.open_rad = radFromDeg(uniform(-5, 25));
        r.lean_rad = radFromDeg(uniform(-2, 10));
        r.ballForward_m = uniform(-2, 1) * constants::ballWidth_m;
        r.clubSpeed_mps = uniform(14, 28);
        return r;
    }
    /// One shot with the noise of a launch monitor.
    TuneShot shot(const Tuning& truth, const Recipe& meant, int session) {
        TuneShot s;
        s.conditions = test::pitch();
        s.session = session;
        s.declared = meant;
        s.wedge = "56";
        s.swing = "9 to 3";
        Delivery d = calcSwing(s.conditions.wedge, truth.delivery.delivered(meant),
                               predictor(s.conditions).contact().faceTurn_rad)
                         .delivery;
        d.clubSpeed_mps *= 1 + normal(0.02);
        d.attack_rad += normal(radFromDeg(0.9));
        const double steep = normal(steep_rad);
        d.attack_rad -= steep;
        d.dynamicLoft_rad -= steep;
        d.path_rad += normal(radFromDeg(1.0));
        d.dynamicLoft_rad += normal(radFromDeg(1.1));
        d.faceAngle_rad += normal(radFromDeg(1.3));
        s.read = d;
        const ShotResult hit = calcTunedShot(s, truth);
        // Read with error, as launch monitors do.
        s.read.clubSpeed_mps *= 1 + normal(0.005);
        s.read.attack_rad += normal(radFromDeg(0.7));
        s.read.path_rad += normal(radFromDeg(0.7));
        s.read.faceAngle_rad += normal(radFromDeg(0.7));
        s.read.dynamicLoft_rad += normal(radFromDeg(0.8));
        const Launch& launch = hit.strike.launch;
        s.ballSpeed_mps = launch.speed_mps() * (1 + normal(0.004));
        s.launch_rad = launch.angle_rad() + normal(radFromDeg(0.3));
        s.direction_rad = launch.direction_rad();
        s.axis_rad = launch.spinAxis_rad();
        s.spin_radps = launch.spinRate_radps() * (1 + normal(0.015));
        s.landing_rad = hit.flight.landingAngle_rad() + normal(radFromDeg(0.4));
        s.apex_m = hit.flight.apex_m + normal(0.05);
        s.carry_m = hit.flight.carry_m * (1 + normal(0.005));
        s.release_m = hit.run.release_m + normal(0.2);
        return s;
    }
    std::vector<TuneShot> days(const Tuning& truth, int count, int each,
                               std::vector<GroundTuning>* grounds = nullptr) {
        std::vector<TuneShot> out;
        for (int day = 0; day < count; ++day) {
            Tuning today = truth;
            today.ground = dayOf(truth.ground);
            if (grounds) grounds->push_back(today.ground);
            while (static_cast<int>(out.size()) < each * (day + 1)) {
                try {
                    out.push_back(shot(today, declared(), day));
                } catch (const std::exception&) {
                    continue;  // a set-up that reaches no ball
                }
            }
        }
        return out;
    }

    double steep_rad = 0.0;  ///< steeper goes with less loft

private:
    std::mt19937_64 random_;
    std::normal_distribution<double> normal_;
};

double trueValue(const Tuning& t, Kind kind) {
    switch (kind) {
        case Kind::AirDrag:
            return t.air.drag;
        case Kind::AirLift:
            return t.air.lift;
        case Kind::GroundFirmness:
            return t.ground.firmness;
        case Kind::GroundFriction:
            return t.ground.friction;
        case Kind::GreenSpeed:
            return t.ground.greenSpeed;
        case Kind::OpenOffset:
            return t.delivery.open.offset;
        case Kind::OpenFactor:
            return t.delivery.open.factor;
        case Kind::LeanOffset:
            return t.delivery.lean.offset;
        case Kind::LeanFactor:
            return t.delivery.lean.factor;
        case Kind::BallOffset:
            return t.delivery.ball.offset;
        case Kind::BallFactor:
            return t.delivery.ball.factor;
        case Kind::PathOffset:
            return 0.0;
        default:
            return std::nan("");
    }
}

TEST(TuneParts, IntervalsOfAirGroundAndSetUpHoldTheTruthAsOftenAsTheySay) {
    Coach coach(31);
    std::map<Kind, int> held;
    std::map<Kind, double> narrowed;
    for (int r = 0; r < repetitions; ++r) {
        const Tuning truth = coach.truth();
        const auto shots = coach.days(truth, 5, 14);
        TuneOptions alone;
        alone.threads = 1;
        const PlayerFit fit = fitPlayer(shots, alone);
        ASSERT_FALSE(fit.strike.refused);
        for (const auto* part :
             {&fit.air.estimates, &fit.ground.estimates, &fit.delivery.estimates}) {
            ASSERT_FALSE(part->empty());
            for (const TuneEstimate& e : *part) {
                const double v = trueValue(truth, e.kind);
                held[e.kind] += v >= e.low80 && v <= e.high80 ? 1 : 0;
                narrowed[e.kind] += (e.high80 - e.low80) / (e.priorHigh80 - e.priorLow80);
            }
        }
    }
    ASSERT_EQ(held.size(), 12u);
    for (const auto& [kind, n] : held) {
        if (kind == Kind::PathOffset) continue;  // its truth is always the prior's middle
        EXPECT_GE(n, (0.70 - slack) * repetitions) << static_cast<int>(kind);
        EXPECT_LE(n, (0.94 + slack) * repetitions) << static_cast<int>(kind);
        EXPECT_LT(narrowed[kind], 0.9 * repetitions) << static_cast<int>(kind);
    }
}

TEST(TuneParts, ADayIsPredictedBestWithItsOwnGround) {
    Coach coach(32);
    double own = 0.0;
    double common = 0.0;
    double prior = 0.0;
    for (int r = 0; r < 10; ++r) {
        const Tuning truth = coach.truth();
        std::vector<GroundTuning> grounds;
        const auto shots = coach.days(truth, 5, 25, &grounds);
        const PlayerFit fit = fitPlayer(shots);
        ASSERT_EQ(fit.ground.days.size(), 5u);
        for (const GroundFit::Day& d : fit.ground.days) {
            EXPECT_LE(d.runs, 25u);
            EXPECT_GT(d.runs, 19u) << "misreads have no say";
            // New runs of the same day, as the truth has them.
            for (int k = 0; k < 20; ++k) {
                Tuning today = truth;
                today.ground = grounds[static_cast<std::size_t>(d.session)];
                TuneShot s = shots[static_cast<std::size_t>(k)];
                const double run = calcTunedShot(s, today).run.release_m;
                Tuning as = fit.tuning();
                common += std::abs(calcTunedShot(s, as).run.release_m - run);
                as.ground = d.tuning;
                own += std::abs(calcTunedShot(s, as).run.release_m - run);
                as.ground = {};
                prior += std::abs(calcTunedShot(s, as).run.release_m - run);
            }
        }
    }
    EXPECT_LT(own, 0.8 * common);
    EXPECT_LT(common, prior);
}

TEST(TuneParts, TheScatterOfAPlayerIsFound) {
    Coach coach(33);
    const Tuning truth;
    coach.steep_rad = radFromDeg(1.0);
    Recipe meant;
    meant.clubSpeed_mps = 20;
    std::vector<TuneShot> shots;
    for (int i = 0; i < 150; ++i) {
        shots.push_back(coach.shot(truth, meant, 0));
    }
    const PlayerFit fit = fitPlayer(shots);
    ASSERT_TRUE(fit.delivery.tuning.scatter);
    const PlayerScatter& s = *fit.delivery.tuning.scatter;
    EXPECT_NEAR(s.of(Scatter::Speed), 0.02, 0.005);
    // The device's own noise is in it.
    const double attack = std::hypot(0.9, 1.0, 0.7);
    const double loft = std::hypot(1.1, 1.0, 0.8);
    EXPECT_NEAR(degFromRad(s.of(Scatter::Attack)), attack, 0.25);
    EXPECT_NEAR(degFromRad(s.of(Scatter::Path)), std::hypot(1.0, 0.7), 0.25);
    EXPECT_NEAR(degFromRad(s.of(Scatter::Loft)), loft, 0.25);
    EXPECT_NEAR(s.correlation[1][4], 1.0 / (attack * loft), 0.15);
    EXPECT_NEAR(s.correlation[0][2], 0.0, 0.2);
    ASSERT_EQ(fit.delivery.tuning.speeds.size(), 1u);
    EXPECT_NEAR(fit.delivery.tuning.speeds[0].mean_mps, 20, 0.2);
    EXPECT_NEAR(fit.delivery.tuning.speeds[0].sd_mps, 0.4, 0.1);
    // Swings that are all of another kind have no spread, however many they are.
    std::vector<TuneShot> allDifferent = shots;
    for (std::size_t i = 0; i < allDifferent.size(); ++i)
        allDifferent[i].swing = "swing " + std::to_string(i);
    EXPECT_FALSE(fitPlayer(allDifferent).delivery.tuning.scatter);
    // Too little data is no scatter.
    shots.resize(8);
    EXPECT_FALSE(fitPlayer(shots).delivery.tuning.scatter);
}

TEST(TuneParts, WithoutRunsFlightsOrSetUpsThePartsStayPriors) {
    Coach coach(34);
    auto shots = coach.days(coach.truth(), 2, 10);
    for (TuneShot& s : shots) {
        s.declared.reset();
        s.release_m = s.carry_m = s.apex_m = s.landing_rad = std::nan("");
    }
    const PlayerFit fit = fitPlayer(shots);
    EXPECT_FALSE(fit.strike.refused);
    EXPECT_TRUE(fit.air.estimates.empty());
    EXPECT_TRUE(fit.ground.estimates.empty());
    EXPECT_TRUE(fit.delivery.estimates.empty());
    EXPECT_EQ(fit.tuning().air.drag, 1.0);
    EXPECT_EQ(fit.tuning().ground.firmness, 1.0);
    EXPECT_EQ(fit.tuning().delivery.open.factor, 1.0);
}

TEST(TuneParts, StoppedIsSaid) {
    Coach coach(35);
    const auto shots = coach.days(coach.truth(), 3, 20);
    std::stop_source stop;
    TuneOptions options;
    options.stop = stop.get_token();
    double last = 0.0;
    options.progress = [&](double share) {
        EXPECT_GE(share, last);
        last = share;
        if (share > 0.6) stop.request_stop();
    };
    EXPECT_EQ(fitPlayer(shots, options).strike.refused, FitRemark{FitRemark::Kind::Stopped});
    EXPECT_GT(last, 0.6);
    EXPECT_TRUE(checkLeftOut(shots, options).stopped);
}

TEST(TuneParts, EveryPredictionUsesAirGroundAndSetUp) {
    Coach coach(36);
    test::RandomCases random(37);
    int played = 0;
    for (int k = 0; k < 60; ++k) {
        const auto tuning = std::make_shared<Tuning>(coach.truth());
        Scene tuned = test::pitch();
        tuned.hand = k % 2 ? Hand::Left : Hand::Right;
        Scene as = tuned;
        tuned.tuning = tuning;
        as.air = tuning->air.air(as.air);
        as.ground = tuning->ground.ground(as.ground);
        const Recipe meant = coach.declared();
        const Recipe delivered = tuning->delivery.delivered(meant);
        try {
            const ShotResult same = predictor(as).shot(delivered);
            const ShotResult shot = predictor(tuned).shot(meant);
            ++played;
            EXPECT_NEAR(shot.flight.carry_m, same.flight.carry_m, 1e-9);
            EXPECT_NEAR(shot.run.release_m, same.run.release_m, 1e-9);
            ShotBatch batch;
            EXPECT_TRUE(batch.add(meant, predictor(tuned)));
            EXPECT_NEAR(calcBatch(batch)(Outcome::Carry, 0), same.flight.carry_m, 1e-3);
            EXPECT_NEAR(calcBatch(batch)(Outcome::Apex, 0), same.flight.apex_m, 1e-3);
            const double speed = predictor(tuned).speedForCarry(meant, same.flight.carry_m);
            EXPECT_NEAR(speed, meant.clubSpeed_mps, 0.01);
            // Derivatives go through the player's own line.
            constexpr double step = 1e-5;
            Recipe up = meant;
            Recipe down = meant;
            up.lean_rad += step;
            down.lean_rad -= step;
            const double slope = (predictor(tuned).shot(up).flight.carry_m -
                                  predictor(tuned).shot(down).flight.carry_m) /
                                 (2 * step);
            EXPECT_NEAR(predictor(tuned).sensitivity(meant).value()(Outcome::Carry, Dial::Lean),
                        slope, 1e-3 * std::abs(slope) + 1e-3);
            SimulationOptions few;
            few.samples = 200;
            few.threads = 1;
            few.player.emplace().sd = {};
            few.unknown = {};
            const double middle = predictor(tuned).simulate(meant, few)[Outcome::Carry].p50;
            EXPECT_NEAR(middle, same.flight.carry_m, 0.03 * same.flight.carry_m);
        } catch (const std::exception&) {
            continue;  // outside the model
        }
    }
    EXPECT_GT(played, 40);
}

TEST(TuneParts, APlayersOwnScatterIsPlayed) {
    auto tuning = std::make_shared<Tuning>();
    tuning->delivery.scatter.emplace();
    for (double& sd : tuning->delivery.scatter->sd)
        sd *= 0.3;
    Scene tuned = test::pitch();
    const Scene prior = tuned;
    tuned.tuning = tuning;
    const Recipe recipe;
    SimulationOptions swings;
    swings.unknown = SpreadSource::none();
    EXPECT_LT(predictor(tuned).simulate(recipe, swings)[Outcome::LaunchAngle].sd,
              0.5 * predictor(prior).simulate(recipe, swings)[Outcome::LaunchAngle].sd);
    SpreadSource swung = SpreadSource::none();
    swung.club = PlayerScatter{};
    EXPECT_LT(predictor(tuned).spread(predictor(tuned).shot(recipe), swung).launchAngle_rad,
              0.5 * predictor(prior).spread(predictor(prior).shot(recipe), swung).launchAngle_rad);
}

/// On days that were not fitted, of players whose strike, too, is drawn from the one table; with
/// \p misreads of the launch among what is fitted.
void expectHeldOnNewDays(unsigned seed, double misreads, int fittedDays) {
    Coach coach(seed);
    constexpr std::array names{"launch", "spin", "landing", "carry", "release"};
    std::array<int, 5> held{};
    int asked = 0;
    const int players = test::repetitions(test::times(40, 4));
    for (int r = 0; r < players; ++r) {
        Tuning truth = coach.truth();
        truth.strike.logFriction = coach.normal(unknowns::friction);
        for (double& e : truth.strike.tangentialRestitution)
            e = coach.normal(unknowns::tangentialRestitution);
        truth.strike.tangentialSlope_spm += coach.normal(unknowns::tangentialSlope_spm);
        truth.strike.restitution0 += coach.normal(unknowns::restitution0);
        truth.strike.loftBias_rad = coach.normal(unknowns::deviceBias_rad);
        truth.strike.attackBias_rad = coach.normal(unknowns::deviceBias_rad);
        auto shots = coach.days(truth, fittedDays, 20);
        for (TuneShot& s : shots) {
            if (coach.uniform(0, 1) < misreads) s.launch_rad += radFromDeg(6);
        }
        const auto tuning = std::make_shared<Tuning>(fitPlayer(shots).tuning());
        for (const TuneShot& s : coach.days(truth, 3, 12)) {
            Scene givens{s.conditions, {}, tuning};
            const Predictor p = predictor(givens);
            // One in some tens of thousands is laid open beyond what the law of the strike covers.
            if (calcSpinLoft(tuning->strike.unbiased(s.read)) > radFromDeg(80)) continue;
            const ShotResult said = p.shotFrom(s.read);
            const Spread w = p.spread(said, SpreadSource::measured());
            const auto run = p.runBand(said, SpreadSource::measured());
            ASSERT_TRUE(run);
            ++asked;
            held[0] += std::abs(s.launch_rad - said.strike.launch.angle_rad()) <= w.launchAngle_rad;
            held[1] +=
                std::abs(s.spin_radps - said.strike.launch.spinRate_radps()) <= w.spinRate_radps;
            held[2] +=
                std::abs(s.landing_rad - said.flight.landingAngle_rad()) <= w.landingAngle_rad;
            held[3] += std::abs(s.carry_m - said.flight.carry_m) <= w.carry_m;
            held[4] += s.release_m >= run->low_m && s.release_m <= run->high_m;
        }
    }
    for (std::size_t k = 0; k < held.size(); ++k) {
        const double share = static_cast<double>(held[k]) / asked;
        std::printf("%s %.3f  ", names[k], share);
        if (test::checked) continue;  // too few to tell
        EXPECT_GT(share, 0.72) << names[k];
        EXPECT_LT(share, 0.90) << names[k];
    }
    std::printf("(%d days fitted, %.0f %% misread)\n", fittedDays, 100 * misreads);
}

TEST(TuneParts, TheTunedIntervalHoldsFourInFiveOfNewShots) {
    expectHeldOnNewDays(38, 0.0, 5);
}

TEST(TuneParts, MisreadsAmongWhatIsFittedDoNotBreakTheInterval) {
    expectHeldOnNewDays(40, 0.08, 5);
}

/// The one day's ground is not the next one's.
TEST(TuneParts, OneDayTellsOfAnotherAsMuchAsItCan) {
    expectHeldOnNewDays(41, 0.0, 1);
}

TEST(TuneFindings, AreWhatIsSurelyOtherRankedByWhatItMoves) {
    Coach coach(52);
    Tuning truth;
    truth.strike.loftBias_rad = radFromDeg(2.5);
    truth.strike.logFriction = 0.2;
    truth.delivery.lean = {radFromDeg(-5), 1.0};
    const auto shots = coach.days(truth, 5, 24);
    const PlayerFit fit = fitPlayer(shots);
    const auto findings = findFindings(fit, shots);
    ASSERT_FALSE(findings.empty());
    const auto find = [&](Kind kind) -> const TuneFinding* {
        for (const TuneFinding& f : findings) {
            if (f.estimate.kind == kind) return &f;
        }
        return nullptr;
    };
    const TuneFinding* loft = find(Kind::LoftBias);
    ASSERT_TRUE(loft);
    // Too much loft read: unseen, balls would be predicted to launch higher than they do.
    EXPECT_LT(loft->by[static_cast<std::size_t>(TuneOutcome::Launch)], radFromDeg(-1.0));
    const TuneFinding* grip = find(Kind::Friction);
    ASSERT_TRUE(grip);
    EXPECT_GT(grip->by[static_cast<std::size_t>(TuneOutcome::Spin)], 0.0);
    const TuneFinding* lean = find(Kind::LeanOffset);
    ASSERT_TRUE(lean);
    EXPECT_GT(lean->by[static_cast<std::size_t>(TuneOutcome::Launch)], radFromDeg(0.5))
        << "less lean, higher";
    for (std::size_t i = 0; i < findings.size(); ++i) {
        const TuneFinding& f = findings[i];
        const auto most = static_cast<std::size_t>(f.most);
        EXPECT_NEAR(f.weight, std::abs(f.by[most]) / mattersOf(f.most), 1e-12);
        EXPECT_GT((f.estimate.low80 - f.estimate.prior) * (f.estimate.high80 - f.estimate.prior),
                  0.0);
        if (i > 0) {
            EXPECT_LE(f.weight, findings[i - 1].weight);
        }
    }
    const std::vector<TuneShot> few(shots.begin(), shots.begin() + 3);
    EXPECT_TRUE(findFindings(fitPlayer(few), few).empty());
}

TEST(TuneParts, APatternThatIsLeftIsNamedAndChanceIsNot) {
    Coach coach(39);
    int chance = 0;
    constexpr int tries = test::times(40, 4);
    for (int r = 0; r < tries; ++r) {
        const auto shots = coach.days(coach.truth(), 4, 20);
        chance += findResiduals(shots, fitPlayer(shots)).patterns.empty() ? 0 : 1;
    }
    EXPECT_LE(chance, 4) << "of " << tries;

    // A device that loses spin with speed, and a day by day drift of the launch.
    auto shots = coach.days(Tuning{}, 6, 25);
    for (TuneShot& s : shots) {
        s.spin_radps *= 1 - 0.02 * (s.read.clubSpeed_mps - 20);
        s.carry_m *= 1 + 0.06 * std::pow((s.read.clubSpeed_mps - 21) / 5, 2);
    }
    const PlayerFit fit = fitPlayer(shots);
    const TuneResiduals residuals = findResiduals(shots, fit);
    ASSERT_EQ(residuals.shots.size(), residuals.predicted.size());
    bool spin = false;
    bool carry = false;
    for (const ResidualPattern& p : residuals.patterns) {
        if (p.outcome == TuneOutcome::Spin && p.input == TuneInput::ClubSpeed) {
            spin = true;
            EXPECT_LT(p.atTo, p.atFrom) << "less spin is measured at high speed";
        }
        carry = carry || p.outcome == TuneOutcome::Carry;
    }
    EXPECT_TRUE(spin);
    EXPECT_TRUE(carry);
    shots.resize(12);
    EXPECT_TRUE(findResiduals(shots, fitPlayer(shots)).patterns.empty());
}

}  // namespace
}  // namespace wedgeon
