// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// A drill as the coach wants it: name, stations with their windows, gates and order.
#pragma once

#include <QDialog>
#include <vector>

#include "text/units.h"
#include "wedgeon/train/drill.h"

class QComboBox;
class QDoubleSpinBox;
class QLabel;
class QLineEdit;
class QListWidget;
class QPlainTextEdit;
class QPushButton;
class QSpinBox;

namespace wedgeon {

class DrillDialog : public QDialog {
    Q_OBJECT

public:
    DrillDialog(const Drill& drill, const Units& units, QWidget* parent = nullptr);
    /// As it was accepted: one that can be hit.
    const Drill& drill() const { return drill_; }

private:
    struct WindowRow {
        QComboBox* of;
        QDoubleSpinBox *low, *high;
    };
    QWidget* makeStation();
    void fillList();
    void showStation();
    /// What stands in the fields, into the station that is shown.
    void takeStation();
    void formRow(const WindowRow& row);
    void addStation();
    void removeStation();
    void keep();

    Drill drill_;
    Units units_;
    int shown_ = -1;
    QLineEdit *name_, *club_;
    QPlainTextEdit *purpose_, *task_;
    QComboBox* order_;
    QListWidget* stations_;
    QSpinBox *shots_, *pass_;
    std::vector<WindowRow> windows_;
    QPushButton *add_, *remove_;
    QLabel* wrong_;
};

}  // namespace wedgeon
