// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// What a crash leaves behind: a short file with signal, version, time and the calls that were under
// way, as addresses. No player, shot or file stands in it.
#pragma once

#include <QDateTime>
#include <QString>
#include <QVector>

namespace wedgeon::trouble {

struct CrashNote {
    QString path;
    QDateTime at;
    QString text;
};

/// From now on a fatal signal, or an exception that nobody catches, leaves a note before the
/// program ends as it would have. Call once, when the application has its name.
void leaveNotesOfCrashes();
/// Those that nobody has thrown away, the newest first, at most ten.
QVector<CrashNote> crashNotes();
void removeCrashNotes();

}  // namespace wedgeon::trouble
