// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// From records to days.
#include "wedgeon/store/history_shots.h"

#include <algorithm>
#include <cmath>
#include <functional>
#include <map>
#include <numeric>
#include <optional>
#include <set>

#include "text.h"
#include "wedgeon/store/recipe_file.h"
#include "wedgeon/store/sightings.h"

namespace wedgeon::store {
namespace {

constexpr std::size_t mostGroups = 200;

using ByDay = std::map<double, std::vector<double>>;

std::vector<DayValues> daysOf(ByDay&& all) {
    std::vector<DayValues> out;
    for (auto& [day, values] : all)
        out.push_back({day, std::move(values)});
    return out;
}

struct Gathered {
    std::size_t shots = 0;
    std::array<ByDay, allQuantityCount> measures;
    ByDay clean;
};

double valueOf(const ShotRecord& r, const std::optional<Sighting>& seen, Quantity q) {
    if (r.has(q)) return r[q];
    std::optional<double> out;
    if (q == Quantity::Release) out = findRelease_m(r);
    if (!out && seen) out = findSeen(*seen, q);
    return out.value_or(std::numeric_limits<double>::quiet_NaN());
}

void gather(Gathered& group, const ShotRecord& r, double day) {
    ++group.shots;
    const std::optional<Sighting> seen = findSighting(r);
    for (std::size_t q = 0; q < allQuantityCount; ++q) {
        const double v = valueOf(r, seen, static_cast<Quantity>(q));
        if (std::isfinite(v)) group.measures[q][day].push_back(v);
    }
    if (const std::string& felt = r[Label::Strike]; !felt.empty())
        group.clean[day].push_back(text::equalNoCase(felt, "clean") ? 1.0 : 0.0);
}

/// Groups that are held together by days that they share, the component with the most shots.
std::vector<const ByDay*> connected(const std::vector<const ByDay*>& groups) {
    std::vector<std::size_t> part(groups.size());
    std::iota(part.begin(), part.end(), std::size_t{0});
    const std::function<std::size_t(std::size_t)> root = [&](std::size_t i) {
        return part[i] == i ? i : part[i] = root(part[i]);
    };
    std::map<double, std::size_t> first;
    for (std::size_t i = 0; i < groups.size(); ++i) {
        for (const auto& [day, values] : *groups[i]) {
            const auto [at, isNew] = first.try_emplace(day, i);
            if (!isNew) part[root(i)] = root(at->second);
        }
    }
    std::map<std::size_t, std::size_t> shots;
    for (std::size_t i = 0; i < groups.size(); ++i) {
        for (const auto& [day, values] : *groups[i])
            shots[root(i)] += values.size();
    }
    const auto most =
        std::max_element(shots.begin(), shots.end(),
                         [](const auto& a, const auto& b) { return a.second < b.second; });
    std::vector<const ByDay*> out;
    for (std::size_t i = 0; i < groups.size(); ++i) {
        if (root(i) == most->first) out.push_back(groups[i]);
    }
    return out;
}

/// Each value less the level of its group, plus the mean of all. Levels and days are fitted
/// together, by turns, so that a swing that is hit in the last weeks only does not hide what
/// changed over them. A group of one day has a level but tells no change.
std::vector<DayValues> together(const std::vector<const ByDay*>& all) {
    std::vector<const ByDay*> groups;
    for (const ByDay* its : all) {
        if (its->size() >= 2) groups.push_back(its);
    }
    if (groups.empty()) return {};
    groups = connected(groups);
    struct Cell {
        std::size_t group;
        double day, sum, n;
    };
    std::vector<Cell> cells;
    double sum = 0.0, n = 0.0;
    for (std::size_t i = 0; i < groups.size(); ++i) {
        for (const auto& [day, values] : *groups[i]) {
            const Cell cell{i, day, std::accumulate(values.begin(), values.end(), 0.0),
                            static_cast<double>(values.size())};
            cells.push_back(cell);
            sum += cell.sum;
            n += cell.n;
        }
    }
    const double mean = sum / n;
    std::vector<double> level(groups.size(), mean);
    std::map<double, double> dayLevel;
    constexpr int mostTurns = 500;
    constexpr double still = 1e-10;
    for (int turn = 0; turn < mostTurns; ++turn) {
        std::map<double, std::pair<double, double>> days;
        for (const Cell& c : cells) {
            auto& [s, count] = days[c.day];
            s += c.sum - c.n * level[c.group];
            count += c.n;
        }
        for (const auto& [day, s] : days)
            dayLevel[day] = s.first / s.second;
        std::vector<double> sums(groups.size()), counts(groups.size());
        for (const Cell& c : cells) {
            sums[c.group] += c.sum - c.n * dayLevel[c.day];
            counts[c.group] += c.n;
        }
        double moved = 0.0;
        for (std::size_t i = 0; i < groups.size(); ++i) {
            const double next = sums[i] / counts[i];
            moved = std::max(moved, std::abs(next - level[i]));
            level[i] = next;
        }
        if (moved <= still * (1.0 + std::abs(mean))) break;
    }
    double common = 0.0;  // of the groups' levels, by their shots
    for (const Cell& c : cells)
        common += c.n * level[c.group] / n;
    ByDay out;
    for (std::size_t i = 0; i < groups.size(); ++i) {
        for (const auto& [day, values] : *groups[i]) {
            for (const double v : values)
                out[day].push_back(v - level[i] + common);
        }
    }
    return daysOf(std::move(out));
}

/// What most shots of each day have, and where that becomes another.
void findTurns(const std::map<double, std::map<std::string, std::size_t>>& words, ChangeKind kind,
               std::vector<HistoryChange>& out) {
    std::string former;
    for (const auto& [day, counts] : words) {
        const auto most =
            std::max_element(counts.begin(), counts.end(),
                             [](const auto& a, const auto& b) { return a.second < b.second; });
        if (!former.empty() && most->first != former) out.push_back({day, kind, most->first});
        former = most->first;
    }
}

}  // namespace

HistoryShots findHistoryShots(const ShotList& shots, const Fallback& fallback,
                              const Records& records, const std::string& player) {
    HistoryShots out;
    std::map<std::pair<std::string, std::string>, Gathered> groups;
    std::map<double, std::map<std::string, std::size_t>> balls, recipes;
    std::set<double> days;
    for (const LoggedShot& shot : shots) {
        const ShotRecord& r = shot.record;
        if (findPlayerName(r, fallback) != player) continue;
        if (!shot.setAside.empty()) {
            ++out.setAside;
            continue;
        }
        const auto day = text::dayOf(r[Label::Time]);
        if (!day) {
            ++out.withoutDay;
            continue;
        }
        const auto d = static_cast<double>(*day);
        days.insert(d);
        ++out.shots;
        if (!r[Label::Ball].empty()) ++balls[d][r[Label::Ball]];
        if (!r[Label::Recipe].empty()) {
            if (const auto declared = findDeclared(r); declared && !declared->name.empty())
                ++recipes[d][declared->name];
        }
        const auto key = std::pair(r[Label::Wedge], r[Label::Swing]);
        if (groups.size() < mostGroups || groups.contains(key)) gather(groups[key], r, d);
    }
    out.days = days.size();

    for (std::size_t q = 0; q < allQuantityCount; ++q) {
        std::vector<const ByDay*> its;
        its.reserve(groups.size());
        for (const auto& [key, group] : groups)
            its.push_back(&group.measures[q]);
        out.all.measures[q] = together(its);
    }
    std::vector<const ByDay*> clean;
    clean.reserve(groups.size());
    for (const auto& [key, group] : groups)
        clean.push_back(&group.clean);
    out.all.clean = together(clean);
    out.all.shots = out.shots;
    for (auto& [key, group] : groups) {
        HistoryGroup g;
        g.club = key.first;
        g.swing = key.second;
        g.shots = group.shots;
        for (std::size_t q = 0; q < allQuantityCount; ++q)
            g.measures[q] = daysOf(std::move(group.measures[q]));
        g.clean = daysOf(std::move(group.clean));
        out.groups.push_back(std::move(g));
    }
    std::stable_sort(out.groups.begin(), out.groups.end(),
                     [](const auto& a, const auto& b) { return a.shots > b.shots; });

    findTurns(balls, ChangeKind::Ball, out.changes);
    findTurns(recipes, ChangeKind::Recipe, out.changes);
    const auto add = [&](const std::string& time, ChangeKind kind, const std::string& what) {
        if (const auto day = text::dayOf(time))
            out.changes.push_back({static_cast<double>(*day), kind, what});
    };
    for (const KitWedge& w : records.wedgesOf(player, true)) {
        add(w.since, ChangeKind::Club, w.name);
    }
    if (const auto its = records.tunings.find(player); its != records.tunings.end()) {
        for (const KeptTuning& t : its->second)
            add(t.made, ChangeKind::Tuning, {});
    }
    for (const Training& t : records.trainings) {
        if (t.player == player && t.ended && std::holds_alternative<Trial>(t.what))
            add(t.begun, ChangeKind::Trial, t.name());
    }
    for (const Note& n : records.notes) {
        if (n.player == player && n.kind == NoteKind::Lesson) add(n.at, ChangeKind::Lesson, n.text);
    }
    std::stable_sort(out.changes.begin(), out.changes.end(),
                     [](const auto& a, const auto& b) { return a.day < b.day; });
    // One a day and kind is enough to be told.
    const auto end =
        std::unique(out.changes.begin(), out.changes.end(), [](const auto& a, const auto& b) {
            return a.day == b.day && a.kind == b.kind &&
                   (a.what == b.what || a.kind == ChangeKind::Tuning ||
                    a.kind == ChangeKind::Lesson);
        });
    out.changes.erase(end, out.changes.end());
    return out;
}

}  // namespace wedgeon::store
