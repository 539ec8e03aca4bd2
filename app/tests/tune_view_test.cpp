// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Tune in the real window: what it says is what the core finds; refusals; players.
#include <QComboBox>
#include <fstream>

#include "academy.h"
#include "start_state.h"
#include "wedgeon/store/shot_file.h"
#include "wedgeon/store/tune_shots.h"
#include "window_fixture.h"

namespace wedgeon::test {
namespace {

class TuneViewTest : public WindowTest {
protected:
    void openRecords(const std::vector<store::ShotRecord>& shots) {
        const QString path = folder_.filePath(QStringLiteral("academy.csv"));
        std::ofstream out(path.toStdString(), std::ios::binary);
        store::writeShotsCsv(out, shots);
        out.close();
        openShots(path);
    }
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
