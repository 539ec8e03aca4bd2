// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
#include "tune/left_out.h"

#include <algorithm>
#include <cmath>
#include <map>
#include <memory>
#include <numeric>
#include <optional>

#include "tune/fit_correction.h"
#include "tune/rival.h"
#include "tune/robust_fit.h"
#include "wedgeon/error.h"
#include "wedgeon/parallel.h"

namespace wedgeon {
namespace {

using namespace tune;

constexpr std::size_t partsOfOneSession = 5;
constexpr std::size_t mostFolds = 10;
/// Shots that are predicted, taken evenly, and those whose intervals are worked out.
constexpr std::size_t mostJudged = 3000, mostIntervals = 300;
/// Fewer give no factor.
constexpr std::size_t fewestCalibrated = 20;
/// A shot with less of its weight in the fit is a misread or a mishit.
constexpr double downWeight = 0.25;

/// How far a value lies from what is predicted, in half widths of the interval that is shown before
/// any factor.
std::optional<TuneOutcomes> strayOf(const TuneShot& shot, const PlayerModel& player) {
    try {
        const Predictor predictor(player, shot.conditions);
        const ShotResult p = predictor.shotFrom(shot.read);
        const Spread s = predictor.spreadWithRun(p, SpreadSource::measured());
        const TuneOutcomes was = getOutcomes(shot);
        const auto stray = [](double by, double half) {
            return half > 0.0 ? std::abs(by) / half : std::nan("");
        };
        const double run = was[4] - p.run.release_m;
        return TuneOutcomes{stray(was[0] - p.strike.launch.angle_rad(), s.launchAngle_rad),
                            stray(was[1] - p.strike.launch.spinRate_radps(), s.spinRate_radps),
                            stray(was[2] - p.flight.landingAngle_rad(), s.landingAngle_rad),
                            stray(was[3] - p.flight.carry_m, s.carry_m),
                            stray(run, run < 0.0 ? s.releaseBelow_m : s.releaseAbove_m)};
    } catch (const RangeError&) {
        return std::nullopt;
    }
}

/// What a fold tells of one outcome.
struct Errors {
    std::vector<double> tuned, law, prior, rival, strays;
    std::size_t misreads = 0;
};
using FoldErrors = std::array<Errors, tuneOutcomeCount>;

class Check {
public:
    Check(std::span<const TuneShot> shots, const FittedParts& parts, const FoldPlan& folds)
        : shots_(shots), parts_(parts), folds_(folds) {}

    FoldErrors errorsOf(std::size_t fold) const {
        PlayerModel player;
        const auto tuning = std::make_shared<const Tuning>(without(fold));
        player.tuning = tuning;
        const Tuning prior;
        Tuning law = *tuning;
        law.strike.correction.reset();
        std::vector<std::size_t> train, test;
        for (std::size_t i = 0; i < shots_.size(); ++i)
            (folds_.of[i] == fold ? test : train).push_back(i);
        const Rival rival(shots_, train);
        const std::size_t each = shots_.size() / mostJudged + 1;
        const std::size_t every = each * (shots_.size() / (each * mostIntervals) + 1);
        FoldErrors errors;
        for (std::size_t k = 0; k < test.size(); k += each) {
            const std::size_t i = test[k];
            const TuneShot& s = shots_[i];
            const TuneOutcomes truth = getOutcomes(s);
            const auto tuned = calcOutcomes(s, *tuning);
            const auto before = calcOutcomes(s, prior);
            const auto plainLaw = tuning->strike.correction ? calcOutcomes(s, law) : tuned;
            if (!tuned || !before || !plainLaw) continue;
            const bool misread = parts_.strike.result.weights[i] < downWeight;
            const auto strays = k % every == 0 && !misread ? strayOf(s, player) : std::nullopt;
            for (std::size_t o = 0; o < tuneOutcomeCount; ++o) {
                const auto plain = rival(s, o);
                if (std::isnan(truth[o]) || !plain) continue;
                if (misread) {
                    ++errors[o].misreads;
                    continue;
                }
                errors[o].tuned.push_back(std::abs(truth[o] - (*tuned)[o]));
                errors[o].law.push_back(std::abs(truth[o] - (*plainLaw)[o]));
                errors[o].prior.push_back(std::abs(truth[o] - (*before)[o]));
                errors[o].rival.push_back(std::abs(truth[o] - *plain));
                if (strays && std::isfinite((*strays)[o])) errors[o].strays.push_back((*strays)[o]);
            }
        }
        return errors;
    }

private:
    /// The tuning to all shots but the fold's.
    Tuning without(std::size_t fold) const {
        Tuning t;
        t.strike = parts_.strike.without(fold);
        std::vector<double> weights = parts_.strike.result.weights;
        for (std::size_t i = 0; i < weights.size(); ++i) {
            if (folds_.of[i] == fold) weights[i] = 0.0;
        }
        t.strike.correction = fitCorrection(shots_, weights, t.strike);
        const RobustFit& air = parts_.air;
        if (air.fitted) {
            t.air =
                airOf(fold < air.parts.size() ? withoutPart(air.x, air.curvature, air.parts[fold])
                                              : air.x);
            t.air.dragSd *= air.sd(0);
            t.air.liftSd *= air.sd(1);
        }
        t.ground = parts_.ground.without[fold];
        const GroundTuning& ground = parts_.ground.fit.tuning;
        t.ground.firmnessSd = ground.firmnessSd;
        t.ground.frictionSd = ground.frictionSd;
        t.ground.greenSpeedSd = ground.greenSpeedSd;
        return t;
    }

    std::span<const TuneShot> shots_;
    const FittedParts& parts_;
    const FoldPlan& folds_;
};

LeftOutCheck::Errors summaryOf(const std::vector<double>& errors) {
    return {std::accumulate(errors.begin(), errors.end(), 0.0) / static_cast<double>(errors.size()),
            medianOf(errors)};
}

/// The factor with which four in five of \p strays lie inside; 1 for too few.
double scaleOf(std::vector<double> strays) {
    if (strays.size() < fewestCalibrated) return 1.0;
    // A spread is never nothing, and never beyond all use.
    return std::clamp(quantileOf(std::move(strays), 0.8), 0.1, 5.0);
}

template <class Of>
std::vector<double> together(const std::vector<FoldErrors>& folds, std::size_t but, const Of& of) {
    std::vector<double> out;
    for (std::size_t f = 0; f < folds.size(); ++f) {
        if (f == but) continue;
        const std::vector<double>& its = of(folds[f]);
        out.insert(out.end(), its.begin(), its.end());
    }
    return out;
}

}  // namespace

FoldPlan tune::planFolds(std::span<const TuneShot> shots) {
    std::map<int, std::size_t> sessions;
    for (const TuneShot& s : shots)
        sessions.emplace(s.session, sessions.size());
    FoldPlan out;
    out.oneDay = sessions.size() < 2;
    out.count = out.oneDay ? partsOfOneSession : std::min(mostFolds, sessions.size());
    out.of.reserve(shots.size());
    for (std::size_t i = 0; i < shots.size(); ++i)
        out.of.push_back((out.oneDay ? i : sessions.at(shots[i].session)) % out.count);
    return out;
}

tune::FittedParts::FittedParts(std::span<const TuneShot> shots, const TuneOptions& options,
                               const FoldPlan& folds)
    : strike(fitStrikeParts(shots, options, folds.of)) {
    if (strike.result.refused) return;
    TuneOptions quiet = options;
    quiet.progress = {};
    air = fitAirParts(shots, strike.result, quiet, folds.of);
    ground = fitGroundParts(shots, strike.result, air.fitted ? airOf(air.x) : AirTuning{}, quiet,
                            folds.of);
}

LeftOut tune::checkParts(std::span<const TuneShot> shots, const FittedParts& parts,
                         const FoldPlan& folds, const TuneOptions& options) {
    LeftOut out;
    LeftOutCheck& check = out.check;
    check.folds = folds.count;
    check.oneDay = folds.oneDay;
    check.stopped = options.stop.stop_requested();
    if (parts.strike.result.refused || check.stopped) return out;
    const Check all(shots, parts, folds);
    std::vector<FoldErrors> each(folds.count);
    runParts(folds.count, threadsFor(options.threads), [&](std::size_t fold) {
        if (!options.stop.stop_requested()) each[fold] = all.errorsOf(fold);
    });
    check.stopped = options.stop.stop_requested();
    if (check.stopped) return out;
    const std::array scales{&out.scale.launch, &out.scale.spin, &out.scale.landing,
                            &out.scale.carry, &out.scale.release};
    for (std::size_t o = 0; o < tuneOutcomeCount; ++o) {
        const std::size_t none = each.size();
        const auto tuned = together(each, none, [o](const auto& f) { return f[o].tuned; });
        LeftOutCheck::Line& line = check.lines[o];
        for (const FoldErrors& f : each)
            line.misreads += f[o].misreads;
        line.shots = tuned.size();
        if (line.shots == 0) continue;
        line.tuned = summaryOf(tuned);
        line.law = summaryOf(together(each, none, [o](const auto& f) { return f[o].law; }));
        line.prior = summaryOf(together(each, none, [o](const auto& f) { return f[o].prior; }));
        line.rival = summaryOf(together(each, none, [o](const auto& f) { return f[o].rival; }));
        const auto strays = [o](const FoldErrors& f) { return f[o].strays; };
        *scales[o] = scaleOf(together(each, none, strays));
        std::size_t held = 0, judged = 0;
        for (std::size_t fold = 0; fold < each.size(); ++fold) {
            const double scale = scaleOf(together(each, fold, strays));
            for (const double s : each[fold][o].strays) {
                ++judged;
                held += s <= scale ? 1u : 0u;
            }
        }
        if (judged > 0) line.coverage80 = static_cast<double>(held) / static_cast<double>(judged);
    }
    // Launch and spin are what it was fitted to.
    const auto helps = [&](TuneOutcome outcome) {
        const LeftOutCheck::Line& line = check.lines[static_cast<std::size_t>(outcome)];
        return line.shots > 0 ? line.tuned.mean / line.law.mean - 1.0 : 0.0;
    };
    constexpr double worthIt = -0.01;
    out.correctionHelps = helps(TuneOutcome::Launch) + helps(TuneOutcome::Spin) < worthIt;
    // The runs of one day tell nothing of how far another day is from it.
    if (folds.oneDay) out.scale.release = std::max(out.scale.release, 1.0);
    return out;
}

LeftOutCheck checkLeftOut(std::span<const TuneShot> shots, const TuneOptions& options) {
    const FoldPlan folds = planFolds(shots);
    return checkParts(shots, FittedParts(shots, options, folds), folds, options).check;
}

}  // namespace wedgeon
