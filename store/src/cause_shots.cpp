// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Choosing the usual shots, and turning records into readings.
#include "wedgeon/store/cause_shots.h"

#include <algorithm>
#include <array>
#include <map>
#include <set>

#include "session_day.h"
#include "wedgeon/store/quality.h"
#include "wedgeon/store/recipe_file.h"
#include "wedgeon/store/sightings.h"

namespace wedgeon::store {
namespace {

/// More tell nothing new, and each kind costs its own predictions.
constexpr std::size_t mostPattern = 60, mostUsual = 120, mostKinds = 10;

struct Read {
    Outcome outcome;
    Quantity quantity;
};
/// Spin loft follows from loft and attack, and a device works it out from them.
constexpr std::array reads{Read{Outcome::Attack, Quantity::AttackAngle},
                           Read{Outcome::Path, Quantity::ClubPath},
                           Read{Outcome::DynamicLoft, Quantity::DynamicLoft},
                           Read{Outcome::FaceAngle, Quantity::FaceAngle},
                           Read{Outcome::BallSpeed, Quantity::BallSpeed},
                           Read{Outcome::LaunchAngle, Quantity::LaunchAngle},
                           Read{Outcome::LaunchDirection, Quantity::LaunchDirection},
                           Read{Outcome::SpinRate, Quantity::SpinRate},
                           Read{Outcome::SpinAxis, Quantity::SpinAxis},
                           Read{Outcome::Carry, Quantity::Carry},
                           Read{Outcome::Apex, Quantity::Apex},
                           Read{Outcome::LandingAngle, Quantity::LandingAngle}};

PatternShot patternShot(const ShotRecord& record) {
    PatternShot out;
    if (record.has(Quantity::ClubSpeed)) out.clubSpeed_mps = record[Quantity::ClubSpeed];
    for (const Read& r : reads) {
        if (record.has(r.quantity))
            out.read[static_cast<std::size_t>(r.outcome)] = record[r.quantity];
    }
    if (const auto release = findRelease_m(record); release && record.has(Quantity::Carry))
        out.read[static_cast<std::size_t>(Outcome::Total)] = record[Quantity::Carry] + *release;
    if (auto seen = findSighting(record)) out.seen = *seen;
    return out;
}

bool tells(const PatternShot& s) {
    return s.clubSpeed_mps || !s.seen.empty() ||
           std::any_of(s.read.begin(), s.read.end(), [](const auto& v) { return v.has_value(); });
}

/// Wedge, swing and set-up, with what they meet.
std::string kindOf(const ShotRecord& r) {
    std::string out;
    for (const Label l :
         {Label::Wedge, Label::Swing, Label::Recipe, Label::Ball, Label::FaceCondition, Label::Lie})
        out += r[l] + '\n';
    return out;
}

std::string swingOf(const ShotRecord& r) {
    return r[Label::Wedge] + '\n' + r[Label::Swing];
}

class Chosen {
public:
    Chosen(const Fallback& fallback, const Recipe& declared)
        : fallback_(fallback), declared_(declared) {}

    /// The number of the shot's kind; a new one is made.
    std::size_t kind(const ShotRecord& record, CauseRequest& request) {
        const auto [at, isNew] = kinds_.emplace(kindOf(record), request.kinds.size());
        if (!isNew) return at->second;
        const ShotGivens givens = findShotGivens(record, fallback_);
        if (request.kinds.empty()) {
            // Not on the ground that was fitted for a day: the others are of other days.
            request.player = playerOf(record, givens.player);
            request.level =
                givens.player.swings ? givens.player.swings->build.level : Level::ClubPlayer;
        }
        Recipe recipe = findSetUp(record, givens.player);
        if (record[Label::Recipe].empty()) {
            const double speed = recipe.clubSpeed_mps;
            recipe = declared_;
            if (givens.player.tuning) recipe.clubSpeed_mps = speed;
        }
        request.kinds.push_back({givens.conditions, recipe});
        return at->second;
    }

private:
    PlayerModel playerOf(const ShotRecord& record, const PlayerModel& ofDay) const {
        const std::string& name = findPlayerName(record, fallback_);
        if (fallback_.player.name == name) return fallback_.player;
        if (fallback_.everyone && fallback_.everyone->contains(name))
            return fallback_.everyone->at(name);
        return ofDay;
    }

    const Fallback& fallback_;
    const Recipe& declared_;
    std::map<std::string, std::size_t> kinds_;
};

double medianOf(std::vector<double> values) {
    const auto middle = values.begin() + static_cast<std::ptrdiff_t>(values.size() / 2);
    std::nth_element(values.begin(), middle, values.end());
    return *middle;
}

/// What of the strike the readings themselves show.
void markStrikes(const ShotList& list, const Fallback& fallback, const std::stop_token& stop,
                 std::vector<PatternShot*> shots) {
    const auto doubts = findDoubts(list, fallback, 0, stop);
    for (std::size_t i = 0; i < shots.size() && i < doubts.size(); ++i) {
        if (shots[i]->seen.strike) continue;
        for (const QualityNote& n : doubts[i]) {
            if (n.doubt == Doubt::Fat) shots[i]->seen.strike = SeenStrike::Fat;
            if (n.doubt == Doubt::Thin) shots[i]->seen.strike = SeenStrike::Thin;
        }
    }
}

}  // namespace

CauseShots findCauseShots(const ShotList& shots, std::span<const std::int64_t> pattern,
                          const Fallback& fallback, const Recipe& declared,
                          const std::stop_token& stop) {
    CauseShots out;
    Chosen chosen(fallback, declared);
    std::vector<std::size_t> its, usual;
    for (const std::int64_t id : pattern) {
        const std::size_t i = shots.find(id);
        if (i < shots.size()) its.push_back(i);
    }
    std::sort(its.begin(), its.end());
    if (its.size() > mostPattern)
        its.erase(its.begin(), its.end() - static_cast<std::ptrdiff_t>(mostPattern));
    if (its.empty()) {
        out.player = fallback.player.name;
        out.request.player = fallback.player;
        if (fallback.player.swings) out.request.level = fallback.player.swings->build.level;
        out.request.kinds.push_back({fallback.conditions, declared});
        return out;
    }
    out.player = findPlayerName(shots[its.front()].record, fallback);
    std::set<std::string> swings, days;
    ShotList both;
    std::vector<std::pair<std::size_t, bool>> order;  // index, of the pattern
    for (const std::size_t i : its) {
        if (findPlayerName(shots[i].record, fallback) != out.player) {
            ++out.ofOthers;
            continue;
        }
        if (!tells(patternShot(shots[i].record))) {
            ++out.withoutReading;
            continue;
        }
        swings.insert(swingOf(shots[i].record));
        days.insert(sessionDay(shots[i]));
        order.emplace_back(i, true);
    }
    // His usual: the newest before, of the kinds that he hits most.
    std::map<std::string, std::size_t> often;
    for (std::size_t i = its.front(); i-- > 0 && usual.size() < mostUsual;) {
        if (stop.stop_requested()) return out;
        const LoggedShot& s = shots[i];
        if (!s.setAside.empty() || !swings.contains(swingOf(s.record)) ||
            days.contains(sessionDay(s)) || findPlayerName(s.record, fallback) != out.player ||
            !tells(patternShot(s.record)))
            continue;
        usual.push_back(i);
        ++often[kindOf(s.record)];
    }
    std::vector<std::pair<std::size_t, std::string>> kinds;
    kinds.reserve(often.size());
    for (const auto& [kind, count] : often)
        kinds.emplace_back(count, kind);
    std::sort(kinds.rbegin(), kinds.rend());
    std::set<std::string> kept;
    for (std::size_t k = 0; k < std::min(mostKinds, kinds.size()); ++k)
        kept.insert(kinds[k].second);
    std::set<std::string> usualDays;
    for (const std::size_t i : usual) {
        if (!kept.contains(kindOf(shots[i].record))) continue;
        order.emplace_back(i, false);
        usualDays.insert(sessionDay(shots[i]));
    }
    out.request.usualDays = usualDays.size();

    std::map<std::string, std::vector<double>> speeds;
    std::map<std::string, std::vector<std::size_t>> kindsOf;
    // The pattern's kinds come first: the first one is what checks and corrections speak of.
    for (const auto& [i, ofPattern] : order) {
        const ShotRecord& r = shots[i].record;
        PatternShot s = patternShot(r);
        s.kind = chosen.kind(r, out.request);
        if (!ofPattern && s.clubSpeed_mps) speeds[swingOf(r)].push_back(*s.clubSpeed_mps);
        kindsOf[swingOf(r)].push_back(s.kind);
        (ofPattern ? out.request.shots : out.request.usual).push_back(s);
    }
    if (out.request.kinds.empty()) {
        out.request.player = fallback.player;
        out.request.kinds.push_back({fallback.conditions, declared});
    }
    // Without a usual shot, what is measured now is all that is known of the swing.
    for (const auto& [i, ofPattern] : order) {
        const ShotRecord& r = shots[i].record;
        if (ofPattern && usualDays.empty() && r.has(Quantity::ClubSpeed))
            speeds[swingOf(r)].push_back(r[Quantity::ClubSpeed]);
    }
    for (const auto& [swing, values] : speeds) {
        const double speed = medianOf(values);
        for (const std::size_t k : kindsOf[swing]) {
            PatternKind& kind = out.request.kinds[k];
            const Conditions& c = kind.conditions;
            // A club is read behind the grass.
            const double arrives = calcContact(c.ball, c.face, c.lie).speedKept;
            kind.declared.clubSpeed_mps = std::clamp(speed / arrives, 1.0, 59.0);
        }
    }
    // In the order in which they were hit, as doubts are found.
    std::vector<std::pair<std::size_t, PatternShot*>> hit;
    hit.reserve(order.size());
    std::size_t p = 0, u = 0;
    for (const auto& [i, ofPattern] : order)
        hit.emplace_back(i, ofPattern ? &out.request.shots[p++] : &out.request.usual[u++]);
    std::sort(hit.begin(), hit.end());
    std::vector<PatternShot*> marked;
    for (const auto& [i, shot] : hit) {
        both.push_back(shots[i]);
        marked.push_back(shot);
    }
    markStrikes(both, fallback, stop, marked);
    return out;
}

}  // namespace wedgeon::store
