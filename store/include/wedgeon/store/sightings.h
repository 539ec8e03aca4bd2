// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
/// \file Shots that were seen by eye: how a record keeps what was seen, and what the model makes of
/// them.
#pragma once

#include <optional>
#include <string>
#include <string_view>

#include "wedgeon/seen/fit_seen.h"
#include "wedgeon/store/shot_givens.h"
#include "wedgeon/store/shot_list.h"

namespace wedgeon::store {

/// A document of what was seen, JSON as in docs/formats.md; the strike is the record's own word.
std::string formatSighting(const Sighting& seen);
/// \throws StoreError Malformed that names the field; RangeError.
Sighting parseSighting(std::string_view json);
/// What was seen of the shot, its strike with it; nothing where nobody noted anything that can be
/// read.
std::optional<Sighting> findSighting(const ShotRecord& record);

/// A quantity as it was seen, where it was: carry, release, total, side of the rest, apex.
std::optional<double> findSeen(const Sighting& seen, Quantity quantity);

/// The set-up that a seen shot is held against: as it was declared, else an ordinary one; with the
/// speed of its swing where that was tuned.
Recipe findSetUp(const ShotRecord& record, const PlayerModel& player);
/// What a seen shot must have had; nothing where it was not seen or its set-up cannot be played.
std::optional<SeenShot> weighSighting(const ShotRecord& record, const ShotGivens& givens);

/// Collects seen shots of one player into the question of what they have in common.
class SeenShots {
public:
    SeenShots(PlayerModel player, SwingSet swings);
    /// False where the record tells no swing of his or nothing was seen.
    bool add(const ShotRecord& record, const ShotGivens& givens);
    const SeenFitRequest& request() const { return request_; }

private:
    SwingSet swings_;
    SeenFitRequest request_;
};

}  // namespace wedgeon::store
