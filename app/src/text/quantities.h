// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// The one table of the measured quantities as people read and write them: names, units in the
// chosen system, decimals, limits and steps. Everything that shows or asks for one has it from
// here.
#pragma once

#include <optional>

#include "text/units.h"
#include "wedgeon/store/shot_record.h"

namespace wedgeon::text {

/// A measured quantity as people read, type and step it.
struct QuantityForm {
    QString name;       ///< "Club speed"
    QString shortName;  ///< "launch", for a narrow column
    QString unit;
    double factor;           ///< shown value of one SI unit
    int decimals;            ///< that are worth showing
    double low, high, step;  ///< as shown; what a reading can be
};
QuantityForm formOf(store::Quantity quantity, const Units& units);
/// "Club speed".
QString nameOf(store::Quantity quantity);
/// "club speed", in the middle of a sentence.
QString inSentence(store::Quantity quantity);
/// "launch".
QString shortNameOf(store::Quantity quantity);
/// "spin rate [rpm]".
QString axisName(store::Quantity quantity, const Units& units);
/// "Face condition".
QString nameOf(store::Label label);
/// With its unit.
QString shown(store::Quantity quantity, double si, const Units& units);
/// The one that a word means: its name, its key, or the short form that coaches say ("spin",
/// "attack", "release").
std::optional<store::Quantity> quantityCalled(const QString& word);
std::optional<store::Label> labelCalled(const QString& word);

}  // namespace wedgeon::text
