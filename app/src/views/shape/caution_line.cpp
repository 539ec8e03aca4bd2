// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Which caution is shown, and its mark.
#include "views/shape/caution_line.h"

#include <QHBoxLayout>
#include <QPainter>
#include <QPushButton>
#include <algorithm>

#include "style/style.h"
#include "widgets/sentence_label.h"

namespace wedgeon {

CautionLine::CautionLine(QWidget* parent) : QWidget(parent) {
    auto* row = new QHBoxLayout(this);
    row->setContentsMargins(42, 0, 16, 0);
    text_ = new SentenceLabel(SentenceLabel::Rank::Why);
    text_->setRank(SentenceLabel::Rank::Body);
    text_->setFont(style::font(13));
    text_->setObjectName(QStringLiteral("caution"));
    understood_ = new QPushButton(tr("Understood"));
    row->addWidget(text_, 1);
    row->addWidget(understood_);
    connect(understood_, &QPushButton::clicked, this, [this] {
        done_.insert(shown_);
        show(cautions_);
    });
    hide();
}

void CautionLine::show(const std::vector<text::Caution>& cautions) {
    cautions_ = cautions;
    const auto next = std::find_if(cautions_.begin(), cautions_.end(),
                                   [this](const auto& c) { return !done_.contains(c.key); });
    setVisible(next != cautions_.end());
    if (next == cautions_.end()) return;
    shown_ = next->key;
    text_->setText(next->text);
}

void CautionLine::paintEvent(QPaintEvent*) {
    const style::Colours& c = style::colours(palette());
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    const QPointF at(28, height() / 2.0);
    p.setPen(Qt::NoPen);
    p.setBrush(c.warning);
    p.drawPolygon(QPolygonF{at + QPointF(0, -7), at + QPointF(8, 6), at + QPointF(-8, 6)});
}

}  // namespace wedgeon
