// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Putting one parameter back, and seeing what it moves.
#include "wedgeon/tune/findings.h"

#include <algorithm>
#include <cmath>
#include <memory>

#include "tune/strike_model.h"
#include "wedgeon/error.h"
#include "wedgeon/units.h"

namespace wedgeon {
namespace {

using EstimateKind = TuneEstimate::Kind;

constexpr std::size_t mostShots = 60;
/// A shot with less of its weight in the fit is a misread or a mishit.
constexpr double leastWeight = 0.25;
/// In shares of what matters: less is not worth a sentence.
constexpr double leastFinding = 0.25;

bool isOfSetUp(EstimateKind kind) {
    return kind >= EstimateKind::OpenOffset;
}

/// The parameter as it was thought before.
void putBack(Tuning& t, const TuneEstimate& e) {
    const double less = e.prior - e.value;
    switch (e.kind) {
        case EstimateKind::Friction:
            for (StrikeTuning::OwnFriction& g : t.strike.groups) {
                if (g.group == e.group) g.log += std::log(e.prior / e.value);
            }
            return;
        case EstimateKind::TangentialRestitution:
            t.strike.tangentialRestitution[static_cast<std::size_t>(e.group.ball)] += less;
            return;
        case EstimateKind::TangentialSlope:
            t.strike.tangentialSlope_spm += less;
            return;
        case EstimateKind::Restitution0:
            t.strike.restitution0 += less;
            return;
        case EstimateKind::LoftBias:
            t.strike.loftBias_rad += less;
            return;
        case EstimateKind::AttackBias:
            t.strike.attackBias_rad += less;
            return;
        case EstimateKind::GroundFirmness:
            t.ground.firmness *= e.prior / e.value;
            return;
        case EstimateKind::GroundFriction:
            t.ground.friction *= e.prior / e.value;
            return;
        case EstimateKind::GreenSpeed:
            t.ground.greenSpeed *= e.prior / e.value;
            return;
        case EstimateKind::AirDrag:
            t.air.drag *= e.prior / e.value;
            return;
        case EstimateKind::AirLift:
            t.air.lift *= e.prior / e.value;
            return;
        case EstimateKind::OpenOffset:
            t.delivery.open.offset += less;
            return;
        case EstimateKind::OpenFactor:
            t.delivery.open.factor += less;
            return;
        case EstimateKind::LeanOffset:
            t.delivery.lean.offset += less;
            return;
        case EstimateKind::LeanFactor:
            t.delivery.lean.factor += less;
            return;
        case EstimateKind::BallOffset:
            t.delivery.ball.offset += less;
            return;
        case EstimateKind::BallFactor:
            t.delivery.ball.factor += less;
            return;
        case EstimateKind::PathOffset:
            return;
    }
}

std::optional<TuneOutcomes> predict(const TuneShot& shot, const std::shared_ptr<const Tuning>& t,
                                    bool fromSetUp) {
    try {
        ShotResult s;
        if (fromSetUp) {
            PlayerModel player;
            player.hand = shot.hand;
            player.tuning = t;
            s = Predictor(player, shot.conditions).shot(*shot.declared);
        } else {
            s = calcTunedShot(shot, *t);
        }
        return TuneOutcomes{s.strike.launch.angle_rad(), s.strike.launch.spinRate_radps(),
                            s.flight.landingAngle_rad(), s.flight.carry_m, s.run.release_m};
    } catch (const RangeError&) {
        return std::nullopt;
    }
}

}  // namespace

double mattersOf(TuneOutcome outcome) {
    switch (outcome) {
        case TuneOutcome::Spin:
            return radpsFromRpm(150);
        case TuneOutcome::Carry:
            return 0.5;
        case TuneOutcome::Release:
            return 0.3;
        default:
            return radFromDeg(1.0);
    }
}

std::vector<TuneFinding> findFindings(const PlayerFit& fit, std::span<const TuneShot> shots) {
    std::vector<TuneFinding> out;
    if (fit.strike.refused) return out;
    std::vector<const TuneShot*> counted, declared;
    for (std::size_t i = 0; i < shots.size(); ++i) {
        if (i >= fit.strike.weights.size() || fit.strike.weights[i] < leastWeight) continue;
        counted.push_back(&shots[i]);
        if (shots[i].declared) declared.push_back(&shots[i]);
    }
    const auto tuned = std::make_shared<const Tuning>(fit.tuning());
    for (const TuneEstimate& e : fit.estimates()) {
        const bool apart = (e.low80 - e.prior) * (e.high80 - e.prior) > 0.0;
        if (!e.identified || !apart || e.value == e.prior || e.kind == EstimateKind::PathOffset)
            continue;
        TuneFinding f;
        f.estimate = e;
        Tuning other = *tuned;
        putBack(other, e);
        const auto before = std::make_shared<const Tuning>(std::move(other));
        const bool setUp = isOfSetUp(e.kind);
        const auto& its = setUp ? declared : counted;
        std::size_t n = 0;
        const std::size_t each = its.size() / mostShots + 1;
        for (std::size_t i = 0; i < its.size(); i += each) {
            // Of a friction, the shots that have it.
            const TuneShot& shot = *its[i];
            if (e.kind == EstimateKind::Friction && !(tune::groupOf(shot.conditions) == e.group))
                continue;
            if (e.kind == EstimateKind::TangentialRestitution &&
                shot.conditions.ball != e.group.ball)
                continue;
            const auto with = predict(shot, tuned, setUp), without = predict(shot, before, setUp);
            if (!with || !without) continue;
            ++n;
            for (std::size_t o = 0; o < tuneOutcomeCount; ++o)
                f.by[o] += (*with)[o] - (*without)[o];
        }
        if (n == 0) continue;
        // As sure as the parameter is: the effect goes with it.
        const double share = 0.5 * (e.high80 - e.low80) / std::abs(e.value - e.prior);
        for (std::size_t o = 0; o < tuneOutcomeCount; ++o) {
            f.by[o] /= static_cast<double>(n);
            f.half[o] = std::abs(f.by[o]) * share;
            const auto outcome = static_cast<TuneOutcome>(o);
            const double weight = std::abs(f.by[o]) / mattersOf(outcome);
            if (weight > f.weight) {
                f.weight = weight;
                f.most = outcome;
            }
        }
        if (f.weight >= leastFinding) out.push_back(f);
    }
    std::stable_sort(out.begin(), out.end(), [](const TuneFinding& a, const TuneFinding& b) {
        return a.weight > b.weight;
    });
    return out;
}

}  // namespace wedgeon
