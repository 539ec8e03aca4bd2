// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// What a statistician without a model of the strike would predict.
#pragma once

#include <Eigen/Core>
#include <array>
#include <optional>
#include <span>
#include <vector>

#include "wedgeon/tune/tune.h"

namespace wedgeon::tune {

/// Ridge regression (A. E. Hoerl, R. W. Kennard, Technometrics 12, 1970) of each outcome, spin and
/// carry on their logarithms, on log club speed, spin loft, attack and face to path, the products
/// and squares of the first three, each group of ball, face and lie and its slopes; Tukey's
/// biweight against misreads; the penalty by generalised cross-validation.
class Rival {
public:
    Rival(std::span<const TuneShot> shots, const std::vector<std::size_t>& train);
    /// Nothing where too few were measured, or the shot is none.
    std::optional<double> operator()(const TuneShot& shot, std::size_t outcome) const;

private:
    std::optional<Eigen::RowVectorXd> row(const TuneShot& shot) const;

    std::vector<TuneGroup> groups_;
    std::array<double, 4> middle_{}, width_{};
    std::array<Eigen::VectorXd, tuneOutcomeCount> weights_;
    std::array<double, tuneOutcomeCount> base_{};
};

}  // namespace wedgeon::tune
