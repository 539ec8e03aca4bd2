// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
/// \file Strikes that load wrists, elbows and back, counted: when a pause is due, and when it is
/// enough for a day. General care only: pain and injury belong to a licensed clinician.
#pragma once

#include <cstddef>
#include <optional>
#include <span>

#include "wedgeon/shot/conditions.h"
#include "wedgeon/units.h"

namespace wedgeon {

/// From so steep on, and off ground that gives so little, a strike is a hard one. Bounds of ours:
/// no measured law of harm stands behind them, only that such strikes stop the club in the ground.
inline constexpr double steepStrike_rad = radFromDeg(-6);
inline constexpr double hardGround = 1.2;  ///< firmness, as Lie and Ground have it

bool isSteepOnHard(double attack_rad, const Conditions& met);

struct CountedStrike {
    double time_s = 0.0;  ///< since any moment
    bool steepOnHard = false;
    bool fullEffort = false;
};
/// Numbers of ours to begin with, which a coach may set lower or higher.
struct StrainLimits {
    std::size_t steepOnHard = 20;  ///< between pauses
    std::size_t fullEffort = 60;   ///< on one day
    double pause_s = 600.0;        ///< without a strike

    bool operator==(const StrainLimits&) const = default;
};
struct StrainState {
    std::size_t steepOnHard = 0;  ///< since the last pause
    std::size_t fullEffort = 0;   ///< today
    bool pauseDue = false, dayFull = false;
};
/// Of the strikes of one day, in any order; \p now_s ends a pause that goes on.
StrainState findStrain(std::span<const CountedStrike> strikes, const StrainLimits& limits,
                       std::optional<double> now_s = {});

}  // namespace wedgeon
