// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// The line and its mark.
#include "views/watch/live_bar.h"

#include <QCheckBox>
#include <QHBoxLayout>
#include <QPainter>
#include <QPushButton>

#include "style/style.h"
#include "widgets/sentence_label.h"

namespace wedgeon {

LiveBar::LiveBar(LiveLink& link, QWidget* parent) : QWidget(parent), link_(link) {
    auto* row = new QHBoxLayout(this);
    row->setContentsMargins(38, 2, 8, 2);
    words_ = new SentenceLabel(SentenceLabel::Rank::Body);
    words_->setObjectName(QStringLiteral("liveWords"));
    words_->setFont(style::font(13));
    newest_ = new QPushButton(tr("Newest (F)"));
    newest_->setToolTip(tr("Show each shot as it comes again"));
    connect(newest_, &QPushButton::clicked, this, &LiveBar::newestWanted);
    hold_ = new QPushButton;
    stop_ = new QPushButton(tr("Stop listening"));
    row->addWidget(words_, 1);
    row->addWidget(newest_);
    auto* declares = new QCheckBox(tr("With the set-up in Shape"));
    declares->setFont(style::font(13));
    declares->setToolTip(tr("Declare the set-up of Shape for every shot that comes in"));
    declares->setChecked(link_.declares());
    connect(declares, &QCheckBox::toggled, &link_, &LiveLink::setDeclares);
    // A shot that was committed to in Read is declared without being asked for again.
    connect(&link_, &LiveLink::changed, declares,
            [this, declares] { declares->setChecked(link_.declares()); });
    row->addWidget(declares);
    trust_ = new QPushButton(tr("Take its shots"));
    row->addWidget(trust_);
    connect(trust_, &QPushButton::clicked, &link_, &LiveLink::trustPeer);
    row->addWidget(hold_);
    row->addWidget(stop_);
    connect(hold_, &QPushButton::clicked, this,
            [this] { link_.setHeld(link_.state() != LiveLink::State::Held); });
    connect(stop_, &QPushButton::clicked, &link_, &LiveLink::stop);
    connect(&link_, &LiveLink::changed, this, &LiveBar::refresh);
    refresh();
}

void LiveBar::setFollows(bool follows) {
    follows_ = follows;
    newest_->setVisible(!follows_);
}

void LiveBar::refresh() {
    newest_->setVisible(!follows_);
    const auto state = link_.state();
    setVisible(state != LiveLink::State::Off);
    words_->setText(link_.words());
    trust_->setVisible(state == LiveLink::State::Asking);
    hold_->setVisible(state != LiveLink::State::Asking);
    hold_->setText(state == LiveLink::State::Held ? tr("Resume") : tr("Hold"));
    hold_->setEnabled(state == LiveLink::State::Live || state == LiveLink::State::Held);
    update();
}

void LiveBar::paintEvent(QPaintEvent*) {
    const style::Colours& c = style::colours(palette());
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    const QPointF at(24, height() / 2.0);
    switch (link_.state()) {
        case LiveLink::State::Live:
            p.setPen(Qt::NoPen);
            p.setBrush(c.turf);
            p.drawEllipse(at, 6, 6);
            break;
        case LiveLink::State::Held:
            p.setPen(QPen(c.ink, 3));
            p.drawLine(at + QPointF(-3, -6), at + QPointF(-3, 6));
            p.drawLine(at + QPointF(3, -6), at + QPointF(3, 6));
            break;
        default:
            p.setPen(QPen(c.warning, 2));
            p.setBrush(Qt::NoBrush);
            p.drawPolygon(QPolygonF{at + QPointF(0, -7), at + QPointF(8, 6), at + QPointF(-8, 6)});
    }
}

}  // namespace wedgeon
