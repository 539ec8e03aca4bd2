// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
/// \file Recorded shots as a ladder takes them.
#pragma once

#include <string>

#include "wedgeon/ladder/ladder.h"
#include "wedgeon/store/records.h"
#include "wedgeon/store/shot_list.h"

namespace wedgeon::store {

/// The counted shots of one player, as a ladder takes them.
struct LadderShots {
    LadderRequest request;
    std::size_t setAside = 0;
    std::size_t withoutSwing = 0;  ///< that say no swing or no club, or neither carry nor total
};
/// Clubs are those in the player's bag and those that his shots name; swings his own, with those
/// that his shots name besides. Where a shot says nothing of its ball it is \p fallback's, its face
/// fresh and dry, its lie short and dry; air and ground are an ordinary calm day's for every shot,
/// as nothing is logged of them. The plain day is such a one with the ball of \p fallback.
LadderShots findLadderShots(const ShotList& shots, const Fallback& fallback, const Records& records,
                            const std::string& player);

}  // namespace wedgeon::store
