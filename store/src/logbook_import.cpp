// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// The reading thread and the queue between it and the writer.
#include "wedgeon/store/logbook_import.h"

#include <condition_variable>
#include <deque>
#include <exception>
#include <mutex>
#include <thread>

#include "wedgeon/store/error.h"

namespace wedgeon::store {
namespace {

/// Batches on their way from the reader to the writer, few at a time.
class Batches {
public:
    using Batch = std::vector<ShotRecord>;

    /// Waits for room; false when the writer has given up.
    bool put(Batch&& batch) {
        std::unique_lock lock(mutex_);
        changed_.wait(lock, [this] { return batches_.size() < most || stopped_; });
        if (stopped_) return false;
        batches_.push_back(std::move(batch));
        changed_.notify_all();
        return true;
    }
    /// Waits for a batch; false when there will be none.
    bool take(Batch& batch) {
        std::unique_lock lock(mutex_);
        changed_.wait(lock, [this] { return !batches_.empty() || ended_; });
        if (batches_.empty()) return false;
        batch = std::move(batches_.front());
        batches_.pop_front();
        changed_.notify_all();
        return true;
    }
    void end() { set(ended_); }
    void stop() { set(stopped_); }

private:
    static constexpr std::size_t most = 8;

    void set(bool& flag) {
        const std::lock_guard lock(mutex_);
        flag = true;
        changed_.notify_all();
    }

    std::mutex mutex_;
    std::condition_variable changed_;
    std::deque<Batch> batches_;
    bool ended_ = false, stopped_ = false;
};

}  // namespace

LoggedImport importFile(Logbook& logbook, const std::filesystem::path& path,
                        const ImportOptions& options, const std::string& time) {
    const std::string name = path.filename().string();
    LogbookWriter writer(logbook, {ShotSource::Kind::File, name, name, time});
    LoggedImport out;
    Batches batches;
    std::exception_ptr failed;
    std::jthread reader([&] {
        ImportOptions streaming = options;
        streaming.sink = [&](Batches::Batch&& batch) {
            if (!batches.put(std::move(batch)))
                throw StoreError(Fault::Cancelled, name + ": stopped; nothing was taken");
        };
        try {
            out.file = readShotFile(path, streaming);
        } catch (...) {
            failed = std::current_exception();
        }
        batches.end();
    });
    try {
        Batches::Batch batch;
        while (batches.take(batch))
            writer.add(batch);
    } catch (...) {
        batches.stop();
        reader.join();
        throw;
    }
    reader.join();
    if (failed) std::rethrow_exception(failed);
    out.shots = writer.commit();
    return out;
}

}  // namespace wedgeon::store
