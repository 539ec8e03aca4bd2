// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// What drills and trials measure, ask and find, in words and the units on screen.
#pragma once

#include <QString>
#include <QStringList>

#include "text/units.h"
#include "wedgeon/store/trainings.h"
#include "wedgeon/train/strain.h"

namespace wedgeon::text {

struct MeasureForm {
    QString name;  ///< "landing angle", in the middle of a sentence
    QString unit;
    double factor = 1.0;  ///< shown value of one SI unit
    int decimals = 1;
};
MeasureForm formOf(DrillMeasure measure, const Units& units);
/// "38.0 m"; of turf its word.
QString shown(DrillMeasure measure, double si, const Units& units);
/// "carry 36.0 to 40.0 m".
QString windowSaid(const DrillWindow& window, const Units& units);
/// "carry 36.0 to 40.0 m, launch 29.0 to 33.0°; to scatter by less than 2.0 m".
QString stationSaid(const DrillStation& station, const Units& units);

/// What it is for, as a sentence.
QString drillPurpose(const Drill& drill);
/// What a drill has come to, and what to do with it.
QString drillSentence(const Drill& drill, const DrillScore& score);
QString drillWhy(const Drill& drill, const DrillScore& score, const Units& units);

/// What decides a trial first, then what else was found of it.
QString trialSentence(const store::Trial& trial, const TrialReading& decides,
                      const StrikeReading& strikes, const Units& units);
QString trialWhy(const store::Trial& trial, std::size_t shots, std::size_t aside,
                 const TrialReading& decides, const ScatterReading& scatter);
/// "+3.1° (−4.5 to −1.7)".
QString differenceSaid(DrillMeasure measure, const TrialReading& reading, const Units& units);

/// "3.1 m short of what was declared: swing −2.6 m, strike −0.2 m, ground −0.3 m."
QString missSentence(const DeclaredMiss& miss, const Units& units);

/// How many hard strikes there were, and when a pause is due; empty where none was.
QString strainSaid(const StrainState& strain, const StrainLimits& limits);

/// The measures that a trial may be decided by, the usual ones first.
const QVector<DrillMeasure>& trialMeasures();
/// What usually matters to a player, and how far his shots usually scatter: guesses of ours to
/// begin with. SI.
TrialDesign usualDesign(DrillMeasure measure);

}  // namespace wedgeon::text
