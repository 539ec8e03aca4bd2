// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Windows from what the model says of this player today.
#include "desk/drill_maker.h"

#include <QCoreApplication>
#include <algorithm>
#include <cmath>
#include <functional>
#include <optional>
#include <random>

#include "text/swing_text.h"
#include "wedgeon/error.h"
#include "wedgeon/units.h"

namespace wedgeon {
namespace {

/// The context of their translations.
struct Drills {
    Q_DECLARE_TR_FUNCTIONS(Drills)
};

// How wide windows are, beside what is computed: what a club player hits in about every second
// shot. Priors of ours; a drill that is kept can have its own.
constexpr double carryShare = 0.06, leastCarry_m = 1.5;
constexpr double restShare = 0.08, leastRest_m = 2.0;
constexpr double angle_rad = radFromDeg(2.5);
constexpr double speedShare = 0.04;
constexpr double steepest_rad = radFromDeg(-9), shallowest_rad = radFromDeg(-1);
constexpr std::size_t feltDistances = 12, mostLofts = 3, mostRungs = 6;

std::string utf8(const QString& s) {
    return s.toStdString();
}

DrillWindow around(DrillMeasure of, double middle, double half) {
    return {of, middle - half, middle + half};
}
DrillWindow carryAround(double carry_m) {
    return around(DrillMeasure::Carry, carry_m, std::max(leastCarry_m, carryShare * carry_m));
}

class Maker {
public:
    Maker(const Workbench& bench, const std::vector<store::KitWedge>& bag, std::uint64_t seed)
        : bench_(bench), bag_(bag), seed_(seed), recipe_(bench.state().recipe()) {}

    std::vector<Drill> make() {
        const std::vector<std::function<std::optional<Drill>()>> all{
            [this] { return brush(); },       [this] { return spot(); },
            [this] { return launch(); },      [this] { return shortBackswing(); },
            [this] { return heights(); },     [this] { return lofts(); },
            [this] { return rungs(); },       [this] { return felt(); },
            [this] { return spin(); },        [this] { return opening(); },
            [this] { return declareFirst(); }};
        std::vector<Drill> out;
        for (const auto& one : all) {
            try {
                if (auto drill = one()) {
                    drill->validate();
                    out.push_back(std::move(*drill));
                }
            } catch (const RangeError&) {
                continue;  // it cannot be played from here
            }
        }
        return out;
    }

private:
    QString length(double m) const { return bench_.units().length(m, 0); }
    ShotResult shot(const Recipe& recipe) const { return bench_.state().predictor().shot(recipe); }
    static Drill drill(const QString& name, const QString& purpose) {
        Drill out;
        out.name = utf8(name);
        out.purpose = utf8(purpose);
        return out;
    }
    static DrillStation station(const QString& task, std::size_t shots, std::size_t pass,
                                std::vector<DrillWindow> windows) {
        DrillStation out;
        out.task = utf8(task);
        out.shots = shots;
        out.pass = pass;
        out.windows = std::move(windows);
        return out;
    }

    std::optional<Drill> brush() const {
        Drill d = drill(Drills::tr("Brush the turf"),
                        Drills::tr("the club meets the turf at the ball and leaves it whole"));
        d.stations = {station(Drills::tr("Brush the grass under the ball"), 15, 11,
                              {{DrillMeasure::Turf, 0.0, 1.0},
                               {DrillMeasure::Attack, steepest_rad, shallowest_rad}})};
        return d;
    }
    std::optional<Drill> spot() const {
        const ShotResult s = shot(recipe_);
        const double carry = s.flight.carry_m, total = s.total_m();
        Drill d = drill(Drills::tr("Landing spot"),
                        Drills::tr("where it lands and where it rests, both"));
        d.stations = {station(
            Drills::tr("Land it at %1, to rest at %2").arg(length(carry), length(total)), 10, 6,
            {carryAround(carry),
             around(DrillMeasure::Total, total, std::max(leastRest_m, restShare * total))})};
        return d;
    }
    std::optional<Drill> launch() const {
        const auto& p = bench_.prediction();
        if (!p) return std::nullopt;
        const SpinWindow& w = p->window;
        const auto [low, high] = std::minmax(w.from.launch_rad, w.to.launch_rad);
        Drill d = drill(Drills::tr("Launch window"),
                        Drills::tr("low enough to spin, high enough to stop: today's window for "
                                   "this speed, ball and face"));
        d.stations = {station(Drills::tr("Start it between %1 and %2")
                                  .arg(text::degrees(low, 0), text::degrees(high, 0)),
                              10, 6, {{DrillMeasure::Launch, low, high}})};
        return d;
    }
    std::optional<Drill> shortBackswing() const {
        const auto& rungs = bench_.swings().rungs();
        if (rungs.size() < 2) return std::nullopt;
        // The rung below the bench's swing, at the bench's speed.
        const double speed = recipe_.clubSpeed_mps;
        const auto above = std::find_if(rungs.begin(), rungs.end(),
                                        [&](const Rung& r) { return r.speed_mps > 0.97 * speed; });
        const Rung& shorter = above == rungs.begin() ? rungs.front() : *std::prev(above);
        Drill d = drill(Drills::tr("Short back, full through"),
                        Drills::tr("speed comes from the way through, not from the way back"));
        d.stations = {
            station(Drills::tr("Back no farther than %1, as fast as the longer swing: note the "
                               "follow-through as a tag")
                        .arg(text::swingName(shorter.swing)),
                    8, 5,
                    {around(DrillMeasure::ClubSpeed, speed, speedShare * speed),
                     around(DrillMeasure::Carry, shot(recipe_).flight.carry_m,
                            std::max(leastCarry_m, 0.08 * shot(recipe_).flight.carry_m))})};
        return d;
    }
    std::optional<Drill> heights() const {
        const double carry = shot(recipe_).flight.carry_m;
        Drill d = drill(Drills::tr("Three heights, one wedge"),
                        Drills::tr("the same distance low, in the middle and high; each before "
                                   "the next"));
        Recipe low = recipe_, high = recipe_;
        low.lean_rad += radFromDeg(7);
        low.ballForward_m -= 0.03;
        high.lean_rad -= radFromDeg(5);
        high.ballForward_m += 0.02;
        high.open_rad += radFromDeg(8);
        const auto add = [&](const QString& task, Recipe recipe) {
            recipe.clubSpeed_mps = bench_.state().predictor().speedForCarry(recipe, carry);
            const ShotResult s = shot(recipe);
            d.stations.push_back(
                station(task, 8, 5,
                        {carryAround(carry),
                         around(DrillMeasure::Launch, s.strike.launch.angle_rad(), angle_rad),
                         around(DrillMeasure::Apex, s.flight.apex_m,
                                std::max(0.6, 0.2 * s.flight.apex_m))}));
        };
        add(Drills::tr("Low, to land at %1").arg(length(carry)), low);
        add(Drills::tr("In the middle, to land at %1").arg(length(carry)), recipe_);
        add(Drills::tr("High, to land at %1").arg(length(carry)), high);
        return d;
    }
    std::optional<Drill> lofts() const {
        std::vector<store::KitWedge> bag;
        for (const store::KitWedge& w : bag_) {
            const bool same = !bag.empty() && std::abs(bag.back().wedge.loft_rad -
                                                       w.wedge.loft_rad) < radFromDeg(1);
            if (!same && bag.size() < mostLofts) bag.push_back(w);
        }
        if (bag.size() < 2) return std::nullopt;
        Drill d = drill(Drills::tr("One technique, the lofts in the bag"),
                        Drills::tr("the same swing every time; the loft makes the difference"));
        d.order = DrillOrder::ByChance;
        for (const store::KitWedge& w : bag) {
            BenchState state = bench_.state();
            state.conditions.wedge = w.wedge;
            const ShotResult s = state.predictor().shot(recipe_);
            DrillStation one =
                station(Drills::tr("%1, to land at %2")
                            .arg(text::fromUtf8(w.name), length(s.flight.carry_m)),
                        5, 3,
                        {carryAround(s.flight.carry_m),
                         around(DrillMeasure::Launch, s.strike.launch.angle_rad(), angle_rad)});
            one.club = w.name;
            d.stations.push_back(std::move(one));
        }
        return d;
    }
    std::optional<Drill> rungs() const {
        const auto& all = bench_.swings().rungs();
        if (all.size() < 2) return std::nullopt;
        Drill d = drill(Drills::tr("Rungs by chance"),
                        Drills::tr("every swing of the ladder, never the same twice by habit"));
        d.order = DrillOrder::ByChance;
        const std::size_t from = all.size() > mostRungs ? all.size() - mostRungs : 0;
        for (std::size_t i = from; i < all.size(); ++i) {
            Recipe recipe = recipe_;
            recipe.clubSpeed_mps = all[i].speed_mps;
            const double carry = shot(recipe).flight.carry_m;
            DrillStation one = station(
                Drills::tr("%1, to land at %2").arg(text::swingName(all[i].swing), length(carry)),
                3, 2, {carryAround(carry)});
            one.swing = all[i].swing;
            d.stations.push_back(std::move(one));
        }
        return d;
    }
    std::optional<Drill> felt() const {
        const auto& all = bench_.swings().rungs();
        if (all.empty()) return std::nullopt;
        const auto carryAt = [&](double speed_mps) {
            Recipe recipe = recipe_;
            recipe.clubSpeed_mps = speed_mps;
            return shot(recipe).flight.carry_m;
        };
        const double shortest = carryAt(all.front().speed_mps),
                     longest = carryAt(all.back().speed_mps);
        Drill d = drill(Drills::tr("Distance by feel"),
                        Drills::tr("numbers between the rungs: the swing is found, not counted"));
        std::mt19937_64 chance(seed_);
        for (std::size_t i = 0; i < feltDistances; ++i) {
            const double share = static_cast<double>(chance() % 1000) / 999.0;
            const double shownUnits = bench_.units().lengthFactor();
            const double carry =
                std::round((shortest + share * (longest - shortest)) * shownUnits) / shownUnits;
            d.stations.push_back(station(Drills::tr("Land it at %1").arg(length(carry)), 1, 0,
                                         {carryAround(carry)}));
        }
        return d;
    }
    std::optional<Drill> spin() const {
        const auto& p = bench_.prediction();
        if (!p) return std::nullopt;
        const double spin = p->shot.strike.launch.spinRate_radps();
        const double half = std::max(radpsFromRpm(300), 1.3 * p->spread.spinRate_radps);
        Drill d =
            drill(Drills::tr("Spin window"), Drills::tr("the strike that this ball and face give"));
        d.stations = {station(Drills::tr("Spin it between %1 and %2")
                                  .arg(text::rpm(spin - half), text::rpm(spin + half)),
                              10, 6, {around(DrillMeasure::Spin, spin, half)})};
        return d;
    }
    std::optional<Drill> opening() const {
        Drill d = drill(Drills::tr("Opening by degrees"),
                        Drills::tr("each step has to stop sooner and still hold its distance "
                                   "before the next"));
        const double carry = shot(recipe_).flight.carry_m;
        const auto add = [&](const QString& task, double open_deg, bool across) {
            Recipe recipe = recipe_;
            recipe.open_rad = std::max(recipe.open_rad, radFromDeg(open_deg));
            if (across) recipe.bodyLine_rad -= radFromDeg(12);
            if (across) recipe.swingAlong = SwingAlong::Body;
            recipe.clubSpeed_mps = bench_.state().predictor().speedForCarry(recipe, carry);
            const ShotResult s = shot(recipe);
            DrillStation one =
                station(task.arg(text::toeClock(recipe.open_rad), length(carry)), 6, 4,
                        {{DrillMeasure::Release, -3.0, s.run.release_m + 1.0}, carryAround(carry)});
            one.scatter = DrillScatter{DrillMeasure::Carry, std::max(1.2, 0.06 * carry)};
            d.stations.push_back(std::move(one));
        };
        add(Drills::tr("Toe at %1, to land at %2"), 10, false);
        add(Drills::tr("Toe at %1, to land at %2"), 20, false);
        add(Drills::tr("Toe at %1 and across, to land at %2"), 20, true);
        return d;
    }
    std::optional<Drill> declareFirst() const {
        const ShotResult s = shot(recipe_);
        Drill d = drill(Drills::tr("Declare, then hit"),
                        Drills::tr("said before it is hit: shot, landing spot and swing; what the "
                                   "ground did is not counted"));
        const double rest = std::max(leastRest_m, restShare * s.total_m());
        d.stations = {station(
            Drills::tr("Say it, then hit it so"), 8, 5,
            {around(DrillMeasure::OffAlong, 0.0, rest),
             around(DrillMeasure::OffAcross, 0.0, std::max(1.0, 0.05 * s.flight.carry_m))})};
        return d;
    }

    const Workbench& bench_;
    const std::vector<store::KitWedge>& bag_;
    std::uint64_t seed_;
    Recipe recipe_;
};

}  // namespace

std::vector<Drill> makeDrills(const Workbench& bench, const std::vector<store::KitWedge>& bag,
                              std::uint64_t seed) {
    return Maker(bench, bag, seed).make();
}

}  // namespace wedgeon
