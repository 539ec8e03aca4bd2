// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Which shots would tell most.
#include <Eigen/Cholesky>
#include <algorithm>
#include <cmath>
#include <map>
#include <tuple>

#include "tune/strike_model.h"

namespace wedgeon {
namespace {

using namespace tune;

constexpr std::size_t leastOfCell = 3;
/// Shots of a cell that stand for its scatter.
constexpr std::size_t mostPlayed = 8;
constexpr double worthIt = 0.02;
/// Steps of a parameter, in deviations of its prior: a run leaps with every hop more or less.
constexpr double step = 0.3;

/// Set-ups are told apart in steps that a coach would speak of, kinds without names on a grid that
/// a player can aim at.
constexpr double openGrid_rad = 5.0 * constants::pi / 180.0;
constexpr double leanGrid_rad = 3.0 * constants::pi / 180.0;
constexpr double ballGrid_m = constants::ballWidth_m / 2;
constexpr double speedGrid_mps = 3.0;
constexpr double angleGrid_rad = 4.0 * constants::pi / 180.0;

using Key = std::tuple<std::string, std::string, long, long, long>;

Key keyOf(const TuneShot& s) {
    if (s.wedge.empty() && s.swing.empty()) {
        const Delivery& d = s.read;
        return {{},
                {},
                std::lround(d.clubSpeed_mps / speedGrid_mps),
                std::lround(d.dynamicLoft_rad / angleGrid_rad),
                std::lround(d.attack_rad / angleGrid_rad)};
    }
    if (!s.declared) return {s.wedge, s.swing, -1000, 0, 0};
    return {s.wedge, s.swing, std::lround(s.declared->open_rad / openGrid_rad),
            std::lround(s.declared->lean_rad / leanGrid_rad),
            std::lround(s.declared->ballForward_m / ballGrid_m)};
}

struct Cell {
    std::vector<const TuneShot*> shots;

    /// Some of them, evenly.
    std::vector<const TuneShot*> played() const {
        std::vector<const TuneShot*> out;
        const std::size_t n = std::min(mostPlayed, shots.size());
        for (std::size_t k = 0; k < n; ++k)
            out.push_back(shots[k * shots.size() / n]);
        return out;
    }
    Delivery middle() const {
        Delivery sum{0, 0, 0, 0, 0};
        const auto n = static_cast<double>(shots.size());
        for (const TuneShot* s : shots) {
            sum.clubSpeed_mps += s->read.clubSpeed_mps / n;
            sum.attack_rad += s->read.attack_rad / n;
            sum.dynamicLoft_rad += s->read.dynamicLoft_rad / n;
        }
        return sum;
    }
};

class Design {
public:
    Design(std::span<const TuneShot> shots, const TuneResult& fit) : shots_(shots), fit_(fit) {
        std::map<Key, Cell> cells;
        std::vector<std::size_t> groupShots;
        for (std::size_t i = 0; i < shots.size(); ++i) {
            if (fit.weights[i] <= 0.0) continue;
            const TuneGroup group = groupOf(shots[i].conditions);
            const std::size_t g = layout_.groupOf(group);
            if (g == layout_.groups.size()) {
                layout_.groups.push_back(group);
                groupShots.push_back(0);
            }
            ++groupShots[g];
            if (layout_.ballOf(group.ball) == layout_.balls.size())
                layout_.balls.push_back(group.ball);
            if (fit.weights[i] >= 0.5) cells[keyOf(shots[i])].shots.push_back(&shots[i]);
        }
        const bool any = std::any_of(cells.begin(), cells.end(), [](const auto& c) {
            return c.second.shots.size() >= leastOfCell;
        });
        for (auto& [key, cell] : cells) {
            if (!any || cell.shots.size() >= leastOfCell) cells_.push_back(std::move(cell));
        }
        for (std::size_t g = 0; g < groupShots.size(); ++g) {
            if (groupShots[g] >= leastOfCell || layout_.groups.size() == 1) groups_.push_back(g);
        }
        x_ = parametersOf(layout_, fit.tuning);
    }

    NextShots find(std::size_t count) {
        NextShots out;
        if (cells_.empty() || groups_.empty()) return out;
        Eigen::MatrixXd precision =
            precisionOf(layout_, shots_, fit_.weights, fit_.tuning, noiseOf(fit_));
        const Eigen::MatrixXd wanted = usual();
        const auto varianceBy = [&](const Eigen::MatrixXd& p) {
            return p.ldlt().solve(wanted).trace();
        };
        const double before = varianceBy(precision);
        if (!(before > 0.0)) return out;
        struct Candidate {
            std::size_t cell, group;
            Eigen::MatrixXd tells;
        };
        std::vector<Candidate> candidates;
        for (std::size_t c = 0; c < cells_.size(); ++c) {
            for (const std::size_t g : groups_)
                candidates.push_back({c, g, tells(cells_[c], g)});
        }
        std::map<std::size_t, std::size_t> listed;
        double now = before;
        for (std::size_t k = 0; k < count; ++k) {
            std::size_t best = 0;
            double least = now;
            for (std::size_t i = 0; i < candidates.size(); ++i) {
                const double its = varianceBy(precision + candidates[i].tells);
                if (its >= least) continue;
                least = its;
                best = i;
            }
            if (!(least < now)) break;
            if (k == 0) out.enough = (now - least) / now < worthIt;
            precision += candidates[best].tells;
            const auto [at, isNew] = listed.emplace(best, out.shots.size());
            if (isNew) {
                const Candidate& c = candidates[best];
                const TuneShot& first = *cells_[c.cell].shots.front();
                out.shots.push_back({cells_[c.cell].middle(), layout_.groups[c.group], first.wedge,
                                     first.swing, first.declared, 1, (now - least) / before});
            } else {
                ++out.shots[at->second].times;
                out.shots[at->second].gain += (now - least) / before;
            }
            now = least;
        }
        return out;
    }

private:
    /// What one more shot of the cell adds to the precision, on the average over its scatter.
    Eigen::MatrixXd tells(const Cell& cell, std::size_t g) const {
        const auto n = static_cast<Eigen::Index>(layout_.size());
        Eigen::MatrixXd out = Eigen::MatrixXd::Zero(n, n);
        const TuneGroup& group = layout_.groups[g];
        const std::size_t b = layout_.ballOf(group.ball);
        const auto at = placesOf(layout_.groupAt(g), layout_.ballAt(b));
        const auto played = cell.played();
        const Noise noise = noiseOf(fit_);
        for (const TuneShot* s : played) {
            const Linearised l =
                linearise({s->read, priorContact(group), 1.0, 0.0, 1.0, noise}, x_.data(),
                          x_[layout_.groupAt(g)], x_[layout_.ballAt(b)]);
            if (!l.jacobian.allFinite()) continue;
            // The residuals are relative to the reading, which a shot to come does not have yet:
            // at the prediction the reading is what the model says.
            Eigen::Matrix<double, 3, localCount> j = l.jacobian;
            j.row(0) /= 1.0 + l.residual[0] * noise.speed;
            j.row(2) /= 1.0 + l.residual[2] * noise.spin;
            const Eigen::Matrix<double, localCount, localCount> its =
                j.transpose() * j / static_cast<double>(played.size());
            for (std::size_t r = 0; r < at.size(); ++r) {
                for (std::size_t c = 0; c < at.size(); ++c)
                    out(at[r], at[c]) +=
                        its(static_cast<Eigen::Index>(r), static_cast<Eigen::Index>(c));
            }
        }
        return out;
    }

    /// Squares of how carry and release of the usual shots move with the parameters, each of the
    /// two against its own mean, as often as each cell is hit.
    Eigen::MatrixXd usual() const {
        const auto n = static_cast<Eigen::Index>(layout_.size());
        std::array<Eigen::MatrixXd, 2> moves{Eigen::MatrixXd::Zero(n, n),
                                             Eigen::MatrixXd::Zero(n, n)};
        for (const Cell& cell : cells_) {
            const auto weight = static_cast<double>(cell.shots.size());
            const auto played = cell.played();
            std::array<Eigen::VectorXd, 2> slope{Eigen::VectorXd::Zero(n),
                                                 Eigen::VectorXd::Zero(n)};
            for (const TuneShot* s : played) {
                for (Eigen::Index k = 0; k < n; ++k) {
                    const auto up = at(*s, k, step), down = at(*s, k, -step);
                    if (!up || !down) continue;
                    for (std::size_t o = 0; o < 2; ++o)
                        slope[o][k] += ((*up)[o] - (*down)[o]) / (2 * step) /
                                       static_cast<double>(played.size());
                }
            }
            for (std::size_t o = 0; o < 2; ++o)
                moves[o] += weight * slope[o] * slope[o].transpose();
        }
        Eigen::MatrixXd out = Eigen::MatrixXd::Zero(n, n);
        for (const Eigen::MatrixXd& m : moves) {
            if (m.trace() > 0.0) out += m / m.trace();
        }
        return out;
    }

    /// Carry and release of a shot with one parameter moved; nothing where that is none of its own.
    std::optional<std::array<double, 2>> at(const TuneShot& s, Eigen::Index parameter,
                                            double by) const {
        const TuneGroup group = groupOf(s.conditions);
        const auto places = placesOf(layout_.groupAt(layout_.groupOf(group)),
                                     layout_.ballAt(layout_.ballOf(group.ball)));
        if (std::find(places.begin(), places.end(), parameter) == places.end()) return std::nullopt;
        std::vector<double> x = x_;
        x[static_cast<std::size_t>(parameter)] += by;
        Tuning tuning;
        tuning.strike = tuningOf(layout_, x);
        tuning.strike.correction = fit_.tuning.correction;
        const auto its = calcOutcomes(s, tuning);
        if (!its) return std::nullopt;
        return std::array{(*its)[static_cast<std::size_t>(TuneOutcome::Carry)],
                          (*its)[static_cast<std::size_t>(TuneOutcome::Release)]};
    }

    std::span<const TuneShot> shots_;
    const TuneResult& fit_;
    Layout layout_;
    std::vector<double> x_;
    std::vector<Cell> cells_;
    std::vector<std::size_t> groups_;
};

}  // namespace

NextShots findNextShots(std::span<const TuneShot> shots, const TuneResult& fit, std::size_t count) {
    if (fit.refused || fit.weights.size() != shots.size()) return {};
    return Design(shots, fit).find(count);
}

}  // namespace wedgeon
