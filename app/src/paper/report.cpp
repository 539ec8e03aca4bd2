// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Writing it.
#include "paper/report.h"

#include <QAbstractTextDocumentLayout>
#include <QBuffer>
#include <QFile>
#include <QLocale>
#include <QPdfWriter>
#include <QSaveFile>
#include <QTextBlock>
#include <QTextDocument>
#include <cmath>
#include <memory>

#include "paper/pdf_data.h"

namespace wedgeon {
namespace {

constexpr double margin_mm = 16.0;
constexpr int pageWidth_px = 660, dotsPerInch = 96;

QString escaped(const QString& s) {
    return s.toHtmlEscaped().replace(QLatin1Char('\n'), QStringLiteral("<br/>"));
}

QString pictureTag(const ReportPicture& picture) {
    QByteArray bytes;
    QBuffer buffer(&bytes);
    buffer.open(QIODevice::WriteOnly);
    picture.image.save(&buffer, "PNG");
    const int width = picture.width_px > 0 ? picture.width_px : pageWidth_px;
    const int height =
        picture.image.isNull() ? 0 : width * picture.image.height() / picture.image.width();
    return QStringLiteral(
               "<img alt=\"%1\" width=\"%2\" height=\"%3\" src=\"data:image/png;base64,%4\"/>")
        .arg(picture.words.toHtmlEscaped())
        .arg(width)
        .arg(height)
        .arg(QString::fromLatin1(bytes.toBase64()));
}

QString tableOf(const QVector<QStringList>& rows) {
    QString out = QStringLiteral("<table border=\"0\" cellspacing=\"0\" cellpadding=\"3\">");
    for (qsizetype r = 0; r < rows.size(); ++r) {
        out += QStringLiteral("<tr>");
        for (qsizetype c = 0; c < rows[r].size(); ++c) {
            const QString cell = r == 0 ? QStringLiteral("th") : QStringLiteral("td");
            out += QStringLiteral("<%1 align=\"%2\">%3</%1>")
                       .arg(cell, c == 0 ? QStringLiteral("left") : QStringLiteral("right"),
                            escaped(rows[r][c]));
        }
        out += QStringLiteral("</tr>");
    }
    return out + QStringLiteral("</table>");
}

bool saveBytes(const QString& path, const QByteArray& bytes) {
    QSaveFile file(path);
    return file.open(QIODevice::WriteOnly) && file.write(bytes) == bytes.size() && file.commit();
}

}  // namespace

QString formatReport(const QString& title, const QString& below, const QVector<ReportPart>& parts) {
    QString out = QStringLiteral(
                      "<html><head><meta charset=\"utf-8\"/><title>%1</title></head><body>"
                      "<h1>%1</h1><p>%2</p>")
                      .arg(escaped(title), escaped(below));
    for (const ReportPart& part : parts) {
        out += QStringLiteral("<h2>%1</h2>").arg(escaped(part.title));
        if (!part.sentence.isEmpty())
            out += QStringLiteral("<p><b>%1</b></p>").arg(escaped(part.sentence));
        if (!part.why.isEmpty()) out += QStringLiteral("<p>%1</p>").arg(escaped(part.why));
        for (const ReportPicture& picture : part.pictures) {
            out += QStringLiteral("<p>%1</p>").arg(pictureTag(picture));
            // Words beside it, for whoever reads the text alone.
            if (!picture.words.isEmpty())
                out += QStringLiteral("<p><small>%1</small></p>").arg(escaped(picture.words));
        }
        if (!part.table.isEmpty()) out += tableOf(part.table);
    }
    return out + QStringLiteral("</body></html>");
}

bool saveReportPdf(const QTextDocument& report, const QString& path, const QString& title) {
    PdfData data{title, {}, QLocale().bcp47Name(), {}};
    QByteArray bytes;
    QBuffer buffer(&bytes);
    buffer.open(QIODevice::WriteOnly);
    {
        QPdfWriter pdf(&buffer);
        pdf.setPageSize(QPageSize(QPageSize::A4));
        pdf.setPageMargins(QMarginsF(margin_mm, margin_mm, margin_mm, margin_mm),
                           QPageLayout::Millimeter);
        // As on the screen: letters and pictures are measured in pixels of 1/96 inch.
        pdf.setResolution(dotsPerInch);
        const std::unique_ptr<QTextDocument> paged(report.clone());
        paged->setDocumentMargin(0.0);
        paged->setPageSize(pdf.pageLayout().paintRectPixels(dotsPerInch).size());
        paged->print(&pdf);
        for (QTextBlock b = paged->begin(); b.isValid(); b = b.next()) {
            const int level = b.blockFormat().headingLevel();
            if (level == 0) continue;
            const double top = paged->documentLayout()->blockBoundingRect(b).top();
            const double page = paged->pageSize().height();
            data.marks.append({b.text(), static_cast<int>(top / page),
                               margin_mm + std::fmod(top, page) * 25.4 / dotsPerInch, level == 1});
        }
    }
    return saveBytes(path, withPdfData(bytes, data));
}

bool saveReportHtml(const QTextDocument& report, const QString& path, const QString& title) {
    QString html = report.toHtml();
    html.replace(QStringLiteral("<head>"),
                 QStringLiteral("<head><title>%1</title>").arg(title.toHtmlEscaped()));
    return saveBytes(path, html.toUtf8());
}

}  // namespace wedgeon
