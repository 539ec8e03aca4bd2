// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Averaging over orders.
#include "wedgeon/explain/explain.h"

#include <bit>
#include <cmath>
#include <cstdlib>
#include <vector>

#include "wedgeon/shot/predictor.h"

namespace wedgeon {
namespace {

constexpr std::array<std::string_view, causeCount> keys{
    "speed", "attack", "loft", "face", "path", "ball_and_lie", "strike", "ground_and_air"};

/// a, with the causes whose bit is set taken from b.
ShotCauses mixed(const ShotCauses& a, const ShotCauses& b, unsigned set) {
    const auto fromB = [&](Cause c) { return (set >> static_cast<unsigned>(c) & 1u) != 0; };
    ShotCauses m = a;
    if (fromB(Cause::Speed)) {
        m.delivery.clubSpeed_mps = b.delivery.clubSpeed_mps;
        m.contact.speedKept = b.contact.speedKept;
    }
    if (fromB(Cause::Attack)) m.delivery.attack_rad = b.delivery.attack_rad;
    if (fromB(Cause::Loft)) m.delivery.dynamicLoft_rad = b.delivery.dynamicLoft_rad;
    if (fromB(Cause::Face)) m.delivery.faceAngle_rad = b.delivery.faceAngle_rad;
    if (fromB(Cause::Path)) m.delivery.path_rad = b.delivery.path_rad;
    if (fromB(Cause::BallAndLie)) {
        const double kept = m.contact.speedKept;  // counted with the speed
        m.contact = b.contact;
        m.contact.speedKept = kept;
        m.law = b.law;
    }
    if (fromB(Cause::Strike)) m.strike = b.strike;
    if (fromB(Cause::GroundAndAir)) m.surroundings = b.surroundings;
    return m;
}

ShotResult predict(const ShotCauses& c) {
    Delivery d = c.delivery;
    Contact contact = c.contact;
    d.dynamicLoft_rad += c.strike.dynamicLoft_rad;
    contact.speedKept *= c.strike.speedKept;
    contact.friction = std::max(0.02, contact.friction * c.strike.frictionKept);
    return calcShotWith(d, contact, c.surroundings, c.law);
}

double factorial(unsigned n) {
    return n < 2 ? 1.0 : n * factorial(n - 1);
}

}  // namespace

std::string_view causeKey(Cause cause) {
    return keys[static_cast<std::size_t>(cause)];
}

ShotCauses Predictor::causes(const ShotResult& shot) const {
    return {shot.swing.delivery, shot.contact, StrikeEffect{}, surroundings_, {}};
}

Explanation explain(const ShotCauses& a, const ShotCauses& b) {
    constexpr unsigned all = 1u << causeCount;
    std::vector<std::array<double, outcomeCount>> value(all);
    for (unsigned set = 0; set < all; ++set) {
        const ShotResult shot = predict(mixed(a, b, set));
        for (std::size_t o = 0; o < outcomeCount; ++o) {
            value[set][o] = valueOf(shot, static_cast<Outcome>(o));
        }
    }
    Explanation out;
    out.from = value.front();
    out.to = value.back();
    for (std::size_t c = 0; c < causeCount; ++c) {
        for (unsigned set = 0; set < all; ++set) {
            if (set >> c & 1u) continue;
            const auto before = static_cast<unsigned>(std::popcount(set));
            const auto after = static_cast<unsigned>(causeCount) - before - 1;
            const double weight = factorial(before) * factorial(after) / factorial(causeCount);
            for (std::size_t o = 0; o < outcomeCount; ++o) {
                out.share[o][c] += weight * (value[set | 1u << c][o] - value[set][o]);
            }
        }
    }
    // What rounding leaves over, some 1e-16 of the values, goes to the largest share.
    for (std::size_t o = 0; o < outcomeCount; ++o) {
        auto& share = out.share[o];
        std::size_t largest = 0;
        for (std::size_t c = 1; c < causeCount; ++c) {
            if (std::abs(share[c]) > std::abs(share[largest])) largest = c;
        }
        for (int pass = 0; pass < 4; ++pass) {
            double sum = 0.0;
            for (const double s : share)
                sum += s;
            share[largest] += (out.to[o] - out.from[o]) - sum;
        }
    }
    return out;
}

}  // namespace wedgeon
