// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// The splitter and the header words on their own.
#include "delimited.h"

#include <gtest/gtest.h>

#include "column_guess.h"
#include "wedgeon/store/error.h"

namespace wedgeon::store {
namespace {

std::vector<DelimitedRow> split(std::string_view text, char delimiter = ',') {
    DelimitedReader reader(text, delimiter);
    std::vector<DelimitedRow> rows;
    DelimitedRow row;
    while (reader.next(row))
        rows.push_back(row);
    return rows;
}

TEST(Delimited, SplitsEveryKindOfLineEnd) {
    for (const char* text : {"a,b\nc,d\n", "a,b\r\nc,d\r\n", "a,b\rc,d", "a,b\nc,d"}) {
        const auto rows = split(text);
        ASSERT_EQ(rows.size(), 2u) << text;
        EXPECT_EQ(rows[0].cells, (std::vector<std::string>{"a", "b"}));
        EXPECT_EQ(rows[1].cells, (std::vector<std::string>{"c", "d"}));
        EXPECT_EQ(rows[1].line, 2u);
    }
}

TEST(Delimited, KeepsEmptyCellsAndCountsLinesInsideQuotes) {
    const auto rows = split(",x,\n\"one\ntwo\",,\"a\"\"b\"\nlast,,");
    ASSERT_EQ(rows.size(), 3u);
    EXPECT_EQ(rows[0].cells, (std::vector<std::string>{"", "x", ""}));
    EXPECT_EQ(rows[1].cells, (std::vector<std::string>{"one\ntwo", "", "a\"b"}));
    EXPECT_EQ(rows[2].line, 4u);
    EXPECT_FALSE(rows[0].isBlank());
    EXPECT_TRUE(split(" , ,\n")[0].isBlank());
}

TEST(Delimited, BoundsCellsAndTheirLength) {
    EXPECT_THROW(split(std::string(DelimitedReader::mostCells + 1, ',')), StoreError);
    EXPECT_THROW(split(std::string(DelimitedReader::mostCellBytes + 1, 'x')), StoreError);
    EXPECT_THROW(split("\"" + std::string(DelimitedReader::mostCellBytes + 1, 'x') + "\""),
                 StoreError);
}

TEST(Delimited, FindsTheDelimiterAlsoBesideDecimalCommas) {
    EXPECT_EQ(findDelimiter("a,b,c\n1,2,3\n"), ',');
    EXPECT_EQ(findDelimiter("a;b;c\n1,5;2,5;3,5\n"), ';');
    EXPECT_EQ(findDelimiter("a\tb\n1,5\t2,5\n"), '\t');
    EXPECT_EQ(findDelimiter("alone\n1\n"), ',');
    EXPECT_EQ(findDelimiter("\"a;b\",c\n\"1;2\",3\n"), ',') << "quoted ones do not count";
}

TEST(Header, NameAndUnitAreCutApart) {
    const auto expectParts = [](std::string_view header, std::string_view name,
                                std::string_view unit) {
        const HeaderParts parts = splitHeader(header);
        EXPECT_EQ(parts.name, name) << header;
        EXPECT_EQ(parts.unit, unit) << header;
    };
    expectParts("club_speed [mph]", "club_speed", "mph");
    expectParts("Carry (yds)", "Carry", "yds");
    expectParts("Max Height - ft", "Max Height -", "ft");
    expectParts("launch angle", "launch angle", "");
    expectParts("m", "m", "");
    expectParts("spin [", "spin [", "");
}

TEST(Header, TheSameQuantityUnderManyNames) {
    const auto quantity = [](std::string_view header) { return guessColumn(header, 1).quantity; };
    for (const char* name :
         {"club_speed [m/s]", "Club Speed", "ClubSpeed (mph)", "Club Head Speed", "head speed"}) {
        EXPECT_EQ(quantity(name), Quantity::ClubSpeed) << name;
    }
    for (const char* name : {"spin", "Spin Rate", "Total Spin (rpm)", "backspin", "BackSpin"}) {
        EXPECT_EQ(quantity(name), Quantity::SpinRate) << name;
    }
    for (const char* name : {"Launch", "launch angle", "Vertical Angle", "Launch Ang"}) {
        EXPECT_EQ(quantity(name), Quantity::LaunchAngle) << name;
    }
    for (const char* name : {"Descent Angle", "landing_angle", "Land Angle"}) {
        EXPECT_EQ(quantity(name), Quantity::LandingAngle) << name;
    }
    for (const char* name : {"face to path", "Face-to-Path (deg)", "face_to_path [deg]"}) {
        EXPECT_EQ(quantity(name), Quantity::FaceToPath) << name;
    }
    EXPECT_FALSE(quantity("side spin"));
    EXPECT_FALSE(quantity("mood"));
    EXPECT_EQ(guessColumn("Player Name", 1).label, Label::Player);
}

TEST(Header, AUnitOfTheWrongKindIsSaidAndNotUsed) {
    ColumnGuess guess = guessColumn("carry", 3);
    finishGuess(guess, "mph");
    EXPECT_FALSE(guess.quantity);
    EXPECT_EQ(guess.note, Message(Says::LooksLikeBut, Quantity::Carry,
                                  Message(Says::NoKnownUnit, "mph", Dimension::Length)));
}

}  // namespace
}  // namespace wedgeon::store
