// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Coupling, playing, and the variance between shots.
#include "wedgeon/explain/groups.h"

#include <algorithm>
#include <boost/math/distributions/students_t.hpp>
#include <cmath>
#include <limits>
#include <numeric>
#include <optional>
#include <random>
#include <vector>

#include "wedgeon/error.h"
#include "wedgeon/parallel.h"
#include "wedgeon/unknowns.h"

namespace wedgeon {
namespace {

struct Pair {
    std::size_t a = 0, b = 0;
    double weight = 0.0;
};

/// The corner rule over two shuffled orders: both marginals exactly uniform.
std::vector<Pair> couple(std::size_t na, std::size_t nb, std::mt19937_64& random) {
    std::vector<std::size_t> orderA(na), orderB(nb);
    std::iota(orderA.begin(), orderA.end(), 0u);
    std::iota(orderB.begin(), orderB.end(), 0u);
    std::shuffle(orderA.begin(), orderA.end(), random);
    std::shuffle(orderB.begin(), orderB.end(), random);
    std::vector<Pair> out;
    // In units of 1 / (na nb), so that nothing is rounded.
    std::size_t i = 0, j = 0, leftA = nb, leftB = na;
    while (i < na && j < nb) {
        const std::size_t mass = std::min(leftA, leftB);
        out.push_back(
            {orderA[i], orderB[j], static_cast<double>(mass) / static_cast<double>(na * nb)});
        leftA -= mass;
        leftB -= mass;
        if (leftA == 0) {
            ++i;
            leftA = nb;
        }
        if (leftB == 0) {
            ++j;
            leftB = na;
        }
    }
    return out;
}

std::vector<ShotCauses> chosen(std::span<const ShotCauses> all, std::size_t most,
                               std::mt19937_64& random) {
    std::vector<ShotCauses> out;
    std::sample(all.begin(), all.end(), std::back_inserter(out), most, random);
    return out;
}

/// Variance of a value from shot to shot of one group, without what its partners add: one way of
/// analysis of variance, unequal numbers.
class BetweenShots {
public:
    explicit BetweenShots(std::size_t shots) : sum_(shots), square_(shots), n_(shots) {}
    void add(std::size_t shot, double value) {
        sum_[shot] += value;
        square_[shot] += value * value;
        n_[shot] += 1.0;
    }
    double variance() const {
        double total = 0.0, squares = 0.0, count = 0.0, countSquares = 0.0, groups = 0.0;
        double betweenRaw = 0.0;
        for (std::size_t i = 0; i < n_.size(); ++i) {
            if (n_[i] == 0.0) continue;
            groups += 1.0;
            total += sum_[i];
            squares += square_[i];
            count += n_[i];
            countSquares += n_[i] * n_[i];
            betweenRaw += sum_[i] * sum_[i] / n_[i];
        }
        if (groups < 2.0) return 0.0;
        const double between = (betweenRaw - total * total / count) / (groups - 1.0);
        // Beside one shot each is met once, and the partner adds nothing.
        const double within =
            count > groups ? std::max(0.0, squares - betweenRaw) / (count - groups) : 0.0;
        const double n0 = (count - countSquares / count) / (groups - 1.0);
        return std::max(0.0, (between - within) / n0);
    }

private:
    std::vector<double> sum_, square_, n_;
};

constexpr double normalFactor80 = 1.2815515655446004;

double studentFactor80(double freedom) {
    if (!(freedom > 0.0)) return std::numeric_limits<double>::infinity();
    return boost::math::quantile(boost::math::students_t(freedom), 0.9);
}

/// Variance of an outcome's shares and of its difference that comes from what the club of \p shot
/// was read wrong by, beside some of \p others.
struct ReadVariance {
    std::array<std::array<double, causeCount>, outcomeCount> share{};
    std::array<double, outcomeCount> difference{};
};
ReadVariance readVariance(const ShotCauses& shot, std::span<const ShotCauses> others, bool isA) {
    using Read = void (*)(Delivery&);
    constexpr std::array<Read, 5> reads{
        [](Delivery& d) { d.clubSpeed_mps *= 1.0 + unknowns::readSpeed; },
        [](Delivery& d) { d.attack_rad += unknowns::readAngle_rad; },
        [](Delivery& d) { d.path_rad += unknowns::readAngle_rad; },
        [](Delivery& d) { d.faceAngle_rad += unknowns::readAngle_rad; },
        [](Delivery& d) { d.dynamicLoft_rad += unknowns::readLoft_rad; }};
    constexpr std::size_t most = 4;
    const std::size_t partners = std::min(most, others.size());
    ReadVariance out;
    std::size_t played = 0;
    for (std::size_t p = 0; p < partners; ++p) {
        const ShotCauses& other = others[p * others.size() / partners];
        const auto with = [&](const ShotCauses& its) {
            return isA ? explain(its, other) : explain(other, its);
        };
        try {
            const Explanation as = with(shot);
            ReadVariance one;
            for (const Read read : reads) {
                ShotCauses misread = shot;
                read(misread.delivery);
                const Explanation moved = with(misread);
                for (std::size_t o = 0; o < outcomeCount; ++o) {
                    for (std::size_t c = 0; c < causeCount; ++c) {
                        const double by = moved.share[o][c] - as.share[o][c];
                        one.share[o][c] += by * by;
                    }
                    const double by = (moved.to[o] - moved.from[o]) - (as.to[o] - as.from[o]);
                    one.difference[o] += by * by;
                }
            }
            ++played;
            for (std::size_t o = 0; o < outcomeCount; ++o) {
                for (std::size_t c = 0; c < causeCount; ++c)
                    out.share[o][c] += one.share[o][c];
                out.difference[o] += one.difference[o];
            }
        } catch (const RangeError&) {
            continue;  // beside this one the model has no answer
        }
    }
    const auto n = static_cast<double>(std::max<std::size_t>(played, 1));
    for (std::size_t o = 0; o < outcomeCount; ++o) {
        for (double& v : out.share[o])
            v /= n;
        out.difference[o] /= n;
    }
    return out;
}

}  // namespace

void GroupOptions::validate() const {
    requireRange("most_shots", static_cast<double>(mostShots), 2, 2000);
    requireRange("rounds", static_cast<double>(rounds), 2, 100);
}

MeanVariance MeanVariance::of(std::span<const double> values) {
    const auto n = static_cast<double>(values.size());
    if (values.size() < 2) return {std::numeric_limits<double>::infinity(), values.size()};
    const double mean = std::accumulate(values.begin(), values.end(), 0.0) / n;
    double squares = 0.0;
    for (const double v : values)
        squares += (v - mean) * (v - mean);
    return {squares / (n - 1) / n, values.size()};
}

double findDifferenceHalf80(const MeanVariance& a, const MeanVariance& b) {
    const double whole = a.variance + b.variance;
    const auto part = [](const MeanVariance& m) {
        return m.shots > 1 ? m.variance * m.variance / static_cast<double>(m.shots - 1) : 0.0;
    };
    const double uncertain = part(a) + part(b);
    const double t = uncertain > 0.0 ? studentFactor80(whole * whole / uncertain) : normalFactor80;
    return t * std::sqrt(whole);
}

double findMeanHalf80(double deviation, std::size_t n) {
    const auto count = static_cast<double>(n);
    return n < 2 ? std::numeric_limits<double>::infinity()
                 : studentFactor80(count - 1.0) * deviation / std::sqrt(count);
}

GroupExplanation explainGroups(std::span<const ShotCauses> a, std::span<const ShotCauses> b,
                               const GroupOptions& options) {
    options.validate();
    requireRange("shots", static_cast<double>(std::min(a.size(), b.size())), 1, 1e9);
    std::mt19937_64 random(options.seed);
    const auto groupA = chosen(a, options.mostShots, random);
    const auto groupB = chosen(b, options.mostShots, random);
    std::vector<Pair> pairs;
    // Beside one shot every round is the same.
    const bool single = groupA.size() == 1 || groupB.size() == 1;
    for (std::size_t r = 0; r < (single ? 1 : options.rounds); ++r) {
        const auto round = couple(groupA.size(), groupB.size(), random);
        pairs.insert(pairs.end(), round.begin(), round.end());
    }
    std::vector<std::optional<Explanation>> played(pairs.size());
    runParts(pairs.size(), threadsFor(options.threads), [&](std::size_t i) {
        if (options.stop.stop_requested()) return;
        try {
            played[i] = explain(groupA[pairs[i].a], groupB[pairs[i].b]);
        } catch (const RangeError&) {
            // A mixture of these two is outside the model: left out.
        }
    });
    GroupExplanation out;
    out.shotsA = groupA.size();
    out.shotsB = groupB.size();
    double mass = 0.0;
    for (std::size_t i = 0; i < pairs.size(); ++i) {
        if (!played[i]) continue;
        ++out.pairs;
        mass += pairs[i].weight;
        for (std::size_t o = 0; o < outcomeCount; ++o) {
            out.mean.from[o] += pairs[i].weight * played[i]->from[o];
            out.mean.to[o] += pairs[i].weight * played[i]->to[o];
            for (std::size_t c = 0; c < causeCount; ++c)
                out.mean.share[o][c] += pairs[i].weight * played[i]->share[o][c];
        }
    }
    if (out.pairs == 0) throw RangeError("shots", 0, 1, 1e9);
    ReadVariance readA, readB;
    if (groupA.size() == 1) readA = readVariance(groupA.front(), groupB, true);
    if (groupB.size() == 1) readB = readVariance(groupB.front(), groupA, false);
    out.readVarianceA = readA.difference;
    out.readVarianceB = readB.difference;
    for (std::size_t o = 0; o < outcomeCount; ++o) {
        out.mean.from[o] /= mass;
        out.mean.to[o] /= mass;
        const auto half = [&](const auto& valueOfPair, double knownA, double knownB) {
            BetweenShots shotsA(groupA.size()), shotsB(groupB.size());
            for (std::size_t i = 0; i < pairs.size(); ++i) {
                if (!played[i]) continue;
                shotsA.add(pairs[i].a, valueOfPair(*played[i]));
                shotsB.add(pairs[i].b, valueOfPair(*played[i]));
            }
            const auto of = [](const BetweenShots& shots, std::size_t n, double known) {
                if (n == 1) return MeanVariance{known, 0};
                return MeanVariance{shots.variance() / static_cast<double>(n), n};
            };
            return findDifferenceHalf80(of(shotsA, groupA.size(), knownA),
                                        of(shotsB, groupB.size(), knownB));
        };
        for (std::size_t c = 0; c < causeCount; ++c) {
            out.mean.share[o][c] /= mass;
            out.half[o][c] = half([&](const Explanation& e) { return e.share[o][c]; },
                                  readA.share[o][c], readB.share[o][c]);
        }
        out.halfDifference[o] = half([&](const Explanation& e) { return e.to[o] - e.from[o]; },
                                     readA.difference[o], readB.difference[o]);
    }
    return out;
}

}  // namespace wedgeon
