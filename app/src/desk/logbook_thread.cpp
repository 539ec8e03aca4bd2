// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Taking turns.
#include "desk/logbook_thread.h"

#include <QDir>
#include <QFileInfo>
#include <algorithm>
#include <future>

#include "text/said.h"
#include "work/trouble.h"

namespace wedgeon {
namespace {

using namespace std::chrono_literals;
using Steady = std::chrono::steady_clock;
using store::Fault;
using store::StoreError;

/// So long one try waits for another program's lock; between tries the window can close.
constexpr int lockPatience_ms = 100;
/// So long a person does not wonder.
constexpr auto heldAfter = 400ms;
constexpr std::chrono::milliseconds lookEvery = 700ms;
/// Work that has waited so long goes before what comes first in order, every other turn.
constexpr std::chrono::milliseconds longWait = 20ms;
/// After a change the file is made whole by itself, so that it can be copied or replaced by hand.
constexpr std::chrono::milliseconds settleAfter = 50ms;
/// Closing waits so long, for all that is left to write, for a file that another program holds.
constexpr auto closingPatience = 5s;

LogbookThread::Failure failureOf(const std::exception_ptr& thrown) {
    try {
        std::rethrow_exception(thrown);
    } catch (const StoreError& e) {
        return {e.fault(), text::said(e)};
    } catch (...) {
        return {Fault::CannotWrite, wordsOfException()};
    }
}

}  // namespace

LogbookThread::LogbookThread(const QString& path, const Clock& clock, QObject* parent)
    : QObject(parent),
      path_(path),
      clock_(clock),
      thread_([this](const std::stop_token& stop) { main(stop); }) {}

LogbookThread::~LogbookThread() {
    thread_.request_stop();
    thread_.join();
}

void LogbookThread::run(Turn turn, Work work, Done done) {
    const bool edit = turn == Turn::Edit;
    waitingEdits_ += edit ? 1 : 0;
    put(turn, {std::move(work),
               [this, edit, done = std::move(done)](const std::exception_ptr& thrown) {
                   // The exception itself stays in its thread.
                   const auto failure = thrown ? std::optional(failureOf(thrown)) : std::nullopt;
                   box_.post([this, edit, done, failure] {
                       waitingEdits_ -= edit ? 1 : 0;
                       if (done) done(failure);
                   });
               },
               {},
               Steady::now()});
}

void LogbookThread::runAndWait(const Work& work, const std::stop_token& stop) {
    // Shared: the promise is still being kept when the waiting thread goes on.
    const auto ended = std::make_shared<std::promise<void>>();
    put(Turn::Import, {work,
                       [ended](const std::exception_ptr& thrown) {
                           if (thrown) {
                               ended->set_exception(thrown);
                           } else {
                               ended->set_value();
                           }
                       },
                       stop, Steady::now()});
    ended->get_future().get();
}

void LogbookThread::put(Turn turn, Job job) {
    {
        const std::lock_guard lock(mutex_);
        if (!thread_.get_stop_token().stop_requested()) {
            queues_[static_cast<std::size_t>(turn)].push_back(std::move(job));
            wake_.notify_one();
            return;
        }
    }
    job.end(std::make_exception_ptr(StoreError(Fault::Cancelled, store::Says::LogbookCloses)));
}

std::optional<LogbookThread::Job> LogbookThread::next(const std::stop_token& stop) {
    std::unique_lock lock(mutex_);
    const auto any = [this] {
        return std::any_of(queues_.begin(), queues_.end(),
                           [](const auto& q) { return !q.empty(); });
    };
    wake_.wait_for(lock, stop, dirty_ ? settleAfter : lookEvery, any);
    std::deque<Job>* first = nullptr;
    std::deque<Job>* late = nullptr;
    for (auto& queue : queues_) {
        if (queue.empty()) continue;
        if (!first) {
            first = &queue;
        } else if (!late && Steady::now() - queue.front().since > longWait) {
            late = &queue;
        }
    }
    if (!first) return std::nullopt;
    letOneBefore_ = late && !letOneBefore_;
    auto& queue = letOneBefore_ ? *late : *first;
    Job job = std::move(queue.front());
    queue.pop_front();
    return job;
}

void LogbookThread::setHeld(bool held) {
    if (std::exchange(held_, held) == held) return;
    box_.post([this, held] { emit this->held(held); });
}

bool LogbookThread::open(const std::stop_token& stop) {
    const std::string path = path_.toStdString();
    const auto since = Steady::now();
    for (;;) {
        try {
            QDir().mkpath(QFileInfo(path_).absolutePath());
            book_.emplace(path);
            book_->setPatience(lockPatience_ms);
            book_->requireSound();
            break;
        } catch (const StoreError& e) {
            book_.reset();
            if (e.fault() == Fault::Locked && !stop.stop_requested()) {
                if (Steady::now() - since > heldAfter) setHeld(true);
                std::this_thread::sleep_for(20ms);
                continue;
            }
            failure_ = {e.fault(), text::said(e)};
        } catch (...) {
            book_.reset();
            failure_ = {Fault::CannotOpen, wordsOfException()};
        }
        const bool mayRead =
            failure_.fault == Fault::ReadOnly || failure_.fault == Fault::CannotOpen;
        try {
            if (!mayRead) break;
            book_.emplace(path, store::Logbook::Access::ReadOnly);
            break;
        } catch (...) {
            book_.reset();
            break;  // the first reason is the one that counts
        }
    }
    setHeld(false);
    if (!book_) {
        close(failure_);
        return false;
    }
    dataVersion_ = book_->dataVersion();
    box_.post([this, readOnly = book_->readOnly()] { emit opened(readOnly); });
    return true;
}

void LogbookThread::close(const Failure& failure) {
    failure_ = failure;
    QString rescued;
    if (book_ && failure.fault == Fault::Moved) {
        // The open connection still has what was there; it goes where nothing else is.
        const QFileInfo file(path_);
        const QDir folder(file.absoluteDir().filePath(QStringLiteral("backups")));
        const QString path =
            folder.filePath(QStringLiteral("%1-rescued-%2.%3")
                                .arg(file.completeBaseName(), clock_.stamp(), file.suffix()));
        try {
            folder.mkpath(QStringLiteral("."));
            book_->backUp(path.toStdString());
            rescued = path;
        } catch (const std::exception&) {
            rescued.clear();  // the file itself lies wherever it was put
        }
        // What is in the write-ahead log goes into the file that it belongs to: left by its name
        // it would be taken for that of the file that lies there now.
        book_->checkpoint();
    }
    book_.reset();
    box_.post([this, failure, rescued] { emit closed(failure, rescued); });
}

void LogbookThread::attempt(const Job& job, const std::stop_token& stop) {
    const auto since = Steady::now();
    for (;;) {
        try {
            if (!book_)
                throw StoreError(failure_.fault,
                                 {store::Says::AsTold, failure_.message.toStdString()});
            job.work(*book_);
            dirty_ = true;
            setHeld(false);
            return job.end(nullptr);
        } catch (const StoreError& e) {
            const auto now = Steady::now();
            if (stop.stop_requested() && !closesAt_) closesAt_ = now + closingPatience;
            if (book_ && e.fault() == Fault::Locked && (!closesAt_ || now < *closesAt_)) {
                if (now - since > heldAfter) setHeld(true);
                if (!job.stop.stop_requested()) continue;
                return job.end(
                    std::make_exception_ptr(StoreError(Fault::Cancelled, store::Says::Stopped)));
            }
            job.end(std::current_exception());
            if (book_ && e.fault() == Fault::Moved) close({e.fault(), text::said(e)});
            return;
        } catch (...) {
            return job.end(std::current_exception());
        }
    }
}

void LogbookThread::lookAround() {
    looked_ = Steady::now();
    if (!book_) return;
    try {
        book_->requireInPlace();
        const auto now = book_->dataVersion();
        if (std::exchange(dataVersion_, now) != now) box_.post([this] { emit changedElsewhere(); });
        if (std::exchange(dirty_, false)) book_->checkpoint();
    } catch (const StoreError& e) {
        if (e.fault() == Fault::Moved) close({e.fault(), text::said(e)});
    } catch (...) {
        return;  // the next change says what is wrong
    }
}

void LogbookThread::main(const std::stop_token& stop) {
    open(stop);
    while (!stop.stop_requested()) {
        if (const auto job = next(stop)) {
            attempt(*job, stop);
            if (Steady::now() - looked_ > 3 * lookEvery) lookAround();  // also while it is busy
        } else {
            lookAround();
        }
    }
    std::array<std::deque<Job>, 3> rest;
    {
        const std::lock_guard lock(mutex_);
        rest = std::exchange(queues_, {});
    }
    for (const Job& job : rest[static_cast<std::size_t>(Turn::Edit)])
        attempt(job, stop);
    // Live shots are not acknowledged, an import leaves nothing.
    const auto over =
        std::make_exception_ptr(StoreError(Fault::Cancelled, store::Says::LogbookCloses));
    for (const Turn turn : {Turn::Live, Turn::Import}) {
        for (const Job& job : rest[static_cast<std::size_t>(turn)])
            job.end(over);
    }
    book_.reset();
}

}  // namespace wedgeon
