// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Nobody was here before: three questions and three doors.
#include <QComboBox>
#include <QLineEdit>

#include "widgets/first_run.h"
#include "window_fixture.h"

namespace wedgeon::test {
namespace {

class FirstRunTest : public WindowTest {
protected:
    void SetUp() override {
        QSettings().clear();
        QLocale::setDefault(QLocale::c());
        open();
    }
    void TearDown() override { QLocale::setDefault(QLocale(QStringLiteral("en_GB"))); }
    void open() {
        window_ = std::make_unique<Program>(logbookPath());
        window_->resize(1280, 800);
        window_->show();
        window_->activateWindow();
        ASSERT_TRUE(QTest::qWaitForWindowActive(window_.get()));
        settle();
    }
    bool asks() {
        auto* page = window_->findChild<FirstRun*>();
        return page && page->isVisible();
    }
    void answer(const QString& name, const QString& wedges) {
        byName<QLineEdit>(QStringLiteral("Player's name"))->setText(name);
        byName<QLineEdit>(QStringLiteral("Lofts of the wedges"))->setText(wedges);
    }
    void press(const QString& text) {
        for (auto* b : window_->findChildren<QPushButton*>()) {
            if (b->isVisible() && b->text() == text) return b->click();
        }
        ADD_FAILURE() << "no button " << text.toStdString();
    }
};

TEST_F(FirstRunTest, WithoutADeviceTheFirstAnswerIsThereAtOnce) {
    ASSERT_TRUE(asks());
    answer(QStringLiteral("Mira Dahl"), QStringLiteral("58, 50 54°"));
    byName<QComboBox>(QStringLiteral("Hand"))->setCurrentIndex(1);
    byName<QComboBox>(QStringLiteral("Units"))->setCurrentIndex(1);
    press(QStringLiteral("Begin with what you see"));
    settle();
    EXPECT_FALSE(asks());
    EXPECT_EQ(window_->shownView()->key(), QStringLiteral("read"));
    const BenchState& s = window_->desk.bench().state();
    EXPECT_EQ(s.player.name, "Mira Dahl");
    EXPECT_EQ(s.player.hand, Hand::Left);
    EXPECT_NEAR(s.conditions.wedge.loft_rad, radFromDeg(54), 1e-9);
    EXPECT_EQ(window_->desk.bench().units().system(), UnitSystem::Yards);
    const auto bag = window_->desk.log().records().wedgesOf("Mira Dahl");
    ASSERT_EQ(bag.size(), 3u);
    EXPECT_EQ(bag[0].name, "50°");
    EXPECT_GT(bag[0].wedge.bounce_rad, 0.0);
    // The answer: shots from here, ranked.
    ASSERT_TRUE(QTest::qWaitFor([&] { return !said("readSentence").isEmpty(); }, patience(5000)));
    // Back tomorrow: nobody is asked again.
    window_.reset();
    open();
    EXPECT_FALSE(asks());
    EXPECT_EQ(window_->desk.bench().state().player.name, "Mira Dahl");
}

TEST_F(FirstRunTest, WhatIsNoLoftIsSaidAndNothingIsTaken) {
    for (const char* bad : {"54 x", "2", "54 9999", "<b>54</b>", "40 41 42 43 44 45 46 47 48"}) {
        answer(QStringLiteral("Mira Dahl"), QString::fromLatin1(bad));
        press(QStringLiteral("Begin with what you see"));
        settle();
        ASSERT_TRUE(asks()) << bad;
        EXPECT_TRUE(said("firstRunWrong").contains(QStringLiteral("from 40 to 72 degrees"))) << bad;
    }
    EXPECT_TRUE(window_->desk.log().records().players.empty());
    // Nothing need be answered.
    answer({}, {});
    EXPECT_EQ(said("firstRunWrong"), QString());
    press(QStringLiteral("Begin with what you see"));
    EXPECT_FALSE(asks());
}

TEST_F(FirstRunTest, TheOtherDoorsLeadToShots) {
    answer(QStringLiteral("Runa Vale"), QStringLiteral("54"));
    press(QStringLiteral("Try it with the simulated one"));
    ASSERT_TRUE(
        QTest::qWaitFor([&] { return window_->desk.shots().rowCount() > 0; }, patience(20000)));
    EXPECT_FALSE(asks());
    EXPECT_EQ(window_->shownView()->key(), QStringLiteral("watch"));
    window_->desk.link().stop();
    settle();
}

TEST_F(FirstRunTest, AFileThatIsDroppedIsADoorToo) {
    window_->openFile(write(QStringLiteral("a.csv"), "carry [m],club_speed [m/s]\n30,15\n"));
    ASSERT_TRUE(
        QTest::qWaitFor([&] { return window_->desk.shots().rowCount() == 1; }, patience(10000)));
    EXPECT_FALSE(asks());
}

TEST_F(FirstRunTest, WhoSkipsItIsNotAskedAgain) {
    press(QStringLiteral("Skip this"));
    EXPECT_FALSE(asks());
    ASSERT_TRUE(window_->shownView()->isVisible());
    window_.reset();
    open();
    EXPECT_FALSE(asks());
}

}  // namespace
}  // namespace wedgeon::test
