// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Estimates with their 80 % intervals beside their priors.
#pragma once

#include <cmath>

#include "tune/robust_fit.h"
#include "tune/strike_model.h"
#include "wedgeon/tune/tune.h"

namespace wedgeon::tune {

/// The data narrowed the prior's interval by three tenths or more.
inline bool isIdentified(double sd, double priorSd) {
    return sd < 0.7 * priorSd;
}

/// Told on its own scale.
inline TuneEstimate estimateOf(TuneEstimate::Kind kind, std::size_t shots, double value, double sd,
                               double prior, double priorSd) {
    TuneEstimate e;
    e.kind = kind;
    e.shots = shots;
    e.value = value;
    e.low80 = value - z80 * sd;
    e.high80 = value + z80 * sd;
    e.prior = prior;
    e.priorLow80 = prior - z80 * priorSd;
    e.priorHigh80 = prior + z80 * priorSd;
    e.identified = isIdentified(sd, priorSd);
    return e;
}

/// Told on its logarithm: \p prior times a factor.
inline TuneEstimate factorOf(TuneEstimate::Kind kind, std::size_t shots, double log, double sd,
                             double prior, double priorSd) {
    TuneEstimate e = estimateOf(kind, shots, log, sd, 0.0, priorSd);
    for (double* v : {&e.value, &e.low80, &e.high80, &e.prior, &e.priorLow80, &e.priorHigh80})
        *v = prior * std::exp(*v);
    return e;
}

/// The launch that was measured; nothing where a part of it was not.
std::optional<Launch> launchOf(const TuneShot& shot);

/// Parts of the shots that are left out one day, as numbers of each shot; none when empty.
using Folds = std::vector<std::size_t>;

/// The fits as they are before they become tunings, with the sums of their parts.
RobustFit fitAirParts(std::span<const TuneShot> shots, const TuneResult& strike,
                      const TuneOptions& options, const Folds& folds = {});
AirTuning airOf(const Eigen::VectorXd& x);
PartFit<AirTuning> airFitOf(const RobustFit& fit);

/// The strike's fit with what each part of the shots adds.
struct StrikeParts {
    TuneResult result;
    std::vector<double> x;  ///< parameters of the layout
    Eigen::MatrixXd curvature;
    std::vector<FitSum> parts;
    /// As it would be without a part.
    StrikeTuning without(std::size_t part) const;
    Layout layout;
};
StrikeParts fitStrikeParts(std::span<const TuneShot> shots, const TuneOptions& options,
                           const Folds& folds);

/// What all days share of the ground, with and without each part.
struct GroundParts {
    GroundFit fit;
    std::vector<GroundTuning> without;
};
GroundParts fitGroundParts(std::span<const TuneShot> shots, const TuneResult& strike,
                           const AirTuning& air, const TuneOptions& options, const Folds& folds);

}  // namespace wedgeon::tune
