// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Lines through days.
#include "wedgeon/train/history.h"

#include <algorithm>
#include <boost/math/distributions/students_t.hpp>
#include <cmath>
#include <map>
#include <numeric>
#include <utility>

namespace wedgeon {
namespace {

constexpr double held = 0.8;

double findQuantile(double df) {
    return boost::math::quantile(boost::math::students_t(df), 0.5 + held / 2.0);
}

double findP(double t, double df) {
    if (!std::isfinite(t)) return 0.0;
    return 2.0 *
           boost::math::cdf(boost::math::complement(boost::math::students_t(df), std::abs(t)));
}

/// In the order of the days, one each, without what is no number.
std::vector<DayValues> tidied(std::span<const DayValues> days) {
    std::map<double, std::vector<double>> all;
    for (const DayValues& d : days) {
        if (!std::isfinite(d.day)) continue;
        for (const double v : d.values) {
            if (std::isfinite(v)) all[d.day].push_back(v);
        }
    }
    std::vector<DayValues> out;
    out.reserve(all.size());
    for (auto& [day, values] : all)
        out.push_back({day, std::move(values)});
    return out;
}

double findMean(const std::vector<double>& values) {
    return std::accumulate(values.begin(), values.end(), 0.0) / static_cast<double>(values.size());
}

double findMedian(std::vector<double> values) {
    const auto middle = values.begin() + static_cast<std::ptrdiff_t>(values.size() / 2);
    std::nth_element(values.begin(), middle, values.end());
    if (values.size() % 2 == 1) return *middle;
    return (*middle + *std::max_element(values.begin(), middle)) / 2.0;
}

struct Within {
    double variance = 0.0;
    double df = 0.0;
};
Within findWithin(const std::vector<DayValues>& days) {
    double squares = 0.0;
    Within out;
    for (const DayValues& d : days) {
        const double mean = findMean(d.values);
        for (const double v : d.values)
            squares += (v - mean) * (v - mean);
        out.df += static_cast<double>(d.values.size()) - 1.0;
    }
    if (out.df > 0.0) out.variance = squares / out.df;
    return out;
}

/// A line y = level + slope (x - middle) through means with their own variances and a common one
/// from day to day.
struct TrendLine {
    double level = 0.0, slope = 0.0, middle = 0.0, between = 0.0;
    double varianceOfLevel = 0.0, varianceOfSlope = 0.0;
    double misfit = 0.0;  ///< sum of weighed squares
    double at(double x) const { return level + slope * (x - middle); }
};

TrendLine fitLine(std::span<const double> x, std::span<const double> y, std::span<const double> own,
                  double between) {
    TrendLine out;
    out.between = between;
    double sum = 0.0;
    std::vector<double> w(x.size());
    for (std::size_t i = 0; i < x.size(); ++i) {
        w[i] = 1.0 / (own[i] + between);
        sum += w[i];
        out.middle += w[i] * x[i];
        out.level += w[i] * y[i];
    }
    out.middle /= sum;
    out.level /= sum;
    double xx = 0.0, xy = 0.0;
    for (std::size_t i = 0; i < x.size(); ++i) {
        xx += w[i] * (x[i] - out.middle) * (x[i] - out.middle);
        xy += w[i] * (x[i] - out.middle) * y[i];
    }
    out.slope = xy / xx;
    out.varianceOfLevel = 1.0 / sum;
    out.varianceOfSlope = 1.0 / xx;
    for (std::size_t i = 0; i < x.size(); ++i) {
        const double r = y[i] - out.at(x[i]);
        out.misfit += w[i] * r * r;
    }
    return out;
}

/// With the variance from day to day at which the misfit is what chance gives.
TrendLine findLine(std::span<const double> x, std::span<const double> y,
                   std::span<const double> own) {
    const double df = static_cast<double>(x.size()) - 2.0;
    const auto [least, most] = std::minmax_element(y.begin(), y.end());
    const double range = std::max(*most - *least, 1e-12);
    // So that days of one shot each, whose own scatter is not known, have weights.
    double low = 1e-12 * range * range, high = range * range;
    TrendLine line = fitLine(x, y, own, low);
    if (line.misfit > df) {
        for (int i = 0; i < 80; ++i) {
            const double middle = std::sqrt(low * high);
            line = fitLine(x, y, own, middle);
            (line.misfit > df ? low : high) = middle;
        }
    }
    const double correction = std::max(1.0, line.misfit / df);
    line.varianceOfLevel *= correction;
    line.varianceOfSlope *= correction;
    return line;
}

struct Means {
    std::vector<double> y, own;
};
Means meansOf(const std::vector<DayValues>& days, double within) {
    Means out;
    for (const DayValues& d : days) {
        out.y.push_back(findMean(d.values));
        out.own.push_back(within / static_cast<double>(d.values.size()));
    }
    return out;
}

/// Distances from the median of the day; of days with three shots or more.
std::vector<double> findStrays(const std::vector<DayValues>& days, double from, double to) {
    std::vector<double> out;
    for (const DayValues& d : days) {
        if (d.day < from || d.day >= to || d.values.size() < 3) continue;
        const double middle = findMedian(d.values);
        std::vector<double> all;
        for (const double v : d.values)
            all.push_back(std::abs(v - middle));
        // The middle of an odd number of shots lies on itself and tells nothing.
        if (all.size() % 2 == 1) all.erase(std::min_element(all.begin(), all.end()));
        out.insert(out.end(), all.begin(), all.end());
    }
    return out;
}

/// How often means so far apart come where they are one: Welch's test.
double findWelchP(const std::vector<double>& a, const std::vector<double>& b) {
    const auto half = [](const std::vector<double>& v) {
        const double mean = findMean(v);
        double squares = 0.0;
        for (const double x : v)
            squares += (x - mean) * (x - mean);
        const double n = static_cast<double>(v.size());
        return std::pair(mean, squares / (n - 1.0) / n);
    };
    const auto [meanA, varA] = half(a);
    const auto [meanB, varB] = half(b);
    if (!(varA + varB > 0.0)) return 1.0;
    const double df = (varA + varB) * (varA + varB) /
                      (varA * varA / (static_cast<double>(a.size()) - 1.0) +
                       varB * varB / (static_cast<double>(b.size()) - 1.0));
    return findP((meanB - meanA) / std::sqrt(varA + varB), df);
}

}  // namespace

std::optional<TimeCourse> findCourse(std::span<const DayValues> days) {
    const std::vector<DayValues> all = tidied(days);
    if (all.size() < 3) return std::nullopt;
    TimeCourse out;
    const Within within = findWithin(all);
    out.withinSd = std::sqrt(within.variance);
    const Means means = meansOf(all, within.variance);
    std::vector<double> x;
    for (std::size_t i = 0; i < all.size(); ++i) {
        x.push_back(all[i].day);
        DayMean d{.day = all[i].day, .shots = all[i].values.size(), .mean = means.y[i]};
        if (within.df >= 1.0) {
            const double half = findQuantile(within.df) * std::sqrt(means.own[i]);
            d.low = d.mean - half;
            d.high = d.mean + half;
        }
        out.days.push_back(d);
    }
    const double df = static_cast<double>(x.size()) - 2.0;
    const TrendLine line = findLine(x, means.y, means.own);
    const double t = findQuantile(df), span = x.back() - x.front();
    out.betweenSd = std::sqrt(line.between);
    out.level = line.level;
    out.slope = line.slope;
    out.middle = line.middle;
    out.levelHalf = t * std::sqrt(line.varianceOfLevel);
    out.slopeHalf = t * std::sqrt(line.varianceOfSlope);
    out.change = out.slope * span;
    out.changeLow = out.change - out.slopeHalf * span;
    out.changeHigh = out.change + out.slopeHalf * span;
    out.p = findP(t * out.slope / out.slopeHalf, df);
    return out;
}

std::optional<StepChange> findStep(std::span<const DayValues> days, double since) {
    const std::vector<DayValues> all = tidied(days);
    if (all.size() < 3) return std::nullopt;
    StepChange out;
    std::vector<double> x;
    for (const DayValues& d : all) {
        const bool after = d.day >= since;
        x.push_back(after ? 1.0 : 0.0);
        ++(after ? out.daysSince : out.daysBefore);
        (after ? out.shotsSince : out.shotsBefore) += d.values.size();
    }
    if (out.daysBefore == 0 || out.daysSince == 0) return std::nullopt;
    const Means means = meansOf(all, findWithin(all).variance);
    const TrendLine line = findLine(x, means.y, means.own);
    const double df = static_cast<double>(x.size()) - 2.0;
    const double sd = std::sqrt(line.varianceOfSlope), t = findQuantile(df);
    out.before = line.at(0.0);
    out.since = line.at(1.0);
    out.change = line.slope;
    out.low = out.change - t * sd;
    out.high = out.change + t * sd;
    out.p = findP(out.change / sd, df);
    return out;
}

std::vector<std::size_t> findSure(std::span<const double> p, double errorRate) {
    std::vector<std::size_t> order(p.size());
    std::iota(order.begin(), order.end(), std::size_t{0});
    std::sort(order.begin(), order.end(),
              [&](std::size_t a, std::size_t b) { return p[a] < p[b]; });
    std::vector<std::size_t> out;
    for (std::size_t i = 0; i < order.size(); ++i) {
        if (!(p[order[i]] <= errorRate / static_cast<double>(order.size() - i))) break;
        out.push_back(order[i]);
    }
    std::sort(out.begin(), out.end());
    return out;
}

std::vector<StockState> findStock(std::span<const std::vector<DayValues>> shots,
                                  const StockDesign& design) {
    std::vector<std::vector<DayValues>> all;
    double last = -std::numeric_limits<double>::infinity();
    for (const auto& days : shots) {
        all.push_back(tidied(days));
        if (!all.back().empty()) last = std::max(last, all.back().back().day);
    }
    const double since = last - design.recent;
    std::vector<StockState> out(all.size());
    // What is asked of each that was hit before and is hit now.
    struct Question {
        std::size_t shot;
        StockFate fate;
    };
    std::vector<Question> asked;
    std::vector<double> p;
    std::size_t recent = 0, recentDays = 0;
    std::map<double, int> hitOn;
    for (std::size_t i = 0; i < all.size(); ++i) {
        StockState& s = out[i];
        std::size_t daysBefore = 0;
        for (const DayValues& d : all[i]) {
            (d.day > since ? s.shotsSince : s.shotsBefore) += d.values.size();
            if (d.day <= since) ++daysBefore;
            if (d.day > since) hitOn[d.day] = 1;
            s.lastDay = d.day;
        }
        recent += s.shotsSince;
        const bool stock = s.shotsBefore >= design.enough && daysBefore >= 2;
        if (stock && s.shotsSince >= design.enough) {
            s.fate = StockFate::Steady;
            constexpr double ever = std::numeric_limits<double>::infinity();
            const auto before = findStrays(all[i], -ever, std::nextafter(since, ever));
            const auto now = findStrays(all[i], std::nextafter(since, ever), ever);
            if (before.size() >= design.enough && now.size() >= design.enough) {
                s.strayBefore = findMean(before);
                s.straySince = findMean(now);
                asked.push_back({i, StockFate::Wider});
                p.push_back(findWelchP(before, now));
            }
            if ((s.moved = findStep(all[i], std::nextafter(since, ever)))) {
                asked.push_back({i, StockFate::Moved});
                p.push_back(s.moved->p);
            }
        } else if (stock && s.shotsSince == 0) {
            s.fate = StockFate::Unhit;
        } else if (s.shotsBefore < design.enough && s.shotsSince >= design.enough) {
            s.fate = StockFate::Learnt;
        }
    }
    recentDays = hitOn.size();
    for (const std::size_t i : findSure(p, design.errorRate)) {
        StockState& s = out[asked[i].shot];
        if (asked[i].fate == StockFate::Wider) {
            if (s.straySince > design.mattersShare * s.strayBefore) s.fate = StockFate::Wider;
        } else if (s.fate == StockFate::Steady && std::abs(s.moved->change) > design.matters) {
            s.fate = StockFate::Moved;
        }
    }
    // Not hit, on few days: chance.
    for (StockState& s : out) {
        if (s.fate == StockFate::Unhit && (recent < 3 * design.enough || recentDays < 2))
            s.fate = StockFate::Rare;
    }
    return out;
}

}  // namespace wedgeon
