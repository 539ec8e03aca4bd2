// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// wedgeon [FILE]: the window, with a logbook, a file of shots or a launch monitor if one is named.
#include <sys/signalfd.h>
#include <unistd.h>

#include <QApplication>
#include <QCommandLineParser>
#include <QProcess>
#include <QSettings>
#include <QSocketNotifier>
#include <algorithm>
#include <csignal>
#include <cstdio>
#include <cstring>
#include <span>

#include "desk/preferences.h"
#include "main_window.h"
#include "shell.h"
#include "style/style.h"
#include "text/language.h"
#include "trouble/crash_note.h"
#include "trouble/diagnosis.h"
#include "trouble/program_log.h"
#include "wedgeon/store/files.h"
#include "work/memory.h"

namespace {

/// Asked to end, by the session or a terminal, the window closes as if by hand: what is shown is
/// written first. To be blocked before there are threads.
int blockEndings() {
    sigset_t endings;
    sigemptyset(&endings);
    for (const int signal : {SIGTERM, SIGINT, SIGHUP})
        sigaddset(&endings, signal);
    pthread_sigmask(SIG_BLOCK, &endings, nullptr);
    return signalfd(-1, &endings, SFD_CLOEXEC | SFD_NONBLOCK);
}

bool isGiven(std::span<char*> arguments, const char* option) {
    return std::any_of(arguments.begin(), arguments.end(),
                       [&](const char* a) { return std::strcmp(a, option) == 0; });
}

/// The settings of a program of its own: made-up shots never mix with anybody's.
QString nameOf(bool demo) {
    return demo ? QStringLiteral("wedgeon-demo") : QStringLiteral("wedgeon");
}

/// How large text and drawings are is known to the toolkit before there is an application.
void scaleEverything(bool demo) {
    const QSettings settings(QStringLiteral("wedgeon"), nameOf(demo));
    const int pct =
        std::clamp(settings.value(wedgeon::Preferences::textSizeKey(), 100).toInt(),
                   wedgeon::Preferences::leastTextSize_pct, wedgeon::Preferences::mostTextSize_pct);
    wedgeon::style::setStartedSize_pct(pct);
    if (pct == 100) return;
    bool given = false;
    const double own = qEnvironmentVariable("QT_SCALE_FACTOR").toDouble(&given);
    qputenv("QT_SCALE_FACTOR", QByteArray::number((given ? own : 1.0) * pct / 100.0));
}

}  // namespace

int main(int argc, char** argv) {
    wedgeon::keepMemoryTogether();
    const int endings = blockEndings();
    wedgeon::store::takeFileErrorsAsErrors();
    const std::span given(argv, static_cast<std::size_t>(argc));
    const bool isDemo = isGiven(given, "--demo");
    // To be asked where there is no screen, too.
    if (isGiven(given, "--diagnose") && !qEnvironmentVariableIsSet("DISPLAY") &&
        !qEnvironmentVariableIsSet("WAYLAND_DISPLAY") &&
        !qEnvironmentVariableIsSet("QT_QPA_PLATFORM"))
        qputenv("QT_QPA_PLATFORM", "offscreen");
    const QByteArray scaleBefore = qgetenv("QT_SCALE_FACTOR");
    scaleEverything(isDemo);
    wedgeon::Application app(argc, argv);
    QApplication::setApplicationName(nameOf(isDemo));
    QApplication::setOrganizationName(QStringLiteral("wedgeon"));
    QApplication::setApplicationVersion(QStringLiteral(WEDGEON_VERSION));
    QGuiApplication::setDesktopFileName(QStringLiteral("org.wedgeon.Wedgeon"));
    wedgeon::text::chooseLanguage(wedgeon::PreferenceValues::kept().language);

    QCommandLineParser parser;
    parser.setApplicationDescription(
        QApplication::translate("main", "Models wedge shots from set-up to rest."));
    parser.addHelpOption();
    parser.addVersionOption();
    parser.addPositionalArgument(
        QStringLiteral("file"),
        QApplication::translate("main", "A logbook, or a file of shots, recipes or a drill"));
    const QCommandLineOption logbook(
        QStringLiteral("logbook"),
        QApplication::translate("main", "The logbook to use instead of the ordinary one"),
        QStringLiteral("file"));
    const QCommandLineOption listen(
        QStringLiteral("listen"),
        QApplication::translate("main", "Listen to the launch monitor on this port at once"),
        QStringLiteral("port"));
    const QCommandLineOption demo(
        QStringLiteral("demo"),
        QApplication::translate("main", "Made-up players and shots, in a logbook of their own"));
    const QCommandLineOption diagnose(
        QStringLiteral("diagnose"),
        QApplication::translate("main", "Print what somebody who helps needs to know, and end"));
    parser.addOptions({logbook, listen, demo, diagnose});
    parser.process(app);

    // A logbook that is clicked is the one to use; everything else comes into it.
    QString book = parser.value(logbook);
    QStringList files = parser.positionalArguments();
    if (book.isEmpty() && !files.isEmpty() && wedgeon::MainWindow::isLogbook(files.front()))
        book = files.takeFirst();
    quint16 port = 0;
    if (parser.isSet(listen)) {
        bool good = false;
        port = parser.value(listen).toUShort(&good);
        if (!good || port == 0) {
            std::fprintf(stderr, "wedgeon: --listen needs a port from 1 to 65535, not \"%s\"\n",
                         qPrintable(parser.value(listen)));
            return 2;
        }
    }
    wedgeon::style::apply(app, wedgeon::style::Theme::Light);
    if (parser.isSet(diagnose)) {
        const QString said =
            wedgeon::trouble::diagnosis(book.isEmpty() ? wedgeon::ShotLog::ordinaryPath() : book);
        std::fputs(said.toUtf8().constData(), stdout);
        return 0;
    }
    wedgeon::trouble::beginLog();
    wedgeon::trouble::leaveNotesOfCrashes();
    wedgeon::trouble::note(QStringLiteral("start of " WEDGEON_VERSION));

    wedgeon::Shell shell(book);
    shell.window().show();
    QSocketNotifier ends(endings, QSocketNotifier::Read);
    QObject::connect(&ends, &QSocketNotifier::activated, &shell, [endings, &shell] {
        signalfd_siginfo which{};
        while (read(endings, &which, sizeof which) > 0) {
        }
        shell.window().close();
    });
    if (port != 0) shell.window().listenTo(port);
    if (!files.isEmpty())
        shell.window().openFile(files.front());
    else if (parser.isSet(demo) && book.isEmpty())
        shell.window().openDemo();
    shell.window().tellOfCrash();
    const int result = QApplication::exec();
    wedgeon::trouble::note(QStringLiteral("end"));
    if (shell.startsAnew()) {
        if (scaleBefore.isEmpty()) {
            qunsetenv("QT_SCALE_FACTOR");
        } else {
            qputenv("QT_SCALE_FACTOR", scaleBefore);
        }
        // With the same logbook; what was read in and listened to is done.
        QStringList again;
        if (isDemo) again << QStringLiteral("--demo");
        if (!book.isEmpty()) again << QStringLiteral("--logbook") << book;
        QProcess::startDetached(QApplication::applicationFilePath(), again);
    }
    return result;
}
