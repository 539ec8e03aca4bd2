// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// A ladder in the conditions of a day, asked for a distance; what lies between its rungs.
#include <algorithm>
#include <cmath>
#include <numeric>

#include "tune/robust_fit.h"
#include "wedgeon/error.h"
#include "wedgeon/ladder/ladder.h"
#include "wedgeon/normal.h"

namespace wedgeon {
namespace {

constexpr double near_m = 3.0;
/// A shorter swing than the shortest that has a name, and a longer one than the longest.
constexpr double leastSpeed = 0.35, mostSpeed = 1.02;
/// Distance goes with the speed to about this power below a single rung.
constexpr double rungPower = 1.7;
/// Beyond these a player's scatter is not believed to differ from the model's.
constexpr double leastScale = 0.5, mostScale = 2.0;
/// A gap is a stretch longer than this that no shot reaches.
constexpr double leastGap_m = 2.0;

Predictor predictorOf(const Ladder& ladder, std::size_t club, const Conditions& where) {
    Conditions c = where;
    c.wedge = ladder.clubs[club].wedge;
    return {ladder.player, std::move(c)};
}

/// Speed and distance of the rungs, by their logarithms.
class Curve {
public:
    void add(double speed, double distance) {
        const double x = std::log(speed);
        if (!x_.empty() && x <= x_.back() + 1e-6) {
            y_.back() = std::max(y_.back(), std::log(distance));
            return;
        }
        y_.push_back(std::max(std::log(distance), y_.empty() ? -1e9 : y_.back() + 1e-6));
        x_.push_back(x);
    }
    bool empty() const { return x_.empty(); }
    /// The speed for a distance; nothing outside what the player swings.
    std::optional<double> speedFor(double distance) const {
        const double y = std::log(distance);
        std::size_t i = 1;
        while (i + 1 < x_.size() && y_[i] < y)
            ++i;
        double x;
        if (x_.size() == 1) {
            x = x_[0] + (y - y_[0]) / rungPower;
        } else {
            const double share = (y - y_[i - 1]) / (y_[i] - y_[i - 1]);
            x = x_[i - 1] + share * (x_[i] - x_[i - 1]);
        }
        if (x < x_.front() + std::log(leastSpeed) || x > x_.back() + std::log(mostSpeed))
            return std::nullopt;
        return std::exp(x);
    }

private:
    std::vector<double> x_, y_;
};

/// Chance of being within the near distance, \p along off on average and known to \p sd, \p across
/// beside the line.
double chanceNear(double along, double across, double sd) {
    if (std::abs(across) >= near_m) return 0.0;
    const double half = std::sqrt(near_m * near_m - across * across);
    if (sd < 1e-6) return std::abs(along) <= half ? 1.0 : 0.0;
    return normalShare((half - along) / sd) - normalShare((-half - along) / sd);
}

/// Of landing: along and across the line as two normals.
double chanceOfLanding(double alongSd, double acrossSd) {
    constexpr int steps = 60;
    if (acrossSd < 1e-6) return chanceNear(0.0, 0.0, alongSd);
    double sum = 0.0;
    for (int i = 0; i < steps; ++i) {
        const double a = near_m * (2.0 * i / steps - 1.0);
        const double b = a + 2.0 * near_m / steps;
        sum += (normalShare(b / acrossSd) - normalShare(a / acrossSd)) *
               chanceNear(0.0, (a + b) / 2, alongSd);
    }
    return sum;
}

double deviation(const Quantiles& q) {
    return (q.p90 - q.p10) / (2 * halfOf80);
}

/// The rung nearest in speed tells how far the shots scatter and how well they are known, as
/// shares of the carry.
struct Known {
    double scatter = 0.0, sd = 0.0;
};
Known knownNear(const LadderLine& line, double speed) {
    const auto& r = *std::min_element(
        line.rungs.begin(), line.rungs.end(), [speed](const LadderRung& a, const LadderRung& b) {
            return std::abs(a.clubSpeed_mps - speed) < std::abs(b.clubSpeed_mps - speed);
        });
    Known out;
    out.sd = std::log(r.high80_m / r.low80_m) / (2 * halfOf80);
    const double all = std::log(r.shotsHigh80_m / r.shotsLow80_m) / (2 * halfOf80);
    out.scatter = std::sqrt(std::max(all * all - out.sd * out.sd, 0.0));
    return out;
}

double findOdds(const Predictor& predictor, const LadderLine& line, const Recipe& recipe,
                double distance_m, LadderMeasure measure, std::size_t samples) {
    SimulationOptions options;
    options.samples = samples;
    // How far the ball goes is the rung's to know; what the ground does is not.
    const SpreadSource ground = options.unknown;
    options.unknown = SpreadSource::none();
    options.unknown.firmness = ground.firmness;
    options.unknown.groundFriction = ground.groundFriction;
    options.unknown.greenSpeed = ground.greenSpeed;
    const Simulation played = predictor.simulate(recipe, options);
    const Known known = knownNear(line, recipe.clubSpeed_mps);
    const double sd = known.sd * distance_m;
    // The logged scatter is that of sound strikes; a mishit ends somewhere else.
    if (measure == LadderMeasure::Carry)
        return played.clean * chanceOfLanding(std::hypot(known.scatter * distance_m, sd),
                                              deviation(played[Outcome::Side]));
    std::vector<double> along, across, off;
    for (const auto& r : played.rest) {
        along.push_back(r[0]);
        across.push_back(r[1]);
    }
    if (along.empty()) return 0.0;
    // He aims for the middle of his shots to end at the distance.
    const double middle = tune::medianOf(along);
    const double side = tune::medianOf(across);
    off.reserve(along.size());
    for (const double a : along)
        off.push_back(std::abs(a - middle));
    const double modelled = tune::madToSd * tune::medianOf(off) / std::max(middle, 0.5);
    const double scale =
        std::clamp(known.scatter / std::max(modelled, 1e-3), leastScale, mostScale);
    double sum = 0.0;
    for (std::size_t i = 0; i < along.size(); ++i)
        sum += chanceNear(scale * (along[i] - middle), across[i] - side, sd);
    return sum / static_cast<double>(along.size());
}

}  // namespace

std::vector<std::vector<RungPlayed>> playLadder(const Ladder& ladder, const Conditions& today) {
    std::vector<std::vector<RungPlayed>> out;
    out.reserve(ladder.lines.size());
    for (const LadderLine& line : ladder.lines) {
        const Predictor plain = predictorOf(ladder, line.club, ladder.plain);
        const Predictor here = predictorOf(ladder, line.club, today);
        auto& rungs = out.emplace_back();
        rungs.reserve(line.rungs.size());
        for (const LadderRung& rung : line.rungs) {
            RungPlayed& r = rungs.emplace_back();
            Recipe recipe = line.recipe;
            recipe.clubSpeed_mps = rung.clubSpeed_mps;
            try {
                const double there = plain.shot(recipe).flight.carry_m;
                r.carry_m = rung.carry_m * here.shot(recipe).flight.carry_m / there;
                // Its run is that of a shot that carries as far.
                recipe.clubSpeed_mps = here.speedForCarry(recipe, r.carry_m);
                const ShotResult shot = here.shot(recipe);
                r.total_m = shot.total_m();
                r.launch_rad = shot.strike.launch.angle_rad();
                r.landing_rad = shot.flight.landingAngle_rad();
                r.spin_radps = shot.strike.launch.spinRate_radps();
                r.apex_m = shot.flight.apex_m;
                r.plays = true;
            } catch (const RangeError&) {
                r.plays = false;
            }
        }
        // The model's run may fall where the landing gets steeper.
        for (double RungPlayed::*measure : {&RungPlayed::carry_m, &RungPlayed::total_m}) {
            std::vector<double> values;
            for (const RungPlayed& r : rungs) {
                if (r.plays) values.push_back(r.*measure);
            }
            makeMonotone(values);
            std::size_t at = 0;
            for (RungPlayed& r : rungs) {
                if (r.plays) r.*measure = values[at++];
            }
        }
    }
    return out;
}

std::vector<LadderReach> reachDistance(const Ladder& ladder,
                                       const std::vector<std::vector<RungPlayed>>& played,
                                       const Conditions& today, double distance_m,
                                       LadderMeasure measure, std::size_t samples,
                                       std::span<const std::size_t> lines) {
    std::vector<std::size_t> all(ladder.lines.size());
    std::iota(all.begin(), all.end(), std::size_t{0});
    std::vector<LadderReach> out;
    out.reserve(ladder.lines.size());
    for (const std::size_t l : lines.empty() ? std::span<const std::size_t>(all) : lines) {
        const LadderLine& line = ladder.lines[l];
        LadderReach& reach = out.emplace_back();
        reach.line = l;
        reach.recipe = line.recipe;
        Curve asked;
        std::vector<Rung> rungs;
        for (std::size_t i = 0; i < line.rungs.size(); ++i) {
            const RungPlayed& r = played[l][i];
            if (!r.plays) continue;
            const double speed = line.rungs[i].clubSpeed_mps;
            asked.add(speed, measure == LadderMeasure::Carry ? r.carry_m : r.total_m);
            rungs.push_back({ladder.swings.swings[line.rungs[i].swing].name, speed, 0.0, 0});
        }
        if (asked.empty() || !(distance_m > 0.0)) continue;
        const auto speed = asked.speedFor(distance_m);
        if (!speed) continue;
        reach.swing = SwingLadder(std::move(rungs)).sizeOf(*speed);
        reach.recipe.clubSpeed_mps = *speed;
        try {
            const Predictor here = predictorOf(ladder, line.club, today);
            reach.within3m = findOdds(here, line, reach.recipe, distance_m, measure, samples);
            const ShotResult shot = here.shot(reach.recipe);
            // What the rungs say of the distance, the model of its other part.
            const double run = shot.total_m() - shot.flight.carry_m;
            reach.carry_m = measure == LadderMeasure::Carry ? distance_m : distance_m - run;
            reach.total_m = reach.carry_m + run;
            reach.reaches = true;
        } catch (const RangeError&) {
            reach.reaches = false;
        }
    }
    return out;
}

SwingLadder swingsOf(const Ladder& ladder) {
    std::vector<Rung> out(ladder.swings.swings.size());
    std::vector<double> weights(out.size(), 0.0), squares(out.size(), 0.0);
    std::vector<std::size_t> spread(out.size(), 0);  // shots behind it
    for (const LadderLine& line : ladder.lines) {
        if (line.way != Way::Plain) continue;
        for (const LadderRung& r : line.rungs) {
            // A guess counts where there is nothing else.
            const double w = r.shots == 0 ? 1e-3 : static_cast<double>(r.shots);
            out[r.swing].speed_mps += w * r.clubSpeed_mps;
            out[r.swing].shots += r.shots;
            weights[r.swing] += w;
            if (r.speedSd_mps <= 0.0) continue;
            squares[r.swing] += static_cast<double>(r.shots) * r.speedSd_mps * r.speedSd_mps;
            spread[r.swing] += r.shots;
        }
    }
    std::vector<Rung> there;
    for (std::size_t i = 0; i < out.size(); ++i) {
        if (weights[i] == 0.0) continue;
        out[i].speed_mps /= weights[i];
        if (spread[i] > 0) out[i].sd_mps = std::sqrt(squares[i] / static_cast<double>(spread[i]));
        out[i].swing = ladder.swings.swings[i].name;
        there.push_back(std::move(out[i]));
    }
    return SwingLadder(std::move(there));
}

std::optional<std::size_t> bestReach(const std::vector<LadderReach>& reaches) {
    std::optional<std::size_t> best;
    for (std::size_t i = 0; i < reaches.size(); ++i) {
        if (reaches[i].reaches && (!best || reaches[i].within3m > reaches[*best].within3m))
            best = i;
    }
    return best;
}

namespace {

struct Place {
    std::array<std::size_t, 2> at;
    const LadderRung* rung;
};

/// The rungs of the lines that are played as they are, by carry.
std::vector<Place> plainRungs(const Ladder& ladder) {
    std::vector<Place> out;
    for (std::size_t l = 0; l < ladder.lines.size(); ++l) {
        if (ladder.lines[l].way != Way::Plain) continue;
        for (std::size_t i = 0; i < ladder.lines[l].rungs.size(); ++i)
            out.push_back({{l, i}, &ladder.lines[l].rungs[i]});
    }
    std::sort(out.begin(), out.end(),
              [](const Place& a, const Place& b) { return a.rung->carry_m < b.rung->carry_m; });
    return out;
}

}  // namespace

std::vector<LadderGap> findGaps(const Ladder& ladder) {
    std::vector<LadderGap> out;
    const Place* below = nullptr;
    double reached_m = 0.0;
    std::size_t guesses = 0;
    const std::vector<Place> all = plainRungs(ladder);
    for (const Place& p : all) {
        if (p.rung->predicted) {
            ++guesses;
            continue;
        }
        if (below && p.rung->shotsLow80_m - reached_m > leastGap_m)
            out.push_back({below->at, p.at, below->rung->carry_m, p.rung->carry_m, guesses});
        below = &p;
        reached_m = std::max(reached_m, p.rung->shotsHigh80_m);
        guesses = 0;
    }
    return out;
}

std::vector<LadderOverlap> findOverlaps(const Ladder& ladder) {
    std::vector<LadderOverlap> out;
    const std::vector<Place> all = plainRungs(ladder);
    const auto half = [](const LadderRung& r) { return (r.shotsHigh80_m - r.shotsLow80_m) / 2; };
    for (std::size_t i = 0; i < all.size(); ++i) {
        for (std::size_t j = i + 1; j < all.size(); ++j) {
            const LadderRung& a = *all[i].rung;
            const LadderRung& b = *all[j].rung;
            if (a.predicted || b.predicted ||
                ladder.lines[all[i].at[0]].club == ladder.lines[all[j].at[0]].club)
                continue;
            const double differ = b.carry_m - a.carry_m;
            if (differ < std::min(half(a), half(b))) out.push_back({all[i].at, all[j].at, differ});
        }
    }
    std::sort(out.begin(), out.end(), [](const LadderOverlap& a, const LadderOverlap& b) {
        return a.differ_m < b.differ_m;
    });
    return out;
}

}  // namespace wedgeon
