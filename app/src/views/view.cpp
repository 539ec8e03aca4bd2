// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// What views have in common.
#include "views/view.h"

#include <QAction>
#include <utility>

#include "paper/paper.h"

namespace wedgeon {

View::View(Desk& desk, QString key, Stop stop, QWidget* parent)
    : QWidget(parent), desk_(desk), key_(std::move(key)), stop_(stop) {
    connect(&desk_, &Desk::changed, this, [this](Desk::Parts parts) {
        stale_ |= parts;
        if (isVisible()) refresh(std::exchange(stale_, {}));
    });
}

void View::showEvent(QShowEvent* event) {
    QWidget::showEvent(event);
    if (stale_) refresh(std::exchange(stale_, {}));
    takeFocus();
}

void View::setShown(bool shown) {
    shown_ = shown;
    for (QAction* a : std::as_const(whileShown_))
        a->setEnabled(shown);
}

QAction* View::addCommand(const QString& text, const QKeySequence& keys, std::function<void()> act,
                          Reach reach) {
    auto* action = new QAction(text, this);
    action->setShortcut(keys);
    if (reach == Reach::WhileShown) {
        action->setEnabled(shown_);
        whileShown_.append(action);
    }
    connect(action, &QAction::triggered, this, [this, reach, act = std::move(act)] {
        if (reach == Reach::Anywhere) emit viewWanted(key_);
        act();
    });
    commands_.append(action);
    return action;
}

void View::addCommandSeparator() {
    auto* line = new QAction(this);
    line->setSeparator(true);
    commands_.append(line);
}

void View::paintPicture(QPainter& painter, const QSize& size) {
    (void)size;
    render(&painter);
}

void View::print(Paper& paper) {
    paper.title(name());
    paper.picture(size(), [this](QPainter& p) { paintPicture(p, size()); });
    paper.text(asText());
}

}  // namespace wedgeon
