// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// What the stages and the whole shot cost on one core.
#include <benchmark/benchmark.h>

#include "wedgeon/shot/spread.h"
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

}  // namespace

BENCHMARK_MAIN();
