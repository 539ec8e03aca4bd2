// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Shape in the real window: drags, keys, numbers, undo, hands and units.
#include <QClipboard>
#include <QComboBox>
#include <QDoubleSpinBox>

#include "wedgeon/shot/spin_window.h"
#include "wedgeon/units.h"
#include "window_fixture.h"

namespace wedgeon::test {
namespace {

class ShapeTest : public WindowTest {
protected:
    void SetUp() override {
        WindowTest::SetUp();
        window_->showView(MainWindow::Shape);
    }
    Drawing* face() { return byName<Drawing>(QStringLiteral("Face from above")); }
    Drawing* faceOn() { return byName<Drawing>(QStringLiteral("Set-up seen face-on")); }
    QString flight() {
        return byName<Drawing>(QStringLiteral("Flight and run"))->accessibleDescription();
    }
    QString sentence() { return said("shapeSentence"); }
    double launch() { return numberAfter(flight(), QStringLiteral("Launches")); }
    double rest() { return numberAfter(flight(), QStringLiteral("rests at")); }
};

TEST_F(ShapeTest, DraggingTheFaceOpenChangesLaunchAndReleaseAndUndoBringsThemBack) {
    const QString before = sentence();
    const QString flightBefore = flight();
    const double launchBefore = launch();
    const double restBefore = rest();
    ASSERT_GT(launchBefore, 10);

    drag(face(), face()->handles().first().at, {-8, 24});
    EXPECT_NE(sentence(), before);
    EXPECT_GT(launch(), launchBefore + 2) << flight().toStdString();
    EXPECT_LT(rest(), restBefore - 2);
    EXPECT_GT(byName<QDoubleSpinBox>(QStringLiteral("Face opened"))->value(), 5);

    action(QStringLiteral("Undo"))->trigger();
    EXPECT_EQ(sentence(), before);
    EXPECT_EQ(flight(), flightBefore);
    EXPECT_FALSE(action(QStringLiteral("Undo"))->isEnabled()) << "one drag is one step";
    action(QStringLiteral("Redo"))->trigger();
    EXPECT_GT(launch(), launchBefore + 2);
}

TEST_F(ShapeTest, DraggingTheHandsAheadLowersTheLaunch) {
    const double before = launch();
    drag(faceOn(), faceOn()->handles()[0].at, {24, 0});
    EXPECT_LT(launch(), before - 1);
    EXPECT_GT(byName<QDoubleSpinBox>(QStringLiteral("Shaft lean"))->value(), 5);
}

TEST_F(ShapeTest, DraggingTheBallBackSteepensTheAttack) {
    const double before = numberAfter(faceOn()->accessibleDescription(), QStringLiteral("Attack"));
    drag(faceOn(), faceOn()->handles()[1].at, {-16, 0});
    EXPECT_GT(numberAfter(faceOn()->accessibleDescription(), QStringLiteral("Attack")), before + 1);
    EXPECT_LT(byName<QDoubleSpinBox>(QStringLiteral("Ball forward"))->value(), -0.5);
}

TEST_F(ShapeTest, DraggingTheWeightMovesTheLowPoint) {
    const double before =
        numberAfter(faceOn()->accessibleDescription(), QStringLiteral("Low point"));
    drag(faceOn(), faceOn()->handles()[2].at, {14, 0});
    EXPECT_GT(numberAfter(faceOn()->accessibleDescription(), QStringLiteral("Low point")), before);
}

TEST_F(ShapeTest, KeysMoveTheHandles) {
    auto* open = byName<QDoubleSpinBox>(QStringLiteral("Face opened"));
    face()->setFocus();
    const double before = open->value();
    QTest::keyClick(face(), Qt::Key_Right);
    EXPECT_NEAR(open->value(), before + 1.0, 0.051);
    QTest::keyClick(face(), Qt::Key_Left, Qt::ShiftModifier);
    EXPECT_NEAR(open->value(), before + 0.8, 0.051);

    auto* ball = byName<QDoubleSpinBox>(QStringLiteral("Ball forward"));
    faceOn()->setFocus();
    QTest::keyClick(faceOn(), Qt::Key_Space);
    QTest::keyClick(faceOn(), Qt::Key_Left);
    EXPECT_NEAR(ball->value(), -0.25, 0.006) << "the second handle is the ball";
}

TEST_F(ShapeTest, TypedNumbersCount) {
    auto* speed = byName<QDoubleSpinBox>(QStringLiteral("Club speed"));
    const double before = rest();
    speed->setFocus();
    speed->selectAll();
    QTest::keyClicks(speed, QStringLiteral("26"));
    QTest::keyClick(speed, Qt::Key_Return);
    EXPECT_GT(rest(), before + 5);
}

TEST_F(ShapeTest, UnitsChangeEveryNumberAndNothingElse) {
    const double metres = numberAfter(flight(), QStringLiteral("rests at"));
    action(QStringLiteral("Change between"))->trigger();
    EXPECT_NEAR(rest(), metres / 0.9144, 0.06 / 0.9144 + 0.05);
    EXPECT_TRUE(sentence().contains(QStringLiteral("yd"))) << sentence().toStdString();
    EXPECT_FALSE(action(QStringLiteral("Undo"))->isEnabled());
}

TEST_F(ShapeTest, TheStripEditsTheGivensInPlace) {
    const double before = rest();
    QAbstractButton* lie = nullptr;
    for (auto* b : window_->findChildren<QAbstractButton*>()) {
        if (b->accessibleName().startsWith(QStringLiteral("Lie:"))) lie = b;
    }
    ASSERT_TRUE(lie);
    QTest::mouseClick(lie, Qt::LeftButton);
    auto* editor = window_->findChild<QWidget*>(QStringLiteral("givensEditor"));
    ASSERT_TRUE(editor && editor->isVisible());
    auto* choice = byName<QComboBox>(QStringLiteral("Lie"), editor);
    choice->setFocus();
    choice->setCurrentText(QStringLiteral("lush rough, half down"));
    EXPECT_EQ(lie->accessibleName(), QStringLiteral("Lie: lush rough, half down"));
    editor->close();
    EXPECT_NE(rest(), before);
    action(QStringLiteral("Undo"))->trigger();
    EXPECT_EQ(rest(), before);
}

TEST_F(ShapeTest, ALeftHanderSeesTheMirror) {
    drag(face(), face()->handles().first().at, {-4, 16});
    const QString right = face()->accessibleDescription();
    const QPointF toeRight = face()->handles().first().at;
    const QPointF handsRight = faceOn()->handles()[0].at;
    QAbstractButton* player = nullptr;
    for (auto* b : window_->findChildren<QAbstractButton*>()) {
        if (b->accessibleName().startsWith(QStringLiteral("Player:"))) player = b;
    }
    QTest::mouseClick(player, Qt::LeftButton);
    auto* editor = window_->findChild<QWidget*>(QStringLiteral("givensEditor"));
    byName<QComboBox>(QStringLiteral("Hand"), editor)->setCurrentIndex(1);
    editor->close();
    QString mirrored = face()->accessibleDescription();
    mirrored.replace(QStringLiteral("right"), QStringLiteral("#"))
        .replace(QStringLiteral("left"), QStringLiteral("right"))
        .replace(QStringLiteral("#"), QStringLiteral("left"));
    EXPECT_EQ(mirrored, right);
    EXPECT_NEAR(face()->handles().first().at.x(), face()->width() - toeRight.x(), 1e-6);
    EXPECT_NEAR(faceOn()->handles()[0].at.x(), faceOn()->width() - handsRight.x(), 1e-6);
}

TEST_F(ShapeTest, ASetUpOutsideTheModelSaysSoAndCanBeUndone) {
    auto* radius = byName<QDoubleSpinBox>(QStringLiteral("Swing radius"));
    auto* weight = byName<QDoubleSpinBox>(QStringLiteral("Weight on lead"));
    auto* ball = byName<QDoubleSpinBox>(QStringLiteral("Ball forward"));
    const QString before = sentence();
    radius->setValue(0.7);
    weight->setValue(90);
    ball->setValue(2);
    ball->setValue(-3);
    if (!sentence().startsWith(QStringLiteral("This set-up"))) {
        // Still inside: then the prediction must be there.
        EXPECT_GT(launch(), -10);
    } else {
        EXPECT_TRUE(said("shapeWhy").contains(QStringLiteral("must be from")))
            << said("shapeWhy").toStdString();
    }
    while (action(QStringLiteral("Undo"))->isEnabled())
        action(QStringLiteral("Undo"))->trigger();
    EXPECT_EQ(sentence(), before);
}

TEST_F(ShapeTest, DrawingsSayWhatTheCoreComputes) {
    // The window's starting set-up, once more by hand.
    Givens g;
    g.wedge = {radFromDeg(56), radFromDeg(64), radFromDeg(10)};
    g.lie = findLie("short-dry")->lie;
    g.air.temperature_c = 14;
    Recipe r;
    r.lean_rad = radFromDeg(5);
    r.clubSpeed_mps = 21;
    const ShotResult shot = calcShot(r, g);
    EXPECT_NEAR(launch(), degFromRad(shot.strike.launch.angle_rad()), 0.51);
    EXPECT_NEAR(rest(), shot.total_m(), 0.051);
    const QString face_ = face()->accessibleDescription();
    EXPECT_NEAR(std::abs(numberAfter(face_, QStringLiteral("Face"))),
                std::abs(degFromRad(shot.swing.delivery.faceAngle_rad)), 0.051);

    const QString spin =
        byName<Drawing>(QStringLiteral("Spin against spin loft"))->accessibleDescription();
    const SpinWindow window = findSpinWindow(shot.swing.delivery, shot.contact);
    EXPECT_NEAR(
        numberAfter(spin, QStringLiteral("The peak today is")) * 1000 +
            numberAfter(spin.mid(spin.indexOf(QStringLiteral("peak"))), QString(QChar(0x2009))),
        rpmFromRadps(window.peak.spin_radps), 5.1);
    EXPECT_NEAR(numberAfter(spin, QStringLiteral("window: launch")),
                degFromRad(window.from.launch_rad), 0.51);

    const StrikeChances c = calcStrikeChances(solePass(shot, g), g.lie, {});
    EXPECT_NEAR(numberAfter(faceOn()->accessibleDescription(), QStringLiteral("clean")),
                100 * c.clean, 0.51);

    const QString worth =
        byName<Drawing>(QStringLiteral("What a step is worth here"))->accessibleDescription();
    Recipe faster = r;
    faster.clubSpeed_mps += 1;
    EXPECT_NEAR(numberAfter(worth, QStringLiteral("1 m/s: ")),
                calcShot(faster, g).flight.carry_m - shot.flight.carry_m, 0.051);
}

TEST_F(ShapeTest, CopyPutsTheSentenceOnTheClipboard) {
    action(QStringLiteral("Copy the result"))->trigger();
    EXPECT_TRUE(QApplication::clipboard()->text().startsWith(sentence()));
}

}  // namespace
}  // namespace wedgeon::test
