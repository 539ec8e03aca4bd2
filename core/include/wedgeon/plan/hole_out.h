// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
/// \file How many strokes it still takes from where a ball rests.
#pragma once

#include <memory>
#include <vector>

#include "wedgeon/ground/terrain.h"
#include "wedgeon/shot/swing_set.h"

namespace wedgeon {

/// Mean strokes from a distance: putts on the green, and what a worse place costs besides. A plain
/// value that a coach can change.
struct HoleOutTable {
    struct Row {
        double distance_m = 0.0, putts = 1.0;
        bool operator==(const Row&) const = default;
    };
    std::vector<Row> putts;  ///< by rising distance
    double fringe = 0.0, fairway = 0.0, rough = 0.0, bunker = 0.0;
    double water = 1.0;  ///< for the drop behind it

    /// Rounded from published shot-level statistics (M. Broadie, Interfaces 42, 2012, and the book
    /// that followed), known to about 0.05 strokes.
    static HoleOutTable of(Level level);

    /// \throws RangeError for "putts" outside 3-40 rows, not rising in distance (0.05-200 m) or
    /// falling in putts (1-6), and costs outside 0-5.
    void validate() const;
    bool operator==(const HoleOutTable&) const = default;
};

/// The table between its rows.
class HoleOut {
public:
    /// \throws RangeError from the table.
    explicit HoleOut(const HoleOutTable& table);

    const HoleOutTable& table() const { return table_; }
    /// Monotone cubics between the rows (F. N. Fritsch and R. E. Carlson, SIAM J. Numer. Anal. 17,
    /// 1980), 1 at the hole, on beyond the last row as steeply as between the last two.
    double putts(double distance_m) const;
    /// From a place of that kind. In water: the stroke, and a drop \p distance_m from the hole on
    /// short grass.
    double strokes(ZoneKind kind, double distance_m) const;

private:
    class Curve;

    HoleOutTable table_;
    std::shared_ptr<const Curve> curve_;
};

/// What green speed and slope add to \ref HoleOut::putts, at most 0.15 either way: 0.0375 for each
/// foot over 10, 0.025 for each per cent of slope, less where the putt is short. A prior.
double puttsForGreen(double stimp_ft, double slope, double distance_m);

}  // namespace wedgeon
