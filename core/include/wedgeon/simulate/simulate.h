// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
/// \file Many shots of one player: his scatter and what is not known, as quantiles and chances.
#pragma once

#include <array>
#include <cstdint>
#include <optional>
#include <vector>

#include "wedgeon/delivery/scatter.h"
#include "wedgeon/shot/quantity.h"
#include "wedgeon/shot/spread.h"

namespace wedgeon {

struct SimulationOptions {
    std::size_t samples = 1000;
    std::uint64_t seed = 1;
    unsigned threads = 0;    ///< 0 for all cores; the result does not depend on it
    double gustShare = 0.2;  ///< standard deviation of the wind over its mean, from shot to shot
    /// None: the player's own where it is tuned, else the prior.
    std::optional<PlayerScatter> player;
    double aim_rad = 0.0;  ///< body, path and face turned by so much; positive is right
    SpreadSource unknown;  ///< parameters of ball, face and ground; its swing parts are not used

    /// \throws RangeError; samples 2-2,000,000, gusts 0-1, aim within 60 degrees.
    void validate() const;
};

struct Quantiles {
    double p5 = 0.0, p10 = 0.0, p50 = 0.0, p90 = 0.0, p95 = 0.0, mean = 0.0, sd = 0.0;
};

struct Simulation {
    std::array<Quantiles, outcomeCount> outcomes{};
    double fat = 0.0, clean = 0.0, thin = 0.0;  ///< chances, add up to 1
    std::array<double, 6> behaviour{};          ///< chance of each Behaviour
    std::vector<double> zone;                   ///< chance of resting in each zone of the terrain
    double inWater = 0.0, blocked = 0.0;
    std::size_t samples = 0;
    std::size_t outside = 0;  ///< samples that the model has no answer for; left out of the rest
    /// Rest of every sample in order: along the line and to the right.
    std::vector<std::array<double, 2>> rest;

    const Quantiles& operator[](Outcome o) const { return outcomes[static_cast<std::size_t>(o)]; }
};

}  // namespace wedgeon
