// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
/// \file Conversions for the edges of the program. Inside it is SI and radians.
#pragma once

#include "wedgeon/constants.h"

namespace wedgeon {

constexpr double radFromDeg(double deg) {
    return deg * (constants::pi / 180.0);
}
constexpr double degFromRad(double rad) {
    return rad * (180.0 / constants::pi);
}
constexpr double radpsFromRpm(double rpm) {
    return rpm * (constants::pi / 30.0);
}
constexpr double rpmFromRadps(double radps) {
    return radps * (30.0 / constants::pi);
}

}  // namespace wedgeon
