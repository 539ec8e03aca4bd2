// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// How each part of a set-up and each result is named, measured and stepped in a field or a
// sentence: the one place that knows.
#pragma once

#include "text/units.h"
#include "wedgeon/shot/quantity.h"
#include "wedgeon/store/shot_record.h"
#include "widgets/quantity_field.h"

namespace wedgeon {

QuantityField::Shape shapeOf(Dial dial, const Units& units);
/// What measures it.
store::Quantity quantityOf(Outcome outcome);
QuantityField::Shape shapeOf(Outcome outcome, const Units& units);
/// The value with its unit, as the field would show it.
QString shown(const QuantityField::Shape& shape, double si);
/// "+0.6 ± 0.2 m".
QString signedWith(const QuantityField::Shape& shape, double si, double half);

}  // namespace wedgeon
