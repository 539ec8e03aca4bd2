// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// The recipes on the bench as A, B and C: the chosen one is edited, the others are drawn beside it.
#pragma once

#include <QVector>
#include <QWidget>

#include "desk/workbench.h"

class QHBoxLayout;
class QToolButton;

namespace wedgeon {

class RecipeLine : public QWidget {
    Q_OBJECT

public:
    explicit RecipeLine(Workbench& bench, QWidget* parent = nullptr);

    /// Commands of the window's menu; each is one undo step and does nothing where it cannot.
    void choose(std::size_t i);
    void addBeside();
    void closeChosen();

private:
    void refresh();

    Workbench& bench_;
    QVector<QToolButton*> chips_;
    QToolButton *add_, *close_;
};

}  // namespace wedgeon
