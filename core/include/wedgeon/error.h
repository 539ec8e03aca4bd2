// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
/// \file The one error of the computation: a number that the laws do not cover.
#pragma once

#include <stdexcept>
#include <string>
#include <string_view>

namespace wedgeon {

/// A field's value is not a number or outside what the model covers.
class RangeError : public std::invalid_argument {
public:
    RangeError(std::string_view field, double value, double low, double high);

    const std::string& field() const noexcept { return field_; }
    double value() const noexcept { return value_; }
    double low() const noexcept { return low_; }
    double high() const noexcept { return high_; }

private:
    std::string field_;
    double value_, low_, high_;
};

/// \throws RangeError when \p value is not finite or outside [\p low, \p high].
/// \p scale converts value and limits to the unit that the field's name carries.
void requireRange(std::string_view field, double value, double low, double high,
                  double scale = 1.0);

}  // namespace wedgeon
