// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// A view's sentence with the line that says why below it. Text that changes with every step of a
// drag does not make the window lay itself out again: only a change of height does.
#pragma once

#include <QWidget>

namespace wedgeon {

class SentenceLabel;

class Headline : public QWidget {
    Q_OBJECT

public:
    /// The labels are found by \p name + "Sentence" and + "Why".
    explicit Headline(const QString& name, QWidget* parent = nullptr);
    void setTexts(const QString& sentence, const QString& why);
    QString asText() const;

protected:
    void resizeEvent(QResizeEvent* event) override;

private:
    void place();

    SentenceLabel *sentence_, *why_;
};

}  // namespace wedgeon
