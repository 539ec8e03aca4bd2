// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Base of every drawing that is edited in place: round handles, dragged by mouse or moved by keys,
// and a sentence for a screen reader. A drawing never computes; it asks through signals.
#pragma once

#include <QVector>
#include <QWidget>
#include <optional>

#include "style/style.h"

namespace wedgeon {

/// The one mapping between the world's metres and pixels: same scale both ways, y up.
class WorldMap {
public:
    WorldMap() = default;
    /// \p origin: where the world's (0, 0) is painted.
    WorldMap(QPointF origin, double pixelsPerMetre, bool mirrored = false)
        : origin_(origin), scale_(pixelsPerMetre), sign_(mirrored ? -1.0 : 1.0) {}

    QPointF toPixel(double x_m, double y_m) const {
        return {origin_.x() + sign_ * x_m * scale_, origin_.y() - y_m * scale_};
    }
    double xAt(QPointF pixel) const { return sign_ * (pixel.x() - origin_.x()) / scale_; }
    double yAt(QPointF pixel) const { return (origin_.y() - pixel.y()) / scale_; }
    double scale() const { return scale_; }

private:
    QPointF origin_;
    double scale_ = 1.0;
    double sign_ = 1.0;
};

class Drawing : public QWidget {
    Q_OBJECT

public:
    explicit Drawing(const QString& name, QWidget* parent = nullptr);

    struct Handle {
        int id;
        QPointF at;
        QString name;
    };
    /// Where the handles are now, in the drawing's pixels.
    virtual QVector<Handle> handles() const { return {}; }
    /// Of the one that the keys move; empty where there is none.
    QString handleName() const;

    /// The same on a page or a picture, without handles: \p wanted in pixels of 1/96 inch, which is
    /// what the fonts of a drawing are measured in.
    void paintOn(QPainter& painter, QSizeF wanted, const style::Colours& colours);

protected:
    /// Of what is painted on now: the widget, or a page.
    QSizeF canvas() const { return canvas_.value_or(QSizeF(size())); }
    virtual void paint(QPainter& painter, const style::Colours& colours) = 0;
    virtual void gestureBegins() {}
    bool isHeld() const { return held_ >= 0; }
    /// The pointer is at \p pixel with handle \p id held.
    virtual void dragTo(int id, QPointF pixel);
    /// One key step of handle \p id: -1 or 1 across, and whether it is a small one.
    virtual void nudge(int id, int direction, bool fine);
    /// What a screen reader says; call when the content changes.
    void say(const QString& sentence);

    void paintHandle(QPainter& painter, const style::Colours& colours, const Handle& handle) const;
    /// Where it would lie on a text that stands there already it is left out: what matters most is
    /// painted first, and the sentence has all of it.
    void paintText(QPainter& painter, QPointF at, const QString& text, const QColor& colour,
                   const QFont& font, Qt::Alignment align = Qt::AlignLeft) const;
    /// The same on a halo of \p ground, so that lines may pass behind it.
    void paintLabel(QPainter& painter, QPointF at, const QString& text, const QColor& colour,
                    const QFont& font, const QColor& ground,
                    Qt::Alignment align = Qt::AlignLeft) const;

    /// A line that has \p width: smaller where it is longer, down to 10 px, then with its end left
    /// out.
    void paintFitted(QPainter& painter, QPointF at, double width, const QString& text,
                     const QColor& colour, QFont font, Qt::Alignment align = Qt::AlignLeft) const;

    void paintEvent(QPaintEvent* event) override;
    void mousePressEvent(QMouseEvent* event) override;
    void mouseMoveEvent(QMouseEvent* event) override;
    void mouseReleaseEvent(QMouseEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;
    void focusInEvent(QFocusEvent* event) override;
    void focusOutEvent(QFocusEvent* event) override;

private:
    int handleNear(QPointF pixel) const;  ///< -1 when none
    /// The left end of a text's line at \p at, and whether it has room there; takes the room.
    bool takeRoom(const QPainter& painter, QPointF& at, const QString& text, const QFont& font,
                  Qt::Alignment align) const;

    mutable QVector<QRectF> taken_;  ///< by texts, in this painting

    std::optional<QSizeF> canvas_;  ///< while it is painted elsewhere
    int held_ = -1;                 ///< index of the handle that is dragged
    int hovered_ = -1;
    int current_ = 0;  ///< index of the one that keys move
    QPointF grip_;     ///< from pointer to handle at the press
};

}  // namespace wedgeon
