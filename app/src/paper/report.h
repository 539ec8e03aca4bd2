// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// A lesson on one or two pages as a document: sentences, drawings with words beside them, tables.
// Text is text; every picture stands in the document itself.
#pragma once

#include <QImage>
#include <QString>
#include <QStringList>
#include <QVector>

class QTextDocument;

namespace wedgeon {

struct ReportPicture {
    QString words;  ///< what it shows, for whoever does not see it
    QImage image;
    int width_px = 0;  ///< on a page that is 660 wide
};

struct ReportPart {
    QString title, sentence, why;
    QVector<ReportPicture> pictures;
    QVector<QStringList> table;  ///< the first row heads it
    double worth_m = 0.0;        ///< how far what was found moves a shot's rest; 0: not known
};

/// As HTML that stands for itself. Whatever comes from files is plain text in it.
QString formatReport(const QString& title, const QString& below, const QVector<ReportPart>& parts);
/// As a PDF of A4 pages with this title in its data and its headings as bookmarks. False where it
/// could not be written.
bool saveReportPdf(const QTextDocument& report, const QString& path, const QString& title);
/// As HTML; pictures keep their words. False where it could not be written.
bool saveReportHtml(const QTextDocument& report, const QString& path, const QString& title);

}  // namespace wedgeon
