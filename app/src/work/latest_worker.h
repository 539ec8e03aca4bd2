// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// One thread that answers the newest question: a request that comes while another is worked on
// takes its place, and a stale answer is dropped. Requests and answers are values.
#pragma once

#include <condition_variable>
#include <functional>
#include <memory>
#include <mutex>
#include <optional>
#include <stop_token>
#include <thread>
#include <type_traits>

#include "work/mailbox.h"
#include "work/trouble.h"

namespace wedgeon {

/// What work that takes long is given beside its request.
struct Task {
    std::stop_token stop;                  ///< nobody waits for the answer any more
    std::function<void(double)> progress;  ///< tells the share that is done, 0-1
};

template <class Request, class Answer>
class LatestWorker {
public:
    using Done = std::function<void(const Answer&)>;
    using Failed = std::function<void(const QString& why)>;
    using Progress = std::function<void(double share)>;

    /// \p work, of a request or of a request and a Task, runs in the thread; the rest in the thread
    /// that made and owns this worker. What \p work throws is told by \p failed there, or as a
    /// trouble where there is none.
    template <class Work>
    explicit LatestWorker(Work work, Done done, Failed failed = {}, Progress progress = {})
        : done_(std::move(done)),
          failed_(std::move(failed)),
          progress_(std::move(progress)),
          thread_([this, work = std::move(work)](const std::stop_token& stop) {
              while (std::optional<Question> q = next(stop))
                  answer(work, *q);
          }) {}
    ~LatestWorker() { stop_.request_stop(); }
    LatestWorker(const LatestWorker&) = delete;
    LatestWorker& operator=(const LatestWorker&) = delete;

    void ask(Request request) {
        stop_.request_stop();
        stop_ = {};
        ++newest_;
        {
            const std::lock_guard lock(mutex_);
            waiting_.emplace(Question{std::move(request), newest_, stop_.get_token()});
        }
        changed_.notify_all();
    }

    /// Whatever is under way is stopped, and will not be delivered.
    void forget() {
        ++newest_;
        stop();
        const std::lock_guard lock(mutex_);
        waiting_.reset();
    }
    /// The newest question is stopped; what the work says of that will be delivered.
    void stop() { stop_.request_stop(); }
    /// Until the thread touches nothing any more.
    void waitUntilIdle() {
        std::unique_lock lock(mutex_);
        changed_.wait(lock, [this] { return !busy_ && !waiting_; });
    }

private:
    struct Question {
        Request request;
        std::uint64_t generation;
        std::stop_token stop;
    };

    std::optional<Question> next(const std::stop_token& stop) {
        std::unique_lock lock(mutex_);
        busy_ = false;
        changed_.notify_all();
        if (!changed_.wait(lock, stop, [this] { return waiting_.has_value(); }))
            return std::nullopt;
        busy_ = true;
        return std::exchange(waiting_, std::nullopt);
    }

    template <class Work>
    void answer(const Work& work, const Question& q) {
        const auto deliver = [this, generation = q.generation](std::function<void()> act) {
            box_.post([this, generation, act = std::move(act)] {
                if (generation == newest_) act();
            });
        };
        try {
            std::shared_ptr<const Answer> its;
            if constexpr (std::is_invocable_v<Work, const Request&, const Task&>) {
                const Task task{q.stop, [this, deliver](double share) {
                                    deliver([this, share] {
                                        if (progress_) progress_(share);
                                    });
                                }};
                its = std::make_shared<const Answer>(work(q.request, task));
            } else {
                its = std::make_shared<const Answer>(work(q.request));
            }
            deliver([this, its] { done_(*its); });
        } catch (...) {
            deliver([this, why = wordsOfException()] {
                if (failed_) {
                    failed_(why);
                } else {
                    tellTrouble(why);
                }
            });
        }
    }

    Done done_;
    Failed failed_;
    Progress progress_;
    std::uint64_t newest_ = 0;  ///< read and written by the owner's thread only
    std::stop_source stop_;     ///< of the newest question; the owner's thread only
    Mailbox box_;
    std::mutex mutex_;
    std::condition_variable_any changed_;
    std::optional<Question> waiting_;
    bool busy_ = false;
    std::jthread thread_;  ///< last: joins before the rest goes
};

}  // namespace wedgeon
