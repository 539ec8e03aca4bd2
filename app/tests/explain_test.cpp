// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Explain in the real window: two shots of the stream, the shares, the sentence, the picture.
#include <QClipboard>

#include "academy.h"
#include "start_state.h"
#include "wedgeon/explain/compare.h"
#include "wedgeon/store/shot_givens.h"
#include "wedgeon/units.h"
#include "window_fixture.h"

namespace wedgeon::test {
namespace {

using store::Quantity;

class ExplainTest : public WindowTest {
protected:
    /// Chooses the shot of this number in Watch and takes it as A or B by the menu's key.
    void take(int number, const char* letter) {
        auto* list = byName<QAbstractItemView>(QStringLiteral("Shots"));
        list->setCurrentIndex(list->model()->index(list->model()->rowCount() - number, 0));
        action(QStringLiteral("Take the shot as %1").arg(QLatin1String(letter)))->trigger();
        EXPECT_TRUE(notice().startsWith(
            QStringLiteral("%1 is shot %2.").arg(QLatin1String(letter)).arg(number)));
    }
    QString stair(const char* of) {
        return byName<Drawing>(QStringLiteral("Shares: %1").arg(QLatin1String(of)))
            ->accessibleDescription();
    }
};

TEST_F(ExplainTest, AnEmptyExplainSaysWhatToDo) {
    window_->showView(QStringLiteral("explain"));
    EXPECT_TRUE(said("explainEmptyWhy").contains(QStringLiteral("press A")));
}

TEST_F(ExplainTest, SharesAndUnexplainedAddUpToWhatWasMeasured) {
    const auto shots = demo::makeAcademy().shots;
    openRecords(shots);
    take(1, "A");
    take(8, "B");
    window_->showView(QStringLiteral("explain"));
    const auto& a = shots[0];
    const auto& b = shots[7];
    // The same from the core.
    const store::Fallback fallback{{}, startConditions(), nullptr};
    const auto causes = [&](const store::ShotRecord& r) {
        const Predictor g = store::findShotGivens(r, fallback).predictor();
        return g.causes(g.shotFrom(*store::findDelivery(r)));
    };
    const Explanation e = explain(causes(a), causes(b));
    const QString landing = stair("Landing");
    EXPECT_NEAR(numberAfter(landing, QStringLiteral("shot 1")),
                degFromRad(a[Quantity::LandingAngle]), 0.051)
        << landing.toStdString();
    EXPECT_NEAR(numberAfter(landing, QStringLiteral("spin loft")),
                degFromRad(e(Outcome::LandingAngle, Cause::SpinLoft)), 0.051);
    const double unexplained =
        degFromRad(b[Quantity::LandingAngle] - a[Quantity::LandingAngle] -
                   (e.to[static_cast<std::size_t>(Outcome::LandingAngle)] -
                    e.from[static_cast<std::size_t>(Outcome::LandingAngle)]));
    EXPECT_NEAR(numberAfter(landing, QStringLiteral("unexplained")), unexplained, 0.051);

    const double flatter = degFromRad(a[Quantity::LandingAngle] - b[Quantity::LandingAngle]);
    // Two readings, each off by 0.7 degrees.
    const double half = 1.2816 * 0.7 * std::sqrt(2.0);
    const QString sentence = said("explainSentence");
    if (std::abs(flatter) > half) {
        EXPECT_NEAR(numberAfter(sentence, QStringLiteral("came in")), std::abs(flatter), 0.051)
            << sentence.toStdString();
        EXPECT_NEAR(numberAfter(sentence, QStringLiteral("±")), half, 0.051);
    } else {
        EXPECT_TRUE(sentence.contains(QStringLiteral("no clear difference in landing angle")))
            << sentence.toStdString();
    }
    const QString text =
        (action(QStringLiteral("Copy the result"))->trigger(), QApplication::clipboard()->text());
    EXPECT_TRUE(text.contains(said("explainSentence")));
    EXPECT_TRUE(text.contains(landing));

    const QString before = said("explainSentence");
    action(QStringLiteral("Swap A and B"))->trigger();
    EXPECT_NE(said("explainSentence"), before);
    action(QStringLiteral("Swap A and B"))->trigger();
    EXPECT_EQ(said("explainSentence"), before);
}

TEST_F(ExplainTest, OneMoreDegreeOfLoftIsNamedAsTheCause) {
    store::ShotRecord a = demo::makeAcademy().shots[0];
    a[Quantity::ClubSpeed] = 18;
    store::ShotRecord b = a;
    b[Quantity::DynamicLoft] += radFromDeg(6);
    b[Quantity::Carry] += 1;
    openRecords({a, b});
    take(1, "A");
    take(2, "B");
    window_->showView(QStringLiteral("explain"));
    EXPECT_TRUE(said("explainWhy").startsWith(QStringLiteral("Of the release, spin loft makes")))
        << said("explainWhy").toStdString();
    EXPECT_NEAR(numberAfter(stair("Release"), QStringLiteral("speed")), 0.0, 1e-9);
}

TEST_F(ExplainTest, GroupsAreComparedWithIntervalsAsTheCoreFindsThem) {
    const auto shots = demo::makeAcademy().shots;
    openRecords(shots);
    auto* filter = byName<QLineEdit>(QStringLiteral("Show only shots with these words"));
    const auto takeShown = [&](const char* words, const char* letter) {
        filter->setText(QString::fromLatin1(words));
        action(QStringLiteral("Take the shown shots as %1").arg(QLatin1String(letter)))->trigger();
    };
    takeShown("runa wedge:54 swing:rib", "A");
    EXPECT_TRUE(notice().contains(QStringLiteral("(runa wedge:54 swing:rib)")));
    takeShown("odo wedge:54 swing:rib", "B");
    window_->showView(QStringLiteral("explain"));
    ASSERT_TRUE(QTest::qWaitFor(
        [&] { return said("explainWhy").contains(QStringLiteral("Of the release")); }, 20000))
        << said("explainWhy").toStdString();

    const store::Fallback fallback{{}, startConditions(), nullptr};
    std::array<std::vector<ComparedShot>, 2> groups;
    const auto o = static_cast<std::size_t>(Outcome::LandingAngle);
    for (const auto& r : shots) {
        const std::string& player = r[store::Label::Player];
        if (r[store::Label::Wedge].find("54") == std::string::npos ||
            r[store::Label::Swing].find("rib") == std::string::npos)
            continue;
        const Predictor g = store::findShotGivens(r, fallback).predictor();
        ComparedShot one;
        if (const auto delivery = store::findDelivery(r))
            one.causes = g.causes(g.shotFrom(*delivery));
        if (r.has(Quantity::LandingAngle)) one.read[o] = r[Quantity::LandingAngle];
        groups[player.starts_with("Runa") ? 0 : 1].push_back(one);
    }
    ASSERT_GT(groups[0].size(), 5u);
    ASSERT_GT(groups[1].size(), 5u);
    constexpr std::array asked{Outcome::LandingAngle};
    const OutcomeDifference d = compareShots(groups[0], groups[1], asked).front();
    const auto c = static_cast<std::size_t>(Cause::SpinLoft);
    const QString stair = this->stair("Landing");
    EXPECT_NEAR(numberAfter(stair, QStringLiteral("spin loft")), degFromRad(d.shares->share[c]),
                0.051)
        << stair.toStdString();
    const QString behind = stair.mid(stair.indexOf(QStringLiteral("spin loft")));
    EXPECT_NEAR(numberAfter(behind, QStringLiteral("±")), degFromRad(d.shares->half[c]), 0.051);
    EXPECT_NEAR(numberAfter(stair, QStringLiteral("swing:rib)")), degFromRad(d.from), 0.051);
    EXPECT_TRUE(said("explainSentence").contains(QStringLiteral("on the average")));
}

TEST_F(ExplainTest, WhatIsLeftOutAndWhatNobodySaidIsSaid) {
    auto shots = demo::makeAcademy().shots;
    shots.resize(40);
    for (std::size_t i = 0; i < shots.size(); ++i) {
        shots[i][store::Label::Lie] = "";
        shots[i][store::Label::Player] = i % 2 == 0 ? "Runa Vale" : "Odo Ferrin";
        if (i % 4 == 0) shots[i][Quantity::LandingAngle] = NAN;
    }
    openRecords(shots);
    auto* filter = byName<QLineEdit>(QStringLiteral("Show only shots with these words"));
    filter->setText(QStringLiteral("runa"));
    action(QStringLiteral("Take the shown shots as A"))->trigger();
    filter->setText(QStringLiteral("odo"));
    action(QStringLiteral("Take the shown shots as B"))->trigger();
    window_->showView(QStringLiteral("explain"));
    ASSERT_TRUE(QTest::qWaitFor(
        [&] { return stair("Landing").contains(QStringLiteral("left out")); }, 20000))
        << stair("Landing").toStdString();
    EXPECT_TRUE(stair("Landing").contains(QStringLiteral("10 shots left out")))
        << stair("Landing").toStdString();
    EXPECT_TRUE(stair("Landing").contains(QStringLiteral("lie not said")));
}

/// "The same" is said of a whole interval only.
TEST_F(ExplainTest, TheSameIsSaidOnlyWhereTheWholeIntervalIs) {
    const auto shots = demo::makeAcademy().shots;
    std::vector<store::ShotRecord> few, many;
    for (int i = 0; i < 120; ++i) {
        store::ShotRecord r = shots[0];
        r[store::Label::Player] = i % 2 == 0 ? "Runa Vale" : "Odo Ferrin";
        // The same by half a degree on both sides, read as often as that takes.
        r[Quantity::LandingAngle] += radFromDeg(0.5 * (i / 2 % 3 - 1));
        r[Quantity::Carry] += 0.01 * i;
        many.push_back(r);
    }
    const auto sentence = [&](const std::vector<store::ShotRecord>& records) {
        openRecords(records);
        auto* filter = byName<QLineEdit>(QStringLiteral("Show only shots with these words"));
        filter->setText(QStringLiteral("runa"));
        action(QStringLiteral("Take the shown shots as A"))->trigger();
        filter->setText(QStringLiteral("odo"));
        action(QStringLiteral("Take the shown shots as B"))->trigger();
        filter->clear();
        window_->showView(QStringLiteral("explain"));
        EXPECT_TRUE(QTest::qWaitFor(
            [&] { return !said("explainWhy").contains(QStringLiteral("Working out")); }, 20000));
        const QString out = said("explainSentence");
        window_->showView(QStringLiteral("watch"));
        return out;
    };
    EXPECT_TRUE(sentence(many).contains(QStringLiteral("landed at the same angle")))
        << said("explainSentence").toStdString();
    // Two each, by two degrees apart: nobody can tell.
    for (int i = 0; i < 4; ++i) {
        store::ShotRecord r = many[static_cast<std::size_t>(i)];
        r[Quantity::LandingAngle] = shots[0][Quantity::LandingAngle] + radFromDeg(i < 2 ? 1 : -1);
        few.push_back(r);
    }
    EXPECT_TRUE(sentence(few).contains(QStringLiteral("no clear difference in landing angle (")) ||
                said("explainSentence").contains(QStringLiteral("No clear difference")))
        << said("explainSentence").toStdString();
}

TEST_F(ExplainTest, WithoutClubDataItSaysSo) {
    store::ShotRecord a;
    a[Quantity::BallSpeed] = 18;
    a[Quantity::LaunchAngle] = 0.5;
    a[Quantity::SpinRate] = 500;
    a[Quantity::Carry] = 21;
    store::ShotRecord b = a;
    b[Quantity::SpinRate] = 600;
    openRecords({a, b});
    take(1, "A");
    take(2, "B");
    window_->showView(QStringLiteral("explain"));
    EXPECT_TRUE(said("explainWhy").contains(QStringLiteral("club data is missing")));
}

TEST_F(ExplainTest, TheViewIsSavedAsAPicture) {
    openRecords(demo::makeAcademy().shots);
    take(1, "A");
    take(2, "B");
    window_->showView(QStringLiteral("explain"));
    const QString path = folder_.filePath(QStringLiteral("why.png"));
    saveView(path);
    const QImage picture(path);
    EXPECT_GT(picture.width(), 1000);
    EXPECT_TRUE(notice().contains(QStringLiteral("why.png")));
}

}  // namespace
}  // namespace wedgeon::test
