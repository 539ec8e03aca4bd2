// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// The drills that the program knows, with windows computed for the player and the day.
#pragma once

#include <vector>

#include "desk/workbench.h"
#include "wedgeon/store/kit.h"
#include "wedgeon/train/drill.h"

namespace wedgeon {

/// From the recipe, player, wedge, lie and ground on the bench, and the swings that the player has;
/// \p bag for the one with three lofts. One that cannot be played there is left out. \p seed for
/// distances by chance.
std::vector<Drill> makeDrills(const Workbench& bench, const std::vector<store::KitWedge>& bag,
                              std::uint64_t seed);

}  // namespace wedgeon
