// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// What the program notes of itself in a file: starts, ends, what the toolkit warns of, what went
// wrong. Bounded, and without anything that belongs to a player: names, files and all that stands
// in quotes are left out before it is written.
#pragma once

#include <QString>
#include <QStringList>

namespace wedgeon::trouble {

/// Where program's notes are kept: the log, the one before it, notes of crashes.
QString folder();
QString logPath();

/// From now on the toolkit's messages go there too, beside the terminal. Call once, when the
/// application has its name.
void beginLog();
/// One line with the time before it. \p event is of the program's own words; see withoutNames.
/// A log that cannot be written is no trouble: nothing happens then.
void note(const QString& event);
/// The newest lines, the oldest of them first.
QStringList lastLines(int most);

/// \p message with everything in quotes, and every path, as "…", on one line of at most 300
/// letters.
QString withoutNames(const QString& message);

/// The most that the log, and the one before it, may hold each.
inline constexpr qint64 mostLogBytes = 256 * qint64{1024};

}  // namespace wedgeon::trouble
