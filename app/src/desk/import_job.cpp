// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// The thread of an import.
#include "desk/import_job.h"

#include <QFileInfo>
#include <set>

#include "text/said.h"
#include "wedgeon/store/error.h"
#include "wedgeon/store/kit.h"

namespace wedgeon {
ImportJob::ImportJob(ShotLog& log, QObject* parent) : QObject(parent), log_(log) {
    connect(&log_, &ShotLog::stateChanged, this, &ImportJob::startWaiting);
    connect(&log_, &ShotLog::closing, this, [this] {
        cancel();
        if (thread_.joinable()) thread_.join();
    });
}

ImportJob::~ImportJob() {
    // Joined here, while the queued results still find this object alive to be dropped with it.
    thread_.request_stop();
    if (thread_.joinable()) thread_.join();
}

void ImportJob::run(const QString& path, const Work& work) {
    if (log_.state() != ShotLog::State::Open) {
        emit failed(tr("%1 was not read: there is no logbook that its shots could go into.")
                        .arg(QFileInfo(path).fileName()),
                    false);
        return;
    }
    cancel();
    const int generation = ++generation_;
    // The former one is on its way out; the new one waits for it in its own thread, not here.
    thread_ = std::jthread([this, path, work, generation,
                            former = std::move(thread_)](const std::stop_token& stop) mutable {
        if (former.joinable()) former.join();
        const Deliver deliver = [this, generation](const std::function<void()>& action) {
            box_.post([this, generation, action] {
                if (generation == generation_) action();
            });
        };
        const auto fail = [&](const QString& message, bool cancelled) {
            deliver([this, message, cancelled] { emit failed(message, cancelled); });
        };
        try {
            work(stop, deliver);
        } catch (const store::StoreError& e) {
            fail(text::said(e), e.fault() == store::Fault::Cancelled);
        } catch (...) {
            fail(tr("%1 could not be read: %2").arg(path, wordsOfException()), false);
        }
    });
}

void ImportJob::start(const Wanted& wanted) {
    waiting_ = wanted;
    startWaiting();
}

void ImportJob::startWaiting() {
    if (!waiting_ || log_.state() == ShotLog::State::Opening) return;
    const Wanted wanted = *std::exchange(waiting_, std::nullopt);
    run(wanted.path, [this, wanted, logbook = log_.path().toStdString()](
                         const std::stop_token& stop, const Deliver& deliver) {
        auto guess = std::make_shared<Guess>();
        guess->preview = store::previewShotFile(wanted.path.toStdString());
        guess->wanted = wanted;
        const auto said = store::Logbook(logbook, store::Logbook::Access::ReadOnly)
                              .findShape(guess->preview.shape);
        if (said) guess->said = *said;
        const bool known = said || guess->preview.ownHeader;
        if (known && !wanted.alwaysAsk) {
            read(wanted, logbook, guess->said, stop, deliver);
        } else {
            deliver([this, guess = std::shared_ptr<const Guess>(guess)] { emit guessed(guess); });
        }
    });
}

void ImportJob::take(const Guess& guess, const store::ColumnMapping& said) {
    run(guess.wanted.path,
        [this, wanted = guess.wanted, shape = guess.preview.shape, said,
         logbook = log_.path().toStdString()](const std::stop_token& stop, const Deliver& deliver) {
            log_.runAndWait(
                [&](store::Logbook& book) { book.rememberShape(shape, said, log_.clock().utc()); },
                stop);
            read(wanted, logbook, said, stop, deliver);
        });
}

void ImportJob::read(const Wanted& wanted, const std::string& logbook,
                     const store::ColumnMapping& said, const std::stop_token& stop,
                     const Deliver& deliver) {
    store::ImportOptions options;
    options.stop = stop;
    options.progress = [&](double share) { deliver([this, share] { emit progress(share); }); };
    options.overrides = said.columns;
    store::Logbook reading(logbook, store::Logbook::Access::ReadOnly);
    std::set<std::string> leftHanders;
    if (said.mirrored) {
        for (const store::Player& p : store::Kit(reading).players()) {
            if (p.hand == Hand::Left) leftHanders.insert(p.name);
        }
        if (wanted.unnamedIsLeft) leftHanders.insert({});
        options.mirrored = [&](const std::string& player) { return leftHanders.contains(player); };
    }
    const store::OnWriter onWriter = [&](const LogbookThread::Work& work) {
        log_.runAndWait(work, stop);
    };
    auto result = std::make_shared<const store::LoggedImport>(store::importFile(
        reading, onWriter, wanted.path.toStdString(), options, log_.clock().utc()));
    deliver([this, result, path = wanted.path] { emit finished(result, path); });
}

void ImportJob::cancel() {
    if (std::exchange(waiting_, std::nullopt)) emit failed({}, true);
    thread_.request_stop();
}

}  // namespace wedgeon
