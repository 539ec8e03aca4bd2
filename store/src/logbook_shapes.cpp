// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// What the coach said of a file's columns, by the file's shape.
#include <nlohmann/json.hpp>

#include "json_fields.h"
#include "logbook_db.h"
#include "strict_json.h"

namespace wedgeon::store {
namespace {

constexpr std::size_t mostColumns = 512;

}  // namespace

std::string formatMapping(const ColumnMapping& mapping) {
    nlohmann::json columns = nlohmann::json::array();
    for (const ColumnOverride& o : mapping.columns) {
        nlohmann::json one{{"header", o.header}, {"column", o.column}};
        if (o.quantity) {
            one["is"] = info(*o.quantity).key;
            one["unit"] = o.unit;
        } else if (o.label) {
            one["is"] = labelKey(*o.label);
        }
        columns.push_back(std::move(one));
    }
    return nlohmann::json{{"columns", std::move(columns)}, {"mirrored", mapping.mirrored}}.dump(
        -1, ' ', false, nlohmann::json::error_handler_t::replace);
}

ColumnMapping parseMapping(const std::string& text) {
    const nlohmann::json document = parseDocument(text);
    Fields top(document, "");
    ColumnMapping out;
    for (Fields& in : top.children("columns", mostColumns)) {
        const std::string what = in.word("is", "-");
        const std::string unit = in.word("unit", "");
        // One way to read a meaning: the command line's.
        ColumnOverride o = parseOverride("=" + what + (unit.empty() ? "" : "[" + unit + "]"));
        o.header = in.word("header", "");
        const double column = in.number("column", 0);
        if (!(column >= 0 && column <= static_cast<double>(mostColumns)))
            throw StoreError(Fault::Malformed, {Says::ColumnOutside, mostColumns});
        o.column = static_cast<std::size_t>(column);
        out.columns.push_back(std::move(o));
    }
    const auto mirrored = document.find("mirrored");
    out.mirrored = mirrored != document.end() && mirrored->is_boolean() && mirrored->get<bool>();
    return out;
}

std::optional<ColumnMapping> Logbook::findShape(const std::string& shape) const {
    return impl_->guarded([&]() -> std::optional<ColumnMapping> {
        SQLite::Statement find(*impl_->db, "SELECT columns FROM import_shapes WHERE shape = ?");
        find.bind(1, shape);
        if (!find.executeStep()) return std::nullopt;
        try {
            return parseMapping(find.getColumn(0).getString());
        } catch (const std::exception&) {
            return std::nullopt;  // written by another hand: the coach is asked again
        }
    });
}

void Logbook::rememberShape(const std::string& shape, const ColumnMapping& mapping,
                            const std::string& time) {
    changed(*impl_, [&](SQLite::Database& db) {
        SQLite::Statement put(
            db, "INSERT OR REPLACE INTO import_shapes(shape, columns, used) VALUES(?, ?, ?)");
        put.bind(1, shape);
        put.bind(2, formatMapping(mapping));
        put.bind(3, time);
        put.exec();
    });
}

}  // namespace wedgeon::store
