// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// One editable box and two buttons.
#include "widgets/kept_line.h"

#include <QComboBox>
#include <QHBoxLayout>
#include <QLineEdit>
#include <QPushButton>
#include <QSignalBlocker>

#include "text/order.h"

namespace wedgeon {

KeptLine::KeptLine(const QString& name, const QString& current, const Acts& acts, QWidget* parent)
    : QWidget(parent), acts_(acts) {
    auto* row = new QHBoxLayout(this);
    row->setContentsMargins(0, 0, 0, 0);
    row->setSpacing(6);
    box_ = new QComboBox;
    box_->setEditable(true);
    box_->setInsertPolicy(QComboBox::NoInsert);
    box_->setAccessibleName(name);
    box_->lineEdit()->setMaxLength(60);
    box_->lineEdit()->setPlaceholderText(tr("choose, or name it"));
    box_->setMinimumWidth(150);
    keep_ = new QPushButton(tr("Keep"));
    keep_->setToolTip(tr("Keep what is set now under this name"));
    remove_ = new QPushButton(tr("Remove"));
    row->addWidget(box_, 1);
    row->addWidget(keep_);
    row->addWidget(remove_);
    setFocusProxy(box_);
    fill(current);
    connect(box_, &QComboBox::activated, this, [this](int i) { acts_.choose(box_->itemText(i)); });
    connect(box_->lineEdit(), &QLineEdit::textChanged, this, &KeptLine::enable);
    connect(keep_, &QPushButton::clicked, this, [this] {
        const QString its = box_->currentText().simplified();
        acts_.keep(its);
    });
    connect(remove_, &QPushButton::clicked, this, [this] {
        const QString its = box_->currentText().simplified();
        box_->setEditText({});
        acts_.remove(its);
    });
}

void KeptLine::fill(const QString& current) {
    const QSignalBlocker quiet(box_);
    box_->clear();
    box_->addItems(text::inOrder(acts_.names()));
    box_->setCurrentIndex(box_->findText(current));
    box_->setEditText(current);
    enable();
}

void KeptLine::refresh() {
    fill(box_->currentText());
}

void KeptLine::enable() {
    const QString its = box_->currentText().simplified();
    keep_->setEnabled(!its.isEmpty());
    remove_->setEnabled(box_->findText(its, Qt::MatchFixedString | Qt::MatchCaseSensitive) >= 0);
}

}  // namespace wedgeon
