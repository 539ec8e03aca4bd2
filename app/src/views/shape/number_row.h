// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// The parts of the set-up that change from shot to shot, as one line of numbers.
#pragma once

#include <QComboBox>
#include <QVector>

#include "desk/workbench.h"
#include "widgets/panel.h"

class QHBoxLayout;

namespace wedgeon {

class QuantityField;
class SwingField;

/// A field that edits one dial of the chosen recipe and follows it.
QuantityField* makeDialField(Workbench& bench, Dial dial);
/// The club speed of the chosen recipe, as a swing.
SwingField* makeSwingField(Workbench& bench);
/// A choice that edits one enumeration of the chosen recipe and follows it.
QComboBox* makeReleaseChoice(Workbench& bench);

class NumberRow : public Panel {
    Q_OBJECT

public:
    explicit NumberRow(Workbench& bench, QWidget* parent = nullptr);
    /// In two lines, where something stands beside.
    void setNarrow(bool narrow);

protected:
    void resizeEvent(QResizeEvent* event) override;

private:
    QVector<QWidget*> parts_;  ///< a name and its field each
    QHBoxLayout *first_, *second_;
    bool narrow_ = false;
};

}  // namespace wedgeon
