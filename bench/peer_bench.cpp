// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// wedgeon-peer-bench: our flight and whole shot beside the flight by a general ODE library, on the
// same launches as bench/peer.py. Prints JSON for bench/compare.
#include <algorithm>
#include <array>
#include <boost/numeric/odeint.hpp>
#include <chrono>
#include <cmath>
#include <cstdio>
#include <vector>

#include "wedgeon/batch/batch.h"
#include "wedgeon/units.h"

namespace {

using namespace wedgeon;
using State = std::array<double, 6>;

constexpr int shots = 10000;
constexpr double spin_radps = 600.0;

Launch launchOf(int i) {
    return launchFromAngles(10.0 + 0.02 * (i % 997), radFromDeg(31.5), 0, spin_radps, 0);
}

/// Air of 1.225 kg/m^3, as bench/peer.py has it.
Air standardAir() {
    return {.temperature_c = 15, .humidity = 0};
}

double k() {
    constexpr double r = constants::ballRadius_m;
    return standardAir().density_kgpm3() * constants::pi * r * r / (2 * constants::ballMass_kg);
}

/// The carry by Dormand and Prince's method with dense output, error 1e-6, and halving for the
/// landing.
double carryByLibrary(const Launch& launch) {
    namespace ode = boost::numeric::odeint;
    const double scale = k();
    const auto rate = [scale](const State& s, State& d, double t) {
        constexpr double r = constants::ballRadius_m;
        const double w = spin_radps * std::exp(-constants::spinDecay_ps * t);
        const double speed = std::sqrt(s[3] * s[3] + s[4] * s[4] + s[5] * s[5]);
        const double S = std::min(r * w / speed, 1.0);
        const double re = 2 * r * speed / constants::airViscosity_m2ps;
        const double cd = 0.282 + 0.288 / (1 + std::exp((re - 63800) / 12000)) + 0.075 * S;
        const double cl = 0.367 * S / (0.045 + S);
        d = {s[3],
             s[4],
             s[5],
             -scale * cd * speed * s[3] - scale * cl * speed * s[4],
             -scale * cd * speed * s[4] + scale * cl * speed * s[3] - constants::gravity_mps2,
             -scale * cd * speed * s[5]};
    };
    auto stepper = ode::make_dense_output(1e-6, 1e-6, ode::runge_kutta_dopri5<State>());
    const Vec3& v = launch.velocity_mps;
    stepper.initialize(State{0, 0, 0, v.x, v.y, v.z}, 0.0, 0.05);
    std::pair<double, double> step;
    do {
        step = stepper.do_step(rate);
    } while (stepper.current_state()[1] > 0);
    double low = step.first;
    double high = step.second;
    State at{};
    for (int i = 0; i < 40; ++i) {
        const double middle = 0.5 * (low + high);
        stepper.calc_state(middle, at);
        (at[1] > 0 ? low : high) = middle;
    }
    return at[0];
}

template <class F>
double bestMicroseconds(int times, F f) {
    double least = 1e9;
    for (int i = 0; i < times; ++i) {
        const auto begun = std::chrono::steady_clock::now();
        f();
        const std::chrono::duration<double, std::micro> took =
            std::chrono::steady_clock::now() - begun;
        least = std::min(least, took.count());
    }
    return least / shots;
}

}  // namespace

int main() {
    std::vector<double> carry(shots), release(shots), library(shots);
    const double flight_us = bestMicroseconds(5, [&] {
        for (int i = 0; i < shots; ++i) {
            carry[static_cast<std::size_t>(i)] = calcFlight(launchOf(i), standardAir()).carry_m;
        }
    });
    const double both_us = bestMicroseconds(5, [&] {
        for (int i = 0; i < shots; ++i) {
            const FlightResult f = calcFlight(launchOf(i), standardAir());
            release[static_cast<std::size_t>(i)] =
                calcRun(f.landingVelocity_mps, f.landingSpin_radps, {}).release_m;
        }
    });
    const double library_us = bestMicroseconds(3, [&] {
        for (int i = 0; i < shots; ++i)
            library[static_cast<std::size_t>(i)] = carryByLibrary(launchOf(i));
    });
    Conditions g;
    g.wedge = {radFromDeg(56), radFromDeg(64), radFromDeg(10)};
    g.air = standardAir();
    const Predictor predictor({}, g);
    ShotBatch batch;
    for (int i = 0; i < shots; ++i) {
        Recipe r;
        r.clubSpeed_mps = 10.0 + 0.02 * (i % 997);
        (void)batch.add(r, predictor);
    }
    const double batch_us = bestMicroseconds(20, [&] { (void)calcBatch(batch, 1); });

    double meanCarry = 0;
    double meanRelease = 0;
    double farthest = 0;
    for (std::size_t i = 0; i < carry.size(); ++i) {
        meanCarry += carry[i] / shots;
        meanRelease += release[i] / shots;
        farthest = std::max(farthest, std::abs(carry[i] - library[i]));
    }
    std::printf(
        "{\"flight_us\": %.4f, \"flight_and_ground_us\": %.4f, \"ode_library_flight_us\": %.4f, "
        "\"whole_shot_batch_us\": %.4f, \"instruction_set\": \"%s\", \"mean_carry_m\": %.6f, "
        "\"mean_release_m\": %.6f, \"ode_library_difference_mm\": %.4f}\n",
        flight_us, both_us, library_us, batch_us, batchInstructionSet().data(), meanCarry,
        meanRelease, 1000 * farthest);
    return 0;
}
