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

/// Accepts a sign (also the true minus), digits, one decimal mark and an exponent, blanks around
/// and a degree sign behind. Thousands may be grouped by the other mark, a blank or an apostrophe,
/// in threes.
/// "-", "--" and "n/a" count as blank; "NaN" and "inf" are refused.
ParsedNumber parseNumber(std::string_view text, bool decimalComma);

/// A cell such as "31.2 yd": what stands up to its last digit, and what stands behind.
struct NumberAndUnit {
    std::string_view number, unit;
};
NumberAndUnit takeUnit(std::string_view cell);

/// What the one comma or point of a number can be: with three digits behind it, the decimal mark or
/// one between thousands.
enum class MarkSeen { None, Comma, Point, CommaAndThree, PointAndThree };
MarkSeen markSeen(std::string_view cell);

}  // namespace wedgeon::store
