// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Each doubt is raised by what it names and by little else.
#include "wedgeon/store/quality.h"

#include <gtest/gtest.h>

#include <cmath>
#include <random>

#include "wedgeon/units.h"

namespace wedgeon::store {
namespace {

/// A session of ordinary shots: the model plus a player's scatter and a device's noise.
class Session {
public:
    Session() {
        fallback.conditions.wedge = {radFromDeg(54), radFromDeg(64), radFromDeg(10)};
        for (int i = 0; i < 40; ++i)
            shots.push_back(ordinary());
    }
    LoggedShot ordinary() {
        const Delivery d{21 + normal(0.5), radFromDeg(-3 + normal(0.8)), radFromDeg(normal(1)),
                         radFromDeg(48 + normal(1.2)), radFromDeg(1 + normal(1))};
        const Conditions& c = fallback.conditions;
        Contact contact = calcContact(c.ball, c.face, c.lie);
        const StrikeResult s = calcStrike(d, contact);
        LoggedShot out;
        ShotRecord& r = out.record;
        r[Label::Player] = "Runa Vale";
        r[Quantity::ClubSpeed] = d.clubSpeed_mps;
        r[Quantity::AttackAngle] = d.attack_rad;
        r[Quantity::ClubPath] = d.path_rad;
        r[Quantity::FaceAngle] = d.faceAngle_rad;
        r[Quantity::DynamicLoft] = d.dynamicLoft_rad;
        r[Quantity::BallSpeed] = s.launch.speed_mps() * (1 + normal(0.005));
        r[Quantity::LaunchAngle] = s.launch.angle_rad() + radFromDeg(normal(0.4));
        r[Quantity::SpinRate] = s.launch.spinRate_radps() * (1 + normal(0.02));
        r[Quantity::SpinAxis] = s.launch.spinAxis_rad() + radFromDeg(normal(1));
        return out;
    }
    double normal(double sd) { return sd * normal_(engine_); }

    bool says(std::size_t i, Doubt doubt) const {
        const auto all = findDoubts(shots, fallback);
        for (const QualityNote& n : all[i]) {
            if (n.doubt == doubt) {
                EXPECT_GT(n.confidence, 0.3);
                EXPECT_GE(n.reason.says, Says::ShotDamaged);
                return true;
            }
        }
        return false;
    }
    /// Spoils the 20th shot and tells whether that and only that one is doubted so.
    template <class Spoil>
    bool only(Doubt doubt, const Spoil& spoil) {
        spoil(shots[20].record);
        const auto all = findDoubts(shots, fallback);
        for (std::size_t i = 0; i < all.size(); ++i) {
            const bool said = says(i, doubt);
            if (said != (i == 20)) return false;
        }
        return true;
    }

    Fallback fallback;
    std::vector<LoggedShot> shots;

private:
    std::mt19937 engine_{17};
    std::normal_distribution<double> normal_;
};

TEST(Quality, OrdinaryShotsRaiseHardlyAnyDoubt) {
    Session s;
    int doubted = 0;
    for (int k = 0; k < 360; ++k)
        s.shots.push_back(s.ordinary());
    for (const auto& notes : findDoubts(s.shots, s.fallback))
        doubted += notes.empty() ? 0 : 1;
    EXPECT_LE(doubted, 4) << "of 400";
}

TEST(Quality, MilesAnHourBesideMetresASecond) {
    EXPECT_TRUE(
        Session().only(Doubt::Units, [](ShotRecord& r) { r[Quantity::BallSpeed] /= 0.44704; }));
    EXPECT_TRUE(
        Session().only(Doubt::Units, [](ShotRecord& r) { r[Quantity::BallSpeed] *= 0.44704; }));
}

TEST(Quality, ABallFasterThanAnyStrikeMakesIt) {
    EXPECT_TRUE(Session().only(Doubt::Energy, [](ShotRecord& r) {
        r[Quantity::BallSpeed] = 1.7 * r[Quantity::ClubSpeed];
    }));
    EXPECT_TRUE(
        Session().only(Doubt::Energy, [](ShotRecord& r) { r[Quantity::BallSpeed] *= 1.25; }));
}

TEST(Quality, SpinThatNoStrikeGives) {
    EXPECT_TRUE(Session().only(Doubt::Spin, [](ShotRecord& r) { r[Quantity::SpinRate] *= 2.2; }));
}

TEST(Quality, TheSameReadingTwice) {
    Session s;
    s.shots[20] = s.shots[19];
    EXPECT_TRUE(s.says(20, Doubt::Duplicate));
    EXPECT_FALSE(s.says(19, Doubt::Duplicate));
}

TEST(Quality, AValueThatStandsStill) {
    Session s;
    for (std::size_t i = 10; i < 15; ++i)
        s.shots[i].record[Quantity::SpinRate] = 600;
    EXPECT_FALSE(s.says(9, Doubt::Frozen));
    EXPECT_TRUE(s.says(10, Doubt::Frozen));
    EXPECT_TRUE(s.says(14, Doubt::Frozen));
    EXPECT_FALSE(s.says(15, Doubt::Frozen));
}

TEST(Quality, SpinInRoundHundredsIsEstimated) {
    Session s;
    for (std::size_t i = 5; i < 15; ++i) {
        double& spin = s.shots[i].record[Quantity::SpinRate];
        spin = radpsFromRpm(100 * std::round(rpmFromRadps(spin) / 100));
    }
    EXPECT_TRUE(s.says(5, Doubt::Estimated));
    EXPECT_TRUE(s.says(14, Doubt::Estimated));
    EXPECT_FALSE(s.says(20, Doubt::Estimated));
}

TEST(Quality, FatThinAndOffCentreByTheirSignatures) {
    EXPECT_TRUE(Session().only(Doubt::Fat, [](ShotRecord& r) {
        r[Quantity::BallSpeed] *= 0.8;
        r[Quantity::SpinRate] *= 0.6;
    }));
    EXPECT_TRUE(Session().only(Doubt::Thin, [](ShotRecord& r) {
        r[Quantity::LaunchAngle] -= radFromDeg(11);
        r[Quantity::BallSpeed] *= 1.05;
        r[Quantity::SpinRate] *= 0.5;
    }));
    // What it says are the numbers of this shot.
    Session told;
    ShotRecord& thin = told.shots[20].record;
    const double launch = thin[Quantity::LaunchAngle], spin = thin[Quantity::SpinRate];
    thin[Quantity::LaunchAngle] -= radFromDeg(11);
    thin[Quantity::SpinRate] *= 0.5;
    const auto notes = findDoubts(told.shots, told.fallback)[20];
    const auto its = std::find_if(notes.begin(), notes.end(), [](const QualityNote& n) {
        return n.reason.says == Says::OffTheEdge;
    });
    ASSERT_NE(its, notes.end());
    ASSERT_GT(launch, 0.0);
    ASSERT_GT(spin, 0.0);
    // The shot itself was within a few parts in a hundred of what its strike gives.
    EXPECT_NEAR(std::get<Figure>(its->reason.arguments.at(0)).value, 11, 1.5);
    EXPECT_NEAR(std::get<Figure>(its->reason.arguments.at(1)).value, 50, 4);
    // A fifth less spin is no thin one yet, however low it starts.
    Session low;
    low.shots[20].record[Quantity::LaunchAngle] -= radFromDeg(11);
    low.shots[20].record[Quantity::SpinRate] *= 0.80;
    EXPECT_FALSE(low.says(20, Doubt::Thin));
    EXPECT_TRUE(Session().only(Doubt::OffCentre,
                               [](ShotRecord& r) { r[Quantity::SpinAxis] -= radFromDeg(18); }));
    Session s;
    s.shots[20].record[Quantity::SpinAxis] -= radFromDeg(18);
    EXPECT_EQ(findDoubts(s.shots, s.fallback)[20][0].reason.says, Says::TowardToe);
    // By the hand of the player who hit it, not of the one who is on the bench.
    s.fallback.player = {"Odo Ferrin", Hand::Left, nullptr};
    s.fallback.everyone = std::make_shared<Players>(
        Players{{"Runa Vale", PlayerModel{"Runa Vale", Hand::Right, nullptr}}});
    EXPECT_EQ(findDoubts(s.shots, s.fallback)[20][0].reason.says, Says::TowardToe);
    s.fallback.everyone = std::make_shared<Players>(
        Players{{"Runa Vale", PlayerModel{"Runa Vale", Hand::Left, nullptr}}});
    EXPECT_EQ(findDoubts(s.shots, s.fallback)[20][0].reason.says, Says::TowardHeel);
}

TEST(Quality, OneThatIsFarFromThePlayersOwnPattern) {
    Session s;
    // Without club data only the pattern can tell.
    for (LoggedShot& shot : s.shots)
        shot.record[Quantity::DynamicLoft] = NAN;
    s.shots[20].record[Quantity::LaunchAngle] += radFromDeg(14);
    EXPECT_TRUE(s.says(20, Doubt::Outlier));
    EXPECT_FALSE(s.says(21, Doubt::Outlier));
    s.shots.resize(7);
    s.shots[3].record[Quantity::LaunchAngle] += radFromDeg(14);
    EXPECT_FALSE(s.says(3, Doubt::Outlier)) << "seven shots are no pattern";
}

TEST(Quality, NothingIsAskedOfWhatWasNotMeasured) {
    std::vector<LoggedShot> shots(20);
    for (LoggedShot& s : shots)
        s.record[Quantity::Carry] = 20 + 0.1 * static_cast<double>(&s - shots.data());
    for (const auto& notes : findDoubts(shots, {}))
        EXPECT_TRUE(notes.empty());
    EXPECT_TRUE(findDoubts({}, {}).empty());
}

}  // namespace
}  // namespace wedgeon::store
