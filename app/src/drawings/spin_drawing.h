// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Spin against spin loft: today's curve for this speed, ball, face and lie, its peak and launch
// window with the coach's own beside it, where this shot sits, and the player's own measured shots.
// Left of the peak loft limits, right of it friction does.
#pragma once

#include <optional>

#include "desk/preferences.h"
#include "desk/workbench.h"
#include "drawings/drawing.h"

namespace wedgeon {

class SpinDrawing : public Drawing {
    Q_OBJECT

public:
    explicit SpinDrawing(Workbench& bench, QWidget* parent = nullptr);
    /// Measured shots of this player with this club and ball: spin loft, and spin for each m/s of
    /// club speed (spin grows with the speed, so that they are shown at this shot's).
    void setOwnShots(QVector<QPointF> shots);
    /// The coach's own window, drawn beside today's; none is drawn until he has one.
    void setOwnWindow(const std::optional<LaunchWindow>& window);
    const std::optional<LaunchWindow>& ownWindow() const { return ownWindow_; }
    QSize sizeHint() const override { return {330, 300}; }

protected:
    void paint(QPainter& painter, const style::Colours& colours) override;

private:
    QRectF plot() const;
    double highest_rpm() const;
    QPointF toPixel(const SpinPoint& point) const;
    QPointF toPixel(double spinLoft_rad, double spin_radps) const;
    void paintOwnWindow(QPainter& p, const style::Colours& c, const SpinWindow& window) const;
    QString ownWindowWords(const SpinWindow& window) const;
    void paintShots(QPainter& p, const style::Colours& c) const;
    void paintHere(QPainter& p, const style::Colours& c) const;
    void paintWords(QPainter& p, const style::Colours& c) const;
    void paintAxes(QPainter& p, const style::Colours& c) const;
    void paintCurve(QPainter& p, const SpinWindow& window, const QPen& pen) const;
    void refresh();

    Workbench& bench_;
    std::optional<LaunchWindow> ownWindow_;
    QVector<QPointF> own_;
    double spinOf(const QPointF& own) const;
};

}  // namespace wedgeon
