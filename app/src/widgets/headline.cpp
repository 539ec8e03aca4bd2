// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Placing the two labels by hand.
#include "widgets/headline.h"

#include <algorithm>

#include "widgets/sentence_label.h"

namespace wedgeon {

Headline::Headline(const QString& name, QWidget* parent)
    : QWidget(parent),
      sentence_(new SentenceLabel(SentenceLabel::Rank::Sentence, this)),
      why_(new SentenceLabel(SentenceLabel::Rank::Why, this)) {
    sentence_->setObjectName(name + QStringLiteral("Sentence"));
    why_->setObjectName(name + QStringLiteral("Why"));
    setSizePolicy(QSizePolicy::Ignored, QSizePolicy::Fixed);
    place();
}

void Headline::setTexts(const QString& sentence, const QString& why) {
    if (sentence == sentence_->text() && why == why_->text()) return;
    sentence_->setText(sentence);
    why_->setText(why);
    place();
}

QString Headline::asText() const {
    return sentence_->text() + QLatin1Char('\n') + why_->text();
}

void Headline::place() {
    const int wide = std::max(width(), 100);
    const int first = std::max(0, sentence_->heightForWidth(wide));
    const int second = std::max(0, why_->heightForWidth(wide));
    sentence_->setGeometry(0, 0, wide, first);
    why_->setGeometry(0, first + 1, wide, second);
    if (height() != first + second + 1) setFixedHeight(first + second + 1);
}

void Headline::resizeEvent(QResizeEvent* event) {
    place();
    QWidget::resizeEvent(event);
}

}  // namespace wedgeon
