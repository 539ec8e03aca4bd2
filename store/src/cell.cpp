// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Taking a cell apart.
#include "cell.h"

#include <utility>

#include "text.h"

namespace wedgeon::store {
namespace {

/// Takes left or right off \p cell; -1 for left, 1 for right or none.
double takeSide(std::string_view& cell) {
    const std::string_view s = text::trimmed(cell);
    for (const auto& [word, sign] :
         {std::pair{std::string_view("left"), -1.0}, std::pair{std::string_view("right"), 1.0},
          std::pair{std::string_view("l"), -1.0}, std::pair{std::string_view("r"), 1.0}}) {
        if (s.size() <= word.size()) continue;
        // Not the end of "meter", nor the beginning of "low".
        const std::size_t before = s.size() - word.size();
        if (!text::isLetter(s[before - 1]) && text::equalNoCase(s.substr(before), word)) {
            cell = s.substr(0, before);
            return sign;
        }
        if (!text::isLetter(s[word.size()]) && text::equalNoCase(s.substr(0, word.size()), word)) {
            cell = s.substr(word.size());
            return sign;
        }
    }
    return 1.0;
}

}  // namespace

CellReading readCell(std::string_view cell, bool decimalComma, const QuantityInfo& quantity) {
    const double side = quantity.sided ? takeSide(cell) : 1.0;
    CellReading out{parseNumber(cell, decimalComma), std::nullopt};
    if (out.number.state == ParsedNumber::State::Bad) {
        const NumberAndUnit parts = takeUnit(cell);
        const auto unit = parts.unit.empty() ? std::nullopt : findUnit(parts.unit);
        if (!unit || unit->dimension != quantity.dimension) return out;
        const ParsedNumber number = parseNumber(parts.number, decimalComma);
        if (number.state == ParsedNumber::State::Good) out = {number, unit};
    }
    out.number.value *= side;
    return out;
}

}  // namespace wedgeon::store
