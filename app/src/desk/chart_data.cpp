// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Collecting points.
#include "desk/chart_data.h"

#include <QCoreApplication>
#include <QDate>
#include <QLocale>
#include <algorithm>
#include <cmath>
#include <limits>
#include <map>
#include <numeric>

#include "text/order.h"
#include "text/quantities.h"
#include "wedgeon/normal.h"

namespace wedgeon {
namespace {

using store::Label;
using store::Quantity;

constexpr std::size_t fewestForCorrelation = 8;

/// The context of its translations.
struct Chart {
    Q_DECLARE_TR_FUNCTIONS(Chart)
};

ChartMiddle middleOf(std::vector<double> values) {
    ChartMiddle m;
    m.shots = values.size();
    if (values.empty()) return m;
    std::sort(values.begin(), values.end());
    // At p (n + 1): so many further shots lie below it, on the average.
    const auto quantile = [&](double q) {
        const double last = static_cast<double>(values.size()) - 1.0;
        const double at =
            std::clamp(q * (static_cast<double>(values.size()) + 1.0) - 1.0, 0.0, last);
        const auto i = static_cast<std::size_t>(at);
        const double next = values[std::min(i + 1, values.size() - 1)];
        return values[i] + (at - std::floor(at)) * (next - values[i]);
    };
    m.median = quantile(0.5);
    m.low = m.isWhole() ? values.front() : quantile(0.1);
    m.high = m.isWhole() ? values.back() : quantile(0.9);
    return m;
}

/// The most frequent texts of a label, and the number that each of them has; the rest share one.
class Names {
public:
    Names(const WatchedShots& shots, const ShownShots& shown, Label label, std::size_t most)
        : label_(label) {
        std::map<std::string, std::size_t> counts;
        for (int i = 0; i < shown.rowCount(); ++i)
            ++counts[shots.recordAt(shown.sourceRow(i))[label]];
        std::vector<std::pair<std::size_t, std::string>> bySize;
        bySize.reserve(counts.size());
        for (const auto& [text, n] : counts)
            bySize.emplace_back(n, text);
        std::stable_sort(bySize.begin(), bySize.end(),
                         [](const auto& a, const auto& b) { return a.first > b.first; });
        const bool tooMany = bySize.size() > most;
        if (tooMany) bySize.resize(most - 1);
        for (const auto& [n, text] : bySize) {
            index_[text] = texts_.size();
            texts_.push_back(text.empty() ? Chart::tr("not said") : text::fromUtf8(text));
        }
        if (tooMany) texts_.push_back(Chart::tr("others"));
    }
    /// By name instead of by size: an axis is read along. Swings stand in their own order, the
    /// slowest first; those of which no speed is known come last.
    void sortAlong(const WatchedShots& shots, const ShownShots& shown) {
        std::vector<std::string> keys;
        for (const auto& [key, i] : index_)
            keys.push_back(key);
        const auto speeds =
            label_ == Label::Swing ? meanSpeeds(shots, shown) : std::map<std::string, double>{};
        const auto speedOf = [&](const std::string& key) {
            const auto at = speeds.find(key);
            return at == speeds.end() ? std::numeric_limits<double>::infinity() : at->second;
        };
        std::sort(keys.begin(), keys.end(), [&](const std::string& a, const std::string& b) {
            const double one = speedOf(a), other = speedOf(b);
            if (one != other) return one < other;
            return text::comesBefore(text::fromUtf8(a), text::fromUtf8(b));
        });
        const bool others = texts_.size() > keys.size();
        texts_.clear();
        for (const std::string& key : keys) {
            index_[key] = texts_.size();
            texts_.push_back(key.empty() ? Chart::tr("not said") : text::fromUtf8(key));
        }
        if (others) texts_.push_back(Chart::tr("others"));
    }
    std::size_t of(const store::ShotRecord& record) const {
        const auto at = index_.find(record[label_]);
        return at == index_.end() ? texts_.size() - 1 : at->second;
    }
    const std::vector<QString>& texts() const { return texts_; }

private:
    /// Of the club where it was measured, else what the carry tells of it.
    std::map<std::string, double> meanSpeeds(const WatchedShots& shots,
                                             const ShownShots& shown) const {
        std::map<std::string, std::pair<double, int>> sums, carries;
        for (int i = 0; i < shown.rowCount(); ++i) {
            const store::ShotRecord& r = shots.recordAt(shown.sourceRow(i));
            const auto add = [&](auto& into, Quantity q) {
                if (!r.has(q)) return;
                auto& [sum, n] = into[r[label_]];
                sum += r[q];
                ++n;
            };
            add(sums, Quantity::ClubSpeed);
            add(carries, Quantity::Carry);
        }
        std::map<std::string, double> out;
        for (const auto& [key, one] : sums.empty() ? carries : sums)
            out[key] = one.first / one.second;
        return out;
    }

    Label label_;
    std::map<std::string, std::size_t> index_;
    std::vector<QString> texts_;
};

/// Ranks about their middle, equal values sharing theirs.
std::vector<double> centredRanks(const std::vector<double>& values) {
    std::vector<std::size_t> order(values.size());
    std::iota(order.begin(), order.end(), std::size_t{0});
    std::sort(order.begin(), order.end(),
              [&](std::size_t a, std::size_t b) { return values[a] < values[b]; });
    std::vector<double> out(values.size());
    const double middle = 0.5 * (static_cast<double>(values.size()) - 1.0);
    for (std::size_t from = 0; from < order.size();) {
        std::size_t to = from;
        while (to + 1 < order.size() && values[order[to + 1]] == values[order[from]])
            ++to;
        for (std::size_t k = from; k <= to; ++k)
            out[order[k]] = 0.5 * static_cast<double>(from + to) - middle;
        from = to + 1;
    }
    return out;
}

/// \p groupOf: of each point.
std::optional<ChartCorrelation> correlationOf(const std::vector<ChartPoint>& points,
                                              const std::vector<std::string>& groupOf) {
    std::map<std::string, std::pair<std::vector<double>, std::vector<double>>> groups;
    for (std::size_t i = 0; i < points.size(); ++i) {
        auto& [x, y] = groups[groupOf[i]];
        x.push_back(points[i].x);
        y.push_back(points[i].y);
    }
    double xx = 0.0, yy = 0.0, xy = 0.0, n = 0.0;
    for (const auto& [name, its] : groups) {
        if (its.first.size() < 2) continue;
        const std::vector<double> x = centredRanks(its.first), y = centredRanks(its.second);
        // A group's ranks reach as far as it has shots: each as a share of that.
        const double size = static_cast<double>(x.size());
        for (std::size_t i = 0; i < x.size(); ++i) {
            xx += x[i] * x[i] / (size * size);
            yy += y[i] * y[i] / (size * size);
            xy += x[i] * y[i] / (size * size);
        }
        n += size - 1.0;
    }
    if (n < static_cast<double>(fewestForCorrelation) || xx <= 0.0 || yy <= 0.0)
        return std::nullopt;
    ChartCorrelation out;
    out.value = xy / std::sqrt(xx * yy);
    const double z = std::atanh(std::clamp(out.value, -0.9999, 0.9999));
    const double half = halfOf80 * std::sqrt(1.06 / (n - 2.0));
    out.low = std::tanh(z - half);
    out.high = std::tanh(z + half);
    return out;
}

QString dayOf(const store::ShotRecord& record) {
    const QDate day = QDate::fromString(text::fromUtf8(record[Label::Time]).left(10), Qt::ISODate);
    return day.isValid() ? QLocale().toString(day, QStringLiteral("d MMM")) : QString();
}

}  // namespace

ChartData makeChart(const WatchedShots& shots, const ShownShots& shown, const ChartChoice& choice,
                    const Units& units) {
    ChartData out;
    const auto* quantity = std::get_if<Quantity>(&choice.across);
    const auto* label = std::get_if<Label>(&choice.across);
    const double up = text::formOf(choice.up, units).factor;
    const double across = quantity ? text::formOf(*quantity, units).factor : 1.0;
    std::optional<Names> groups, categories;
    if (choice.groups) {
        groups.emplace(shots, shown, *choice.groups, ChartData::mostGroups);
        // Swings in their order, from the slowest.
        if (*choice.groups == Label::Swing) groups->sortAlong(shots, shown);
        out.groups = groups->texts();
    } else {
        out.groups.push_back({});
    }
    if (label) {
        categories.emplace(shots, shown, *label, ChartData::mostCategories);
        categories->sortAlong(shots, shown);
        for (const QString& c : categories->texts())
            out.categories << c;
    }
    std::vector<std::vector<double>> byGroup(out.groups.size());
    std::vector<std::vector<double>> byCategory(static_cast<std::size_t>(out.categories.size()));
    // Groups stand beside each other within a category.
    const bool beside = label && out.groups.size() > 1;
    const double place = beside ? 0.8 / static_cast<double>(out.groups.size()) : 0.8;
    const auto placeOf = [&](std::size_t category, std::size_t group) {
        const double off = beside ? (static_cast<double>(group) + 0.5) * place - 0.4 : 0.0;
        return static_cast<double>(category) + off;
    };
    std::vector<std::vector<double>> byPlace(
        label ? byCategory.size() * (beside ? out.groups.size() : 1) : 0);
    std::vector<double> all;
    std::vector<std::string> kinds;  // of each point: what its quantities are told within
    QString day;
    double order = 0.0;
    // From the oldest: shown has the newest first.
    for (int i = shown.rowCount(); i-- > 0;) {
        ChartPoint p;
        p.row = shown.sourceRow(i);
        const store::LoggedShot& shot = shots.loggedAt(p.row);
        const store::ShotRecord& r = shot.record;
        if (!r.has(choice.up) || (quantity && !r.has(*quantity))) {
            ++out.missing;
            continue;
        }
        p.y = r[choice.up] * up;
        p.group = groups ? groups->of(r) : 0;
        order += 1.0;
        std::size_t category = 0;
        if (label) {
            category = categories->of(r);
            // Side by side within the category, always at the same place.
            const auto scatter =
                static_cast<double>((static_cast<unsigned>(p.row) * 2654435761u) >> 16 & 0xFFFFu) /
                65535.0;
            p.x = placeOf(category, p.group) + 0.6 * place * (scatter - 0.5);
        } else {
            p.x = quantity ? r[*quantity] * across : order;
        }
        if (const QString its = dayOf(r); !label && !quantity && !its.isEmpty() && its != day) {
            day = its;
            out.days.emplace_back(p.x, day);
        }
        if (!shot.setAside.empty()) {
            out.aside.push_back(p);
            continue;
        }
        out.points.push_back(p);
        if (quantity)
            kinds.push_back(choice.groups ? r[*choice.groups]
                                          : r[Label::Wedge] + '\x1f' + r[Label::Swing]);
        all.push_back(p.y);
        byGroup[p.group].push_back(p.y);
        if (label) {
            byCategory[category].push_back(p.y);
            byPlace[beside ? category * out.groups.size() + p.group : category].push_back(p.y);
        }
    }
    for (std::size_t i = 0; i < byPlace.size(); ++i) {
        const std::size_t groupCount = beside ? out.groups.size() : 1;
        const std::size_t group = i % groupCount;
        out.spans.push_back({placeOf(i / groupCount, group), 0.4 * place,
                             middleOf(std::move(byPlace[i])),
                             beside ? std::optional(group) : std::nullopt});
    }
    for (auto& values : byGroup)
        out.groupMiddles.push_back(middleOf(std::move(values)));
    for (auto& values : byCategory)
        out.categoryMiddles.push_back(middleOf(std::move(values)));
    out.all = middleOf(std::move(all));
    if (quantity) out.correlation = correlationOf(out.points, kinds);
    return out;
}

QString chartSentence(const ChartData& data, const ChartChoice& choice, const Units& units) {
    if (data.points.empty())
        return Chart::tr("None of the shown shots has a measured %1%2.")
            .arg(text::inSentence(choice.up),
                 std::holds_alternative<Quantity>(choice.across)
                     ? Chart::tr(" and %1").arg(text::inSentence(std::get<Quantity>(choice.across)))
                     : QString());
    const text::QuantityForm unit = text::formOf(choice.up, units);
    const auto say = [&](double v) { return text::number(v, unit.decimals); };
    const QString gap = unit.unit == QStringLiteral("°") ? QString() : QString(QChar(0xA0));
    const QString form =
        data.all.isWhole()
            ? Chart::tr("%1 of %2: %3%4 in the middle, the lowest %5, the highest %6.")
            : Chart::tr("%1 of %2: %3%4 in the middle, 80 in 100 between %5 and %6.");
    QString said =
        form.arg(text::nameOf(choice.up), text::shots(static_cast<qsizetype>(data.all.shots)),
                 say(data.all.median), gap + unit.unit, say(data.all.low), say(data.all.high));
    const auto list = [&](const auto& names, const std::vector<ChartMiddle>& middles) {
        QStringList parts;
        for (std::size_t i = 0; i < middles.size() && parts.size() < 8; ++i) {
            if (middles[i].shots == 0) continue;
            parts << Chart::tr("%1 %2 (%3)")
                         .arg(names[static_cast<int>(i)], say(middles[i].median))
                         .arg(middles[i].shots);
        }
        return QStringLiteral(" ") + parts.join(Chart::tr(", ")) + QLatin1Char('.');
    };
    if (!data.categories.isEmpty()) {
        said += list(data.categories, data.categoryMiddles);
    } else if (choice.groups) {
        said += list(QStringList(data.groups.begin(), data.groups.end()), data.groupMiddles);
    }
    if (data.correlation && data.correlation->isTold()) {
        const ChartCorrelation& c = *data.correlation;
        said += (choice.groups ? Chart::tr(" Within a group, by ranks, they go together by %1 (%2 "
                                           "to %3).")
                               : Chart::tr(" Within a wedge and swing, by ranks, they go together "
                                           "by %1 (%2 to %3)."))
                    .arg(text::signedNumber(c.value, 2), text::signedNumber(c.low, 2),
                         text::signedNumber(c.high, 2));
    }
    if (!data.aside.empty())
        said += Chart::tr(" %1 set aside, not counted.")
                    .arg(text::shots(static_cast<qsizetype>(data.aside.size())));
    if (data.missing > 0)
        said += Chart::tr(" %1 without a reading.")
                    .arg(text::shots(static_cast<qsizetype>(data.missing)));
    return said;
}

}  // namespace wedgeon
