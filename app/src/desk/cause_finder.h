// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// The pattern whose cause is looked for, what was complained of, and the answer, which is worked
// out in a thread from the player's shots in the logbook; the newest question stops the one before.
#pragma once

#include <QObject>
#include <QString>
#include <memory>
#include <optional>
#include <set>
#include <string>
#include <vector>

#include "desk/workbench.h"
#include "wedgeon/store/cause_shots.h"
#include "work/latest_worker.h"

namespace wedgeon {

/// A shot as it is drawn.
struct CauseFlight {
    ShotResult shot;
    ShotTrace trace;
};

struct CauseFound {
    store::CauseShots shots;
    CauseAnswer answer;
    /// The first kind's shot as it usually is, and with each of the beliefs; nothing where the
    /// model has no answer.
    std::optional<CauseFlight> usual;
    std::vector<std::optional<CauseFlight>> with;
};

class CauseFinder : public QObject {
    Q_OBJECT

public:
    explicit CauseFinder(QObject* parent = nullptr);

    /// \p player: whose they are.
    void setPattern(std::vector<std::int64_t> shots, const std::string& player);
    void setComplaint(Complaint complaint, bool there);
    void clear();

    const std::set<Complaint>& complaints() const { return complaints_; }
    /// Something to look for a cause of.
    bool hasQuestion() const { return !pattern_.empty() || !complaints_.empty(); }
    bool isWorking() const { return working_; }

    /// What else the answer hangs on; answered by changed() or failed().
    struct Givens {
        QString logbook;  ///< empty: there is none
        store::Fallback fallback;
        Recipe recipe;
        bool operator==(const Givens&) const = default;
    };
    void ask(const Givens& givens);
    /// Nothing reads the logbook any more when this returns, and nothing more is told.
    void close();
    /// Of the newest question; null while it is worked on.
    const std::shared_ptr<const CauseFound>& found() const { return found_; }

signals:
    /// Another question: ask() is to be called.
    void questioned();
    void changed();
    void failed(const QString& why);

private:
    /// Which shots, and what they met.
    struct Pattern {
        Givens givens;
        std::vector<std::int64_t> shots;
        std::string player;
        bool operator==(const Pattern&) const = default;
    };
    /// The shots that were read last, for a question that differs only in what is complained of.
    struct Read {
        std::optional<Pattern> of;
        store::CauseShots shots;
    };
    struct Question {
        Pattern pattern;
        std::vector<Complaint> complaints;
        std::shared_ptr<Read> read;  ///< the thread's own
        bool again = false;          ///< nothing but the words has changed since the last answer
    };
    using Answer = std::shared_ptr<const CauseFound>;
    static Answer find(const Question& question, const Task& task);

    std::string player_;
    std::vector<std::int64_t> pattern_;
    std::set<Complaint> complaints_;
    bool working_ = false;
    bool onlyWords_ = false;
    std::shared_ptr<Read> read_ = std::make_shared<Read>();
    Answer found_;
    LatestWorker<Question, Answer> finder_;
};

}  // namespace wedgeon
