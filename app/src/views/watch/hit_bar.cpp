// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// A line for each wish.
#include "views/watch/hit_bar.h"

#include <QCheckBox>
#include <QHBoxLayout>
#include <QToolButton>
#include <QVBoxLayout>

#include "style/style.h"
#include "text/sentences.h"
#include "views/view.h"
#include "widgets/sentence_label.h"

namespace wedgeon {

HitBar::HitBar(HitList& list, Workbench& bench, QWidget* parent)
    : QWidget(parent), list_(list), bench_(bench) {
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(16, 4, 0, 6);
    column->setSpacing(4);
    auto* head = new QHBoxLayout;
    title_ = new SentenceLabel(SentenceLabel::Rank::Title);
    title_->setObjectName(QStringLiteral("hitTitle"));
    auto* close = new QToolButton;
    close->setText(QStringLiteral("×"));
    close->setAutoRaise(true);
    close->setAccessibleName(tr("Drop the list of shots to hit"));
    close->setToolTip(tr("Drop the list"));
    connect(close, &QToolButton::clicked, &list_, &HitList::clear);
    head->addWidget(title_, 1);
    head->addWidget(close);
    column->addLayout(head);
    lines_ = new QVBoxLayout;
    lines_->setSpacing(2);
    column->addLayout(lines_);
    connect(&list_, &HitList::changed, this, &HitBar::refresh);
    connect(&bench_, &Workbench::unitsChanged, this, &HitBar::refresh);
    refresh();
}

void HitBar::refresh() {
    const auto& wishes = list_.wishes();
    setVisible(!wishes.empty());
    while (lines_->count() > static_cast<int>(wishes.size())) {
        QLayoutItem* item = lines_->takeAt(lines_->count() - 1);
        item->widget()->deleteLater();
        delete item;
    }
    std::size_t done = 0;
    for (std::size_t i = 0; i < wishes.size(); ++i) {
        const HitList::Wish& w = wishes[i];
        done += w.isDone() ? 1 : 0;
        if (lines_->count() <= static_cast<int>(i)) {
            auto* box = new QCheckBox;
            box->setFont(style::font(13));
            connect(box, &QCheckBox::clicked, &list_, [this, i](bool on) { list_.setDone(i, on); });
            lines_->addWidget(box);
        }
        auto* box = static_cast<QCheckBox*>(lines_->itemAt(static_cast<int>(i))->widget());
        box->setText(tr("%1 of %2: %3")
                         .arg(w.hit)
                         .arg(w.shot.times)
                         .arg(text::nextShot(w.shot, bench_.swings(), bench_.units())));
        box->setChecked(w.isDone());
    }
    title_->setText(
        !wishes.empty() && done == wishes.size()
            ? tr("All hit. Tune (Alt+%1) has more to go on now.").arg(static_cast<int>(Stop::Tune))
            : tr("To hit for the tuning of %1").arg(list_.player()));
}

}  // namespace wedgeon
