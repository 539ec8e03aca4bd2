// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Taking a set-up over, and telling what it changed.
#include "desk/one_change.h"

#include <algorithm>
#include <cmath>

#include "text/quantities.h"
#include "wedgeon/error.h"
#include "wedgeon/explain/groups.h"
#include "wedgeon/store/recipe_file.h"
#include "wedgeon/units.h"

namespace wedgeon {
namespace {

/// So many shots before the change are enough to know what it was like.
constexpr std::size_t mostBefore = 20;
constexpr std::size_t fewest = 2;
/// A difference below this share of what matters is not spoken of, however sure it is.
constexpr double spoken = 0.3;

/// What a coach would not speak of.
double matters(Track track) {
    switch (track) {
        case Track::Launch:
            return radFromDeg(2.0);
        case Track::Spin:
            return radpsFromRpm(500.0);
        case Track::Landing:
            return radFromDeg(2.5);
        case Track::Carry:
            return 2.5;
        case Track::Release:
            return 1.5;
    }
    return 0.0;
}

QString more(Track track) {
    switch (track) {
        case Track::Launch:
            return OneChange::tr("launch %1 higher");
        case Track::Spin:
            return OneChange::tr("spin %1 more");
        case Track::Landing:
            return OneChange::tr("landing %1 steeper");
        case Track::Carry:
            return OneChange::tr("carry %1 longer");
        case Track::Release:
            return OneChange::tr("release %1 longer");
    }
    return {};
}

QString less(Track track) {
    switch (track) {
        case Track::Launch:
            return OneChange::tr("launch %1 lower");
        case Track::Spin:
            return OneChange::tr("spin %1 less");
        case Track::Landing:
            return OneChange::tr("landing %1 flatter");
        case Track::Carry:
            return OneChange::tr("carry %1 shorter");
        case Track::Release:
            return OneChange::tr("release %1 shorter");
    }
    return {};
}

}  // namespace

OneChange::OneChange(const WatchedShots& shots, Workbench& bench, QObject* parent)
    : QObject(parent), shots_(shots), bench_(bench) {
    connect(&shots_, &WatchedShots::shotsChanged, this, [this] {
        if (isOn()) emit changed();
    });
    connect(&shots_, &QAbstractItemModel::dataChanged, this, [this] {
        if (isOn()) emit changed();
    });
}

std::optional<store::NamedRecipe> OneChange::setUpOf(int row) const {
    const store::ShotRecord& record = shots_.recordAt(row);
    if (auto declared = store::findDeclared(record)) return declared;
    const WatchedShot& w = shots_.watchedAt(row);
    auto read = store::findDelivery(record);
    if (!read) return std::nullopt;
    store::NamedRecipe out;
    out.name = tr("shot %1").arg(shots_.numberAt(row)).toStdString();
    Recipe start = bench_.state().recipe();
    start.clubSpeed_mps = read->clubSpeed_mps;
    if (const auto& tuning = w.givens.player.tuning) {
        read->attack_rad -= tuning->strike.attackBias_rad;
        read->dynamicLoft_rad -= tuning->strike.loftBias_rad;
    }
    try {
        const double near = radFromDeg(0.7);
        const InverseResult found =
            w.givens.predictor().findRecipe(start,
                                            {{Outcome::Attack, read->attack_rad, near},
                                             {Outcome::DynamicLoft, read->dynamicLoft_rad, near},
                                             {Outcome::FaceAngle, read->faceAngle_rad, near},
                                             {Outcome::Path, read->path_rad, near}},
                                            {{Dial::BallForward, {}, {}},
                                             {Dial::Lean, {}, {}},
                                             {Dial::Open, {}, {}},
                                             {Dial::BodyLine, {}, {}}});
        if (!found.found &&
            !std::all_of(found.reached.begin(), found.reached.end(), [](const Reached& r) {
                return std::abs(r.wanted - r.reached) < radFromDeg(3.0);
            }))
            return std::nullopt;
        out.recipe = found.recipe;
    } catch (const RangeError&) {
        return std::nullopt;
    }
    return out;
}

bool OneChange::take(int row) {
    auto setUp = setUpOf(row);
    if (!setUp) return false;
    taken_ = shots_.loggedAt(row).id;
    BenchState next = bench_.state();
    // Beside what was worked on last.
    const store::NamedRecipe last = next.recipes[next.chosen];
    next.recipes = {last, std::move(*setUp)};
    next.chosen = 1;
    bench_.edit(next, tr("take the shot's set-up"));
    return true;
}

OneChange::Kind OneChange::kindOf(const store::ShotRecord& record) {
    return {record[store::Label::Player], record[store::Label::Wedge], record[store::Label::Swing]};
}

void OneChange::begin() {
    if (shots_.rowCount() == 0) {
        since_ = 0;
        kind_ = {};
    } else {
        since_ = shots_.loggedAt(0).id;
        const int row = taken_ ? shots_.rowOf(*taken_) : -1;
        kind_ = kindOf(shots_.recordAt(std::max(row, 0)));
    }
    emit changed();
}

void OneChange::end() {
    since_.reset();
    taken_.reset();
    emit changed();
}

std::vector<int> OneChange::rowsOfKind(bool since) const {
    std::vector<int> out;
    for (int row = 0; row < shots_.rowCount(); ++row) {
        const store::LoggedShot& shot = shots_.loggedAt(row);
        const bool its = shot.id > *since_;
        if (!its && since) break;  // the newest are first
        if (its != since || !shot.setAside.empty()) continue;
        if (kind_ != Kind{} && kindOf(shot.record) != kind_) continue;
        out.push_back(row);
        if (!since && out.size() >= mostBefore) break;
    }
    return out;
}

OneChange::Mean OneChange::meanOf(const std::vector<int>& rows, Track track) const {
    const auto t = static_cast<std::size_t>(track);
    std::vector<double> values;
    double openSquares = 0.0;
    for (const int row : rows) {
        const WatchedShot& w = shots_.watchedAt(row);
        if (w.read[t]) {
            values.push_back(*w.read[t]);
        } else if (w.seen && w.expected[t]) {
            values.push_back(w.expected[t]->value);
            openSquares += w.expected[t]->half * w.expected[t]->half;
        }
    }
    Mean out;
    out.shots = values.size();
    if (values.size() < fewest) return out;
    const auto n = static_cast<double>(values.size());
    for (const double v : values)
        out.mean += v / n;
    double squares = 0.0;
    for (const double v : values)
        squares += (v - out.mean) * (v - out.mean);
    // What was only seen leaves more open than its middles scatter.
    out.half80 = std::hypot(findMeanHalf80(std::sqrt(squares / (n - 1.0)), values.size()),
                            std::sqrt(openSquares) / n);
    return out;
}

QString OneChange::sentence() const {
    if (!isOn()) return {};
    const std::vector<int> since = rowsOfKind(true);
    const std::vector<int> before = rowsOfKind(false);
    if (since.empty()) return tr("Watching for the first shot since the change.");
    const QString head =
        tr("%1 since the change").arg(text::shots(static_cast<qsizetype>(since.size())));
    if (before.size() < fewest) return head + tr("; too few of this kind before it to compare.");
    if (since.size() < fewest) return head + tr("; one more, and it is compared.");
    QStringList differ, same, open;
    for (std::size_t t = 0; t < trackCount; ++t) {
        const auto track = static_cast<Track>(t);
        const Mean a = meanOf(before, track), b = meanOf(since, track);
        if (a.shots < fewest || b.shots < fewest) continue;
        const double by = b.mean - a.mean, half = std::hypot(a.half80, b.half80);
        const auto form = text::formOf(quantityOf(track), bench_.units());
        const QString name = text::shortNameOf(quantityOf(track));
        if (std::abs(by) > half && std::abs(by) > spoken * matters(track)) {
            differ << (by > 0 ? more(track) : less(track))
                          .arg(text::withUnit(
                              text::number(std::abs(by) * form.factor, form.decimals), form.unit));
        } else if (std::abs(by) + half < matters(track)) {
            same << name;
        } else {
            open << name;
        }
    }
    QStringList parts;
    if (!differ.isEmpty()) parts << differ.join(tr(", "));
    if (!same.isEmpty()) parts << tr("%1 no different").arg(same.join(tr(", ")));
    if (!open.isEmpty()) parts << tr("%1 not clear yet").arg(open.join(tr(", ")));
    if (parts.isEmpty()) return head + tr("; nothing was read of both to compare.");
    return head + QStringLiteral(": ") + parts.join(tr("; ")) + QLatin1Char('.');
}

}  // namespace wedgeon
