// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// From answers to numbers with a width.
#include "wedgeon/lie/reading.h"

#include <Eigen/Cholesky>
#include <Eigen/Core>
#include <Eigen/LU>
#include <algorithm>
#include <cmath>

#include "simulate/random_stream.h"
#include "wedgeon/constants.h"
#include "wedgeon/normal.h"
#include "wedgeon/units.h"

namespace wedgeon {
namespace {

using Vector = Eigen::Vector4d;
using Matrix = Eigen::Matrix4d;

double logit(double share) {
    return std::log(share / (1.0 - share));
}
double share(double logit) {
    return 1.0 / (1.0 + std::exp(-logit));
}

struct Reads {
    double value, sd;
};

/// A share with its deviation, on the logit.
Reads onLogit(double value, double sd) {
    const double kept = std::clamp(value, 0.01, 0.99);
    return {logit(kept), sd / (kept * (1.0 - kept))};
}

// Where nothing is said: anything between bare and deep, dry and wet, from any side.
constexpr Reads anyCover{-1.4, 1.6};
constexpr Reads anyMoisture{0.0, 1.3};
constexpr Reads anyGrain{constants::pi / 2, 1.81};  // as wide as all directions
constexpr Reads anySit{0.005, 0.006};

constexpr double millimetre = 1e-3;

Reads coverOf(const LieAnswers& a) {
    // Down in it there is more of the grass between.
    const double more = a.sits == BallSits::Down ? 0.2 : 0.0;
    if (!a.height) {
        // On bare ground there is none.
        if (a.sits == BallSits::Bare) return onLogit(0.02, 0.02);
        return {logit(std::clamp(share(anyCover.value) + more, 0.01, 0.99)), anyCover.sd};
    }
    switch (*a.height) {
        case GrassHeight::None:
            return onLogit(0.02 + more, 0.02);
        case GrassHeight::Quarter:
            return onLogit(0.12 + more, 0.07);
        case GrassHeight::Half:
            return onLogit(0.4 + more, 0.15);
        case GrassHeight::Over:
            return onLogit(0.8 + more, 0.12);
    }
    return anyCover;
}

Reads moistureOf(const LieAnswers& a) {
    const double wetter = a.hand == GrassHand::Wet ? 0.2 : 0.0;
    if (!a.colour) return {logit(share(anyMoisture.value) + wetter), anyMoisture.sd};
    switch (*a.colour) {
        case GrassColour::Straw:
            return onLogit(0.1 + wetter, 0.1);
        case GrassColour::Pale:
            return onLogit(0.3 + wetter, 0.12);
        case GrassColour::Green:
            return onLogit(0.55 + wetter, 0.12);
        case GrassColour::Lush:
            return onLogit(0.8 + wetter, 0.1);
    }
    return anyMoisture;
}

Reads grainOf(const LieAnswers& a) {
    if (!a.grain) return anyGrain;
    constexpr double sd = radFromDeg(25);
    switch (*a.grain) {
        case GrassLies::With:
            return {0.0, sd};
        case GrassLies::Against:
            return {constants::pi, sd};
        case GrassLies::AcrossAway:
            return {constants::pi / 2, sd};
        case GrassLies::AcrossToward:
            return {-constants::pi / 2, sd};
    }
    return anyGrain;
}

Reads sitOf(const LieAnswers& a) {
    if (!a.sits) return anySit;
    switch (*a.sits) {
        case BallSits::Bare:
            return {0.0, 1 * millimetre};
        case BallSits::Level:
            return {4 * millimetre, 2 * millimetre};
        case BallSits::Up:
            return {12 * millimetre, 5 * millimetre};
        case BallSits::Perched:
            return {28 * millimetre, 8 * millimetre};
        case BallSits::Down:
            return {0.0, 2 * millimetre};
    }
    return anySit;
}

/// What a practice swing felt like, as the share of speed that the grass leaves. One that dug met
/// ground: it tells of the grass only that it grabbed too.
Reads keptOf(PracticeSwing s) {
    switch (s) {
        case PracticeSwing::Free:
            return {0.985, 0.015};
        case PracticeSwing::Brushed:
            return {0.94, 0.03};
        case PracticeSwing::Grabbed:
            return {0.85, 0.05};
        case PracticeSwing::Dug:
            return {0.85, 0.08};
    }
    return {0.94, 0.1};
}

/// The law of the lie: calcContact's.
double speedKeptAt(const Vector& x) {
    const double c = share(x[LieReading::Cover]);
    const double w = share(x[LieReading::Moisture]);
    const double q = 0.75 - 0.25 * std::cos(x[LieReading::Grain]);
    return 1.0 - 0.22 * std::pow(c, 1.5) * (0.35 + 0.65 * w) * q;
}

Vector slopeOfSpeedKept(const Vector& x) {
    const double c = share(x[LieReading::Cover]);
    const double w = share(x[LieReading::Moisture]);
    const double q = 0.75 - 0.25 * std::cos(x[LieReading::Grain]);
    const double drag = 0.35 + 0.65 * w;
    const double cost = 0.22 * std::pow(c, 1.5);
    Vector slope;
    slope[LieReading::Cover] = -1.5 * cost * drag * q * (1.0 - c);
    slope[LieReading::Moisture] = -cost * 0.65 * w * (1.0 - w) * q;
    slope[LieReading::Grain] = -cost * drag * 0.25 * std::sin(x[LieReading::Grain]);
    slope[LieReading::Sit] = 0.0;
    return slope;
}

Lie lieAt(const Vector& x, double firmness) {
    Lie lie;
    lie.cover = share(x[LieReading::Cover]);
    lie.moisture = share(x[LieReading::Moisture]);
    // The same direction, within a turn.
    lie.grain_rad = std::remainder(x[LieReading::Grain], 2.0 * constants::pi);
    lie.sit_m = std::clamp(x[LieReading::Sit], 0.0, 0.1);
    lie.firmness = firmness;
    return lie;
}

Eigen::Map<const Vector> meanOf(const LieReading& r) {
    return Eigen::Map<const Vector>(r.mean.data());
}

Vector placeOf(const LieReading& r, const std::array<double, LieReading::size>& deviations) {
    Vector x = meanOf(r);
    for (std::size_t i = 0; i < LieReading::size; ++i) {
        for (std::size_t j = 0; j <= i; ++j)
            x[static_cast<int>(i)] += r.lower[i][j] * deviations[j];
    }
    return x;
}

double sdOf(const LieReading& r, std::size_t part) {
    double sum = 0.0;
    for (const double v : r.lower[part])
        sum += v * v;
    return std::sqrt(sum);
}

constexpr std::array<std::string_view, 4> heights{"none", "quarter", "half", "over"};
constexpr std::array<std::string_view, 4> colours{"straw", "pale", "green", "lush"};
constexpr std::array<std::string_view, 4> grainWords{"with", "against", "across-away",
                                                     "across-toward"};
constexpr std::array<std::string_view, 5> sits{"bare", "level", "up", "perched", "down"};
constexpr std::array<std::string_view, 2> hands{"dry", "wet"};
constexpr std::array<std::string_view, 4> swings{"free", "brushed", "grabbed", "dug"};

}  // namespace

LieReading readLie(const LieAnswers& a) {
    std::array<Reads, LieReading::size> reads{};
    reads[LieReading::Cover] = coverOf(a);
    reads[LieReading::Moisture] = moistureOf(a);
    reads[LieReading::Grain] = grainOf(a);
    reads[LieReading::Sit] = sitOf(a);
    Vector prior;
    Vector precision;
    for (std::size_t i = 0; i < reads.size(); ++i) {
        prior[static_cast<int>(i)] = reads[i].value;
        precision[static_cast<int>(i)] = 1.0 / (reads[i].sd * reads[i].sd);
    }
    Vector x = prior;
    Matrix information = precision.asDiagonal();
    if (a.swing) {
        const Reads felt = keptOf(*a.swing);
        const double weight = 1.0 / (felt.sd * felt.sd);
        const auto cost = [&](const Vector& at) {
            const double miss = speedKeptAt(at) - felt.value;
            const Vector off = at - prior;
            return weight * miss * miss + off.dot(precision.cwiseProduct(off));
        };
        for (int k = 0; k < 50; ++k) {
            const Vector slope = slopeOfSpeedKept(x);
            information = weight * slope * slope.transpose();
            information.diagonal() += precision;
            const Vector downhill = weight * slope * (felt.value - speedKeptAt(x)) -
                                    precision.cwiseProduct(Vector(x - prior));
            Vector step = information.ldlt().solve(downhill);
            const double before = cost(x);
            for (int half = 0; half < 30 && cost(x + step) > before; ++half)
                step *= 0.5;
            x += step;
            if (step.cwiseAbs().maxCoeff() < 1e-10) break;
        }
    }
    LieReading out;
    Eigen::Map<Vector>(out.mean.data()) = x;
    const Matrix lower = Matrix(information.inverse()).llt().matrixL();
    for (std::size_t i = 0; i < out.lower.size(); ++i) {
        for (std::size_t j = 0; j < out.lower.size(); ++j)
            out.lower[i][j] = lower(static_cast<int>(i), static_cast<int>(j));
    }
    return out;
}

Lie LieReading::lie(double firmness) const {
    return lieAt(meanOf(*this), firmness);
}

Lie LieReading::at(const std::array<double, size>& deviations, double firmness) const {
    return lieAt(placeOf(*this, deviations), firmness);
}

std::array<double, 2> LieReading::interval80(Part part) const {
    const double half = halfOf80 * sdOf(*this, part);
    std::array<double, 2> out{mean[part] - half, mean[part] + half};
    for (double& v : out) {
        if (part == Cover || part == Moisture) v = share(v);
        if (part == Sit) v = std::max(v, 0.0);
    }
    return out;
}

std::array<double, 3> LieReading::speedKept() const {
    // The law bends within the width of a reading: lies are drawn, always the same ones.
    constexpr std::size_t draws = 400;
    std::array<double, draws> kept{};
    for (std::size_t i = 0; i < draws; ++i) {
        RandomStream random(1, i);
        std::array<double, size> off{};
        for (double& v : off)
            v = random.normal();
        kept[i] = speedKeptAt(placeOf(*this, off));
    }
    std::sort(kept.begin(), kept.end());
    return {kept[draws / 10], kept[draws / 2], kept[draws - 1 - draws / 10]};
}

std::span<const std::string_view> answerKeys(GrassHeight) {
    return heights;
}
std::span<const std::string_view> answerKeys(GrassColour) {
    return colours;
}
std::span<const std::string_view> answerKeys(GrassLies) {
    return grainWords;
}
std::span<const std::string_view> answerKeys(BallSits) {
    return sits;
}
std::span<const std::string_view> answerKeys(GrassHand) {
    return hands;
}
std::span<const std::string_view> answerKeys(PracticeSwing) {
    return swings;
}

}  // namespace wedgeon
