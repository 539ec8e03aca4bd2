// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Which wish a shot fulfils.
#include "desk/hit_list.h"

#include <algorithm>
#include <cmath>

#include "wedgeon/store/tune_shots.h"
#include "wedgeon/units.h"

namespace wedgeon {
namespace {

constexpr double near_mps = 2.5;
const double near_rad = radFromDeg(4);

/// Below 1 when the shot is of the wished kind.
double distance(const NextShot& wish, const TuneShot& shot) {
    if (!(wish.group == TuneGroup{shot.conditions.ball, shot.conditions.face, shot.conditions.lie}))
        return HUGE_VAL;
    return std::max({std::abs(shot.read.clubSpeed_mps - wish.delivery.clubSpeed_mps) / near_mps,
                     std::abs(shot.read.dynamicLoft_rad - wish.delivery.dynamicLoft_rad) / near_rad,
                     std::abs(shot.read.attack_rad - wish.delivery.attack_rad) / near_rad});
}

/// Ids rise.
std::int64_t newestOf(const ShotList& shots, std::int64_t least) {
    return shots.empty() ? least : std::max(least, shots.back().id);
}

}  // namespace

void HitList::take(const QString& player, const std::vector<NextShot>& wanted,
                   const ShotList& shots) {
    player_ = player;
    wishes_.clear();
    for (const NextShot& n : wanted)
        wishes_.push_back({n, 0});
    lastSeen_ = newestOf(shots, 0);
    emit changed();
}

void HitList::clear() {
    wishes_.clear();
    emit changed();
}

void HitList::see(const ShotList& shots, const store::Fallback& fallback) {
    if (wishes_.empty()) return;
    bool ticked = false;
    std::size_t from = shots.size();
    while (from > 0 && shots[from - 1].id > lastSeen_)
        --from;
    for (std::size_t i = from; i < shots.size(); ++i) {
        const store::LoggedShot& s = shots[i];
        if (!s.setAside.empty()) continue;
        const std::string& player = store::findPlayerName(s.record, fallback);
        if (!player.empty() && player != player_.toStdString()) continue;
        const auto read = store::findTuneShot(s.record, fallback, 0);
        if (!read) continue;
        Wish* best = nullptr;
        double least = 1.0;
        for (Wish& w : wishes_) {
            const double d = distance(w.shot, *read);
            if (w.isDone() || d > least) continue;
            least = d;
            best = &w;
        }
        if (!best) continue;
        ++best->hit;
        ticked = true;
    }
    lastSeen_ = newestOf(shots, lastSeen_);
    if (ticked) emit changed();
}

void HitList::setDone(std::size_t wish, bool done) {
    if (wish >= wishes_.size() || wishes_[wish].isDone() == done) return;
    wishes_[wish].hit = done ? wishes_[wish].shot.times : 0;
    emit changed();
}

}  // namespace wedgeon
