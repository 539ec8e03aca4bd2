// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Drills and trials in the real window: from a launch monitor, and by eye.
#include <QCheckBox>
#include <QComboBox>
#include <QLineEdit>
#include <QListWidget>
#include <QProcess>
#include <QSpinBox>
#include <QTableWidget>
#include <QTextEdit>

#include "hand_monitor.h"
#include "train_fixture.h"
#include "views/train/judge_dialog.h"
#include "views/train/plan_dialog.h"
#include "views/train/trial_dialog.h"
#include "wedgeon/store/trainings.h"
#include "widgets/report_dialog.h"

namespace wedgeon::test {
namespace {

TEST_F(TrainTest, ADrillFromAFileIsHitLiveToItsEnd) {
    window_->openFiles({write(QStringLiteral("towels.wedgedrill"),
                              R"({"name":"Two towels","purpose":"near, then far","stations":[
            {"task":"the near towel","shots":3,"pass":2,"windows":[{"of":"carry_m","low":18,"high":22}]},
            {"task":"the far towel","shots":2,"pass":2,"windows":[{"of":"carry_m","low":38,"high":42}]}]})")});
    settle();
    auto* drills = byName<QComboBox>(QStringLiteral("Drill"));
    EXPECT_EQ(drills->currentText(), QStringLiteral("Two towels"));
    press(QStringLiteral("Begin the drill"));
    settle();
    EXPECT_EQ(task(), QStringLiteral("Next: the near towel"));
    HandMonitor monitor;
    window_->desk.link().listen(monitor.serverPort());
    ASSERT_TRUE(QTest::qWaitFor([&] { return monitor.heard("hello"); }, patience(5000)));
    int number = 0;
    const auto hit = [&](double carry_m) {
        const std::size_t before = room().current()->shots.size();
        monitor.hit(std::to_string(++number), carry_m);
        ASSERT_TRUE(QTest::qWaitFor([&] { return room().current()->shots.size() > before; },
                                    patience(5000)));
        settle();
    };
    hit(20);
    hit(25);
    EXPECT_EQ(sentence(), QStringLiteral("1 of 2 inside. 3 shots to go."));
    hit(21.9);
    EXPECT_EQ(task(), QStringLiteral("Next: the far towel"));
    hit(40);
    EXPECT_TRUE(room().isRunning());
    hit(37);
    ASSERT_TRUE(QTest::qWaitFor([&] { return !room().isRunning(); }, patience(5000)));
    settle();
    EXPECT_EQ(sentence(), QStringLiteral("3 of 5 inside. Not passed yet: “the far towel”."));
    EXPECT_EQ(task(), QString());
    EXPECT_TRUE(notice().contains(QStringLiteral("Two towels has ended")))
        << notice().toStdString();
    // After the end shots are only shots.
    monitor.hit("99", 40);
    ASSERT_TRUE(QTest::qWaitFor([&] { return monitor.acknowledged("99"); }, patience(5000)));
    settle();
    EXPECT_EQ(room().current()->shots.size(), 5u);
    // One that is set aside is hit again: the drill goes on.
    window_->desk.bench().undoStack().undo();  // its end
    settle();
    EXPECT_TRUE(room().isRunning());
    window_->desk.log().setAside(*room().newest(), QStringLiteral("coach"));
    settle();
    EXPECT_EQ(sentence(), QStringLiteral("3 of 4 inside. 1 shot to go."));
    hit(41);
    ASSERT_TRUE(QTest::qWaitFor([&] { return !room().isRunning(); }, patience(5000)));
    EXPECT_EQ(sentence(), QStringLiteral("4 of 5 inside. Passed."));
}

TEST_F(TrainTest, ATrialByEyeComesToItsVerdict) {
    inDialog<TrialDialog>([this] { action(QStringLiteral("Try two ways"))->trigger(); },
                          [this](TrialDialog& d) {
                              byName<QLineEdit>(QStringLiteral("What is tried"), &d)
                                  ->setText(QStringLiteral("eyes on the spot"));
                              byName<QComboBox>(QStringLiteral("Way A"), &d)
                                  ->setEditText(QStringLiteral("eyes on the ball"));
                              byName<QComboBox>(QStringLiteral("Way B"), &d)
                                  ->setEditText(QStringLiteral("eyes on the spot"));
                              byName<QComboBox>(QStringLiteral("What decides"), &d)
                                  ->setCurrentText(QStringLiteral("carry"));
                          });
    EXPECT_TRUE(sentence().startsWith(QStringLiteral("Carry: cannot tell yet, hit ")))
        << sentence().toStdString();
    QTest::keyClick(window_.get(), Qt::Key_N);
    // B lands four metres farther.
    int shots = 0;
    for (; shots < 40 && !sentence().startsWith(QStringLiteral("B carries")); ++shots) {
        const QString arm = said("nextArm");
        ASSERT_TRUE(task().contains(arm == QStringLiteral("A")
                                        ? QStringLiteral("eyes on the ball")
                                        : QStringLiteral("eyes on the spot")))
            << task().toStdString();
        const int carry = (arm == QStringLiteral("A") ? 34 : 38) + (shots * 7) % 3 - 1;
        seen(QStringLiteral("%1 %2 clean").arg(carry).arg(carry + 4));
    }
    EXPECT_GT(shots, 4);
    EXPECT_LT(shots, 30);
    EXPECT_NEAR(numberAfter(sentence(), QStringLiteral("B carries")), 4.0, 2.0)
        << sentence().toStdString();
    QTest::keyClick(byName<QLineEdit>(QStringLiteral("What was seen")), Qt::Key_Escape);
    // The arms are balanced within a block.
    const auto& trial = std::get<store::Trial>(room().current()->what);
    const auto values = store::trialValues(trial, room().shots(), DrillMeasure::Carry);
    EXPECT_EQ(values.size(), static_cast<std::size_t>(shots));
    // Felt: by key, of the newest.
    QTest::keyClick(byName<QListWidget>(QStringLiteral("Drills and trials of the player")),
                    Qt::Key_F);
    settle();
    EXPECT_EQ(room().newest()->record[store::Label::Strike], "fat");
    // Judged without their way: two are set aside and keep their places.
    inDialog<JudgeDialog>(
        [this] { press(QStringLiteral("Judge…")); },
        [](JudgeDialog& d) {
            auto* table = d.findChild<QTableWidget*>();
            for (int column = 0; column < table->columnCount(); ++column) {
                const QString head = table->horizontalHeaderItem(column)->text();
                EXPECT_FALSE(head == QStringLiteral("A") || head.contains(QStringLiteral("way")));
            }
            table->item(0, 0)->setCheckState(Qt::Checked);
            table->item(1, 0)->setCheckState(Qt::Checked);
        });
    EXPECT_TRUE(said("trainWhy").contains(QStringLiteral("2 of them set aside")))
        << said("trainWhy").toStdString();
    EXPECT_EQ(room().current()->shots.size(), static_cast<std::size_t>(shots));
    press(QStringLiteral("End it"));
    settle();
    EXPECT_FALSE(room().isRunning());
    EXPECT_EQ(said("nextArm"), QString());
    // It is there when the logbook is opened again.
    const QString before = sentence();
    window_.reset();
    window_ = std::make_unique<Program>(logbookPath());
    window_->show();
    settle();
    window_->showView(QStringLiteral("train"));
    EXPECT_TRUE(QTest::qWaitFor([&] { return sentence() == before; }, patience(5000)))
        << sentence().toStdString();
}

TEST_F(TrainTest, ShotsAreHitInWhatIsUnderWayWhateverIsLookedAt) {
    auto* drills = byName<QComboBox>(QStringLiteral("Drill"));
    drills->setCurrentText(QStringLiteral("Landing spot"));
    press(QStringLiteral("Begin the drill"));
    settle();
    press(QStringLiteral("End it"));
    settle();
    drills->setCurrentText(QStringLiteral("Declare, then hit"));
    press(QStringLiteral("Begin the drill"));
    settle();
    const auto underWay = room().current()->id;
    auto* list = byName<QListWidget>(QStringLiteral("Drills and trials of the player"));
    list->setCurrentRow(1);
    EXPECT_FALSE(room().isRunning());
    QTest::keyClick(window_.get(), Qt::Key_N);
    seen(QStringLiteral("30 33"));
    QTest::keyClick(byName<QLineEdit>(QStringLiteral("What was seen")), Qt::Key_Escape);
    ASSERT_EQ(room().current()->id, underWay);
    EXPECT_EQ(room().current()->shots.size(), 1u);
    // Another one begins: no two are under way.
    list->setCurrentRow(1);
    press(QStringLiteral("Begin the drill"));
    settle();
    const auto his = room().ofPlayer();
    EXPECT_EQ(std::count_if(his.begin(), his.end(), [](const auto& t) { return !t.ended; }), 1);
}

TEST_F(TrainTest, AShotThatIsTakenBackLeavesTheTrialWhereItWas) {
    inDialog<TrialDialog>(
        [this] { press(QStringLiteral("Try two ways…")); },
        [this](TrialDialog& d) {
            byName<QComboBox>(QStringLiteral("Way A"), &d)->setEditText(QStringLiteral("one"));
            byName<QComboBox>(QStringLiteral("Way B"), &d)->setEditText(QStringLiteral("other"));
        });
    QTest::keyClick(window_.get(), Qt::Key_N);
    for (int i = 0; i < 3; ++i)
        seen(QStringLiteral("3%1 40").arg(i));
    const QString arm = said("nextArm");
    seen(QStringLiteral("35 40"));
    QTest::keyClick(byName<QLineEdit>(QStringLiteral("What was seen")), Qt::Key_Escape);
    auto& undo = window_->desk.bench().undoStack();
    undo.undo();
    settle();
    EXPECT_EQ(room().current()->shots.size(), 3u);
    EXPECT_EQ(said("nextArm"), arm);
    undo.redo();
    settle();
    ASSERT_TRUE(
        QTest::qWaitFor([&] { return room().current()->shots.size() == 4; }, patience(5000)));
    // The trial itself, with its shots, goes and comes.
    action(QStringLiteral("Remove it"))->trigger();
    settle();
    EXPECT_FALSE(room().current());
    undo.undo();
    settle();
    ASSERT_TRUE(room().current());
    EXPECT_EQ(room().current()->shots.size(), 4u);
    EXPECT_TRUE(room().isRunning());
}

TEST_F(TrainTest, FromADrillWithTheSimulatedMonitorToTheReport) {
    auto* drills = byName<QComboBox>(QStringLiteral("Drill"));
    drills->setCurrentText(QStringLiteral("Rungs by chance"));
    press(QStringLiteral("Begin the drill"));
    settle();
    QProcess monitor;
    monitor.start(QStringLiteral(WEDGEON_MONITOR),
                  {QStringLiteral("--port"), QStringLiteral("0"), QStringLiteral("--player"),
                   QStringLiteral("Runa"), QStringLiteral("--rate"), QStringLiteral("600"),
                   QStringLiteral("--seed"), QStringLiteral("5")});
    ASSERT_TRUE(monitor.waitForReadyRead(5000)) << monitor.errorString().toStdString();
    const QString where = QString::fromUtf8(monitor.readLine()).trimmed();
    window_->desk.link().listen(static_cast<quint16>(where.section(QLatin1Char(':'), -1).toInt()));
    ASSERT_TRUE(QTest::qWaitFor([&] { return !room().isRunning(); }, patience(30000)))
        << sentence().toStdString();
    window_->desk.link().stop();
    monitor.terminate();
    monitor.waitForFinished(3000);
    settle();
    // As many shots as the drill has, each with its carry read.
    EXPECT_EQ(room().score().counted(), std::get<Drill>(room().current()->what).shots());
    // A document has no blanks that do not break; which stations are passed hangs on chance.
    const QString result = sentence().replace(QChar(0xA0), QLatin1Char(' '));
    EXPECT_TRUE(result.contains(QStringLiteral(" inside."))) << result.toStdString();
    press(QStringLiteral("Write the report…"));
    auto* report = byName<QTextEdit>(QStringLiteral("The report, to be edited"),
                                     window_->findChild<ReportDialog*>());
    ASSERT_TRUE(report);
    EXPECT_TRUE(report->toPlainText().contains(result)) << report->toPlainText().toStdString();
    // Edited before it is saved; what looks like mark-up is text.
    report->moveCursor(QTextCursor::End);
    report->insertPlainText(
        QStringLiteral("\nBring the <b>54</b> & a towel: flatter, different, first."));
    const auto saveAs = [&](const QString& button, const QString& name) {
        const QString path = folder_.filePath(name);
        inFileDialog(path, [&] { press(button); });
        QFile file(path);
        EXPECT_TRUE(file.open(QIODevice::ReadOnly)) << path.toStdString();
        return file.readAll();
    };
    const QString html =
        QString::fromUtf8(saveAs(QStringLiteral("Save as HTML…"), QStringLiteral("report.html")));
    EXPECT_TRUE(html.contains(QStringLiteral(
        "Bring the &lt;b&gt;54&lt;/b&gt; &amp; a towel: flatter, different, first.")))
        << html.toStdString();
    EXPECT_TRUE(html.contains(QStringLiteral("<title>Lesson: Runa Vale")));
    EXPECT_TRUE(html.contains(QStringLiteral("data:image/png;base64,")));
    EXPECT_FALSE(html.contains(QStringLiteral("src=\"file:")));
    // Words beside the picture.
    EXPECT_TRUE(html.contains(QStringLiteral("to land at")));
    const QByteArray pdf = saveAs(QStringLiteral("Save as PDF…"), QStringLiteral("report.pdf"));
    EXPECT_TRUE(pdf.startsWith("%PDF"));
    QProcess reader;
    reader.start(QStringLiteral("pdftotext"),
                 {folder_.filePath(QStringLiteral("report.pdf")), QStringLiteral("-")});
    ASSERT_TRUE(reader.waitForFinished(20000));
    const QString read = QString::fromUtf8(reader.readAllStandardOutput()).simplified();
    EXPECT_TRUE(read.contains(result)) << read.toStdString();
    EXPECT_TRUE(
        read.contains(QStringLiteral("Bring the <b>54</b> & a towel: flatter, different, first.")))
        << read.toStdString();
    EXPECT_TRUE(read.contains(QStringLiteral("licensed clinician")));
}

TEST_F(TrainTest, TheNextSessionsArePlannedFromWhatWasMissed) {
    // A drill that is missed all the time, and one that never is.
    const auto drill = [](const std::string& name) {
        Drill d;
        d.name = name;
        d.stations.resize(1);
        d.stations[0].task = "to the towel";
        d.stations[0].windows = {{DrillMeasure::Carry, 29, 31}};
        d.stations[0].shots = 10;
        d.stations[0].pass = 0;
        return d;
    };
    window_->desk.log().change([&](store::Logbook& book) {
        store::Trainings(book).keepDrill(drill("Always missed"));
        store::Trainings(book).keepDrill(drill("Never missed"));
    });
    settle();
    for (const auto& [name, carry] :
         {std::pair("Always missed", 20), std::pair("Never missed", 30)}) {
        byName<QComboBox>(QStringLiteral("Drill"))->setCurrentText(QString::fromLatin1(name));
        press(QStringLiteral("Begin the drill"));
        settle();
        QTest::keyClick(window_.get(), Qt::Key_N);
        for (int i = 0; i < 4; ++i)
            seen(QString::number(carry));
        QTest::keyClick(byName<QLineEdit>(QStringLiteral("What was seen")), Qt::Key_Escape);
        press(QStringLiteral("End it"));
        settle();
    }
    press(QStringLiteral("Plan the next sessions…"));
    ASSERT_TRUE(QTest::qWaitFor([this] { return window_->findChild<PlanDialog*>() != nullptr; },
                                patience(5000)));
    auto* dialog = window_->findChild<PlanDialog*>();
    for (auto* matters : dialog->findChildren<QSpinBox*>()) {
        const QString name = matters->accessibleName();
        if (!name.endsWith(QStringLiteral(" matters"))) continue;
        matters->setValue(name.contains(QStringLiteral("missed")) ? 1 : 0);
    }
    byName<QSpinBox>(QStringLiteral("Minutes of a session"), dialog)->setValue(12);
    byName<QSpinBox>(QStringLiteral("Sessions"), dialog)->setValue(2);
    const QString plan =
        byName<QTextEdit>(QStringLiteral("The plan, to be edited"), dialog)->toPlainText();
    EXPECT_EQ(plan.count(QStringLiteral("Always missed")), 2) << plan.toStdString();
    EXPECT_EQ(plan.count(QStringLiteral("Never missed")), 0) << plan.toStdString();
    const QString path = folder_.filePath(QStringLiteral("plan.ics"));
    inFileDialog(path, [this] { press(QStringLiteral("Save as calendar…")); });
    QFile file(path);
    ASSERT_TRUE(file.open(QIODevice::ReadOnly));
    const QByteArray calendar = file.readAll();
    EXPECT_EQ(calendar.count("BEGIN:VEVENT"), 2) << calendar.toStdString();
    EXPECT_TRUE(calendar.contains("Always missed"));
    EXPECT_TRUE(calendar.contains("T173000"));
    for (auto* day : dialog->findChildren<QCheckBox*>())
        day->setChecked(false);
    EXPECT_TRUE(byName<QTextEdit>(QStringLiteral("The plan, to be edited"), dialog)
                    ->toPlainText()
                    .contains(QStringLiteral("No day is chosen")));
}

TEST_F(TrainTest, TheDrillsAreComputedForThePlayerAndTheDay) {
    auto* drills = byName<QComboBox>(QStringLiteral("Drill"));
    EXPECT_GE(drills->count(), 9);
    const auto landing = [&] {
        drills->setCurrentText(QStringLiteral("Landing spot"));
        for (auto* d : window_->findChildren<Drawing*>()) {
            if (d->isVisible() && d->accessibleName() == QStringLiteral("The drill's shots"))
                return numberAfter(d->accessibleDescription(), QStringLiteral("Land it at"));
        }
        return 0.0;
    };
    const double before = landing();
    BenchState next = window_->desk.bench().state();
    next.recipe().clubSpeed_mps *= 1.3;
    window_->desk.bench().edit(next, QStringLiteral("faster"));
    EXPECT_GT(landing(), before + 3);
    for (const char* bad : {"{", "{\"name\":\"x\",\"stations\":[]}", "<b>no</b>"}) {
        window_->openFiles({write(QStringLiteral("bad.wedgedrill"), bad)});
        settle();
        EXPECT_TRUE(notice().startsWith(QStringLiteral("bad.wedgedrill: ")))
            << notice().toStdString();
    }
}

}  // namespace
}  // namespace wedgeon::test
