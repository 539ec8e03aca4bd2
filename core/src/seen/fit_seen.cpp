// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// What many seen shots have in common.
#include "wedgeon/seen/fit_seen.h"

#include <Eigen/Cholesky>
#include <Eigen/Core>
#include <algorithm>
#include <array>
#include <cmath>
#include <limits>
#include <memory>
#include <optional>
#include <utility>
#include <vector>

#include "seen/likelihood.h"
#include "shot/sole_factor.h"
#include "wedgeon/error.h"
#include "wedgeon/normal.h"
#include "wedgeon/units.h"

namespace wedgeon {
namespace {

using Eigen::Index;
using Eigen::Matrix3d;
using Eigen::MatrixXd;
using Eigen::RowVectorXd;
using Eigen::Vector3d;
using Eigen::VectorXd;

/// What all shots have in common, then the logarithm of each swing's speed over its prior's.
enum Common : Index { Lean, Ball, Friction, Firmness, GroundFriction, Height, Depth, Speed };
constexpr double heightTogether = 0.05, depthTogether_m = 0.004;
constexpr double speedTogether = 0.12, speedEach = 0.08;
/// The steps of the differences, in deviations of the priors: a bounce that comes or goes within
/// one is smoothed.
constexpr double step = 0.25;
constexpr double freedom = 6.0;
constexpr int rounds = 12;
constexpr std::size_t fewest = 6;
/// What one bounce has of the ground beside the next, as a share of the run, and at least.
constexpr double runShare = 0.10, leastRun_m = 0.15;

/// What is held against the sightings: carry, total, the logarithm of the height; launch is told.
struct Means {
    Vector3d seen = Vector3d::Zero();
    double launch_rad = 0.0, attack_rad = 0.0;
    double entry_m = 0.0, depth_m = 0.0, radius_m = 1.1;
};

class Fit {
public:
    explicit Fit(const SeenFitRequest& q)
        : q_(q),
          size_(Speed + static_cast<Index>(q.priorSpeeds_mps.size())),
          x_(VectorXd::Zero(size_)) {
        precision_ = MatrixXd::Zero(size_, size_);
        for (Index i = 0; i < Speed; ++i)
            precision_(i, i) = 1.0 / (prior(i) * prior(i));
        const Index speeds = size_ - Speed;
        MatrixXd k = MatrixXd::Constant(speeds, speeds, speedTogether * speedTogether);
        k.diagonal().array() += speedEach * speedEach;
        precision_.bottomRightCorner(speeds, speeds) =
            k.llt().solve(MatrixXd::Identity(speeds, speeds));
    }

    SeenFit run();

private:
    struct Kind {
        bool plays = false;
        Means means;
        std::array<RowVectorXd, 3> slopes;
        RowVectorXd launchSlope, attackSlope, entrySlope;
        Matrix3d scatter = Matrix3d::Zero();
        double entrySd_m = 0.0, depthSd_m = 0.0;
        std::size_t shots = 0;
    };
    struct Sum {
        MatrixXd curvature;
        VectorXd pull;
    };

    Tuning tuningAt(const VectorXd& x) const;
    std::optional<Means> meansAt(const SeenKind& kind, const VectorXd& x) const;
    Kind kindAt(const SeenKind& kind) const;
    void addShot(const SeenFitRequest::Shot& shot, const Kind& kind, Sum& sum) const;
    void addClass(double mean, double variance, seeing::Between limits, const RowVectorXd& slope,
                  Sum& sum) const;
    bool counts(const SeenFitRequest::Shot& shot) const {
        const Sighting& s = shot.seen;
        return (s.landed_m || s.rest_m || s.height || s.apex_m) && !isMishit(s);
    }
    static bool isMishit(const Sighting& s) { return s.strike && *s.strike != SeenStrike::Clean; }
    double prior(Index i) const {
        const SeenFitRequest::Known& k = q_.known;
        const std::array sds{k.lean_rad,       k.ball_m,       k.friction,     k.firmness,
                             k.groundFriction, heightTogether, depthTogether_m};
        return i < Speed ? sds[static_cast<std::size_t>(i)] : speedTogether;
    }
    TuneEstimate estimate(TuneEstimate::Kind kind, Index i, double before, bool factor) const;
    SeenFit::Interval along(const RowVectorXd& slope, double value) const;

    const SeenFitRequest& q_;
    Index size_;
    VectorXd x_;
    MatrixXd precision_, covariance_;
    std::vector<Kind> kinds_;
};

Tuning Fit::tuningAt(const VectorXd& x) const {
    Tuning t = q_.player.tuning ? *q_.player.tuning : Tuning{};
    t.player = q_.player.name;
    t.delivery.lean.offset += x[Lean];
    t.delivery.ball.offset += x[Ball];
    t.strike.logFriction += x[Friction];
    t.ground.firmness *= std::exp(x[Firmness]);
    t.ground.friction *= std::exp(x[GroundFriction]);
    return t;
}

std::optional<Means> Fit::meansAt(const SeenKind& kind, const VectorXd& x) const {
    PlayerModel player = q_.player;
    player.tuning = std::make_shared<const Tuning>(tuningAt(x));
    Recipe recipe = kind.declared;
    recipe.clubSpeed_mps =
        q_.priorSpeeds_mps[kind.swing] * std::exp(x[Speed + static_cast<Index>(kind.swing)]);
    try {
        const Predictor predictor(std::move(player), kind.conditions);
        const ShotResult shot = predictor.shot(recipe);
        const SolePass pass = predictor.solePass(shot);
        Means m;
        m.seen = {shot.flight.carry_m, shot.total_m(),
                  std::log(std::max(shot.flight.apex_m, 0.01))};
        m.launch_rad = shot.strike.launch.angle_rad();
        m.attack_rad = shot.swing.delivery.attack_rad;
        m.depth_m = pass.depth_m + x[Depth];
        m.radius_m = pass.radius_m;
        m.entry_m = pass.lowPoint_m - pass.ballForward_m -
                    std::sqrt(2.0 * pass.radius_m * std::max(m.depth_m, 0.0005));
        return m;
    } catch (const RangeError&) {
        return std::nullopt;
    }
}

Fit::Kind Fit::kindAt(const SeenKind& kind) const {
    Kind out;
    const auto middle = meansAt(kind, x_);
    if (!middle) return out;
    out.means = *middle;
    out.plays = true;
    for (auto& slope : out.slopes)
        slope = RowVectorXd::Zero(size_);
    out.launchSlope = out.attackSlope = out.entrySlope = RowVectorXd::Zero(size_);
    const Index speed = Speed + static_cast<Index>(kind.swing);
    for (const Index i : {Index{Lean}, Index{Ball}, Index{Friction}, Index{Firmness},
                          Index{GroundFriction}, Index{Depth}, speed}) {
        VectorXd more = x_, less = x_;
        more[i] += step * prior(i);
        less[i] -= step * prior(i);
        auto up = meansAt(kind, more), down = meansAt(kind, less);
        const double width = (up ? more[i] : x_[i]) - (down ? less[i] : x_[i]);
        if (width <= 0.0) continue;
        const Means a = up.value_or(*middle), b = down.value_or(*middle);
        const Vector3d seen = (a.seen - b.seen) / width;
        for (Index k = 0; k < 3; ++k)
            out.slopes[static_cast<std::size_t>(k)][i] = seen[k];
        out.launchSlope[i] = (a.launch_rad - b.launch_rad) / width;
        out.attackSlope[i] = (a.attack_rad - b.attack_rad) / width;
        out.entrySlope[i] = (a.entry_m - b.entry_m) / width;
    }
    out.slopes[2][Height] = 1.0;

    // From swing to swing: what speed, attack and loft do to one shot.
    PlayerModel player = q_.player;
    player.tuning = std::make_shared<const Tuning>(tuningAt(x_));
    const PlayerScatter scatter = player.scatter();
    Recipe recipe = kind.declared;
    recipe.clubSpeed_mps = q_.priorSpeeds_mps[kind.swing] * std::exp(x_[speed]);
    const Predictor predictor(player, kind.conditions);
    const Delivery d = predictor.shot(recipe).swing.delivery;
    constexpr std::array which{Scatter::Speed, Scatter::Attack, Scatter::Loft};
    Matrix3d by = Matrix3d::Zero(), correlation;
    for (std::size_t i = 0; i < which.size(); ++i) {
        const auto at = static_cast<Index>(i);
        const double sd = scatter.of(which[i]);
        const auto played = [&](double way) -> std::optional<Vector3d> {
            Delivery moved = d;
            (which[i] == Scatter::Speed    ? moved.clubSpeed_mps
             : which[i] == Scatter::Attack ? moved.attack_rad
                                           : moved.dynamicLoft_rad) +=
                way * sd * (which[i] == Scatter::Speed ? d.clubSpeed_mps : 1.0);
            try {
                const ShotResult s =
                    calcShotWith(moved, predictor.contact(), predictor.surroundings(),
                                 player.tuning->strike.law());
                return Vector3d{s.flight.carry_m, s.total_m(),
                                std::log(std::max(s.flight.apex_m, 0.01))};
            } catch (const RangeError&) {
                return std::nullopt;
            }
        };
        const auto up = played(1.0), down = played(-1.0);
        if (up && down) by.col(at) = 0.5 * (*up - *down);
        for (std::size_t j = 0; j < which.size(); ++j)
            correlation(at, static_cast<Index>(j)) =
                scatter.correlation[static_cast<std::size_t>(which[i])]
                                   [static_cast<std::size_t>(which[j])];
    }
    out.scatter = by * correlation * by.transpose();
    const double run = out.means.seen[1] - out.means.seen[0];
    out.scatter(1, 1) += std::pow(runShare * run, 2) + leastRun_m * leastRun_m;
    const double grows = soleFactor(player, kind.declared);
    out.depthSd_m = scatter.of(Scatter::Depth) * grows;
    const double steep = std::sqrt(out.means.radius_m / (2.0 * std::max(out.means.depth_m, 0.001)));
    out.entrySd_m = std::hypot(scatter.of(Scatter::LowPoint) * grows, steep * out.depthSd_m);
    return out;
}

void Fit::addClass(double mean, double variance, seeing::Between limits, const RowVectorXd& slope,
                   Sum& sum) const {
    const double sd = std::sqrt(variance);
    const auto logShare = [&](double at) { return logBetween(at, sd, limits); };
    const double by = 0.05 * sd;
    const double here = logShare(mean), above = logShare(mean + by), below = logShare(mean - by);
    const double pull = (above - below) / (2.0 * by);
    const double curvature = std::max(0.0, -(above - 2.0 * here + below) / (by * by));
    sum.pull += pull * slope.transpose();
    sum.curvature += curvature * slope.transpose() * slope;
}

void Fit::addShot(const SeenFitRequest::Shot& shot, const Kind& kind, Sum& sum) const {
    const Sighting& s = shot.seen;
    if (s.turf) {
        RowVectorXd depth = RowVectorXd::Zero(size_);
        depth[Depth] = 1.0;
        addClass(kind.means.depth_m,
                 kind.depthSd_m * kind.depthSd_m + seeing::turfSd_m * seeing::turfSd_m,
                 seeing::turfDepth_m(*s.turf), depth, sum);
    }
    if (s.entry && s.turf != SeenTurf::None)
        addClass(kind.means.entry_m,
                 kind.entrySd_m * kind.entrySd_m + seeing::entrySd_m * seeing::entrySd_m,
                 seeing::entryAhead_m(*s.entry), kind.entrySlope, sum);
    if (!counts(shot)) return;

    std::array<Index, 3> which{};
    Vector3d seen = Vector3d::Zero(), noise = Vector3d::Zero();
    Index n = 0;
    const auto take = [&](Index i, double value, double sd) {
        which[static_cast<std::size_t>(n)] = i;
        seen[n] = value;
        noise[n++] = sd * sd;
    };
    if (s.landed_m) take(0, *s.landed_m, seeing::landedSd_m(*s.landed_m, s.landedJudged));
    if (s.rest_m) take(1, *s.rest_m, seeing::restSd_m(*s.rest_m));
    if (s.apex_m) take(2, std::log(std::max(*s.apex_m, 0.01)), seeing::apexShare);
    VectorXd off(n);
    MatrixXd slope(n, size_), together(n, n);
    Vector3d withHeight = kind.means.seen;
    withHeight[2] += x_[Height];
    VectorXd across(n);
    for (Index a = 0; a < n; ++a) {
        const Index i = which[static_cast<std::size_t>(a)];
        off[a] = seen[a] - withHeight[i];
        slope.row(a) = kind.slopes[static_cast<std::size_t>(i)];
        across[a] = kind.scatter(2, i);
        for (Index b = 0; b < n; ++b)
            together(a, b) = kind.scatter(i, which[static_cast<std::size_t>(b)]);
        together(a, a) += noise[a];
    }
    double mean = withHeight[2];
    double variance = kind.scatter(2, 2) + seeing::heightShare * seeing::heightShare;
    RowVectorXd heightSlope = kind.slopes[2];
    if (n > 0) {
        const Eigen::LLT<MatrixXd> solver(together);
        const VectorXd solved = solver.solve(off);
        const double weight = (freedom + static_cast<double>(n)) / (freedom + off.dot(solved));
        sum.curvature += weight * slope.transpose() * solver.solve(slope);
        sum.pull += weight * slope.transpose() * solved;
        const VectorXd gain = solver.solve(across);
        mean += gain.dot(off);
        variance -= gain.dot(across);
        heightSlope -= gain.transpose() * slope;
    }
    if (s.height) addClass(mean, variance, seeing::logHeight(*s.height), heightSlope, sum);
}

TuneEstimate Fit::estimate(TuneEstimate::Kind kind, Index i, double before, bool factor) const {
    const double half = halfOf80 * std::sqrt(covariance_(i, i));
    const double priorHalf = halfOf80 * prior(i);
    const auto as = [&](double v) { return factor ? before * std::exp(v) : before + v; };
    TuneEstimate e;
    e.kind = kind;
    e.value = as(x_[i]);
    e.low80 = as(x_[i] - half);
    e.high80 = as(x_[i] + half);
    e.prior = as(0.0);
    e.priorLow80 = as(-priorHalf);
    e.priorHigh80 = as(priorHalf);
    e.identified = half < 0.7 * priorHalf;
    return e;
}

SeenFit::Interval Fit::along(const RowVectorXd& slope, double value) const {
    const double half = halfOf80 * std::sqrt((slope * covariance_ * slope.transpose()).value());
    return {value, value - half, value + half};
}

SeenFit Fit::run() {
    SeenFit out;
    for (const auto& shot : q_.shots)
        out.used += counts(shot) ? 1 : 0;
    out.fitted = out.used >= fewest;
    const auto readKinds = [&] {
        kinds_.clear();
        for (const SeenKind& kind : q_.kinds)
            kinds_.push_back(kindAt(kind));
        for (const auto& shot : q_.shots)
            ++kinds_[shot.kind].shots;
    };
    Sum sum;
    const auto add = [&] {
        sum = {precision_, -(precision_ * x_)};
        for (const auto& shot : q_.shots) {
            if (kinds_[shot.kind].plays) addShot(shot, kinds_[shot.kind], sum);
        }
    };
    readKinds();
    for (int i = 0; i < rounds && out.fitted; ++i) {
        add();
        VectorXd move = sum.curvature.llt().solve(sum.pull);
        // The laws are bent: no step beyond two deviations of a prior.
        double longest = 0.0;
        for (Index k = 0; k < size_; ++k)
            longest = std::max(longest, std::abs(move[k]) / prior(k));
        if (longest > 2.0) move *= 2.0 / longest;
        x_ += move;
        readKinds();
        if (longest < 1e-3) break;
    }
    add();
    if (!out.fitted) sum.curvature = precision_;
    covariance_ = sum.curvature.llt().solve(MatrixXd::Identity(size_, size_));

    out.tuning = tuningAt(x_);
    const Tuning was = tuningAt(VectorXd::Zero(size_));
    using K = TuneEstimate::Kind;
    if (out.fitted) {
        out.estimates = {estimate(K::LeanOffset, Lean, was.delivery.lean.offset, false),
                         estimate(K::BallOffset, Ball, was.delivery.ball.offset, false),
                         estimate(K::Friction, Friction, std::exp(was.strike.logFriction), true),
                         estimate(K::GroundFirmness, Firmness, was.ground.firmness, true),
                         estimate(K::GroundFriction, GroundFriction, was.ground.friction, true)};
        for (TuneEstimate& e : out.estimates)
            e.shots = out.used;
        if (!q_.kinds.empty()) {
            const Conditions& c = q_.kinds.front().conditions;
            out.estimates[Friction].group = {c.ball, c.face, c.lie};
        }
    }
    for (std::size_t i = 0; i < q_.priorSpeeds_mps.size(); ++i) {
        const Index at = Speed + static_cast<Index>(i);
        const double half = halfOf80 * std::sqrt(covariance_(at, at));
        const double prior = q_.priorSpeeds_mps[i];
        out.speeds_mps.push_back({prior * std::exp(x_[at]), prior * std::exp(x_[at] - half),
                                  prior * std::exp(x_[at] + half)});
    }
    // At the speeds that he swings: how he delivers the set-up, not how hard.
    RowVectorXd launch = RowVectorXd::Zero(size_), attack = launch;
    double launchOff = 0.0, attackOff = 0.0, shots = 0.0;
    VectorXd plain = VectorXd::Zero(size_);
    plain.tail(size_ - Speed) = x_.tail(size_ - Speed);
    for (std::size_t i = 0; i < kinds_.size(); ++i) {
        if (!kinds_[i].plays) continue;
        const auto declared = meansAt(q_.kinds[i], plain);
        if (!declared) continue;
        const auto weight = static_cast<double>(kinds_[i].shots);
        launchOff += weight * (kinds_[i].means.launch_rad - declared->launch_rad);
        attackOff += weight * (kinds_[i].means.attack_rad - declared->attack_rad);
        RowVectorXd slope = kinds_[i].launchSlope;
        slope.tail(size_ - Speed).setZero();
        launch += weight * slope;
        attack += weight * kinds_[i].attackSlope;
        shots += weight;
    }
    if (shots > 0.0) {
        out.launchBias_rad = along(launch / shots, launchOff / shots);
        out.attackBias_rad = along(attack / shots, attackOff / shots);
    }
    constexpr double none = std::numeric_limits<double>::quiet_NaN();
    for (const auto& shot : q_.shots) {
        const Sighting& s = shot.seen;
        const Kind& kind = kinds_[shot.kind];
        SeenFit::Carry c{none, none};
        if (s.landed_m) {
            c = {*s.landed_m, seeing::landedSd_m(*s.landed_m, s.landedJudged)};
        } else if (s.rest_m && kind.plays) {
            const double run = kind.means.seen[1] - kind.means.seen[0];
            const RowVectorXd slope = kind.slopes[1] - kind.slopes[0];
            const double known = (slope * covariance_ * slope.transpose()).value();
            const double scatter =
                kind.scatter(1, 1) + kind.scatter(0, 0) - 2.0 * kind.scatter(0, 1);
            c.carry_m = *s.rest_m - run;
            c.sd_m = std::sqrt(std::pow(seeing::restSd_m(*s.rest_m), 2) + known +
                               std::max(scatter, 0.0));
        }
        out.carries.push_back(c);
    }
    return out;
}

}  // namespace

void SeenFitRequest::validate() const {
    for (const double v : priorSpeeds_mps)
        requireRange("club_speed_mps", v, 0.5, 60.0);
    const auto last = [](std::size_t count) { return static_cast<double>(count) - 1.0; };
    for (const SeenKind& k : kinds)
        requireRange("swing", static_cast<double>(k.swing), 0.0, last(priorSpeeds_mps.size()));
    for (const Shot& s : shots) {
        requireRange("kind", static_cast<double>(s.kind), 0.0, last(kinds.size()));
        s.seen.validate();
    }
}

SeenFit fitSeen(const SeenFitRequest& request) {
    request.validate();
    return Fit(request).run();
}

}  // namespace wedgeon
