// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Questions and what they come to.
#include "widgets/lie_questions.h"

#include <QComboBox>
#include <QFormLayout>

#include "text/lie_words.h"
#include "widgets/sentence_label.h"

namespace wedgeon {

LieQuestions::LieQuestions(const LieAnswers& answers, QWidget* parent)
    : QWidget(parent), answers_(answers) {
    auto* form = new QFormLayout(this);
    form->setContentsMargins(0, 0, 0, 0);
    form->setVerticalSpacing(7);
    ask<GrassHeight>(*form, tr("Grass"), &LieAnswers::height);
    ask<GrassColour>(*form, tr("Colour"), &LieAnswers::colour);
    ask<BallSits>(*form, tr("Ball sits"), &LieAnswers::sits);
    ask<GrassLies>(*form, tr("Grass lies"), &LieAnswers::grain);
    ask<GrassHand>(*form, tr("It is"), &LieAnswers::hand);
    ask<PracticeSwing>(*form, tr("A practice swing"), &LieAnswers::swing);
    numbers_ = new SentenceLabel(SentenceLabel::Rank::Body);
    numbers_->setObjectName(QStringLiteral("lieNumbers"));
    numbers_->setMinimumWidth(300);
    form->addRow(numbers_);
    tell();
}

template <class Answer>
void LieQuestions::ask(QFormLayout& form, const QString& question,
                       std::optional<Answer> LieAnswers::*member) {
    auto* box = new QComboBox;
    box->addItem(LieQuestions::tr("not said"));
    box->addItems(text::choices(Answer{}));
    const auto& now = answers_.*member;
    box->setCurrentIndex(now ? static_cast<int>(*now) + 1 : 0);
    box->setAccessibleName(question);
    connect(box, &QComboBox::currentIndexChanged, this, [this, member](int i) {
        answers_.*member = i > 0 ? std::optional<Answer>(static_cast<Answer>(i - 1)) : std::nullopt;
        tell();
        emit answered(answers_);
    });
    form.addRow(question, box);
}

void LieQuestions::tell() {
    numbers_->setText(text::lieNumbers(readLie(answers_)));
}

}  // namespace wedgeon
