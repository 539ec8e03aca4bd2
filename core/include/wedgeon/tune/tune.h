// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
/// \file The strike tuned to one player and one launch monitor: parameters with intervals, what the
/// data cannot tell, how well it predicts shots that it has not seen, and what to hit next.
#pragma once

#include <array>
#include <functional>
#include <limits>
#include <span>
#include <stop_token>
#include <string>
#include <vector>

#include "wedgeon/shot/shot.h"

namespace wedgeon {

/// One shot as it was measured; SI, world frame. NaN stands for "not measured".
struct TuneShot {
    Delivery read;  ///< as the device read it, its biases included
    Givens givens;  ///< ball, face and lie name the group; ground and air carry the flight
    double ballSpeed_mps = std::numeric_limits<double>::quiet_NaN();
    double launch_rad = std::numeric_limits<double>::quiet_NaN();
    double spin_radps = std::numeric_limits<double>::quiet_NaN();
    double landing_rad = std::numeric_limits<double>::quiet_NaN();
    double carry_m = std::numeric_limits<double>::quiet_NaN();
    double release_m = std::numeric_limits<double>::quiet_NaN();
    int session = 0;  ///< shots of one session are left out together
};

/// Factors on what is said of the ground (the strip's, the shot's): 1 is the prior.
struct GroundTuning {
    double firmness = 1.0, friction = 1.0, greenSpeed = 1.0;

    /// Kept inside what the ground's laws cover.
    Ground ground(const Ground& said) const;
};

/// One parameter, as people speak of it. Angles in radians.
struct TuneEstimate {
    enum class Kind {
        Friction,
        TangentialRestitution,
        Restitution0,
        LoftBias,
        AttackBias,
        GroundFirmness,  ///< the three of the ground are factors
        GroundFriction,
        GreenSpeed
    };
    Kind kind = Kind::Friction;
    TuneGroup group;        ///< of friction; its ball of tangential restitution
    std::size_t shots = 0;  ///< that had a say
    double value = 0.0, low80 = 0.0, high80 = 0.0;
    double prior = 0.0, priorLow80 = 0.0, priorHigh80 = 0.0;
    /// The data narrowed the prior's interval by three tenths or more.
    bool identified = false;
};

/// Where the friction of a player and device stands beside the priors, all groups together: above 1
/// is more spin than loft and friction explain.
struct SpinSignature {
    double factor = 1.0, low80 = 1.0, high80 = 1.0;
};

struct TuneResult {
    /// Why there is no fit, in words; empty when there is one. The rest is then the prior.
    std::string refused;
    StrikeTuning tuning;
    std::vector<TuneEstimate> estimates;
    SpinSignature signature;
    std::size_t used = 0, downWeighted = 0;
    /// Robust residual deviations: relative ball speed, launch [rad], relative spin.
    double speedNoise = 0.0, launchNoise_rad = 0.0, spinNoise = 0.0;
    std::vector<double> weights;  ///< 0-1 of each shot given; 0 also for those without a say
    std::vector<std::string> notes;
};

struct TuneOptions {
    unsigned threads = 0;  ///< 0: all cores
    std::stop_token stop;
    std::function<void(double share)> progress;  ///< 0-1
};

/// Robust non-linear least squares (Tukey's biweight over a shot's three readings, started from
/// Cauchy's loss) by Ceres with automatic derivatives, on ball speed, launch angle and spin rate.
/// Priors of model.md with these deviations: friction 20 % common and 8 % of a group's own (so that
/// groups with few shots lean on the others), e_t 0.06, e_0 0.02, biases 1.5 degrees. Intervals
/// from the curvature with the scores' own covariance (Huber, "The behavior of maximum likelihood
/// estimates under nonstandard conditions", 1967). Valid for club data that was measured, not
/// computed from the ball. Refuses fewer than six usable shots and data that no strike gives.
/// A fit that is stopped is refused as "stopped".
TuneResult fitStrike(std::span<const TuneShot> shots, const TuneOptions& options = {});

/// The ground from the measured runs, once the strike is known.
struct GroundFit {
    GroundTuning tuning;
    std::vector<TuneEstimate> estimates;  ///< empty when too few runs were measured
    std::size_t used = 0;
    double runNoise_m = 0.0;  ///< robust deviation of the runs
};

/// Robust least squares (Cauchy's loss) of the release on firmness, friction and green speed as
/// factors, with priors of 15, 15 and 12 %. The ball lands as the tuned strike says. Nothing is
/// fitted from fewer than six runs.
GroundFit fitGround(std::span<const TuneShot> shots, const TuneResult& strike);

/// Prediction of a recorded shot with a tuning. \throws RangeError as calcShotFromDelivery.
ShotResult calcTunedShot(const TuneShot& shot, const StrikeTuning& tuning,
                         const GroundTuning& ground = {});

/// What is predicted of shots that were left out.
enum class TuneOutcome { Launch, Spin, Landing, Carry, Release };
inline constexpr std::size_t tuneOutcomeCount = 5;

/// Mean absolute errors (SI), and how often the 80 % interval held.
struct LeftOutCheck {
    struct Line {
        std::size_t shots = 0;
        double tuned = 0.0, prior = 0.0, regression = 0.0;
        double coverage80 = 0.0;
    };
    std::array<Line, tuneOutcomeCount> lines;
    std::size_t folds = 0;
};

/// Predicts each session from all others (five parts in turn when there is one session only), and
/// compares with the priors and with plain least squares on speed, attack, path, face and dynamic
/// loft. The ground is fitted from
/// the other sessions' runs: the left-out day's own is not known. The intervals hold 80 % of the
/// residuals of the shots that were fitted.
LeftOutCheck checkLeftOut(std::span<const TuneShot> shots, const TuneOptions& options = {});

/// A kind of shot that the player can hit.
struct NextShot {
    Delivery delivery;  ///< what the device would read
    TuneGroup group;
    std::size_t times = 1;
    double gain = 0.0;  ///< share by which it shrinks the mean variance, priors being 1
};

/// The \p count shots that would tell most of what is not known yet, among those like the ones hit
/// so far (a Bayesian A-optimal design, chosen greedily: Chaloner and Verdinelli, "Bayesian
/// Experimental Design", 1995). Equal ones are listed once.
std::vector<NextShot> findNextShots(std::span<const TuneShot> shots, const TuneResult& fit,
                                    std::size_t count = 10);

}  // namespace wedgeon
