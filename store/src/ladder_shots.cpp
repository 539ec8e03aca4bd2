// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// From records to rungs.
#include "wedgeon/store/ladder_shots.h"

#include <algorithm>
#include <cmath>
#include <map>
#include <set>

#include "text.h"
#include "wedgeon/store/recipe_file.h"
#include "wedgeon/store/sightings.h"
#include "wedgeon/store/swing_sets.h"

namespace wedgeon::store {
namespace {

constexpr std::size_t mostClubs = 30;
constexpr std::size_t mostMet = 1000;

std::optional<double> carryOf(const ShotRecord& r) {
    if (r.has(Quantity::Carry)) return r[Quantity::Carry];
    if (r.has(Quantity::Total) && r.has(Quantity::Release))
        return r[Quantity::Total] - r[Quantity::Release];
    return std::nullopt;
}

/// Where a name stands in a list, by the name as it was first asked for.
class Places {
public:
    template <class Find>
    std::optional<std::size_t> find(const std::string& name, const Find& find) {
        const auto [at, isNew] = known_.try_emplace(name);
        if (isNew) at->second = find(name);
        return at->second;
    }

private:
    std::map<std::string, std::optional<std::size_t>> known_;
};

}  // namespace

LadderShots findLadderShots(const ShotList& shots, const Fallback& fallback, const Records& records,
                            const std::string& player) {
    LadderShots out;
    LadderRequest& q = out.request;
    q.player = fallback.player.name == player ? fallback.player : records.modelOf(player);
    q.plain.ball = fallback.conditions.ball;
    q.plain.wedge = fallback.conditions.wedge;
    Fallback ordinary = fallback;
    ordinary.conditions = q.plain;
    for (const KitWedge& w : records.wedgesOf(player)) {
        if (q.clubs.size() < mostClubs) q.clubs.push_back({w.name, w.wedge, false});
    }

    struct Hit {
        double speeds = 0.0;
        std::size_t measured = 0, shots = 0;
    };
    std::map<std::string, Hit> hits;
    std::vector<std::size_t> counted;
    for (std::size_t i = 0; i < shots.size(); ++i) {
        const ShotRecord& r = shots[i].record;
        if (findPlayerName(r, fallback) != player) continue;
        if (!shots[i].setAside.empty()) {
            ++out.setAside;
            continue;
        }
        const bool told = carryOf(r) || !r[Label::Seen].empty();
        if (r[Label::Swing].empty() || r[Label::Wedge].empty() || !told) {
            ++out.withoutSwing;
            continue;
        }
        Hit& h = hits[r[Label::Swing]];
        ++h.shots;
        if (r.has(Quantity::ClubSpeed)) {
            h.speeds += r[Quantity::ClubSpeed];
            ++h.measured;
        }
        counted.push_back(i);
    }
    std::vector<HitSwing> hit;
    hit.reserve(hits.size());
    for (const auto& [name, h] : hits)
        hit.push_back(
            {name, h.measured ? h.speeds / static_cast<double>(h.measured) : 0.0, h.shots});
    q.swings = withHitSwings(q.player.swings ? std::optional(*q.player.swings) : std::nullopt,
                             std::move(hit));

    SeenShots seen(q.player, q.swings);
    std::vector<std::size_t> seenAt;  // of the request's shots
    Places swings, clubs;
    for (const std::size_t i : counted) {
        const ShotRecord& r = shots[i].record;
        const auto swing = swings.find(r[Label::Swing], [&](const std::string& name) {
            const auto& all = q.swings.swings;
            const auto at = std::find_if(all.begin(), all.end(), [&](const SwingName& s) {
                return sameSwing(s.name, name);
            });
            return at == all.end() ? std::nullopt
                                   : std::optional(static_cast<std::size_t>(at - all.begin()));
        });
        ShotGivens givens = findShotGivens(r, ordinary);
        const auto club =
            clubs.find(r[Label::Wedge], [&](const std::string& name) -> std::optional<std::size_t> {
                const auto at = std::find_if(q.clubs.begin(), q.clubs.end(),
                                             [&](const BagClub& c) { return c.name == name; });
                if (at != q.clubs.end()) return static_cast<std::size_t>(at - q.clubs.begin());
                if (q.clubs.size() >= mostClubs) return std::nullopt;
                q.clubs.push_back({name, givens.conditions.wedge, false});
                return q.clubs.size() - 1;
            });
        if (!swing || !club) {
            ++out.withoutSwing;
            continue;
        }
        const bool measured = carryOf(r).has_value();
        if (!measured && !seen.add(r, givens)) {
            ++out.withoutSwing;
            continue;
        }
        LadderShot s;
        s.club = *club;
        s.swing = *swing;
        givens.conditions.wedge = q.plain.wedge;
        // Shots that follow each other mostly met the same.
        const auto met = std::find(q.met.rbegin(), q.met.rend(), givens.conditions);
        if (met != q.met.rend()) {
            s.met = static_cast<std::size_t>(q.met.rend() - met) - 1;
        } else if (q.met.size() < mostMet) {
            s.met = q.met.size();
            q.met.push_back(std::move(givens.conditions));
        } else {
            ++out.withoutSwing;
            continue;
        }
        if (measured) s.carry_m = *carryOf(r);
        s.clubSpeed_mps = r[Quantity::ClubSpeed];
        if (const auto declared = findDeclared(r)) s.declared = declared->recipe;
        if (const std::string& time = r[Label::Time]; text::dayOf(time)) s.day = time.substr(0, 10);
        if (!measured) seenAt.push_back(q.shots.size());
        q.shots.push_back(std::move(s));
    }
    if (!seenAt.empty()) {
        const SeenFit fit = fitSeen(seen.request());
        for (std::size_t i = 0; i < seenAt.size(); ++i) {
            q.shots[seenAt[i]].carry_m = fit.carries[i].carry_m;
            q.shots[seenAt[i]].carrySd_m = fit.carries[i].sd_m;
        }
    }
    if (q.clubs.empty()) {
        for (const BagClub& c : ordinaryBag()) {
            if (!c.putter && c.wedge.loft_rad > 0.75) q.clubs.push_back(c);
        }
    }
    return out;
}

}  // namespace wedgeon::store
