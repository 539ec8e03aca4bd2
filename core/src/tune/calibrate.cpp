// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Covariances within kinds, and what they leave of a reading.
#include "tune/calibrate.h"

#include <Eigen/Eigenvalues>
#include <cmath>
#include <map>
#include <set>
#include <string>
#include <utility>

#include "tune/estimates.h"
#include "tune/robust_fit.h"
#include "wedgeon/error.h"
#include "wedgeon/units.h"
#include "wedgeon/unknowns.h"

namespace wedgeon::tune {
namespace {

/// Deviations (robust ones) beyond which a reading is no swing of its kind.
constexpr double far = 3.5;
constexpr Eigen::Index fewestReadings = 3;
/// A kind leans on all kinds as if those were this many shots of its own.
constexpr double lean = 20.0;
/// Shots of no named kind speak for themselves when there are so many.
constexpr std::size_t fewestUnnamed = 20;

/// Between the two in the middle of an even number, so that a mirror has the mirror's.
double middleOf(std::vector<double> v) {
    const double above = medianOf(v);
    if (v.size() % 2 == 1) return above;
    for (double& x : v)
        x = -x;
    return 0.5 * (above - medianOf(std::move(v)));
}

/// Middle and covariance of a kind's own readings, without those that lie far out.
struct Own {
    Eigen::VectorXd middle, reach;
    Eigen::MatrixXd sum;
    double free = 0.0;
};

Own ownOf(const Eigen::MatrixXd& all, const std::vector<Eigen::Index>& rows,
          const Eigen::VectorXd& errors) {
    const Eigen::Index d = all.cols();
    Own own{Eigen::VectorXd::Zero(d), Eigen::VectorXd::Zero(d), Eigen::MatrixXd::Zero(d, d)};
    Eigen::VectorXd& reach = own.reach;
    for (Eigen::Index q = 0; q < d; ++q) {
        std::vector<double> v;
        v.reserve(rows.size());
        for (const Eigen::Index i : rows)
            v.push_back(all(i, q));
        own.middle[q] = middleOf(v);
        for (double& x : v)
            x = std::abs(x - own.middle[q]);
        reach[q] = far * std::max(madToSd * medianOf(std::move(v)), 0.5 * errors[q]);
    }
    Eigen::VectorXd mean = Eigen::VectorXd::Zero(d);
    std::vector<Eigen::Index> kept;
    for (const Eigen::Index i : rows) {
        const Eigen::VectorXd off = all.row(i).transpose() - own.middle;
        if ((off.cwiseAbs().array() > reach.array()).any()) continue;
        kept.push_back(i);
        mean += all.row(i).transpose();
    }
    const auto n = static_cast<Eigen::Index>(kept.size());
    if (n < fewestReadings) return own;
    own.middle = mean / static_cast<double>(n);
    for (const Eigen::Index i : kept) {
        const Eigen::VectorXd off = all.row(i).transpose() - own.middle;
        own.sum += off * off.transpose();
    }
    own.free = static_cast<double>(n - 1);
    return own;
}

std::string swingOf(const TuneShot& s) {
    return s.wedge + '\n' + s.swing;
}

std::string setUpOf(const TuneShot& s) {
    std::string key;
    if (s.declared) {
        for (const double v : {s.declared->open_rad, s.declared->lean_rad,
                               s.declared->ballForward_m, s.declared->weightLead_pct})
            key += ' ' + std::to_string(v);
    }
    return key;
}

/// Of each shot, wedge and swing, and the set-up that was meant where set-ups come back: of those
/// that hardly do, each would be a kind of its own.
std::vector<std::string> kindsOf(std::span<const TuneShot> shots) {
    struct Swing {
        std::size_t shots = 0;
        std::set<std::string> setUps;
    };
    std::map<std::string, Swing> swings;
    for (const TuneShot& s : shots) {
        Swing& its = swings[swingOf(s)];
        ++its.shots;
        its.setUps.insert(setUpOf(s));
    }
    std::vector<std::string> out;
    out.reserve(shots.size());
    for (const TuneShot& s : shots) {
        const Swing& its = swings[swingOf(s)];
        const bool comesBack = 2 * its.setUps.size() <= its.shots;
        out.push_back(swingOf(s) + (comesBack ? setUpOf(s) : std::string()));
    }
    return out;
}

bool isRead(const Delivery& d) {
    try {
        d.validate();
        return true;
    } catch (const RangeError&) {
        return false;
    }
}

}  // namespace

Calibration Calibration::ofClubs(std::span<const TuneShot> shots) {
    Eigen::MatrixXd z(static_cast<Eigen::Index>(shots.size()), 5);
    for (std::size_t i = 0; i < shots.size(); ++i) {
        const TuneShot& s = shots[i];
        const Delivery& d = s.read;
        // What is no swing, or has no ball with it, says nothing of its kind.
        if (!isRead(d) ||
            (std::isnan(s.ballSpeed_mps) && std::isnan(s.launch_rad) && std::isnan(s.spin_radps))) {
            z.row(static_cast<Eigen::Index>(i)).setConstant(std::nan(""));
            continue;
        }
        z.row(static_cast<Eigen::Index>(i)) << std::log(d.clubSpeed_mps), d.attack_rad, d.path_rad,
            d.faceAngle_rad, d.dynamicLoft_rad;
    }
    const double angle = unknowns::readAngle_rad;
    return {
        shots, std::move(z),
        Eigen::Vector<double, 5>{unknowns::readSpeed, angle, angle, angle, unknowns::readLoft_rad}};
}

Calibration Calibration::ofLaunches(std::span<const TuneShot> shots) {
    Eigen::MatrixXd z(static_cast<Eigen::Index>(shots.size()), 3);
    for (std::size_t i = 0; i < shots.size(); ++i) {
        const TuneShot& s = shots[i];
        z.row(static_cast<Eigen::Index>(i)) << std::log(s.ballSpeed_mps), s.launch_rad,
            std::log(std::max(s.spin_radps, 1.0));
        if (std::isnan(s.spin_radps)) z(static_cast<Eigen::Index>(i), 2) = s.spin_radps;
    }
    return {shots, std::move(z),
            Eigen::Vector3d{unknowns::readBallSpeed, unknowns::readLaunch_rad, unknowns::readSpin}};
}

Calibration::Calibration(std::span<const TuneShot> shots, Eigen::MatrixXd readings,
                         Eigen::VectorXd errors)
    : readings_(std::move(readings)), errors_(std::move(errors)) {
    const std::vector<std::string> keys = kindsOf(shots);
    std::map<std::string, std::size_t> places;
    std::vector<std::vector<Eigen::Index>> rows;
    std::vector<bool> named;
    for (std::size_t i = 0; i < shots.size(); ++i) {
        const TuneShot& s = shots[i];
        const auto [at, isNew] = places.emplace(keys[i], rows.size());
        if (isNew) {
            rows.emplace_back();
            named.push_back(!s.wedge.empty() || !s.swing.empty());
        }
        kindOf_.push_back(at->second);
        const auto row = static_cast<Eigen::Index>(i);
        if (readings_.row(row).allFinite()) rows[at->second].push_back(row);
    }
    const Eigen::Index d = readings_.cols();
    Eigen::MatrixXd pooled = Eigen::MatrixXd::Zero(d, d);
    double free = 0.0;
    std::vector<Own> own;
    for (std::size_t k = 0; k < rows.size(); ++k) {
        own.push_back(ownOf(readings_, rows[k], errors_));
        if (!named[k]) continue;
        pooled += own[k].sum;
        free += own[k].free;
    }
    if (free > 0.0) pooled /= free;
    for (std::size_t k = 0; k < rows.size(); ++k) {
        free_ += own[k].free;
        Kind& kind = kinds_.emplace_back();
        kind.middle = own[k].middle;
        if (named[k]) {
            kind.known = free >= lean && own[k].free > 0.0;
            kind.covariance = (own[k].sum + lean * pooled) / (own[k].free + lean);
            kind.reach = far * kind.covariance.diagonal().cwiseSqrt();
        } else {
            kind.known = rows[k].size() >= fewestUnnamed;
            kind.covariance = own[k].sum / std::max(1.0, own[k].free);
            kind.reach = own[k].reach;
        }
    }
}

Eigen::MatrixXd Calibration::signal(const Kind& kind, double share) const {
    const Eigen::Index d = readings_.cols();
    if (!kind.known || share <= 0.0) return Eigen::MatrixXd::Identity(d, d);
    // In units of the errors N is the unit matrix, and (S - N) S^-1 shares S's directions.
    const Eigen::VectorXd unit = std::sqrt(share) * errors_;
    const Eigen::VectorXd inverse = unit.cwiseInverse();
    const Eigen::MatrixXd white = inverse.asDiagonal() * kind.covariance * inverse.asDiagonal();
    const Eigen::SelfAdjointEigenSolver<Eigen::MatrixXd> parts(white);
    const Eigen::VectorXd kept =
        parts.eigenvalues().unaryExpr([](double v) { return v > 1.0 ? (v - 1.0) / v : 0.0; });
    return unit.asDiagonal() * parts.eigenvectors() * kept.asDiagonal() *
           parts.eigenvectors().transpose() * inverse.asDiagonal();
}

Eigen::MatrixXd Calibration::offMiddle(double share) const {
    std::vector<Eigen::MatrixXd> signals;
    for (const Kind& kind : kinds_)
        signals.push_back(signal(kind, share));
    Eigen::MatrixXd off(readings_.rows(), readings_.cols());
    for (Eigen::Index i = 0; i < off.rows(); ++i) {
        const std::size_t k = kindOf_[static_cast<std::size_t>(i)];
        // What lies farther out than any swing of the kind is another swing, and stays as read.
        const Eigen::VectorXd read = readings_.row(i).transpose() - kinds_[k].middle;
        const Eigen::VectorXd its = read.cwiseMax(-kinds_[k].reach).cwiseMin(kinds_[k].reach);
        off.row(i) = signals[k] * its + (read - its);
    }
    return off;
}

Eigen::MatrixXd Calibration::hiddenInMiddle(std::size_t kind, double share) const {
    const Eigen::Index d = readings_.cols();
    const Eigen::MatrixXd lost = Eigen::MatrixXd::Identity(d, d) - signal(kinds_[kind], share);
    return lost * (share * errors_.array().square()).matrix().asDiagonal();
}

double Calibration::meanKept(double share) const {
    const Eigen::MatrixXd off = offMiddle(share);
    double kept = 0.0, whole = 0.0;
    for (Eigen::Index i = 0; i < off.rows(); ++i) {
        const Kind& kind = kinds_[kindOf_[static_cast<std::size_t>(i)]];
        if (!off.row(i).allFinite()) continue;
        for (const Eigen::Index q : {Eigen::Index{1}, off.cols() - 1}) {
            const double read = readings_(i, q) - kind.middle[q];
            kept += off(i, q) * read;
            whole += read * read;
        }
    }
    return whole > 0.0 ? kept / whole : 1.0;
}

Eigen::MatrixXd Calibration::reads(double share) const {
    Eigen::MatrixXd z = offMiddle(share);
    for (Eigen::Index i = 0; i < z.rows(); ++i)
        z.row(i) += kinds_[kindOf_[static_cast<std::size_t>(i)]].middle.transpose();
    return z;
}

std::vector<Delivery> calibratedClubs(const Calibration& clubs, double share) {
    const Eigen::MatrixXd z = clubs.reads(share);
    std::vector<Delivery> out;
    out.reserve(static_cast<std::size_t>(z.rows()));
    for (Eigen::Index i = 0; i < z.rows(); ++i)
        out.push_back({std::exp(z(i, 0)), z(i, 1), z(i, 2), z(i, 4), z(i, 3)});
    return out;
}

std::vector<std::optional<Launch>> calibratedLaunches(std::span<const TuneShot> shots) {
    const Eigen::MatrixXd z = Calibration::ofLaunches(shots).reads(1.0);
    std::vector<std::optional<Launch>> out;
    out.reserve(shots.size());
    for (std::size_t i = 0; i < shots.size(); ++i) {
        TuneShot s = shots[i];
        const auto row = static_cast<Eigen::Index>(i);
        if (z.row(row).allFinite()) {
            s.ballSpeed_mps = std::exp(z(row, 0));
            s.launch_rad = z(row, 1);
            s.spin_radps = std::exp(z(row, 2));
        }
        out.push_back(launchOf(s));
    }
    return out;
}

}  // namespace wedgeon::tune
