// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Opening, loading and changing.
#include "model/shot_log.h"

#include <QDateTime>
#include <QDir>
#include <QFileInfo>
#include <QStandardPaths>
#include <QTemporaryDir>
#include <functional>

#include "text/units.h"
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

void ShotLog::setAside(const store::LoggedShot& shot, const QString& reason) {
    const auto change = [this, shot](const std::string& from, const std::string& to) {
        book_->setAside(shot.id, to, from);
        store::LoggedShot now = shot;
        now.setAside = to;
        emit shotChanged(now);
    };
    const std::string before = shot.setAside;
    const std::string after = reason.toStdString();
    undo_.push(new LogCommand(
        *this, after.empty() ? tr("count the shot again") : tr("set the shot aside"),
        [=] { change(before, after); }, [=] { change(after, before); }, false));
}

void ShotLog::setTags(const store::LoggedShot& shot, const QString& tags) {
    const auto change = [this, shot](const std::string& from, const std::string& to) {
        book_->setLabel(shot.id, store::Label::Tags, to, from);
        store::LoggedShot now = shot;
        now.record[store::Label::Tags] = to;
        emit shotChanged(now);
    };
    const std::string before = shot.record[store::Label::Tags];
    const std::string after = tags.toStdString();
    if (before == after) return;
    undo_.push(new LogCommand(
        *this, tr("tag the shot"), [=] { change(before, after); }, [=] { change(after, before); },
        false));
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
