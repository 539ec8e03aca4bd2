// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// What somebody who helps needs to know of this program on this machine.
#pragma once

#include <QString>

namespace wedgeon::trouble {

/// Versions, processor, screens, fonts, language, settings that are nobody's, the logbook's size
/// and state, crashes, and the last lines of the log. Names no player, shot or file; changes
/// nothing. In English, for whoever helps. Needs the application. Reads \p logbook's counts, which
/// takes a moment for a million shots.
QString diagnosis(const QString& logbook);

}  // namespace wedgeon::trouble
