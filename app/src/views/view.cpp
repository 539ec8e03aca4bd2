// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// What views have in common.
#include "views/view.h"

#include <QAction>
#include <QImage>
#include <QPainter>
#include <algorithm>
#include <utility>

#include "drawings/drawing.h"
#include "paper/paper.h"
#include "style/style.h"

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

ReportPicture View::reportPicture(Drawing& drawing, int height_px) {
    constexpr int width_px = 660, fineness = 2;
    ReportPicture out;
    out.words = drawing.accessibleDescription();
    out.width_px = width_px;
    out.image = QImage(QSize(width_px, height_px) * fineness, QImage::Format_RGB32);
    out.image.fill(Qt::white);
    QPainter painter(&out.image);
    painter.setRenderHint(QPainter::Antialiasing);
    painter.scale(fineness, fineness);
    drawing.paintOn(painter, QSizeF(width_px, height_px),
                    style::colours(style::palette(style::Theme::Light)));
    return out;
}

void View::printPicture(Paper& paper) {
    paper.picture(size(), [this](QPainter& p) { paintPicture(p, size()); });
}

void View::print(Paper& paper) {
    paper.title(name());
    QVector<Drawing*> drawings;
    for (auto* d : findChildren<Drawing*>()) {
        if (d->isVisible()) drawings.append(d);
    }
    const auto placeOf = [this](const Drawing* d) { return d->mapTo(this, QPoint()); };
    // As they are read.
    std::stable_sort(drawings.begin(), drawings.end(), [&](const Drawing* a, const Drawing* b) {
        const QPoint pa = placeOf(a), pb = placeOf(b);
        return std::pair(pa.y(), pa.x()) < std::pair(pb.y(), pb.x());
    });
    QVector<Paper::Sketch> sketches;
    for (Drawing* d : std::as_const(drawings)) {
        sketches.append({d->accessibleName(), d->size(),
                         [d](QPainter& p, QSizeF room, const style::Colours& colours) {
                             d->paintOn(p, room, colours);
                         }});
    }
    if (sketches.isEmpty()) printPicture(paper);
    paper.sketches(sketches);
    paper.text(asText());
}

}  // namespace wedgeon
