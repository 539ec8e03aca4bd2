// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Shots out to a file, written in a thread: CSV with units, or JSON, by the ending of its name.
#pragma once

#include <QObject>
#include <QString>
#include <memory>
#include <vector>

#include "wedgeon/store/shot_list.h"
#include "work/latest_worker.h"

namespace wedgeon {

class ShotSaver : public QObject {
    Q_OBJECT

public:
    explicit ShotSaver(QObject* parent = nullptr);

    /// The shots at \p places of \p shots, in this order, without those that were set aside. What
    /// is being written is given up.
    void save(const QString& path, std::shared_ptr<const store::ShotList> shots,
              std::vector<std::size_t> places);
    void cancel();

signals:
    void progress(double share);
    void saved(const QString& path, std::size_t shots, std::size_t setAside);
    void failed(const QString& path, const QString& why);
    void cancelled(const QString& path);

private:
    struct Request {
        QString path;
        std::shared_ptr<const store::ShotList> shots;
        std::vector<std::size_t> places;
    };
    struct Answer {
        QString path, error;
        std::size_t saved = 0, setAside = 0;
        bool cancelled = false;
    };
    static Answer write(const Request& request, const Task& task);

    LatestWorker<Request, Answer> worker_;
};

}  // namespace wedgeon
