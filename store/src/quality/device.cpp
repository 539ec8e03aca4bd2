// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// What a device does that no ball did.
#include <algorithm>

#include "rules.h"
#include "wedgeon/units.h"

namespace wedgeon::store::quality {
namespace {

constexpr std::size_t frozenRun = 4;
/// Longer than any lesson: a column that nobody measures, not one that stands still.
constexpr std::size_t mostFrozen = 1000;
constexpr std::size_t roundRun = 6;
constexpr std::size_t repeatsWithin = 50;  // shots before it
// The same formula within so much, in so many shots.
constexpr double sameFormula = 0.004;
constexpr std::size_t formulaShots = 12;

bool repeats(const ShotRecord& a, const ShotRecord& b) {
    std::size_t same = 0;
    for (std::size_t k = 0; k < quantityCount; ++k) {
        const auto q = static_cast<Quantity>(k);
        if (a.has(q) != b.has(q)) return false;
        if (!a.has(q) || q == Quantity::Loft) continue;
        if (a[q] != b[q]) return false;
        ++same;
    }
    return same >= 4;
}

/// The same numbers as a shot not long before.
void judgeRepeats(Judged& judged, std::size_t i) {
    for (std::size_t back = 1; back <= std::min(i, repeatsWithin); ++back) {
        if (!repeats(judged.at(i), judged.at(i - back))) continue;
        // Shots between that differ: somebody sent an old one again.
        return judged.note(i, Doubt::Duplicate, back == 1 ? 0.95 : 0.9, Says::SameAsBefore);
    }
}

/// One value that stands still from shot to shot of one player while others move.
void findFrozen(Judged& judged, const std::vector<std::size_t>& his, Quantity q) {
    // A column of whole degrees repeats itself: what stands still longer than chance makes it.
    std::size_t pairs = 0, equal = 0, ended = 0;
    for (std::size_t i = 1; i < his.size(); ++i) {
        if (!judged.at(his[i]).has(q) || !judged.at(his[i - 1]).has(q)) continue;
        ++pairs;
        const bool same = judged.at(his[i])[q] == judged.at(his[i - 1])[q];
        const bool goesOn =
            same && i + 1 < his.size() && judged.at(his[i + 1])[q] == judged.at(his[i])[q];
        if (same) ++equal;
        if (same && !goesOn) ++ended;
    }
    // Of runs, however long, one pair each.
    const double again =
        pairs > 0 ? static_cast<double>(std::min(equal, ended)) / static_cast<double>(pairs) : 0.0;
    const auto byChance = [&](std::size_t run) {
        return static_cast<double>(his.size()) * std::pow(again, static_cast<double>(run) - 1.0);
    };
    constexpr double rare = 0.01;
    std::size_t from = 0;
    for (std::size_t i = 1; i <= his.size(); ++i) {
        const ShotRecord& first = judged.at(his[from]);
        const bool goesOn =
            i < his.size() && judged.at(his[i]).has(q) && judged.at(his[i])[q] == first[q];
        if (goesOn) continue;
        // Nothing that was not measured is read as 0.
        if (i - from >= frozenRun && i - from <= mostFrozen && first.has(q) && first[q] != 0.0 &&
            byChance(i - from) < rare) {
            for (std::size_t k = from; k < i; ++k) {
                if (!judged.says(his[k], Says::StandsStill))
                    judged.note(his[k], Doubt::Frozen, 0.8, {Says::StandsStill, q, i - from});
            }
        }
        from = i;
    }
}

/// Spin that is ball speed times the sine of the launch times one number: nobody saw it.
void findFormula(Judged& judged) {
    for (const auto& [player, his] : judged.byPlayer()) {
        std::vector<std::pair<double, std::size_t>> all;
        for (const std::size_t i : his) {
            const ShotRecord& r = judged.at(i);
            if (!r.has(Quantity::SpinRate) || !r.has(Quantity::BallSpeed) ||
                !r.has(Quantity::LaunchAngle))
                continue;
            const double by = r[Quantity::BallSpeed] * std::sin(r[Quantity::LaunchAngle]);
            if (by > 0.0) all.emplace_back(r[Quantity::SpinRate] / by, i);
        }
        std::sort(all.begin(), all.end());
        std::size_t from = 0;
        for (std::size_t i = 1; i <= all.size(); ++i) {
            if (i < all.size() && all[i].first < all[from].first * (1.0 + sameFormula)) continue;
            // Chance puts some close together; a formula puts most of them there.
            if (i - from >= formulaShots && 2 * (i - from) > all.size()) {
                for (std::size_t k = from; k < i; ++k)
                    judged.note(all[k].second, Doubt::Estimated, 0.8,
                                {Says::SpinByFormula, i - from});
            }
            from = i;
        }
    }
}

void findRoundSpin(Judged& judged) {
    const auto isRound = [&](std::size_t i) {
        if (!judged.at(i).has(Quantity::SpinRate)) return false;
        const double hundreds = rpmFromRadps(judged.at(i)[Quantity::SpinRate]) / 100;
        return std::abs(hundreds - std::round(hundreds)) < 1e-6;
    };
    std::size_t from = 0;
    for (std::size_t i = 0; i <= judged.size(); ++i) {
        if (i < judged.size() && isRound(i)) continue;
        if (i - from >= roundRun) {
            for (std::size_t k = from; k < i; ++k)
                judged.note(k, Doubt::Estimated, 0.6, Says::RoundSpin);
        }
        from = i + 1;
    }
}

}  // namespace

void judgeDevice(Judged& judged) {
    for (std::size_t i = 0; i < judged.size(); ++i)
        judgeRepeats(judged, i);
    for (const auto& [player, his] : judged.byPlayer()) {
        for (std::size_t k = 0; k < quantityCount; ++k) {
            const auto q = static_cast<Quantity>(k);
            if (q != Quantity::Loft) findFrozen(judged, his, q);
        }
    }
    findRoundSpin(judged);
    findFormula(judged);
}

}  // namespace wedgeon::store::quality
