// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// The one thread that writes a logbook. Work waits in a queue, live shots first, but no work waits
// for ever behind a flood of them; the window's thread waits for neither disk nor lock. What
// another program holds is tried again until it is free.
#pragma once

#include <QObject>
#include <QString>
#include <array>
#include <chrono>
#include <condition_variable>
#include <deque>
#include <exception>
#include <functional>
#include <mutex>
#include <optional>
#include <stop_token>
#include <thread>

#include "desk/clock.h"
#include "wedgeon/store/error.h"
#include "wedgeon/store/logbook.h"
#include "work/mailbox.h"

namespace wedgeon {

class LogbookThread : public QObject {
    Q_OBJECT

public:
    /// In this order work gets its turn; what has waited long, every other turn.
    enum class Turn { Live, Edit, Import };
    struct Failure {
        store::Fault fault = store::Fault::CannotWrite;
        QString message;
    };
    using Work = std::function<void(store::Logbook&)>;
    /// In the thread of this object; with nothing when all went well.
    using Done = std::function<void(const std::optional<Failure>&)>;

    LogbookThread(const QString& path, const Clock& clock, QObject* parent = nullptr);
    /// Does the edits that wait, as far as the file is not held for more than some seconds; what
    /// is live or of an import is given up.
    ~LogbookThread() override;

    /// \p work is done later, or answered by a failure; an exception of it is one.
    void run(Turn turn, Work work, Done done = {});
    /// From another worker: waits for its turn and its end. \throws what \p work throws, and
    /// StoreError where there is no logbook any more or \p stop was asked for.
    void runAndWait(const Work& work, const std::stop_token& stop);
    /// Edits that are not on the disk yet.
    int waitingEdits() const { return waitingEdits_; }

signals:
    void opened(bool readOnly);
    /// It could not be opened, is damaged, or lies no longer where it was: nothing is written any
    /// more. \p rescued: where its content was kept, when its file was taken away.
    void closed(const wedgeon::LogbookThread::Failure& failure, const QString& rescued);
    /// Another program holds the file; then, that it no longer does.
    void held(bool held);
    void changedElsewhere();

private:
    struct Job {
        Work work;
        /// In the writing thread, with the exception where there was one.
        std::function<void(std::exception_ptr)> end;
        std::stop_token stop;
        std::chrono::steady_clock::time_point since = std::chrono::steady_clock::now();
    };

    void main(const std::stop_token& stop);
    bool open(const std::stop_token& stop);
    std::optional<Job> next(const std::stop_token& stop);
    void attempt(const Job& job, const std::stop_token& stop);
    void lookAround();
    void close(const Failure& failure);
    void setHeld(bool held);
    void put(Turn turn, Job job);

    const QString path_;
    const Clock& clock_;
    std::optional<store::Logbook> book_;  ///< of the thread
    Failure failure_;                     ///< of the thread; why there is no logbook
    std::int64_t dataVersion_ = 0;
    bool held_ = false, dirty_ = false, letOneBefore_ = false;
    std::chrono::steady_clock::time_point looked_{};
    std::optional<std::chrono::steady_clock::time_point> closesAt_;  ///< of the thread
    int waitingEdits_ = 0;                                           ///< of the window's thread

    std::mutex mutex_;
    std::condition_variable_any wake_;
    std::array<std::deque<Job>, 3> queues_;
    Mailbox box_;
    std::jthread thread_;  ///< last: joins before the rest goes
};

}  // namespace wedgeon
