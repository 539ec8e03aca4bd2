// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Measured beside predicted, and what is left in the difference.
#include <Eigen/Cholesky>
#include <algorithm>
#include <cmath>
#include <map>

#include "tune/calibrate.h"
#include "tune/estimates.h"
#include "wedgeon/error.h"

namespace wedgeon {
namespace {

using namespace tune;

constexpr std::size_t fewestForPattern = 20;
/// Two-sided, 70 tests: 2 in 100 of data without a pattern show one.
constexpr double beyondChance = 4.2;
/// Of the residual's deviation, from end to end.
constexpr double worthSaying = 0.5;
/// Residuals beyond this many deviations are misreads and mishits.
constexpr double farOff = 4.0;

TuneInputs inputsOf(const TuneShot& s, double order) {
    const Delivery& d = s.read;
    return {d.clubSpeed_mps,   d.attack_rad,    d.path_rad, d.faceAngle_rad,
            d.dynamicLoft_rad, calcSpinLoft(d), order};
}

/// Robust deviation of an outcome's residuals.
double noiseOf(const TuneResiduals& r, std::size_t o) {
    std::vector<double> absolute;
    for (std::size_t k = 0; k < r.shots.size(); ++k) {
        const double y = r.measured[k][o] - r.predicted[k][o];
        if (!std::isnan(y)) absolute.push_back(std::abs(y));
    }
    return madToSd * medianOf(std::move(absolute));
}

/// Residual and input, the misreads left out.
struct Cloud {
    std::vector<double> x, y;
};

Cloud cloudOf(const TuneResiduals& r, std::size_t o, std::size_t i) {
    Cloud c;
    for (std::size_t k = 0; k < r.shots.size(); ++k) {
        const double y = r.measured[k][o] - r.predicted[k][o];
        if (std::isnan(y) || std::abs(y) > farOff * r.noise[o]) continue;
        c.x.push_back(r.inputs[k][i]);
        c.y.push_back(y);
    }
    return c;
}

/// Polynomial of \p terms terms through the cloud; its last term in its own deviations.
struct Trend {
    Eigen::VectorXd a;
    double middle = 0.0, scale = 1.0, t = 0.0;

    double at(double x) const {
        const double z = (x - middle) / scale;
        double sum = 0.0;
        double power = 1.0;
        for (const double c : a) {
            sum += c * power;
            power *= z;
        }
        return sum;
    }
};

Trend trendOf(const Cloud& c, Eigen::Index terms, double middle, double scale) {
    Trend out;
    out.middle = middle;
    out.scale = scale;
    Eigen::MatrixXd normal = Eigen::MatrixXd::Zero(terms, terms);
    Eigen::VectorXd pull = Eigen::VectorXd::Zero(terms);
    const auto basis = [&](double x) {
        const double z = (x - middle) / scale;
        Eigen::VectorXd b(terms);
        b[0] = 1.0;
        for (Eigen::Index k = 1; k < terms; ++k)
            b[k] = b[k - 1] * z;
        return b;
    };
    for (std::size_t i = 0; i < c.x.size(); ++i) {
        const Eigen::VectorXd b = basis(c.x[i]);
        normal += b * b.transpose();
        pull += c.y[i] * b;
    }
    const Eigen::LDLT<Eigen::MatrixXd> solver(normal);
    out.a = solver.solve(pull);
    Eigen::MatrixXd meat = Eigen::MatrixXd::Zero(terms, terms);
    for (std::size_t i = 0; i < c.x.size(); ++i) {
        const Eigen::VectorXd b = basis(c.x[i]);
        const double left = c.y[i] - out.a.dot(b);
        // Leverage: a point at the edge pulls its own residual down (MacKinnon and White's HC3).
        const double leverage = std::min(0.9, b.dot(solver.solve(b)));
        meat += std::pow(left / (1.0 - leverage), 2) * b * b.transpose();
    }
    const Eigen::MatrixXd inverse = solver.solve(Eigen::MatrixXd::Identity(terms, terms));
    const Eigen::MatrixXd covariance = inverse * meat * inverse;
    const double sd = std::sqrt(covariance(terms - 1, terms - 1));
    out.t = sd > 0.0 ? out.a[terms - 1] / sd : 0.0;
    return out;
}

/// The stronger of a straight and a curved trend, when there is one.
std::optional<ResidualPattern> patternOf(const TuneResiduals& r, std::size_t o, std::size_t i) {
    const Cloud c = cloudOf(r, o, i);
    if (c.x.size() < fewestForPattern) return std::nullopt;
    ResidualPattern p;
    p.outcome = static_cast<TuneOutcome>(o);
    p.input = static_cast<TuneInput>(i);
    p.from = quantileOf(c.x, 0.1);
    p.to = quantileOf(c.x, 0.9);
    const double scale = 0.5 * (p.to - p.from);
    if (!(scale > 1e-9)) return std::nullopt;
    const double middle = 0.5 * (p.from + p.to);
    const Trend straight = trendOf(c, 2, middle, scale);
    const Trend curved = trendOf(c, 3, middle, scale);
    p.curved = std::abs(curved.t) > std::abs(straight.t);
    const Trend& trend = p.curved ? curved : straight;
    p.t = trend.t;
    p.atFrom = trend.at(p.from);
    p.atMiddle = trend.at(middle);
    p.atTo = trend.at(p.to);
    const double moved =
        p.curved ? std::abs(0.5 * (p.atFrom + p.atTo) - p.atMiddle) : std::abs(p.atTo - p.atFrom);
    if (std::abs(p.t) < beyondChance || moved < worthSaying * r.noise[o]) return std::nullopt;
    return p;
}

}  // namespace

TuneOutcomes getOutcomes(const TuneShot& s) {
    return {s.launch_rad, s.spin_radps, s.landing_rad, s.carry_m, s.release_m};
}

std::optional<TuneOutcomes> calcOutcomes(const TuneShot& s, const Tuning& tuning) {
    try {
        const ShotResult r = calcTunedShot(s, tuning);
        return TuneOutcomes{r.strike.launch.angle_rad(), r.strike.launch.spinRate_radps(),
                            r.flight.landingAngle_rad(), r.flight.carry_m, r.run.release_m};
    } catch (const RangeError&) {
        return std::nullopt;
    }
}

TuneResiduals findResiduals(std::span<const TuneShot> shots, const PlayerFit& fit) {
    TuneResiduals out;
    if (fit.strike.refused || fit.strike.weights.size() != shots.size()) return out;
    Tuning tuning = fit.tuning();
    std::map<int, GroundTuning> days;
    for (const GroundFit::Day& d : fit.ground.days)
        days.emplace(d.session, d.tuning);
    // The readings as they most likely were: the raw ones would show a trend for their errors'
    // sake.
    const std::vector<Delivery> clubs =
        calibratedClubs(Calibration::ofClubs(shots), fit.strike.errorShare);
    const double last = std::max<double>(1.0, static_cast<double>(shots.size()) - 1.0);
    // What is left of the law itself: its parameters are what a pattern puts in doubt, also where
    // predictions are corrected.
    Tuning law = tuning;
    law.strike.correction.reset();
    TuneResiduals ofLaw;
    for (std::size_t i = 0; i < shots.size(); ++i) {
        if (fit.strike.weights[i] <= 0.0) continue;
        const auto day = days.find(shots[i].session);
        tuning.ground = law.ground = day != days.end() ? day->second : fit.ground.tuning;
        TuneShot shot = shots[i];
        shot.read = clubs[i];
        const auto predicted = calcOutcomes(shot, tuning);
        const auto plain = tuning.strike.correction ? calcOutcomes(shot, law) : predicted;
        if (!predicted || !plain) continue;
        out.shots.push_back(i);
        out.measured.push_back(getOutcomes(shots[i]));
        out.predicted.push_back(*predicted);
        ofLaw.predicted.push_back(*plain);
        out.inputs.push_back(inputsOf(shot, static_cast<double>(i) / last));
    }
    ofLaw.shots = out.shots;
    ofLaw.measured = out.measured;
    ofLaw.inputs = out.inputs;
    for (std::size_t o = 0; o < tuneOutcomeCount; ++o) {
        out.noise[o] = noiseOf(out, o);
        ofLaw.noise[o] = noiseOf(ofLaw, o);
        std::optional<ResidualPattern> strongest;
        for (std::size_t i = 0; i < tuneInputCount; ++i) {
            const auto p = patternOf(ofLaw, o, i);
            if (p && (!strongest || std::abs(p->t) > std::abs(strongest->t))) strongest = p;
        }
        if (strongest) out.patterns.push_back(*strongest);
    }
    std::sort(out.patterns.begin(), out.patterns.end(),
              [](const auto& a, const auto& b) { return std::abs(a.t) > std::abs(b.t); });
    return out;
}

bool isPatterned(const TuneEstimate& e, const TuneResiduals& residuals) {
    using K = TuneEstimate::Kind;
    const auto shows = [&](TuneOutcome outcome) {
        return std::any_of(residuals.patterns.begin(), residuals.patterns.end(),
                           [&](const ResidualPattern& p) { return p.outcome == outcome; });
    };
    switch (e.kind) {
        case K::Friction:
        case K::TangentialRestitution:
        case K::TangentialSlope:
            return shows(TuneOutcome::Spin);
        case K::LoftBias:
        case K::AttackBias:
            return shows(TuneOutcome::Launch);
        case K::AirDrag:
        case K::AirLift:
            return shows(TuneOutcome::Carry) || shows(TuneOutcome::Landing);
        case K::GroundFirmness:
        case K::GroundFriction:
        case K::GreenSpeed:
            return shows(TuneOutcome::Release);
        default:
            return false;
    }
}

}  // namespace wedgeon
