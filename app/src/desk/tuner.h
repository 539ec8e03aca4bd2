// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// The tuning of one player, worked out in a thread: the newest question stops the one before.
#pragma once

#include <QObject>
#include <memory>
#include <optional>

#include "desk/shot_log.h"
#include "wedgeon/store/tune_shots.h"
#include "wedgeon/tune/findings.h"
#include "work/latest_worker.h"

namespace wedgeon {

/// All that Tune shows of one player's shots.
struct PlayerTuning {
    QString player;
    store::TuneShots data;
    PlayerFit fit;
    TuneResiduals residuals;
    std::vector<TuneFinding> findings;
    NextShots next;
};

class Tuner : public QObject {
    Q_OBJECT

public:
    explicit Tuner(QObject* parent = nullptr);
    /// Answered by started() and later tuned(); by nothing when it is the question that was asked
    /// last, whose answer stands or is on its way.
    void ask(const std::shared_ptr<const ShotList>& shots, const store::Fallback& fallback,
             const QString& player);
    /// Ends what is under way; nothing will be told of it.
    void cancel();
    bool isWorking() const { return working_; }
    double progress() const { return share_; }  ///< 0-1 of what is under way

signals:
    void started();
    void failed(const QString& why);
    void tuned(const std::shared_ptr<const wedgeon::PlayerTuning>& tuning);

private:
    struct Question {
        QString player;
        store::TuneShots data;
    };
    /// All shots are looked through first, to see whether there is anything new.
    struct Wanted {
        std::shared_ptr<const ShotList> shots;
        store::Fallback fallback;
        QString player;
    };
    using Readings = std::pair<QString, store::TuneShots>;
    void askFor(const Readings& readings);
    using Answer = std::shared_ptr<const PlayerTuning>;
    static Answer answer(const Question& question, const Task& task);

    double share_ = 0.0;
    bool working_ = false;
    std::optional<std::pair<QString, std::uint64_t>> asked_;  ///< player and digest
    LatestWorker<Wanted, Readings> reader_;
    LatestWorker<Question, Answer> worker_;
};

}  // namespace wedgeon
