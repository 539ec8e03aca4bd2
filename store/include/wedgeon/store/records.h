// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
/// \file All that a logbook holds beside its shots, read at once: small enough to be shown from
/// memory while the file itself is busy.
#pragma once

#include <map>
#include <memory>
#include <string>
#include <vector>

#include "wedgeon/store/attachments.h"
#include "wedgeon/store/kit.h"
#include "wedgeon/store/notes.h"
#include "wedgeon/store/recipe_file.h"
#include "wedgeon/store/shot_givens.h"
#include "wedgeon/store/situation_file.h"
#include "wedgeon/store/trainings.h"
#include "wedgeon/store/tunings.h"

namespace wedgeon::store {

struct Records {
    std::vector<Session> sessions;
    std::vector<Player> players;
    std::map<std::string, std::string> otherNames;        ///< of players: the player's own by each
    std::map<std::string, std::vector<KitWedge>> wedges;  ///< by player, with former ones
    std::vector<KeptBall> balls;
    std::vector<KeptLie> lies;
    std::vector<KeptGround> grounds;
    std::vector<NamedRecipe> recipes;
    std::vector<Situation> situations;
    std::vector<Attachment> attachments;
    std::vector<Training> trainings;                         ///< the oldest first
    std::vector<Drill> drills;                               ///< the coach's own
    std::vector<Note> notes;                                 ///< of all players, the oldest first
    std::map<std::string, std::vector<KeptTuning>> tunings;  ///< by player, without ids of shots
    std::map<std::string, std::int64_t> inUse;               ///< a player's tuning
    std::shared_ptr<const Players> everyone = std::make_shared<Players>();  ///< never null

    /// With the tuning in use; a name that nobody has is a right-hander without one.
    PlayerModel modelOf(const std::string& name) const;
    const Player* findPlayer(const std::string& name) const;
    /// The others by which files call him, by name.
    std::vector<std::string> otherNamesOf(const std::string& player) const;
    /// Of a shot, or of a recipe by its name, in the order in which they were added.
    std::vector<Attachment> attachmentsOf(std::int64_t shot) const;
    std::vector<Attachment> attachmentsOf(const std::string& recipe) const;
    /// By loft; with those that have left the bag when \p former.
    std::vector<KitWedge> wedgesOf(const std::string& player, bool former = false) const;
    /// The one in use; nullptr for the priors.
    const KeptTuning* tuningInUse(const std::string& player) const;
};

/// The same with another of the player's tunings in use; with 0, or one that he has not, the
/// priors.
std::shared_ptr<const Records> withTuningInUse(const Records& records, const std::string& player,
                                               std::int64_t id);

/// The same with other swings of the player; with none, an ordinary player's.
std::shared_ptr<const Records> withSwings(const Records& records, const std::string& player,
                                          std::shared_ptr<const SwingSet> swings);

/// A tuning that \p former has is the same one, so that what was predicted with it stands.
/// \throws StoreError.
std::shared_ptr<const Records> readRecords(Logbook& logbook, const Records* former = nullptr);

}  // namespace wedgeon::store
