// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// The thread of an import.
#include "model/import_job.h"

#include <QDateTime>
#include <QFileInfo>
#include <set>

#include "wedgeon/store/error.h"
#include "wedgeon/store/kit.h"

namespace wedgeon {

ImportJob::~ImportJob() {
    // Joined here, while the queued results still find this object alive to be dropped with it.
    thread_.request_stop();
    if (thread_.joinable()) thread_.join();
}

void ImportJob::run(const QString& path, const Work& work) {
    cancel();
    const int generation = ++generation_;
    thread_ = std::jthread([this, path, work, generation](const std::stop_token& stop) {
        const Deliver deliver = [this, generation](const std::function<void()>& action) {
            QMetaObject::invokeMethod(
                this,
                [this, generation, action] {
                    if (generation == generation_) action();
                },
                Qt::QueuedConnection);
        };
        const auto fail = [&](const QString& message, bool cancelled) {
            deliver([this, message, cancelled] { emit failed(message, cancelled); });
        };
        try {
            work(stop, deliver);
        } catch (const store::StoreError& e) {
            fail(QString::fromStdString(e.what()), e.fault() == store::Fault::Cancelled);
        } catch (const std::exception& e) {
            fail(tr("%1 could not be read: %2").arg(path, QString::fromUtf8(e.what())), false);
        }
    });
}

void ImportJob::start(const Wanted& wanted) {
    run(wanted.path, [this, wanted](const std::stop_token& stop, const Deliver& deliver) {
        auto guess = std::make_shared<Guess>();
        guess->preview = store::previewShotFile(wanted.path.toStdString());
        guess->wanted = wanted;
        const auto said =
            store::Logbook(wanted.logbook.toStdString()).findShape(guess->preview.shape);
        if (said) guess->said = *said;
        const bool known = said || guess->preview.ownHeader;
        if (known && !wanted.alwaysAsk) {
            read(wanted, guess->said, stop, deliver);
        } else {
            deliver([this, guess = std::shared_ptr<const Guess>(guess)] { emit guessed(guess); });
        }
    });
}

void ImportJob::take(const Guess& guess, const store::ColumnMapping& said) {
    run(guess.wanted.path, [this, wanted = guess.wanted, shape = guess.preview.shape, said](
                               const std::stop_token& stop, const Deliver& deliver) {
        store::Logbook(wanted.logbook.toStdString())
            .rememberShape(shape, said,
                           QDateTime::currentDateTimeUtc().toString(Qt::ISODate).toStdString());
        read(wanted, said, stop, deliver);
    });
}

void ImportJob::read(const Wanted& wanted, const store::ColumnMapping& said,
                     const std::stop_token& stop, const Deliver& deliver) {
    store::ImportOptions options;
    options.stop = stop;
    options.progress = [&](double share) { deliver([this, share] { emit progress(share); }); };
    options.overrides = said.columns;
    auto result = std::make_shared<Imported>();
    store::Logbook book(wanted.logbook.toStdString());
    std::set<std::string> leftHanders;
    if (said.mirrored) {
        for (const store::Player& p : store::Kit(book).players()) {
            if (p.hand == Hand::Left) leftHanders.insert(p.name);
        }
        if (wanted.unnamedIsLeft) leftHanders.insert({});
        options.mirrored = [&](const std::string& player) { return leftHanders.contains(player); };
    }
    const std::string time = QDateTime::currentDateTimeUtc().toString(Qt::ISODate).toStdString();
    result->import = store::importFile(book, wanted.path.toStdString(), options, time);
    const std::string title = QFileInfo(wanted.path).fileName().toStdString();
    for (const store::Session& s : book.sessions()) {
        if (s.title == title) result->session = s.id;
    }
    result->shots = std::make_shared<const ShotList>(book.shots(result->session));
    deliver([this, result, path = wanted.path] { emit finished(result, path); });
}

void ImportJob::cancel() {
    thread_.request_stop();
}

}  // namespace wedgeon
