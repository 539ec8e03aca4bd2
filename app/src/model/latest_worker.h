// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// One thread that answers the newest question: a request that comes while another is worked on
// stops it, and a stale answer is dropped. Requests and answers are values.
#pragma once

#include <QMetaObject>
#include <QObject>
#include <condition_variable>
#include <functional>
#include <memory>
#include <mutex>
#include <optional>
#include <stop_token>
#include <thread>

namespace wedgeon {

template <class Request, class Answer>
class LatestWorker {
public:
    using Work = std::function<Answer(const Request&)>;
    using Done = std::function<void(const Answer&)>;

    /// \p work runs in the thread and must not throw; \p done in the thread of \p context, which
    /// must own this worker.
    LatestWorker(QObject* context, Work work, Done done)
        : newest_(std::make_shared<std::uint64_t>(0)),
          thread_([this, context, work = std::move(work), done = std::move(done),
                   newest = newest_](const std::stop_token& stop) {
              while (std::optional<Question> q = next(stop)) {
                  auto answer = std::make_shared<const Answer>(work(q->request));
                  QMetaObject::invokeMethod(
                      context,
                      [answer, done, newest, generation = q->generation] {
                          if (generation == *newest) done(*answer);
                      },
                      Qt::QueuedConnection);
              }
          }) {}

    void ask(Request request) {
        const std::uint64_t generation = ++*newest_;
        {
            const std::lock_guard lock(mutex_);
            waiting_ = Question{std::move(request), generation};
        }
        wake_.notify_one();
    }

    /// Whatever is under way will not be delivered.
    void forget() {
        ++*newest_;
        const std::lock_guard lock(mutex_);
        waiting_.reset();
    }

private:
    struct Question {
        Request request;
        std::uint64_t generation;
    };

    std::optional<Question> next(const std::stop_token& stop) {
        std::unique_lock lock(mutex_);
        if (!wake_.wait(lock, stop, [this] { return waiting_.has_value(); })) return std::nullopt;
        return std::exchange(waiting_, std::nullopt);
    }

    std::shared_ptr<std::uint64_t> newest_;  ///< read and written by the context's thread only
    std::mutex mutex_;
    std::condition_variable_any wake_;
    std::optional<Question> waiting_;
    std::jthread thread_;  ///< last: joins before the rest goes
};

}  // namespace wedgeon
