// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// The window's logbook: what it holds beside the shots, in memory; a session's shots, loaded in the
// background; changes as undo steps, shown at once and written by the logbook's own thread.
#pragma once

#include <QObject>
#include <QUndoStack>
#include <functional>
#include <map>
#include <memory>
#include <optional>
#include <vector>

#include "desk/clock.h"
#include "desk/logbook_thread.h"
#include "desk/preferences.h"
#include "undo/store_command.h"
#include "wedgeon/store/logbook_import.h"
#include "wedgeon/store/records.h"
#include "wedgeon/store/shot_list.h"
#include "work/latest_worker.h"

namespace wedgeon {

using store::ShotList;

class ShotLog : public QObject {
    Q_OBJECT

public:
    /// Begins to open \p path; opened() or stateChanged() tells what came of it.
    ShotLog(const QString& path, QUndoStack& undo, const Preferences& preferences,
            const Clock& clock, QObject* parent = nullptr);
    ~ShotLog() override;
    static QString ordinaryPath();
    const Clock& clock() const { return clock_; }

    enum class State { Opening, Open, ReadOnly, Unusable, Moved };
    State state() const { return state_; }
    /// Why it is not open, where it is not.
    const LogbookThread::Failure& failure() const { return failure_; }
    /// Where the content of a file that was taken away was kept.
    const QString& rescued() const { return rescued_; }
    /// Another program holds the file: changes wait.
    bool isHeld() const { return held_; }
    /// Every change is on the disk.
    bool isSaved() const { return !thread_ || thread_->waitingEdits() == 0; }
    /// The shots of a session are being read.
    bool isLoading() const { return loading_; }
    int waitingEdits() const { return thread_ ? thread_->waitingEdits() : 0; }
    QString path() const { return path_; }
    /// Takes another file from now on, or tries the same again. Undo begins anew.
    void openAt(const QString& path);

    /// All but the shots; never null.
    const store::Records& records() const { return *records_; }
    using Change = std::function<void(store::Logbook&)>;
    /// Changes what is beside the shots; records() follows. \p then runs when it is on the disk.
    void change(Change change, std::function<void()> then = {});

    /// Loads a session (0 for all) and emits loaded(): where it is long, its newest shots first.
    void load(std::int64_t session);
    /// The same from another logbook, such as a backup: to look at only.
    void look(const QString& path);
    std::int64_t shown() const { return shown_; }
    /// The window shows this session now.
    void setShown(std::int64_t session);

    /// What a finished import added, as an undo step; showNew brings it up.
    void imported(const store::LoggedImport& import, const QString& file);
    /// A session that is new to the records, once.
    void showNew(std::int64_t session);
    /// A shot that was seen by eye, as an undo step: into the session that is shown where that is
    /// today's, else into today's newest, or a new one.
    void addSeen(const store::ShotRecord& shot);
    /// An undo step each. A move goes to \p session, or to a new one called \p title.
    void renameSession(std::int64_t session, const QString& title);
    void moveShots(std::vector<std::int64_t> shots, std::int64_t session, const QString& title);
    /// Shots become another player's; an undo step.
    void giveShots(std::vector<std::int64_t> shots, const QString& player);
    /// The first one's are the second one's from now on, whose other name the first one's is; an
    /// undo step.
    void mergePlayers(const std::string& from, const std::string& into);
    /// Pictures and clips whose files lie beside the logbook; an undo step each.
    void attach(std::vector<store::Attachment> attachments);
    void detach(const store::Attachment& attachment);
    /// A drill or trial begins, ends or is taken away; an undo step each.
    void beginTraining(const store::Training& training);
    void endTraining(const store::Training& training, bool ended);
    void removeTraining(const store::Training& training);
    /// One of the coach's drills, in the place of one of the same name; an undo step.
    void keepDrill(const Drill& drill, std::function<void()> then);
    /// Something that the coach notes of a player, in other words, or not at all; an undo step
    /// each.
    void addNote(const store::Note& note);
    void changeNote(const store::Note& note, const QString& text);
    void removeNote(const store::Note& note);
    /// Shots that were hit in it, behind \p before others; \p then when records() has them, or it
    /// was said why not. No undo step: they came in.
    void addToTraining(std::int64_t training, std::vector<std::int64_t> shots, std::size_t before,
                       std::function<void()> then);
    /// Those that are there.
    void findShots(std::vector<std::int64_t> ids,
                   std::function<void(std::vector<store::LoggedShot>)> then);
    /// Those of the sessions of a day (local, ISO 8601).
    void findShotsOfDay(const std::string& day,
                        std::function<void(std::vector<store::LoggedShot>)> then);
    void setAside(const store::LoggedShot& shot, const QString& reason);
    void setLabel(const store::LoggedShot& shot, store::Label label, const QString& text);
    /// The run as the coach paced it, where the device did not measure one.
    void setPaced(const store::LoggedShot& shot, std::optional<double> run_m);
    /// The coach does not share this doubt.
    void dismiss(const store::LoggedShot& shot, const std::string& doubt);
    /// Which of a player's tunings is in use; 0 for the priors. An undo step named \p what.
    void useTuning(const std::string& player, std::int64_t id, const QString& what);
    /// A player's swings; none: an ordinary player's. An undo step named \p what.
    void setSwings(const std::string& player, std::shared_ptr<const SwingSet> swings,
                   const QString& what);

    /// Live shots, answered when they are on the disk: each by the shot as kept, or by nothing when
    /// it was known; or by a failure, after which none of them is there.
    struct LiveAnswer {
        std::vector<std::optional<store::LoggedShot>> kept;
        store::LiveConnection connection;
        std::optional<LogbookThread::Failure> failure;
    };
    void addLive(const store::LiveConnection& connection, std::vector<store::LiveArrival> shots,
                 std::function<void(const LiveAnswer&)> done);
    /// From an import's thread: work on the logbook, waited for.
    void runAndWait(const LogbookThread::Work& work, const std::stop_token& stop) {
        thread_->runAndWait(work, stop);
    }
    /// A whole copy of the logbook with its pictures and clips, as it is once every change before
    /// is written; \p then with why it was not made, or nothing.
    void copyTo(const QString& path, std::function<void(const QString&)> then);
    /// Puts a backup in the place of what is there now; undo begins anew.
    void restore(const QString& backup, std::function<void()> then);

signals:
    void stateChanged();
    /// Whoever uses the logbook from another thread has to have ended when this returns.
    void closing();
    void opened();
    void recordsChanged();
    /// \p before: how many older ones there are that are still being read.
    void loaded(const std::shared_ptr<const store::ShotList>& shots, std::int64_t session,
                const QString& title, std::size_t before);
    void shotChanged(const store::LoggedShot& shot);
    void seenAdded(const store::LoggedShot& shot);
    void failed(const QString& message);
    void saved();

private:
    struct Wanted {
        QString path;
        std::int64_t session = 0;
        std::size_t most = 0;
        bool asBackup = false;
    };
    struct Loaded {
        std::shared_ptr<ShotList> shots;
        std::int64_t session = 0;
        QString title, error;
        bool whole = true, asBackup = false;
        std::size_t before = 0;  ///< shots that are older than these
    };
    static Loaded read(const Wanted& wanted);
    void take(const Loaded& loaded);
    void takeRecords(const std::shared_ptr<const store::Records>& records);
    void refreshRecords();
    void prune();
    using Edit = store::Logbook::Edit;
    using Write = std::function<void(store::Logbook&, const store::LoggedShot& from,
                                     const store::LoggedShot& to, Edit edit)>;
    /// One undo step that turns \p before into \p after; \p write does it in the logbook.
    void pushChange(const QString& what, const store::LoggedShot& before,
                    const store::LoggedShot& after, const Write& write);
    /// Shows \p to and has it written; \p fails when it could not be.
    void write(const store::LoggedShot& from, const store::LoggedShot& to, Edit edit,
               const Write& write, const std::function<void()>& fails);
    /// Writes something that is no single shot.
    void act(Change change, const std::function<void()>& then, const std::function<void()>& fails);
    void push(const QString& what, StoreCommand::Act redo, StoreCommand::Act undo,
              bool done = false);
    /// An undo step of a change of many rows.
    void pushRows(const QString& what, std::function<store::RowChanges(store::Logbook&)> change);
    /// An undo step of something beside the shots.
    void pushRecords(const QString& what, Change redo, Change undo);
    void findBy(std::function<std::vector<store::LoggedShot>(store::Logbook&)> find,
                std::function<void(std::vector<store::LoggedShot>)> then);
    void pushAttached(const QString& what,
                      const std::shared_ptr<std::vector<store::Attachment>>& all, bool attached);
    void dropObsolete();

    QUndoStack& undo_;
    const Preferences& preferences_;
    const Clock& clock_;
    QString path_, rescued_;
    State state_ = State::Opening;
    LogbookThread::Failure failure_;
    bool held_ = false;
    bool looksAtBackup_ = false;
    std::int64_t shown_ = 0;
    std::shared_ptr<const store::Records> records_;
    /// What changed while a session was being read: the reading may not have seen it yet.
    std::map<std::int64_t, store::LoggedShot> changedSince_;
    std::vector<store::LoggedShot> arrivedSince_;
    bool loading_ = false;
    int wantedLoad_ = 0;
    std::unique_ptr<LogbookThread> thread_;
    std::function<void()> afterReplacing_;
    std::function<void(const QString&)> afterCopying_;
    struct Copying {
        QString from, to;
        std::vector<store::Attachment> which;
    };
    LatestWorker<Copying, QString> copier_;
    LatestWorker<Wanted, Loaded> glance_, loader_;
    LatestWorker<std::pair<QString, QString>, std::filesystem::path> replacer_;
};

}  // namespace wedgeon
