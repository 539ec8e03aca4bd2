// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
#include <algorithm>

#include "heaps.h"
#include "rules.h"

namespace wedgeon::store::quality {
namespace {

constexpr double farFromMedian = 6.0;
// For mishits, where two signs have to agree.
constexpr double lowSpin = 2.0;
constexpr double lowSpeed = 3.0;
constexpr double farBelow = 4.0;

/// How far each value lies from the median of its group, in robust standard deviations; none in a
/// group that is too small for a pattern. Of a group in two heaps, from its own heap's; \p isHeap
/// is told of each.
template <class Key, class IsHeap>
Values distances(const Judged& judged, const Values& values, const Key& keyOf,
                 const IsHeap& isHeap) {
    std::map<std::string, std::vector<std::size_t>> groups;
    for (std::size_t i = 0; i < values.size(); ++i) {
        if (values[i]) groups[keyOf(i)].push_back(i);
    }
    Values out(values.size());
    for (const auto& [key, members] : groups) {
        std::vector<double> all;
        for (const std::size_t i : members) {
            if (judged.isCounted(i)) all.push_back(*values[i]);
        }
        if (all.size() < leastGroup) continue;
        const double whole = medianOf(all);
        const auto heaps = findHeaps(all, 0.0);
        const auto middle = [&](double value) { return heaps ? heaps->middleOf(value) : whole; };
        if (heaps) isHeap(members, *heaps);
        for (double& v : all)
            v = std::abs(v - middle(v));
        const double spread =
            std::max(perMedianDeviation * medianOf(all), 1e-3 * std::abs(whole) + 1e-9);
        for (const std::size_t i : members)
            out[i] = (*values[i] - middle(*values[i])) / spread;
    }
    return out;
}

/// Mishits that the device's own club reading hides from the strike: little spin for the strike,
/// with a club that came in delofted (thin) or was slowed by the turf (fat).
void findMishits(Judged& judged, const Strikes& strikes, const Values& spin, const Values& loft,
                 const Values& speed) {
    for (std::size_t i = 0; i < judged.size(); ++i) {
        if (!spin[i] || *spin[i] > -lowSpin || !strikes.isLowOnItsStrike(i)) continue;
        if (loft[i] && *loft[i] < -farBelow) {
            judged.note(i, Doubt::Thin, 0.95,
                        {Says::DeloftedForPlayer, Figure{-*loft[i], 0}, Figure{-*spin[i], 0}});
        } else if (speed[i] && *speed[i] < -lowSpeed) {
            judged.note(i, Doubt::Fat, 0.95,
                        {Says::SlowedForPlayer, Figure{-*speed[i], 0}, Figure{-*spin[i], 0}});
        }
    }
}

}  // namespace

void findOutliers(Judged& judged, const Strikes& strikes) {
    const auto bySwing = [&](std::size_t i) {
        // A shot with another set-up is no stray of the usual one.
        const ShotRecord& r = judged.at(i);
        return judged.player(i) + '\x1f' + r[Label::Wedge] + '\x1f' + r[Label::Swing] + '\x1f' +
               r[Label::Recipe];
    };
    // What the ball does depends on the ball, what the club does not.
    const auto bySwingAndBall = [&](std::size_t i) {
        return bySwing(i) + '\x1f' + judged.at(i)[Label::Ball];
    };
    const auto unasked = [](const std::vector<std::size_t>&, const Heaps&) {};
    const auto quantity = [&](Quantity q) {
        return judged.valuesOf([&](std::size_t i) { return judged.read(i, q); });
    };
    findMishits(
        judged, strikes,
        distances(
            judged, strikes.spinShare(), [&](std::size_t i) { return judged.player(i); }, unasked),
        distances(judged, quantity(Quantity::DynamicLoft), bySwing, unasked),
        distances(judged, quantity(Quantity::ClubSpeed), bySwing, unasked));
    // Where the strike is known the ball was held against it: another swing is no stray.
    const auto farFrom = [&](const Values& values, Quantity q, Says says) {
        const auto ask = [&](const std::vector<std::size_t>& members, const Heaps& heaps) {
            const auto isApart = [&](std::size_t i) {
                return !strikes.of(i) && heaps.isInSmaller(*values[i]);
            };
            askAboutHeap(judged, members, isApart, q);
        };
        const Values distance = distances(judged, values, bySwingAndBall, ask);
        for (std::size_t i = 0; i < judged.size(); ++i) {
            if (strikes.of(i) || !distance[i] || std::abs(*distance[i]) < farFromMedian) continue;
            judged.note(i, Doubt::Outlier, 0.7,
                        {says, Figure{std::abs(*distance[i]), 0}, Figure{farFromMedian, 0}});
        }
    };
    const auto ratio = [&](Quantity over, Quantity under) {
        return judged.valuesOf([&](std::size_t i) -> std::optional<double> {
            const auto a = judged.read(i, over), b = judged.read(i, under);
            if (!a || !b || *b == 0.0) return std::nullopt;
            return *a / *b;
        });
    };
    farFrom(ratio(Quantity::BallSpeed, Quantity::ClubSpeed), Quantity::BallSpeed,
            Says::BallSpeedStray);
    farFrom(quantity(Quantity::LaunchAngle), Quantity::LaunchAngle, Says::LaunchStray);
    farFrom(ratio(Quantity::SpinRate, Quantity::BallSpeed), Quantity::SpinRate, Says::SpinStray);
}

}  // namespace wedgeon::store::quality
