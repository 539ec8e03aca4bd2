// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Samples on all cores.
#include "wedgeon/simulate/simulate.h"

#include <Eigen/Cholesky>
#include <Eigen/Core>
#include <algorithm>
#include <cmath>
#include <numeric>

#include "shot/sole_factor.h"
#include "simulate/random_stream.h"
#include "wedgeon/batch/batch.h"
#include "wedgeon/error.h"
#include "wedgeon/parallel.h"
#include "wedgeon/shot/predictor.h"

namespace wedgeon {
namespace {

/// Samples that are played together.
constexpr std::size_t groupOfSamples = 256;

using Lower = Eigen::Matrix<double, scatterCount, scatterCount>;

/// Cholesky factor of the correlation.
Lower factor(const PlayerScatter& player) {
    Lower correlation;
    for (int i = 0; i < correlation.rows(); ++i) {
        for (int j = 0; j < correlation.cols(); ++j)
            correlation(i, j) =
                player.correlation[static_cast<std::size_t>(i)][static_cast<std::size_t>(j)];
    }
    const Eigen::LLT<Lower> factored(correlation);
    // Not positive definite: some pivot is none.
    if (factored.info() != Eigen::Success) throw RangeError("player.correlation", 0, 1e-12, 1);
    return factored.matrixL();
}

struct Sample {
    bool valid = false;
    std::array<double, outcomeCount> outcomes{};
    StrikeKind kind = StrikeKind::Clean;
    Behaviour behaviour = Behaviour::Releases;
    std::size_t zone = 0;
    bool inWater = false;
    bool blocked = false;
};

/// One swing as it comes to the ball, and what it meets.
struct Drawn {
    bool valid = false;  // the sole and the turf have an answer
    StrikeKind kind = StrikeKind::Clean;
    Delivery delivery;
    Contact contact;
    StrikeLaw law;
    Air air;
    double firm = 1.0, grip = 1.0;  // factors on the ground
};

/// One recipe's simulation; the samples share what does not change.
class Player {
public:
    Player(const Predictor& predictor, const Recipe& recipe, const SimulationOptions& options)
        : predictor_(predictor),
          options_(options),
          planned_(predictor.shot(recipe)),
          pass_(predictor.solePass(planned_)),
          scatter_(options.player ? *options.player : predictor.player().scatter()),
          unknown_(predictor.source(options.unknown)),
          lower_(factor(scatter_)) {
        // What is unusual scatters the strike, whoever swings.
        const double grows = soleFactor(predictor.player(), recipe);
        for (const Scatter s : {Scatter::LowPoint, Scatter::Depth})
            scatter_.sd[static_cast<std::size_t>(s)] *= grows;
    }

    Drawn draw(std::uint64_t number) const {
        RandomStream random(options_.seed, number);
        std::array<double, scatterCount> z{};
        for (double& v : z)
            v = random.normal();
        const Eigen::Map<const Eigen::Vector<double, scatterCount>> independent(z.data());
        const Eigen::Vector<double, scatterCount> together = lower_ * independent;
        const auto off = [&](Scatter s) {
            const auto i = static_cast<std::size_t>(s);
            return scatter_.sd[i] * together[static_cast<int>(s)];
        };
        Drawn out;
        Delivery& d = out.delivery = planned_.swing.delivery;
        d.clubSpeed_mps *= std::max(0.05, 1.0 + off(Scatter::Speed));
        d.attack_rad += off(Scatter::Attack);
        d.path_rad += off(Scatter::Path);
        d.faceAngle_rad += off(Scatter::Face);
        d.dynamicLoft_rad += off(Scatter::Loft);

        const SpreadSource& u = unknown_;
        Contact& contact = out.contact = planned_.contact;
        contact.friction *= std::max(0.1, 1.0 + u.frictionShare * random.normal());
        contact.tangentialRestitution += u.tangentialRestitution * random.normal();
        contact.tangentialSlope_spm += u.tangentialSlope_spm * random.normal();
        out.law.restitution0 += u.restitution0 * random.normal();
        out.air = predictor_.surroundings().air;
        const double gust = 1.0 + options_.gustShare * random.normal();
        out.air.windAhead_mps *= gust;
        out.air.windRight_mps *= gust;
        out.firm = std::max(0.3, 1.0 + u.groundFirmnessShare * random.normal());
        out.grip = std::max(0.3, 1.0 + u.groundFrictionShare * random.normal());

        SolePass pass = pass_;
        pass.lowPoint_m += off(Scatter::LowPoint);
        pass.depth_m += off(Scatter::Depth);
        pass.dynamicLoft_rad = d.dynamicLoft_rad;
        try {
            const StrikeEffect effect = calcStrikeEffect(pass, predictor_.conditions().lie);
            out.kind = effect.contact;
            d.dynamicLoft_rad = effect.dynamicLoft_rad;
            contact.speedKept *= effect.speedKept;
            contact.headShare = effect.headShare;
            contact.friction = std::max(0.02, contact.friction * effect.frictionKept);
            out.valid = true;
        } catch (const RangeError&) {
            out.valid = false;
        }
        return out;
    }

    /// All samples from \p from to \p to, several at once.
    void play(std::vector<Sample>& samples, std::size_t from, std::size_t to) const {
        if (predictor_.surroundings().terrain) {
            for (std::size_t i = from; i < to; ++i)
                samples[i] = playOver(draw(i));
            return;
        }
        const Ground& ground = predictor_.surroundings().ground;
        ShotBatch batch;
        batch.resize(to - from);
        for (std::size_t i = from; i < to; ++i) {
            const Drawn drawn = draw(i);
            samples[i].kind = drawn.kind;
            samples[i].valid = drawn.valid;
            batch.set(i - from, drawn.delivery, drawn.contact, drawn.law, drawn.air,
                      ground.scaled(drawn.firm, drawn.grip));
        }
        const BatchResult result = calcBatch(batch);
        for (std::size_t i = from; i < to; ++i) {
            Sample& s = samples[i];
            const std::size_t k = i - from;
            s.valid = s.valid && result.valid[k];
            if (!s.valid) continue;
            for (std::size_t o = 0; o < outcomeCount; ++o)
                s.outcomes[o] = result.outcomes[o][k];
            s.behaviour = result.behaviour(k).behaviour;
        }
    }

private:
    /// Over zones and past obstacles, one at a time.
    Sample playOver(const Drawn& drawn) const {
        Sample sample;
        sample.kind = drawn.kind;
        if (!drawn.valid) return sample;
        Surroundings around = predictor_.surroundings();
        around.air = drawn.air;
        around.terrain =
            std::make_shared<const Terrain>(around.terrain->scaled(drawn.firm, drawn.grip));
        try {
            const ShotResult shot = calcShotWith(drawn.delivery, drawn.contact, around, drawn.law);
            for (std::size_t o = 0; o < outcomeCount; ++o)
                sample.outcomes[o] = valueOf(shot, static_cast<Outcome>(o));
            sample.behaviour = shot.behaviour.behaviour;
            sample.zone = shot.run.zone;
            sample.inWater = shot.run.inWater;
            sample.blocked = shot.blockedBy >= 0;
            sample.valid = true;
        } catch (const RangeError&) {
            sample.valid = false;  // counted, see Simulation::outside
        }
        return sample;
    }

    const Predictor& predictor_;
    const SimulationOptions& options_;
    ShotResult planned_;
    SolePass pass_;
    PlayerScatter scatter_;
    SpreadSource unknown_;
    Lower lower_;
};

Quantiles quantilesOf(std::vector<double>& values) {
    Quantiles q;
    if (values.empty()) return q;
    const double n = static_cast<double>(values.size());
    q.mean = std::accumulate(values.begin(), values.end(), 0.0) / n;
    double squares = 0.0;
    for (const double v : values)
        squares += (v - q.mean) * (v - q.mean);
    q.sd = values.size() > 1 ? std::sqrt(squares / (n - 1.0)) : 0.0;
    // Only a few places of the order are asked for: the middle first, then each in its half.
    const auto begin = values.begin();
    const auto at = [&](double share, auto from, auto to, auto until) {
        const double x = share * (n - 1.0);
        const auto place = begin + static_cast<std::ptrdiff_t>(x);
        std::nth_element(from, place, to);
        if (place + 1 == values.end()) return *place;
        // Beyond \p until everything is larger still.
        const double next = *std::min_element(place + 1, std::max(until, place + 2));
        return *place + (x - std::floor(x)) * (next - *place);
    };
    const auto placeOf = [&](double share) {
        return begin + static_cast<std::ptrdiff_t>(share * (n - 1.0));
    };
    const auto middle = placeOf(0.50);
    const auto end = values.end();
    q.p50 = at(0.50, begin, end, end);
    q.p10 = at(0.10, begin, middle + 1, middle + 1);
    q.p5 = at(0.05, begin, placeOf(0.10) + 1, middle + 1);
    q.p90 = at(0.90, middle, end, end);
    q.p95 = at(0.95, placeOf(0.90), end, end);
    return q;
}

Simulation summarise(const std::vector<Sample>& samples, std::size_t zones) {
    Simulation out;
    out.samples = samples.size();
    out.zone.assign(zones, 0.0);
    out.rest.reserve(samples.size());
    std::size_t valid = 0;
    for (const Sample& s : samples) {
        if (!s.valid) {
            ++out.outside;
            continue;
        }
        ++valid;
        out.fat += s.kind == StrikeKind::Fat ? 1 : 0;
        out.thin += s.kind == StrikeKind::Thin || s.kind == StrikeKind::Topped ? 1 : 0;
        out.behaviour[static_cast<std::size_t>(s.behaviour)] += 1;
        out.inWater += s.inWater ? 1 : 0;
        out.blocked += s.blocked ? 1 : 0;
        if (s.zone < zones) out.zone[s.zone] += 1;
        out.rest.push_back({s.outcomes[static_cast<std::size_t>(Outcome::Total)],
                            s.outcomes[static_cast<std::size_t>(Outcome::RestSide)]});
    }
    const double n = static_cast<double>(std::max<std::size_t>(valid, 1));
    for (double* chance : {&out.fat, &out.thin, &out.inWater, &out.blocked})
        *chance /= n;
    for (double& chance : out.behaviour)
        chance /= n;
    for (double& chance : out.zone)
        chance /= n;
    out.clean = 1.0 - out.fat - out.thin;
    std::vector<double> values;
    for (std::size_t o = 0; o < outcomeCount; ++o) {
        values.clear();
        for (const Sample& s : samples) {
            if (s.valid) values.push_back(s.outcomes[o]);
        }
        out.outcomes[o] = quantilesOf(values);
    }
    return out;
}

}  // namespace

void SimulationOptions::validate() const {
    requireRange("samples", static_cast<double>(samples), 2, 2'000'000);
    requireRange("gust_share", gustShare, 0.0, 1.0);
    if (player) player->validate();
}

Simulation Predictor::simulate(const Recipe& recipe, const SimulationOptions& options) const {
    options.validate();
    const Player player(*this, recipe, options);
    std::vector<Sample> samples(options.samples);
    const unsigned threads = threadsFor(options.threads);
    // Each part holds whole groups of the batch, so that a sample's neighbours are always the same.
    const std::size_t groups = (samples.size() + groupOfSamples - 1) / groupOfSamples;
    runParts(groups, threads, [&](std::size_t group) {
        player.play(samples, group * groupOfSamples,
                    std::min((group + 1) * groupOfSamples, samples.size()));
    });
    return summarise(samples, surroundings_.terrain ? surroundings_.terrain->planes().size() : 0);
}

}  // namespace wedgeon
