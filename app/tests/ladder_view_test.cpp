// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Ladder and swings, driven as a coach does it.
#include <QComboBox>
#include <QDoubleSpinBox>
#include <QPrintPreviewDialog>
#include <QPrintPreviewWidget>
#include <QPrinter>
#include <QProcess>
#include <QTableWidget>
#include <QTimer>

#include "academy.h"
#include "text/swing_text.h"
#include "views/ladder/ladder_drawing.h"
#include "wedgeon/store/swing_sets.h"
#include "widgets/swing_field.h"
#include "widgets/swings_dialog.h"
#include "window_fixture.h"

namespace wedgeon::test {
namespace {

class LadderViewTest : public WindowTest {
protected:
    void openAcademy() {
        openRecords(demo::makeAcademy().shots);
        window_->showView(QStringLiteral("ladder"));
        waitForShots();
    }
    void waitForShots() {
        ASSERT_TRUE(QTest::qWaitFor(
            [this] {
                const auto& a = made();
                return a && a->player == "Runa Vale" && !a->ladder.isGuess();
            },
            patience(20000)));
    }
    const std::shared_ptr<const LadderAnswer>& made() { return window_->desk.ladder().answer(); }
    LadderDrawing* drawing() { return byName<LadderDrawing>(QStringLiteral("The ladder")); }
    QString sentence() { return said("ladderSentence"); }
    const BenchState& bench() { return window_->desk.bench().state(); }
    SwingField* swing() { return byName<SwingField>(QStringLiteral("Club speed")); }
    void press(const QString& text) {
        for (auto* b : window_->findChildren<QAbstractButton*>()) {
            if (b->isVisible() && b->text() == text) return QTest::mouseClick(b, Qt::LeftButton);
        }
        ADD_FAILURE() << "no button says " << text.toStdString();
    }
};

TEST_F(LadderViewTest, WithoutShotsItSaysThatItGuesses) {
    window_->showView(QStringLiteral("ladder"));
    ASSERT_TRUE(QTest::qWaitFor([this] { return made() != nullptr; }, patience(10000)));
    ASSERT_TRUE(QTest::qWaitFor(
        [this] { return said("ladderWhy").contains(QStringLiteral("a guess")); }, 2000));
    EXPECT_TRUE(drawing()->accessibleDescription().contains(QStringLiteral("guess")));
    EXPECT_TRUE(said("ladderGaps").contains(QStringLiteral("Every rung is a guess")));
}

TEST_F(LadderViewTest, ADistanceIsDraggedTypedAndAnswered) {
    openAcademy();
    const QPointF at = drawing()->handles().first().at;
    drag(drawing(), at, {-150, 0});
    EXPECT_LT(drawing()->handles().first().at.x(), at.x() - 100);
    auto* distance = byName<QDoubleSpinBox>(QStringLiteral("Distance"));
    distance->setValue(30);
    const auto& a = made();
    const auto reaches = reachDistance(a->ladder, a->played, a->today, 30.0, LadderMeasure::Total);
    const auto best = bestReach(reaches);
    ASSERT_TRUE(best);
    const LadderReach& r = reaches[*best];
    EXPECT_TRUE(sentence().startsWith(QStringLiteral("30\u00a0m: the ")))
        << sentence().toStdString();
    EXPECT_TRUE(
        sentence().contains(text::fromUtf8(a->ladder.clubs[a->ladder.lines[r.line].club].name)));
    EXPECT_TRUE(sentence().contains(text::swingSize(r.swing))) << sentence().toStdString();
    EXPECT_TRUE(said("ladderWhy").contains(QStringLiteral("times in 100")));
    distance->setValue(200);
    EXPECT_TRUE(sentence().contains(QStringLiteral("no swing of these reaches it")));
}

TEST_F(LadderViewTest, AWindyDayMovesEveryRungAndSaysSo) {
    openAcademy();
    const double calm = made()->played[0].back().carry_m;
    BenchState windy = bench();
    windy.conditions.air.windAhead_mps = -6;
    window_->desk.bench().edit(windy, QStringLiteral("wind"));
    ASSERT_TRUE(QTest::qWaitFor([&] { return made()->played[0].back().carry_m < 0.97 * calm; },
                                patience(5000)));
    EXPECT_DOUBLE_EQ(made()->plain[0].back().carry_m, made()->ladder.lines[0].rungs.back().carry_m);
    EXPECT_TRUE(said("ladderWhy").contains(QStringLiteral("Today costs up to")))
        << said("ladderWhy").toStdString();
    window_->desk.bench().undoStack().undo();
    ASSERT_TRUE(QTest::qWaitFor(
        [&] { return std::abs(made()->played[0].back().carry_m - calm) < 1e-9; }, patience(5000)));
}

TEST_F(LadderViewTest, ARungGoesToTheBenchAndToItsShots) {
    openAcademy();
    drawing()->setFocus();
    for (int i = 0; i < 5; ++i)
        QTest::keyClick(drawing(), Qt::Key_Down);
    const LadderLine& line = made()->ladder.lines[2];  // 54, after both ways of the 50
    const LadderRung& rung = line.rungs[1];
    EXPECT_TRUE(said("ladderRung").startsWith(QStringLiteral("54 sand rib high: 10 shots")))
        << said("ladderRung").toStdString();
    press(QStringLiteral("Show its shots"));
    auto* list = byName<QAbstractItemView>(QStringLiteral("Shots"));
    ASSERT_TRUE(QTest::qWaitFor(
        [&] { return list->model()->rowCount() < 20 && list->model()->rowCount() > 0; },
        patience(5000)));
    for (int i = 0; i < list->model()->rowCount(); ++i) {
        const QString shot = list->model()->index(i, 0).data(Qt::AccessibleTextRole).toString();
        EXPECT_TRUE(shot.contains(QStringLiteral("rib high"))) << shot.toStdString();
    }
    window_->showView(QStringLiteral("ladder"));
    press(QStringLiteral("Open in Shape"));
    EXPECT_TRUE(swing()->isVisible()) << "Shape is shown";
    EXPECT_DOUBLE_EQ(bench().recipe().clubSpeed_mps, rung.clubSpeed_mps);
    EXPECT_TRUE(swing()->text().startsWith(QStringLiteral("rib high")))
        << swing()->text().toStdString();
}

TEST_F(LadderViewTest, ASwingIsTypedSteppedAndUndoneInShape) {
    openAcademy();
    window_->showView(QStringLiteral("shape"));
    const auto speedOf = [this](std::size_t i) {
        return window_->desk.bench().swings().rungs()[i].speed_mps;
    };
    ASSERT_EQ(window_->desk.bench().swings().rungs().size(), 3u);
    swing()->setFocus();
    swing()->selectAll();
    QTest::keyClicks(swing(), QStringLiteral("rib"));
    QTest::keyClick(swing(), Qt::Key_Return);
    EXPECT_NEAR(bench().recipe().clubSpeed_mps, speedOf(1), 0.06);
    EXPECT_TRUE(swing()->text().startsWith(QStringLiteral("rib high")))
        << swing()->text().toStdString();
    QTest::keyClick(swing(), Qt::Key_Up);
    EXPECT_NEAR(bench().recipe().clubSpeed_mps, speedOf(1) + (speedOf(2) - speedOf(1)) / 10, 0.11);
    QTest::keyClick(swing(), Qt::Key_PageUp);
    EXPECT_NEAR(bench().recipe().clubSpeed_mps, speedOf(2), 0.06);
    QTest::keyClick(swing(), Qt::Key_PageDown);
    QTest::keyClick(swing(), Qt::Key_PageDown);
    EXPECT_NEAR(bench().recipe().clubSpeed_mps, speedOf(0), 0.06);
    swing()->selectAll();
    QTest::keyClicks(swing(), QStringLiteral("hip + 50"));
    QTest::keyClick(swing(), Qt::Key_Return);
    EXPECT_NEAR(bench().recipe().clubSpeed_mps, (speedOf(0) + speedOf(1)) / 2, 0.06);
    EXPECT_TRUE(swing()->text().contains(QStringLiteral("+ 50 %")));
    swing()->selectAll();
    QTest::keyClicks(swing(), QStringLiteral("20"));
    QTest::keyClick(swing(), Qt::Key_Return);
    EXPECT_NEAR(bench().recipe().clubSpeed_mps, 20, 1e-9);
    // Walked through, it changes nothing: what is shown is rounded.
    window_->desk.bench().edit(
        [&] {
            BenchState next = bench();
            next.recipe().clubSpeed_mps = 19.7;
            return next;
        }(),
        QStringLiteral("speed"));
    QTest::keyClick(swing(), Qt::Key_Tab);
    swing()->setFocus();
    QTest::keyClick(swing(), Qt::Key_Return);
    EXPECT_NEAR(bench().recipe().clubSpeed_mps, 19.7, 1e-9);
    EXPECT_TRUE(swing()->toolTip().contains(QStringLiteral("19.7")));
    window_->desk.bench().undoStack().undo();
    swing()->selectAll();
    QTest::keyClicks(swing(), QStringLiteral("as hard as he can"));
    QTest::keyClick(swing(), Qt::Key_Return);
    EXPECT_NEAR(bench().recipe().clubSpeed_mps, 20, 1e-9) << "what means nothing changes nothing";
    window_->desk.bench().undoStack().undo();
    EXPECT_NEAR(bench().recipe().clubSpeed_mps, (speedOf(0) + speedOf(1)) / 2, 0.06);
}

TEST_F(LadderViewTest, TheCardGoesOutAsDocumentAndDrawing) {
    openAcademy();
    const QString pdf = folder_.filePath(QStringLiteral("card.pdf"));
    const auto choose = [this](const QString& name, int i) {
        auto* box = byName<QComboBox>(name);
        box->setCurrentIndex(i);
        emit box->activated(i);
    };
    choose(QStringLiteral("Units of the card"), 1);
    inFileDialog(pdf, [this] { action(QStringLiteral("Save the pocket card"))->trigger(); });
    QProcess text;
    text.start(QStringLiteral("pdftotext"), {QStringLiteral("-layout"), pdf, QStringLiteral("-")});
    ASSERT_TRUE(text.waitForFinished(20000)) << "poppler-utils is among the packages of the tests";
    const QString page = QString::fromUtf8(text.readAllStandardOutput());
    for (const char* word : {"Runa Vale", "50 gap", "54 sand", "58 lob", "hip high",
                             "shoulder high", "90 shots", "yd"})
        EXPECT_TRUE(page.contains(QLatin1String(word))) << word << " in " << page.toStdString();
    // A page for each unit system.
    EXPECT_EQ(page.count(QLatin1Char('\f')), 2);
    const auto& line = made()->ladder.lines[0];
    for (const LadderRung& r : line.rungs)
        EXPECT_TRUE(page.contains(QString::number(std::lround(r.carry_m)))) << r.carry_m;
    QProcess info;
    info.start(QStringLiteral("pdfinfo"), {pdf});
    ASSERT_TRUE(info.waitForFinished(20000));
    const QString size = QString::fromUtf8(info.readAllStandardOutput());
    EXPECT_TRUE(size.contains(QStringLiteral("297 x 420"))) << "A6: " << size.toStdString();
    choose(QStringLiteral("Size of the card"), 1);
    const QString svg = folder_.filePath(QStringLiteral("card.svg"));
    inFileDialog(svg, [this] { action(QStringLiteral("Save the pocket card"))->trigger(); });
    QFile drawn(svg);
    ASSERT_TRUE(drawn.open(QIODevice::ReadOnly));
    EXPECT_TRUE(drawn.readAll().contains("Runa Vale"));
}

TEST_F(LadderViewTest, APlayersOwnSwingsAreWrittenDownAndBecomeRungs) {
    openAcademy();
    QAbstractButton* player = nullptr;
    for (auto* b : window_->findChildren<QAbstractButton*>()) {
        if (b->accessibleName().startsWith(QStringLiteral("Player:"))) player = b;
    }
    QTest::mouseClick(player, Qt::LeftButton);
    press(QStringLiteral("Swings…"));
    SwingsDialog* dialog = nullptr;
    ASSERT_TRUE(QTest::qWaitFor(
        [&] { return (dialog = window_->findChild<SwingsDialog*>()) != nullptr; }, 2000));
    auto* table = byName<QTableWidget>(QStringLiteral("Swings, the shortest first"), dialog);
    ASSERT_EQ(table->rowCount(), 3);
    EXPECT_EQ(table->item(0, 0)->text(), QStringLiteral("hip high"));
    // What his shots say, with its spread.
    EXPECT_TRUE(table->item(0, 3)->text().contains(
        QRegularExpression(QStringLiteral("^[0-9.]+ ± [0-9.]+.m/s, [0-9]+ shots$"))))
        << table->item(0, 3)->text().toStdString();
    press(QStringLiteral("Add a swing"));
    ASSERT_EQ(table->rowCount(), 4);
    table->item(3, 0)->setText(QStringLiteral("all of it"));
    table->item(3, 1)->setText(QStringLiteral("0.2"));
    EXPECT_TRUE(dialog->findChild<QLabel*>(QStringLiteral("swingsError"))
                    ->text()
                    .contains(QStringLiteral("have to rise")));
    table->item(3, 1)->setText(QStringLiteral("1"));
    press(QStringLiteral("Keep"));
    ASSERT_TRUE(QTest::qWaitFor([&] { return made() && made()->ladder.swings.swings.size() == 4; },
                                patience(10000)));
    settle();
    const store::Logbook book(logbookPath().toStdString(), store::Logbook::Access::ReadOnly);
    auto kept = store::Logbook(logbookPath().toStdString(), store::Logbook::Access::ReadOnly);
    EXPECT_EQ(store::SwingSets(kept).all().at("Runa Vale").swings.back().name, "all of it");
    const LadderRung& guess = made()->ladder.lines[0].rungs.back();
    EXPECT_TRUE(guess.predicted);
    EXPECT_GT(guess.carry_m, made()->ladder.lines[0].rungs[2].carry_m);
    EXPECT_TRUE(drawing()->accessibleDescription().contains(QStringLiteral("all of it")));
    // Logbook and bench come back and go again together, as one step.
    const auto keptSwings = [&] {
        settle();
        auto now = store::Logbook(logbookPath().toStdString(), store::Logbook::Access::ReadOnly);
        const auto all = store::SwingSets(now).all();
        const auto its = all.find("Runa Vale");
        return its == all.end() ? std::size_t{0} : its->second.swings.size();
    };
    ASSERT_TRUE(bench().player.swings);
    action(QStringLiteral("Undo"))->trigger();
    EXPECT_FALSE(bench().player.swings);
    EXPECT_EQ(keptSwings(), 0u);
    ASSERT_TRUE(
        QTest::qWaitFor([&] { return made()->ladder.swings.swings.size() == 3; }, patience(10000)));
    action(QStringLiteral("Redo"))->trigger();
    EXPECT_EQ(bench().player.swings->swings.size(), 4u);
    EXPECT_EQ(keptSwings(), 4u);
}

TEST_F(LadderViewTest, TheCardIsPrintedFromItsPreview) {
    openAcademy();
    const QString pdf = folder_.filePath(QStringLiteral("printed.pdf"));
    auto* units = byName<QComboBox>(QStringLiteral("Units of the card"));
    units->setCurrentIndex(1);
    emit units->activated(1);
    int pages = 0;
    QTimer::singleShot(200, window_.get(), [&] {
        auto* dialog = window_->findChild<QPrintPreviewDialog*>();
        ASSERT_TRUE(dialog);
        auto* preview = dialog->findChild<QPrintPreviewWidget*>();
        pages = preview->pageCount();
        dialog->printer()->setOutputFileName(pdf);
        preview->print();
        dialog->reject();
    });
    action(QStringLiteral("Print the pocket card"))->trigger();
    EXPECT_EQ(pages, 2) << "one for each unit system";
    QProcess text;
    text.start(QStringLiteral("pdftotext"), {QStringLiteral("-layout"), pdf, QStringLiteral("-")});
    ASSERT_TRUE(text.waitForFinished(20000));
    const QString page = QString::fromUtf8(text.readAllStandardOutput());
    for (const char* word : {"Runa Vale", "50 gap", "hip high", "yd"})
        EXPECT_TRUE(page.contains(QLatin1String(word))) << word << " in " << page.toStdString();
}

}  // namespace
}  // namespace wedgeon::test
