// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Text and back.
#include "wedgeon/store/line_json.h"

#include <nlohmann/json.hpp>

#include "line_fields.h"
#include "strict_json.h"

namespace wedgeon::store {

std::string formatLine(const Line& line) {
    return lineToJson(line).dump();
}

Line parseLine(std::string_view json) {
    try {
        const nlohmann::json root = parseStrict(json);
        Fields in(root, "");
        auto line = readLineFields(in);
        in.finish();
        if (!line) throw std::invalid_argument("zones is missing");
        return *line;
    } catch (const nlohmann::json::exception& e) {
        throw std::invalid_argument(std::string("is not JSON: ") + e.what());
    }
}

}  // namespace wedgeon::store
