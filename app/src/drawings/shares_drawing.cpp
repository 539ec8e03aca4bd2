// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Painting the stair.
#include "drawings/shares_drawing.h"

#include <QPainter>
#include <algorithm>

#include "text/units.h"

namespace wedgeon {
namespace {

constexpr double shareMargin_px = 12.0;

}  // namespace

SharesDrawing::SharesDrawing(const QString& name, QWidget* parent) : Drawing(name, parent) {}

QString SharesDrawing::withUnit(double value, bool sign) const {
    return text::withUnit(
        sign ? text::signedNumber(value, stair_.decimals) : text::number(value, stair_.decimals),
        stair_.unit);
}

QString SharesDrawing::withSpread(const Stair::Share& s) const {
    if (s.unknown) return tr("not said");
    if (s.half80 <= 0.0) return withUnit(s.value, true);
    return text::signedNumber(s.value, stair_.decimals) + QStringLiteral(" ± ") +
           withUnit(s.half80, false);
}

void SharesDrawing::show(const Stair& stair) {
    stair_ = stair;
    QStringList said;
    for (const Stair::Share& s : stair_.shares)
        said << tr("%1 %2").arg(s.cause, withSpread(s));
    say(stair_.shares.isEmpty()
            ? QString()
            : tr("%1: %2 %3, %4 %5. Of the difference: %6.")
                      .arg(stair_.what, stair_.fromName, withUnit(stair_.from, false),
                           stair_.toName, withUnit(stair_.to, false),
                           said.join(QStringLiteral(", "))) +
                  (stair_.note.isEmpty() ? QString() : QStringLiteral(" ") + stair_.note));
    update();
}

void SharesDrawing::paint(QPainter& p, const style::Colours& c) {
    if (stair_.shares.isEmpty()) return;
    const QFont f = style::font(13);
    const QFont strong = style::font(13, QFont::DemiBold);
    double low = std::min(stair_.from, stair_.to);
    double high = std::max(stair_.from, stair_.to);
    double at = stair_.from;
    bool spread = false;
    for (const Stair::Share& s : stair_.shares) {
        at += s.value;
        low = std::min(low, at - s.half80);
        high = std::max(high, at + s.half80);
        spread = spread || s.half80 > 0.0;
    }
    const double span = std::max(high - low, 1e-9);
    const double left = 132.0 + shareMargin_px;
    const double right = canvas().width() - (spread ? 106.0 : 70.0) - shareMargin_px;
    const auto x = [&](double value) { return left + (value - low) / span * (right - left); };
    const double note = stair_.note.isEmpty() ? 0.0 : 18.0;
    const double row = (canvas().height() - note) / static_cast<double>(stair_.shares.size() + 2);

    double y = row / 2;
    const auto end = [&](const QString& name, double value) {
        // A long name that would reach its own mark is cut to the letter in front.
        const double reach = shareMargin_px + QFontMetricsF(strong).horizontalAdvance(name);
        const bool fits = reach + 8 < x(value);
        paintText(p, {shareMargin_px, y + 4}, fits ? name : name.left(1), c.ink, strong);
        p.setPen(QPen(c.ink, 2));
        p.drawLine(QPointF(x(value), y - 8), QPointF(x(value), y + 8));
        paintText(p, {canvas().width() - shareMargin_px, y + 4}, withUnit(value, false), c.ink,
                  strong, Qt::AlignRight);
        y += row;
    };
    end(stair_.fromName, stair_.from);
    at = stair_.from;
    for (const Stair::Share& s : stair_.shares) {
        const double to = at + s.value;
        p.setPen(QPen(c.former, 1, Qt::DotLine));
        p.drawLine(QPointF(x(at), y - row + 6), QPointF(x(at), y - 6));
        if (s.unknown) {
            paintText(p, {shareMargin_px, y + 4}, s.cause, c.soft, f);
            paintText(p, {canvas().width() - shareMargin_px, y + 4}, withSpread(s), c.soft, f,
                      Qt::AlignRight);
            y += row;
            continue;
        }
        p.setPen(Qt::NoPen);
        p.setBrush(s.unexplained ? c.former : c.predicted);
        p.drawRoundedRect(
            QRectF(std::min(x(at), x(to)), y - 6, std::max(1.5, std::abs(x(to) - x(at))), 12), 2,
            2);
        if (s.half80 > 0.0) {
            // A whisker over the bar's end: drawn on top, as it may reach past the start.
            const double from80 = std::max(left, x(to - s.half80));
            const double to80 = std::min(right, x(to + s.half80));
            p.setPen(QPen(c.ink, 1.4));
            p.drawLine(QPointF(from80, y), QPointF(to80, y));
            for (const double end80 : {from80, to80})
                p.drawLine(QPointF(end80, y - 3), QPointF(end80, y + 3));
        }
        paintText(p, {shareMargin_px, y + 4}, s.cause, c.ink, f);
        paintText(p, {canvas().width() - shareMargin_px, y + 4}, withSpread(s), c.ink, f,
                  Qt::AlignRight);
        at = to;
        y += row;
    }
    p.setPen(QPen(c.former, 1, Qt::DotLine));
    p.drawLine(QPointF(x(at), y - row + 6), QPointF(x(at), y - 6));
    end(stair_.toName, stair_.to);
    if (note > 0.0)
        paintText(p, {shareMargin_px, canvas().height() - 6}, stair_.note, c.soft, style::font(12));
}

}  // namespace wedgeon
