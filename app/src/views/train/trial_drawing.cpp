// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Tracks, intervals, and the band as it narrows.
#include "views/train/trial_drawing.h"

#include <QPainter>
#include <QPainterPath>
#include <algorithm>
#include <cmath>

#include "text/units.h"

namespace wedgeon {
namespace {

constexpr double trialMargin_px = 20.0;
constexpr double rowA_px = 44.0, rowB_px = 84.0, rowDifference_px = 124.0, rowWords_px = 152.0;
constexpr double letters_px = 20.0;

double meanOf(const QVector<double>& values) {
    double sum = 0.0;
    for (const double v : values)
        sum += v;
    return values.isEmpty() ? 0.0 : sum / static_cast<double>(values.size());
}

}  // namespace

TrialTracks::TrialTracks(const QString& name, QWidget* parent) : Drawing(name, parent) {
    setMinimumHeight(164);
    setMaximumHeight(200);
}

void TrialTracks::show(const QVector<Column>& columns, const std::optional<Strikes>& strikes) {
    columns_ = columns;
    strikes_ = strikes;
    QStringList said;
    for (const Column& c : columns_)
        said << tr("%1, B less A: %2").arg(c.name, c.said);
    if (strikes_)
        said << tr("clean: A %1 of %2, B %3 of %4")
                    .arg(strikes_->cleanA)
                    .arg(strikes_->shotsA)
                    .arg(strikes_->cleanB)
                    .arg(strikes_->shotsB);
    say(said.join(QStringLiteral("; ")));
    update();
}

void TrialTracks::paint(QPainter& p, const style::Colours& c) {
    const auto places = columns_.size() + (strikes_ ? 1 : 0);
    if (places == 0) return;
    const double width = (canvas().width() - trialMargin_px) / static_cast<double>(places);
    for (qsizetype i = 0; i < columns_.size(); ++i)
        paintColumn(p, c, columns_[i],
                    {trialMargin_px + width * static_cast<double>(i), 0, width, canvas().height()});
    if (!strikes_) return;
    const double x = trialMargin_px + width * static_cast<double>(columns_.size());
    paintText(p, {x, 20}, tr("struck clean"), c.ink, style::font(14, QFont::DemiBold));
    const auto line = [&](double y, const QString& arm, int clean, int shots) {
        paintText(p, {x, y + 5}, arm, c.ink, style::font(14, QFont::DemiBold));
        paintText(p, {x + letters_px, y + 5}, tr("%1 of %2").arg(clean).arg(shots), c.ink,
                  style::font(14));
    };
    line(rowA_px, QStringLiteral("A"), strikes_->cleanA, strikes_->shotsA);
    line(rowB_px, QStringLiteral("B"), strikes_->cleanB, strikes_->shotsB);
    paintFitted(p, {x, rowDifference_px + 5}, width - 8, strikes_->said, c.soft, style::font(13));
}

void TrialTracks::paintColumn(QPainter& p, const style::Colours& c, const Column& column,
                              QRectF place) const {
    const double left = place.left() + letters_px, right = place.right() - 24.0;
    paintText(p, {place.left(), 20}, column.name, c.ink, style::font(14, QFont::DemiBold));
    paintText(p, {right, 20}, column.unit, c.soft, style::font(12), Qt::AlignRight);
    QVector<double> all = column.a + column.b;
    if (!all.isEmpty()) {
        auto [least, most] = std::minmax_element(all.begin(), all.end());
        const double pad = std::max(0.08 * (*most - *least), std::pow(10.0, -column.decimals));
        const double low = *least - pad, high = *most + pad;
        const auto xOf = [&](double v) { return left + (v - low) / (high - low) * (right - left); };
        const auto track = [&](double y, const QString& arm, const QVector<double>& values) {
            paintText(p, {place.left(), y + 5}, arm, c.ink, style::font(14, QFont::DemiBold));
            p.setPen(QPen(c.edge, 1.5));
            p.drawLine(QPointF(left, y), QPointF(right, y));
            p.setPen(Qt::NoPen);
            p.setBrush(c.measured);
            for (const double v : values) {
                const QPointF at(xOf(v), y);
                p.drawPolygon(QPolygonF({at + QPointF(0, -5), at + QPointF(5, 0),
                                         at + QPointF(0, 5), at + QPointF(-5, 0)}));
            }
            if (values.isEmpty()) return;
            p.setPen(QPen(c.ink, 2));
            const double x = xOf(meanOf(values));
            p.drawLine(QPointF(x, y - 11), QPointF(x, y + 11));
        };
        track(rowA_px, QStringLiteral("A"), column.a);
        track(rowB_px, QStringLiteral("B"), column.b);
    }
    if (std::isfinite(column.low) && std::isfinite(column.high)) {
        // Its own scale: no difference in the middle.
        const double most =
            1.15 * std::max({std::abs(column.low), std::abs(column.high), column.matters});
        const auto xOf = [&](double v) {
            return (left + right) / 2 + v / most * (right - left) / 2;
        };
        p.setPen(QPen(c.soft, 1.2, Qt::DotLine));
        p.drawLine(QPointF(xOf(0), rowDifference_px - 16), QPointF(xOf(0), rowDifference_px + 12));
        p.setPen(QPen(c.predicted, 5, Qt::SolidLine, Qt::FlatCap));
        p.drawLine(QPointF(xOf(column.low), rowDifference_px),
                   QPointF(xOf(column.high), rowDifference_px));
        p.setPen(QPen(c.predicted, 2));
        p.setBrush(c.panel);
        p.drawEllipse(QPointF(xOf(column.difference), rowDifference_px), 5, 5);
    }
    paintFitted(p, {place.left(), rowWords_px + 5}, place.width() - 10, column.said, c.predicted,
                style::font(13, QFont::DemiBold));
}

TrialCourse::TrialCourse(const QString& name, QWidget* parent) : Drawing(name, parent) {
    setMinimumHeight(84);
}

void TrialCourse::show(const Content& content) {
    content_ = content;
    say(content_.looks.isEmpty()
            ? tr("No difference yet")
            : tr("%1 after %2: %3")
                  .arg(content_.title,
                       text::shots(static_cast<qsizetype>(content_.looks.back().shots)),
                       text::withUnit(
                           text::signedNumber(content_.looks.back().difference, content_.decimals),
                           content_.unit)));
    update();
}

void TrialCourse::paint(QPainter& p, const style::Colours& c) {
    paintText(p, {trialMargin_px, 18}, content_.title, c.ink, style::font(14, QFont::DemiBold));
    const double left = trialMargin_px + 44, right = canvas().width() - trialMargin_px;
    const double top = 32, bottom = canvas().height() - 24;
    double most = 2.0 * content_.matters;
    for (const auto& look : content_.looks)
        most = std::max(most, 1.5 * std::abs(look.difference));
    if (!(most > 0.0)) most = 1.0;
    const double last = content_.looks.isEmpty() ? 10.0 : content_.looks.back().shots;
    const double shots = std::max({10.0, 1.1 * last, static_cast<double>(content_.enough) * 1.04});
    const auto xOf = [&](double n) { return left + n / shots * (right - left); };
    const auto yOf = [&](double v) {
        return (top + bottom) / 2 - std::clamp(v / most, -1.0, 1.0) * (bottom - top) / 2;
    };
    if (!content_.looks.isEmpty()) {
        QPolygonF band;
        for (const auto& look : content_.looks)
            band << QPointF(xOf(look.shots), yOf(look.high));
        for (auto it = content_.looks.rbegin(); it != content_.looks.rend(); ++it)
            band << QPointF(xOf(it->shots), yOf(it->low));
        p.setPen(Qt::NoPen);
        p.setBrush(c.band);
        p.drawPolygon(band);
    }
    const auto level = [&](double v, Qt::PenStyle pen) {
        p.setPen(QPen(c.soft, 1.2, pen));
        p.drawLine(QPointF(left, yOf(v)), QPointF(right, yOf(v)));
    };
    level(0.0, Qt::DotLine);
    // Where there is no room for them, levels and words are left out.
    const bool told = yOf(0.0) - yOf(content_.matters) > 6.0, roomy = bottom - top > 60.0;
    if (told) {
        level(content_.matters, Qt::DashLine);
        level(-content_.matters, Qt::DashLine);
    }
    const QFont f = style::font(12);
    const auto number = [&](double v) {
        paintText(p, {left - 6, yOf(v) + 4}, text::signedNumber(v, content_.decimals), c.soft, f,
                  Qt::AlignRight);
    };
    number(0.0);
    if (yOf(0.0) - yOf(content_.matters) > 14.0) {
        number(content_.matters);
        number(-content_.matters);
    }
    const QString matters =
        text::withUnit(text::number(content_.matters, content_.decimals), content_.unit);
    if (told && roomy)
        paintLabel(p, {right, yOf(content_.matters) - 5},
                   tr("less than %1 does not matter").arg(matters), c.soft, f, c.panel,
                   Qt::AlignRight);
    const double step = shots > 60 ? 20.0 : shots > 24 ? 10.0 : 5.0;
    for (double n = step; n < shots; n += step)
        paintText(p, {xOf(n), bottom + 18}, QString::number(static_cast<int>(n)), c.soft, f,
                  Qt::AlignHCenter);
    if (content_.enough > 0) {
        p.setPen(QPen(c.soft, 1.0, Qt::DashLine));
        p.drawLine(QPointF(xOf(content_.enough), top), QPointF(xOf(content_.enough), bottom));
        if (roomy)
            paintLabel(p, {xOf(content_.enough) - 5, bottom - 6},
                       tr("enough for what matters: %1").arg(content_.enough), c.soft, f, c.panel,
                       Qt::AlignRight);
    }
    if (content_.looks.isEmpty()) return;
    QPolygonF line;
    for (const auto& look : content_.looks)
        line << QPointF(xOf(look.shots), yOf(look.difference));
    p.setPen(QPen(c.predicted, 2.2));
    p.setBrush(Qt::NoBrush);
    p.drawPolyline(line);
}

}  // namespace wedgeon
