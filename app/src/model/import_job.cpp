// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// The thread of an import.
#include "model/import_job.h"

#include <QDateTime>
#include <QFileInfo>

#include "wedgeon/store/error.h"

namespace wedgeon {

ImportJob::~ImportJob() {
    // Joined here, while the queued results still find this object alive to be dropped with it.
    thread_.request_stop();
    if (thread_.joinable()) thread_.join();
}

void ImportJob::start(const QString& path, const QString& logbook) {
    cancel();
    const int generation = ++generation_;
    thread_ = std::jthread([this, path, logbook, generation](const std::stop_token& stop) {
        const auto deliver = [this, generation](auto action) {
            QMetaObject::invokeMethod(
                this,
                [this, generation, action] {
                    if (generation == generation_) action();
                },
                Qt::QueuedConnection);
        };
        store::ImportOptions options;
        options.stop = stop;
        options.progress = [&](double share) { deliver([this, share] { emit progress(share); }); };
        const auto fail = [&](const QString& message, bool cancelled) {
            deliver([this, message, cancelled] { emit failed(message, cancelled); });
        };
        try {
            auto result = std::make_shared<Imported>();
            const std::string time =
                QDateTime::currentDateTimeUtc().toString(Qt::ISODate).toStdString();
            store::Logbook book(logbook.toStdString());
            result->import = store::importFile(book, path.toStdString(), options, time);
            const std::string title = QFileInfo(path).fileName().toStdString();
            for (const store::Session& s : book.sessions()) {
                if (s.title == title) result->session = s.id;
            }
            result->shots = std::make_shared<const ShotList>(book.shots(result->session));
            deliver([this, result, path] { emit finished(result, path); });
        } catch (const store::StoreError& e) {
            fail(QString::fromStdString(e.what()), e.fault() == store::Fault::Cancelled);
        } catch (const std::exception& e) {
            fail(tr("%1 could not be read: %2").arg(path, QString::fromUtf8(e.what())), false);
        }
    });
}

void ImportJob::cancel() {
    thread_.request_stop();
}

}  // namespace wedgeon
