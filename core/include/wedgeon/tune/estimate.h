// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
/// \file One parameter that was fitted, with what was known of it before.
#pragma once

#include <cstddef>

#include "wedgeon/strike/strike_tuning.h"

namespace wedgeon {

/// One parameter, as people speak of it. Angles in radians.
struct TuneEstimate {
    enum class Kind {
        Friction,
        TangentialRestitution,  ///< e_b, at 30 m/s
        TangentialSlope,        ///< s/m; only where the speeds differ
        Restitution0,
        LoftBias,
        AttackBias,
        GroundFirmness,  ///< the three of the ground are factors, as are the two of the air
        GroundFriction,
        GreenSpeed,
        AirDrag,
        AirLift,
        OpenOffset,  ///< the set-up: delivered = offset + factor * declared
        OpenFactor,
        LeanOffset,
        LeanFactor,
        BallOffset,  ///< metres forward
        BallFactor,
        PathOffset  ///< besides what ball position and body line give; not applied
    };
    Kind kind = Kind::Friction;
    TuneGroup group;        ///< of friction; its ball of tangential restitution
    std::size_t shots = 0;  ///< that had a say
    double value = 0.0, low80 = 0.0, high80 = 0.0;
    double prior = 0.0, priorLow80 = 0.0, priorHigh80 = 0.0;
    /// The data narrowed the prior's interval by three tenths or more.
    bool identified = false;
};

}  // namespace wedgeon
