// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Filtering.
#include "model/shown_shots.h"

#include <algorithm>

namespace wedgeon {

ShownShots::ShownShots(WatchedShots& shots, QObject* parent)
    : QAbstractListModel(parent), shots_(shots) {
    connect(&shots_, &QAbstractItemModel::modelReset, this, [this] {
        beginResetModel();
        rows_ = matching();
        endResetModel();
        emit shownChanged();
    });
    connect(&shots_, &QAbstractItemModel::rowsInserted, this,
            [this](const QModelIndex&, int first, int last) { added(first, last); });
    connect(&shots_, &QAbstractItemModel::dataChanged, this, [this] { filterAgain(); });
    rows_ = matching();
}

void ShownShots::setFilter(const ShotFilter& filter) {
    filter_ = filter;
    filterAgain();
}

bool ShownShots::accepts(int source) const {
    return filter_.accepts(shots_.loggedAt(source), shots_.wordsAt(source),
                           filter_.needsDoubts() && !shots_.doubtsAt(source).empty());
}

std::vector<int> ShownShots::matching() const {
    std::vector<int> out;
    const int all = shots_.rowCount();
    out.reserve(static_cast<std::size_t>(all));
    for (int row = 0; row < all; ++row) {
        if (filter_.isEmpty() || accepts(row)) out.push_back(row);
    }
    return out;
}

void ShownShots::filterAgain() {
    std::vector<int> next = matching();
    if (next == rows_) {
        if (!rows_.empty()) emit dataChanged(index(0), index(rowCount() - 1));
    } else {
        beginResetModel();
        rows_ = std::move(next);
        endResetModel();
    }
    emit shownChanged();
}

void ShownShots::added(int first, int last) {
    // New shots come on top; all others move down.
    const int count = last - first + 1;
    for (int& row : rows_) {
        if (row >= first) row += count;
    }
    for (int row = last; row >= first; --row) {
        if (!accepts(row)) continue;
        beginInsertRows({}, 0, 0);
        rows_.insert(rows_.begin(), row);
        endInsertRows();
    }
    emit shownChanged();
}

int ShownShots::rowOfSource(int source) const {
    const auto at = std::lower_bound(rows_.begin(), rows_.end(), source);
    return at != rows_.end() && *at == source ? static_cast<int>(at - rows_.begin()) : -1;
}

QVariant ShownShots::data(const QModelIndex& index, int role) const {
    if (!index.isValid()) return {};
    return shots_.data(shots_.index(sourceRow(index.row())), role);
}

}  // namespace wedgeon
