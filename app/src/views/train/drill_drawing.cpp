// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Painting rows of marks.
#include "views/train/drill_drawing.h"

#include <QPainter>
#include <algorithm>

#include "text/units.h"

namespace wedgeon {
namespace {

constexpr double drillMargin_px = 16.0;
constexpr double highestRow_px = 74.0, highestWithTracks_px = 140.0;
constexpr double leastWithTracks_px = 112.0;  ///< rows that are as high have their tracks
constexpr double withWindows_px = 46.0;       ///< lower rows leave their windows out
constexpr double pitchOfMarks_px = 24.0;

}  // namespace

DrillDrawing::DrillDrawing(const QString& name, QWidget* parent) : Drawing(name, parent) {
    setMinimumHeight(160);
}

void DrillDrawing::show(const QVector<Row>& rows) {
    rows_ = rows;
    QStringList said;
    for (const Row& r : rows_)
        said << tr("%1: %2").arg(r.task, r.result.isEmpty() ? tr("to come") : r.result);
    say(said.join(QStringLiteral("; ")));
    update();
}

void DrillDrawing::paint(QPainter& p, const style::Colours& c) {
    if (rows_.isEmpty()) return;
    const double room_px = (canvas().height() - 8.0) / static_cast<double>(rows_.size());
    const bool withTracks = room_px >= leastWithTracks_px;
    const double pitch = std::min(withTracks ? highestWithTracks_px : highestRow_px, room_px);
    const double width = canvas().width();
    const double marksAt = 0.5 * width;
    const double resultAt = width - drillMargin_px;
    double y = 4.0;
    for (const Row& r : rows_) {
        if (r.next) p.fillRect(QRectF(4, y, width - 8, pitch - 2), c.chosen);
        const QColor ink = r.shut ? c.soft : c.ink;
        const double middle = withTracks ? y + 30.0 : y + pitch / 2;
        const bool withWindows = pitch >= withWindows_px;
        const QFont strong = style::font(withWindows ? 15 : 13, QFont::DemiBold);
        paintFitted(p, {drillMargin_px, withWindows ? middle - 4 : middle + 5},
                    marksAt - drillMargin_px - 12, r.task, ink, strong);
        if (withWindows)
            paintFitted(p, {drillMargin_px, middle + 15}, marksAt - drillMargin_px - 12, r.windows,
                        c.soft, style::font(13));
        const double room = resultAt - marksAt - 110;
        const double step = std::min(pitchOfMarks_px, room / std::max(1, r.all));
        const double radius = std::min(8.0, 0.38 * step);
        for (int i = 0; i < r.all; ++i) {
            const QPointF at(marksAt + radius + i * step, middle);
            if (i >= r.shots.size()) {
                p.setPen(QPen(c.edge, 1.5));
                p.setBrush(Qt::NoBrush);
                p.drawEllipse(at, radius, radius);
            } else if (r.shots[i]) {
                p.setPen(Qt::NoPen);
                p.setBrush(c.predicted);
                p.drawEllipse(at, radius, radius);
            } else {
                p.setPen(QPen(c.measured, 2.0));
                const double k = 0.75 * radius;
                p.drawLine(at + QPointF(-k, -k), at + QPointF(k, k));
                p.drawLine(at + QPointF(-k, k), at + QPointF(k, -k));
            }
        }
        paintText(p, {resultAt, middle + 5}, r.result, ink, style::font(14, QFont::Medium),
                  Qt::AlignRight);
        if (withTracks)
            paintTracks(p, c, r,
                        {drillMargin_px, y + 58.0, width - 2 * drillMargin_px, pitch - 62.0});
        y += pitch;
    }
}

void DrillDrawing::paintTracks(QPainter& p, const style::Colours& c, const Row& row,
                               QRectF place) const {
    if (row.tracks.isEmpty()) return;
    const double width =
        place.width() / static_cast<double>(std::max<qsizetype>(3, row.tracks.size()));
    double left = place.left();
    for (const Row::Window& w : row.tracks) {
        const double right = left + width - 28.0;
        const double pad = std::max(w.high - w.low, 1e-9);
        double low = w.low - pad, high = w.high + pad;
        for (const double v : w.values) {
            low = std::min(low, v);
            high = std::max(high, v);
        }
        const auto xOf = [&](double v) { return left + (v - low) / (high - low) * (right - left); };
        const double y = place.top() + 26.0;
        paintText(p, {left, place.top() + 10.0}, w.name, c.soft, style::font(12));
        paintText(p, {right, place.top() + 10.0}, w.unit, c.soft, style::font(12), Qt::AlignRight);
        p.fillRect(QRectF(QPointF(xOf(w.low), y - 8), QPointF(xOf(w.high), y + 8)), c.band);
        p.setPen(QPen(c.edge, 1.5));
        p.drawLine(QPointF(left, y), QPointF(right, y));
        for (const double end : {w.low, w.high})
            paintText(p, {xOf(end), y + 23}, text::number(end, w.decimals), c.soft, style::font(11),
                      Qt::AlignHCenter);
        p.setPen(Qt::NoPen);
        p.setBrush(c.measured);
        for (const double v : w.values) {
            const QPointF at(xOf(v), y);
            p.drawPolygon(QPolygonF({at + QPointF(0, -5), at + QPointF(5, 0), at + QPointF(0, 5),
                                     at + QPointF(-5, 0)}));
        }
        left += width;
    }
}

}  // namespace wedgeon
