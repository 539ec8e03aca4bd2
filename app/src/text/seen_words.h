// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// What was seen of a shot, as a coach types it in one line, and as it is said back.
#pragma once

#include <QString>
#include <QVector>
#include <optional>

#include "text/units.h"
#include "wedgeon/seen/seen.h"

namespace wedgeon::text {

/// One line of what was seen.
struct SeenLine {
    Sighting seen;
    QString strike;            ///< a key, also of toe and heel; empty: not noted
    std::optional<int> swing;  ///< by its number, from 1
    QStringList words;         ///< that it was understood of, in full
    QString trouble;           ///< the first word that is not understood, and why
    bool isEmpty() const { return seen.empty() && strike.isEmpty(); }
};

/// Numbers in the shown unit: the first is where it landed, the second where it rests; one with a
/// sign is where it landed beside \p spot_m. A number with a letter: "2b" the second bounce bit,
/// "1.5f" flagsticks high, "2r" rests to the right, "3s" the third swing, "38p" a length in paces
/// of \p pace_m. Words may be shortened as far as only one begins so. In any order.
SeenLine parseSeen(const QString& line, const Units& units, double spot_m, double pace_m);

/// "Landed at 34 m, rests at 41 m; second bounce bit; below the head; clean; small turf from the
/// ball on."
QString seenSaid(const Sighting& seen, const QString& strike, const Units& units);

/// A word for the line, and what it stands for.
struct SeenWord {
    QString word, means;
};
struct SeenWords {
    QString about;  ///< such as "Height"
    QVector<SeenWord> words;
};
QVector<SeenWords> seenWords();

}  // namespace wedgeon::text
