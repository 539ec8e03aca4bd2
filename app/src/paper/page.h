// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// One page of a drawing as a file: PNG, SVG or PDF, by the ending of its name.
#pragma once

#include <QColor>
#include <QSize>
#include <QString>
#include <functional>

class QPainter;

namespace wedgeon {

/// \p paint draws on a page of \p size pixels. False when the file cannot be written or has
/// another ending.
bool savePage(const QString& path, const QSize& size, const QColor& ground,
              const std::function<void(QPainter&)>& paint);

}  // namespace wedgeon
