// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
/// \file The chain tuned to one player and one launch monitor: parameters with intervals, what the
/// data cannot tell, how well it predicts shots that it has not seen, and what to hit next.
#pragma once

#include <array>
#include <functional>
#include <limits>
#include <optional>
#include <span>
#include <stop_token>
#include <string>
#include <vector>

#include "wedgeon/seen/fit_seen.h"
#include "wedgeon/shot/predictor.h"
#include "wedgeon/tune/estimate.h"

namespace wedgeon {

/// One shot as it was measured; SI, world frame. NaN stands for "not measured".
struct TuneShot {
    Delivery read;          ///< as the device read it, its biases included
    Conditions conditions;  ///< ball, face and lie name the group; ground and air carry the flight
    Hand hand = Hand::Right;
    double ballSpeed_mps = std::numeric_limits<double>::quiet_NaN();
    double launch_rad = std::numeric_limits<double>::quiet_NaN();
    double spin_radps = std::numeric_limits<double>::quiet_NaN();
    double landing_rad = std::numeric_limits<double>::quiet_NaN();
    double direction_rad = 0.0;  ///< of the launch; 0 also where it was not measured
    double axis_rad = 0.0;       ///< of the spin; likewise
    double apex_m = std::numeric_limits<double>::quiet_NaN();
    double carry_m = std::numeric_limits<double>::quiet_NaN();
    double release_m = std::numeric_limits<double>::quiet_NaN();
    int session = 0;                 ///< shots of one session are left out together
    std::optional<Recipe> declared;  ///< the set-up that was meant, where it was said
    std::string wedge, swing;        ///< what the player calls this kind of shot
};

/// Where the friction of a player and device stands beside the priors, all groups together: above 1
/// is more spin than loft and friction explain.
struct SpinSignature {
    double factor = 1.0, low80 = 1.0, high80 = 1.0;
};

/// What a fit has to say of its shots.
struct FitRemark {
    enum class Kind {
        Stopped,       ///< by its stop token
        TooFew,        ///< shots with club speed, attack angle, dynamic loft and ball data: count
        BallSpeedOff,  ///< typically `number` times what the club gives: another unit
        SpinOff,       ///< typically `number` times what the strike gives: another unit, or no spin
        Disagree,      ///< count of all shots fit no strike together with the others
        FrozenSpin,    ///< half of the shots and more have one spin: it was left out of the fit
        BadShots,      ///< count of all shots fit badly and count little: mishits or misreads
        NeverSlipped,  ///< friction of one ball, face and lie (count shots) is only above `number`
        LawCorrected,  ///< beyond chance the law misses these shots: what they show is added to it
        StrikeUnsettled,  ///< the solver ran out of steps: the estimates may still move
        AirUnsettled,
        GroundUnsettled,
        SetUpUnsettled
    };
    Kind kind = Kind::Stopped;
    std::size_t count = 0, all = 0;
    double number = 0.0;

    bool operator==(const FitRemark&) const = default;
};

struct TuneResult {
    /// Why there is no fit; the rest is then the prior.
    std::optional<FitRemark> refused;
    StrikeTuning tuning;
    std::vector<TuneEstimate> estimates;
    SpinSignature signature;
    std::size_t used = 0, downWeighted = 0;
    /// Robust residual deviations: relative ball speed, launch [rad], relative spin.
    double speedNoise = 0.0, launchNoise_rad = 0.0, spinNoise = 0.0;
    /// Variance of the errors in the club's readings, as a share of what is told of devices: 0.7
    /// degrees in angles, 0.8 in loft, 0.5 % in speed.
    double errorShare = 1.0;
    std::vector<double> weights;  ///< 0-1 of each shot given; 0 also for those without a say
    std::vector<FitRemark> notes;
};

struct TuneOptions {
    unsigned threads = 0;  ///< 0: all cores
    std::stop_token stop;
    std::function<void(double share)> progress;  ///< 0-1
};

/// Robust non-linear least squares (Tukey's biweight over a shot's three readings, started from
/// Cauchy's loss) by Ceres with automatic derivatives, on ball speed, launch angle and spin rate.
/// The club is read with error; within each kind of shot (wedge and swing) its readings are taken
/// back toward the kind's middle by as much as the errors are of their variance (regression
/// calibration), and how much that is follows from how far the launch goes with them.
/// Priors of model.md with these deviations: friction 20 % common and 8 % of a group's own (so that
/// groups with few shots lean on the others), e_b 0.06, its slope 0.003 s/m, e_0 0.02, biases 1.5
/// degrees. Intervals
/// from the curvature with the scores' own covariance (Huber, "The behavior of maximum likelihood
/// estimates under nonstandard conditions", 1967). Valid for club data that was measured, not
/// computed from the ball. Refuses fewer than six usable shots and data that no strike gives.
/// A fit that is stopped is refused as Stopped.
TuneResult fitStrike(std::span<const TuneShot> shots, const TuneOptions& options = {});

/// A part of the chain that is fitted once the strike is known.
template <class Part>
struct PartFit {
    Part tuning;
    std::vector<TuneEstimate> estimates;  ///< empty when too little was measured
    std::size_t used = 0;
    bool settled = true;  ///< else the solver ran out of steps
};

/// Robust least squares of carry, apex and landing angle on factors of drag and lift (deviations of
/// their logarithms 6 and 10 %), from the measured launch, so that the strike has no say. What a
/// device has computed instead of measured tells the device's air, not the day's: see the notes of
/// docs/model.md. Nothing is fitted from fewer than six flights.
PartFit<AirTuning> fitAir(std::span<const TuneShot> shots, const TuneResult& strike,
                          const TuneOptions& options = {});

struct GroundFit : PartFit<GroundTuning> {
    double runNoise_m = 0.0;  ///< robust deviation of the runs on their day
    struct Day {
        int session = 0;
        std::size_t runs = 0;
        GroundTuning tuning;  ///< all days' together with its own
    };
    std::vector<Day> days;
};

/// Robust least squares of the release on firmness, friction and green speed as factors: common
/// ones (deviations of their logarithms 15, 15 and 12 %) and each day's own firmness and speed
/// about them (10 and 8 %), so that a day of few runs leans on the others. The ball lands as
/// measured where speed and angle were, else as the tuned strike says. Nothing is fitted from fewer
/// than six runs.
GroundFit fitGround(std::span<const TuneShot> shots, const TuneResult& strike,
                    const AirTuning& air = {}, const TuneOptions& options = {});

/// What the declared set-ups deliver (attack, path, face angle and dynamic loft, the device's
/// biases taken off; deviations 4 degrees of opening, 3 of lean, 1.5 cm of ball position, 0.2 of
/// the factors), the scatter and covariance within kinds of swings, and the speed of each kind. The
/// scatter has the device's own noise in it. Nothing is said of fewer than six shots.
PartFit<DeliveryTuning> fitDelivery(std::span<const TuneShot> shots, const TuneResult& strike,
                                    const TuneOptions& options = {});

/// What predictions are compared in.
enum class TuneOutcome { Launch, Spin, Landing, Carry, Release };
inline constexpr std::size_t tuneOutcomeCount = 5;
using TuneOutcomes = std::array<double, tuneOutcomeCount>;  ///< SI

/// How well shots are predicted that were not fitted: errors in SI, and how often the interval that
/// is shown held, its factors taken from the other folds.
struct LeftOutCheck {
    struct Errors {
        double mean = 0.0, median = 0.0;  ///< of absolute errors
    };
    struct Line {
        std::size_t shots = 0;
        std::size_t misreads = 0;  ///< count for nothing in the fit; not among shots
        Errors tuned, prior, rival;
        Errors law;  ///< tuned, without what the shots show beside the law
        double coverage80 = 0.0;
    };
    std::array<Line, tuneOutcomeCount> lines;
    std::size_t folds = 0;
    /// All shots are of one day: what another day does to the run cannot be checked.
    bool oneDay = false;
    bool stopped = false;  ///< before all folds were done
};

/// Everything of one player.
struct PlayerFit {
    TuneResult strike;
    PartFit<AirTuning> air;
    GroundFit ground;
    PartFit<DeliveryTuning> delivery;
    SpreadScale spread;  ///< from the shots left out
    LeftOutCheck check;
    SeenFit seen;  ///< from shots that were seen only, on top of what was measured

    /// There is something to use; from seen shots alone, where the strike was refused.
    bool isFitted() const { return !strike.refused || seen.fitted; }
    /// What predictions use of it; its days have no names yet.
    Tuning tuning() const;
    std::vector<TuneEstimate> estimates() const;
};

/// The parts one after another, and the check of what they predict; where the strike is refused the
/// others stay at their priors. Then the shots that were \p seen only, which start from what was
/// measured and how well (its player's tuning and what is known of him are not used).
PlayerFit fitPlayer(std::span<const TuneShot> shots, const TuneOptions& options = {},
                    const SeenFitRequest& seen = {});

/// Prediction of a recorded shot with a tuning. \throws RangeError as calcShotFromDelivery.
ShotResult calcTunedShot(const TuneShot& shot, const Tuning& tuning);

/// As measured; NaN where it was not.
TuneOutcomes getOutcomes(const TuneShot& shot);
/// As predicted; nothing where the model has no answer.
std::optional<TuneOutcomes> calcOutcomes(const TuneShot& shot, const Tuning& tuning);

/// What a residual may hang on.
enum class TuneInput { ClubSpeed, Attack, Path, FaceAngle, DynamicLoft, SpinLoft, Order };
inline constexpr std::size_t tuneInputCount = 7;
using TuneInputs = std::array<double, tuneInputCount>;  ///< SI; order from 0 (first) to 1 (last)

/// A residual that goes with an input beyond chance.
struct ResidualPattern {
    TuneOutcome outcome = TuneOutcome::Launch;
    TuneInput input = TuneInput::ClubSpeed;
    bool curved = false;          ///< the ends against the middle, else one end against the other
    double from = 0.0, to = 0.0;  ///< 10th and 90th percentile of the input
    double atFrom = 0.0, atMiddle = 0.0, atTo = 0.0;  ///< measured less predicted, on the trend
    double t = 0.0;                                   ///< deviations from no trend
};

struct TuneResiduals {
    std::vector<std::size_t> shots;  ///< of those given; the three below go with them
    std::vector<TuneOutcomes> measured, predicted;
    std::vector<TuneInputs> inputs;
    TuneOutcomes noise{};                   ///< robust deviation of measured less predicted
    std::vector<ResidualPattern> patterns;  ///< the strongest first, one for each outcome at most
};

/// Measured beside predicted for the shots that had a say, on their own day's ground. A pattern is
/// a straight or curved trend of a residual over an input (least squares without the misreads,
/// heteroscedastic errors: White, "A heteroskedasticity-consistent covariance matrix estimator",
/// 1980) that 70 tests together give by chance in about 2 % of the cases, and that moves the
/// residual by half its deviation or more. Needs 20 shots; fewer have no patterns.
TuneResiduals findResiduals(std::span<const TuneShot> shots, const PlayerFit& fit);

/// Predicts each session from all others (five parts in turn when there is one session only), and
/// compares with the priors and with a robust ridge regression on log speed, spin loft, attack,
/// face to path, their products, the groups of ball, face and lie and their slopes. Of the ground
/// only what all days share is used: the left-out day's own is not known. Sessions beyond ten share
/// their turns. fitPlayer has done it with its own fit.
LeftOutCheck checkLeftOut(std::span<const TuneShot> shots, const TuneOptions& options = {});

/// The residuals that this parameter is told by go with an input beyond chance: what it says is an
/// average over a law that does not hold.
bool isPatterned(const TuneEstimate& estimate, const TuneResiduals& residuals);

/// A kind of shot that the player hits: a cell of wedge, swing and set-up, with a ball, face and
/// lie that were there.
struct NextShot {
    Delivery delivery;  ///< what the device would read, on the average
    TuneGroup group;
    std::string wedge, swing;        ///< empty where shots have no such names
    std::optional<Recipe> declared;  ///< where the set-up was said
    std::size_t times = 1;
    double gain = 0.0;  ///< share by which it shrinks the mean variance of predictions
};
struct NextShots {
    std::vector<NextShot> shots;
    /// The best of them alone would shrink it by less than 2 %: what is left is luck.
    bool enough = false;
};

/// The \p count shots that make predictions of carry and release of this player's usual shots the
/// surest, as far as the strike decides them: I-optimal (A. C. Atkinson, A. N. Donev, R. D. Tobias,
/// "Optimum Experimental Designs, with SAS", 2007, ch. 10), chosen greedily. Cells with three shots
/// or more are hit again, each with what its swings scatter by; without any such cell every kind of
/// delivery that was shown. Equal ones are listed once.
NextShots findNextShots(std::span<const TuneShot> shots, const TuneResult& fit,
                        std::size_t count = 10);

}  // namespace wedgeon
