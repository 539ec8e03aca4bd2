// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Telling a screen reader something that nobody has the focus on.
#pragma once

#include <QString>
#include <QWidget>

namespace wedgeon {

/// As \p speaker's description, with an alert.
void announce(QWidget& speaker, const QString& sentence);

}  // namespace wedgeon
