// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// The same turn on a wedge and on a mid-iron: where each face looks, and how much of its push goes
// sideways, over the whole range of turning. Dragging along the curve turns the face.
#pragma once

#include <QPolygonF>

#include "desk/workbench.h"
#include "drawings/drawing.h"

namespace wedgeon {

class TurnDrawing : public Drawing {
    Q_OBJECT

public:
    explicit TurnDrawing(Workbench& bench, QWidget* parent = nullptr);
    QVector<Handle> handles() const override;
    QSize sizeHint() const override { return {380, 420}; }
    QSize minimumSizeHint() const override { return {300, 380}; }

    /// What opening and shutting by this turn do, on both clubs.
    const QString& compared() const { return compared_; }

protected:
    void paint(QPainter& painter, const style::Colours& colours) override;
    void gestureBegins() override { gesture_ = bench_.newGesture(); }
    void dragTo(int id, QPointF pixel) override;
    void nudge(int id, int direction, bool fine) override;
    void showEvent(QShowEvent* event) override;

private:
    /// Where a face looks after a turn: push sideways (0-1) and face angle, a right-hander's.
    struct Look {
        double sideways = 0.0, face_rad = 0.0;
    };
    Look lookOf(const Wedge& club, double open_rad) const;
    QRectF plot() const;
    QPointF at(double open_rad, double sideways) const;
    void refresh();
    void setOpening(double open_rad);
    void paintFace(QPainter& p, const style::Colours& c, QPointF middle, const Look& look,
                   const QPen& pen, const QString& name) const;
    void paintCurves(QPainter& p, const style::Colours& c) const;

    Workbench& bench_;
    int gesture_ = 0;
    Look wedge_, iron_;
    QString compared_;
    QPolygonF wedgeCurve_, ironCurve_;  ///< opening and sideways push
};

}  // namespace wedgeon
