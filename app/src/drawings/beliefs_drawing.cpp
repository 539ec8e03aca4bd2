// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Painting and choosing beliefs.
#include "drawings/beliefs_drawing.h"

#include <QKeyEvent>
#include <QMouseEvent>
#include <QPainter>
#include <algorithm>
#include <cmath>

#include "text/units.h"

namespace wedgeon {
namespace {

constexpr double margin_px = 16.0, head_px = 26.0;
constexpr double lowestRow_px = 24.0, highestRow_px = 46.0;

QString hundredths(double share) {
    // Nothing is sure.
    return text::number(std::min(100.0 * share, 99.0), 0);
}

}  // namespace

BeliefsDrawing::BeliefsDrawing(const QString& name, QWidget* parent) : Drawing(name, parent) {
    setFocusPolicy(Qt::StrongFocus);
}

void BeliefsDrawing::show(const QVector<Row>& rows, int chosen) {
    rows_ = rows;
    chosen_ = std::clamp(chosen, 0, std::max(0, static_cast<int>(rows.size()) - 1));
    tell();
    update();
}

void BeliefsDrawing::tell() {
    QStringList said;
    for (int i = 0; i < shownRows(); ++i) {
        const Row& r = rows_[i];
        QString one =
            tr("%1: %2 in 100, usually %3").arg(r.name, hundredths(r.likely), hundredths(r.before));
        if (!r.speaksFor.isEmpty()) one += tr("; for it: %1").arg(r.speaksFor.join(tr(", ")));
        if (!r.against.isEmpty()) one += tr("; against it: %1").arg(r.against.join(tr(", ")));
        if (i == chosen_) one += tr(" (chosen)");
        said << one;
    }
    say(said.isEmpty() ? QString() : said.join(QStringLiteral(". ")) + QLatin1Char('.'));
}

int BeliefsDrawing::shownRows() const {
    const int room = static_cast<int>((canvas().height() - head_px) / lowestRow_px);
    return std::clamp(room, 0, static_cast<int>(rows_.size()));
}

double BeliefsDrawing::rowHeight() const {
    return std::clamp((canvas().height() - head_px) / std::max(1, std::min(shownRows(), 7)),
                      lowestRow_px, highestRow_px);
}

void BeliefsDrawing::choose(int row) {
    if (row < 0 || row >= shownRows() || row == chosen_) return;
    chosen_ = row;
    tell();
    update();
    emit rowChosen(row);
}

void BeliefsDrawing::mousePressEvent(QMouseEvent* event) {
    if (event->button() == Qt::LeftButton && event->position().y() >= head_px)
        choose(static_cast<int>((event->position().y() - head_px) / rowHeight()));
    Drawing::mousePressEvent(event);
}

void BeliefsDrawing::keyPressEvent(QKeyEvent* event) {
    switch (event->key()) {
        case Qt::Key_Down:
            return choose(chosen_ + 1);
        case Qt::Key_Up:
            return choose(chosen_ - 1);
        case Qt::Key_Home:
            return choose(0);
        case Qt::Key_End:
            return choose(shownRows() - 1);
        default:
            Drawing::keyPressEvent(event);
    }
}

void BeliefsDrawing::paint(QPainter& p, const style::Colours& c) {
    if (rows_.isEmpty()) return;
    const QFont f = style::font(13), small = style::font(12);
    const QFont strong = style::font(14, QFont::DemiBold);
    const double width = canvas().width();
    const double bar = margin_px + 0.28 * width, barWidth = 0.15 * width;
    const double number = bar + barWidth + 8.0;
    const double speaks = number + 44.0, against = speaks + 0.26 * width;
    paintText(p, {margin_px, 17}, tr("what would make it"), c.soft, small);
    paintText(p, {bar, 17}, tr("how likely, of 100"), c.soft, small);
    paintText(p, {speaks, 17}, tr("speaks for it"), c.soft, small);
    paintText(p, {against, 17}, tr("speaks against it"), c.soft, small);
    const double row = rowHeight();
    const int fit = static_cast<int>((canvas().height() - head_px + 1.0) / row);
    for (int i = 0; i < std::min(fit, shownRows()); ++i) {
        const Row& r = rows_[i];
        const double top = head_px + i * row, y = top + row / 2;
        if (i == chosen_) {
            p.setPen(Qt::NoPen);
            p.setBrush(c.chosen);
            p.drawRect(QRectF(1, top, width - 2, row));
            if (hasFocus()) {
                p.setPen(QPen(c.predicted, 1.5));
                p.setBrush(Qt::NoBrush);
                p.drawRect(QRectF(2, top + 1, width - 4, row - 2));
            }
        }
        paintFitted(p, {margin_px, y + 5}, bar - margin_px - 10, r.name, c.ink,
                    i == chosen_ ? strong : style::font(14));
        p.setPen(Qt::NoPen);
        p.setBrush(c.edge);
        p.drawRoundedRect(QRectF(bar, y - 6, barWidth, 12), 3, 3);
        p.setBrush(c.predicted);
        p.drawRoundedRect(QRectF(bar, y - 6, std::max(2.0, r.likely * barWidth), 12), 3, 3);
        // What is usual among players, as a line across the bar.
        const double usual = bar + r.before * barWidth;
        p.setPen(QPen(c.ink, 1.2, Qt::DashLine));
        p.drawLine(QPointF(usual, y - 9), QPointF(usual, y + 9));
        paintText(p, {number, y + 5},
                  r.likely < 0.005 ? QStringLiteral("<1") : hundredths(r.likely), c.ink, strong);
        const auto list = [&](double x, double room, const QStringList& parts, const QColor& ink) {
            // As many as fit, the first one in any case.
            QString said = parts.value(0);
            for (int k = 1; k < parts.size(); ++k) {
                const QString more = said + tr(", ") + parts[k];
                if (QFontMetricsF(f).horizontalAdvance(more) > room) break;
                said = more;
            }
            paintFitted(p, {x, y + 5}, room, said, ink, f);
        };
        list(speaks, against - speaks - 10, r.speaksFor, c.ink);
        list(against, width - against - margin_px, r.against, c.soft);
    }
}

}  // namespace wedgeon
