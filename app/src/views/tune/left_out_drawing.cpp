// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Three bars for each result.
#include "views/tune/left_out_drawing.h"

#include <QFontMetricsF>
#include <QPainter>
#include <algorithm>

#include "text/units.h"

namespace wedgeon {
namespace {

constexpr double leftOutMargin_px = 12.0;
constexpr double leastNameWidth_px = 74.0;
constexpr double leastShareWidth_px = 70.0;
constexpr double leftOutGap_px = 8.0;
constexpr double heldWidth_px = 66.0;

QString withUnit(const LeftOutDrawing::Row& row, double v) {
    const bool tight = row.unit == QStringLiteral("°");
    return text::number(v, row.decimals) + (tight ? QString() : QString(QChar(0xA0))) + row.unit;
}

}  // namespace

LeftOutDrawing::LeftOutDrawing(const QString& name, QWidget* parent) : Drawing(name, parent) {}

void LeftOutDrawing::show(const QVector<Row>& rows, const QString& why) {
    rows_ = rows;
    why_ = why;
    QStringList said;
    for (const Row& r : rows_) {
        QString one = tr("%1: tuned %2 (median %3), untuned %4, regression %5, interval held %6")
                          .arg(r.name, withUnit(r, r.tuned), withUnit(r, r.tunedMedian),
                               withUnit(r, r.prior), withUnit(r, r.regression), r.held);
        if (r.misreads > 0)
            one += tr(", beside %n misread(s)", nullptr, static_cast<int>(r.misreads));
        said << one;
    }
    say(rows_.isEmpty() ? why_ : said.join(QStringLiteral("; ")));
    update();
}

void LeftOutDrawing::paint(QPainter& p, const style::Colours& c) {
    const QFont f = style::font(12);
    if (rows_.isEmpty()) {
        p.setFont(f);
        p.setPen(c.soft);
        p.drawText(
            QRectF(QPointF(0, 0), canvas()).adjusted(leftOutMargin_px, 4, -leftOutMargin_px, 0),
            static_cast<int>(Qt::AlignLeft | Qt::AlignTop) | Qt::TextWordWrap, why_);
        return;
    }
    const QFont strong = style::font(13, QFont::DemiBold);
    double nameWidth = leastNameWidth_px;
    double valueWidth = leastShareWidth_px;
    for (const Row& r : rows_) {
        const QFontMetricsF metrics(strong);
        nameWidth = std::max(nameWidth, leftOutGap_px + metrics.horizontalAdvance(r.name));
        valueWidth =
            std::max(valueWidth, leftOutGap_px + metrics.horizontalAdvance(withUnit(r, r.tuned)));
    }
    const double left = leftOutMargin_px + nameWidth;
    const double right = canvas().width() - leftOutMargin_px - valueWidth - heldWidth_px;
    // Each bar's name behind a piece of it; what stands at the right end gets the room that is
    // left.
    double x = left;
    const auto key = [&](const QPen& pen, const QBrush& brush, const QString& name) {
        p.setPen(pen);
        p.setBrush(brush);
        p.drawRect(QRectF(x, 5, 12, 8));
        paintText(p, {x + 16, 14}, name, c.soft, f);
        x += 16 + QFontMetricsF(f).horizontalAdvance(name) + 10;
    };
    key(Qt::NoPen, c.predicted, tr("tuned"));
    key(QPen(c.soft, 1.2), Qt::NoBrush, tr("untuned"));
    key(QPen(c.former, 1.2, Qt::DotLine), Qt::NoBrush, tr("regression"));
    QString held = tr("80 % held");
    if (x + QFontMetricsF(f).horizontalAdvance(held) > canvas().width() - leftOutMargin_px)
        held = tr("held");
    paintText(p, {canvas().width() - leftOutMargin_px, 14}, held, c.soft, f, Qt::AlignRight);
    const double pitch = (canvas().height() - 22.0) / static_cast<double>(rows_.size());
    double y = 22.0 + pitch / 2;
    for (const Row& r : rows_) {
        const double most = std::max({r.tuned, r.prior, r.regression, 1e-9});
        const auto w = [&](double v) { return std::max(2.0, v / most * (right - left)); };
        const double h = std::min(9.0, pitch / 4);
        paintText(p, {leftOutMargin_px, y + 4}, r.name, c.ink, strong);
        p.setPen(Qt::NoPen);
        p.setBrush(c.predicted);
        p.drawRect(QRectF(left, y - 1.5 * h, w(r.tuned), h));
        p.setPen(QPen(c.soft, 1.2));
        p.setBrush(Qt::NoBrush);
        p.drawRect(QRectF(left, y - 0.5 * h, w(r.prior), h - 1));
        p.setPen(QPen(c.former, 1.2, Qt::DotLine));
        p.drawRect(QRectF(left, y + 0.5 * h + 1, w(r.regression), h - 1));
        paintText(p, {right + valueWidth - 2, y + 4}, withUnit(r, r.tuned), c.ink, strong,
                  Qt::AlignRight);
        paintText(p, {canvas().width() - leftOutMargin_px, y + 4}, r.held, c.ink, f,
                  Qt::AlignRight);
        y += pitch;
    }
}

}  // namespace wedgeon
