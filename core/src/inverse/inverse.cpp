// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// The inverse of the chain.
#include "wedgeon/inverse/inverse.h"

#include <Eigen/Dense>
#include <algorithm>
#include <cmath>
#include <string>

#include "wedgeon/error.h"
#include "wedgeon/shot/predictor.h"

namespace wedgeon {
namespace {

using Eigen::MatrixXd;
using Eigen::VectorXd;

/// The problem in steps of each dial and tolerances of each target.
class Problem {
public:
    Problem(const Recipe& start, const Predictor& predictor, const std::vector<Target>& targets,
            const std::vector<Freedom>& freedoms)
        : start_(start), predictor_(predictor), targets_(targets), freedoms_(freedoms) {
        const auto n = static_cast<Eigen::Index>(freedoms.size());
        low_.resize(n);
        high_.resize(n);
        cost_.resize(n);
        for (Eigen::Index i = 0; i < n; ++i) {
            const Freedom& f = freedoms[static_cast<std::size_t>(i)];
            const DialInfo& d = info(f.dial);
            const double at = dialOf(start, f.dial);
            // A start beyond what players do is where this player is: the bounds reach to it.
            low_[i] = (std::min(f.low.value_or(d.low), f.low ? *f.low : at) - at) / d.step;
            high_[i] = (std::max(f.high.value_or(d.high), f.high ? *f.high : at) - at) / d.step;
            cost_[i] = f.cost;
        }
    }

    Eigen::Index freedoms() const { return low_.size(); }
    Eigen::Index targets() const { return static_cast<Eigen::Index>(targets_.size()); }
    const VectorXd& low() const { return low_; }
    const VectorXd& high() const { return high_; }
    const VectorXd& cost() const { return cost_; }

    Recipe recipeAt(const VectorXd& steps) const {
        Recipe r = start_;
        for (std::size_t i = 0; i < freedoms_.size(); ++i) {
            dialOf(r, freedoms_[i].dial) +=
                steps[static_cast<Eigen::Index>(i)] * info(freedoms_[i].dial).step;
        }
        return r;
    }

    /// By how many tolerances each target is off; false where the model has no answer.
    bool offs(const VectorXd& steps, VectorXd& out) const {
        try {
            const ShotResult shot = predictor_.shot(recipeAt(steps));
            out.resize(targets());
            for (std::size_t j = 0; j < targets_.size(); ++j) {
                const Target& t = targets_[j];
                out[static_cast<Eigen::Index>(j)] =
                    (valueOf(shot, t.outcome) - t.value) / t.tolerance;
            }
            return true;
        } catch (const RangeError&) {
            return false;
        }
    }

    /// What lies outside the tolerances: inside them every result is as good as another, and what
    /// is saved there is saved of the change.
    bool misses(const VectorXd& steps, VectorXd& out) const {
        if (!offs(steps, out)) return false;
        for (double& off : out)
            off = std::copysign(std::max(0.0, std::abs(off) - inside), off);
        return true;
    }

    MatrixXd slopes(const VectorXd& steps, const VectorXd& miss) const {
        const Sensitivity s = *predictor_.sensitivity(recipeAt(steps));
        MatrixXd out(targets(), freedoms());
        for (std::size_t j = 0; j < targets_.size(); ++j) {
            if (miss[static_cast<Eigen::Index>(j)] == 0.0) {
                out.row(static_cast<Eigen::Index>(j)).setZero();
                continue;
            }
            for (std::size_t i = 0; i < freedoms_.size(); ++i) {
                out(static_cast<Eigen::Index>(j), static_cast<Eigen::Index>(i)) =
                    s(targets_[j].outcome, freedoms_[i].dial) * info(freedoms_[i].dial).step /
                    targets_[j].tolerance;
            }
        }
        return out;
    }

    double cost(const VectorXd& steps) const {
        return (cost_.array() * steps.array().square()).sum();
    }

private:
    /// Of a tolerance: so that a finite weight ends within it.
    static constexpr double inside = 0.995;

    const Recipe& start_;
    const Predictor& predictor_;
    const std::vector<Target>& targets_;
    const std::vector<Freedom>& freedoms_;
    VectorXd low_, high_, cost_;
};

/// Minimises weight * |misses|^2 + sum cost * steps^2 within the bounds, from \p x.
VectorXd minimise(const Problem& problem, double weight, VectorXd x) {
    VectorXd r;
    if (!problem.misses(x, r)) return x;
    const auto value = [&](const VectorXd& miss, const VectorXd& at) {
        return weight * miss.squaredNorm() + problem.cost(at);
    };
    double best = value(r, x);
    double damping = 1e-3;
    for (int iteration = 0; iteration < 60; ++iteration) {
        const MatrixXd J = problem.slopes(x, r);
        const VectorXd gradient = weight * J.transpose() * r + problem.cost().cwiseProduct(x);
        MatrixXd H = weight * J.transpose() * J;
        H.diagonal() += problem.cost();
        bool moved = false;
        for (int attempt = 0; attempt < 12 && !moved; ++attempt) {
            MatrixXd A = H;
            A.diagonal() += damping * H.diagonal();
            // A dial on its bound that wants to go on is held there.
            VectorXd g = gradient;
            for (Eigen::Index i = 0; i < x.size(); ++i) {
                const bool held = (x[i] <= problem.low()[i] && g[i] > 0) ||
                                  (x[i] >= problem.high()[i] && g[i] < 0);
                if (!held) continue;
                g[i] = 0.0;
                A.row(i).setZero();
                A.col(i).setZero();
                A(i, i) = 1.0;
            }
            const VectorXd step = A.ldlt().solve(-g);
            const VectorXd to = (x + step).cwiseMax(problem.low()).cwiseMin(problem.high());
            VectorXd rTo;
            if (problem.misses(to, rTo) && value(rTo, to) < best) {
                const double gain = best - value(rTo, to);
                const bool small = gain < 1e-10 * (1.0 + best);
                x = to;
                r = rTo;
                best -= gain;
                damping = std::max(damping * 0.3, 1e-9);
                moved = !small;
                if (small) return x;
            } else {
                damping *= 4.0;
            }
        }
        if (!moved) break;
    }
    return x;
}

double worstMiss(const Problem& problem, const VectorXd& x) {
    VectorXd r;
    return problem.offs(x, r) ? r.cwiseAbs().maxCoeff() : HUGE_VAL;
}

constexpr double metLimit = 1.0 + 1e-6;
constexpr int otherStarts = 8;

/// What reaches the targets goes before what misses them; then the smaller change, or the nearer
/// miss.
bool isBetter(const Problem& problem, const VectorXd& a, const VectorXd& b) {
    const double missA = worstMiss(problem, a), missB = worstMiss(problem, b);
    const bool metA = missA <= metLimit, metB = missB <= metLimit;
    if (metA != metB) return metA;
    return metA ? problem.cost(a) < problem.cost(b) : missA < missB;
}

/// Raises the weight until the targets are met, then lowers it to where they just are.
VectorXd solve(const Problem& problem, const VectorXd& from) {
    VectorXd x = from;
    VectorXd before = from;
    double weight = 1e-3;
    double weightBefore = 0.0;
    while (weight < 1e8) {
        const VectorXd next = minimise(problem, weight, x);
        if (worstMiss(problem, next) <= metLimit) {
            VectorXd good = next;
            for (int i = 0; i < 12 && weightBefore > 0.0; ++i) {
                const double middle = std::sqrt(weight * weightBefore);
                const VectorXd y = minimise(problem, middle, before);
                if (worstMiss(problem, y) <= metLimit) {
                    good = y;
                    weight = middle;
                } else {
                    before = y;
                    weightBefore = middle;
                }
            }
            return good;
        }
        before = x = next;
        weightBefore = weight;
        weight *= 8.0;
    }
    return x;
}

void validate(const std::vector<Target>& targets, const std::vector<Freedom>& freedoms) {
    // Wider than anything that can be meant.
    constexpr double least = 1e-9;
    constexpr double most = 1e9;
    requireRange("targets", static_cast<double>(targets.size()), 1, outcomeCount);
    requireRange("freedoms", static_cast<double>(freedoms.size()), 1, dialCount);
    for (const Target& t : targets) {
        const std::string key(info(t.outcome).key);
        requireRange(key, t.value, -most, most);
        requireRange(key + ".within", t.tolerance, least, most);
    }
    for (const Freedom& f : freedoms) {
        const DialInfo& d = info(f.dial);
        requireRange(std::string(d.key) + ".cost", f.cost, least, most);
        requireRange(std::string(d.key) + ".low", f.low.value_or(d.low), -most,
                     f.high.value_or(d.high), d.factor);
    }
}

/// Which target is missed by most, and whether it is friction that holds it.
void findWhy(InverseResult& result, const Predictor& predictor) {
    const auto worst = std::max_element(result.reached.begin(), result.reached.end(),
                                        [](const Reached& a, const Reached& b) {
                                            return std::abs(a.reached - a.wanted) / a.tolerance <
                                                   std::abs(b.reached - b.wanted) / b.tolerance;
                                        });
    result.worst = static_cast<std::size_t>(worst - result.reached.begin());
    result.gripIsSpent = worst->outcome == Outcome::SpinRate && worst->wanted > worst->reached &&
                         predictor.shot(result.recipe).strike.limitedByFriction();
}

}  // namespace

bool Reached::within() const {
    return std::abs(reached - wanted) <= tolerance * metLimit;
}

InverseResult Predictor::findRecipe(const Recipe& start, const std::vector<Target>& targets,
                                    const std::vector<Freedom>& freedoms) const {
    validate(targets, freedoms);
    const ShotResult now = shot(start);  // the start must be inside the model
    if (surroundings_.terrain) {
        InverseResult none;
        none.recipe = start;
        for (const Target& t : targets)
            none.reached.push_back({t.outcome, t.value, valueOf(now, t.outcome), t.tolerance});
        none.overALine = true;
        return none;
    }
    const Problem problem(start, *this, targets, freedoms);
    const VectorXd zero =
        VectorXd::Zero(problem.freedoms()).cwiseMax(problem.low()).cwiseMin(problem.high());

    VectorXd best = zero;
    if (worstMiss(problem, zero) > metLimit) {
        best = solve(problem, zero);
        // The run jumps where a bounce comes or goes and can hold a search, and a smaller change
        // may lie on the other side: a few other places, also after a first success. Half of them
        // are near the start, where small changes are.
        for (int k = 0; k < otherStarts; ++k) {
            VectorXd from(problem.freedoms());
            const double reach = k % 2 == 0 ? 1.0 : 0.3;
            for (Eigen::Index i = 0; i < from.size(); ++i) {
                const double share =
                    std::fmod(0.5 + 0.618034 * static_cast<double>((k + 1) * (i + 1)), 1.0);
                const double there =
                    problem.low()[i] + share * (problem.high()[i] - problem.low()[i]);
                from[i] = zero[i] + reach * (there - zero[i]);
            }
            const VectorXd other = solve(problem, from);
            if (isBetter(problem, other, best)) best = other;
        }
    }

    InverseResult result;
    result.recipe = problem.recipeAt(best);
    const ShotResult reached = shot(result.recipe);
    result.found = true;
    for (const Target& t : targets) {
        result.reached.push_back({t.outcome, t.value, valueOf(reached, t.outcome), t.tolerance});
        result.found = result.found && result.reached.back().within();
    }
    for (Eigen::Index i = 0; i < best.size(); ++i) {
        if (best[i] <= problem.low()[i] + 1e-6 || best[i] >= problem.high()[i] - 1e-6) {
            result.atBound.push_back(freedoms[static_cast<std::size_t>(i)].dial);
        }
    }
    if (!result.found) findWhy(result, *this);
    return result;
}

}  // namespace wedgeon
