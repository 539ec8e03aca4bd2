// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Mouse, keys and handles of a drawing.
#include "drawings/drawing.h"

#include <QAccessible>
#include <QKeyEvent>
#include <QMouseEvent>
#include <QPainter>

namespace wedgeon {
namespace {

constexpr double reach_px = 18.0;
constexpr double radius_px = 7.0;

}  // namespace

Drawing::Drawing(const QString& name, QWidget* parent) : QWidget(parent) {
    setAccessibleName(name);
    setFocusPolicy(Qt::StrongFocus);
    setMouseTracking(true);
    // Nothing below is painted again with every step of a drag.
    setAttribute(Qt::WA_OpaquePaintEvent);
}

void Drawing::dragTo(int, QPointF) {}
void Drawing::nudge(int, int, bool) {}

void Drawing::say(const QString& sentence) {
    if (sentence == accessibleDescription()) return;
    setAccessibleDescription(sentence);
    QAccessibleEvent event(this, QAccessible::DescriptionChanged);
    QAccessible::updateAccessibility(&event);
}

void Drawing::paintHandle(QPainter& p, const style::Colours& c, const Handle& handle) const {
    const auto all = handles();
    bool active = false;
    for (int i = 0; i < all.size(); ++i) {
        if (all[i].id == handle.id)
            active = i == held_ || i == hovered_ || (hasFocus() && i == current_);
    }
    p.save();
    if (active) {
        QColor halo = c.predicted;
        halo.setAlpha(60);
        p.setPen(Qt::NoPen);
        p.setBrush(halo);
        p.drawEllipse(handle.at, radius_px + 6, radius_px + 6);
    }
    p.setPen(QPen(c.predicted, 2.5));
    p.setBrush(c.panel);
    p.drawEllipse(handle.at, radius_px, radius_px);
    p.setPen(Qt::NoPen);
    p.setBrush(c.predicted);
    p.drawEllipse(handle.at, 2.4, 2.4);
    p.restore();
}

void Drawing::paintFitted(QPainter& painter, QPointF at, double width, const QString& text,
                          const QColor& colour, QFont font, Qt::Alignment align) {
    constexpr int least_px = 10;
    while (font.pixelSize() > least_px && QFontMetricsF(font).horizontalAdvance(text) > width)
        font.setPixelSize(font.pixelSize() - 1);
    paintText(painter, at, QFontMetricsF(font).elidedText(text, Qt::ElideRight, width), colour,
              font, align);
}

void Drawing::paintText(QPainter& p, QPointF at, const QString& text, const QColor& colour,
                        const QFont& font, Qt::Alignment align) {
    p.setFont(font);
    p.setPen(colour);
    const QFontMetricsF metrics(font);
    const double width = metrics.horizontalAdvance(text);
    if (align & Qt::AlignRight) at.rx() -= width;
    if (align & Qt::AlignHCenter) at.rx() -= width / 2;
    p.drawText(at, text);
}

void Drawing::paintLabel(QPainter& p, QPointF at, const QString& text, const QColor& colour,
                         const QFont& font, const QColor& ground, Qt::Alignment align) {
    const double width = QFontMetricsF(font).horizontalAdvance(text);
    if (align & Qt::AlignRight) at.rx() -= width;
    if (align & Qt::AlignHCenter) at.rx() -= width / 2;
    // The halo is the text itself around its place: stroking the outlines costs milliseconds.
    for (const QPointF& by : {QPointF(-2, -1), QPointF(2, -1), QPointF(-1, 2), QPointF(1, 2)})
        paintText(p, at + by, text, ground, font);
    paintText(p, at, text, colour, font);
}

void Drawing::paintOn(QPainter& painter, QSizeF wanted, const style::Colours& colours) {
    painter.save();
    canvas_ = wanted;
    painter.setClipRect(QRectF(QPointF(), wanted), Qt::IntersectClip);
    paint(painter, colours);
    canvas_.reset();
    painter.restore();
}

void Drawing::paintEvent(QPaintEvent*) {
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    const style::Colours& c = style::colours(palette());
    p.fillRect(rect(), c.panel);
    paint(p, c);
    for (const Handle& h : handles())
        paintHandle(p, c, h);
    if (hasFocus()) {
        p.setBrush(Qt::NoBrush);
        p.setPen(QPen(c.predicted, 1, Qt::DotLine));
        p.drawRoundedRect(QRectF(rect()).adjusted(1.5, 1.5, -1.5, -1.5), 5, 5);
    }
}

int Drawing::handleNear(QPointF pixel) const {
    const auto all = handles();
    int best = -1;
    double bestDistance = reach_px;
    for (int i = 0; i < all.size(); ++i) {
        const QPointF d = all[i].at - pixel;
        const double distance = std::hypot(d.x(), d.y());
        if (distance <= bestDistance) {
            best = i;
            bestDistance = distance;
        }
    }
    return best;
}

void Drawing::mousePressEvent(QMouseEvent* event) {
    if (event->button() != Qt::LeftButton) return;
    held_ = handleNear(event->position());
    if (held_ < 0) return;
    current_ = held_;
    grip_ = handles()[held_].at - event->position();
    gestureBegins();
    update();
}

void Drawing::mouseMoveEvent(QMouseEvent* event) {
    const auto all = handles();
    if (held_ >= 0 && held_ < all.size()) {
        dragTo(all[held_].id, event->position() + grip_);
        return;
    }
    const int over = handleNear(event->position());
    if (over == hovered_) return;
    hovered_ = over;
    setCursor(over >= 0 ? Qt::OpenHandCursor : Qt::ArrowCursor);
    setToolTip(over >= 0 ? all[over].name : QString());
    update();
}

void Drawing::mouseReleaseEvent(QMouseEvent*) {
    held_ = -1;
    update();
}

void Drawing::keyPressEvent(QKeyEvent* event) {
    const auto all = handles();
    if (all.isEmpty()) return QWidget::keyPressEvent(event);
    current_ = qBound(0, current_, static_cast<int>(all.size()) - 1);
    const bool fine = event->modifiers() & Qt::ShiftModifier;
    int direction = 0;
    switch (event->key()) {
        case Qt::Key_Left:
        case Qt::Key_Down:
            direction = -1;
            break;
        case Qt::Key_Right:
        case Qt::Key_Up:
            direction = 1;
            break;
        case Qt::Key_Space:
            current_ = (current_ + 1) % static_cast<int>(all.size());
            update();
            return;
        default:
            return QWidget::keyPressEvent(event);
    }
    if (!event->isAutoRepeat()) gestureBegins();
    nudge(all[current_].id, direction, fine);
}

void Drawing::focusInEvent(QFocusEvent*) {
    update();
}
void Drawing::focusOutEvent(QFocusEvent*) {
    update();
}

}  // namespace wedgeon
