// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Fonts and colours of the ranks.
#include "widgets/sentence_label.h"

#include <QEvent>
#include <QPainter>

#include "style/style.h"

namespace wedgeon {

SentenceLabel::SentenceLabel(Rank rank, QWidget* parent) : QLabel(parent), rank_(rank) {
    setTextFormat(Qt::PlainText);
    setTextInteractionFlags(Qt::TextSelectableByMouse);
    setWordWrap(true);
    setRank(rank);
}

void SentenceLabel::setRank(Rank rank) {
    rank_ = rank;
    setFont(rank == Rank::Sentence ? style::font(21, QFont::DemiBold)
            : rank == Rank::Title  ? style::font(15, QFont::DemiBold)
                                   : style::font(14));
    applyColour();
}

void SentenceLabel::changeEvent(QEvent* event) {
    if (event->type() == QEvent::PaletteChange || event->type() == QEvent::ParentChange)
        applyColour();
    QLabel::changeEvent(event);
}

void SentenceLabel::applyColour() {
    const style::Colours& c = style::colours(palette());
    const QColor wanted = rank_ == Rank::Why ? c.soft : c.ink;
    if (palette().color(QPalette::WindowText) == wanted) return;
    QPalette p;
    p.setColor(QPalette::WindowText, wanted);
    setPalette(p);
}

LineLabel::LineLabel(Rank rank, WhenTight whenTight, QWidget* parent)
    : SentenceLabel(rank, parent), whenTight_(whenTight) {
    setWordWrap(false);
    // The room that it has does not follow from its text.
    setSizePolicy(QSizePolicy::Ignored, QSizePolicy::Preferred);
}

void LineLabel::paintEvent(QPaintEvent*) {
    const QRect room = contentsRect();
    const QString fitted = fontMetrics().elidedText(text(), Qt::ElideRight, room.width());
    if (whenTight_ == WhenTight::LeftOut && fitted != text()) return;
    QPainter p(this);
    p.setFont(font());
    p.setPen(palette().color(QPalette::WindowText));
    p.drawText(room, static_cast<int>(alignment()) | Qt::TextSingleLine, fitted);
}

}  // namespace wedgeon
