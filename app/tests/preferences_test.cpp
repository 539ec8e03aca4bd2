// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// What a coach chooses once: in force at once, undone, kept, found by a word; what another hand
// wrote into the settings is as it comes. A language is changed while the program runs.
#include <QCheckBox>
#include <QListWidget>
#include <QSignalSpy>

#include "shell.h"
#include "text/language.h"
#include "text/quantities.h"
#include "text/quantity_help.h"
#include "text/seen_words.h"
#include "views/view.h"
#include "widgets/guide_window.h"
#include "window_fixture.h"

namespace wedgeon::test {
namespace {

class PreferencesTest : public WindowTest {
protected:
    PreferencesDialog* dialog() {
        if (!window_->showsPreferences()) action(QStringLiteral("Preferences"))->trigger();
        return window_->findChild<PreferencesDialog*>();
    }
    QComboBox* choice(const char* name) {
        return byName<QComboBox>(QString::fromLatin1(name), dialog());
    }
    QStringList shownRows() {
        QStringList out;
        for (auto* label : dialog()->findChildren<QLabel*>()) {
            if (label->buddy() && label->isVisible())
                out << QString(label->text()).remove(QLatin1Char('&'));
        }
        return out;
    }
};

TEST_F(PreferencesTest, AreInForceAtOnceAndUndone) {
    const Workbench& bench = window_->desk.bench();
    choice("Lengths")->setCurrentIndex(1);
    EXPECT_EQ(bench.units().lengthName(), QStringLiteral("yd"));
    EXPECT_EQ(bench.units().speedName(), QStringLiteral("mph"));
    choice("Speeds")->setCurrentIndex(1);
    EXPECT_EQ(bench.units().lengthName(), QStringLiteral("yd")) << "yards with m/s";
    EXPECT_EQ(bench.units().speedName(), QStringLiteral("m/s"));
    choice("Theme")->setCurrentIndex(3);
    EXPECT_EQ(QApplication::palette().color(QPalette::Window), QColor(0, 0, 0));
    EXPECT_TRUE(action(QStringLiteral("Dark"))->isChecked());
    action(QStringLiteral("Dark"))->trigger();
    EXPECT_EQ(choice("Theme")->currentIndex(), 2) << "light, and as much contrast";
    QUndoStack& undo = window_->desk.bench().undoStack();
    while (undo.canUndo())
        undo.undo();
    EXPECT_EQ(bench.units(), Units());
    EXPECT_EQ(choice("Theme")->currentIndex(), 0);
    EXPECT_EQ(QApplication::palette(), style::palette(style::Theme::Light));
    EXPECT_EQ(Preferences(undo).values(), PreferenceValues()) << "and that is kept";
}

TEST_F(PreferencesTest, APaceMeasuresInReadAndInTheLineByEye) {
    prefer([](PreferenceValues& v) { v.lengths = UnitSystem::Yards; });
    auto* pace = byName<QDoubleSpinBox>(QStringLiteral("One of your paces"), dialog());
    EXPECT_EQ(pace->suffix(), QStringLiteral("\u00A0yd"));
    pace->setValue(1.0);
    EXPECT_NEAR(window_->desk.preferences().values().pace_m, 0.9144, 1e-9);
    const auto seen = text::parseSeen(QStringLiteral("30p 33"), Units(UnitSystem::Yards), 0,
                                      window_->desk.preferences().values().pace_m);
    EXPECT_NEAR(*seen.seen.landed_m, 30 * 0.9144, 1e-9);
    EXPECT_NEAR(*seen.seen.rest_m, 33 * 0.9144, 1e-9);
    EXPECT_TRUE(seen.trouble.isEmpty()) << seen.trouble.toStdString();
}

TEST_F(PreferencesTest, AreFoundByTheirWords) {
    EXPECT_GT(shownRows().size(), 15);
    dialog()->search(QStringLiteral("backup kept"));
    EXPECT_EQ(shownRows(), QStringList{QStringLiteral("Backups kept, one a day")});
    dialog()->search(QStringLiteral("mph"));
    EXPECT_EQ(shownRows(), QStringList{QStringLiteral("Speeds")});
    dialog()->search(QStringLiteral("no such thing"));
    EXPECT_TRUE(shownRows().isEmpty());
    dialog()->search({});
    EXPECT_GT(shownRows().size(), 15);
}

TEST_F(PreferencesTest, WhatAnotherHandWroteIsAsItComes) {
    QSettings s;
    for (const char* key : {"units/lengths", "units/speeds", "theme", "textSize_pct", "pace_m",
                            "backups/kept", "simulated/misreads", "ownWindow/from_deg"}) {
        for (const QVariant& value :
             {QVariant(-7), QVariant(1e9), QVariant(QStringLiteral("x")), QVariant(std::nan(""))}) {
            s.setValue(QLatin1String(key), value);
            s.setValue(QStringLiteral("ownWindow/to_deg"), 40);
            QUndoStack undo;
            EXPECT_EQ(Preferences(undo).values(), PreferenceValues())
                << key << " " << value.toString().toStdString();
            s.remove(QLatin1String(key));
        }
    }
}

TEST_F(PreferencesTest, TwoWindowsDoNotUndoEachOther) {
    QUndoStack undo;
    Preferences other(undo);  // of a second program, which has read the settings
    choice("Lengths")->setCurrentIndex(1);
    PreferenceValues next = other.values();
    next.theme = style::Theme::Dark;
    other.change(QStringLiteral("dark"), next);
    const PreferenceValues kept = Preferences(undo).values();
    EXPECT_EQ(kept.lengths, UnitSystem::Yards);
    EXPECT_EQ(kept.theme, style::Theme::Dark);
}

TEST_F(PreferencesTest, BackupsGoWhereTheyAreWanted) {
    openShots(write(QStringLiteral("two.csv"), "carry [m]\n40\n41\n"));
    QTemporaryDir stick;
    prefer([&](PreferenceValues& v) {
        v.backupFolder = stick.path();
        v.backupsKept = 3;
    });
    window_.reset();
    window_ = std::make_unique<Program>(logbookPath());
    window_->show();
    settle();
    const store::BackupPlan plan = window_->desk.preferences().values().backupPlan();
    EXPECT_EQ(plan.kept, 3u);
    const auto backups = [&] { return store::Logbook::backups(logbookPath().toStdString(), plan); };
    // One that lies beside the logbook from today would do; there is none yet.
    ASSERT_TRUE(QTest::qWaitFor([&] { return !backups().empty(); }, patience(10000)));
    EXPECT_TRUE(QString::fromStdString(backups().front().path.string()).startsWith(stick.path()));
}

TEST_F(PreferencesTest, AnotherSizeIsOfferedWithANewStart) {
    QSignalSpy spy(window_.get(), &MainWindow::newStartWanted);
    choice("Size of text and drawings")->setCurrentIndex(2);
    EXPECT_EQ(window_->desk.preferences().values().textSize_pct, 150);
    ASSERT_TRUE(notice().contains(QStringLiteral("opens anew"))) << notice().toStdString();
    for (auto* b : window_->findChild<NoticeBar*>()->findChildren<QPushButton*>()) {
        if (b->text() == QStringLiteral("Open it anew")) b->click();
    }
    EXPECT_EQ(spy.count(), 1);
}

TEST_F(PreferencesTest, EveryQuantityExplainsItself) {
    // The field of the lean, in Shape.
    window_->showView(QStringLiteral("shape"));
    auto* lean = byName<QDoubleSpinBox>(QStringLiteral("Shaft lean"));
    ASSERT_TRUE(lean);
    EXPECT_TRUE(lean->toolTip().contains(QStringLiteral("F1"))) << lean->toolTip().toStdString();
    lean->setFocus();
    action(QStringLiteral("Explain what is here"))->trigger();
    auto* guide = window_->findChild<GuideWindow*>();
    ASSERT_TRUE(guide && guide->isVisible());
    auto* list = guide->findChild<QListWidget*>();
    EXPECT_EQ(list->currentItem()->text().trimmed(), QStringLiteral("Shaft lean"));
    // Without a quantity, the view.
    window_->showView(QStringLiteral("ladder"));
    window_->setFocus();
    action(QStringLiteral("Explain what is here"))->trigger();
    EXPECT_EQ(list->currentItem()->text().trimmed(), QStringLiteral("Ladder"));
    // The search looks into all of it.
    guide->findChild<QLineEdit*>()->setText(QStringLiteral("calendar"));
    QStringList found;
    for (int i = 0; i < list->count(); ++i)
        found << list->item(i)->text().trimmed();
    EXPECT_TRUE(found.contains(QStringLiteral("Train")))
        << found.join(QLatin1Char(' ')).toStdString();
    EXPECT_LT(found.size(), 6);
}

TEST(QuantityHelp, WhatIsUsualComesFromTheModel) {
    // Four set-ups of five wedges at seven speeds, two balls, off two lies.
    std::map<store::Quantity, std::vector<double>> all;
    const struct {
        double open, lean, forward, weight;
    } setUps[] = {{0, 5, 0, 0.55}, {0, 8, -1, 0.60}, {12, 0, 0.7, 0.52}, {5, 2, 0.3, 0.55}};
    for (const double loft : {46, 50, 54, 58, 60}) {
        for (const double speed : {10, 14, 18, 22, 26, 30, 34}) {
            for (const auto& s : setUps) {
                for (const BallKind ball : {BallKind::Soft, BallKind::Firm}) {
                    for (const bool fuller : {false, true}) {
                        Conditions c;
                        c.wedge = {radFromDeg(loft), radFromDeg(64), radFromDeg(10)};
                        c.ball = ball;
                        c.lie = {};
                        c.lie.cover = fuller ? 0.3 : 0.02;
                        c.lie.moisture = fuller ? 0.5 : 0.3;
                        c.lie.sit_m = fuller ? 0.005 : 0.004;
                        Recipe r;
                        r.open_rad = radFromDeg(s.open);
                        r.lean_rad = radFromDeg(s.lean);
                        r.ballForward_m = s.forward * 0.0427;
                        r.weightLead_pct = 100 * s.weight;
                        r.clubSpeed_mps = speed;
                        const ShotResult shot = Predictor({}, c).shot(r);
                        const auto add = [&](store::Quantity q, double v) { all[q].push_back(v); };
                        add(store::Quantity::ClubSpeed, speed);
                        add(store::Quantity::LaunchAngle, shot.strike.launch.angle_rad());
                        add(store::Quantity::Carry, shot.flight.carry_m);
                        add(store::Quantity::Apex, shot.flight.apex_m);
                        add(store::Quantity::LandingAngle, shot.flight.landingAngle_rad());
                        add(store::Quantity::Release, shot.total_m() - shot.flight.carry_m);
                        add(store::Quantity::Total, shot.total_m());
                        add(store::Quantity::SpinLoft, calcSpinLoft(shot.swing.delivery));
                        add(store::Quantity::AttackAngle, shot.swing.delivery.attack_rad);
                        add(store::Quantity::DynamicLoft, shot.swing.delivery.dynamicLoft_rad);
                    }
                }
            }
        }
    }
    for (auto& [quantity, values] : all) {
        std::sort(values.begin(), values.end());
        const auto usual = text::usualRange(quantity);
        ASSERT_TRUE(usual) << text::nameOf(quantity).toStdString();
        const double low = values[values.size() / 20], high = values[values.size() * 19 / 20];
        const double width = high - low;
        EXPECT_NEAR(usual->low, low, 0.02 * width) << text::nameOf(quantity).toStdString();
        EXPECT_NEAR(usual->high, high, 0.02 * width) << text::nameOf(quantity).toStdString();
    }
    EXPECT_GE(all.size(), 10u);
}

TEST(QuantityHelp, NothingIsLeftUnsaid) {
    QSet<QString> keys;
    for (const text::QuantityHelp& help : text::quantityHelp(Units())) {
        EXPECT_FALSE(help.name.isEmpty() || help.what.isEmpty() || help.measured.isEmpty() ||
                     help.valid.isEmpty())
            << help.key.toStdString();
        EXPECT_FALSE(keys.contains(help.key)) << help.key.toStdString();
        keys << help.key;
    }
    EXPECT_EQ(keys.size(), static_cast<qsizetype>(store::allQuantityCount + dialCount));
}

}  // namespace
}  // namespace wedgeon::test
