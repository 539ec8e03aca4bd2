// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// An empty logbook: three questions, and three doors to the first answer.
#pragma once

#include <QWidget>

#include "desk/desk.h"

class QButtonGroup;
class QComboBox;
class QLineEdit;

namespace wedgeon {

class SentenceLabel;

class FirstRun : public QWidget {
    Q_OBJECT

public:
    explicit FirstRun(Desk& desk, QWidget* parent = nullptr);
    /// Nobody was here before: nothing is in the logbook, and no player on the bench.
    static bool isDue(Desk& desk);
    void takeFocus();

    enum class Door { File, Monitor, Simulated, ByEye, Demo, None };

signals:
    /// The answers are taken (but for the demo), and the lesson begins.
    void chosen(wedgeon::FirstRun::Door door);

private:
    QWidget* makeQuestions();
    QWidget* makeDoor(const QString& title, const QString& what, const QString& button, Door door,
                      QWidget* beside = nullptr);
    /// Lofts in degrees as they were typed; false where one of them is none.
    bool readLofts(std::vector<double>& lofts) const;
    void check();
    void open(Door door);
    void takeAnswers();

    Desk& desk_;
    QLineEdit *name_, *wedges_;
    QComboBox *hand_, *units_;
    SentenceLabel* wrong_;
};

}  // namespace wedgeon
