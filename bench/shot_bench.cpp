// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// What the stages and the whole shot cost on one core.
#include <benchmark/benchmark.h>

#include <vector>

#include "planted_fault.h"
#include "tune_shots.h"
#include "wedgeon/batch/batch.h"
#include "wedgeon/inverse/inverse.h"
#include "wedgeon/plan/plan.h"
#include "wedgeon/shot/sensitivity.h"
#include "wedgeon/shot/spread.h"
#include "wedgeon/simulate/simulate.h"

namespace {

using namespace wedgeon;

Conditions conditions(double wind_mps) {
    Conditions g;
    g.wedge = {radFromDeg(56), radFromDeg(64), radFromDeg(10)};
    g.lie = findLie("short-dry")->lie;
    g.air.windAhead_mps = wind_mps;
    return g;
}

Predictor predictor(double wind_mps) {
    return {{}, conditions(wind_mps)};
}

Recipe recipe(benchmark::IterationCount i) {
    Recipe r;
    r.clubSpeed_mps = 10.0 + static_cast<double>(i % 997) * 0.02;
    return r;
}

void wholeShot(benchmark::State& state) {
    const Predictor p = predictor(static_cast<double>(state.range(0)));
    benchmark::IterationCount i = 0;
    for (auto _ : state)
        benchmark::DoNotOptimize(p.shot(recipe(i++)).run.release_m);
}
BENCHMARK(wholeShot)->Arg(0)->Arg(3)->ArgName("wind")->Unit(benchmark::kMicrosecond);

void flightOnly(benchmark::State& state) {
    const Predictor p = predictor(0);
    benchmark::IterationCount i = 0;
    for (auto _ : state) {
        const double speed = 10.0 + static_cast<double>(i++ % 997) * 0.02;
        benchmark::DoNotOptimize(
            calcFlight(launchFromAngles(speed, 0.55, 0, 600, 0), p.conditions().air).carry_m);
    }
}
BENCHMARK(flightOnly)->Unit(benchmark::kMicrosecond);

void spread(benchmark::State& state) {
    const Predictor p = predictor(0);
    const ShotResult d = p.shot({});
    for (auto _ : state)
        benchmark::DoNotOptimize(p.spread(d, SpreadSource::swings()).carry_m);
}
BENCHMARK(spread)->Unit(benchmark::kMicrosecond);

/// 10,000 shots in a batch on one core; the time is for one shot.
void wholeShotInBatch(benchmark::State& state) {
    const Predictor p = predictor(static_cast<double>(state.range(0)));
    ShotBatch batch;
    for (benchmark::IterationCount i = 0; i < 10000; ++i)
        (void)batch.add(recipe(i), p);
    for (auto _ : state)
        benchmark::DoNotOptimize(calcBatch(batch, 1).outcomes[10][7]);
    state.counters["per_shot"] =
        benchmark::Counter(static_cast<double>(state.iterations()) * 10000.0,
                           benchmark::Counter::kIsRate | benchmark::Counter::kInvert);
    state.SetLabel(std::string(batchInstructionSet()));
}
BENCHMARK(wholeShotInBatch)->Arg(0)->Arg(3)->ArgName("wind")->Unit(benchmark::kMillisecond);

void sensitivity(benchmark::State& state) {
    const Predictor p = predictor(0);
    for (auto _ : state)
        benchmark::DoNotOptimize(p.sensitivity({}).value().slope[0][0]);
}
BENCHMARK(sensitivity)->Unit(benchmark::kMicrosecond);

void askForLaunchAndCarry(benchmark::State& state) {
    const Predictor p = predictor(0);
    for (auto _ : state) {
        benchmark::DoNotOptimize(
            p.findRecipe(
                 {},
                 {{Outcome::LaunchAngle, radFromDeg(32), radFromDeg(0.5)},
                  {Outcome::Carry, 30, 0.5}},
                 {{Dial::Open, {}, {}, 1}, {Dial::Lean, {}, {}, 1}, {Dial::ClubSpeed, {}, {}, 1}})
                .found);
    }
}
BENCHMARK(askForLaunchAndCarry)->Unit(benchmark::kMillisecond);

void simulateThousand(benchmark::State& state) {
    const Predictor p = predictor(2);
    SimulationOptions options;
    options.threads = static_cast<unsigned>(state.range(0));
    for (auto _ : state)
        benchmark::DoNotOptimize(p.simulate({}, options).fat);
}
BENCHMARK(simulateThousand)
    ->Arg(1)
    ->Arg(2)
    ->ArgName("threads")
    ->Unit(benchmark::kMillisecond)
    ->UseRealTime();

/// Over a level green with \p wedges wedges, or over sand and a lip to a green.
PlanRequest planRequest(int wedges, bool zones) {
    PlanRequest q;
    for (int k = 0; k < wedges; ++k)
        q.clubs.push_back({"", {radFromDeg(46 + 1.2 * k), radFromDeg(64), radFromDeg(9)}, false});
    q.conditions.lie = findLie("short-dry")->lie;
    Line line;
    if (zones) {
        line.zones = {Zone::of(ZoneKind::Fairway, 5), Zone::of(ZoneKind::Bunker, 6),
                      Zone::of(ZoneKind::Rough, 1), Zone::of(ZoneKind::Green, 20, 0.01),
                      Zone::of(ZoneKind::Rough, 20)};
        line.obstacles = {{11.5, 0.6, ""}};
    } else {
        line.zones = {Zone::of(ZoneKind::Green, 60)};
    }
    line.flag_m = 20;
    q.conditions.line = line;
    return q;
}

void planOfThousandSamples(benchmark::State& state) {
    PlanRequest q = planRequest(static_cast<int>(state.range(0)), state.range(1) != 0);
    q.samples = static_cast<std::size_t>(state.range(2));
    q.threads = static_cast<unsigned>(state.range(3));
    std::size_t candidates = 0;
    for (auto _ : state)
        candidates = makePlan(q)->candidates;
    state.counters["candidates"] = static_cast<double>(candidates);
}
BENCHMARK(planOfThousandSamples)
    ->ArgNames({"wedges", "zones", "samples", "threads"})
    ->Args({13, 0, 1000, 1})
    ->Args({13, 0, 1000, 2})
    ->Args({13, 1, 1000, 2})
    ->Args({4, 1, 48, 2})
    ->Unit(benchmark::kMillisecond)
    ->UseRealTime();

void simulateThousandOverALine(benchmark::State& state) {
    Conditions c = planRequest(1, true).conditions;
    c.wedge = {radFromDeg(54), radFromDeg(64), radFromDeg(10)};
    const Predictor p({}, c);
    SimulationOptions options;
    options.threads = 1;
    for (auto _ : state)
        benchmark::DoNotOptimize(p.simulate({}, options).fat);
}
BENCHMARK(simulateThousandOverALine)->Unit(benchmark::kMillisecond)->UseRealTime();

void fitOfTenThousandShots(benchmark::State& state) {
    const auto shots = bench::manyTuneShots();
    for (auto _ : state)
        benchmark::DoNotOptimize(fitStrike(shots));
}
BENCHMARK(fitOfTenThousandShots)->Unit(benchmark::kMillisecond)->UseRealTime();

void leftOutCheckOfTenThousandShots(benchmark::State& state) {
    const auto shots = bench::manyTuneShots();
    for (auto _ : state)
        benchmark::DoNotOptimize(checkLeftOut(shots));
}
BENCHMARK(leftOutCheckOfTenThousandShots)->Unit(benchmark::kMillisecond)->UseRealTime();

/// 20 shots after 120 usual ones, read by a monitor; then by eye.
void causesOfTwentyShots(benchmark::State& state) {
    test::Planter planter(3);
    test::Planter::Options options;
    options.eyes = state.range(0) != 0 ? test::Eyes::Coach : test::Eyes::Monitor;
    options.shots = 20;
    options.usual = 120;
    CauseRequest q = planter.plant(Fault::HandsPassed, options);
    q.threads = 0;
    for (auto _ : state)
        benchmark::DoNotOptimize(findCauses(q).beliefs.front().likely);
}
BENCHMARK(causesOfTwentyShots)
    ->ArgName("eye")
    ->Arg(0)
    ->Arg(1)
    ->Unit(benchmark::kMillisecond)
    ->UseRealTime();

}  // namespace

BENCHMARK_MAIN();
