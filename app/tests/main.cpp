// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// One main for every window test: offscreen unless told otherwise, settings apart from the user's.
#include <gtest/gtest.h>

#include <QApplication>

#include "own_user.h"
#include "style/style.h"
#include "text/language.h"
#include "work/trouble.h"

int main(int argc, char** argv) {
    testing::InitGoogleTest(&argc, argv);
    if (GTEST_FLAG_GET(list_tests)) return RUN_ALL_TESTS();
    if (qEnvironmentVariableIsEmpty("QT_QPA_PLATFORM")) qputenv("QT_QPA_PLATFORM", "offscreen");
    const wedgeon::test::OwnUser user;
    QApplication::setAttribute(Qt::AA_DontUseNativeDialogs);
    wedgeon::Application app(argc, argv);
    QApplication::setApplicationName(QStringLiteral("wedgeon-tests"));
    QApplication::setOrganizationName(QStringLiteral("wedgeon-tests"));
    wedgeon::text::chooseLanguage(QLocale::c());
    wedgeon::style::apply(app, wedgeon::style::Theme::Light);
    return RUN_ALL_TESTS();
}
