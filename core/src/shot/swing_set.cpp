// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Guesses of speed.
#include "wedgeon/shot/swing_set.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <span>
#include <utility>

#include "wedgeon/error.h"

namespace wedgeon {
namespace {

constexpr double ordinaryFull_mps = 29.0;
constexpr double ordinaryHeight_m = 1.75;
constexpr std::size_t mostSwings = 12;

using Point = std::pair<double, double>;
/// Hands' height as a share of the player's to the share of the speed.
constexpr std::array<Point, 7> byHeight{{{0.0, 0.0},
                                         {0.28, 9.0 / 29},
                                         {0.50, 14.0 / 29},
                                         {0.65, 19.0 / 29},
                                         {0.82, 24.0 / 29},
                                         {1.0, 1.0},
                                         {1.2, 1.05}}};
constexpr std::array<Point, 7> byHour{
    {{6.0, 0.0}, {7.0, 0.30}, {8.0, 0.46}, {9.0, 0.62}, {10.0, 0.77}, {12.0, 1.0}, {13.0, 1.04}}};

double between(std::span<const Point> points, double x) {
    const auto above = std::find_if(points.begin() + 1, points.end() - 1,
                                    [x](const Point& p) { return p.first >= x; });
    const Point& a = *(above - 1);
    const Point& b = *above;
    return a.second + (b.second - a.second) * (x - a.first) / (b.first - a.first);
}

}  // namespace

double Build::fullSpeed_mps() const {
    double speed = ordinaryFull_mps * height_m.value_or(ordinaryHeight_m) / ordinaryHeight_m;
    if (sex == Sex::Female) speed *= 0.84;
    if (sex == Sex::Male) speed *= 1.04;
    return level == Level::Expert ? 1.12 * speed : speed;
}

LengthRange lengthRange(SwingKind kind) {
    switch (kind) {
        case SwingKind::HandHeight:
            return {0.1, 1.2};
        case SwingKind::Clock:
            return {6.0, 13.0};
        case SwingKind::Share:
        case SwingKind::TurnSpeed:
            return {0.05, 1.2};
    }
    return {0.0, 0.0};
}

double speedShare(SwingKind kind, double length) {
    switch (kind) {
        case SwingKind::HandHeight:
            return between(byHeight, length);
        case SwingKind::Clock:
            return between(byHour, length);
        case SwingKind::Share:
            return std::pow(length, 0.7);
        case SwingKind::TurnSpeed:
            return length;
    }
    return 1.0;
}

void SwingSet::validate() const {
    requireRange("swings", static_cast<double>(swings.size()), 1.0,
                 static_cast<double>(mostSwings));
    if (build.height_m) requireRange("height_m", *build.height_m, 0.8, 2.4);
    auto [low, high] = lengthRange(kind);
    double slowest = 1.0;
    for (const SwingName& s : swings) {
        requireRange("length", s.length, low, high);
        low = s.length;
        if (!s.speed_mps) continue;
        requireRange("speed_mps", *s.speed_mps, slowest, 60.0);
        slowest = *s.speed_mps;
    }
}

double SwingSet::priorSpeed_mps(std::size_t swing) const {
    const SwingName& s = swings.at(swing);
    return s.speed_mps.value_or(build.fullSpeed_mps() * speedShare(kind, s.length));
}

SwingSet SwingSet::ordinary() {
    return {SwingKind::HandHeight,
            {},
            {{"knee-high", 0.28, {}},
             {"hip-high", 0.50, {}},
             {"rib-high", 0.65, {}},
             {"shoulder-high", 0.82, {}},
             {"full", 1.0, {}}}};
}

}  // namespace wedgeon
