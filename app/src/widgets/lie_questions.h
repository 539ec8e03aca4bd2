// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// The lie by what one sees and feels: a question a line, each may stay open.
#pragma once

#include <QWidget>

#include "wedgeon/lie/reading.h"

class QFormLayout;

namespace wedgeon {

class SentenceLabel;

class LieQuestions : public QWidget {
    Q_OBJECT

public:
    explicit LieQuestions(const LieAnswers& answers, QWidget* parent = nullptr);
    const LieAnswers& answers() const { return answers_; }

signals:
    void answered(const wedgeon::LieAnswers& answers);

private:
    template <class Answer>
    void ask(QFormLayout& form, const QString& question, std::optional<Answer> LieAnswers::*member);
    void tell();

    LieAnswers answers_;
    SentenceLabel* numbers_;
};

}  // namespace wedgeon
