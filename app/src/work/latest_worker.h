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

#include "work/mailbox.h"
#include "work/trouble.h"

namespace wedgeon {

template <class Request, class Answer>
class LatestWorker {
public:
    using Work = std::function<Answer(const Request&)>;
    using Done = std::function<void(const Answer&)>;
    using Failed = std::function<void(const QString& why)>;

    /// \p work runs in the thread; \p done in the thread that made and owns this worker. What
    /// \p work throws is told by \p failed there, or as a trouble where there is none.
    explicit LatestWorker(Work work, Done done, Failed failed = {})
        : thread_([this, work = std::move(work), done = std::move(done),
                   failed = std::move(failed)](const std::stop_token& stop) {
              const auto deliver = [&](std::uint64_t generation, std::function<void()> act) {
                  box_.post([this, generation, act = std::move(act)] {
                      if (generation == newest_) act();
                  });
              };
              while (std::optional<Question> q = next(stop)) {
                  try {
                      auto answer = std::make_shared<const Answer>(work(q->request));
                      deliver(q->generation, [answer, done] { done(*answer); });
                  } catch (...) {
                      const QString why = wordsOfException();
                      deliver(q->generation, [why, failed] {
                          if (failed) {
                              failed(why);
                          } else {
                              tellTrouble(why);
                          }
                      });
                  }
              }
          }) {}

    void ask(Request request) {
        const std::uint64_t generation = ++newest_;
        {
            const std::lock_guard lock(mutex_);
            waiting_.emplace(Question{std::move(request), generation});
        }
        wake_.notify_one();
    }

    /// Whatever is under way will not be delivered.
    void forget() {
        ++newest_;
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

    std::uint64_t newest_ = 0;  ///< read and written by the owner's thread only
    Mailbox box_;
    std::mutex mutex_;
    std::condition_variable_any wake_;
    std::optional<Question> waiting_;
    std::jthread thread_;  ///< last: joins before the rest goes
};

}  // namespace wedgeon
