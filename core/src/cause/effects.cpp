// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Playing one kind of shot with changes.
#include "cause/effects.h"

#include <algorithm>
#include <cmath>
#include <numeric>

#include "delivery/delivery_kernel.h"
#include "wedgeon/error.h"
#include "wedgeon/units.h"
#include "wedgeon/unknowns.h"

namespace wedgeon::cause {
namespace {

/// What one bounce has of the ground beside the next, as a share of the run, and at least.
constexpr double runShare = 0.10, leastRun_m = 0.15;
/// What the law of the strike misses of one shot, and of its curve.
constexpr double lawLaunch_rad = radFromDeg(0.6), lawSpin = 0.03, lawSpeed = 0.006,
                 lawAxis_rad = radFromDeg(1.5);
constexpr double leastChance = 1e-4;

/// By FaultChange, in its order: not known of an ordinary club player, changed by a day, and the
/// step of a difference (so long that a bounce which comes or goes is smoothed).
struct Sizes {
    double common, day, step;
};
constexpr std::array<Sizes, faultChangeCount> sizes{{
    {0.08, 0.02, 0.02},                                    // Speed
    {radFromDeg(3), radFromDeg(1.0), radFromDeg(1.5)},     // Lean
    {radFromDeg(2.5), radFromDeg(1.0), radFromDeg(2)},     // Open
    {0.015, 0.006, 0.01},                                  // Ball
    {0.015, 0.006, 0.01},                                  // LowPoint
    {0.002, 0.001, 0.001},                                 // Depth
    {radFromDeg(1.2), radFromDeg(0.5), radFromDeg(0.8)},   // Attack
    {radFromDeg(2.5), radFromDeg(1.0), radFromDeg(1)},     // Path
    {radFromDeg(2.0), radFromDeg(1.0), radFromDeg(1)},     // FaceTurn
    {0.01, 0.005, 0.01},                                   // Handle
    {unknowns::friction, 0.05, 0.08},                      // Friction
    {unknowns::tangentialRestitution, 0.005, 0.03},        // Grip
    {unknowns::restitution0, 0.002, 0.01},                 // Bounce
    {0.03, 0.02, 0.05},                                    // Cover
    {unknowns::drag, 0.01, 0.04},                          // Drag
    {unknowns::lift, 0.01, 0.05},                          // Lift
    {unknowns::firmness, unknowns::dayFirmness, 0.1},      // Firmness
    {unknowns::groundFriction, 0.08, 0.1},                 // GroundFriction
    {unknowns::greenSpeed, unknowns::dayGreenSpeed, 0.1},  // GreenSpeed
    {unknowns::deviceBias_rad, radFromDeg(0.4), 0},        // ReadLoft
    {unknowns::deviceBias_rad, radFromDeg(0.4), 0},        // ReadAttack
    {radFromDeg(0.3), radFromDeg(0.2), 0},                 // ReadLaunch
    {0.005, 0.003, 0},                                     // ReadBallSpeed
    {0.01, 0.01, 0}                                        // ReadSpin
}};
/// How far a player of a level is from his set-up and from his last swing, beside a club player.
double levelFactor(Level level) {
    return level == Level::Expert ? 0.6 : 1.0;
}

double logit(double p) {
    const double held = std::clamp(p, leastChance, 1.0 - leastChance);
    return std::log(held / (1.0 - held));
}

}  // namespace

Changes commonDeviations(const PlayerModel& player, Level level, const Conditions& c) {
    Changes out;
    const double factor = levelFactor(level);
    for (Eigen::Index i = 0; i < changes; ++i)
        out[i] = sizes[static_cast<std::size_t>(i)].common;
    for (Eigen::Index i = cause::at(FaultChange::Lean); i <= cause::at(FaultChange::Handle); ++i)
        out[i] *= factor;
    if (const Tuning* t = player.tuning.get()) {
        // His set-up and speeds are known as far as one day is.
        for (Eigen::Index i = 0; i <= cause::at(FaultChange::Handle); ++i)
            out[i] = std::min(out[i], sizes[static_cast<std::size_t>(i)].day);
        out[cause::at(FaultChange::Friction)] = t->strike.frictionSdOf({c.ball, c.face, c.lie});
        out[cause::at(FaultChange::Grip)] =
            t->strike.tangentialSd[static_cast<std::size_t>(c.ball)];
        out[cause::at(FaultChange::Bounce)] = t->strike.restitution0Sd;
        out[cause::at(FaultChange::ReadLoft)] = t->strike.loftBiasSd_rad;
        out[cause::at(FaultChange::ReadAttack)] = t->strike.attackBiasSd_rad;
        out[cause::at(FaultChange::Drag)] = t->air.dragSd;
        out[cause::at(FaultChange::Lift)] = t->air.liftSd;
        out[cause::at(FaultChange::Firmness)] = t->ground.firmnessSd;
        out[cause::at(FaultChange::GroundFriction)] = t->ground.frictionSd;
        out[cause::at(FaultChange::GreenSpeed)] = t->ground.greenSpeedSd;
    }
    return out;
}

Changes dayDeviations() {
    Changes out;
    for (Eigen::Index i = 0; i < changes; ++i)
        out[i] = sizes[static_cast<std::size_t>(i)].day;
    return out;
}

KindEffects::KindEffects(const PlayerModel& player, Level level, const PatternKind& kind)
    : predictor_(player, kind.conditions),
      scatter_(player.scatter()),
      sole_(predictor_.soleScatter(kind.declared)),
      delivered_(predictor_.playable(kind.declared)),
      side_(player.hand == Hand::Left ? -1.0 : 1.0) {
    if (!player.tuning || !player.tuning->delivery.scatter) {
        const double factor = levelFactor(level);
        for (double& sd : scatter_.sd)
            sd *= factor;
        sole_.lowPoint_m *= factor;
        sole_.depth_m *= factor;
    }
    if (player.tuning) {
        loftBias_rad_ = player.tuning->strike.loftBias_rad;
        attackBias_rad_ = player.tuning->strike.attackBias_rad;
    }
    depth_m_ = predictor_.shot(kind.declared).margin.aim_m;
}

KindEffects::Struck KindEffects::strike(const Changes& z) const {
    const auto by = [&](FaultChange c) { return z[cause::at(c)]; };
    Struck out;
    Contact& contact = out.contact = predictor_.contact();
    const Conditions& c = predictor_.conditions();
    if (by(FaultChange::Cover) != 0.0) {
        Lie lie = c.lie;
        lie.cover = std::clamp(lie.cover + by(FaultChange::Cover), 0.0, 1.0);
        // Grass of which nothing is said is neither burnt nor wet.
        if (c.lie.cover < 0.05) lie.moisture = std::max(lie.moisture, 0.4);
        const Contact said = calcContact(c.ball, c.face, c.lie),
                      is = calcContact(c.ball, c.face, lie);
        contact.friction *= is.friction / said.friction;
        contact.speedKept *= is.speedKept / said.speedKept;
        contact.restitutionScale *= is.restitutionScale / said.restitutionScale;
        contact.faceTurn_rad += is.faceTurn_rad - said.faceTurn_rad;
    }
    contact.friction =
        std::clamp(contact.friction * std::exp(by(FaultChange::Friction)), 0.05, 1.2);
    contact.tangentialRestitution =
        std::clamp(contact.tangentialRestitution + by(FaultChange::Grip), -0.3, 0.9);
    contact.restitutionScale *= 1.0 + by(FaultChange::Bounce) / constants::restitution0;

    Recipe its = delivered_;
    its.clubSpeed_mps = std::clamp(its.clubSpeed_mps * std::exp(by(FaultChange::Speed)), 0.5, 60.0);
    its.lean_rad += by(FaultChange::Lean);
    its.open_rad += by(FaultChange::Open);
    its.handleRaised_m += by(FaultChange::Handle);
    // The low point moves as if the ball had, without what that does to the hands.
    its.ballForward_m += by(FaultChange::Ball) - by(FaultChange::LowPoint);
    its.lean_rad +=
        std::atan((delivered_.ballForward_m + by(FaultChange::Ball) - by(FaultChange::LowPoint)) /
                  kernel::handHeight_m) -
        std::atan((delivered_.ballForward_m + by(FaultChange::Ball)) / kernel::handHeight_m);
    const Swing swing =
        calcDeliveredSwing(c.wedge, its, contact.faceTurn_rad + by(FaultChange::FaceTurn));
    Delivery d = swing.delivery;
    d.attack_rad += by(FaultChange::Attack);
    d.path_rad += by(FaultChange::Path);
    out.pass.lowPoint_m = -std::sin(d.attack_rad) * swing.radius_m;
    out.pass.radius_m = swing.radius_m;
    out.pass.loft_rad = c.wedge.loft_rad;
    out.pass.bounce_rad = c.wedge.bounce_rad;
    out.pass.dynamicLoft_rad = d.dynamicLoft_rad;
    out.pass.depth_m = depth_m_ + by(FaultChange::Depth);
    d.path_rad *= side_;
    d.faceAngle_rad *= side_;
    out.delivery = d;
    out.around = predictor_.surroundings();
    out.around.air.drag *= std::exp(by(FaultChange::Drag));
    out.around.air.lift *= std::exp(by(FaultChange::Lift));
    out.around.ground = out.around.ground.scaled(std::exp(by(FaultChange::Firmness)),
                                                 std::exp(by(FaultChange::GroundFriction)),
                                                 std::exp(by(FaultChange::GreenSpeed)));
    return out;
}

Readables KindEffects::readablesOf(const Struck& s, const Changes& z, int* bit) const {
    const auto by = [&](FaultChange c) { return z[cause::at(c)]; };
    const ShotResult shot = calcShotWith(s.delivery, s.contact, s.around, law_);
    Readables out;
    for (const OutcomeInfo& info : outcomes())
        out[cause::at(info.outcome)] = valueOf(shot, info.outcome);
    // The club is read as the device has it, and the ball is played from its own reading.
    out[cause::at(Outcome::Attack)] =
        s.delivery.attack_rad + attackBias_rad_ + by(FaultChange::ReadAttack);
    out[cause::at(Outcome::Path)] = s.delivery.path_rad;
    out[cause::at(Outcome::FaceAngle)] = s.delivery.faceAngle_rad;
    out[cause::at(Outcome::DynamicLoft)] =
        s.delivery.dynamicLoft_rad + loftBias_rad_ + by(FaultChange::ReadLoft);
    out[cause::at(Outcome::LaunchAngle)] += by(FaultChange::ReadLaunch);
    out[cause::at(Outcome::BallSpeed)] *= std::exp(by(FaultChange::ReadBallSpeed));
    out[cause::at(Outcome::SpinRate)] *= std::exp(by(FaultChange::ReadSpin));
    out[ClubSpeed] = s.delivery.clubSpeed_mps * s.contact.speedKept;
    out[LogApex] = std::log(std::max(shot.flight.apex_m, 0.01));
    out[Curve] =
        (shot.flight.side_m - shot.flight.carry_m * std::tan(shot.strike.launch.direction_rad())) /
        std::max(shot.flight.carry_m, 1.0);
    out[Depth] = s.pass.depth_m;
    out[Entry] =
        s.pass.lowPoint_m - std::sqrt(2.0 * s.pass.radius_m * std::max(s.pass.depth_m, 0.0005));
    if (bit) *bit = shot.behaviour.bitingBounce;
    return out;
}

ShotResult KindEffects::play(const Changes& z, ShotTrace* trace) const {
    const Struck struck = strike(z);
    return calcShotWith(struck.delivery, struck.contact, struck.around, law_, trace);
}

std::optional<Played> KindEffects::at(const Changes& z) const {
    try {
        const Struck struck = strike(z);
        Played out;
        out.mean = readablesOf(struck, z, &out.bit);
        const StrikeChances chances =
            calcStrikeChances(struck.pass, predictor_.conditions().lie, sole_);
        out.odds = {logit(chances.fat), logit(chances.thin)};
        return out.mean.allFinite() ? std::optional(out) : std::nullopt;
    } catch (const RangeError&) {
        return std::nullopt;
    }
}

std::optional<Linear> KindEffects::around(const Changes& z) const {
    const auto here = at(z);
    if (!here) return std::nullopt;
    Linear out;
    out.here = *here;
    out.slope.setZero();
    out.fatSlope.setZero();
    out.thinSlope.setZero();
    out.bits.fill(2.0);
    const auto countBit = [&](int bit) {
        out.bits[static_cast<std::size_t>(std::clamp(bit, 0, 4))] += 1.0;
    };
    countBit(here->bit);
    for (Eigen::Index i = 0; i < changes; ++i) {
        const double step = sizes[static_cast<std::size_t>(i)].step;
        if (step == 0.0) continue;
        Changes more = z, less = z;
        more[i] += step;
        less[i] -= step;
        const auto up = at(more), down = at(less);
        const double width = (up ? step : 0.0) + (down ? step : 0.0);
        if (width == 0.0) continue;
        if (up) countBit(up->bit);
        if (down) countBit(down->bit);
        const Played a = up.value_or(*here), b = down.value_or(*here);
        out.slope.col(i) = (a.mean - b.mean) / width;
        out.fatSlope[i] = (a.odds.fat - b.odds.fat) / width;
        out.thinSlope[i] = (a.odds.thin - b.odds.thin) / width;
    }
    const double counted = std::accumulate(out.bits.begin(), out.bits.end(), 0.0);
    for (double& b : out.bits)
        b /= counted;
    // What the device adds.
    const auto reads = [&](Outcome o, FaultChange c, double by) {
        out.slope(cause::at(o), cause::at(c)) = by;
    };
    reads(Outcome::DynamicLoft, FaultChange::ReadLoft, 1.0);
    reads(Outcome::Attack, FaultChange::ReadAttack, 1.0);
    reads(Outcome::LaunchAngle, FaultChange::ReadLaunch, 1.0);
    reads(Outcome::BallSpeed, FaultChange::ReadBallSpeed,
          here->mean[cause::at(Outcome::BallSpeed)]);
    reads(Outcome::SpinRate, FaultChange::ReadSpin, here->mean[cause::at(Outcome::SpinRate)]);

    // From swing to swing.
    constexpr std::array which{Scatter::Speed, Scatter::Attack, Scatter::Path, Scatter::Face,
                               Scatter::Loft};
    Eigen::Matrix<double, readableCount, which.size()> by;
    Eigen::Matrix<double, which.size(), which.size()> correlation;
    const Struck struck = strike(z);  // it was just played: it does not throw
    for (std::size_t i = 0; i < which.size(); ++i) {
        const auto column = static_cast<Eigen::Index>(i);
        const auto played = [&](double way) -> std::optional<Readables> {
            Struck moved = struck;
            const double off = way * scatter_.of(which[i]);
            Delivery& d = moved.delivery;
            switch (which[i]) {
                case Scatter::Speed:
                    d.clubSpeed_mps *= 1.0 + off;
                    break;
                case Scatter::Attack:
                    d.attack_rad += off;
                    break;
                case Scatter::Path:
                    d.path_rad += side_ * off;
                    break;
                case Scatter::Face:
                    d.faceAngle_rad += side_ * off;
                    break;
                default:
                    d.dynamicLoft_rad += off;
            }
            try {
                return readablesOf(moved, z, nullptr);
            } catch (const RangeError&) {
                return std::nullopt;
            }
        };
        const auto up = played(1.0), down = played(-1.0);
        by.col(column).setZero();
        if (up && down) by.col(column) = 0.5 * (*up - *down);
        for (std::size_t j = 0; j < which.size(); ++j)
            correlation(column, static_cast<Eigen::Index>(j)) =
                scatter_.correlation[static_cast<std::size_t>(which[i])]
                                    [static_cast<std::size_t>(which[j])];
    }
    // Turf is met by scatter of its own.
    by.row(Depth).setZero();
    by.row(Entry).setZero();
    out.scatter = by * correlation * by.transpose();
    const auto add = [&](Eigen::Index i, double sd) { out.scatter(i, i) += sd * sd; };
    const Readables& m = here->mean;
    const double run = m[cause::at(Outcome::Release)];
    for (const Outcome o : {Outcome::Release, Outcome::Total})
        add(cause::at(o), std::hypot(runShare * run, leastRun_m));
    add(cause::at(Outcome::LaunchAngle), lawLaunch_rad);
    add(cause::at(Outcome::LaunchDirection), lawLaunch_rad);
    add(cause::at(Outcome::SpinRate), lawSpin * m[cause::at(Outcome::SpinRate)]);
    add(cause::at(Outcome::BallSpeed), lawSpeed * m[cause::at(Outcome::BallSpeed)]);
    add(cause::at(Outcome::SpinAxis), lawAxis_rad);
    add(Curve, 0.01);
    add(LogApex, 0.03);
    add(Depth, sole_.depth_m);
    const double steep =
        std::sqrt(struck.pass.radius_m / (2.0 * std::max(struck.pass.depth_m, 0.001)));
    add(Entry, std::hypot(sole_.lowPoint_m, steep * sole_.depth_m));
    return out;
}

}  // namespace wedgeon::cause
