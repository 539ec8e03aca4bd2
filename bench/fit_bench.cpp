// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Our side of compare-fit: writes the shots for the peer, fits them and prints JSON.
#include <algorithm>
#include <chrono>
#include <cstdio>
#include <fstream>

#include "tune/calibrate.h"
#include "tune_shots.h"

namespace {

using namespace wedgeon;

double fastestOf(int times, const auto& work) {
    double best = 1e9;
    for (int i = 0; i < times; ++i) {
        const auto start = std::chrono::steady_clock::now();
        work();
        const std::chrono::duration<double> took = std::chrono::steady_clock::now() - start;
        best = std::min(best, took.count());
    }
    return best;
}

}  // namespace

int main(int argc, char** argv) {
    if (argc != 2) return 2;
    const auto shots = bench::manyTuneShots();
    // The peer gets the readings as they were calibrated: it is the solver that is compared.
    const std::vector<Delivery> clubs =
        tune::calibratedClubs(tune::Calibration::ofClubs(shots), fitStrike(shots).errorShare);
    std::ofstream out(argv[1]);
    out.precision(17);
    for (std::size_t i = 0; i < shots.size(); ++i) {
        const TuneShot& s = shots[i];
        const Contact prior = Predictor({}, s.conditions).contact();
        out << i % 3 << ' ' << (s.conditions.ball == BallKind::Range ? 1 : 0) << ' '
            << prior.friction << ' ' << prior.tangentialRestitution << ' ' << clubs[i].clubSpeed_mps
            << ' ' << clubs[i].attack_rad << ' ' << clubs[i].dynamicLoft_rad << ' '
            << s.ballSpeed_mps << ' ' << s.launch_rad << ' ' << s.spin_radps << '\n';
    }
    out.close();
    TuneResult fit;
    TuneOptions one;
    one.threads = 1;
    const double oneCore = fastestOf(5, [&] { fit = fitStrike(shots, one); });
    const double allCores = fastestOf(5, [&] { fit = fitStrike(shots); });
    PlayerFit whole;
    const double everything = fastestOf(2, [&] { whole = fitPlayer(shots); });
    std::printf("{\"one_core_s\": %.4f, \"all_cores_s\": %.4f, \"whole_player_s\": %.4f", oneCore,
                allCores, everything);
    std::printf(", \"restitution0\": %.6f, \"loft_bias_deg\": %.5f, \"friction\": [",
                fit.tuning.restitution0, degFromRad(fit.tuning.loftBias_rad));
    const char* comma = "";
    for (const TuneEstimate& e : fit.estimates) {
        if (e.kind != TuneEstimate::Kind::Friction) continue;
        std::printf("%s%.6f", comma, e.value);
        comma = ", ";
    }
    std::printf("]}\n");
    return 0;
}
