// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// What a coach says of complaints, faults, what speaks for them, and what would tell them apart.
#pragma once

#include <QString>

#include "text/units.h"
#include "wedgeon/cause/cause.h"

namespace wedgeon::text {

/// "too high", as a complaint begins.
QString complaint(Complaint complaint);
/// "Clubhead passes the hands", in a list.
QString faultName(Fault fault);
/// "the clubhead passes the hands before the ball", in a sentence.
QString faultSays(Fault fault);
/// "two in three", "one in ten", "almost surely": a probability as people say it.
QString odds(double share);
/// "spin", "turf": what something is told by.
QString signName(const Sign& sign);
/// "−900 rpm": how far beyond the usual; empty where it has no number.
QString signOff(const PatternSign& sign, const Units& units);
/// "the shaft leans 6° less": a change, as the coach would see it.
QString change(FaultChange change, double value, const Units& units);
/// "Film one swing from face-on: where is the shaft at the ball?"
QString check(Check check);
/// "Where the shaft leans 3° less than usual or more, it is the hands (9 in 10)."
QString checkTells(const CheckGain& gain, Fault first, Fault second, const Units& units);
/// What the player does about it, in a sentence.
QString cure(Fault fault);
/// "launch −6.1 ± 1.0°, spin +830 ± 210 rpm": what goes when the fault does.
QString cureBrings(const FaultBelief& belief, const Units& units);
QString drillFor(Fault fault);
/// "Off this lie such a shot runs 2.1 m farther, whoever hits it": empty where that is little.
QString lieDoes(const std::array<double, outcomeCount>& ofTheLie, const Units& units);

}  // namespace wedgeon::text
