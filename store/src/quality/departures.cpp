// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
#include <algorithm>
#include <set>

#include "heaps.h"
#include "rules.h"
#include "wedgeon/error.h"
#include "wedgeon/units.h"

namespace wedgeon::store::quality {
namespace {

// Robust deviations that are far, shots that make a day, days that tell one.
constexpr double departs = 4.0;
constexpr std::size_t leastOfDay = 8, leastDays = 3;
/// Less is no departure, however still a player's others are: of ball speed (log), launch and spin
/// (log).
constexpr std::array least{0.06, radFromDeg(3), 0.2};
constexpr std::array leastApart{0.04, radFromDeg(2), 0.12};  // of two heaps
constexpr double fastest = 1.15;
constexpr double fatBeside = 0.92;  // of the player's other shots
constexpr double thinBesideUsual = 0.75;

class Departures {
public:
    Departures(Judged& judged, const Strikes& strikes, std::vector<std::size_t> his)
        : judged_(judged),
          strikes_(strikes),
          his_(std::move(his)),
          heap_(his_.size()),
          about_(his_.size(), {NAN, NAN, NAN}) {}

    void run() {
        for (std::size_t k = 0; k < 3; ++k)
            centre(k);
        // Spin shows another ball or face the clearest.
        for (const std::size_t k : {2u, 1u, 0u})
            part(k);
        for (std::size_t k = 0; k < 3; ++k) {
            centre(k);
            judgeDays(k);
        }
        for (std::size_t n = 0; n < his_.size(); ++n) {
            judgeShot(n);
            judgeTurned(n);
        }
    }

private:
    double off(std::size_t n, std::size_t k) const { return strikes_.of(his_[n])->off[k]; }
    bool counts(std::size_t n, std::size_t k) const {
        return judged_.isCounted(his_[n]) && !std::isnan(off(n, k));
    }
    /// Which heap of which ball; empty where it lies among the most.
    std::string heapOf(std::size_t n) const {
        return heap_[n] ? judged_.at(his_[n])[Label::Ball] + '\x1f' : std::string();
    }

    /// Each residual about its day's middle, or its heap's; a day of few shots leans on all of
    /// them.
    void centre(std::size_t k) {
        std::map<std::string_view, std::vector<double>> days;
        std::vector<double> all;
        for (std::size_t n = 0; n < his_.size(); ++n) {
            if (!counts(n, k) || heap_[n]) continue;
            days[judged_.day(his_[n])].push_back(off(n, k));
            all.push_back(off(n, k));
        }
        days_[k].clear();
        spread_[k] = NAN;
        for (auto& a : about_)
            a[k] = NAN;
        if (all.size() < leastGroup) return;
        middle_[k] = medianOf(all);
        for (const auto& [day, values] : days) {
            if (values.size() >= leastOfDay) days_[k][day] = medianOf(values);
        }
        std::map<std::string, std::vector<double>> heaps;
        for (std::size_t n = 0; n < his_.size(); ++n) {
            if (std::isnan(off(n, k))) continue;
            const auto day = days_[k].find(judged_.day(his_[n]));
            about_[n][k] = off(n, k) - (day == days_[k].end() ? middle_[k] : day->second);
            if (heap_[n] && counts(n, k)) heaps[heapOf(n)].push_back(about_[n][k]);
        }
        std::map<std::string, double> heapMiddles;
        for (const auto& [heap, values] : heaps)
            heapMiddles[heap] = medianOf(values);
        std::vector<double> strays;
        for (std::size_t n = 0; n < his_.size(); ++n) {
            if (heap_[n]) about_[n][k] -= heapMiddles[heapOf(n)];
            if (counts(n, k)) strays.push_back(std::abs(about_[n][k]));
        }
        spread_[k] = perMedianDeviation * medianOf(strays);
    }

    double far(std::size_t k) const { return std::max(departs * spread_[k], least[k]); }
    /// In spreads, of which `departs` are far.
    double strays(std::size_t n, std::size_t k) const {
        return departs * std::abs(about_[n][k]) / far(k);
    }

    /// Shots with one ball that lie in two heaps about their strikes: the smaller one is asked
    /// about, and judged by itself.
    void part(std::size_t k) {
        std::map<std::string, std::vector<std::size_t>> balls;
        for (std::size_t n = 0; n < his_.size(); ++n) {
            if (!heap_[n] && !std::isnan(about_[n][k]))
                balls[judged_.at(his_[n])[Label::Ball]].push_back(n);
        }
        for (const auto& [ball, members] : balls) {
            std::vector<double> values;
            for (const std::size_t n : members) {
                if (counts(n, k)) values.push_back(about_[n][k]);
            }
            const auto heaps = findHeaps(values, leastApart[k]);
            if (!heaps) continue;
            std::vector<std::size_t> shots;
            std::set<std::size_t> apart;
            for (const std::size_t n : members) {
                shots.push_back(his_[n]);
                if (!heaps->isInSmaller(about_[n][k])) continue;
                heap_[n] = true;
                apart.insert(his_[n]);
            }
            askAboutHeap(
                judged_, shots, [&](std::size_t i) { return apart.contains(i); },
                Residual::quantities[k]);
        }
    }

    void judgeDays(std::size_t k) {
        const auto& days = days_[k];
        if (days.size() < leastDays) return;
        std::vector<double> middles, strays;
        for (const auto& [day, middle] : days)
            middles.push_back(middle);
        const double usual = medianOf(middles);
        for (const double m : middles)
            strays.push_back(std::abs(m - usual));
        const double far = std::max(departs * perMedianDeviation * medianOf(strays), least[k]);
        // Where every third day is off, nobody knows which are.
        const auto isOff = [&](double middle) { return std::abs(middle - usual) > far; };
        const auto off =
            std::count_if(days.begin(), days.end(), [&](const auto& d) { return isOff(d.second); });
        if (3 * static_cast<std::size_t>(off) > days.size()) return;
        std::map<std::string_view, std::size_t> count;
        for (const std::size_t i : his_)
            ++count[judged_.day(i)];
        for (const std::size_t i : his_) {
            const auto day = days.find(judged_.day(i));
            if (day == days.end() || !isOff(day->second)) continue;
            judged_.note(i, Doubt::Change, 0.5,
                         {Says::DayOffItsStrikes, Residual::quantities[k], count[day->first],
                          Figure{departs * std::abs(day->second - usual) / far, 1}});
        }
    }

    /// One sentence a shot: club or ball was misread, or it was a mishit, and more than one number
    /// shows it.
    void judgeShot(std::size_t n) {
        const std::size_t i = his_[n];
        // Beside the player's other shots where there are enough, else beside the prior.
        const auto beside = [&](std::size_t k) {
            return std::exp(std::isnan(about_[n][k]) ? off(n, k) : about_[n][k]);
        };
        const double speed = beside(0), spin = beside(2);
        if (speed > fastest) {
            judged_.note(i, Doubt::Energy, 0.5,
                         {Says::BallFaster, Figure{100 * (speed - 1), 0},
                          Figure{degFromRad(strikes_.of(i)->spinLoft_rad), 0}});
        }
        if (strikes_.isSlow(i) && speed < fatBeside && spin < fatBeside) {
            judged_.note(
                i, Doubt::Fat, 0.95,
                {Says::TurfFirst, Figure{100 * (1 - speed), 0}, Figure{100 * (1 - spin), 0}});
            return;
        }
        std::optional<std::size_t> worst;
        for (std::size_t k = 0; k < 3; ++k) {
            // NaN strays not.
            if (strays(n, k) > departs && (!worst || strays(n, k) > strays(n, *worst))) worst = k;
        }
        if (!worst || judged_.says(i, Says::DeloftedForPlayer) ||
            judged_.says(i, Says::SlowedForPlayer) || judged_.says(i, Says::OffTheEdge))
            return;
        if (spin < thinBesideUsual && about_[n][1] < -least[1]) {
            judged_.note(i, Doubt::Thin, 0.95,
                         {Says::OffTheEdge, Figure{degFromRad(-about_[n][1]), 1},
                          Figure{100 * (1 - spin), 0}});
            return;
        }
        judged_.note(i, Doubt::Outlier, 0.95,
                     {Says::OffItsStrike, Residual::quantities[*worst],
                      Figure{strays(n, *worst), 1}, Figure{departs, 0}});
    }

    /// An attack whose sign was lost: the ball tells of the other one.
    void judgeTurned(std::size_t n) {
        const std::size_t i = his_[n];
        const ShotRecord& r = judged_.at(i);
        if (!(r[Quantity::AttackAngle] > radFromDeg(1.5))) return;
        ShotRecord other = r;
        other[Quantity::AttackAngle] = -r[Quantity::AttackAngle];
        const auto delivery = findDelivery(other);
        if (!delivery) return;
        try {
            const Residual its = strikes_.of(i, *delivery);
            double as = 0.0, turned = 0.0;
            for (std::size_t k = 0; k < 3; ++k) {
                if (std::isnan(about_[n][k]) || std::isnan(its.off[k])) continue;
                const double spread = std::max(spread_[k], least[k] / departs);
                // The day's middle is the same for both.
                const double day = off(n, k) - about_[n][k];
                as += about_[n][k] * about_[n][k] / (spread * spread);
                turned += (its.off[k] - day) * (its.off[k] - day) / (spread * spread);
            }
            constexpr double clearly = 4.0;  // of squares of spreads
            if (as - turned > clearly)
                judged_.note(i, Doubt::Units, 0.95,
                             {Says::AttackTurned, Figure{degFromRad(r[Quantity::AttackAngle]), 1}});
        } catch (const RangeError&) {
            return;
        }
    }

    Judged& judged_;
    const Strikes& strikes_;
    std::vector<std::size_t> his_;
    std::vector<bool> heap_;  ///< lies apart from the most, in a heap
    std::vector<std::array<double, 3>> about_;
    std::array<std::map<std::string_view, double>, 3> days_;  ///< their middles
    std::array<double, 3> middle_{}, spread_{NAN, NAN, NAN};
};

}  // namespace

void findDepartures(Judged& judged, const Strikes& strikes) {
    for (const auto& [player, his] : judged.byPlayer()) {
        std::vector<std::size_t> struck;
        for (const std::size_t i : his) {
            if (strikes.of(i)) struck.push_back(i);
        }
        if (!struck.empty()) Departures(judged, strikes, std::move(struck)).run();
    }
}

}  // namespace wedgeon::store::quality
