// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// A user of this process alone: settings, recipes and logbook live in a folder that goes with it,
// so that tests running beside each other, or beside the real program, never share a file.
#pragma once

#include <QTemporaryDir>

namespace wedgeon::test {

/// To be made before the QApplication, since Qt reads the folders once.
class OwnUser {
public:
    OwnUser() {
        for (const char* variable : {"XDG_CONFIG_HOME", "XDG_DATA_HOME", "XDG_CACHE_HOME"})
            qputenv(variable, home_.filePath(QString::fromLatin1(variable)).toLocal8Bit());
    }

private:
    QTemporaryDir home_;
};

}  // namespace wedgeon::test
