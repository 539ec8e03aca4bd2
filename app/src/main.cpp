// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// wedgeon [FILE]: the window, with a file of shots or a launch monitor if one is named.
#include <QApplication>
#include <QCommandLineParser>
#include <cstdio>

#include "main_window.h"
#include "style/style.h"

int main(int argc, char** argv) {
    QApplication app(argc, argv);
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
    parser.process(app);

    wedgeon::style::apply(app, false);
    wedgeon::MainWindow window(parser.value(logbook));
    window.show();
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
    return QApplication::exec();
}
