// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// wedgeon [FILE]: the window, with a file of shots if one is named.
#include <QApplication>
#include <QCommandLineParser>

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
    parser.process(app);

    wedgeon::style::apply(app, false);
    wedgeon::MainWindow window(parser.value(logbook));
    window.show();
    if (!parser.positionalArguments().isEmpty())
        window.openFile(parser.positionalArguments().first());
    return QApplication::exec();
}
