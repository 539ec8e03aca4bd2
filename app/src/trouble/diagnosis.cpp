// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Collecting it.
#include "trouble/diagnosis.h"

#include <QDir>
#include <QFileInfo>
#include <QFontInfo>
#include <QGuiApplication>
#include <QLocale>
#include <QScreen>
#include <QSettings>
#include <QStorageInfo>
#include <QSysInfo>
#include <array>
#include <thread>

#include "desk/preferences.h"
#include "style/style.h"
#include "trouble/crash_note.h"
#include "trouble/program_log.h"
#include "wedgeon/store/error.h"
#include "wedgeon/store/logbook.h"

namespace wedgeon::trouble {
namespace {

constexpr int loggedLines = 40;

/// Settings whose values are the program's own words.
constexpr std::array shownSettings{"language", "units/lengths", "units/speeds",
                                   "theme",    "textSize_pct",  "view"};

void addLogbook(QStringList& lines, const QString& path) {
    const QFileInfo file(path);
    if (!file.exists()) {
        lines << QStringLiteral("logbook: none yet");
        return;
    }
    const auto sizeOf = [&](const char* ending) {
        return QFileInfo(path + QLatin1String(ending)).size();
    };
    lines << QStringLiteral("logbook: %1 bytes, %2 in its write-ahead log, %3, folder %4")
                 .arg(file.size())
                 .arg(sizeOf("-wal"))
                 .arg(file.isWritable() ? QStringLiteral("writable") : QStringLiteral("read-only"),
                      QFileInfo(file.absolutePath()).isWritable() ? QStringLiteral("writable")
                                                                  : QStringLiteral("read-only"));
    try {
        const store::Logbook book(path.toStdString(), store::Logbook::Access::ReadOnly);
        const store::LogbookSummary s = book.summary();
        lines << QStringLiteral("holds: %1 shots, %2 sessions, %3 players; schema %4")
                     .arg(s.shots)
                     .arg(s.sessions)
                     .arg(s.players)
                     .arg(store::Logbook::schemaVersion);
    } catch (const store::StoreError& e) {
        lines << QStringLiteral("it cannot be read: fault %1").arg(static_cast<int>(e.fault()));
    }
    const auto backups =
        store::Logbook::backups(path.toStdString(), PreferenceValues::kept().backupPlan());
    lines << QStringLiteral("backups: %1, the newest of %2")
                 .arg(backups.size())
                 .arg(backups.empty() ? QStringLiteral("-")
                                      : QString::fromStdString(backups.front().day));
    const QStorageInfo disk(file.absolutePath());
    lines << QStringLiteral("disk: %1 MB free of %2, %3")
                 .arg(disk.bytesAvailable() / 1'000'000)
                 .arg(disk.bytesTotal() / 1'000'000)
                 .arg(QString::fromLatin1(disk.fileSystemType()));
}

}  // namespace

QString diagnosis(const QString& logbook) {
    QStringList lines;
    lines << QStringLiteral("Wedgeon %1, %2")
                 .arg(QStringLiteral(WEDGEON_VERSION), QCoreApplication::applicationName())
          << QStringLiteral("Qt %1, built with %2")
                 .arg(QLatin1String(qVersion()), QStringLiteral(QT_VERSION_STR))
          << QStringLiteral("system: %1, %2 %3, %4, %5 processors")
                 .arg(QSysInfo::prettyProductName(), QSysInfo::kernelType(),
                      QSysInfo::kernelVersion(), QSysInfo::currentCpuArchitecture())
                 .arg(std::thread::hardware_concurrency());
#if defined(__x86_64__)
    lines << QStringLiteral("vectors: %1")
                 .arg(__builtin_cpu_supports("avx512f") ? QStringLiteral("AVX-512")
                      : __builtin_cpu_supports("avx2")  ? QStringLiteral("AVX2")
                                                        : QStringLiteral("plain"));
#endif
    lines << QStringLiteral("desktop: %1, session %2, platform %3")
                 .arg(qEnvironmentVariable("XDG_CURRENT_DESKTOP", QStringLiteral("-")),
                      qEnvironmentVariable("XDG_SESSION_TYPE", QStringLiteral("-")),
                      QGuiApplication::platformName());
    const auto screens = QGuiApplication::screens();
    for (const QScreen* screen : screens) {
        lines << QStringLiteral("screen: %1×%2 at %3, %4 dots per inch")
                     .arg(screen->size().width())
                     .arg(screen->size().height())
                     .arg(screen->devicePixelRatio())
                     .arg(screen->logicalDotsPerInch());
    }
    lines << QStringLiteral("font: %1").arg(QFontInfo(style::font(14)).family())
          << QStringLiteral("language: desktop %1, shown %2")
                 .arg(QLocale::system().name(), QLocale().name());
    const QSettings settings;
    QStringList kept;
    for (const char* key : shownSettings) {
        const QVariant value = settings.value(QLatin1String(key));
        if (value.isValid())
            kept << QLatin1String(key) + QLatin1Char('=') + withoutNames(value.toString());
    }
    lines << QStringLiteral("settings: %1")
                 .arg(kept.isEmpty() ? QStringLiteral("as they come")
                                     : kept.join(QStringLiteral(", ")));
    addLogbook(lines, logbook);
    const auto crashes = crashNotes();
    lines << QStringLiteral("crashes noted: %1").arg(crashes.size());
    for (const CrashNote& note : crashes)
        lines << note.text.trimmed().split(QLatin1Char('\n'));
    lines << QStringLiteral("log:") << lastLines(loggedLines);
    return lines.join(QLatin1Char('\n')) + QLatin1Char('\n');
}

}  // namespace wedgeon::trouble
