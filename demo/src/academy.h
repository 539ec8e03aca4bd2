// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// The demo data: an invented academy, invented players with habits and hidden biases.
#pragma once

#include <string>
#include <vector>

#include "wedgeon/shot/tuning.h"
#include "wedgeon/store/shot_record.h"

namespace wedgeon::demo {

/// What the data hides, so that a fit can be checked against it.
struct Truth {
    std::string player;
    double frictionFactor = 1.0;  ///< on the prior of every ball and face
    double restitution0 = 0.878;
    double deviceLoftBias_rad = 0.0;  ///< read minus true dynamic loft
    double deviceAttackBias_rad = 0.0;
    DeliveryTuning delivery = {};  ///< what the declared set-ups deliver
};

struct Academy {
    std::vector<store::ShotRecord> shots;  ///< in order of time
    std::vector<Truth> truths;
};

/// Two players, three wedges, two balls, four lies, six weeks. The same seed gives the same data
/// on every machine.
Academy makeAcademy(unsigned seed = 7);

}  // namespace wedgeon::demo
