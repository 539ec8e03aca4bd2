// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// First-order spread by central differences.
#include "wedgeon/shot/spread.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <optional>

#include "shot/sources.h"
#include "wedgeon/error.h"
#include "wedgeon/shot/predictor.h"
#include "wedgeon/units.h"

namespace wedgeon {
namespace {

/// All of the ground that there is, by factors.
void scaleGround(Surroundings& around, double firmness, double friction) {
    around.ground = around.ground.scaled(firmness, friction);
    if (around.terrain)
        around.terrain =
            std::make_shared<const Terrain>(around.terrain->scaled(firmness, friction));
}

using Outputs = std::array<double, 7>;

Outputs predict(const StrikeInputs& in) {
    const ShotResult shot = in.play();
    const Launch& launch = shot.strike.launch;
    return {launch.angle_rad(),  launch.spinRate_radps(), shot.flight.landingAngle_rad(),
            shot.flight.carry_m, shot.run.release_m,      shot.flight.side_m,
            launch.speed_mps()};
}

std::optional<Outputs> predictIfPossible(const StrikeInputs& in) {
    try {
        return predict(in);
    } catch (const RangeError&) {
        return std::nullopt;
    }
}

}  // namespace

std::vector<SourceMove> movesOfParameters(const SpreadSource& u) {
    using In = StrikeInputs;
    return {
        {u.frictionShare, [](In& i, double v) { i.contact.friction *= 1.0 + v; }},
        {u.tangentialRestitution, [](In& i, double v) { i.contact.tangentialRestitution += v; }},
        {u.tangentialSlope_spm, [](In& i, double v) { i.contact.tangentialSlope_spm += v; }},
        {u.restitution0, [](In& i, double v) { i.law.restitution0 += v; }},
        {u.groundFirmnessShare, [](In& i, double v) { scaleGround(i.around, 1.0 + v, 1.0); }},
        {u.groundFrictionShare, [](In& i, double v) { scaleGround(i.around, 1.0, 1.0 + v); }}};
}

std::vector<SourceMove> movesOfDelivery(const SpreadSource& u) {
    using In = StrikeInputs;
    return {{u.clubSpeedShare, [](In& i, double v) { i.delivery.clubSpeed_mps *= 1.0 + v; }},
            {u.attack_rad, [](In& i, double v) { i.delivery.attack_rad += v; }},
            {u.dynamicLoft_rad, [](In& i, double v) { i.delivery.dynamicLoft_rad += v; }},
            {u.path_rad, [](In& i, double v) { i.delivery.path_rad += v; }},
            {u.faceAngle_rad, [](In& i, double v) { i.delivery.faceAngle_rad += v; }}};
}

SpreadSource SpreadSource::measured() {
    SpreadSource s;
    s.of = Of::Readings;
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

SpreadSource Predictor::source(const SpreadSource& prior) const {
    SpreadSource s = prior;
    if (!player_.tuning) return s;
    const Tuning& t = *player_.tuning;
    const Conditions& c = conditions_;
    s.frictionShare = std::min(s.frictionShare, t.strike.frictionSdOf({c.ball, c.face, c.lie}));
    s.tangentialRestitution =
        std::min(s.tangentialRestitution, t.strike.tangentialSd[static_cast<std::size_t>(c.ball)]);
    s.tangentialSlope_spm = std::min(s.tangentialSlope_spm, t.strike.tangentialSlopeSd_spm);
    s.restitution0 = std::min(s.restitution0, t.strike.restitution0Sd);
    s.groundFirmnessShare = std::min(s.groundFirmnessShare, t.ground.firmnessSd);
    s.groundFrictionShare = std::min(s.groundFrictionShare, t.ground.frictionSd);
    if (s.of == SpreadSource::Of::Swings && t.delivery.scatter) {
        const PlayerScatter& p = *t.delivery.scatter;
        s.clubSpeedShare = p.of(Scatter::Speed);
        s.attack_rad = p.of(Scatter::Attack);
        s.path_rad = p.of(Scatter::Path);
        s.faceAngle_rad = p.of(Scatter::Face);
        s.dynamicLoft_rad = p.of(Scatter::Loft);
    }
    return s;
}

Spread Predictor::spread(const ShotResult& shot, const SpreadSource& prior) const {
    const SpreadSource u = source(prior);
    const StrikeInputs centre{shot.swing.delivery, shot.contact, surroundings_, {}};
    const Outputs middle = predict(centre);

    std::vector<SourceMove> moves = movesOfParameters(u);
    for (SourceMove& move : movesOfDelivery(u))
        moves.push_back(std::move(move));

    Outputs variance{};
    for (const SourceMove& move : moves) {
        if (move.sd == 0.0) continue;
        StrikeInputs up = centre;
        StrikeInputs down = centre;
        move.by(up, move.sd);
        move.by(down, -move.sd);
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
    const auto half = [&](std::size_t k) { return halfOf80 * std::sqrt(variance[k]); };
    SpreadScale scale;
    if (player_.tuning && u.of == SpreadSource::Of::Readings) scale = player_.tuning->spread;
    return {scale.launch * half(0),
            scale.spin * half(1),
            scale.landing * half(2),
            scale.carry * half(3),
            scale.release * half(4),
            half(5),
            half(6)};
}

}  // namespace wedgeon
