// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// The shots of Watch that pass the filter, newest first: what list, chart and groups show.
#pragma once

#include <QAbstractListModel>
#include <vector>

#include "model/shot_filter.h"
#include "model/watched_shots.h"

namespace wedgeon {

class ShownShots : public QAbstractListModel {
    Q_OBJECT

public:
    explicit ShownShots(WatchedShots& shots, QObject* parent = nullptr);

    void setFilter(const ShotFilter& filter);
    bool isFiltered() const { return !filter_.isEmpty(); }

    int rowCount(const QModelIndex& parent = {}) const override {
        return parent.isValid() ? 0 : static_cast<int>(rows_.size());
    }
    QVariant data(const QModelIndex& index, int role) const override;
    /// The row of WatchedShots behind a row of this.
    int sourceRow(int row) const { return rows_[static_cast<std::size_t>(row)]; }
    /// The row of this that shows one of WatchedShots; -1 when the filter holds it back.
    int rowOfSource(int source) const;

signals:
    /// What is shown changed in number or in content.
    void shownChanged();

private:
    bool accepts(int source) const;
    std::vector<int> matching() const;
    void filterAgain();
    void added(int first, int last);

    WatchedShots& shots_;
    ShotFilter filter_;
    std::vector<int> rows_;  ///< of WatchedShots, rising
};

}  // namespace wedgeon
