// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Choosing between what is tuned and the priors.
#include "wedgeon/shot/player_model.h"

namespace wedgeon {

PlayerScatter PlayerModel::scatter() const {
    return tuning && tuning->delivery.scatter ? *tuning->delivery.scatter : PlayerScatter{};
}

PlayerModel PlayerModel::onDay(std::string_view day) const {
    PlayerModel out = *this;
    if (tuning) {
        if (auto own = tuning->ofDay(day)) out.tuning = std::move(own);
    }
    return out;
}

bool PlayerModel::operator==(const PlayerModel& other) const {
    const bool sameSwings =
        swings == other.swings || (swings && other.swings && *swings == *other.swings);
    return name == other.name && hand == other.hand && tuning == other.tuning && sameSwings;
}

}  // namespace wedgeon
