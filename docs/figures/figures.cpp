// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// wedgeon-figures FOLDER: every figure of docs/model.md, computed with the core.
#include <cmath>
#include <cstdio>
#include <iostream>

#include "chart.h"
#include "wedgeon/shot/predictor.h"
#include "wedgeon/units.h"

namespace {

using namespace wedgeon;
using figures::Chart;
using figures::Curve;

std::string label(const char* pattern, double value) {
    char buffer[64];
    std::snprintf(buffer, sizeof buffer, pattern, value);
    return buffer;
}

template <class F>
Curve curve(const std::string& name, double from, double to, double step, F f) {
    Curve c{name, {}, false};
    const int steps = static_cast<int>(std::lround((to - from) / step));
    for (int k = 0; k <= steps; ++k) {
        const double x = k == steps ? to : from + k * step;
        c.points.emplace_back(x, f(x));
    }
    return c;
}

const Wedge wedge{radFromDeg(56), radFromDeg(64), radFromDeg(10)};

Conditions pitch() {
    Conditions g;
    g.wedge = wedge;
    g.lie = findLie("short-dry")->lie;
    return g;
}

Chart spinOverSpinLoft() {
    Chart chart{"Spin against spin loft, 20 m/s", "spin loft [deg]", "spin [rpm]", {}, {}};
    for (const double friction : {0.45, 0.40, 0.25, 0.15, 0.08}) {
        Contact contact;
        contact.friction = friction;
        const auto spin = [&](double loft) {
            return rpmFromRadps(
                calcStrike({20, 0, 0, radFromDeg(loft), 0}, contact).launch.spinRate_radps());
        };
        chart.curves.push_back(curve(label("friction %.2f", friction), 5, 75, 0.5, spin));
        std::pair<double, double> peak{0, 0};
        for (const auto& p : chart.curves.back().points) {
            if (p.second > peak.second) peak = p;
        }
        chart.marks.push_back(peak);
    }
    return chart;
}

Chart loftAndFace() {
    Chart chart{"56 degree wedge: opening and leaning",
                "face angle [deg], right is positive",
                "dynamic loft [deg]",
                {},
                {}};
    const auto at = [](double open, double lean) {
        const FaceAim aim = calcFace(wedge, {radFromDeg(open), radFromDeg(lean)});
        return std::pair{degFromRad(aim.faceAngle_rad), degFromRad(aim.dynamicLoft_rad)};
    };
    for (const double lean : {-5.0, 0.0, 5.0, 10.0, 15.0}) {
        Curve c{label("lean %.0f", lean), {}, false};
        for (double open = -20; open <= 30; open += 1)
            c.points.push_back(at(open, lean));
        chart.curves.push_back(c);
    }
    for (const double open : {-20.0, -10.0, 0.0, 10.0, 20.0, 30.0}) {
        Curve c{"", {}, true};
        for (double lean = -5; lean <= 15; lean += 1)
            c.points.push_back(at(open, lean));
        chart.curves.push_back(c);
        chart.marks.push_back(at(open, 0));
    }
    return chart;
}

Chart releaseOverLanding() {
    Chart chart{"Release against landing angle, 14 m/s, ordinary green",
                "landing angle [deg]",
                "release [m]",
                {},
                {}};
    for (const double rpm : {1000.0, 3000.0, 5000.0, 7000.0, 9000.0}) {
        chart.curves.push_back(curve(label("%.0f rpm", rpm), 25, 60, 0.5, [&](double angle) {
            const double a = radFromDeg(angle);
            return calcRun({14 * std::cos(a), -14 * std::sin(a), 0}, {0, 0, radpsFromRpm(rpm)}, {})
                .release_m;
        }));
    }
    return chart;
}

std::vector<Chart> flights() {
    Chart carry{"Carry, ball speed 25 m/s", "launch [deg]", "carry [m]", {}, {}};
    Chart apex{"Apex", "launch [deg]", "apex [m]", {}, {}};
    Chart landing{"Landing angle", "launch [deg]", "landing angle [deg]", {}, {}};
    for (const double rpm : {2000.0, 4000.0, 6000.0, 8000.0, 10000.0}) {
        const auto fly = [&](double launch) {
            return calcFlight(launchFromAngles(25, radFromDeg(launch), 0, radpsFromRpm(rpm), 0),
                              {});
        };
        const std::string name = label("%.0f rpm", rpm);
        carry.curves.push_back(curve(name, 20, 45, 0.5, [&](double l) { return fly(l).carry_m; }));
        apex.curves.push_back(curve(name, 20, 45, 0.5, [&](double l) { return fly(l).apex_m; }));
        landing.curves.push_back(curve(
            name, 20, 45, 0.5, [&](double l) { return degFromRad(fly(l).landingAngle_rad()); }));
    }
    return {carry, apex, landing};
}

std::vector<Chart> delivery() {
    Chart attack{"Attack by ball position, weight 55 %",
                 "ball [balls ahead of the middle]",
                 "attack [deg]",
                 {},
                 {}};
    Chart path{"Path by ball position",
               "ball [balls ahead of the middle]",
               "path [deg], right is positive",
               {},
               {}};
    for (const double radius : {0.8, 1.1, 1.5}) {
        const auto swing = [&](double balls) {
            Recipe r;
            r.swingRadius_m = radius;
            r.ballForward_m = balls * constants::ballWidth_m;
            return calcSwing(wedge, r).delivery;
        };
        const std::string name = label("R %.1f m", radius);
        attack.curves.push_back(
            curve(name, -2, 1, 0.05, [&](double b) { return degFromRad(swing(b).attack_rad); }));
        path.curves.push_back(
            curve(name, -2, 1, 0.05, [&](double b) { return degFromRad(swing(b).path_rad); }));
    }
    return {attack, path};
}

std::vector<Chart> lies() {
    Chart friction{"Friction by cover, soft ball, fresh face", "cover", "friction", {}, {}};
    Chart kept{"Speed kept by cover", "cover", "share of the club speed", {}, {}};
    const auto contact = [](double cover, double moisture, double grain) {
        return calcContact(BallKind::Soft, FaceCondition::FreshDry,
                           {cover, moisture, radFromDeg(grain), 0.004, 1});
    };
    for (const double moisture : {0.0, 0.5, 1.0}) {
        friction.curves.push_back(
            curve(label("moisture %.1f", moisture), 0, 1, 0.01,
                  [&](double c) { return contact(c, moisture, 0).friction; }));
    }
    for (const auto& [grain, name] :
         {std::pair{0.0, "with the grain"}, {90.0, "across"}, {180.0, "against it"}}) {
        kept.curves.push_back(curve(name, 0, 1, 0.01, [g = grain, &contact](double c) {
            return contact(c, 0.7, g).speedKept;
        }));
    }
    return {friction, kept};
}

std::vector<Chart> margin() {
    Chart chance{
        "Chance by aimed depth, short grass", "depth at the low point [mm]", "chance", {}, {}};
    const Conditions g = pitch();
    const ShotResult shot = Predictor({}, g).shot({});
    const auto at = [&](double mm) {
        return calcStrikeChances(Predictor({}, g).solePass(shot, mm / 1000), g.lie, {});
    };
    chance.curves.push_back(curve("thin", -10, 20, 0.25, [&](double d) { return at(d).thin; }));
    chance.curves.push_back(curve("clean", -10, 20, 0.25, [&](double d) { return at(d).clean; }));
    chance.curves.push_back(curve("fat", -10, 20, 0.25, [&](double d) { return at(d).fat; }));

    Chart best{"Clean at the best depth, by dynamic loft", "dynamic loft [deg]", "chance", {}, {}};
    for (const auto& [sit, name] : {std::pair{0.0, "bare"}, {4.0, "4 mm up"}, {10.0, "10 mm up"}}) {
        best.curves.push_back(curve(name, 38, 64, 0.5, [&, sit = sit](double loft) {
            SolePass pass = Predictor({}, g).solePass(shot);
            pass.dynamicLoft_rad = radFromDeg(loft);
            const Lie lie{0, 0.2, 0, sit / 1000, 1.0};
            pass.depth_m = calcMargin(pass, lie).aim_m;
            return calcStrikeChances(pass, lie, {}).clean;
        }));
    }
    return {chance, best};
}

std::vector<Chart> groundAndAir() {
    Chart slope{"Release by slope, a pitch of 21 m/s",
                "slope [%], rising is positive",
                "release [m]",
                {},
                {}};
    for (const double stimp : {8.0, 10.0, 12.0}) {
        slope.curves.push_back(curve(label("green %.0f ft", stimp), -6, 6, 0.2, [&](double pct) {
            Conditions g = pitch();
            Recipe r;
            r.lean_rad = radFromDeg(6);
            r.clubSpeed_mps = 12;
            g.ground.stimp_ft = stimp;
            g.ground.slopeAlong = pct / 100;
            return Predictor({}, g).shot(r).run.release_m;
        }));
    }
    slope.title = "Release by slope, a chip of 12 m/s";
    Chart wind{
        "Carry by wind, 30 m/s of club speed", "wind [m/s], with is positive", "carry [m]", {}, {}};
    for (const double c : {0.0, 15.0, 30.0}) {
        wind.curves.push_back(curve(label("%.0f °C", c), -8, 8, 0.25, [&](double w) {
            Conditions g = pitch();
            Recipe r;
            r.clubSpeed_mps = 30;
            g.air.windAhead_mps = w;
            g.air.temperature_c = c;
            return Predictor({}, g).shot(r).flight.carry_m;
        }));
    }
    return {slope, wind};
}

std::vector<Chart> scatter() {
    Chart carry{"Carry of 20,000 swings, 20 m/s", "carry [m]", "share in each metre", {}, {}};
    for (const auto& [key, name] : {std::pair{"short-dry", "short grass"}, {"bare", "bare"}}) {
        Conditions g = pitch();
        g.lie = findLie(key)->lie;
        Recipe r;
        r.clubSpeed_mps = 20;
        r.open_rad = radFromDeg(10);
        SimulationOptions options;
        options.samples = 20000;
        const Simulation s = Predictor({}, g).simulate(r, options);
        std::vector<double> share(60, 0.0);
        for (std::size_t i = 0; i < s.rest.size(); ++i) {
            const double at = std::min(std::max(s.rest[i][0], 0.0), 59.0);
            share[static_cast<std::size_t>(at)] += 1.0 / static_cast<double>(s.rest.size());
        }
        Curve c{name, {}, false};
        for (std::size_t m = 0; m < share.size(); ++m) {
            c.points.emplace_back(static_cast<double>(m) + 0.5, share[m]);
        }
        carry.curves.push_back(c);
    }
    carry.title = "Rest of 20,000 swings, 20 m/s, opened 10 degrees";
    carry.across = "carry and release [m]";
    return {carry};
}

}  // namespace

int main(int argc, char** argv) {
    if (argc != 2) {
        std::cerr << "usage: wedgeon-figures FOLDER\n";
        return 2;
    }
    try {
        const std::string folder = std::string(argv[1]) + "/";
        figures::writeFigure(folder + "face.svg", {loftAndFace()});
        figures::writeFigure(folder + "delivery.svg", delivery());
        figures::writeFigure(folder + "lie.svg", lies());
        figures::writeFigure(folder + "strike.svg", {spinOverSpinLoft()});
        figures::writeFigure(folder + "margin.svg", margin());
        figures::writeFigure(folder + "flight.svg", flights());
        figures::writeFigure(folder + "ground.svg", {releaseOverLanding()});
        figures::writeFigure(folder + "slope-and-wind.svg", groundAndAir());
        figures::writeFigure(folder + "scatter.svg", scatter());
    } catch (const std::exception& e) {
        std::cerr << "wedgeon-figures: " << e.what() << "\n";
        return 1;
    }
    return 0;
}
