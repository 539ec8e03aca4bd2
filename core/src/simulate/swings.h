// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// What chance brings to a sample, and the swings of one recipe that it makes.
#pragma once

#include <Eigen/Core>
#include <cstdint>
#include <optional>

#include "wedgeon/batch/batch.h"
#include "wedgeon/lie/reading.h"
#include "wedgeon/shot/predictor.h"

namespace wedgeon {

/// One sample's chance, whatever is played with it: how the player's swing is off, and what of lie,
/// ball, face, head, ground and air is not as it is said. Two recipes that are played with the same
/// chances are compared on the same luck.
struct Chance {
    std::array<double, scatterCount> off;  // deviations of the player's scatter
    Lie lie;
    Contact contact;
    StrikeLaw law;
    Air air;
    double firmer = 1.0, rougher = 1.0, faster = 1.0;  // factors on the ground
};

/// Draws chances. Each has its own stream, made from seed and number.
class ChanceMaker {
public:
    /// \param reading Where it is given, the lie and all that it does is drawn too.
    /// \throws RangeError "player.correlation" when the scatter's is not positive definite.
    ChanceMaker(const Predictor& predictor, const PlayerScatter& scatter,
                const SpreadSource& unknown, double gustShare, const LieReading* reading = nullptr);

    Chance make(std::uint64_t seed, std::uint64_t number) const;

private:
    using Lower = Eigen::Matrix<double, scatterCount, scatterCount>;

    const Predictor& predictor_;
    SpreadSource unknown_;
    double gustShare_;
    const LieReading* reading_;
    Lower lower_;
    double friction_;  // tuned over what the priors have
};

/// Swings at one recipe.
class Swings {
public:
    Swings(const Predictor& predictor, const Recipe& recipe, const PlayerScatter& scatter);

    const ShotResult& planned() const { return planned_; }
    /// A swing as it comes to the ball.
    struct Struck {
        bool valid = false;  // the sole and the turf have an answer
        StrikeKind kind = StrikeKind::Clean;
        Delivery delivery;
        Contact contact;
        double lowPoint_m = 0.0, depth_m = 0.0;  // of the sole, as SolePass has them
    };
    Struck strike(const Chance& chance) const;
    /// Puts it into the batch, over plain ground or the batch's line.
    void put(ShotBatch& batch, std::size_t at, const Struck& struck, const Chance& chance) const;

private:
    const Predictor& predictor_;
    ShotResult planned_;
    SolePass pass_;
    PlayerScatter scatter_;
    double mirror_;
    double facePerTurn_ = 0.0, loftPerTurn_ = 0.0;  // about the shaft
};

}  // namespace wedgeon
