// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Numbers and units as files write them.
#include "number.h"

#include <gtest/gtest.h>

#include <cmath>
#include <numbers>

#include "wedgeon/store/unit.h"

namespace wedgeon::store {
namespace {

using State = ParsedNumber::State;

TEST(Number, ReadsWhatPeopleWrite) {
    struct Case {
        const char* text;
        bool comma;
        double value;
    };
    for (const Case& c :
         {Case{"12.5", false, 12.5}, Case{" -3 ", false, -3}, Case{"+4.0", false, 4},
          Case{"12,5", true, 12.5}, Case{"1.234,5", true, 1234.5}, Case{"5,600", false, 5600},
          Case{"5 600", false, 5600}, Case{"1e3", false, 1000},
          Case{"31.2\xC2\xB0", false, 31.2}}) {
        const ParsedNumber p = parseNumber(c.text, c.comma);
        EXPECT_EQ(p.state, State::Good) << c.text;
        EXPECT_DOUBLE_EQ(static_cast<double>(p.value), c.value) << c.text;
    }
}

TEST(Number, LeavesBlanksAlone) {
    for (const char* text : {"", "   ", "-", "--", "n/a", "N/A"}) {
        EXPECT_EQ(parseNumber(text, false).state, State::Blank) << text;
    }
}

TEST(Number, RefusesWhatIsNone) {
    for (const char* text : {"fast", "12.5 mph", "1.2.3", "NaN", "inf", "-inf", "1e999",
                             "12,34,567", "0x10", "3 4", "12 5.0"}) {
        EXPECT_EQ(parseNumber(text, false).state, State::Bad) << text;
    }
    EXPECT_EQ(parseNumber("NaN", false).reason, Says::NotFinite);
    EXPECT_EQ(parseNumber(std::string(500, '1'), false).state, State::Bad);
}

TEST(Unit, KnowsSpellingsAndTheirSize) {
    const auto mph = findUnit("MPH");
    ASSERT_TRUE(mph);
    EXPECT_EQ(mph->dimension, Dimension::Speed);
    EXPECT_NEAR(mph->factor * 3600, 1609.344, 1e-9);
    EXPECT_NEAR(findUnit("km / h")->factor, 1 / 3.6, 1e-12);
    EXPECT_NEAR(findUnit("Yds.")->factor, 0.9144, 1e-12);
    EXPECT_NEAR(findUnit("\xC2\xB0")->factor, std::numbers::pi / 180, 1e-15);
    EXPECT_NEAR(findUnit("rpm")->factor * 60, 2 * std::numbers::pi, 1e-12);
    EXPECT_FALSE(findUnit("furlong"));
    EXPECT_FALSE(findUnit(""));
}

}  // namespace
}  // namespace wedgeon::store
