// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// What a tuning says, in words and as rows and clouds of the drawings.
#pragma once

#include "desk/tuner.h"
#include "text/units.h"
#include "views/tune/estimates_drawing.h"
#include "views/tune/fit_drawing.h"
#include "views/tune/left_out_drawing.h"

namespace wedgeon::text {

// Names of their own: lupdate would take the class for the context of what is translated there.
using EstimateRow = EstimatesDrawing::Row;
using FitContent = FitDrawing::Content;
EstimateRow estimateRow(const TuneEstimate& estimate, const TuneResiduals& residuals);
QVector<LeftOutDrawing::Row> leftOutRows(const LeftOutCheck& check, const Units& units);
FitContent fitContent(const TuneResiduals& residuals, const Units& units);

/// The headline of a fit and the line below it.
QString tuneSentence(const PlayerTuning& tuning);
QString tuneWhy(const PlayerTuning& tuning);
/// "A pattern is left: carry is measured 0.8 m longer than predicted at 28 m/s of club speed…"
QString leftPattern(const ResidualPattern& pattern, const Units& units);
/// "Off range, worn, dry · short grass: 8 % more grip than usual (6 to 9 %). Spin +210 ± 40 rpm.
/// From 23 shots."
QString finding(const TuneFinding& finding, const Units& units);
/// The words that show its shots in Watch.
QString findingFilter(const TuneFinding& finding, const QString& player);
/// Patterns, what is not known yet, what to hit next: a line each.
QStringList tuneNext(const PlayerTuning& tuning, const Units& units);
/// What set-ups deliver, days whose ground differs, scatter and speeds: a line each.
QStringList tuneSwings(const PlayerTuning& tuning, const Units& units);

}  // namespace wedgeon::text
