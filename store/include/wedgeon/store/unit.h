// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
/// \file Units as people write them in headers, and their factors to SI.
#pragma once

#include <optional>
#include <span>
#include <string_view>

namespace wedgeon::store {

enum class Dimension { Speed, Length, Angle, SpinRate };

/// A unit: SI value = factor x value in the unit.
struct Unit {
    std::string_view name;  ///< the spelling that the product writes
    Dimension dimension;
    double factor;
};

/// The unit that \p text spells (any case, with or without blanks), such as "km/h" or "Yds".
std::optional<Unit> findUnit(std::string_view text);

/// The units of a dimension, the most usual first.
std::span<const Unit> unitsOf(Dimension dimension);

/// The unit that files of the product's own use for a dimension.
Unit ownUnit(Dimension dimension);

}  // namespace wedgeon::store
