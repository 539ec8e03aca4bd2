// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// A name in a document: one line, bounded.
#pragma once

#include <algorithm>
#include <string>
#include <string_view>

#include "json_fields.h"

namespace wedgeon::store {

/// Sixty characters, whatever the script.
inline constexpr std::size_t longestName = 240;

inline std::string readName(Fields& in, std::string_view key, bool required) {
    std::string name = in.word(key, "");
    const bool control = std::any_of(name.begin(), name.end(), [](char c) {
        return static_cast<unsigned char>(c) < 0x20 || c == 0x7f;
    });
    if ((required && name.empty()) || name.size() > longestName || control) {
        in.refuse(Says::FieldNotLine, key, longestName);
    }
    return name;
}

}  // namespace wedgeon::store
