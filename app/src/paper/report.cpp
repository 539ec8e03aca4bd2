// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Writing it.
#include "paper/report.h"

#include <QBuffer>
#include <QFile>
#include <QPdfWriter>
#include <QSaveFile>
#include <QTextDocument>
#include <memory>

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
    QSaveFile file(path);
    if (!file.open(QIODevice::WriteOnly)) return false;
    {
        QPdfWriter pdf(&file);
        pdf.setTitle(title);
        pdf.setCreator(QStringLiteral("Wedgeon"));
        pdf.setPageSize(QPageSize(QPageSize::A4));
        pdf.setPageMargins(QMarginsF(margin_mm, margin_mm, margin_mm, margin_mm),
                           QPageLayout::Millimeter);
        // As on the screen: letters and pictures are measured in pixels of 1/96 inch.
        pdf.setResolution(dotsPerInch);
        const std::unique_ptr<QTextDocument> paged(report.clone());
        paged->setDocumentMargin(0.0);
        paged->setPageSize(pdf.pageLayout().paintRectPixels(dotsPerInch).size());
        paged->print(&pdf);
    }
    return file.commit();
}

bool saveReportHtml(const QTextDocument& report, const QString& path, const QString& title) {
    QSaveFile file(path);
    if (!file.open(QIODevice::WriteOnly)) return false;
    QString html = report.toHtml();
    html.replace(QStringLiteral("<head>"),
                 QStringLiteral("<head><title>%1</title>").arg(title.toHtmlEscaped()));
    file.write(html.toUtf8());
    return file.commit();
}

}  // namespace wedgeon
