// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Painting the bars.
#include "views/tune/estimates_drawing.h"

#include <QPainter>
#include <algorithm>

#include "text/units.h"

namespace wedgeon {
namespace {

constexpr double mostNameWidth_px = 286.0;
constexpr double leastValueWidth_px = 152.0;
constexpr double gap_px = 10.0;
constexpr double margin_px = 12.0;

}  // namespace

EstimatesDrawing::EstimatesDrawing(const QString& name, QWidget* parent) : Drawing(name, parent) {}

QString EstimatesDrawing::valueText(const Row& row) {
    const auto say = [&](double v) { return text::number(v, row.decimals); };
    return EstimatesDrawing::tr("%1%4  (%2 to %3)")
        .arg(say(row.value), say(row.low), say(row.high), row.unit);
}

void EstimatesDrawing::show(const QVector<Row>& rows) {
    rows_ = rows;
    QStringList said;
    for (const Row& r : rows_) {
        said << tr("%1 %2, before %3%4%5")
                        .arg(r.name, valueText(r), text::number(r.prior, r.decimals), r.unit,
                             r.known ? QString() : tr(", not told by the data yet")) +
                    (r.patterned ? tr(", a pattern is left of it") : QString());
    }
    say(said.join(QStringLiteral("; ")));
    update();
}

void EstimatesDrawing::paint(QPainter& p, const style::Colours& c) {
    if (rows_.isEmpty()) return;
    const QFont f = style::font(13);
    const QFont strong = style::font(13, QFont::DemiBold);
    double valueWidth = leastValueWidth_px;
    for (const Row& r : rows_)
        valueWidth =
            std::max(valueWidth, gap_px + QFontMetricsF(strong).horizontalAdvance(valueText(r)));
    const double nameWidth = std::min(mostNameWidth_px, 0.6 * (canvas().width() - valueWidth));
    const double left = margin_px + nameWidth;
    const double right = canvas().width() - valueWidth - margin_px;
    const double pitch =
        std::min(34.0, (canvas().height() - 4.0) /
                           static_cast<double>(std::max<qsizetype>(rows_.size(), 1)));
    double y = pitch / 2;
    for (const Row& r : rows_) {
        // Every row has its own scale: the prior fills two thirds of it, unless the data left it.
        const double low = std::min(r.priorLow, r.low);
        const double high = std::max(r.priorHigh, r.high);
        const double room = 0.12 * std::max(high - low, 1e-9);
        const auto x = [&](double v) {
            return left + (v - low + room) / (high - low + 2 * room) * (right - left);
        };
        paintText(p, {margin_px, y + 4},
                  QFontMetricsF(f).elidedText(r.patterned ? QStringLiteral("~ ") + r.name : r.name,
                                              Qt::ElideRight, nameWidth - 8),
                  r.known ? c.ink : c.soft, f);
        p.setPen(QPen(c.former, 1.2, Qt::DashLine));
        p.setBrush(Qt::NoBrush);
        p.drawRoundedRect(QRectF(x(r.priorLow), y - 8, x(r.priorHigh) - x(r.priorLow), 16), 4, 4);
        p.drawLine(QPointF(x(r.prior), y - 8), QPointF(x(r.prior), y + 8));
        p.setPen(Qt::NoPen);
        p.setBrush(r.known ? c.predicted : c.band);
        p.drawRoundedRect(QRectF(x(r.low), y - 4.5, std::max(2.0, x(r.high) - x(r.low)), 9), 4, 4);
        p.setPen(QPen(r.known ? c.ink : c.soft, 2));
        p.drawLine(QPointF(x(r.value), y - 8), QPointF(x(r.value), y + 8));
        paintText(p, {canvas().width() - margin_px, y + 4}, valueText(r), r.known ? c.ink : c.soft,
                  r.known ? strong : f, Qt::AlignRight);
        y += pitch;
    }
}

}  // namespace wedgeon
