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
    watched_ = true;
}

bool ComparedShots::takesLong() const {
    constexpr std::ptrdiff_t few = 10;
    return std::count_if(members_.begin(), members_.end(), [](const Member& m) {
               return !m.record[store::Label::Seen].empty();
           }) > few;
}

template <class ValueOf>
std::optional<MeasuredMean> ComparedShots::meanOf(const ValueOf& valueOf) const {
    std::vector<double> values;
    for (const Member& m : members_) {
        if (const std::optional<double> v = valueOf(m)) values.push_back(*v);
    }
    if (values.empty()) return std::nullopt;
    MeasuredMean out;
    out.shots = values.size();
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

std::optional<MeasuredMean> ComparedShots::measured(Track track) const {
    return meanOf(
        [track](const Member& m) { return m.watched.read[static_cast<std::size_t>(track)]; });
}

std::optional<MeasuredMean> ComparedShots::measured(store::Quantity quantity) const {
    return meanOf([quantity](const Member& m) {
        return m.record.has(quantity) ? std::optional(m.record[quantity]) : std::nullopt;
    });
}

std::optional<MeasuredMean> ComparedShots::predicted(Track track) const {
    auto out = meanOf([track](const Member& m) -> std::optional<double> {
        const auto& e = m.watched.expected[static_cast<std::size_t>(track)];
        return e ? std::optional(e->value) : std::nullopt;
    });
    if (!out) return out;
    // What was seen of each leaves much open that is the same for all of them: it does not shrink
    // with their number.
    double open = 0.0;
    for (const Member& m : members_) {
        const auto& e = m.watched.expected[static_cast<std::size_t>(track)];
        if (m.watched.seen && e) open += e->half / static_cast<double>(out->shots);
    }
    out->half80 = std::hypot(out->half80, open);
    return out;
}

std::optional<MeasuredMean> ComparedShots::unexplained(Track track) const {
    return meanOf([track](const Member& m) -> std::optional<double> {
        const auto& e = m.watched.expected[static_cast<std::size_t>(track)];
        const auto& read = m.watched.read[static_cast<std::size_t>(track)];
        return e && read ? std::optional(*read - e->value) : std::nullopt;
    });
}

std::vector<ShotCauses> ComparedShots::causes() const {
    std::vector<ShotCauses> out;
    for (const Member& m : members_) {
        if (m.watched.prediction && !m.watched.fromLaunch)
            out.push_back(m.watched.givens.predictor().causes(m.watched.prediction->shot));
    }
    return out;
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

std::optional<Difference> findDifference(const ComparedShots& a, const ComparedShots& b,
                                         Track track) {
    auto from = a.measured(track);
    auto to = b.measured(track);
    const bool measured = from && to;
    if (!measured) {
        from = a.predicted(track);
        to = b.predicted(track);
    }
    if (!from || !to) return std::nullopt;
    return Difference{to->mean - from->mean, std::hypot(from->half80, to->half80), measured};
}

}  // namespace wedgeon
