// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// What a person adds to a shot: the strike as felt, the run as paced, tags, a note, and the set-up
// that was meant.
#pragma once

#include <QWidget>
#include <array>

#include "desk/shot_log.h"
#include "desk/workbench.h"

class QButtonGroup;
class QLabel;
class QLineEdit;
class QPushButton;

namespace wedgeon {

class QuantityField;

class ShotNotes : public QWidget {
    Q_OBJECT

public:
    ShotNotes(ShotLog& log, Workbench& bench, QWidget* parent = nullptr);
    /// Nothing for none. Fields that are being typed in keep their text.
    void show(std::optional<store::LoggedShot> shot);
    void focusTags();
    /// Something is being typed for the shot: it should stay the chosen one.
    bool isBeingTyped() const;

signals:
    /// The list should have the keys again.
    void done();

private:
    QLineEdit* addLine(const QString& name, store::Label label);
    QWidget* makeStrike();
    QWidget* makeRun();
    void fillLine(QLineEdit* line, store::Label label);
    void setUpPressed();

    ShotLog& log_;
    Workbench& bench_;
    std::optional<store::LoggedShot> shot_;
    QButtonGroup* strikes_;
    QuantityField* run_;
    QLineEdit *tags_, *note_;
    QLabel* setUp_;
    QPushButton *declare_, *toBench_;
};

}  // namespace wedgeon
