// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Collecting and averaging.
#include "desk/compared_shots.h"

#include <algorithm>
#include <cmath>

namespace wedgeon {

ComparedShots::ComparedShots(const WatchedShots& shots, int row)
    : name_(WatchedShots::tr("shot %1").arg(shots.numberAt(row))) {
    members_.push_back({shots.loggedAt(row).id, shots.recordAt(row), {}});
}

ComparedShots::ComparedShots(const WatchedShots& shots, const ShownShots& shown,
                             const QString& words)
    : group_(true) {
    std::vector<int> rows;
    for (int i = shown.rowCount(); i-- > 0;) {
        const int row = shown.sourceRow(i);
        if (shots.loggedAt(row).setAside.empty()) rows.push_back(row);
    }
    const std::size_t all = rows.size();
    const std::size_t kept = std::min(all, mostShots);
    for (std::size_t i = 0; i < kept; ++i) {
        const int row = rows[i * all / kept];
        members_.push_back({shots.loggedAt(row).id, shots.recordAt(row), {}});
    }
    name_ = text::shots(static_cast<qsizetype>(all)) +
            (words.trimmed().isEmpty() ? QString() : QStringLiteral(" (%1)").arg(words.trimmed()));
    if (kept < all) name_ += WatchedShots::tr(", %1 of them compared").arg(kept);
}

std::vector<std::int64_t> ComparedShots::shotIds() const {
    std::vector<std::int64_t> out;
    for (const Member& m : members_)
        out.push_back(m.id);
    return out;
}

void ComparedShots::watchAll(const store::Fallback& fallback) {
    for (Member& m : members_)
        m.watched = watch(m.record, fallback);
}

bool ComparedShots::takesLong() const {
    constexpr std::ptrdiff_t few = 10;
    return std::count_if(members_.begin(), members_.end(), [](const Member& m) {
               return !m.record[store::Label::Seen].empty();
           }) > few;
}

std::optional<MeasuredMean> ComparedShots::measured(store::Quantity quantity) const {
    std::vector<double> values;
    for (const Member& m : members_) {
        if (m.record.has(quantity)) values.push_back(m.record[quantity]);
    }
    if (values.empty()) return std::nullopt;
    MeasuredMean out;
    const auto n = static_cast<double>(values.size());
    for (const double v : values)
        out.mean += v / n;
    if (!group_) return out;
    double squares = 0.0;
    for (const double v : values)
        squares += (v - out.mean) * (v - out.mean);
    out.half80 = findMeanHalf80(std::sqrt(squares / std::max(1.0, n - 1)), values.size());
    return out;
}

std::vector<ComparedShot> ComparedShots::compared(std::span<const Compared> tracks) const {
    std::vector<ComparedShot> out;
    out.reserve(members_.size());
    for (const Member& m : members_) {
        ComparedShot one;
        if (m.watched.prediction && !m.watched.fromLaunch)
            one.causes = m.watched.givens.predictor().causes(m.watched.prediction->shot);
        for (const Compared& c : tracks) {
            const auto o = static_cast<std::size_t>(c.outcome);
            const auto t = static_cast<std::size_t>(c.track);
            one.read[o] = m.watched.read[t];
            if (m.watched.seen && m.watched.expected[t]) one.open[o] = m.watched.expected[t]->half;
        }
        out.push_back(std::move(one));
    }
    return out;
}

std::vector<ComparedShots::Landed> ComparedShots::landed() const {
    std::vector<Landed> out;
    for (const Member& m : members_) {
        if (!m.watched.prediction) continue;
        const Predictor predictor = m.watched.givens.predictor();
        FlightResult flight = m.watched.prediction->shot.flight;
        if (const auto launch = store::findLaunch(m.record)) {
            try {
                flight = predictor.shotFrom(*launch).flight;
            } catch (const RangeError&) {
                // A launch that does not fly: the predicted one stands for it.
            }
        }
        out.push_back({{flight.landingVelocity_mps, flight.landingSpin_radps,
                        predictor.surroundings().ground},
                       m.watched.measured.release_m});
    }
    return out;
}

bool ComparedShots::says(store::Label label) const {
    return std::any_of(members_.begin(), members_.end(),
                       [label](const Member& m) { return !m.record[label].empty(); });
}

const WatchedShot* ComparedShots::typical() const {
    std::vector<const WatchedShot*> drawn;
    for (const Member& m : members_) {
        if (m.watched.prediction) drawn.push_back(&m.watched);
    }
    if (drawn.empty()) return nullptr;
    const auto middle = drawn.begin() + static_cast<std::ptrdiff_t>(drawn.size() / 2);
    std::nth_element(
        drawn.begin(), middle, drawn.end(), [](const WatchedShot* a, const WatchedShot* b) {
            return a->prediction->shot.flight.carry_m < b->prediction->shot.flight.carry_m;
        });
    return *middle;
}

std::vector<std::array<double, 2>> ComparedShots::rests() const {
    std::vector<std::array<double, 2>> out;
    for (const Member& m : members_) {
        const auto& read = m.watched.measured;
        if (read.carry_m && read.release_m && m.record.has(store::Quantity::Side))
            out.push_back({*read.carry_m + *read.release_m, m.record[store::Quantity::Side]});
    }
    return out;
}

}  // namespace wedgeon
