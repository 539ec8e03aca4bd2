// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <memory>
#include <span>

#include "wedgeon/tune/tune.h"

namespace wedgeon::tune {

/// What a fit's residuals say beyond chance; nothing where they say nothing. \p weights are those
/// of the fit; a shot with less than half of its weight has no say. An outcome has a process where
/// the evidence for one is beyond that of plain noise by more than chance gives it, less beside
/// another one. Of the readings as they are, so that a part of what their errors do to a prediction
/// from readings is taken up, too. Needs 40 shots.
std::shared_ptr<const StrikeCorrection> fitCorrection(std::span<const TuneShot> shots,
                                                      std::span<const double> weights,
                                                      const StrikeTuning& tuning);

}  // namespace wedgeon::tune
