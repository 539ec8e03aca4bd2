// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Speeds as swings: the swing first, the speed behind it.
#pragma once

#include <QString>
#include <optional>

#include "text/units.h"
#include "wedgeon/ladder/ladder.h"

namespace wedgeon::text {

QString swingName(const std::string& swing);
QString wayName(Way way);
/// A line of a ladder: its club, and its way where that is not the plain one.
QString lineName(const Ladder& ladder, std::size_t line);
/// "a third of the way from hip-high to rib-high".
QString swingSize(const SwingSize& size);
/// "rib-high (19.0 m/s)", "a third of the way from hip-high to rib-high (15.7 m/s)".
QString swingAndSpeed(const SwingLadder& ladder, double speed_mps, const Units& units);
/// "hip-high + 30 % (15.5 m/s)".
QString swingInShort(const SwingLadder& ladder, double speed_mps, const Units& units);
/// The same without the speed.
QString swingAlone(const SwingLadder& ladder, double speed_mps);
/// What somebody typed: the beginning of a swing's name, with "+ 30 %" of the way to the next; or a
/// number, which is a speed in the shown unit. Nothing for anything else.
std::optional<double> typedSpeed(const QString& typed, const SwingLadder& ladder,
                                 const Units& units);

}  // namespace wedgeon::text
