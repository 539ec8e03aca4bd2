// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
/// \file A player's measures over days: how they go, what a change changed, which habits drift, and
/// which stock shots are getting lost. A day is the unit: shots of one day share its ground, its
/// device's mood and the player's, so that many shots of one day tell little about weeks.
#pragma once

#include <cmath>
#include <cstddef>
#include <limits>
#include <optional>
#include <span>
#include <vector>

namespace wedgeon {

/// The values of one measure on one day, in any unit.
struct DayValues {
    double day = 0.0;  ///< whole days since some day
    std::vector<double> values;
};

/// One day's mean, with the interval that holds it in 80 of 100, by the scatter within days.
struct DayMean {
    double day = 0.0;
    std::size_t shots = 0;
    double mean = 0.0;
    double low = -std::numeric_limits<double>::infinity();
    double high = std::numeric_limits<double>::infinity();
};

/// How a measure went, as a straight line through the days.
struct TimeCourse {
    std::vector<DayMean> days;
    double withinSd = 0.0;   ///< of single shots about their day
    double betweenSd = 0.0;  ///< of days about the line, beyond what their shots explain
    /// The line, and half the width of an interval about it that holds in 80 of 100.
    double at(double day) const { return level + slope * (day - middle); }
    double halfAt(double day) const { return std::hypot(levelHalf, slopeHalf * (day - middle)); }
    double level = 0.0, slope = 0.0, middle = 0.0, levelHalf = 0.0, slopeHalf = 0.0;
    double change = 0.0, changeLow = 0.0, changeHigh = 0.0;  ///< last day less first, 80 of 100
    double p = 1.0;  ///< how often a change at least so large comes where there is none
};

/// The line through the means of the days, each weighed by the scatter within its shots and that
/// from day to day (R. C. Paule, J. Mandel, Journal of Research of the National Bureau of Standards
/// 87, 1982), its interval by Student's law with the correction of G. Knapp and J. Hartung
/// ("Improved tests for a random effects meta-regression with a single covariate", Statistics in
/// Medicine 22, 2003). Days are taken as independent, shots as roughly normal. Days of equal
/// number are one; values that are no numbers are left out. Nothing for fewer than three days.
std::optional<TimeCourse> findCourse(std::span<const DayValues> days);

/// The days from \p since on against those before, by the same law.
struct StepChange {
    std::size_t daysBefore = 0, daysSince = 0, shotsBefore = 0, shotsSince = 0;
    double before = 0.0, since = 0.0;
    double change = 0.0, low = 0.0, high = 0.0;  ///< since less before, 80 of 100
    double p = 1.0;
};
/// Nothing for a side without days, or fewer than three days in all.
std::optional<StepChange> findStep(std::span<const DayValues> days, double since);

/// Which of several findings hold at once, so that none is false in at least 1 - \p errorRate of
/// such families: those that S. Holm's procedure keeps ("A simple sequentially rejective multiple
/// test procedure", Scandinavian Journal of Statistics 6, 1979). Indices of \p p, in its order.
std::vector<std::size_t> findSure(std::span<const double> p, double errorRate = 0.1);

/// What became of a stock shot: one wedge with one swing.
enum class StockFate {
    Steady,  ///< nothing speaks against it
    Learnt,  ///< new: it was hardly hit before
    Unhit,   ///< other shots are hit in its place
    Wider,   ///< its carry scatters surely farther than it did
    Moved,   ///< its carry is surely another one than it was
    Rare     ///< too few shots to say
};
struct StockState {
    StockFate fate = StockFate::Rare;
    std::size_t shotsBefore = 0, shotsSince = 0;
    double lastDay = 0.0;  ///< on which it was hit
    /// Mean distance of a shot from the middle of its day, in the values' unit.
    double strayBefore = std::numeric_limits<double>::quiet_NaN();
    double straySince = std::numeric_limits<double>::quiet_NaN();
    std::optional<StepChange> moved;
};
struct StockDesign {
    double recent = 21.0;        ///< days up to the last one that count as now
    std::size_t enough = 10;     ///< shots of one side
    double matters = 1.5;        ///< a carry that moves by less has not moved
    double mattersShare = 1.25;  ///< a scatter that grows by less has not grown
    double errorRate = 0.1;      ///< of all shots together
};
/// Scatter is compared by distances from each day's median (M. B. Brown, A. B. Forsythe, "Robust
/// tests for the equality of variances", Journal of the American Statistical Association 69, 1974),
/// so that a few strays do not decide it. One state for each of \p shots.
std::vector<StockState> findStock(std::span<const std::vector<DayValues>> shots,
                                  const StockDesign& design = {});

}  // namespace wedgeon
