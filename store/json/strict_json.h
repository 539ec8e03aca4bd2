// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// The one way in which JSON from outside is parsed.
#pragma once

#include <cstddef>
#include <nlohmann/json_fwd.hpp>
#include <string_view>

namespace wedgeon::store {

inline constexpr std::size_t deepestJson = 64;

/// \throws nlohmann::json::parse_error; nlohmann::json::out_of_range for a number that is too
/// large; StoreError Malformed for a text nested deeper than \p deepest (what follows it in memory
/// recurses) and for a field that an object has twice (one of the two would silently win).
nlohmann::json parseStrict(std::string_view text, std::size_t deepest = deepestJson);

/// The same of a whole document. \throws StoreError Malformed, with what the parser says.
nlohmann::json parseDocument(std::string_view text);

}  // namespace wedgeon::store
