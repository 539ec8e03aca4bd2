// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Clouds of points.
#include "views/tune/fit_drawing.h"

#include <QKeyEvent>
#include <QMouseEvent>
#include <QPainter>
#include <QPainterPath>
#include <algorithm>
#include <cmath>

#include "text/units.h"
#include "wedgeon/normal.h"

namespace wedgeon {
namespace {

constexpr double fitMargin_px = 14.0;
constexpr double fitGap_px = 12.0;
constexpr double title_px = 18.0;
constexpr double scale_px = 16.0;  // numbers below a cloud
constexpr qsizetype inputsInRow = 4;
/// More points than this say no more and cost time to paint.
constexpr qsizetype mostPoints = 2000;
constexpr double residualRange = 4.0;  // deviations shown on either side

struct Range {
    double low = 0.0, high = 1.0;

    double share(double v) const { return (v - low) / (high - low); }
};

/// From the 1st to the 99th percentile, with some air: a misread does not squeeze the others.
Range rangeOf(QVector<double> v) {
    v.removeIf([](double x) { return std::isnan(x); });
    if (v.isEmpty()) return {};
    std::sort(v.begin(), v.end());
    const auto at = [&](double q) {
        return v[static_cast<qsizetype>(q * static_cast<double>(v.size() - 1))];
    };
    Range r{at(0.01), at(0.99)};
    const double air = 0.08 * std::max(r.high - r.low, 1e-6);
    return {r.low - air, r.high + air};
}

QString withUnit(const FitDrawing::Axis& axis, double v) {
    const bool tight = axis.unit == QStringLiteral("°") || axis.unit.isEmpty();
    return text::number(v, axis.decimals) + (tight ? QString() : QString(QChar(0xA0))) + axis.unit;
}

QRectF plotOf(const QRectF& cell) {
    return cell.adjusted(0, title_px, 0, -scale_px);
}

void paintPoint(QPainter& p, const QRectF& plot, double x, double y) {
    constexpr double r = 2.3;
    const QPointF at(plot.left() + std::clamp(x, 0.0, 1.0) * plot.width(),
                     plot.bottom() - std::clamp(y, 0.0, 1.0) * plot.height());
    p.drawConvexPolygon(QPolygonF{
        {at.x(), at.y() - r}, {at.x() + r, at.y()}, {at.x(), at.y() + r}, {at.x() - r, at.y()}});
}

}  // namespace

FitDrawing::FitDrawing(const QString& name, QWidget* parent) : Drawing(name, parent) {
    setToolTip(tr("Choose a result by click or with the arrow keys"));
}

void FitDrawing::show(Content content) {
    content_ = std::move(content);
    chosen_ =
        std::clamp<qsizetype>(chosen_, 0, std::max<qsizetype>(0, content_.results.size() - 1));
    // What is left over is looked at first.
    if (!content_.patterns.isEmpty()) chosen_ = content_.patterns.front().result;
    tell();
    update();
}

void FitDrawing::choose(qsizetype result) {
    if (result < 0 || result >= content_.results.size() || result == chosen_) return;
    chosen_ = result;
    tell();
    update();
}

void FitDrawing::tell() {
    QStringList said;
    for (qsizetype i = 0; i < content_.results.size(); ++i) {
        const Result& r = content_.results[i];
        const auto n = std::count_if(r.measured.begin(), r.measured.end(),
                                     [](double v) { return !std::isnan(v); });
        said << tr("%1: %2 shots, four in five within %3 of predicted%4")
                    .arg(r.axis.name)
                    .arg(n)
                    .arg(withUnit(r.axis, halfOf80 * r.noise),
                         i == chosen_ ? tr(", chosen") : QString());
    }
    say(said.join(QStringLiteral("; ")));
}

QRectF FitDrawing::resultCell(qsizetype i) const {
    const double n = static_cast<double>(std::max<qsizetype>(content_.results.size(), 1));
    const double w = (canvas().width() - 2 * fitMargin_px - (n - 1) * fitGap_px) / n;
    const double h = std::min(w + title_px + scale_px, 0.36 * canvas().height());
    return {fitMargin_px + static_cast<double>(i) * (w + fitGap_px), 4, w, h};
}

QRectF FitDrawing::inputCell(qsizetype i) const {
    const double top = resultCell(0).bottom() + 30;
    const double rows =
        std::ceil(static_cast<double>(content_.inputs.size()) / static_cast<double>(inputsInRow));
    const double w =
        (canvas().width() - 2 * fitMargin_px - (inputsInRow - 1) * fitGap_px) / inputsInRow;
    const double h = (canvas().height() - top - 4) / std::max(rows, 1.0);
    const qsizetype row = i / inputsInRow;
    return {fitMargin_px + static_cast<double>(i % inputsInRow) * (w + fitGap_px),
            top + static_cast<double>(row) * h, w, h - 4};
}

void FitDrawing::paint(QPainter& p, const style::Colours& c) {
    if (content_.results.isEmpty()) return;
    for (qsizetype i = 0; i < content_.results.size(); ++i)
        paintResult(p, c, i);
    const Result& r = content_.results[chosen_];
    paintFitted(p, {fitMargin_px, resultCell(0).bottom() + 20}, canvas().width() - 2 * fitMargin_px,
                tr("What is left of %1, measured less predicted (band: four in five, ±%2)")
                    .arg(r.axis.name, withUnit(r.axis, halfOf80 * r.noise)),
                c.ink, style::font(13, QFont::DemiBold));
    for (qsizetype i = 0; i < content_.inputs.size(); ++i)
        paintInput(p, c, i);
}

void FitDrawing::paintResult(QPainter& p, const style::Colours& c, qsizetype i) const {
    const Result& r = content_.results[i];
    const QRectF cell = resultCell(i);
    const QRectF plot = plotOf(cell);
    QVector<double> all;
    for (qsizetype k = 0; k < r.measured.size(); ++k) {
        if (!std::isnan(r.measured[k])) all << r.measured[k] << r.predicted[k];
    }
    const Range range = rangeOf(all);
    paintText(p, {cell.left(), cell.top() + 12}, r.axis.name, i == chosen_ ? c.ink : c.soft,
              style::font(13, i == chosen_ ? QFont::DemiBold : QFont::Normal));
    p.setPen(QPen(i == chosen_ ? c.predicted : c.edge, i == chosen_ ? 1.6 : 1.0));
    p.setBrush(Qt::NoBrush);
    p.drawRect(plot);
    p.setPen(QPen(c.predicted, 1.4));
    p.drawLine(plot.bottomLeft(), plot.topRight());
    p.setPen(Qt::NoPen);
    p.setBrush(c.measured);
    const qsizetype step = r.measured.size() / mostPoints + 1;
    for (qsizetype k = 0; k < r.measured.size(); k += step) {
        if (!std::isnan(r.measured[k]))
            paintPoint(p, plot, range.share(r.predicted[k]), range.share(r.measured[k]));
    }
    const QFont small = style::font(11);
    paintText(p, {plot.left(), cell.bottom() - 3}, text::number(range.low, r.axis.decimals), c.soft,
              small);
    paintText(p, {plot.right(), cell.bottom() - 3}, withUnit(r.axis, range.high), c.soft, small,
              Qt::AlignRight);
}

void FitDrawing::paintInput(QPainter& p, const style::Colours& c, qsizetype i) const {
    const Result& r = content_.results[chosen_];
    const Input& in = content_.inputs[i];
    const QRectF cell = inputCell(i);
    const QRectF plot = plotOf(cell);
    const Range x = rangeOf(in.values);
    const double most = std::max(1e-9, residualRange * r.noise);
    const Range y{-most, most};
    const auto at = [&](double vx, double vy) {
        return QPointF(plot.left() + x.share(vx) * plot.width(),
                       plot.bottom() - y.share(vy) * plot.height());
    };
    paintText(p, {cell.left(), cell.top() + 12}, in.axis.name, c.soft, style::font(12));
    const double band = halfOf80 * r.noise;
    p.setPen(Qt::NoPen);
    p.setBrush(c.band);
    p.drawRect(QRectF(QPointF(plot.left(), at(x.low, band).y()),
                      QPointF(plot.right(), at(x.low, -band).y())));
    p.setPen(QPen(c.predicted, 1.2));
    p.drawLine(QPointF(plot.left(), at(x.low, 0).y()), QPointF(plot.right(), at(x.low, 0).y()));
    p.setPen(Qt::NoPen);
    p.setBrush(c.measured);
    const qsizetype step = r.measured.size() / mostPoints + 1;
    for (qsizetype k = 0; k < r.measured.size(); k += step) {
        if (!std::isnan(r.measured[k]))
            paintPoint(p, plot, x.share(in.values[k]), y.share(r.measured[k] - r.predicted[k]));
    }
    for (const Pattern& t : content_.patterns) {
        if (t.result != chosen_ || t.input != i) continue;
        // The parabola through the three points as one quadratic curve: its handle is where the
        // tangents at the ends meet.
        QPainterPath curve(at(t.from, t.atFrom));
        const double handle = 2 * t.atMiddle - 0.5 * (t.atFrom + t.atTo);
        curve.quadTo(at(0.5 * (t.from + t.to), handle), at(t.to, t.atTo));
        p.setBrush(Qt::NoBrush);
        p.setPen(QPen(c.panel, 6));
        p.drawPath(curve);
        p.setPen(QPen(c.warning, 3));
        p.drawPath(curve);
    }
    const QFont small = style::font(11);
    const FitDrawing::Axis& axis = in.axis;
    paintText(p, {plot.left(), cell.bottom() - 3},
              axis.first.isEmpty() ? text::number(x.low, axis.decimals) : axis.first, c.soft,
              small);
    paintText(p, {plot.right(), cell.bottom() - 3},
              axis.last.isEmpty() ? withUnit(axis, x.high) : axis.last, c.soft, small,
              Qt::AlignRight);
}

void FitDrawing::mousePressEvent(QMouseEvent* event) {
    for (qsizetype i = 0; i < content_.results.size(); ++i) {
        if (resultCell(i).contains(event->position())) choose(i);
    }
    Drawing::mousePressEvent(event);
}

void FitDrawing::keyPressEvent(QKeyEvent* event) {
    if (event->key() == Qt::Key_Left) return choose(chosen_ - 1);
    if (event->key() == Qt::Key_Right) return choose(chosen_ + 1);
    Drawing::keyPressEvent(event);
}

}  // namespace wedgeon
