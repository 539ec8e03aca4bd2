// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Estimating all rungs of a ladder at once.
#include "wedgeon/ladder/ladder.h"

#include <Eigen/Cholesky>
#include <Eigen/Core>
#include <algorithm>
#include <cmath>
#include <map>
#include <memory>
#include <set>
#include <utility>

#include "ladder/location.h"
#include "simulate/random_stream.h"
#include "tune/robust_fit.h"
#include "wedgeon/error.h"
#include "wedgeon/normal.h"
#include "wedgeon/units.h"

namespace wedgeon {
namespace {

using Eigen::Index;
using Eigen::MatrixXd;
using Eigen::VectorXd;
using ladder::findLocation;
using ladder::Location;

constexpr double mostClubs = 30;
constexpr std::size_t ladders = 2000;
/// A ball that was topped is no measure of a swing.
constexpr double leastCarry_m = 0.5;

// Deviations of logarithms. Of the speed: the prior ladder as a whole, and each swing of it.
constexpr double speedTogether = 0.12, speedEach = 0.08;
/// Clubs are swung at speeds that differ by about this.
constexpr double speedOfClub = 0.01;
/// Shots that a swing's speed counts as beside a rung's own.
constexpr double speedWeight = 4.0;
/// Of the carry, about what the model makes of the speed: the player, a way, a club played so.
constexpr double carryOfPlayer = 0.15, carryOfWay = 0.06, carryOfLine = 0.03;
/// What a swing, a club and a rung differ by besides: averaged over, by how likely they make the
/// shots.
constexpr std::array swingGrid{0.003, 0.01, 0.03, 0.08, 0.2};
constexpr std::array clubGrid{0.003, 0.01, 0.03, 0.08};
constexpr std::array rungGrid{0.002, 0.007, 0.015, 0.03, 0.06};
constexpr double leastWeight = 0.002;
/// Carry goes with the speed to about this power.
constexpr double power = 1.7;
/// What is not known of a day's air and ground.
constexpr double carryOfDay = 0.008;
/// All shots' scatter counts beside a rung's own as if it came of so many.
constexpr double scatterWeight = 8.0;
constexpr double ordinaryScatter = 0.07, ordinarySpeedScatter = 0.03;

struct Cell {
    std::size_t line = 0, swing = 0;
    double model = 0.0;  ///< of the carry on the plain day at the swing's speed
    std::vector<double> carries, speeds;
    std::vector<double> read;  ///< deviation of how each carry was read
    std::set<std::string> days;
    Location location;
    double scatter = ordinaryScatter;

    double noise() const {
        return scatter * scatter / location.counted +
               carryOfDay * carryOfDay / std::max<double>(static_cast<double>(days.size()), 1.0);
    }
};

/// Its club speed was measured, and the ball was not topped.
bool isSpeed(const LadderShot& s) {
    return s.clubSpeed_mps > 0.5 && !(s.carry_m <= leastCarry_m);
}

/// What does not change with speed: the same set-up, whatever the swing.
Recipe atRest(Recipe r) {
    r.clubSpeed_mps = Recipe{}.clubSpeed_mps;
    return r;
}

class Maker {
public:
    explicit Maker(const LadderRequest& q) : q_(q) {
        makeLines();
        findSpeeds();
        findCarries();
    }
    Ladder make();

private:
    const Predictor& predictor(std::size_t met, std::size_t club);
    /// Carry of a line at a swing's speed; nothing where the model has no answer.
    std::optional<double> logCarry(std::size_t met, std::size_t line, std::size_t swing);
    /// Logarithm of the speed at full grip, before the lie took its part.
    double cleanSpeed(const LadderShot& s);
    void makeLines();
    void findSpeeds();
    void findCarries();
    std::size_t lineOf(const LadderShot& s) const;
    std::vector<VectorXd> drawLadders() const;
    MatrixXd covariance(double swingSd, double clubSd, double rungSd) const;

    static constexpr std::size_t plain = static_cast<std::size_t>(-1);

    const LadderRequest& q_;
    std::map<std::pair<std::size_t, std::size_t>, std::unique_ptr<Predictor>> predictors_;
    std::map<std::array<std::size_t, 3>, std::optional<double>> carries_;
    std::map<std::pair<std::size_t, Way>, std::size_t> places_;
    std::vector<LadderLine> lines_;
    VectorXd speed_;            ///< logarithms, of each swing
    MatrixXd speedCovariance_;  ///< of those
    bool speedsSeen_ = false;
    std::vector<Cell> cells_;
};

const Predictor& Maker::predictor(std::size_t met, std::size_t club) {
    auto& p = predictors_[{met, club}];
    if (!p) {
        Conditions c = met == plain ? q_.plain : q_.met[met];
        c.wedge = q_.clubs[club].wedge;
        p = std::make_unique<Predictor>(q_.player, std::move(c));
    }
    return *p;
}

std::optional<double> Maker::logCarry(std::size_t met, std::size_t line, std::size_t swing) {
    const auto [at, isNew] = carries_.try_emplace({met, line, swing});
    if (isNew) {
        Recipe r = lines_[line].recipe;
        r.clubSpeed_mps = std::exp(speed_[static_cast<Index>(swing)]);
        try {
            const double carry = predictor(met, lines_[line].club).shot(r).flight.carry_m;
            if (carry > leastCarry_m) at->second = std::log(carry);
        } catch (const RangeError&) {
            // The set-up cannot be played with this club from there.
        }
    }
    return at->second;
}

double Maker::cleanSpeed(const LadderShot& s) {
    const double grip = s.declared ? s.declared->gripDown_m : 0.0;
    const double kept = predictor(s.met, s.club).contact().speedKept * (1.0 - grip / 1.6);
    return std::log(s.clubSpeed_mps / std::max(kept, 0.1));
}

std::size_t Maker::lineOf(const LadderShot& s) const {
    return places_.at({s.club, s.declared ? wayOf(*s.declared) : Way::Plain});
}

void Maker::makeLines() {
    std::map<std::pair<std::size_t, Way>, std::vector<std::pair<Recipe, std::size_t>>> setUps;
    std::vector<std::pair<Recipe, std::size_t>> anyPlain;
    const auto count = [](std::vector<std::pair<Recipe, std::size_t>>& all, const Recipe& r) {
        const auto at =
            std::find_if(all.begin(), all.end(), [&](const auto& one) { return one.first == r; });
        if (at == all.end()) {
            all.emplace_back(r, 1);
        } else {
            ++at->second;
        }
    };
    for (std::size_t i = 0; i < q_.clubs.size(); ++i)
        setUps[{i, Way::Plain}];
    for (const LadderShot& s : q_.shots) {
        if (!s.declared) continue;
        const Recipe r = atRest(*s.declared);
        const Way way = wayOf(r);
        count(setUps[{s.club, way}], r);
        if (way == Way::Plain) count(anyPlain, r);
    }
    const auto most = [](const std::vector<std::pair<Recipe, std::size_t>>& all) {
        return std::max_element(all.begin(), all.end(),
                                [](const auto& a, const auto& b) { return a.second < b.second; })
            ->first;
    };
    for (const auto& [place, all] : setUps) {
        places_[place] = lines_.size();
        LadderLine line;
        line.club = place.first;
        line.way = place.second;
        if (!all.empty()) {
            line.recipe = most(all);
        } else if (!anyPlain.empty()) {
            line.recipe = most(anyPlain);
        }
        lines_.push_back(std::move(line));
    }
}

void Maker::findSpeeds() {
    const std::size_t n = q_.swings.swings.size();
    std::vector<std::vector<double>> speeds(n);
    std::map<std::pair<std::size_t, std::size_t>, std::vector<double>> kinds;
    for (const LadderShot& s : q_.shots) {
        if (!isSpeed(s)) continue;
        const double clean = cleanSpeed(s);
        speeds[s.swing].push_back(clean);
        kinds[{lineOf(s), s.swing}].push_back(clean);
    }
    std::vector<std::vector<double>> each;
    each.reserve(kinds.size());
    for (auto& [kind, all] : kinds)
        each.push_back(std::move(all));
    const double sd = std::max(ladder::pooledScatter(each, ordinarySpeedScatter), 0.005);

    const auto size = static_cast<Index>(n);
    VectorXd prior(size);
    for (std::size_t i = 0; i < n; ++i)
        prior[static_cast<Index>(i)] = std::log(q_.swings.priorSpeed_mps(i));
    MatrixXd k = MatrixXd::Constant(size, size, speedTogether * speedTogether);
    k.diagonal().array() += speedEach * speedEach;
    std::vector<Index> seen;
    VectorXd off(size), noise(size);
    for (std::size_t i = 0; i < n; ++i) {
        if (speeds[i].empty()) continue;
        const Location l = findLocation(speeds[i], sd);
        const auto at = static_cast<Index>(seen.size());
        off[at] = l.middle - prior[static_cast<Index>(i)];
        noise[at] = sd * sd / l.counted + speedOfClub * speedOfClub / 2;
        seen.push_back(static_cast<Index>(i));
    }
    speed_ = prior;
    speedCovariance_ = k;
    speedsSeen_ = !seen.empty();
    if (speedsSeen_) {
        const auto m = static_cast<Index>(seen.size());
        MatrixXd y = k(seen, seen);
        y.diagonal() += noise.head(m);
        const MatrixXd across = k(Eigen::all, seen);
        const Eigen::LLT<MatrixXd> solver(y);
        speed_ += across * solver.solve(off.head(m));
        speedCovariance_ -= across * solver.solve(across.transpose());
    }
    std::vector<double> rising(speed_.begin(), speed_.end());
    makeMonotone(rising);
    speed_ = Eigen::Map<VectorXd>(rising.data(), size);
}

void Maker::findCarries() {
    std::map<std::pair<std::size_t, std::size_t>, std::size_t> at;
    for (std::size_t l = 0; l < lines_.size(); ++l) {
        for (std::size_t s = 0; s < q_.swings.swings.size(); ++s) {
            const auto model = logCarry(plain, l, s);
            if (!model) continue;
            at[{l, s}] = cells_.size();
            Cell& c = cells_.emplace_back();
            c.line = l;
            c.swing = s;
            c.model = *model;
        }
    }
    for (const LadderShot& s : q_.shots) {
        const std::size_t line = lineOf(s);
        const auto place = at.find({line, s.swing});
        if (place == at.end()) continue;
        Cell& c = cells_[place->second];
        if (isSpeed(s)) c.speeds.push_back(cleanSpeed(s));
        if (!(s.carry_m > leastCarry_m)) continue;
        const auto there = logCarry(s.met, line, s.swing);
        if (!there) continue;
        c.carries.push_back(std::log(s.carry_m) - *there + c.model);
        c.read.push_back(s.carrySd_m / s.carry_m);
        if (!s.day.empty()) c.days.insert(s.day);
    }
    std::vector<std::vector<double>> kinds;
    kinds.reserve(cells_.size());
    for (const Cell& c : cells_)
        kinds.push_back(c.carries);
    // What the eye adds is no scatter of the player's.
    double readSquares = 0.0, all = 0.0;
    for (const Cell& c : cells_) {
        for (const double sd : c.read)
            readSquares += sd * sd;
        all += static_cast<double>(c.read.size());
    }
    const double read = all > 0.0 ? readSquares / all : 0.0;
    const double apart = ladder::pooledScatter(kinds, std::hypot(ordinaryScatter, std::sqrt(read)));
    const double pooled =
        std::sqrt(std::max({apart * apart - read, 0.005 * 0.005, read > 0.0 ? 0.02 * 0.02 : 0.0}));
    for (Cell& c : cells_) {
        c.location = findLocation(c.carries, pooled, read > 0.0 ? c.read : std::vector<double>{});
        double sum = scatterWeight * pooled * pooled;
        double free = scatterWeight;
        for (std::size_t i = 0; i < c.carries.size(); ++i) {
            const double d = c.carries[i] - c.location.middle;
            if (c.carries.size() < 3 || std::abs(d) > 4.7 * std::hypot(pooled, c.read[i])) continue;
            sum += d * d - c.read[i] * c.read[i];
            free += 1.0;
        }
        sum = std::max(sum, 0.25 * free * pooled * pooled);
        c.scatter = std::sqrt(sum / (c.carries.size() < 3 ? free : free - 1.0));
    }
}

MatrixXd Maker::covariance(double swingSd, double clubSd, double rungSd) const {
    const auto n = static_cast<Index>(cells_.size());
    MatrixXd k(n, n);
    for (Index i = 0; i < n; ++i) {
        const Cell& a = cells_[static_cast<std::size_t>(i)];
        for (Index j = 0; j <= i; ++j) {
            const Cell& b = cells_[static_cast<std::size_t>(j)];
            const LadderLine& one = lines_[a.line];
            const LadderLine& other = lines_[b.line];
            double v =
                carryOfPlayer * carryOfPlayer +
                power * power *
                    speedCovariance_(static_cast<Index>(a.swing), static_cast<Index>(b.swing));
            if (a.swing == b.swing) v += swingSd * swingSd;
            if (one.club == other.club) v += clubSd * clubSd;
            if (one.way == other.way && one.way != Way::Plain) v += carryOfWay * carryOfWay;
            if (a.line == b.line && one.way != Way::Plain) v += carryOfLine * carryOfLine;
            if (i == j) v += rungSd * rungSd;
            k(i, j) = k(j, i) = v;
        }
    }
    return k;
}

std::vector<VectorXd> Maker::drawLadders() const {
    const auto n = static_cast<Index>(cells_.size());
    std::vector<Index> seen;
    for (Index i = 0; i < n; ++i) {
        if (!cells_[static_cast<std::size_t>(i)].carries.empty()) seen.push_back(i);
    }
    const auto m = static_cast<Index>(seen.size());
    VectorXd off(m), noise(m);
    for (Index i = 0; i < m; ++i) {
        const Cell& c = cells_[static_cast<std::size_t>(seen[static_cast<std::size_t>(i)])];
        off[i] = c.location.middle - c.model;
        noise[i] = c.noise();
    }
    struct Guess {
        double swing, club, rung, score;
    };
    std::vector<Guess> guesses;
    for (const double s : swingGrid) {
        for (const double c : clubGrid) {
            for (const double r : rungGrid) {
                double score = 0.0;
                if (m > 0) {
                    MatrixXd y = covariance(s, c, r)(seen, seen);
                    y.diagonal() += noise;
                    const Eigen::LLT<MatrixXd> solver(y);
                    score = -0.5 * off.dot(solver.solve(off)) -
                            MatrixXd(solver.matrixL()).diagonal().array().log().sum();
                }
                guesses.push_back({s, c, r, score});
            }
        }
    }
    const double best =
        std::max_element(guesses.begin(), guesses.end(), [](const Guess& a, const Guess& b) {
            return a.score < b.score;
        })->score;
    double sum = 0.0;
    for (Guess& g : guesses) {
        g.score = std::exp(g.score - best);
        if (g.score < leastWeight) g.score = 0.0;
        sum += g.score;
    }

    std::vector<VectorXd> out;
    out.reserve(ladders);
    double done = 0.0;
    for (const Guess& g : guesses) {
        if (g.score == 0.0) continue;
        done += g.score / sum;
        const auto until = static_cast<std::size_t>(std::lround(done * ladders));
        if (until <= out.size()) continue;
        const MatrixXd k = covariance(g.swing, g.club, g.rung);
        MatrixXd posterior = k;
        VectorXd middle = VectorXd::Zero(n);
        if (m > 0) {
            MatrixXd y = k(seen, seen);
            y.diagonal() += noise;
            const MatrixXd across = k(Eigen::all, seen);
            const Eigen::LLT<MatrixXd> solver(y);
            middle = across * solver.solve(off);
            posterior -= across * solver.solve(across.transpose());
        }
        // Rounding must not make it indefinite.
        posterior.diagonal().array() += 1e-10;
        const MatrixXd root = Eigen::LLT<MatrixXd>(posterior).matrixL();
        while (out.size() < until) {
            RandomStream random(q_.seed, out.size());
            VectorXd z(n);
            for (double& v : z)
                v = random.normal();
            out.emplace_back(middle + root * z);
        }
    }
    return out;
}

Ladder Maker::make() {
    const std::vector<VectorXd> all = drawLadders();
    std::vector<std::vector<double>> values(cells_.size(), std::vector<double>(all.size()));
    // Cells stand by line and swing.
    std::vector<double> rungs;
    // What is known well holds what is not.
    VectorXd mean = VectorXd::Zero(static_cast<Index>(cells_.size()));
    VectorXd square = mean;
    for (const VectorXd& one : all) {
        mean += one;
        square += one.cwiseAbs2();
    }
    const double count = static_cast<double>(std::max<std::size_t>(all.size(), 1));
    std::vector<double> weights;
    for (Index i = 0; i < mean.size(); ++i)
        weights.push_back(
            1.0 / std::max(square[i] / count - (mean[i] / count) * (mean[i] / count), 1e-8));
    for (std::size_t d = 0; d < all.size(); ++d) {
        for (std::size_t from = 0, to = 0; from < cells_.size(); from = to) {
            rungs.clear();
            for (to = from; to < cells_.size() && cells_[to].line == cells_[from].line; ++to)
                rungs.push_back(cells_[to].model + all[d][static_cast<Index>(to)]);
            makeMonotone(rungs, std::span(weights).subspan(from, to - from));
            for (std::size_t i = from; i < to; ++i)
                values[i][d] = rungs[i - from];
        }
    }
    Ladder out{q_.clubs, q_.swings, q_.player, q_.plain, std::move(lines_), 0};
    for (std::size_t i = 0; i < cells_.size(); ++i) {
        Cell& c = cells_[i];
        auto& v = values[i];
        std::sort(v.begin(), v.end());
        const auto at = [&](double share) {
            return v[static_cast<std::size_t>(share * static_cast<double>(v.size() - 1))];
        };
        LadderRung r;
        r.swing = c.swing;
        r.carry_m = std::exp(at(0.5));
        r.low80_m = std::exp(at(0.1));
        r.high80_m = std::exp(at(0.9));
        const double known = (at(0.9) - at(0.1)) / (2 * halfOf80);
        const double half = halfOf80 * std::hypot(known, c.scatter);
        // What is known of the middle may be lopsided, where a neighbour holds it.
        r.shotsLow80_m = std::min(r.carry_m * std::exp(-half), r.low80_m);
        r.shotsHigh80_m = std::max(r.carry_m * std::exp(half), r.high80_m);
        r.shots = c.carries.size();
        r.predicted = r.shots == 0;
        if (!c.days.empty()) r.newest = *c.days.rbegin();
        out.shots += r.shots;
        LadderLine& line = out.lines[c.line];
        const double swingSpeed = speed_[static_cast<Index>(c.swing)];
        if (speedsSeen_) {
            const auto n = static_cast<double>(c.speeds.size());
            const double own = findLocation(c.speeds, ordinarySpeedScatter).middle;
            r.clubSpeed_mps = std::exp((n * own + speedWeight * swingSpeed) / (n + speedWeight));
            r.speedSd_mps = r.clubSpeed_mps * ladder::pooledScatter({c.speeds}, 0.0);
        } else {
            try {
                r.clubSpeed_mps = predictor(plain, line.club).speedForCarry(line.recipe, r.carry_m);
            } catch (const RangeError&) {
                r.clubSpeed_mps = std::exp(swingSpeed);
            }
        }
        if (!line.rungs.empty())
            r.clubSpeed_mps = std::max(r.clubSpeed_mps, line.rungs.back().clubSpeed_mps);
        line.rungs.push_back(std::move(r));
    }
    std::erase_if(out.lines, [](const LadderLine& l) { return l.rungs.empty(); });
    return out;
}

}  // namespace

Way wayOf(const Recipe& declared) {
    constexpr double ball = constants::ballWidth_m;
    if (declared.gripDown_m >= 0.025) return Way::GrippedDown;
    if (declared.open_rad + declared.handTurn_rad >= radFromDeg(8)) return Way::Opened;
    if (declared.lean_rad >= radFromDeg(9) || declared.ballForward_m <= -1.0 * ball)
        return Way::Low;
    if (declared.ballForward_m >= 0.75 * ball && declared.lean_rad <= radFromDeg(3))
        return Way::High;
    return Way::Plain;
}

void LadderRequest::validate() const {
    requireRange("clubs", static_cast<double>(clubs.size()), 1.0, mostClubs);
    swings.validate();
    for (const LadderShot& s : shots) {
        requireRange("club", static_cast<double>(s.club), 0.0,
                     static_cast<double>(clubs.size()) - 1.0);
        requireRange("swing", static_cast<double>(s.swing), 0.0,
                     static_cast<double>(swings.swings.size()) - 1.0);
        requireRange("met", static_cast<double>(s.met), 0.0, static_cast<double>(met.size()) - 1.0);
    }
}

Ladder makeLadder(const LadderRequest& request) {
    request.validate();
    return Maker(request).make();
}

void makeMonotone(std::vector<double>& values, std::span<const double> weights) {
    struct Pool {
        double mean, weight;
        std::size_t size;
    };
    std::vector<Pool> pools;
    for (std::size_t i = 0; i < values.size(); ++i) {
        pools.push_back({values[i], weights.empty() ? 1.0 : weights[i], 1});
        while (pools.size() > 1 && pools[pools.size() - 2].mean > pools.back().mean) {
            const Pool last = pools.back();
            pools.pop_back();
            Pool& before = pools.back();
            const double weight = before.weight + last.weight;
            before.mean = (before.weight * before.mean + last.weight * last.mean) / weight;
            before.weight = weight;
            before.size += last.size;
        }
    }
    std::size_t at = 0;
    for (const Pool& pool : pools) {
        for (std::size_t i = 0; i < pool.size; ++i)
            values[at++] = pool.mean;
    }
}

}  // namespace wedgeon
