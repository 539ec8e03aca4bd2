// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// The trouble bar.
#include "widgets/trouble_bar.h"

#include <QAccessible>
#include <QHBoxLayout>
#include <QLabel>
#include <QPushButton>

#include "widgets/bar_ground.h"

namespace wedgeon {

TroubleBar::TroubleBar(QWidget* parent) : QWidget(parent) {
    row_ = new QHBoxLayout(this);
    row_->setContentsMargins(38, 6, 14, 6);
    row_->setSpacing(8);
    label_ = new QLabel(this);
    label_->setTextFormat(Qt::PlainText);
    label_->setWordWrap(true);
    label_->setTextInteractionFlags(Qt::TextSelectableByMouse);
    label_->setObjectName(QStringLiteral("troubleWords"));
    row_->addWidget(label_, 1);
    hide();
}

void TroubleBar::tell(const QString& text, const Ways& ways) {
    const bool news = text != label_->text() || !isVisible();
    label_->setText(text);
    setAccessibleName(text);
    for (QPushButton* b : buttons_) {
        b->hide();
        b->deleteLater();  // it may be the one that was just pressed
    }
    buttons_.clear();
    for (const auto& [name, act] : ways) {
        auto* button = new QPushButton(name, this);
        button->setAutoDefault(false);
        row_->addWidget(button);
        connect(button, &QPushButton::clicked, this, [act = act] { act(); });
        buttons_.push_back(button);
    }
    setVisible(true);
    update();
    if (!news) return;
    QAccessibleEvent event(this, QAccessible::Alert);
    QAccessible::updateAccessibility(&event);
}

QString TroubleBar::text() const {
    return isVisible() ? label_->text() : QString();
}

void TroubleBar::paintEvent(QPaintEvent*) {
    paintBarGround(*this, BarMark::Warning);
}

}  // namespace wedgeon
