// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
/// \file Recorded shots as the tuning takes them.
#pragma once

#include <cstdint>
#include <optional>
#include <string>
#include <vector>

#include "wedgeon/seen/fit_seen.h"
#include "wedgeon/store/shot_givens.h"
#include "wedgeon/store/shot_list.h"
#include "wedgeon/tune/tune.h"

namespace wedgeon::store {

/// One shot; nothing when the club was not measured. \p session names what is left out together.
std::optional<TuneShot> findTuneShot(const ShotRecord& record, const Fallback& fallback,
                                     int session);

struct TuneShots {
    std::vector<TuneShot> shots;
    std::vector<std::size_t> from;  ///< index in the given shots
    std::vector<std::string> days;  ///< names of the sessions, in the order of their numbers
    std::size_t setAside = 0, withoutClub = 0;
    SeenFitRequest seen;                ///< those of the player that were seen by eye
    std::vector<std::size_t> seenFrom;  ///< index of these in the given shots
    std::uint64_t digest = 0;           ///< of all that a fit sees: equal ones give the same fit
};
/// The counted shots of \p player (of all when empty) whose club was measured. A session is a day,
/// by the first ten characters of the time, else a session of the logbook.
TuneShots findTuneShots(const ShotList& shots, const Fallback& fallback,
                        const std::string& player = {});

/// A fit of such shots as it is kept: whose it is, and the ground of each dated day.
Tuning makeTuning(const PlayerFit& fit, const TuneShots& shots, const std::string& player);

}  // namespace wedgeon::store
