// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Decimal comma or point, by the cells that only one of them explains.
#pragma once

#include <string>
#include <string_view>
#include <vector>

#include "wedgeon/store/shot_record.h"

namespace wedgeon::store {

class DecimalMarks {
public:
    explicit DecimalMarks(std::size_t columns) : columns_(columns) {}
    void see(std::size_t column, Quantity quantity, std::string_view cell);
    /// What most of the file's numbers have; where nothing tells, a comma that does not separate
    /// the cells is decimal.
    bool isComma(char delimiter) const;
    /// A column of which every number has three digits behind its mark is read the other way where
    /// most of its numbers could not be what the header says. \p factor: SI of its unit.
    bool isOtherWay(std::size_t column, Quantity quantity, double factor, bool commaInFile) const;

private:
    struct Column {
        std::vector<std::string> threes;
        bool either = true;  ///< nothing else in it tells
    };
    std::vector<Column> columns_;
    int comma_ = 0, point_ = 0, commaAndThree_ = 0;
};

}  // namespace wedgeon::store
