// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// What one sees and feels of a lie, and what is said of ground and wind, as choices.
#pragma once

#include <QStringList>

#include "text/units.h"
#include "wedgeon/ground/ground.h"
#include "wedgeon/lie/reading.h"

namespace wedgeon::text {

/// In the order of the enumerators.
QStringList choices(GrassHeight);
QStringList choices(GrassColour);
QStringList choices(GrassLies);
QStringList choices(BallSits);
QStringList choices(GrassHand);
QStringList choices(PracticeSwing);

/// "half up the ball, lush, against, grabbed": what was said, in a line; empty for nothing.
QString lieSeen(const LieAnswers& answers);
/// "Cover 40 % (25-57), the club keeps 91-96 % of its speed."
QString lieNumbers(const LieReading& reading);

/// A firmness that has a word.
struct FirmnessWord {
    const char* english;
    double firmness;
};
/// "soft after rain", "ordinary", "firm", "hard and dry": the word next to \p firmness.
QStringList firmnessWords();
int firmnessWordOf(double firmness);
double firmnessOfWord(int word);

}  // namespace wedgeon::text
