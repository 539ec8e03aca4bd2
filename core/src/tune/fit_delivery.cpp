// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// What declared set-ups deliver, and how far one swing is from the next.
#include <algorithm>
#include <array>
#include <map>
#include <numeric>
#include <tuple>

#include "tune/estimates.h"
#include "wedgeon/error.h"
#include "wedgeon/parallel.h"
#include "wedgeon/units.h"

namespace wedgeon {
namespace {

using namespace tune;

/// Offsets of opening, lean and ball, their factors, and the path's own offset.
enum Place : Eigen::Index {
    OpenBy,
    LeanBy,
    BallBy,
    OpenTimes,
    LeanTimes,
    BallTimes,
    PathBy,
    Count,
    /// What the device's biases may still differ by; not told.
    AttackShift = Count,
    LoftShift,
    All
};
const Eigen::Vector<double, Count> deliverySd{radFromDeg(4), radFromDeg(3), 0.015,        0.2,
                                              0.2,           0.2,           radFromDeg(2)};
constexpr double difference = 0.05;  // of a prior's deviation
/// What a reading of the club is not better than.
const double leastNoise_rad = radFromDeg(0.3);
constexpr std::size_t mostSwings = 800;
constexpr std::size_t fewestOfKind = 3;
constexpr std::size_t fewestForScatter = 12;
constexpr std::size_t mostPractised = 200;
/// Correlations of few swings lean on none: n swings count n / (n + this).
constexpr double correlationPrior = 10.0;
/// Deviations beyond which a swing is a mishit.
constexpr double far = 3.0;
/// Of a player's low point and depth beside an ordinary one's.
constexpr double leastSkill = 0.4, mostSkill = 2.0;

struct Meant {
    Wedge wedge;
    Recipe declared;
    double faceTurn_rad;
    double side;  // -1 for a left-hander, whose readings are mirrored
    Eigen::Vector4d read;
    double attackSd_rad, loftSd_rad;  // of the device's biases

    Eigen::Vector4d at(const Eigen::VectorXd& x) const {
        DeliveryTuning t;
        t.open = {deliverySd[OpenBy] * x[OpenBy], 1 + deliverySd[OpenTimes] * x[OpenTimes]};
        t.lean = {deliverySd[LeanBy] * x[LeanBy], 1 + deliverySd[LeanTimes] * x[LeanTimes]};
        t.ball = {deliverySd[BallBy] * x[BallBy], 1 + deliverySd[BallTimes] * x[BallTimes]};
        const Delivery d = calcDeliveredSwing(wedge, t.delivered(declared), faceTurn_rad).delivery;
        return {d.attack_rad + attackSd_rad * x[AttackShift],
                side * d.path_rad + deliverySd[PathBy] * x[PathBy], side * d.faceAngle_rad,
                d.dynamicLoft_rad + loftSd_rad * x[LoftShift]};
    }
    std::optional<RobustRow> row(const Eigen::VectorXd& x, bool slopes) const {
        try {
            RobustRow r;
            r.residual = read - at(x);
            r.places.resize(All);
            std::iota(r.places.begin(), r.places.end(), Eigen::Index{0});
            if (!slopes) return r;
            r.slope.resize(4, All);
            for (Eigen::Index k = 0; k < All; ++k) {
                Eigen::VectorXd up = x;
                Eigen::VectorXd down = x;
                up[k] += difference;
                down[k] -= difference;
                r.slope.col(k) = (at(up) - at(down)) / (2 * difference);
            }
            return r;
        } catch (const RangeError&) {
            return std::nullopt;
        }
    }
};

using Five = std::array<double, 5>;  // in the order of Scatter

struct KindOfSwing {
    std::vector<Five> swings;
};

Five fiveOf(const Delivery& d) {
    return {std::log(d.clubSpeed_mps), d.attack_rad, d.path_rad, d.faceAngle_rad,
            d.dynamicLoft_rad};
}

/// Wedge, swing, set-up and lie (which slows the club).
std::string kindOf(const TuneShot& s) {
    std::string kind = s.wedge + '\n' + s.swing + '\n' + std::to_string(s.conditions.lie.cover);
    if (s.declared) {
        for (const double v :
             {s.declared->open_rad, s.declared->lean_rad, s.declared->ballForward_m,
              s.declared->weightLead_pct, s.declared->bodyLine_rad})
            kind += ' ' + std::to_string(v);
    }
    return kind;
}

/// From differences between swings of one kind that followed each other, over the square root of
/// two: no middle has to be found first, which few swings find badly.
std::optional<PlayerScatter> scatterOf(const std::vector<KindOfSwing>& kinds) {
    constexpr std::size_t neighbours = 5;
    std::vector<Five> off;
    double free = 0.0;
    for (const KindOfSwing& kind : kinds) {
        if (kind.swings.empty()) continue;
        free += static_cast<double>(kind.swings.size() - 1);
        for (std::size_t i = 0; i < kind.swings.size(); ++i) {
            for (std::size_t j = i + 1; j < std::min(kind.swings.size(), i + 1 + neighbours); ++j) {
                Five d{};
                for (std::size_t q = 0; q < d.size(); ++q)
                    d[q] = (kind.swings[i][q] - kind.swings[j][q]) / std::sqrt(2.0);
                off.push_back(d);
            }
        }
    }
    if (free < static_cast<double>(fewestForScatter)) return std::nullopt;
    PlayerScatter out;
    std::array<double, 5> limit{};
    for (std::size_t q = 0; q < 5; ++q) {
        std::vector<double> absolute;
        absolute.reserve(off.size());
        for (const Five& d : off)
            absolute.push_back(std::abs(d[q]));
        // The median tells where the mishits begin.
        limit[q] = far * std::max(1e-4, madToSd * medianOf(std::move(absolute)));
    }
    double n = 0.0;
    std::array<std::array<double, 5>, 5> sum{};
    for (const Five& d : off) {
        bool mishit = false;
        for (std::size_t q = 0; q < 5; ++q)
            mishit = mishit || std::abs(d[q]) > limit[q];
        if (mishit) continue;
        n += 1.0;
        for (std::size_t a = 0; a < 5; ++a) {
            for (std::size_t b = 0; b < 5; ++b)
                sum[a][b] += d[a] * d[b];
        }
    }
    for (std::size_t a = 0; a < 5; ++a) {
        // A normal deviation without what lies beyond three of it has 0.9867 of its own.
        out.sd[a] = std::max(1e-4, std::sqrt(sum[a][a] / std::max(n, 1.0)) / 0.9867);
        for (std::size_t b = 0; b < 5; ++b) {
            if (a == b || !(sum[a][a] > 0.0) || !(sum[b][b] > 0.0)) continue;
            out.correlation[a][b] =
                sum[a][b] / std::sqrt(sum[a][a] * sum[b][b]) * free / (free + correlationPrior);
        }
    }
    // Low point and depth are not measured. On an arc of one radius the low point scatters as the
    // attack does; the depth is taken to do so too.
    const double skill = std::clamp(out.of(Scatter::Attack) / PlayerScatter{}.of(Scatter::Attack),
                                    leastSkill, mostSkill);
    for (const Scatter s : {Scatter::LowPoint, Scatter::Depth})
        out.sd[static_cast<std::size_t>(s)] *= skill;
    return out;
}

std::vector<DeliveryTuning::SwingSpeed> speedsOf(std::span<const TuneShot> shots,
                                                 const TuneResult& strike) {
    std::map<std::pair<std::string, std::string>, std::vector<double>> kinds;
    for (std::size_t i = 0; i < shots.size(); ++i) {
        if (!shots[i].swing.empty() && strike.weights[i] > 0.0)
            kinds[{shots[i].wedge, shots[i].swing}].push_back(shots[i].read.clubSpeed_mps);
    }
    std::vector<DeliveryTuning::SwingSpeed> out;
    for (const auto& [name, speeds] : kinds) {
        if (speeds.size() < fewestOfKind) continue;
        DeliveryTuning::SwingSpeed s;
        s.wedge = name.first;
        s.swing = name.second;
        s.shots = speeds.size();
        s.mean_mps = medianOf(speeds);
        std::vector<double> off;
        for (const double v : speeds)
            off.push_back(std::abs(v - s.mean_mps));
        const double n = static_cast<double>(speeds.size());
        s.sd_mps = madToSd * medianOf(off) * std::sqrt(n / (n - 1));
        out.push_back(s);
    }
    return out;
}

/// How well the strike's fit knows a number.
double sdOf(const TuneResult& strike, TuneEstimate::Kind kind) {
    for (const TuneEstimate& e : strike.estimates) {
        if (e.kind == kind) return (e.high80 - e.low80) / (2 * z80);
    }
    return 0.0;
}

/// The set-ups that were declared, by how often.
std::vector<DeliveryTuning::Practised> practisedOf(std::span<const TuneShot> shots,
                                                   const TuneResult& strike) {
    std::map<std::tuple<double, double, double>, double> counts;
    for (std::size_t i = 0; i < shots.size(); ++i) {
        if (!shots[i].declared || strike.weights[i] <= 0.0) continue;
        const Recipe& r = *shots[i].declared;
        counts[{r.open_rad, r.lean_rad, r.ballForward_m}] += 1.0;
    }
    std::vector<DeliveryTuning::Practised> out;
    out.reserve(counts.size());
    for (const auto& [setUp, n] : counts)
        out.push_back({std::get<0>(setUp), std::get<1>(setUp), std::get<2>(setUp), n});
    std::sort(out.begin(), out.end(),
              [](const auto& a, const auto& b) { return a.shots > b.shots; });
    if (out.size() > mostPractised) out.resize(mostPractised);
    return out;
}

}  // namespace

PartFit<DeliveryTuning> fitDelivery(std::span<const TuneShot> shots, const TuneResult& strike,
                                    const TuneOptions& options) {
    PartFit<DeliveryTuning> out;
    if (strike.refused || strike.weights.size() != shots.size()) return out;
    std::vector<Meant> meant;
    std::map<std::string, KindOfSwing> kinds;
    const double attackSd = sdOf(strike, TuneEstimate::Kind::AttackBias);
    const double loftSd = sdOf(strike, TuneEstimate::Kind::LoftBias);
    const std::size_t every = shots.size() / mostSwings + 1;
    for (std::size_t i = 0; i < shots.size(); ++i) {
        const TuneShot& s = shots[i];
        if (strike.weights[i] <= 0.0) continue;
        const Delivery d = strike.tuning.unbiased(s.read);
        if (!s.swing.empty()) {
            kinds[kindOf(s)].swings.push_back(fiveOf(d));
        }
        if (!s.declared || i % every != 0) continue;
        try {
            const double turn =
                calcContact(s.conditions.ball, s.conditions.face, s.conditions.lie).faceTurn_rad;
            meant.push_back({s.conditions.wedge,
                             *s.declared,
                             turn,
                             s.hand == Hand::Left ? -1.0 : 1.0,
                             {d.attack_rad, d.path_rad, d.faceAngle_rad, d.dynamicLoft_rad},
                             attackSd,
                             loftSd});
        } catch (const RangeError&) {
            continue;
        }
    }
    std::vector<KindOfSwing> each;
    each.reserve(kinds.size());
    for (auto& [name, kind] : kinds)
        each.push_back(std::move(kind));
    out.tuning.scatter = scatterOf(each);
    out.tuning.speeds = speedsOf(shots, strike);
    out.tuning.practised = practisedOf(shots, strike);

    RobustProblem problem;
    problem.shots = meant.size();
    problem.parameters = All;
    problem.leastNoise = Eigen::VectorXd::Constant(4, leastNoise_rad);
    problem.threads = threadsFor(options.threads);
    problem.row = [&](std::size_t i, const Eigen::VectorXd& x, bool slopes) {
        return meant[i].row(x, slopes);
    };
    const RobustFit fit = fitRobust(problem, options.stop);
    if (!fit.fitted) return out;
    out.used = fit.used;
    out.settled = fit.settled;
    const auto line = [&](Place by, Place times) {
        return DeliveryTuning::Line{deliverySd[by] * fit.x[by],
                                    1 + deliverySd[times] * fit.x[times]};
    };
    out.tuning.open = line(OpenBy, OpenTimes);
    out.tuning.lean = line(LeanBy, LeanTimes);
    out.tuning.ball = line(BallBy, BallTimes);
    using Its = TuneEstimate::Kind;
    constexpr std::array<Its, Count> names{Its::OpenOffset, Its::LeanOffset, Its::BallOffset,
                                           Its::OpenFactor, Its::LeanFactor, Its::BallFactor,
                                           Its::PathOffset};
    for (const Place k : {OpenBy, OpenTimes, LeanBy, LeanTimes, BallBy, BallTimes, PathBy}) {
        const double prior = k == OpenTimes || k == LeanTimes || k == BallTimes ? 1.0 : 0.0;
        out.estimates.push_back(estimateOf(names[static_cast<std::size_t>(k)], fit.used,
                                           prior + deliverySd[k] * fit.x[k],
                                           deliverySd[k] * fit.sd(k), prior, deliverySd[k]));
    }
    return out;
}

}  // namespace wedgeon
