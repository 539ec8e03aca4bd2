// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Predicting what was not fitted.
#pragma once

#include "tune/estimates.h"

namespace wedgeon::tune {

/// The sessions, or where there is one only its parts.
struct FoldPlan {
    Folds of;  ///< each shot's
    std::size_t count = 0;
    bool oneDay = false;
};
FoldPlan planFolds(std::span<const TuneShot> shots);

/// The fits to all shots, with what each fold adds.
struct FittedParts {
    FittedParts(std::span<const TuneShot> shots, const TuneOptions& options, const FoldPlan& folds);

    StrikeParts strike;
    RobustFit air;
    GroundParts ground;
};

struct LeftOut {
    LeftOutCheck check;
    SpreadScale scale;  ///< with which the intervals held 80 of 100
    /// What was fitted to the residuals predicts shots that were not.
    bool correctionHelps = false;
};
LeftOut checkParts(std::span<const TuneShot> shots, const FittedParts& parts, const FoldPlan& folds,
                   const TuneOptions& options);

}  // namespace wedgeon::tune
