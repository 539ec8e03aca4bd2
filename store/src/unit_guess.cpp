// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// The flight as the judge of units.
#include "unit_guess.h"

#include <cmath>

#include "wedgeon/error.h"
#include "wedgeon/flight/flight.h"
#include "wedgeon/units.h"

namespace wedgeon::store {
namespace {

constexpr double closeEnough = 0.05;
constexpr double highEnough = 0.12;
/// Median club speed in m/s that no wedge session has.
constexpr double noWedge_mps = 45.0;
constexpr double leastSpin_radps = radpsFromRpm(150);

const TypicalValue* find(const std::vector<TypicalValue>& all, Quantity q) {
    for (const TypicalValue& t : all) {
        if (t.quantity == q) return &t;
    }
    return nullptr;
}

/// A straight ball; none outside the flight's limits.
std::optional<FlightResult> flightOf(double speed_mps, double launch_rad, double spin_radps) {
    try {
        return calcFlight(launchFromAngles(speed_mps, launch_rad, 0.0, spin_radps, 0.0), {});
    } catch (const RangeError&) {
        return std::nullopt;
    }
}

UnitGuess byFlight(const std::vector<TypicalValue>& all) {
    const TypicalValue* ball = find(all, Quantity::BallSpeed);
    const TypicalValue* launch = find(all, Quantity::LaunchAngle);
    const TypicalValue* spin = find(all, Quantity::SpinRate);
    const TypicalValue* carry = find(all, Quantity::Carry);
    if (!ball || !launch || !spin || !carry) return {};
    UnitGuess best;
    double bestError = closeEnough;
    double nextError = 1.0;
    for (const char* speedName : {"m/s", "mph", "km/h"}) {
        for (const char* lengthName : {"m", "yd"}) {
            const Unit speed = *findUnit(speedName);
            const Unit length = *findUnit(lengthName);
            if (ball->unit && ball->unit->name != speed.name) continue;
            if (carry->unit && carry->unit->name != length.name) continue;
            const auto flown =
                flightOf(ball->value * speed.factor, launch->value * launch->unit->factor,
                         spin->value * spin->unit->factor);
            if (!flown) continue;
            const double error = std::abs(carry->value * length.factor / flown->carry_m - 1);
            if (error < bestError) {
                nextError = best.speed ? bestError : nextError;
                bestError = error;
                best.speed = speed;
                best.length = length;
            } else {
                nextError = std::min(nextError, error);
            }
        }
    }
    if (!best.speed || nextError < bestError + closeEnough) return {};
    best.why = Says::ByTheCarry;
    const TypicalValue* apex = find(all, Quantity::Apex);
    const auto flown =
        flightOf(ball->value * best.speed->factor, launch->value * launch->unit->factor,
                 spin->value * spin->unit->factor);
    if (!apex || apex->unit || !flown) return best;
    for (const Unit& unit : {*best.length, *findUnit("ft")}) {
        if (std::abs(apex->value * unit.factor / flown->apex_m - 1) < highEnough)
            best.height = unit;
    }
    return best;
}

}  // namespace

UnitGuess guessUnits(const std::vector<TypicalValue>& all) {
    UnitGuess guess = byFlight(all);
    if (guess.speed) return guess;
    const TypicalValue* club = find(all, Quantity::ClubSpeed);
    if (club && !club->unit && club->value > noWedge_mps) {
        guess.speed = findUnit("mph");
        guess.why = {Says::NoWedgeSpeed, Figure{club->value, 0}};
    }
    return guess;
}

std::optional<Message> findImpossible(Quantity quantity, double median_si) {
    if (quantity != Quantity::SpinRate || median_si <= 0.0 || median_si >= leastSpin_radps)
        return std::nullopt;
    return Message{Says::NoSuchSpin, Figure{rpmFromRadps(median_si), 0}};
}

}  // namespace wedgeon::store
