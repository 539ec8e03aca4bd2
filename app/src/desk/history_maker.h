// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// A player's measures over weeks from all his shots in the logbook, read and worked out in a
// thread; the newest question stops the one before.
#pragma once

#include <QObject>
#include <QString>
#include <memory>
#include <optional>
#include <vector>

#include "wedgeon/store/history_shots.h"
#include "work/latest_worker.h"

namespace wedgeon {

/// One measure of one group; the strike where there is no quantity, as the share struck clean.
struct MeasureCourse {
    std::optional<store::Quantity> quantity;
    std::vector<DayValues> days;
    TimeCourse course;
    bool drifts = false;  ///< surely, and by more than what does not matter
};
struct HistoryAnswer {
    std::string player;
    store::HistoryShots shots;
    /// Of all shots together, then of each of the groups; only measures of three days or more.
    std::vector<std::vector<MeasureCourse>> courses;
    std::vector<StockState> stock;  ///< of each of the groups, by its carry
};

class HistoryMaker : public QObject {
    Q_OBJECT

public:
    explicit HistoryMaker(QObject* parent = nullptr);
    struct Question {
        QString logbook;  ///< empty: there is none
        std::shared_ptr<const store::Records> records;
        store::Fallback fallback;
    };
    /// Answered by made() or failed().
    void ask(Question question);
    /// Nothing reads the logbook any more when this returns, and nothing more is told.
    void close();
    /// The newest; none before the first.
    const std::shared_ptr<const HistoryAnswer>& answer() const { return answer_; }
    /// A change of one measure by less is none to a coach; SI, of the share of clean strikes where
    /// there is no quantity. Guesses of ours.
    static double matters(std::optional<store::Quantity> quantity);

signals:
    void made();
    void failed(const QString& why);

private:
    using Answer = std::shared_ptr<const HistoryAnswer>;
    static Answer make(const Question& question, const Task& task);

    Answer answer_;
    LatestWorker<Question, Answer> maker_;
};

}  // namespace wedgeon
