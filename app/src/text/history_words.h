// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// What a player's weeks say, in words.
#pragma once

#include <QString>
#include <QStringList>

#include "desk/history_maker.h"
#include "text/quantities.h"

namespace wedgeon::text {

/// "54° · rib-high (146 shots)", "All wedges and swings (310 shots)".
QString groupName(const store::HistoryGroup& group);
/// "9 Nov"; with the year where it is another one than \p today's.
QString dayNumber(double day);
/// "range ball from here", "tuned anew", "lesson noted".
QString changeName(const store::HistoryChange& change);

/// Of one measure, or the strike: name, unit, factor and decimals.
QuantityForm courseForm(std::optional<store::Quantity> quantity, const Units& units);
/// "−1.8° (−2.6 to −1.0) in 4 weeks", "−0.4° since 9 Nov (−1.2 to +0.4)".
QString courseSaid(const MeasureCourse& course, const Units& units);
QString stepSaid(const MeasureCourse& course, const StepChange& step, const Units& units);

/// What drifts and which stock shots get lost, as sentences; those that weigh most first.
QStringList historyFindings(const HistoryAnswer& answer, const Units& units);
/// How much there is, and what an interval holds.
QString historyWhy(const HistoryAnswer& answer);

/// "hard to find: high shot needed four times, three of them short-sided."
QStringList courseCounts(const std::vector<store::Note>& notes, const std::string& player);
/// The keys of shots and of results on the course, in the order in which they are offered.
const QStringList& courseShots();
const QStringList& courseResults();
QString courseShotName(const QString& key);
QString courseResultName(const QString& key);
/// One note on one line, as a list shows it.
QString noteLine(const store::Note& note);

}  // namespace wedgeon::text
