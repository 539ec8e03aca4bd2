// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Two fields and a box.
#include "views/shape/launch_window_dialog.h"

#include <QCheckBox>
#include <QDialogButtonBox>
#include <QDoubleSpinBox>
#include <QFormLayout>
#include <QLabel>
#include <QPushButton>
#include <algorithm>

#include "wedgeon/units.h"

namespace wedgeon {

LaunchWindowDialog::LaunchWindowDialog(const std::optional<LaunchWindow>& now,
                                       const LaunchWindow& shown, QWidget* parent)
    : QDialog(parent),
      has_(new QCheckBox(tr("Draw and compare a window of my own"))),
      from_(field(now.value_or(shown).from_rad, tr("Launch from"))),
      to_(field(now.value_or(shown).to_rad, tr("Launch to"))) {
    setWindowTitle(tr("Own launch window"));
    auto* form = new QFormLayout(this);
    auto* what = new QLabel(
        tr("Today's window follows from speed, ball, face and lie. A window that you go by "
           "yourself stands beside it."));
    what->setWordWrap(true);
    form->addRow(what);
    form->addRow(has_);
    form->addRow(tr("Launch &from"), from_);
    form->addRow(tr("Launch &to"), to_);
    auto* buttons = new QDialogButtonBox(QDialogButtonBox::Ok | QDialogButtonBox::Cancel);
    buttons->button(QDialogButtonBox::Ok)->setText(tr("Keep"));
    buttons->button(QDialogButtonBox::Cancel)->setText(tr("Cancel"));
    connect(buttons, &QDialogButtonBox::accepted, this, &QDialog::accept);
    connect(buttons, &QDialogButtonBox::rejected, this, &QDialog::reject);
    form->addRow(buttons);
    const auto enable = [this](bool on) {
        from_->setEnabled(on);
        to_->setEnabled(on);
    };
    connect(has_, &QCheckBox::toggled, this, enable);
    has_->setChecked(now.has_value());
    enable(now.has_value());
}

QDoubleSpinBox* LaunchWindowDialog::field(double value_rad, const QString& name) {
    auto* box = new QDoubleSpinBox;
    box->setRange(5.0, 75.0);
    box->setDecimals(0);
    box->setSuffix(QStringLiteral("°"));
    box->setValue(degFromRad(value_rad));
    box->setAccessibleName(name);
    return box;
}

std::optional<LaunchWindow> LaunchWindowDialog::window() const {
    if (!has_->isChecked()) return std::nullopt;
    const auto [low, high] = std::minmax({from_->value(), to_->value()});
    return LaunchWindow{radFromDeg(low), radFromDeg(high)};
}

}  // namespace wedgeon
