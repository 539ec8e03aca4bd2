// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Stage after stage, and the mirror for left-handers.
#include "wedgeon/shot/shot.h"

namespace wedgeon {
namespace {

/// The same delivery seen by a left-hander's mirror; its own inverse.
Delivery mirrored(Delivery d) {
    d.path_rad = -d.path_rad;
    d.faceAngle_rad = -d.faceAngle_rad;
    return d;
}

void flyAndRun(ShotResult& shot, const Givens& givens, ShotTrace* trace) {
    shot.flight = calcFlight(shot.strike.launch, givens.air, trace ? &trace->flight : nullptr);
    shot.run = calcRun(shot.flight.landingVelocity_mps, shot.flight.landingSpin_radps,
                       givens.ground, trace ? &trace->run : nullptr);
    shot.behaviour = findBehaviour(shot.flight.carry_m, shot.run);
}

}  // namespace

ShotResult calcShot(const Recipe& recipe, const Givens& givens, ShotTrace* trace,
                    const StrikeLaw& law) {
    ShotResult shot;
    shot.contact = calcContact(givens.ball, givens.face, givens.lie);
    shot.swing = calcSwing(givens.wedge, recipe, shot.contact.faceTurn_rad);
    if (givens.hand == Hand::Left) shot.swing.delivery = mirrored(shot.swing.delivery);
    shot.strike = calcStrike(shot.swing.delivery, shot.contact, law);
    flyAndRun(shot, givens, trace);
    return shot;
}

ShotResult calcShotFromDelivery(const Delivery& delivery, const Givens& givens, ShotTrace* trace,
                                const StrikeLaw& law) {
    ShotResult shot;
    shot.swing.delivery = delivery;
    shot.contact = calcContact(givens.ball, givens.face, givens.lie);
    shot.contact.speedKept = 1.0;
    shot.contact.faceTurn_rad = 0.0;
    shot.strike = calcStrike(delivery, shot.contact, law);
    flyAndRun(shot, givens, trace);
    return shot;
}

ShotResult calcShotFromLaunch(const Launch& launch, const Givens& givens, ShotTrace* trace) {
    ShotResult shot;
    shot.strike.launch = launch;
    flyAndRun(shot, givens, trace);
    return shot;
}

}  // namespace wedgeon
