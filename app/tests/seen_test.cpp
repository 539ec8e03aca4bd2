// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Shots by eye in the real window, by keyboard alone.
#include <QClipboard>
#include <QInputDialog>
#include <QLineEdit>
#include <QToolButton>

#include "hand_monitor.h"
#include "text/seen_words.h"
#include "wedgeon/store/logbook.h"
#include "wedgeon/store/sightings.h"
#include "wedgeon/units.h"
#include "window_fixture.h"

namespace wedgeon::test {
namespace {

TEST(SeenWords, ALineIsReadAsItWasMeant) {
    const Units metric;
    text::SeenLine l = text::parseSeen(QStringLiteral("34 41,5 2b hea cl sm ah 1l le bends-r 2s"),
                                       metric, 30, 0.9);
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
    l = text::parseSeen(QStringLiteral("-3 29 1.5f"), metric, 30, 0.9);
    EXPECT_EQ(l.seen.landed_m, 27.0);
    EXPECT_TRUE(l.seen.landedJudged);
    EXPECT_EQ(l.seen.rest_m, 29.0);
    EXPECT_NEAR(*l.seen.apex_m, 3.15, 1e-9);
    // In yards what is typed is yards.
    EXPECT_NEAR(
        *text::parseSeen(QStringLiteral("40"), Units(UnitSystem::Yards), 0, 0.9).seen.landed_m,
        36.576, 1e-9);
    EXPECT_TRUE(text::parseSeen(QStringLiteral("   "), metric, 0, 0.9).isEmpty());
}

TEST(SeenWords, WhatIsNotUnderstoodIsNamed) {
    const Units metric;
    const auto trouble = [&](const char* line) {
        return text::parseSeen(QString::fromUtf8(line), metric, 30, 0.9).trouble;
    };
    EXPECT_TRUE(trouble("34 he").contains(QStringLiteral("head or heel")));
    EXPECT_TRUE(trouble("34 moon").contains(QStringLiteral("moon")));
    EXPECT_TRUE(trouble("34 41 44").contains(QStringLiteral("44")));
    for (const char* nonsense :
         {"9000", "nan", "1e999", "7b", "-40", "b", "2x", "<b>x</b>", "0x10"})
        EXPECT_FALSE(trouble(nonsense).isEmpty()) << nonsense;
    EXPECT_FALSE(
        text::parseSeen(QStringLiteral("1 ").repeated(500), metric, 0, 0.9).trouble.isEmpty());
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
    /// As a device reads the club.
    static store::ShotRecord delivered(const Delivery& d) {
        store::ShotRecord r;
        r[store::Quantity::ClubSpeed] = d.clubSpeed_mps;
        r[store::Quantity::AttackAngle] = d.attack_rad;
        r[store::Quantity::DynamicLoft] = d.dynamicLoft_rad;
        r[store::Quantity::FaceAngle] = d.faceAngle_rad;
        r[store::Quantity::ClubPath] = d.path_rad;
        return r;
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
    EXPECT_TRUE(line().startsWith(QStringLiteral("Kept: landed at 35\u00A0m")))
        << line().toStdString();
    // The panel says what the newest must have had.
    QTest::keyClick(QApplication::focusWidget(), Qt::Key_Escape);
    ASSERT_TRUE(QTest::qWaitFor([&] { return list()->model()->rowCount() == 5; }, 5000));
    EXPECT_TRUE(QApplication::focusWidget() == list());
    const QString panel = copied();
    EXPECT_TRUE(panel.contains(QStringLiteral("By eye: landed at 35\u00A0m, rests at 44\u00A0m")))
        << panel.toStdString();
    EXPECT_TRUE(panel.contains(QStringLiteral("±")) || panel.contains(QStringLiteral(" to ")))
        << panel.toStdString();
}

TEST_F(SeenTest, WhatWasSeenIsFoundByItsNumbersAndExplainedAsAGroup) {
    window_->showView(QStringLiteral("watch"));
    QTest::keyClick(window_.get(), Qt::Key_N);
    for (int i = 0; i < 12; ++i)
        type(QStringLiteral("%1 %2 2b clean").arg(28 + i).arg(31 + i));
    ASSERT_TRUE(QTest::qWaitFor([&] { return logged().size() == 12; }, patience(20000)));
    QTest::keyClick(QApplication::focusWidget(), Qt::Key_Escape);
    auto* filter = byName<QLineEdit>(QStringLiteral("Show only shots with these words"));
    const auto shownBy = [&](const QString& words) {
        filter->setText(words);
        return list()->model()->rowCount();
    };
    EXPECT_EQ(shownBy(QStringLiteral("carry>33")), 6);
    EXPECT_EQ(shownBy(QStringLiteral("release=3")), 12);
    EXPECT_EQ(shownBy(QStringLiteral("total<=33 -carry=29")), 2);
    EXPECT_EQ(shownBy(QStringLiteral("spin>0")), 0);
    filter->clear();
    // So many are weighed in a thread: A is there at once, what it had a moment later.
    action(QStringLiteral("Take the shown shots as A"))->trigger();
    filter->setText(QStringLiteral("carry>33"));
    action(QStringLiteral("Take the shown shots as B"))->trigger();
    EXPECT_TRUE(window_->desk.comparison().isWorking());
    window_->showView(QStringLiteral("explain"));
    ASSERT_TRUE(
        QTest::qWaitFor([&] { return window_->desk.comparison().isComplete(); }, patience(20000)));
    EXPECT_TRUE(QTest::qWaitFor(
        [&] { return copied().contains(QStringLiteral("A is 12 shots, B is 6 shots (carry>33)")); },
        patience(10000)))
        << copied().toStdString();
    constexpr std::array carried{ComparedShots::Compared{Outcome::Carry, Track::Carry}};
    double carry = 0.0;
    for (const ComparedShot& shot :
         window_->desk.comparison().side(Comparison::A)->compared(carried))
        carry += *shot.read[static_cast<std::size_t>(Outcome::Carry)] / 12;
    EXPECT_NEAR(carry, 33.5, 1e-9);
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
    EXPECT_TRUE(line().startsWith(
        QStringLiteral("Landed at 34\u00A0m, rests at 41\u00A0m, below the head")))
        << line().toStdString();
    QTest::mouseClick(byName<QToolButton>(QStringLiteral("below the head")), Qt::LeftButton);
    EXPECT_EQ(edit->text(), QStringLiteral("34 41 "));
}

TEST_F(SeenTest, OneChangeAndBack) {
    window_->showView(QStringLiteral("watch"));
    QTest::keyClick(window_.get(), Qt::Key_N);
    for (const char* words : {"34 37 2b 3f clean 3s", "33 36 2b 3f clean", "35 38 2b 3.1f clean"})
        type(QString::fromUtf8(words));
    settle();
    QTest::keyClick(QApplication::focusWidget(), Qt::Key_Escape);
    QTest::keyClick(list(), Qt::Key_C);
    const BenchState& bench = window_->desk.bench().state();
    ASSERT_EQ(bench.recipes.size(), 2u);
    EXPECT_EQ(bench.chosen, 1u);
    EXPECT_TRUE(notice().contains(QStringLiteral("Ctrl+Return"))) << notice().toStdString();
    BenchState next = bench;
    next.recipe().lean_rad += 0.1;
    window_->desk.bench().edit(next, QStringLiteral("lean"));
    QTest::keyClick(window_.get(), Qt::Key_Return, Qt::ControlModifier);
    EXPECT_TRUE(list()->isVisible());
    EXPECT_TRUE(said("changeWords").startsWith(QStringLiteral("Watching for the first")));
    QTest::keyClick(list(), Qt::Key_N);
    type(QStringLiteral("40 44 2b 2.3f clean"));
    settle();
    EXPECT_TRUE(said("changeWords").contains(QStringLiteral("one more")))
        << said("changeWords").toStdString();
    for (const char* words : {"41 45 2b 2.4f clean", "39 43 2b 2.3f clean"})
        type(QString::fromUtf8(words));
    settle();
    const QString words = said("changeWords");
    EXPECT_TRUE(words.startsWith(QStringLiteral("3 shots since the change: ")))
        << words.toStdString();
    EXPECT_NEAR(numberAfter(words, QStringLiteral("carry")), 6.0, 0.11) << words.toStdString();
    EXPECT_TRUE(words.contains(QStringLiteral("longer")));
    // They were hit with the changed set-up.
    EXPECT_NE(logged().back().record[store::Label::Recipe],
              logged().front().record[store::Label::Recipe]);
    QTest::mouseClick(
        byName<QToolButton>(QStringLiteral("Compare with the shots before the change no longer")),
        Qt::LeftButton);
    EXPECT_EQ(said("changeWords"), QString());
}

TEST_F(SeenTest, ALessonByEyeThenLiveThenOneChange) {
    window_->showView(QStringLiteral("watch"));
    QTest::keyClick(window_.get(), Qt::Key_N);
    for (const char* words :
         {"34 41 2b head clean", "33 39 2b", "35 41 head", "34 40 2b clean", "33 40 2b clean"})
        type(QString::fromUtf8(words));
    ASSERT_TRUE(QTest::qWaitFor([&] { return logged().size() == 5; }, patience(10000)));
    QTest::keyClick(QApplication::focusWidget(), Qt::Key_Escape);

    HandMonitor monitor;
    window_->desk.link().listen(monitor.serverPort());
    ASSERT_TRUE(QTest::qWaitFor([&] { return monitor.heard("hello"); }, patience(5000)));
    int number = 0;
    const Delivery usual = window_->desk.bench().state().predictor().shot(Recipe{}).swing.delivery;
    const auto hit = [&](double carry_m, double landing_deg) {
        store::ShotRecord shot = delivered(usual);
        shot[store::Label::Player] = "Runa Vale";
        shot[store::Label::Wedge] = "54 mid";
        shot[store::Label::Swing] = "rib-high";
        shot[store::Quantity::Carry] = carry_m;
        shot[store::Quantity::LandingAngle] = radFromDeg(landing_deg);
        const std::string id = std::to_string(++number);
        monitor.say(store::liveShot(id, shot));
        ASSERT_TRUE(QTest::qWaitFor([&] { return monitor.acknowledged(id); }, patience(5000)));
        settle();
    };
    const auto sentence = [&] { return copied(); };
    const auto says = [&](double carry_m) {
        return QTest::qWaitFor(
            [&] {
                return sentence().contains(
                    QStringLiteral("%1.0\u00A0m").arg(static_cast<int>(carry_m)));
            },
            patience(5000));
    };
    hit(40, 44);
    hit(41, 45);
    EXPECT_TRUE(says(41)) << sentence().toStdString();  // it follows
    QTest::keyClick(list(), Qt::Key_Down);
    hit(42, 43);
    EXPECT_TRUE(says(40)) << sentence().toStdString();  // the chosen one stays
    QTest::keyClick(list(), Qt::Key_F);
    EXPECT_TRUE(says(42)) << sentence().toStdString();
    hit(41, 44);
    EXPECT_TRUE(says(41)) << sentence().toStdString();

    QTest::keyClick(list(), Qt::Key_C);
    BenchState next = window_->desk.bench().state();
    ASSERT_EQ(next.recipes.size(), 2u) << notice().toStdString();
    next.recipe().lean_rad += 0.1;
    window_->desk.bench().edit(next, QStringLiteral("lean"));
    QTest::keyClick(window_.get(), Qt::Key_Return, Qt::ControlModifier);
    for (const double carry_m : {44.0, 45.0, 46.0})
        hit(carry_m, 38);
    const QString words = said("changeWords");
    EXPECT_TRUE(words.startsWith(QStringLiteral("3 shots since the change: ")))
        << words.toStdString();
    // 45 against the mean of 40, 41, 42 and 41; 38 against that of 44, 45, 43 and 44.
    EXPECT_NEAR(numberAfter(words, QStringLiteral("carry")), 4.0, 0.06) << words.toStdString();
    EXPECT_NEAR(numberAfter(words, QStringLiteral("landing")), 6.0, 0.06) << words.toStdString();
    EXPECT_TRUE(words.contains(QStringLiteral("flatter"))) << words.toStdString();
    EXPECT_EQ(logged().size(), 12u);
}

TEST_F(SeenTest, AMeasuredShotWithoutADeclaredSetUpGivesTheLikeliest) {
    Recipe hit;
    hit.lean_rad = radFromDeg(9);
    hit.ballForward_m = -0.02;
    const Delivery d = window_->desk.bench().state().predictor().shot(hit).swing.delivery;
    store::ShotRecord r = delivered(d);
    r[store::Quantity::Carry] = 40;
    openRecords({r});
    QTest::keyClick(list(), Qt::Key_C);
    const Recipe& found = window_->desk.bench().state().recipe();
    const Delivery again = window_->desk.bench().state().predictor().shot(found).swing.delivery;
    EXPECT_NEAR(again.dynamicLoft_rad, d.dynamicLoft_rad, radFromDeg(1));
    EXPECT_NEAR(again.attack_rad, d.attack_rad, radFromDeg(1));
    // Undo is one step.
    action(QStringLiteral("Undo"))->trigger();
    EXPECT_EQ(window_->desk.bench().state().recipes.size(), 1u);
}

TEST_F(SeenTest, TheDisplayShowsTheNewestShotLarge) {
    window_->showView(QStringLiteral("watch"));
    QTest::keyClick(window_.get(), Qt::Key_F11);
    auto* display = window_->findChild<QWidget*>(QStringLiteral("playerDisplay"));
    ASSERT_TRUE(display && display->isVisible());
    EXPECT_TRUE(display->accessibleDescription().startsWith(QStringLiteral("Waiting")));
    window_->desk.addSeen(*store::findSighting([] {
        store::ShotRecord r;
        r[store::Label::Seen] = "{\"landed_m\": 30, \"rest_m\": 33}";
        return r;
    }()),
                          {}, QStringLiteral("rib-high"));
    settle();
    ASSERT_TRUE(QTest::qWaitFor(
        [&] { return display->accessibleDescription().contains(QStringLiteral("carry 30.0")); },
        5000))
        << display->accessibleDescription().toStdString();
    EXPECT_TRUE(display->accessibleDescription().contains(QStringLiteral("Declared to land at")));
    QTest::keyClick(display, Qt::Key_1);
    EXPECT_FALSE(display->accessibleDescription().contains(QStringLiteral("carry 30.0")));
    QTest::keyClick(display, Qt::Key_Escape);
    EXPECT_FALSE(display->isVisible());
}

using FilesTest = SeenTest;

TEST_F(FilesTest, AFolderComesInAtOnceWithOneReport) {
    const QDir folder(folder_.path());
    ASSERT_TRUE(folder.mkpath(QStringLiteral("lessons/odo")));
    constexpr int files = 300;
    for (int i = 0; i < files; ++i)
        write(QStringLiteral("lessons/%1%2 day 2026-10-%3.csv")
                  .arg(i % 2 ? QStringLiteral("odo/a") : QStringLiteral("b"))
                  .arg(i, 3, 10, QLatin1Char('0'))
                  .arg(i % 28 + 1, 2, 10, QLatin1Char('0')),
              QStringLiteral("carry [m],club_speed [m/s]\n%1,15\n").arg(20 + 0.1 * i).toUtf8());
    write(QStringLiteral("lessons/broken.csv"), "nothing here\n");
    const auto reported = [&] { return notice().contains(QStringLiteral(" files.")); };
    const auto open = [&] { window_->openFiles({folder.filePath(QStringLiteral("lessons"))}); };
    // Stopped in the middle: what came in stays, and the rest comes the next time.
    open();
    ASSERT_TRUE(QTest::qWaitFor([&] { return notice().contains(QStringLiteral(", 20 of 301")); },
                                patience(20000)));
    for (auto* b : window_->findChild<NoticeBar*>()->findChildren<QPushButton*>()) {
        if (b->isVisible()) QTest::mouseClick(b, Qt::LeftButton);
    }
    ASSERT_TRUE(QTest::qWaitFor(reported, patience(20000))) << notice().toStdString();
    EXPECT_TRUE(notice().contains(QStringLiteral("stopped"))) << notice().toStdString();
    EXPECT_GE(logged().size(), 15u);
    EXPECT_LT(logged().size(), 290u);
    const std::size_t first = logged().size();
    open();
    ASSERT_TRUE(QTest::qWaitFor([&] { return !reported(); }, patience(5000)));
    ASSERT_TRUE(QTest::qWaitFor(reported, patience(60000))) << notice().toStdString();
    EXPECT_TRUE(notice().contains(QStringLiteral("300 shots from 300 of 301 files")))
        << notice().toStdString();
    EXPECT_TRUE(notice().contains(QStringLiteral("%1 were in the logbook").arg(first)))
        << notice().toStdString();
    const auto shots = logged();
    ASSERT_EQ(shots.size(), 300u);
    for (const auto& s : shots)
        EXPECT_TRUE(s.record[store::Label::Time].starts_with("2026-10-"));
}

TEST_F(FilesTest, ACopyOfTheLogbookAndTheChartsData) {
    store::ShotRecord r;
    r[store::Quantity::Carry] = 40;
    r[store::Quantity::SpinRate] = 600;
    r[store::Label::Player] = "=Odo";
    openRecords({r, r});
    const QString copy = folder_.filePath(QStringLiteral("copy.wedgeon"));
    inFileDialog(copy, [this] { action(QStringLiteral("Save a copy of the logbook"))->trigger(); });
    ASSERT_TRUE(QTest::qWaitFor([&] { return notice().contains(QStringLiteral("was copied")); },
                                patience(10000)))
        << notice().toStdString();
    EXPECT_EQ(store::Logbook(copy.toStdString(), store::Logbook::Access::ReadOnly).shotCount(), 2u);
    // Never over another logbook, nor over this one.
    for (const QString& taken : {copy, logbookPath()}) {
        bool refused = false;
        window_->desk.log().copyTo(taken, [&](const QString& why) { refused = !why.isEmpty(); });
        EXPECT_TRUE(QTest::qWaitFor([&] { return refused; }, patience(5000)))
            << taken.toStdString();
    }
    const QString csv = folder_.filePath(QStringLiteral("chart.csv"));
    inFileDialog(csv, [this] { action(QStringLiteral("Save the chart's data"))->trigger(); });
    QFile file(csv);
    ASSERT_TRUE(file.open(QIODevice::ReadOnly));
    const QString text = QString::fromUtf8(file.readAll());
    EXPECT_TRUE(text.startsWith(QStringLiteral("\"shot\",\"order\",\"Spin rate")))
        << text.toStdString();
    EXPECT_EQ(text.count(QLatin1Char('\n')), 3) << text.toStdString();
}

TEST_F(FilesTest, SessionsAreRenamedSplitAndPutBack) {
    std::vector<store::ShotRecord> records;
    for (int i = 0; i < 6; ++i) {
        store::ShotRecord r;
        r[store::Quantity::Carry] = 30 + i;
        r[store::Label::Player] = i < 2 ? "Odo" : "Runa";
        records.push_back(r);
    }
    openRecords(records);
    const auto inDialog = [this](const QString& text, const QString& command) {
        QTimer poll;
        QObject::connect(&poll, &QTimer::timeout, [&] {
            auto* dialog = qobject_cast<QInputDialog*>(QApplication::activeModalWidget());
            if (!dialog) return;
            dialog->setTextValue(text);
            dialog->accept();
        });
        poll.start(20);
        action(command)->trigger();
        settle();
    };
    const auto titles = [this] {
        std::vector<std::string> out;
        for (const auto& s : window_->desk.log().records().sessions)
            out.push_back(s.title);
        return out;
    };
    inDialog(QStringLiteral("Tuesday <b>lesson</b>"), QStringLiteral("Rename the session"));
    EXPECT_EQ(titles(), std::vector<std::string>{"Tuesday <b>lesson</b>"});
    byName<QLineEdit>(QStringLiteral("Show only shots with these words"))
        ->setText(QStringLiteral("odo"));
    ASSERT_TRUE(QTest::qWaitFor([&] { return list()->model()->rowCount() == 2; }, 5000));
    inDialog(QStringLiteral("Odo alone"), QStringLiteral("Move the shown shots"));
    EXPECT_EQ(titles().size(), 2u);
    EXPECT_EQ(list()->model()->rowCount(), 2);
    action(QStringLiteral("Undo"))->trigger();
    settle();
    EXPECT_EQ(list()->model()->rowCount(), 6);
    action(QStringLiteral("Undo"))->trigger();
    settle();
    EXPECT_EQ(titles(), std::vector<std::string>{"shots.csv"});
    action(QStringLiteral("Redo"))->trigger();
    action(QStringLiteral("Redo"))->trigger();
    settle();
    EXPECT_EQ(titles().size(), 2u);
    EXPECT_EQ(logged().size(), 6u);
}

}  // namespace
}  // namespace wedgeon::test
