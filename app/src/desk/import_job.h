// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Reading a file of shots on its own thread: first what its columns would be taken for, unless that
// is known; then all of it into the logbook, in parts between which live shots have their turn. The
// latest request wins; results arrive on the thread of this object with the file's name.
#pragma once

#include <QObject>
#include <QString>
#include <functional>
#include <memory>
#include <optional>
#include <thread>

#include "desk/shot_log.h"
#include "work/mailbox.h"

namespace wedgeon {

class ImportJob : public QObject {
    Q_OBJECT

public:
    using Result = std::shared_ptr<const store::LoggedImport>;
    explicit ImportJob(ShotLog& log, QObject* parent = nullptr);
    ~ImportJob() override;

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

signals:
    void progress(double share);
    void finished(const wedgeon::ImportJob::Result& result, const QString& path);
    void failed(const QString& message, bool cancelled);
    void guessed(const std::shared_ptr<const wedgeon::ImportJob::Guess>& guess);

private:
    /// Does \p work in the thread and delivers what it returns, a signal to emit.
    using Deliver = std::function<void(std::function<void()>)>;
    using Work = std::function<void(const std::stop_token&, const Deliver&)>;
    void run(const QString& path, const Work& work);
    void startWaiting();
    void read(const Wanted& wanted, const std::string& logbook, const store::ColumnMapping& said,
              const std::stop_token& stop, const Deliver& deliver);

    ShotLog& log_;
    std::optional<Wanted> waiting_;  ///< for the logbook
    int generation_ = 0;
    Mailbox box_;
    std::jthread thread_;
};

}  // namespace wedgeon
