// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Ground, edge and mark.
#include "widgets/bar_ground.h"

#include <QPainter>

#include "style/style.h"

namespace wedgeon {

void paintBarGround(QWidget& bar, BarMark mark) {
    const style::Colours& c = style::colours(bar.palette());
    QPainter p(&bar);
    p.setRenderHint(QPainter::Antialiasing);
    p.fillRect(bar.rect(), c.chosen);
    p.setPen(QPen(c.edge, 1));
    p.drawLine(QPointF(0, bar.height() - 0.5), QPointF(bar.width(), bar.height() - 0.5));
    const double y = bar.height() / 2.0;
    if (mark == BarMark::Warning) {
        p.setPen(QPen(c.warning, 2));
        p.drawPolygon(QPolygonF{{22, y - 7}, {30, y + 7}, {14, y + 7}});
    } else {
        p.setPen(Qt::NoPen);
        p.setBrush(c.turf);
        p.drawEllipse(QPointF(22, y), 5, 5);
    }
}

}  // namespace wedgeon
