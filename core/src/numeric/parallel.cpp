// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// The pool.
#include "wedgeon/parallel.h"

#include <algorithm>
#include <atomic>
#include <boost/asio/post.hpp>
#include <boost/asio/thread_pool.hpp>
#include <condition_variable>
#include <exception>
#include <memory>
#include <mutex>
#include <thread>

namespace wedgeon {
namespace {

boost::asio::thread_pool& pool() {
    static boost::asio::thread_pool threads(threadsFor(0));
    return threads;
}

/// What the threads of one call share; those that come late find nothing left to do.
class Parts {
public:
    Parts(std::size_t count, const std::function<void(std::size_t)>& work)
        : count_(count), work_(&work) {}

    void run() {
        for (std::size_t i = next_++; i < count_; i = next_++) {
            try {
                if (!failed_) (*work_)(i);
            } catch (...) {
                const std::lock_guard lock(mutex_);
                if (!failed_.exchange(true)) error_ = std::current_exception();
            }
            const std::lock_guard lock(mutex_);
            if (++done_ == count_) all_.notify_all();
        }
    }
    void wait() {
        std::unique_lock lock(mutex_);
        all_.wait(lock, [this] { return done_ == count_; });
        if (error_) std::rethrow_exception(error_);
    }

private:
    const std::size_t count_;
    /// The caller's; it is there until the last part is done, and not looked at later.
    const std::function<void(std::size_t)>* work_;
    std::atomic<std::size_t> next_{0};
    std::atomic<bool> failed_{false};
    std::mutex mutex_;
    std::condition_variable all_;
    std::size_t done_ = 0;
    std::exception_ptr error_;
};

}  // namespace

unsigned threadsFor(unsigned wanted) {
    return wanted ? wanted : std::max(1u, std::thread::hardware_concurrency());
}

void runParts(std::size_t parts, unsigned threads, const std::function<void(std::size_t)>& work) {
    if (parts == 0) return;
    const std::size_t helpers = std::min<std::size_t>(std::max(threads, 1u), parts) - 1;
    auto shared = std::make_shared<Parts>(parts, work);
    for (std::size_t i = 0; i < helpers; ++i)
        boost::asio::post(pool(), [shared] { shared->run(); });
    // This thread works, too: a call from within a busy pool ends all the same.
    shared->run();
    shared->wait();
}

}  // namespace wedgeon
