// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Spin against spin loft: today's curve for this speed, ball, face and lie, its peak and launch
// window, and where this shot sits. Left of the peak loft limits, right of it friction does.
#pragma once

#include "model/workbench.h"
#include "widgets/drawing.h"

namespace wedgeon {

class SpinDrawing : public Drawing {
    Q_OBJECT

public:
    explicit SpinDrawing(Workbench& bench, QWidget* parent = nullptr);
    QSize sizeHint() const override { return {330, 300}; }

protected:
    void paint(QPainter& painter, const style::Colours& colours) override;

private:
    QRectF plot() const;
    double highest_rpm() const;
    QPointF toPixel(const SpinPoint& point) const;
    void paintAxes(QPainter& p, const style::Colours& c) const;
    void paintCurve(QPainter& p, const SpinWindow& window, const QPen& pen) const;
    void refresh();

    Workbench& bench_;
};

}  // namespace wedgeon
