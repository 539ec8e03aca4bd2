// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Readings as inputs of a fit: they are read with error, and a fit that takes them as exact finds
// too weak an effect of each, and is the surer of it the more shots there are.
#pragma once

#include <Eigen/Core>
#include <optional>
#include <span>
#include <vector>

#include "wedgeon/tune/tune.h"

namespace wedgeon::tune {

/// Regression calibration (R. J. Carroll, D. Ruppert, L. A. Stefanski, "Measurement Error in
/// Nonlinear Models", 1995): within a kind of shot (wedge, swing and
/// the set-up that was meant) a reading z about the kind's
/// middle c stands for c + (S - N) S^-1 (z - c), where S is the covariance of the readings and N
/// that of their errors. Kinds lean on what all named kinds have in common; shots of no named kind
/// are one kind of their own.
class Calibration {
public:
    /// Log speed, attack, path, face angle and dynamic loft of the club.
    static Calibration ofClubs(std::span<const TuneShot> shots);
    /// Log speed, angle and log spin of the ball.
    static Calibration ofLaunches(std::span<const TuneShot> shots);

    /// How far each reading most likely was from its kind's middle (a row for each shot), when the
    /// errors' variances are \p share of what is told of devices. NaN where it was not read.
    Eigen::MatrixXd offMiddle(double share) const;
    /// The share of a reading's distance from its middle that stays, on average over the shots and
    /// over attack and loft.
    double meanKept(double share) const;
    /// A kind's middle has the errors of its shots in it, which their residuals do not show: of n
    /// shots, n times this is missing in the covariance of the sum of their errors.
    Eigen::MatrixXd hiddenInMiddle(std::size_t kind, double share) const;
    std::size_t kindOf(std::size_t shot) const { return kindOf_[shot]; }
    std::size_t kinds() const { return kinds_.size(); }
    /// Of how many free readings the covariances are made.
    double free() const { return free_; }
    /// The readings as they most likely were.
    Eigen::MatrixXd reads(double share) const;

private:
    struct Kind {
        Eigen::VectorXd middle;
        Eigen::VectorXd reach;  // beyond it a reading is no swing of the kind
        Eigen::MatrixXd covariance;
        bool known = false;
    };
    Calibration(std::span<const TuneShot> shots, Eigen::MatrixXd readings, Eigen::VectorXd errors);
    Eigen::MatrixXd signal(const Kind& kind, double share) const;

    Eigen::MatrixXd readings_;
    Eigen::VectorXd errors_;
    std::vector<std::size_t> kindOf_;
    std::vector<Kind> kinds_;
    double free_ = 0.0;
};

/// The clubs of \p shots with the errors' variances at \p share.
std::vector<Delivery> calibratedClubs(const Calibration& clubs, double share);
/// The launches, where they were measured.
std::vector<std::optional<Launch>> calibratedLaunches(std::span<const TuneShot> shots);

}  // namespace wedgeon::tune
