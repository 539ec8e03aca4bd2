// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
#include "judged.h"

#include <algorithm>

namespace wedgeon::store::quality {

double medianOf(std::vector<double> v) {
    const auto middle = v.begin() + static_cast<std::ptrdiff_t>(v.size() / 2);
    std::nth_element(v.begin(), middle, v.end());
    return *middle;
}

Judged::Judged(const ShotList& shots, const Fallback& fallback, std::size_t from,
               std::stop_token stop)
    : shots_(shots),
      fallback_(fallback),
      from_(from),
      stop_(std::move(stop)),
      notes_(shots.size() - from) {
    for (std::size_t i = 0; i < size(); ++i)
        byPlayer_[player(i)].push_back(i);
}

bool Judged::says(std::size_t i, Says says) const {
    const auto& its = notes_[i];
    return std::any_of(its.begin(), its.end(),
                       [&](const QualityNote& n) { return n.reason.says == says; });
}

std::vector<std::vector<QualityNote>> Judged::takeNotes() {
    for (auto& n : notes_) {
        std::stable_sort(n.begin(), n.end(),
                         [](const auto& a, const auto& b) { return a.confidence > b.confidence; });
    }
    return std::move(notes_);
}

}  // namespace wedgeon::store::quality
