// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// What a chart of the shown shots holds: points, groups and their middles; no drawing.
#pragma once

#include <QString>
#include <QStringList>
#include <optional>
#include <variant>
#include <vector>

#include "desk/shown_shots.h"

namespace wedgeon {

struct ChartChoice {
    /// In the order in which they were hit.
    struct Order {
        bool operator==(const Order&) const = default;
    };
    using Across = std::variant<Order, store::Quantity, store::Label>;

    store::Quantity up = store::Quantity::SpinRate;
    Across across = Order{};
    std::optional<store::Label> groups;
};

struct ChartPoint {
    double x = 0.0, y = 0.0;  ///< as shown
    int row = 0;              ///< of WatchedShots
    std::size_t group = 0;
};

/// Median, and where the middle 80 of 100 lie, as shown; of fewer than ten shots the lowest and the
/// highest, as so few tell no tenth.
struct ChartMiddle {
    static constexpr std::size_t fewestForTenths = 10;
    double median = 0.0, low = 0.0, high = 0.0;
    std::size_t shots = 0;
    bool isWhole() const { return shots < fewestForTenths; }
};

/// How two quantities go together by ranks (C. Spearman, 1904), within groups: what only comes of
/// one group being longer and higher than another is left out. With the 80 % interval of Fisher's
/// z, variance 1.06/(n - 3) of n shots less their groups (E. C. Fieller, H. O. Hartley, E. S.
/// Pearson, Biometrika 44, 1957).
struct ChartCorrelation {
    double value = 0.0, low = -1.0, high = 1.0;
    bool isTold() const { return low > 0.0 || high < 0.0; }
};

/// A middle as it is drawn over an axis of words.
struct ChartSpan {
    double at = 0.0, half = 0.0;  ///< along the axis
    ChartMiddle middle;
    std::optional<std::size_t> group;  ///< of it alone, where groups stand beside each other
};

struct ChartData {
    static constexpr std::size_t mostGroups = 7;  ///< more would not be told apart
    static constexpr std::size_t mostCategories = 16;

    std::vector<ChartPoint> points;  ///< counted ones
    std::vector<ChartPoint> aside;   ///< set aside: drawn faintly, not counted
    std::vector<QString> groups;     ///< by size, "others" last; one without a name when ungrouped
    std::vector<ChartMiddle> groupMiddles;
    QStringList categories;                    ///< along the axis, when it is one of words
    std::vector<ChartMiddle> categoryMiddles;  ///< of each
    std::vector<ChartSpan> spans;  ///< of each, or of each group in each, beside each other
    std::vector<std::pair<double, QString>> days;  ///< first shot of each day, in order
    std::size_t missing = 0;                       ///< shown, but not measured
    ChartMiddle all;
    std::optional<ChartCorrelation> correlation;  ///< of two quantities, where shots enough
};

ChartData makeChart(const WatchedShots& shots, const ShownShots& shown, const ChartChoice& choice,
                    const Units& units);

/// "Spin rate of 180 shots: 6 120 rpm in the middle, 80 of 100 between 5 400 and 6 800 rpm. …"
QString chartSentence(const ChartData& data, const ChartChoice& choice, const Units& units);

}  // namespace wedgeon
