// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// A line's fields in JSON, the same in `predict` and wherever a line is kept.
#pragma once

#include <optional>

#include "json_fields.h"
#include "wedgeon/ground/terrain.h"

namespace wedgeon::store {

/// Takes zones, obstacles, flag_m and line_name out of an object; nothing when it has neither zones
/// nor obstacles. Fields of others are left for them. \throws StoreError Malformed.
std::optional<Line> readLineFields(Fields& in);
nlohmann::ordered_json lineToJson(const Line& line);

}  // namespace wedgeon::store
