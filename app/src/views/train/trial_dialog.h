// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// What is to be tried, what decides it, and how many shots that takes.
#pragma once

#include <QDialog>

#include "text/units.h"
#include "wedgeon/store/trainings.h"

class QComboBox;
class QDoubleSpinBox;
class QLineEdit;
class QPushButton;

namespace wedgeon {

class SentenceLabel;

class TrialDialog : public QDialog {
    Q_OBJECT

public:
    /// \p ways: names to choose from, such as the recipes on the bench. \p task: to begin with.
    TrialDialog(const QStringList& ways, const QString& task, const Units& units,
                QWidget* parent = nullptr);
    store::Trial trial() const;

private:
    QComboBox* addWay(const QString& name, const QStringList& ways, int at);
    DrillMeasure decides() const;
    void takeUsual();
    void check();

    Units units_;
    QLineEdit *name_, *task_;
    QComboBox *a_, *b_, *decides_;
    QDoubleSpinBox *matters_, *scatter_;
    SentenceLabel* needed_;
    QPushButton* begin_;
};

}  // namespace wedgeon
