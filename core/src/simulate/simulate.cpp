// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Samples on all cores.
#include "wedgeon/simulate/simulate.h"

#include <algorithm>
#include <cmath>
#include <numeric>

#include "simulate/swings.h"
#include "wedgeon/batch/batch.h"
#include "wedgeon/error.h"
#include "wedgeon/parallel.h"
#include "wedgeon/shot/predictor.h"
#include "wedgeon/units.h"

namespace wedgeon {
namespace {

/// Samples that are played together.
constexpr std::size_t groupOfSamples = 256;

/// Results as columns, in the order of the samples.
struct Samples {
    explicit Samples(std::size_t n)
        : valid(n), kind(n), behaviour(n), zone(n), inWater(n), blocked(n) {
        for (auto& column : outcomes)
            column.resize(n);
    }
    std::array<std::vector<double>, outcomeCount> outcomes;
    std::vector<unsigned char> valid;
    std::vector<StrikeKind> kind;
    std::vector<Behaviour> behaviour;
    std::vector<std::size_t> zone;
    std::vector<unsigned char> inWater, blocked;
};

/// The samples from \p from to \p to, several at once.
void play(const Predictor& predictor, const Swings& swings, const ChanceMaker& chances,
          const SimulationOptions& options, Samples& samples, std::size_t from, std::size_t to) {
    ShotBatch batch(predictor.surroundings().terrain);
    batch.resize(to - from);
    // Clean strikes from the front, mishits from the back: a vector of shots takes as long as its
    // longest, and those of thin ones are long.
    std::vector<std::size_t> place(to - from);
    std::size_t front = 0, back = to - from;
    for (std::size_t i = from; i < to; ++i) {
        const Chance chance = chances.make(options.seed, i);
        Swings::Struck struck = swings.strike(chance);
        struck.delivery.path_rad += options.aim_rad;
        struck.delivery.faceAngle_rad += options.aim_rad;
        samples.kind[i] = struck.kind;
        samples.valid[i] = struck.valid;
        const std::size_t at = struck.kind == StrikeKind::Clean ? front++ : --back;
        place[i - from] = at;
        swings.put(batch, at, struck, chance);
    }
    const BatchResult result = calcBatch(batch);
    for (std::size_t i = from; i < to; ++i) {
        const std::size_t k = place[i - from];
        samples.valid[i] = samples.valid[i] && result.valid[k];
        if (!samples.valid[i]) continue;
        samples.behaviour[i] = result.behaviour(k).behaviour;
        samples.zone[i] = static_cast<std::size_t>(result(Extra::Zone, k));
        samples.inWater[i] = result(Extra::InWater, k) > 0.5;
        samples.blocked[i] = result(Extra::BlockedBy, k) >= 0.0;
    }
    for (std::size_t o = 0; o < outcomeCount; ++o) {
        for (std::size_t i = from; i < to; ++i)
            samples.outcomes[o][i] = result.outcomes[o][place[i - from]];
    }
}

/// Values in order, as far as a few places of it are asked for: sorted roughly into equal parts of
/// their range, of which only those that hold such a place are sorted on.
class Ranked {
public:
    explicit Ranked(const std::vector<double>& values)
        : sorted_(values.size()), begins_(parts + 2, 0) {
        const auto [least, most] = std::minmax_element(values.begin(), values.end());
        least_ = *least;
        perValue_ = *most > *least ? parts / (*most - *least) : 0.0;
        for (const double v : values)
            ++begins_[partOf(v) + 2];
        std::partial_sum(begins_.begin(), begins_.end(), begins_.begin());
        for (const double v : values)
            sorted_[begins_[partOf(v) + 1]++] = v;
    }

    /// The value at the \p share of the order, between neighbours.
    double at(double share) {
        const double x = share * static_cast<double>(sorted_.size() - 1);
        const auto place = static_cast<std::size_t>(x);
        const double low = valueAt(place);
        const double high = valueAt(std::min(place + 1, sorted_.size() - 1));
        return low + (x - std::floor(x)) * (high - low);
    }

private:
    static constexpr std::size_t parts = 256;

    std::size_t partOf(double v) const {
        return std::min(static_cast<std::size_t>((v - least_) * perValue_), parts - 1);
    }
    double valueAt(std::size_t place) {
        const std::size_t part = partOf(sorted_[place]);
        const auto from = sorted_.begin() + static_cast<std::ptrdiff_t>(begins_[part]);
        const auto to = sorted_.begin() + static_cast<std::ptrdiff_t>(begins_[part + 1]);
        const auto at = sorted_.begin() + static_cast<std::ptrdiff_t>(place);
        std::nth_element(from, at, to);
        return *at;
    }

    std::vector<double> sorted_;
    std::vector<std::size_t> begins_;
    double least_ = 0.0, perValue_ = 0.0;
};

Quantiles quantilesOf(const std::vector<double>& values) {
    Quantiles q;
    if (values.empty()) return q;
    const double n = static_cast<double>(values.size());
    q.mean = std::accumulate(values.begin(), values.end(), 0.0) / n;
    double squares = 0.0;
    for (const double v : values)
        squares += (v - q.mean) * (v - q.mean);
    q.sd = values.size() > 1 ? std::sqrt(squares / (n - 1.0)) : 0.0;
    Ranked ranked(values);
    q.p5 = ranked.at(0.05);
    q.p10 = ranked.at(0.10);
    q.p50 = ranked.at(0.50);
    q.p90 = ranked.at(0.90);
    q.p95 = ranked.at(0.95);
    return q;
}

Simulation summarise(const Samples& samples, std::size_t zones) {
    Simulation out;
    const std::size_t count = samples.valid.size();
    out.samples = count;
    out.zone.assign(zones, 0.0);
    std::size_t valid = 0;
    for (std::size_t i = 0; i < count; ++i) {
        if (!samples.valid[i]) {
            ++out.outside;
            continue;
        }
        ++valid;
        const StrikeKind kind = samples.kind[i];
        out.fat += kind == StrikeKind::Fat ? 1 : 0;
        out.thin += kind == StrikeKind::Thin || kind == StrikeKind::Topped ? 1 : 0;
        out.behaviour[static_cast<std::size_t>(samples.behaviour[i])] += 1;
        out.inWater += samples.inWater[i] ? 1 : 0;
        out.blocked += samples.blocked[i] ? 1 : 0;
        if (samples.zone[i] < zones) out.zone[samples.zone[i]] += 1;
    }
    const double n = static_cast<double>(std::max<std::size_t>(valid, 1));
    for (double* chance : {&out.fat, &out.thin, &out.inWater, &out.blocked})
        *chance /= n;
    for (double& chance : out.behaviour)
        chance /= n;
    for (double& chance : out.zone)
        chance /= n;
    out.clean = 1.0 - out.fat - out.thin;
    std::array<std::vector<double>, 2> rest;
    std::vector<double> values;
    for (std::size_t o = 0; o < outcomeCount; ++o) {
        values.clear();
        for (std::size_t i = 0; i < count; ++i) {
            if (samples.valid[i]) values.push_back(samples.outcomes[o][i]);
        }
        out.outcomes[o] = quantilesOf(values);
        if (o == static_cast<std::size_t>(Outcome::Total)) rest[0] = values;
        if (o == static_cast<std::size_t>(Outcome::RestSide)) rest[1] = values;
    }
    out.rest.reserve(valid);
    for (std::size_t i = 0; i < valid; ++i)
        out.rest.push_back({rest[0][i], rest[1][i]});
    return out;
}

}  // namespace

void SimulationOptions::validate() const {
    requireRange("samples", static_cast<double>(samples), 2, 2'000'000);
    requireRange("gust_share", gustShare, 0.0, 1.0);
    requireRange("aim_deg", aim_rad, radFromDeg(-60), radFromDeg(60), degFromRad(1.0));
    if (player) player->validate();
}

Simulation Predictor::simulate(const Recipe& recipe, const SimulationOptions& options) const {
    options.validate();
    const PlayerScatter scatter = options.player ? *options.player : player_.scatter();
    const Swings swings(*this, recipe, scatter);
    const ChanceMaker chances(*this, scatter, source(options.unknown), options.gustShare);
    Samples samples(options.samples);
    const unsigned threads = threadsFor(options.threads);
    // Each part holds whole groups of the batch, so that a sample's neighbours are always the same.
    const std::size_t groups = (options.samples + groupOfSamples - 1) / groupOfSamples;
    runParts(groups, threads, [&](std::size_t group) {
        play(*this, swings, chances, options, samples, group * groupOfSamples,
             std::min((group + 1) * groupOfSamples, options.samples));
    });
    return summarise(samples, surroundings_.terrain ? surroundings_.terrain->planes().size() : 0);
}

}  // namespace wedgeon
