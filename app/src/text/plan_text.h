// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// A plan in the window's language and units.
#pragma once

#include <QString>

#include "text/distances.h"
#include "wedgeon/words/plan_words.h"

namespace wedgeon::text {

class PlanSpeaker : public words::PlanSpeaker {
public:
    explicit PlanSpeaker(const Distances& distances);
    std::string length(double m) const override;
    std::string exactLength(double m) const override;
    std::string speed(double mps) const override;

private:
    Distances distances_;
};

/// "for run: longer through than back", as the way of the planned ball asks for.
QString spinOrRun(const PlannedShot& shot);
/// "Rule: a low one is carried about half of its way; here 62 %." A line each.
QString rulesOfThumb(const RulesOfThumb& rules);

}  // namespace wedgeon::text
