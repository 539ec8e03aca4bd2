// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Shots to fit: one player on three groups, with the noise of a good device.
#pragma once

#include <random>
#include <vector>

#include "wedgeon/tune/tune.h"
#include "wedgeon/units.h"

namespace wedgeon::bench {

inline std::vector<TuneShot> manyTuneShots(int count = 10'000) {
    std::mt19937_64 random(5);
    std::normal_distribution<double> normal;
    std::uniform_real_distribution<double> uniform;
    std::vector<TuneShot> out;
    for (int i = 0; i < count; ++i) {
        TuneShot s;
        s.conditions.wedge = {radFromDeg(56), radFromDeg(64), radFromDeg(10)};
        s.conditions.ball = i % 3 == 2 ? BallKind::Range : BallKind::Soft;
        s.conditions.face = i % 3 == 1 ? FaceCondition::FreshWet : FaceCondition::FreshDry;
        s.read = {9 + 22 * uniform(random), radFromDeg(-9 * uniform(random)), 0,
                  radFromDeg(34 + 24 * uniform(random)), 0};
        const ShotResult hit = Predictor({}, s.conditions).shotFrom(s.read);
        s.read.dynamicLoft_rad += radFromDeg(1);
        s.ballSpeed_mps = hit.strike.launch.speed_mps() * (1 + 0.01 * normal(random));
        s.launch_rad = hit.strike.launch.angle_rad() + 0.01 * normal(random);
        s.spin_radps = hit.strike.launch.spinRate_radps() * (1 + 0.03 * normal(random));
        s.direction_rad = hit.strike.launch.direction_rad();
        s.carry_m = hit.flight.carry_m * (1 + 0.01 * normal(random));
        s.landing_rad = hit.flight.landingAngle_rad() + 0.01 * normal(random);
        s.release_m = hit.run.release_m + 0.3 * normal(random);
        s.session = i * 6 / count;
        out.push_back(s);
    }
    return out;
}

}  // namespace wedgeon::bench
