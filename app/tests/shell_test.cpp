// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// The language changes while the program runs: another window over the same desk, with everything
// as it was left.
#include "shell.h"

#include <QMenuBar>
#include <QSignalSpy>
#include <QTemporaryDir>
#include <QTest>

#include <gtest/gtest.h>

#include "main_window.h"
#include "text/language.h"
#include "views/view.h"
#include "widgets/preferences_dialog.h"

namespace wedgeon::test {
namespace {

class ShellTest : public testing::Test {
protected:
    void SetUp() override {
        QSettings().clear();
        QSettings().setValue(QStringLiteral("bench/player"), QStringLiteral("Runa Vale"));
        shell_ = std::make_unique<Shell>(folder_.filePath(QStringLiteral("test.wedgeon")));
        shell_->window().show();
        ASSERT_TRUE(QTest::qWaitFor([this] { return shell_->desk().isSettled(); }, 20000));
    }
    void TearDown() override {
        shell_.reset();
        text::chooseLanguage(QLocale::c());
    }
    void speak(const char* code) {
        PreferenceValues next = shell_->desk().preferences().values();
        next.language = QLatin1String(code);
        QSignalSpy made(shell_.get(), &Shell::windowMade);
        shell_->desk().preferences().change(QStringLiteral("language"), next);
        ASSERT_TRUE(made.wait(5000));
    }
    QStringList menus() {
        QStringList out;
        for (const QAction* a : shell_->window().menuBar()->actions())
            out << QString(a->text()).remove(QLatin1Char('&'));
        return out;
    }

    QTemporaryDir folder_;
    std::unique_ptr<Shell> shell_;
};

TEST_F(ShellTest, AnotherLanguageIsSpokenAtOnceAndUndone) {
    const QStringList english = menus();
    EXPECT_TRUE(english.contains(QStringLiteral("File")));
    shell_->window().showView(QStringLiteral("ladder"));
    shell_->window().showPreferences(QStringLiteral("language"));
    speak("de");
    const QStringList german = menus();
    EXPECT_TRUE(german.contains(QStringLiteral("Datei")))
        << german.join(QLatin1Char(' ')).toStdString();
    EXPECT_EQ(shell_->window().shownView()->key(), QStringLiteral("ladder"));
    EXPECT_TRUE(shell_->window().isVisible());
    EXPECT_TRUE(shell_->window().showsPreferences()) << "where it was chosen";
    EXPECT_EQ(text::shownLanguage(), QStringLiteral("de"));
    EXPECT_EQ(QLocale().decimalPoint(), QStringLiteral(","));
    EXPECT_EQ(shell_->desk().bench().state().playerName(), QStringLiteral("Runa Vale"));
    QSignalSpy made(shell_.get(), &Shell::windowMade);
    shell_->desk().bench().undoStack().undo();
    ASSERT_TRUE(made.wait(5000));
    EXPECT_EQ(menus(), english);
}

TEST_F(ShellTest, EveryShippedLanguageIsAWholeOne) {
    QStringList codes;
    for (const text::Language& one : text::shippedLanguages())
        codes << one.code;
    EXPECT_TRUE(codes.contains(QStringLiteral("en")));
    EXPECT_TRUE(codes.contains(QStringLiteral("de")));
}

}  // namespace
}  // namespace wedgeon::test
