// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// The shots of Watch that pass the filter, newest first: what list, chart and groups show. Among
// many shots they are looked for in a thread of its own.
#pragma once

#include <QAbstractListModel>
#include <memory>
#include <vector>

#include "desk/shot_filter.h"
#include "desk/watched_shots.h"
#include "work/latest_worker.h"

namespace wedgeon {

class ShownShots : public QAbstractListModel {
    Q_OBJECT

public:
    explicit ShownShots(WatchedShots& shots, QObject* parent = nullptr);

    void setFilter(const ShotFilter& filter);
    bool isFiltered() const { return !filter_.isEmpty(); }

    int rowCount(const QModelIndex& parent = {}) const override {
        if (parent.isValid()) return 0;
        return all_ ? shots_.rowCount() : static_cast<int>(rows_.size());
    }
    QVariant data(const QModelIndex& index, int role) const override;
    /// The row of WatchedShots behind a row of this.
    int sourceRow(int row) const { return all_ ? row : rows_[static_cast<std::size_t>(row)]; }
    /// The row of this that shows one of WatchedShots; -1 when the filter holds it back.
    int rowOfSource(int source) const;

signals:
    /// What is shown changed in number or in content.
    void shownChanged();

private:
    struct Wanted {
        std::shared_ptr<const ShotList> shots;
        ShotFilter filter;
        WatchedShots::Doubts doubts;
    };
    struct Found {
        std::vector<int> rows;
        std::size_t shots = 0;  ///< among so many
    };
    static Found find(const Wanted& wanted);
    bool accepts(int source) const;
    void filterAgain();
    void show(std::vector<int> rows);
    void added(int first, int last);
    void changed(int first, int last);

    WatchedShots& shots_;
    ShotFilter filter_;
    bool all_ = true;        ///< nothing is held back
    std::vector<int> rows_;  ///< of WatchedShots, rising; only where something is
    LatestWorker<Wanted, Found> finder_;
};

}  // namespace wedgeon
