// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// The chain once more, carrying derivatives (dual numbers of the Ceres library).
#include "wedgeon/shot/sensitivity.h"

#include <ceres/jet.h>

#include "wedgeon/shot/predictor.h"

using Jet = ceres::Jet<double, 10>;

// Before the kernels, so that their templates find it.
namespace ceres {
inline double valueOf(const Jet<double, 10>& x) {
    return x.a;
}
}  // namespace ceres

#include "delivery/delivery_kernel.h"
#include "flight/flight_kernel.h"
#include "ground/run_kernel.h"
#include "strike/strike_kernel.h"

namespace wedgeon {
namespace {

static_assert(dialCount == 10, "the dual numbers have one part for each dial");

using JetVec = Vec3T<Jet>;
using Outcomes = std::array<Jet, outcomeCount>;

/// The dials as dual numbers, each with its own part, then as this player delivers them.
kernel::SwingIn<Jet> seeded(const Wedge& wedge, const Recipe& recipe, const DeliveryTuning* tuned) {
    kernel::SwingIn<Jet> in = kernel::numbersOf<Jet>(wedge, recipe);
    const std::array<Jet*, dialCount> seeds{
        &in.open,  &in.lean,         &in.ballForward,  &in.weightLead_pct, &in.radius,
        &in.speed, &in.standFarther, &in.handleRaised, &in.gripDown,       &in.bodyLine};
    for (std::size_t i = 0; i < dialCount; ++i)
        seeds[i]->v[static_cast<int>(i)] = 1.0;
    if (tuned) {
        in.open = tuned->open.offset + tuned->open.factor * in.open;
        in.lean = tuned->lean.offset + tuned->lean.factor * in.lean;
        in.ballForward = tuned->ball.offset + tuned->ball.factor * in.ballForward;
    }
    return in;
}

Outcomes chain(const Recipe& recipe, const Predictor& predictor) {
    const PlayerModel& player = predictor.player();
    const Contact& contact = predictor.contact();
    const double side = player.hand == Hand::Left ? -1.0 : 1.0;
    auto swing = kernel::swing(seeded(predictor.conditions().wedge, recipe,
                                      player.tuning ? &player.tuning->delivery : nullptr),
                               kernel::choicesOf(recipe, contact.faceTurn_rad));
    swing.path = side * swing.path;
    swing.normal.z = side * swing.normal.z;
    const JetVec heading = kernel::normalFromAngles(swing.attack, swing.path);

    const StrikeLaw law;
    auto strike = kernel::strike<Jet>({(contact.speedKept * swing.speed) * heading, swing.normal,
                                       Jet(contact.friction), Jet(contact.tangentialRestitution),
                                       Jet(contact.tangentialSlope_spm), Jet(law.restitution0),
                                       Jet(law.restitutionSlope_spm), Jet(contact.restitutionScale),
                                       Jet(law.headMass_kg * contact.headShare)});
    if (contact.correction) {
        const JetVec off = cross(heading, swing.normal);
        const Jet spinLoft = atan2(norm(off), dot(heading, swing.normal));
        strike =
            kernel::shifted(strike, contact.correction->at<Jet>(contact.speedKept * swing.speed,
                                                                spinLoft, strike.gripRatio));
    }
    const auto air = kernel::flightAir(strike.spin, predictor.surroundings().air);
    const auto flight = kernel::fly(
        air, strike.velocity, flightStep_s, 1, [](const auto& s) { return s.position.y; },
        [](const auto& s) { return s.velocity.y; }, [](double, const auto&) {});
    const Jet kept = exp(-constants::spinDecay_ps * flight.time);
    const Plane plane = predictor.surroundings().ground.plane();
    kernel::SilentRun<Jet> silent;
    const auto run = kernel::Run<Jet, kernel::SilentRun<Jet>>(std::span(&plane, 1), {}, 0, JetVec{},
                                                              flight.landing.velocity,
                                                              kept * strike.spin, silent)
                         .run();

    const JetVec& v = strike.velocity;
    const JetVec& l = flight.landing.velocity;
    const JetVec loft = cross(heading, swing.normal);
    Outcomes out;
    const auto set = [&](Outcome o, const Jet& value) { out[static_cast<std::size_t>(o)] = value; };
    set(Outcome::Attack, swing.attack);
    set(Outcome::Path, swing.path);
    set(Outcome::DynamicLoft, asin(swing.normal.y));
    set(Outcome::FaceAngle, atan2(swing.normal.z, swing.normal.x));
    set(Outcome::SpinLoft, atan2(norm(loft), dot(heading, swing.normal)));
    set(Outcome::BallSpeed, norm(v));
    set(Outcome::LaunchAngle, atan2(v.y, sqrt(v.x * v.x + v.z * v.z)));
    set(Outcome::LaunchDirection, atan2(v.z, v.x));
    set(Outcome::SpinRate, norm(strike.spin));
    set(Outcome::SpinAxis, atan2(-strike.spin.y, strike.spin.z));
    set(Outcome::Carry, flight.landing.position.x);
    set(Outcome::Side, flight.landing.position.z);
    set(Outcome::Apex, flight.apex);
    set(Outcome::LandingAngle, atan2(-l.y, sqrt(l.x * l.x + l.z * l.z)));
    set(Outcome::Release, run.rest.x);
    set(Outcome::Total, flight.landing.position.x + run.rest.x);
    set(Outcome::RestSide, flight.landing.position.z + run.rest.z);
    return out;
}

}  // namespace

std::optional<Sensitivity> Predictor::sensitivity(const Recipe& recipe) const {
    if (surroundings_.terrain) return std::nullopt;
    // The plain prediction checks every range first.
    (void)shot(recipe);
    const Outcomes out = chain(recipe, *this);
    Sensitivity result;
    for (std::size_t o = 0; o < outcomeCount; ++o) {
        for (std::size_t d = 0; d < dialCount; ++d) {
            result.slope[o][d] = out[o].v[static_cast<int>(d)];
        }
    }
    return result;
}

}  // namespace wedgeon
