// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// The rules, one by one.
#include "wedgeon/store/quality.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <map>
#include <optional>

#include "wedgeon/error.h"
#include "wedgeon/flight/flight.h"
#include "wedgeon/store/shot_givens.h"
#include "wedgeon/store/sightings.h"
#include "wedgeon/store/tune_shots.h"
#include "wedgeon/units.h"

namespace wedgeon::store {
namespace {

// The fastest that a face drives a ball: square, at low speed. (1 + e0)/(1 + m/M).
constexpr double mostSmash =
    (1 + constants::restitution0) / (1 + constants::ballMass_kg / constants::headMass_kg);

// How far from the prior's strike a reading is still ordinary; see the header.
constexpr double fastest = 1.15;
constexpr double fatSpeed = 0.88;
constexpr double fatSpin = 0.85;
constexpr double fatBeside = 0.92;  // of the player's other shots
constexpr double thinLaunch_rad = radFromDeg(5);
constexpr double thinSpin = 0.75;
constexpr double thinBeside = 0.85;  // of what its strike gives with this player
constexpr double offAxis_rad = radFromDeg(12);

constexpr std::size_t frozenRun = 4;
constexpr std::size_t roundRun = 6;
constexpr std::size_t repeatsWithin = 50;  // shots before it
// A ball speed so far from this strike's own is another unit's; a flop drives its ball slowly, too.
constexpr double slowForStrike = 0.7;
// How far a flight may be from its launch's beside the day's others: in robust deviations, and as a
// share (of an angle, too); without enough others, as a share alone.
constexpr double flightStrays = 4.5, flightShare = 0.06, flightAlone = 0.25;
constexpr double unitStrays = 3.0;  // where it is just what another unit makes
// The same formula within so much, in so many shots.
constexpr double sameFormula = 0.004;
// Ball against club: robust deviations that are far, shots that make a day, days that tell one.
constexpr double departs = 4.0;
constexpr std::size_t leastOfDay = 8, leastDays = 3;
constexpr std::size_t leastFitted = 12, mostFitted = 400;
constexpr std::size_t formulaShots = 12;
constexpr std::size_t leastGroup = 8;
constexpr double farFromMedian = 6.0;
// For mishits, where two signs have to agree.
constexpr double lowSpin = 2.0;
constexpr double lowSpeed = 3.0;
constexpr double farBelow = 4.0;

// Yards or feet that were taken for metres.
constexpr std::array unitMixUps{1.0936, 3.2808, 3.0};

double medianOf(std::vector<double> v) {
    const auto middle = v.begin() + static_cast<std::ptrdiff_t>(v.size() / 2);
    std::nth_element(v.begin(), middle, v.end());
    return *middle;
}

bool isNear(double value, double target, double share) {
    return std::abs(value / target - 1) < share;
}

class Judge {
public:
    Judge(const ShotList& shots, const Fallback& fallback, std::size_t from, std::stop_token stop)
        : shots_(shots),
          from_(from),
          size_(shots.size() - from),
          fallback_(fallback),
          stop_(std::move(stop)),
          notes_(size_),
          spinShare_(size_),
          residuals_(size_),
          slow_(size_) {}

    std::vector<std::vector<QualityNote>> run() {
        if (from_ == 0) fitPlayers();
        for (std::size_t i = 0; i < size_; ++i) {
            if (i % 1024 == 0 && stop_.stop_requested()) return std::move(notes_);
            if (shots_[from_ + i].damaged) {
                note(i, Doubt::Damaged, 1.0, Says::ShotDamaged);
            }
            judgeStrike(i);
            judgeTurf(i);
            judgeRepeats(i);
        }
        findFrozen();
        findRoundSpin();
        findFormula();
        findFlights();
        findDepartures();
        findOutliers();
        for (auto& n : notes_) {
            std::stable_sort(n.begin(), n.end(), [](const auto& a, const auto& b) {
                return a.confidence > b.confidence;
            });
        }
        return std::move(notes_);
    }

private:
    const ShotRecord& at(std::size_t i) const { return shots_[from_ + i].record; }
    /// What was set aside is no part of a pattern.
    bool isCounted(std::size_t i) const { return shots_[from_ + i].setAside.empty(); }

    void note(std::size_t i, Doubt doubt, double confidence, Message reason) {
        notes_[i].push_back({doubt, confidence, std::move(reason)});
    }

    /// Untuned players as far as these shots tell: a friction that is not the prior's is no
    /// misread.
    void fitPlayers() {
        std::map<std::string, std::vector<TuneShot>> byPlayer;
        for (std::size_t i = size_; i > 0; --i) {
            if (!isCounted(i - 1)) continue;
            auto& his = byPlayer[findPlayerName(at(i - 1), fallback_)];
            if (his.size() >= mostFitted) continue;
            if (auto shot = findTuneShot(at(i - 1), fallback_, 0)) his.push_back(std::move(*shot));
        }
        for (const auto& [player, shots] : byPlayer) {
            if (shots.size() < leastFitted || stop_.stop_requested()) continue;
            TuneOptions options;
            options.stop = stop_;
            options.threads = 1;
            const TuneResult fit = fitStrike(shots, options);
            if (fit.refused) continue;
            auto tuning = std::make_shared<Tuning>();
            tuning->strike = fit.tuning;
            fitted_[player] = std::move(tuning);
        }
    }

    void judgeStrike(std::size_t i) {
        const ShotRecord& r = at(i);
        if (r.has(Quantity::ClubSpeed) && r.has(Quantity::BallSpeed)) {
            const double smash = r[Quantity::BallSpeed] / r[Quantity::ClubSpeed];
            if (smash > 1.8 && smash < 3.7) {
                return note(i, Doubt::Units, 0.9,
                            {Says::BallSpeedInOtherUnit, Figure{smash, 2}, Figure{mostSmash, 2}});
            }
            // Without the strike's own: lower than any but the softest flop.
            const double mphPerMps = 1 / findUnit("mph")->factor;
            if (!findDelivery(r) && smash < 0.5 && smash > 0.2 &&
                isNear(smash * mphPerMps, 1.0, 0.4)) {
                return note(i, Doubt::Units, 0.7,
                            {Says::BallSpeedTooLow, Figure{smash, 2}, Figure{mphPerMps, 2}});
            }
            if (smash > mostSmash) {
                return note(i, Doubt::Energy, 0.95,
                            {Says::BallSpeedTooHigh, Figure{smash, 2}, Figure{mostSmash, 2}});
            }
        }
        const auto delivery = findDelivery(r);
        if (!delivery || !r.has(Quantity::BallSpeed)) return;
        try {
            const ShotGivens g = findShotGivens(r, fallback_);
            const Conditions& c = g.conditions;
            Contact contact = calcContact(c.ball, c.face, c.lie);
            contact.speedKept = 1.0;
            compare(i, *delivery, contact, calcStrike(*delivery, contact), g.player.hand);
            residuals_[i] = residualOf(r, g, *delivery);
        } catch (const RangeError&) {
            // Readings that are no strike at all: their own limits have refused them already.
        }
    }

    /// Of ball speed (log), launch and spin (log) from what this strike gives with this player, as
    /// he is tuned; NaN where one was not read.
    struct Residual {
        static constexpr std::array quantities{Quantity::BallSpeed, Quantity::LaunchAngle,
                                               Quantity::SpinRate};
        /// Less is no departure, however still a player's others are.
        static constexpr std::array least{0.06, radFromDeg(3), 0.2};
        std::array<double, 3> off{NAN, NAN, NAN};
        double spinLoft_rad = 0.0;
    };
    Residual residualOf(const ShotRecord& r, ShotGivens g, const Delivery& read) const {
        const auto fitted = fitted_.find(findPlayerName(r, fallback_));
        if (!g.player.tuning && fitted != fitted_.end()) g.player.tuning = fitted->second;
        const StrikeResult strike = g.predictor().shotFrom(read).strike;
        const Launch& ball = strike.launch;
        Residual out;
        out.spinLoft_rad = strike.spinLoft_rad;
        if (r.has(Quantity::BallSpeed) && r[Quantity::BallSpeed] > 0.0)
            out.off[0] = std::log(r[Quantity::BallSpeed] / ball.speed_mps());
        if (r.has(Quantity::LaunchAngle)) out.off[1] = r[Quantity::LaunchAngle] - ball.angle_rad();
        if (r.has(Quantity::SpinRate) && r[Quantity::SpinRate] > 0.0)
            out.off[2] = std::log(r[Quantity::SpinRate] / ball.spinRate_radps());
        return out;
    }

    void compare(std::size_t i, const Delivery& delivery, Contact contact,
                 const StrikeResult& expected, Hand hand) {
        const ShotRecord& r = at(i);
        const double speed = r[Quantity::BallSpeed] / expected.launch.speed_mps();
        // A flop's smash is low, but so is what its strike gives.
        const double mphPerMps = 1 / findUnit("mph")->factor;
        if (speed < slowForStrike && isNear(speed * mphPerMps, 1.0, 0.25)) {
            return note(
                i, Doubt::Units, 0.7,
                {Says::BallSpeedTooLow, Figure{r[Quantity::BallSpeed] / r[Quantity::ClubSpeed], 2},
                 Figure{mphPerMps, 2}});
        }
        if (!r.has(Quantity::SpinRate)) return;
        const double spin = r[Quantity::SpinRate];
        contact.friction = 1.4;
        contact.tangentialRestitution = 0.6;
        const double most = calcStrike(delivery, contact).launch.spinRate_radps();
        if (spin > 1.1 * most) {
            note(i, Doubt::Spin, 0.9,
                 {Says::SpinBeyondGrip, Figure{rpmFromRadps(spin), 0},
                  Figure{rpmFromRadps(most), 0}});
        }
        const double spinShare = spin / expected.launch.spinRate_radps();
        spinShare_[i] = spinShare;
        if (speed < fatSpeed && spinShare < fatSpin) {
            slow_[i] = true;
        }
        if (r.has(Quantity::LaunchAngle) && spinShare < thinSpin && speed > 0.97 &&
            r[Quantity::LaunchAngle] < expected.launch.angle_rad() - thinLaunch_rad) {
            note(i, Doubt::Thin, 0.7,
                 {Says::OffTheEdge,
                  Figure{degFromRad(expected.launch.angle_rad() - r[Quantity::LaunchAngle]), 1},
                  Figure{100 * (1 - spinShare), 0}});
        }
        if (r.has(Quantity::SpinAxis)) {
            const double off = r[Quantity::SpinAxis] - expected.launch.spinAxis_rad();
            const double side = hand == Hand::Left ? -1.0 : 1.0;
            if (std::abs(off) > offAxis_rad) {
                note(i, Doubt::OffCentre, 0.5,
                     {side * off < 0 ? Says::TowardToe : Says::TowardHeel,
                      Figure{degFromRad(std::abs(off)), 0},
                      Figure{degFromRad(expected.launch.spinAxis_rad()), 0}});
            }
        }
    }

    /// The same numbers as a shot not long before.
    void judgeRepeats(std::size_t i) {
        for (std::size_t back = 1; back <= std::min(i, repeatsWithin); ++back) {
            if (!repeats(at(i), at(i - back))) continue;
            // Shots between that differ: somebody sent an old one again.
            return note(i, Doubt::Duplicate, back == 1 ? 0.95 : 0.9, Says::SameAsBefore);
        }
    }
    static bool repeats(const ShotRecord& a, const ShotRecord& b) {
        std::size_t same = 0;
        for (std::size_t k = 0; k < quantityCount; ++k) {
            const auto q = static_cast<Quantity>(k);
            if (a.has(q) != b.has(q)) return false;
            if (!a.has(q) || q == Quantity::Loft) continue;
            if (a[q] != b[q]) return false;
            ++same;
        }
        return same >= 4;
    }

    /// One value that stands still from shot to shot of one player while others move.
    void findFrozen() {
        std::map<std::string, std::vector<std::size_t>> byPlayer;
        for (std::size_t i = 0; i < size_; ++i)
            byPlayer[findPlayerName(at(i), fallback_)].push_back(i);
        for (const auto& [player, his] : byPlayer) {
            for (std::size_t k = 0; k < quantityCount; ++k) {
                const auto q = static_cast<Quantity>(k);
                if (q != Quantity::Loft) findFrozen(his, q);
            }
        }
    }
    void findFrozen(const std::vector<std::size_t>& his, Quantity q) {
        // A column of whole degrees repeats itself: what stands still longer than chance makes it.
        std::size_t pairs = 0, equal = 0, ended = 0;
        for (std::size_t i = 1; i < his.size(); ++i) {
            if (!at(his[i]).has(q) || !at(his[i - 1]).has(q)) continue;
            ++pairs;
            const bool same = at(his[i])[q] == at(his[i - 1])[q];
            const bool goesOn = same && i + 1 < his.size() && at(his[i + 1])[q] == at(his[i])[q];
            if (same) ++equal;
            if (same && !goesOn) ++ended;
        }
        // Of runs, however long, one pair each.
        const double again =
            pairs > 0 ? static_cast<double>(std::min(equal, ended)) / static_cast<double>(pairs)
                      : 0.0;
        const auto byChance = [&](std::size_t run) {
            return static_cast<double>(his.size()) *
                   std::pow(again, static_cast<double>(run) - 1.0);
        };
        constexpr double rare = 0.01;
        std::size_t from = 0;
        for (std::size_t i = 1; i <= his.size(); ++i) {
            const ShotRecord& first = at(his[from]);
            const bool goesOn = i < his.size() && at(his[i]).has(q) && at(his[i])[q] == first[q];
            if (goesOn) continue;
            // Nothing that was not measured is read as 0.
            if (i - from >= frozenRun && first.has(q) && first[q] != 0.0 &&
                byChance(i - from) < rare) {
                for (std::size_t k = from; k < i; ++k)
                    note(his[k], Doubt::Frozen, 0.8, {Says::StandsStill, q, i - from});
            }
            from = i;
        }
    }

    /// Spin that is ball speed times the sine of the launch times one number: nobody saw it.
    void findFormula() {
        std::map<std::string, std::vector<std::pair<double, std::size_t>>> byPlayer;
        for (std::size_t i = 0; i < size_; ++i) {
            const ShotRecord& r = at(i);
            if (!r.has(Quantity::SpinRate) || !r.has(Quantity::BallSpeed) ||
                !r.has(Quantity::LaunchAngle))
                continue;
            const double by = r[Quantity::BallSpeed] * std::sin(r[Quantity::LaunchAngle]);
            if (by > 0.0)
                byPlayer[findPlayerName(r, fallback_)].emplace_back(r[Quantity::SpinRate] / by, i);
        }
        for (auto& [player, all] : byPlayer) {
            std::sort(all.begin(), all.end());
            std::size_t from = 0;
            for (std::size_t i = 1; i <= all.size(); ++i) {
                if (i < all.size() && all[i].first < all[from].first * (1.0 + sameFormula))
                    continue;
                // Chance puts some close together; a formula puts most of them there.
                if (i - from >= formulaShots && 2 * (i - from) > all.size()) {
                    for (std::size_t k = from; k < i; ++k)
                        note(all[k].second, Doubt::Estimated, 0.8, {Says::SpinByFormula, i - from});
                }
                from = i;
            }
        }
    }

    /// Ball against club: first a day against the other days, then a shot against its day.
    void findDepartures() {
        std::map<std::string, std::vector<std::size_t>> byPlayer;
        for (std::size_t i = 0; i < size_; ++i) {
            if (residuals_[i]) byPlayer[findPlayerName(at(i), fallback_)].push_back(i);
        }
        for (const auto& [player, his] : byPlayer) {
            std::vector<std::array<double, 3>> about(his.size(), {NAN, NAN, NAN});
            std::array<double, 3> spread{NAN, NAN, NAN};
            for (std::size_t k = 0; k < 3; ++k)
                spread[k] = judgeDepartures(his, k, about);
            for (std::size_t n = 0; n < his.size(); ++n) {
                judgeSpeed(his[n], about[n]);
                judgeTurned(his[n], about[n], spread);
            }
        }
    }
    /// Beside the player's other shots where there are enough, else beside the prior.
    void judgeSpeed(std::size_t i, const std::array<double, 3>& about) {
        const Residual& its = *residuals_[i];
        const double speed = std::exp(std::isnan(about[0]) ? its.off[0] : about[0]);
        const double spin = std::exp(std::isnan(about[2]) ? its.off[2] : about[2]);
        if (speed > fastest) {
            note(i, Doubt::Energy, 0.8,
                 {Says::BallFaster, Figure{100 * (speed - 1), 0},
                  Figure{degFromRad(its.spinLoft_rad), 0}});
        }
        if (slow_[i] && speed < fatBeside && spin < fatBeside)
            note(i, Doubt::Fat, 0.7,
                 {Says::TurfFirst, Figure{100 * (1 - speed), 0}, Figure{100 * (1 - spin), 0}});
    }
    /// \p about receives each shot's residual about its day's. Their spread, or NaN for too few.
    double judgeDepartures(const std::vector<std::size_t>& his, std::size_t k,
                           std::vector<std::array<double, 3>>& about) {
        const auto of = [&](std::size_t i) { return residuals_[i]->off[k]; };
        std::map<std::string, std::vector<double>> days;
        std::vector<double> all;
        for (const std::size_t i : his) {
            if (!isCounted(i) || std::isnan(of(i))) continue;
            days[dayOf(at(i))].push_back(of(i));
            all.push_back(of(i));
        }
        if (all.size() < leastGroup) return NAN;
        const double middle = medianOf(all);
        // A day of few shots leans on all of them.
        std::map<std::string, double> dayMiddle;
        std::vector<double> middles;
        for (const auto& [day, values] : days) {
            if (values.size() < leastOfDay) continue;
            middles.push_back(dayMiddle[day] = medianOf(values));
        }
        const auto middleOf = [&](std::size_t i) {
            const auto day = dayMiddle.find(dayOf(at(i)));
            return day == dayMiddle.end() ? middle : day->second;
        };
        std::vector<double> strays;
        for (std::size_t n = 0; n < his.size(); ++n) {
            about[n][k] = of(his[n]) - middleOf(his[n]);
            if (isCounted(his[n]) && !std::isnan(about[n][k]))
                strays.push_back(std::abs(about[n][k]));
        }
        const double spread = 1.4826 * medianOf(strays);
        const double far = std::max(departs * spread, Residual::least[k]);
        for (std::size_t n = 0; n < his.size(); ++n) {
            if (!(std::abs(about[n][k]) > far)) continue;
            // One sentence a shot: club or ball was misread, and more than one number shows it.
            const auto& its = notes_[his[n]];
            if (std::any_of(its.begin(), its.end(), [](const QualityNote& q) {
                    return q.reason.says == Says::OffItsStrike;
                }))
                continue;
            note(his[n], Doubt::Outlier, 0.75,
                 {Says::OffItsStrike, Residual::quantities[k],
                  Figure{std::abs(about[n][k]) / std::max(spread, far / departs), 1},
                  Figure{departs, 0}});
        }
        if (middles.size() >= leastDays) judgeDays(his, k, dayMiddle, middles);
        return std::max(spread, Residual::least[k] / departs);
    }
    void judgeDays(const std::vector<std::size_t>& his, std::size_t k,
                   const std::map<std::string, double>& dayMiddle,
                   const std::vector<double>& middles) {
        const double usual = medianOf(middles);
        std::vector<double> strays;
        strays.reserve(middles.size());
        for (const double m : middles)
            strays.push_back(std::abs(m - usual));
        const double far = std::max(departs * 1.4826 * medianOf(strays), Residual::least[k]);
        // Where every third day is off, nobody knows which are.
        const auto off = std::count_if(dayMiddle.begin(), dayMiddle.end(), [&](const auto& d) {
            return std::abs(d.second - usual) > far;
        });
        if (3 * static_cast<std::size_t>(off) > dayMiddle.size()) return;
        std::map<std::string, std::size_t> count;
        for (const std::size_t i : his)
            ++count[dayOf(at(i))];
        for (const std::size_t i : his) {
            const auto day = dayMiddle.find(dayOf(at(i)));
            if (day == dayMiddle.end() || std::abs(day->second - usual) <= far) continue;
            note(i, Doubt::Outlier, 0.5,
                 {Says::DayOffItsStrikes, Residual::quantities[k], count[day->first],
                  Figure{departs * std::abs(day->second - usual) / far, 1}});
        }
    }
    /// An attack whose sign was lost: the ball tells of the other one.
    void judgeTurned(std::size_t i, const std::array<double, 3>& about,
                     const std::array<double, 3>& spread) {
        const ShotRecord& r = at(i);
        if (!(r[Quantity::AttackAngle] > radFromDeg(1.5))) return;
        const auto turned = [&] {
            ShotRecord other = r;
            other[Quantity::AttackAngle] = -r[Quantity::AttackAngle];
            return other;
        }();
        const auto delivery = findDelivery(turned);
        if (!delivery) return;
        try {
            const Residual its = residualOf(r, findShotGivens(r, fallback_), *delivery);
            double as = 0.0, other = 0.0;
            for (std::size_t k = 0; k < 3; ++k) {
                if (std::isnan(about[k]) || std::isnan(spread[k]) || std::isnan(its.off[k]))
                    continue;
                // The day's middle is the same for both.
                const double day = residuals_[i]->off[k] - about[k];
                as += about[k] * about[k] / (spread[k] * spread[k]);
                other += (its.off[k] - day) * (its.off[k] - day) / (spread[k] * spread[k]);
            }
            constexpr double clearly = 4.0;  // of squares of spreads
            if (as - other > clearly)
                note(i, Doubt::Units, 0.6,
                     {Says::AttackTurned, Figure{degFromRad(r[Quantity::AttackAngle]), 1}});
        } catch (const RangeError&) {
            return;
        }
    }

    static std::string dayOf(const ShotRecord& r) { return r[Label::Time].substr(0, 10); }

    /// Carry, apex and landing angle against the flight of the launch that was measured. What wind,
    /// drag and lift do to all shots of a day is the day's, not a shot's.
    void findFlights() {
        struct Flown {
            std::array<std::optional<double>, 3> logRatio;
            /// How far errors of the launch move each, beside a pitch's: a low ball's carry hangs
            /// on its launch.
            std::array<double, 3> sway{1.0, 1.0, 1.0};
        };
        std::vector<Flown> flown(size_);
        constexpr std::array quantities{Quantity::Carry, Quantity::Apex, Quantity::LandingAngle};
        for (std::size_t i = 0; i < size_; ++i) {
            if (i % 256 == 0 && stop_.stop_requested()) return;
            const ShotRecord& r = at(i);
            const auto launch = findLaunch(r);
            const bool any = std::any_of(quantities.begin(), quantities.end(),
                                         [&](Quantity q) { return r.has(q) && r[q] > 0.0; });
            if (!launch || !any) continue;
            try {
                const FlightResult f =
                    calcFlight(*launch, findShotGivens(r, fallback_).conditions.air);
                const std::array said{f.carry_m, f.apex_m, f.landingAngle_rad()};
                const double angle = std::max(launch->angle_rad(), radFromDeg(3));
                // Of the parabola: carry goes with sin 2a, apex with its sine squared.
                flown[i].sway = {std::hypot(1.0, 2 / std::tan(2 * angle)),
                                 std::hypot(1.0, 2 / std::tan(angle)), 1.0};
                for (std::size_t k = 0; k < quantities.size(); ++k) {
                    const Quantity q = quantities[k];
                    if (r.has(q) && r[q] > 0.0 && said[k] > 0.0)
                        flown[i].logRatio[k] = std::log(r[q] / said[k]);
                }
            } catch (const RangeError&) {
                continue;
            }
        }
        for (std::size_t k = 0; k < quantities.size(); ++k) {
            std::map<std::string, std::vector<std::size_t>> days;
            for (std::size_t i = 0; i < size_; ++i) {
                if (flown[i].logRatio[k]) days[dayOf(at(i))].push_back(i);
            }
            for (const auto& [day, members] : days)
                judgeFlights(
                    quantities[k], members, [&](std::size_t i) { return *flown[i].logRatio[k]; },
                    [&](std::size_t i) { return flown[i].sway[k]; });
        }
    }
    template <class Of, class Sway>
    void judgeFlights(Quantity q, const std::vector<std::size_t>& members, const Of& of,
                      const Sway& sway) {
        std::vector<double> all;
        for (const std::size_t i : members) {
            if (isCounted(i)) all.push_back(of(i));
        }
        const bool pattern = all.size() >= leastGroup;
        const double middle = pattern ? medianOf(all) : 0.0;
        double spread = 0.0;
        if (pattern) {
            all.clear();
            for (const std::size_t i : members) {
                if (isCounted(i)) all.push_back(std::abs(of(i) - middle) / sway(i));
            }
            spread = 1.4826 * medianOf(all);
        }
        for (const std::size_t i : members) {
            const double off = std::abs(of(i) - middle), ratio = std::exp(of(i) - middle);
            const double its = spread * sway(i);
            const double far = pattern ? std::max(flightShare, flightStrays * its) : flightAlone;
            const bool unit = std::any_of(unitMixUps.begin(), unitMixUps.end(), [&](double u) {
                return isNear(ratio, u, 0.03) || isNear(ratio, 1.0 / u, 0.03);
            });
            // An apex hangs too much on lift to tell a tenth of it.
            if (unit && q == Quantity::Carry &&
                (off > far || (pattern && off > std::max(flightShare, unitStrays * its))))
                note(i, Doubt::Units, 0.7, {Says::FlightInOtherUnit, q, Figure{ratio, 2}});
            else if (off > far)
                note(i, Doubt::Outlier, 0.75,
                     {Says::FlightOff, q, Figure{100 * std::abs(ratio - 1), 0},
                      Figure{100 * far, 0}});
        }
    }

    void findRoundSpin() {
        const auto isRound = [&](std::size_t i) {
            if (!at(i).has(Quantity::SpinRate)) return false;
            const double hundreds = rpmFromRadps(at(i)[Quantity::SpinRate]) / 100;
            return std::abs(hundreds - std::round(hundreds)) < 1e-6;
        };
        std::size_t from = 0;
        for (std::size_t i = 0; i <= size_; ++i) {
            if (i < size_ && isRound(i)) continue;
            if (i - from >= roundRun) {
                for (std::size_t k = from; k < i; ++k)
                    note(k, Doubt::Estimated, 0.6, Says::RoundSpin);
            }
            from = i + 1;
        }
    }

    /// A value of each shot, where it has one.
    using Values = std::vector<std::optional<double>>;

    template <class Of>
    Values valuesOf(const Of& of) const {
        Values out;
        out.reserve(size_);
        for (std::size_t i = 0; i < size_; ++i)
            out.push_back(of(i));
        return out;
    }
    std::optional<double> read(std::size_t i, Quantity q) const {
        return at(i).has(q) ? std::optional(at(i)[q]) : std::nullopt;
    }
    std::optional<double> ratio(std::size_t i, Quantity over, Quantity under) const {
        const auto a = read(i, over);
        const auto b = read(i, under);
        return a && b && *b != 0.0 ? std::optional(*a / *b) : std::nullopt;
    }

    /// How far each value lies from the median of its group, in robust standard deviations; none
    /// in a group that is too small for a pattern.
    template <class Key>
    Values distances(const Values& values, const Key& keyOf) const {
        std::map<std::string, std::vector<std::size_t>> groups;
        for (std::size_t i = 0; i < values.size(); ++i) {
            if (values[i]) groups[keyOf(at(i))].push_back(i);
        }
        Values out(values.size());
        for (const auto& [key, members] : groups) {
            std::vector<double> all;
            for (const std::size_t i : members) {
                if (isCounted(i)) all.push_back(*values[i]);
            }
            if (all.size() < leastGroup) continue;
            const double middle = medianOf(all);
            for (double& v : all)
                v = std::abs(v - middle);
            // 1.4826: the median deviation of a normal spread in standard deviations.
            const double spread = std::max(1.4826 * medianOf(all), 1e-3 * std::abs(middle) + 1e-9);
            for (const std::size_t i : members)
                out[i] = (*values[i] - middle) / spread;
        }
        return out;
    }

    void findOutliers() {
        const auto byPlayer = [this](const ShotRecord& r) { return findPlayerName(r, fallback_); };
        const auto bySwing = [this](const ShotRecord& r) {
            // A shot with another set-up is no stray of the usual one.
            return findPlayerName(r, fallback_) + '\x1f' + r[Label::Wedge] + '\x1f' +
                   r[Label::Swing] + '\x1f' + r[Label::Recipe];
        };
        // What the ball does depends on the ball, what the club does not.
        const auto bySwingAndBall = [&](const ShotRecord& r) {
            return bySwing(r) + '\x1f' + r[Label::Ball];
        };
        findMishits(
            distances(spinShare_, byPlayer),
            distances(valuesOf([&](std::size_t i) { return read(i, Quantity::DynamicLoft); }),
                      bySwing),
            distances(valuesOf([&](std::size_t i) { return read(i, Quantity::ClubSpeed); }),
                      bySwing));
        // Where the strike is known the ball was held against it: another swing is no stray.
        farFrom(distances(valuesOf([&](std::size_t i) {
                              return ratio(i, Quantity::BallSpeed, Quantity::ClubSpeed);
                          }),
                          bySwingAndBall),
                Says::BallSpeedStray);
        farFrom(distances(valuesOf([&](std::size_t i) { return read(i, Quantity::LaunchAngle); }),
                          bySwingAndBall),
                Says::LaunchStray);
        farFrom(distances(valuesOf([&](std::size_t i) {
                              return ratio(i, Quantity::SpinRate, Quantity::BallSpeed);
                          }),
                          bySwingAndBall),
                Says::SpinStray);
    }

    /// Mishits that the device's own club reading hides from the strike: little spin for the
    /// strike, with a club that came in delofted (thin) or was slowed by the turf (fat).
    void findMishits(const Values& spin, const Values& loft, const Values& speed) {
        for (std::size_t i = 0; i < size_; ++i) {
            if (!spin[i] || *spin[i] > -lowSpin) continue;
            if (loft[i] && *loft[i] < -farBelow && isLowOnItsStrike(i)) {
                note(i, Doubt::Thin, 0.8,
                     {Says::DeloftedForPlayer, Figure{-*loft[i], 0}, Figure{-*spin[i], 0}});
            } else if (speed[i] && *speed[i] < -lowSpeed && isLowOnItsStrike(i)) {
                note(i, Doubt::Fat, 0.8,
                     {Says::SlowedForPlayer, Figure{-*speed[i], 0}, Figure{-*spin[i], 0}});
            }
        }
    }

    /// A chip that is delofted on purpose spins as its strike says, with this player.
    bool isLowOnItsStrike(std::size_t i) const {
        const auto& its = residuals_[i];
        return !its || std::isnan(its->off[2]) || its->off[2] < std::log(thinBeside);
    }

    /// What the turf tells of the strike, where somebody looked.
    void judgeTurf(std::size_t i) {
        const auto seen = findSighting(at(i));
        if (!seen || seen->entry != SeenEntry::BeforeBall || seen->strike == SeenStrike::Clean)
            return;
        if (seen->turf == SeenTurf::Small || seen->turf == SeenTurf::Deep)
            note(i, Doubt::Fat, seen->turf == SeenTurf::Deep ? 0.8 : 0.6, Says::TurfBehindBall);
    }

    void farFrom(const Values& distance, Says says) {
        for (std::size_t i = 0; i < size_; ++i) {
            if (residuals_[i] || !distance[i] || std::abs(*distance[i]) < farFromMedian) continue;
            note(i, Doubt::Outlier, 0.7,
                 {says, Figure{std::abs(*distance[i]), 0}, Figure{farFromMedian, 0}});
        }
    }

    const ShotList& shots_;
    std::size_t from_, size_;
    const Fallback& fallback_;
    std::stop_token stop_;
    std::vector<std::vector<QualityNote>> notes_;
    Values spinShare_;  ///< measured over what the prior's strike gives
    std::vector<std::optional<Residual>> residuals_;
    std::vector<bool> slow_;  ///< slower and with less spin than the prior's strike: fat?
    std::map<std::string, std::shared_ptr<const Tuning>> fitted_;
};

}  // namespace

std::string_view doubtKey(Doubt doubt) {
    switch (doubt) {
        case Doubt::Units:
            return "units";
        case Doubt::Energy:
            return "energy";
        case Doubt::Spin:
            return "spin";
        case Doubt::Duplicate:
            return "duplicate";
        case Doubt::Frozen:
            return "frozen";
        case Doubt::Estimated:
            return "estimated";
        case Doubt::Fat:
            return "fat";
        case Doubt::Thin:
            return "thin";
        case Doubt::OffCentre:
            return "off-centre";
        case Doubt::Damaged:
            return "damaged";
        case Doubt::Outlier:
            return "outlier";
    }
    return {};
}

std::vector<std::vector<QualityNote>> findDoubts(const ShotList& shots, const Fallback& fallback,
                                                 std::size_t from, const std::stop_token& stop) {
    return Judge(shots, fallback, std::min(from, shots.size()), stop).run();
}

std::vector<QualityNote> sharedDoubts(std::vector<QualityNote> notes, const LoggedShot& shot) {
    std::erase_if(notes, [&](const QualityNote& n) {
        return std::find(shot.dismissed.begin(), shot.dismissed.end(), doubtKey(n.doubt)) !=
               shot.dismissed.end();
    });
    return notes;
}

}  // namespace wedgeon::store
