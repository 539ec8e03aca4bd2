// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Opening, loading and changing.
#include "model/shot_log.h"

#include <QDateTime>
#include <QDir>
#include <QFileInfo>
#include <QStandardPaths>
#include <QTemporaryDir>
#include <algorithm>
#include <functional>
#include <utility>

#include "text/quantities.h"
#include "wedgeon/store/error.h"

namespace wedgeon {
namespace {

/// More than this is not shown at once; the logbook keeps all.
constexpr std::size_t mostShown = 200'000;
/// Imports up to this size can be redone after an undo.
constexpr std::size_t mostRedone = 200'000;

QString messageOf(const store::StoreError& e) {
    return QString::fromUtf8(e.what());
}

}  // namespace

/// A change of the logbook with the way back.
class LogCommand : public QUndoCommand {
public:
    using Act = std::function<void()>;
    /// \p done: the change is in the logbook already when the step is pushed.
    LogCommand(ShotLog& log, const QString& what, Act redo, Act undo, bool done)
        : QUndoCommand(what),
          log_(log),
          redo_(std::move(redo)),
          undo_(std::move(undo)),
          done_(done) {}
    void redo() override {
        if (done_) {
            done_ = false;
        } else if (!log_.tried(redo_)) {
            setObsolete(true);
        }
    }
    void undo() override {
        if (!log_.tried(undo_)) setObsolete(true);
    }

private:
    ShotLog& log_;
    Act redo_, undo_;
    bool done_;
};

template <class Change>
bool ShotLog::tried(const Change& change) {
    try {
        change();
        return true;
    } catch (const store::StoreError& e) {
        emit failed(messageOf(e));
        return false;
    }
}

QString ShotLog::ordinaryPath() {
    const QDir folder(QStandardPaths::writableLocation(QStandardPaths::AppDataLocation));
    return folder.filePath(QStringLiteral("logbook.wedgeon"));
}

ShotLog::ShotLog(const QString& path, QUndoStack& undo, QObject* parent)
    : QObject(parent),
      undo_(undo),
      wantedPath_(path),
      loader_(this, &ShotLog::read, [this](const Loaded& l) {
          if (!l.error.isEmpty()) {
              emit failed(l.error);
              return;
          }
          shown_ = l.session;
          emit loaded(l.shots, l.session, l.title);
      }) {
    QDir().mkpath(QFileInfo(path).absolutePath());
    try {
        book_.emplace(path.toStdString());
        dataVersion_ = book_->dataVersion();
        if (book_->shotCount() > 0)
            book_->backUpOnce(QDateTime::currentDateTime().toString(Qt::ISODate).toStdString());
        return;
    } catch (const store::StoreError& e) {
        error_ = messageOf(e);
    }
    if (book_) return;  // open, but the backup failed: said, and no reason to stop
    QTemporaryDir folder;
    folder.setAutoRemove(false);
    book_.emplace(folder.filePath(QStringLiteral("this-window.wedgeon")).toStdString());
}

ShotLog::~ShotLog() = default;

std::optional<QString> ShotLog::goodBackup() const {
    const auto good = store::Logbook::findGoodBackup(wantedPath_.toStdString());
    return good ? std::optional(QString::fromStdString(good->string())) : std::nullopt;
}

QString ShotLog::path() const {
    return QString::fromStdString(book_->path().string());
}

std::vector<store::Session> ShotLog::sessions() const {
    try {
        return book_->sessions();
    } catch (const store::StoreError&) {
        return {};  // the next change says what is wrong
    }
}

ShotLog::Loaded ShotLog::read(const Wanted& wanted) {
    Loaded out;
    out.session = wanted.session;
    try {
        const store::Logbook book(wanted.path.toStdString(), store::Logbook::Access::ReadOnly);
        for (const store::Session& s : book.sessions()) {
            if (s.id == wanted.session) out.title = text::fromUtf8(s.title);
        }
        if (wanted.session == 0) out.title = tr("the logbook");
        out.shots = std::make_shared<const ShotList>(book.shots(wanted.session, mostShown));
    } catch (const store::StoreError& e) {
        out.error = messageOf(e);
    }
    return out;
}

void ShotLog::load(std::int64_t session) {
    loader_.ask({path(), session});
}

void ShotLog::imported(const store::AddedShots& added, const QString& file, std::int64_t session,
                       const std::shared_ptr<const ShotList>& shots) {
    const auto former = shown_;
    shown_ = session;
    emit sessionsChanged();
    if (added.added == 0 || shots->size() > mostRedone) return;
    auto source = std::make_shared<std::int64_t>(added.source);
    const std::string name = file.toStdString();
    undo_.push(new LogCommand(
        *this, tr("open %1").arg(file),
        [this, shots, name, source] {
            std::vector<store::ShotRecord> records;
            for (const store::LoggedShot& s : *shots)
                records.push_back(s.record);
            const std::string time =
                QDateTime::currentDateTimeUtc().toString(Qt::ISODate).toStdString();
            *source =
                book_->addShots({store::ShotSource::Kind::File, name, name, time}, records).source;
            emit sessionsChanged();
            for (const store::Session& s : sessions()) {
                if (s.title == name) load(s.id);
            }
        },
        [this, source, former] {
            book_->removeSource(*source);
            emit sessionsChanged();
            load(former);
        },
        true));
}

void ShotLog::pushChange(const QString& what, const store::LoggedShot& before,
                         const store::LoggedShot& after, const Write& write) {
    undo_.push(new LogCommand(
        *this, what,
        [=, this] {
            write(*book_, before, after);
            emit shotChanged(after);
        },
        [=, this] {
            write(*book_, after, before);
            emit shotChanged(before);
        },
        false));
}

void ShotLog::setAside(const store::LoggedShot& shot, const QString& reason) {
    store::LoggedShot after = shot;
    after.setAside = reason.toStdString();
    pushChange(reason.isEmpty() ? tr("count the shot again") : tr("set the shot aside"), shot,
               after, [](store::Logbook& book, const auto& from, const auto& to) {
                   book.setAside(to.id, to.setAside, from.setAside);
               });
}

void ShotLog::setLabel(const store::LoggedShot& shot, store::Label label, const QString& text) {
    store::LoggedShot after = shot;
    after.record[label] = text.toStdString();
    if (after.record[label] == shot.record[label]) return;
    const QString name = label != store::Label::Recipe
                             ? tr("change %1 of the shot").arg(text::nameOf(label).toLower())
                         : text.isEmpty() ? tr("take the set-up off the shot")
                                          : tr("declare the set-up");
    pushChange(name, shot, after, [label](store::Logbook& book, const auto& from, const auto& to) {
        book.setLabel(to.id, label, to.record[label], from.record[label]);
    });
}

void ShotLog::setPaced(const store::LoggedShot& shot, std::optional<double> run_m) {
    if (run_m == shot.paced_m) return;
    pushChange(tr("pace the run"), shot, store::withPaced(shot, run_m),
               [](store::Logbook& book, const auto& from, const auto& to) {
                   book.setPaced(to.id, to.paced_m, from.paced_m);
               });
}

void ShotLog::dismiss(const store::LoggedShot& shot, const std::string& doubt) {
    store::LoggedShot after = shot;
    after.dismissed.push_back(doubt);
    pushChange(tr("dismiss the doubt"), shot, after,
               [doubt](store::Logbook& book, const auto&, const auto& to) {
                   const bool dismissed = std::find(to.dismissed.begin(), to.dismissed.end(),
                                                    doubt) != to.dismissed.end();
                   book.dismissDoubt(to.id, doubt, dismissed);
               });
}

bool ShotLog::changedElsewhere() {
    try {
        const auto now = book_->dataVersion();
        return std::exchange(dataVersion_, now) != now;
    } catch (const store::StoreError&) {
        return false;  // the next change says what is wrong
    }
}

bool ShotLog::addLive(const store::ShotSource& source, const std::string& deviceShot,
                      const store::ShotRecord& shot, std::optional<store::LoggedShot>& added) {
    return tried([&] { added = book_->addLiveShot(source, deviceShot, shot); });
}

void ShotLog::setShown(std::int64_t session) {
    shown_ = session;
    emit sessionsChanged();
}

}  // namespace wedgeon
