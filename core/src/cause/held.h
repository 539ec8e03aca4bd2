// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Shots and complaints held against what changes would make of them.
#pragma once

#include <memory>
#include <span>
#include <vector>

#include "cause/effects.h"

namespace wedgeon::cause {

/// A normal prior of the changes.
struct Prior {
    Changes mean = Changes::Zero();
    ChangesMatrix covariance = ChangesMatrix::Zero();
};

/// One number that was read or seen of a shot.
struct Number {
    Eigen::Index of = 0;
    double value = 0.0, variance = 0.0;
};
std::vector<Number> numbersOf(const PatternShot& shot);
bool isMishit(const Sighting& seen);

/// The kinds of a request, those that the model has an answer for.
class Kinds {
public:
    explicit Kinds(const CauseRequest& request);

    std::size_t size() const { return kinds_.size(); }
    const KindEffects* operator[](std::size_t i) const { return kinds_[i].get(); }
    /// The same shot off short grass with a clean face, nothing changed.
    const std::optional<Played>& reference(std::size_t i) const { return references_[i]; }
    std::vector<std::optional<Linear>> around(const Changes& z,
                                              const std::vector<bool>& wanted) const;

private:
    std::vector<std::unique_ptr<KindEffects>> kinds_;
    std::vector<std::optional<Played>> references_;
};

/// Logarithms of likelihood, their slopes and curvatures.
struct Sum {
    double logLikelihood = 0.0;
    ChangesMatrix curvature = ChangesMatrix::Zero();
    Changes pull = Changes::Zero();
};

/// Adds one shot: \p here is played, scatter and slopes are those of \p kind near it.
void addShot(const PatternShot& shot, const Linear& kind, const Played& here, Sum& sum);
void addComplaint(Complaint complaint, const Linear& kind, const Played& here,
                  const Played& reference, Sum& sum);

/// The logarithm of how likely one mark is for shots of a kind, where the changes are known as well
/// as \p open says.
struct Mark {
    Sign::Of of{};
    double logLikelihood = 0.0;
};
std::vector<Mark> marksOf(const PatternShot& shot, const Linear& kind, const Played& here,
                          const ChangesMatrix& open);
double logComplaint(Complaint complaint, const Linear& kind, const Played& here,
                    const Played& reference, const ChangesMatrix& open);

/// What the shots leave of a prior.
struct Fitted {
    Prior posterior;
    double logEvidence = 0.0;
    bool plays = false;
    std::vector<std::optional<Linear>> atPrior;  // the kinds that have a say, at the prior's mean
};
struct Evidence {
    std::span<const PatternShot> shots;
    std::span<const Complaint> complaints;
};
Fitted fit(const Kinds& kinds, const Evidence& evidence, const Prior& prior,
           const std::stop_token& stop);

}  // namespace wedgeon::cause
