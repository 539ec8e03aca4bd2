// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// What a file says besides its table, in its name, its folder's or the lines above the header:
// whose shots these are, and of which day; and its times, in whatever order they are written.
#pragma once

#include <optional>
#include <span>
#include <string>
#include <string_view>
#include <vector>

#include "wedgeon/store/shot_file.h"

namespace wedgeon::store {

/// The order of a date's numbers.
enum class DateOrder { DayFirst, MonthFirst, YearFirst };

/// A time of any usual spelling, such as "3.11.2026 14:05", "11/03/26 2:05 PM" or "3 Nov 2026".
struct SpelledTime {
    int a = 0, b = 0, c = 0;  ///< in the order in which they stand; a named month is b
    bool named = false;       ///< the month is a word: day, month, year are told
    std::string clock;        ///< "14:05:09", or empty
};
std::optional<SpelledTime> parseTime(std::string_view text);
/// "2026-11-03 14:05:09"; nothing where that is no day.
std::optional<std::string> isoTime(const SpelledTime& time, DateOrder order);
/// The order that all times can have; where two can, the one whose days lie closer together, or
/// that of \p day. Nothing where that does not tell either.
std::optional<DateOrder> findDateOrder(std::span<const SpelledTime> times, std::string_view day);

class FileWords {
public:
    /// \p above: the lines above the header.
    FileWords(const std::string& name, const std::string& folder,
              std::span<const std::string> players, std::span<const std::string> above);
    /// Fills in what a shot does not say itself; the first call settles the order of dates.
    void fill(std::vector<ShotRecord>& shots);
    const FileSays& says() const { return says_; }

private:
    void settle(const std::vector<ShotRecord>& shots);

    FileSays says_;
    bool settled_ = false;
    std::optional<DateOrder> order_;
};

}  // namespace wedgeon::store
