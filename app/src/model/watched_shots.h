// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// The shots of Watch as a list model, newest first, each with its prediction worked out when it is
// first looked at.
#pragma once

#include <QAbstractListModel>
#include <array>
#include <memory>
#include <optional>
#include <string>
#include <string_view>
#include <utility>
#include <vector>

#include "model/shot_log.h"
#include "model/workbench.h"
#include "text/sentences.h"
#include "wedgeon/store/quality.h"
#include "wedgeon/store/shot_givens.h"

namespace wedgeon {

/// The quantities that Watch compares.
enum class Track { Launch, Spin, Landing, Carry, Release };
inline constexpr std::size_t trackCount = 5;

struct TrackValue {
    double value = 0.0;  ///< SI
    double half = 0.0;   ///< half width of the 80 % interval
};

struct WatchedShot {
    store::ShotGivens givens;
    text::Measured measured;
    std::array<std::optional<double>, trackCount> read;          ///< measured
    std::array<std::optional<TrackValue>, trackCount> expected;  ///< predicted
    std::optional<Prediction> prediction;
    bool fromLaunch = false;  ///< no club data: flight and run from the measured launch
};

class WatchedShots : public QAbstractListModel {
    Q_OBJECT

public:
    using List = std::shared_ptr<const ShotList>;

    explicit WatchedShots(Workbench& bench, QObject* parent = nullptr);

    /// \p source: where the shots came from, for people.
    void setShots(List shots, const QString& source);
    const ShotList& shots() const { return shots_; }
    /// A shot that just came, on top.
    void append(const store::LoggedShot& shot);
    /// The one of the same id is shown as it is now.
    void replace(const store::LoggedShot& shot);
    /// What is doubtful about it and was not dismissed, the surest first; known a moment after the
    /// shots were set.
    std::vector<store::QualityNote> doubtsAt(int row) const;
    /// All of its words, as a filter wants them.
    std::string_view wordsAt(int row) const;
    const store::LoggedShot& loggedAt(int row) const { return shots_[indexAt(row)]; }
    const QString& source() const { return source_; }

    int rowCount(const QModelIndex& parent = {}) const override;
    QVariant data(const QModelIndex& index, int role) const override;

    /// The number that people see, from 1 in the order of the file.
    int numberAt(int row) const { return rowCount() - row; }
    const store::ShotRecord& recordAt(int row) const;
    const WatchedShot& watchedAt(int row) const;
    /// Expected values before the last change of the givens, where they were worked out.
    const WatchedShot* formerAt(int row) const;

    struct Range {
        double low = 0.0, high = 1.0;
    };
    /// SI range that the measured values of all shots fill, without the farthest hundredth.
    Range range(Track track) const { return ranges_[static_cast<std::size_t>(track)]; }

signals:
    void shotsChanged();

private:
    void forget();
    void judgeSoon();
    void addWords(std::size_t i) const;
    void findRanges();
    std::size_t indexAt(int row) const { return shots_.size() - 1 - static_cast<std::size_t>(row); }

    Workbench& bench_;
    ShotList shots_;
    QString source_;
    std::array<Range, trackCount> ranges_;
    /// Worked out when it is first looked at; as many as fit on some screens are kept.
    mutable std::vector<std::unique_ptr<WatchedShot>> now_;
    mutable std::size_t kept_ = 0;
    /// All words behind each other, made when a filter first asks; a shot that changes gets new
    /// ones at the end.
    struct Words {
        std::string all;
        std::vector<std::pair<std::size_t, std::size_t>> spans;  ///< from and length, by shot
    };
    mutable Words words_;
    std::vector<std::unique_ptr<WatchedShot>> former_;
    using Doubts = std::vector<std::vector<store::QualityNote>>;
    struct Judged {
        std::shared_ptr<const ShotList> shots;
        Givens givens;
    };
    Doubts doubts_;
    LatestWorker<Judged, Doubts> judge_;
};

/// Fills measured values and prediction of one record.
WatchedShot watch(const store::ShotRecord& record, const Givens& fallback);
std::optional<double> readTrack(const store::ShotRecord& record, Track track);

QString trackName(Track track);
/// Shown value of one SI unit, and the unit, and how many decimals are worth showing.
struct TrackUnit {
    double factor;
    QString name;
    int decimals;
};
TrackUnit trackUnit(Track track, const Units& units);

}  // namespace wedgeon
