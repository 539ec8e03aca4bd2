// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Predictions for recorded shots.
#include "desk/watched_shots.h"

#include <algorithm>
#include <cmath>
#include <utility>

#include "text/keys.h"
#include "text/said.h"
#include "wedgeon/error.h"
#include "wedgeon/units.h"

namespace wedgeon {
namespace {

constexpr std::size_t judgedTogether = 120;
constexpr std::size_t mostKept = 2000;

void predict(WatchedShot& w, const store::ShotRecord& record) {
    Prediction p;
    try {
        const Predictor predictor = w.givens.predictor();
        if (const auto delivery = store::findDelivery(record)) {
            p.shot = predictor.shotFrom(*delivery, &p.trace);
            p.spread = predictor.spreadWithRun(p.shot, SpreadSource::measured());
        } else if (const auto launch = store::findLaunch(record)) {
            p.shot = predictor.shotFrom(*launch, &p.trace);
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
    auto& run = w.expected[static_cast<std::size_t>(Track::Release)];
    run->below = p.spread.releaseBelow_m;
    run->above = p.spread.releaseAbove_m;
    w.prediction = std::move(p);
}

}  // namespace

store::Quantity quantityOf(Track track) {
    constexpr std::array quantities{store::Quantity::LaunchAngle, store::Quantity::SpinRate,
                                    store::Quantity::LandingAngle, store::Quantity::Carry,
                                    store::Quantity::Release};
    static_assert(quantities.size() == trackCount);
    return quantities[static_cast<std::size_t>(track)];
}

std::optional<double> readTrack(const store::ShotRecord& r, Track track) {
    if (track == Track::Release) return store::findRelease_m(r);
    const store::Quantity q = quantityOf(track);
    return r.has(q) ? std::optional(r[q]) : std::nullopt;
}

namespace {

/// The shot that what was seen tells of: the middle of what it must have had, and how sure.
void weigh(WatchedShot& w, const store::ShotRecord& record) {
    w.sighting = store::findSighting(record);
    if (!w.sighting) return;
    auto& read = w.read;
    if (!w.measured.carry_m) {
        const auto carry = store::findSeen(*w.sighting, store::Quantity::Carry);
        const auto release = store::findSeen(*w.sighting, store::Quantity::Release);
        if (carry) w.measured.carry_m = read[static_cast<std::size_t>(Track::Carry)] = carry;
        if (release && !w.measured.release_m)
            w.measured.release_m = read[static_cast<std::size_t>(Track::Release)] = release;
    }
    if (w.prediction) return;  // a device read the club: it knows better
    w.seen = store::weighSighting(record, w.givens);
    if (!w.seen) return;
    const auto set = [&](Track t, const Quantiles& q, double& half) {
        half = 0.5 * (q.p90 - q.p10);
        w.expected[static_cast<std::size_t>(t)] =
            TrackValue{q.p50, half, q.p50 - q.p10, q.p90 - q.p50};
    };
    Prediction p;
    set(Track::Launch, w.seen->launch_rad, p.spread.launchAngle_rad);
    set(Track::Spin, w.seen->spin_radps, p.spread.spinRate_radps);
    set(Track::Landing, w.seen->landing_rad, p.spread.landingAngle_rad);
    set(Track::Carry, w.seen->carry_m, p.spread.carry_m);
    set(Track::Release, w.seen->release_m, p.spread.release_m);
    p.spread.releaseBelow_m = w.seen->release_m.p50 - w.seen->release_m.p10;
    p.spread.releaseAbove_m = w.seen->release_m.p90 - w.seen->release_m.p50;
    try {
        const Predictor predictor = w.givens.predictor();
        // As the device would have read it, whose errors the predictor takes off.
        Delivery d;
        d.clubSpeed_mps = w.seen->clubSpeed_mps.p50 * predictor.contact().speedKept;
        d.attack_rad = w.seen->attack_rad.p50;
        d.dynamicLoft_rad = w.seen->dynamicLoft_rad.p50;
        if (const auto& tuning = w.givens.player.tuning) {
            d.attack_rad += tuning->strike.attackBias_rad;
            d.dynamicLoft_rad += tuning->strike.loftBias_rad;
        }
        p.shot = predictor.shotFrom(d, &p.trace);
        w.prediction = std::move(p);
    } catch (const RangeError&) {
        return;  // the middle of each need not be one shot; what it had is still told
    }
}

}  // namespace

WatchedShot watch(const store::ShotRecord& record, const store::Fallback& fallback) {
    WatchedShot w;
    w.givens = store::findShotGivens(record, fallback);
    for (std::size_t t = 0; t < trackCount; ++t)
        w.read[t] = readTrack(record, static_cast<Track>(t));
    w.measured = {readTrack(record, Track::Carry), readTrack(record, Track::Release),
                  readTrack(record, Track::Landing), readTrack(record, Track::Spin)};
    predict(w, record);
    weigh(w, record);
    return w;
}

namespace {

/// Most shots have no note.
WatchedShots::Doubts sparse(std::vector<std::vector<store::QualityNote>> notes) {
    auto out = std::make_shared<WatchedShots::Notes>();
    for (std::size_t i = 0; i < notes.size(); ++i) {
        if (!notes[i].empty()) out->emplace(i, std::move(notes[i]));
    }
    return {std::move(out), {}, notes.size()};
}

}  // namespace

WatchedShots::WatchedShots(Workbench& bench, QObject* parent)
    : QAbstractListModel(parent),
      bench_(bench),
      judge_(
          [](const Judged& j) {
              return sparse(store::findDoubts(*j.shots, j.fallback, 0, j.stop));
          },
          [this](const Doubts& found) {
              // Shots that came meanwhile have been judged by themselves.
              doubts_.judged = found.judged;
              doubts_.judgedShots = found.judgedShots;
              std::erase_if(doubts_.since,
                            [&](const auto& its) { return its.first < found.judgedShots; });
              if (rowCount() > 0) emit dataChanged(index(0), index(rowCount() - 1));
          }) {
    connect(&bench_, &Workbench::givensChanged, this, [this] {
        former_ = std::exchange(now_, {});
        judgeSoon();
        if (rowCount() > 0) emit dataChanged(index(0), index(rowCount() - 1));
    });
}

WatchedShots::~WatchedShots() {
    stopJudging_.request_stop();
}

void WatchedShots::setShots(const ShotList& shots, const QString& source, std::size_t before) {
    beginResetModel();
    dropper_.drop(std::exchange(shots_, shots.snapshot()));
    before_ = before;
    source_ = source;
    doubts_ = {};
    now_.clear();
    former_.clear();
    judgeSoon();
    findRanges();
    endResetModel();
    emit shotsChanged();
}

void WatchedShots::append(const std::vector<store::LoggedShot>& shots) {
    if (shots.empty()) return;
    const auto from = shots_.size();
    beginInsertRows({}, 0, static_cast<int>(shots.size()) - 1);
    for (const store::LoggedShot& shot : shots)
        shots_.push_back(shot);
    former_.clear();
    // Beside the ones before them: enough for repeats and for the player's pattern.
    const std::size_t judged = from - std::min(from, judgedTogether);
    auto found = store::findDoubts(shots_, bench_.fallback(), judged);
    for (std::size_t i = from; i < shots_.size(); ++i) {
        if (!found[i - judged].empty()) doubts_.since[i] = std::move(found[i - judged]);
    }
    for (std::size_t i = from; i < shots_.size(); ++i) {
        // A misread would push all others together.
        if (!doubts_.since.contains(i)) widenRanges(i);
    }
    endInsertRows();
    emit shotsChanged();
}

int WatchedShots::rowOf(std::int64_t id) const {
    const std::size_t i = shots_.find(id);
    return i < shots_.size() ? static_cast<int>(shots_.size() - 1 - i) : -1;
}

void WatchedShots::replace(const store::LoggedShot& shot) {
    const int row = rowOf(shot.id);
    if (row < 0) return;
    shots_.set(indexAt(row), shot);
    now_.erase(indexAt(row));
    emit dataChanged(index(row), index(row));
}

void WatchedShots::judgeSoon() {
    stopJudging_.request_stop();
    stopJudging_ = {};
    if (shots_.empty()) {
        judge_.forget();
    } else {
        judge_.ask({snapshot(), bench_.fallback(), stopJudging_.get_token()});
    }
}

std::vector<store::QualityNote> WatchedShots::doubtsAt(int row) const {
    const std::size_t i = indexAt(row);
    const auto* notes = doubts_.find(i);
    return notes ? store::sharedDoubts(*notes, shots_[i]) : std::vector<store::QualityNote>{};
}

std::optional<double> WatchedShots::shownOf(std::size_t i, Track track) const {
    const store::ShotRecord& r = shots_[i].record;
    if (const auto v = readTrack(r, track)) return v;
    if (r[store::Label::Seen].empty()) return std::nullopt;
    const WatchedShot& w = watchedAt(static_cast<int>(shots_.size() - 1 - i));
    if (const auto& v = w.read[static_cast<std::size_t>(track)]) return v;
    const auto& e = w.expected[static_cast<std::size_t>(track)];
    return e ? std::optional(e->value) : std::nullopt;
}

namespace {

/// The steps in which a range widens: whole ones, so that its ends are read at a glance.
double stepOf(Track track) {
    switch (track) {
        case Track::Launch:
        case Track::Landing:
            return radFromDeg(5.0);
        case Track::Spin:
            return radpsFromRpm(1000.0);
        case Track::Carry:
            return 10.0;
        case Track::Release:
            return 5.0;
    }
    return 1.0;
}

/// The range in whole steps outwards.
WatchedShots::Range stepped(WatchedShots::Range r, Track track) {
    const double step = stepOf(track);
    r = {step * std::floor(r.low / step), step * std::ceil(r.high / step)};
    if (r.high - r.low < step) r.high = r.low + step;
    return r;
}

}  // namespace

void WatchedShots::findRanges() {
    // Of many shots, some thousands that are spread evenly tell as much; of those by eye, which
    // have to be weighed, some dozens.
    constexpr std::size_t looked = 4000, weighed = 40;
    const std::size_t step = 1 + shots_.size() / looked;
    std::array<std::vector<double>, trackCount> values;
    std::size_t seen = 0;
    for (std::size_t i = 0; i < shots_.size(); i += step) {
        if (!shots_[i].record[store::Label::Seen].empty() && ++seen > weighed) continue;
        for (std::size_t t = 0; t < trackCount; ++t) {
            if (const auto v = shownOf(i, static_cast<Track>(t))) values[t].push_back(*v);
        }
    }
    for (std::size_t t = 0; t < trackCount; ++t) {
        auto& all = values[t];
        if (all.empty()) {
            ranges_[t] = {};
            continue;
        }
        const auto quantile = [&](double q) {
            const auto k = static_cast<std::ptrdiff_t>(q * static_cast<double>(all.size() - 1));
            std::nth_element(all.begin(), all.begin() + k, all.end());
            return all[static_cast<std::size_t>(k)];
        };
        ranges_[t] = stepped({quantile(0.01), quantile(0.99)}, static_cast<Track>(t));
    }
}

void WatchedShots::widenRanges(std::size_t i) {
    for (std::size_t t = 0; t < trackCount; ++t) {
        const auto track = static_cast<Track>(t);
        const auto v = shownOf(i, track);
        Range& r = ranges_[t];
        if (!v || (*v >= r.low && *v <= r.high)) continue;
        const bool first = r.low == Range{}.low && r.high == Range{}.high;
        r = stepped(first ? Range{*v, *v} : Range{std::min(r.low, *v), std::max(r.high, *v)},
                    track);
    }
}

int WatchedShots::rowCount(const QModelIndex& parent) const {
    return parent.isValid() ? 0 : static_cast<int>(shots_.size());
}

const store::ShotRecord& WatchedShots::recordAt(int row) const {
    return shots_[indexAt(row)].record;
}

const WatchedShot& WatchedShots::watchedAt(int row) const {
    const std::size_t i = indexAt(row);
    const auto known = now_.find(i);
    if (known != now_.end()) return known->second;
    // A long scroll would else keep the flight of every shot that went by.
    if (now_.size() >= mostKept) now_.clear();
    return now_.emplace(i, watch(recordAt(row), bench_.fallback())).first->second;
}

const WatchedShot* WatchedShots::formerAt(int row) const {
    const auto at = former_.find(indexAt(row));
    return at == former_.end() ? nullptr : &at->second;
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
                 !aside.empty()   ? tr(" Set aside: %1.").arg(text::asideReason(aside))
                 : doubts.empty() ? QString()
                 : store::isDoubtful(doubts)
                     ? tr(" Doubtful: %1").arg(text::said(doubts.front().reason))
                     : tr(" Question: %1").arg(text::said(doubts.front().reason)));
    }
    return {};
}

}  // namespace wedgeon
