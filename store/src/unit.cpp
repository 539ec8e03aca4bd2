// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Spellings of units.
#include "wedgeon/store/unit.h"

#include <array>
#include <string>

#include "text.h"
#include "wedgeon/constants.h"

namespace wedgeon::store {
namespace {

constexpr double mph = 0.44704;
constexpr double kmh = 1.0 / 3.6;
constexpr double foot = constants::metresPerFoot;
constexpr double degree = constants::pi / 180.0;

struct Spelling {
    std::string_view text;
    Unit unit;
};

constexpr Unit metrePerSecond{"m/s", Dimension::Speed, 1.0};
constexpr Unit milePerHour{"mph", Dimension::Speed, mph};
constexpr Unit kilometrePerHour{"km/h", Dimension::Speed, kmh};
constexpr Unit footPerSecond{"ft/s", Dimension::Speed, foot};
constexpr Unit knot{"kn", Dimension::Speed, 1852.0 / 3600.0};
constexpr Unit metre{"m", Dimension::Length, 1.0};
constexpr Unit yard{"yd", Dimension::Length, 3.0 * foot};
constexpr Unit feet{"ft", Dimension::Length, foot};
constexpr Unit inch{"in", Dimension::Length, foot / 12.0};
constexpr Unit centimetre{"cm", Dimension::Length, 0.01};
constexpr Unit deg{"deg", Dimension::Angle, degree};
constexpr Unit radian{"rad", Dimension::Angle, 1.0};
constexpr Unit rpm{"rpm", Dimension::SpinRate, constants::pi / 30.0};
constexpr Unit radianPerSecond{"rad/s", Dimension::SpinRate, 1.0};

constexpr std::array spellings{
    Spelling{"m/s", metrePerSecond},
    Spelling{"mps", metrePerSecond},
    Spelling{"meters/s", metrePerSecond},
    Spelling{"mph", milePerHour},
    Spelling{"mi/h", milePerHour},
    Spelling{"miles/h", milePerHour},
    Spelling{"km/h", kilometrePerHour},
    Spelling{"kmh", kilometrePerHour},
    Spelling{"kph", kilometrePerHour},
    Spelling{"kmph", kilometrePerHour},
    Spelling{"ft/s", footPerSecond},
    Spelling{"fps", footPerSecond},
    Spelling{"kn", knot},
    Spelling{"kt", knot},
    Spelling{"knots", knot},
    Spelling{"m", metre},
    Spelling{"metre", metre},
    Spelling{"metres", metre},
    Spelling{"meter", metre},
    Spelling{"meters", metre},
    Spelling{"mtrs", metre},
    Spelling{"yd", yard},
    Spelling{"yds", yard},
    Spelling{"yard", yard},
    Spelling{"yards", yard},
    Spelling{"ft", feet},
    Spelling{"foot", feet},
    Spelling{"feet", feet},
    Spelling{"in", inch},
    Spelling{"inch", inch},
    Spelling{"inches", inch},
    Spelling{"cm", centimetre},
    Spelling{"deg", deg},
    Spelling{"degs", deg},
    Spelling{"degree", deg},
    Spelling{"degrees", deg},
    Spelling{"\xC2\xB0", deg},
    Spelling{"\xC2\xBA", deg},
    Spelling{"rad", radian},
    Spelling{"radians", radian},
    Spelling{"rpm", rpm},
    Spelling{"r/min", rpm},
    Spelling{"rev/min", rpm},
    Spelling{"1/min", rpm},
    Spelling{"rad/s", radianPerSecond},
};

}  // namespace

std::optional<Unit> findUnit(std::string_view raw) {
    std::string squeezed;
    for (const char c : text::trimmed(raw)) {
        if (c != ' ' && c != '.') squeezed.push_back(text::lower(c));
    }
    for (const Spelling& s : spellings) {
        if (s.text == squeezed) return s.unit;
    }
    return std::nullopt;
}

std::span<const Unit> unitsOf(Dimension dimension) {
    static constexpr std::array speeds{metrePerSecond, milePerHour, kilometrePerHour, footPerSecond,
                                       knot};
    static constexpr std::array lengths{metre, yard, feet, inch, centimetre};
    static constexpr std::array angles{deg, radian};
    static constexpr std::array spins{rpm, radianPerSecond};
    switch (dimension) {
        case Dimension::Speed:
            return speeds;
        case Dimension::Length:
            return lengths;
        case Dimension::Angle:
            return angles;
        case Dimension::SpinRate:
            return spins;
    }
    return {};
}

Unit ownUnit(Dimension dimension) {
    return unitsOf(dimension).front();
}

}  // namespace wedgeon::store
