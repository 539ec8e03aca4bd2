// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
/// \file A player's recorded shots as his history takes them: measures by day, and what changed
/// when.
#pragma once

#include <array>
#include <string>
#include <vector>

#include "wedgeon/store/records.h"
#include "wedgeon/store/shot_list.h"
#include "wedgeon/train/history.h"

namespace wedgeon::store {

/// One wedge with one swing; or all of them, about the middle of each.
struct HistoryGroup {
    std::string club, swing;  ///< as his clubs and swings are called; empty: all
    std::size_t shots = 0;
    std::array<std::vector<DayValues>, allQuantityCount> measures;  ///< by Quantity
    std::vector<DayValues> clean;  ///< 1 for a shot struck clean, 0 for another one
    const std::vector<DayValues>& operator[](Quantity q) const {
        return measures[static_cast<std::size_t>(q)];
    }
};

enum class ChangeKind { Ball, Club, Recipe, Tuning, Trial, Lesson };
struct HistoryChange {
    double day = 0.0;  ///< days since 1970
    ChangeKind kind = ChangeKind::Ball;
    std::string what;  ///< its name, or a key
    bool operator==(const HistoryChange&) const = default;
};

struct HistoryShots {
    HistoryGroup all;                  ///< each value less its group's level, plus that of all
    std::vector<HistoryGroup> groups;  ///< those with the most shots first
    std::size_t shots = 0, days = 0;
    std::size_t setAside = 0, withoutDay = 0;
    std::vector<HistoryChange> changes;  ///< the oldest first
};

/// The counted shots of \p player, measured or seen by eye. A ball or a recipe changes on the first
/// day on which most shots that say theirs have another one than on the days before. The levels of
/// groups are fitted with the days (value = group + day, least squares) and then taken as known; a
/// group of one day, or one whose days no other one shares, is left out of \c all.
HistoryShots findHistoryShots(const ShotList& shots, const Fallback& fallback,
                              const Records& records, const std::string& player);

}  // namespace wedgeon::store
