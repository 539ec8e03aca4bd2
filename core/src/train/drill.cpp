// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Counting hits, station by station.
#include "wedgeon/train/drill.h"

#include <algorithm>
#include <cmath>
#include <numeric>
#include <random>

#include "wedgeon/error.h"

namespace wedgeon {
namespace {

constexpr double largest = 1e5;
constexpr std::size_t mostStations = 20, mostShots = 50;
constexpr std::size_t fewestForScatter = 3;

/// Whether something of the shot was seen, and whether all that was lies in its window.
DrillHit judge(const DrillStation& station, const DrillShot& shot) {
    DrillHit out;
    out.hit = true;
    for (std::size_t i = 0; i < station.windows.size(); ++i) {
        const DrillWindow& w = station.windows[i];
        const auto& value = shot[w.of];
        out.inside[i] = !value || (*value >= w.low && *value <= w.high);
        out.counts = out.counts || value.has_value();
        out.hit = out.hit && out.inside[i];
    }
    out.hit = out.hit && out.counts;
    return out;
}

std::optional<double> scatterOf(const std::vector<double>& values) {
    if (values.size() < fewestForScatter) return std::nullopt;
    const auto n = static_cast<double>(values.size());
    const double mean = std::accumulate(values.begin(), values.end(), 0.0) / n;
    double squares = 0.0;
    for (const double v : values)
        squares += (v - mean) * (v - mean);
    return std::sqrt(squares / (n - 1.0));
}

}  // namespace

void Drill::validate() const {
    requireRange("stations", static_cast<double>(stations.size()), 1, mostStations);
    for (const DrillStation& s : stations) {
        requireRange("windows", static_cast<double>(s.windows.size()), 1,
                     static_cast<double>(DrillHit{}.inside.size()));
        requireRange("shots", static_cast<double>(s.shots), 1, mostShots);
        requireRange("pass", static_cast<double>(s.pass), 0, static_cast<double>(s.shots));
        for (const DrillWindow& w : s.windows) {
            requireRange("high", w.high, -largest, largest);
            requireRange("low", w.low, -largest, w.high);
        }
        if (s.scatter)
            requireRange("scatter", s.scatter->most, std::numeric_limits<double>::min(), largest);
    }
}

std::size_t Drill::shots() const {
    return std::accumulate(stations.begin(), stations.end(), std::size_t{0},
                           [](std::size_t n, const DrillStation& s) { return n + s.shots; });
}

std::size_t DrillScore::counted() const {
    return static_cast<std::size_t>(
        std::count_if(hits.begin(), hits.end(), [](const DrillHit& h) { return h.counts; }));
}

std::size_t DrillScore::hitCount() const {
    return static_cast<std::size_t>(
        std::count_if(hits.begin(), hits.end(), [](const DrillHit& h) { return h.hit; }));
}

std::vector<std::size_t> findStations(const Drill& drill) {
    std::vector<std::size_t> out;
    for (std::size_t s = 0; s < drill.stations.size(); ++s)
        out.insert(out.end(), drill.stations[s].shots, s);
    if (drill.order == DrillOrder::InTurn) return out;
    // Fisher and Yates, by hand: the same on every machine.
    std::mt19937_64 chance(drill.seed);
    for (std::size_t i = out.size(); i > 1; --i)
        std::swap(out[i - 1], out[chance() % i]);
    return out;
}

DrillScore scoreDrill(const Drill& drill, std::span<const DrillShot> shots) {
    drill.validate();
    const std::vector<std::size_t> order = findStations(drill);
    DrillScore out;
    out.stations.resize(drill.stations.size());
    std::vector<std::vector<double>> scattered(drill.stations.size());
    std::size_t place = 0;  // in the order
    out.next = order[0];
    for (const DrillShot& shot : shots) {
        if (out.ended) break;
        const std::size_t s = order[place];
        const DrillStation& station = drill.stations[s];
        DrillHit hit = judge(station, shot);
        hit.station = s;
        out.hits.push_back(hit);
        if (!hit.counts) continue;  // nobody saw it: it is hit again
        StationScore& score = out.stations[s];
        ++score.shots;
        score.hits += hit.hit ? 1 : 0;
        if (station.scatter) {
            if (const auto& v = shot[station.scatter->of]) scattered[s].push_back(*v);
            score.scatter = scatterOf(scattered[s]);
        }
        score.done = score.shots == station.shots;
        score.passed =
            score.done && score.hits >= station.pass &&
            (!station.scatter || (score.scatter && *score.scatter <= station.scatter->most));
        ++place;
        out.ended = place == order.size() ||
                    (drill.order == DrillOrder::InTurn && score.done && !score.passed);
        if (!out.ended) out.next = order[place];
    }
    return out;
}

}  // namespace wedgeon
