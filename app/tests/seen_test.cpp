// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Shots by eye in the real window, by keyboard alone.
#include <QClipboard>
#include <QLineEdit>
#include <QToolButton>

#include "text/seen_words.h"
#include "wedgeon/store/logbook.h"
#include "wedgeon/store/sightings.h"
#include "window_fixture.h"

namespace wedgeon::test {
namespace {

TEST(SeenWords, ALineIsReadAsItWasMeant) {
    const Units metric;
    text::SeenLine l =
        text::parseSeen(QStringLiteral("34 41,5 2b hea cl sm ah 1l le bends-r 2s"), metric, 30);
    EXPECT_EQ(l.trouble, QString());
    EXPECT_EQ(l.seen.landed_m, 34.0);
    EXPECT_FALSE(l.seen.landedJudged);
    EXPECT_EQ(l.seen.bit, 2);
    EXPECT_EQ(l.seen.height, SeenHeight::BelowHead);
    EXPECT_EQ(l.strike, QStringLiteral("clean"));
    EXPECT_EQ(l.seen.turf, SeenTurf::Small);
    EXPECT_EQ(l.seen.entry, SeenEntry::AfterBall);
    EXPECT_EQ(l.seen.restSide_m, -1.0);
    EXPECT_EQ(l.seen.start, SeenSide::Left);
    EXPECT_EQ(l.seen.curve, SeenSide::Right);
    EXPECT_EQ(l.swing, 2);
    l = text::parseSeen(QStringLiteral("-3 29 1.5f"), metric, 30);
    EXPECT_EQ(l.seen.landed_m, 27.0);
    EXPECT_TRUE(l.seen.landedJudged);
    EXPECT_EQ(l.seen.rest_m, 29.0);
    EXPECT_NEAR(*l.seen.apex_m, 3.15, 1e-9);
    // In yards what is typed is yards.
    EXPECT_NEAR(
        *text::parseSeen(QStringLiteral("40"), Units(UnitSystem::Yards), 0).seen.landed_m,
        36.576, 1e-9);
    EXPECT_TRUE(text::parseSeen(QStringLiteral("   "), metric, 0).isEmpty());
}

TEST(SeenWords, WhatIsNotUnderstoodIsNamed) {
    const Units metric;
    const auto trouble = [&](const char* line) {
        return text::parseSeen(QString::fromUtf8(line), metric, 30).trouble;
    };
    EXPECT_TRUE(trouble("34 he").contains(QStringLiteral("head or heel")));
    EXPECT_TRUE(trouble("34 moon").contains(QStringLiteral("moon")));
    EXPECT_TRUE(trouble("34 41 44").contains(QStringLiteral("44")));
    for (const char* nonsense :
         {"9000", "nan", "1e999", "7b", "-40", "b", "2x", "<b>x</b>", "0x10"})
        EXPECT_FALSE(trouble(nonsense).isEmpty()) << nonsense;
    EXPECT_FALSE(text::parseSeen(QStringLiteral("1 ").repeated(500), metric, 0).trouble.isEmpty());
}

class SeenTest : public WindowTest {
protected:
    QString line() { return said("seenEcho"); }
    QAbstractItemView* list() { return byName<QAbstractItemView>(QStringLiteral("Shots")); }
    QString copied() {
        action(QStringLiteral("Copy the result"))->trigger();
        return QApplication::clipboard()->text();
    }
    static void type(const QString& words) {
        QTest::keyClicks(QApplication::focusWidget(), words);
        QTest::keyClick(QApplication::focusWidget(), Qt::Key_Return);
    }
    std::vector<store::LoggedShot> logged() {
        settle();
        return store::Logbook(logbookPath().toStdString(), store::Logbook::Access::ReadOnly)
            .shots();
    }
};

TEST_F(SeenTest, FiveShotsByKeyboardAlone) {
    window_->showView(QStringLiteral("watch"));
    QTest::keyClick(window_.get(), Qt::Key_N);
    for (const char* words : {"34 41 2b head clean small under", "33 39 2b", "+2 41 head thin none",
                              "30 33 1b tree clean", "35 44 hea cl sc 3s"})
        type(QString::fromUtf8(words));
    ASSERT_TRUE(QTest::qWaitFor([&] { return logged().size() == 5; }, patience(10000)));
    const auto shots = logged();
    EXPECT_EQ(store::findSighting(shots[0].record)->landed_m, 34.0);
    EXPECT_EQ(store::findSighting(shots[0].record)->strike, SeenStrike::Clean);
    EXPECT_TRUE(store::findSighting(shots[2].record)->landedJudged);
    EXPECT_EQ(shots[2].record[store::Label::Strike], "thin");
    // The swing stays until another is named.
    EXPECT_EQ(shots[0].record[store::Label::Swing], shots[3].record[store::Label::Swing]);
    EXPECT_NE(shots[4].record[store::Label::Swing], "");
    EXPECT_FALSE(shots[0].record[store::Label::Recipe].empty());
    for (const auto& s : shots)
        EXPECT_EQ(s.session, shots[0].session);
    EXPECT_TRUE(line().startsWith(QStringLiteral("Kept: landed at 35\u00A0m"))) << line().toStdString();
    // The panel says what the newest must have had.
    QTest::keyClick(QApplication::focusWidget(), Qt::Key_Escape);
    ASSERT_TRUE(QTest::qWaitFor([&] { return list()->model()->rowCount() == 5; }, 5000));
    EXPECT_TRUE(QApplication::focusWidget() == list());
    const QString panel = copied();
    EXPECT_TRUE(panel.contains(QStringLiteral("By eye: landed at 35\u00A0m, rests at 44\u00A0m")))
        << panel.toStdString();
    EXPECT_TRUE(panel.contains(QStringLiteral("±"))) << panel.toStdString();
}

TEST_F(SeenTest, AShotIsTakenBackAndPutBack) {
    window_->showView(QStringLiteral("watch"));
    QTest::keyClick(window_.get(), Qt::Key_N);
    type(QStringLiteral("34 41"));
    type(QStringLiteral("20 21"));
    ASSERT_TRUE(QTest::qWaitFor([&] { return logged().size() == 2; }, patience(10000)));
    QTest::keyClick(QApplication::focusWidget(), Qt::Key_Escape);
    const auto before = logged();
    action(QStringLiteral("Undo"))->trigger();
    settle();
    ASSERT_EQ(logged().size(), 1u);
    action(QStringLiteral("Undo"))->trigger();
    settle();
    ASSERT_EQ(logged().size(), 0u);
    action(QStringLiteral("Redo"))->trigger();
    settle();
    action(QStringLiteral("Redo"))->trigger();
    settle();
    const auto after = logged();
    ASSERT_EQ(after.size(), 2u);
    EXPECT_EQ(after[0].id, before[0].id);
    EXPECT_EQ(after[1].record.labels, before[1].record.labels);
    EXPECT_EQ(list()->model()->rowCount(), 2);
}

TEST_F(SeenTest, NonsenseIsNotKeptAndTheWordsCanBeClicked) {
    window_->showView(QStringLiteral("watch"));
    QTest::keyClick(window_.get(), Qt::Key_N);
    type(QStringLiteral("34 moon"));
    EXPECT_TRUE(line().contains(QStringLiteral("\"moon\" is no word"))) << line().toStdString();
    EXPECT_TRUE(logged().empty());
    auto* edit = byName<QLineEdit>(QStringLiteral("What was seen"));
    edit->clear();
    QTest::keyClicks(edit, QStringLiteral("34 41 "));
    QTest::mouseClick(byName<QToolButton>(QStringLiteral("below the waist")), Qt::LeftButton);
    QTest::mouseClick(byName<QToolButton>(QStringLiteral("below the head")), Qt::LeftButton);
    EXPECT_EQ(edit->text(), QStringLiteral("34 41 head "));
    EXPECT_TRUE(line().startsWith(QStringLiteral("Landed at 34\u00A0m, rests at 41\u00A0m, below the head")))
        << line().toStdString();
    QTest::mouseClick(byName<QToolButton>(QStringLiteral("below the head")), Qt::LeftButton);
    EXPECT_EQ(edit->text(), QStringLiteral("34 41 "));
}

}  // namespace
}  // namespace wedgeon::test
