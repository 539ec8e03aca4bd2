// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Painting rungs.
#include "views/ladder/ladder_drawing.h"

#include <QKeyEvent>
#include <QMouseEvent>
#include <QPainter>
#include <QPainterPath>
#include <algorithm>
#include <cmath>

namespace wedgeon {
namespace {

constexpr double names_px = 92.0, ladderRight_px = 26.0, top_px = 30.0, axis_px = 24.0;
constexpr double bandHalf_px = 8.0;
constexpr double reach_px = 14.0;  // of a click
/// From where a difference of today from the plain day is drawn.
constexpr double leastGhost_px = 2.0;

/// A distance between ticks that people count in.
double tickOf(double span) {
    for (const double step : {5.0, 10.0, 20.0, 50.0, 100.0}) {
        if (span / step <= 11) return step;
    }
    return 200.0;
}

}  // namespace

LadderDrawing::LadderDrawing(QWidget* parent) : Drawing(tr("The ladder"), parent) {
    setMinimumHeight(150);
}

void LadderDrawing::show(const LadderScene& scene) {
    scene_ = scene;
    QStringList rows;
    for (const LadderScene::Row& r : scene_.rows) {
        QStringList rungs;
        for (const LadderScene::Rung& g : r.rungs)
            rungs << tr("%1 %2").arg(g.swing, valueOf(g));
        rows << tr("%1: %2").arg(r.name, rungs.join(QStringLiteral(", ")));
    }
    say(scene_.rows.isEmpty()
            ? QString()
            : tr("%1. Asked for: %2.")
                  .arg(rows.join(QStringLiteral("; ")), scene_.units.length(scene_.target_m)));
    update();
}

QString LadderDrawing::valueOf(const LadderScene::Rung& g) const {
    const double shown = g.carry_m * scene_.units.lengthFactor();
    const QString carry = text::number(shown, shown < 20 ? 1 : 0);
    return g.shots == 0 ? tr("%1 guess").arg(carry) : tr("%1 (%2)").arg(carry).arg(g.shots);
}

double LadderDrawing::farthest_m() const {
    double far = 20.0;
    for (const LadderScene::Row& r : scene_.rows) {
        for (const LadderScene::Rung& g : r.rungs)
            far = std::max({far, g.high_m, g.total_m, g.plain_m});
    }
    return 1.05 * far;
}

double LadderDrawing::xOf(double m) const {
    return names_px + m / farthest_m() * (canvas().width() - names_px - ladderRight_px);
}

double LadderDrawing::yOf(int row) const {
    const double room = canvas().height() - top_px - axis_px;
    return top_px +
           room * (row + 0.5) / static_cast<double>(std::max<qsizetype>(scene_.rows.size(), 1));
}

QVector<Drawing::Handle> LadderDrawing::handles() const {
    if (scene_.rows.isEmpty()) return {};
    return {{0, {xOf(scene_.target_m), top_px - 14}, tr("the distance asked for")}};
}

void LadderDrawing::dragTo(int id, QPointF pixel) {
    (void)id;
    const double share =
        (pixel.x() - names_px) / std::max(1.0, canvas().width() - names_px - ladderRight_px);
    const double factor = scene_.units.lengthFactor();
    const double shown = std::round(std::clamp(share, 0.0, 1.0) * farthest_m() * factor);
    emit targetMoved(std::max(1.0, shown) / factor);
}

void LadderDrawing::nudge(int id, int direction, bool fine) {
    (void)id;
    const double factor = scene_.units.lengthFactor();
    const double shown = scene_.target_m * factor + direction * (fine ? 0.1 : 1.0);
    emit targetMoved(std::clamp(shown / factor, 1.0 / factor, farthest_m()));
}

void LadderDrawing::mousePressEvent(QMouseEvent* event) {
    const QPointF at = event->position();
    double nearest = reach_px;
    std::array<int, 2> found{-1, -1};
    for (int row = 0; row < scene_.rows.size(); ++row) {
        const auto& rungs = scene_.rows[row].rungs;
        for (int i = 0; i < rungs.size(); ++i) {
            const QPointF d = at - QPointF(xOf(rungs[i].carry_m), yOf(row));
            if (std::hypot(d.x(), d.y()) < nearest) {
                nearest = std::hypot(d.x(), d.y());
                found = {row, i};
            }
        }
    }
    if (event->button() == Qt::LeftButton && found[0] >= 0) emit rungChosen(found[0], found[1]);
    Drawing::mousePressEvent(event);
}

void LadderDrawing::chooseNext(int direction) {
    QVector<std::array<int, 2>> all;
    for (int row = 0; row < scene_.rows.size(); ++row) {
        for (int i = 0; i < scene_.rows[row].rungs.size(); ++i)
            all << std::array<int, 2>{row, i};
    }
    if (all.isEmpty()) return;
    const qsizetype now = all.indexOf(scene_.chosen);
    const auto next = all[now < 0 ? 0 : std::clamp<qsizetype>(now + direction, 0, all.size() - 1)];
    emit rungChosen(next[0], next[1]);
}

void LadderDrawing::keyPressEvent(QKeyEvent* event) {
    if (event->key() == Qt::Key_Up || event->key() == Qt::Key_Down) {
        chooseNext(event->key() == Qt::Key_Down ? 1 : -1);
        event->accept();
        return;
    }
    Drawing::keyPressEvent(event);
}

void LadderDrawing::paintRow(QPainter& p, const style::Colours& c, int row) {
    const LadderScene::Row& r = scene_.rows[row];
    const double y = yOf(row);
    const QFont small = style::font(12);
    paintFitted(p, {14, y + 3}, names_px - 20, r.name, c.ink, style::font(16, QFont::DemiBold));
    paintFitted(p, {14, y + 19}, names_px - 20, r.detail, c.soft, small);
    p.setPen(QPen(c.edge, 1));
    p.drawLine(QPointF(names_px, y), QPointF(canvas().width() - ladderRight_px, y));
    if (!r.rungs.isEmpty()) {
        p.setPen(QPen(c.predicted, 1.4));
        p.drawLine(QPointF(xOf(r.rungs.first().carry_m), y),
                   QPointF(xOf(r.rungs.last().carry_m), y));
    }
    double nameEnds = 0.0, valueEnds = 0.0;
    for (int i = 0; i < r.rungs.size(); ++i) {
        const LadderScene::Rung& g = r.rungs[i];
        const double x = xOf(g.carry_m);
        const QRectF band(xOf(g.low_m), y - bandHalf_px, xOf(g.high_m) - xOf(g.low_m),
                          2 * bandHalf_px);
        const bool chosen = scene_.chosen == std::array<int, 2>{row, i};
        p.setBrush(c.band);
        p.setPen(g.shots == 0 ? QPen(c.predicted, 1, Qt::DashLine)
                 : chosen     ? QPen(c.ink, 1.4)
                              : QPen(Qt::NoPen));
        p.drawRoundedRect(band, bandHalf_px, bandHalf_px);
        if (scene_.otherDay && std::abs(xOf(g.plain_m) - x) > leastGhost_px) {
            p.setPen(QPen(c.former, 1.4, Qt::DotLine));
            p.drawLine(QPointF(xOf(g.plain_m), y - 15), QPointF(xOf(g.plain_m), y + 15));
        }
        // What it runs.
        if (xOf(g.total_m) - x > 1.0) {
            p.setPen(QPen(c.turf, 3, Qt::SolidLine, Qt::FlatCap));
            p.drawLine(QPointF(x, y + bandHalf_px + 5),
                       QPointF(xOf(g.total_m), y + bandHalf_px + 5));
        }
        if (g.shots == 0) {
            p.setPen(QPen(c.predicted, 2));
            p.setBrush(c.panel);
            p.drawEllipse(QPointF(x, y), 5, 5);
        } else {
            p.setPen(Qt::NoPen);
            p.setBrush(c.measured);
            QPainterPath diamond;
            diamond.moveTo(x, y - 6);
            diamond.lineTo(x + 6, y);
            diamond.lineTo(x, y + 6);
            diamond.lineTo(x - 6, y);
            diamond.closeSubpath();
            p.drawPath(diamond);
        }
        // Names and numbers that would touch the one before are left to the choice of a rung.
        const QFont name = style::font(13, chosen ? QFont::DemiBold : QFont::Normal);
        const double nameHalf = QFontMetricsF(name).horizontalAdvance(g.swing) / 2;
        if (x - nameHalf > nameEnds && x + nameHalf < canvas().width()) {
            paintLabel(p, {x, y - bandHalf_px - 7}, g.swing, c.ink, name, c.panel,
                       Qt::AlignHCenter);
            nameEnds = x + nameHalf + 6;
        }
        const double valueHalf = QFontMetricsF(small).horizontalAdvance(valueOf(g)) / 2;
        if (x - valueHalf > valueEnds && x + valueHalf < canvas().width()) {
            paintLabel(p, {x, y + bandHalf_px + 22}, valueOf(g), c.soft, small, c.panel,
                       Qt::AlignHCenter);
            valueEnds = x + valueHalf + 6;
        }
    }
}

void LadderDrawing::paint(QPainter& p, const style::Colours& c) {
    if (scene_.rows.isEmpty()) return;
    p.setRenderHint(QPainter::Antialiasing);
    const double factor = scene_.units.lengthFactor();
    const double far = farthest_m() * factor;
    const double step = tickOf(far);
    const QFont small = style::font(12);
    for (double at = step; at < far; at += step) {
        const double x = xOf(at / factor);
        p.setPen(QPen(c.edge, 1));
        p.drawLine(QPointF(x, top_px), QPointF(x, canvas().height() - axis_px));
        const QString label = text::number(at, 0);
        paintText(
            p, {x, canvas().height() - 7},
            at == step ? QStringLiteral("%1 %2").arg(label, scene_.units.lengthName()) : label,
            c.soft, small, Qt::AlignHCenter);
    }
    for (int row = 0; row < scene_.rows.size(); ++row)
        paintRow(p, c, row);
    const double x = xOf(scene_.target_m);
    p.setPen(QPen(c.measured, 2));
    p.drawLine(QPointF(x, top_px - 6), QPointF(x, canvas().height() - axis_px));
    const double shown = scene_.target_m * factor;
    const bool whole = std::abs(shown - std::round(shown)) < 0.05;
    const bool right = x + 60 < canvas().width();
    paintLabel(
        p, {right ? x + 14 : x - 14, top_px - 9},
        QStringLiteral("%1 %2").arg(text::number(shown, whole ? 0 : 1), scene_.units.lengthName()),
        c.measured, style::font(14, QFont::DemiBold), c.panel,
        right ? Qt::AlignLeft : Qt::AlignRight);
    for (const Handle& h : handles())
        paintHandle(p, c, h);
}

}  // namespace wedgeon
