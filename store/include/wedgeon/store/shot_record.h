// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
/// \file One shot as a launch monitor or a coach wrote it down.
#pragma once

#include <array>
#include <cmath>
#include <cstddef>
#include <limits>
#include <string>
#include <string_view>

#include "wedgeon/store/unit.h"
#include "wedgeon/store/word.h"

namespace wedgeon::store {

/// What a shot's numbers are. The order is the order of columns in the product's own files.
enum class Quantity {
    Loft,
    ClubSpeed,
    AttackAngle,
    ClubPath,
    FaceAngle,
    DynamicLoft,
    SpinLoft,
    BallSpeed,
    LaunchAngle,
    LaunchDirection,
    SpinRate,
    SpinAxis,
    Carry,
    Apex,
    LandingAngle,
    Release,
    Total,
    Side,
    FaceToPath  ///< face angle less club path: not kept, follows from the two
};
/// Those that a shot keeps; what follows from them comes after.
inline constexpr std::size_t quantityCount = 18;
/// With what follows from them: all that can be read, shown and written.
inline constexpr std::size_t allQuantityCount = 19;

/// What a shot's words are.
/// Strike is what was felt or seen: fat, clean, thin, toe, heel.
enum class Label {
    Time,
    Player,
    Wedge,
    Ball,
    FaceCondition,
    Lie,
    Swing,
    Strike,
    Tags,
    Note,
    Recipe,  ///< the declared set-up: a document of one recipe, JSON as in docs/formats.md
    Seen     ///< what was seen by eye: a document, JSON as in docs/formats.md
};
inline constexpr std::size_t labelCount = 12;

/// What the product knows of one quantity. Limits are SI: outside them a reading is a fault.
struct QuantityInfo {
    Quantity quantity;
    std::string_view key;  ///< as in files
    Dimension dimension;
    double low, high;
    /// Left and right of the line, positive right: files may say it by a letter, and a
    /// left-hander's own view turns it round.
    bool sided = false;
};

const QuantityInfo& info(Quantity quantity);
/// The name of its SI value in JSON and in the logbook, such as "spin_rate_radps": key and unit.
std::string_view siKey(Quantity quantity);
std::string_view labelKey(Label label);

/// Numbers are SI and radians; NaN stands for "not measured". Words are untrusted text.
struct ShotRecord {
    std::array<double, quantityCount> values = filled();
    std::array<Word, labelCount> labels;

    double operator[](Quantity q) const {
        return q == Quantity::FaceToPath
                   ? (*this)[Quantity::FaceAngle] - (*this)[Quantity::ClubPath]
                   : values[static_cast<std::size_t>(q)];
    }
    /// \throws std::out_of_range for one that is not kept.
    double& operator[](Quantity q) { return values.at(static_cast<std::size_t>(q)); }
    /// Makes of it whichever of face angle and club path is missing. False where both are there and
    /// differ by another angle, or both are missing.
    bool takeFaceToPath(double angle_rad);
    const std::string& operator[](Label l) const {
        return labels[static_cast<std::size_t>(l)].str();
    }
    Word& operator[](Label l) { return labels[static_cast<std::size_t>(l)]; }
    bool has(Quantity q) const { return !std::isnan((*this)[q]); }

private:
    static constexpr std::array<double, quantityCount> filled() {
        std::array<double, quantityCount> all{};
        all.fill(std::numeric_limits<double>::quiet_NaN());
        return all;
    }
};

}  // namespace wedgeon::store
