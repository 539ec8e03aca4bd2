// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
/// \file A player's swings in the logbook, and what names of swings say.
#pragma once

#include <map>
#include <optional>
#include <string>
#include <string_view>
#include <vector>

#include "wedgeon/shot/swing_set.h"
#include "wedgeon/store/logbook.h"

namespace wedgeon::store {

/// On one line, as the logbook keeps it: docs/formats.md.
std::string formatSwings(const SwingSet& set);
/// \throws StoreError Malformed or RangeError saying which field is wrong.
SwingSet parseSwings(std::string_view json);

/// The swings of the players of one logbook. \throws StoreError from each.
class SwingSets {
public:
    explicit SwingSets(Logbook& logbook) : logbook_(logbook) {}

    /// By player; the empty name is whoever uses the program.
    std::map<std::string, SwingSet> all() const;
    /// In the place of what was kept of this player. \throws RangeError from the set.
    void keep(const std::string& player, const SwingSet& set);
    /// He has an ordinary player's again.
    void remove(const std::string& player);

private:
    Logbook& logbook_;
};

/// The length of a swing of that share of a full one's speed, to a thousandth, as people would
/// write it.
double lengthOf(SwingKind kind, double speedShare);

/// Whether two names mean one swing: "Hip-high" and "hip high" do.
bool sameSwing(std::string_view a, std::string_view b);

/// A swing as shots call it.
struct HitSwing {
    std::string name;
    double speed_mps = 0.0;  ///< 0: not measured
    std::size_t shots = 0;
};
/// \p set with those of \p hit that it lacks, each where its words put it (knee to shoulder, an
/// hour, a share, half, full), else its speed, else in the middle; the ones with most shots as long
/// as there is room. Without a set the kind is what most of the words say.
SwingSet withHitSwings(const std::optional<SwingSet>& set, std::vector<HitSwing> hit);

}  // namespace wedgeon::store
