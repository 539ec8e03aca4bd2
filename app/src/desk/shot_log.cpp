// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Opening, loading and changing.
#include "desk/shot_log.h"

#include <QDir>
#include <QFileInfo>
#include <QStandardPaths>
#include <algorithm>
#include <utility>

#include "text/quantities.h"
#include "text/said.h"
#include "wedgeon/store/error.h"
#include "wedgeon/store/files.h"
#include "wedgeon/store/swing_sets.h"

namespace wedgeon {
namespace {

/// More than this is not shown at once; the logbook keeps all.
constexpr std::size_t mostShown = 1'000'000;
/// What fills some screens, shown while the rest is being read.
constexpr std::size_t atAGlance = 2'000;

QString messageOf(const store::StoreError& e) {
    return text::said(e);
}

}  // namespace

QString ShotLog::ordinaryPath() {
    const QDir folder(QStandardPaths::writableLocation(QStandardPaths::AppDataLocation));
    return folder.filePath(QStringLiteral("logbook.wedgeon"));
}

ShotLog::ShotLog(const QString& path, QUndoStack& undo, const Preferences& preferences,
                 const Clock& clock, QObject* parent)
    : QObject(parent),
      undo_(undo),
      preferences_(preferences),
      clock_(clock),
      records_(std::make_shared<store::Records>()),
      copier_(
          [](const Copying& c) {
              const std::size_t missing =
                  store::Attachments::copyTo(c.from.toStdString(), c.to.toStdString(), c.which);
              return missing == 0 ? QString()
                                  : tr("The logbook was copied, but %n of its pictures and clips "
                                       "were not there to copy.",
                                       nullptr, static_cast<int>(missing));
          },
          [this](const QString& why) { afterCopying_(why); },
          [this](const QString& why) { afterCopying_(why); }),
      glance_(&ShotLog::read, [this](const Loaded& l) { take(l); }),
      loader_(&ShotLog::read, [this](const Loaded& l) { take(l); }),
      replacer_(
          [](const std::pair<QString, QString>& pathAndBackup) {
              return store::Logbook::replace(pathAndBackup.first.toStdString(),
                                             pathAndBackup.second.toStdString());
          },
          [this](const std::filesystem::path&) {
              openAt(path_);
              if (afterReplacing_) afterReplacing_();
          },
          [this](const QString& why) {
              state_ = State::Unusable;
              emit stateChanged();
              emit failed(why);
          }) {
    openAt(path);
}

ShotLog::~ShotLog() {
    emit closing();
}

void ShotLog::openAt(const QString& path) {
    emit closing();
    thread_.reset();  // the edits that wait are written first
    path_ = path;
    state_ = State::Opening;
    failure_ = {};
    rescued_.clear();
    held_ = looksAtBackup_ = false;
    glance_.forget();
    loader_.forget();
    undo_.clear();
    thread_ = std::make_unique<LogbookThread>(path, clock_);
    connect(thread_.get(), &LogbookThread::opened, this, [this](bool readOnly) {
        state_ = readOnly ? State::ReadOnly : State::Open;
        emit stateChanged();
        // What stands beside the shots first: the window says whose they are.
        auto read = std::make_shared<std::shared_ptr<const store::Records>>();
        thread_->run(
            LogbookThread::Turn::Edit,
            [read](store::Logbook& book) { *read = store::readRecords(book); },
            [this, read](const auto& failure) {
                if (failure) return emit failed(failure->message);
                takeRecords(*read);
                emit opened();
                if (isSaved()) emit saved();
            });
        if (readOnly) return;
        prune();
        const std::string today = clock_.today();
        thread_->run(
            LogbookThread::Turn::Import,
            [today, plan = preferences_.values().backupPlan()](store::Logbook& book) {
                if (book.shotCount() > 0) book.backUpOnce(today, plan);
            },
            [this](const auto& failure) {
                if (failure && failure->fault != store::Fault::Cancelled) {
                    emit failed(tr("Today's backup could not be made: %1. The logbook itself is "
                                   "open and well.")
                                    .arg(failure->message));
                }
            });
    });
    connect(thread_.get(), &LogbookThread::closed, this,
            [this](const LogbookThread::Failure& failure, const QString& rescued) {
                state_ = failure.fault == store::Fault::Moved ? State::Moved : State::Unusable;
                failure_ = failure;
                rescued_ = rescued;
                emit stateChanged();
            });
    connect(thread_.get(), &LogbookThread::held, this, [this](bool held) {
        held_ = held;
        emit stateChanged();
    });
    connect(thread_.get(), &LogbookThread::changedElsewhere, this, [this] {
        refreshRecords();
        if (!looksAtBackup_) load(shown_);
    });
    emit stateChanged();
}

void ShotLog::prune() {
    auto more = std::make_shared<bool>(false);
    thread_->run(
        LogbookThread::Turn::Import,
        [more, now = clock_.secondsSinceEpoch()](store::Logbook& book) {
            *more = book.removeLeftovers(now);
        },
        [this, more](const auto& failure) {
            if (failure) return;
            if (*more) return prune();
            thread_->run(LogbookThread::Turn::Import,
                         [](store::Logbook& book) { store::Attachments(book).removeUnused(); });
        });
}

void ShotLog::takeRecords(const std::shared_ptr<const store::Records>& records) {
    records_ = records;
    emit recordsChanged();
}

void ShotLog::refreshRecords() {
    change({});
}

void ShotLog::change(Change change, std::function<void()> then) {
    auto read = std::make_shared<std::shared_ptr<const store::Records>>();
    thread_->run(
        LogbookThread::Turn::Edit,
        [read, former = records_, change = std::move(change)](store::Logbook& book) {
            if (change) change(book);
            *read = store::readRecords(book, former.get());
        },
        [this, read, then = std::move(then)](const auto& failure) {
            if (failure) {
                emit failed(failure->message);
            } else {
                takeRecords(*read);
                if (then) then();
            }
            if (isSaved()) emit saved();
        });
}

ShotLog::Loaded ShotLog::read(const Wanted& wanted) {
    Loaded out;
    out.session = wanted.session;
    out.asBackup = wanted.asBackup;
    try {
        const store::Logbook book(wanted.path.toStdString(), store::Logbook::Access::ReadOnly);
        for (const store::Session& s : book.sessions()) {
            if (s.id == wanted.session) out.title = text::fromUtf8(s.title);
        }
        if (wanted.asBackup) {
            out.title = tr("the backup %1").arg(QFileInfo(wanted.path).completeBaseName());
        } else if (wanted.session == 0) {
            out.title = tr("the logbook");
        }
        const std::size_t all = book.shotCount(wanted.session);
        out.whole = wanted.most >= all || wanted.most == mostShown;
        if (all <= wanted.most) {
            out.shots = std::make_shared<ShotList>();
            book.eachShot(wanted.session,
                          [&](store::LoggedShot&& shot) { out.shots->push_back(std::move(shot)); });
        } else {
            out.shots = std::make_shared<ShotList>(book.shots(wanted.session, wanted.most));
            out.before = all - out.shots->size();
        }
    } catch (const store::StoreError& e) {
        out.error = messageOf(e);
    }
    return out;
}

void ShotLog::load(std::int64_t session) {
    if (state_ != State::Open && state_ != State::ReadOnly) return;
    // What was changed before is on the disk when it is read; what changes from now on is noted.
    loading_ = true;
    changedSince_.clear();
    arrivedSince_.clear();
    thread_->run(
        LogbookThread::Turn::Edit, [](store::Logbook&) {},
        [this, session, wanted = ++wantedLoad_](const auto& failure) {
            if (failure || wanted != wantedLoad_) return;
            glance_.ask({path_, session, atAGlance, false});
            loader_.ask({path_, session, mostShown, false});
            if (isSaved()) emit saved();
        });
}

void ShotLog::look(const QString& path) {
    loading_ = false;
    ++wantedLoad_;
    glance_.forget();
    loader_.ask({path, 0, mostShown, true});
}

void ShotLog::take(const Loaded& loaded) {
    if (!loaded.error.isEmpty()) {
        emit failed(loaded.error);
        return;
    }
    if (!loaded.whole && !loading_) return;  // all of it came first
    if (loaded.whole && !loaded.asBackup) {
        if (!loading_) return;  // the glance was all of it
        loading_ = false;
        glance_.forget();
        loader_.forget();
    }
    looksAtBackup_ = loaded.asBackup;
    shown_ = loaded.asBackup ? 0 : loaded.session;
    if (!loaded.asBackup) {
        for (const auto& [id, shot] : changedSince_) {
            const std::size_t at = loaded.shots->find(id);
            if (at < loaded.shots->size()) loaded.shots->set(at, shot);
        }
        for (const store::LoggedShot& shot : arrivedSince_) {
            const bool its = loaded.session == 0 || loaded.session == shot.session;
            if (its && (loaded.shots->empty() || loaded.shots->back().id < shot.id))
                loaded.shots->push_back(shot);
        }
    }
    emit this->loaded(loaded.shots, loaded.session, loaded.title, loaded.before);
}

void ShotLog::setShown(std::int64_t session) {
    shown_ = session;
    looksAtBackup_ = false;
    loading_ = false;
    ++wantedLoad_;
    glance_.forget();
    loader_.forget();
    emit recordsChanged();
}

void ShotLog::act(Change change, const std::function<void()>& then,
                  const std::function<void()>& fails) {
    thread_->run(LogbookThread::Turn::Edit, std::move(change),
                 [this, then, fails](const auto& failure) {
                     if (failure) {
                         emit failed(failure->message);
                         fails();
                     } else if (then) {
                         then();
                     }
                     if (isSaved()) emit saved();
                 });
}

void ShotLog::showNew(std::int64_t session) {
    refreshRecords();
    load(session);
}

void ShotLog::imported(const store::LoggedImport& import, const QString& file) {
    const auto former = shown_;
    const auto session = import.shots.session;
    if (import.shots.added == 0) return;
    const auto source = import.shots.source;
    push(
        tr("open %1").arg(file),
        [this, source, session](const StoreCommand::Fails& fails) {
            act([source](store::Logbook& book) { book.restoreSource(source); },
                [this, session] { showNew(session); }, fails);
        },
        [this, source, former](const StoreCommand::Fails& fails) {
            act([source](store::Logbook& book) { book.removeSource(source); },
                [this, former] { showNew(former); }, fails);
        },
        true);
}

void ShotLog::addSeen(const store::ShotRecord& shot) {
    if (looksAtBackup_) {
        emit failed(tr("This is a backup, to look at only. Restore it to work with it."));
        return;
    }
    const store::ShotSource source{
        "by eye",
        tr("By eye %1")
            .arg(QLocale::c().toString(clock_.local(), QStringLiteral("d MMM yyyy HH:mm:ss")))
            .toStdString(),
        clock_.utc()};
    const auto former = shown_;
    // As it is in the logbook, from the first time on.
    const auto kept = std::make_shared<store::LoggedShot>();
    push(
        tr("note a shot by eye"),
        [this, shot, former = shown_, source, kept](const StoreCommand::Fails& fails) {
            act(
                [=](store::Logbook& book) {
                    // Put back, it goes where it was.
                    const auto into = kept->id != 0 ? kept->session : former;
                    *kept = book.addSeenShot(shot, into, source, kept->id);
                },
                [this, kept] {
                    refreshRecords();
                    if (loading_) arrivedSince_.push_back(*kept);
                    emit seenAdded(*kept);
                },
                fails);
        },
        [this, kept, former](const StoreCommand::Fails& fails) {
            act([kept](store::Logbook& book) { book.removeSeenShot(*kept); },
                [this, kept, former] { showNew(former == 0 ? kept->session : former); }, fails);
        });
}

void ShotLog::write(const store::LoggedShot& from, const store::LoggedShot& to, Edit edit,
                    const Write& write, const std::function<void()>& fails) {
    if (loading_) changedSince_[to.id] = to;
    emit shotChanged(to);
    auto now = std::make_shared<std::optional<store::LoggedShot>>();
    thread_->run(
        LogbookThread::Turn::Edit,
        [from, to, edit, write, now](store::Logbook& book) {
            try {
                write(book, from, to, edit);
            } catch (const store::StoreError& e) {
                if (e.fault() == store::Fault::Conflict) *now = book.findShot(to.id);
                throw;
            }
        },
        [this, from, now, fails](const auto& failure) {
            if (failure) {
                emit failed(failure->message);
                // As it really is: what another window made of it, or as before.
                const store::LoggedShot& real = *now ? **now : from;
                if (loading_) changedSince_[real.id] = real;
                emit shotChanged(real);
                fails();
            }
            if (isSaved()) emit saved();
        });
}

void ShotLog::pushChange(const QString& what, const store::LoggedShot& before,
                         const store::LoggedShot& after, const Write& write) {
    if (looksAtBackup_) {
        emit failed(tr("This is a backup, to look at only. Restore it to work with it."));
        emit shotChanged(before);
        return;
    }
    push(
        what,
        [=, this](const StoreCommand::Fails& fails) {
            this->write(before, after, Edit::Make, write, fails);
        },
        [=, this](const StoreCommand::Fails& fails) {
            this->write(after, before, Edit::TakeBack, write, fails);
        });
}

void ShotLog::push(const QString& what, StoreCommand::Act redo, StoreCommand::Act undo, bool done) {
    undo_.push(
        new StoreCommand(what, std::move(redo), std::move(undo), done, [this] { dropObsolete(); }));
}

void ShotLog::dropObsolete() {
    // A step that does nothing would only be in the way of the one below it.
    const auto isDead = [this](int i) {
        const auto* command = dynamic_cast<const StoreCommand*>(undo_.command(i));
        return command && command->isDead();
    };
    while (undo_.index() > 0 && isDead(undo_.index() - 1))
        undo_.undo();
    while (undo_.index() < undo_.count() && isDead(undo_.index()))
        undo_.redo();
}

void ShotLog::setAside(const store::LoggedShot& shot, const QString& reason) {
    store::LoggedShot after = shot;
    after.setAside = reason.toStdString();
    pushChange(reason.isEmpty() ? tr("count the shot again") : tr("set the shot aside"), shot,
               after, [](store::Logbook& book, const auto& from, const auto& to, Edit edit) {
                   book.setAside(to.id, to.setAside, from.setAside, edit);
               });
}

void ShotLog::setLabel(const store::LoggedShot& shot, store::Label label, const QString& text) {
    store::LoggedShot after = shot;
    after.record[label] = text.toStdString();
    if (after.record[label] == shot.record[label]) return;
    const QString name = label != store::Label::Recipe
                             ? tr("change of the shot: %1").arg(text::nameOf(label))
                         : text.isEmpty() ? tr("take the set-up off the shot")
                                          : tr("declare the set-up");
    pushChange(name, shot, after,
               [label](store::Logbook& book, const auto& from, const auto& to, Edit edit) {
                   book.setLabel(to.id, label, to.record[label], from.record[label], edit);
               });
}

void ShotLog::setPaced(const store::LoggedShot& shot, std::optional<double> run_m) {
    if (run_m == shot.paced_m) return;
    pushChange(tr("pace the run"), shot, store::withPaced(shot, run_m),
               [](store::Logbook& book, const auto& from, const auto& to, Edit edit) {
                   book.setPaced(to.id, to.paced_m, from.paced_m, edit);
               });
}

void ShotLog::dismiss(const store::LoggedShot& shot, const std::string& doubt) {
    store::LoggedShot after = shot;
    after.dismissed.push_back(doubt);
    pushChange(tr("dismiss the doubt"), shot, after,
               [doubt](store::Logbook& book, const auto&, const auto& to, Edit edit) {
                   const bool dismissed = std::find(to.dismissed.begin(), to.dismissed.end(),
                                                    doubt) != to.dismissed.end();
                   book.dismissDoubt(to.id, doubt, dismissed, edit);
               });
}

void ShotLog::useTuning(const std::string& player, std::int64_t id, const QString& what) {
    const auto taking = [this, player](std::int64_t wanted) {
        return [this, player, wanted](const StoreCommand::Fails&) {
            // Who chooses again at once chooses from what was chosen.
            takeRecords(store::withTuningInUse(*records_, player, wanted));
            change([player, wanted](store::Logbook& book) {
                store::Tunings(book).use(player, wanted);
            });
        };
    };
    const store::KeptTuning* former = records_->tuningInUse(player);
    push(what, taking(id), taking(former ? former->id : 0));
}

void ShotLog::setSwings(const std::string& player, std::shared_ptr<const SwingSet> swings,
                        const QString& what) {
    const auto taking = [this, player](std::shared_ptr<const SwingSet> wanted) {
        return [this, player, wanted = std::move(wanted)](const StoreCommand::Fails&) {
            takeRecords(store::withSwings(*records_, player, wanted));
            change([player, wanted](store::Logbook& book) {
                store::SwingSets all(book);
                if (wanted) {
                    all.keep(player, *wanted);
                } else {
                    all.remove(player);
                }
            });
        };
    };
    push(what, taking(std::move(swings)), taking(records_->modelOf(player).swings));
}

void ShotLog::addLive(const store::LiveConnection& connection,
                      std::vector<store::LiveArrival> shots,
                      std::function<void(const LiveAnswer&)> done) {
    auto answer = std::make_shared<LiveAnswer>();
    answer->connection = connection;
    thread_->run(
        LogbookThread::Turn::Live,
        [answer, shots = std::move(shots), now = clock_.secondsSinceEpoch()](store::Logbook& book) {
            answer->kept = book.addLiveShots(answer->connection, shots, now);
        },
        [this, answer, former = connection.session, done = std::move(done)](const auto& failure) {
            answer->failure = failure;
            if (failure && failure->fault != store::Fault::Cancelled) emit failed(failure->message);
            if (!failure && loading_) {
                for (const auto& shot : answer->kept) {
                    if (shot) arrivedSince_.push_back(*shot);
                }
            }
            if (!failure && answer->connection.session != former) refreshRecords();
            done(*answer);
        });
}

void ShotLog::restore(const QString& backup, std::function<void()> then) {
    const QFileInfo file(path_);
    const QString aside = file.absoluteDir().filePath(
        QStringLiteral("backups/%1-before-restoring-%2.%3")
            .arg(file.completeBaseName(), clock_.stamp(), file.suffix()));
    undo_.clear();
    if (state_ == State::Unusable) {
        emit closing();
        afterReplacing_ = std::move(then);
        state_ = State::Opening;
        emit stateChanged();
        return replacer_.ask({path_, backup});
    }
    change([backup, aside](
               store::Logbook& book) { book.restore(backup.toStdString(), aside.toStdString()); },
           [this, then = std::move(then)] {
               shown_ = records_->sessions.empty() ? 0 : records_->sessions.back().id;
               load(shown_);
               then();
           });
}

}  // namespace wedgeon
