// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Seen from above, the target up: shoulder line and feet line, face with its normal and the toe's
// clock, path, start line and the flight's curve, aim. Dragging the toe opens the face, dragging
// the shoulder line turns the player, dragging the feet line his feet alone.
#pragma once

#include "desk/workbench.h"
#include "drawings/drawing.h"

namespace wedgeon {

class FaceAboveDrawing : public Drawing {
    Q_OBJECT

public:
    explicit FaceAboveDrawing(Workbench& bench, QWidget* parent = nullptr);
    QVector<Handle> handles() const override;
    QSize sizeHint() const override { return {300, 320}; }

protected:
    void paint(QPainter& painter, const style::Colours& colours) override;
    void gestureBegins() override { gesture_ = bench_.newGesture(); }
    void dragTo(int id, QPointF pixel) override;
    void nudge(int id, int direction, bool fine) override;

private:
    void workOut();
    QPointF ballAt() const;
    /// A point of the club head: across from heel to toe, ahead of the face; in pixels.
    QPointF onHead(double across, double ahead) const;
    double zoom() const;  ///< pixels of the drawing per pixel of the outline
    double side() const;  ///< 1 right-hander, -1 left-hander
    /// As they are drawn, with what the whole set-up is turned by.
    double bodyLine_rad() const;
    double feetLine_rad() const;
    void setOpening(double open_rad);
    void setBodyLine(double body_rad);
    void setFeet(double turn_rad);
    /// Beside the ball, where the player stands.
    QPointF standsAt(double away_px) const;
    void paintBody(QPainter& p, const style::Colours& c) const;
    void paintClock(QPainter& p, const style::Colours& c) const;
    void paintLines(QPainter& p, const style::Colours& c) const;
    void paintFlight(QPainter& p, const style::Colours& c, double length_px) const;
    void paintWords(QPainter& p, const style::Colours& c) const;
    void paintHead(QPainter& p, const style::Colours& c, double faceAngle_rad, bool ghost) const;
    void paintRay(QPainter& p, double angle_rad, double length_px, const QPen& pen) const;
    void refresh();

    Workbench& bench_;
    int gesture_ = 0;
    PlayedLoft loft_;
    struct Tick {
        double open_rad, face_rad;
    };
    QVector<Tick> clock_;  ///< where the face would look at each half hour of opening
};

}  // namespace wedgeon
