// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Every subset, once for each session.
#include "wedgeon/train/session_plan.h"

#include <cstdint>

#include "wedgeon/error.h"

namespace wedgeon {
namespace {

constexpr std::size_t mostChoices = 16;
constexpr double justTrained = 0.5;  // of its worth, in the next session

}  // namespace

void PlanLimits::validate() const {
    requireRange("minutes", minutes, 5, 300);
    requireRange("effort", effort, 0, 1000);
    requireRange("sessions", static_cast<double>(sessions), 1, 60);
}

std::vector<std::vector<std::size_t>> planSessions(std::span<const PlanChoice> choices,
                                                   const PlanLimits& limits) {
    limits.validate();
    requireRange("choices", static_cast<double>(choices.size()), 0, mostChoices);
    for (const PlanChoice& c : choices) {
        requireRange("minutes", c.minutes, 0.1, 300);
        requireRange("effort", c.effort, 0, 1000);
        requireRange("weakness", c.weakness, 0, 1);
        requireRange("matters", c.matters, 0, 3);
    }
    std::vector<double> fresh(choices.size(), 1.0);
    std::vector<std::vector<std::size_t>> out;
    for (std::size_t session = 0; session < limits.sessions; ++session) {
        std::uint32_t best = 0;
        double most = 0.0, leastMinutes = 0.0;
        const std::uint32_t all = 1u << choices.size();
        for (std::uint32_t set = 1; set < all; ++set) {
            double minutes = 0.0, effort = 0.0, worth = 0.0;
            for (std::size_t i = 0; i < choices.size(); ++i) {
                if ((set >> i & 1u) == 0) continue;
                minutes += choices[i].minutes;
                effort += choices[i].effort;
                worth += choices[i].weakness * choices[i].matters * fresh[i];
            }
            if (minutes > limits.minutes || effort > limits.effort) continue;
            // Of two that are worth the same the shorter one.
            const bool better = worth > most + 1e-12 ||
                                (worth > most - 1e-12 && worth > 0.0 && minutes < leastMinutes);
            if (!better) continue;
            best = set;
            most = worth;
            leastMinutes = minutes;
        }
        out.emplace_back();
        for (std::size_t i = 0; i < choices.size(); ++i) {
            fresh[i] += 0.5 * (1.0 - fresh[i]);
            if ((best >> i & 1u) == 0) continue;
            out.back().push_back(i);
            fresh[i] = justTrained;
        }
    }
    return out;
}

}  // namespace wedgeon
