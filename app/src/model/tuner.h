// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// The tuning of one player, worked out in a thread: the newest question wins.
#pragma once

#include <QObject>
#include <memory>

#include "model/latest_worker.h"
#include "model/shot_log.h"
#include "wedgeon/store/tune_shots.h"

namespace wedgeon {

/// All that Tune shows of one player's shots.
struct PlayerTuning {
    QString player;
    store::TuneShots data;
    PlayerFit fit;
    TuneResiduals residuals;
    LeftOutCheck check;
    std::vector<NextShot> next;
};

class Tuner : public QObject {
    Q_OBJECT

public:
    explicit Tuner(QObject* parent = nullptr);
    void ask(const ShotList& shots, const Givens& fallback, const QString& player);
    void forget() { worker_.forget(); }

signals:
    void tuned(const std::shared_ptr<const wedgeon::PlayerTuning>& tuning);

private:
    struct Question {
        QString player;
        store::TuneShots data;
    };
    using Answer = std::shared_ptr<const PlayerTuning>;
    static Answer answer(const Question& question);

    LatestWorker<Question, Answer> worker_;
};

}  // namespace wedgeon
