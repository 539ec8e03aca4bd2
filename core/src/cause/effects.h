// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// What changes of delivery, contact, ground and device make of the shots of one kind.
#pragma once

#include <Eigen/Core>
#include <optional>

#include "wedgeon/cause/cause.h"
#include "wedgeon/shot/predictor.h"

namespace wedgeon::cause {

/// What can be told of a shot: the outcomes, and beside them:
enum Readable : Eigen::Index {
    ClubSpeed = static_cast<Eigen::Index>(outcomeCount),
    LogApex,
    Curve,  // as a share of the carry
    Depth,
    Entry,
    readableCount
};
constexpr Eigen::Index at(Outcome o) {
    return static_cast<Eigen::Index>(o);
}
constexpr Eigen::Index at(FaultChange c) {
    return static_cast<Eigen::Index>(c);
}
inline constexpr auto changes = static_cast<Eigen::Index>(faultChangeCount);

using Changes = Eigen::Vector<double, changes>;
using ChangesMatrix = Eigen::Matrix<double, changes, changes>;
using Readables = Eigen::Vector<double, readableCount>;
using ReadablesMatrix = Eigen::Matrix<double, readableCount, readableCount>;

/// What stands between two strikes in how often they are fat and thin, by its logarithm.
struct Odds {
    double fat = 0.0, thin = 0.0;  // logits
};

struct Played {
    Readables mean;
    Odds odds;
    int bit = 0;
};

/// A Played with its slopes, and how its shots scatter.
struct Linear {
    Played here;
    Eigen::Matrix<double, readableCount, changes> slope;
    Changes fatSlope, thinSlope;
    ReadablesMatrix scatter;
    /// Which bounce bites, from none (0) to the fourth, by how often it is so in the neighbourhood.
    std::array<double, 5> bits{};
};

/// Deviations of what is not known of a player and his kit before his shots are seen, and of what a
/// day changes in it.
Changes commonDeviations(const PlayerModel& player, Level level, const Conditions& conditions);
Changes dayDeviations();

class KindEffects {
public:
    /// \throws RangeError where such a shot cannot be played.
    KindEffects(const PlayerModel& player, Level level, const PatternKind& kind);

    /// Nothing where the model has no answer.
    std::optional<Played> at(const Changes& z) const;
    std::optional<Linear> around(const Changes& z) const;
    /// \throws RangeError.
    ShotResult play(const Changes& z, ShotTrace* trace) const;

private:
    struct Struck {
        Delivery delivery;  // world frame
        Contact contact;
        Surroundings around;
        SolePass pass;
    };
    Struck strike(const Changes& z) const;
    Readables readablesOf(const Struck& struck, const Changes& z, int* bit) const;

    Predictor predictor_;
    PlayerScatter scatter_;
    SoleScatter sole_;
    Recipe delivered_;
    double side_, depth_m_ = 0.0, loftBias_rad_ = 0.0, attackBias_rad_ = 0.0;
    StrikeLaw law_;
};

}  // namespace wedgeon::cause
