// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Swings by speed.
#include "wedgeon/plan/swing_ladder.h"

#include <algorithm>
#include <array>
#include <map>

namespace wedgeon {
namespace {

/// Within this share of a rung's speed a swing is that rung.
constexpr double sameSwing = 0.02;
constexpr double softest = 0.35;  // of the shortest rung
constexpr double hardest = 1.02;  // of the longest

}  // namespace

std::span<const Rung> SwingLadder::prior() {
    static const std::array<Rung, 5> rungs{{{"knee-high", 9.0},
                                            {"hip-high", 14.0},
                                            {"rib-high", 19.0},
                                            {"shoulder-high", 24.0},
                                            {"full", 29.0}}};
    return rungs;
}

SwingLadder::SwingLadder(const PlayerModel& player, const std::string& club) {
    std::map<std::string, std::pair<double, double>> all;  // of any club: sum of speeds, count
    if (player.tuning) {
        for (const auto& s : player.tuning->delivery.speeds) {
            if (s.swing.empty() || !(s.mean_mps > 0.0)) continue;
            if (s.wedge == club) rungs_.push_back({s.swing, s.mean_mps});
            auto& [sum, count] = all[s.swing];
            sum += s.mean_mps;
            count += 1.0;
        }
    }
    guess_ = rungs_.empty();
    if (guess_) {
        for (const auto& [swing, sum] : all)
            rungs_.push_back({swing, sum.first / sum.second});
    }
    if (rungs_.empty()) rungs_.assign(prior().begin(), prior().end());
    std::sort(rungs_.begin(), rungs_.end(),
              [](const Rung& a, const Rung& b) { return a.speed_mps < b.speed_mps; });
}

double SwingLadder::least_mps() const {
    return rungs_.empty() ? 0.0 : softest * rungs_.front().speed_mps;
}

double SwingLadder::most_mps() const {
    return rungs_.empty() ? 0.0 : hardest * rungs_.back().speed_mps;
}

SwingSize SwingLadder::sizeOf(double speed_mps) const {
    SwingSize out;
    for (const Rung& r : rungs_) {
        if (std::abs(speed_mps / r.speed_mps - 1.0) <= sameSwing) return {r.swing, r.swing, 0.0};
    }
    for (std::size_t i = 0; i < rungs_.size(); ++i) {
        if (rungs_[i].speed_mps > speed_mps) {
            if (i == 0) return {"", rungs_[0].swing, speed_mps / rungs_[0].speed_mps};
            const Rung& low = rungs_[i - 1];
            return {low.swing, rungs_[i].swing,
                    (speed_mps - low.speed_mps) / (rungs_[i].speed_mps - low.speed_mps)};
        }
    }
    if (!rungs_.empty()) out = {rungs_.back().swing, "", speed_mps / rungs_.back().speed_mps};
    return out;
}

}  // namespace wedgeon
