// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Random but repeatable inputs for the property tests.
#pragma once

#include <random>

#include "wedgeon/shot/predictor.h"
#include "wedgeon/units.h"

namespace wedgeon::test {

/// Who hits, and what the shot meets, to be changed part by part.
struct Scene : Conditions {
    Hand hand = Hand::Right;
    std::shared_ptr<const Tuning> tuning;
};

inline Predictor predictor(const Scene& scene) {
    return {{"", scene.hand, scene.tuning}, scene};
}
inline Predictor predictor(const Conditions& conditions) {
    return {{}, conditions};
}

/// A 56 degree wedge on short, dry grass.
inline Scene pitch() {
    Scene g;
    g.wedge = {radFromDeg(56), radFromDeg(64), radFromDeg(10)};
    g.lie = findLie("short-dry")->lie;
    return g;
}

class RandomCases {
public:
    explicit RandomCases(unsigned seed) : engine_(seed) {}

    double between(double low, double high) {
        return low + (high - low) * (static_cast<double>(engine_() - std::mt19937::min()) /
                                     static_cast<double>(std::mt19937::max()));
    }
    double degrees(double low, double high) { return radFromDeg(between(low, high)); }
    template <class Enum>
    Enum pick(int count) {
        return static_cast<Enum>(engine_() % static_cast<unsigned>(count));
    }

    Wedge wedge() { return {degrees(46, 62), degrees(62, 66), degrees(4, 14)}; }
    Recipe recipe() {
        Recipe s;
        s.open_rad = degrees(-10, 25);
        s.lean_rad = degrees(-5, 12);
        s.ballForward_m = constants::ballWidth_m * between(-1.5, 1.0);
        s.weightLead_pct = between(50, 75);
        s.swingRadius_m = between(0.8, 1.5);
        s.clubSpeed_mps = between(6, 36);
        s.release = pick<Release>(3);
        return s;
    }
    Delivery delivery() {
        return {between(5, 38), degrees(-10, 2), degrees(-8, 8), degrees(30, 62), degrees(-8, 8)};
    }
    Scene scene() {
        Scene g;
        g.wedge = wedge();
        g.ball = pick<BallKind>(3);
        g.face = pick<FaceCondition>(5);
        g.lie = {between(0, 1), between(0, 1), degrees(0, 360), between(0, 0.03),
                 between(0.7, 1.4)};
        g.air = {between(-5, 5), between(-5, 5), between(0, 35), between(0, 1500), 0.5};
        g.ground = {between(0.7, 1.4), between(0.25, 0.4), between(7, 12), between(-0.03, 0.03),
                    between(-0.03, 0.03)};
        return g;
    }

private:
    std::mt19937 engine_;
};

}  // namespace wedgeon::test
