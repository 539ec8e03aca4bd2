// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// One cell as a reading: a side, a number, a unit.
#pragma once

#include <optional>
#include <string_view>

#include "number.h"
#include "wedgeon/store/shot_record.h"

namespace wedgeon::store {

struct CellReading {
    ParsedNumber number;       ///< right of the line is positive; in \ref unit, else the column's
    std::optional<Unit> unit;  ///< where one of the right dimension stands behind the number
};
/// Of a quantity with sides also "3.2 L" and "R 4".
CellReading readCell(std::string_view cell, bool decimalComma, const QuantityInfo& quantity);

}  // namespace wedgeon::store
