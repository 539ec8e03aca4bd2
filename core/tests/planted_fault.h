// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Made-up players with one planted fault, read by a monitor or seen by eye. What a fault does is
// played here by way of set-up, tuning and lie, with nothing of the program's own search.
#pragma once

#include <algorithm>
#include <boost/random/mersenne_twister.hpp>
#include <boost/random/normal_distribution.hpp>
#include <boost/random/uniform_01.hpp>
#include <cmath>
#include <memory>

#include "cause/effects.h"
#include "wedgeon/cause/cause.h"
#include "wedgeon/error.h"
#include "wedgeon/shot/predictor.h"
#include "wedgeon/units.h"
#include "wedgeon/unknowns.h"

namespace wedgeon::test {

enum class Eyes { Monitor, Coach };

/// How far an eye is off that looks at one thing.
inline double lookSd(FaultChange c) {
    constexpr double deg = constants::pi / 180.0;
    switch (c) {
        case FaultChange::Lean:
            return 2 * deg;
        case FaultChange::Open:
            return 2.5 * deg;
        case FaultChange::FaceTurn:
            return 3 * deg;
        case FaultChange::Speed:
            return 0.03;
        case FaultChange::Ball:
            return 0.008;
        default:
            return 0.012;
    }
}
inline double daySd(FaultChange c) {
    return cause::dayDeviations()[static_cast<Eigen::Index>(c)];
}

class Planter {
public:
    explicit Planter(unsigned seed) : engine_(seed) {}
    double normal(double sd = 1.0) { return sd * normal_(engine_); }
    double uniform() { return uniform_(engine_); }
    std::size_t below(std::size_t n) {
        return static_cast<std::size_t>(uniform() * static_cast<double>(n)) % n;
    }

    struct Options {
        Eyes eyes = Eyes::Monitor;
        std::size_t shots = 10, usual = 24;
        Level level = Level::ClubPlayer;
        Fault also = Fault::None;  ///< a second one at once
    };
    /// A player and his shots: on three days as ever, then with the fault.
    CauseRequest plant(Fault fault, const Options& options) {
        for (;;) {
            try {
                return tryToPlant(fault, options);
            } catch (const RangeError&) {
                // Drawn outside the model: another player.
            }
        }
    }
    /// What a look at the player who was planted last shows, beyond his usual.
    double lookAt(FaultChange c) {
        return today_[static_cast<std::size_t>(c)] - usual_[static_cast<std::size_t>(c)] +
               normal(lookSd(c));
    }
    /// A fault as often as the prior has it, with conditions in which it can be.
    Fault drawFault(Level level) {
        draw();
        const auto priors = faultPriors(level, kind_.conditions);
        double at = uniform();
        for (std::size_t i = 0; i < priors.size(); ++i) {
            at -= priors[i];
            if (at < 0.0) return static_cast<Fault>(i);
        }
        return Fault::Other;
    }

private:
    using Sizes = std::array<double, faultChangeCount>;
    static constexpr double deg = constants::pi / 180.0;

    /// Wedge, speed and lie of the lesson.
    void draw() {
        const double loft = std::array{50.0, 54.0, 58.0}[below(3)];
        kind_ = {};
        kind_.conditions.wedge = {loft * deg, 64 * deg, (6 + 6 * uniform()) * deg};
        kind_.declared.clubSpeed_mps = 11 + 9 * uniform();
        kind_.declared.lean_rad = (2 + 4 * uniform()) * deg;
        const std::array covers{0.0, 0.05, 0.15, 0.35};
        Lie& lie = kind_.conditions.lie;
        lie.cover = covers[below(covers.size())];
        lie.moisture = lie.cover > 0.0 ? 0.3 + 0.3 * uniform() : 0.0;
        lie.sit_m = 0.004;
    }

    CauseRequest tryToPlant(Fault fault, const Options& o) {
        do
            draw();
        while (fault != Fault::None && partsOf(fault, kind_.conditions).empty());
        const double factor = o.level == Level::Expert ? 0.6 : 1.0;
        scatter_ = factor;
        Sizes common{};
        add(common, cause::commonDeviations({}, o.level, kind_.conditions));

        CauseRequest q;
        q.level = o.level;
        q.kinds = {kind_};
        q.usualDays = 3;
        q.threads = 1;
        Sizes day = common;
        for (std::size_t i = 0; i < o.usual; ++i) {
            if (i % ((o.usual + 2) / 3) == 0) day = dayOf(common);
            q.usual.push_back(hit(day, o.eyes));
        }
        day = dayOf(common);
        std::vector<FaultPart> parts = partsOf(fault, kind_.conditions);
        const auto more = partsOf(o.also, kind_.conditions);
        parts.insert(parts.end(), more.begin(), more.end());
        for (const FaultPart& p : parts) {
            // As large as it is common; none the other way round.
            double by = p.mean + normal(p.sd);
            if (p.mean != 0.0 && by / p.mean < 0.3) by = 0.3 * p.mean;
            day[static_cast<std::size_t>(p.change)] += by;
        }
        usual_ = common;
        today_ = day;
        for (std::size_t i = 0; i < o.shots; ++i)
            q.shots.push_back(hit(day, o.eyes));
        return q;
    }

    /// By the table of what is not known of a player, or of a day.
    void add(Sizes& sizes, const cause::Changes& deviations) {
        for (std::size_t i = 0; i < sizes.size(); ++i)
            sizes[i] += normal(deviations[static_cast<Eigen::Index>(i)]);
    }
    Sizes dayOf(Sizes common) {
        add(common, cause::dayDeviations());
        return common;
    }

    PatternShot hit(const Sizes& z, Eyes eyes) {
        for (int tries = 0; tries < 20; ++tries) {
            try {
                return tryToHit(z, eyes);
            } catch (const RangeError&) {
                // A swing that the model has no answer for.
            }
        }
        throw RangeError("tries", 20, 0, 19);
    }

    PatternShot tryToHit(const Sizes& z, Eyes eyes) {
        const auto by = [&](FaultChange c) { return z[static_cast<std::size_t>(c)]; };
        auto t = std::make_shared<Tuning>();
        t->delivery.lean.offset = by(FaultChange::Lean);
        t->delivery.open.offset = by(FaultChange::Open);
        t->delivery.ball.offset = by(FaultChange::Ball);
        t->strike.logFriction = by(FaultChange::Friction);
        t->strike.tangentialRestitution.fill(by(FaultChange::Grip));
        t->strike.restitution0 += by(FaultChange::Bounce);
        t->air.drag = std::exp(by(FaultChange::Drag));
        t->air.lift = std::exp(by(FaultChange::Lift));
        t->ground.firmness = std::exp(by(FaultChange::Firmness));
        t->ground.friction = std::exp(by(FaultChange::GroundFriction));
        t->ground.greenSpeed = std::exp(by(FaultChange::GreenSpeed));
        Conditions is = kind_.conditions;
        is.lie.cover = std::min(1.0, std::max(0.0, is.lie.cover + by(FaultChange::Cover)));
        if (kind_.conditions.lie.cover < 0.05) is.lie.moisture = std::max(is.lie.moisture, 0.4);
        PlayerModel him;
        him.tuning = t;
        const Predictor truth(him, is);
        const double aim_m = Predictor({}, kind_.conditions).shot(kind_.declared).margin.aim_m;
        Recipe r = kind_.declared;
        r.clubSpeed_mps *= std::exp(by(FaultChange::Speed));
        r.handleRaised_m += by(FaultChange::Handle);
        r.weightLead_pct += by(FaultChange::LowPoint) / 0.0035;
        const Swing swing = calcDeliveredSwing(
            is.wedge, truth.playable(r), truth.contact().faceTurn_rad + by(FaultChange::FaceTurn));
        Delivery d = swing.delivery;
        d.clubSpeed_mps *= 1 + normal(0.025 * scatter_);
        d.attack_rad += by(FaultChange::Attack);
        SolePass pass;
        pass.radius_m = swing.radius_m;
        const double sole = scatter_ * strikeScatterFactor(kind_.declared);
        pass.lowPoint_m = -std::sin(d.attack_rad) * swing.radius_m + normal(0.02 * sole);
        d.attack_rad += normal(0.0175 * scatter_);
        d.path_rad += by(FaultChange::Path) + normal(0.021 * scatter_);
        d.faceAngle_rad += normal(0.026 * scatter_);
        d.dynamicLoft_rad += normal(0.021 * scatter_);
        pass.loft_rad = is.wedge.loft_rad;
        pass.bounce_rad = is.wedge.bounce_rad;
        pass.dynamicLoft_rad = d.dynamicLoft_rad;
        pass.depth_m = aim_m + by(FaultChange::Depth) + normal(0.004 * sole);
        const StrikeEffect effect = calcStrikeEffect(pass, is.lie);
        Contact contact = truth.contact();
        const double arrives = d.clubSpeed_mps * contact.speedKept;
        contact.speedKept *= effect.speedKept;
        contact.headShare = effect.headShare;
        contact.friction = std::max(0.02, contact.friction * effect.frictionKept);
        Delivery struck = d;
        struck.dynamicLoft_rad = effect.dynamicLoft_rad;
        const ShotResult s = calcShotWith(struck, contact, truth.surroundings());

        PatternShot out;
        Sighting& seen = out.seen;
        const SeenStrike is3 = effect.contact == StrikeKind::Fat     ? SeenStrike::Fat
                               : effect.contact == StrikeKind::Clean ? SeenStrike::Clean
                                                                     : SeenStrike::Thin;
        if (eyes == Eyes::Monitor) {
            const auto read = [&](Outcome o, double v) {
                out.read[static_cast<std::size_t>(o)] = v;
            };
            out.clubSpeed_mps = arrives * (1 + normal(unknowns::readSpeed));
            read(Outcome::Attack,
                 d.attack_rad + by(FaultChange::ReadAttack) + normal(unknowns::readAngle_rad));
            read(Outcome::Path, d.path_rad + normal(unknowns::readAngle_rad));
            read(Outcome::FaceAngle, d.faceAngle_rad + normal(unknowns::readAngle_rad));
            read(Outcome::DynamicLoft,
                 d.dynamicLoft_rad + by(FaultChange::ReadLoft) + normal(unknowns::readLoft_rad));
            const Launch& l = s.strike.launch;
            read(Outcome::BallSpeed, l.speed_mps() * std::exp(by(FaultChange::ReadBallSpeed)) *
                                         (1 + normal(unknowns::readBallSpeed)));
            read(Outcome::LaunchAngle,
                 l.angle_rad() + by(FaultChange::ReadLaunch) + normal(unknowns::readLaunch_rad));
            read(Outcome::LaunchDirection, l.direction_rad() + normal(unknowns::readLaunch_rad));
            read(Outcome::SpinRate, l.spinRate_radps() * std::exp(by(FaultChange::ReadSpin)) *
                                        (1 + normal(unknowns::readSpin)));
            read(Outcome::SpinAxis, l.spinAxis_rad() + normal(unknowns::readAxis_rad));
            read(Outcome::Carry, s.flight.carry_m * (1 + normal(unknowns::readCarry)));
            read(Outcome::Apex, s.flight.apex_m * (1 + normal(unknowns::readApex)));
            read(Outcome::LandingAngle,
                 s.flight.landingAngle_rad() + normal(unknowns::readLanding_rad));
            read(Outcome::Total, s.total_m() + normal(unknowns::readRest_m));
            // A mishit shows in the readings, mostly.
            if (is3 != SeenStrike::Clean && uniform() < 0.85) seen.strike = is3;
            return out;
        }
        seen.landed_m = std::max(
            0.0,
            std::round(s.flight.carry_m + normal(seeing::landedSd_m(s.flight.carry_m, false))));
        seen.rest_m = std::round(2 * (s.total_m() + normal(seeing::restSd_m(s.total_m())))) / 2;
        seen.height = classOf<SeenHeight>(std::log(s.flight.apex_m) + normal(0.2),
                                          {0.0, std::log(1.8), std::log(7.0)});
        const double depth = pass.depth_m + normal(seeing::turfSd_m);
        seen.turf = classOf<SeenTurf>(depth, {0.0005, 0.004, 0.012});
        const double entry = pass.lowPoint_m -
                             std::sqrt(2 * pass.radius_m * std::max(pass.depth_m, 0.0)) +
                             normal(seeing::entrySd_m);
        if (seen.turf != SeenTurf::None) seen.entry = classOf<SeenEntry>(entry, {-0.0214, 0.0214});
        seen.strike = uniform() < 0.9 ? is3
                                      : std::array{SeenStrike::Fat, SeenStrike::Clean,
                                                   SeenStrike::Thin}[below(3)];
        const double direction = s.strike.launch.direction_rad();
        seen.start =
            classOf<SeenSide>(direction + normal(seeing::startSd_rad), {-2.5 * deg, 2.5 * deg});
        const double curve = (s.flight.side_m - s.flight.carry_m * std::tan(direction)) /
                             std::max(s.flight.carry_m, 1.0);
        seen.curve = classOf<SeenSide>(curve + normal(seeing::curveShare), {-0.03, 0.03});
        if (uniform() < 0.7) seen.bit = std::min(s.behaviour.bitingBounce, 4);
        return out;
    }

    template <class T>
    static T classOf(double v, std::initializer_list<double> limits) {
        int i = 0;
        for (const double limit : limits)
            i += v >= limit ? 1 : 0;
        return static_cast<T>(i);
    }

    boost::random::mt19937_64 engine_;
    boost::random::normal_distribution<double> normal_;
    boost::random::uniform_01<double> uniform_;
    PatternKind kind_;
    Sizes usual_{}, today_{};
    double scatter_ = 1.0;
};

}  // namespace wedgeon::test
