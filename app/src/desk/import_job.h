// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Reading a file of shots: first what its columns would be taken for, unless that
// is known; then all of it into the logbook, in parts between which live shots have their turn. The
// latest request wins.
#pragma once

#include <QObject>
#include <QString>
#include <memory>
#include <optional>
#include <string>
#include <variant>

#include "desk/shot_log.h"
#include "work/latest_worker.h"

namespace wedgeon {

class ImportJob : public QObject {
    Q_OBJECT

public:
    using Result = std::shared_ptr<const store::LoggedImport>;
    explicit ImportJob(ShotLog& log, QObject* parent = nullptr);

    /// What an import is to read, and how.
    struct Wanted {
        QString path;
        bool alwaysAsk = false;      ///< also when this shape of file is known
        bool unnamedIsLeft = false;  ///< shots without a player are the bench's left-hander's
    };
    /// A guess that a person has to confirm.
    struct Guess {
        store::ImportResult preview;
        store::ColumnMapping said;  ///< of this shape before, if anything
        Wanted wanted;
    };

    /// Reads it, or emits guessed() when its shape is not known; take() then goes on. Waits for a
    /// logbook that is still being opened.
    void start(const Wanted& wanted);
    /// Reads it with these columns, and remembers them by the file's shape.
    void take(const Guess& guess, const store::ColumnMapping& said);
    void cancel();
    /// Asked for, and not told of yet.
    bool isRunning() const { return running_ || waiting_; }

signals:
    void progress(double share);
    void finished(const wedgeon::ImportJob::Result& result, const QString& path);
    void failed(const QString& message, bool cancelled);
    void guessed(const std::shared_ptr<const wedgeon::ImportJob::Guess>& guess);

private:
    /// What has to be done; \p said of its columns, or nothing to find out what they are.
    struct Request {
        Wanted wanted;
        std::string logbook;
        std::optional<store::ColumnMapping> said;
        std::string shape;  ///< under which \p said is to be remembered
    };
    struct Refusal {
        QString message;
        bool cancelled = false;
    };
    using Answer = std::variant<Result, std::shared_ptr<const Guess>, Refusal>;
    void ask(Request request);
    void startWaiting();
    void show(const Answer& answer);
    Answer answer(const Request& request, const Task& task);
    Answer guessOrRead(const Request& request, const Task& task);
    Result read(const Request& request, const store::ColumnMapping& said, const Task& task);

    ShotLog& log_;
    std::optional<Wanted> waiting_;  ///< for the logbook
    QString path_;                   ///< of what is under way
    bool running_ = false;
    LatestWorker<Request, Answer> worker_;
};

}  // namespace wedgeon
