// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
/// \file A plan in words: what a shot is called, why it stands where it does, what would change it.
#pragma once

#include <string>
#include <vector>

#include "wedgeon/plan/plan.h"
#include "wedgeon/words/words.h"

namespace wedgeon::words {

/// Speaks of a plan; lengths as the language's people measure them.
class PlanSpeaker {
public:
    explicit PlanSpeaker(const Speaker& speaker) : speaker_(speaker) {}
    virtual ~PlanSpeaker() = default;
    /// With its unit.
    virtual std::string length(double m) const;
    /// Where a pace would be too rough.
    virtual std::string exactLength(double m) const { return length(m); }
    virtual std::string speed(double mps) const;
    const Speaker& speaker() const { return speaker_; }

private:
    const Speaker& speaker_;
};

/// "sand", "54°", "34° iron", "putter".
std::string clubName(const BagClub& club, const PlanSpeaker& speaker);
/// "High 58°, open 12°", "Low 46°, ball back", "Putter".
std::string shotName(const PlannedShot& shot, const PlanRequest& request,
                     const PlanSpeaker& speaker);
/// As a planned shot is swung; empty for the putter.
std::string swingSaid(const PlannedShot& shot, const PlanSpeaker& speaker);
/// "2.1 m past the edge", "short of the green, 3.0 m before the edge".
std::string landingSaid(const PlannedShot& shot, const PlanRequest& request,
                        const PlanSpeaker& speaker);
/// Why the shot stands where it does, as a part of a sentence.
std::string why(const Plan& plan, std::size_t shot, const PlanSpeaker& speaker);
/// "the flag stood 2.0 m farther (Low 46°)"; a part of "It would change if ...".
std::string change(const WouldChange& change, const PlanRequest& request,
                   const PlanSpeaker& speaker);
/// The first shot in a sentence: "Middle 54°, rib-high: land it 2 m past the edge."
std::string headline(const Plan& plan, const PlanRequest& request, const PlanSpeaker& speaker);
/// "19 times in 20", "9 times in 10", "almost always", "1 time in 3".
std::string timesIn(double chance, const PlanSpeaker& speaker);

}  // namespace wedgeon::words
