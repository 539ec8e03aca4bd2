// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Filtering.
#include "desk/shown_shots.h"

#include <algorithm>

namespace wedgeon {
namespace {

/// So many are looked through while a person types; more would be felt.
constexpr int atOnce = 20'000;

}  // namespace

ShownShots::ShownShots(WatchedShots& shots, QObject* parent)
    : QAbstractListModel(parent),
      shots_(shots),
      finder_(&ShownShots::find, [this](const Found& found) {
          std::vector<int> rows = found.rows;
          const int came = shots_.rowCount() - static_cast<int>(found.shots);
          if (came < 0) return;
          // Those that came meanwhile stand above.
          for (int& row : rows)
              row += came;
          std::vector<int> newer;
          for (int row = 0; row < came; ++row) {
              if (accepts(row)) newer.push_back(row);
          }
          rows.insert(rows.begin(), newer.begin(), newer.end());
          show(std::move(rows));
      }) {
    connect(&shots_, &QAbstractItemModel::modelReset, this, [this] {
        beginResetModel();
        rows_.clear();
        finder_.forget();
        all_ = filter_.isEmpty();
        endResetModel();
        if (all_) {
            emit shownChanged();
        } else {
            filterAgain();
        }
    });
    connect(&shots_, &QAbstractItemModel::rowsInserted, this,
            [this](const QModelIndex&, int first, int last) { added(first, last); });
    connect(&shots_, &QAbstractItemModel::dataChanged, this,
            [this](const QModelIndex& first, const QModelIndex& last) {
                changed(first.row(), last.row());
            });
}

void ShownShots::setFilter(const ShotFilter& filter) {
    filter_ = filter;
    filterAgain();
}

bool ShownShots::accepts(int source) const {
    const store::LoggedShot& shot = shots_.loggedAt(source);
    std::string words;
    ShotFilter::addWords(shot.record, words);
    return filter_.accepts(shot, words,
                           filter_.needsDoubts() && store::isDoubtful(shots_.doubtsAt(source)));
}

ShownShots::Found ShownShots::find(const Wanted& wanted) {
    Found out;
    out.shots = wanted.shots->size();
    std::string words;
    for (std::size_t row = 0; row < out.shots; ++row) {
        const std::size_t i = out.shots - 1 - row;
        const store::LoggedShot& shot = (*wanted.shots)[i];
        bool doubtful = false;
        if (wanted.filter.needsDoubts()) {
            const auto* notes = wanted.doubts.find(i);
            doubtful = notes && store::isDoubtful(store::sharedDoubts(*notes, shot));
        }
        words.clear();
        ShotFilter::addWords(shot.record, words);
        if (wanted.filter.accepts(shot, words, doubtful)) out.rows.push_back(static_cast<int>(row));
    }
    return out;
}

void ShownShots::filterAgain() {
    finder_.forget();
    if (filter_.isEmpty()) {
        if (all_) {
            if (rowCount() > 0) emit dataChanged(index(0), index(rowCount() - 1));
        } else {
            beginResetModel();
            all_ = true;
            rows_.clear();
            endResetModel();
        }
        emit shownChanged();
        return;
    }
    if (shots_.rowCount() > atOnce) {
        finder_.ask({shots_.snapshot(), filter_, shots_.doubts()});
        return;
    }
    std::vector<int> next;
    for (int row = 0; row < shots_.rowCount(); ++row) {
        if (accepts(row)) next.push_back(row);
    }
    show(std::move(next));
}

void ShownShots::show(std::vector<int> rows) {
    if (!all_ && rows == rows_) {
        if (!rows_.empty()) emit dataChanged(index(0), index(rowCount() - 1));
    } else {
        beginResetModel();
        all_ = false;
        rows_ = std::move(rows);
        endResetModel();
    }
    emit shownChanged();
}

void ShownShots::added(int first, int last) {
    if (all_) {
        beginInsertRows({}, first, last);
        endInsertRows();
        emit shownChanged();
        return;
    }
    // New shots come on top; all others move down.
    const int count = last - first + 1;
    for (int& row : rows_) {
        if (row >= first) row += count;
    }
    std::vector<int> newer;
    for (int row = first; row <= last; ++row) {
        if (accepts(row)) newer.push_back(row);
    }
    if (!newer.empty()) {
        beginInsertRows({}, 0, static_cast<int>(newer.size()) - 1);
        rows_.insert(rows_.begin(), newer.begin(), newer.end());
        endInsertRows();
    }
    emit shownChanged();
}

void ShownShots::changed(int first, int last) {
    if (!all_ && first == last) {
        // One shot: it appears, goes, or is painted anew.
        const bool wanted = accepts(first);
        const auto at = std::lower_bound(rows_.begin(), rows_.end(), first);
        const bool there = at != rows_.end() && *at == first;
        const int row = static_cast<int>(at - rows_.begin());
        if (wanted && !there) {
            beginInsertRows({}, row, row);
            rows_.insert(at, first);
            endInsertRows();
        } else if (!wanted && there) {
            beginRemoveRows({}, row, row);
            rows_.erase(at);
            endRemoveRows();
        } else if (there) {
            emit dataChanged(index(row), index(row));
        }
        emit shownChanged();
        return;
    }
    if (!all_ && filter_.needsDoubts()) return filterAgain();
    const int from = all_ ? first : 0;
    const int to = all_ ? last : rowCount() - 1;
    if (to >= from) emit dataChanged(index(from), index(to));
    emit shownChanged();
}

int ShownShots::rowOfSource(int source) const {
    if (all_) return source < shots_.rowCount() ? source : -1;
    const auto at = std::lower_bound(rows_.begin(), rows_.end(), source);
    return at != rows_.end() && *at == source ? static_cast<int>(at - rows_.begin()) : -1;
}

QVariant ShownShots::data(const QModelIndex& index, int role) const {
    if (!index.isValid()) return {};
    return shots_.data(shots_.index(sourceRow(index.row())), role);
}

}  // namespace wedgeon
