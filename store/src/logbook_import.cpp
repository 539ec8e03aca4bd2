// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// The reading thread and the queue between it and the writer.
#include "wedgeon/store/logbook_import.h"

#include <algorithm>
#include <chrono>
#include <condition_variable>
#include <deque>
#include <exception>
#include <mutex>
#include <optional>
#include <span>
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
/// So many shots go into one transaction; how many of them take as long as nobody notices, the
/// disk and the machine say.
constexpr std::size_t fewestTogether = 250, mostTogether = 10'000;
constexpr double aimed_s = 0.03;

/// The size of the next part, from what the last one took.
std::size_t nextPart(std::size_t part, double took_s) {
    const double fitting = static_cast<double>(part) * aimed_s / std::max(took_s, 1e-4);
    // One part that stood still behind something else says little about the next.
    const double most = 2.0 * static_cast<double>(part), least = most / 8;
    return std::clamp(static_cast<std::size_t>(std::clamp(fitting, least, most)), fewestTogether,
                      mostTogether);
}

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
        std::size_t part = mostTogether / 4;
        const auto hand = [&] {
            for (std::size_t from = 0; from < fresh.size();) {
                const std::size_t size = std::min(part, fresh.size() - from);
                double took_s = 0;
                onWriter([&](Logbook&) {
                    const auto since = std::chrono::steady_clock::now();
                    writer->add(std::span(fresh).subspan(from, size));
                    took_s = std::chrono::duration<double>(std::chrono::steady_clock::now() - since)
                                 .count();
                });
                from += size;
                if (size == part || took_s > aimed_s) part = nextPart(size, took_s);
                std::this_thread::sleep_for(gap);
            }
            fresh.clear();
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
            if (fresh.size() >= part) hand();
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
