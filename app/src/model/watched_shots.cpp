// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Predictions for recorded shots.
#include "model/watched_shots.h"

#include <algorithm>
#include <cmath>
#include <span>
#include <utility>

#include "model/shot_filter.h"
#include "wedgeon/error.h"
#include "wedgeon/units.h"

namespace wedgeon {
namespace {

constexpr std::size_t judgedTogether = 120;
constexpr std::size_t mostKept = 2000;

void predict(WatchedShot& w, const store::ShotRecord& record) {
    const Givens& givens = w.givens.givens;
    Prediction p;
    try {
        if (const auto delivery = store::findDelivery(record)) {
            p.shot = calcShotFromDelivery(*delivery, givens, &p.trace);
            p.spread = findSpread(p.shot, givens, SpreadSource::measured());
        } else if (const auto launch = store::findLaunch(record)) {
            p.shot = calcShotFromLaunch(*launch, givens, &p.trace);
            w.fromLaunch = true;
        } else {
            return;
        }
    } catch (const RangeError&) {
        return;  // readings that fit no strike: shown without a prediction
    }
    const auto set = [&](Track t, double value, double half) {
        w.expected[static_cast<std::size_t>(t)] = TrackValue{value, half};
    };
    if (!w.fromLaunch) {
        set(Track::Launch, p.shot.strike.launch.angle_rad(), p.spread.launchAngle_rad);
        set(Track::Spin, p.shot.strike.launch.spinRate_radps(), p.spread.spinRate_radps);
    }
    set(Track::Landing, p.shot.flight.landingAngle_rad(), p.spread.landingAngle_rad);
    set(Track::Carry, p.shot.flight.carry_m, p.spread.carry_m);
    set(Track::Release, p.shot.run.release_m, p.spread.release_m);
    w.prediction = std::move(p);
}

}  // namespace

std::optional<double> readTrack(const store::ShotRecord& r, Track track) {
    using store::Quantity;
    const auto get = [&](Quantity q) { return r.has(q) ? std::optional(r[q]) : std::nullopt; };
    switch (track) {
        case Track::Launch:
            return get(Quantity::LaunchAngle);
        case Track::Spin:
            return get(Quantity::SpinRate);
        case Track::Landing:
            return get(Quantity::LandingAngle);
        case Track::Carry:
            return get(Quantity::Carry);
        case Track::Release:
            return store::findRelease_m(r);
    }
    return std::nullopt;
}

WatchedShot watch(const store::ShotRecord& record, const Givens& fallback) {
    WatchedShot w;
    w.givens = store::findShotGivens(record, fallback);
    for (std::size_t t = 0; t < trackCount; ++t)
        w.read[t] = readTrack(record, static_cast<Track>(t));
    w.measured = {readTrack(record, Track::Carry), readTrack(record, Track::Release),
                  readTrack(record, Track::Landing), readTrack(record, Track::Spin)};
    predict(w, record);
    return w;
}

QString trackName(Track track) {
    switch (track) {
        case Track::Launch:
            return WatchedShots::tr("launch");
        case Track::Spin:
            return WatchedShots::tr("spin");
        case Track::Landing:
            return WatchedShots::tr("landing");
        case Track::Carry:
            return WatchedShots::tr("carry");
        case Track::Release:
            return WatchedShots::tr("release");
    }
    return {};
}

TrackUnit trackUnit(Track track, const Units& units) {
    switch (track) {
        case Track::Launch:
        case Track::Landing:
            return {degFromRad(1.0), QStringLiteral("°"), 1};
        case Track::Spin:
            return {rpmFromRadps(1.0), WatchedShots::tr("rpm"), 0};
        case Track::Carry:
        case Track::Release:
            return {units.lengthFactor(), units.lengthName(), 1};
    }
    return {1.0, {}, 1};
}

WatchedShots::WatchedShots(Workbench& bench, QObject* parent)
    : QAbstractListModel(parent),
      bench_(bench),
      judge_(
          this, [](const Judged& j) { return store::findDoubts(*j.shots, j.givens); },
          [this](const Doubts& found) {
              if (found.size() > shots_.size()) return;
              // Shots that came meanwhile have been judged by themselves.
              std::copy(found.begin(), found.end(), doubts_.begin());
              if (rowCount() > 0) emit dataChanged(index(0), index(rowCount() - 1));
          }) {
    connect(&bench_, &Workbench::givensChanged, this, [this] {
        former_ = std::exchange(now_, {});
        now_.resize(shots_.size());
        kept_ = 0;
        judgeSoon();
        if (rowCount() > 0) emit dataChanged(index(0), index(rowCount() - 1));
    });
}

void WatchedShots::setShots(List shots, const QString& source) {
    beginResetModel();
    shots_ = shots ? *shots : ShotList{};
    source_ = source;
    forget();
    findRanges();
    endResetModel();
    emit shotsChanged();
}

void WatchedShots::append(const store::LoggedShot& shot) {
    beginInsertRows({}, 0, 0);
    shots_.push_back(shot);
    now_.emplace_back();
    // Beside the ones before it: enough for repeats and for the player's pattern.
    const std::size_t from = shots_.size() - std::min(shots_.size(), judgedTogether);
    doubts_.push_back(
        store::findDoubts(std::span(shots_).subspan(from), bench_.state().givens).back());
    former_.clear();
    endInsertRows();
    // The ranges of the tracks grow with the first shots; later only where a value leaves them.
    for (std::size_t t = 0; t < trackCount; ++t) {
        const auto v = readTrack(shot.record, static_cast<Track>(t));
        if (shots_.size() < 30 || (v && (*v < ranges_[t].low || *v > ranges_[t].high))) {
            findRanges();
            emit dataChanged(index(0), index(rowCount() - 1));
            break;
        }
    }
    emit shotsChanged();
}

void WatchedShots::replace(const store::LoggedShot& shot) {
    // From the newest: that is where a coach works.
    for (std::size_t i = shots_.size(); i > 0; --i) {
        if (shots_[i - 1].id != shot.id) continue;
        shots_[i - 1] = shot;
        now_[i - 1].reset();
        if (i <= words_.spans.size()) addWords(i - 1);
        const int row = rowCount() - static_cast<int>(i);
        emit dataChanged(index(row), index(row));
        return;
    }
}

void WatchedShots::judgeSoon() {
    if (shots_.empty()) {
        judge_.forget();
    } else {
        judge_.ask({std::make_shared<const ShotList>(shots_), bench_.state().givens});
    }
}

std::vector<store::QualityNote> WatchedShots::doubtsAt(int row) const {
    const std::size_t i = indexAt(row);
    if (doubts_[i].empty()) return {};
    return store::sharedDoubts(doubts_[i], shots_[i]);
}

void WatchedShots::addWords(std::size_t i) const {
    const std::size_t from = words_.all.size();
    ShotFilter::addWords(shots_[i].record, words_.all);
    words_.spans[i] = {from, words_.all.size() - from};
}

std::string_view WatchedShots::wordsAt(int row) const {
    const std::size_t known = words_.spans.size();
    words_.spans.resize(shots_.size());
    for (std::size_t i = known; i < shots_.size(); ++i)
        addWords(i);
    const auto [from, length] = words_.spans[indexAt(row)];
    return std::string_view(words_.all).substr(from, length);
}

void WatchedShots::forget() {
    doubts_.assign(shots_.size(), {});
    judgeSoon();
    now_.clear();
    now_.resize(shots_.size());
    kept_ = 0;
    words_ = {};
    former_.clear();
}

void WatchedShots::findRanges() {
    for (std::size_t t = 0; t < trackCount; ++t) {
        std::vector<double> values;
        values.reserve(shots_.size());
        for (std::size_t i = 0; i < shots_.size(); ++i) {
            if (const auto v = readTrack(shots_[i].record, static_cast<Track>(t)))
                values.push_back(*v);
        }
        if (values.empty()) {
            ranges_[t] = {};
            continue;
        }
        const auto quantile = [&](double q) {
            const auto k = static_cast<std::ptrdiff_t>(q * static_cast<double>(values.size() - 1));
            std::nth_element(values.begin(), values.begin() + k, values.end());
            return values[static_cast<std::size_t>(k)];
        };
        const double low = quantile(0.01);
        const double high = quantile(0.99);
        const double room = std::max(0.06 * (high - low), 1e-3 + 0.01 * std::abs(high));
        ranges_[t] = {low - room, high + room};
    }
}

int WatchedShots::rowCount(const QModelIndex& parent) const {
    return parent.isValid() ? 0 : static_cast<int>(shots_.size());
}

const store::ShotRecord& WatchedShots::recordAt(int row) const {
    return shots_[indexAt(row)].record;
}

const WatchedShot& WatchedShots::watchedAt(int row) const {
    auto& slot = now_[indexAt(row)];
    if (slot) return *slot;
    if (++kept_ > mostKept) {
        // A long scroll would else keep the flight of every shot that went by.
        for (auto& other : now_)
            other.reset();
        kept_ = 1;
    }
    slot = std::make_unique<WatchedShot>(watch(recordAt(row), bench_.state().givens));
    return *slot;
}

const WatchedShot* WatchedShots::formerAt(int row) const {
    const std::size_t i = indexAt(row);
    return i < former_.size() ? former_[i].get() : nullptr;
}

QVariant WatchedShots::data(const QModelIndex& index, int role) const {
    if (!index.isValid()) return {};
    const store::ShotRecord& r = recordAt(index.row());
    if (role == Qt::DisplayRole || role == Qt::AccessibleTextRole) {
        const WatchedShot& w = watchedAt(index.row());
        const std::string& aside = loggedAt(index.row()).setAside;
        const auto doubts = doubtsAt(index.row());
        return tr("Shot %1, %2. %3%4")
            .arg(numberAt(index.row()))
            .arg(text::fromUtf8(r[store::Label::Swing]),
                 text::measuredSentence(w.measured, bench_.units()),
                 !aside.empty()   ? tr(" Set aside: %1.").arg(text::fromUtf8(aside))
                 : doubts.empty() ? QString()
                                  : tr(" Doubtful: %1").arg(text::fromUtf8(doubts.front().reason)));
    }
    return {};
}

}  // namespace wedgeon
