// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Paints the panel.
#include "widgets/panel.h"

#include <QPainter>

#include "style/style.h"

namespace wedgeon {

void Panel::paintEvent(QPaintEvent*) {
    const style::Colours& c = style::colours(palette());
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    p.setPen(QPen(c.edge, 1));
    p.setBrush(c.panel);
    p.drawRoundedRect(QRectF(rect()).adjusted(0.5, 0.5, -0.5, -0.5), 6, 6);
}

}  // namespace wedgeon
