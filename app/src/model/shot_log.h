// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// The window's logbook: opening it, loading a session in the background, and changes as undo steps,
// each one transaction.
#pragma once

#include <QObject>
#include <QUndoStack>
#include <functional>
#include <memory>
#include <optional>
#include <vector>

#include "model/latest_worker.h"
#include "wedgeon/store/logbook.h"
#include "wedgeon/store/logbook_import.h"

namespace wedgeon {

using ShotList = std::vector<store::LoggedShot>;

class ShotLog : public QObject {
    Q_OBJECT

public:
    /// Opens \p path; where that fails, a logbook of this window alone takes its place and error()
    /// says why.
    ShotLog(const QString& path, QUndoStack& undo, QObject* parent = nullptr);
    ~ShotLog() override;
    static QString ordinaryPath();

    const QString& error() const { return error_; }
    /// Of the file that could not be opened, where there is one.
    std::optional<QString> goodBackup() const;
    /// Where the shots go; not the wanted path after an error.
    QString path() const;

    std::vector<store::Session> sessions() const;
    /// Loads a session (0 for all) and emits loaded().
    void load(std::int64_t session);
    /// The same from another logbook, such as a backup: to look at only.
    void loadFrom(const QString& path) { loader_.ask({path, 0}); }
    std::int64_t shown() const { return shown_; }

    /// What a finished import added, as an undo step; \p shots are those of its session, which is
    /// shown from now on.
    void imported(const store::AddedShots& added, const QString& file, std::int64_t session,
                  const std::shared_ptr<const ShotList>& shots);
    void setAside(const store::LoggedShot& shot, const QString& reason);
    void setLabel(const store::LoggedShot& shot, store::Label label, const QString& text);
    /// The run as the coach paced it, where the device did not measure one.
    void setPaced(const store::LoggedShot& shot, std::optional<double> run_m);
    /// The set-up that the player declared, as JSON; empty for none.
    /// The coach does not share this doubt.
    void dismiss(const store::LoggedShot& shot, const std::string& doubt);
    /// One live shot. True when it is on the disk, and \p added holds it unless it was there
    /// already; false after a failure, which failed() has told.
    bool addLive(const store::ShotSource& source, const std::string& deviceShot,
                 const store::ShotRecord& shot, std::optional<store::LoggedShot>& added);
    /// Another window or program has written since this was last asked.
    bool changedElsewhere();
    /// The records beside the shots; changes there are not undone by undo.
    store::Logbook& book() { return *book_; }
    /// The window shows this session now.
    void setShown(std::int64_t session);

signals:
    void loaded(const std::shared_ptr<const ShotList>& shots, std::int64_t session,
                const QString& title);
    void shotChanged(const store::LoggedShot& shot);
    void sessionsChanged();
    void failed(const QString& message);

private:
    friend class LogCommand;
    struct Wanted {
        QString path;
        std::int64_t session;
    };
    struct Loaded {
        std::shared_ptr<const ShotList> shots;
        std::int64_t session = 0;
        QString title, error;
    };
    static Loaded read(const Wanted& wanted);
    using Write = std::function<void(store::Logbook&, const store::LoggedShot& from,
                                     const store::LoggedShot& to)>;
    /// One undo step that turns \p before into \p after; \p write does it in the logbook.
    void pushChange(const QString& what, const store::LoggedShot& before,
                    const store::LoggedShot& after, const Write& write);
    /// Runs \p change and reports what goes wrong; true when it went well.
    template <class Change>
    bool tried(const Change& change);

    QUndoStack& undo_;
    QString wantedPath_, error_;
    std::optional<store::Logbook> book_;
    std::int64_t shown_ = 0;
    std::int64_t dataVersion_ = 0;
    LatestWorker<Wanted, Loaded> loader_;
};

}  // namespace wedgeon
