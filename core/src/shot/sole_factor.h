// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// How a player's low point and depth scatter with a set-up, beside his ordinary one.
#pragma once

#include "wedgeon/delivery/scatter.h"
#include "wedgeon/shot/player_model.h"

namespace wedgeon {

inline double soleFactor(const PlayerModel& player, const Recipe& declared) {
    return strikeScatterFactor(declared,
                               player.tuning ? player.tuning->delivery.shotsLike(declared) : 0.0);
}

}  // namespace wedgeon
