// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Putts by distance, and what a worse place costs.
#include "wedgeon/plan/hole_out.h"

#include <math.h>  // Boost's header wants isnan without a namespace

#include <algorithm>
#include <boost/math/interpolators/pchip.hpp>
#include <boost/math/special_functions/fpclassify.hpp>  // which pchip.hpp uses without including it
#include <cmath>

#include "wedgeon/error.h"

namespace wedgeon {

class HoleOut::Curve {
public:
    explicit Curve(const std::vector<HoleOutTable::Row>& rows) {
        std::vector<double> x{0.0}, y{1.0};
        for (const auto& row : rows) {
            x.push_back(row.distance_m);
            y.push_back(row.putts);
        }
        const std::size_t n = x.size();
        last_ = {x[n - 1], y[n - 1]};
        slope_ = (y[n - 1] - y[n - 2]) / (x[n - 1] - x[n - 2]);
        between_ = std::make_unique<Between>(std::move(x), std::move(y));
    }
    double operator()(double d) const {
        if (d >= last_.distance_m) return last_.putts + slope_ * (d - last_.distance_m);
        return (*between_)(std::max(d, 0.0));
    }

private:
    using Between = boost::math::interpolators::pchip<std::vector<double>>;
    std::unique_ptr<Between> between_;
    HoleOutTable::Row last_;
    double slope_ = 0.0;
};

HoleOutTable HoleOutTable::of(Level level) {
    HoleOutTable t;
    if (level == Level::Expert) {
        t.putts = {{0.6, 1.01}, {0.9, 1.04}, {1.5, 1.23},  {2.4, 1.50},  {3.0, 1.61}, {4.6, 1.78},
                   {6.1, 1.87}, {9.1, 1.98}, {12.2, 2.06}, {18.3, 2.21}, {27.0, 2.40}};
        t.fringe = 0.15;
        t.fairway = 0.55;
        t.rough = 0.75;
        t.bunker = 1.0;
    } else {
        t.putts = {{0.6, 1.05}, {0.9, 1.16}, {1.5, 1.50},  {2.4, 1.74},  {3.0, 1.82}, {4.6, 1.94},
                   {6.1, 2.02}, {9.1, 2.17}, {12.2, 2.29}, {18.3, 2.50}, {27.0, 2.80}};
        t.fringe = 0.25;
        t.fairway = 0.8;
        t.rough = 1.1;
        t.bunker = 1.5;
    }
    return t;
}

void HoleOutTable::validate() const {
    requireRange("putts", static_cast<double>(putts.size()), 3, 40);
    double farther = 0.05, more = 1.0;
    for (const Row& row : putts) {
        requireRange("putts.distance_m", row.distance_m, farther, 200);
        requireRange("putts.putts", row.putts, more, 6);
        farther = row.distance_m + 1e-3;
        more = row.putts;
    }
    requireRange("cost.fringe", fringe, 0, 5);
    requireRange("cost.fairway", fairway, 0, 5);
    requireRange("cost.rough", rough, 0, 5);
    requireRange("cost.bunker", bunker, 0, 5);
    requireRange("cost.water", water, 0, 5);
}

HoleOut::HoleOut(const HoleOutTable& table) : table_(table) {
    table_.validate();
    curve_ = std::make_shared<const Curve>(table_.putts);
}

double HoleOut::putts(double distance_m) const {
    return (*curve_)(distance_m);
}

double HoleOut::strokes(ZoneKind kind, double distance_m) const {
    const double from = putts(distance_m);
    switch (kind) {
        case ZoneKind::Green:
            return from;
        case ZoneKind::Fringe:
            return from + table_.fringe;
        case ZoneKind::Fairway:
            return from + table_.fairway;
        case ZoneKind::Rough:
            return from + table_.rough;
        case ZoneKind::Bunker:
            return from + table_.bunker;
        case ZoneKind::Water:
            return from + table_.fairway + table_.water;
    }
    return from;
}

double puttsForGreen(double stimp_ft, double slope, double distance_m) {
    constexpr double most = 0.15;
    const double harder = 0.0375 * (stimp_ft - 10.0) + 2.5 * std::abs(slope);
    return std::clamp(harder, -most, most) * (1.0 - std::exp(-distance_m / 3.0));
}

}  // namespace wedgeon
