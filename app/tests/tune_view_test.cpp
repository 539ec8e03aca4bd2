// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Tune in the real window: what it says is what the core finds; refusals; players.
#include <QComboBox>

#include "academy.h"
#include "start_state.h"
#include "wedgeon/store/tune_shots.h"
#include "wedgeon/store/tunings.h"
#include "window_fixture.h"

namespace wedgeon::test {
namespace {

class TuneViewTest : public WindowTest {
protected:
    bool tuned() {
        return QTest::qWaitFor(
            [&] {
                return !said("tuneSentence").isEmpty() &&
                       !said("tuneSentence").startsWith(QStringLiteral("Tuning"));
            },
            20000);
    }
    QString parameters() {
        return byName<Drawing>(QStringLiteral("Parameters"))->accessibleDescription();
    }
};

TEST_F(TuneViewTest, WithoutShotsItSaysWhatToDo) {
    window_->showView(MainWindow::Tune);
    EXPECT_TRUE(said("tuneSentence").contains(QStringLiteral("No shots")));
    EXPECT_TRUE(said("tuneWhy").contains(QStringLiteral("Ctrl+O")));
}

TEST_F(TuneViewTest, ItSaysWhatTheCoreFindsForEachPlayer) {
    const auto academy = demo::makeAcademy();
    openRecords(academy.shots);
    window_->showView(MainWindow::Tune);
    for (const demo::Truth& truth : academy.truths) {
        auto* box = byName<QComboBox>(QStringLiteral("Player to tune to"));
        const int i = box->findText(QString::fromStdString(truth.player));
        ASSERT_GE(i, 0);
        box->setCurrentIndex(i);
        emit box->activated(i);
        ASSERT_TRUE(tuned());
        std::vector<store::LoggedShot> logged;
        for (const auto& r : academy.shots) {
            store::LoggedShot shot;
            shot.record = r;
            logged.push_back(shot);
        }
        const auto data = store::findTuneShots(logged, startGivens(), truth.player);
        const TuneResult fit = fitStrike(data.shots);
        for (const TuneEstimate& e : fit.estimates) {
            if (e.kind != TuneEstimate::Kind::LoftBias) continue;
            EXPECT_NEAR(numberAfter(parameters(), QStringLiteral("loft bias")), degFromRad(e.value),
                        0.051)
                << parameters().toStdString();
        }
        EXPECT_TRUE(said("tuneSentence").startsWith(QString::fromStdString(truth.player)));
        const LeftOutCheck check = checkLeftOut(data.shots);
        const QString leftOut =
            byName<Drawing>(QStringLiteral("Errors on days left out"))->accessibleDescription();
        EXPECT_NEAR(numberAfter(leftOut, QStringLiteral("carry: tuned")),
                    check.lines[static_cast<std::size_t>(TuneOutcome::Carry)].tuned, 0.051)
            << leftOut.toStdString();
        EXPECT_TRUE(said("tuneNext").contains(QStringLiteral("would tell most")));
    }
    const QString text =
        (action(QStringLiteral("Copy the result"))->trigger(), QApplication::clipboard()->text());
    EXPECT_TRUE(text.contains(said("tuneSentence")));
    EXPECT_TRUE(text.contains(parameters()));
}

TEST_F(TuneViewTest, TooFewShotsAreRefusedWithTheReason) {
    auto shots = demo::makeAcademy().shots;
    shots.resize(3);
    openRecords(shots);
    window_->showView(MainWindow::Tune);
    ASSERT_TRUE(tuned());
    EXPECT_TRUE(said("tuneSentence").contains(QStringLiteral("No tuning")));
    EXPECT_TRUE(said("tuneWhy").contains(QStringLiteral("six are needed")));
    EXPECT_EQ(parameters(), QString());
}

TEST_F(TuneViewTest, UsingATuningChangesPredictionsEverywhereAndOneClickGoesBack) {
    openRecords(demo::makeAcademy().shots);
    window_->showView(MainWindow::Shape);
    const auto drawn = [&] {
        return byName<Drawing>(QStringLiteral("Flight and run"))->accessibleDescription();
    };
    const QString withPriors = drawn();
    const auto cell = [&] {
        for (auto* b : window_->findChildren<QAbstractButton*>()) {
            if (b->accessibleName().startsWith(QStringLiteral("Player:"))) return b->text();
        }
        return QString();
    };
    EXPECT_EQ(cell(), QStringLiteral("Runa Vale, right"));
    window_->showView(MainWindow::Tune);
    auto* box = byName<QComboBox>(QStringLiteral("Player to tune to"));
    ASSERT_EQ(box->currentText(), QStringLiteral("Runa Vale"));
    ASSERT_TRUE(tuned());
    const auto use = [&] {
        for (auto* b : window_->findChildren<QPushButton*>()) {
            if (b->text() == QStringLiteral("Use this")) QTest::mouseClick(b, Qt::LeftButton);
        }
    };
    use();
    EXPECT_EQ(cell(), QStringLiteral("Runa Vale, right, tuned"));
    auto* kept = byName<QComboBox>(QStringLiteral("Tuning in use"));
    ASSERT_EQ(kept->count(), 2);
    EXPECT_TRUE(kept->currentText().startsWith(QStringLiteral("In use:")));
    EXPECT_TRUE(kept->currentText().contains(QStringLiteral("90 shots")));
    window_->showView(MainWindow::Shape);
    const QString withTuning = drawn();
    EXPECT_NE(withTuning, withPriors);
    {
        store::Logbook book(logbookPath().toStdString());
        const auto inUse = store::Tunings(book).inUse("Runa Vale");
        ASSERT_TRUE(inUse);
        EXPECT_EQ(inUse->shotIds.size() > 80, true);
        // The same from the core.
        Givens givens = startGivens();
        givens.tuning = std::make_shared<Tuning>(inUse->tuning);
        const ShotResult shot = calcShot(startRecipe(), givens);
        EXPECT_NEAR(numberAfter(withTuning, QStringLiteral("arries")), shot.flight.carry_m, 0.51)
            << withTuning.toStdString();
    }
    // Back to the priors, and to the tuning again.
    window_->showView(MainWindow::Tune);
    kept->setCurrentIndex(0);
    emit kept->activated(0);
    EXPECT_EQ(cell(), QStringLiteral("Runa Vale, right"));
    window_->showView(MainWindow::Shape);
    EXPECT_EQ(drawn(), withPriors);
    window_->showView(MainWindow::Tune);
    kept->setCurrentIndex(1);
    emit kept->activated(1);
    EXPECT_EQ(cell(), QStringLiteral("Runa Vale, right, tuned"));
    // The next window starts with it.
    window_.reset();
    window_ = std::make_unique<MainWindow>(logbookPath());
    window_->show();
    EXPECT_EQ(cell(), QStringLiteral("Runa Vale, right, tuned"));
}

TEST_F(TuneViewTest, AShotThatIsSetAsideHasNoSay) {
    openRecords(demo::makeAcademy().shots);
    action(QStringLiteral("Set the shot"))->trigger();
    window_->showView(MainWindow::Tune);
    auto* box = byName<QComboBox>(QStringLiteral("Player to tune to"));
    const int i = box->findText(QStringLiteral("Odo Ferrin"));  // who hit the last one
    box->setCurrentIndex(i);
    emit box->activated(i);
    ASSERT_TRUE(tuned());
    EXPECT_TRUE(said("tuneWhy").contains(QStringLiteral("1 shot set aside had no say")))
        << said("tuneWhy").toStdString();
}

}  // namespace
}  // namespace wedgeon::test
