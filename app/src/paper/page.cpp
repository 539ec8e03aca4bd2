// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Painting on files.
#include "paper/page.h"

#include <QFileInfo>
#include <QImage>
#include <QPageSize>
#include <QPainter>
#include <QPdfWriter>
#include <QSaveFile>
#include <QSvgGenerator>

#include "wedgeon/store/error.h"
#include "wedgeon/store/files.h"

namespace wedgeon {

bool savePage(const QString& path, const QSize& size, const QColor& ground,
              const std::function<void(QPainter&)>& paint) {
    const QString ending = QFileInfo(path).suffix().toLower();
    const auto on = [&](QPaintDevice& device) {
        QPainter p;
        if (!p.begin(&device)) return false;
        p.fillRect(QRect(QPoint(0, 0), size), ground);
        paint(p);
        return p.end();
    };
    // Written beside and put in place as a whole, and never over a logbook.
    try {
        store::requireTarget(path.toStdString());
    } catch (const store::StoreError&) {
        return false;
    }
    QSaveFile file(path);
    if (!file.open(QIODevice::WriteOnly)) return false;
    if (ending == QStringLiteral("svg")) {
        QSvgGenerator svg;
        svg.setOutputDevice(&file);
        svg.setSize(size);
        svg.setViewBox(QRect(QPoint(0, 0), size));
        svg.setTitle(QStringLiteral("Wedgeon"));
        return on(svg) && file.commit();
    }
    if (ending == QStringLiteral("pdf")) {
        QPdfWriter pdf(&file);
        constexpr int dpi = 96;
        pdf.setResolution(dpi);
        pdf.setPageMargins(QMarginsF());
        pdf.setPageSize(QPageSize(QSizeF(size) * 25.4 / dpi, QPageSize::Millimeter));
        pdf.setTitle(QStringLiteral("Wedgeon"));
        return on(pdf) && file.commit();
    }
    if (ending != QStringLiteral("png")) return false;
    constexpr int sharpness = 2;
    QImage image(size * sharpness, QImage::Format_ARGB32_Premultiplied);
    image.setDevicePixelRatio(sharpness);
    return on(image) && image.save(&file, "PNG") && file.commit();
}

}  // namespace wedgeon
