// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// The shots of a plan, the best first: what each does, with its chances as bars.
#pragma once

#include <QAbstractTableModel>
#include <QTableView>

#include "desk/planner.h"
#include "text/distances.h"

namespace wedgeon {

class PlanModel : public QAbstractTableModel {
    Q_OBJECT

public:
    enum Column { Shot, Way, Green, Inside, Again, Strokes, Why, columns };
    /// A chance, 0-1, to be drawn as a bar.
    static constexpr int chanceRole = Qt::UserRole + 1;

    using QAbstractTableModel::QAbstractTableModel;
    void show(std::shared_ptr<const PlanAnswer> answer, const Distances& distances);

    /// nullptr for a row that is not there.
    const PlannedShot* shot(int row) const;

    int rowCount(const QModelIndex& parent = {}) const override;
    int columnCount(const QModelIndex& = {}) const override { return columns; }
    QVariant data(const QModelIndex& index, int role) const override;
    QVariant headerData(int section, Qt::Orientation orientation, int role) const override;

private:
    QString textOf(std::size_t row, Column column) const;

    std::shared_ptr<const PlanAnswer> answer_;
    Distances distances_;
};

class PlanTable : public QTableView {
    Q_OBJECT

public:
    explicit PlanTable(QWidget* parent = nullptr);
    void show(const std::shared_ptr<const PlanAnswer>& answer, const Distances& distances);
    int chosen() const { return currentIndex().row(); }
    QSize sizeHint() const override { return {900, 160}; }
    QSize minimumSizeHint() const override { return {300, 146}; }

signals:
    void chosenChanged();
    void committed();

protected:
    void resizeEvent(QResizeEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;

private:
    void layOut();

    PlanModel* model_;
};

}  // namespace wedgeon
