// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
/// \file The strike of one player, device, ball and lie as it was tuned: what moves away from the
/// priors, and how well it is known.
#pragma once

#include <array>
#include <memory>
#include <vector>

#include "wedgeon/delivery/delivery.h"
#include "wedgeon/lie/lie.h"
#include "wedgeon/strike/strike.h"
#include "wedgeon/unknowns.h"

namespace wedgeon {

/// Ball, face and lie that share one friction.
struct TuneGroup {
    BallKind ball = BallKind::Soft;
    FaceCondition face = FaceCondition::FreshDry;
    Lie lie;

    bool operator==(const TuneGroup&) const = default;
};

/// What a fit moves away from the priors. Default: the priors themselves.
struct StrikeTuning {
    double restitution0 = constants::restitution0;
    double loftBias_rad = 0.0;                      ///< read less true dynamic loft
    double attackBias_rad = 0.0;                    ///< read less true attack angle
    double logFriction = 0.0;                       ///< of all groups, on the prior's friction
    std::array<double, 3> tangentialRestitution{};  ///< by ball, added to the prior's e_b
    double tangentialSlope_spm = constants::tangentialSlope_spm;
    struct OwnFriction {
        TuneGroup group;
        double log = 0.0;  ///< besides logFriction
        double sd = 0.0;   ///< of the logarithm of its whole friction
    };
    std::vector<OwnFriction> groups;
    /// What the shots show beside the law, at any ball, face and lie; null for nothing.
    std::shared_ptr<const StrikeCorrection> correction;
    /// Deviations of what is said above, where the priors' are not meant.
    double restitution0Sd = unknowns::restitution0;
    double frictionSd = unknowns::friction;  ///< of a group that was not seen
    std::array<double, 3> tangentialSd{unknowns::tangentialRestitution,
                                       unknowns::tangentialRestitution,
                                       unknowns::tangentialRestitution};
    double tangentialSlopeSd_spm = unknowns::tangentialSlope_spm;
    double loftBiasSd_rad = unknowns::deviceBias_rad;
    double attackBiasSd_rad = unknowns::deviceBias_rad;

    StrikeLaw law() const;
    /// Ball, face and lie as tuned, for a club that was measured; a group that was not seen has the
    /// common friction.
    Contact contact(const TuneGroup& group) const;
    /// The same on what the lie does to a club that was not measured yet. The restitution goes into
    /// the contact's scale, which is right to 0.1 % of the ball's speed.
    Contact tuned(const Contact& prior, const TuneGroup& group) const;
    /// Deviation of the group's friction as a share.
    double frictionSdOf(const TuneGroup& group) const;
    /// The delivery that the device would have read without its biases.
    Delivery unbiased(const Delivery& read) const;
};

}  // namespace wedgeon
