// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Made-up exports in the shapes that devices and spreadsheets leave behind: each must come in with
// the right quantities in the right units, and no more shots than were hit.
#include <gtest/gtest.h>

#include "wedgeon/flight/flight.h"
#include "wedgeon/store/shot_file.h"
#include "wedgeon/units.h"

namespace wedgeon::store {
namespace {

ImportResult read(const std::string& text) {
    return readShotText(text, "messy.csv");
}
std::string noteOf(const ImportResult& r, std::size_t column) {
    return r.columns.at(column - 1).note;
}

constexpr double mph = 0.44704;
constexpr double yd = 0.9144;

TEST(Messy, UnitsInARowBelowTheHeader) {
    const auto r = read(
        "Club Speed;Ball Speed;Launch Angle;Carry\n[mph];[mph];[deg];[yd]\n"
        "60;64;31,5;40,2\n61;65;30,0;41,0\n");
    ASSERT_EQ(r.shots.size(), 2u);
    EXPECT_NEAR(r.shots[0][Quantity::ClubSpeed], 60 * mph, 1e-9);
    EXPECT_NEAR(r.shots[0][Quantity::Carry], 40.2 * yd, 1e-9);
}

TEST(Messy, SixtyBesideEightyFiveIsMilesAnHour) {
    const auto r = read("club speed,ball speed\n60,85\n58,83\n62,86\n");
    ASSERT_EQ(r.shots.size(), 3u);
    EXPECT_NEAR(r.shots[0][Quantity::ClubSpeed], 60 * mph, 1e-9);
    EXPECT_NEAR(r.shots[0][Quantity::BallSpeed], 85 * mph, 1e-9);
    EXPECT_EQ(noteOf(r, 1), "no unit given; taken as mph, as 60 m/s is no wedge's speed");
}

TEST(Messy, TheFlightTellsMetresFromYards) {
    // A ball of 20 m/s at 32 degrees with 5,500 rpm carries about 30.9 m, by the model's flight.
    const auto carry = [](double speed_mps) {
        return calcFlight(launchFromAngles(speed_mps, radFromDeg(32), 0, radpsFromRpm(5500), 0), {})
            .carry_m;
    };
    const auto file = [&](double speedUnit, double lengthUnit) {
        std::string text = "ball speed,launch angle,spin,carry,club speed\n";
        for (const double v : {19.0, 20.0, 21.0}) {
            text += std::to_string(v / speedUnit) + ",32,5500," +
                    std::to_string(carry(v) / lengthUnit) + "," +
                    std::to_string(1.05 * v / speedUnit) + "\n";
        }
        return read(text);
    };
    for (const double speedUnit : {1.0, mph, 1 / 3.6}) {
        for (const double lengthUnit : {1.0, yd}) {
            const auto r = file(speedUnit, lengthUnit);
            ASSERT_EQ(r.shots.size(), 3u);
            EXPECT_NEAR(r.shots[1][Quantity::BallSpeed], 20, 1e-4) << speedUnit << lengthUnit;
            EXPECT_NEAR(r.shots[1][Quantity::Carry], carry(20), 1e-3) << speedUnit << lengthUnit;
            EXPECT_NEAR(r.shots[1][Quantity::ClubSpeed], 21, 1e-4);
            EXPECT_NE(noteOf(r, 4).find("by the carry that ball speed"), std::string::npos);
        }
    }
}

TEST(Messy, WhereNothingTellsTheUnitTheColumnIsNotRead) {
    const auto r = read("club speed,launch angle\n30,31\n28,30\n");
    ASSERT_EQ(r.shots.size(), 2u);
    EXPECT_FALSE(r.shots[0].has(Quantity::ClubSpeed)) << "30 may be mph or m/s";
    EXPECT_NE(noteOf(r, 1).find("the header has no unit"), std::string::npos);
}

TEST(Messy, ASpinColumnCannotBeTwentyFour) {
    const auto r = read("spin,launch angle,carry [m]\n24,31,40\n22,30,41\n26,32,39\n");
    ASSERT_EQ(r.shots.size(), 3u);
    EXPECT_FALSE(r.shots[0].has(Quantity::SpinRate));
    EXPECT_EQ(noteOf(r, 1),
              "looks like spin rate, but its numbers are about 24, which no spin in rpm is");
}

TEST(Messy, LeftAndRightAsLetters) {
    const auto r = read(
        "carry [m],side [m],club path,launch direction\n"
        "40,3.2 L,R 2.1,1.5 Left\n41,L4,0.4R,right 2\n39,-1.5,-3,4\n");
    ASSERT_EQ(r.shots.size(), 3u);
    EXPECT_DOUBLE_EQ(r.shots[0][Quantity::Side], -3.2);
    EXPECT_NEAR(r.shots[0][Quantity::ClubPath], radFromDeg(2.1), 1e-12);
    EXPECT_NEAR(r.shots[0][Quantity::LaunchDirection], radFromDeg(-1.5), 1e-12);
    EXPECT_DOUBLE_EQ(r.shots[1][Quantity::Side], -4);
    EXPECT_NEAR(r.shots[1][Quantity::LaunchDirection], radFromDeg(2), 1e-12);
    EXPECT_DOUBLE_EQ(r.shots[2][Quantity::Side], -1.5);
    EXPECT_EQ(r.refusedCount, 0u);
}

TEST(Messy, AveragesAndDeviationsAreNoShots) {
    const auto r = read(
        "no,carry [m],launch angle\n1,40,31\n2,41,30\nAverage,40.5,30.5\n"
        "Std. Dev.,0.5,0.5\nmax,41,31\n");
    EXPECT_EQ(r.shots.size(), 2u);
    ASSERT_EQ(r.refusedCount, 3u);
    EXPECT_EQ(r.refused[0].reason, "a summary of the rows, not a shot");
}

TEST(Messy, TitlesAboveRepeatedHeadersAndBlankLines) {
    const auto r = read(
        "Session report\n\nPlayer: somebody\n\ncarry [yd]\tlaunch angle\tnote\n"
        "40\t31\tfirst\n\n\t\t\ncarry [yd]\tlaunch angle\tnote\n41\t30\tsecond\n");
    ASSERT_EQ(r.shots.size(), 2u);
    EXPECT_NEAR(r.shots[1][Quantity::Carry], 41 * yd, 1e-9);
    EXPECT_EQ(r.shots[1][Label::Note], "second");
}

TEST(Messy, BlankCellsInEverySpelling) {
    const auto r = read("carry [m],spin,launch angle,apex [m]\n40,,--,n/a\n41,-,31,\xE2\x80\x93\n");
    ASSERT_EQ(r.shots.size(), 2u);
    EXPECT_FALSE(r.shots[0].has(Quantity::SpinRate));
    EXPECT_FALSE(r.shots[1].has(Quantity::Apex));
    EXPECT_TRUE(r.shots[1].has(Quantity::LaunchAngle));
    EXPECT_EQ(r.refusedCount, 0u);
}

TEST(Messy, ThousandsMarksDegreeSignsAndDecimalCommas) {
    const auto r = read(
        "Spin (rpm);Launch Angle;Carry (m)\n5.612;31,2\xC2\xB0;40,5\n6 104;30,0\xC2\xB0;41,0\n");
    ASSERT_EQ(r.shots.size(), 2u);
    EXPECT_NEAR(rpmFromRadps(r.shots[0][Quantity::SpinRate]), 5612, 1e-9);
    EXPECT_NEAR(rpmFromRadps(r.shots[1][Quantity::SpinRate]), 6104, 1e-9);
    EXPECT_NEAR(r.shots[0][Quantity::LaunchAngle], radFromDeg(31.2), 1e-12);
}

TEST(Messy, QuotedCellsWithDelimitersAndLineBreaks) {
    const auto r =
        read("player,note,carry [m]\n\"Vale, Runa\",\"first line\nsecond \"\"line\"\"\",40\n");
    ASSERT_EQ(r.shots.size(), 1u);
    EXPECT_EQ(r.shots[0][Label::Player], "Vale, Runa");
    EXPECT_EQ(r.shots[0][Label::Note], "first line\nsecond \"line\"");
}

TEST(Messy, AMarkAtTheStartAndCarriageReturns) {
    const auto r = read(
        "\xEF\xBB\xBF"
        "clubSpeed_mph,BallSpeed (mph)\r\n60,64\r\n61,65\r\n");
    ASSERT_EQ(r.shots.size(), 2u);
    EXPECT_NEAR(r.shots[1][Quantity::BallSpeed], 65 * mph, 1e-9);
}

TEST(Messy, OldTextThatIsNotUtf8) {
    const auto r = read("player,carry [m]\nJ\xFCrgen,40\n");
    ASSERT_EQ(r.shots.size(), 1u);
    EXPECT_TRUE(r.latin1);
    EXPECT_EQ(r.shots[0][Label::Player], "J\xC3\xBCrgen");
}

TEST(Messy, FeetForTheApexBesideYardsForTheCarry) {
    const auto r = read("carry yds,apex ft,release (ft)\n40,20,9\n");
    ASSERT_EQ(r.shots.size(), 1u);
    EXPECT_NEAR(r.shots[0][Quantity::Apex], 20 * 0.3048, 1e-12);
    EXPECT_NEAR(r.shots[0][Quantity::Release], 9 * 0.3048, 1e-12);
    EXPECT_NEAR(r.shots[0][Quantity::Carry], 40 * yd, 1e-12);
}

}  // namespace
}  // namespace wedgeon::store
