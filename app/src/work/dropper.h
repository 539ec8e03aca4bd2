// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// A thread in which large values end: giving back a million shots takes longer than a frame.
#pragma once

#include <condition_variable>
#include <mutex>
#include <stop_token>
#include <thread>
#include <utility>
#include <vector>

namespace wedgeon {

template <class Value>
class Dropper {
public:
    void drop(Value value) {
        const std::lock_guard lock(mutex_);
        waiting_.push_back(std::move(value));
        wake_.notify_one();
    }

private:
    void main(const std::stop_token& stop) {
        for (;;) {
            std::vector<Value> some;
            {
                std::unique_lock lock(mutex_);
                if (!wake_.wait(lock, stop, [this] { return !waiting_.empty(); })) return;
                some.swap(waiting_);
            }
        }
    }

    std::mutex mutex_;
    std::condition_variable_any wake_;
    std::vector<Value> waiting_;
    std::jthread thread_{[this](const std::stop_token& stop) { main(stop); }};
};

}  // namespace wedgeon
