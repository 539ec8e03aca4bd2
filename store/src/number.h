// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// A number as files write it.
#pragma once

#include <string_view>

#include "wedgeon/store/message.h"

namespace wedgeon::store {

struct ParsedNumber {
    enum class State { Blank, Good, Bad } state = State::Blank;
    long double value = 0.0;  ///< so that one rounding is left for the way to SI
    Says reason{};            ///< for Bad
};

/// Accepts a sign, digits, one decimal mark and an exponent, blanks around and a degree sign
/// behind. Thousands may be grouped by the other mark, a blank or an apostrophe, in threes.
/// "-", "--" and "n/a" count as blank; "NaN" and "inf" are refused.
ParsedNumber parseNumber(std::string_view text, bool decimalComma);

/// Whether \p text is a number that only a decimal comma (or only a point) explains.
bool looksDecimalComma(std::string_view text);
bool looksDecimalPoint(std::string_view text);
/// One comma with three digits behind it, which either may mean.
bool looksCommaAndThree(std::string_view text);

}  // namespace wedgeon::store
