// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Counting marks.
#include "decimal_mark.h"

#include "cell.h"
#include "unit_guess.h"

namespace wedgeon::store {
namespace {

bool canBe(const QuantityInfo& q, const std::vector<std::string>& cells, double factor,
           bool decimalComma) {
    std::size_t good = 0;
    for (const std::string& cell : cells) {
        const CellReading read = readCell(cell, decimalComma, q);
        if (read.number.state != ParsedNumber::State::Good) continue;
        const double si =
            static_cast<double>(read.number.value) * (read.unit ? read.unit->factor : factor);
        good += si >= q.low && si <= q.high && !findImpossible(q.quantity, si) ? 1 : 0;
    }
    return 2 * good > cells.size();
}

}  // namespace

void DecimalMarks::see(std::size_t column, Quantity quantity, std::string_view cell) {
    Column& c = columns_[column];
    const MarkSeen seen = markSeen(cell);
    comma_ += seen == MarkSeen::Comma ? 1 : 0;
    point_ += seen == MarkSeen::Point ? 1 : 0;
    if (seen == MarkSeen::Comma || seen == MarkSeen::Point) c.either = false;
    const bool commaAndThree = seen == MarkSeen::CommaAndThree;
    // No spin rate has three decimals.
    commaAndThree_ += commaAndThree && quantity != Quantity::SpinRate ? 1 : 0;
    if (commaAndThree || seen == MarkSeen::PointAndThree) c.threes.emplace_back(cell);
}

bool DecimalMarks::isComma(char delimiter) const {
    return comma_ > point_ ||
           (comma_ == 0 && point_ == 0 && commaAndThree_ > 0 && delimiter != ',');
}

bool DecimalMarks::isOtherWay(std::size_t column, Quantity quantity, double factor,
                              bool commaInFile) const {
    const Column& c = columns_[column];
    if (!c.either || c.threes.empty()) return false;
    return !canBe(info(quantity), c.threes, factor, commaInFile) &&
           canBe(info(quantity), c.threes, factor, !commaInFile);
}

}  // namespace wedgeon::store
