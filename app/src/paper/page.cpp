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
#include <cmath>

#include "wedgeon/store/error.h"
#include "wedgeon/store/files.h"

namespace wedgeon {

PageForm PageForm::ofPixels(const QSize& size, const QColor& ground) {
    PageForm form;
    form.size_mm = QSizeF(size) * 25.4 / form.dotsPerInch;
    form.ground = ground;
    return form;
}

bool savePages(const QString& path, const PageForm& form, const QVector<PagePainter>& pages) {
    if (pages.isEmpty()) return false;
    const QString ending = QFileInfo(path).suffix().toLower();
    const QRectF room(QPointF(), form.dots());
    const QSize pixels(static_cast<int>(std::ceil(room.width() - 1e-6)),
                       static_cast<int>(std::ceil(room.height() - 1e-6)));
    const auto paintOn = [&](QPaintDevice& device, const std::function<bool()>& nextPage) {
        QPainter p;
        if (!p.begin(&device)) return false;
        for (qsizetype i = 0; i < pages.size(); ++i) {
            if (i > 0 && (!nextPage || !nextPage())) break;
            p.fillRect(QRectF(QPointF(), QSizeF(pixels)), form.ground);
            pages[i](p, room);
        }
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
        svg.setResolution(form.dotsPerInch);
        svg.setSize(pixels);
        svg.setViewBox(room);
        svg.setTitle(form.title);
        return paintOn(svg, {}) && file.commit();
    }
    if (ending == QStringLiteral("pdf")) {
        QPdfWriter pdf(&file);
        pdf.setResolution(form.dotsPerInch);
        pdf.setPageMargins(QMarginsF());
        pdf.setPageSize(QPageSize(form.size_mm, QPageSize::Millimeter, {}, QPageSize::ExactMatch));
        pdf.setTitle(form.title);
        return paintOn(pdf, [&] { return pdf.newPage(); }) && file.commit();
    }
    if (ending != QStringLiteral("png")) return false;
    QImage image(QSize(static_cast<int>(std::lround(pixels.width() * form.sharpness)),
                       static_cast<int>(std::lround(pixels.height() * form.sharpness))),
                 QImage::Format_ARGB32_Premultiplied);
    if (image.isNull()) return false;
    image.setDevicePixelRatio(form.sharpness);
    image.setText(QStringLiteral("Title"), form.title);
    return paintOn(image, {}) && image.save(&file, "PNG") && file.commit();
}

}  // namespace wedgeon
