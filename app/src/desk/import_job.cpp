// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// What an import asks of its worker.
#include "desk/import_job.h"

#include <QFileInfo>
#include <set>

#include "text/said.h"
#include "wedgeon/store/error.h"
#include "wedgeon/store/kit.h"

namespace wedgeon {

ImportJob::ImportJob(ShotLog& log, QObject* parent)
    : QObject(parent),
      log_(log),
      worker_([this](const Request& request, const Task& task) { return answer(request, task); },
              [this](const Answer& a) { show(a); },
              [this](const QString& why) {
                  emit failed(tr("%1 could not be read: %2").arg(path_, why), false);
              },
              [this](double share) { emit progress(share); }) {
    connect(&log_, &ShotLog::stateChanged, this, &ImportJob::startWaiting);
    connect(&log_, &ShotLog::closing, this, [this] {
        cancel();
        worker_.waitUntilIdle();
    });
}

void ImportJob::start(const Wanted& wanted) {
    waiting_ = wanted;
    startWaiting();
}

void ImportJob::startWaiting() {
    if (!waiting_ || log_.state() == ShotLog::State::Opening) return;
    ask({*std::exchange(waiting_, std::nullopt), {}, {}, {}});
}

void ImportJob::take(const Guess& guess, const store::ColumnMapping& said) {
    ask({guess.wanted, {}, said, guess.preview.shape});
}

void ImportJob::ask(Request request) {
    if (log_.state() != ShotLog::State::Open) {
        emit failed(tr("%1 was not read: there is no logbook that its shots could go into.")
                        .arg(QFileInfo(request.wanted.path).fileName()),
                    false);
        return;
    }
    path_ = request.wanted.path;
    running_ = true;
    request.logbook = log_.path().toStdString();
    worker_.ask(std::move(request));
}

void ImportJob::show(const Answer& answer) {
    running_ = false;
    if (const auto* result = std::get_if<Result>(&answer)) {
        emit finished(*result, path_);
    } else if (const auto* guess = std::get_if<std::shared_ptr<const Guess>>(&answer)) {
        emit guessed(*guess);
    } else if (const auto* refusal = std::get_if<Refusal>(&answer)) {
        emit failed(refusal->message, refusal->cancelled);
    }
}

// In the worker's thread from here on.

ImportJob::Answer ImportJob::answer(const Request& request, const Task& task) {
    try {
        if (!request.said) return guessOrRead(request, task);
        log_.runAndWait(
            [&](store::Logbook& book) {
                book.rememberShape(request.shape, *request.said, log_.clock().utc());
            },
            task.stop);
        return read(request, *request.said, task);
    } catch (const store::StoreError& e) {
        return Refusal{text::said(e), e.fault() == store::Fault::Cancelled};
    }
}

ImportJob::Answer ImportJob::guessOrRead(const Request& request, const Task& task) {
    auto guess = std::make_shared<Guess>();
    guess->preview = store::previewShotFile(request.wanted.path.toStdString());
    guess->wanted = request.wanted;
    const auto said = store::Logbook(request.logbook, store::Logbook::Access::ReadOnly)
                          .findShape(guess->preview.shape);
    if (said) guess->said = *said;
    const bool known = said || guess->preview.ownHeader;
    if (known && !request.wanted.alwaysAsk) return read(request, guess->said, task);
    return std::shared_ptr<const Guess>(std::move(guess));
}

ImportJob::Result ImportJob::read(const Request& request, const store::ColumnMapping& said,
                                  const Task& task) {
    store::ImportOptions options;
    options.stop = task.stop;
    options.progress = task.progress;
    options.overrides = said.columns;
    store::Logbook reading(request.logbook, store::Logbook::Access::ReadOnly);
    std::set<std::string> leftHanders;
    const std::vector<store::Player> players = store::Kit(reading).players();
    for (const store::Player& p : players)
        options.players.push_back(p.name);
    if (said.mirrored) {
        for (const store::Player& p : players) {
            if (p.hand == Hand::Left) leftHanders.insert(p.name);
        }
        if (request.wanted.unnamedIsLeft) leftHanders.insert({});
        options.mirrored = [&](const std::string& player) { return leftHanders.contains(player); };
    }
    const store::OnWriter onWriter = [&](const LogbookThread::Work& work) {
        log_.runAndWait(work, task.stop);
    };
    return std::make_shared<const store::LoggedImport>(store::importFile(
        reading, onWriter, request.wanted.path.toStdString(), options, log_.clock().utc()));
}

void ImportJob::cancel() {
    if (std::exchange(waiting_, std::nullopt)) emit failed({}, true);
    worker_.stop();
}

}  // namespace wedgeon
