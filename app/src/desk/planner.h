// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// The plan for the situation in Read, worked out in threads: a first answer within the time of a
// glance, a better one while it is looked at, then what would change it. A new question stops all.
#pragma once

#include <QObject>
#include <memory>
#include <optional>
#include <vector>

#include "wedgeon/plan/plan.h"
#include "work/latest_worker.h"

namespace wedgeon {

/// What Read shows of one question.
struct PlanAnswer {
    PlanRequest request;
    Plan plan;
    std::vector<ShotTrace> ways;  ///< of the plan's shots
    RulesOfThumb rules;
    std::optional<std::vector<WouldChange>> changes;  ///< none: not known yet
};

class Planner : public QObject {
    Q_OBJECT

public:
    explicit Planner(QObject* parent = nullptr);
    /// Answered by planned() two or three times, or by failed().
    void ask(const PlanRequest& request);
    /// Nothing more will be told.
    void cancel();
    bool isWorking() const { return working_; }
    /// It was the last question, and has an answer or is being answered.
    bool isFor(const PlanRequest& request) const;
    const std::shared_ptr<const PlanAnswer>& answer() const { return answer_; }

signals:
    void planned();
    /// The situation cannot be planned; the former answer is gone.
    void failed(const QString& why);

private:
    using Answer = std::shared_ptr<const PlanAnswer>;
    static Answer work(const PlanRequest& request, const Task& task);
    static Answer lookFor(const Answer& answer, const Task& task);
    void show(const Answer& answer);
    void fail(const QString& why);

    bool working_ = false;
    PlanRequest asked_;
    Answer answer_;
    LatestWorker<PlanRequest, Answer> first_, better_;
    LatestWorker<Answer, Answer> changes_;
};

}  // namespace wedgeon
