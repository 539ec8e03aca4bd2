// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Staleness and the scrolling frame.
#include "views/shape/drawer_page.h"

#include <QScrollArea>
#include <QVBoxLayout>

#include "widgets/sentence_label.h"

namespace wedgeon {

DrawerPage::DrawerPage(Workbench& bench, const QString& title, QWidget* parent)
    : QWidget(parent), bench_(bench), title_(title) {
    auto* outer = new QVBoxLayout(this);
    outer->setContentsMargins(0, 0, 0, 0);
    auto* area = new QScrollArea;
    area->setFrameShape(QFrame::NoFrame);
    area->setWidgetResizable(true);
    area->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    area->setAccessibleName(title);
    auto* inner = new QWidget;
    for (QWidget* w : {static_cast<QWidget*>(area), area->viewport(), inner})
        w->setBackgroundRole(QPalette::NoRole);
    area->viewport()->setAutoFillBackground(false);
    inner->setAutoFillBackground(false);
    content_ = new QVBoxLayout(inner);
    content_->setContentsMargins(16, 4, 16, 12);
    content_->setSpacing(6);
    area->setWidget(inner);
    inner->setAutoFillBackground(false);
    outer->addWidget(area);
    connect(&bench_, &Workbench::changed, this, &DrawerPage::markStale);
    connect(&bench_, &Workbench::unitsChanged, this, &DrawerPage::markStale);
}

SentenceLabel* DrawerPage::addTitle(const QString& text) {
    auto* label = new SentenceLabel(SentenceLabel::Rank::Title);
    label->setText(text);
    content_->addWidget(label);
    return label;
}

SentenceLabel* DrawerPage::addWhy(const QString& text) {
    auto* label = new SentenceLabel(SentenceLabel::Rank::Why);
    label->setText(text);
    content_->addWidget(label);
    return label;
}

void DrawerPage::markStale() {
    if (!isVisible()) {
        stale_ = true;
        return;
    }
    refresh();
}

void DrawerPage::showEvent(QShowEvent* event) {
    if (stale_) {
        stale_ = false;
        refresh();
    }
    QWidget::showEvent(event);
}

}  // namespace wedgeon
