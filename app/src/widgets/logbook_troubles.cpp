// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// The sentences.
#include "widgets/logbook_troubles.h"

#include <QDir>
#include <QFileInfo>

#include "wedgeon/store/files.h"
#include "widgets/file_dialogs.h"
#include "widgets/trouble_bar.h"

namespace wedgeon {

LogbookTroubles::LogbookTroubles(ShotLog& log, TroubleBar& bar, QObject* parent)
    : QObject(parent), log_(log), bar_(bar) {
    connect(&log_, &ShotLog::stateChanged, this, &LogbookTroubles::tell);
    // A window that is made later than the logbook was opened.
    if (log_.state() != ShotLog::State::Opening) tell();
}

void LogbookTroubles::tell() {
    const QString name = QFileInfo(log_.path()).fileName();
    const TroubleBar::Way elsewhere{tr("Keep shots in another file…"), [this] { keepElsewhere(); }};
    const TroubleBar::Way again{tr("Try again"), [this] { tryAgain(); }};
    switch (log_.state()) {
        case ShotLog::State::Opening:
            if (!log_.isHeld()) return bar_.clear();
            return bar_.tell(
                tr("%1 is held by another program. It is opened as soon as it is free.").arg(name),
                {elsewhere});
        case ShotLog::State::Open:
            return tellOpen(name);
        case ShotLog::State::ReadOnly:
            return bar_.tell(tr("%1 can be read, but not written. Nothing is kept: live shots stay "
                                "with the launch monitor, changes are refused.")
                                 .arg(name),
                             {elsewhere, again});
        case ShotLog::State::Unusable:
            return bar_.tell(
                tr("%1. It is left as it is. Nothing is kept: live shots stay with the launch "
                   "monitor, files are not read in.")
                    .arg(log_.failure().message),
                {elsewhere, {tr("Restore a backup…"), [this] { emit restoreRequested(); }}, again});
        case ShotLog::State::Moved:
            return tellMoved(name);
    }
}

void LogbookTroubles::tellOpen(const QString& name) {
    if (log_.isHeld()) {
        const int edits = log_.waitingEdits();
        const QString waiting = edits == 0 ? QString() : tr(" %n change(s) wait.", nullptr, edits);
        return bar_.tell(tr("%1 is held by another program: nothing can be written until it is "
                            "free. Live shots stay with the launch monitor.")
                                 .arg(name) +
                             waiting,
                         {});
    }
    if (!store::liesInMemory(log_.path().toStdString())) return bar_.clear();
    bar_.tell(tr("%1 lies in memory, not on a disk: its shots are gone when the computer is "
                 "switched off.")
                  .arg(name),
              {{tr("Keep shots in another file…"), [this] { keepElsewhere(); }}});
}

void LogbookTroubles::tellMoved(const QString& name) {
    const QString kept = log_.rescued().isEmpty()
                             ? QString()
                             : tr(" What this window had is kept as backups/%1.")
                                   .arg(QFileInfo(log_.rescued()).fileName());
    const bool there = QFileInfo::exists(log_.path());
    bar_.tell(tr("%1 was replaced, renamed or removed while it was open. Nothing is kept: live "
                 "shots stay with the launch monitor, changes are refused.")
                      .arg(name) +
                  kept,
              {{there ? tr("Open the one that is there now") : tr("Begin a new one there"),
                [this] { tryAgain(); }},
               {tr("Keep shots in another file…"), [this] { keepElsewhere(); }}});
}

void LogbookTroubles::keepElsewhere() {
    const QFileInfo file(log_.path());
    const QString path = askForTarget(
        bar_.window(), tr("Keep shots in another file"), tr("Logbooks (*.wedgeon)"),
        QStringLiteral("wedgeon"),
        file.absoluteDir().filePath(
            QStringLiteral("%1-%2.wedgeon")
                .arg(file.completeBaseName(), QString::fromStdString(log_.clock().today()))));
    if (!path.isEmpty()) log_.openAt(path);
}

}  // namespace wedgeon
