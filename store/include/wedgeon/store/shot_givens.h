// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
/// \file What a recorded shot says about wedge, ball, face and lie, in the model's terms.
#pragma once

#include <map>
#include <memory>
#include <optional>
#include <string>

#include "wedgeon/shot/predictor.h"
#include "wedgeon/store/shot_record.h"

namespace wedgeon::store {

/// Every player that the logbook knows, with what is tuned to him; also by his other names.
using Players = std::map<std::string, PlayerModel>;

/// What stands in for all that recorded shots do not say.
struct Fallback {
    PlayerModel player;
    Conditions conditions;
    std::shared_ptr<const Players> everyone;  ///< none: nobody else is known

    bool operator==(const Fallback&) const = default;
};

/// Who hit one shot and what it met: from its record where it says so, else from the fallback.
struct ShotGivens {
    PlayerModel player;
    Conditions conditions;
    /// \throws RangeError from a lie or a line that is none.
    Predictor predictor() const { return {player, conditions}; }
    bool wedgeFromRecord = false;
    bool ballFromRecord = false;
    bool faceFromRecord = false;
    bool lieFromRecord = false;
};
/// The own name of the player whom a shot names, by that or another name; the word itself for one
/// that nobody knows.
const std::string& findPlayerName(const ShotRecord& record, const Fallback& fallback);
/// A shot that names another player is his, with his hand and tuning; on a day whose ground was
/// fitted that is the ground.
ShotGivens findShotGivens(const ShotRecord& record, const Fallback& fallback);

/// The measured club at the strike, when speed, attack and dynamic loft are there. A missing path
/// or face angle counts as straight. Dynamic loft is worked out from spin loft and attack when
/// only that was measured.
std::optional<Delivery> findDelivery(const ShotRecord& record);

/// The measured ball just after the strike, when speed, launch angle and spin are there.
std::optional<Launch> findLaunch(const ShotRecord& record);

/// Release as measured, or total less carry.
std::optional<double> findRelease_m(const ShotRecord& record);

}  // namespace wedgeon::store
