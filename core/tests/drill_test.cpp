// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Drills scored on made-up sessions, beside counting by hand.
#include "wedgeon/train/drill.h"

#include <gtest/gtest.h>

#include <algorithm>
#include <cmath>
#include <limits>
#include <random>

#include "wedgeon/error.h"

namespace wedgeon {
namespace {

DrillStation station(double low, double high, std::size_t shots, std::size_t pass) {
    DrillStation s;
    s.windows = {{DrillMeasure::Carry, low, high}};
    s.shots = shots;
    s.pass = pass;
    return s;
}

DrillShot carried(std::optional<double> carry_m) {
    DrillShot out;
    out[DrillMeasure::Carry] = carry_m;
    return out;
}

/// The same by the plainest way: every prefix anew, by the words of the definition.
struct Counted {
    std::vector<std::size_t> shots, hits;
    bool ended = false;
    std::size_t used = 0;
};
Counted countByHand(const Drill& drill, const std::vector<DrillShot>& shots) {
    Counted out;
    out.shots.assign(drill.stations.size(), 0);
    out.hits.assign(drill.stations.size(), 0);
    const auto order = findStations(drill);
    std::size_t place = 0;
    for (const DrillShot& shot : shots) {
        if (place == order.size()) break;
        const std::size_t s = order[place];
        ++out.used;
        int seen = 0, missed = 0;
        for (const DrillWindow& w : drill.stations[s].windows) {
            const auto v = shot[w.of];
            if (!v) continue;
            ++seen;
            if (*v < w.low || *v > w.high) ++missed;
        }
        if (seen == 0) continue;
        ++out.shots[s];
        if (missed == 0) ++out.hits[s];
        ++place;
        const bool gate = drill.order == DrillOrder::InTurn &&
                          out.shots[s] == drill.stations[s].shots &&
                          out.hits[s] < drill.stations[s].pass;
        if (gate) {
            out.ended = true;
            return out;
        }
    }
    out.ended = place == order.size();
    return out;
}

TEST(Drill, MadeUpSessionsScoreAsByHand) {
    std::mt19937_64 chance(7);
    const auto pick = [&](int from, int to) {
        return std::uniform_int_distribution<int>(from, to)(chance);
    };
    int ended = 0, stopped = 0;
    for (int i = 0; i < 3000; ++i) {
        Drill drill;
        drill.order = pick(0, 1) == 0 ? DrillOrder::InTurn : DrillOrder::ByChance;
        drill.seed = static_cast<std::uint64_t>(i);
        for (int s = pick(1, 4); s > 0; --s) {
            const auto shots = static_cast<std::size_t>(pick(1, 6));
            DrillStation one = station(pick(10, 20), pick(21, 40), shots,
                                       static_cast<std::size_t>(pick(0, static_cast<int>(shots))));
            if (pick(0, 1) == 0) one.windows.push_back({DrillMeasure::Spin, 400, 600});
            drill.stations.push_back(one);
        }
        std::vector<DrillShot> shots;
        for (int k = pick(0, 30); k > 0; --k) {
            DrillShot shot =
                carried(pick(0, 5) == 0 ? std::nullopt : std::optional<double>(pick(5, 45)));
            if (pick(0, 2) == 0) shot[DrillMeasure::Spin] = pick(300, 700);
            shots.push_back(shot);
        }
        const DrillScore score = scoreDrill(drill, shots);
        const Counted wanted = countByHand(drill, shots);
        ASSERT_EQ(score.ended, wanted.ended) << i;
        ASSERT_EQ(score.hits.size(), wanted.used) << i;
        for (std::size_t s = 0; s < drill.stations.size(); ++s) {
            ASSERT_EQ(score.stations[s].shots, wanted.shots[s]) << i;
            ASSERT_EQ(score.stations[s].hits, wanted.hits[s]) << i;
        }
        ended += score.ended ? 1 : 0;
        stopped += score.ended && score.counted() < drill.shots() ? 1 : 0;
    }
    EXPECT_GT(ended, 500);
    EXPECT_GT(stopped, 200);
}

TEST(Drill, AGateKeepsTheHighOneUntilLowAndMiddleArePassed) {
    Drill drill;
    drill.stations = {station(20, 30, 3, 2), station(20, 30, 3, 3), station(20, 30, 2, 1)};
    std::vector<DrillShot> shots(3, carried(25));
    EXPECT_EQ(scoreDrill(drill, shots).next, 1u);
    shots.push_back(carried(25));
    shots.push_back(carried(31));
    EXPECT_FALSE(scoreDrill(drill, shots).ended);
    shots.push_back(carried(25));
    const DrillScore score = scoreDrill(drill, shots);
    EXPECT_TRUE(score.ended);
    EXPECT_TRUE(score.stations[0].passed);
    EXPECT_FALSE(score.stations[1].passed);
    EXPECT_FALSE(score.stations[2].done);
    shots.push_back(carried(25));  // after the end
    EXPECT_EQ(scoreDrill(drill, shots).hits.size(), 6u);
}

TEST(Drill, AStationMayAskForConsistency) {
    Drill drill;
    drill.stations = {station(20, 40, 4, 4)};
    drill.stations[0].scatter = DrillScatter{DrillMeasure::Carry, 2.0};
    const auto with = [&](std::initializer_list<double> carries) {
        std::vector<DrillShot> shots;
        for (const double c : carries)
            shots.push_back(carried(c));
        return scoreDrill(drill, shots).stations[0];
    };
    EXPECT_TRUE(with({30, 31, 29, 30}).passed);
    EXPECT_FALSE(with({25, 35, 25, 35}).passed);
    EXPECT_NEAR(*with({29, 30, 31}).scatter, 1.0, 1e-12);
    EXPECT_FALSE(with({29, 30}).scatter);
}

TEST(Drill, ByChanceEachStationComesAsOftenAsItHasShots) {
    Drill drill;
    drill.order = DrillOrder::ByChance;
    drill.stations = {station(0, 1, 5, 0), station(0, 1, 2, 0), station(0, 1, 7, 0)};
    const auto order = findStations(drill);
    ASSERT_EQ(order.size(), 14u);
    EXPECT_EQ(std::count(order.begin(), order.end(), 0u), 5);
    EXPECT_EQ(std::count(order.begin(), order.end(), 2u), 7);
    EXPECT_EQ(findStations(drill), order);
    drill.seed = 2;
    EXPECT_NE(findStations(drill), order);
}

TEST(Drill, WhatIsNoDrillIsRefused) {
    const auto refused = [](const auto& spoil) {
        Drill drill;
        drill.stations = {station(1, 2, 3, 2)};
        spoil(drill);
        EXPECT_THROW(scoreDrill(drill, {}), RangeError);
    };
    refused([](Drill& d) { d.stations.clear(); });
    refused([](Drill& d) { d.stations[0].windows.clear(); });
    refused([](Drill& d) { d.stations[0].windows.resize(7); });
    refused([](Drill& d) { d.stations[0].shots = 0; });
    refused([](Drill& d) { d.stations[0].pass = 4; });
    refused(
        [](Drill& d) { std::swap(d.stations[0].windows[0].low, d.stations[0].windows[0].high); });
    refused(
        [](Drill& d) { d.stations[0].windows[0].high = std::numeric_limits<double>::quiet_NaN(); });
    refused([](Drill& d) { d.stations[0].scatter = DrillScatter{DrillMeasure::Carry, 0.0}; });
    refused([](Drill& d) { d.stations.resize(21, d.stations[0]); });
}

}  // namespace
}  // namespace wedgeon
