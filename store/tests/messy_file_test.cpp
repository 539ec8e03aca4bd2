// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Made-up exports in the shapes that devices and spreadsheets leave behind: each must come in with
// the right quantities in the right units, and no more shots than were hit.
#include <gtest/gtest.h>

#include <sstream>

#include "wedgeon/flight/flight.h"
#include "wedgeon/store/error.h"
#include "wedgeon/store/shot_file.h"
#include "wedgeon/units.h"

namespace wedgeon::store {
namespace {

ImportResult read(const std::string& text) {
    return readShotText(text, "messy.csv");
}
std::optional<Message> noteOf(const ImportResult& r, std::size_t column) {
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
    EXPECT_EQ(noteOf(r, 1), Message(Says::TakenAsBecause, "mph", Message(Says::NoWedgeSpeed, 60)));
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
            EXPECT_EQ(noteOf(r, 4).value().inner.at(0), Message(Says::ByTheCarry));
        }
    }
}

TEST(Messy, WhereNothingTellsTheUnitTheColumnIsNotRead) {
    const auto r = read("club speed,launch angle\n30,31\n28,30\n");
    ASSERT_EQ(r.shots.size(), 2u);
    EXPECT_FALSE(r.shots[0].has(Quantity::ClubSpeed)) << "30 may be mph or m/s";
    EXPECT_EQ(noteOf(r, 1).value().inner.at(0).says, Says::NoUnit);
}

TEST(Messy, ASpinColumnCannotBeTwentyFour) {
    const auto r = read("spin,launch angle,carry [m]\n24,31,40\n22,30,41\n26,32,39\n");
    ASSERT_EQ(r.shots.size(), 3u);
    EXPECT_FALSE(r.shots[0].has(Quantity::SpinRate));
    EXPECT_EQ(noteOf(r, 1),
              Message(Says::LooksLikeBut, Quantity::SpinRate, Message(Says::NoSuchSpin, 24)));
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
    EXPECT_EQ(r.refused[0].reason, Says::SummaryRow);
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
    EXPECT_EQ(r.coding, Coding::Latin1);
    EXPECT_EQ(r.shots[0][Label::Player], "J\xC3\xBCrgen");
}

TEST(Messy, FeetForTheApexBesideYardsForTheCarry) {
    const auto r = read("carry yds,apex ft,release (ft)\n40,20,9\n");
    ASSERT_EQ(r.shots.size(), 1u);
    EXPECT_NEAR(r.shots[0][Quantity::Apex], 20 * 0.3048, 1e-12);
    EXPECT_NEAR(r.shots[0][Quantity::Release], 9 * 0.3048, 1e-12);
    EXPECT_NEAR(r.shots[0][Quantity::Carry], 40 * yd, 1e-12);
}

TEST(Messy, APlayerCalledMaxIsNoSummaryAndASummaryIsNoPlayer) {
    const ImportResult alone = readShotText(
        "player,club_speed [m/s],carry [m]\nMax,20,30\nMin,21,31\nMax,22,32\n", "f.csv");
    ASSERT_EQ(alone.shots.size(), 3u);
    EXPECT_EQ(alone.shots[1][Label::Player], "Min");
    // A device's last rows: other words stand in every shot, and none in them.
    const ImportResult summed = readShotText(
        "player,wedge,club_speed [m/s],carry [m]\nMax,54,20,30\nRuna Vale,54,21,31\n"
        "Average,,20.5,30.5\nMax,,21,31\nMin,,20,30\n",
        "f.csv");
    ASSERT_EQ(summed.shots.size(), 2u);
    EXPECT_EQ(summed.shots[0][Label::Player], "Max");
    EXPECT_EQ(summed.refusedCount, 3u);
}

TEST(Messy, ThreeDecimalsBehindACommaAreDecimalsWhereACommaDoesNotSeparate) {
    for (const char* separator : {";", "\t"}) {
        const auto with = [&](std::string text) {
            for (char& c : text)
                c = c == '|' ? separator[0] : c;
            return readShotText(text, "f.csv");
        };
        const ImportResult r = with("club_speed [m/s]|carry [m]\n20,125|30,250\n21,375|31,500\n");
        EXPECT_TRUE(r.decimalComma);
        EXPECT_DOUBLE_EQ(r.shots.at(0)[Quantity::ClubSpeed], 20.125);
        EXPECT_DOUBLE_EQ(r.shots.at(1)[Quantity::Carry], 31.5);
        // A thousand revolutions are grouped; nothing has three decimals there.
        const ImportResult spin = with("spin [rpm]|carry [m]\n5,800|30\n6,100|31\n");
        EXPECT_NEAR(spin.shots.at(0)[Quantity::SpinRate], 5800 * 0.10471975511966, 1e-6);
        // Where points are decimal, commas group.
        const ImportResult mixed = with("spin [rpm]|carry [m]\n5,800|30.25\n6,100|31.5\n");
        EXPECT_NEAR(mixed.shots.at(1)[Quantity::SpinRate], 6100 * 0.10471975511966, 1e-6);
    }
}

TEST(Messy, TheTrueMinusSignAndBlanksThatDoNotBreak) {
    const ImportResult r = readShotText(
        "attack_angle [deg];spin [rpm];carry [m]\n\xE2\x88\x92"
        "4.5;5\xC2\xA0"
        "800;30\n\xE2\x88\x92;6\xE2\x80\xAF"
        "100;31\n",
        "f.csv");
    ASSERT_EQ(r.shots.size(), 2u);
    EXPECT_NEAR(r.shots[0][Quantity::AttackAngle], -4.5 * 3.14159265358979 / 180, 1e-12);
    EXPECT_NEAR(r.shots[0][Quantity::SpinRate], 5800 * 0.10471975511966, 1e-6);
    EXPECT_FALSE(r.shots[1].has(Quantity::AttackAngle));
    EXPECT_EQ(r.refusedCount, 0u);
}

TEST(Messy, TheReasonIsThatOfTheCellThatIsNamed) {
    const ImportResult r = readShotText(
        "some title\nclub_speed [m/s],carry [m],launch_angle [deg]\n900,far,NaN\n20,31,30\n"
        "x,y,29\n",
        "f.csv");
    const auto reasonAt = [&](std::size_t line, std::size_t column) {
        for (const RefusedCell& c : r.refused) {
            if (c.line == line && c.column == column) return c.reason.says;
        }
        return Says::Stopped;
    };
    EXPECT_EQ(reasonAt(3, 1), Says::OutsideLimits);
    EXPECT_EQ(reasonAt(3, 2), Says::NotANumber);
    EXPECT_EQ(reasonAt(3, 3), Says::NotFinite);
    EXPECT_EQ(reasonAt(5, 1), Says::NotANumber);
    EXPECT_EQ(reasonAt(5, 2), Says::NotANumber);
    try {
        readShotText("a title\ncarry [m],note\n900,\nfar,\n", "f.csv");
        FAIL();
    } catch (const StoreError& e) {
        EXPECT_EQ(e.message().inner.at(0), Message(Says::NoShotCell, 3, 1, "carry [m]", "900",
                                                   Message(Says::OutsideLimits, Quantity::Carry,
                                                           Figure{0, -1}, Figure{250, -1}, "m")));
    }
}

TEST(Messy, SurrogatesAndOverlongFormsAreNoUtf8) {
    for (const char* bad : {"\xED\xA0\x80", "\xED\xBF\xBF", "\xC0\xAF", "\xC1\x81", "\xE0\x80\xAF",
                            "\xF0\x80\x80\xAF", "\xF4\x90\x80\x80", "\xF8\x88"}) {
        const ImportResult r =
            readShotText("player,carry [m]\n" + std::string(bad) + ",30\n", "f.csv");
        EXPECT_EQ(r.coding, Coding::Latin1) << bad;
        std::ostringstream json;
        writeShotsJson(json, r.shots);
        EXPECT_EQ(readShotsJson(json.str()).size(), 1u);
    }
    EXPECT_EQ(readShotText("player,carry [m]\n\xF0\x9F\x8C\xB1,30\n", "f.csv").coding,
              Coding::Utf8);
}

TEST(Messy, WhatASpreadsheetWouldRunGoesOutAsTextAndComesBack) {
    std::vector<ShotRecord> shots;
    for (const char* word : {"=1+1", "+2", "-cmd", "@x", "'=quoted", "''@twice", "'plain",
                             "\xEF\xBC\x9D"
                             "1",
                             "a=b"}) {
        ShotRecord s;
        s[Quantity::Carry] = 30;
        s[Label::Player] = word;
        s[Label::Note] = word;
        shots.push_back(s);
    }
    std::ostringstream csv;
    writeShotsCsv(csv, shots);
    EXPECT_NE(csv.str().find("'=1+1"), std::string::npos);
    EXPECT_NE(csv.str().find("''=quoted"), std::string::npos);
    EXPECT_EQ(csv.str().find(",=1+1"), std::string::npos);
    EXPECT_NE(csv.str().find(",a=b"), std::string::npos);
    const ImportResult back = readShotText(csv.str(), "f.csv");
    ASSERT_EQ(back.shots.size(), shots.size());
    for (std::size_t i = 0; i < shots.size(); ++i)
        EXPECT_EQ(back.shots[i][Label::Player], shots[i][Label::Player]) << i;
    // A control character would make the file look like no text at all.
    shots.resize(1);
    shots[0][Label::Player] = "bell\x07";
    std::ostringstream odd;
    writeShotsCsv(odd, shots);
    EXPECT_EQ(readShotText(odd.str(), "f.csv").shots.at(0)[Label::Player], "bell?");
}

}  // namespace
}  // namespace wedgeon::store
