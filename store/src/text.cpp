// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Text helpers of the readers.
#include "text.h"

#include <algorithm>
#include <array>
#include <boost/locale/utf.hpp>
#include <chrono>

namespace wedgeon::store::text {

std::string_view trimmed(std::string_view s) {
    while (!s.empty() && isBlank(s.front()))
        s.remove_prefix(1);
    while (!s.empty() && isBlank(s.back()))
        s.remove_suffix(1);
    return s;
}

std::string lowered(std::string_view s) {
    std::string out(s);
    std::transform(out.begin(), out.end(), out.begin(), lower);
    return out;
}

bool equalNoCase(std::string_view a, std::string_view b) {
    return std::equal(a.begin(), a.end(), b.begin(), b.end(),
                      [](char x, char y) { return lower(x) == lower(y); });
}

std::vector<std::string> words(std::string_view s) {
    std::vector<std::string> out;
    bool inside = false;
    char before = ' ';
    for (const char c : s) {
        const bool part = isLetter(c) || isDigit(c);
        const bool hump = c >= 'A' && c <= 'Z' && before >= 'a' && before <= 'z';
        if (part) {
            if (!inside || hump) out.emplace_back();
            out.back().push_back(lower(c));
        }
        inside = part;
        before = c;
    }
    return out;
}

std::string shown(std::string_view s, std::size_t most) {
    std::string out;
    const bool cut = s.size() > most;
    if (cut) {
        s = s.substr(0, most);
        // Step back over a started UTF-8 character.
        while (!s.empty() && (static_cast<unsigned char>(s.back()) & 0xC0) == 0x80)
            s.remove_suffix(1);
        if (!s.empty() && static_cast<unsigned char>(s.back()) >= 0xC0) s.remove_suffix(1);
    }
    for (const char c : s)
        out.push_back(static_cast<unsigned char>(c) < 0x20 || c == 0x7F ? '?' : c);
    if (cut) out += "...";
    return out;
}

bool isUtf8(std::string_view s) {
    using Traits = boost::locale::utf::utf_traits<char>;
    const char* at = s.data();
    const char* const end = at + s.size();
    while (at != end) {
        if (static_cast<unsigned char>(*at) < 0x80) {
            ++at;
            continue;
        }
        const auto point = Traits::decode(at, end);
        if (point == boost::locale::utf::illegal || point == boost::locale::utf::incomplete)
            return false;
    }
    return true;
}

std::optional<std::int64_t> dayOf(std::string_view time) {
    constexpr std::string_view shape = "0000-00-00";
    if (time.size() < shape.size()) return std::nullopt;
    std::array<int, 3> parts{};
    std::size_t part = 0;
    for (std::size_t i = 0; i < shape.size(); ++i) {
        if (shape[i] == '-') {
            if (time[i] != '-') return std::nullopt;
            ++part;
        } else {
            if (!isDigit(time[i])) return std::nullopt;
            parts[part] = 10 * parts[part] + (time[i] - '0');
        }
    }
    const std::chrono::year_month_day day{std::chrono::year(parts[0]),
                                          std::chrono::month(static_cast<unsigned>(parts[1])),
                                          std::chrono::day(static_cast<unsigned>(parts[2]))};
    if (!day.ok()) return std::nullopt;
    return std::chrono::sys_days(day).time_since_epoch().count();
}

bool looksLikeFormula(std::string_view s) {
    while (!s.empty() && s.front() == '\'')
        s.remove_prefix(1);
    if (s.empty()) return false;
    if (s.front() == '\t' || s.front() == '\r' || s.front() == '\n') return true;
    while (!s.empty() && (static_cast<unsigned char>(s.front()) <= 0x20 || s.front() == 0x7F))
        s.remove_prefix(1);
    // Also in full width, as some spreadsheets read them.
    constexpr std::array<std::string_view, 8> starts{
        "=", "+", "-", "@", "\xEF\xBC\x9D", "\xEF\xBC\x8B", "\xEF\xBC\x8D", "\xEF\xBC\xA0"};
    return std::any_of(starts.begin(), starts.end(),
                       [s](std::string_view start) { return s.starts_with(start); });
}

std::string utf8FromLatin1(std::string_view s) {
    std::string out;
    out.reserve(s.size() + s.size() / 8);
    for (const char ch : s) {
        const auto c = static_cast<unsigned char>(ch);
        if (c < 0x80) {
            out.push_back(ch);
        } else {
            out.push_back(static_cast<char>(0xC0 | (c >> 6)));
            out.push_back(static_cast<char>(0x80 | (c & 0x3F)));
        }
    }
    return out;
}

}  // namespace wedgeon::store::text
