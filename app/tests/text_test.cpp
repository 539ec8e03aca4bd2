// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Numbers and sentences as the coach reads them.
#include <gtest/gtest.h>

#include <QRegularExpression>

#include "text/order.h"
#include "text/schools.h"
#include "text/sentences.h"
#include "text/why_steps.h"
#include "wedgeon/units.h"

namespace wedgeon::test {
namespace {

const Units metric(UnitSystem::Metric);
const Units yards(UnitSystem::Yards);

QString plain(QString s) {
    return s.replace(QChar(0xA0), QLatin1Char(' ')).replace(QChar(0x2009), QLatin1Char(' '));
}

TEST(Units, LengthsSpeedsAndHeightsInBothSystems) {
    EXPECT_EQ(plain(metric.length(3.04)), QStringLiteral("3.0 m"));
    EXPECT_EQ(plain(metric.length(26.4)), QStringLiteral("26 m"));
    EXPECT_EQ(plain(yards.length(9.144)), QStringLiteral("10.0 yd"));
    EXPECT_EQ(plain(yards.height(3.048)), QStringLiteral("10 ft"));
    EXPECT_EQ(plain(yards.speed(26.8224)), QStringLiteral("60.0 mph"));
    EXPECT_EQ(plain(metric.speed(21)), QStringLiteral("21.0 m/s"));
    EXPECT_EQ(yards.name(), QStringLiteral("yd · mph"));
}

TEST(Units, SignsAreWordsOrATrueMinusAndNeverMinusZero) {
    EXPECT_EQ(text::number(-1.26, 1), QString(QChar(0x2212)) + QStringLiteral("1.3"));
    EXPECT_EQ(text::number(-0.01, 1), QStringLiteral("0.0"));
    EXPECT_EQ(text::sideDegrees(radFromDeg(2.1)), QStringLiteral("2.1° right"));
    EXPECT_EQ(text::sideDegrees(radFromDeg(-2.1)), QStringLiteral("2.1° left"));
    EXPECT_EQ(text::sideDegrees(0), QStringLiteral("straight"));
    EXPECT_EQ(text::attackDegrees(radFromDeg(-5)), QStringLiteral("5.0° down"));
    EXPECT_EQ(text::attackDegrees(radFromDeg(1)), QStringLiteral("1.0° up"));
}

TEST(Units, SpinIsRoundedToTheTenWithAThinSpace) {
    EXPECT_EQ(plain(text::rpm(radpsFromRpm(5604))), QStringLiteral("5 600 rpm"));
    EXPECT_EQ(plain(text::rpm(radpsFromRpm(786))), QStringLiteral("790 rpm"));
    EXPECT_EQ(plain(text::rpm(radpsFromRpm(12345))), QStringLiteral("12 350 rpm"));
}

TEST(Units, OneShotAndMany) {
    EXPECT_EQ(text::shots(1), QStringLiteral("1 shot"));
    EXPECT_EQ(text::shots(0), QStringLiteral("0 shots"));
    EXPECT_EQ(text::shots(180), QStringLiteral("180 shots"));
}

TEST(Sentences, EveryBehaviourHasItsWords) {
    const auto words = [](Behaviour b, double release, int bounce = 1) {
        return plain(text::runWords({b, bounce}, release, metric));
    };
    EXPECT_EQ(words(Behaviour::ComesBack, -1.2),
              QStringLiteral("bites and comes back, stops 1.2 m short of its pitch mark"));
    EXPECT_EQ(words(Behaviour::DropsDead, 0.3), QStringLiteral("stops where it pitches, 0.3 m on"));
    EXPECT_EQ(words(Behaviour::DropsDead, -0.3),
              QStringLiteral("stops where it pitches, 0.3 m back"));
    EXPECT_EQ(words(Behaviour::BitesAndStays, 1.4, 2),
              QStringLiteral("checks on the second bounce, stops 1.4 m on"));
    EXPECT_EQ(words(Behaviour::ChecksTrickles, 3.9),
              QStringLiteral("checks on the first bounce and trickles 3.9 m on"));
    EXPECT_EQ(words(Behaviour::Releases, 6), QStringLiteral("releases 6.0 m"));
    EXPECT_EQ(words(Behaviour::MostlyRuns, 9), QStringLiteral("runs most of its way, 9.0 m"));
    for (const Behaviour b :
         {Behaviour::ComesBack, Behaviour::DropsDead, Behaviour::BitesAndStays,
          Behaviour::ChecksTrickles, Behaviour::Releases, Behaviour::MostlyRuns}) {
        EXPECT_FALSE(text::runWord(b).isEmpty());
    }
}

TEST(Sentences, AMeasuredShotSaysWhatIsKnownAndWhatIsNot) {
    EXPECT_EQ(text::measuredSentence({}, metric),
              QStringLiteral("Carry and release were not measured."));
    text::Measured m;
    m.carry_m = 40;
    EXPECT_EQ(plain(text::measuredSentence(m, metric)),
              QStringLiteral("Landed, 40 m out; the release was not measured."));
    m.release_m = 1.2;
    m.landingAngle_rad = radFromDeg(44);
    EXPECT_EQ(plain(text::measuredSentence(m, metric)),
              QStringLiteral("Landed at 44° and checked: stopped 1.2 m on."));
    m.release_m = -0.9;
    EXPECT_EQ(plain(text::measuredSentence(m, metric)),
              QStringLiteral("Landed at 44° and came back 0.9 m."));
    m.release_m = 7;
    EXPECT_EQ(plain(text::measuredSentence(m, metric)),
              QStringLiteral("Landed at 44° and released 7.0 m."));
}

TEST(Sentences, SaysWhetherTheSpinIsWithinTheSpread) {
    Conditions g;
    g.wedge = {radFromDeg(56), radFromDeg(64), radFromDeg(10)};
    const ShotResult shot = Predictor({}, g).shot({});
    const Spread spread{.spinRate_radps = radpsFromRpm(300), .release_m = 0.5};
    text::Measured m;
    m.spin_radps = shot.strike.launch.spinRate_radps() + radpsFromRpm(200);
    QString said = text::comparison(m, shot, spread, metric);
    EXPECT_TRUE(said.contains(QStringLiteral("above what loft and ball give: within the spread")))
        << said.toStdString();
    m.spin_radps = shot.strike.launch.spinRate_radps() - radpsFromRpm(500);
    said = text::comparison(m, shot, spread, metric);
    EXPECT_TRUE(said.contains(QStringLiteral("below what loft and ball give: outside the spread")))
        << said.toStdString();
}

TEST(Sentences, WhyGoesThroughEveryStepInThePlayersUnits) {
    Conditions met;
    met.wedge = {radFromDeg(56), radFromDeg(64), radFromDeg(10)};
    auto tuning = std::make_shared<Tuning>();
    tuning->delivery.open.offset = radFromDeg(3);
    for (const auto& tuned :
         {std::shared_ptr<const Tuning>{}, std::shared_ptr<const Tuning>{tuning}}) {
        const Predictor predictor({"", Hand::Right, tuned}, met);
        const auto steps = text::whySteps(predictor.shot({}), {}, predictor, yards);
        ASSERT_EQ(steps.size(), tuned ? text::mostWhySteps : text::mostWhySteps - 1);
        EXPECT_EQ(steps.back().title, QStringLiteral("Ground"));
        QString all;
        for (const text::WhyStep& s : steps)
            all += s.numbers + QLatin1Char('\n');
        EXPECT_TRUE(all.contains(QStringLiteral("mph"))) << all.toStdString();
        EXPECT_FALSE(all.contains(QStringLiteral("m/s"))) << all.toStdString();
        EXPECT_FALSE(all.contains(QRegularExpression(QStringLiteral("\u00a0m(?!\\w)"))))
            << all.toStdString();
    }
}

TEST(Sentences, TheGivensReadAsSentences) {
    EXPECT_EQ(text::wedge({radFromDeg(56), radFromDeg(64), radFromDeg(10)}),
              QStringLiteral("56° bounce 10"));
    EXPECT_EQ(text::ballAndFace(BallKind::Firm, FaceCondition::WornWet),
              QStringLiteral("firm, worn grooves, wet"));
    EXPECT_EQ(text::lie(findLie("lush")->lie), QStringLiteral("lush rough, half down"));
    EXPECT_EQ(text::lie({0.5, 0.9, 0, 0.008, 1}), QStringLiteral("much grass, wet, sits up 8 mm"));
    EXPECT_EQ(text::ground({0.8, 0.28, 9.5, -0.03, 0}),
              QStringLiteral("soft, green speed 9.5, dewy, down 3 %"));
    EXPECT_EQ(plain(text::air({.windAhead_mps = -3, .temperature_c = 14}, metric)),
              QStringLiteral("14 °C, 3.0 m/s against"));
    EXPECT_EQ(text::air({}, metric), QStringLiteral("20 °C, calm"));
}

TEST(Names, EverySchoolLieBallAndFaceHasItsWords) {
    for (const School& school : schools()) {
        EXPECT_FALSE(text::schoolName(school).isEmpty()) << school.key;
        EXPECT_GT(text::schoolAsks(school).size(), 20) << school.key;
        EXPECT_GT(text::schoolUnknown(school).size(), 20) << school.key;
        EXPECT_FALSE(text::schoolAgainst(school).isEmpty()) << school.key;
        for (const Claim& claim : school.claims)
            EXPECT_FALSE(text::claim(claim).isEmpty()) << claim.key;
    }
    const auto hasWords = [](const auto& named) {
        return text::nameOf(named).contains(QLatin1Char(' '));  // else it is the key
    };
    for (const NamedLie& lie : namedLies())
        EXPECT_TRUE(hasWords(lie)) << lie.key;
    for (const NamedBall& ball : namedBalls())
        EXPECT_TRUE(hasWords(ball)) << ball.key;
    for (const NamedFace& face : namedFaces())
        EXPECT_TRUE(hasWords(face)) << face.key;
}

TEST(Order, NamesStandAsTheirLanguageHasThem) {
    const QLocale before;
    QLocale::setDefault(QLocale(QLocale::German));
    EXPECT_EQ(text::inOrder({QStringLiteral("Zoe"), QStringLiteral("Ärni"), QStringLiteral("anna"),
                             QStringLiteral("Öde"), QStringLiteral("swing 10"),
                             QStringLiteral("swing 8")}),
              (QStringList{QStringLiteral("anna"), QStringLiteral("Ärni"), QStringLiteral("Öde"),
                           QStringLiteral("swing 8"), QStringLiteral("swing 10"),
                           QStringLiteral("Zoe")}));
    // In Swedish Ä and Ö are letters of their own, at the end.
    QLocale::setDefault(QLocale(QLocale::Swedish));
    EXPECT_EQ(text::inOrder({QStringLiteral("Ärni"), QStringLiteral("Zoe")}).front(),
              QStringLiteral("Zoe"));
    QLocale::setDefault(before);
}

}  // namespace
}  // namespace wedgeon::test
