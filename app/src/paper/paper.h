// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Pages that fill from the top: titles, text, pictures, each page with a foot line. In millimetres,
// on a printer or in a document.
#pragma once

#include <QFont>
#include <QPainter>
#include <QRectF>
#include <QString>
#include <QVector>
#include <functional>

#include "paper/pdf_data.h"
#include "style/style.h"

class QPagedPaintDevice;

namespace wedgeon {

class Paper {
public:
    /// \p foot stands at the bottom of every page, before its number. The device has to outlive it.
    Paper(QPagedPaintDevice& device, QString foot);
    /// The last page gets its foot.
    ~Paper();
    Paper(const Paper&) = delete;
    Paper& operator=(const Paper&) = delete;

    /// False when the device cannot be painted on.
    bool isGood() const { return painter_.isActive(); }
    int pages() const { return page_; }
    /// Its titles, with the drawings below each, for a PDF's bookmarks.
    const QVector<PdfMark>& marks() const { return marks_; }

    void title(const QString& text);
    /// Lines that are too long are broken, and go on over the page's end.
    void text(const QString& text);
    /// A drawing with its name above it, in lines and letters of the page's own fineness: \p paint
    /// is given the room that it has, in pixels of 1/96 inch, and colours for white paper.
    struct Sketch {
        QString name;
        QSize size;  ///< on the screen, in such pixels
        std::function<void(QPainter&, QSizeF, const style::Colours&)> paint;
    };
    /// One below the other, two narrow ones side by side.
    void sketches(const QVector<Sketch>& all);
    /// What is no drawing. \p paint draws in pixels on \p size; it is brought to the page's width,
    /// or to what is left of its height where that is a good part of it.
    void picture(const QSize& size, const std::function<void(QPainter&)>& paint);

private:
    void sketch(const Sketch& sketch, double left_mm, QSizeF room_px);
    void line(const QString& text, const QFont& font, double gap_mm);
    void foot();
    void turnPage();
    void mark(const QString& text, bool isChapter);
    double left_mm() const { return page_mm_.bottom() - down_mm_; }

    QPagedPaintDevice& device_;
    QPainter painter_;
    QString foot_;
    QRectF page_mm_;  ///< inside the margins, without the foot
    double down_mm_ = 0.0;
    double top_mm_ = 0.0;  ///< margin above
    int page_ = 1;
    QVector<PdfMark> marks_;
};

}  // namespace wedgeon
