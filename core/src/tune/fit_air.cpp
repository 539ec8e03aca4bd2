// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Drag and lift from measured launches and flights.
#include "tune/calibrate.h"
#include "tune/estimates.h"
#include "wedgeon/error.h"
#include "wedgeon/parallel.h"
#include "wedgeon/units.h"

namespace wedgeon {
namespace {

using namespace tune;

constexpr std::size_t mostFlights = 800;
constexpr double airDifference = 0.1;  // of a prior's deviation
const AirTuning airPrior;

Air airAt(const Air& said, double drag, double lift) {
    return AirTuning{std::exp(airPrior.dragSd * drag), std::exp(airPrior.liftSd * lift)}.air(said);
}

struct Flown {
    Launch launch;
    Air said;
    Eigen::Vector3d measured;  // carry, apex, landing angle

    Eigen::Vector3d at(double drag, double lift) const {
        const FlightResult f = calcFlight(launch, airAt(said, drag, lift));
        return {f.carry_m, f.apex_m, f.landingAngle_rad()};
    }
    std::optional<RobustRow> row(const Eigen::VectorXd& x, bool slopes) const {
        try {
            RobustRow r;
            r.residual = measured - at(x[0], x[1]);
            r.places = {0, 1};
            if (!slopes) return r;
            r.slope.resize(3, 2);
            r.slope.col(0) = (at(x[0] + airDifference, x[1]) - at(x[0] - airDifference, x[1])) /
                             (2 * airDifference);
            r.slope.col(1) = (at(x[0], x[1] + airDifference) - at(x[0], x[1] - airDifference)) /
                             (2 * airDifference);
            return r;
        } catch (const RangeError&) {
            return std::nullopt;
        }
    }
};

}  // namespace

std::optional<Launch> tune::launchOf(const TuneShot& s) {
    if (std::isnan(s.ballSpeed_mps) || std::isnan(s.launch_rad) || std::isnan(s.spin_radps))
        return std::nullopt;
    return launchFromAngles(s.ballSpeed_mps, s.launch_rad, s.direction_rad, s.spin_radps,
                            s.axis_rad);
}

RobustFit tune::fitAirParts(std::span<const TuneShot> shots, const TuneResult& strike,
                            const TuneOptions& options, const Folds& folds) {
    if (strike.refused || strike.weights.size() != shots.size()) return {};
    const std::vector<std::optional<Launch>> launches = calibratedLaunches(shots);
    std::vector<Flown> flown;
    RobustProblem problem;
    const std::size_t step = shots.size() / mostFlights + 1;
    for (std::size_t i = 0; i < shots.size(); i += step) {
        const TuneShot& s = shots[i];
        // Over slopes the carry is another one.
        if (!launches[i] || s.conditions.line || strike.weights[i] <= 0.0) continue;
        if (std::isnan(s.carry_m) && std::isnan(s.apex_m) && std::isnan(s.landing_rad)) continue;
        flown.push_back({*launches[i], s.conditions.air, {s.carry_m, s.apex_m, s.landing_rad}});
        if (!folds.empty()) problem.parts.push_back(folds[i]);
    }
    problem.shots = flown.size();
    problem.parameters = 2;
    problem.threads = threadsFor(options.threads);
    problem.leastNoise = Eigen::Vector3d{0.05, 0.02, radFromDeg(0.1)};
    problem.row = [&](std::size_t i, const Eigen::VectorXd& x, bool slopes) {
        return flown[i].row(x, slopes);
    };
    return fitRobust(problem, options.stop);
}

AirTuning tune::airOf(const Eigen::VectorXd& x) {
    return {std::exp(airPrior.dragSd * x[0]), std::exp(airPrior.liftSd * x[1]), airPrior.dragSd,
            airPrior.liftSd};
}

PartFit<AirTuning> tune::airFitOf(const RobustFit& fit) {
    PartFit<AirTuning> out;
    if (!fit.fitted) return out;
    out.used = fit.used;
    out.settled = fit.settled;
    out.tuning = airOf(fit.x);
    out.tuning.dragSd *= fit.sd(0);
    out.tuning.liftSd *= fit.sd(1);
    using Kind = TuneEstimate::Kind;
    out.estimates = {factorOf(Kind::AirDrag, fit.used, airPrior.dragSd * fit.x[0],
                              out.tuning.dragSd, 1.0, airPrior.dragSd),
                     factorOf(Kind::AirLift, fit.used, airPrior.liftSd * fit.x[1],
                              out.tuning.liftSd, 1.0, airPrior.liftSd)};
    return out;
}

PartFit<AirTuning> fitAir(std::span<const TuneShot> shots, const TuneResult& strike,
                          const TuneOptions& options) {
    return airFitOf(fitAirParts(shots, strike, options));
}

}  // namespace wedgeon
