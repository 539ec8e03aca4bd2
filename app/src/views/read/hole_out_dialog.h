// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// What holing out costs: putts by distance, and what a worse place adds; from a level, or one's
// own.
#pragma once

#include <QDialog>

#include "text/units.h"
#include "wedgeon/plan/hole_out.h"

class QDoubleSpinBox;
class QFormLayout;
class QLabel;
class QPushButton;
class QTableWidget;

namespace wedgeon {

class HoleOutDialog : public QDialog {
    Q_OBJECT

public:
    HoleOutDialog(const HoleOutTable& now, const Units& units, QWidget* parent = nullptr);
    HoleOutTable table() const;

private:
    void show(const HoleOutTable& table);
    void check();
    void cost(QFormLayout& form, const QString& name, double HoleOutTable::*member);

    Units units_;
    QTableWidget* putts_;
    struct CostField {
        QDoubleSpinBox* field;
        double HoleOutTable::*member;
    };
    QVector<CostField> costs_;
    QLabel* trouble_;
    QPushButton* keep_ = nullptr;
};

}  // namespace wedgeon
