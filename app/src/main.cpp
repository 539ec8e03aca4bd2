// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// wedgeon [FILE]: the window, with a file of shots or a launch monitor if one is named.
#include <sys/signalfd.h>
#include <unistd.h>

#include <QApplication>
#include <QCommandLineParser>
#include <QSocketNotifier>
#include <csignal>
#include <cstdio>

#include "main_window.h"
#include "style/style.h"
#include "text/language.h"
#include "views/all_views.h"
#include "wedgeon/store/files.h"

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

}  // namespace

int main(int argc, char** argv) {
    const int endings = blockEndings();
    wedgeon::store::takeFileErrorsAsErrors();
    wedgeon::Application app(argc, argv);
    QApplication::setApplicationName(QStringLiteral("wedgeon"));
    QApplication::setOrganizationName(QStringLiteral("wedgeon"));
    QApplication::setApplicationVersion(QStringLiteral(WEDGEON_VERSION));
    QCommandLineParser parser;
    parser.setApplicationDescription(
        QApplication::translate("main", "Models wedge shots from set-up to rest."));
    parser.addHelpOption();
    parser.addVersionOption();
    parser.addPositionalArgument(QStringLiteral("file"),
                                 QApplication::translate("main", "A delimited file of shots"));
    const QCommandLineOption logbook(
        QStringLiteral("logbook"),
        QApplication::translate("main", "The logbook to use instead of the ordinary one"),
        QStringLiteral("file"));
    parser.addOption(logbook);
    const QCommandLineOption listen(
        QStringLiteral("listen"),
        QApplication::translate("main", "Listen to the launch monitor on this port at once"),
        QStringLiteral("port"));
    parser.addOption(listen);
    const QCommandLineOption demo(
        QStringLiteral("demo"),
        QApplication::translate("main", "Made-up players and shots, in a logbook of their own"));
    parser.addOption(demo);
    parser.process(app);
    // Settings and logbook of its own: made-up shots never mix with anybody's.
    if (parser.isSet(demo)) QApplication::setApplicationName(QStringLiteral("wedgeon-demo"));

    wedgeon::text::chooseLanguage(QLocale::system());
    wedgeon::style::apply(app, false);
    wedgeon::Desk desk(parser.value(logbook));
    wedgeon::MainWindow window(desk);
    wedgeon::addAllViews(window, desk);
    window.restore();
    window.show();
    QSocketNotifier ends(endings, QSocketNotifier::Read);
    QObject::connect(&ends, &QSocketNotifier::activated, &window, [endings, &window] {
        signalfd_siginfo which{};
        while (read(endings, &which, sizeof which) > 0) {
        }
        window.close();
    });
    if (parser.isSet(listen)) {
        bool good = false;
        const quint16 port = parser.value(listen).toUShort(&good);
        if (!good || port == 0) {
            std::fprintf(stderr, "wedgeon: --listen needs a port from 1 to 65535, not \"%s\"\n",
                         qPrintable(parser.value(listen)));
            return 2;
        }
        window.listenTo(port);
    }
    if (!parser.positionalArguments().isEmpty())
        window.openFile(parser.positionalArguments().first());
    else if (parser.isSet(demo))
        window.openDemo();
    return QApplication::exec();
}
