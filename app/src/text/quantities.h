// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// The measured quantities as people read and write them: names, and units in the chosen system.
#pragma once

#include <optional>

#include "text/units.h"
#include "wedgeon/store/shot_record.h"

namespace wedgeon::text {

/// Shown value of one SI unit, the unit, and how many decimals are worth showing.
struct QuantityUnit {
    double factor;
    QString name;
    int decimals;
};
QuantityUnit unitOf(store::Quantity quantity, const Units& units);
/// "Club speed".
QString nameOf(store::Quantity quantity);
/// "spin rate [rpm]".
QString axisName(store::Quantity quantity, const Units& units);
/// "Face condition".
QString nameOf(store::Label label);
/// With its unit, as unitOf has it.
QString shown(store::Quantity quantity, double si, const Units& units);
/// The one that a word means: its name, its key, or the short form that coaches say ("spin",
/// "attack", "release").
std::optional<store::Quantity> quantityCalled(const QString& word);
std::optional<store::Label> labelCalled(const QString& word);

}  // namespace wedgeon::text
