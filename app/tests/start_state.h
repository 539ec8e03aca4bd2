// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// The window's starting set-up, once more by hand.
#pragma once

#include "wedgeon/shot/predictor.h"
#include "wedgeon/units.h"

namespace wedgeon::test {

inline Conditions startConditions() {
    Conditions g;
    g.wedge = {radFromDeg(54), radFromDeg(64), radFromDeg(10)};
    g.lie = findLie("short-dry")->lie;
    g.air.temperature_c = 14;
    return g;
}

inline Predictor startPredictor() {
    return {{}, startConditions()};
}

inline Recipe startRecipe() {
    Recipe r;
    r.lean_rad = radFromDeg(5);
    r.clubSpeed_mps = 21;
    return r;
}

}  // namespace wedgeon::test
