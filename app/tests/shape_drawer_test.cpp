// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Shape's drawer in the real window: why, ask, compare, recipes and schools, the mid-iron.
#include <QApplication>
#include <QCheckBox>
#include <QClipboard>
#include <QComboBox>
#include <QDialog>
#include <QDoubleSpinBox>
#include <QStandardPaths>
#include <QTableWidget>
#include <QTimer>
#include <QToolButton>

#include "start_state.h"
#include "text/schools.h"
#include "text/swing_text.h"
#include "text/units.h"
#include "views/shape/shape_view.h"
#include "wedgeon/explain/explain.h"
#include "wedgeon/inverse/inverse.h"
#include "wedgeon/school/school.h"
#include "wedgeon/shot/spin_window.h"
#include "window_fixture.h"

namespace wedgeon::test {
namespace {

class DrawerTest : public WindowTest {
protected:
    void SetUp() override {
        QFile::remove(recipesPath());
        WindowTest::SetUp();
        window_->showView(QStringLiteral("shape"));
    }
    void TearDown() override { QFile::remove(recipesPath()); }

    static QString recipesPath() {
        return QStandardPaths::writableLocation(QStandardPaths::AppDataLocation) +
               QStringLiteral("/recipes.json");
    }
    QDoubleSpinBox* number(const char* name) {
        return byName<QDoubleSpinBox>(QString::fromLatin1(name));
    }
    void open(const char* entry) { action(QString::fromLatin1(entry))->trigger(); }
    void press(const QString& text) {
        for (auto* b : window_->findChildren<QPushButton*>()) {
            if (b->isVisible() && b->text() == text) {
                ASSERT_TRUE(b->isEnabled()) << text.toStdString();
                QTest::mouseClick(b, Qt::LeftButton);
                return;
            }
        }
        FAIL() << "no button says " << text.toStdString();
    }
    QString flight() {
        return byName<Drawing>(QStringLiteral("Flight and run"))->accessibleDescription();
    }
    QTableWidget* table() { return byName<QTableWidget>(QStringLiteral("Recipes side by side")); }
    /// A number of the comparison's table: row by name, column 1 for A.
    double cell(const QString& row, int column) {
        for (int r = 0; r < table()->rowCount(); ++r) {
            if (table()->item(r, 0)->text() == row)
                return numberAfter(table()->item(r, column)->text(), QString());
        }
        ADD_FAILURE() << "no row " << row.toStdString();
        return 0.0;
    }
    void pin(const char* result, double value) {
        number((std::string("Wanted ") + result).c_str())->setValue(value);
    }
    bool answered() {
        return QTest::qWaitFor(
            [&] { return !said("askVerdict").startsWith(QStringLiteral("Looking")); },
            patience(8000));
    }
};

TEST_F(DrawerTest, WhyShowsEachStepWithTheCoresNumbers) {
    open("Why this result");
    const ShotResult s = startPredictor().shot(startRecipe());
    EXPECT_NEAR(numberAfter(said("whyNumbers0"), QStringLiteral("dynamic loft")),
                degFromRad(s.swing.delivery.dynamicLoft_rad), 0.051);
    EXPECT_NEAR(numberAfter(said("whyNumbers1"), QStringLiteral("attack")),
                -degFromRad(s.swing.delivery.attack_rad), 0.051);
    EXPECT_NEAR(numberAfter(said("whyNumbers2"), QString(QChar(0x3bc))), s.contact.friction,
                0.0051);
    EXPECT_NEAR(numberAfter(said("whyNumbers3"), QStringLiteral("launch")),
                degFromRad(s.strike.launch.angle_rad()), 0.051);
    EXPECT_NEAR(numberAfter(said("whyNumbers4"), QStringLiteral("edge")),
                1000 * s.margin.leadingEdge_m, 0.051);
    EXPECT_NEAR(numberAfter(said("whyNumbers5"), QStringLiteral("carry")), s.flight.carry_m, 0.051);
    EXPECT_NEAR(numberAfter(said("whyNumbers6"), QStringLiteral("Rests")), s.run.release_m, 0.051);
    // It follows an edit, and closes by its entry.
    number("Shaft lean")->setValue(12);
    EXPECT_LT(numberAfter(said("whyNumbers0"), QStringLiteral("dynamic loft")),
              degFromRad(s.swing.delivery.dynamicLoft_rad) - 4);
    open("Why this result");
    EXPECT_EQ(said("whyNumbers0"), QString());
}

TEST_F(DrawerTest, CopyTakesTheOpenPageAlong) {
    open("Why this result");
    action(QStringLiteral("Copy the result"))->trigger();
    const QString copied = QApplication::clipboard()->text();
    EXPECT_TRUE(copied.contains(said("whyNumbers3")));
    EXPECT_TRUE(copied.contains(QStringLiteral("Penner")));
}

TEST_F(DrawerTest, AskFindsAChangeThatTheChainConfirms) {
    open("Ask for a result");
    pin("Carry", 20);
    pin("Release", 2);
    press(QStringLiteral("Find the smallest change"));
    ASSERT_TRUE(answered());
    EXPECT_TRUE(said("askVerdict").startsWith(QStringLiteral("The smallest change")))
        << said("askVerdict").toStdString();
    EXPECT_TRUE(said("askChanges").contains(QStringLiteral("from")))
        << said("askChanges").toStdString();
    press(QStringLiteral("Put it on the bench"));
    open("Compare");
    EXPECT_NEAR(cell(QStringLiteral("Carry"), 1), 20, 0.36);
    EXPECT_NEAR(cell(QStringLiteral("Release"), 1), 2, 0.26);
    action(QStringLiteral("Undo"))->trigger();
    EXPECT_NEAR(number("Club speed")->value(), 21, 0.01);
}

TEST_F(DrawerTest, AskSaysWhyNothingReachesIt) {
    open("Ask for a result");
    pin("Carry", 60);
    pin("Release", -15);
    press(QStringLiteral("Find the smallest change"));
    ASSERT_TRUE(answered());
    EXPECT_TRUE(said("askVerdict")
                    .startsWith(QStringLiteral(
                        "No set-up of these parts does it. The one whose worst miss")));
    EXPECT_TRUE(said("askReached").contains(QStringLiteral("at the nearest, not")))
        << said("askReached").toStdString();
    EXPECT_TRUE(said("askReached").contains(QStringLiteral("As far as a player goes")) ||
                said("askReached").contains(QStringLiteral("free another")));
}

TEST_F(DrawerTest, AskWithoutAWishOrAFreedomSaysWhatIsMissing) {
    open("Ask for a result");
    press(QStringLiteral("Find the smallest change"));
    EXPECT_EQ(said("askVerdict"), QStringLiteral("Pin at least one result."));
    pin("Carry", 20);
    for (auto* box : window_->findChildren<QCheckBox*>()) {
        if (box->accessibleName().startsWith(QStringLiteral("Free "))) box->setChecked(false);
    }
    press(QStringLiteral("Find the smallest change"));
    EXPECT_EQ(said("askVerdict"), QStringLiteral("Free at least one part of the set-up."));
}

TEST_F(DrawerTest, EverySchoolLoadsAndItsClaimsAreTheCores) {
    open("Recipes and schools");
    auto* start = byName<QComboBox>(QStringLiteral("Start from"));
    ASSERT_GE(start->count(), static_cast<int>(schools().size()));
    int i = 0;
    for (const School& s : schools()) {
        start->setCurrentIndex(i++);
        press(QStringLiteral("Put it on the bench"));
        const Predictor g = startPredictor();
        Recipe r = s.recipe;
        r.clubSpeed_mps = 21;
        const ShotResult shot = g.shot(r);
        EXPECT_NEAR(numberAfter(flight(), QStringLiteral("rests at")), shot.total_m(), 0.051)
            << s.key;
        EXPECT_NEAR(number("Face opened")->value(), degFromRad(s.recipe.open_rad), 0.051);
        EXPECT_EQ(said("schoolAsks"), text::schoolAsks(s));
        EXPECT_TRUE(said("schoolUnknown").contains(text::schoolUnknown(s)));

        const QStringList lines = said("schoolClaims").split(QLatin1Char('\n'));
        const Consequences all = findConsequences(s, r, g, shot.flight.carry_m);
        ASSERT_EQ(lines.size(), static_cast<qsizetype>(all.claims.size()) + 1) << s.key;
        for (std::size_t c = 0; c < all.claims.size(); ++c) {
            const QString& line = lines[static_cast<qsizetype>(c)];
            const Verdict v = all.claims[c].verdict;
            EXPECT_TRUE(line.contains(text::claim(all.claims[c].claim)));
            const QString words = v == Verdict::Follows    ? QStringLiteral(": follows here")
                                  : v == Verdict::Opposite ? QStringLiteral("the opposite follows")
                                                           : QStringLiteral("no difference");
            EXPECT_TRUE(line.contains(words)) << line.toStdString();
            const MeasureInfo& m = info(all.claims[c].claim.measure);
            if (m.measure == Measure::ClubSpeed) {
                EXPECT_TRUE(line.contains(text::swingInShort(window_->desk.bench().swings(),
                                                             all.claims[c].here,
                                                             window_->desk.bench().units())))
                    << line.toStdString();
            } else if (m.measure != Measure::Spin) {
                EXPECT_NEAR(
                    numberAfter(line.mid(line.lastIndexOf(QStringLiteral(" to "))), QString()),
                    all.claims[c].here * m.factor, 0.051)
                    << line.toStdString();
            }
        }
    }
}

TEST_F(DrawerTest, ThreeRecipesSideBySideAtOneCarryAndTheirShares) {
    open("Recipes and schools");
    auto* start = byName<QComboBox>(QStringLiteral("Start from"));
    start->setCurrentIndex(0);
    press(QStringLiteral("Beside the present one"));
    start->setCurrentIndex(1);
    press(QStringLiteral("Beside the present one"));
    action(QStringLiteral("Choose recipe A"))->trigger();
    EXPECT_TRUE(flight().contains(QStringLiteral("Recipe B carries")));
    EXPECT_TRUE(flight().contains(QStringLiteral("Recipe C carries")));
    open("Compare");
    EXPECT_GT(std::abs(cell(QStringLiteral("Carry"), 1) - cell(QStringLiteral("Carry"), 3)), 1);
    const auto bringTo = [&](int i) {
        auto* same = byName<QComboBox>(QStringLiteral("Brought to"));
        same->setCurrentIndex(i);
        emit same->activated(i);
    };
    bringTo(2);
    for (const int column : {2, 3})
        EXPECT_NEAR(cell(QStringLiteral("Total"), column), cell(QStringLiteral("Total"), 1), 0.31);
    bringTo(1);
    for (const int column : {2, 3})
        EXPECT_NEAR(cell(QStringLiteral("Carry"), column), cell(QStringLiteral("Carry"), 1), 0.11);

    // The shares, once more from the core.
    const Predictor g = startPredictor();
    const ShotResult a = g.shot(startRecipe());
    Recipe flighted = findSchool("flighted")->recipe;
    flighted.clubSpeed_mps = g.speedForCarry(flighted, a.flight.carry_m);
    const ShotResult b = g.shot(flighted);
    const Explanation e = explain(g.causes(a), g.causes(b));
    const QString shares =
        byName<Drawing>(QStringLiteral("Shares of the difference"))->accessibleDescription();
    EXPECT_NEAR(numberAfter(shares, QStringLiteral("spin loft")),
                e(Outcome::Release, Cause::SpinLoft), 0.051)
        << shares.toStdString();
    EXPECT_NEAR(numberAfter(shares, QStringLiteral("speed")), e(Outcome::Release, Cause::Speed),
                0.051);
    EXPECT_NEAR(cell(QStringLiteral("Release"), 2), b.run.release_m, 0.051);

    action(QStringLiteral("Copy the result"))->trigger();
    EXPECT_TRUE(QApplication::clipboard()->text().contains(shares));
}

TEST_F(DrawerTest, ToTheSameFlagEachHasTheSpeedThatASinglePredictionNeeds) {
    open("Low, middle and high to the same flag");
    const BenchState& s = window_->desk.bench().state();
    ASSERT_EQ(s.recipes.size(), 3u);
    EXPECT_EQ(s.same, SameDistance::Flag);
    const double flag = s.predictor().shot(s.recipe()).total_m();
    for (std::size_t i = 0; i < 3; ++i) {
        Recipe alone = s.recipes[i].recipe;
        if (i != s.chosen) alone.clubSpeed_mps = s.predictor(i).speedForTotal(alone, flag);
        const ShotResult shot = s.predictor(i).shot(alone);
        const int column = static_cast<int>(i) + 1;
        EXPECT_NEAR(cell(QStringLiteral("Total"), column), shot.total_m(), 0.06);
        EXPECT_NEAR(cell(QStringLiteral("Carry"), column), shot.flight.carry_m, 0.06);
        EXPECT_NEAR(cell(QStringLiteral("Apex"), column), shot.flight.apex_m, 0.06);
        const double near = cell(QStringLiteral("Within 3\u00a0m"), column);
        EXPECT_GT(near, 10);
        EXPECT_LE(near, 100);
    }
    EXPECT_LT(cell(QStringLiteral("Launch"), 1), cell(QStringLiteral("Launch"), 2));
    EXPECT_LT(cell(QStringLiteral("Launch"), 2), cell(QStringLiteral("Launch"), 3));
}

TEST_F(DrawerTest, ThreeLoftsCarryAClubOfTheirOwn) {
    open("This recipe with three lofts");
    const BenchState& s = window_->desk.bench().state();
    ASSERT_EQ(s.recipes.size(), 3u);
    double loft = 0.0;
    for (std::size_t i = 0; i < 3; ++i) {
        ASSERT_TRUE(s.recipes[i].own.wedge);
        EXPECT_GT(s.recipes[i].own.wedge->loft_rad, loft);
        loft = s.recipes[i].own.wedge->loft_rad;
        EXPECT_NEAR(s.met(i).wedge.loft_rad, loft, 1e-12);
    }
    EXPECT_LT(cell(QStringLiteral("Launch"), 1), cell(QStringLiteral("Launch"), 3));
    // The letters say it, and one undo takes all of it back.
    EXPECT_TRUE(byName<QAbstractButton>(QStringLiteral("Recipe C: ") +
                                        text::fromUtf8(s.recipes[2].name)) != nullptr);
    window_->desk.bench().undoStack().undo();
    EXPECT_EQ(window_->desk.bench().state().recipes.size(), 1u);
}

TEST_F(DrawerTest, AimedItEndsOnTheLineAndFaceAtTheFlagItStartsThere) {
    number("Face opened")->setValue(20);
    auto& bench = window_->desk.bench();
    EXPECT_GT(std::abs(bench.prediction()->shot.restSide_m()), 1.0);
    open("Aim it");
    EXPECT_LE(std::abs(bench.prediction()->shot.restSide_m()), 0.05);
    const QString face =
        byName<Drawing>(QStringLiteral("Face from above"))->accessibleDescription();
    EXPECT_TRUE(face.contains(QStringLiteral("it ends on the line"))) << face.toStdString();
    open("Face at the flag");
    EXPECT_NEAR(bench.prediction()->shot.strike.launch.direction_rad(), 0.0, 1e-3);
    open("Aim straight");
    EXPECT_EQ(bench.state().aim_rad(), 0.0);
}

TEST_F(DrawerTest, KitAndTechniqueAreWeighed) {
    open("Kit beside technique");
    auto* kit = byName<QTableWidget>(QStringLiteral("Balls and faces"));
    ASSERT_EQ(kit->rowCount(), 12);
    const ShotResult own = startPredictor().shot(startRecipe());
    EXPECT_NEAR(numberAfter(kit->item(0, 3)->text(), QString()), own.run.release_m, 0.051);
    Conditions wet = startPredictor().conditions();
    wet.face = FaceCondition::FreshWet;
    EXPECT_NEAR(numberAfter(kit->item(3, 3)->text(), QString()),
                Predictor({}, wet).shot(startRecipe()).run.release_m, 0.051);
    ASSERT_TRUE(QTest::qWaitFor(
        [this] { return !said("kitTechnique").startsWith(QStringLiteral("Looking")); },
        patience(8000)));
    press(QStringLiteral("Put it beside"));
    const BenchState& s = window_->desk.bench().state();
    ASSERT_EQ(s.recipes.size(), 2u);
    const ShotResult best = s.predictor(1).shot(s.recipes[1].recipe);
    EXPECT_NEAR(best.flight.carry_m, own.flight.carry_m, 0.1);
    EXPECT_LT(std::abs(best.run.release_m), std::abs(own.run.release_m));
}

TEST_F(DrawerTest, RecipesAreAddedChosenClosedAndUndone) {
    open("Add a recipe");
    number("Shaft lean")->setValue(11);
    EXPECT_TRUE(flight().contains(QStringLiteral("Recipe A carries")));
    action(QStringLiteral("Choose recipe A"))->trigger();
    EXPECT_NEAR(number("Shaft lean")->value(), 5, 0.01);
    EXPECT_TRUE(flight().contains(QStringLiteral("Recipe B carries")));
    action(QStringLiteral("Close the chosen"))->trigger();
    EXPECT_NEAR(number("Shaft lean")->value(), 11, 0.01) << "B is what is left";
    action(QStringLiteral("Close the chosen"))->trigger();
    EXPECT_NEAR(number("Shaft lean")->value(), 11, 0.01) << "the last one stays";
    while (action(QStringLiteral("Undo"))->isEnabled())
        action(QStringLiteral("Undo"))->trigger();
    EXPECT_FALSE(flight().contains(QStringLiteral("Recipe")));
    EXPECT_NEAR(number("Shaft lean")->value(), 5, 0.01);
    for (int i = 0; i < 5; ++i)
        open("Add a recipe");
    EXPECT_TRUE(flight().contains(QStringLiteral("Recipe B")));
    EXPECT_EQ(flight().count(QStringLiteral("Recipe")), 2) << "three at most";
}

TEST_F(DrawerTest, AKeptRecipeIsThereInTheNextWindow) {
    number("Shaft lean")->setValue(9);
    open("Keep under a name");
    auto* name = byName<QLineEdit>(QStringLiteral("Name of the recipe"));
    EXPECT_TRUE(name->hasFocus());
    name->setText(QStringLiteral("<b>Low & soft</b>"));
    press(QStringLiteral("Keep"));
    settle();
    window_ = std::make_unique<Program>(logbookPath());
    window_->resize(1280, 800);
    window_->show();
    settle();
    window_->showView(QStringLiteral("shape"));
    EXPECT_NEAR(number("Shaft lean")->value(), 5, 0.01);
    open("Recipes and schools");
    auto* start = byName<QComboBox>(QStringLiteral("Start from"));
    start->setCurrentText(QStringLiteral("<b>Low & soft</b>"));
    press(QStringLiteral("Put it on the bench"));
    EXPECT_NEAR(number("Shaft lean")->value(), 9, 0.01);
    EXPECT_TRUE(byName<QToolButton>(QStringLiteral("Recipe A: <b>Low & soft</b>")));
    press(QStringLiteral("Remove"));
    settle();
    EXPECT_EQ(start->findText(QStringLiteral("<b>Low & soft</b>")), -1);
}

TEST_F(DrawerTest, AnUnreadableFormerFileOfRecipesIsLeftAndSaid) {
    window_.reset();
    QDir().mkpath(QFileInfo(recipesPath()).absolutePath());
    QFile file(recipesPath());
    ASSERT_TRUE(file.open(QIODevice::WriteOnly));
    file.write("{ half of a file");
    file.close();
    window_ = std::make_unique<Program>(logbookPath());
    window_->show();
    settle();
    window_->showView(QStringLiteral("shape"));
    open("Keep under a name");
    bool told = false;
    for (auto* l : window_->findChildren<QLabel*>())
        told = told ||
               (l->isVisible() && l->text().contains(QStringLiteral("could not be taken over")));
    EXPECT_TRUE(told);
    press(QStringLiteral("Keep"));
    settle();
    ASSERT_TRUE(file.open(QIODevice::ReadOnly));
    EXPECT_EQ(file.readAll(), QByteArray("{ half of a file"));
}

TEST_F(DrawerTest, FormerRecipesAreTakenOverOnce) {
    window_.reset();
    const QString kept = recipesPath() + QStringLiteral(".kept-in-logbook");
    QFile::remove(kept);
    QDir().mkpath(QFileInfo(recipesPath()).absolutePath());
    QFile file(recipesPath());
    ASSERT_TRUE(file.open(QIODevice::WriteOnly));
    const QByteArray former = R"({"format":"wedgeon-recipes","version":1,"recipes":[)"
                              R"({"name":"From before","recipe":{"club_speed_mps":18}},)"
                              R"({"name":"Nonsense","recipe":{"club_speed_mps":-4}}]})";
    file.write(former);
    file.close();
    for (int start = 0; start < 2; ++start) {
        window_ = std::make_unique<Program>(logbookPath());
        window_->show();
        settle();
        window_->showView(QStringLiteral("shape"));
        open("Recipes and schools");
        auto* from = byName<QComboBox>(QStringLiteral("Start from"));
        EXPECT_GE(from->findText(QStringLiteral("From before")), 0);
        EXPECT_FALSE(QFile::exists(recipesPath()));
        QFile aside(kept);
        ASSERT_TRUE(aside.open(QIODevice::ReadOnly));
        EXPECT_EQ(aside.readAll(), former);
        bool told = false;
        for (auto* l : window_->findChildren<QLabel*>())
            told =
                told || (l->isVisible() && l->text().contains(QStringLiteral("1 of your former")));
        EXPECT_EQ(told, start == 0);
        window_.reset();
    }
    QFile::remove(kept);
}

TEST_F(DrawerTest, TwoWindowsKeepTheirRecipesBesideEachOther) {
    Program other(logbookPath());
    other.show();
    ASSERT_TRUE(QTest::qWaitFor([&] { return other.isSettled(); }, 5000));
    const auto keepIn = [&](Program& window, const QString& name) {
        other.activateWindow();
        window.showView(QStringLiteral("shape"));
        for (QAction* menu : window.menuBar()->actions()) {
            for (QAction* a : menu->menu()->actions()) {
                if (a->text().startsWith(QStringLiteral("&Keep under"))) a->trigger();
            }
        }
        byName<QLineEdit>(QStringLiteral("Name of the recipe"), &window)->setText(name);
        for (auto* b : window.findChildren<QPushButton*>()) {
            if (b->isVisible() && b->text() == QStringLiteral("Keep")) b->click();
        }
        ASSERT_TRUE(QTest::qWaitFor([&] { return window.isSettled(); }, 5000));
    };
    keepIn(*window_, QStringLiteral("Here"));
    keepIn(other, QStringLiteral("There"));
    store::Logbook book(logbookPath().toStdString());
    EXPECT_EQ(store::Recipes(book).all().size(), 2u);
    // What the one keeps shows in the other.
    auto* from = byName<QComboBox>(QStringLiteral("Start from"));
    EXPECT_TRUE(
        QTest::qWaitFor([&] { return from->findText(QStringLiteral("There")) >= 0; }, 5000));
}

TEST_F(DrawerTest, RecipesGoOutAndComeInAsJson) {
    number("Shaft lean")->setValue(8);
    const QString path = folder_.filePath(QStringLiteral("mine.json"));
    inFileDialog(path, [&] { open("Export recipes"); });
    ASSERT_TRUE(QFile::exists(path)) << notice().toStdString();
    inFileDialog(path, [&] { open("Open recipes"); });
    settle();
    EXPECT_TRUE(notice().contains(QStringLiteral("One recipe from mine.json")))
        << notice().toStdString();
    const QString bad = write(QStringLiteral("bad.json"), "{}");
    inFileDialog(bad, [&] { open("Open recipes"); });
    EXPECT_TRUE(notice().contains(QStringLiteral("format must be"))) << notice().toStdString();
}

TEST_F(DrawerTest, ACautionIsShownOnceWhereItApplies) {
    EXPECT_EQ(said("caution"), QString());
    number("Face opened")->setValue(28);
    EXPECT_TRUE(said("caution").contains(QStringLiteral("nobody ahead")))
        << said("caution").toStdString();
    press(QStringLiteral("Understood"));
    EXPECT_EQ(said("caution"), QString());
    number("Face opened")->setValue(0);
    number("Face opened")->setValue(30);
    EXPECT_EQ(said("caution"), QString()) << "once is enough";
}

TEST_F(DrawerTest, TheSameTurnOnAMidIron) {
    open("Beside a mid-iron");
    auto* turn = byName<Drawing>(QStringLiteral("The same turn on a mid-iron"));
    ASSERT_TRUE(turn);
    drag(turn, turn->handles().first().at, {-90, 0});
    const double open = number("Face opened")->value();
    EXPECT_LT(open, -15);
    const FaceAim wedge = calcFace(startConditions().wedge, {radFromDeg(open), 0, 0});
    EXPECT_NEAR(numberAfter(turn->accessibleDescription(), QStringLiteral("wedge looks")),
                -degFromRad(wedge.faceAngle_rad), 0.11);
    EXPECT_NEAR(numberAfter(turn->accessibleDescription(), QStringLiteral("with")),
                -100 * wedge.normal.z, 0.6);
    turn->setFocus();
    QTest::keyClick(turn, Qt::Key_Right);
    EXPECT_NEAR(number("Face opened")->value(), open + 1, 0.06);
}

TEST_F(DrawerTest, TheCoachsOwnLaunchWindowIsDrawnOnceHeHasOne) {
    const auto spin = [this] {
        return byName<Drawing>(QStringLiteral("Spin against spin loft"))->accessibleDescription();
    };
    EXPECT_FALSE(spin().contains(QStringLiteral("Your")));
    action(QStringLiteral("Own launch window…"))->trigger();
    auto* dialog = window_->findChild<PreferencesDialog*>();
    ASSERT_TRUE(dialog && dialog->isVisible());
    const auto answer = [&](bool has, double from, double to) {
        byName<QCheckBox>(QStringLiteral("Own window"), dialog)->setChecked(has);
        byName<QDoubleSpinBox>(QStringLiteral("Launch to"), dialog)->setValue(to);
        byName<QDoubleSpinBox>(QStringLiteral("Launch from"), dialog)->setValue(from);
    };
    answer(true, 26, 34);
    EXPECT_TRUE(spin().contains(QStringLiteral("Your 26–34° costs"))) << spin().toStdString();
    // What it costs is the peak's spin less that in its middle.
    const Predictor g = startPredictor();
    const ShotResult shot = g.shot(startRecipe());
    const SpinWindow window = findSpinWindow(shot.swing.delivery, shot.contact);
    const auto middle = spinAtLaunch(window, radFromDeg(30));
    ASSERT_TRUE(middle);
    EXPECT_NEAR(numberAfter(spin(), QStringLiteral("costs")),
                rpmFromRadps(window.peak.spin_radps - *middle), 5.1);
    // It is there the next time, gone when he takes it back, and back with undo.
    EXPECT_EQ(Preferences(window_->desk.bench().undoStack()).values().ownWindow->to_rad,
              radFromDeg(34));
    byName<QCheckBox>(QStringLiteral("Own window"), dialog)->setChecked(false);
    EXPECT_FALSE(spin().contains(QStringLiteral("Your")));
    window_->desk.bench().undoStack().undo();
    EXPECT_TRUE(spin().contains(QStringLiteral("Your 26–34°")));
    EXPECT_TRUE(byName<QCheckBox>(QStringLiteral("Own window"), dialog)->isChecked());
}

}  // namespace
}  // namespace wedgeon::test
