// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// What a reader of a PDF finds beside its pages: bookmarks, title, subject, language.
#pragma once

#include <QByteArray>
#include <QString>
#include <QVector>

namespace wedgeon {

/// A place to jump to.
struct PdfMark {
    QString text;
    int page = 0;           ///< from 0
    double top_mm = 0.0;    ///< below the upper edge of the sheet
    bool isChapter = true;  ///< else it stands below the chapter before it
};

struct PdfData {
    QString title, subject;
    QString language;  ///< such as "de-DE"
    QVector<PdfMark> marks;
};

/// \p pdf with these; marks on pages that are not there are left out. As it was where it is no PDF
/// that can be read.
QByteArray withPdfData(const QByteArray& pdf, const PdfData& data);

}  // namespace wedgeon
