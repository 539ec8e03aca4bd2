// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// A Gaussian process on what the strike's law leaves.
#include "tune/fit_correction.h"

#include <Eigen/Cholesky>
#include <algorithm>
#include <cmath>
#include <limits>
#include <optional>

#include "tune/robust_fit.h"
#include "tune/strike_model.h"
#include "wedgeon/error.h"
#include "wedgeon/units.h"

namespace wedgeon::tune {
namespace {

constexpr std::size_t fewestCorrected = 40, mostShots = 1500, enoughCentres = 14;
/// Beyond noise in log evidence: of fits to the law's own data about one in a hundred shows as
/// much.
constexpr double beyondChance = 8.0, besideAnother = 1.0;
/// Widths over which it changes, in robust deviations of the inputs.
constexpr std::array lengths{1.5, 3.0};
/// Variance of the process over that of the noise.
constexpr std::array ratios{0.05, 0.2, 0.8, 3.0, 12.0};
/// Residuals beyond so many deviations count as that.
constexpr double farthestOutlier = 3.0;
constexpr double leastApart = 0.5;  // of two centres, in widths
constexpr double jitter = 1e-4;

struct Rows {
    std::vector<StrikeCorrection::Point> inputs;
    std::array<std::vector<double>, 3> left;  // NaN where one was not read
};

Rows rowsOf(std::span<const TuneShot> shots, std::span<const double> weights,
            const StrikeTuning& tuning) {
    StrikeTuning law = tuning;
    law.correction.reset();
    Rows out;
    const std::size_t every = shots.size() / mostShots + 1;
    for (std::size_t i = 0; i < shots.size(); i += every) {
        if (weights[i] < 0.5) continue;
        const TuneShot& s = shots[i];
        try {
            const Delivery d = law.unbiased(s.read);
            const StrikeResult hit = calcStrike(d, law.contact(groupOf(s.conditions)), law.law());
            out.inputs.push_back(
                {std::log(d.clubSpeed_mps), hit.spinLoft_rad, std::log(hit.gripRatio)});
            out.left[0].push_back(std::log(s.ballSpeed_mps / hit.launch.speed_mps()));
            out.left[1].push_back(s.launch_rad - hit.launch.angle_rad());
            out.left[2].push_back(s.spin_radps > 0.0
                                      ? std::log(s.spin_radps / hit.launch.spinRate_radps())
                                      : std::numeric_limits<double>::quiet_NaN());
        } catch (const RangeError&) {
            continue;
        }
    }
    return out;
}

/// Middle and robust deviation of each input; what hardly varies is as wide as a coach would call
/// the same swing.
void scaleBy(const Rows& rows, StrikeCorrection& out, StrikeCorrection::Point& spread) {
    constexpr StrikeCorrection::Point least{0.08, radFromDeg(2), 0.1};
    for (std::size_t k = 0; k < StrikeCorrection::inputs; ++k) {
        std::vector<double> values;
        for (const auto& x : rows.inputs)
            values.push_back(x[k]);
        out.middle[k] = medianOf(values);
        for (double& v : values)
            v = std::abs(v - out.middle[k]);
        spread[k] = std::max(least[k], madToSd * medianOf(std::move(values)));
    }
}

/// Shots that are far from each other, the first one in the middle: each the farthest from those
/// before it.
void chooseCentres(const Rows& rows, StrikeCorrection& out) {
    std::vector<StrikeCorrection::Point> z = rows.inputs;
    for (auto& x : z) {
        for (std::size_t k = 0; k < x.size(); ++k)
            x[k] = (x[k] - out.middle[k]) / out.width[k];
    }
    const auto square = [](const auto& a, const auto& b) {
        double sum = 0.0;
        for (std::size_t k = 0; k < a.size(); ++k)
            sum += (a[k] - b[k]) * (a[k] - b[k]);
        return sum;
    };
    std::vector<double> distance(z.size(), std::numeric_limits<double>::infinity());
    out.centres = {{}};
    while (out.centres.size() < enoughCentres) {
        std::size_t next = 0;
        for (std::size_t i = 0; i < z.size(); ++i) {
            distance[i] = std::min(distance[i], square(z[i], out.centres.back()));
            if (distance[i] > distance[next]) next = i;
        }
        if (distance[next] < leastApart * leastApart) return;
        out.centres.push_back(z[next]);
    }
}

/// One outcome's process.
struct Process {
    double gain = 0.0;  ///< in log evidence over plain noise
    double ratio = 0.0, noise = 0.0;
    Eigen::VectorXd weights;
};

class Fit {
public:
    Fit(const Rows& rows, const StrikeCorrection& where) : rows_(rows) {
        const auto m = static_cast<Eigen::Index>(where.centres.size());
        near_.resize(static_cast<Eigen::Index>(rows.inputs.size()), m);
        for (std::size_t i = 0; i < rows.inputs.size(); ++i) {
            const auto& x = rows.inputs[i];
            const auto place = where.scaled(std::exp(x[0]), x[1], std::exp(x[2]));
            for (Eigen::Index c = 0; c < m; ++c) {
                near_(static_cast<Eigen::Index>(i), c) =
                    StrikeCorrection::nearness(where.centres[static_cast<std::size_t>(c)], place);
            }
        }
        between_.resize(m, m);
        for (Eigen::Index a = 0; a < m; ++a) {
            for (Eigen::Index b = 0; b < m; ++b) {
                between_(a, b) =
                    StrikeCorrection::nearness(where.centres[static_cast<std::size_t>(a)],
                                               where.centres[static_cast<std::size_t>(b)]) +
                    (a == b ? jitter : 0.0);
            }
        }
    }

    Process of(std::size_t outcome) const {
        const std::vector<double>& left = rows_.left[outcome];
        std::vector<double> absolute;
        for (const double r : left) {
            if (!std::isnan(r)) absolute.push_back(std::abs(r));
        }
        Process best;
        if (absolute.size() < fewestCorrected) return best;
        const double bound = farthestOutlier * madToSd * medianOf(absolute);
        const Eigen::Index m = between_.rows();
        Eigen::MatrixXd square = Eigen::MatrixXd::Zero(m, m);
        Eigen::VectorXd pull = Eigen::VectorXd::Zero(m);
        double sum = 0.0;
        for (std::size_t i = 0; i < left.size(); ++i) {
            if (std::isnan(left[i])) continue;
            const double y = std::clamp(left[i], -bound, bound);
            const auto row = near_.row(static_cast<Eigen::Index>(i));
            square += row.transpose() * row;
            pull += y * row.transpose();
            sum += y * y;
        }
        const auto n = static_cast<double>(absolute.size());
        const double plain = -0.5 * n * std::log(sum / n);
        const double logBetween = between_.ldlt().vectorD().array().abs().log().sum();
        for (const double ratio : ratios) {
            const Eigen::MatrixXd whole = between_ + ratio * square;
            const Eigen::LDLT<Eigen::MatrixXd> solver(whole);
            const Eigen::VectorXd weights = ratio * solver.solve(pull);
            const double variance = (sum - pull.dot(weights)) / n;
            if (!(variance > 0.0)) continue;
            const double evidence = -0.5 * n * std::log(variance) -
                                    0.5 * (solver.vectorD().array().abs().log().sum() - logBetween);
            if (evidence - plain <= best.gain) continue;
            best = {evidence - plain, ratio, std::sqrt(variance), weights};
        }
        return best;
    }

    /// The share of the variance that the shots take away, by centres.
    Eigen::MatrixXd known(double ratio) const {
        const Eigen::Index m = between_.rows();
        const Eigen::MatrixXd unit = Eigen::MatrixXd::Identity(m, m);
        const Eigen::MatrixXd whole = between_ + ratio * near_.transpose() * near_;
        return between_.ldlt().solve(unit) - whole.ldlt().solve(unit);
    }

private:
    const Rows& rows_;
    Eigen::MatrixXd near_, between_;
};

}  // namespace

std::shared_ptr<const StrikeCorrection> fitCorrection(std::span<const TuneShot> shots,
                                                      std::span<const double> weights,
                                                      const StrikeTuning& tuning) {
    const Rows rows = rowsOf(shots, weights, tuning);
    if (rows.inputs.size() < fewestCorrected) return nullptr;
    StrikeCorrection scaled;
    StrikeCorrection::Point spread{};
    scaleBy(rows, scaled, spread);
    std::shared_ptr<StrikeCorrection> best;
    double bestGain = 0.0;
    for (const double length : lengths) {
        StrikeCorrection its = scaled;
        for (std::size_t k = 0; k < spread.size(); ++k)
            its.width[k] = length * spread[k];
        chooseCentres(rows, its);
        const Fit fit(rows, its);
        std::array<Process, 3> processes;
        bool any = false;
        for (std::size_t o = 0; o < processes.size(); ++o) {
            processes[o] = fit.of(o);
            any = any || processes[o].gain > beyondChance;
        }
        if (!any) continue;
        // A law that misses one of them misses the others, too: less is needed to show it.
        double gain = 0.0, least = std::numeric_limits<double>::infinity();
        for (std::size_t o = 0; o < processes.size(); ++o) {
            const Process& p = processes[o];
            if (p.gain < besideAnother) continue;
            gain += p.gain;
            least = std::min(least, p.ratio);
            its.weights[o].assign(p.weights.begin(), p.weights.end());
            its.deviation[o] = std::sqrt(p.ratio) * p.noise;
        }
        if (gain <= bestGain) continue;
        bestGain = gain;
        const Eigen::MatrixXd known = fit.known(least);
        its.known.assign(known.data(), known.data() + known.size());  // symmetric
        best = std::make_shared<StrikeCorrection>(std::move(its));
    }
    return best;
}

}  // namespace wedgeon::tune
