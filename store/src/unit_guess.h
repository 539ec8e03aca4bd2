// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// What unit a column is in when its header does not say: by what its numbers look like beside the
// others.
#pragma once

#include <optional>
#include <vector>

#include "wedgeon/store/message.h"

namespace wedgeon::store {

/// Typical values of a file, by quantity, as they stand there.
struct TypicalValue {
    Quantity quantity;
    double value = 0.0;        ///< median
    std::optional<Unit> unit;  ///< where the header says it
};

struct UnitGuess {
    std::optional<Unit> speed, length;
    std::optional<Unit> height;  ///< of the apex, which may be in feet beside yards
    std::optional<Message> why;
};

/// Units of the speeds and lengths that have none. Where ball speed, launch, spin and carry are
/// there, the flight decides: the pair of units that brings the carry within 5 %, and no other
/// within 5 % more; the apex is in the unit that brings it within 12 % of the flight's. Else a
/// speed that no wedge swing has in m/s is mph. Empty where neither tells.
UnitGuess guessUnits(const std::vector<TypicalValue>& typical);

/// Why a column of these values cannot be this quantity, such as a spin of 24 rpm; nothing when it
/// can.
std::optional<Message> findImpossible(Quantity quantity, double median_si);

}  // namespace wedgeon::store
