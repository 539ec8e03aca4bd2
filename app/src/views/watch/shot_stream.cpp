// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Where the rows are.
#include "views/watch/shot_stream.h"

#include <QPaintEvent>
#include <QPainter>
#include <QScrollBar>
#include <algorithm>

namespace wedgeon {

ShotStream::ShotStream(int rowHeight, QWidget* parent)
    : QAbstractItemView(parent), rowHeight_(rowHeight) {
    setSelectionMode(SingleSelection);
    setEditTriggers(NoEditTriggers);
    // A row is the step of the bar: a million rows in pixels would not fit its whole numbers.
    verticalScrollBar()->setSingleStep(1);
}

int ShotStream::verticalOffset() const {
    return verticalScrollBar()->value();
}

QRect ShotStream::visualRect(const QModelIndex& index) const {
    if (!index.isValid()) return {};
    const qint64 y = (static_cast<qint64>(index.row()) - verticalOffset()) * rowHeight_;
    if (y < -rowHeight_ || y > viewport()->height()) return {};
    return {0, static_cast<int>(y), viewport()->width(), rowHeight_};
}

QModelIndex ShotStream::indexAt(const QPoint& point) const {
    const int row = verticalOffset() + point.y() / rowHeight_;
    return point.y() >= 0 && row < rows() ? model()->index(row, 0, rootIndex()) : QModelIndex();
}

void ShotStream::scrollTo(const QModelIndex& index, ScrollHint hint) {
    if (!index.isValid()) return;
    const int whole = std::max(1, viewport()->height() / rowHeight_);
    const int top = verticalOffset();
    const int row = index.row();
    int wanted = top;
    if (hint == PositionAtCenter) {
        wanted = row - whole / 2;
    } else if (row < top || hint == PositionAtTop) {
        wanted = row;
    } else if (row >= top + whole || hint == PositionAtBottom) {
        wanted = row - whole + 1;
    }
    verticalScrollBar()->setValue(std::max(0, wanted));
    viewport()->update();
}

QModelIndex ShotStream::moveCursor(CursorAction action, Qt::KeyboardModifiers) {
    const int count = rows();
    if (count == 0) return {};
    const int page = std::max(1, viewport()->height() / rowHeight_ - 1);
    int row = std::max(0, currentIndex().row());
    switch (action) {
        case MoveUp:
        case MovePrevious:
        case MoveLeft:
            row -= 1;
            break;
        case MoveDown:
        case MoveNext:
        case MoveRight:
            row += 1;
            break;
        case MovePageUp:
            row -= page;
            break;
        case MovePageDown:
            row += page;
            break;
        case MoveHome:
            row = 0;
            break;
        case MoveEnd:
            row = count - 1;
            break;
    }
    return model()->index(std::clamp(row, 0, count - 1), 0, rootIndex());
}

void ShotStream::setSelection(const QRect& rect, QItemSelectionModel::SelectionFlags command) {
    const QModelIndex index = indexAt(rect.center());
    if (index.isValid()) selectionModel()->select(index, command);
}

QRegion ShotStream::visualRegionForSelection(const QItemSelection& selection) const {
    QRegion region;
    for (const QItemSelectionRange& range : selection) {
        const int from = std::max(range.top(), verticalOffset());
        const int to =
            std::min(range.bottom(), verticalOffset() + viewport()->height() / rowHeight_ + 1);
        for (int row = from; row <= to; ++row)
            region += visualRect(model()->index(row, 0, rootIndex()));
    }
    return region;
}

void ShotStream::paintEvent(QPaintEvent* event) {
    QPainter p(viewport());
    QStyleOptionViewItem option;
    initViewItemOption(&option);
    const int first = verticalOffset() + event->rect().top() / rowHeight_;
    const int last = std::min(rows() - 1, verticalOffset() + event->rect().bottom() / rowHeight_);
    for (int row = first; row <= last; ++row) {
        const QModelIndex index = model()->index(row, 0, rootIndex());
        QStyleOptionViewItem its = option;
        its.rect = visualRect(index);
        its.state.setFlag(QStyle::State_Selected, selectionModel()->isSelected(index));
        its.state.setFlag(QStyle::State_HasFocus, hasFocus() && index == currentIndex());
        itemDelegateForIndex(index)->paint(&p, its, index);
    }
}

void ShotStream::updateGeometries() {
    const int whole = std::max(1, viewport()->height() / rowHeight_);
    verticalScrollBar()->setRange(0, std::max(0, rows() - whole));
    verticalScrollBar()->setPageStep(whole);
    QAbstractItemView::updateGeometries();
}

void ShotStream::resizeEvent(QResizeEvent* event) {
    QAbstractItemView::resizeEvent(event);
    updateGeometries();
}

void ShotStream::rowsInserted(const QModelIndex& parent, int first, int last) {
    const bool atTop = verticalOffset() == 0;
    QAbstractItemView::rowsInserted(parent, first, last);
    updateGeometries();
    // Who looks further down goes on seeing the same rows.
    if (!atTop && first <= verticalOffset())
        verticalScrollBar()->setValue(verticalOffset() + last - first + 1);
    viewport()->update();
}

void ShotStream::dataChanged(const QModelIndex&, const QModelIndex&, const QVector<int>&) {
    viewport()->update();
}

}  // namespace wedgeon
