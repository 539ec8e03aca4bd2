// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// A caution in one line where a set-up calls for it; once understood it does not come back.
#pragma once

#include <QSet>
#include <QWidget>

#include "text/cautions.h"

class QPushButton;

namespace wedgeon {

class SentenceLabel;

class CautionLine : public QWidget {
    Q_OBJECT

public:
    explicit CautionLine(QWidget* parent = nullptr);
    /// Shows the weightiest that was not understood yet, or nothing.
    void show(const std::vector<text::Caution>& cautions);

protected:
    void paintEvent(QPaintEvent* event) override;

private:
    SentenceLabel* text_;
    QPushButton* understood_;
    QSet<QString> done_;
    std::vector<text::Caution> cautions_;
    QString shown_;
};

}  // namespace wedgeon
