// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
#include "wedgeon/flight/flight.h"

#include <algorithm>

#include "rules.h"
#include "wedgeon/error.h"
#include "wedgeon/store/shot_givens.h"
#include "wedgeon/units.h"

namespace wedgeon::store::quality {
namespace {

// How far a flight may be from its launch's beside the day's others: in robust deviations, and as a
// share (of an angle, too); without enough others, as a share alone.
constexpr double flightStrays = 4.5, flightShare = 0.06, flightAlone = 0.25;
constexpr double unitStrays = 3.0;  // where it is just what another unit makes

// Yards or feet that were taken for metres.
constexpr std::array unitMixUps{1.0936, 3.2808, 3.0};

template <class Of, class Sway>
void judgeFlights(Judged& judged, Quantity q, const std::vector<std::size_t>& members, const Of& of,
                  const Sway& sway) {
    std::vector<double> all;
    for (const std::size_t i : members) {
        if (judged.isCounted(i)) all.push_back(of(i));
    }
    const bool pattern = all.size() >= leastGroup;
    const double middle = pattern ? medianOf(all) : 0.0;
    double spread = 0.0;
    if (pattern) {
        all.clear();
        for (const std::size_t i : members) {
            if (judged.isCounted(i)) all.push_back(std::abs(of(i) - middle) / sway(i));
        }
        spread = perMedianDeviation * medianOf(all);
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
            judged.note(i, Doubt::Units, 0.95, {Says::FlightInOtherUnit, q, Figure{ratio, 2}});
        else if (off > far)
            judged.note(
                i, Doubt::Outlier, 0.95,
                {Says::FlightOff, q, Figure{100 * std::abs(ratio - 1), 0}, Figure{100 * far, 0}});
    }
}

}  // namespace

void findFlights(Judged& judged) {
    struct Flown {
        std::array<std::optional<double>, 3> logRatio;
        /// How far errors of the launch move each, beside a pitch's: a low ball's carry hangs
        /// on its launch.
        std::array<double, 3> sway{1.0, 1.0, 1.0};
    };
    std::vector<Flown> flown(judged.size());
    constexpr std::array quantities{Quantity::Carry, Quantity::Apex, Quantity::LandingAngle};
    for (std::size_t i = 0; i < judged.size(); ++i) {
        if (i % 256 == 0 && judged.isStopped()) return;
        const ShotRecord& r = judged.at(i);
        const auto launch = findLaunch(r);
        const bool any = std::any_of(quantities.begin(), quantities.end(),
                                     [&](Quantity q) { return r.has(q) && r[q] > 0.0; });
        if (!launch || !any) continue;
        try {
            const FlightResult f =
                calcFlight(*launch, findShotGivens(r, judged.fallback()).conditions.air);
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
        for (std::size_t i = 0; i < judged.size(); ++i) {
            if (flown[i].logRatio[k]) days[std::string(judged.day(i))].push_back(i);
        }
        for (const auto& [day, members] : days)
            judgeFlights(
                judged, quantities[k], members,
                [&](std::size_t i) { return *flown[i].logRatio[k]; },
                [&](std::size_t i) { return flown[i].sway[k]; });
    }
}

}  // namespace wedgeon::store::quality
