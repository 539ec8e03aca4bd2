// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Numbers that are out of range.
#include "wedgeon/error.h"

#include <array>
#include <cstdio>

namespace wedgeon {
namespace {

/// For a person who looks into a running program; what users read is put into words elsewhere.
std::string text(std::string_view field, double value, double low, double high) {
    std::array<char, 120> numbers{};
    std::snprintf(numbers.data(), numbers.size(), ": %.6g [%.6g, %.6g]", value, low, high);
    return std::string(field) + numbers.data();
}

}  // namespace

RangeError::RangeError(std::string_view field, double value, double low, double high)
    : std::invalid_argument(text(field, value, low, high)),
      field_(field),
      value_(value),
      low_(low),
      high_(high) {}

void requireRange(std::string_view field, double value, double low, double high, double scale) {
    // Written so that NaN, which compares false with everything, is refused too.
    if (!(value >= low && value <= high)) {
        throw RangeError(field, value * scale, low * scale, high * scale);
    }
}

}  // namespace wedgeon
