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
void scaleGround(Surroundings& around, double firmness, double friction, double greenSpeed) {
    around.ground = around.ground.scaled(firmness, friction, greenSpeed);
    if (around.terrain)
        around.terrain =
            std::make_shared<const Terrain>(around.terrain->scaled(firmness, friction, greenSpeed));
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
        {u.friction, [](In& i, double v) { i.contact.friction *= std::exp(v); }},
        {u.tangentialRestitution, [](In& i, double v) { i.contact.tangentialRestitution += v; }},
        {u.tangentialSlope_spm, [](In& i, double v) { i.contact.tangentialSlope_spm += v; }},
        {u.restitution0, [](In& i, double v) { i.law.restitution0 += v; }},
        {u.drag, [](In& i, double v) { i.around.air.drag *= std::exp(v); }},
        {u.lift, [](In& i, double v) { i.around.air.lift *= std::exp(v); }},
        {u.firmness, [](In& i, double v) { scaleGround(i.around, std::exp(v), 1.0, 1.0); }},
        {u.groundFriction, [](In& i, double v) { scaleGround(i.around, 1.0, std::exp(v), 1.0); }},
        {u.greenSpeed, [](In& i, double v) { scaleGround(i.around, 1.0, 1.0, std::exp(v)); }},
        {u.loftBias_rad, [](In& i, double v) { i.delivery.dynamicLoft_rad += v; }},
        {u.attackBias_rad, [](In& i, double v) { i.delivery.attack_rad += v; }},
        {u.law, [](In& i, double v) { i.contact.correctionStray[0] += v; }},
        {u.law, [](In& i, double v) { i.contact.correctionStray[1] += v; }},
        {u.law, [](In& i, double v) { i.contact.correctionStray[2] += v; }}};
}

std::vector<SourceMove> movesOfDelivery(const SpreadSource& u) {
    using In = StrikeInputs;
    return {
        {u.club.of(Scatter::Speed), [](In& i, double v) { i.delivery.clubSpeed_mps *= 1.0 + v; }},
        {u.club.of(Scatter::Attack), [](In& i, double v) { i.delivery.attack_rad += v; }},
        {u.club.of(Scatter::Path), [](In& i, double v) { i.delivery.path_rad += v; }},
        {u.club.of(Scatter::Face), [](In& i, double v) { i.delivery.faceAngle_rad += v; }},
        {u.club.of(Scatter::Loft), [](In& i, double v) { i.delivery.dynamicLoft_rad += v; }}};
}

SpreadSource SpreadSource::none() {
    SpreadSource s;
    for (double* sd :
         {&s.friction, &s.tangentialRestitution, &s.tangentialSlope_spm, &s.restitution0, &s.drag,
          &s.lift, &s.firmness, &s.groundFriction, &s.greenSpeed, &s.law})
        *sd = 0.0;
    s.club.sd = {};
    return s;
}

SpreadSource SpreadSource::practised() {
    SpreadSource s = none();
    s.friction = unknowns::groupFriction;
    s.firmness = unknowns::placeFirmness;
    s.groundFriction = unknowns::placeFriction;
    s.greenSpeed = unknowns::placeGreenSpeed;
    s.club = {};
    return s;
}

SpreadSource SpreadSource::withClub(double speedShare, double loft_rad) const {
    SpreadSource s = *this;
    s.club = {};
    s.club.sd = {speedShare, 0.0, 0.0, 0.0, loft_rad, 0.0, 0.0};
    return s;
}

SpreadSource SpreadSource::measured() {
    SpreadSource s;
    s.of = Of::Readings;
    s.loftBias_rad = s.attackBias_rad = unknowns::deviceBias_rad;
    s.club.sd = {unknowns::readSpeed,
                 unknowns::readAngle_rad,
                 unknowns::readAngle_rad,
                 unknowns::readAngle_rad,
                 unknowns::readLoft_rad,
                 0.0,
                 0.0};
    return s;
}

SpreadSource SpreadSource::swings() {
    return {};
}

SpreadSource Predictor::source(const SpreadSource& prior) const {
    SpreadSource s = prior;
    if (!contact_.correction) s.law = 0.0;
    if (!player_.tuning) return s;
    const Tuning& t = *player_.tuning;
    const Conditions& c = conditions_;
    const auto narrowed = [](double& sd, double tuned) { sd = std::min(sd, tuned); };
    narrowed(s.friction, t.strike.frictionSdOf({c.ball, c.face, c.lie}));
    narrowed(s.tangentialRestitution, t.strike.tangentialSd[static_cast<std::size_t>(c.ball)]);
    narrowed(s.tangentialSlope_spm, t.strike.tangentialSlopeSd_spm);
    narrowed(s.restitution0, t.strike.restitution0Sd);
    narrowed(s.drag, t.air.dragSd);
    narrowed(s.lift, t.air.liftSd);
    narrowed(s.firmness, t.ground.firmnessSd);
    narrowed(s.groundFriction, t.ground.frictionSd);
    narrowed(s.greenSpeed, t.ground.greenSpeedSd);
    narrowed(s.loftBias_rad, t.strike.loftBiasSd_rad);
    narrowed(s.attackBias_rad, t.strike.attackBiasSd_rad);
    if (s.of == SpreadSource::Of::Swings && t.delivery.scatter) s.club = *t.delivery.scatter;
    return s;
}

Spread Predictor::spread(const ShotResult& shot, const SpreadSource& prior) const {
    const SpreadSource u = source(prior);
    const StrikeInputs centre{shot.swing.delivery, shot.contact, surroundings_, {}};
    const Outputs middle = predict(centre);

    // What a move by one deviation does to each output.
    const auto effectOf = [&](const SourceMove& move) {
        Outputs out{};
        if (move.sd == 0.0) return out;
        StrikeInputs up = centre;
        StrikeInputs down = centre;
        move.by(up, move.sd);
        move.by(down, -move.sd);
        const auto high = predictIfPossible(up);
        const auto low = predictIfPossible(down);
        for (std::size_t k = 0; k < out.size(); ++k) {
            if (high && low) {
                out[k] = 0.5 * ((*high)[k] - (*low)[k]);
            } else if (high || low) {
                out[k] = high ? (*high)[k] - middle[k] : middle[k] - (*low)[k];
            }
        }
        return out;
    };
    Outputs variance{};
    for (const SourceMove& move : movesOfParameters(u)) {
        const Outputs effect = effectOf(move);
        for (std::size_t k = 0; k < variance.size(); ++k)
            variance[k] += effect[k] * effect[k];
    }
    // A player's swing is not off in one way alone: what goes together adds up, or cancels.
    std::array<Outputs, clubMoves> club;
    const std::vector<SourceMove> moves = movesOfDelivery(u);
    for (std::size_t i = 0; i < clubMoves; ++i)
        club[i] = effectOf(moves[i]);
    // His scatter is a right-hander's.
    if (player_.hand == Hand::Left) {
        for (const Scatter s : {Scatter::Path, Scatter::Face}) {
            for (double& v : club[static_cast<std::size_t>(s)])
                v = -v;
        }
    }
    for (std::size_t i = 0; i < clubMoves; ++i) {
        for (std::size_t j = 0; j < clubMoves; ++j) {
            for (std::size_t k = 0; k < variance.size(); ++k)
                variance[k] += u.club.correlation[i][j] * club[i][k] * club[j][k];
        }
    }
    for (double& v : variance)
        v = std::max(v, 0.0);
    const auto half = [&](std::size_t k) { return halfOf80 * std::sqrt(variance[k]); };
    SpreadScale scale;
    if (player_.tuning && u.of == SpreadSource::Of::Readings) scale = player_.tuning->spread;
    Spread out;
    out.launchAngle_rad = scale.launch * half(0);
    out.spinRate_radps = scale.spin * half(1);
    out.landingAngle_rad = scale.landing * half(2);
    out.carry_m = scale.carry * half(3);
    out.release_m = out.releaseBelow_m = out.releaseAbove_m = scale.release * half(4);
    out.side_m = half(5);
    out.ballSpeed_mps = half(6);
    return out;
}

Spread Predictor::spreadWithRun(const ShotResult& shot, const SpreadSource& prior,
                                std::size_t samples) const {
    Spread out = spread(shot, prior);
    if (const auto run = runBand(shot, prior, samples)) {
        out.releaseBelow_m = std::max(0.0, shot.run.release_m - run->low_m);
        out.releaseAbove_m = std::max(0.0, run->high_m - shot.run.release_m);
        out.release_m = 0.5 * (run->high_m - run->low_m);
    }
    return out;
}

}  // namespace wedgeon
