// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Predicting what was not fitted, beside two plainer ways.
#include <Eigen/QR>
#include <algorithm>
#include <cmath>
#include <map>
#include <numeric>
#include <optional>

#include "tune/robust_fit.h"
#include "tune/strike_model.h"
#include "wedgeon/error.h"

namespace wedgeon {
namespace {

constexpr std::size_t partsOfOneSession = 5;
constexpr std::size_t mostFolds = 10;
constexpr Eigen::Index columns = 6;

Eigen::Matrix<double, 1, columns> features(const TuneShot& s) {
    Eigen::Matrix<double, 1, columns> row;
    row << 1.0, s.read.clubSpeed_mps, s.read.attack_rad, s.read.path_rad, s.read.faceAngle_rad,
        s.read.dynamicLoft_rad;
    return row;
}

/// Plain least squares of each outcome on the club's columns.
class Regression {
public:
    explicit Regression(const std::vector<TuneShot>& shots) {
        for (std::size_t o = 0; o < tuneOutcomeCount; ++o) {
            std::vector<const TuneShot*> with;
            for (const TuneShot& s : shots) {
                if (!std::isnan(getOutcomes(s)[o])) with.push_back(&s);
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

}  // namespace

LeftOutCheck checkLeftOut(std::span<const TuneShot> shots, const TuneOptions& options) {
    std::map<int, int> foldOf;
    for (const TuneShot& s : shots)
        foldOf.emplace(s.session, static_cast<int>(foldOf.size()));
    const bool parts = foldOf.size() < 2;
    LeftOutCheck out;
    out.folds = parts ? partsOfOneSession : std::min(mostFolds, foldOf.size());
    struct Errors {
        std::vector<double> tuned, prior, regression;
        std::size_t held = 0;
    };
    std::array<Errors, tuneOutcomeCount> errors;
    for (std::size_t fold = 0; fold < out.folds; ++fold) {
        std::vector<TuneShot> train, test;
        for (std::size_t i = 0; i < shots.size(); ++i) {
            const auto its =
                parts ? i % out.folds
                      : static_cast<std::size_t>(foldOf.at(shots[i].session)) % out.folds;
            (its == fold ? test : train).push_back(shots[i]);
        }
        TuneOptions quiet = options;
        quiet.progress = {};
        const PlayerFit fit = fitPlayer(train, quiet);
        if (options.stop.stop_requested()) {
            out.stopped = true;
            return out;
        }
        if (fit.strike.refused) continue;
        const Tuning tuning = fit.tuning();
        const Regression regression(train);
        // How far the fitted shots lie from the model.
        std::array<std::vector<double>, tuneOutcomeCount> residuals;
        for (const TuneShot& s : train) {
            const auto p = calcOutcomes(s, tuning);
            for (std::size_t o = 0; p && o < tuneOutcomeCount; ++o) {
                if (!std::isnan(getOutcomes(s)[o]))
                    residuals[o].push_back(std::abs(getOutcomes(s)[o] - (*p)[o]));
            }
        }
        TuneOutcomes half{};
        for (std::size_t o = 0; o < tuneOutcomeCount; ++o)
            half[o] = tune::quantileOf(std::move(residuals[o]), 0.8);
        for (const TuneShot& s : test) {
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
        if (options.progress)
            options.progress(static_cast<double>(fold + 1) / static_cast<double>(out.folds));
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
