// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// By playing the shot again.
#include "desk/worth_in_metres.h"

#include <cmath>

#include "wedgeon/error.h"

namespace wedgeon {
namespace {

using store::Quantity;

double between(const ShotResult& a, const ShotResult& b) {
    return std::hypot(b.total_m() - a.total_m(), b.restSide_m() - a.restSide_m());
}

Launch moved(const Launch& ball, double angle_rad, double direction_rad, double speed_mps,
             double spin_radps) {
    return launchFromAngles(ball.speed_mps() + speed_mps, ball.angle_rad() + angle_rad,
                            ball.direction_rad() + direction_rad,
                            ball.spinRate_radps() + spin_radps, ball.spinAxis_rad());
}

std::optional<double> play(const BenchState& bench, Quantity quantity, double change) {
    const Predictor predictor = bench.predictor();
    const ShotResult shot = predictor.shot(bench.recipe());
    const Launch& ball = shot.strike.launch;
    // The ball as it is launched, so that the delivery's and the launch's ways begin at one rest.
    const auto club = [&](double Delivery::*field) -> std::optional<double> {
        Delivery other = shot.swing.delivery;
        other.*field += change;
        return between(predictor.shotFrom(shot.swing.delivery), predictor.shotFrom(other));
    };
    const auto launched = [&](const Launch& other) -> std::optional<double> {
        return between(predictor.shotFrom(ball), predictor.shotFrom(other));
    };
    switch (quantity) {
        case Quantity::ClubSpeed:
            return club(&Delivery::clubSpeed_mps);
        case Quantity::AttackAngle:
            return club(&Delivery::attack_rad);
        case Quantity::DynamicLoft:
            return club(&Delivery::dynamicLoft_rad);
        case Quantity::ClubPath:
            return club(&Delivery::path_rad);
        case Quantity::FaceAngle:
        case Quantity::FaceToPath:
            return club(&Delivery::faceAngle_rad);
        case Quantity::BallSpeed:
            return launched(moved(ball, 0, 0, change, 0));
        case Quantity::LaunchAngle:
            return launched(moved(ball, change, 0, 0, 0));
        case Quantity::LaunchDirection:
            return launched(moved(ball, 0, change, 0, 0));
        case Quantity::SpinRate:
            return launched(moved(ball, 0, 0, 0, change));
        case Quantity::LandingAngle: {
            // By way of the launch that lands so.
            constexpr double step = 0.01;
            const ShotResult as = predictor.shotFrom(ball);
            const ShotResult higher = predictor.shotFrom(moved(ball, step, 0, 0, 0));
            const double slope =
                (higher.flight.landingAngle_rad() - as.flight.landingAngle_rad()) / step;
            if (!(slope > 0.1)) return std::nullopt;
            return launched(moved(ball, change / slope, 0, 0, 0));
        }
        case Quantity::Carry:
        case Quantity::Total:
        case Quantity::Release:
        case Quantity::Side:
            return std::abs(change);
        default:
            return std::nullopt;
    }
}

}  // namespace

std::optional<double> findWorth_m(const BenchState& bench, Quantity quantity, double change) {
    if (!std::isfinite(change)) return std::nullopt;
    try {
        return play(bench, quantity, change);
    } catch (const RangeError&) {
        return std::nullopt;
    }
}

std::optional<double> findWorth_m(const BenchState& bench, DrillMeasure measure, double change) {
    switch (measure) {
        case DrillMeasure::Carry:
        case DrillMeasure::Total:
        case DrillMeasure::Release:
        case DrillMeasure::Side:
        case DrillMeasure::OffAlong:
        case DrillMeasure::OffAcross:
            return std::isfinite(change) ? std::optional(std::abs(change)) : std::nullopt;
        case DrillMeasure::Launch:
            return findWorth_m(bench, Quantity::LaunchAngle, change);
        case DrillMeasure::Landing:
            return findWorth_m(bench, Quantity::LandingAngle, change);
        case DrillMeasure::Spin:
            return findWorth_m(bench, Quantity::SpinRate, change);
        case DrillMeasure::ClubSpeed:
            return findWorth_m(bench, Quantity::ClubSpeed, change);
        case DrillMeasure::Attack:
            return findWorth_m(bench, Quantity::AttackAngle, change);
        case DrillMeasure::Apex:
        case DrillMeasure::Turf:
            return std::nullopt;
    }
    return std::nullopt;
}

}  // namespace wedgeon
