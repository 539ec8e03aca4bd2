// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Samples on all cores.
#include "wedgeon/simulate/simulate.h"

#include <Eigen/Cholesky>
#include <Eigen/Core>
#include <algorithm>
#include <cmath>
#include <numeric>

#include "simulate/random_stream.h"
#include "wedgeon/error.h"
#include "wedgeon/parallel.h"
#include "wedgeon/shot/predictor.h"

namespace wedgeon {
namespace {

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
        const double grows = strikeScatterFactor(
            recipe, predictor.player().tuning
                        ? predictor.player().tuning->delivery.shotsLike(recipe)
                        : 0.0);
        for (const Scatter s : {Scatter::LowPoint, Scatter::Depth})
            scatter_.sd[static_cast<std::size_t>(s)] *= grows;
    }

    Sample play(std::uint64_t number) const {
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
        Delivery d = planned_.swing.delivery;
        d.clubSpeed_mps *= std::max(0.05, 1.0 + off(Scatter::Speed));
        d.attack_rad += off(Scatter::Attack);
        d.path_rad += off(Scatter::Path);
        d.faceAngle_rad += off(Scatter::Face);
        d.dynamicLoft_rad += off(Scatter::Loft);

        const SpreadSource& u = unknown_;
        Contact contact = planned_.contact;
        contact.friction *= std::max(0.1, 1.0 + u.frictionShare * random.normal());
        contact.tangentialRestitution += u.tangentialRestitution * random.normal();
        contact.tangentialSlope_spm += u.tangentialSlope_spm * random.normal();
        StrikeLaw law;
        law.restitution0 += u.restitution0 * random.normal();
        Surroundings around = predictor_.surroundings();
        const double gust = 1.0 + options_.gustShare * random.normal();
        around.air.windAhead_mps *= gust;
        around.air.windRight_mps *= gust;
        const double firm = std::max(0.3, 1.0 + u.groundFirmnessShare * random.normal());
        const double grip = std::max(0.3, 1.0 + u.groundFrictionShare * random.normal());
        around.ground = around.ground.scaled(firm, grip);
        if (around.terrain)
            around.terrain = std::make_shared<const Terrain>(around.terrain->scaled(firm, grip));

        SolePass pass = pass_;
        pass.lowPoint_m += off(Scatter::LowPoint);
        pass.depth_m += off(Scatter::Depth);
        pass.dynamicLoft_rad = d.dynamicLoft_rad;
        Sample sample;
        try {
            const StrikeEffect effect = calcStrikeEffect(pass, predictor_.conditions().lie);
            sample.kind = effect.contact;
            d.dynamicLoft_rad = effect.dynamicLoft_rad;
            contact.speedKept *= effect.speedKept;
            contact.headShare = effect.headShare;
            contact.friction = std::max(0.02, contact.friction * effect.frictionKept);
            const ShotResult shot = calcShotWith(d, contact, around, law);
            for (std::size_t o = 0; o < outcomeCount; ++o) {
                sample.outcomes[o] = valueOf(shot, static_cast<Outcome>(o));
            }
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

private:
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
    std::sort(values.begin(), values.end());
    const auto at = [&](double share) {
        const double x = share * (n - 1.0);
        const auto i = static_cast<std::size_t>(x);
        if (i + 1 >= values.size()) return values.back();
        return values[i] + (x - static_cast<double>(i)) * (values[i + 1] - values[i]);
    };
    q.p5 = at(0.05);
    q.p10 = at(0.10);
    q.p50 = at(0.50);
    q.p90 = at(0.90);
    q.p95 = at(0.95);
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
    const std::size_t parts = std::clamp<std::size_t>(threads, 1, (samples.size() + 63) / 64);
    runParts(parts, threads, [&](std::size_t part) {
        const std::size_t to = (part + 1) * samples.size() / parts;
        for (std::size_t i = part * samples.size() / parts; i < to; ++i)
            samples[i] = player.play(i);
    });
    return summarise(samples, surroundings_.terrain ? surroundings_.terrain->planes().size() : 0);
}

}  // namespace wedgeon
