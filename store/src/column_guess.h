// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// What a column is, by what its header says.
#pragma once

#include <string_view>

#include "wedgeon/store/shot_file.h"

namespace wedgeon::store {

/// A header cut into its words and the unit that it carries.
struct HeaderParts {
    std::string_view name;
    std::string_view unit;   ///< as written; empty when there is none
    bool bracketed = false;  ///< the unit stood in brackets, so that it must be one
};
HeaderParts splitHeader(std::string_view header);

/// Fills quantity or label, unit and note. The unit of a quantity stays empty when the header has
/// none: finishGuess decides.
ColumnGuess guessColumn(std::string_view header, std::size_t column);

/// Settles the unit: \p unitText from the header or from a row of units, empty for none. Degrees
/// and rpm are the only units in use for angles and spin and are taken, with a note. False for a
/// speed or length without a unit: the file's numbers decide, else refuseUnitless.
bool finishGuess(ColumnGuess& guess, std::string_view unitText);
/// Gives the column up, with a note that says what the header should say.
void refuseUnitless(ColumnGuess& guess);

}  // namespace wedgeon::store
