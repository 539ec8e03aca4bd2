// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// First-order spread by central differences.
#include "wedgeon/shot/spread.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <functional>
#include <optional>

#include "wedgeon/error.h"
#include "wedgeon/units.h"

namespace wedgeon {
namespace {

/// Half width of an interval with 80 % of a normal distribution, in standard deviations.
constexpr double eightyPercent = 1.2815515655446004;

/// Everything that a source can move.
struct Inputs {
    Delivery delivery;
    Givens givens;
    Contact contact;
    StrikeLaw law;
};

using Outputs = std::array<double, 7>;

Outputs predict(const Inputs& in) {
    const StrikeResult strike = calcStrike(in.delivery, in.contact, in.law);
    const FlightResult flight = calcFlight(strike.launch, in.givens.air);
    const GroundResult run =
        calcRun(flight.landingVelocity_mps, flight.landingSpin_radps, in.givens.ground);
    return {strike.launch.angle_rad(),
            strike.launch.spinRate_radps(),
            flight.landingAngle_rad(),
            flight.carry_m,
            run.release_m,
            flight.side_m,
            strike.launch.speed_mps()};
}

std::optional<Outputs> predictIfPossible(const Inputs& in) {
    try {
        return predict(in);
    } catch (const RangeError&) {
        return std::nullopt;
    }
}

}  // namespace

SpreadSource SpreadSource::measured() {
    SpreadSource s;
    s.clubSpeedShare = 0.005;
    s.attack_rad = radFromDeg(0.7);
    s.dynamicLoft_rad = radFromDeg(0.8);
    s.path_rad = radFromDeg(0.7);
    s.faceAngle_rad = radFromDeg(0.7);
    return s;
}

SpreadSource SpreadSource::swings() {
    SpreadSource s;
    s.clubSpeedShare = 0.025;
    s.attack_rad = radFromDeg(1.0);
    s.dynamicLoft_rad = radFromDeg(1.2);
    s.path_rad = radFromDeg(1.2);
    s.faceAngle_rad = radFromDeg(1.5);
    return s;
}

SpreadSource SpreadSource::tuned(const Givens& givens) const {
    SpreadSource s = *this;
    if (!givens.tuning) return s;
    s.frictionShare = std::min(s.frictionShare,
                               givens.tuning->frictionSdOf({givens.ball, givens.face, givens.lie}));
    s.tangentialRestitution =
        std::min(s.tangentialRestitution,
                 givens.tuning->tangentialSd[static_cast<std::size_t>(givens.ball)]);
    s.restitution0 = std::min(s.restitution0, givens.tuning->restitution0Sd);
    return s;
}

Spread findSpread(const ShotResult& shot, const Givens& givens, const SpreadSource& prior) {
    const SpreadSource source = prior.tuned(givens);
    const Inputs centre{shot.swing.delivery, givens, shot.contact, {}};
    const Outputs middle = predict(centre);

    using Move = std::function<void(Inputs&, double)>;
    const std::array<Move, 10> moves{
        [&](Inputs& i, double k) { i.contact.friction *= 1.0 + k * source.frictionShare; },
        [&](Inputs& i, double k) {
            i.contact.tangentialRestitution += k * source.tangentialRestitution;
        },
        [&](Inputs& i, double k) { i.law.restitution0 += k * source.restitution0; },
        [&](Inputs& i, double k) {
            i.givens.ground.firmness *= 1.0 + k * source.groundFirmnessShare;
        },
        [&](Inputs& i, double k) {
            i.givens.ground.friction *= 1.0 + k * source.groundFrictionShare;
        },
        [&](Inputs& i, double k) { i.delivery.clubSpeed_mps *= 1.0 + k * source.clubSpeedShare; },
        [&](Inputs& i, double k) { i.delivery.attack_rad += k * source.attack_rad; },
        [&](Inputs& i, double k) { i.delivery.dynamicLoft_rad += k * source.dynamicLoft_rad; },
        [&](Inputs& i, double k) { i.delivery.path_rad += k * source.path_rad; },
        [&](Inputs& i, double k) { i.delivery.faceAngle_rad += k * source.faceAngle_rad; },
    };

    Outputs variance{};
    for (const Move& move : moves) {
        Inputs up = centre;
        Inputs down = centre;
        move(up, 1.0);
        move(down, -1.0);
        const auto high = predictIfPossible(up);
        const auto low = predictIfPossible(down);
        for (std::size_t k = 0; k < variance.size(); ++k) {
            double step = 0.0;
            if (high && low) {
                step = 0.5 * ((*high)[k] - (*low)[k]);
            } else if (high || low) {
                step = (high ? *high : *low)[k] - middle[k];
            }
            variance[k] += step * step;
        }
    }
    const auto half = [&](std::size_t k) { return eightyPercent * std::sqrt(variance[k]); };
    return {half(0), half(1), half(2), half(3), half(4), half(5), half(6)};
}

}  // namespace wedgeon
