// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Words for numbers that are out of range.
#include "wedgeon/error.h"

#include <array>
#include <cmath>
#include <cstdio>

namespace wedgeon {
namespace {

std::string text(std::string_view field, double value, double low, double high) {
    std::array<char, 160> numbers{};
    if (std::isfinite(value)) {
        std::snprintf(numbers.data(), numbers.size(), " is %.6g; it must be from %.6g to %.6g",
                      value, low, high);
    } else {
        std::snprintf(numbers.data(), numbers.size(),
                      " is not a finite number; it must be from %.6g to %.6g", low, high);
    }
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
