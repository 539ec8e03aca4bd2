// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
/// \file Recorded shots as the search for a cause takes them: a pattern, and the player's usual
/// shots before it.
#pragma once

#include <cstdint>
#include <span>
#include <stop_token>
#include <string>
#include <vector>

#include "wedgeon/cause/cause.h"
#include "wedgeon/store/shot_givens.h"
#include "wedgeon/store/shot_list.h"

namespace wedgeon::store {

struct CauseShots {
    CauseRequest request;            ///< complaints and priors are not set
    std::string player;              ///< whose they are
    std::size_t withoutReading = 0;  ///< of the pattern: nothing was read or seen of them
    std::size_t ofOthers = 0;        ///< of the pattern: hit by somebody else than its first shot
};

/// \p pattern are ids of shots in \p shots, which are in the order in which they were hit. Usual is
/// what the same player hit before the first of them on other days, with the same wedge and swing:
/// the newest, of the kinds that he hit most. The speed of a kind is the middle of what was
/// measured of his usual shots with this wedge and swing, else as the swing was tuned or declared.
/// A strike that the readings show to be fat or thin counts as seen so. With no pattern the
/// request has one kind: \p fallback with \p declared.
CauseShots findCauseShots(const ShotList& shots, std::span<const std::int64_t> pattern,
                          const Fallback& fallback, const Recipe& declared,
                          const std::stop_token& stop = {});

}  // namespace wedgeon::store
