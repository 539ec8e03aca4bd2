// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Rows on one axis of days.
#include "views/train/history_drawing.h"

#include <QPainter>
#include <algorithm>
#include <cmath>

#include "text/units.h"

namespace wedgeon {
namespace {

constexpr double wordsWidth_px = 250.0, edge_px = 18.0, numbers_px = 46.0;
constexpr double top_px = 24.0, bottom_px = 24.0, leastRow_px = 46.0;

}  // namespace

HistoryDrawing::HistoryDrawing(const QString& name, QWidget* parent) : Drawing(name, parent) {}

void HistoryDrawing::show(const Content& content) {
    content_ = content;
    QStringList said;
    for (const Row& row : content_.rows)
        said << QStringLiteral("%1: %2").arg(row.name, row.said);
    say(said.isEmpty() ? tr("No measure on three days yet") : said.join(QStringLiteral("; ")));
    update();
}

double HistoryDrawing::xOf(double day, QRectF place) const {
    const double span = std::max(1.0, content_.last - content_.first);
    return place.left() + (day - content_.first) / span * place.width();
}

void HistoryDrawing::paint(QPainter& p, const style::Colours& c) {
    if (content_.rows.isEmpty()) return;
    const double width = canvas().width(), height = canvas().height();
    const QRectF plot(wordsWidth_px + numbers_px, top_px,
                      width - wordsWidth_px - numbers_px - 2 * edge_px,
                      height - top_px - bottom_px);
    const QFont small = style::font(12);
    for (const Mark& m : content_.marks) {
        const double x = xOf(m.day, plot);
        p.setPen(QPen(m.chosen ? c.ink : c.edge, m.chosen ? 1.6 : 1.0, Qt::DashLine));
        p.drawLine(QPointF(x, plot.top() - 4), QPointF(x, plot.bottom()));
        paintText(p, {x, plot.top() - 8}, m.letter, m.chosen ? c.ink : c.soft,
                  style::font(12, m.chosen ? QFont::DemiBold : QFont::Normal), Qt::AlignHCenter);
    }
    // The first ones where there is no room for all.
    const auto fits = std::clamp<qsizetype>(static_cast<qsizetype>(plot.height() / leastRow_px), 1,
                                            content_.rows.size());
    const double each = plot.height() / static_cast<double>(fits);
    for (qsizetype i = 0; i < fits; ++i)
        paintRow(p, c, content_.rows[i],
                 {plot.left(), plot.top() + each * static_cast<double>(i), plot.width(), each});
    paintText(p, {plot.left(), height - 6}, content_.firstName, c.soft, small);
    paintText(p, {plot.right(), height - 6}, content_.lastName, c.soft, small, Qt::AlignRight);
}

void HistoryDrawing::paintRow(QPainter& p, const style::Colours& c, const Row& row,
                              QRectF place) const {
    const double middle = place.center().y();
    paintFitted(p, {edge_px, middle - 4}, wordsWidth_px - edge_px - 8, row.name, c.ink,
                style::font(14, QFont::DemiBold));
    paintFitted(p, {edge_px, middle + 14}, wordsWidth_px - edge_px - 8, row.said,
                row.drifts ? c.predicted : c.soft,
                style::font(12, row.drifts ? QFont::DemiBold : QFont::Normal));
    if (row.days.isEmpty()) return;
    const QRectF plot = place.adjusted(0, 8, 0, -8);
    double low = row.days.front().mean, high = low;
    for (const Row::Day& d : row.days) {
        low = std::min(low, d.mean);
        high = std::max(high, d.mean);
    }
    // A day's interval may be far wider than all that was measured: it is drawn to the edge.
    const double pad = std::max(0.35 * (high - low), std::pow(10.0, -row.decimals));
    for (const Row::Day& d : row.days) {
        if (std::isfinite(d.low)) low = std::min(low, std::max(d.low, low - pad));
        if (std::isfinite(d.high)) high = std::max(high, std::min(d.high, high + pad));
    }
    const double room = 0.06 * (high - low) + 1e-12;
    low -= room;
    high += room;
    const auto yOf = [&](double v) {
        return plot.bottom() - std::clamp((v - low) / (high - low), 0.0, 1.0) * plot.height();
    };
    p.setPen(QPen(c.edge, 1.0));
    p.drawLine(QPointF(plot.left() - 6, place.bottom()), QPointF(plot.right(), place.bottom()));
    const QFont small = style::font(11);
    paintText(p, {plot.left() - 10, plot.top() + 8}, text::number(high - room, row.decimals),
              c.soft, small, Qt::AlignRight);
    paintText(p, {plot.left() - 10, plot.bottom()}, text::number(low + room, row.decimals), c.soft,
              small, Qt::AlignRight);
    if (!row.line.isEmpty()) {
        QPolygonF band, line;
        for (const Row::Point& at : row.line) {
            band << QPointF(xOf(at.day, plot), yOf(at.at + at.half));
            line << QPointF(xOf(at.day, plot), yOf(at.at));
        }
        for (auto at = row.line.rbegin(); at != row.line.rend(); ++at)
            band << QPointF(xOf(at->day, plot), yOf(at->at - at->half));
        p.setPen(Qt::NoPen);
        p.setBrush(c.band);
        p.drawPolygon(band);
        p.setPen(QPen(c.predicted, row.drifts ? 2.4 : 1.4));
        p.setBrush(Qt::NoBrush);
        p.drawPolyline(line);
    }
    if (row.levels) {
        const double at = xOf(row.levels->since, plot);
        p.setPen(QPen(c.predicted, 2.2));
        p.drawLine(QPointF(plot.left(), yOf(row.levels->before)),
                   QPointF(at, yOf(row.levels->before)));
        p.drawLine(QPointF(at, yOf(row.levels->after)),
                   QPointF(plot.right(), yOf(row.levels->after)));
    }
    for (const Row::Day& d : row.days) {
        const QPointF at(xOf(d.day, plot), yOf(d.mean));
        if (std::isfinite(d.low)) {
            p.setPen(QPen(c.measured, 1.4));
            p.drawLine(QPointF(at.x(), yOf(d.low)), QPointF(at.x(), yOf(d.high)));
        }
        p.setPen(Qt::NoPen);
        p.setBrush(c.measured);
        p.drawPolygon(QPolygonF({at + QPointF(0, -4.5), at + QPointF(4.5, 0), at + QPointF(0, 4.5),
                                 at + QPointF(-4.5, 0)}));
    }
}

}  // namespace wedgeon
