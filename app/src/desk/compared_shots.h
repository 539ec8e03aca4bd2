// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// One side of a comparison: a shot, or a group of shots, with what was measured on the average.
#pragma once

#include <optional>
#include <span>
#include <vector>

#include "desk/shown_shots.h"
#include "wedgeon/explain/compare.h"
#include "wedgeon/explain/run_shares.h"

namespace wedgeon {

/// A mean with the half width of its 80 % interval; 0 for a single shot.
struct MeasuredMean {
    double mean = 0.0, half80 = 0.0;
};

class ComparedShots {
public:
    /// More of a group are not kept; they are taken evenly from all of it.
    static constexpr std::size_t mostShots = 150;

    ComparedShots(const WatchedShots& shots, int row);
    /// The counted ones of what is shown. \p words: the filter, for the name.
    ComparedShots(const WatchedShots& shots, const ShownShots& shown, const QString& words);

    bool isGroup() const { return group_; }
    bool isEmpty() const { return members_.empty(); }
    /// "shot 63", "12 shots (lob)".
    const QString& name() const { return name_; }
    /// Predicts them with what fills what the shots do not say. Many that were seen by eye take
    /// half a second.
    void watchAll(const store::Fallback& fallback);
    bool takesLong() const;

    std::optional<MeasuredMean> measured(store::Quantity quantity) const;
    /// The members as the core compares them, with what was read of \p tracks.
    struct Compared {
        Outcome outcome;
        Track track;
    };
    std::vector<ComparedShot> compared(std::span<const Compared> tracks) const;
    /// How the members landed: as their measured launch flies, else as the strike is predicted.
    struct Landed {
        Landing landing;
        std::optional<double> release_m;  ///< as it was measured
    };
    std::vector<Landed> landed() const;
    /// Some member says it of itself.
    bool says(store::Label label) const;
    /// The logbook's ids of the members.
    std::vector<std::int64_t> shotIds() const;
    /// The one that is drawn: of a group the one whose carry is in the middle; null for none.
    const WatchedShot* typical() const;
    /// Where the members came to rest as measured, along and to the right [m].
    std::vector<std::array<double, 2>> rests() const;

private:
    struct Member {
        std::int64_t id = 0;
        store::ShotRecord record;
        WatchedShot watched;
    };

    bool group_ = false;
    QString name_;
    std::vector<Member> members_;
};

}  // namespace wedgeon
