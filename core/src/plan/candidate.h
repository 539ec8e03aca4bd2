// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// One shot that could be played, and how it comes out.
#pragma once

#include <memory>
#include <optional>
#include <span>

#include "simulate/swings.h"
#include "wedgeon/plan/plan.h"

namespace wedgeon::plan {

/// What all candidates of a plan have in common.
struct Setting {
    Setting(const PlanRequest& request, std::size_t samples);

    const PlanRequest& request;
    HoleOut holeOut;
    double flag_m = 0.0;
    double greenFrom_m = 0.0;
    double stimp_ft = 10.0, slope = 0.0;  // at the flag
    std::vector<Chance> chances;          // the same luck for everybody

    /// Strokes from a place of the line's zone \p zone.
    double strokesFrom(std::size_t zone, bool inWater, double x, double z) const;

private:
    std::vector<double> from_m_;  // of each zone
};

/// The flag's green, along the line. Nothing when the flag stands on none.
struct GreenStretch {
    double from_m, to_m;
    std::size_t zone;
};
std::optional<GreenStretch> greenOf(const Line& line);

struct Candidate {
    std::size_t club = 0;
    std::string technique;
    Recipe recipe;
    const Predictor* predictor = nullptr;  // with the club
    const SwingLadder* ladder = nullptr;
};

/// Its best landing spot, played with all chances of the setting. Nothing where it is out of the
/// model, or does not come near the flag at any speed that this player has.
std::optional<PlannedShot> bestOf(const Candidate& candidate, const Setting& setting);

/// The way of it, struck as it is meant. \throws RangeError.
ShotTrace traceOf(const PlannedShot& shot, const BagClub& club, const Predictor& predictor);

}  // namespace wedgeon::plan
