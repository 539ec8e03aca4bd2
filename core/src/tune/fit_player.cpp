// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Part after part.
#include <algorithm>
#include <array>
#include <cmath>
#include <memory>

#include "tune/robust_fit.h"
#include "tune/strike_model.h"
#include "wedgeon/error.h"

namespace wedgeon {
namespace {

/// Shares of the time.
constexpr double strikeDone = 0.5, airDone = 0.65, groundDone = 0.85, deliveryDone = 0.9;

constexpr std::size_t mostCalibrated = 200;
constexpr std::size_t fewestCalibrated = 20;

/// How many spreads away four in five of the measured values lie.
SpreadScale spreadOf(std::span<const TuneShot> shots, const PlayerFit& fit,
                     const std::stop_token& stop) {
    PlayerModel player;
    player.tuning = std::make_shared<const Tuning>(fit.tuning());
    std::array<std::vector<double>, tuneOutcomeCount> ratios;
    const std::size_t every = shots.size() / mostCalibrated + 1;
    for (std::size_t i = 0; i < shots.size() && !stop.stop_requested(); i += every) {
        if (fit.strike.weights[i] <= 0.0) continue;
        try {
            const Predictor predictor(player, shots[i].conditions);
            const ShotResult p = predictor.shotFrom(shots[i].read);
            const Spread s = predictor.spread(p, SpreadSource::measured());
            const TuneOutcomes measured = getOutcomes(shots[i]);
            const TuneOutcomes predicted{
                p.strike.launch.angle_rad(), p.strike.launch.spinRate_radps(),
                p.flight.landingAngle_rad(), p.flight.carry_m, p.run.release_m};
            const TuneOutcomes half{s.launchAngle_rad, s.spinRate_radps, s.landingAngle_rad,
                                    s.carry_m, s.release_m};
            for (std::size_t o = 0; o < tuneOutcomeCount; ++o) {
                if (!std::isnan(measured[o]) && half[o] > 0.0)
                    ratios[o].push_back(std::abs(measured[o] - predicted[o]) / half[o]);
            }
        } catch (const RangeError&) {
            continue;
        }
    }
    SpreadScale out;
    const std::array scales{&out.launch, &out.spin, &out.landing, &out.carry, &out.release};
    for (std::size_t o = 0; o < tuneOutcomeCount; ++o) {
        if (ratios[o].size() < fewestCalibrated) continue;
        // A spread is never nothing, and never beyond all use.
        *scales[o] = std::clamp(tune::quantileOf(std::move(ratios[o]), 0.8), 0.1, 5.0);
    }
    // The ground of these days was fitted to them; another day is one more.
    if (const auto days = static_cast<double>(fit.ground.days.size()); days > 0.0)
        out.release *= std::sqrt(1.0 + 1.0 / days);
    // The runs of one day tell nothing of how far another day is from it.
    if (fit.ground.days.size() < 2) out.release = std::max(out.release, 1.0);
    return out;
}

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
    fit.strike = fitStrike(shots, first);
    const bool stopped = fit.strike.refused && fit.strike.refused->kind == FitRemark::Kind::Stopped;
    if (fit.strike.refused) {
        if (!stopped && !seen.shots.empty()) fit.seen = fitOnTop(fit, seen);
        return fit;
    }
    tell(strikeDone);
    fit.air = fitAir(shots, fit.strike, options);
    tell(airDone);
    fit.ground = fitGround(shots, fit.strike, fit.air.tuning, options);
    tell(groundDone);
    fit.delivery = fitDelivery(shots, fit.strike, options);
    tell(deliveryDone);
    fit.spread = spreadOf(shots, fit, options.stop);
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
