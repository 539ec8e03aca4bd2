// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Reading a file of shots on its own thread. The latest request wins; results arrive on the
// thread of this object with the file's name.
#pragma once

#include <QObject>
#include <QString>
#include <memory>
#include <thread>

#include "model/shot_log.h"

namespace wedgeon {

class ImportJob : public QObject {
    Q_OBJECT

public:
    struct Imported {
        store::LoggedImport import;
        std::shared_ptr<const ShotList> shots;  ///< of the session that they are under
        std::int64_t session = 0;
    };
    using Result = std::shared_ptr<const Imported>;
    explicit ImportJob(QObject* parent = nullptr) : QObject(parent) {}
    ~ImportJob() override;

    /// Reads \p path into \p logbook, one transaction, with a connection of its own.
    void start(const QString& path, const QString& logbook);
    void cancel();

signals:
    void progress(double share);
    void finished(const wedgeon::ImportJob::Result& result, const QString& path);
    void failed(const QString& message, bool cancelled);

private:
    std::jthread thread_;
    int generation_ = 0;
};

}  // namespace wedgeon
