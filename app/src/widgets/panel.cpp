// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Paints the panel.
#include "widgets/panel.h"

#include <QHBoxLayout>
#include <QPainter>
#include <QVBoxLayout>

#include "style/style.h"
#include "widgets/sentence_label.h"

namespace wedgeon {

void Panel::paintEvent(QPaintEvent*) {
    const style::Colours& c = style::colours(palette());
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    p.setPen(QPen(c.edge, 1));
    p.setBrush(c.panel);
    p.drawRoundedRect(QRectF(rect()).adjusted(0.5, 0.5, -0.5, -0.5), 6, 6);
}

Panel* titledPanel(const QString& title, const QString& hint, QWidget* content, QWidget* more) {
    auto* panel = new Panel;
    auto* column = new QVBoxLayout(panel);
    column->setContentsMargins(2, 10, 2, 2);
    column->setSpacing(0);
    auto* line = new QHBoxLayout;
    line->setContentsMargins(14, 0, 14, 0);
    auto* name = new SentenceLabel(SentenceLabel::Rank::Title);
    name->setText(title);
    name->setWordWrap(false);
    auto* what = new LineLabel(SentenceLabel::Rank::Why, LineLabel::WhenTight::LeftOut);
    what->setText(hint);
    what->setFont(style::font(12));
    what->setAlignment(Qt::AlignRight | Qt::AlignVCenter);
    line->addWidget(name);
    line->addWidget(what, 1);
    if (more) {
        line->addSpacing(8);
        line->addWidget(more);
    }
    column->addLayout(line);
    column->addWidget(content, 1);
    return panel;
}

}  // namespace wedgeon
