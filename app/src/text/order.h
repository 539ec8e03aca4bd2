// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Names in the order in which the chosen language has them: Ä with A in German, "swing 8" before
// "swing 10".
#pragma once

#include <QString>
#include <QStringList>

namespace wedgeon::text {

bool comesBefore(const QString& a, const QString& b);
QStringList inOrder(QStringList names);

}  // namespace wedgeon::text
