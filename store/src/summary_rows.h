// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Rows that sum up the shots above them, as devices put them below or between shots.
#pragma once

#include <optional>
#include <string_view>
#include <vector>

#include "delimited.h"

namespace wedgeon::store {

/// The column of a word that names a summary, when the row begins with one.
std::optional<std::size_t> findSummaryWord(const DelimitedRow& row);

/// Whether it may also be somebody's name, or a club's: Max, Min, Mean, Average.
bool isAlsoAName(std::string_view summaryWord);

/// The numbers of the shots since the last summary, by column.
class SumsOfRows {
public:
    void begin(std::size_t columns) { sums_.assign(columns, {}); }
    void add(std::size_t column, double value);
    /// A summary was met: what is added from now on begins anew.
    void close() { closed_ = true; }
    /// Whether most of \p numbers (NaN: none) are what \p word says of the shots: their mean, least
    /// or most.
    bool match(std::string_view word, const std::vector<double>& numbers) const;

private:
    struct Sums {
        double count = 0.0, sum = 0.0, least = 0.0, most = 0.0;
    };
    std::vector<Sums> sums_;
    bool closed_ = false;
};

}  // namespace wedgeon::store
