// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Strict numbers: all of the cell or nothing.
#include "number.h"

#include <algorithm>
#include <array>
#include <charconv>
#include <cmath>
#include <cstdint>
#include <limits>
#include <string>
#include <utility>

#include "text.h"

namespace wedgeon::store {
namespace {

constexpr std::size_t longestNumber = 48;

bool isBlankWord(std::string_view s) {
    constexpr std::array words{"",   "-",    "--",           "---",         "n/a",
                               "na", "null", "\xE2\x80\x93", "\xE2\x80\x94"};
    return std::any_of(words.begin(), words.end(),
                       [&](std::string_view w) { return text::equalNoCase(s, w); });
}

/// Blanks that do not break, the true minus and a typographic apostrophe as a keyboard has them.
std::string plainSigns(std::string_view raw) {
    std::string out(raw);
    if (std::all_of(raw.begin(), raw.end(),
                    [](char c) { return static_cast<signed char>(c) >= 0; }))
        return out;
    for (const auto& [from, to] : {std::pair{"\xC2\xA0", " "}, std::pair{"\xE2\x80\xAF", " "},
                                   std::pair{"\xE2\x80\x89", " "}, std::pair{"\xE2\x80\x99", "'"},
                                   std::pair{"\xE2\x88\x92", "-"}}) {
        for (std::size_t at = 0; (at = out.find(from, at)) != std::string::npos; ++at)
            out.replace(at, std::string_view(from).size(), to);
    }
    return out;
}

/// Digits, then \p mark, then digits; counts what follows the mark.
bool hasOneMark(std::string_view s, char mark, std::size_t& decimals) {
    s = text::trimmed(s);
    if (!s.empty() && (s.front() == '-' || s.front() == '+')) s.remove_prefix(1);
    const std::size_t at = s.find(mark);
    if (at == std::string_view::npos || at == 0) return false;
    decimals = s.size() - at - 1;
    return std::all_of(s.begin(), s.begin() + static_cast<std::ptrdiff_t>(at), text::isDigit) &&
           std::all_of(s.begin() + static_cast<std::ptrdiff_t>(at) + 1, s.end(), text::isDigit);
}

/// Takes group marks out of the digits before the decimal mark; false when a group is not three.
bool ungroup(std::string& s, char decimalMark) {
    const char groupMark = decimalMark == ',' ? '.' : ',';
    const std::size_t end = std::min(s.find(decimalMark), s.size());
    const auto isGroup = [&](char c) { return c == groupMark || c == ' ' || c == '\''; };
    std::string out;
    std::size_t run = 0;
    bool grouped = false;
    for (std::size_t i = 0; i < end; ++i) {
        if (isGroup(s[i])) {
            if (run == 0 || (grouped && run != 3)) return false;
            grouped = true;
            run = 0;
            continue;
        }
        if (text::isDigit(s[i])) ++run;
        out.push_back(s[i]);
    }
    if (grouped && run != 3) return false;
    if (std::any_of(s.begin() + static_cast<std::ptrdiff_t>(end), s.end(), isGroup)) return false;
    s = out + s.substr(end);
    return true;
}

/// An ordinary number such as "-12.34": sign, digits, one mark, digits, 15 digits in all. Exact:
/// mantissa and power of ten are both whole, and one division rounds once. Almost every
/// cell of a large file is one.
bool parseOrdinary(std::string_view s, char mark, long double& value) {
    constexpr std::array<long double, 16> powers{1.0, 1e1, 1e2,  1e3,  1e4,  1e5,  1e6,  1e7,
                                                 1e8, 1e9, 1e10, 1e11, 1e12, 1e13, 1e14, 1e15};
    constexpr std::size_t mostDigits = 15;
    std::size_t i = !s.empty() && s.front() == '-' ? 1 : 0;
    std::int64_t mantissa = 0;
    std::size_t digits = 0;
    std::size_t decimals = 0;
    bool marked = false;
    for (; i < s.size(); ++i) {
        const char c = s[i];
        if (text::isDigit(c)) {
            mantissa = 10 * mantissa + (c - '0');
            decimals += marked ? 1 : 0;
            if (++digits > mostDigits) return false;
        } else if (c == mark && !marked && digits > 0) {
            marked = true;
        } else {
            return false;
        }
    }
    if (digits == 0 || (marked && decimals == 0)) return false;
    value = static_cast<long double>(mantissa) / powers[decimals];
    if (s.front() == '-') value = -value;
    return true;
}

}  // namespace

MarkSeen markSeen(std::string_view cell) {
    const std::string plain = plainSigns(takeUnit(cell).number);
    // Of two kinds the last one is the decimal mark.
    const std::size_t lastComma = plain.rfind(','), lastPoint = plain.rfind('.');
    if (lastComma != std::string::npos && lastPoint != std::string::npos)
        return lastComma > lastPoint ? MarkSeen::Comma : MarkSeen::Point;
    for (const bool comma : {true, false}) {
        std::size_t decimals = 0;
        if (!hasOneMark(plain, comma ? ',' : '.', decimals) || decimals == 0) continue;
        if (decimals == 3) return comma ? MarkSeen::CommaAndThree : MarkSeen::PointAndThree;
        return comma ? MarkSeen::Comma : MarkSeen::Point;
    }
    return MarkSeen::None;
}

NumberAndUnit takeUnit(std::string_view cell) {
    const std::size_t last = cell.find_last_of("0123456789");
    if (last == std::string_view::npos) return {cell, {}};
    std::size_t from = last + 1;
    // "31.": the mark belongs to the number.
    if (from < cell.size() && (cell[from] == '.' || cell[from] == ',')) ++from;
    std::string_view unit = cell.substr(from);
    for (bool more = true; more;) {
        more = false;
        for (const std::string_view blank :
             {" ", "\t", "\r", "\xC2\xA0", "\xE2\x80\xAF", "\xE2\x80\x89"}) {
            if (!unit.starts_with(blank)) continue;
            unit.remove_prefix(blank.size());
            more = true;
        }
    }
    return {cell.substr(0, from), text::trimmed(unit)};
}

ParsedNumber parseNumber(std::string_view raw, bool decimalComma) {
    using State = ParsedNumber::State;
    long double ordinary = 0.0;
    if (parseOrdinary(raw, decimalComma ? ',' : '.', ordinary)) return {State::Good, ordinary, {}};
    const std::string plain = plainSigns(raw);
    std::string_view s = text::trimmed(plain);
    for (const std::string_view degree : {"\xC2\xB0", "\xC2\xBA"}) {
        if (s.ends_with(degree)) s = text::trimmed(s.substr(0, s.size() - degree.size()));
    }
    if (isBlankWord(s)) return {State::Blank, 0.0, {}};
    if (s.size() > longestNumber) return {State::Bad, 0.0, Says::TooLongForNumber};
    if (s.front() == '+') s.remove_prefix(1);
    std::string digits(s);
    // "- 3.1": the sign stands apart.
    if (digits.size() > 1 && digits[0] == '-')
        digits.erase(1, std::min(digits.find_first_not_of(' ', 1), digits.size()) - 1);
    if (!ungroup(digits, decimalComma ? ',' : '.')) return {State::Bad, 0.0, Says::NotANumber};
    if (decimalComma) std::replace(digits.begin(), digits.end(), ',', '.');

    long double value = 0.0;
    const auto [end, error] = std::from_chars(digits.data(), digits.data() + digits.size(), value);
    if (error == std::errc::result_out_of_range ||
        (std::isfinite(value) && std::abs(value) > std::numeric_limits<double>::max()))
        return {State::Bad, 0.0, Says::NumberTooLarge};
    if (error != std::errc() || end != digits.data() + digits.size()) {
        return {State::Bad, 0.0, Says::NotANumber};
    }
    if (!std::isfinite(value)) return {State::Bad, 0.0, Says::NotFinite};
    return {State::Good, value, {}};
}

}  // namespace wedgeon::store
