// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Applying a tuning.
#include "wedgeon/strike/strike_tuning.h"

#include <algorithm>
#include <cmath>

namespace wedgeon {

StrikeLaw StrikeTuning::law() const {
    return {.restitution0 = restitution0};
}

Contact StrikeTuning::contact(const TuneGroup& group) const {
    Contact c = calcContact(group.ball, group.face, group.lie);
    // What the lie does to the club has happened before the club was measured.
    c.speedKept = 1.0;
    c.faceTurn_rad = 0.0;
    double log = logFriction;
    for (const OwnFriction& own : groups) {
        if (own.group == group) log += own.log;
    }
    c.friction = std::clamp(c.friction * std::exp(log), 0.02, 1.4);
    c.tangentialRestitution += tangentialRestitution[static_cast<std::size_t>(group.ball)];
    c.tangentialSlope_spm = tangentialSlope_spm;
    c.correction = correction;
    return c;
}

Contact StrikeTuning::tuned(const Contact& prior, const TuneGroup& group) const {
    Contact c = contact(group);
    c.speedKept = prior.speedKept;
    c.faceTurn_rad = prior.faceTurn_rad;
    c.restitutionScale = prior.restitutionScale * restitution0 / constants::restitution0;
    return c;
}

double StrikeTuning::frictionSdOf(const TuneGroup& group) const {
    for (const OwnFriction& own : groups) {
        if (own.group == group && own.sd > 0.0) return own.sd;
    }
    return frictionSd;
}

Delivery StrikeTuning::unbiased(const Delivery& read) const {
    Delivery d = read;
    d.attack_rad -= attackBias_rad;
    d.dynamicLoft_rad -= loftBias_rad;
    return d;
}

}  // namespace wedgeon
