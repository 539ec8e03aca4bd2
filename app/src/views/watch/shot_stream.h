// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// A list whose rows are all of one height: a million of them cost no more than a screenful.
#pragma once

#include <QAbstractItemView>

namespace wedgeon {

class ShotStream : public QAbstractItemView {
    Q_OBJECT

public:
    explicit ShotStream(int rowHeight, QWidget* parent = nullptr);

    QRect visualRect(const QModelIndex& index) const override;
    void scrollTo(const QModelIndex& index, ScrollHint hint = EnsureVisible) override;
    QModelIndex indexAt(const QPoint& point) const override;

protected:
    QModelIndex moveCursor(CursorAction action, Qt::KeyboardModifiers modifiers) override;
    int horizontalOffset() const override { return 0; }
    int verticalOffset() const override;
    bool isIndexHidden(const QModelIndex&) const override { return false; }
    void setSelection(const QRect& rect, QItemSelectionModel::SelectionFlags command) override;
    QRegion visualRegionForSelection(const QItemSelection& selection) const override;
    void paintEvent(QPaintEvent* event) override;
    void resizeEvent(QResizeEvent* event) override;
    void rowsInserted(const QModelIndex& parent, int first, int last) override;
    void dataChanged(const QModelIndex& first, const QModelIndex& last,
                     const QVector<int>& roles) override;
    void updateGeometries() override;

private:
    int rows() const { return model() ? model()->rowCount(rootIndex()) : 0; }

    const int rowHeight_;
};

}  // namespace wedgeon
