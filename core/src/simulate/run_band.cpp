// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// The run of one shot, played with what is not known of it.
#include <Eigen/Cholesky>
#include <algorithm>
#include <boost/math/distributions/normal.hpp>
#include <cmath>
#include <map>
#include <mutex>
#include <numeric>
#include <random>
#include <vector>

#include "shot/sources.h"
#include "wedgeon/batch/batch.h"
#include "wedgeon/error.h"
#include "wedgeon/shot/predictor.h"

namespace wedgeon {
namespace {

constexpr double gustShare = 0.2;

/// What is drawn, beside the club's scatter.
enum Drawn {
    Friction,
    Tangential,
    Slope,
    Restitution,
    Drag,
    Lift,
    Firmness,
    TurfFriction,
    GreenSpeed,
    Gust,
    LoftBias,
    AttackBias,
    Club,                   // the first of its five
    Law = Club + clubMoves  // the first of its three
};
constexpr std::size_t drawnCount = Law + 3;
using Design = std::vector<std::array<double, drawnCount>>;

/// Standard normals so that each source alone has each of as many equal parts of its distribution
/// once (a Latin hypercube; M. D. McKay, R. J. Beckman, W. J. Conover, Technometrics 21, 1979): few
/// samples tell a quantile of what adds up. The same for every shot, so that neighbours are moved
/// alike.
const Design& designOf(std::size_t samples) {
    static std::mutex mutex;
    static std::map<std::size_t, Design> made;
    const std::lock_guard lock(mutex);
    const auto [at, isNew] = made.try_emplace(samples);
    Design& out = at->second;
    if (!isNew) return out;
    std::vector<double> scores(samples);
    double squares = 0.0;
    for (std::size_t i = 0; i < samples; ++i) {
        scores[i] = boost::math::quantile(
            boost::math::normal(), (static_cast<double>(i) + 0.5) / static_cast<double>(samples));
        squares += scores[i] * scores[i];
    }
    for (double& s : scores)
        s /= std::sqrt(squares / static_cast<double>(samples));
    out.resize(samples);
    std::mt19937_64 chance(7);
    for (std::size_t d = 0; d < drawnCount; ++d) {
        std::shuffle(scores.begin(), scores.end(), chance);
        for (std::size_t i = 0; i < samples; ++i)
            out[i][d] = scores[i];
    }
    return out;
}

/// The value below which \p share of further ones fall, on the average: at share (n + 1) of the
/// order.
double quantileOf(const std::vector<double>& sorted, double share) {
    const double at = std::clamp(share * (static_cast<double>(sorted.size()) + 1.0) - 1.0, 0.0,
                                 static_cast<double>(sorted.size()) - 1.0);
    const auto low = static_cast<std::size_t>(at);
    const std::size_t high = std::min(low + 1, sorted.size() - 1);
    return sorted[low] + (at - std::floor(at)) * (sorted[high] - sorted[low]);
}

}  // namespace

std::optional<RunBand> Predictor::runBand(const ShotResult& shot, const SpreadSource& prior,
                                          std::size_t samples) const {
    const SpreadSource u = source(prior);
    using Lower = Eigen::Matrix<double, clubMoves, clubMoves>;
    Lower correlation;
    for (std::size_t i = 0; i < clubMoves; ++i) {
        for (std::size_t j = 0; j < clubMoves; ++j)
            correlation(static_cast<Eigen::Index>(i), static_cast<Eigen::Index>(j)) =
                u.club.correlation[i][j];
    }
    const Eigen::LLT<Lower> factored(correlation);
    if (factored.info() != Eigen::Success) throw RangeError("player.correlation", 0, 1e-12, 1);
    const Lower lower = factored.matrixL();
    const double mirror = player_.hand == Hand::Left ? -1.0 : 1.0;
    ShotBatch batch(surroundings_.terrain);
    batch.resize(samples);
    const Design& design = designOf(samples);
    for (std::size_t i = 0; i < samples; ++i) {
        const auto& z = design[i];
        const Eigen::Vector<double, clubMoves> off =
            lower * Eigen::Map<const Eigen::Vector<double, clubMoves>>(&z[Club]);
        const auto of = [&](Scatter s) { return u.club.of(s) * off(static_cast<Eigen::Index>(s)); };
        Delivery d = shot.swing.delivery;
        d.clubSpeed_mps *= std::max(0.05, 1.0 + of(Scatter::Speed));
        d.attack_rad += of(Scatter::Attack) + u.attackBias_rad * z[AttackBias];
        d.dynamicLoft_rad += of(Scatter::Loft) + u.loftBias_rad * z[LoftBias];
        d.path_rad += mirror * of(Scatter::Path);
        d.faceAngle_rad += mirror * of(Scatter::Face);
        Contact contact = shot.contact;
        contact.friction *= std::exp(u.friction * z[Friction]);
        contact.tangentialRestitution += u.tangentialRestitution * z[Tangential];
        contact.tangentialSlope_spm += u.tangentialSlope_spm * z[Slope];
        for (std::size_t o = 0; o < contact.correctionStray.size(); ++o)
            contact.correctionStray[o] += u.law * z[Law + o];
        StrikeLaw law;
        law.restitution0 += u.restitution0 * z[Restitution];
        Air air = surroundings_.air;
        air.drag *= std::exp(u.drag * z[Drag]);
        air.lift *= std::exp(u.lift * z[Lift]);
        air.windAhead_mps *= 1.0 + gustShare * z[Gust];
        air.windRight_mps *= 1.0 + gustShare * z[Gust];
        const double firmer = std::exp(u.firmness * z[Firmness]);
        const double rougher = std::exp(u.groundFriction * z[TurfFriction]);
        const double faster = std::exp(u.greenSpeed * z[GreenSpeed]);
        if (batch.line()) {
            batch.setOver(i, d, contact, law, air, firmer, rougher, faster);
        } else {
            batch.set(i, d, contact, law, air,
                      surroundings_.ground.scaled(firmer, rougher, faster));
        }
    }
    const BatchResult result = calcBatch(batch);
    std::vector<double> runs;
    runs.reserve(samples);
    for (std::size_t i = 0; i < samples; ++i) {
        if (result.valid[i]) runs.push_back(result(Outcome::Release, i));
    }
    // Most of its neighbours have no answer: nothing is told of it.
    if (2 * runs.size() < samples || runs.empty()) return std::nullopt;
    std::sort(runs.begin(), runs.end());
    RunBand out{quantileOf(runs, 0.1), quantileOf(runs, 0.9)};
    if (player_.tuning && u.of == SpreadSource::Of::Readings) {
        const double scale = player_.tuning->spread.release, middle = quantileOf(runs, 0.5);
        out.low_m = middle + scale * (out.low_m - middle);
        out.high_m = middle + scale * (out.high_m - middle);
    }
    return out;
}

}  // namespace wedgeon
