// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Seen face-on, the target to the right (left for a left-hander): shaft and hands, ball, arc, low
// point, weight, and a lens on the sole with the chances of fat, clean and thin. Dragging the hands
// leans the shaft; the ball and the weight move along the ground.
#pragma once

#include "desk/workbench.h"
#include "drawings/drawing.h"

namespace wedgeon {

class FaceOnDrawing : public Drawing {
    Q_OBJECT

public:
    explicit FaceOnDrawing(Workbench& bench, QWidget* parent = nullptr);
    QVector<Handle> handles() const override;
    QSize sizeHint() const override { return {380, 320}; }

protected:
    void paint(QPainter& painter, const style::Colours& colours) override;
    void gestureBegins() override { gesture_ = bench_.newGesture(); }
    void dragTo(int id, QPointF pixel) override;
    void nudge(int id, int direction, bool fine) override;

private:
    bool leftHanded() const;
    double mirrored(double x_px) const;  ///< a right-hander's place, for this hand
    Qt::Alignment trailSide() const;
    WorldMap map() const;
    QPointF handsAt(const BenchState& state) const;
    void paintStance(QPainter& p, const style::Colours& c) const;
    void paintClub(QPainter& p, const BenchState& state, const QPen& pen) const;
    void paintArc(QPainter& p, const style::Colours& c) const;
    void paintClubs(QPainter& p, const style::Colours& c) const;
    void paintLens(QPainter& p, const style::Colours& c) const;
    /// From \p x to the lens, for a text that ends at \p x.
    double roomBesideLens(double x) const;
    void paintChances(QPainter& p, const style::Colours& c) const;
    void paintWords(QPainter& p, const style::Colours& c) const;
    void paintGroundWords(QPainter& p, const style::Colours& c) const;
    void setLean(double lean_rad);
    void setBall(double forward_m);
    void setWeight(double lead_pct);
    void refresh();

    Workbench& bench_;
    int gesture_ = 0;
    std::optional<PlayedLoft> loft_;
};

}  // namespace wedgeon
