// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Charts, filter and the coach's words in the real window, compared with the logbook.
#include <QComboBox>
#include <QDoubleSpinBox>
#include <algorithm>

#include "academy.h"
#include "wedgeon/store/logbook.h"
#include "wedgeon/store/recipe_file.h"
#include "wedgeon/store/shot_file.h"
#include "wedgeon/units.h"
#include "window_fixture.h"

namespace wedgeon::test {
namespace {

using store::Label;
using store::Quantity;

class ChartTest : public WindowTest {
protected:
    void openAcademy() {
        academy_ = demo::makeAcademy().shots;
        openRecords(academy_);
    }
    void filter(const char* text) {
        byName<QLineEdit>(QStringLiteral("Show only shots with these words"))
            ->setText(QString::fromUtf8(text));
    }
    int shown() { return byName<QAbstractItemView>(QStringLiteral("Shots"))->model()->rowCount(); }
    template <class Holds>
    int countIf(const Holds& holds) {
        return static_cast<int>(std::count_if(academy_.begin(), academy_.end(), holds));
    }
    void choose(const char* box, const char* text) {
        auto* b = byName<QComboBox>(QString::fromLatin1(box));
        b->setCurrentIndex(b->findText(QString::fromLatin1(text)));
        ASSERT_EQ(b->currentText(), QString::fromLatin1(text));
    }
    QWidget* chart() { return byName<QWidget>(QStringLiteral("Chart of the shown shots")); }
    std::vector<store::LoggedShot> logged() {
        settle();
        return store::Logbook(logbookPath().toStdString(), store::Logbook::Access::ReadOnly)
            .shots();
    }
    void chooseRow(int row) {
        auto* list = byName<QAbstractItemView>(QStringLiteral("Shots"));
        list->setCurrentIndex(list->model()->index(row, 0));
    }

    std::vector<store::ShotRecord> academy_;
};

TEST_F(ChartTest, TheShownShotsGoOutAndComeBackTheSame) {
    openAcademy();
    filter("player:runa");
    const int all = shown();
    chooseRow(0);
    action(QStringLiteral("Set the shot"))->trigger();
    for (const char* name : {"out.csv", "out.json"}) {
        const QString path = folder_.filePath(QString::fromLatin1(name));
        inFileDialog(path, [this] { action(QStringLiteral("Save the shown shots"))->trigger(); });
        ASSERT_TRUE(QTest::qWaitFor([&] { return QFileInfo::exists(path); }, patience(10000)));
        QFile file(path);
        ASSERT_TRUE(file.open(QIODevice::ReadOnly));
        const std::string text = file.readAll().toStdString();
        const auto back = path.endsWith(QStringLiteral("json"))
                              ? store::readShotsJson(text)
                              : store::readShotText(text, "out.csv").shots;
        ASSERT_EQ(back.size(), static_cast<std::size_t>(all) - 1) << "one was set aside";
        std::vector<store::ShotRecord> counted;
        for (const store::LoggedShot& s : logged()) {
            if (s.setAside.empty() && s.record[Label::Player] == "Runa Vale")
                counted.push_back(s.record);
        }
        ASSERT_EQ(back.size(), counted.size());
        for (std::size_t i = 0; i < back.size(); ++i) {
            EXPECT_EQ(back[i].labels, counted[i].labels) << i;
            EXPECT_TRUE(std::equal(
                back[i].values.begin(), back[i].values.end(), counted[i].values.begin(),
                [](double a, double b) { return a == b || (std::isnan(a) && std::isnan(b)); }))
                << i;
        }
    }
    // With nothing to save it says so.
    filter("nobody");
    action(QStringLiteral("Save the shown shots"))->trigger();
}

TEST_F(ChartTest, FaceToPathIsDrawnFilteredAndShownBesideTheShot) {
    openAcademy();
    const auto open = [](const store::ShotRecord& r) {
        return r.has(Quantity::FaceToPath) &&
               r[Quantity::FaceAngle] - r[Quantity::ClubPath] > radFromDeg(2);
    };
    filter("facetopath>2");
    EXPECT_EQ(shown(), countIf(open));
    EXPECT_GT(shown(), 0);
    chooseRow(0);
    const auto labels = window_->findChildren<QLabel*>();
    EXPECT_TRUE(std::any_of(labels.begin(), labels.end(), [](const QLabel* l) {
        return l->isVisible() && l->text() == QStringLiteral("face to path");
    }));
    action(QStringLiteral("Shots as chart"))->trigger();
    choose("Up", "Face to path");
    EXPECT_TRUE(chart()->accessibleDescription().startsWith(QStringLiteral("Face to path of")))
        << chart()->accessibleDescription().toStdString();
}

TEST_F(ChartTest, TheFilterTakesWordsKindsNumbersAndTheirOpposites) {
    openAcademy();
    const auto player = [](const store::ShotRecord& r) { return r[Label::Player] == "Runa Vale"; };
    filter("runa");
    EXPECT_EQ(shown(), countIf(player));
    filter("-player:runa");
    EXPECT_EQ(shown(), countIf([&](const auto& r) { return !player(r); }));
    filter("spin>6000 carry=30..50");
    EXPECT_EQ(shown(), countIf([](const auto& r) {
                  return r[Quantity::SpinRate] > radpsFromRpm(6000) && r[Quantity::Carry] >= 30 &&
                         r[Quantity::Carry] <= 50;
              }));
    filter("wedge:lob attack<-5");
    EXPECT_EQ(shown(), countIf([](const auto& r) {
                  return r[Label::Wedge].find("lob") != std::string::npos &&
                         r[Quantity::AttackAngle] < radFromDeg(-5);
              }));
    // The same number in other units lets other shots through.
    filter("carry>40");
    const int metres = shown();
    action(QStringLiteral("Change between"))->trigger();
    EXPECT_EQ(shown(), countIf([](const auto& r) { return r[Quantity::Carry] * 1 / 0.9144 > 40; }));
    EXPECT_GT(shown(), metres);
    filter("spn>3");
    EXPECT_TRUE(said("watchTitle").contains(QStringLiteral("no quantity is called “spn”")))
        << said("watchTitle").toStdString();
    filter("carry>");
    EXPECT_TRUE(said("watchTitle").contains(QStringLiteral("a number in yd is needed")));
    filter("is:counted");
    EXPECT_EQ(shown(), static_cast<int>(academy_.size()));
    action(QStringLiteral("Set the shot"))->trigger();
    EXPECT_EQ(shown(), static_cast<int>(academy_.size()) - 1);
    filter("is:aside");
    EXPECT_EQ(shown(), 1);
    filter("no such word");
    EXPECT_EQ(shown(), 0);
    EXPECT_TRUE(said("watchTitle").startsWith(QStringLiteral("None of")));
}

TEST_F(ChartTest, TheChartSaysWhatTheShotsSay) {
    openAcademy();
    action(QStringLiteral("Shots as chart"))->trigger();
    choose("Up", "Carry");
    choose("Across", "By swing");
    choose("Groups", "None");
    std::vector<double> all, full;
    for (const auto& r : academy_) {
        all.push_back(r[Quantity::Carry]);
        if (r[Label::Swing] == "shoulder high") full.push_back(r[Quantity::Carry]);
    }
    const auto median = [](std::vector<double> v) {
        std::sort(v.begin(), v.end());
        return v.size() % 2 ? v[v.size() / 2] : (v[v.size() / 2] + v[v.size() / 2 - 1]) / 2;
    };
    EXPECT_NEAR(numberAfter(said("chartSentence"), QStringLiteral("shots:")), median(all), 0.051);
    EXPECT_NEAR(numberAfter(said("chartSentence"), QStringLiteral("shoulder high")), median(full),
                0.051);
    EXPECT_EQ(chart()->accessibleDescription(), said("chartSentence"));
    // Filter and set-asides count.
    filter("runa");
    EXPECT_TRUE(
        QTest::qWaitFor([&] { return said("chartSentence").contains(QStringLiteral("90")); }));
    action(QStringLiteral("Set the shot"))->trigger();
    EXPECT_TRUE(QTest::qWaitFor([&] {
        return said("chartSentence").contains(QStringLiteral("1 shot set aside"));
    })) << said("chartSentence").toStdString();
    choose("Up", "Spin rate");
    choose("Across", "Spin loft");
    const QString text =
        (action(QStringLiteral("Copy the result"))->trigger(), QApplication::clipboard()->text());
    EXPECT_EQ(text, said("chartSentence"));
}

/// A longer swing is faster and spins more; within a swing nothing goes with anything.
TEST_F(ChartTest, WhatOnlyGroupsTellIsNoCorrelation) {
    const auto shots = [](double slope) {
        std::vector<store::ShotRecord> out;
        for (int i = 0; i < 60; ++i) {
            store::ShotRecord r;
            const bool longer = i % 2 == 1;
            r[Label::Wedge] = "54";
            r[Label::Swing] = longer ? "rib-high" : "hip-high";
            // Orders that have nothing to do with each other.
            const double a = (i / 2 * 7) % 30, b = (i / 2 * 11 + 3) % 30;
            r[Quantity::ClubSpeed] = (longer ? 20 : 14) + 0.03 * a;
            r[Quantity::SpinRate] =
                radpsFromRpm((longer ? 6000 : 4000) + 10 * b + slope * 10 * (a - b));
            out.push_back(r);
        }
        return out;
    };
    openRecords(shots(0.0));
    action(QStringLiteral("Shots as chart"))->trigger();
    choose("Up", "Spin rate");
    choose("Across", "Club speed");
    EXPECT_TRUE(said("chartSentence").startsWith(QStringLiteral("Spin rate of 60 shots")))
        << said("chartSentence").toStdString();
    EXPECT_FALSE(said("chartSentence").contains(QStringLiteral("go together")))
        << said("chartSentence").toStdString();
    openRecords(shots(0.8));
    choose("Up", "Spin rate");
    choose("Across", "Club speed");
    EXPECT_GT(numberAfter(said("chartSentence"), QStringLiteral("go together by")), 0.6)
        << said("chartSentence").toStdString();
}

TEST_F(ChartTest, FewShotsTellTheirEndsAndNoTenths) {
    std::vector<store::ShotRecord> shots(9);
    for (std::size_t i = 0; i < shots.size(); ++i)
        shots[i][Quantity::Carry] = 30.0 + static_cast<double>(i);
    openRecords(shots);
    action(QStringLiteral("Shots as chart"))->trigger();
    choose("Up", "Carry");
    EXPECT_TRUE(said("chartSentence").contains(QStringLiteral("the lowest 30.0, the highest 38.0")))
        << said("chartSentence").toStdString();
    shots.resize(19);
    for (std::size_t i = 0; i < shots.size(); ++i)
        shots[i][Quantity::Carry] = 40.0 + static_cast<double>(i);
    openRecords(shots);
    choose("Up", "Carry");
    // The tenth of 19 lies at the second: one more shot falls below it in one of ten.
    EXPECT_TRUE(said("chartSentence").contains(QStringLiteral("80 in 100 between 41.0 and 57.0")))
        << said("chartSentence").toStdString();
}

TEST_F(ChartTest, APointIsAShotAndChoosesIt) {
    store::ShotRecord low;
    low[Quantity::Carry] = 20;
    low[Quantity::LaunchAngle] = 0.4;
    store::ShotRecord high = low;
    high[Quantity::Carry] = 60;
    openRecords({low, high, low, low});
    action(QStringLiteral("Shots as chart"))->trigger();
    choose("Up", "Carry");
    choose("Across", "Shot by shot");
    EXPECT_TRUE(QTest::qWaitFor([&] { return chart()->width() > 300; }));
    QTest::qWait(50);
    // The only one at the top: found by sweeping the upper part of the chart with clicks.
    const auto title = [&] {
        for (auto* l : window_->findChildren<QLabel*>()) {
            if (l->isVisible() && l->text().startsWith(QStringLiteral("Shot "))) return l->text();
        }
        return QString();
    };
    EXPECT_TRUE(title().startsWith(QStringLiteral("Shot 4")));
    for (int y = 4; y < chart()->height() / 3; y += 10) {
        for (int x = 60; x < chart()->width() - 10; x += 10)
            QTest::mouseClick(chart(), Qt::LeftButton, {}, QPoint(x, y));
    }
    EXPECT_TRUE(title().startsWith(QStringLiteral("Shot 2"))) << title().toStdString();
    QTest::keyClick(chart(), Qt::Key_Right);
    EXPECT_TRUE(title().startsWith(QStringLiteral("Shot 3"))) << title().toStdString();
    QTest::keyClick(chart(), Qt::Key_Left);
    QTest::keyClick(chart(), Qt::Key_Left);
    EXPECT_TRUE(title().startsWith(QStringLiteral("Shot 1"))) << title().toStdString();
}

TEST_F(ChartTest, AChartGoesOutAsPictureDrawingAndDocument) {
    openAcademy();
    action(QStringLiteral("Shots as chart"))->trigger();
    const auto save = [&](const char* name) {
        const QString path = folder_.filePath(QString::fromLatin1(name));
        saveView(path);
        QFile file(path);
        EXPECT_TRUE(file.open(QIODevice::ReadOnly)) << name << notice().toStdString();
        return file.readAll();
    };
    EXPECT_GT(QImage::fromData(save("chart.png")).width(), 1000);
    const QByteArray svg = save("chart.svg");
    EXPECT_TRUE(svg.contains("<svg"));
    EXPECT_TRUE(svg.contains("Spin rate [rpm]")) << "text stays text";
    EXPECT_TRUE(save("chart.pdf").startsWith("%PDF"));
    const QString odd = folder_.filePath(QStringLiteral("chart.docx"));
    saveView(odd);
    EXPECT_TRUE(notice().contains(QStringLiteral("could not be written")));
}

TEST_F(ChartTest, StrikeNoteAndPacedRunAreKeptAndUndone) {
    store::ShotRecord r;
    r[Quantity::Carry] = 40;
    r[Quantity::LaunchAngle] = 0.5;
    store::ShotRecord measured = r;
    measured[Quantity::Release] = 2.5;
    openRecords({measured, r});
    chooseRow(0);
    for (auto* b : window_->findChildren<QPushButton*>()) {
        if (b->accessibleName() == QStringLiteral("Strike felt: thin"))
            QTest::mouseClick(b, Qt::LeftButton);
    }
    EXPECT_EQ(logged()[1].record[Label::Strike], "thin");
    auto* note = byName<QLineEdit>(QStringLiteral("Note"));
    note->setFocus();
    QTest::keyClicks(note, QStringLiteral("hands lower"));
    QTest::keyClick(note, Qt::Key_Return);
    EXPECT_EQ(logged()[1].record[Label::Note], "hands lower");
    auto* run = byName<QDoubleSpinBox>(QStringLiteral("Ran, paced"));
    ASSERT_TRUE(run->isEnabled());
    run->setValue(3);
    EXPECT_EQ(logged()[1].paced_m, 3.0);
    EXPECT_EQ(logged()[1].record[Quantity::Release], 3.0);
    EXPECT_TRUE(said("shotSentence").contains(QStringLiteral("trickled 3.0")))
        << said("shotSentence").toStdString();
    for (int i = 0; i < 3; ++i)
        action(QStringLiteral("Undo"))->trigger();
    EXPECT_EQ(logged()[1].record[Label::Strike], "");
    EXPECT_EQ(logged()[1].record[Label::Note], "");
    EXPECT_FALSE(logged()[1].paced_m);
    EXPECT_FALSE(logged()[1].record.has(Quantity::Release));
    chooseRow(1);
    EXPECT_FALSE(run->isEnabled()) << "the device measured it";
}

TEST_F(ChartTest, WordsTypedForOneShotStayWithItWhenAnotherIsChosen) {
    openAcademy();
    chooseRow(0);
    const auto id = logged().back().id;
    auto* note = byName<QLineEdit>(QStringLiteral("Note"));
    note->setFocus();
    note->selectAll();
    QTest::keyClicks(note, QStringLiteral("for the last one"));
    chooseRow(5);
    for (const auto& s : logged())
        EXPECT_EQ(s.record[Label::Note] == "for the last one", s.id == id);
}

TEST_F(ChartTest, ASetUpIsDeclaredAndComesBackToTheBench) {
    openAcademy();
    window_->showView(QStringLiteral("shape"));
    byName<QDoubleSpinBox>(QStringLiteral("Shaft lean"))->setValue(7);
    window_->showView(QStringLiteral("watch"));
    chooseRow(0);
    const auto press = [&](const char* text) {
        for (auto* b : window_->findChildren<QPushButton*>()) {
            if (b->isVisible() && b->text() == QLatin1String(text)) return b->click();
        }
        ADD_FAILURE() << text << " is no button";
    };
    if (!logged().back().record[Label::Recipe].empty()) press("Undeclare");
    press("Declare Shape's set-up");
    const auto recipes = store::parseRecipes(logged().back().record[Label::Recipe].str());
    ASSERT_EQ(recipes.size(), 1u);
    EXPECT_NEAR(degFromRad(recipes[0].recipe.lean_rad), 7, 1e-9);
    window_->showView(QStringLiteral("shape"));
    byName<QDoubleSpinBox>(QStringLiteral("Shaft lean"))->setValue(0);
    window_->showView(QStringLiteral("watch"));
    press("To the bench");
    window_->showView(QStringLiteral("shape"));
    EXPECT_NEAR(byName<QDoubleSpinBox>(QStringLiteral("Shaft lean"))->value(), 7, 1e-9);
    window_->showView(QStringLiteral("watch"));
    press("Undeclare");
    EXPECT_EQ(logged().back().record[Label::Recipe], "");
}

TEST_F(ChartTest, ADoubtThatTheCoachDoesNotShareIsDismissedForGood) {
    openAcademy();
    auto* list = byName<QAbstractItemView>(QStringLiteral("Shots"));
    const auto doubtful = [&] {
        for (int row = 0; row < list->model()->rowCount(); ++row) {
            if (list->model()
                    ->index(row, 0)
                    .data(Qt::AccessibleTextRole)
                    .toString()
                    .contains(QStringLiteral("Doubtful")))
                return row;
        }
        return -1;
    };
    ASSERT_TRUE(QTest::qWaitFor([&] { return doubtful() >= 0; }));
    const int row = doubtful();
    const auto spoken = [&] {
        return list->model()->index(row, 0).data(Qt::AccessibleTextRole).toString();
    };
    filter("is:doubtful");
    const int before = shown();
    EXPECT_GT(before, 0);
    filter(" ");
    chooseRow(row);
    const QString first = spoken();
    for (int i = 0; i < 5 && spoken().contains(QStringLiteral("Doubtful")); ++i)
        action(QStringLiteral("Keep the shot"))->trigger();
    EXPECT_FALSE(spoken().contains(QStringLiteral("Doubtful")));
    EXPECT_FALSE(logged()[logged().size() - 1 - static_cast<std::size_t>(row)].dismissed.empty());
    filter("is:doubtful");
    EXPECT_EQ(shown(), before - 1);
    filter(" ");
    while (spoken() != first && action(QStringLiteral("Undo"))->isEnabled() &&
           action(QStringLiteral("Undo"))->text().contains(QStringLiteral("doubt")))
        action(QStringLiteral("Undo"))->trigger();
    EXPECT_EQ(spoken(), first);
    EXPECT_TRUE(logged()[logged().size() - 1 - static_cast<std::size_t>(row)].dismissed.empty());
}

}  // namespace
}  // namespace wedgeon::test
