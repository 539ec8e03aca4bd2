// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
/// \file What the rules of doubt share: the shots, whose they are, and what has been noted.
#pragma once

#include <cstddef>
#include <map>
#include <optional>
#include <stop_token>
#include <string>
#include <string_view>
#include <vector>

#include "wedgeon/store/quality.h"

namespace wedgeon::store::quality {

/// The median deviation of a normal spread in standard deviations.
inline constexpr double perMedianDeviation = 1.4826;
/// Fewer shots are no pattern.
inline constexpr std::size_t leastGroup = 8;

/// \p v not empty.
double medianOf(std::vector<double> v);

inline bool isNear(double value, double target, double share) {
    return value > target * (1 - share) && value < target * (1 + share);
}

/// A value of each shot, where it has one.
using Values = std::vector<std::optional<double>>;

class Judged {
public:
    Judged(const ShotList& shots, const Fallback& fallback, std::size_t from, std::stop_token stop);

    std::size_t size() const { return notes_.size(); }
    const ShotRecord& at(std::size_t i) const { return shots_[from_ + i].record; }
    /// What was set aside is no part of a pattern.
    bool isCounted(std::size_t i) const { return shots_[from_ + i].setAside.empty(); }
    bool isDamaged(std::size_t i) const { return shots_[from_ + i].damaged; }
    /// Only shots that came just now: nothing is fitted.
    bool isContinued() const { return from_ > 0; }
    bool isStopped() const { return stop_.stop_requested(); }
    const std::stop_token& stop() const { return stop_; }
    const Fallback& fallback() const { return fallback_; }
    std::string player(std::size_t i) const { return findPlayerName(at(i), fallback_); }
    std::string_view day(std::size_t i) const {
        return std::string_view(at(i)[Label::Time]).substr(0, 10);
    }
    /// In the order in which they were hit.
    const std::map<std::string, std::vector<std::size_t>>& byPlayer() const { return byPlayer_; }

    std::optional<double> read(std::size_t i, Quantity q) const {
        return at(i).has(q) ? std::optional(at(i)[q]) : std::nullopt;
    }
    template <class Of>
    Values valuesOf(const Of& of) const {
        Values out;
        out.reserve(size());
        for (std::size_t i = 0; i < size(); ++i)
            out.push_back(of(i));
        return out;
    }

    void note(std::size_t i, Doubt doubt, double confidence, Message reason) {
        notes_[i].push_back({doubt, confidence, std::move(reason)});
    }
    bool says(std::size_t i, Says says) const;
    /// The surest first.
    std::vector<std::vector<QualityNote>> takeNotes();

private:
    const ShotList& shots_;
    const Fallback& fallback_;
    std::size_t from_;
    std::stop_token stop_;
    std::vector<std::vector<QualityNote>> notes_;
    std::map<std::string, std::vector<std::size_t>> byPlayer_;
};

}  // namespace wedgeon::store::quality
