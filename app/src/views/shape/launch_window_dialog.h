// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// The coach's own launch window: two numbers, or none.
#pragma once

#include <QDialog>
#include <optional>

#include "drawings/spin_drawing.h"

class QCheckBox;
class QDoubleSpinBox;

namespace wedgeon {

class LaunchWindowDialog : public QDialog {
    Q_OBJECT

public:
    /// \p shown where there is no window yet.
    LaunchWindowDialog(const std::optional<LaunchWindow>& now, const LaunchWindow& shown,
                       QWidget* parent = nullptr);
    std::optional<LaunchWindow> window() const;

private:
    QDoubleSpinBox* field(double value_rad, const QString& name);

    QCheckBox* has_;
    QDoubleSpinBox *from_, *to_;
};

}  // namespace wedgeon
