// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// The same shots written in many shapes: codings, separators, decimal marks, units by column or by
// cell, word orders and shortened words. What is read is right, and what is not read says why.
#include <gtest/gtest.h>

#include <array>
#include <cmath>
#include <cstdio>
#include <map>
#include <random>

#include "wedgeon/constants.h"
#include "wedgeon/flight/flight.h"
#include "wedgeon/store/error.h"
#include "wedgeon/store/shot_file.h"
#include "wedgeon/units.h"

namespace wedgeon::store {
namespace {

using Q = Quantity;
constexpr double degree = constants::pi / 180;
constexpr double rpm = constants::pi / 30;
constexpr double mph = 0.44704, kmh = 1 / 3.6, yard = 0.9144, foot = 0.3048;

struct ShapeColumn {
    Quantity quantity;
    std::string header;
    double factor;  ///< SI of one unit of the file
    int decimals = 1;
    std::string cellUnit = {};  ///< behind every number
};

struct Shape {
    std::string name;
    std::vector<ShapeColumn> columns;
    char separator = ',';
    char mark = '.';
    char16_t coding = 8;    ///< 8, or 'L' and 'B' for UTF-16
    bool withMark = false;  ///< begins with a byte-order mark
    std::string minus = "-";
    std::string thousands = {};
    /// Quantities that may be left to a person; all others have to be read.
    std::vector<Quantity> askable = {};
};

std::vector<ShotRecord> knownShots() {
    std::mt19937_64 random(3);
    const auto between = [&](double low, double high) {
        return low + (high - low) * static_cast<double>(random() >> 11) * 0x1p-53;
    };
    std::vector<ShotRecord> out;
    for (int i = 0; i < 14; ++i) {
        ShotRecord s;
        s[Q::ClubSpeed] = between(16, 26);
        s[Q::AttackAngle] = between(-7, -1) * degree;
        s[Q::ClubPath] = between(-6, 3) * degree;
        s[Q::FaceAngle] = between(-4, 6) * degree;
        s[Q::DynamicLoft] = between(40, 52) * degree;
        s[Q::SpinLoft] = s[Q::DynamicLoft] - std::as_const(s)[Q::AttackAngle];
        s[Q::BallSpeed] = 1.05 * s[Q::ClubSpeed];
        s[Q::LaunchAngle] = between(27, 38) * degree;
        s[Q::LaunchDirection] = between(-4, 4) * degree;
        s[Q::SpinRate] = between(4200, 8200) * rpm;
        s[Q::SpinAxis] = between(-9, 9) * degree;
        const FlightResult flown =
            calcFlight(launchFromAngles(s[Q::BallSpeed], s[Q::LaunchAngle], s[Q::LaunchDirection],
                                        s[Q::SpinRate], s[Q::SpinAxis]),
                       {});
        s[Q::Carry] = flown.carry_m;
        s[Q::Apex] = flown.apex_m;
        s[Q::LandingAngle] = flown.landingAngle_rad();
        s[Q::Side] = flown.side_m;
        s[Q::Release] = between(0.4, 4);
        s[Q::Total] = s[Q::Carry] + s[Q::Release];
        out.push_back(s);
    }
    return out;
}

std::string inThousands(const std::string& digits, const std::string& separator) {
    std::string out;
    for (std::size_t i = 0; i < digits.size(); ++i) {
        if (i > 0 && (digits.size() - i) % 3 == 0) out += separator;
        out += digits[i];
    }
    return out;
}

std::string cellOf(const Shape& shape, const ShapeColumn& column, double si) {
    const double shown = si / column.factor;
    std::array<char, 64> text{};
    std::snprintf(text.data(), text.size(), "%.*f", column.decimals, std::abs(shown));
    std::string all = text.data();
    const std::size_t point = all.find('.');
    std::string whole = all.substr(0, point);
    if (!shape.thousands.empty()) whole = inThousands(whole, shape.thousands);
    std::string out = whole;
    if (point != std::string::npos) out += shape.mark + all.substr(point + 1);
    if (shown < 0) out = shape.minus + out;
    if (!column.cellUnit.empty()) out += " " + column.cellUnit;
    if (out.find(shape.separator) != std::string::npos) out = '"' + out + '"';
    return out;
}

std::string encoded(const Shape& shape, const std::string& utf8) {
    if (shape.coding == 8) return (shape.withMark ? "\xEF\xBB\xBF" : "") + utf8;
    std::u16string units;
    if (shape.withMark) units.push_back(0xFEFF);
    for (std::size_t i = 0; i < utf8.size();) {
        const auto byte = [&](std::size_t k) { return static_cast<unsigned char>(utf8[i + k]); };
        if (byte(0) < 0x80) {
            units.push_back(byte(0));
            i += 1;
        } else if (byte(0) < 0xE0) {
            units.push_back(static_cast<char16_t>((byte(0) & 0x1F) << 6 | (byte(1) & 0x3F)));
            i += 2;
        } else {
            units.push_back(static_cast<char16_t>((byte(0) & 0x0F) << 12 | (byte(1) & 0x3F) << 6 |
                                                  (byte(2) & 0x3F)));
            i += 3;
        }
    }
    std::string out;
    for (const char16_t u : units) {
        const char low = static_cast<char>(u & 0xFF), high = static_cast<char>(u >> 8);
        out += shape.coding == u'L' ? low : high;
        out += shape.coding == u'L' ? high : low;
    }
    return out;
}

std::string fileOf(const Shape& shape, const std::vector<ShotRecord>& shots) {
    std::string out;
    for (const ShapeColumn& c : shape.columns)
        out += (out.empty() ? "" : std::string(1, shape.separator)) + c.header;
    out += "\r\n";
    for (const ShotRecord& s : shots) {
        std::string line;
        for (const ShapeColumn& c : shape.columns)
            line += (line.empty() ? "" : std::string(1, shape.separator)) +
                    cellOf(shape, c, s[c.quantity]);
        out += line + "\r\n";
    }
    return encoded(shape, out);
}

std::vector<Shape> shapes() {
    const std::string degreeSign = "\xC2\xB0";
    std::vector<Shape> all;
    all.push_back({"own spelling",
                   {{Q::ClubSpeed, "club_speed [m/s]", 1, 3},
                    {Q::SpinRate, "spin_rate [rpm]", rpm, 0},
                    {Q::Carry, "carry [m]", 1, 2},
                    {Q::Side, "side [m]", 1, 2}}});
    all.push_back({"UTF-16 with a mark, tabs",
                   {{Q::BallSpeed, "Ball Speed (mph)", mph},
                    {Q::LaunchAngle, "Launch Angle (" + degreeSign + ")", degree},
                    {Q::SpinRate, "Back Spin (rpm)", rpm, 0},
                    {Q::Carry, "Carry (yds)", yard}},
                   '\t',
                   '.',
                   u'L',
                   true});
    all.push_back({"UTF-16 big end first, without a mark",
                   {{Q::BallSpeed, "Ball Speed [km/h]", kmh},
                    {Q::AttackAngle, "Attack [deg]", degree},
                    {Q::Carry, "Carry [m]", 1}},
                   ';',
                   ',',
                   u'B',
                   false,
                   "\xE2\x88\x92"});
    all.push_back({"UTF-16 small end first, without a mark",
                   {{Q::ClubSpeed, "Club Speed [mph]", mph},
                    {Q::SpinAxis, "Spin Axis [deg]", degree},
                    {Q::Total, "Total [yd]", yard}},
                   ',',
                   '.',
                   u'L',
                   false});
    all.push_back({"decimal commas with three digits",
                   {{Q::ClubSpeed, "Club Speed [m/s]", 1, 3},
                    {Q::AttackAngle, "Attack Angle [deg]", degree, 3},
                    {Q::Carry, "Carry [m]", 1, 3},
                    {Q::LandingAngle, "Descent Angle [deg]", degree, 3}},
                   ';',
                   ',',
                   8,
                   true});
    all.push_back({"decimal commas with three digits beside spin in thousands with points",
                   {{Q::BallSpeed, "Ball Speed [m/s]", 1, 3},
                    {Q::SpinRate, "Spin [rpm]", rpm, 0},
                    {Q::Carry, "Carry [m]", 1, 3}},
                   '\t',
                   ',',
                   8,
                   false,
                   "-",
                   "."});
    all.push_back({"points, spin in thousands with commas",
                   {{Q::BallSpeed, "Ball Speed [m/s]", 1, 1},
                    {Q::SpinRate, "Spin [rpm]", rpm, 0},
                    {Q::Carry, "Carry [m]", 1, 1}},
                   '\t',
                   '.',
                   8,
                   false,
                   "-",
                   ","});
    all.push_back({"only whole numbers and spin in thousands with commas",
                   {{Q::SpinRate, "Spin [rpm]", rpm, 0}, {Q::Carry, "Carry [m]", 1, 0}},
                   ';',
                   '.',
                   8,
                   false,
                   "-",
                   ","});
    all.push_back({"no-break blanks between thousands, the true minus",
                   {{Q::SpinRate, "Spin Rate [rpm]", rpm, 0},
                    {Q::AttackAngle, "Attack [deg]", degree, 1},
                    {Q::Side, "Lateral [m]", 1, 1}},
                   ';',
                   ',',
                   8,
                   false,
                   "\xE2\x88\x92",
                   "\xC2\xA0"});
    all.push_back({"units in the cells",
                   {{Q::ClubSpeed, "Club Speed", mph, 1, "mph"},
                    {Q::SpinRate, "Spin", rpm, 0, "rpm"},
                    {Q::Carry, "Carry", yard, 1, "yds"},
                    {Q::Apex, "Max Height", foot, 1, "ft"},
                    {Q::LaunchAngle, "Launch", degree, 1, degreeSign}}});
    all.push_back(
        {"units in the cells against the header",
         {{Q::Carry, "Carry [m]", yard, 1, "yd"}, {Q::BallSpeed, "Ball Speed [m/s]", 1}}});
    all.push_back({"shortened words with dots",
                   {{Q::ClubSpeed, "Clb. Spd. [mph]", mph},
                    {Q::BallSpeed, "Ball Spd. [mph]", mph},
                    {Q::LaunchAngle, "Lnch. Ang.", degree},
                    {Q::SpinRate, "Spin Rt. [rpm]", rpm, 0},
                    {Q::LandingAngle, "Ldg. Ang. [deg]", degree},
                    {Q::Total, "Tot. Dist. [yd]", yard}}});
    all.push_back({"vertical and horizontal, the other way round",
                   {{Q::LaunchAngle, "Angle, vertical [deg]", degree},
                    {Q::LaunchDirection, "Angle, horizontal [deg]", degree},
                    {Q::BallSpeed, "Speed of ball [m/s]", 1},
                    {Q::ClubSpeed, "Speed of club [m/s]", 1}},
                   ';'});
    all.push_back({"launch with one letter",
                   {{Q::LaunchAngle, "Launch V", degree},
                    {Q::LaunchDirection, "Launch H", degree},
                    {Q::SpinRate, "Backspin [rpm]", rpm, 0}}});
    all.push_back({"initials",
                   {{Q::LaunchAngle, "VLA", degree},
                    {Q::LaunchDirection, "HLA", degree},
                    {Q::AttackAngle, "AoA", degree},
                    {Q::ClubSpeed, "CHS [mph]", mph},
                    {Q::BallSpeed, "BS [mph]", mph}}});
    all.push_back({"height in feet beside carry in yards, no unit said",
                   {{Q::BallSpeed, "Ball Speed", mph, 1},
                    {Q::LaunchAngle, "Launch Angle", degree, 1},
                    {Q::SpinRate, "Spin Rate", rpm, 0},
                    {Q::Carry, "Carry", yard, 1},
                    {Q::Apex, "Height", foot, 1}}});
    all.push_back({"height in metres beside carry in metres, no unit said",
                   {{Q::BallSpeed, "Ball Speed", 1, 1},
                    {Q::LaunchAngle, "Launch Angle", degree, 1},
                    {Q::SpinRate, "Spin Rate", rpm, 0},
                    {Q::Carry, "Carry", 1, 1},
                    {Q::Apex, "Peak Ht", 1, 1}}});
    all.push_back({"lengths whose unit nothing tells",
                   {{Q::Carry, "Carry", yard, 1}, {Q::SpinRate, "Spin", rpm, 0}},
                   ',',
                   '.',
                   8,
                   false,
                   "-",
                   "",
                   {Q::Carry}});
    all.push_back({"face to path in the place of the face",
                   {{Q::ClubPath, "Path [deg]", degree, 2},
                    {Q::FaceToPath, "Face to Path [deg]", degree, 2},
                    {Q::SpinRate, "Spin [rpm]", rpm, 0}}});
    all.push_back({"face to path in the place of the path",
                   {{Q::FaceAngle, "Face Angle [deg]", degree, 2},
                    {Q::FaceToPath, "F2P [deg]", degree, 2},
                    {Q::SpinRate, "Spin [rpm]", rpm, 0}}});
    all.push_back({"offline and deviation, shortened",
                   {{Q::Side, "Offl. [yd]", yard, 1},
                    {Q::Release, "Roll [yd]", yard, 1},
                    {Q::SpinLoft, "Spin Lft [deg]", degree, 1},
                    {Q::DynamicLoft, "Dyn. Loft [deg]", degree, 1}}});
    return all;
}

TEST(AnyFile, TheSameShotsInManyShapes) {
    const auto shots = knownShots();
    const auto all = shapes();
    ASSERT_GE(all.size(), 20u);
    for (const Shape& shape : all) {
        SCOPED_TRACE(shape.name);
        ImportResult r;
        ASSERT_NO_THROW(r = readShotText(fileOf(shape, shots), "f.txt"));
        EXPECT_EQ(r.refusedCount, 0u);
        ASSERT_EQ(r.columns.size(), shape.columns.size());
        ASSERT_EQ(r.shots.size(), shots.size());
        for (std::size_t c = 0; c < shape.columns.size(); ++c) {
            const ShapeColumn& wrote = shape.columns[c];
            SCOPED_TRACE(wrote.header);
            if (!r.columns[c].quantity) {
                EXPECT_TRUE(r.columns[c].note) << "what is not read says why";
                EXPECT_NE(std::find(shape.askable.begin(), shape.askable.end(), wrote.quantity),
                          shape.askable.end());
                continue;
            }
            ASSERT_EQ(*r.columns[c].quantity, wrote.quantity);
            const double half = 0.51 * wrote.factor * std::pow(10.0, -wrote.decimals);
            for (std::size_t i = 0; i < shots.size(); ++i)
                EXPECT_NEAR(std::as_const(r.shots[i])[wrote.quantity], shots[i][wrote.quantity],
                            half)
                    << i;
        }
    }
}

TEST(AnyFile, AMarkOfAnotherCodingThanItHas) {
    for (const char* mark : {"\xFF\xFE", "\xFE\xFF", "\xEF\xBB\xBF"}) {
        const auto r =
            readShotText(std::string(mark) + "player,carry [m]\nJ\xFCrgen,40\n", "f.csv");
        EXPECT_EQ(r.coding, Coding::Latin1);
        ASSERT_EQ(r.shots.size(), 1u);
        EXPECT_NEAR(r.shots[0][Q::Carry], 40, 1e-12);
    }
}

TEST(AnyFile, DamagedUtf16IsSaid) {
    Shape shape{"", {{Q::Carry, "carry [m]", 1}, {Q::SpinRate, "spin [rpm]", rpm, 0}}};
    shape.coding = u'L';
    const std::string whole = fileOf(shape, knownShots());
    const auto refusal = [](const std::string& text) {
        try {
            readShotText(text, "f.csv");
        } catch (const StoreError& e) {
            return e.message();
        }
        throw std::logic_error("was taken");
    };
    EXPECT_EQ(refusal(whole.substr(0, whole.size() - 1)),
              Message(Says::FileNotText, "f.csv", Message(Says::DamagedUtf16)));
    std::string half = whole;
    half[40] = '\x01';
    half[41] = '\xD8';  // the first half of a pair, alone
    EXPECT_EQ(refusal(half), Message(Says::FileNotText, "f.csv", Message(Says::DamagedUtf16)));
}

TEST(AnyFile, WordsInAColumnThatSoundsLikeNumbersAreNoRefusedCells) {
    const auto r =
        readShotText("Desc,carry [m]\nhigh and soft,20\nlow one,31\nbrush,25\nchop,22\n", "f.csv");
    EXPECT_FALSE(r.columns[0].quantity);
    EXPECT_EQ(r.refusedCount, 0u);
    EXPECT_EQ(r.shots.size(), 4u);
}

TEST(AnyFile, AUnitThatIsNoneOfItsKindIsRefusedInItsCell) {
    const auto r = readShotText("carry [m],spin [rpm]\n20 rpm,5000\n31 yd,5100\n", "f.csv");
    ASSERT_EQ(r.refusedCount, 1u);
    EXPECT_EQ(r.refused[0].line, 2u);
    EXPECT_NEAR(r.shots[1][Q::Carry], 31 * yard, 1e-12);
}

TEST(AnyFile, WhoIsCalledMaxMinMeanOrAverageHitsShots) {
    // Beside other words: a row without them sums up.
    const auto words = readShotText(
        "player,wedge,spin [rpm],carry "
        "[m]\nMean,54,5000,30\nAverage,58,6000,25\nAverage,,5500,27.5\n",
        "f.csv");
    EXPECT_EQ(words.shots.size(), 2u);
    ASSERT_EQ(words.refusedCount, 1u);
    EXPECT_EQ(words.refused[0].reason, Message(Says::SummaryRow));
    // A club's name, and a note's.
    EXPECT_EQ(
        readShotText("club,swing,carry [m]\nMax,full,30\nMean,half,25\n", "f.csv").shots.size(),
        2u);
    // Nothing but numbers: what sums up the shots above is no shot.
    const auto numbers = readShotText(
        "player,spin [rpm],carry [m]\nMax,5000,30\nMin,6000,25\nMean,5200,29\nMin,5000,25\n"
        "Max,6000,30\n",
        "f.csv");
    EXPECT_EQ(numbers.shots.size(), 3u);
    EXPECT_EQ(numbers.refusedCount, 2u);
}

TEST(AnyFile, SidesAreLettersOnlyWhereTheyStandAlone) {
    const auto r =
        readShotText("side,spin [rpm]\n3.5 meter,5000\nL 2 m,5100\n1 m R,5200\n", "f.csv");
    ASSERT_EQ(r.refusedCount, 0u);
    EXPECT_NEAR(r.shots[0][Q::Side], 3.5, 1e-12);
    EXPECT_NEAR(r.shots[1][Q::Side], -2, 1e-12);
    EXPECT_NEAR(r.shots[2][Q::Side], 1, 1e-12);
}

}  // namespace
}  // namespace wedgeon::store
