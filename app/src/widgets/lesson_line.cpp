// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Painting stops and hops.
#include "widgets/lesson_line.h"

#include <QHBoxLayout>
#include <QPainter>
#include <QPainterPath>
#include <iterator>
#include <utility>

#include "style/style.h"
#include "text/units.h"
#include "widgets/sentence_label.h"

namespace wedgeon {

LessonStop::LessonStop(const QString& name, int key, QWidget* parent)
    : QAbstractButton(parent), key_(key) {
    setText(name);
    setCheckable(true);
    setAutoExclusive(true);
    setFocusPolicy(Qt::StrongFocus);
    setAccessibleName(name);
    setToolTip(tr("%1 (Alt+%2)").arg(name).arg(key));
    setSizePolicy(QSizePolicy::Fixed, QSizePolicy::Fixed);
    setCursor(Qt::PointingHandCursor);
}

void LessonStop::paintEvent(QPaintEvent*) {
    const style::Colours& c = style::colours(palette());
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    p.setPen(QPen(isChecked() ? c.predicted : c.former, 2));
    p.setBrush(isChecked() ? c.predicted : c.panel);
    const double radius = isChecked() ? 6 : underMouse() ? 5 : 3.5;
    p.drawEllipse(point(), radius, radius);
    const QFont f = style::font(15, isChecked() ? QFont::Bold : QFont::Normal);
    p.setFont(f);
    p.setPen(isChecked() ? c.ink : c.soft);
    const double width = QFontMetricsF(f).horizontalAdvance(text());
    const double x = std::max(2.0, point().x() - width / 2);
    p.drawText(QPointF(x, 48), text());
    p.setFont(style::font(12));
    p.setPen(c.soft);
    p.drawText(QPointF(x + width + 7, 48), QString::number(key_));
    if (hasFocus()) {
        p.setPen(QPen(c.predicted, 1, Qt::DotLine));
        p.setBrush(Qt::NoBrush);
        p.drawRoundedRect(QRectF(rect()).adjusted(0.5, 8.5, -30.5, -1.5), 4, 4);
    }
}

LessonLine::LessonLine(QWidget* parent) : QWidget(parent), layout_(new QHBoxLayout(this)) {
    layout_->setContentsMargins(38, 0, 24, 0);
    layout_->setSpacing(0);
    note_ = new LineLabel(SentenceLabel::Rank::Body, LineLabel::WhenTight::Dots, this);
    note_->setFont(style::font(13));
    note_->setAlignment(Qt::AlignRight | Qt::AlignVCenter);
    layout_->addWidget(note_, 1);
    setFixedHeight(58);
}

void LessonLine::addStop(const QString& name, int place) {
    auto* stop = new LessonStop(name, place, this);
    connect(stop, &QAbstractButton::clicked, this, [this, place] { emit chosen(place); });
    stops_.insert(place, stop);
    // In the lesson's order, whatever the order in which they came.
    layout_->insertWidget(static_cast<int>(std::distance(stops_.begin(), stops_.find(place))),
                          stop);
}

void LessonLine::setCurrent(int place) {
    stops_[place]->setChecked(true);
    update();
}

void LessonLine::setNote(const QString& note) {
    note_->setText(note);
    note_->setToolTip(text::tip(note));
}

void LessonLine::paintEvent(QPaintEvent*) {
    const style::Colours& c = style::colours(palette());
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    p.fillRect(rect(), c.panel);
    p.setPen(QPen(c.edge, 1));
    p.drawLine(QPointF(0, 0.5), QPointF(width(), 0.5));
    p.setPen(QPen(c.former, 1.2));
    // Each hop lower than the one before, as a ball's are.
    double rise = 20;
    const LessonStop* former = nullptr;
    for (const LessonStop* stop : std::as_const(stops_)) {
        if (former) {
            const QPointF from = former->pos() + former->point();
            const QPointF to = stop->pos() + stop->point();
            QPainterPath hop(from);
            hop.quadTo((from + to) / 2 + QPointF(0, -2 * rise), to);
            p.drawPath(hop);
            rise *= 0.8;
        }
        former = stop;
    }
}

}  // namespace wedgeon
