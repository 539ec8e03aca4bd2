// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Declared shots, drills of the coach's own, what is kept of a trial, and hard strikes counted.
#include <QComboBox>
#include <QDoubleSpinBox>
#include <QInputDialog>
#include <QLineEdit>
#include <QSpinBox>

#include "hand_monitor.h"
#include "train_fixture.h"
#include "views/train/drill_dialog.h"
#include "views/train/trial_dialog.h"
#include "wedgeon/store/recipe_file.h"
#include "wedgeon/units.h"

namespace wedgeon::test {
namespace {

class TrainCareTest : public TrainTest {
protected:
    void listen() {
        window_->desk.link().listen(monitor_.serverPort());
        ASSERT_TRUE(QTest::qWaitFor([&] { return monitor_.heard("hello"); }, patience(5000)));
    }
    void hit(const store::ShotRecord& shot) {
        const std::string id = std::to_string(++number_);
        monitor_.hit(id, shot);
        ASSERT_TRUE(QTest::qWaitFor([&] { return monitor_.acknowledged(id); }, patience(5000)));
        settle();
    }
    /// The shot that the bench's set-up gives, with the run changed by so much.
    store::ShotRecord asDeclared(double moreRun_m, double speed = 1.0) const {
        const BenchState& s = window_->desk.bench().state();
        Recipe recipe = s.recipe();
        recipe.clubSpeed_mps *= speed;
        const ShotResult shot = s.predictor().shot(recipe);
        const Launch& ball = shot.strike.launch;
        store::ShotRecord r;
        r[store::Quantity::BallSpeed] = ball.speed_mps();
        r[store::Quantity::LaunchAngle] = ball.angle_rad();
        r[store::Quantity::LaunchDirection] = ball.direction_rad();
        r[store::Quantity::SpinRate] = ball.spinRate_radps();
        r[store::Quantity::SpinAxis] = ball.spinAxis_rad();
        r[store::Quantity::Carry] = shot.flight.carry_m;
        r[store::Quantity::Release] = shot.run.release_m + moreRun_m;
        return r;
    }
    HandMonitor monitor_;
    int number_ = 0;
};

/// A bad bounce is no miss, a short swing is one, whatever the bounce made good.
TEST_F(TrainCareTest, ADeclaredShotIsScoredAgainstWhatWasSwung) {
    byName<QComboBox>(QStringLiteral("Drill"))->setCurrentText(QStringLiteral("Declare, then hit"));
    press(QStringLiteral("Begin the drill"));
    settle();
    listen();
    hit(asDeclared(-9.0));
    EXPECT_TRUE(sentence().startsWith(QStringLiteral("1 of 1 inside.")))
        << sentence().toStdString();
    const QString why = said("trainWhy");
    EXPECT_NEAR(numberAfter(why, QStringLiteral("The last one:")), 9.0, 0.2) << why.toStdString();
    EXPECT_NEAR(numberAfter(why, QStringLiteral("0.0\u00A0m, ground")), -9.0, 0.2)
        << why.toStdString();
    hit(asDeclared(9.0, 0.8));
    EXPECT_TRUE(sentence().startsWith(QStringLiteral("1 of 2 inside.")))
        << sentence().toStdString();
}

TEST_F(TrainCareTest, ADrillIsEditedKeptAndTakenBack) {
    auto* drills = byName<QComboBox>(QStringLiteral("Drill"));
    drills->setCurrentText(QStringLiteral("Landing spot"));
    const int before = drills->count();
    inDialog<DrillDialog>(
        [this] { action(QStringLiteral("Edit the drill"))->trigger(); },
        [this](DrillDialog& d) {
            QLineEdit* name = nullptr;
            for (auto* edit : d.findChildren<QLineEdit*>()) {
                if (edit->text() == QStringLiteral("Landing spot")) name = edit;
            }
            ASSERT_TRUE(name);
            name->setText(QStringLiteral("My towel"));
            byName<QDoubleSpinBox>(QStringLiteral("From, of window 1"), &d)->setValue(30);
            byName<QDoubleSpinBox>(QStringLiteral("To, of window 1"), &d)->setValue(20);
            for (auto* b : d.findChildren<QPushButton*>()) {
                if (b->text() == QStringLiteral("Keep the drill")) b->click();
            }
            auto* wrong = d.findChild<QLabel*>(QStringLiteral("drillWrong"));
            EXPECT_TRUE(wrong->isVisible());
            EXPECT_TRUE(wrong->text().contains(QStringLiteral("ends before")))
                << wrong->text().toStdString();
            byName<QDoubleSpinBox>(QStringLiteral("To, of window 1"), &d)->setValue(34);
            for (auto* b : d.findChildren<QPushButton*>()) {
                if (b->text() == QStringLiteral("Keep the drill")) b->click();
            }
        });
    ASSERT_TRUE(QTest::qWaitFor([&] { return drills->currentText() == QStringLiteral("My towel"); },
                                patience(5000)));
    EXPECT_EQ(drills->count(), before + 1);
    const auto& kept = window_->desk.log().records().drills;
    ASSERT_EQ(kept.size(), 1u);
    EXPECT_NEAR(kept[0].stations[0].windows[0].low, 30, 1e-9);
    EXPECT_NEAR(kept[0].stations[0].windows[0].high, 34, 1e-9);
    window_->desk.bench().undoStack().undo();
    settle();
    EXPECT_EQ(drills->count(), before);
}

TEST_F(TrainCareTest, WhatATrialCameToIsNotedAndTheBetterWayKept) {
    // One of the ways is a recipe on the bench.
    BenchState next = window_->desk.bench().state();
    next.recipes[0].name = "Brush";
    window_->desk.bench().edit(next, QStringLiteral("name"));
    inDialog<TrialDialog>(
        [this] { press(QStringLiteral("Try two ways…")); },
        [this](TrialDialog& d) {
            byName<QLineEdit>(QStringLiteral("What is tried"), &d)
                ->setText(QStringLiteral("brush"));
            byName<QComboBox>(QStringLiteral("Way A"), &d)
                ->setEditText(QStringLiteral("as before"));
            byName<QComboBox>(QStringLiteral("Way B"), &d)->setEditText(QStringLiteral("Brush"));
            byName<QComboBox>(QStringLiteral("What decides"), &d)
                ->setCurrentText(QStringLiteral("carry"));
        });
    // The large display says whose turn it is.
    QTest::keyClick(window_.get(), Qt::Key_F11);
    auto* display = window_->findChild<QWidget*>(QStringLiteral("playerDisplay"));
    ASSERT_TRUE(display && display->isVisible());
    EXPECT_TRUE(display->accessibleDescription().contains(
        QStringLiteral("Next: %1, ").arg(said("nextArm"))))
        << display->accessibleDescription().toStdString();
    QTest::keyClick(display, Qt::Key_Escape);
    window_->activateWindow();
    ASSERT_TRUE(QTest::qWaitForWindowActive(window_.get()));
    QTest::keyClick(window_.get(), Qt::Key_N);
    for (int i = 0; i < 40 && !sentence().startsWith(QStringLiteral("B carries")); ++i)
        seen(QString::number((said("nextArm") == QStringLiteral("A") ? 30 : 36) + i % 3));
    QTest::keyClick(byName<QLineEdit>(QStringLiteral("What was seen")), Qt::Key_Escape);
    press(QStringLiteral("End it"));
    settle();
    const auto noted = [&](store::NoteKind kind) {
        QString out;
        for (const store::Note& n : window_->desk.log().records().notes) {
            if (n.kind == kind && n.player == "Runa Vale") out += QString::fromStdString(n.text);
        }
        return out;
    };
    EXPECT_TRUE(noted(store::NoteKind::Trial).startsWith(QStringLiteral("brush: B carries ")))
        << noted(store::NoteKind::Trial).toStdString();
    // The end and its note are one step.
    window_->desk.bench().undoStack().undo();
    settle();
    EXPECT_TRUE(room().isRunning());
    EXPECT_TRUE(noted(store::NoteKind::Trial).isEmpty());
    window_->desk.bench().undoStack().redo();
    settle();
    EXPECT_EQ(task(), QStringLiteral("Which way does the player keep?"));
    press(QStringLiteral("Keep B"));
    settle();
    EXPECT_TRUE(
        noted(store::NoteKind::Lesson).contains(QStringLiteral("“brush”: Brush. B carries")))
        << noted(store::NoteKind::Lesson).toStdString();
    EXPECT_EQ(task(), QString()) << "it is said once";
    const auto& recipes = window_->desk.log().records().recipes;
    ASSERT_EQ(recipes.size(), 1u);
    EXPECT_EQ(recipes[0].name, "Brush, Runa Vale");
}

TEST_F(TrainCareTest, HardStrikesAreCountedAndPainStopsTheBlock) {
    BenchState next = window_->desk.bench().state();
    next.conditions.ground.firmness = 1.3;
    window_->desk.bench().edit(next, QStringLiteral("frozen"));
    prefer([](PreferenceValues& v) { v.strain.steepOnHard = 3; });
    byName<QComboBox>(QStringLiteral("Drill"))->setCurrentText(QStringLiteral("Brush the turf"));
    press(QStringLiteral("Begin the drill"));
    settle();
    listen();
    store::ShotRecord steep;
    steep[store::Quantity::AttackAngle] = radFromDeg(-8);
    steep[store::Quantity::ClubSpeed] = 15;
    store::ShotRecord shallow = steep;
    shallow[store::Quantity::AttackAngle] = radFromDeg(-2);
    hit(steep);
    hit(shallow);
    EXPECT_TRUE(said("trainCaution").contains(QStringLiteral("1 of 3 steep strikes")))
        << said("trainCaution").toStdString();
    hit(steep);
    hit(steep);
    EXPECT_TRUE(notice().startsWith(QStringLiteral("3 of 3 steep strikes")))
        << notice().toStdString();
    EXPECT_TRUE(notice().contains(QStringLiteral("10 minutes")));
    // Shown, once, and recorded as shown.
    const auto count = [&](const std::string& about) {
        const auto& notes = window_->desk.log().records().notes;
        return std::count_if(notes.begin(), notes.end(), [&](const store::Note& n) {
            return n.kind == store::NoteKind::Caution && n.about == about;
        });
    };
    settle();
    EXPECT_EQ(count("pause"), 1);
    EXPECT_EQ(count("training"), 1);
    // Opened again on the same day the count goes on.
    inDialog<QInputDialog>([this] { action(QStringLiteral("It hurts: stop"))->trigger(); },
                           [](QInputDialog& d) { d.setTextValue(QStringLiteral("lead wrist")); });
    EXPECT_FALSE(room().isRunning());
    EXPECT_TRUE(said("trainCaution").contains(QStringLiteral("Stopped for pain today")))
        << said("trainCaution").toStdString();
    EXPECT_TRUE(said("trainCaution").contains(QStringLiteral("licensed clinician")));
    // Another block begins only when the coach says so.
    QTimer poll;
    QString asked;
    QObject::connect(&poll, &QTimer::timeout, [&] {
        auto* box = qobject_cast<QMessageBox*>(QApplication::activeModalWidget());
        if (!box || !asked.isEmpty()) return;
        asked = box->text();
        box->button(QMessageBox::No)->click();
    });
    poll.start(20);
    press(QStringLiteral("Begin the drill"));
    EXPECT_TRUE(asked.contains(QStringLiteral("stopped for pain today"))) << asked.toStdString();
    settle();
    EXPECT_FALSE(room().isRunning());
    window_.reset();
    window_ = std::make_unique<Program>(logbookPath());
    window_->show();
    settle();
    next = window_->desk.bench().state();
    next.conditions.ground.firmness = 1.3;
    window_->desk.bench().edit(next, QStringLiteral("frozen"));
    EXPECT_TRUE(QTest::qWaitFor([&] { return window_->desk.care().strain().steepOnHard == 3; },
                                patience(5000)))
        << window_->desk.care().strain().steepOnHard;
    settle();
    EXPECT_EQ(count("training"), 1);
}

}  // namespace
}  // namespace wedgeon::test
