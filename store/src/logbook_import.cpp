// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// The reading thread and the queue between it and the writer.
#include "wedgeon/store/logbook_import.h"

#include <chrono>
#include <condition_variable>
#include <deque>
#include <exception>
#include <mutex>
#include <optional>
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

/// Between two parts of an import others get the lock.
constexpr auto gap = std::chrono::milliseconds(3);
/// So many shots at most go into one transaction: some tens of milliseconds.
constexpr std::size_t mostTogether = 10'000;

}  // namespace

LoggedImport importFile(const Logbook& reading, const OnWriter& onWriter,
                        const std::filesystem::path& path, const ImportOptions& options,
                        const std::string& time) {
    const std::string name = path.filename().string();
    const KnownShots known(reading);
    std::optional<LogbookWriter> writer;
    LoggedImport out;
    Batches batches;
    std::exception_ptr failed;
    std::size_t knownShots = 0;
    std::jthread reader([&] {
        ImportOptions streaming = options;
        streaming.sink = [&](Batches::Batch&& batch) {
            if (!batches.put(std::move(batch)))
                throw StoreError(Fault::Cancelled, {Says::InFile, name, Message(Says::Stopped)});
        };
        try {
            out.file = readShotFile(path, streaming);
        } catch (...) {
            failed = std::current_exception();
        }
        batches.end();
    });
    try {
        onWriter([&](Logbook& book) { writer.emplace(book, ShotSource{name, name, time}, known); });
        std::vector<ShotRecord> fresh;
        const auto hand = [&] {
            if (fresh.empty()) return;
            onWriter([&](Logbook&) { writer->add(fresh); });
            fresh.clear();
            std::this_thread::sleep_for(gap);
        };
        Batches::Batch batch;
        while (batches.take(batch)) {
            for (ShotRecord& shot : batch) {
                if (const auto its = known.findSource(shot)) {
                    writer->met(*its);
                    ++knownShots;
                } else {
                    fresh.push_back(std::move(shot));
                }
            }
            if (fresh.size() + batch.size() > mostTogether) hand();
        }
        reader.join();
        if (failed) std::rethrow_exception(failed);
        hand();
        onWriter([&](Logbook&) {
            out.shots = writer->commit();
            writer.reset();
        });
    } catch (...) {
        batches.stop();
        if (reader.joinable()) reader.join();
        try {
            onWriter([&](Logbook&) { writer.reset(); });
        } catch (...) {
            if (writer) writer->abandon();  // it counts as dead in a minute
        }
        throw;
    }
    out.shots.known += knownShots;
    return out;
}

LoggedImport importFile(Logbook& logbook, const std::filesystem::path& path,
                        const ImportOptions& options, const std::string& time) {
    const OnWriter here = [&](const std::function<void(Logbook&)>& work) { work(logbook); };
    return importFile(logbook, here, path, options, time);
}

}  // namespace wedgeon::store
