// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Asking for a file. The toolkit's own dialog opens files to find their icons; here icons follow
// the name, so that an open logbook in the same folder is left alone.
#pragma once

#include <QString>
#include <QStringList>

class QWidget;

namespace wedgeon {

/// An existing file; empty when the person thought better of it. \p folder is where it begins, the
/// folder of the last time when empty.
QString askForFile(QWidget* parent, const QString& title, const QString& filter,
                   const QString& folder = {});
/// The same of one or more.
QStringList askForFiles(QWidget* parent, const QString& title, const QString& filter);
/// A file to write; \p ending is added to a name without one.
QString askForTarget(QWidget* parent, const QString& title, const QString& filter,
                     const QString& ending, const QString& suggestion = {});

}  // namespace wedgeon
