// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Summing up.
#include "summary_rows.h"

#include <algorithm>
#include <array>
#include <cmath>

#include "text.h"

namespace wedgeon::store {

std::optional<std::size_t> findSummaryWord(const DelimitedRow& row) {
    constexpr std::array words{"average",        "averages", "avg",       "avg.",    "mean",
                               "median",         "std",      "std. dev.", "std dev", "deviation",
                               "std. deviation", "min",      "max",       "sum",     "summary"};
    const auto first = std::find_if(row.cells.begin(), row.cells.end(),
                                    [](const auto& c) { return !text::trimmed(c).empty(); });
    if (first == row.cells.end() || !text::isLetter(text::trimmed(*first).front()))
        return std::nullopt;
    if (std::none_of(words.begin(), words.end(),
                     [&](const char* w) { return text::equalNoCase(text::trimmed(*first), w); }))
        return std::nullopt;
    return static_cast<std::size_t>(first - row.cells.begin());
}

bool isAlsoAName(std::string_view word) {
    constexpr std::array names{"max", "min", "mean", "average"};
    return std::any_of(names.begin(), names.end(),
                       [&](const char* n) { return text::equalNoCase(word, n); });
}

void SumsOfRows::add(std::size_t column, double value) {
    if (closed_) begin(sums_.size());
    closed_ = false;
    Sums& s = sums_[column];
    s.least = s.count > 0.0 ? std::min(s.least, value) : value;
    s.most = s.count > 0.0 ? std::max(s.most, value) : value;
    s.sum += value;
    s.count += 1.0;
}

bool SumsOfRows::match(std::string_view word, const std::vector<double>& numbers) const {
    const bool most = text::equalNoCase(word, "max"), least = text::equalNoCase(word, "min");
    std::size_t same = 0, all = 0;
    for (std::size_t i = 0; i < std::min(numbers.size(), sums_.size()); ++i) {
        const Sums& s = sums_[i];
        if (std::isnan(numbers[i]) || s.count < 1.0) continue;
        ++all;
        // Rounded as the shots are.
        const double off = std::abs(numbers[i] - (most    ? s.most
                                                  : least ? s.least
                                                          : s.sum / s.count));
        same += off <= 0.051 || off <= 1e-3 * std::abs(numbers[i]) ? 1 : 0;
    }
    return 2 * same > all;
}

}  // namespace wedgeon::store
