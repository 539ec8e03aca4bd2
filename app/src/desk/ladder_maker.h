// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// The ladder of the strip's player from all his shots in the logbook, read and estimated in a
// thread; the newest question stops the one before.
#pragma once

#include <QObject>
#include <QString>
#include <chrono>
#include <memory>
#include <vector>

#include "wedgeon/store/ladder_shots.h"
#include "work/latest_worker.h"

namespace wedgeon {

struct LadderAnswer {
    std::string player;
    std::size_t setAside = 0, withoutSwing = 0;
    Ladder ladder;
    Conditions today;
    std::vector<std::vector<RungPlayed>> plain, played;  ///< on the plain day, and today
    /// What a wind of so much against, and lush rough, take of a carry on the plain day; shares of
    /// the middle rung.
    double windTried_mps = 4.4704;
    double againstWind = 0.0, fromLush = 0.0;
    std::chrono::milliseconds took{};  ///< reading and estimating
};

class LadderMaker : public QObject {
    Q_OBJECT

public:
    explicit LadderMaker(QObject* parent = nullptr);
    /// Shots, records or player may have changed. Answered by made() or failed().
    struct Question {
        QString logbook;  ///< empty: there is none
        std::shared_ptr<const store::Records> records;
        store::Fallback fallback;
        Conditions today;
    };
    void ask(Question question);
    /// Only the day has changed.
    void play(const Conditions& today);
    /// Nothing reads the logbook any more when this returns, and nothing more is told.
    void close();
    /// The newest; none before the first.
    const std::shared_ptr<const LadderAnswer>& answer() const { return answer_; }

signals:
    void made();
    void failed(const QString& why);

private:
    using Answer = std::shared_ptr<const LadderAnswer>;
    static Answer make(const Question& question, const Task& task);
    void show(const Answer& answer);

    Answer answer_;
    LatestWorker<Question, Answer> maker_;
    LatestWorker<std::pair<Answer, Conditions>, Answer> player_;
};

}  // namespace wedgeon
