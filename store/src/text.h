// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Small text helpers of the readers. ASCII rules only: headers and units are ASCII but for signs.
#pragma once

#include <cstdint>
#include <optional>
#include <string>
#include <string_view>
#include <vector>

namespace wedgeon::store::text {

inline char lower(char c) {
    return c >= 'A' && c <= 'Z' ? static_cast<char>(c - 'A' + 'a') : c;
}
inline bool isBlank(char c) {
    return c == ' ' || c == '\t' || c == '\r' || c == '\n';
}
inline bool isDigit(char c) {
    return c >= '0' && c <= '9';
}
inline bool isLetter(char c) {
    return lower(c) >= 'a' && lower(c) <= 'z';
}

std::string_view trimmed(std::string_view s);
std::string lowered(std::string_view s);
bool equalNoCase(std::string_view a, std::string_view b);

/// Words of a header in lower case: runs of letters and digits, split where a capital follows a
/// small letter ("clubSpeed" is two words).
std::vector<std::string> words(std::string_view s);

/// Text from a file for a message: at most \p most bytes, control characters shown as '?', never
/// cut inside a UTF-8 character.
std::string shown(std::string_view s, std::size_t most = 40);

/// Neither overlong forms nor surrogates are.
bool isUtf8(std::string_view s);

/// "2026-10-06 10:05" as days since 1970; nothing for what does not begin with a date.
std::optional<std::int64_t> dayOf(std::string_view time);

/// Text that a spreadsheet would take for a formula, after blanks and control characters and any
/// apostrophes of ours.
bool looksLikeFormula(std::string_view s);
std::string utf8FromLatin1(std::string_view s);

}  // namespace wedgeon::store::text
