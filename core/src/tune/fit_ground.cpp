// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// The ground from measured runs: what all days share, and each day about it.
#include <Eigen/Cholesky>
#include <algorithm>
#include <map>
#include <set>

#include "tune/calibrate.h"
#include "tune/estimates.h"
#include "wedgeon/error.h"
#include "wedgeon/parallel.h"
#include "wedgeon/unknowns.h"

namespace wedgeon {
namespace {

using namespace tune;

constexpr std::size_t mostRuns = 400;
/// Deviations of the logarithms: of what all days share, and of a day about it. A day's friction is
/// not told apart from its firmness and speed.
constexpr double firmnessSd = unknowns::firmness, frictionSd = unknowns::groundFriction,
                 speedSd = unknowns::greenSpeed;
constexpr double dayFirmnessSd = unknowns::dayFirmness, daySpeedSd = unknowns::dayGreenSpeed;
constexpr double leastNoise_m = 0.1;
/// The newest days have a ground of their own; of many the older ones say only what all share.
constexpr std::size_t mostDays = 24;
/// A step that a run's small leaps (one hop more or less) do not drown.
constexpr double groundDifference = 0.05;

/// Parameters: firmness and green speed of all days, then of each day.
constexpr Eigen::Index common = 2;

GroundTuning groundOf(double logFirmness, double logFriction, double logSpeed) {
    GroundTuning t;
    t.firmness = std::exp(logFirmness);
    t.friction = std::exp(logFriction);
    t.greenSpeed = std::exp(logSpeed);
    return t;
}

struct Landed {
    Vec3 velocity_mps, spin_radps;
    Ground said;
    double release_m;
    Eigen::Index day;  // -1: has none of its own

    double at(double firmness, double friction, double speed) const {
        return calcRun(velocity_mps, spin_radps, groundOf(firmness, friction, speed).ground(said))
            .release_m;
    }
    std::optional<RobustRow> row(const Eigen::VectorXd& x, double friction, bool slopes) const {
        const Eigen::Index own = common + 2 * day;
        const double firmness = firmnessSd * x[0] + (day < 0 ? 0.0 : dayFirmnessSd * x[own]);
        const double speed = speedSd * x[1] + (day < 0 ? 0.0 : daySpeedSd * x[own + 1]);
        constexpr double d = groundDifference;
        try {
            RobustRow r;
            r.residual = Eigen::VectorXd::Constant(1, release_m - at(firmness, friction, speed));
            if (!slopes) return r;
            const double byFirmness =
                (at(firmness + d, friction, speed) - at(firmness - d, friction, speed)) / (2 * d);
            const double bySpeed =
                (at(firmness, friction, speed + d) - at(firmness, friction, speed - d)) / (2 * d);
            if (day < 0) {
                r.slope = Eigen::RowVector2d{byFirmness * firmnessSd, bySpeed * speedSd};
                r.places = {0, 1};
            } else {
                r.slope = Eigen::RowVector4d{byFirmness * firmnessSd, bySpeed * speedSd,
                                             byFirmness * dayFirmnessSd, bySpeed * daySpeedSd};
                r.places = {0, 1, own, own + 1};
            }
            return r;
        } catch (const RangeError&) {
            return std::nullopt;
        }
    }
};

/// The fit at one friction, in deviations of its prior, and its share of the truth.
struct Slice {
    double friction = 0.0;
    RobustFit fit;
    double share = 0.0;
};

/// Mean and deviation of a parameter over the slices.
struct Moments {
    double mean = 0.0, sd = 0.0;
};
template <class Mean, class Sd>
Moments momentsOf(const std::vector<Slice>& slices, Mean mean, Sd sd) {
    Moments m;
    double square = 0.0;
    for (const Slice& s : slices) {
        m.mean += s.share * mean(s);
        square += s.share * (mean(s) * mean(s) + sd(s) * sd(s));
    }
    m.sd = std::sqrt(std::max(0.0, square - m.mean * m.mean));
    return m;
}

/// Friction acts in two ways: below a bound the ball slides through its bounces and the run hangs
/// on it, above it grips and the run does not. One curvature cannot tell that, so that friction is
/// summed over slices, each with the Gaussian of the others (Rue, Martino and Chopin, "Approximate
/// Bayesian inference for latent Gaussian models", 2009).
class Slices {
public:
    Slices(const std::vector<Landed>& landed, std::size_t days, const TuneOptions& options,
           const Folds& folds)
        : landed_(landed), stop_(options.stop) {
        problem_.shots = landed.size();
        problem_.parameters = common + 2 * static_cast<Eigen::Index>(days);
        problem_.leastNoise = Eigen::VectorXd::Constant(1, leastNoise_m);
        problem_.threads = threadsFor(options.threads);
        problem_.parts = folds;
        // A run leaps with every hop more or less: no fit gets finer than that.
        problem_.enough = 1e-3;
    }

    /// Empty when there is no fit.
    std::vector<Slice> find() {
        if (!take(0.0)) return {};
        problem_.noise = fits_.back().fit.noise;
        if (!across(-widest, widest, coarse)) return {};
        // Noise and mass at the best one, then finer where the mass is.
        const auto best = std::max_element(fits_.begin(), fits_.end(), lessLikely);
        const double at = best->friction;
        problem_.start = best->fit.x;
        problem_.noise = {};
        fits_.clear();
        if (!take(at)) return {};
        const double from = std::max(-widest, at + low_);
        const double to = std::min(widest, at + high_);
        problem_.noise = fits_.back().fit.noise;
        fits_.clear();
        if (!across(from, to, fine)) return {};
        shareOut(fits_);
        while (fits_.size() < finest && jumps()) {
            if (!refine()) return {};
            shareOut(fits_);
        }
        return std::move(fits_);
    }

    /// How likely each friction is among them.
    static void shareOut(std::vector<Slice>& slices) {
        double sum = 0.0;
        const double top = logShare(*std::max_element(slices.begin(), slices.end(), lessLikely));
        for (Slice& s : slices)
            sum += s.share = std::exp(logShare(s) - top);
        for (Slice& s : slices)
            s.share /= sum;
    }

private:
    static constexpr double widest = 2.6;
    static constexpr int coarse = 5, fine = 9;
    static constexpr std::size_t finest = 65;
    static constexpr double still = 0.1;  // of the friction's deviation
    static constexpr double mass = 8.0;   // below the best one's logarithm by this there is none

    static double logShare(const Slice& s) {
        return -s.fit.cost - 0.5 * s.fit.logDeterminant - 0.5 * s.friction * s.friction;
    }
    static bool lessLikely(const Slice& a, const Slice& b) { return logShare(a) < logShare(b); }

    bool take(double friction) {
        problem_.row = [this, friction](std::size_t i, const Eigen::VectorXd& x, bool slopes) {
            return landed_[i].row(x, frictionSd * friction, slopes);
        };
        Slice s;
        s.friction = friction;
        s.fit = fitRobust(problem_, stop_);
        if (!s.fit.fitted) return false;
        problem_.start = s.fit.x;
        fits_.push_back(std::move(s));
        return true;
    }
    bool across(double from, double to, int count) {
        fits_.clear();
        for (int k = 0; k < count; ++k) {
            if (!take(from + (to - from) * k / (count - 1))) return false;
        }
        const auto best = std::max_element(fits_.begin(), fits_.end(), lessLikely);
        const double step = (to - from) / (count - 1);
        low_ = high_ = 0.0;
        for (const Slice& s : fits_) {
            if (logShare(s) < logShare(*best) - mass) continue;
            low_ = std::min(low_, s.friction - best->friction - step);
            high_ = std::max(high_, s.friction - best->friction + step);
        }
        return true;
    }

    /// Every second slice tells something else than all of them.
    bool jumps() const {
        std::vector<Slice> half;
        for (std::size_t k = 0; k < fits_.size(); k += 2)
            half.push_back(fits_[k]);
        shareOut(half);
        const auto friction = [](const Slice& s) { return s.friction; };
        const auto certain = [](const Slice&) { return 0.0; };
        const Moments all = momentsOf(fits_, friction, certain);
        const Moments some = momentsOf(half, friction, certain);
        const double sd = std::max(all.sd, 1e-3);
        return std::abs(all.mean - some.mean) > still * sd ||
               std::abs(all.sd - some.sd) > still * sd;
    }
    /// A slice between each two, from its left one's fit.
    bool refine() {
        std::vector<Slice> before = std::move(fits_);
        fits_.clear();
        for (std::size_t k = 0; k < before.size(); ++k) {
            fits_.push_back(before[k]);
            if (k + 1 == before.size()) break;
            problem_.start = before[k].fit.x;
            if (!take(0.5 * (before[k].friction + before[k + 1].friction))) return false;
        }
        return true;
    }

    const std::vector<Landed>& landed_;
    std::stop_token stop_;
    RobustProblem problem_;
    std::vector<Slice> fits_;
    double low_ = 0.0, high_ = 0.0;  // where the mass is, about the best
};

/// The friction below which a share of the truth lies; between slices by their middle.
double frictionAt(const std::vector<Slice>& slices, double share) {
    double below = 0.0;
    const double step = slices[1].friction - slices[0].friction;
    for (const Slice& s : slices) {
        if (below + s.share >= share) return s.friction + step * ((share - below) / s.share - 0.5);
        below += s.share;
    }
    return slices.back().friction;
}

/// The sessions with runs that have their own ground, and their places.
std::map<int, Eigen::Index> newestDays(std::span<const TuneShot> shots) {
    std::set<int> with;
    for (const TuneShot& s : shots) {
        if (!std::isnan(s.release_m)) with.insert(s.session);
    }
    while (with.size() > mostDays)
        with.erase(with.begin());
    std::map<int, Eigen::Index> days;
    for (const int session : with)
        days.emplace(session, static_cast<Eigen::Index>(days.size()));
    return days;
}

/// What all days share, by the slices.
GroundTuning sharedBy(const std::vector<Slice>& slices) {
    const auto mean = [&](auto of) {
        double sum = 0.0;
        for (const Slice& s : slices)
            sum += s.share * of(s);
        return sum;
    };
    return groundOf(firmnessSd * mean([](const Slice& s) { return s.fit.x[0]; }),
                    frictionSd * mean([](const Slice& s) { return s.friction; }),
                    speedSd * mean([](const Slice& s) { return s.fit.x[1]; }));
}

/// The slices as they would be without a part of the runs.
std::vector<Slice> without(std::vector<Slice> slices, std::size_t part) {
    for (Slice& s : slices) {
        if (part >= s.fit.parts.size()) continue;
        const FitSum& out = s.fit.parts[part];
        const Eigen::MatrixXd left = s.fit.curvature - out.curvature;
        const Eigen::LDLT<Eigen::MatrixXd> solver(left);
        const Eigen::VectorXd step = solver.solve(out.pull);
        s.fit.x -= step;
        s.fit.cost -= out.cost + 0.5 * out.pull.dot(step);
        s.fit.logDeterminant = solver.vectorD().array().abs().log().sum();
    }
    Slices::shareOut(slices);
    return slices;
}

}  // namespace

GroundParts tune::fitGroundParts(std::span<const TuneShot> shots, const TuneResult& strike,
                                 const AirTuning& air, const TuneOptions& options,
                                 const Folds& folds) {
    GroundParts all;
    GroundFit& out = all.fit;
    const std::size_t parts = folds.empty() ? 0 : 1 + *std::max_element(folds.begin(), folds.end());
    all.without.resize(parts);
    if (strike.refused || strike.weights.size() != shots.size()) return all;
    Tuning tuning;
    tuning.strike = strike.tuning;
    tuning.air = air;
    std::vector<Landed> landed;
    Folds landedFolds;
    const std::map<int, Eigen::Index> days = newestDays(shots);
    const std::vector<std::optional<Launch>> launches = calibratedLaunches(shots);
    const std::size_t every = shots.size() / mostRuns + 1;
    for (std::size_t i = 0; i < shots.size(); i += every) {
        const TuneShot& s = shots[i];
        if (std::isnan(s.release_m) || strike.weights[i] < 0.25 || s.conditions.line) continue;
        try {
            // As its measured launch flies, else as the tuned strike says.
            const FlightResult f = launches[i] ? calcFlight(*launches[i], air.air(s.conditions.air))
                                               : calcTunedShot(s, tuning).flight;
            const auto day = days.find(s.session);
            landed.push_back({f.landingVelocity_mps, f.landingSpin_radps, s.conditions.ground,
                              s.release_m, day == days.end() ? -1 : day->second});
            if (!folds.empty()) landedFolds.push_back(folds[i]);
        } catch (const RangeError&) {
            continue;
        }
    }
    const std::vector<Slice> slices = Slices(landed, days.size(), options, landedFolds).find();
    if (slices.empty()) return all;
    for (std::size_t part = 0; part < parts; ++part)
        all.without[part] = sharedBy(without(slices, part));
    const auto momentsAt = [&](Eigen::Index k) {
        return momentsOf(
            slices, [k](const Slice& s) { return s.fit.x[k]; },
            [k](const Slice& s) { return s.fit.sd(k); });
    };
    const Moments firmness = momentsAt(0);
    const Moments speed = momentsAt(1);
    const Moments friction = momentsOf(
        slices, [](const Slice& s) { return s.friction; }, [](const Slice&) { return 0.0; });
    out.used = slices.front().fit.used;
    out.settled = std::all_of(slices.begin(), slices.end(),
                              [](const Slice& s) { return s.fit.settled || s.share < 0.01; });
    out.runNoise_m = slices.front().fit.noise[0];
    out.tuning =
        groundOf(firmnessSd * firmness.mean, frictionSd * friction.mean, speedSd * speed.mean);
    // Another day has its own.
    out.tuning.firmnessSd = std::hypot(firmnessSd * firmness.sd, dayFirmnessSd);
    out.tuning.frictionSd = frictionSd * friction.sd;
    out.tuning.greenSpeedSd = std::hypot(speedSd * speed.sd, daySpeedSd);
    using Kind = TuneEstimate::Kind;
    const auto factor = [&](Kind kind, const Moments& m, double priorSd) {
        return factorOf(kind, out.used, priorSd * m.mean, priorSd * m.sd, 1.0, priorSd);
    };
    TuneEstimate its = factor(Kind::GroundFriction, friction, frictionSd);
    its.low80 = std::exp(frictionSd * frictionAt(slices, 0.1));
    its.high80 = std::exp(frictionSd * frictionAt(slices, 0.9));
    out.estimates = {factor(Kind::GroundFirmness, firmness, firmnessSd), its,
                     factor(Kind::GreenSpeed, speed, speedSd)};
    for (const auto& [session, day] : days) {
        GroundFit::Day d;
        d.session = session;
        const Eigen::Index own = common + 2 * day;
        d.tuning = groundOf(firmnessSd * firmness.mean + dayFirmnessSd * momentsAt(own).mean,
                            frictionSd * friction.mean,
                            speedSd * speed.mean + daySpeedSd * momentsAt(own + 1).mean);
        for (const Landed& l : landed)
            d.runs += l.day == day ? 1u : 0u;
        out.days.push_back(d);
    }
    return all;
}

GroundFit fitGround(std::span<const TuneShot> shots, const TuneResult& strike, const AirTuning& air,
                    const TuneOptions& options) {
    return fitGroundParts(shots, strike, air, options, {}).fit;
}

}  // namespace wedgeon
