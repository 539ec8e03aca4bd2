// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// All candidates, their order, and the few that are worth telling apart.
#include "wedgeon/plan/plan.h"

#include <algorithm>
#include <atomic>
#include <cmath>

#include "plan/candidate.h"
#include "wedgeon/error.h"
#include "wedgeon/parallel.h"
#include "wedgeon/school/school.h"
#include "wedgeon/units.h"

namespace wedgeon {
namespace {

using plan::Candidate;
using plan::Setting;

constexpr double leastWedgeLoft_rad = radFromDeg(45);
constexpr double degree = radFromDeg(1.0);
constexpr double ballWidth = constants::ballWidth_m;
constexpr std::size_t mostShots = 5;

Recipe ordinary(double open_deg, double ballForward, double lean_deg) {
    Recipe r;
    r.open_rad = open_deg * degree;
    r.ballForward_m = ballForward * ballWidth;
    r.lean_rad = lean_deg * degree;
    // As coaches have it: more on the lead foot with the ball back, less with it forward.
    r.weightLead_pct = ballForward < -0.5 ? 60.0 : 55.0;
    return r;
}

/// What can be done with a wedge.
std::vector<Technique> techniquesOf(const PlanRequest& request) {
    std::vector<Technique> out;
    for (const School& s : schools())
        out.push_back({std::string(s.key), s.recipe});
    for (const double open : {0.0, 12.0, 24.0}) {
        for (const double forward : {-1.0, 0.0, 0.5}) {
            for (const double lean : {0.0, 4.0, 9.0})
                out.push_back({"ordinary", ordinary(open, forward, lean)});
        }
    }
    out.insert(out.end(), request.own.begin(), request.own.end());
    return out;
}

/// With a club of less loft the ball is run.
std::vector<Technique> runnersOf() {
    std::vector<Technique> out;
    for (const char* key : {"low-runner", "low-brush"})
        out.push_back({key, findSchool(key)->recipe});
    for (const double forward : {-1.0, -0.3}) {
        for (const double lean : {2.0, 7.0})
            out.push_back({"ordinary", ordinary(0.0, forward, lean)});
    }
    return out;
}

Predictor predictorOf(const PlanRequest& request, const BagClub& club) {
    Conditions c = request.conditions;
    c.wedge = club.putter ? Wedge{5 * degree, 70 * degree, 0.0} : club.wedge;
    return {request.player, std::move(c)};
}

/// Predictors and ladders of the bag, and what can be played with it.
struct Field {
    explicit Field(const PlanRequest& request) {
        predictors.reserve(request.clubs.size());
        ladders.reserve(request.clubs.size());
        const std::vector<Technique> wedges = techniquesOf(request);
        const std::vector<Technique> runners = runnersOf();
        for (std::size_t i = 0; i < request.clubs.size(); ++i) {
            const BagClub& club = request.clubs[i];
            predictors.push_back(predictorOf(request, club));
            ladders.push_back(request.swings ? *request.swings
                                             : SwingLadder(request.player, club.name));
            const auto add = [&](const Technique& t) {
                candidates.push_back({i, t.key, t.recipe, &predictors[i], &ladders[i]});
            };
            if (club.putter) {
                add({"putt", {}});
            } else {
                const bool wedge = club.wedge.loft_rad >= leastWedgeLoft_rad;
                for (const Technique& t : wedge ? wedges : runners)
                    add(t);
            }
        }
    }
    std::vector<Predictor> predictors;
    std::vector<SwingLadder> ladders;
    std::vector<Candidate> candidates;
};

/// The first that comes along of each height, then what else differs, best first.
std::vector<PlannedShot> clearlyDifferentOnes(const std::vector<PlannedShot>& all) {
    std::vector<PlannedShot> out;
    const auto isNew = [&](const PlannedShot& s) {
        return std::all_of(out.begin(), out.end(),
                           [&](const PlannedShot& o) { return clearlyDifferent(s, o); });
    };
    if (all.empty()) return out;
    out.push_back(all.front());
    std::array<bool, heightCount> seen{};
    seen[static_cast<std::size_t>(all.front().height)] = true;
    for (const PlannedShot& s : all) {
        bool& there = seen[static_cast<std::size_t>(s.height)];
        if (!there && isNew(s)) {
            out.push_back(s);
            there = true;
        }
    }
    for (const PlannedShot& s : all) {
        if (out.size() >= mostShots) break;
        if (isNew(s)) out.push_back(s);
    }
    std::stable_sort(out.begin(), out.end(), [](const PlannedShot& a, const PlannedShot& b) {
        return a.strokes < b.strokes;
    });
    return out;
}

/// Where \p shot differs most from \p other, in the direction of the whole difference.
Reason reasonOf(const PlannedShot& shot, const PlannedShot& other) {
    Reason reason;
    const double sign = shot.strokes <= other.strokes ? -1.0 : 1.0;
    double most = 0.0;
    for (std::size_t c = 0; c < costCount; ++c) {
        const double difference = shot.costs[c] - other.costs[c];
        if (sign * difference > most) {
            most = sign * difference;
            reason = {static_cast<Cost>(c), difference};
        }
    }
    return reason;
}

}  // namespace

std::vector<BagClub> ordinaryBag() {
    const auto club = [](double loft, double lie, double bounce) {
        return BagClub{"", {loft * degree, lie * degree, bounce * degree}, false};
    };
    return {club(46, 63.5, 6), club(50, 64, 8),   club(54, 64, 10),     club(58, 64, 10),
            club(40, 62.5, 4), club(34, 61.5, 3), BagClub{"", {}, true}};
}

std::vector<BagClub> bagWith(const std::vector<BagClub>& wedges) {
    if (wedges.empty()) return ordinaryBag();
    std::vector<BagClub> out = wedges;
    const auto has = [&](const BagClub& other) {
        return std::any_of(wedges.begin(), wedges.end(), [&](const BagClub& w) {
            return other.putter ? w.putter
                                : !w.putter && std::abs(w.wedge.loft_rad - other.wedge.loft_rad) <
                                                   3.0 * degree;
        });
    };
    // Wedges are his own, what is longer than those anybody has.
    for (const BagClub& c : ordinaryBag()) {
        if ((c.putter || c.wedge.loft_rad < leastWedgeLoft_rad) && !has(c)) out.push_back(c);
    }
    return out;
}

void PlanRequest::validate() const {
    if (!conditions.line) throw RangeError("zones", 0, 1, Line::mostZones);
    conditions.line->validate();
    if (!conditions.line->flag_m) throw RangeError("flag_m", std::nan(""), 0, 500);
    if (!plan::greenOf(*conditions.line)) {
        // The nearest green is what it must stand on.
        double at = 0.0, from = 0.0, to = 0.0;
        for (const Zone& z : conditions.line->zones) {
            if (z.kind == ZoneKind::Green && to == 0.0) {
                from = at;
                to = at + z.length_m;
            }
            at += z.length_m;
        }
        throw RangeError("flag_m", *conditions.line->flag_m, from, to);
    }
    const double flag = *conditions.line->flag_m;
    for (const Obstacle& o : conditions.line->obstacles) {
        const bool inIt = o.height_m > 0.3 && o.gap_m == 0.0 && std::abs(o.at_m - flag) < 0.3;
        if (inIt) throw RangeError("obstacle.at_m", o.at_m, 0.0, flag - 0.3);
    }
    requireRange("clubs", static_cast<double>(clubs.size()), 1, 30);
    for (const BagClub& c : clubs) {
        if (!c.putter) c.wedge.validate();
    }
    requireRange("samples", static_cast<double>(samples), 16, 100'000);
    conditions.lie.validate();
    conditions.air.validate();
    for (const Technique& t : own)
        t.recipe.validate();
    holeOut.validate();
}

std::optional<Plan> makePlan(const PlanRequest& request, const std::stop_token& stop,
                             const PlanProgress& progress) {
    request.validate();
    const Setting setting(request, request.samples);
    const Field field(request);
    const std::size_t n = field.candidates.size();
    std::vector<std::optional<PlannedShot>> results(n);
    std::atomic<std::size_t> done{0};
    runParts(n, threadsFor(request.threads), [&](std::size_t i) {
        if (stop.stop_requested()) return;
        results[i] = plan::bestOf(field.candidates[i], setting);
        const std::size_t now = ++done;
        if (progress && now % 16 == 0) progress(static_cast<double>(now) / static_cast<double>(n));
    });
    if (stop.stop_requested()) return std::nullopt;
    Plan out;
    out.samples = request.samples;
    out.candidates = n;
    for (auto& r : results) {
        if (r) out.all.push_back(std::move(*r));
    }
    std::stable_sort(
        out.all.begin(), out.all.end(),
        [](const PlannedShot& a, const PlannedShot& b) { return a.strokes < b.strokes; });
    out.shots = clearlyDifferentOnes(out.all);
    for (std::size_t i = 0; i < out.shots.size(); ++i) {
        if (out.shots.size() == 1) {
            out.reasons.emplace_back();
        } else {
            out.reasons.push_back(reasonOf(out.shots[i], out.shots[i == 0 ? 1 : 0]));
        }
    }
    return out;
}

ShotTrace traceOf(const PlanRequest& request, const PlannedShot& shot) {
    const BagClub& club = request.clubs[shot.club];
    return plan::traceOf(shot, club, predictorOf(request, club));
}

RulesOfThumb rulesOfThumb(const PlanRequest& request, const Plan& plan) {
    RulesOfThumb out;
    for (const Height h : {Height::Low, Height::Middle, Height::High}) {
        const auto its = std::find_if(plan.all.begin(), plan.all.end(),
                                      [&](const PlannedShot& s) { return s.height == h; });
        if (its == plan.all.end()) continue;
        out.carryShare[static_cast<std::size_t>(h) - 1] =
            its->landing_m / std::max(its->landing_m + its->run_m, 0.1);
    }
    const auto struck = std::find_if(plan.all.begin(), plan.all.end(), [](const PlannedShot& s) {
        return s.height != Height::Putter;
    });
    if (struck == plan.all.end()) return out;
    const BagClub& club = request.clubs[struck->club];
    try {
        const Predictor here = predictorOf(request, club);
        Recipe back = struck->recipe;
        back.ballForward_m -= ballWidth;
        out.launchPerBall_rad = here.shot(struck->recipe).strike.launch.angle_rad() -
                                here.shot(back).strike.launch.angle_rad();
        PlanRequest heavy = request;
        heavy.conditions.lie = findLie("lush")->lie;
        const double carry = struck->landing_m;
        out.heavyGrass = predictorOf(heavy, club).speedForCarry(struck->recipe, carry) /
                         here.speedForCarry(struck->recipe, carry);
    } catch (const RangeError&) {
        return out;  // out of reach there: the rule has nothing beside it
    }
    return out;
}

bool clearlyDifferent(const PlannedShot& a, const PlannedShot& b) {
    if ((a.height == Height::Putter) != (b.height == Height::Putter)) return true;
    if (a.height == Height::Putter) return false;
    // The same flight and run is the same shot, whatever club makes it.
    const double farther = std::max({a.landing_m + a.run_m, b.landing_m + b.run_m, 1.0});
    const double higher = std::log(std::max(a.apex_m, 0.05) / std::max(b.apex_m, 0.05));
    return std::abs(a.landing_m - b.landing_m) > 0.08 * farther ||
           std::abs(a.run_m - b.run_m) > 0.08 * farther || std::abs(higher) > std::log(1.3);
}

std::vector<PlannedShot> lowMiddleHigh(const Plan& plan, std::size_t club) {
    std::vector<PlannedShot> out;
    for (const Height h : {Height::Low, Height::Middle, Height::High}) {
        const auto its = std::find_if(plan.all.begin(), plan.all.end(), [&](const PlannedShot& s) {
            return s.club == club && s.height == h;
        });
        if (its != plan.all.end()) out.push_back(*its);
    }
    return out;
}

std::optional<PlanRequest> changed(const PlanRequest& request, Change change, double& by) {
    PlanRequest out = request;
    Conditions& c = out.conditions;
    by = 0.0;
    switch (change) {
        case Change::FlagFarther:
        case Change::FlagNearer: {
            by = 2.0;
            *c.line->flag_m += change == Change::FlagFarther ? by : -by;
            const auto green = plan::greenOf(*c.line);
            if (!green || *c.line->flag_m > green->to_m - 0.5 ||
                *c.line->flag_m < green->from_m + 0.5)
                return std::nullopt;
            return out;
        }
        case Change::WetFace:
            if (c.face != FaceCondition::FreshDry && c.face != FaceCondition::WornDry)
                return std::nullopt;
            c.face = c.face == FaceCondition::FreshDry ? FaceCondition::FreshWet
                                                       : FaceCondition::WornWet;
            return out;
        case Change::LieDown:
        case Change::LieUp: {
            // A quarter more of the ball in the grass, or on top of it.
            const bool down = change == Change::LieDown;
            c.lie.cover = down ? std::min(c.lie.cover + 0.35, 1.0) : 0.5 * c.lie.cover;
            c.lie.sit_m = down ? 0.0 : 0.015;
            out.reading.reset();
            if (c.lie.cover == request.conditions.lie.cover &&
                c.lie.sit_m == request.conditions.lie.sit_m)
                return std::nullopt;
            return out;
        }
        case Change::Firmer:
        case Change::Softer:
            for (Zone& z : c.line->zones)
                z.firmness = std::clamp(z.firmness * (change == Change::Firmer ? 1.25 : 0.8),
                                        softestGround, 1.4);
            return out;
        case Change::WindInto:
            by = 5.0;
            c.air.windAhead_mps -= by;
            if (c.air.windAhead_mps < -20.0) return std::nullopt;
            return out;
    }
    return std::nullopt;
}

std::optional<std::vector<WouldChange>> findChanges(const PlanRequest& request, const Plan& plan,
                                                    const std::stop_token& stop) {
    std::vector<WouldChange> out;
    if (plan.shots.empty()) return out;
    const PlannedShot& first = plan.shots.front();
    for (std::size_t k = 0; k < changeCount; ++k) {
        const auto change = static_cast<Change>(k);
        double by = 0.0;
        const std::optional<PlanRequest> other = changed(request, change, by);
        if (!other) continue;
        const std::optional<Plan> then = makePlan(*other, stop);
        if (!then) return std::nullopt;
        if (then->all.empty()) continue;
        const PlannedShot& best = then->all.front();
        if (!clearlyDifferent(best, first)) continue;
        // The shot that was best, or one like it, as it comes out now.
        const auto same =
            std::find_if(then->all.begin(), then->all.end(),
                         [&](const PlannedShot& s) { return !clearlyDifferent(s, first); });
        if (same != then->all.end()) {
            const double error = std::hypot(same->strokesError, best.strokesError);
            if (same->strokes - best.strokes < std::max(0.02, error)) continue;
        }
        out.push_back({change, by, best});
    }
    return out;
}

}  // namespace wedgeon
