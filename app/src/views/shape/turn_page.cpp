// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// The page around the drawing.
#include "views/shape/turn_page.h"

#include <QVBoxLayout>

#include "drawings/turn_drawing.h"
#include "widgets/sentence_label.h"

namespace wedgeon {

TurnPage::TurnPage(Workbench& bench, QWidget* parent)
    : DrawerPage(bench, tr("Beside a mid-iron"), parent), drawing_(new TurnDrawing(bench)) {
    content()->addWidget(drawing_, 1);
    compared_ = addWhy();
    compared_->setRank(SentenceLabel::Rank::Body);
    addWhy(
        tr("The shaft is tilted, so a turn about it changes loft and direction together: opening "
           "adds loft and moves the ball sideways less than shutting by as much, the more so "
           "the more loft the club has."));
    // Once more after the drawing, whose words these are.
    connect(&bench_, &Workbench::changed, this, &TurnPage::refresh);
}

void TurnPage::refresh() {
    compared_->setText(drawing_->compared());
}

QString TurnPage::asText() const {
    return drawing_->accessibleDescription();
}

}  // namespace wedgeon
