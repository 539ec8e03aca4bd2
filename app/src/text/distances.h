// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// How far a coach says that it is: in paces, feet, or the units of the strip.
#pragma once

#include <QString>

#include "text/units.h"

namespace wedgeon {

struct Distances {
    enum class In { Units, Paces, Feet };
    enum class From { Legs, Ball };  ///< ball to edge and edge to flag, or everything from the ball

    Units units;
    In in = In::Units;
    From from = From::Legs;
    double pace_m = 0.9;

    double factor() const;  ///< shown value of one metre
    QString unitName() const;
    QString said(double m) const;    ///< "14 paces", "12.4 m"
    QString number(double m) const;  ///< without the unit
};

}  // namespace wedgeon
