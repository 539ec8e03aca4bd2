// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Reading a file of shots on its own thread. The latest request wins; results arrive on the
// thread of this object with the file's name.
#pragma once

#include <QObject>
#include <QString>
#include <memory>
#include <thread>

#include "wedgeon/store/shot_file.h"

namespace wedgeon {

class ImportJob : public QObject {
    Q_OBJECT

public:
    using Result = std::shared_ptr<store::ImportResult>;
    explicit ImportJob(QObject* parent = nullptr) : QObject(parent) {}
    ~ImportJob() override;

    void start(const QString& path);
    void cancel();
    bool running() const { return running_; }

signals:
    void progress(double share);
    void finished(const wedgeon::ImportJob::Result& result, const QString& path);
    void failed(const QString& message, bool cancelled);

private:
    std::jthread thread_;
    int generation_ = 0;
    bool running_ = false;
};

}  // namespace wedgeon
