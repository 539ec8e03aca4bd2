// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// The cause of a pattern in the real window: from the shots shown in Watch, or from a complaint.
#include <QMenu>
#include <QPushButton>
#include <QToolButton>
#include <random>

#include "start_state.h"
#include "wedgeon/store/recipe_file.h"
#include "wedgeon/units.h"
#include "wedgeon/unknowns.h"
#include "window_fixture.h"

namespace wedgeon::test {
namespace {

using store::Label;
using store::Quantity;

class CauseTest : public WindowTest {
protected:
    /// Shots of a day with a set-up, read by a monitor.
    void hit(int day, int count, const Recipe& delivered) {
        const Conditions c = startConditions();
        const Predictor predictor({}, c);
        for (int i = 0; i < count; ++i) {
            Delivery d = predictor.shot(delivered).swing.delivery;
            d.clubSpeed_mps *= 1 + normal(0.02);
            d.attack_rad += normal(radFromDeg(0.9));
            d.path_rad += normal(radFromDeg(1.1));
            d.faceAngle_rad += normal(radFromDeg(1.3));
            d.dynamicLoft_rad += normal(radFromDeg(1.1));
            const ShotResult s = predictor.shotFrom(d);
            store::ShotRecord r;
            r[Label::Time] = QStringLiteral("2026-10-%1 10:%2:00")
                                 .arg(day, 2, 10, QLatin1Char('0'))
                                 .arg(i, 2, 10, QLatin1Char('0'))
                                 .toStdString();
            r[Label::Player] = std::string("Runa Vale");
            r[Label::Wedge] = std::string("54");
            r[Label::Swing] = std::string("rib high");
            r[Quantity::ClubSpeed] = d.clubSpeed_mps;
            r[Quantity::AttackAngle] = d.attack_rad + normal(unknowns::readAngle_rad);
            r[Quantity::ClubPath] = d.path_rad + normal(unknowns::readAngle_rad);
            r[Quantity::FaceAngle] = d.faceAngle_rad + normal(unknowns::readAngle_rad);
            r[Quantity::DynamicLoft] = d.dynamicLoft_rad + normal(unknowns::readLoft_rad);
            const Launch& l = s.strike.launch;
            r[Quantity::BallSpeed] = l.speed_mps();
            r[Quantity::LaunchAngle] = l.angle_rad() + normal(unknowns::readLaunch_rad);
            r[Quantity::LaunchDirection] = l.direction_rad();
            r[Quantity::SpinRate] = l.spinRate_radps() * (1 + normal(unknowns::readSpin));
            r[Quantity::SpinAxis] = l.spinAxis_rad();
            r[Quantity::Carry] = s.flight.carry_m;
            r[Quantity::Apex] = s.flight.apex_m;
            r[Quantity::LandingAngle] = s.flight.landingAngle_rad();
            r[Quantity::Release] = s.run.release_m;
            shots_.push_back(r);
        }
    }
    double normal(double sd) { return sd * normal_(random_); }
    static Recipe usual() {
        Recipe r;
        r.clubSpeed_mps = 16;
        r.lean_rad = radFromDeg(5);
        return r;
    }
    /// Three ordinary days, and one with a set-up that is delivered otherwise.
    void lesson(const Recipe& last) {
        for (int day = 1; day <= 3; ++day)
            hit(day, 8, usual());
        hit(4, 10, last);
        openRecords(shots_);
        auto* list = byName<QAbstractItemView>(QStringLiteral("Shots"));
        list->setCurrentIndex(list->model()->index(0, 0));
    }
    void look() { action(QStringLiteral("Look for the cause"))->trigger(); }
    bool found() {
        return QTest::qWaitFor(
            [&] { return window_->desk.causes().found() && !window_->desk.causes().isWorking(); },
            20000);
    }
    QString beliefs() {
        return byName<Drawing>(QStringLiteral("What would make it"))->accessibleDescription();
    }

    std::mt19937_64 random_{3};
    std::normal_distribution<double> normal_;
    std::vector<store::ShotRecord> shots_;
};

TEST_F(CauseTest, LostLeanIsFoundFromTheShotsThatAreShown) {
    Recipe r = usual();
    r.lean_rad -= radFromDeg(8);
    lesson(r);
    look();
    ASSERT_TRUE(found());
    EXPECT_TRUE(said("causeSentence").contains(QStringLiteral("the clubhead passes the hands")))
        << said("causeSentence").toStdString();
    EXPECT_TRUE(
        said("causeWhy")
            .contains(QStringLiteral("From 10 shots against 24 of the player's own before.")))
        << said("causeWhy").toStdString();
    // Launch, as the coach reads it, beside the usual.
    EXPECT_TRUE(said("causeSigns").contains(QStringLiteral("launch")));
    EXPECT_TRUE(said("causeIf").contains(QStringLiteral("The shaft leans")))
        << said("causeIf").toStdString();
    EXPECT_FALSE(said("causeDrill").isEmpty());
    EXPECT_TRUE(beliefs().startsWith(QStringLiteral("Clubhead passes the hands")))
        << beliefs().toStdString();

    // Another row is chosen by key, and what to do follows it.
    const QString cure = said("causeIf");
    auto* list = byName<Drawing>(QStringLiteral("What would make it"));
    QTest::keyClick(list, Qt::Key_Down);
    EXPECT_NE(said("causeIf"), cure);
    QTest::keyClick(list, Qt::Key_Up);
    EXPECT_EQ(said("causeIf"), cure);

    // The set-up with the fault, beside the one on the bench: one undo step.
    const std::size_t recipes = window_->desk.bench().state().recipes.size();
    for (auto* b : window_->findChildren<QPushButton*>()) {
        if (b->isVisible() && b->text() == QStringLiteral("Try as B in Shape")) b->click();
    }
    ASSERT_EQ(window_->desk.bench().state().recipes.size(), recipes + 1);
    EXPECT_LT(window_->desk.bench().state().recipe().lean_rad, usual().lean_rad);
    window_->desk.bench().undoStack().undo();
    EXPECT_EQ(window_->desk.bench().state().recipes.size(), recipes);
}

TEST_F(CauseTest, AsEverIsSaidToBeNoFault) {
    lesson(usual());
    look();
    ASSERT_TRUE(found());
    EXPECT_TRUE(said("causeSentence").contains(QStringLiteral("no fault")))
        << said("causeSentence").toStdString();
}

TEST_F(CauseTest, AComplaintAloneIsAnsweredWithWhatIsUsual) {
    window_->showView(QStringLiteral("explain"));
    for (auto* b : window_->findChildren<QToolButton*>()) {
        if (b->isVisible() && b->text() == QStringLiteral("Cause")) {
            b->click();
            break;
        }
    }
    EXPECT_TRUE(said("causeSentence").contains(QStringLiteral("Which shots")));
    auto* button = byName<QToolButton>(QStringLiteral("Complaint"));
    for (QAction* a : button->menu()->actions()) {
        if (a->text() == QStringLiteral("Fat")) a->trigger();
    }
    ASSERT_TRUE(found());
    EXPECT_TRUE(said("causeWhy").contains(QStringLiteral("From the complaint alone")))
        << said("causeWhy").toStdString();
    EXPECT_TRUE(said("causeSentence").startsWith(QStringLiteral("Fat: ")))
        << said("causeSentence").toStdString();
    EXPECT_EQ(button->text(), QStringLiteral("Fat ▾"));
    // Dropped again, it asks what it is about.
    for (auto* b : window_->findChildren<QPushButton*>()) {
        if (b->isVisible() && b->text() == QStringLiteral("Begin again")) b->click();
    }
    EXPECT_TRUE(said("causeSentence").contains(QStringLiteral("Which shots")));
}

TEST_F(CauseTest, TakingAAndBGoesBackToTheDifference) {
    lesson(usual());
    look();
    ASSERT_TRUE(found());
    window_->showView(QStringLiteral("watch"));
    auto* list = byName<QAbstractItemView>(QStringLiteral("Shots"));
    for (const auto& [row, letter] : {std::pair(0, "A"), {1, "B"}}) {
        list->setCurrentIndex(list->model()->index(row, 0));
        action(QStringLiteral("Take the shot as %1").arg(QLatin1String(letter)))->trigger();
    }
    window_->showView(QStringLiteral("explain"));
    EXPECT_TRUE(byName<Drawing>(QStringLiteral("Shares: Release"))->isVisible());
    // Why it stopped: the release through the landing, and back.
    const QString club =
        byName<Drawing>(QStringLiteral("Shares: Release"))->accessibleDescription();
    action(QStringLiteral("Why it stopped"))->trigger();
    const QString landing =
        byName<Drawing>(QStringLiteral("Shares: Release"))->accessibleDescription();
    EXPECT_TRUE(landing.contains(QStringLiteral("landing speed"))) << landing.toStdString();
    EXPECT_TRUE(landing.contains(QStringLiteral("half the spin")));
    action(QStringLiteral("Why it stopped"))->trigger();
    EXPECT_EQ(byName<Drawing>(QStringLiteral("Shares: Release"))->accessibleDescription(), club);
}

TEST_F(CauseTest, WhatTheGrassDoesIsSaidBesideTheFaults) {
    BenchState lush = window_->desk.bench().state();
    lush.conditions.lie = findLie("lush")->lie;
    window_->desk.bench().edit(lush, QStringLiteral("lie"));
    window_->showView(QStringLiteral("explain"));
    window_->desk.causes().setComplaint(Complaint::RunsOn, true);
    ASSERT_TRUE(found());
    EXPECT_TRUE(said("causeLie").contains(QStringLiteral("off short grass, whoever hits it")))
        << said("causeLie").toStdString();
    EXPECT_TRUE(said("causeSentence").contains(QStringLiteral("no fault")) ||
                said("causeSentence").contains(QStringLiteral("cannot be told")))
        << said("causeSentence").toStdString();
    // A second complaint is another question about the same shots.
    window_->desk.causes().setComplaint(Complaint::Short, true);
    ASSERT_TRUE(found());
    EXPECT_TRUE(said("causeSentence").contains(QStringLiteral("and")));
    // The strip is part of the question: off short grass nothing stands there.
    window_->desk.bench().undoStack().undo();
    ASSERT_TRUE(QTest::qWaitFor(
        [&] { return !window_->desk.causes().isWorking() && said("causeLie").isEmpty(); }, 10000));
}

TEST_F(CauseTest, AnAnswerThatIsNoLongerAskedForIsDropped) {
    lesson(usual());
    look();
    window_->desk.causes().clear();
    QTest::qWait(600);
    EXPECT_FALSE(window_->desk.causes().found());
    EXPECT_TRUE(said("causeSentence").contains(QStringLiteral("Which shots")));
}

}  // namespace
}  // namespace wedgeon::test
