// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Text in one of the ranks of the product: the sentence, the line below that says why, titles and
// body text.
// Always plain text, wraps, can be selected and copied; follows the palette.
#pragma once

#include <QLabel>

namespace wedgeon {

class SentenceLabel : public QLabel {
    Q_OBJECT

public:
    enum class Rank { Sentence, Why, Title, Body };
    explicit SentenceLabel(Rank rank, QWidget* parent = nullptr);
    void setRank(Rank rank);

protected:
    void changeEvent(QEvent* event) override;

private:
    void applyColour();
    Rank rank_;
};

/// One line that takes what room there is: a text that is longer ends in dots, or is left out.
class LineLabel : public SentenceLabel {
    Q_OBJECT

public:
    enum class WhenTight { Dots, LeftOut };
    explicit LineLabel(Rank rank, WhenTight whenTight = WhenTight::Dots, QWidget* parent = nullptr);
    QSize minimumSizeHint() const override {
        return {0, SentenceLabel::minimumSizeHint().height()};
    }

protected:
    void paintEvent(QPaintEvent* event) override;

private:
    WhenTight whenTight_;
};

}  // namespace wedgeon
