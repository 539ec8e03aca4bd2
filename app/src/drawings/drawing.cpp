// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Mouse, keys and handles of a drawing.
#include "drawings/drawing.h"

#include <QAccessible>
#include <QAccessibleWidget>
#include <QKeyEvent>
#include <QMouseEvent>
#include <QPainter>
#include <algorithm>

namespace wedgeon {
namespace {

constexpr double reach_px = 18.0;
constexpr double radius_px = 7.0;

/// A picture with a sentence; its value is the handle that the keys move.
class DrawingInterface : public QAccessibleWidget {
public:
    explicit DrawingInterface(Drawing* drawing)
        : QAccessibleWidget(drawing, QAccessible::Graphic), drawing_(drawing) {}
    QString text(QAccessible::Text which) const override {
        if (which == QAccessible::Value) return drawing_->handleName();
        const QString own = QAccessibleWidget::text(which);
        return which == QAccessible::Description && own.trimmed().isEmpty()
                   ? Drawing::tr("Nothing to show yet.")
                   : own;
    }

private:
    Drawing* drawing_;
};

QAccessibleInterface* makeInterface(const QString&, QObject* object) {
    auto* drawing = qobject_cast<Drawing*>(object);
    return drawing ? new DrawingInterface(drawing) : nullptr;
}

}  // namespace

Drawing::Drawing(const QString& name, QWidget* parent) : QWidget(parent) {
    static const bool known = [] {
        QAccessible::installFactory(makeInterface);
        return true;
    }();
    (void)known;
    setAccessibleName(name);
    setFocusPolicy(Qt::StrongFocus);
    setMouseTracking(true);
    // Nothing below is painted again with every step of a drag.
    setAttribute(Qt::WA_OpaquePaintEvent);
}

QString Drawing::handleName() const {
    const auto all = handles();
    return all.isEmpty() ? QString()
                         : all[qBound(0, current_, static_cast<int>(all.size()) - 1)].name;
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

bool Drawing::takeRoom(const QPainter& p, QPointF& at, const QString& text, const QFont& font,
                       Qt::Alignment align) const {
    const QFontMetricsF metrics(font);
    const double width = metrics.horizontalAdvance(text);
    if (align & Qt::AlignRight) at.rx() -= width;
    if (align & Qt::AlignHCenter) at.rx() -= width / 2;
    // The letters themselves, without the room that lines keep between them.
    const double rise = metrics.capHeight(), half = 0.5;
    const QRectF its = p.transform().mapRect(
        QRectF(at.x() + half, at.y() - rise, std::max(0.0, width - 2 * half), rise));
    const bool free = std::none_of(taken_.begin(), taken_.end(),
                                   [&](const QRectF& other) { return other.intersects(its); });
    if (free && !text.isEmpty()) taken_.append(its);
    return free;
}

void Drawing::paintFitted(QPainter& painter, QPointF at, double width, const QString& text,
                          const QColor& colour, QFont font, Qt::Alignment align) const {
    constexpr int least_px = 10;
    while (font.pixelSize() > least_px && QFontMetricsF(font).horizontalAdvance(text) > width)
        font.setPixelSize(font.pixelSize() - 1);
    paintText(painter, at, QFontMetricsF(font).elidedText(text, Qt::ElideRight, width), colour,
              font, align);
}

void Drawing::paintText(QPainter& p, QPointF at, const QString& text, const QColor& colour,
                        const QFont& font, Qt::Alignment align) const {
    if (!takeRoom(p, at, text, font, align)) return;
    p.setFont(font);
    p.setPen(colour);
    p.drawText(at, text);
}

void Drawing::paintLabel(QPainter& p, QPointF at, const QString& text, const QColor& colour,
                         const QFont& font, const QColor& ground, Qt::Alignment align) const {
    if (!takeRoom(p, at, text, font, align)) return;
    p.setFont(font);
    // The halo is the text itself around its place: stroking the outlines costs milliseconds.
    p.setPen(ground);
    for (const QPointF& by : {QPointF(-2, -1), QPointF(2, -1), QPointF(-1, 2), QPointF(1, 2)})
        p.drawText(at + by, text);
    p.setPen(colour);
    p.drawText(at, text);
}

void Drawing::paintOn(QPainter& painter, QSizeF wanted, const style::Colours& colours) {
    painter.save();
    canvas_ = wanted;
    taken_.clear();
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
    taken_.clear();
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
        case Qt::Key_Space: {
            current_ = (current_ + 1) % static_cast<int>(all.size());
            QAccessibleValueChangeEvent changed(this, all[current_].name);
            QAccessible::updateAccessibility(&changed);
            update();
            return;
        }
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
