// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Shape in the real window: drags, keys, numbers, undo, hands and units.
#include <QClipboard>
#include <QComboBox>
#include <QDoubleSpinBox>

#include "start_state.h"
#include "text/swing_text.h"
#include "wedgeon/shot/spin_window.h"
#include "wedgeon/simulate/simulate.h"
#include "wedgeon/units.h"
#include "window_fixture.h"

namespace wedgeon::test {
namespace {

class ShapeTest : public WindowTest {
protected:
    void SetUp() override {
        WindowTest::SetUp();
        window_->showView(QStringLiteral("shape"));
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

TEST_F(ShapeTest, TheFeetTurnAloneAndTheShouldersTakeThemAlong) {
    const auto line = [&](const char* of) {
        return numberAfter(face()->accessibleDescription(), QString::fromLatin1(of));
    };
    const QString flown = flight();
    drag(face(), face()->handles()[2].at, {-14, 0});
    EXPECT_TRUE(face()->accessibleDescription().contains(
        QRegularExpression(QStringLiteral("Shoulders straight, feet [0-9.]+° left"))))
        << face()->accessibleDescription().toStdString();
    const double feet = line("feet");
    EXPECT_GT(feet, 5);
    EXPECT_EQ(flight(), flown) << "the swing follows the shoulders";
    drag(face(), face()->handles()[1].at, {-14, 0});
    EXPECT_GT(line("Shoulders"), 5);
    EXPECT_NEAR(line("feet"), line("Shoulders") + feet, 0.11);
    action(QStringLiteral("Recipes and schools"))->trigger();
    EXPECT_NEAR(byName<QDoubleSpinBox>(QStringLiteral("Feet turned"))->value(), -feet, 0.06);
    action(QStringLiteral("Undo"))->trigger();
    action(QStringLiteral("Undo"))->trigger();
    EXPECT_EQ(window_->desk.bench().state().recipe(), startRecipe());
}

TEST_F(ShapeTest, DraggingTheBodyLineTurnsTheStanceAndSwungAlongItThePath) {
    const auto body = [&] {
        return numberAfter(face()->accessibleDescription(), QStringLiteral("Shoulders"));
    };
    drag(face(), face()->handles()[1].at, {-14, 0});
    EXPECT_TRUE(face()->accessibleDescription().contains(
        QRegularExpression(QStringLiteral("Shoulders [0-9.]+° left"))))
        << face()->accessibleDescription().toStdString();
    EXPECT_GT(body(), 5);
    const QString before = face()->accessibleDescription();
    action(QStringLiteral("Recipes and schools"))->trigger();
    byName<QComboBox>(QStringLiteral("Swung along"))->setCurrentIndex(2);
    const double path = numberAfter(face()->accessibleDescription(), QStringLiteral("path"));
    EXPECT_NEAR(path, body() - 1.0, 0.11) << "an ordinary pitch comes a degree from the inside";
    action(QStringLiteral("Undo"))->trigger();
    EXPECT_EQ(face()->accessibleDescription(), before);
}

TEST_F(ShapeTest, EveryHandleMovesByKeysInBothStepsAndComesBack) {
    struct Case {
        Drawing* drawing;
        int handle;
        const char* field;
        double step;
    };
    const std::vector<Case> cases{{face(), 0, "Face opened", 1.0},
                                  {faceOn(), 0, "Shaft lean", 1.0},
                                  {faceOn(), 1, "Ball forward", 0.25},
                                  {faceOn(), 2, "Weight on lead", 5.0}};
    for (const Case& c : cases) {
        auto* field = byName<QDoubleSpinBox>(QString::fromLatin1(c.field));
        const double before = field->value();
        c.drawing->setFocus();
        for (int i = 0; i < c.handle; ++i)
            QTest::keyClick(c.drawing, Qt::Key_Space);
        QTest::keyClick(c.drawing, Qt::Key_Up);
        EXPECT_NEAR(field->value(), before + c.step, 0.051) << c.field;
        QTest::keyClick(c.drawing, Qt::Key_Down, Qt::ShiftModifier);
        EXPECT_NEAR(field->value(), before + 0.8 * c.step, 0.051) << c.field;
        action(QStringLiteral("Undo"))->trigger();
        action(QStringLiteral("Undo"))->trigger();
        EXPECT_DOUBLE_EQ(field->value(), before) << c.field;
        // Space goes round: back to the first handle for the next case.
        for (qsizetype i = c.handle; i < c.drawing->handles().size(); ++i)
            QTest::keyClick(c.drawing, Qt::Key_Space);
    }
}

TEST_F(ShapeTest, TheSpreadFollowsFromTheSimulationOfTheSameSetUp) {
    const auto between = [&] {
        const QString said = flight();
        return std::pair(
            numberAfter(said, QStringLiteral("80 rest between")),
            numberAfter(said.mid(said.indexOf(QStringLiteral("80 rest"))), QStringLiteral("and")));
    };
    auto* open = byName<QDoubleSpinBox>(QStringLiteral("Face opened"));
    open->setValue(12);
    const Predictor g = startPredictor();
    Recipe r = startRecipe();
    r.open_rad = radFromDeg(12);
    SimulationOptions options;
    const Simulation played = g.simulate(r, options);
    const auto shown = [&] {
        return std::abs(between().first - played[Outcome::Total].p10) < 0.051 &&
               std::abs(between().second - played[Outcome::Total].p90) < 0.051;
    };
    EXPECT_TRUE(QTest::qWaitFor(shown, 2000))
        << flight().toStdString() << " should be from " << played[Outcome::Total].p10 << " to "
        << played[Outcome::Total].p90;
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
    const QString worth =
        byName<Drawing>(QStringLiteral("What a step is worth here"))->accessibleDescription();
    Recipe faster = startRecipe();
    faster.clubSpeed_mps = window_->desk.bench().swings().besides(faster.clubSpeed_mps)->speed_mps;
    EXPECT_NEAR(numberAfter(worth, QStringLiteral("mph): ")),
                (startPredictor().shot(faster).flight.carry_m -
                 startPredictor().shot(startRecipe()).flight.carry_m) /
                    0.9144,
                0.051);
    action(QStringLiteral("Undo"))->trigger();
    EXPECT_EQ(numberAfter(flight(), QStringLiteral("rests at")), metres);
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
    const QPointF feetRight = face()->handles()[1].at;
    const auto faceOnRight = faceOn()->handles();
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
    // The clock's hand goes the other way round; everything else is the mirror image.
    EXPECT_TRUE(right.contains(QStringLiteral("toe at 12:30"))) << right.toStdString();
    EXPECT_TRUE(mirrored.contains(QStringLiteral("toe at 11:30"))) << mirrored.toStdString();
    mirrored.replace(QStringLiteral("11:30"), QStringLiteral("12:30"));
    EXPECT_EQ(mirrored, right);
    EXPECT_NEAR(face()->handles().first().at.x(), face()->width() - toeRight.x(), 1e-6);
    EXPECT_NEAR(face()->handles()[1].at.x(), face()->width() - feetRight.x(), 1e-6);
    for (int i = 0; i < 3; ++i) {
        EXPECT_NEAR(faceOn()->handles()[i].at.x(), faceOn()->width() - faceOnRight[i].at.x(), 1e-6);
        EXPECT_NEAR(faceOn()->handles()[i].at.y(), faceOn()->handles()[i].at.y(), 1e-6);
    }
    // Dragging the mirrored toe to the mirrored place opens it by as much.
    const double open = byName<QDoubleSpinBox>(QStringLiteral("Face opened"))->value();
    drag(face(), face()->handles().first().at, {4, 16});
    const double more = byName<QDoubleSpinBox>(QStringLiteral("Face opened"))->value() - open;
    EXPECT_GT(more, 3);
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
    const Predictor g = startPredictor();
    const Recipe r = startRecipe();
    const ShotResult shot = g.shot(r);
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

    const StrikeChances c = g.chances(r, shot);
    EXPECT_NEAR(numberAfter(faceOn()->accessibleDescription(), QStringLiteral("clean")),
                100 * c.clean, 0.51);

    const QString worth =
        byName<Drawing>(QStringLiteral("What a step is worth here"))->accessibleDescription();
    Recipe faster = r;
    const Rung* longer = window_->desk.bench().swings().besides(r.clubSpeed_mps);
    faster.clubSpeed_mps = longer->speed_mps;
    EXPECT_TRUE(worth.contains(text::swingName(longer->swing))) << worth.toStdString();
    EXPECT_NEAR(numberAfter(worth, QStringLiteral("m/s): ")),
                g.shot(faster).flight.carry_m - shot.flight.carry_m, 0.051);
}

TEST_F(ShapeTest, CopyPutsTheSentenceOnTheClipboard) {
    action(QStringLiteral("Copy the result"))->trigger();
    EXPECT_TRUE(QApplication::clipboard()->text().startsWith(sentence()));
}

}  // namespace
}  // namespace wedgeon::test
