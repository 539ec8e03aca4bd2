// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// A table and six fields.
#include "views/read/hole_out_dialog.h"

#include <QDialogButtonBox>
#include <QDoubleSpinBox>
#include <QFormLayout>
#include <QHBoxLayout>
#include <QHeaderView>
#include <QLabel>
#include <QPushButton>
#include <QTableWidget>
#include <QVBoxLayout>

#include "text/said.h"
#include "wedgeon/error.h"

namespace wedgeon {

HoleOutDialog::HoleOutDialog(const HoleOutTable& now, const Units& units, QWidget* parent)
    : QDialog(parent), units_(units), putts_(new QTableWidget), trouble_(new QLabel) {
    setWindowTitle(tr("Strokes to hole out"));
    auto* column = new QVBoxLayout(this);
    auto* what =
        new QLabel(tr("Mean putts by distance, and what a worse place than the green adds. "
                      "The published ones are known to about 0.05 strokes."));
    what->setWordWrap(true);
    column->addWidget(what);
    auto* levels = new QHBoxLayout;
    const auto level = [&](const QString& name, Level l) {
        auto* button = new QPushButton(name);
        button->setAutoDefault(false);
        connect(button, &QPushButton::clicked, this, [this, l] { show(HoleOutTable::of(l)); });
        levels->addWidget(button);
    };
    level(tr("As an expert"), Level::Expert);
    level(tr("As a club player"), Level::ClubPlayer);
    levels->addStretch(1);
    column->addLayout(levels);
    auto* row = new QHBoxLayout;
    putts_->setColumnCount(2);
    putts_->setHorizontalHeaderLabels({tr("from, %1").arg(units_.lengthName()), tr("putts")});
    putts_->verticalHeader()->hide();
    putts_->horizontalHeader()->setSectionResizeMode(QHeaderView::Stretch);
    putts_->setAccessibleName(tr("Putts by distance"));
    putts_->setMinimumSize(210, 330);
    connect(putts_, &QTableWidget::cellChanged, this, &HoleOutDialog::check);
    row->addWidget(putts_, 1);
    auto* form = new QFormLayout;
    cost(*form, tr("On the fringe"), &HoleOutTable::fringe);
    cost(*form, tr("On short grass"), &HoleOutTable::fairway);
    cost(*form, tr("In rough"), &HoleOutTable::rough);
    cost(*form, tr("In sand"), &HoleOutTable::bunker);
    cost(*form, tr("In water"), &HoleOutTable::water);
    row->addLayout(form, 1);
    column->addLayout(row);
    trouble_->setWordWrap(true);
    trouble_->setTextFormat(Qt::PlainText);
    trouble_->setObjectName(QStringLiteral("holeOutTrouble"));
    column->addWidget(trouble_);
    auto* buttons = new QDialogButtonBox(QDialogButtonBox::Ok | QDialogButtonBox::Cancel);
    keep_ = buttons->button(QDialogButtonBox::Ok);
    keep_->setText(tr("Keep"));
    buttons->button(QDialogButtonBox::Cancel)->setText(tr("Cancel"));
    connect(buttons, &QDialogButtonBox::accepted, this, &QDialog::accept);
    connect(buttons, &QDialogButtonBox::rejected, this, &QDialog::reject);
    column->addWidget(buttons);
    show(now);
}

void HoleOutDialog::cost(QFormLayout& form, const QString& name, double HoleOutTable::*member) {
    auto* field = new QDoubleSpinBox;
    field->setRange(0.0, 5.0);
    field->setDecimals(2);
    field->setSingleStep(0.05);
    field->setPrefix(QStringLiteral("+ "));
    field->setAccessibleName(name);
    costs_ << CostField{field, member};
    form.addRow(name, field);
}

void HoleOutDialog::show(const HoleOutTable& table) {
    const QSignalBlocker quiet(putts_);
    putts_->setRowCount(static_cast<int>(table.putts.size()));
    for (int i = 0; i < putts_->rowCount(); ++i) {
        const HoleOutTable::Row& r = table.putts[static_cast<std::size_t>(i)];
        const QLocale here;
        putts_->setItem(
            i, 0,
            new QTableWidgetItem(here.toString(r.distance_m * units_.lengthFactor(), 'f', 1)));
        putts_->setItem(i, 1, new QTableWidgetItem(here.toString(r.putts, 'f', 2)));
    }
    for (const CostField& c : std::as_const(costs_))
        c.field->setValue(table.*c.member);
    check();
}

HoleOutTable HoleOutDialog::table() const {
    HoleOutTable out;
    const QLocale here;
    for (int i = 0; i < putts_->rowCount(); ++i) {
        const auto number = [&](int column) {
            bool good = false;
            const double v = here.toDouble(putts_->item(i, column)->text().trimmed(), &good);
            return good ? v : std::nan("");
        };
        out.putts.push_back({number(0) / units_.lengthFactor(), number(1)});
    }
    for (const CostField& c : costs_)
        out.*c.member = c.field->value();
    return out;
}

void HoleOutDialog::check() {
    QString trouble;
    try {
        table().validate();
    } catch (const RangeError&) {
        trouble = tr("Distances and putts must rise from row to row, putts from 1 to 6.");
    }
    trouble_->setText(trouble);
    if (keep_) keep_->setEnabled(trouble.isEmpty());
}

}  // namespace wedgeon
