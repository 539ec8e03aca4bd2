// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// What is not known exactly of a strike, and how it moves one.
#pragma once

#include <functional>
#include <vector>

#include "wedgeon/normal.h"
#include "wedgeon/shot/shot.h"
#include "wedgeon/shot/spread.h"

namespace wedgeon {

/// Everything that a source can move.
struct StrikeInputs {
    Delivery delivery;
    Contact contact;
    Surroundings around;
    StrikeLaw law;

    ShotResult play() const { return calcShotWith(delivery, contact, around, law); }
};

/// One source: its standard deviation, and the move by so much.
struct SourceMove {
    double sd;
    std::function<void(StrikeInputs&, double)> by;
};

/// Those of ball, face, head, air and ground, which two shots have in common, and of the device's
/// biases where the club was read.
std::vector<SourceMove> movesOfParameters(const SpreadSource& source);
/// Those of the club's delivery, which differ from shot to shot, in the order of Scatter up to
/// Loft; they go together as source.club says.
inline constexpr std::size_t clubMoves = 5;
std::vector<SourceMove> movesOfDelivery(const SpreadSource& source);

}  // namespace wedgeon
