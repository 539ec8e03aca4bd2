// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// The strike as a function of the parameters that Tune moves, for any scalar type.
#pragma once

#include <Eigen/Core>
#include <cmath>

#include "club/face_kernel.h"
#include "strike/strike_kernel.h"
#include "wedgeon/tune/tune.h"
#include "wedgeon/unknowns.h"

namespace wedgeon::tune {

/// Deviations of the priors.
inline constexpr double restitutionSd = unknowns::restitution0;
inline constexpr double biasSd_rad = unknowns::deviceBias_rad;
inline constexpr double commonFrictionSd = unknowns::commonFriction;
inline constexpr double groupFrictionSd = unknowns::groupFriction;
inline constexpr double tangentialSd = unknowns::tangentialRestitution;
inline constexpr double tangentialSlopeSd_spm = unknowns::tangentialSlope_spm;

/// Parameters in units of their prior deviations, so that every prior is a standard normal: the
/// player's e0, loft bias, attack bias, common friction and the slope of e_t; then the group's
/// friction; the ball's e_b.
inline constexpr int playerCount = 5;
inline constexpr int localCount = playerCount + 2;

/// Deviations of the readings about the model.
struct Noise {
    double speed = 0.015, launch_rad = 0.8 * constants::pi / 180.0, spin = 0.04;
};

/// The three residuals of one shot in units of the noise; those not measured are zero.
struct ShotResiduals {
    Delivery read;
    Contact prior;
    double ballSpeed_mps, launch_rad, spin_radps;
    Noise noise;

    template <class T>
    bool operator()(const T* player, const T* group, const T* ball, T* out) const {
        using std::atan2;
        using std::exp;
        using std::sqrt;
        const T attack = read.attack_rad - biasSd_rad * player[2];
        const T loft = read.dynamicLoft_rad - biasSd_rad * player[1];
        const Vec3T<T> heading = kernel::normalFromAngles(attack, T(read.path_rad));
        const Vec3T<T> normal = kernel::normalFromAngles(loft, T(read.faceAngle_rad));
        const auto hit = kernel::strike<T>(
            {T(read.clubSpeed_mps) * heading, normal,
             prior.friction * exp(commonFrictionSd * player[3] + groupFrictionSd * group[0]),
             prior.tangentialRestitution + tangentialSd * ball[0],
             constants::tangentialSlope_spm + tangentialSlopeSd_spm * player[4],
             constants::restitution0 + restitutionSd * player[0],
             T(constants::restitutionSlope_spm), T(prior.restitutionScale),
             T(constants::headMass_kg)});
        const T level2 = hit.velocity.x * hit.velocity.x + hit.velocity.z * hit.velocity.z;
        const T speed = sqrt(level2 + hit.velocity.y * hit.velocity.y);
        out[0] = out[1] = out[2] = T(0);
        if (!std::isnan(ballSpeed_mps)) out[0] = (ballSpeed_mps / speed - 1.0) / noise.speed;
        if (!std::isnan(launch_rad))
            out[1] = (launch_rad - atan2(hit.velocity.y, sqrt(level2))) / noise.launch_rad;
        if (!std::isnan(spin_radps))
            out[2] = (spin_radps / sqrt(dot(hit.spin, hit.spin)) - 1.0) / noise.spin;
        return true;
    }
};

/// Where a shot's local parameters stand among all.
struct Layout {
    std::vector<TuneGroup> groups;
    std::vector<BallKind> balls;

    std::size_t size() const { return playerCount + groups.size() + balls.size(); }
    std::size_t groupAt(std::size_t g) const { return playerCount + g; }
    std::size_t ballAt(std::size_t b) const { return playerCount + groups.size() + b; }
    std::size_t groupOf(const TuneGroup& group) const;  ///< groups.size() when it is not there
    std::size_t ballOf(BallKind ball) const;
};

/// A shot's local parameters among all, given where its group's and its ball's stand.
std::array<Eigen::Index, localCount> placesOf(std::size_t group, std::size_t ball);

TuneGroup groupOf(const Conditions& conditions);
Contact priorContact(const TuneGroup& group);

/// A shot's residuals and their derivatives by its local parameters.
struct Linearised {
    Eigen::Vector3d residual;
    Eigen::Matrix<double, 3, localCount> jacobian;
};
Linearised linearise(const ShotResiduals& shot, const double* player, double group, double ball);

/// Parameters, in prior deviations, as a tuning and back.
StrikeTuning tuningOf(const Layout& layout, const std::vector<double>& x);
std::vector<double> parametersOf(const Layout& layout, const StrikeTuning& tuning);

/// The covariance of the parameters as far as given shots and weights tell, plus the prior.
Eigen::MatrixXd precisionOf(const Layout& layout, std::span<const TuneShot> shots,
                            std::span<const double> weights, const StrikeTuning& tuning,
                            const Noise& noise);
Noise noiseOf(const TuneResult& fit);

}  // namespace wedgeon::tune
