// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Tune in the real window: what it says is what the core finds; refusals; players.
#include <QCheckBox>
#include <QComboBox>
#include <QProgressBar>
#include <QToolButton>

#include "academy.h"
#include "start_state.h"
#include "views/tune/fit_drawing.h"
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
            patience(20000));
    }
    void press(const char* text) {
        for (auto* b : window_->findChildren<QAbstractButton*>()) {
            if (b->text() == QLatin1String(text)) return b->click();
        }
    }
    QString parameters() {
        press("Numbers");
        return byName<Drawing>(QStringLiteral("Parameters"))->accessibleDescription();
    }
};

TEST_F(TuneViewTest, WithoutShotsItSaysWhatToDo) {
    window_->showView(QStringLiteral("tune"));
    EXPECT_TRUE(said("tuneSentence").contains(QStringLiteral("No shots")));
    EXPECT_TRUE(said("tuneWhy").contains(QStringLiteral("Ctrl+O")));
}

TEST_F(TuneViewTest, ItSaysWhatTheCoreFindsForEachPlayer) {
    const auto academy = demo::makeAcademy();
    openRecords(academy.shots);
    window_->showView(QStringLiteral("tune"));
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
        const auto data =
            store::findTuneShots(logged, {{}, startConditions(), nullptr}, truth.player);
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
                    check.lines[static_cast<std::size_t>(TuneOutcome::Carry)].tuned.mean, 0.051)
            << leftOut.toStdString();
        EXPECT_TRUE(said("tuneNext").contains(QStringLiteral("the surest:")) ||
                    said("tuneNext").contains(QStringLiteral("Enough is known")))
            << said("tuneNext").toStdString();
        EXPECT_TRUE(said("tuneNext").contains(QStringLiteral(" × 5"))) << "wedge and swing";
    }
    const QString text =
        (action(QStringLiteral("Copy the result"))->trigger(), QApplication::clipboard()->text());
    EXPECT_TRUE(text.contains(said("tuneSentence")));
    EXPECT_TRUE(text.contains(parameters()));
}

TEST_F(TuneViewTest, FindingsComeFirstAndShowTheirShots) {
    openRecords(demo::makeAcademy().shots);
    window_->showView(QStringLiteral("tune"));
    ASSERT_TRUE(tuned());
    // Ranked sentences, of which one is of the device: its loft bias is in the demo.
    QTest::qWait(50);
    QStringList found;
    for (auto* l : window_->findChildren<QLabel*>(QStringLiteral("tuneFinding"))) {
        if (l->isVisible()) found << l->text();
    }
    ASSERT_GE(found.size(), 3);
    const QString all = found.join(QLatin1Char('\n'));
    EXPECT_TRUE(all.contains(QStringLiteral("The device reads 1.3° too much loft")))
        << all.toStdString();
    EXPECT_TRUE(all.contains(QStringLiteral("10° of opening arrive as 7")));
    for (const QString& one : found)
        EXPECT_TRUE(one.contains(QStringLiteral("From "))) << one.toStdString();
    // The evidence of the first one, in Watch.
    for (auto* b : window_->findChildren<QToolButton*>()) {
        if (b->isVisible() && b->text() == QStringLiteral("Show me")) {
            b->click();
            break;
        }
    }
    auto* filter = byName<QLineEdit>(QStringLiteral("Show only shots with these words"));
    EXPECT_TRUE(filter->text().contains(QStringLiteral("player:")));
    auto* list = byName<QAbstractItemView>(QStringLiteral("Shots"));
    EXPECT_TRUE(QTest::qWaitFor([&] { return list->model()->rowCount() > 0; }, 5000))
        << filter->text().toStdString();
}

TEST_F(TuneViewTest, ItSaysWhatSetUpsDeliverAndWhatIsLeft) {
    const auto academy = demo::makeAcademy();
    openRecords(academy.shots);
    window_->showView(QStringLiteral("tune"));
    ASSERT_TRUE(tuned());
    std::vector<store::LoggedShot> logged;
    for (const auto& r : academy.shots) {
        store::LoggedShot shot;
        shot.record = r;
        logged.push_back(shot);
    }
    const auto data = store::findTuneShots(logged, {{}, startConditions(), nullptr}, "Runa Vale");
    const PlayerFit fit = fitPlayer(data.shots);
    ASSERT_FALSE(fit.delivery.estimates.empty());
    press("Set-up and swings");
    const QString setUps =
        byName<Drawing>(QStringLiteral("What the set-up delivers"))->accessibleDescription();
    EXPECT_NEAR(numberAfter(setUps, QStringLiteral("Opening: of each degree arrives")),
                fit.delivery.tuning.open.factor, 0.0051)
        << setUps.toStdString();
    EXPECT_NEAR(numberAfter(said("tuneSwings"), QStringLiteral("opening come as")),
                degFromRad(fit.delivery.tuning.open(radFromDeg(10))), 0.051);
    EXPECT_TRUE(said("tuneSwings").contains(QStringLiteral("rib high: 50 gap")));
    EXPECT_NEAR(numberAfter(parameters(), QStringLiteral("drag, times")), fit.air.tuning.drag,
                0.0051);
    // The clouds, and the choice by key and click.
    press("Shot by shot");
    auto* cloud = byName<FitDrawing>(QStringLiteral("Measured against predicted"));
    ASSERT_TRUE(cloud->isVisible());
    const TuneResiduals residuals = findResiduals(data.shots, fit);
    EXPECT_NEAR(
        numberAfter(cloud->accessibleDescription(), QStringLiteral("carry: ")),
        static_cast<double>(std::count_if(residuals.measured.begin(), residuals.measured.end(),
                                          [](const auto& m) { return !std::isnan(m[3]); })),
        0.1)
        << cloud->accessibleDescription().toStdString();
    const auto before = cloud->chosen();
    QTest::keyClick(cloud, before > 0 ? Qt::Key_Left : Qt::Key_Right);
    EXPECT_NE(cloud->chosen(), before);
    QTest::mouseClick(cloud, Qt::LeftButton, {}, QPoint(cloud->width() - 30, 60));
    EXPECT_EQ(cloud->chosen(), 4);
}

/// What another day does to the run cannot be checked by one.
TEST_F(TuneViewTest, OneDayOnlyCannotCheckItsRuns) {
    auto shots = demo::makeAcademy().shots;
    std::erase_if(
        shots, [&](const store::ShotRecord& r) { return r[store::Label::Player] != "Runa Vale"; });
    for (store::ShotRecord& r : shots)
        r[store::Label::Time] = "2026-11-10 10:00:00";
    openRecords(shots);
    window_->showView(QStringLiteral("tune"));
    ASSERT_TRUE(tuned());
    EXPECT_TRUE(said("tuneNext").contains(QStringLiteral("All shots are of one day")))
        << said("tuneNext").toStdString();
    const QString leftOut =
        byName<Drawing>(QStringLiteral("Errors on days left out"))->accessibleDescription();
    EXPECT_TRUE(leftOut.contains(QStringLiteral("interval held one day"))) << leftOut.toStdString();
    EXPECT_TRUE(leftOut.contains(QStringLiteral("(median ")));
}

TEST_F(TuneViewTest, APatternThatIsLeftIsSaid) {
    auto shots = demo::makeAcademy().shots;
    for (auto& r : shots)
        r[store::Quantity::Carry] *= 1 + 0.01 * (r[store::Quantity::ClubSpeed] - 22);
    openRecords(shots);
    window_->showView(QStringLiteral("tune"));
    ASSERT_TRUE(tuned());
    EXPECT_TRUE(said("tuneNext").contains(QStringLiteral("A pattern is left: carry")))
        << said("tuneNext").toStdString();
}

TEST_F(TuneViewTest, TheShotsToHitAreTickedOffAsTheyComeIn) {
    const auto shots = demo::makeAcademy().shots;
    openRecords(shots);
    window_->showView(QStringLiteral("tune"));
    ASSERT_TRUE(tuned());
    press("Hit these in Watch");
    const auto wishes = [&] {
        QStringList lines;
        for (auto* b : window_->findChildren<QCheckBox*>()) {
            if (b->isVisible() && b->text().contains(QStringLiteral(" of "))) lines << b->text();
        }
        return lines;
    };
    const QStringList asked = wishes();
    ASSERT_FALSE(asked.isEmpty());
    EXPECT_TRUE(asked.front().startsWith(QStringLiteral("0 of ")));
    EXPECT_TRUE(said("hitTitle").contains(QStringLiteral("Runa Vale")));
    // The player hits what the first line asks for; another hits it, too.
    store::ShotRecord hit;
    hit[store::Label::Player] = "Runa Vale";
    std::vector<store::LoggedShot> logged;
    for (const auto& r : shots) {
        store::LoggedShot shot;
        shot.record = r;
        logged.push_back(shot);
    }
    const auto data = store::findTuneShots(logged, {{}, startConditions(), nullptr}, "Runa Vale");
    const auto next = findNextShots(data.shots, fitStrike(data.shots)).shots;
    ASSERT_FALSE(next.empty());
    const NextShot& first = next.front();
    hit[store::Quantity::ClubSpeed] = first.delivery.clubSpeed_mps + 0.5;
    hit[store::Quantity::DynamicLoft] = first.delivery.dynamicLoft_rad;
    hit[store::Quantity::AttackAngle] = first.delivery.attack_rad;
    hit[store::Quantity::ClubPath] = hit[store::Quantity::FaceAngle] = 0.0;
    hit[store::Quantity::BallSpeed] = 20;
    for (const NamedBall& b : namedBalls()) {
        if (b.ball == first.group.ball) hit[store::Label::Ball] = b.key;
    }
    for (const NamedFace& f : namedFaces()) {
        if (f.face == first.group.face) hit[store::Label::FaceCondition] = f.key;
    }
    for (const NamedLie& l : namedLies()) {
        if (l.lie == first.group.lie) hit[store::Label::Lie] = l.key;
    }
    auto other = hit;
    other[store::Label::Player] = "Odo Ferrin";
    openRecords({other});
    EXPECT_EQ(wishes(), asked) << "another player's";
    openRecords({hit});
    EXPECT_TRUE(wishes().front().startsWith(QStringLiteral("1 of ")))
        << wishes().front().toStdString();
    // By hand, and away.
    for (auto* b : window_->findChildren<QCheckBox*>()) {
        if (b->isVisible() && b->text().contains(QStringLiteral(" of ")) && !b->isChecked())
            QTest::mouseClick(b, Qt::LeftButton, {}, QPoint(8, b->height() / 2));
    }
    EXPECT_TRUE(said("hitTitle").startsWith(QStringLiteral("All hit")));
    byName<QAbstractButton>(QStringLiteral("Drop the list of shots to hit"))->click();
    EXPECT_TRUE(wishes().isEmpty());
}

TEST_F(TuneViewTest, ALongTuningShowsHowFarItIsAndIsCancelled) {
    std::vector<store::ShotRecord> many;
    for (unsigned seed = 1; seed <= 25; ++seed) {
        for (auto r : demo::makeAcademy(seed).shots) {
            // Seed by seed another month, so that every day is one of its own.
            r[store::Label::Time] =
                std::to_string(2000 + seed) + r[store::Label::Time].str().substr(4);
            many.push_back(r);
        }
    }
    openRecords(many);
    window_->showView(QStringLiteral("tune"));
    QProgressBar* bar = nullptr;
    for (auto* b : window_->findChildren<QProgressBar*>()) {
        if (b->accessibleName() == QStringLiteral("Share of the tuning that is done")) bar = b;
    }
    ASSERT_TRUE(bar);
    ASSERT_TRUE(
        QTest::qWaitFor([&] { return bar->isVisible() && bar->value() > 0; }, patience(20000)));
    QTest::keyClick(window_->focusWidget() ? window_->focusWidget() : window_.get(),
                    Qt::Key_Escape);
    if (bar->isVisible()) {
        for (auto* b : window_->findChildren<QPushButton*>()) {
            if (b->isVisible() && b->text() == QStringLiteral("Cancel")) b->click();
        }
    }
    EXPECT_EQ(said("tuneSentence"), QStringLiteral("Stopped."));
    EXPECT_FALSE(bar->isVisible());
    QPushButton* again = nullptr;
    for (auto* b : window_->findChildren<QPushButton*>()) {
        if (b->text() == QStringLiteral("Tune again")) again = b;
    }
    ASSERT_TRUE(again && again->isVisible());
    again->click();
    ASSERT_TRUE(QTest::qWaitFor(
        [&] { return said("tuneSentence").startsWith(QStringLiteral("Runa Vale")); },
        patience(60000)))
        << said("tuneSentence").toStdString();
}

TEST_F(TuneViewTest, TooFewShotsAreRefusedWithTheReason) {
    auto shots = demo::makeAcademy().shots;
    shots.resize(3);
    openRecords(shots);
    window_->showView(QStringLiteral("tune"));
    ASSERT_TRUE(tuned());
    EXPECT_TRUE(said("tuneSentence").contains(QStringLiteral("No tuning")));
    EXPECT_TRUE(said("tuneWhy").contains(QStringLiteral("six are needed")));
    EXPECT_EQ(parameters(), QString());
}

TEST_F(TuneViewTest, UsingATuningChangesPredictionsEverywhereAndOneClickGoesBack) {
    openRecords(demo::makeAcademy().shots);
    window_->showView(QStringLiteral("shape"));
    const auto drawn = [&] {
        return byName<Drawing>(QStringLiteral("Flight and run"))->accessibleDescription();
    };
    ASSERT_TRUE(QTest::qWaitFor([&] { return drawn().contains(QStringLiteral("80 rest")); }, 5000));
    const QString withPriors = drawn();
    const auto cell = [&] {
        for (auto* b : window_->findChildren<QAbstractButton*>()) {
            if (b->accessibleName().startsWith(QStringLiteral("Player:"))) return b->text();
        }
        return QString();
    };
    EXPECT_EQ(cell(), QStringLiteral("Runa Vale, right"));
    const QString today = QLocale().toString(QDate::currentDate(), QStringLiteral("d MMM"));
    window_->showView(QStringLiteral("tune"));
    auto* box = byName<QComboBox>(QStringLiteral("Player to tune to"));
    ASSERT_EQ(box->currentText(), QStringLiteral("Runa Vale"));
    ASSERT_TRUE(tuned());
    const auto use = [&] {
        for (auto* b : window_->findChildren<QPushButton*>()) {
            if (b->text() == QStringLiteral("Use this")) QTest::mouseClick(b, Qt::LeftButton);
        }
    };
    const QString before = said("tuneSentence");
    use();
    QTest::qWait(300);
    EXPECT_EQ(said("tuneSentence"), before) << "what is in use does not change the fit";
    EXPECT_EQ(cell(), QStringLiteral("Runa Vale, right, tuned ") + today);
    auto* kept = byName<QComboBox>(QStringLiteral("Tuning in use"));
    ASSERT_EQ(kept->count(), 2);
    EXPECT_TRUE(kept->currentText().startsWith(QStringLiteral("In use:")));
    EXPECT_TRUE(kept->currentText().contains(QStringLiteral("90 shots")));
    window_->showView(QStringLiteral("shape"));
    const QString withTuning = drawn();
    EXPECT_NE(withTuning, withPriors);
    {
        store::Logbook book(logbookPath().toStdString());
        const auto inUse = store::Tunings(book).inUse("Runa Vale");
        ASSERT_TRUE(inUse);
        EXPECT_EQ(inUse->shotIds.size() > 80, true);
        // The same from the core.
        const ShotResult shot =
            Predictor({"", Hand::Right, std::make_shared<Tuning>(inUse->tuning)}, startConditions())
                .shot(startRecipe());
        EXPECT_NEAR(numberAfter(withTuning, QStringLiteral("arries")), shot.flight.carry_m, 0.51)
            << withTuning.toStdString();
    }
    // Why begins with what his set-up delivers, and still ends on the ground.
    action(QStringLiteral("Why this result"))->trigger();
    EXPECT_TRUE(said("whyNumbers0").startsWith(QStringLiteral("Opening")))
        << said("whyNumbers0").toStdString();
    EXPECT_TRUE(said("whyNumbers7").contains(QStringLiteral("Rests")))
        << said("whyNumbers7").toStdString();
    action(QStringLiteral("Why this result"))->trigger();
    // Undo takes it out of the logbook, too.
    const auto inUse = [&] {
        settle();
        store::Logbook book(logbookPath().toStdString());
        return store::Tunings(book).inUse("Runa Vale").has_value();
    };
    action(QStringLiteral("Undo"))->trigger();
    EXPECT_EQ(cell(), QStringLiteral("Runa Vale, right"));
    EXPECT_FALSE(inUse());
    action(QStringLiteral("Redo"))->trigger();
    EXPECT_EQ(cell(), QStringLiteral("Runa Vale, right, tuned ") + today);
    EXPECT_TRUE(inUse());
    // Back to the priors, and to the tuning again.
    window_->showView(QStringLiteral("tune"));
    kept->setCurrentIndex(0);
    emit kept->activated(0);
    EXPECT_EQ(cell(), QStringLiteral("Runa Vale, right"));
    window_->showView(QStringLiteral("shape"));
    // The hundred swings follow in a thread.
    EXPECT_TRUE(QTest::qWaitFor([&] { return drawn() == withPriors; }, 5000))
        << drawn().toStdString() << "\n"
        << withPriors.toStdString();
    window_->showView(QStringLiteral("tune"));
    kept->setCurrentIndex(1);
    emit kept->activated(1);
    EXPECT_EQ(cell(), QStringLiteral("Runa Vale, right, tuned ") + today);
    // The next window starts with it.
    window_.reset();
    window_ = std::make_unique<Program>(logbookPath());
    window_->show();
    settle();
    EXPECT_EQ(cell(), QStringLiteral("Runa Vale, right, tuned ") + today);
}

TEST_F(TuneViewTest, AShotThatIsSetAsideHasNoSay) {
    openRecords(demo::makeAcademy().shots);
    action(QStringLiteral("Set the shot"))->trigger();
    window_->showView(QStringLiteral("tune"));
    auto* box = byName<QComboBox>(QStringLiteral("Player to tune to"));
    const int i = box->findText(QStringLiteral("Odo Ferrin"));  // who hit the last one
    box->setCurrentIndex(i);
    emit box->activated(i);
    ASSERT_TRUE(tuned());
    EXPECT_TRUE(said("tuneWhy").contains(QStringLiteral("1 shot set aside do not count")))
        << said("tuneWhy").toStdString();
}

}  // namespace
}  // namespace wedgeon::test
