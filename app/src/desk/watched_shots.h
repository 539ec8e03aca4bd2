// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// The shots of Watch as a list model, newest first, each with its prediction worked out when it is
// first looked at.
#pragma once

#include <QAbstractListModel>
#include <array>
#include <memory>
#include <optional>
#include <stop_token>
#include <string>
#include <unordered_map>
#include <vector>

#include "desk/shot_log.h"
#include "desk/workbench.h"
#include "text/sentences.h"
#include "wedgeon/store/quality.h"
#include "wedgeon/store/shot_givens.h"
#include "wedgeon/store/sightings.h"
#include "work/dropper.h"

namespace wedgeon {

/// The quantities that Watch compares.
enum class Track { Launch, Spin, Landing, Carry, Release };
inline constexpr std::size_t trackCount = 5;

struct TrackValue {
    double value = 0.0;                 ///< SI
    double half = 0.0;                  ///< half width of the 80 % interval
    double below = half, above = half;  ///< of its two sides
};

struct WatchedShot {
    store::ShotGivens givens;
    text::Measured measured;
    std::array<std::optional<double>, trackCount> read;          ///< measured
    std::array<std::optional<TrackValue>, trackCount> expected;  ///< predicted
    std::optional<Prediction> prediction;
    bool fromLaunch = false;           ///< no club data: flight and run from the measured launch
    std::optional<Sighting> sighting;  ///< nobody measured it: what was read was seen
    std::optional<SeenShot> seen;      ///< and what it must have had, which is what is expected
};

class WatchedShots : public QAbstractListModel {
    Q_OBJECT

public:
    using Notes = std::unordered_map<std::size_t, std::vector<store::QualityNote>>;
    /// By a shot's index: of those that were judged together, and of the few that came since.
    struct Doubts {
        std::shared_ptr<const Notes> judged = std::make_shared<const Notes>();
        Notes since;
        std::size_t judgedShots = 0;

        const std::vector<store::QualityNote>* find(std::size_t i) const {
            const Notes& notes = i < judgedShots ? *judged : since;
            const auto at = notes.find(i);
            return at == notes.end() ? nullptr : &at->second;
        }
    };

    explicit WatchedShots(Workbench& bench, QObject* parent = nullptr);
    ~WatchedShots() override;

    /// \p source: where the shots came from, for people. \p before: how many older ones there are
    /// that are not in the list (yet).
    void setShots(const ShotList& shots, const QString& source, std::size_t before = 0);
    const ShotList& shots() const { return shots_; }
    /// As they are now, for another thread.
    std::shared_ptr<const ShotList> snapshot() const {
        return std::make_shared<const ShotList>(shots_.snapshot());
    }
    /// Shots that just came, oldest first; they stand on top.
    void append(const std::vector<store::LoggedShot>& shots);
    /// The one of the same id is shown as it is now.
    void replace(const store::LoggedShot& shot);
    /// What is doubtful about it and was not dismissed, the surest first; known a moment after the
    /// shots were set.
    std::vector<store::QualityNote> doubtsAt(int row) const;
    /// Of all shots by their index, as far as they are known; for another thread.
    const Doubts& doubts() const { return doubts_; }
    /// -1 when there is none of this id.
    int rowOf(std::int64_t id) const;
    /// Where a row stands in shots(), which has the oldest first.
    std::size_t indexAt(int row) const { return shots_.size() - 1 - static_cast<std::size_t>(row); }
    const store::LoggedShot& loggedAt(int row) const { return shots_[indexAt(row)]; }
    const QString& source() const { return source_; }

    int rowCount(const QModelIndex& parent = {}) const override;
    QVariant data(const QModelIndex& index, int role) const override;

    /// With those that are still being read.
    int total() const { return static_cast<int>(before_) + rowCount(); }
    /// The number that people see, from 1 in the order of the file.
    int numberAt(int row) const { return static_cast<int>(before_) + rowCount() - row; }
    const store::ShotRecord& recordAt(int row) const;
    const WatchedShot& watchedAt(int row) const;
    /// Expected values before the last change of the givens, where they were worked out.
    const WatchedShot* formerAt(int row) const;

    struct Range {
        double low = 0.0, high = 1.0;
    };
    /// SI range that the measured values of all shots fill, without the farthest hundredth. While
    /// shots come in it only widens, in whole steps.
    Range range(Track track) const { return ranges_[static_cast<std::size_t>(track)]; }

signals:
    void shotsChanged();

private:
    void judgeSoon();
    void findRanges();
    void widenRanges(std::size_t i);
    /// What a track of the shot shows: as read, else what a shot by eye must have had.
    std::optional<double> shownOf(std::size_t i, Track track) const;

    Workbench& bench_;
    ShotList shots_;
    std::size_t before_ = 0;
    QString source_;
    std::array<Range, trackCount> ranges_;
    /// Worked out when it is first looked at, by index; as many as fit on some screens are kept.
    using Watched = std::unordered_map<std::size_t, WatchedShot>;
    mutable Watched now_;
    Watched former_;
    struct Judged {
        std::shared_ptr<const ShotList> shots;
        store::Fallback fallback;
        std::stop_token stop;
    };
    Doubts doubts_;
    std::stop_source stopJudging_;
    Dropper<ShotList> dropper_;
    LatestWorker<Judged, Doubts> judge_;
};

/// Fills measured values and prediction of one record.
WatchedShot watch(const store::ShotRecord& record, const store::Fallback& fallback);
std::optional<double> readTrack(const store::ShotRecord& record, Track track);

store::Quantity quantityOf(Track track);

}  // namespace wedgeon
