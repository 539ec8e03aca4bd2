// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// What the stages and the whole shot cost on one core.
#include <benchmark/benchmark.h>

#include <random>
#include <vector>

#include "wedgeon/batch/batch.h"
#include "wedgeon/inverse/inverse.h"
#include "wedgeon/shot/sensitivity.h"
#include "wedgeon/shot/spread.h"
#include "wedgeon/simulate/simulate.h"
#include "wedgeon/tune/tune.h"
#include "wedgeon/units.h"

namespace {

using namespace wedgeon;

Givens givens(double wind_mps) {
    Givens g;
    g.wedge = {radFromDeg(56), radFromDeg(64), radFromDeg(10)};
    g.lie = findLie("short-dry")->lie;
    g.air.windAhead_mps = wind_mps;
    return g;
}

Recipe recipe(benchmark::IterationCount i) {
    Recipe r;
    r.clubSpeed_mps = 10.0 + static_cast<double>(i % 997) * 0.02;
    return r;
}

void wholeShot(benchmark::State& state) {
    const Givens g = givens(static_cast<double>(state.range(0)));
    benchmark::IterationCount i = 0;
    for (auto _ : state)
        benchmark::DoNotOptimize(calcShot(recipe(i++), g).run.release_m);
}
BENCHMARK(wholeShot)->Arg(0)->Arg(3)->ArgName("wind")->Unit(benchmark::kMicrosecond);

void flightOnly(benchmark::State& state) {
    const Givens g = givens(0);
    benchmark::IterationCount i = 0;
    for (auto _ : state) {
        const double speed = 10.0 + static_cast<double>(i++ % 997) * 0.02;
        benchmark::DoNotOptimize(
            calcFlight(launchFromAngles(speed, 0.55, 0, 600, 0), g.air).carry_m);
    }
}
BENCHMARK(flightOnly)->Unit(benchmark::kMicrosecond);

void spread(benchmark::State& state) {
    const Givens g = givens(0);
    const ShotResult d = calcShot({}, g);
    for (auto _ : state)
        benchmark::DoNotOptimize(findSpread(d, g, SpreadSource::swings()).carry_m);
}
BENCHMARK(spread)->Unit(benchmark::kMicrosecond);

/// 10,000 shots in a batch on one core; the time is for one shot.
void wholeShotInBatch(benchmark::State& state) {
    const Givens g = givens(static_cast<double>(state.range(0)));
    ShotBatch batch;
    for (benchmark::IterationCount i = 0; i < 10000; ++i)
        batch.add(recipe(i), g);
    for (auto _ : state)
        benchmark::DoNotOptimize(calcBatch(batch, 1).outcomes[10][7]);
    state.counters["per_shot"] =
        benchmark::Counter(static_cast<double>(state.iterations()) * 10000.0,
                           benchmark::Counter::kIsRate | benchmark::Counter::kInvert);
    state.SetLabel(std::string(batchInstructionSet()));
}
BENCHMARK(wholeShotInBatch)->Arg(0)->Arg(3)->ArgName("wind")->Unit(benchmark::kMillisecond);

void sensitivity(benchmark::State& state) {
    const Givens g = givens(0);
    for (auto _ : state)
        benchmark::DoNotOptimize(calcSensitivity({}, g).slope[0][0]);
}
BENCHMARK(sensitivity)->Unit(benchmark::kMicrosecond);

void askForLaunchAndCarry(benchmark::State& state) {
    const Givens g = givens(0);
    for (auto _ : state) {
        benchmark::DoNotOptimize(
            findRecipe(
                {}, g,
                {{Outcome::LaunchAngle, radFromDeg(32), radFromDeg(0.5)},
                 {Outcome::Carry, 30, 0.5}},
                {{Dial::Open, {}, {}, 1}, {Dial::Lean, {}, {}, 1}, {Dial::ClubSpeed, {}, {}, 1}})
                .found);
    }
}
BENCHMARK(askForLaunchAndCarry)->Unit(benchmark::kMillisecond);

void simulateThousand(benchmark::State& state) {
    const Givens g = givens(2);
    SimulationOptions options;
    options.threads = static_cast<unsigned>(state.range(0));
    for (auto _ : state)
        benchmark::DoNotOptimize(simulate({}, g, options).fat);
}
BENCHMARK(simulateThousand)
    ->Arg(1)
    ->Arg(2)
    ->ArgName("threads")
    ->Unit(benchmark::kMillisecond)
    ->UseRealTime();

/// 10,000 shots of one player on three groups, noise of a good device.
std::vector<TuneShot> manyTuneShots() {
    std::mt19937_64 random(5);
    std::normal_distribution<double> normal;
    std::uniform_real_distribution<double> uniform;
    std::vector<TuneShot> out;
    for (int i = 0; i < 10'000; ++i) {
        TuneShot s;
        s.givens.wedge = {radFromDeg(56), radFromDeg(64), radFromDeg(10)};
        s.givens.ball = i % 3 == 2 ? BallKind::Range : BallKind::Soft;
        s.givens.face = i % 3 == 1 ? FaceCondition::FreshWet : FaceCondition::FreshDry;
        s.read = {9 + 22 * uniform(random), radFromDeg(-9 * uniform(random)), 0,
                  radFromDeg(34 + 24 * uniform(random)), 0};
        const ShotResult hit = calcShotFromDelivery(s.read, s.givens);
        s.read.dynamicLoft_rad += radFromDeg(1);
        s.ballSpeed_mps = hit.strike.launch.speed_mps() * (1 + 0.01 * normal(random));
        s.launch_rad = hit.strike.launch.angle_rad() + 0.01 * normal(random);
        s.spin_radps = hit.strike.launch.spinRate_radps() * (1 + 0.03 * normal(random));
        out.push_back(s);
    }
    return out;
}

void fitOfTenThousandShots(benchmark::State& state) {
    const auto shots = manyTuneShots();
    for (auto _ : state)
        benchmark::DoNotOptimize(fitStrike(shots));
}
BENCHMARK(fitOfTenThousandShots)->Unit(benchmark::kMillisecond)->UseRealTime();

}  // namespace

BENCHMARK_MAIN();
