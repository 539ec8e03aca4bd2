// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Looks and balls that tell faults apart.
#include "cause/check.h"

#include <Eigen/Cholesky>
#include <algorithm>
#include <cmath>
#include <numbers>

#include "simulate/random_stream.h"
#include "wedgeon/normal.h"
#include "wedgeon/units.h"

namespace wedgeon::cause {
namespace {

using Eigen::Index;
using Eigen::MatrixXd;
using Eigen::VectorXd;

constexpr double balls = 3.0;
constexpr std::uint64_t draws = 400;
/// Of the likeliest, so many are looked for.
constexpr std::size_t looked = 4;
/// Less likely ones have no say.
constexpr double leastLikely = 0.005;

struct CheckInfo {
    Check check;
    /// Of a look: at what, and how far the eye is off.
    bool looks;
    FaultChange at;
    double sd;
    /// Of balls: the faults that are then out of the way.
    std::array<Fault, 4> without;
};
constexpr Fault no = Fault::None;
constexpr std::array<CheckInfo, checkCount> infos{{
    {Check::FilmHands, true, FaultChange::Lean, radFromDeg(2), {no, no, no, no}},
    {Check::StickAtBall, true, FaultChange::Ball, 0.008, {no, no, no, no}},
    {Check::LinesOnFace, true, FaultChange::Open, radFromDeg(2.5), {no, no, no, no}},
    {Check::BrushLine, true, FaultChange::LowPoint, 0.012, {no, no, no, no}},
    {Check::FilmFromBehind, true, FaultChange::Handle, 0.012, {no, no, no, no}},
    {Check::FilmFace, true, FaultChange::FaceTurn, radFromDeg(3), {no, no, no, no}},
    {Check::CountSpeed, true, FaultChange::Speed, 0.03, {no, no, no, no}},
    {Check::FreshFace, false, {}, 0, {Fault::WornFace, no, no, no}},
    {Check::FreshBall, false, {}, 0, {Fault::OtherBall, no, no, no}},
    {Check::TeedUp, false, {}, 0, {Fault::MoreGrass, Fault::HeelGrass, no, no}},
    {Check::OtherGround, false, {}, 0, {Fault::HardGround, no, no, no}},
    {Check::PacedOff, false, {}, 0, {Fault::Device, no, no, no}},
}};

/// What a check shows with one fault.
struct Shown {
    VectorXd mean;
    MatrixXd covariance;
};

Shown balled(const Prior& of, const Linear& linear, const std::vector<Number>& read) {
    const auto n = static_cast<Index>(read.size());
    Shown out{VectorXd(n), MatrixXd(n, n)};
    MatrixXd slope(n, changes);
    for (Index a = 0; a < n; ++a) {
        const Number& number = read[static_cast<std::size_t>(a)];
        out.mean[a] = linear.here.mean[number.of];
        slope.row(a) = linear.slope.row(number.of);
        for (Index b = 0; b < n; ++b)
            out.covariance(a, b) =
                linear.scatter(number.of, read[static_cast<std::size_t>(b)].of) / balls;
        out.covariance(a, a) += number.variance / balls;
    }
    out.covariance += slope * of.covariance * slope.transpose();
    return out;
}

bool isPartOf(const Suspect& s, FaultChange change) {
    if (s.fault == Fault::Other) return false;
    return std::any_of(s.parts.begin(), s.parts.end(),
                       [change](const FaultPart& p) { return p.change == change; });
}

/// Expected fall of the entropy over suspects when the check is done, in bits.
double gainOf(const std::vector<double>& likely, const std::vector<Shown>& shown) {
    struct Factored {
        VectorXd mean;
        MatrixXd root;
        double logRoot;
    };
    std::vector<Factored> factored;
    for (const Shown& s : shown) {
        const Eigen::LLT<MatrixXd> its(s.covariance);
        const MatrixXd root = its.matrixL();
        factored.push_back({s.mean, root, root.diagonal().array().log().sum()});
    }
    const Index n = shown.front().mean.size();
    double before = 0.0, after = 0.0;
    for (const double p : likely)
        before -= p > 0.0 ? p * std::log2(p) : 0.0;
    double weights = 0.0;
    for (std::size_t f = 0; f < shown.size(); ++f) {
        // Each suspect as often as it is believed in, so that the draws waste nothing.
        const auto count =
            static_cast<std::uint64_t>(std::ceil(likely[f] * static_cast<double>(draws)));
        for (std::uint64_t d = 0; d < count; ++d) {
            RandomStream random(17 + f, d);
            VectorXd y(n);
            for (Index i = 0; i < n; ++i)
                y[i] = random.normal();
            y = factored[f].mean + factored[f].root * y;
            std::vector<double> posterior(shown.size());
            double most = -1e300;
            for (std::size_t g = 0; g < shown.size(); ++g) {
                const VectorXd z =
                    factored[g].root.triangularView<Eigen::Lower>().solve(y - factored[g].mean);
                posterior[g] = std::log(likely[g]) - 0.5 * z.squaredNorm() - factored[g].logRoot;
                most = std::max(most, posterior[g]);
            }
            double all = 0.0;
            for (double& p : posterior)
                all += p = std::exp(p - most);
            double entropy = 0.0;
            for (const double p : posterior)
                entropy -= p > 0.0 ? p / all * std::log2(p / all) : 0.0;
            const double weight = likely[f] / static_cast<double>(count);
            after += weight * entropy;
            weights += weight;
        }
    }
    return std::max(0.0, before - after / weights);
}

/// Where two normals are told apart equally well, and how often that is right.
void part(CheckGain& gain) {
    const double a = gain.first, b = gain.second;
    const double sa = std::max(gain.firstSd, 1e-9), sb = std::max(gain.secondSd, 1e-9);
    gain.border = (a * sb + b * sa) / (sa + sb);
    gain.right = normalShare(std::abs(a - b) / (sa + sb));
}

}  // namespace

std::vector<CheckGain> findChecks(const std::vector<Suspect>& all, const Prior& usual,
                                  const Linear& sound, const std::vector<Number>& read) {
    std::vector<Suspect> suspects;
    double sum = 0.0;
    for (const Suspect& s : all) {
        if (s.likely < leastLikely || !s.linear) continue;
        suspects.push_back(s);
        sum += s.likely;
    }
    std::vector<CheckGain> out;
    if (suspects.size() < 2) return out;
    std::stable_sort(suspects.begin(), suspects.end(),
                     [](const Suspect& a, const Suspect& b) { return a.likely > b.likely; });
    std::vector<double> likely;
    likely.reserve(suspects.size());
    for (const Suspect& s : suspects)
        likely.push_back(s.likely / sum);

    for (const CheckInfo& info : infos) {
        CheckGain gain;
        gain.check = info.check;
        gain.looks = info.looks;
        gain.change = info.at;
        std::vector<Shown> shown;
        if (info.looks) {
            const Index c = at(info.at);
            // At what one of the likeliest is made of: another place tells of chance only.
            if (std::none_of(suspects.begin(),
                             suspects.begin() +
                                 static_cast<std::ptrdiff_t>(std::min(looked, suspects.size())),
                             [&](const Suspect& s) { return isPartOf(s, info.at); }))
                continue;
            for (const Suspect& s : suspects) {
                shown.push_back(
                    {VectorXd::Constant(1, s.left.mean[c] - usual.mean[c]),
                     MatrixXd::Constant(1, 1, s.left.covariance(c, c) + info.sd * info.sd)});
            }
        } else {
            if (read.empty()) continue;
            const auto isAway = [&](Fault f) {
                return f != Fault::None &&
                       std::find(info.without.begin(), info.without.end(), f) != info.without.end();
            };
            // Where it takes nothing away that is suspected, it tells nothing.
            if (std::none_of(suspects.begin(), suspects.end(),
                             [&](const Suspect& s) { return isAway(s.fault); }))
                continue;
            for (const Suspect& s : suspects)
                shown.push_back(isAway(s.fault) ? balled(usual, sound, read)
                                                : balled(s.left, *s.linear, read));
        }
        gain.bits = gainOf(likely, shown);
        // The number that parts the first two best.
        Index best = 0;
        double farthest = -1.0;
        for (Index i = 0; i < shown[0].mean.size(); ++i) {
            if (!gain.looks &&
                read[static_cast<std::size_t>(i)].of >= static_cast<Index>(outcomeCount))
                continue;  // has no unit of its own
            const double apart =
                std::abs(shown[0].mean[i] - shown[1].mean[i]) /
                (std::sqrt(shown[0].covariance(i, i)) + std::sqrt(shown[1].covariance(i, i)));
            if (apart > farthest) {
                farthest = apart;
                best = i;
            }
        }
        if (farthest < 0.0) continue;  // nothing of it could be said
        if (!gain.looks)
            gain.outcome = static_cast<Outcome>(read[static_cast<std::size_t>(best)].of);
        gain.first = shown[0].mean[best];
        gain.firstSd = std::sqrt(shown[0].covariance(best, best));
        gain.second = shown[1].mean[best];
        gain.secondSd = std::sqrt(shown[1].covariance(best, best));
        part(gain);
        out.push_back(gain);
    }
    std::stable_sort(out.begin(), out.end(),
                     [](const CheckGain& a, const CheckGain& b) { return a.bits > b.bits; });
    return out;
}

}  // namespace wedgeon::cause
