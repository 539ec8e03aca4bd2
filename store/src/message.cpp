// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Messages as they are told to a debugger.
#include "wedgeon/store/message.h"

#include <algorithm>
#include <cmath>
#include <cstdio>
#include <sstream>

#include "wedgeon/store/error.h"

namespace wedgeon::store {
namespace {

struct Plain {
    std::string operator()(const std::string& text) const { return text; }
    std::string operator()(Figure figure) const {
        std::array<char, 32> digits{};
        std::snprintf(digits.data(), digits.size(), "%.6g", figure.value);
        return digits.data();
    }
    std::string operator()(Quantity quantity) const { return std::string(info(quantity).key); }
    std::string operator()(Dimension dimension) const {
        return std::string(ownUnit(dimension).name);
    }
};

}  // namespace

std::string describe(const Message& message) {
    std::ostringstream out;
    out << '#' << static_cast<int>(message.says);
    for (const Argument& a : message.arguments)
        out << " | " << std::visit(Plain{}, a);
    for (const Message& m : message.inner)
        out << " (" << describe(m) << ')';
    return out.str();
}

Message messageOf(const RangeError& e) {
    constexpr int asTheyAre = -1;
    const Figure low{e.low(), asTheyAre}, high{e.high(), asTheyAre};
    if (!std::isfinite(e.value())) return {Says::NumberNotFinite, e.field(), low, high};
    // A number that is beyond its limit by a hair is told to the hair, or it would look right.
    const double limit = e.value() < e.low() ? e.low() : e.high();
    const double beyond = std::abs(e.value() - limit);
    int decimals = asTheyAre;
    if (beyond > 0.0 && beyond < 1e-5 * std::max(1.0, std::abs(limit)))
        decimals = std::min(14, 1 + static_cast<int>(std::ceil(-std::log10(beyond))));
    return {Says::NumberOutside, e.field(), Figure{e.value(), decimals}, low, high};
}

}  // namespace wedgeon::store
