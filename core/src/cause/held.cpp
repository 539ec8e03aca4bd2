// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// How likely shots and complaints are, and the most likely changes.
#include "cause/held.h"

#include <Eigen/Cholesky>
#include <algorithm>
#include <cmath>
#include <numbers>

#include "seen/likelihood.h"
#include "wedgeon/error.h"
#include "wedgeon/explain/compare.h"
#include "wedgeon/units.h"
#include "wedgeon/unknowns.h"

namespace wedgeon::cause {
namespace {

using Eigen::Index;
using Eigen::MatrixXd;
using Eigen::VectorXd;

constexpr double freedom = 6.0;
constexpr int rounds = 4, mostHalvings = 4;
/// A complaint says something else than what is so often, whatever that is.
constexpr double complaintSlip = 0.08;

/// Adds what a function of one number says, of which the changes move the number by \p slope.
template <class F>
void addScalar(const F& logShare, double mean, double by, const Changes& slope, Sum& sum) {
    const double here = logShare(mean), above = logShare(mean + by), below = logShare(mean - by);
    const double pull = (above - below) / (2.0 * by);
    const double curvature = std::max(0.0, -(above - 2.0 * here + below) / (by * by));
    sum.logLikelihood += here;
    sum.pull += pull * slope;
    sum.curvature += curvature * slope * slope.transpose();
}

/// A class of something that scatters.
struct Class {
    Sign::Of of;
    Index readable;
    double noise;
    seeing::Between limits;
};
std::vector<Class> classesOf(const PatternShot& shot) {
    const Sighting& s = shot.seen;
    std::vector<Class> out;
    if (s.turf)
        out.push_back({Sign::Of::Turf, Depth, seeing::turfSd_m, seeing::turfDepth_m(*s.turf)});
    if (s.entry && s.turf != SeenTurf::None)
        out.push_back({Sign::Of::Entry, Entry, seeing::entrySd_m, seeing::entryAhead_m(*s.entry)});
    if (isMishit(s)) return out;
    if (s.height)
        out.push_back(
            {Sign::Of::Height, LogApex, seeing::heightShare, seeing::logHeight(*s.height)});
    if (s.start)
        out.push_back({Sign::Of::Start, at(Outcome::LaunchDirection), seeing::startSd_rad,
                       aside(*s.start, aside_rad)});
    if (s.curve)
        out.push_back({Sign::Of::Curve, Curve, seeing::curveShare, aside(*s.curve, curved)});
    return out;
}

double chanceOf(double logit) {
    return 1.0 / (1.0 + std::exp(-logit));
}

/// The logarithm of how likely a strike is seen so.
double logStrike(SeenStrike seen, double fatLogit, double thinLogit) {
    double fat = chanceOf(fatLogit), thin = chanceOf(thinLogit);
    const double all = std::max(fat + thin, 1.0);
    fat /= all;
    thin /= all;
    const double is = seen == SeenStrike::Fat    ? fat
                      : seen == SeenStrike::Thin ? thin
                                                 : 1.0 - fat - thin;
    const double wrong = 0.5 * (1.0 - rightStrike);
    return std::log(wrong + (rightStrike - wrong) * std::max(is, 0.0));
}

/// The bounces of one day go together: five tell what one would if they did not.
double logBit(int seen, const Linear& kind) {
    double is = 0.0;
    for (int bit = 0; bit < static_cast<int>(kind.bits.size()); ++bit)
        is += kind.bits[static_cast<std::size_t>(bit)] * bounceShare(seen, bit);
    return 0.2 * std::log(is);
}

struct Complained {
    Index readable;
    double sign, noticed;
};
/// Nothing for those of the strike.
std::optional<Complained> complainedOf(Complaint complaint, const Readables& reference) {
    const double carry = std::max(reference[at(Outcome::Carry)], 1.0);
    const double run = std::max(0.6, 0.25 * std::abs(reference[at(Outcome::Release)]));
    switch (complaint) {
        case Complaint::TooHigh:
            // Of how it starts: a ball without speed never gets high.
            return Complained{at(Outcome::LaunchAngle), 1, radFromDeg(3.5)};
        case Complaint::TooLow:
            return Complained{at(Outcome::LaunchAngle), -1, radFromDeg(3.5)};
        case Complaint::RunsOn:
            return Complained{at(Outcome::Release), 1, run};
        case Complaint::StopsDead:
            return Complained{at(Outcome::Release), -1, run};
        case Complaint::Short:
            return Complained{at(Outcome::Carry), -1, 0.06 * carry};
        case Complaint::Long:
            return Complained{at(Outcome::Carry), 1, 0.06 * carry};
        case Complaint::StartsLeft:
            return Complained{at(Outcome::LaunchDirection), -1, radFromDeg(2.5)};
        case Complaint::StartsRight:
            return Complained{at(Outcome::LaunchDirection), 1, radFromDeg(2.5)};
        case Complaint::CurvesLeft:
            return Complained{Curve, -1, 0.03};
        case Complaint::CurvesRight:
            return Complained{Curve, 1, 0.03};
        case Complaint::Fat:
        case Complaint::Thin:
            break;
    }
    return std::nullopt;
}

/// It is said of what is beyond about one noticeable step.
double logNoticed(double steps, double sd) {
    return std::log(complaintSlip +
                    (1.0 - 2.0 * complaintSlip) * normalShare((steps - 0.8) / std::hypot(0.5, sd)));
}

/// Patterns are of what a shot does on plain ground, wherever it was aimed. Field by field: where
/// an optional line is copied and dropped, GCC 12 takes it for uninitialised.
Conditions offLine(const Conditions& c) {
    Conditions out;
    out.wedge = c.wedge;
    out.ball = c.ball;
    out.face = c.face;
    out.lie = c.lie;
    out.air = c.air;
    out.ground = c.ground;
    return out;
}

double logMishits(double logitNow, double logitReference) {
    // Beside what such shots have: a fifth of them more is noticed.
    return logNoticed((chanceOf(logitNow) - chanceOf(logitReference)) / 0.15, 0.0);
}

}  // namespace

bool isMishit(const Sighting& s) {
    return s.strike && *s.strike != SeenStrike::Clean;
}

std::vector<Number> numbersOf(const PatternShot& shot) {
    std::vector<Number> out;
    const Sighting& s = shot.seen;
    if (isMishit(s)) return out;
    if (shot.clubSpeed_mps)
        out.push_back({ClubSpeed, *shot.clubSpeed_mps,
                       std::pow(unknowns::readSpeed * *shot.clubSpeed_mps, 2)});
    const auto readSd = [](Outcome o, double value) {
        switch (o) {
            case Outcome::Attack:
            case Outcome::Path:
            case Outcome::FaceAngle:
                return unknowns::readAngle_rad;
            case Outcome::DynamicLoft:
                return unknowns::readLoft_rad;
            default:
                return readDeviation(o, value);
        }
    };
    for (const OutcomeInfo& info : outcomes()) {
        const auto& value = shot.read[static_cast<std::size_t>(info.outcome)];
        if (!value) continue;
        const double sd = readSd(info.outcome, *value);
        if (sd > 0.0) out.push_back({at(info.outcome), *value, sd * sd});
    }
    const auto see = [&](Index i, const std::optional<double>& v, double sd) {
        if (v) out.push_back({i, *v, sd * sd});
    };
    see(at(Outcome::Carry), s.landed_m,
        seeing::landedSd_m(s.landed_m.value_or(0.0), s.landedJudged));
    see(at(Outcome::Total), s.rest_m, seeing::restSd_m(s.rest_m.value_or(0.0)));
    see(at(Outcome::RestSide), s.restSide_m, seeing::restSideSd_m);
    if (s.apex_m) see(LogApex, std::log(std::max(*s.apex_m, 0.01)), seeing::apexShare);
    return out;
}

Kinds::Kinds(const CauseRequest& request) {
    for (const PatternKind& k : request.kinds) {
        const PatternKind kind{offLine(k.conditions), k.declared};
        PatternKind clean{offLine(k.conditions), k.declared};
        clean.conditions.lie = findLie("short-dry")->lie;
        clean.conditions.face = FaceCondition::FreshDry;
        kinds_.push_back(nullptr);
        references_.emplace_back();
        try {
            auto effects = std::make_unique<KindEffects>(request.player, request.level, kind);
            if (!effects->at(Changes::Zero())) continue;
            references_.back() =
                KindEffects(request.player, request.level, clean).at(Changes::Zero());
            kinds_.back() = std::move(effects);
        } catch (const RangeError&) {
            // Left out: the model has no answer for it.
        }
    }
}

std::vector<std::optional<Linear>> Kinds::around(const Changes& z,
                                                 const std::vector<bool>& wanted) const {
    std::vector<std::optional<Linear>> out(kinds_.size());
    for (std::size_t i = 0; i < kinds_.size(); ++i) {
        if (wanted[i] && kinds_[i]) out[i] = kinds_[i]->around(z);
    }
    return out;
}

void addShot(const PatternShot& shot, const Linear& kind, const Played& here, Sum& sum) {
    const std::vector<Number> numbers = numbersOf(shot);
    const auto n = static_cast<Index>(numbers.size());
    Readables mean = here.mean;
    ReadablesMatrix scatter = kind.scatter;
    Eigen::Matrix<double, readableCount, changes> slope = kind.slope;
    if (n > 0) {
        VectorXd off(n);
        MatrixXd its(n, changes), together(n, n), across(readableCount, n);
        for (Index a = 0; a < n; ++a) {
            const Number& number = numbers[static_cast<std::size_t>(a)];
            off[a] = number.value - here.mean[number.of];
            its.row(a) = kind.slope.row(number.of);
            across.col(a) = kind.scatter.col(number.of);
            for (Index b = 0; b < n; ++b)
                together(a, b) = kind.scatter(number.of, numbers[static_cast<std::size_t>(b)].of);
            together(a, a) += number.variance;
        }
        const Eigen::LLT<MatrixXd> solver(together);
        const VectorXd solved = solver.solve(off);
        const double far = off.dot(solved), count = static_cast<double>(n);
        const double weight = (freedom + count) / (freedom + far);
        sum.pull += weight * its.transpose() * solved;
        sum.curvature += weight * its.transpose() * solver.solve(its);
        sum.logLikelihood += std::lgamma(0.5 * (freedom + count)) - std::lgamma(0.5 * freedom) -
                             0.5 * count * std::log(freedom * std::numbers::pi) -
                             solver.matrixLLT().diagonal().array().log().sum() -
                             0.5 * (freedom + count) * std::log1p(far / freedom);
        // The classes beside them, given the numbers.
        const MatrixXd gain = solver.solve(across.transpose()).transpose();
        mean += gain * off;
        scatter -= gain * across.transpose();
        slope -= gain * its;
    }
    for (const Class& c : classesOf(shot)) {
        const double sd =
            std::sqrt(std::max(scatter(c.readable, c.readable), 0.0) + c.noise * c.noise);
        addScalar([&](double x) { return logBetween(x, sd, c.limits); }, mean[c.readable],
                  0.05 * sd, slope.row(c.readable).transpose(), sum);
    }
    if (shot.seen.strike) {
        const SeenStrike s = *shot.seen.strike;
        const auto fat = [&](double x) { return logStrike(s, x, here.odds.thin); };
        const auto thin = [&](double x) { return logStrike(s, here.odds.fat, x); };
        Sum other;
        addScalar(fat, here.odds.fat, 0.05, kind.fatSlope, sum);
        addScalar(thin, here.odds.thin, 0.05, kind.thinSlope, other);
        sum.pull += other.pull;
        sum.curvature += other.curvature;
    }
    if (shot.seen.bit && !isMishit(shot.seen)) sum.logLikelihood += logBit(*shot.seen.bit, kind);
}

void addComplaint(Complaint complaint, const Linear& kind, const Played& here,
                  const Played& reference, Sum& sum) {
    if (const auto c = complainedOf(complaint, reference.mean)) {
        const double per = c->sign / c->noticed;
        addScalar([](double steps) { return logNoticed(steps, 0.0); },
                  per * (here.mean[c->readable] - reference.mean[c->readable]), 0.1,
                  per * kind.slope.row(c->readable).transpose(), sum);
        return;
    }
    const bool fat = complaint == Complaint::Fat;
    const double before = fat ? reference.odds.fat : reference.odds.thin;
    addScalar([&](double x) { return logMishits(x, before); }, fat ? here.odds.fat : here.odds.thin,
              0.1, fat ? kind.fatSlope : kind.thinSlope, sum);
}

std::vector<Mark> marksOf(const PatternShot& shot, const Linear& kind, const Played& here,
                          const ChangesMatrix& open) {
    std::vector<Mark> out;
    for (const Class& c : classesOf(shot)) {
        const auto slope = kind.slope.row(c.readable);
        const double sd = std::sqrt(std::max(kind.scatter(c.readable, c.readable), 0.0) +
                                    c.noise * c.noise + (slope * open * slope.transpose()).value());
        out.push_back({c.of, logBetween(here.mean[c.readable], sd, c.limits)});
    }
    if (shot.seen.strike)
        out.push_back(
            {Sign::Of::Strike, logStrike(*shot.seen.strike, here.odds.fat, here.odds.thin)});
    if (shot.seen.bit && !isMishit(shot.seen))
        out.push_back({Sign::Of::Bit, logBit(*shot.seen.bit, kind)});
    return out;
}

double logComplaint(Complaint complaint, const Linear& kind, const Played& here,
                    const Played& reference, const ChangesMatrix& open) {
    if (const auto c = complainedOf(complaint, reference.mean)) {
        const auto slope = kind.slope.row(c->readable) / c->noticed;
        return logNoticed(
            c->sign * (here.mean[c->readable] - reference.mean[c->readable]) / c->noticed,
            std::sqrt((slope * open * slope.transpose()).value()));
    }
    const bool fat = complaint == Complaint::Fat;
    return logMishits(fat ? here.odds.fat : here.odds.thin,
                      fat ? reference.odds.fat : reference.odds.thin);
}

Fitted fit(const Kinds& kinds, const Evidence& evidence, const Prior& prior,
           const std::stop_token& stop) {
    Fitted out;
    out.posterior = prior;
    out.atPrior.resize(kinds.size());
    // Where the prior has no width there is nothing to find; the factor must exist none the less.
    ChangesMatrix wide = 0.5 * (prior.covariance + prior.covariance.transpose());
    wide.diagonal() *= 1.0 + 1e-9;
    wide.diagonal().array() += 1e-12;
    const Eigen::LLT<ChangesMatrix> factored(wide);
    if (factored.info() != Eigen::Success) return out;  // readings that no shot has
    const ChangesMatrix root = factored.matrixL();

    std::vector<bool> wanted(kinds.size(), false);
    for (const PatternShot& s : evidence.shots)
        wanted[s.kind] = true;
    wanted[0] = true;  // what complaints are of

    std::vector<std::optional<Linear>> linear;
    const auto sumAt = [&](const Changes& u, bool slopes) -> std::optional<Sum> {
        const Changes z = prior.mean + root * u;
        if (slopes) linear = kinds.around(z, wanted);
        std::vector<std::optional<Played>> here(kinds.size());
        for (std::size_t i = 0; i < kinds.size(); ++i) {
            if (!wanted[i] || !kinds[i]) continue;
            if (!linear[i]) return std::nullopt;
            here[i] = slopes ? linear[i]->here : kinds[i]->at(z);
            if (!here[i]) return std::nullopt;
        }
        Sum sum;
        for (const PatternShot& s : evidence.shots) {
            if (here[s.kind]) addShot(s, *linear[s.kind], *here[s.kind], sum);
        }
        for (const Complaint c : evidence.complaints) {
            if (here[0] && kinds.reference(0))
                addComplaint(c, *linear[0], *here[0], *kinds.reference(0), sum);
        }
        return sum;
    };
    Changes u = Changes::Zero();
    auto sum = sumAt(u, true);
    out.atPrior = linear;
    if (!sum) return out;
    out.plays = true;
    const auto goalOf = [](const Sum& s, const Changes& at) {
        return s.logLikelihood - 0.5 * at.squaredNorm();
    };
    double goal = goalOf(*sum, u);
    const auto curvature = [&] {
        return ChangesMatrix(ChangesMatrix::Identity() + root.transpose() * sum->curvature * root);
    };
    for (int i = 0; i < rounds && !stop.stop_requested(); ++i) {
        Changes move = curvature().llt().solve(root.transpose() * sum->pull - u);
        const double longest = move.cwiseAbs().maxCoeff();
        if (longest > 2.0) move *= 2.0 / longest;
        const auto isBetter = [&] {
            const auto there = sumAt(u + move, false);
            return there && goalOf(*there, u + move) > goal - 1e-6;
        };
        int halvings = 0;
        for (; halvings < mostHalvings && !isBetter(); ++halvings)
            move *= 0.5;
        if (halvings == mostHalvings) break;
        const Changes next = u + move;
        const auto linearised = sumAt(next, true);
        if (!linearised) break;
        u = next;
        sum = linearised;
        goal = goalOf(*sum, u);
        if (move.cwiseAbs().maxCoeff() < 0.02) break;
    }
    const Eigen::LLT<ChangesMatrix> solver(curvature());
    out.logEvidence = goal - solver.matrixLLT().diagonal().array().log().sum();
    out.posterior.mean = prior.mean + root * u;
    out.posterior.covariance = root * solver.solve(root.transpose());
    return out;
}

}  // namespace wedgeon::cause
