// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// The fit.
#include <ceres/ceres.h>

#include <Eigen/Cholesky>
#include <algorithm>
#include <array>
#include <cmath>
#include <memory>

#include "tune/calibrate.h"
#include "tune/estimates.h"
#include "tune/fit_correction.h"
#include "tune/strike_model.h"
#include "wedgeon/error.h"
#include "wedgeon/parallel.h"
#include "wedgeon/units.h"

namespace wedgeon {
namespace {

using namespace tune;

constexpr std::size_t fewestShots = 6;
/// Tukey's and Cauchy's scale on the length of a shot's three residuals.
constexpr double tukeyScale = 6.0;
constexpr double cauchyScale = 2.5;
/// Below this share of its full weight a shot counts as down-weighted.
constexpr double downWeight = 0.25;
/// A typical reading that is off by more than this factor is no strike's.
constexpr double wrongUnit = 1.45;
/// Friction is seen only where the ball slips: below this ratio a shot says little of it.
constexpr double slipping = 0.9;
constexpr std::size_t startShots = 1000;
constexpr int mostPasses = 3;
/// Between the tenth and the ninetieth of a hundred shots.
constexpr double differingSpeeds_mps = 5.0;
/// Noise that changes by less than this share from pass to pass stands.
constexpr double sameNoise = 0.03;
/// Of what is told of devices' errors, in variance: what a device's may differ by.
constexpr double shareSd = 0.4;
constexpr std::size_t fewestToCalibrate = 30;
/// Residuals, in deviations, that say nothing of the readings' errors.
constexpr double outlier = 3.5;

/// The prior: parameters are in units of its deviations.
template <int n>
struct StandardNormal {
    template <class T>
    bool operator()(const T* x, T* out) const {
        std::copy(x, x + n, out);
        return true;
    }
};

class StrikeFit {
public:
    StrikeFit(std::span<const TuneShot> shots, const TuneOptions& options, const Folds& folds)
        : shots_(shots),
          options_(options),
          folds_(folds),
          calibration_(Calibration::ofClubs(shots)) {
        result_.weights.assign(shots.size(), 0.0);
    }

    StrikeParts runParts() {
        StrikeParts out;
        out.result = run();
        out.x = std::move(x_);
        out.curvature = std::move(curvature_);
        out.parts = std::move(parts_);
        out.layout = std::move(layout_);
        return out;
    }

private:
    TuneResult run() {
        collect();
        if (used_.size() < fewestShots) {
            return refuse({FitRemark::Kind::TooFew, used_.size()});
        }
        if (const auto why = findImplausible()) return refuse(*why);
        dropFrozenSpin();
        x_.assign(layout_.size(), 0.0);
        // From a loss that any start survives to one that forgets gross misreads.
        const ceres::CauchyLoss cauchy(cauchyScale);
        const ceres::TukeyLoss tukey(tukeyScale);
        // The start needs no more than some of many shots.
        if (!solve(cauchy, std::max<std::size_t>(1, used_.size() / startShots)))
            return refuse({FitRemark::Kind::Stopped});
        findNoise();
        for (int pass = 0; pass < mostPasses; ++pass) {
            if (options_.progress) options_.progress((pass + 1.0) / (mostPasses + 1.0));
            if (!solve(tukey, 1)) return refuse({FitRemark::Kind::Stopped});
            const Noise before = noise_;
            if (pass == 0) calibrateAnew();
            findNoise();
            if (pass > 0 && std::abs(noise_.speed / before.speed - 1) < sameNoise &&
                std::abs(noise_.launch_rad / before.launch_rad - 1) < sameNoise &&
                std::abs(noise_.spin / before.spin - 1) < sameNoise)
                break;
        }
        findCovariance(tukey);
        widenByShare(tukey);
        if (result_.downWeighted * 5 > used_.size() * 2) {
            return refuse({FitRemark::Kind::Disagree, result_.downWeighted, used_.size()});
        }
        report();
        return std::move(result_);
    }

    TuneResult refuse(const FitRemark& why) {
        TuneResult out;
        out.refused = why;
        out.weights.assign(shots_.size(), 0.0);
        out.used = used_.size();
        return out;
    }

    /// The shots that have a say, and their groups and balls.
    void collect() {
        const std::vector<Delivery> clubs = calibratedClubs(calibration_, 1.0);
        for (std::size_t i = 0; i < shots_.size(); ++i) {
            const TuneShot& s = shots_[i];
            const bool ball = !std::isnan(s.ballSpeed_mps) || !std::isnan(s.launch_rad) ||
                              !std::isnan(s.spin_radps);
            if (!ball) continue;
            try {
                s.read.validate();
                s.conditions.lie.validate();
                const double spinLoft = calcSpinLoft(s.read);
                if (!(spinLoft > radFromDeg(5) && spinLoft < radFromDeg(80))) continue;
            } catch (const RangeError&) {
                continue;
            }
            const TuneGroup group = groupOf(s.conditions);
            if (layout_.groupOf(group) == layout_.groups.size()) layout_.groups.push_back(group);
            if (layout_.ballOf(group.ball) == layout_.balls.size())
                layout_.balls.push_back(group.ball);
            used_.push_back(i);
            residuals_.push_back({clubs[i], priorContact(group), s.ballSpeed_mps, s.launch_rad,
                                  s.spin_radps, noise_});
            groupOf_.push_back(layout_.groupOf(group));
            ballOf_.push_back(layout_.ballOf(group.ball));
        }
        result_.used = used_.size();
    }

    /// How much of what is told of devices' errors is in these readings. Where they are calibrated
    /// by too much, the launch follows them by more than the strike's law says, and the other way.
    void calibrateAnew() {
        const Eigen::MatrixXd off = calibration_.offMiddle(1.0);
        double own = 0.0, both = 0.0, square = 0.0, count = 0.0;
        for (std::size_t i = 0; i < residuals_.size(); ++i) {
            if (std::isnan(residuals_[i].launch_rad)) continue;
            const Linearised l = at(i);
            if (std::abs(l.residual[1]) > outlier) continue;
            const auto row = static_cast<Eigen::Index>(used_[i]);
            // The residual's slope over a bias is the launch's own over the reading.
            const double moved =
                (l.jacobian(1, 1) * off(row, 4) + l.jacobian(1, 2) * off(row, 1)) / biasSd_rad;
            own += moved * moved;
            both += moved * l.residual[1];
            square += l.residual[1] * l.residual[1];
            count += 1.0;
        }
        if (own <= 0.0 || count < static_cast<double>(fewestToCalibrate)) return;
        const double more = both / own;
        const double error = std::sqrt(square / count / own);
        const double kept = calibration_.meanKept(1.0);
        if (kept >= 1.0) return;
        // Of the readings' variance, 1 - kept was taken for errors.
        const double found = (1.0 - kept * (1.0 + more)) / (1.0 - kept);
        // However well the launch is met, the readings' covariances are no better known than this.
        const double sd = std::max(0.01, kept * error / (1.0 - kept));
        const double weight = 1.0 / (sd * sd);
        const double prior = 1.0 / (shareSd * shareSd);
        share_ = std::clamp((found * weight + prior) / (weight + prior), 0.0, 2.0);
        // The covariances of the readings are found from as many only.
        shareSd_ = std::sqrt(1.0 / (weight + prior) +
                             2.0 * share_ * share_ / std::max(1.0, calibration_.free()));
        take(share_);
    }

    void take(double share) {
        const std::vector<Delivery> clubs = calibratedClubs(calibration_, share);
        for (std::size_t i = 0; i < residuals_.size(); ++i)
            residuals_[i].read = clubs[used_[i]];
    }

    /// How the shots pull at the parameters.
    Eigen::VectorXd pullOf(const ceres::LossFunction& loss) const {
        Eigen::VectorXd out = Eigen::VectorXd::Zero(static_cast<Eigen::Index>(layout_.size()));
        for (std::size_t i = 0; i < residuals_.size(); ++i) {
            const Linearised l = at(i);
            std::array<double, 3> rho{};
            loss.Evaluate(l.residual.squaredNorm(), rho.data());
            const auto place = placesOf(layout_.groupAt(groupOf_[i]), layout_.ballAt(ballOf_[i]));
            const Eigen::Matrix<double, localCount, 1> its = l.jacobian.transpose() * l.residual;
            for (int r = 0; r < localCount; ++r)
                out[place[static_cast<std::size_t>(r)]] -= rho[1] * its[r];
        }
        return out;
    }

    /// How far the readings are off is not known exactly: the parameters move with it.
    void widenByShare(const ceres::LossFunction& loss) {
        const double step = std::min(0.25, share_);
        if (step <= 0.0 || calibration_.meanKept(1.0) >= 1.0) return;
        take(share_ + step);
        const Eigen::VectorXd up = pullOf(loss);
        take(share_ - step);
        const Eigen::VectorXd down = pullOf(loss);
        take(share_);
        const Eigen::VectorXd moves = curvature_.ldlt().solve((up - down) / (2 * step));
        covariance_ += shareSd_ * shareSd_ * moves * moves.transpose();
    }

    /// A whole column that no strike gives: a unit mix-up, or values that are not what they say.
    std::optional<FitRemark> findImplausible() const {
        std::vector<double> speed, spin;
        const std::array<double, playerCount> zero{};
        for (const ShotResiduals& s : residuals_) {
            const Linearised l = linearise(s, zero.data(), 0.0, 0.0);
            if (!std::isnan(s.ballSpeed_mps)) speed.push_back(1 + l.residual[0] * s.noise.speed);
            if (!std::isnan(s.spin_radps)) spin.push_back(1 + l.residual[2] * s.noise.spin);
        }
        const auto off = [](double ratio) { return ratio > wrongUnit || ratio < 1 / wrongUnit; };
        if (const double r = medianOf(speed); !speed.empty() && off(r)) {
            return FitRemark{FitRemark::Kind::BallSpeedOff, 0, 0, r};
        }
        if (const double r = medianOf(spin); !spin.empty() && (r > 2.2 || r < 1 / 2.2)) {
            return FitRemark{FitRemark::Kind::SpinOff, 0, 0, r};
        }
        return std::nullopt;
    }

    /// A spin that never moves was not measured.
    void dropFrozenSpin() {
        std::vector<double> spins;
        for (const ShotResiduals& s : residuals_) {
            if (!std::isnan(s.spin_radps)) spins.push_back(s.spin_radps);
        }
        if (spins.size() < 3) return;
        const double middle = medianOf(spins);
        const auto same =
            static_cast<std::size_t>(std::count_if(spins.begin(), spins.end(), [middle](double v) {
                return std::abs(v / middle - 1) < 1e-6;
            }));
        if (same * 2 < spins.size()) return;
        for (ShotResiduals& s : residuals_)
            s.spin_radps = std::numeric_limits<double>::quiet_NaN();
        result_.notes.push_back({FitRemark::Kind::FrozenSpin});
    }

    /// On every \p step -th shot.
    bool solve(const ceres::LossFunction& loss, std::size_t step) {
        ceres::Problem::Options ownership;
        ownership.loss_function_ownership = ceres::DO_NOT_TAKE_OWNERSHIP;
        ownership.disable_all_safety_checks = true;
        ceres::Problem problem(ownership);
        for (std::size_t i = 0; i < residuals_.size(); i += step) {
            problem.AddResidualBlock(
                new ceres::AutoDiffCostFunction<ShotResiduals, 3, playerCount, 1, 1>(
                    new ShotResiduals(residuals_[i])),
                const_cast<ceres::LossFunction*>(&loss), x_.data(),
                &x_[layout_.groupAt(groupOf_[i])], &x_[layout_.ballAt(ballOf_[i])]);
        }
        problem.AddResidualBlock(
            new ceres::AutoDiffCostFunction<StandardNormal<playerCount>, playerCount, playerCount>(
                new StandardNormal<playerCount>),
            nullptr, x_.data());
        for (std::size_t k = playerCount; k < x_.size(); ++k) {
            problem.AddResidualBlock(
                new ceres::AutoDiffCostFunction<StandardNormal<1>, 1, 1>(new StandardNormal<1>),
                nullptr, &x_[k]);
        }
        // A parameter far beyond its prior is no strike any more.
        constexpr double farthestOff = 6.0;
        for (int k = 0; k < playerCount; ++k) {
            problem.SetParameterLowerBound(x_.data(), k, -farthestOff);
            problem.SetParameterUpperBound(x_.data(), k, farthestOff);
        }
        struct Stopper : ceres::IterationCallback {
            std::stop_token stop;
            ceres::CallbackReturnType operator()(const ceres::IterationSummary&) override {
                return stop.stop_requested() ? ceres::SOLVER_ABORT : ceres::SOLVER_CONTINUE;
            }
        } stopper;
        stopper.stop = options_.stop;
        ceres::Solver::Options how;
        how.linear_solver_type = ceres::DENSE_NORMAL_CHOLESKY;
        how.max_num_iterations = 30;
        how.function_tolerance = 1e-7;
        how.num_threads = static_cast<int>(threadsFor(options_.threads));
        how.logging_type = ceres::SILENT;
        how.callbacks.push_back(&stopper);
        ceres::Solver::Summary summary;
        ceres::Solve(how, &problem, &summary);
        settled_ = summary.termination_type == ceres::CONVERGENCE;
        return summary.termination_type != ceres::USER_FAILURE;
    }

    /// Deviations of the readings by the median residual; never below what any device has.
    void findNoise() {
        std::array<std::vector<double>, 3> r;
        for (std::size_t i = 0; i < residuals_.size(); ++i) {
            const Linearised l = at(i);
            if (!std::isnan(residuals_[i].ballSpeed_mps)) r[0].push_back(std::abs(l.residual[0]));
            if (!std::isnan(residuals_[i].launch_rad)) r[1].push_back(std::abs(l.residual[1]));
            if (!std::isnan(residuals_[i].spin_radps)) r[2].push_back(std::abs(l.residual[2]));
        }
        const auto scaled = [&](double& sd, std::vector<double>& values, double least,
                                double most) {
            if (values.size() >= 4)
                sd = std::clamp(sd * madToSd * medianOf(std::move(values)), least, most);
        };
        scaled(noise_.speed, r[0], 0.002, 0.1);
        scaled(noise_.launch_rad, r[1], radFromDeg(0.1), radFromDeg(5));
        scaled(noise_.spin, r[2], 0.005, 0.3);
        for (ShotResiduals& s : residuals_)
            s.noise = noise_;
    }

    Linearised at(std::size_t i) const {
        return linearise(residuals_[i], x_.data(), x_[layout_.groupAt(groupOf_[i])],
                         x_[layout_.ballAt(ballOf_[i])]);
    }

    /// Attack and loft move the residuals as the device's biases do, the other way: how the scores
    /// of each kind of shot move with both together.
    struct KindScores {
        Eigen::MatrixXd sum;
        double shots = 0.0;
    };

    /// To the scores' covariance, what the middles of the kinds hide of the readings' errors.
    void addHiddenErrors(const std::vector<KindScores>& kinds, Eigen::MatrixXd& scores) const {
        for (std::size_t k = 0; k < kinds.size(); ++k) {
            if (kinds[k].shots <= 0.0) continue;
            const Eigen::MatrixXd all = calibration_.hiddenInMiddle(k, share_);
            Eigen::Matrix2d hidden;
            hidden << all(1, 1), all(1, 4), all(4, 1), all(4, 4);
            scores += kinds[k].sum * hidden * kinds[k].sum.transpose() / kinds[k].shots;
        }
    }

    void findCovariance(const ceres::LossFunction& loss) {
        const auto n = static_cast<Eigen::Index>(layout_.size());
        Eigen::MatrixXd curvature = Eigen::MatrixXd::Identity(n, n);
        Eigen::MatrixXd scores = Eigen::MatrixXd::Identity(n, n);
        std::vector<KindScores> kinds(calibration_.kinds(), {Eigen::MatrixXd::Zero(n, 2)});
        if (!folds_.empty())
            parts_.assign(1 + *std::max_element(folds_.begin(), folds_.end()), FitSum(n));
        for (std::size_t i = 0; i < residuals_.size(); ++i) {
            const Linearised l = at(i);
            std::array<double, 3> rho{};
            loss.Evaluate(l.residual.squaredNorm(), rho.data());
            result_.weights[used_[i]] = rho[1];
            result_.downWeighted += rho[1] < downWeight ? 1u : 0u;
            const std::array<Eigen::Index, localCount> place =
                placesOf(layout_.groupAt(groupOf_[i]), layout_.ballAt(ballOf_[i]));
            const Eigen::Matrix<double, localCount, 1> pull = l.jacobian.transpose() * l.residual;
            const Eigen::Matrix<double, localCount, localCount> bend =
                rho[1] * l.jacobian.transpose() * l.jacobian + 2 * rho[2] * pull * pull.transpose();
            KindScores& kind = kinds[calibration_.kindOf(used_[i])];
            kind.shots += 1.0;
            FitSum* part = folds_.empty() ? nullptr : &parts_[folds_[used_[i]]];
            for (int r = 0; r < localCount; ++r) {
                if (part) part->pull[place[static_cast<std::size_t>(r)]] -= rho[1] * pull[r];
                const Eigen::Vector3d its = -rho[1] / biasSd_rad * l.jacobian.col(r);
                kind.sum.row(place[static_cast<std::size_t>(r)]) +=
                    Eigen::RowVector2d(its.dot(l.jacobian.col(2)), its.dot(l.jacobian.col(1)));
                for (int c = 0; c < localCount; ++c) {
                    const Eigen::Index row = place[static_cast<std::size_t>(r)];
                    const Eigen::Index column = place[static_cast<std::size_t>(c)];
                    curvature(row, column) += bend(r, c);
                    if (part) part->curvature(row, column) += bend(r, c);
                    scores(row, column) += rho[1] * rho[1] * pull[r] * pull[c];
                }
            }
        }
        addHiddenErrors(kinds, scores);
        curvature_ = curvature;
        const Eigen::LDLT<Eigen::MatrixXd> solver(curvature);
        const Eigen::MatrixXd inverse = solver.solve(Eigen::MatrixXd::Identity(n, n));
        // The residuals have shrunk by what was fitted to them.
        const Eigen::MatrixXd unit = Eigen::MatrixXd::Identity(n, n);
        const double count = static_cast<double>(residuals_.size());
        const double spent = static_cast<double>(n) - inverse.trace();
        const double regrow = count / std::max(0.5 * count, count - spent);
        covariance_ = inverse * (unit + regrow * (scores - unit)) * inverse;
        // Few shots make the scores' own covariance small by luck: never below the curvature's.
        for (Eigen::Index k = 0; k < n; ++k) {
            const double grow = std::sqrt(std::max(1.0, 0.9 * inverse(k, k) / covariance_(k, k)));
            covariance_.row(k) *= grow;
            covariance_.col(k) *= grow;
        }
    }

    double sdOf(std::size_t a) const {
        const auto k = static_cast<Eigen::Index>(a);
        return std::sqrt(std::max(0.0, covariance_(k, k)));
    }

    void report() {
        result_.tuning = tuningOf(layout_, x_);
        result_.errorShare = share_;
        result_.speedNoise = noise_.speed;
        result_.launchNoise_rad = noise_.launch_rad;
        result_.spinNoise = noise_.spin;
        using Kind = TuneEstimate::Kind;
        const StrikeTuning& t = result_.tuning;
        const auto add = [&](Kind kind, double value, double sd, double prior, double priorSd) {
            result_.estimates.push_back(
                estimateOf(kind, used_.size(), value, priorSd * sd, prior, priorSd));
        };
        add(Kind::Restitution0, t.restitution0, sdOf(0), constants::restitution0, restitutionSd);
        add(Kind::LoftBias, t.loftBias_rad, sdOf(1), 0.0, biasSd_rad);
        add(Kind::AttackBias, t.attackBias_rad, sdOf(2), 0.0, biasSd_rad);
        for (std::size_t b = 0; b < layout_.balls.size(); ++b) {
            const BallKind ball = layout_.balls[b];
            const double sd = sdOf(layout_.ballAt(b));
            const double prior = ballTraits(ball).tangentialRestitution;
            result_.tuning.tangentialSd[static_cast<std::size_t>(ball)] = tangentialSd * sd;
            add(Kind::TangentialRestitution, prior + tangentialSd * x_[layout_.ballAt(b)], sd,
                prior, tangentialSd);
            TuneEstimate& e = result_.estimates.back();
            e.group = {ball, {}, {}};
            e.shots = static_cast<std::size_t>(std::count(ballOf_.begin(), ballOf_.end(), b));
        }
        for (std::size_t g = 0; g < layout_.groups.size(); ++g)
            reportFriction(g);
        result_.tuning.tangentialSlopeSd_spm = tangentialSlopeSd_spm * sdOf(4);
        if (speedsDiffer()) {
            add(Kind::TangentialSlope, t.tangentialSlope_spm, sdOf(4),
                constants::tangentialSlope_spm, tangentialSlopeSd_spm);
        }
        result_.tuning.restitution0Sd = restitutionSd * sdOf(0);
        result_.tuning.loftBiasSd_rad = biasSd_rad * sdOf(1);
        result_.tuning.attackBiasSd_rad = biasSd_rad * sdOf(2);
        result_.tuning.frictionSd = std::hypot(commonFrictionSd * sdOf(3), groupFrictionSd);
        const double sd = commonFrictionSd * sdOf(3);
        result_.signature = {std::exp(t.logFriction), std::exp(t.logFriction - z80 * sd),
                             std::exp(t.logFriction + z80 * sd)};
        result_.tuning.correction = fitCorrection(shots_, result_.weights, result_.tuning);
        if (result_.tuning.correction)
            result_.notes.push_back({FitRemark::Kind::LawCorrected, used_.size()});
        if (!settled_) result_.notes.push_back({FitRemark::Kind::StrikeUnsettled});
        if (result_.downWeighted > 0) {
            result_.notes.push_back(
                {FitRemark::Kind::BadShots, result_.downWeighted, used_.size()});
        }
    }

    /// Of swings at one speed the slope of e_t is a part of e_b.
    bool speedsDiffer() const {
        std::vector<double> speeds;
        speeds.reserve(residuals_.size());
        for (const ShotResiduals& s : residuals_)
            speeds.push_back(s.read.clubSpeed_mps);
        return quantileOf(speeds, 0.9) - quantileOf(speeds, 0.1) >= differingSpeeds_mps;
    }

    /// Friction is told on its logarithm: it is a factor.
    void reportFriction(std::size_t g) {
        const double prior = priorContact(layout_.groups[g]).friction;
        const double log = commonFrictionSd * x_[3] + groupFrictionSd * x_[layout_.groupAt(g)];
        const auto k = static_cast<Eigen::Index>(layout_.groupAt(g));
        const double variance = commonFrictionSd * commonFrictionSd * covariance_(3, 3) +
                                groupFrictionSd * groupFrictionSd * covariance_(k, k) +
                                2 * commonFrictionSd * groupFrictionSd * covariance_(3, k);
        const double sd = std::sqrt(std::max(0.0, variance));
        result_.tuning.groups[g].sd = sd;
        const double priorSd = std::hypot(commonFrictionSd, groupFrictionSd);
        TuneEstimate e = factorOf(TuneEstimate::Kind::Friction, 0, log, sd, prior, priorSd);
        e.group = layout_.groups[g];
        bool slipped = false;
        const StrikeLaw law = result_.tuning.law();
        const Contact contact = result_.tuning.contact(e.group);
        for (std::size_t i = 0; i < residuals_.size(); ++i) {
            if (groupOf_[i] != g) continue;
            ++e.shots;
            try {
                slipped =
                    slipped || calcStrike(result_.tuning.unbiased(residuals_[i].read), contact, law)
                                       .gripRatio > slipping;
            } catch (const RangeError&) {
                continue;
            }
        }
        e.identified = e.identified && slipped;
        result_.estimates.push_back(e);
        if (!slipped) {
            result_.notes.push_back(
                {FitRemark::Kind::NeverSlipped, e.shots, used_.size(), e.low80});
        }
    }

    std::span<const TuneShot> shots_;
    const TuneOptions& options_;
    const Folds& folds_;
    Calibration calibration_;
    TuneResult result_;
    Layout layout_;
    Noise noise_;
    bool settled_ = true;
    double share_ = 1.0;  // of what is told of devices' errors, in variance
    double shareSd_ = shareSd;
    std::vector<std::size_t> used_;
    std::vector<ShotResiduals> residuals_;
    std::vector<std::size_t> groupOf_, ballOf_;
    std::vector<double> x_;
    Eigen::MatrixXd covariance_;
    Eigen::MatrixXd curvature_;
    std::vector<FitSum> parts_;
};

}  // namespace

StrikeParts tune::fitStrikeParts(std::span<const TuneShot> shots, const TuneOptions& options,
                                 const Folds& folds) {
    return StrikeFit(shots, options, folds).runParts();
}

StrikeTuning tune::StrikeParts::without(std::size_t part) const {
    if (part >= parts.size()) return result.tuning;
    const Eigen::VectorXd moved = withoutPart(
        Eigen::Map<const Eigen::VectorXd>(x.data(), static_cast<Eigen::Index>(x.size())), curvature,
        parts[part]);
    StrikeTuning out = result.tuning;
    const StrikeTuning its = tuningOf(layout, {moved.begin(), moved.end()});
    out.restitution0 = its.restitution0;
    out.loftBias_rad = its.loftBias_rad;
    out.attackBias_rad = its.attackBias_rad;
    out.logFriction = its.logFriction;
    out.tangentialSlope_spm = its.tangentialSlope_spm;
    out.tangentialRestitution = its.tangentialRestitution;
    for (std::size_t g = 0; g < out.groups.size(); ++g)
        out.groups[g].log = its.groups[g].log;
    return out;
}

TuneResult fitStrike(std::span<const TuneShot> shots, const TuneOptions& options) {
    return fitStrikeParts(shots, options, {}).result;
}

}  // namespace wedgeon
