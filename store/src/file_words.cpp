// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Dates, names, and who is meant.
#include "file_words.h"

#include <algorithm>
#include <array>
#include <charconv>
#include <chrono>
#include <cstdio>

#include "text.h"

namespace wedgeon::store {
namespace {

constexpr std::array<std::string_view, 12> months{"jan", "feb", "mar", "apr", "may", "jun",
                                                  "jul", "aug", "sep", "oct", "nov", "dec"};
/// Where German, French and Spanish spell one otherwise.
constexpr std::array<std::pair<std::string_view, int>, 10> otherMonths{{{"mär", 3},
                                                                        {"mai", 5},
                                                                        {"okt", 10},
                                                                        {"dez", 12},
                                                                        {"fév", 2},
                                                                        {"avr", 4},
                                                                        {"aoû", 8},
                                                                        {"déc", 12},
                                                                        {"ene", 1},
                                                                        {"dic", 12}}};
constexpr std::size_t mostTime = 60;
constexpr std::size_t sampled = 4096;

bool isDateMark(char c) {
    return c == '.' || c == '/' || c == '-' || c == ' ' || c == ',' || c == '_';
}

int monthOf(std::string_view word) {
    const std::string low = text::lowered(word);
    for (std::size_t i = 0; i < months.size(); ++i) {
        if (low.starts_with(months[i])) return static_cast<int>(i) + 1;
    }
    for (const auto& [start, month] : otherMonths) {
        if (low.starts_with(start)) return month;
    }
    return 0;
}

/// "2:05 PM" as "14:05:00"; nothing for what is no time of day.
std::optional<std::string> clockOf(std::string_view s) {
    s = text::trimmed(s);
    std::array<int, 3> parts{};
    std::size_t n = 0;
    while (n < parts.size() && !s.empty() && text::isDigit(s.front())) {
        const auto [end, error] = std::from_chars(s.data(), s.data() + s.size(), parts[n]);
        if (error != std::errc{}) return std::nullopt;
        ++n;
        s.remove_prefix(static_cast<std::size_t>(end - s.data()));
        if (s.empty() || s.front() != ':') break;
        s.remove_prefix(1);
    }
    if (n < 2) return std::nullopt;
    // Parts of seconds, and a zone, are not told.
    if (!s.empty() && (s.front() == '.' || s.front() == ',')) {
        s.remove_prefix(1);
        while (!s.empty() && text::isDigit(s.front()))
            s.remove_prefix(1);
    }
    const std::string half = text::lowered(text::trimmed(s));
    if (half == "pm" || half == "p.m." || half == "p") {
        if (parts[0] < 1 || parts[0] > 12) return std::nullopt;
        parts[0] = parts[0] % 12 + 12;
    } else if (half == "am" || half == "a.m." || half == "a") {
        if (parts[0] < 1 || parts[0] > 12) return std::nullopt;
        parts[0] %= 12;
    } else if (!half.empty() && half != "z") {
        return std::nullopt;
    }
    if (parts[0] > 23 || parts[1] > 59 || parts[2] > 59) return std::nullopt;
    std::array<char, 48> out{};
    std::snprintf(out.data(), out.size(), "%02d:%02d:%02d", parts[0], parts[1], parts[2]);
    return out.data();
}

int fullYear(int year) {
    return year < 100 ? 2000 + year : year;
}

std::string withBlanks(std::string_view name) {
    std::string out = text::lowered(name);
    std::replace_if(
        out.begin(), out.end(), [](char c) { return c == '_' || c == '-' || c == '.'; }, ' ');
    return ' ' + out + ' ';
}

/// The longest of the names that stands in \p words whole.
std::string nameIn(std::string_view words, std::span<const std::string> players) {
    const std::string all = withBlanks(words);
    std::string best;
    for (const std::string& p : players) {
        if (!p.empty() && p.size() > best.size() && all.find(withBlanks(p)) != std::string::npos)
            best = p;
    }
    return best;
}

/// A date in a file's name: eight digits, or three numbers with marks between.
std::string dayIn(std::string_view name) {
    for (std::size_t i = 0; i < name.size(); ++i) {
        if (!text::isDigit(name[i]) || (i > 0 && text::isDigit(name[i - 1]))) continue;
        std::size_t end = i;
        while (end < name.size() && text::isDigit(name[end]))
            ++end;
        SpelledTime t;
        if (end - i == 8) {
            std::from_chars(name.data() + i, name.data() + i + 4, t.a);
            std::from_chars(name.data() + i + 4, name.data() + i + 6, t.b);
            std::from_chars(name.data() + i + 6, name.data() + i + 8, t.c);
            if (const auto iso = isoTime(t, DateOrder::YearFirst)) return *iso;
            continue;
        }
        // Up to the end of the third number.
        std::size_t numbers = 0, at = i;
        while (at < name.size() && numbers < 3) {
            if (!text::isDigit(name[at])) break;
            while (at < name.size() && text::isDigit(name[at]))
                ++at;
            ++numbers;
            if (numbers < 3 && at < name.size() && isDateMark(name[at])) ++at;
        }
        if (numbers < 3) continue;
        std::string spelled(name.substr(i, at - i));
        std::replace(spelled.begin(), spelled.end(), '_', '-');
        const auto parsed = parseTime(spelled);
        if (!parsed) continue;
        const auto order = findDateOrder(std::span(&*parsed, 1), {});
        if (!order) continue;
        if (const auto iso = isoTime(*parsed, *order)) return *iso;
    }
    return {};
}

}  // namespace

std::optional<SpelledTime> parseTime(std::string_view text) {
    text = text::trimmed(text);
    if (text.empty() || text.size() > mostTime) return std::nullopt;
    SpelledTime out;
    std::array<int, 3> numbers{};
    std::array<std::size_t, 3> digits{};
    std::size_t n = 0;
    int month = 0;
    std::size_t i = 0;
    while (i < text.size() && n + (month ? 1 : 0) < 3) {
        if (text::isDigit(text[i])) {
            std::size_t end = i;
            while (end < text.size() && text::isDigit(text[end]))
                ++end;
            if (end < text.size() && text[end] == ':') return std::nullopt;  // a clock came first
            if (end - i > 4 || n == 3) return std::nullopt;
            std::from_chars(text.data() + i, text.data() + end, numbers[n]);
            digits[n++] = end - i;
            i = end;
        } else if (isDateMark(text[i])) {
            ++i;
        } else {
            std::size_t end = i;
            while (end < text.size() && !text::isDigit(text[end]) && !isDateMark(text[end]))
                ++end;
            const int named = monthOf(text.substr(i, end - i));
            // A weekday may stand in front.
            if (named != 0 && month == 0) {
                month = named;
            } else if (n > 0) {
                return std::nullopt;
            }
            i = end;
        }
    }
    if (n + (month ? 1 : 0) != 3) return std::nullopt;
    if (month != 0) {
        const bool yearFirst = digits[0] == 4;
        out = {yearFirst ? numbers[1] : numbers[0],
               month,
               yearFirst ? numbers[0] : numbers[1],
               true,
               {}};
    } else {
        out = {numbers[0], numbers[1], numbers[2], false, {}};
        if (digits[0] != 4 && digits[2] != 4 && digits[2] != 2) return std::nullopt;
    }
    std::string_view rest = text.substr(i);
    if (!rest.empty() && (rest.front() == 'T' || rest.front() == ',')) rest.remove_prefix(1);
    rest = text::trimmed(rest);
    if (!rest.empty()) {
        const auto clock = clockOf(rest);
        if (!clock) return std::nullopt;
        out.clock = *clock;
    }
    return out;
}

std::optional<std::string> isoTime(const SpelledTime& t, DateOrder order) {
    int year = t.c, month = t.b, day = t.a;
    if (!t.named && order == DateOrder::MonthFirst) std::swap(month, day);
    if (!t.named && order == DateOrder::YearFirst) {
        year = t.a;
        day = t.c;
        if (year < 100) return std::nullopt;
    }
    year = fullYear(year);
    const std::chrono::year_month_day date{std::chrono::year(year),
                                           std::chrono::month(static_cast<unsigned>(month)),
                                           std::chrono::day(static_cast<unsigned>(day))};
    if (year < 1970 || year > 2200 || month < 0 || day < 0 || !date.ok()) return std::nullopt;
    std::array<char, 48> out{};
    std::snprintf(out.data(), out.size(), "%04d-%02d-%02d", year, month, day);
    return out.data() + (t.clock.empty() ? std::string() : ' ' + t.clock);
}

std::optional<DateOrder> findDateOrder(std::span<const SpelledTime> times, std::string_view day) {
    struct Fits {
        DateOrder order;
        std::int64_t from = 0, to = 0;
    };
    std::vector<Fits> fitting;
    for (const DateOrder order :
         {DateOrder::YearFirst, DateOrder::DayFirst, DateOrder::MonthFirst}) {
        Fits f{order, 0, 0};
        bool all = !times.empty();
        bool first = true;
        bool isDay = false;
        for (const SpelledTime& t : times) {
            const auto iso = isoTime(t, order);
            const auto its = iso ? text::dayOf(*iso) : std::nullopt;
            if (!its) {
                all = false;
                break;
            }
            f.from = first ? *its : std::min(f.from, *its);
            f.to = first ? *its : std::max(f.to, *its);
            first = false;
            isDay = isDay || (!day.empty() && iso->starts_with(day));
        }
        if (!all) continue;
        if (isDay) return order;
        fitting.push_back(f);
    }
    if (fitting.empty()) return std::nullopt;
    const auto width = [](const Fits& f) { return f.to - f.from; };
    const auto best =
        std::min_element(fitting.begin(), fitting.end(),
                         [&](const Fits& a, const Fits& b) { return width(a) < width(b); });
    const auto same = std::count_if(fitting.begin(), fitting.end(), [&](const Fits& f) {
        return width(f) == width(*best) && (f.from != best->from || f.to != best->to);
    });
    return same > 0 ? std::nullopt : std::optional(best->order);
}

FileWords::FileWords(const std::string& name, const std::string& folder,
                     std::span<const std::string> players, std::span<const std::string> above) {
    for (const std::string& line : above) {
        const std::size_t mark = line.find_first_of(":,;=\t");
        if (mark == std::string::npos) continue;
        const std::string key = text::lowered(text::trimmed(line.substr(0, mark)));
        std::string_view value = text::trimmed(std::string_view(line).substr(mark + 1));
        while (!value.empty() && (value.back() == ',' || value.back() == ';'))
            value.remove_suffix(1);
        if (value.empty()) continue;
        if (says_.player.empty() && (key == "player" || key == "name" || key == "player name")) {
            says_.player = std::string(value);
            says_.playerBy = FileSays::By::Preamble;
        } else if (says_.day.empty() && (key == "date" || key == "day" || key == "session date")) {
            const auto t = parseTime(value);
            const auto order = t ? findDateOrder(std::span(&*t, 1), dayIn(name)) : std::nullopt;
            const auto iso = order ? isoTime(*t, *order) : std::nullopt;
            if (!iso) continue;
            says_.day = iso->substr(0, 10);
            says_.dayBy = FileSays::By::Preamble;
        }
    }
    for (const auto& [words, by] :
         {std::pair(&name, FileSays::By::Name), std::pair(&folder, FileSays::By::Folder)}) {
        if (says_.player.empty()) {
            says_.player = nameIn(*words, players);
            says_.playerBy = by;
        }
        if (says_.day.empty()) {
            says_.day = dayIn(*words);
            says_.dayBy = by;
        }
    }
}

void FileWords::settle(const std::vector<ShotRecord>& shots) {
    settled_ = true;
    std::vector<SpelledTime> times;
    for (const ShotRecord& s : shots) {
        const std::string& time = s[Label::Time];
        if (time.empty() || text::dayOf(time)) continue;
        if (const auto t = parseTime(time)) times.push_back(*t);
        if (times.size() >= sampled) break;
    }
    order_ = findDateOrder(times, says_.day);
    says_.unclearDates = !times.empty() && !order_;
}

void FileWords::fill(std::vector<ShotRecord>& shots) {
    if (!settled_) settle(shots);
    for (ShotRecord& s : shots) {
        if (!says_.player.empty() && s[Label::Player].empty()) {
            s[Label::Player] = says_.player;
            says_.usesPlayer = true;
        }
        const std::string& time = s[Label::Time];
        if (time.empty()) {
            if (says_.day.empty()) continue;
            s[Label::Time] = says_.day;
            says_.usesDay = true;
        } else if (!text::dayOf(time)) {
            const auto t = order_ ? parseTime(time) : std::nullopt;
            const auto iso = t ? isoTime(*t, *order_) : std::nullopt;
            const auto clock = iso || says_.day.empty() ? std::nullopt : clockOf(time);
            if (iso) {
                s[Label::Time] = *iso;
            } else if (clock) {
                s[Label::Time] = says_.day + ' ' + *clock;
                says_.usesDay = true;
            }
        }
    }
}

}  // namespace wedgeon::store
