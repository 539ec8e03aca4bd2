// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Writing and reading the log.
#include "trouble/program_log.h"

#include <QDateTime>
#include <QDir>
#include <QFile>
#include <QFileInfo>
#include <QLockFile>
#include <QMutex>
#include <QRegularExpression>
#include <QStandardPaths>
#include <utility>

namespace wedgeon::trouble {
namespace {

constexpr qsizetype longestLine = 300;

QtMessageHandler& former() {
    static QtMessageHandler one = nullptr;
    return one;
}

const char* wordOf(QtMsgType type) {
    switch (type) {
        case QtDebugMsg:
            return "debug";
        case QtInfoMsg:
            return "info";
        case QtWarningMsg:
            return "warning";
        case QtCriticalMsg:
            return "critical";
        case QtFatalMsg:
            return "fatal";
    }
    return "message";
}

void hear(QtMsgType type, const QMessageLogContext& context, const QString& message) {
    // Writing it may make the toolkit speak again.
    static thread_local bool writing = false;
    if (type != QtDebugMsg && !std::exchange(writing, true)) {
        note(QLatin1String(wordOf(type)) + QLatin1Char(' ') +
             QLatin1String(context.category ? context.category : "") + QStringLiteral(": ") +
             withoutNames(message));
        writing = false;
    }
    if (former()) former()(type, context, message);
}

/// The full log becomes the one before it. Another program may be doing the same.
void turnOver(const QString& path) {
    QLockFile lock(path + QStringLiteral(".lock"));
    if (!lock.tryLock(0) || QFileInfo(path).size() < mostLogBytes) return;
    const QString before = path + QStringLiteral(".1");
    QFile::remove(before);
    QFile::rename(path, before);
}

}  // namespace

QString folder() {
    return QStandardPaths::writableLocation(QStandardPaths::CacheLocation);
}

QString logPath() {
    return folder() + QStringLiteral("/wedgeon.log");
}

void beginLog() {
    QDir().mkpath(folder());
    former() = qInstallMessageHandler(hear);
}

void note(const QString& event) {
    static QMutex mutex;
    const QMutexLocker alone(&mutex);
    const QString path = logPath();
    if (QFileInfo(path).size() >= mostLogBytes) turnOver(path);
    QFile file(path);
    if (!file.open(QIODevice::WriteOnly | QIODevice::Append | QIODevice::Unbuffered)) return;
    file.setPermissions(QFile::ReadOwner | QFile::WriteOwner);
    QString line = event.left(longestLine);
    line.replace(QLatin1Char('\n'), QLatin1Char(' '));
    // In one piece, so that lines of two programs do not mix.
    file.write(QDateTime::currentDateTimeUtc().toString(Qt::ISODate).toUtf8() + ' ' +
               line.toUtf8() + '\n');
}

QStringList lastLines(int most) {
    QStringList out;
    for (const QString& path : {logPath() + QStringLiteral(".1"), logPath()}) {
        QFile file(path);
        if (!file.open(QIODevice::ReadOnly)) continue;
        // Whatever stands there, no more than a log may have.
        const QByteArray all = file.read(2 * mostLogBytes);
        for (const QByteArray& line : all.split('\n')) {
            if (!line.isEmpty()) out << QString::fromUtf8(line);
        }
    }
    return out.mid(qMax<qsizetype>(0, out.size() - most));
}

QString withoutNames(const QString& message) {
    static const QRegularExpression quoted(
        QStringLiteral("\"[^\"]*\"?|'[^']*'|\u201c[^\u201d]*\u201d?"));
    static const QRegularExpression path(QStringLiteral("(?:file:)?[~.]{0,2}/[^\\s:,;]+"));
    QString out = message.left(4 * longestLine).simplified();
    out.replace(quoted, QStringLiteral("\"…\""));
    out.replace(path, QStringLiteral("…"));
    return out.left(longestLine);
}

}  // namespace wedgeon::trouble
