// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Part after part.
#include <algorithm>
#include <cmath>
#include <memory>

#include "tune/left_out.h"
#include "tune/robust_fit.h"
#include "tune/strike_model.h"
#include "wedgeon/error.h"

namespace wedgeon {
namespace {

/// Shares of the time.
constexpr double strikeDone = 0.4, partsDone = 0.6, deliveryDone = 0.7, checkDone = 0.98;

/// How well a part is known that was fitted; \p otherwise where it was not.
double sdOf(const std::vector<TuneEstimate>& all, TuneEstimate::Kind kind, bool factor,
            double otherwise) {
    double out = otherwise;
    for (const TuneEstimate& e : all) {
        if (e.kind != kind) continue;
        const double width = factor ? std::log(e.high80 / e.low80) : e.high80 - e.low80;
        out = std::min(out, width / (2.0 * halfOf80));
    }
    return std::max(out, 1e-4);
}

SeenFit fitOnTop(const PlayerFit& fit, const SeenFitRequest& seen) {
    using K = TuneEstimate::Kind;
    SeenFitRequest q = seen;
    q.player.tuning = std::make_shared<const Tuning>(fit.tuning());
    const std::vector<TuneEstimate> measured = fit.estimates();
    q.known.lean_rad = sdOf(measured, K::LeanOffset, false, q.known.lean_rad);
    q.known.ball_m = sdOf(measured, K::BallOffset, false, q.known.ball_m);
    q.known.friction = sdOf(measured, K::Friction, true, q.known.friction);
    q.known.firmness = sdOf(measured, K::GroundFirmness, true, q.known.firmness);
    q.known.groundFriction = sdOf(measured, K::GroundFriction, true, q.known.groundFriction);
    return fitSeen(q);
}

}  // namespace

Tuning PlayerFit::tuning() const {
    if (seen.fitted) return seen.tuning;
    Tuning t;
    if (strike.refused) return t;
    t.strike = strike.tuning;
    t.air = air.tuning;
    t.ground = ground.tuning;
    t.delivery = delivery.tuning;
    t.spread = spread;
    return t;
}

std::vector<TuneEstimate> PlayerFit::estimates() const {
    std::vector<TuneEstimate> all = strike.estimates;
    for (const auto* part : {&air.estimates, &ground.estimates, &delivery.estimates})
        all.insert(all.end(), part->begin(), part->end());
    // What was seen has the last word on what both tell of.
    for (const TuneEstimate& e : seen.estimates) {
        const auto at = std::find_if(all.begin(), all.end(), [&](const TuneEstimate& other) {
            return other.kind == e.kind && e.kind != TuneEstimate::Kind::Friction;
        });
        if (at == all.end() && (strike.refused || e.kind != TuneEstimate::Kind::Friction)) {
            all.push_back(e);
        } else if (at != all.end()) {
            const std::size_t shots = at->shots + e.shots;
            *at = e;
            at->shots = shots;
        }
    }
    return all;
}

PlayerFit fitPlayer(std::span<const TuneShot> shots, const TuneOptions& options,
                    const SeenFitRequest& seen) {
    PlayerFit fit;
    const auto tell = [&](double share) {
        if (options.progress) options.progress(share);
    };
    TuneOptions first = options;
    first.progress = [&](double share) { tell(strikeDone * share); };
    const tune::FoldPlan folds = tune::planFolds(shots);
    const tune::FittedParts parts(shots, first, folds);
    fit.strike = parts.strike.result;
    const bool stopped = fit.strike.refused && fit.strike.refused->kind == FitRemark::Kind::Stopped;
    if (fit.strike.refused) {
        if (!stopped && !seen.shots.empty()) fit.seen = fitOnTop(fit, seen);
        return fit;
    }
    fit.air = tune::airFitOf(parts.air);
    fit.ground = parts.ground.fit;
    tell(partsDone);
    fit.delivery = fitDelivery(shots, fit.strike, options);
    tell(deliveryDone);
    const tune::LeftOut left = tune::checkParts(shots, parts, folds, options);
    fit.check = left.check;
    fit.spread = left.scale;
    if (!left.correctionHelps && fit.strike.tuning.correction) {
        fit.strike.tuning.correction.reset();
        std::erase_if(fit.strike.notes,
                      [](const FitRemark& r) { return r.kind == FitRemark::Kind::LawCorrected; });
    }
    tell(checkDone);
    const auto note = [&](bool settled, FitRemark::Kind kind) {
        if (!settled) fit.strike.notes.push_back({kind});
    };
    note(fit.air.settled, FitRemark::Kind::AirUnsettled);
    note(fit.ground.settled, FitRemark::Kind::GroundUnsettled);
    note(fit.delivery.settled, FitRemark::Kind::SetUpUnsettled);
    if (!seen.shots.empty()) fit.seen = fitOnTop(fit, seen);
    tell(1.0);
    if (options.stop.stop_requested()) {
        fit.strike.refused = FitRemark{FitRemark::Kind::Stopped};
        fit.strike.weights.assign(shots.size(), 0.0);
    }
    return fit;
}

ShotResult calcTunedShot(const TuneShot& shot, const Tuning& tuning) {
    const Conditions& c = shot.conditions;
    Surroundings around{tuning.air.air(c.air), tuning.ground.ground(c.ground), nullptr};
    if (c.line) around.terrain = std::make_shared<const Terrain>(tuning.ground.line(*c.line));
    return calcShotWith(tuning.strike.unbiased(shot.read), tuning.strike.contact(tune::groupOf(c)),
                        around, tuning.strike.law());
}

}  // namespace wedgeon
