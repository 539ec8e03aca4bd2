// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Pictures and clips on their way beside the logbook: copied by content in a thread, then attached
// to a shot or a recipe as one undo step.
#pragma once

#include <QImage>
#include <QObject>
#include <QStringList>
#include <deque>
#include <vector>

#include "desk/preferences.h"
#include "desk/shot_log.h"
#include "wedgeon/store/attachments.h"
#include "work/latest_worker.h"

namespace wedgeon {

class Attacher : public QObject {
    Q_OBJECT

public:
    /// What they belong to: a shot by its id, or a recipe by its name.
    struct Subject {
        std::int64_t shot = 0;
        std::string recipe;
        QString called;  ///< as people read it
    };

    Attacher(ShotLog& log, const Preferences& preferences, QObject* parent = nullptr);

    /// Those that are none, or too large, are told of in the end; one request after the other.
    void attach(const Subject& subject, const QStringList& paths);
    /// From the clipboard.
    void attachPicture(const Subject& subject, const QImage& picture);
    /// What is under way stops; what was copied of it before is attached.
    void cancel();
    void remove(const store::Attachment& attachment) { log_.detach(attachment); }
    /// Where it lies; empty when it does not.
    QString findFile(const store::Attachment& attachment) const;
    /// In the desktop's own program. False when the file is not there or nothing opens it.
    bool open(const store::Attachment& attachment) const;

    /// Whether the file is called as pictures and clips are; its content is looked at when it is
    /// copied.
    static bool looksLikeOne(const QString& path);
    /// Larger files are not copied; a setting.
    int most_MB() const { return preferences_.values().attachmentMost_MB; }

signals:
    void progress(const QString& name, double share);
    /// \p refused: why the others were not, each with its name. \p tooLarge: those that a larger
    /// limit would let in.
    void finished(int attached, const wedgeon::Attacher::Subject& subject,
                  const QStringList& refused, const QStringList& tooLarge);

private:
    struct Request {
        Subject subject;
        QStringList paths;
        QImage picture;
        QString folder, time;
        qint64 most_bytes = 0;
    };
    struct Answer {
        Subject subject;
        std::vector<store::Attachment> copied;
        QStringList refused, tooLarge;
    };
    static Answer copyAll(const Request& request, const Task& task);
    static void copyOne(const Request& request, const QString& path, double before,
                        const Task& task, Answer& out);
    void ask(Request request);
    void next();

    ShotLog& log_;
    const Preferences& preferences_;
    std::deque<Request> waiting_;
    bool working_ = false;
    QString name_;  ///< of what is being copied
    LatestWorker<Request, Answer> worker_;
};

}  // namespace wedgeon
