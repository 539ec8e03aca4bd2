// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Writing a note in a program that is about to end, with what is allowed there.
#include "trouble/crash_note.h"

#include <execinfo.h>
#include <fcntl.h>
#include <unistd.h>

#include <QCoreApplication>
#include <QDir>
#include <QFile>
#include <QFileInfo>
#include <array>
#include <csignal>
#include <cstring>
#include <ctime>

#include "trouble/program_log.h"

namespace wedgeon::trouble {
namespace {

constexpr int mostCalls = 48;
constexpr qint64 mostNoteBytes = 64 * qint64{1024};
constexpr int mostNotes = 10;
constexpr std::array fatalSignals{SIGSEGV, SIGBUS, SIGILL, SIGFPE, SIGABRT};

// Written before anything happens: in the handler nothing may be allocated.
std::array<char, 1024> notePath{};
std::array<char, 128> noteHead{};
alignas(16) std::array<char, std::size_t{64} * 1024> stackOfItsOwn{};
volatile sig_atomic_t writing = 0;

void writeText(int file, const char* text) {
    const auto done = ::write(file, text, std::strlen(text));
    (void)done;
}

/// Without the library's own, which may allocate.
void writeNumber(int file, long long number) {
    std::array<char, 24> digits{};
    std::size_t at = digits.size() - 1;
    do {
        digits[--at] = static_cast<char>('0' + number % 10);
        number /= 10;
    } while (number > 0);
    writeText(file, &digits[at]);
}

const char* nameOf(int signal) {
    switch (signal) {
        case SIGSEGV:
            return "SIGSEGV (memory that is not there)";
        case SIGBUS:
            return "SIGBUS (a file or memory that went away)";
        case SIGILL:
            return "SIGILL (an instruction that this processor does not know)";
        case SIGFPE:
            return "SIGFPE (arithmetic)";
        case SIGABRT:
            return "SIGABRT (ended by itself)";
        default:
            return "another signal";
    }
}

void leaveNote(int signal) {
    if (!writing) {
        writing = 1;
        const int file = ::open(notePath.data(), O_WRONLY | O_CREAT | O_EXCL | O_CLOEXEC, 0600);
        if (file >= 0) {
            writeText(file, noteHead.data());
            writeText(file, "signal: ");
            writeText(file, nameOf(signal));
            writeText(file, "\nseconds since 1970: ");
            writeNumber(file, static_cast<long long>(::time(nullptr)));
            writeText(file, "\ncalls, the newest first:\n");
            std::array<void*, mostCalls> calls{};
            const int count = ::backtrace(calls.data(), mostCalls);
            ::backtrace_symbols_fd(calls.data(), count, file);
            ::close(file);
        }
    }
    // Reset when it was caught: it ends the program now as it would have.
    ::raise(signal);
}

QDir noteFolder() {
    return QDir(folder());
}

QFileInfoList noteFiles() {
    return noteFolder().entryInfoList({QStringLiteral("crash-*.txt")}, QDir::Files, QDir::Time);
}

}  // namespace

void leaveNotesOfCrashes() {
    QDir().mkpath(folder());
    const QByteArray path =
        QFile::encodeName(noteFolder().filePath(QStringLiteral("crash-%1-%2.txt")
                                                    .arg(QDateTime::currentMSecsSinceEpoch())
                                                    .arg(QCoreApplication::applicationPid())));
    if (path.size() >= static_cast<qsizetype>(notePath.size())) return;
    std::memcpy(notePath.data(), path.constData(), static_cast<std::size_t>(path.size()) + 1);
    qstrncpy(noteHead.data(), "Wedgeon " WEDGEON_VERSION "\n", noteHead.size());
    // The first call loads a library, which the handler must not.
    std::array<void*, 2> once{};
    ::backtrace(once.data(), static_cast<int>(once.size()));

    stack_t own{};
    own.ss_sp = stackOfItsOwn.data();
    own.ss_size = stackOfItsOwn.size();
    ::sigaltstack(&own, nullptr);
    struct sigaction action {};
    action.sa_handler = leaveNote;
    action.sa_flags = SA_ONSTACK | static_cast<int>(SA_RESETHAND) | SA_NODEFER;
    sigemptyset(&action.sa_mask);
    for (const int signal : fatalSignals)
        ::sigaction(signal, &action, nullptr);
}

QVector<CrashNote> crashNotes() {
    QVector<CrashNote> out;
    const QFileInfoList files = noteFiles();
    for (const QFileInfo& info : files) {
        QFile file(info.filePath());
        if (out.size() >= mostNotes || !file.open(QIODevice::ReadOnly)) continue;
        out.append(
            {info.filePath(), info.lastModified(), QString::fromUtf8(file.read(mostNoteBytes))});
    }
    return out;
}

void removeCrashNotes() {
    const QFileInfoList files = noteFiles();
    for (const QFileInfo& info : files)
        QFile::remove(info.filePath());
}

}  // namespace wedgeon::trouble
