// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Predicting what was not fitted, beside two plainer ways.
#include <Eigen/QR>
#include <algorithm>
#include <cmath>
#include <map>
#include <numeric>
#include <optional>

#include "tune/estimates.h"
#include "tune/robust_fit.h"
#include "tune/strike_model.h"
#include "wedgeon/error.h"
#include "wedgeon/parallel.h"

namespace wedgeon {
namespace {

using namespace tune;

constexpr std::size_t partsOfOneSession = 5;
constexpr std::size_t mostFolds = 10;
/// Fitted shots by which a fold's interval is judged.
constexpr std::size_t mostJudged = 500;
constexpr Eigen::Index columns = 6;
constexpr double fitDone = 0.7;  // of the time

Eigen::Matrix<double, 1, columns> features(const TuneShot& s) {
    Eigen::Matrix<double, 1, columns> row;
    row << 1.0, s.read.clubSpeed_mps, s.read.attack_rad, s.read.path_rad, s.read.faceAngle_rad,
        s.read.dynamicLoft_rad;
    return row;
}

/// Plain least squares of each outcome on the club's columns.
class Regression {
public:
    Regression(std::span<const TuneShot> shots, const std::vector<std::size_t>& train) {
        for (std::size_t o = 0; o < tuneOutcomeCount; ++o) {
            std::vector<const TuneShot*> with;
            for (const std::size_t i : train) {
                if (!std::isnan(getOutcomes(shots[i])[o])) with.push_back(&shots[i]);
            }
            if (with.size() <= static_cast<std::size_t>(columns)) continue;
            Eigen::MatrixXd x(static_cast<Eigen::Index>(with.size()), columns);
            Eigen::VectorXd y(static_cast<Eigen::Index>(with.size()));
            for (std::size_t i = 0; i < with.size(); ++i) {
                x.row(static_cast<Eigen::Index>(i)) = features(*with[i]);
                y[static_cast<Eigen::Index>(i)] = getOutcomes(*with[i])[o];
            }
            weights_[o] = x.colPivHouseholderQr().solve(y);
        }
    }
    std::optional<double> operator()(const TuneShot& s, std::size_t o) const {
        if (weights_[o].size() == 0) return std::nullopt;
        return (features(s) * weights_[o]).value();
    }

private:
    std::array<Eigen::VectorXd, tuneOutcomeCount> weights_;
};

double meanOf(const std::vector<double>& v) {
    return std::accumulate(v.begin(), v.end(), 0.0) / static_cast<double>(v.size());
}

/// What a fold tells.
struct Errors {
    std::vector<double> tuned, prior, regression;
    std::size_t held = 0;
};
using FoldErrors = std::array<Errors, tuneOutcomeCount>;

/// Everything that all folds have in common: the fit to all shots, with what each fold adds.
class Check {
public:
    Check(std::span<const TuneShot> shots, const TuneOptions& options, const Folds& folds)
        : shots_(shots),
          folds_(folds),
          strike_(fitStrikeParts(shots, options, folds)),
          air_(fitAirParts(shots, strike_.result, options, folds)),
          ground_(fitGroundParts(shots, strike_.result, air_.fitted ? airOf(air_.x) : AirTuning{},
                                 options, folds)) {}

    bool refused() const { return strike_.result.refused.has_value(); }

    FoldErrors errorsOf(std::size_t fold) const {
        const Tuning tuning = without(fold);
        std::vector<std::size_t> train, test;
        for (std::size_t i = 0; i < shots_.size(); ++i)
            (folds_[i] == fold ? test : train).push_back(i);
        const Regression regression(shots_, train);
        const TuneOutcomes half = spreadOf(train, tuning);
        FoldErrors errors;
        for (const std::size_t i : test) {
            const TuneShot& s = shots_[i];
            const auto tuned = calcOutcomes(s, tuning);
            const auto prior = calcOutcomes(s, Tuning{});
            for (std::size_t o = 0; tuned && prior && o < tuneOutcomeCount; ++o) {
                const double truth = getOutcomes(s)[o];
                const auto plain = regression(s, o);
                if (std::isnan(truth) || !plain) continue;
                const double error = std::abs(truth - (*tuned)[o]);
                errors[o].tuned.push_back(error);
                errors[o].prior.push_back(std::abs(truth - (*prior)[o]));
                errors[o].regression.push_back(std::abs(truth - *plain));
                errors[o].held += error <= half[o] ? 1u : 0u;
            }
        }
        return errors;
    }

private:
    /// The tuning to all shots but the fold's.
    Tuning without(std::size_t fold) const {
        Tuning t;
        t.strike = strike_.without(fold);
        if (air_.fitted) {
            t.air = airOf(fold < air_.parts.size()
                              ? withoutPart(air_.x, air_.curvature, air_.parts[fold])
                              : air_.x);
        }
        t.ground = ground_.without[fold];
        return t;
    }

    /// How far the fitted shots lie from the model.
    TuneOutcomes spreadOf(const std::vector<std::size_t>& train, const Tuning& tuning) const {
        std::array<std::vector<double>, tuneOutcomeCount> residuals;
        const std::size_t every = train.size() / mostJudged + 1;
        for (std::size_t k = 0; k < train.size(); k += every) {
            const TuneShot& s = shots_[train[k]];
            const auto p = calcOutcomes(s, tuning);
            for (std::size_t o = 0; p && o < tuneOutcomeCount; ++o) {
                if (!std::isnan(getOutcomes(s)[o]))
                    residuals[o].push_back(std::abs(getOutcomes(s)[o] - (*p)[o]));
            }
        }
        TuneOutcomes half{};
        for (std::size_t o = 0; o < tuneOutcomeCount; ++o)
            half[o] = quantileOf(std::move(residuals[o]), 0.8);
        return half;
    }

    std::span<const TuneShot> shots_;
    const Folds& folds_;
    StrikeParts strike_;
    RobustFit air_;
    GroundParts ground_;
};

}  // namespace

LeftOutCheck checkLeftOut(std::span<const TuneShot> shots, const TuneOptions& options) {
    std::map<int, std::size_t> sessions;
    for (const TuneShot& s : shots)
        sessions.emplace(s.session, sessions.size());
    const bool parts = sessions.size() < 2;
    LeftOutCheck out;
    out.folds = parts ? partsOfOneSession : std::min(mostFolds, sessions.size());
    Folds folds;
    folds.reserve(shots.size());
    for (std::size_t i = 0; i < shots.size(); ++i)
        folds.push_back((parts ? i : sessions.at(shots[i].session)) % out.folds);
    TuneOptions quiet = options;
    quiet.progress = {};
    const Check check(shots, quiet, folds);
    out.stopped = options.stop.stop_requested();
    if (check.refused() || out.stopped) return out;
    std::vector<FoldErrors> each(out.folds);
    if (options.progress) options.progress(fitDone);
    runParts(out.folds, threadsFor(options.threads), [&](std::size_t fold) {
        if (!options.stop.stop_requested()) each[fold] = check.errorsOf(fold);
    });
    if (options.progress) options.progress(1.0);
    out.stopped = options.stop.stop_requested();
    if (out.stopped) return out;
    FoldErrors errors;
    for (FoldErrors& fold : each) {
        for (std::size_t o = 0; o < tuneOutcomeCount; ++o) {
            const auto add = [](std::vector<double>& to, const std::vector<double>& from) {
                to.insert(to.end(), from.begin(), from.end());
            };
            add(errors[o].tuned, fold[o].tuned);
            add(errors[o].prior, fold[o].prior);
            add(errors[o].regression, fold[o].regression);
            errors[o].held += fold[o].held;
        }
    }
    for (std::size_t o = 0; o < tuneOutcomeCount; ++o) {
        LeftOutCheck::Line& line = out.lines[o];
        line.shots = errors[o].tuned.size();
        if (line.shots == 0) continue;
        line.coverage80 = static_cast<double>(errors[o].held) / static_cast<double>(line.shots);
        line.tuned = meanOf(errors[o].tuned);
        line.prior = meanOf(errors[o].prior);
        line.regression = meanOf(errors[o].regression);
    }
    return out;
}

}  // namespace wedgeon
