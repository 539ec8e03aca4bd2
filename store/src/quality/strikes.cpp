// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
#include "strikes.h"

#include "wedgeon/error.h"
#include "wedgeon/store/shot_givens.h"
#include "wedgeon/store/tune_shots.h"
#include "wedgeon/units.h"

namespace wedgeon::store::quality {
namespace {

// The fastest that a face drives a ball: square, at low speed. (1 + e0)/(1 + m/M).
constexpr double mostSmash =
    (1 + constants::restitution0) / (1 + constants::ballMass_kg / constants::headMass_kg);

// How far from the prior's strike a reading is still ordinary; see the header.
constexpr double fatSpeed = 0.88;
constexpr double fatSpin = 0.85;
constexpr double thinLaunch_rad = radFromDeg(5);
constexpr double thinSpin = 0.75;
constexpr double thinBeside = 0.85;  // of what its strike gives with this player
constexpr double offAxis_rad = radFromDeg(12);
// A ball speed so far from this strike's own is another unit's; a flop drives its ball slowly, too.
constexpr double slowForStrike = 0.7;
constexpr std::size_t leastFitted = 12, mostFitted = 400;

}  // namespace

Strikes::Strikes(Judged& judged)
    : judged_(judged), spinShare_(judged.size()), residuals_(judged.size()), slow_(judged.size()) {
    if (!judged.isContinued()) fitPlayers();
    for (std::size_t i = 0; i < judged.size(); ++i) {
        if (i % 1024 == 0 && judged.isStopped()) return;
        judge(i);
    }
}

/// Untuned players as far as these shots tell: a friction that is not the prior's is no misread.
void Strikes::fitPlayers() {
    for (const auto& [player, his] : judged_.byPlayer()) {
        std::vector<TuneShot> shots;
        for (auto i = his.rbegin(); i != his.rend() && shots.size() < mostFitted; ++i) {
            if (!judged_.isCounted(*i)) continue;
            if (auto shot = findTuneShot(judged_.at(*i), judged_.fallback(), 0))
                shots.push_back(std::move(*shot));
        }
        if (shots.size() < leastFitted || judged_.isStopped()) continue;
        TuneOptions options;
        options.stop = judged_.stop();
        options.threads = 1;
        const TuneResult fit = fitStrike(shots, options);
        if (fit.refused) continue;
        auto tuning = std::make_shared<Tuning>();
        tuning->strike = fit.tuning;
        // What shots show beside the law may be what is doubtful about them.
        tuning->strike.correction.reset();
        fitted_[player] = std::move(tuning);
    }
}

void Strikes::judge(std::size_t i) {
    const ShotRecord& r = judged_.at(i);
    if (r.has(Quantity::ClubSpeed) && r.has(Quantity::BallSpeed)) {
        const double smash = r[Quantity::BallSpeed] / r[Quantity::ClubSpeed];
        if (smash > 1.8 && smash < 3.7) {
            return judged_.note(
                i, Doubt::Units, 0.9,
                {Says::BallSpeedInOtherUnit, Figure{smash, 2}, Figure{mostSmash, 2}});
        }
        // Without the strike's own: lower than any but the softest flop.
        const double mphPerMps = 1 / findUnit("mph")->factor;
        if (!findDelivery(r) && smash < 0.5 && smash > 0.2 && isNear(smash * mphPerMps, 1.0, 0.4)) {
            return judged_.note(i, Doubt::Units, 0.7,
                                {Says::BallSpeedTooLow, Figure{smash, 2}, Figure{mphPerMps, 2}});
        }
        if (smash > mostSmash) {
            return judged_.note(i, Doubt::Energy, 0.95,
                                {Says::BallSpeedTooHigh, Figure{smash, 2}, Figure{mostSmash, 2}});
        }
    }
    const auto delivery = findDelivery(r);
    if (!delivery || !r.has(Quantity::BallSpeed)) return;
    try {
        const ShotGivens g = findShotGivens(r, judged_.fallback());
        const Conditions& c = g.conditions;
        Contact contact = calcContact(c.ball, c.face, c.lie);
        contact.speedKept = 1.0;
        compare(i, *delivery, contact, calcStrike(*delivery, contact), g.player.hand);
        residuals_[i] = of(i, *delivery);
    } catch (const RangeError&) {
        // Readings that are no strike at all: their own limits have refused them already.
    }
}

Residual Strikes::of(std::size_t i, const Delivery& read) const {
    const ShotRecord& r = judged_.at(i);
    ShotGivens g = findShotGivens(r, judged_.fallback());
    const auto fitted = fitted_.find(findPlayerName(r, judged_.fallback()));
    if (!g.player.tuning && fitted != fitted_.end()) g.player.tuning = fitted->second;
    const StrikeResult strike = g.predictor().shotFrom(read).strike;
    const Launch& ball = strike.launch;
    Residual out;
    out.spinLoft_rad = strike.spinLoft_rad;
    if (r.has(Quantity::BallSpeed) && r[Quantity::BallSpeed] > 0.0)
        out.off[0] = std::log(r[Quantity::BallSpeed] / ball.speed_mps());
    if (r.has(Quantity::LaunchAngle)) out.off[1] = r[Quantity::LaunchAngle] - ball.angle_rad();
    if (r.has(Quantity::SpinRate) && r[Quantity::SpinRate] > 0.0)
        out.off[2] = std::log(r[Quantity::SpinRate] / ball.spinRate_radps());
    return out;
}

void Strikes::compare(std::size_t i, const Delivery& delivery, Contact contact,
                      const StrikeResult& expected, Hand hand) {
    const ShotRecord& r = judged_.at(i);
    const double speed = r[Quantity::BallSpeed] / expected.launch.speed_mps();
    // A flop's smash is low, but so is what its strike gives.
    const double mphPerMps = 1 / findUnit("mph")->factor;
    if (speed < slowForStrike && isNear(speed * mphPerMps, 1.0, 0.25)) {
        return judged_.note(
            i, Doubt::Units, 0.7,
            {Says::BallSpeedTooLow, Figure{r[Quantity::BallSpeed] / r[Quantity::ClubSpeed], 2},
             Figure{mphPerMps, 2}});
    }
    if (!r.has(Quantity::SpinRate)) return;
    const double spin = r[Quantity::SpinRate];
    contact.friction = 1.4;
    contact.tangentialRestitution = 0.6;
    const double most = calcStrike(delivery, contact).launch.spinRate_radps();
    if (spin > 1.1 * most) {
        judged_.note(
            i, Doubt::Spin, 0.9,
            {Says::SpinBeyondGrip, Figure{rpmFromRadps(spin), 0}, Figure{rpmFromRadps(most), 0}});
    }
    const double spinShare = spin / expected.launch.spinRate_radps();
    spinShare_[i] = spinShare;
    if (speed < fatSpeed && spinShare < fatSpin) {
        slow_[i] = true;
    }
    if (r.has(Quantity::LaunchAngle) && spinShare < thinSpin && speed > 0.97 &&
        r[Quantity::LaunchAngle] < expected.launch.angle_rad() - thinLaunch_rad) {
        judged_.note(i, Doubt::Thin, 0.95,
                     {Says::OffTheEdge,
                      Figure{degFromRad(expected.launch.angle_rad() - r[Quantity::LaunchAngle]), 1},
                      Figure{100 * (1 - spinShare), 0}});
    }
    if (r.has(Quantity::SpinAxis)) {
        const double off = r[Quantity::SpinAxis] - expected.launch.spinAxis_rad();
        const double side = hand == Hand::Left ? -1.0 : 1.0;
        if (std::abs(off) > offAxis_rad) {
            judged_.note(i, Doubt::OffCentre, 0.7,
                         {side * off < 0 ? Says::TowardToe : Says::TowardHeel,
                          Figure{degFromRad(std::abs(off)), 0},
                          Figure{degFromRad(expected.launch.spinAxis_rad()), 0}});
        }
    }
}

bool Strikes::isLowOnItsStrike(std::size_t i) const {
    const auto& its = residuals_[i];
    return !its || std::isnan(its->off[2]) || its->off[2] < std::log(thinBeside);
}

}  // namespace wedgeon::store::quality
