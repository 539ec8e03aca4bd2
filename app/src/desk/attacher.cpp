// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Judging by content, hashing, copying.
#include "desk/attacher.h"

#include <unistd.h>

#include <QCryptographicHash>
#include <QDesktopServices>
#include <QDir>
#include <QFileInfo>
#include <QMimeDatabase>
#include <QTemporaryFile>
#include <QUrl>
#include <cstdio>

#include "text/units.h"

namespace wedgeon {
namespace {

constexpr qint64 MB = 1'000'000;
constexpr qint64 part_bytes = 1 << 20;

bool isPictureOrClip(const QMimeType& type) {
    // A drawing made of text could refer to files and programs.
    return (type.name().startsWith(QStringLiteral("image/")) &&
            !type.inherits(QStringLiteral("text/plain"))) ||
           type.name().startsWith(QStringLiteral("video/"));
}

QString size(qint64 bytes) {
    return bytes < 1000 * MB ? text::withUnit(text::number(static_cast<double>(bytes) / 1e6, 0),
                                              QStringLiteral("MB"))
                             : text::withUnit(text::number(static_cast<double>(bytes) / 1e9, 1),
                                              QStringLiteral("GB"));
}

QString folderOf(const QString& logbook) {
    return QString::fromStdString(store::attachmentFolder(logbook.toStdString()).string());
}

/// Moves what was written to \p arriving, which it no longer removes, to the name of its content.
bool settle(QTemporaryFile& arriving, const QString& target) {
    if (!arriving.flush() || ::fsync(arriving.handle()) != 0) return false;
    arriving.setPermissions(QFile::ReadOwner | QFile::WriteOwner | QFile::ReadGroup |
                            QFile::ReadOther);
    // The system's rename takes the place of one that is there: it has the same content, and the
    // time of the new one, so that it does not count as old.
    const QString from = arriving.fileName();
    arriving.close();
    if (std::rename(QFile::encodeName(from).constData(), QFile::encodeName(target).constData()) !=
        0)
        return false;
    arriving.setAutoRemove(false);
    return true;
}

}  // namespace

Attacher::Attacher(ShotLog& log, const Preferences& preferences, QObject* parent)
    : QObject(parent),
      log_(log),
      preferences_(preferences),
      worker_(
          &Attacher::copyAll,
          [this](const Answer& answer) {
              working_ = false;
              log_.attach(answer.copied);
              emit finished(static_cast<int>(answer.copied.size()), answer.subject, answer.refused,
                            answer.tooLarge);
              next();
          },
          [this](const QString& why) {
              working_ = false;
              emit finished(0, {}, {why}, {});
              next();
          },
          [this](double share) { emit progress(name_, share); }) {
    // Those for another logbook are not for this one.
    connect(&log_, &ShotLog::closing, this, [this] {
        waiting_.clear();
        worker_.forget();
        working_ = false;
    });
}

bool Attacher::looksLikeOne(const QString& path) {
    return isPictureOrClip(QMimeDatabase().mimeTypeForFile(path, QMimeDatabase::MatchExtension));
}

void Attacher::attach(const Subject& subject, const QStringList& paths) {
    if (!paths.isEmpty()) ask({subject, paths, {}, {}, {}, 0});
}

void Attacher::attachPicture(const Subject& subject, const QImage& picture) {
    ask({subject, {}, picture, {}, {}, 0});
}

void Attacher::ask(Request request) {
    request.folder = folderOf(log_.path());
    request.time = QString::fromStdString(log_.clock().utc());
    request.most_bytes = most_MB() * MB;
    waiting_.push_back(std::move(request));
    if (!working_) next();
}

void Attacher::next() {
    if (waiting_.empty()) return;
    working_ = true;
    Request request = std::move(waiting_.front());
    waiting_.pop_front();
    name_ =
        request.paths.isEmpty() ? tr("the picture") : QFileInfo(request.paths.front()).fileName();
    emit progress(name_, 0.0);
    worker_.ask(std::move(request));
}

void Attacher::cancel() {
    waiting_.clear();
    worker_.stop();
}

Attacher::Answer Attacher::copyAll(const Request& request, const Task& task) {
    Answer out;
    out.subject = request.subject;
    if (!QDir().mkpath(request.folder)) {
        out.refused
            << tr("The folder %1 cannot be made.").arg(QFileInfo(request.folder).fileName());
        return out;
    }
    if (!request.picture.isNull()) {
        // On its way like any other file.
        QTemporaryFile file(QDir::tempPath() + QStringLiteral("/XXXXXX.png"));
        if (file.open() && request.picture.save(&file, "PNG") && file.flush()) {
            copyOne(request, file.fileName(), 0.0, task, out);
            if (!out.copied.empty()) out.copied.front().name = tr("Picture.png").toStdString();
        } else {
            out.refused << tr("The picture could not be written: %1").arg(file.errorString());
        }
        return out;
    }
    for (qsizetype i = 0; i < request.paths.size() && !task.stop.stop_requested(); ++i)
        copyOne(request, request.paths[i], static_cast<double>(i), task, out);
    return out;
}

void Attacher::copyOne(const Request& request, const QString& path, double before, const Task& task,
                       Answer& out) {
    const QString name = QFileInfo(path).fileName();
    const auto refuse = [&](const QString& why) { out.refused << tr("%1: %2").arg(name, why); };
    QFile in(path);
    if (!QFileInfo(path).isFile()) return refuse(tr("this is no file"));
    if (!in.open(QIODevice::ReadOnly)) return refuse(in.errorString());
    const qint64 all = in.size();
    if (all > request.most_bytes) {
        out.tooLarge << path;
        return refuse(tr("%1, and up to %2 are copied beside the logbook")
                          .arg(size(all), size(request.most_bytes)));
    }
    const QMimeType type = QMimeDatabase().mimeTypeForFile(path, QMimeDatabase::MatchContent);
    if (!isPictureOrClip(type)) return refuse(tr("its content is neither a picture nor a clip"));
    QTemporaryFile arriving(
        request.folder + QLatin1Char('/') +
        QString::fromLatin1(store::arrivingPrefix.data(), store::arrivingPrefix.size()) +
        QStringLiteral("XXXXXX"));
    if (!arriving.open()) return refuse(arriving.errorString());
    QCryptographicHash hash(QCryptographicHash::Sha256);
    qint64 copied = 0;
    while (!in.atEnd()) {
        if (task.stop.stop_requested()) return;
        const QByteArray part = in.read(part_bytes);
        copied += part.size();
        if (part.isEmpty()) return refuse(in.errorString());
        if (copied > request.most_bytes) return refuse(tr("it grows while it is read"));
        hash.addData(part);
        if (arriving.write(part) != part.size()) return refuse(arriving.errorString());
        const double share =
            static_cast<double>(copied) / static_cast<double>(std::max(all, copied));
        task.progress((before + share) /
                      static_cast<double>(std::max<qsizetype>(1, request.paths.size())));
    }
    if (copied == 0) return refuse(tr("it is empty"));
    store::Attachment a;
    a.shot = request.subject.shot;
    a.recipe = request.subject.recipe;
    QString ending = type.preferredSuffix();
    if (ending.isEmpty()) ending = QStringLiteral("bin");
    a.content =
        (QString::fromLatin1(hash.result().toHex()) + QLatin1Char('.') + ending).toStdString();
    a.name = name.toStdString();
    a.bytes = copied;
    a.added = request.time.toStdString();
    if (!store::isContentName(a.content)) return refuse(tr("its kind is not known"));
    if (!settle(arriving, request.folder + QLatin1Char('/') + QString::fromStdString(a.content)))
        return refuse(tr("it could not be written beside the logbook"));
    out.copied.push_back(std::move(a));
}

QString Attacher::findFile(const store::Attachment& attachment) const {
    if (!store::isContentName(attachment.content)) return {};
    const QFileInfo file(QDir(folderOf(log_.path())), QString::fromStdString(attachment.content));
    return file.isFile() ? file.absoluteFilePath() : QString();
}

bool Attacher::open(const store::Attachment& attachment) const {
    const QString path = findFile(attachment);
    return !path.isEmpty() && QDesktopServices::openUrl(QUrl::fromLocalFile(path));
}

}  // namespace wedgeon
