// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// What a column is, as a person says it on the command line.
#include "text.h"
#include "wedgeon/store/error.h"
#include "wedgeon/store/shot_file.h"

namespace wedgeon::store {

ColumnOverride parseOverride(std::string_view said) {
    const std::size_t equals = said.rfind('=');
    if (equals == std::string_view::npos)
        throw StoreError(Fault::Malformed, {Says::OverrideForm, text::shown(said)});
    ColumnOverride out;
    out.header = text::trimmed(said.substr(0, equals));
    const std::string_view what = text::trimmed(said.substr(equals + 1));
    if (what == "-") return out;
    for (std::size_t i = 0; i < labelCount; ++i) {
        if (labelKey(static_cast<Label>(i)) != what) continue;
        out.label = static_cast<Label>(i);
        return out;
    }
    const std::size_t open = what.rfind('[');
    if (open == std::string_view::npos || !what.ends_with(']'))
        throw StoreError(Fault::Malformed, {Says::OverrideForm, text::shown(said)});
    const std::string_view key = text::trimmed(what.substr(0, open));
    const std::string_view unitText = what.substr(open + 1, what.size() - open - 2);
    for (std::size_t i = 0; i < allQuantityCount; ++i) {
        const QuantityInfo& q = info(static_cast<Quantity>(i));
        if (q.key != key) continue;
        const auto unit = findUnit(unitText);
        if (!unit || unit->dimension != q.dimension) {
            throw StoreError(Fault::Malformed,
                             {Says::NotAUnit, text::shown(unitText, 16), q.dimension});
        }
        out.quantity = q.quantity;
        out.unit = unit->name;
        return out;
    }
    throw StoreError(Fault::Malformed, {Says::NotAQuantity, text::shown(key)});
}

}  // namespace wedgeon::store
