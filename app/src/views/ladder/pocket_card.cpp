// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Painting cards.
#include "views/ladder/pocket_card.h"

#include <algorithm>

#include "style/style.h"

namespace wedgeon {
namespace {

/// Text in \p room, smaller where it would not fit.
void paintIn(QPainter& p, const QRectF& room, const QString& text, QFont font,
             Qt::Alignment align = Qt::AlignCenter) {
    double size = font.pixelSize();
    const double wide = QFontMetricsF(font).horizontalAdvance(text);
    if (wide > room.width()) size = std::max(4.0, size * room.width() / wide);
    font.setPixelSize(std::max(4, static_cast<int>(size)));
    p.setFont(font);
    p.drawText(room, static_cast<int>(align | Qt::TextSingleLine), text);
}

}  // namespace

QSizeF PocketCard::size(Size size) {
    return size == Size::A6 ? QSizeF(105, 148) : QSizeF(85.6, 54);
}

void PocketCard::paint(QPainter& p, const QRectF& room) const {
    p.save();
    p.setRenderHint(QPainter::Antialiasing);
    const double unit = std::min(room.width() / 105.0, room.height() / 70.0);
    const QRectF inner = room.adjusted(5 * unit, 4 * unit, -5 * unit, -3.5 * unit);
    const auto px = [&](double mm) { return std::max(4, static_cast<int>(mm * unit)); };
    const bool tall = room.height() > room.width();
    const double head = (tall ? 11.0 : 7.0) * unit;
    const double notesHeight = static_cast<double>(notes.size()) * (tall ? 5.0 : 4.2) * unit;
    p.setPen(Qt::black);
    paintIn(p, QRectF(inner.left(), inner.top(), inner.width() * 0.55, head), player,
            style::font(px(tall ? 6.2 : 5.0), QFont::DemiBold), Qt::AlignLeft | Qt::AlignVCenter);
    paintIn(p, QRectF(inner.left() + inner.width() * 0.56, inner.top(), inner.width() * 0.44, head),
            foot, style::font(px(tall ? 3.6 : 3.0)), Qt::AlignRight | Qt::AlignVCenter);
    const double names = inner.width() * (clubs.size() > 3 ? 0.24 : 0.30);
    const double column =
        (inner.width() - names) / static_cast<double>(std::max<qsizetype>(clubs.size(), 1));
    const double top = inner.top() + head;
    const double rowsHeight = inner.bottom() - notesHeight - top;
    constexpr double headShare = 0.6;  // of a row, for the clubs' names
    const double row = rowsHeight / (static_cast<double>(swings.size()) + headShare);
    const double clubsRow = headShare * row;
    for (qsizetype i = 0; i < clubs.size(); ++i) {
        paintIn(
            p,
            QRectF(inner.left() + names + static_cast<double>(i) * column, top, column, clubsRow)
                .adjusted(unit, 0, -unit, 0),
            clubs[i],
            style::font(static_cast<int>(std::min<double>(px(6.0), 0.62 * clubsRow)), QFont::Bold));
    }
    for (qsizetype r = 0; r < swings.size(); ++r) {
        const double y = top + clubsRow + row * static_cast<double>(r);
        p.setPen(QPen(Qt::black, 0.2 * unit));
        p.drawLine(QPointF(inner.left(), y), QPointF(inner.right(), y));
        paintIn(p, QRectF(inner.left(), y, names - unit, row), swings[r],
                style::font(static_cast<int>(std::min<double>(px(5.0), 0.5 * row))),
                Qt::AlignLeft | Qt::AlignVCenter);
        for (qsizetype i = 0; i < clubs.size(); ++i) {
            const Cell& cell = cells[r][i];
            if (cell.carry.isEmpty()) continue;
            const QRectF box(inner.left() + names + static_cast<double>(i) * column, y, column,
                             row);
            const QString carry = cell.guess ? QStringLiteral("(%1)").arg(cell.carry) : cell.carry;
            const double large = std::min<double>(px(9.0), 0.56 * row);
            const double small = std::min<double>(px(3.8), 0.3 * row);
            const QString below = withTotals
                                      ? QStringLiteral("%1 \u2192 %2").arg(cell.spread, cell.total)
                                      : cell.spread;
            // The two lines stand together in the middle of the row.
            const double gap = 0.1 * large;
            const double first = y + (row - large - gap - small) / 2;
            paintIn(p,
                    QRectF(box.left(), first - 0.1 * large, column, 1.2 * large)
                        .adjusted(unit, 0, -unit, 0),
                    carry,
                    style::font(static_cast<int>(large), cell.guess ? QFont::Normal : QFont::Bold));
            paintIn(p, QRectF(box.left(), first + large + gap, column, 1.2 * small), below,
                    style::font(static_cast<int>(small)));
        }
    }
    double y = inner.bottom() - notesHeight;
    for (const QString& note : notes) {
        const double line = (tall ? 5.0 : 4.2) * unit;
        paintIn(p, QRectF(inner.left(), y, inner.width(), line), note,
                style::font(px(tall ? 3.8 : 3.2)), Qt::AlignLeft | Qt::AlignVCenter);
        y += line;
    }
    p.restore();
}

QString PocketCard::asText() const {
    QStringList lines{QStringLiteral("%1\t%2").arg(player, foot),
                      QStringLiteral("\t") + clubs.join(QLatin1Char('\t'))};
    for (qsizetype r = 0; r < swings.size(); ++r) {
        QStringList line{swings[r]};
        for (const Cell& c : cells[r]) {
            const QString carry = c.guess ? QStringLiteral("(%1)").arg(c.carry) : c.carry;
            line << (c.carry.isEmpty() ? QString() : QStringLiteral("%1 %2").arg(carry, c.spread));
        }
        lines << line.join(QLatin1Char('\t'));
    }
    return (lines + notes).join(QLatin1Char('\n'));
}

}  // namespace wedgeon
