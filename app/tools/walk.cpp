// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// wedgeon-walk SHOTS FOLDER: every view and the dialogs as pictures, in a language, theme, size and
// units of choice, to be looked at before a change goes in.
#include <QApplication>
#include <QCommandLineParser>
#include <QDir>
#include <QFileInfo>
#include <QSettings>
#include <QTemporaryDir>
#include <QTest>
#include <cstdio>

#include "own_user.h"
#include "program.h"
#include "style/style.h"
#include "text/language.h"
#include "widgets/guide_window.h"
#include "widgets/preferences_dialog.h"
#include "widgets/save_view_dialog.h"
#include "work/trouble.h"

int main(int argc, char** argv) {
    if (qEnvironmentVariableIsEmpty("QT_QPA_PLATFORM")) qputenv("QT_QPA_PLATFORM", "offscreen");
    const wedgeon::test::OwnUser user;
    wedgeon::Application app(argc, argv);
    QApplication::setApplicationName(QStringLiteral("wedgeon-walk"));
    QApplication::setOrganizationName(QStringLiteral("wedgeon-walk"));
    QCommandLineParser parser;
    parser.addHelpOption();
    const QCommandLineOption language(QStringLiteral("language"), QStringLiteral("such as de"),
                                      QStringLiteral("code"), QStringLiteral("en"));
    const QCommandLineOption theme(QStringLiteral("theme"),
                                   QStringLiteral("0 light, 1 dark, 2 and 3 with high contrast"),
                                   QStringLiteral("number"), QStringLiteral("0"));
    const QCommandLineOption size(QStringLiteral("size"), QStringLiteral("such as 1024x640"),
                                  QStringLiteral("size"), QStringLiteral("1280x800"));
    const QCommandLineOption yards(QStringLiteral("yards"), QStringLiteral("yards"));
    const QCommandLineOption player(QStringLiteral("player"), QStringLiteral("who plays"),
                                    QStringLiteral("name"), QStringLiteral("Runa Vale"));
    parser.addOptions({language, theme, size, yards, player});
    parser.process(app);
    const QStringList given = parser.positionalArguments();
    if (given.size() != 2) parser.showHelp(2);

    wedgeon::text::chooseLanguage(QLocale(parser.value(language)));
    wedgeon::style::apply(app, wedgeon::style::Theme::Light);
    QSettings().setValue(QStringLiteral("bench/player"), parser.value(player));
    const QTemporaryDir own;
    wedgeon::test::Program window(own.filePath(QStringLiteral("walk.wedgeon")));
    wedgeon::PreferenceValues values = window.desk.preferences().values();
    values.theme = static_cast<wedgeon::style::Theme>(parser.value(theme).toInt());
    if (parser.isSet(yards)) values.lengths = wedgeon::UnitSystem::Yards;
    window.desk.preferences().change(QStringLiteral("walk"), values);
    const QStringList wide = parser.value(size).split(QLatin1Char('x'));
    window.resize(wide.value(0).toInt(), wide.value(1).toInt());
    window.show();
    const auto settle = [&] {
        QTest::qWait(250);
        return QTest::qWaitFor([&] { return window.isSettled(); }, 20'000);
    };
    bool good = settle();
    window.openFile(given[0]);
    good = settle() && good;
    const QDir folder(given[1]);
    const auto save = [&](QWidget& widget, const QString& name) {
        QCoreApplication::sendPostedEvents(nullptr, QEvent::LayoutRequest);
        good = widget.grab().save(folder.filePath(name + QStringLiteral(".png"))) && good;
    };
    for (const char* key : {"read", "ladder", "shape", "watch", "explain", "train", "tune"}) {
        window.showView(QLatin1String(key));
        good = settle() && good;
        QTest::qWait(qstrcmp(key, "read") == 0 ? 2500 : 300);
        save(window, QLatin1String(key));
    }
    window.showPreferences({});
    save(*window.findChild<wedgeon::PreferencesDialog*>(), QStringLiteral("preferences"));
    wedgeon::GuideWindow guide(window.desk.bench().units());
    guide.show();
    guide.showQuantity(QStringLiteral("spin_loft"));
    save(guide, QStringLiteral("guide"));
    window.showView(QStringLiteral("shape"));
    wedgeon::SaveViewDialog paper(*window.shownView(), QStringLiteral("Wedgeon"),
                                  wedgeon::SaveViewDialog::As::Pdf);
    paper.show();
    QTest::qWait(300);
    save(paper, QStringLiteral("paper"));
    if (!good) std::fprintf(stderr, "wedgeon-walk: not all of it could be shown or written\n");
    return good ? 0 : 1;
}
