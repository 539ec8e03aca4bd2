// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// The chain from set-up to rest, step by step: law, the numbers of this shot, where the law is
// from.
#pragma once

#include <QString>
#include <vector>

#include "text/units.h"
#include "wedgeon/shot/predictor.h"

namespace wedgeon::text {

struct WhyStep {
    QString title;
    QString law;      ///< the formula, in one or two lines
    QString numbers;  ///< with this shot's values
    QString source;   ///< where it comes from and how sure it is
};

/// A tuned player's begins with what his set-up delivers.
inline constexpr std::size_t mostWhySteps = 8;
std::vector<WhyStep> whySteps(const ShotResult& shot, const Recipe& recipe,
                              const Predictor& predictor, const Units& units);

}  // namespace wedgeon::text
