// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Opening and closing.
#include "views/shape/drawer.h"

#include <QHBoxLayout>
#include <QShortcut>
#include <QStackedWidget>
#include <QToolButton>
#include <QVBoxLayout>

#include "views/shape/drawer_page.h"
#include "widgets/sentence_label.h"

namespace wedgeon {

Drawer::Drawer(QWidget* parent) : Panel(parent) {
    setFixedWidth(412);
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(1, 8, 1, 1);
    column->setSpacing(2);
    auto* line = new QHBoxLayout;
    line->setContentsMargins(16, 0, 8, 0);
    title_ = new SentenceLabel(SentenceLabel::Rank::Title);
    auto* close = new QToolButton;
    close->setText(QStringLiteral("×"));
    close->setAutoRaise(true);
    close->setAccessibleName(tr("Close the drawer"));
    close->setToolTip(tr("Close (Esc)"));
    line->addWidget(title_, 1);
    line->addWidget(close);
    column->addLayout(line);
    pages_ = new QStackedWidget;
    column->addWidget(pages_, 1);
    connect(close, &QToolButton::clicked, this, &Drawer::closeDrawer);
    auto* escape = new QShortcut(QKeySequence(Qt::Key_Escape), this);
    escape->setContext(Qt::WidgetWithChildrenShortcut);
    connect(escape, &QShortcut::activated, this, &Drawer::closeDrawer);
    hide();
}

void Drawer::add(DrawerPage* page) {
    pages_->addWidget(page);
}

void Drawer::open(DrawerPage* page) {
    title_->setText(page->title());
    pages_->setCurrentWidget(page);
    show();
    emit changed();
}

void Drawer::toggle(DrawerPage* page) {
    if (current() == page) {
        closeDrawer();
    } else {
        open(page);
    }
}

DrawerPage* Drawer::current() const {
    return isHidden() ? nullptr : static_cast<DrawerPage*>(pages_->currentWidget());
}

void Drawer::closeDrawer() {
    hide();
    emit changed();
}

}  // namespace wedgeon
