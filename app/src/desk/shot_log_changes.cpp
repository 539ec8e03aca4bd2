// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// What changes many shots, or what stands beside them, as undo steps; and copies of all of it.
#include <algorithm>
#include <utility>

#include "desk/shot_log.h"
#include "text/units.h"
#include "wedgeon/store/files.h"
#include "wedgeon/store/kit.h"

namespace wedgeon {

void ShotLog::renameSession(std::int64_t session, const QString& title) {
    const auto at = std::find_if(records_->sessions.begin(), records_->sessions.end(),
                                 [&](const store::Session& s) { return s.id == session; });
    const std::string wanted = title.trimmed().toStdString();
    if (at == records_->sessions.end() || wanted.empty() || wanted == at->title) return;
    const auto naming = [this, session](const std::string& to, const std::string& from) {
        return [=, this](const StoreCommand::Fails& fails) {
            act([=](store::Logbook& book) { book.renameSession(session, to, from); },
                [this, session] { showNew(session); }, fails);
        };
    };
    push(tr("rename the session"), naming(wanted, at->title), naming(at->title, wanted));
}

void ShotLog::moveShots(std::vector<std::int64_t> shots, std::int64_t session,
                        const QString& title) {
    if (shots.empty() || looksAtBackup_) return;
    struct Moved {
        std::int64_t session = 0;
        std::vector<store::Logbook::ShotPlace> places;
    };
    const auto moved = std::make_shared<Moved>();
    const auto all = std::make_shared<const std::vector<std::int64_t>>(std::move(shots));
    push(
        tr("move the shots"),
        [this, all, moved, session, name = title.toStdString(),
         time = clock_.utc()](const StoreCommand::Fails& fails) {
            act(
                [=](store::Logbook& book) {
                    moved->session = session;
                    moved->places = book.moveShots(*all, moved->session, name, time);
                },
                [this, moved] { showNew(moved->session); }, fails);
        },
        [this, moved, former = shown_](const StoreCommand::Fails& fails) {
            act([moved](store::Logbook& book) { book.putBack(moved->places); },
                [this, former] { showNew(former); }, fails);
        });
}

void ShotLog::pushRows(const QString& what,
                       std::function<store::RowChanges(store::Logbook&)> change) {
    if (looksAtBackup_) {
        emit failed(tr("This is a backup, to look at only. Restore it to work with it."));
        return;
    }
    const auto changed = std::make_shared<store::RowChanges>();
    const auto again = [this, shown = shown_] { showNew(shown); };
    push(
        what,
        [=, this, change = std::move(change)](const StoreCommand::Fails& fails) {
            act([=](store::Logbook& book) { *changed = change(book); }, again, fails);
        },
        [=, this](const StoreCommand::Fails& fails) {
            act([changed](store::Logbook& book) { book.takeBack(*changed); }, again, fails);
        });
}

void ShotLog::giveShots(std::vector<std::int64_t> shots, const QString& player) {
    if (shots.empty()) return;
    pushRows(tr("give the shots to %1").arg(player),
             [shots = std::move(shots), name = player.toStdString()](store::Logbook& book) {
                 return book.giveShots(shots, name);
             });
}

void ShotLog::mergePlayers(const std::string& from, const std::string& into) {
    pushRows(tr("%1 is %2").arg(text::fromUtf8(from), text::fromUtf8(into)),
             [from, into, today = clock_.today()](store::Logbook& book) {
                 return store::Kit(book).mergePlayers(from, into, today);
             });
}

void ShotLog::attach(std::vector<store::Attachment> attachments) {
    if (attachments.empty()) return;
    // With their ids, from the first time on.
    const auto all = std::make_shared<std::vector<store::Attachment>>(std::move(attachments));
    pushAttached(tr("attach %n picture(s) or clip(s)", nullptr, static_cast<int>(all->size())), all,
                 true);
}

void ShotLog::detach(const store::Attachment& attachment) {
    pushAttached(tr("remove %1").arg(text::fromUtf8(attachment.name)),
                 std::make_shared<std::vector<store::Attachment>>(1, attachment), false);
}

void ShotLog::pushAttached(const QString& what,
                           const std::shared_ptr<std::vector<store::Attachment>>& all,
                           bool attached) {
    if (looksAtBackup_) {
        emit failed(tr("This is a backup, to look at only. Restore it to work with it."));
        return;
    }
    const auto turn = [this, all](bool on) {
        return [this, all, on](const StoreCommand::Fails& fails) {
            act(
                [all, on](store::Logbook& book) {
                    store::Attachments into(book);
                    for (store::Attachment& a : *all) {
                        if (on) {
                            a.id = into.add(a);
                        } else {
                            into.remove(a);
                        }
                    }
                },
                [this] { refreshRecords(); }, fails);
        };
    };
    push(what, turn(attached), turn(!attached));
}

void ShotLog::pushRecords(const QString& what, Change redo, Change undo) {
    if (looksAtBackup_) {
        emit failed(tr("This is a backup, to look at only. Restore it to work with it."));
        return;
    }
    const auto doing = [this](Change change) {
        return [this, change = std::move(change)](const StoreCommand::Fails& fails) {
            act(
                change, [this] { refreshRecords(); }, fails);
        };
    };
    push(what, doing(std::move(redo)), doing(std::move(undo)));
}

void ShotLog::beginTraining(const store::Training& training) {
    // With its id, from the first time on; its shots come back with it.
    const auto kept = std::make_shared<store::Training>(training);
    pushRecords(
        tr("begin %1").arg(text::fromUtf8(training.name())),
        [kept](store::Logbook& book) { kept->id = store::Trainings(book).add(*kept); },
        [kept](store::Logbook& book) {
            for (store::Training& t : store::Trainings(book).all()) {
                if (t.id == kept->id) *kept = std::move(t);
            }
            store::Trainings(book).remove(kept->id);
        });
}

void ShotLog::endTraining(const store::Training& training, bool ended) {
    const auto set = [id = training.id](bool to) {
        return [id, to](store::Logbook& book) { store::Trainings(book).setEnded(id, to); };
    };
    pushRecords(tr("end %1").arg(text::fromUtf8(training.name())), set(ended), set(!ended));
}

void ShotLog::removeTraining(const store::Training& training) {
    pushRecords(
        tr("remove %1").arg(text::fromUtf8(training.name())),
        [training](store::Logbook& book) { store::Trainings(book).remove(training.id); },
        [training](store::Logbook& book) { store::Trainings(book).add(training); });
}

void ShotLog::keepDrill(const Drill& drill, std::function<void()> then) {
    const auto at = std::find_if(records_->drills.begin(), records_->drills.end(),
                                 [&](const Drill& d) { return d.name == drill.name; });
    const auto former = at == records_->drills.end() ? std::nullopt : std::optional(*at);
    const auto once = std::make_shared<std::function<void()>>(std::move(then));
    push(
        tr("keep %1").arg(text::fromUtf8(drill.name)),
        [=, this](const StoreCommand::Fails& fails) {
            act([drill](store::Logbook& book) { store::Trainings(book).keepDrill(drill); },
                [this, once] { change({}, std::exchange(*once, {})); }, fails);
        },
        [=, this](const StoreCommand::Fails& fails) {
            act(
                [=](store::Logbook& book) {
                    if (former)
                        store::Trainings(book).keepDrill(*former);
                    else
                        store::Trainings(book).removeDrill(drill.name);
                },
                [this] { refreshRecords(); }, fails);
        });
}

void ShotLog::addNote(const store::Note& note) {
    // With its id, from the first time on.
    const auto kept = std::make_shared<store::Note>(note);
    pushRecords(
        tr("add a note"),
        [kept](store::Logbook& book) { kept->id = store::Notes(book).add(*kept); },
        [kept](store::Logbook& book) { store::Notes(book).remove(kept->id); });
}

void ShotLog::changeNote(const store::Note& note, const QString& text) {
    store::Note now = note;
    now.text = text.toStdString();
    const auto turn = [](const store::Note& from, const store::Note& to) {
        return [from, to](store::Logbook& book) { store::Notes(book).change(from, to.text); };
    };
    pushRecords(tr("change the note"), turn(note, now), turn(now, note));
}

void ShotLog::removeNote(const store::Note& note) {
    pushRecords(
        tr("remove the note"), [note](store::Logbook& book) { store::Notes(book).remove(note.id); },
        [note](store::Logbook& book) { store::Notes(book).add(note); });
}

void ShotLog::addToTraining(std::int64_t training, std::vector<std::int64_t> shots,
                            std::size_t before, std::function<void()> then) {
    auto read = std::make_shared<std::shared_ptr<const store::Records>>();
    thread_->run(
        LogbookThread::Turn::Edit,
        [read, former = records_, training, shots = std::move(shots),
         before](store::Logbook& book) {
            for (std::size_t i = 0; i < shots.size(); ++i)
                store::Trainings(book).addShot(training, shots[i], before + i);
            *read = store::readRecords(book, former.get());
        },
        [this, read, then = std::move(then)](const auto& failure) {
            if (failure) emit failed(failure->message);
            if (*read) takeRecords(*read);
            then();
            if (isSaved()) emit saved();
        });
}

void ShotLog::findShots(std::vector<std::int64_t> ids,
                        std::function<void(std::vector<store::LoggedShot>)> then) {
    findBy(
        [ids = std::move(ids)](store::Logbook& book) {
            std::vector<store::LoggedShot> out;
            for (const std::int64_t id : ids) {
                if (auto shot = book.findShot(id)) out.push_back(std::move(*shot));
            }
            return out;
        },
        std::move(then));
}

void ShotLog::findShotsOfDay(const std::string& day,
                             std::function<void(std::vector<store::LoggedShot>)> then) {
    // Of one day; more than one player hits.
    constexpr std::size_t most = 5000;
    std::vector<std::int64_t> sessions;
    for (const store::Session& s : records_->sessions) {
        if (s.day == day) sessions.push_back(s.id);
    }
    if (sessions.empty()) return;
    findBy(
        [sessions](store::Logbook& book) {
            std::vector<store::LoggedShot> out;
            for (const std::int64_t id : sessions) {
                for (store::LoggedShot& shot : book.shots(id, most))
                    out.push_back(std::move(shot));
            }
            return out;
        },
        std::move(then));
}

void ShotLog::findBy(std::function<std::vector<store::LoggedShot>(store::Logbook&)> find,
                     std::function<void(std::vector<store::LoggedShot>)> then) {
    auto found = std::make_shared<std::vector<store::LoggedShot>>();
    thread_->run(
        LogbookThread::Turn::Edit,
        [found, find = std::move(find)](store::Logbook& book) { *found = find(book); },
        [this, found, then = std::move(then)](const auto& failure) {
            if (failure) emit failed(failure->message);
            then(std::move(*found));
            if (isSaved()) emit saved();
        });
}

void ShotLog::copyTo(const QString& path, std::function<void(const QString&)> then) {
    if (!thread_) return;
    thread_->run(
        LogbookThread::Turn::Edit,
        [target = std::filesystem::path(path.toStdString())](store::Logbook& book) {
            store::requireTarget(target);
            book.backUp(target);
        },
        [this, path, then = std::move(then)](const auto& failure) {
            if (failure) return then(failure->message);
            if (records_->attachments.empty()) return then({});
            // They may be large: not in the thread in which live shots wait.
            afterCopying_ = then;
            copier_.ask({path_, path, records_->attachments});
        });
}

}  // namespace wedgeon
