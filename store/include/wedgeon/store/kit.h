// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
/// \file What the logbook knows of players and of what they play with and from: players, their
/// wedges, balls, lies and grounds under names.
#pragma once

#include <cstdint>
#include <map>
#include <optional>
#include <string>
#include <vector>

#include "wedgeon/shot/conditions.h"
#include "wedgeon/shot/player_model.h"
#include "wedgeon/store/logbook.h"

namespace wedgeon::store {

struct Player {
    std::int64_t id = 0;
    std::string name;
    Hand hand = Hand::Right;
    std::string note;
};

/// One club as it was from one day to another: a regrooved or bent one is a new row.
struct KitWedge {
    std::int64_t id = 0;
    std::int64_t player = 0;
    std::string name;
    Wedge wedge;
    std::string sole;                ///< "wide, heel ground off"
    std::optional<double> length_m;  ///< of the club
    std::string grooves;             ///< "fresh", "worn"
    std::string since, until;        ///< ISO 8601; an empty until: still in the bag
    std::string note;
};

/// A part of the givens under a name.
struct KeptBall {
    std::string name;
    BallKind ball = BallKind::Soft;
};
struct KeptLie {
    std::string name;
    Lie lie;
};
struct KeptGround {
    std::string name;
    Ground ground;
};

/// The records of one logbook. Names are 1 to 240 bytes; keeping one under a name that is there
/// takes its place. Every change is a transaction. \throws StoreError from each; Malformed for a
/// name that is none and for numbers outside the model.
class Kit {
public:
    explicit Kit(Logbook& logbook) : logbook_(logbook) {}

    std::vector<Player> players() const;
    std::optional<Player> findPlayer(const std::string& name) const;
    /// Its id, also when it was there.
    std::int64_t keepPlayer(const Player& player);
    /// With the wedges; shots keep the name, and stay one player's.
    void removePlayer(const std::string& name);
    /// By which files and devices call him, too.
    std::vector<std::string> otherNames(const std::string& player) const;
    /// These and no others. The shots under such a name are his from now on, as those are that
    /// come; under one that is left out they are not any more. \throws StoreError Malformed for a
    /// name that another kept player has.
    void setOtherNames(const std::string& player, const std::vector<std::string>& names);
    /// The first one's shots, clubs, tunings and names are the second one's, as are those that come
    /// under his name; the second one's hand, tuning in use and swings stay, where he has them. Of
    /// two clubs of one name in the bag the first one's leaves it on \p today (ISO 8601).
    RowChanges mergePlayers(const std::string& from, const std::string& into,
                            const std::string& today);
    /// Every other name, with the player's own.
    std::map<std::string, std::string> allOtherNames() const;

    /// Those in the bag, by loft; with the ones that have left it when \p former.
    std::vector<KitWedge> wedges(const std::string& player, bool former = false) const;
    /// The wedge of this name in the player's bag is ended on \p today (ISO 8601) and this one
    /// begins; one kept twice on a day is only corrected.
    void keepWedge(const std::string& player, const KitWedge& wedge, const std::string& today);
    /// It leaves the bag; the record stays.
    void retireWedge(const std::string& player, const std::string& name, const std::string& today);

    std::vector<KeptBall> balls() const;
    void keep(const KeptBall& ball);
    std::vector<KeptLie> lies() const;
    void keep(const KeptLie& lie);
    std::vector<KeptGround> grounds() const;
    void keep(const KeptGround& ground);
    enum class Part { Ball, Lie, Ground };
    void remove(Part part, const std::string& name);

private:
    Logbook& logbook_;
};

}  // namespace wedgeon::store
