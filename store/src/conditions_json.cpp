// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Text and back.
#include "wedgeon/store/conditions_json.h"

#include <nlohmann/json.hpp>

#include "conditions_fields.h"
#include "line_fields.h"
#include "strict_json.h"

namespace wedgeon::store {
namespace {

template <class Read>
auto parseObject(std::string_view json, const Read& read) {
    const nlohmann::json root = parseDocument(json);
    Fields in(root, "");
    auto value = read(in);
    in.finish();
    return value;
}

}  // namespace

std::string formatLine(const Line& line) {
    return lineToJson(line).dump();
}

Line parseLine(std::string_view json) {
    const auto line = parseObject(json, readLineFields);
    if (!line) throw StoreError(Fault::Malformed, {Says::FieldMissing, "zones"});
    return *line;
}

std::string formatConditions(const Conditions& conditions) {
    return conditionsToJson(conditions).dump();
}

Conditions parseConditions(std::string_view json) {
    return parseObject(json, readConditionsFields);
}

}  // namespace wedgeon::store
