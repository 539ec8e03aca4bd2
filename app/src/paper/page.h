// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Drawings as a file of pages: PNG, SVG or PDF, by the ending of its name.
#pragma once

#include <QColor>
#include <QRectF>
#include <QSizeF>
#include <QString>
#include <QVector>
#include <functional>

class QPainter;

namespace wedgeon {

/// What every page of a file has.
struct PageForm {
    QSizeF size_mm;
    int dotsPerInch = 96;  ///< in which the painters paint
    QColor ground = Qt::white;
    QString title = QStringLiteral("Wedgeon");
    double sharpness = 2.0;  ///< pixels of a PNG for each dot

    /// From the size in dots.
    static PageForm ofPixels(const QSize& size, const QColor& ground);
    QSizeF dots() const { return size_mm * dotsPerInch / 25.4; }
};

/// Paints one page into \p room, which is all of it.
using PagePainter = std::function<void(QPainter&, const QRectF& room)>;

/// Every page of a PDF; SVG and PNG have the first one only. False when there is none, or when the
/// file cannot be written or has another ending.
bool savePages(const QString& path, const PageForm& form, const QVector<PagePainter>& pages);

}  // namespace wedgeon
