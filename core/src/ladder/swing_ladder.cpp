// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Swings by speed.
#include "wedgeon/ladder/swing_ladder.h"

#include <algorithm>
#include <cmath>
#include <map>

namespace wedgeon {
namespace {

/// Within this share of a rung's speed a swing is that rung.
constexpr double sameSwing = 0.02;
constexpr double softest = 0.35;  // of the shortest rung
constexpr double hardest = 1.02;  // of the longest

/// Tuned speeds of one swing, by how many shots each has.
struct Sum {
    double speed = 0.0, sd = 0.0, weight = 0.0;
    std::size_t shots = 0;

    void add(const DeliveryTuning::SwingSpeed& s) {
        const double w = std::max<double>(static_cast<double>(s.shots), 1.0);
        speed += w * s.mean_mps;
        sd += w * s.sd_mps;
        weight += w;
        shots += std::max<std::size_t>(s.shots, 1);
    }
    Rung rung(const std::string& name) const { return {name, speed / weight, sd / weight, shots}; }
};

/// By swing: of the club where it was hit with it, else of all.
std::map<std::string, Rung> tunedRungs(const PlayerModel& player, const std::string& club) {
    std::map<std::string, Sum> own, all;
    if (player.tuning) {
        for (const auto& s : player.tuning->delivery.speeds) {
            if (s.swing.empty() || !(s.mean_mps > 0.0)) continue;
            if (s.wedge == club) own[s.swing].add(s);
            all[s.swing].add(s);
        }
    }
    std::map<std::string, Rung> out;
    // A club that was tuned has the swings that it was hit with, and no others, unless the coach
    // says what his swings are.
    for (const auto& [name, sum] : own.empty() || player.swings ? all : own)
        out[name] = sum.rung(name);
    for (const auto& [name, sum] : own)
        out[name] = sum.rung(name);
    return out;
}

std::vector<Rung> rungsOf(const PlayerModel& player, const std::string& club) {
    const std::map<std::string, Rung> tuned = tunedRungs(player, club);
    std::vector<Rung> out;
    if (!player.swings && !tuned.empty()) {
        for (const auto& [name, rung] : tuned)
            out.push_back(rung);
        return out;
    }
    const SwingSet set = player.swings ? *player.swings : SwingSet::ordinary();
    double sum = 0.0, known = 0.0;
    for (std::size_t i = 0; i < set.swings.size(); ++i) {
        const auto at = tuned.find(set.swings[i].name);
        if (at == tuned.end()) continue;
        sum += std::log(at->second.speed_mps / set.priorSpeed_mps(i));
        known += 1.0;
    }
    const double pace = known > 0.0 ? std::exp(sum / known) : 1.0;
    for (std::size_t i = 0; i < set.swings.size(); ++i) {
        const SwingName& s = set.swings[i];
        const auto at = tuned.find(s.name);
        if (at != tuned.end()) {
            out.push_back(at->second);
        } else {
            out.push_back({s.name, s.speed_mps.value_or(pace * set.priorSpeed_mps(i)), 0.0, 0});
        }
    }
    return out;
}

}  // namespace

SwingLadder::SwingLadder(const PlayerModel& player, const std::string& club)
    : SwingLadder(rungsOf(player, club)) {}

SwingLadder::SwingLadder(std::vector<Rung> rungs) : rungs_(std::move(rungs)) {
    std::stable_sort(rungs_.begin(), rungs_.end(),
                     [](const Rung& a, const Rung& b) { return a.speed_mps < b.speed_mps; });
    rungs_.erase(std::unique(rungs_.begin(), rungs_.end(),
                             [](const Rung& a, const Rung& b) {
                                 return b.speed_mps <= a.speed_mps * (1.0 + 1e-9);
                             }),
                 rungs_.end());
}

bool SwingLadder::isGuess() const {
    return std::all_of(rungs_.begin(), rungs_.end(), [](const Rung& r) { return r.shots == 0; });
}

double SwingLadder::least_mps() const {
    return rungs_.empty() ? 0.0 : softest * rungs_.front().speed_mps;
}

double SwingLadder::most_mps() const {
    return rungs_.empty() ? 0.0 : hardest * rungs_.back().speed_mps;
}

SwingSize SwingLadder::sizeOf(double speed_mps) const {
    if (rungs_.empty()) return {};
    const Rung& nearest =
        *std::min_element(rungs_.begin(), rungs_.end(), [speed_mps](const Rung& a, const Rung& b) {
            return std::abs(a.speed_mps - speed_mps) < std::abs(b.speed_mps - speed_mps);
        });
    if (std::abs(speed_mps / nearest.speed_mps - 1.0) <= sameSwing)
        return {nearest.swing, nearest.swing, 0.0};
    const auto above = std::find_if(rungs_.begin(), rungs_.end(),
                                    [speed_mps](const Rung& r) { return r.speed_mps > speed_mps; });
    if (above == rungs_.begin()) return {"", above->swing, speed_mps / above->speed_mps};
    const Rung& low = *(above - 1);
    if (above == rungs_.end()) return {low.swing, "", speed_mps / low.speed_mps};
    return {low.swing, above->swing,
            (speed_mps - low.speed_mps) / (above->speed_mps - low.speed_mps)};
}

const Rung* SwingLadder::besides(double speed_mps) const {
    const auto longer = std::find_if(rungs_.begin(), rungs_.end(), [speed_mps](const Rung& r) {
        return r.speed_mps > (1.0 + sameSwing) * speed_mps;
    });
    if (longer != rungs_.end()) return &*longer;
    const auto shorter = std::find_if(rungs_.rbegin(), rungs_.rend(), [speed_mps](const Rung& r) {
        return r.speed_mps < (1.0 - sameSwing) * speed_mps;
    });
    return shorter != rungs_.rend() ? &*shorter : nullptr;
}

std::optional<double> SwingLadder::speedOf(const SwingSize& size) const {
    const auto find = [this](const std::string& name) {
        return std::find_if(rungs_.begin(), rungs_.end(),
                            [&](const Rung& r) { return r.swing == name; });
    };
    const auto from = find(size.from);
    const auto to = find(size.to);
    if (size.from.empty() || size.to.empty()) {
        const auto end = size.from.empty() ? to : from;
        if (end == rungs_.end()) return std::nullopt;
        return size.share * end->speed_mps;
    }
    if (from == rungs_.end() || to == rungs_.end()) return std::nullopt;
    return from->speed_mps + size.share * (to->speed_mps - from->speed_mps);
}

}  // namespace wedgeon
