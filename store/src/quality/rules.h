// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
/// \file The rules that look at many shots at once.
#pragma once

#include "strikes.h"

namespace wedgeon::store::quality {

/// Repeats, values that stand still, spin in round hundreds or by a formula.
void judgeDevice(Judged& judged);
/// Ball against club: first a day against the other days, then a shot against its day, or against
/// the heap that it lies in.
void findDepartures(Judged& judged, const Strikes& strikes);
/// Carry, apex and landing angle against the flight of the launch that was measured. What wind,
/// drag and lift do to all shots of a day is the day's, not a shot's.
void findFlights(Judged& judged);
/// Shots that are far from this player's own pattern.
void findOutliers(Judged& judged, const Strikes& strikes);

}  // namespace wedgeon::store::quality
