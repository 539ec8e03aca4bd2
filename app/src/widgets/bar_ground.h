// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// What lies under the words of a bar across the window.
#pragma once

#include <QWidget>

namespace wedgeon {

enum class BarMark { News, Warning };  ///< a dot, a triangle

/// Fills \p bar, from within its paintEvent.
void paintBarGround(QWidget& bar, BarMark mark);

}  // namespace wedgeon
