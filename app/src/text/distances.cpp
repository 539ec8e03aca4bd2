// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Paces and feet.
#include "text/distances.h"

#include <QCoreApplication>
#include <cmath>

#include "wedgeon/constants.h"

namespace wedgeon {
namespace {

/// The context of these texts.
struct DistanceText {
    Q_DECLARE_TR_FUNCTIONS(DistanceText)
};

}  // namespace

double Distances::factor() const {
    switch (in) {
        case In::Paces:
            return 1.0 / pace_m;
        case In::Feet:
            return 1.0 / constants::metresPerFoot;
        case In::Units:
            break;
    }
    return units.lengthFactor();
}

QString Distances::unitName() const {
    switch (in) {
        case In::Paces:
            return DistanceText::tr("paces");
        case In::Feet:
            return DistanceText::tr("ft");
        case In::Units:
            break;
    }
    return units.lengthName();
}

QString Distances::number(double m) const {
    const double shown = m * factor();
    // Nobody paces tenths.
    const int decimals = in == In::Units && std::abs(shown) < 20 ? 1 : 0;
    return text::number(shown, decimals);
}

QString Distances::said(double m) const {
    if (in == In::Paces)
        return DistanceText::tr("%n pace(s)", nullptr, static_cast<int>(std::lround(m * factor())));
    return text::withUnit(number(m), unitName());
}

}  // namespace wedgeon
