// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// The notice bar.
#include "widgets/notice_bar.h"

#include <QAccessible>
#include <QHBoxLayout>
#include <QLabel>
#include <QProgressBar>
#include <QPushButton>
#include <QToolButton>

#include "widgets/bar_ground.h"

namespace wedgeon {

NoticeBar::NoticeBar(QWidget* parent) : QWidget(parent) {
    auto* row = new QHBoxLayout(this);
    row->setContentsMargins(38, 6, 14, 6);
    label_ = new QLabel(this);
    label_->setTextFormat(Qt::PlainText);
    label_->setWordWrap(true);
    label_->setTextInteractionFlags(Qt::TextSelectableByMouse);
    bar_ = new QProgressBar(this);
    bar_->setRange(0, 1000);
    bar_->setFixedWidth(220);
    bar_->setAccessibleName(tr("Progress"));
    action_ = new QPushButton(this);
    action_->setAutoDefault(false);
    auto* close = new QToolButton(this);
    close->setText(tr("Close"));
    close->setAutoRaise(true);
    row->addWidget(label_, 1);
    row->addWidget(bar_);
    row->addWidget(action_);
    row->addWidget(close);
    connect(action_, &QPushButton::clicked, this, [this] {
        if (act_) act_();
    });
    connect(close, &QToolButton::clicked, this, &QWidget::hide);
    hide();
}

void NoticeBar::show(const QString& text, bool error, const QString& action,
                     const std::function<void()>& act) {
    error_ = error;
    label_->setText(text);
    setAccessibleName(text);
    action_->setText(action);
    action_->setVisible(!action.isEmpty());
    act_ = act;
    bar_->hide();
    setVisible(true);
    update();
    QAccessibleEvent event(this, QAccessible::Alert);
    QAccessible::updateAccessibility(&event);
}

void NoticeBar::showProgress(const QString& text, const std::function<void()>& cancel) {
    show(text, false, tr("Cancel"), cancel);
    bar_->setValue(0);
    bar_->show();
}

void NoticeBar::setProgress(double share) {
    bar_->setValue(static_cast<int>(1000 * share));
}

void NoticeBar::showResult(const QString& text, const QString& action,
                           const std::function<void()>& act) {
    show(text, false, action, act);
}

void NoticeBar::showError(const QString& text) {
    show(text, true, {}, {});
}

QString NoticeBar::text() const {
    return isVisible() ? label_->text() : QString();
}

void NoticeBar::paintEvent(QPaintEvent*) {
    paintBarGround(*this, error_ ? BarMark::Warning : BarMark::News);
}

}  // namespace wedgeon
