// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Every code has its sentence, and every place of a sentence is filled.
#include "wedgeon/words/words.h"

#include <gtest/gtest.h>

#include <set>

#include "wedgeon/store/shot_file.h"

namespace wedgeon::words {
namespace {

using store::Figure;
using store::Message;
using store::Says;

TEST(Words, EveryCodeHasASentenceOfItsOwn) {
    std::set<std::string> all;
    for (std::size_t i = 0; i < store::saysCount; ++i) {
        const std::string sentence = said(Message(static_cast<Says>(i), "a", "b", "c", "d"));
        EXPECT_FALSE(sentence.empty()) << i;
        all.insert(sentence);
    }
    // A few differ in what fills their places only.
    EXPECT_GT(all.size(), store::saysCount - 6);
}

TEST(Words, PlacesAreFilledOnceAndWhatFillsThemIsNotReadAgain) {
    EXPECT_EQ(said({Says::FileTooLarge, "a.csv", 700, 512}),
              "a.csv is 700 MB; files up to 512 MB are read");
    EXPECT_EQ(said({Says::FileUnread, "%2 %i", "%1"}), "%2 %i: %1");
    EXPECT_EQ(said({Says::FileUnread, "a.csv"}), "a.csv: ");
}

TEST(Words, AMessageStandsInsideAnother) {
    const Message cell(Says::OutsideLimits, store::Quantity::ClubSpeed, Figure{0.5, -1},
                       Figure{60, -1}, "m/s");
    EXPECT_EQ(said({Says::InFile, "a.csv",
                    Message(Says::NoShotCell, 3, 1, "club_speed [m/s]", "900", cell)}),
              "a.csv: the columns are known, but no row holds a shot. Line 3, column 1 club_speed "
              "[m/s]: \"900\" is outside what club speed can be: 0.5 to 60 m/s.");
}

TEST(Words, NumbersHaveTheDecimalsThatTheyAreGiven) {
    EXPECT_EQ(said({Says::OffTheEdge, Figure{5.26, 1}, Figure{31.4, 0}}),
              "Launched 5.3° lower than the face gives, with 31 % less spin: off the edge?");
    EXPECT_EQ(
        said({Says::NumberOutside, "loft_deg", Figure{95, -1}, Figure{5, -1}, Figure{80, -1}}),
        "loft_deg is 95; it must be from 5 to 80");
}

TEST(Words, ExceptionsOfCoreAndStoreAreSaidAndOthersSayWhatTheySay) {
    EXPECT_EQ(said(RangeError("loft_deg", 95, 5, 80)), "loft_deg is 95; it must be from 5 to 80");
    EXPECT_EQ(said(RangeError("lean_deg", 45.0000004, -45, 45)),
              "lean_deg is 45.00000040; it must be from -45 to 45")
        << "beyond by a hair";
    EXPECT_EQ(said(RangeError("lean_deg", -45.1, -45, 45)),
              "lean_deg is -45.1; it must be from -45 to 45");
    EXPECT_EQ(said(RangeError("loft_deg", std::nan(""), 5, 80)),
              "loft_deg is not a finite number; it must be from 5 to 80");
    EXPECT_EQ(said(std::runtime_error("as it is")), "as it is");
    try {
        store::readShotText("", "empty.csv");
        FAIL();
    } catch (const std::exception& e) {
        EXPECT_EQ(said(e), "empty.csv is empty");
    }
}

TEST(Words, AFitSaysWhyThereIsNone) {
    EXPECT_EQ(said(FitRemark{FitRemark::Kind::TooFew, 3}),
              "3 shots with club speed, attack angle, dynamic loft and ball data are too few: six "
              "are needed.");
    EXPECT_EQ(said(FitRemark{FitRemark::Kind::SpinOff, 0, 0, 6.28318}),
              "The spin is typically 6.28 times what the strike gives: another unit, or not a spin "
              "rate.");
}

TEST(Words, WhatIsDoubtfulIsSaidWithItsNumbers) {
    EXPECT_EQ(said({Says::FlightOff, store::Quantity::Carry, Figure{30, 0}, Figure{6, 0}}),
              "The carry is 30 % off what the measured launch flies to; the other shots of the day "
              "stay within 6 %.");
    EXPECT_EQ(said({Says::DayOffItsStrikes, store::Quantity::SpinRate, 24, Figure{5.2, 1}}),
              "On this day the spin rate of all 24 shots is off what their strikes give, by 5.2 "
              "times what days differ by: a wet face, another ball, a device set otherwise?");
    EXPECT_EQ(said({Says::HeapInARow, store::Quantity::SpinRate, 12, 60}),
              "The spin rate of 12 of these 60 shots, one after another, lies apart from the "
              "others': a wet face, another ball, a new way to hit it?");
    EXPECT_EQ(said({Says::HeapAmongOthers, store::Quantity::SpinRate, 12, 60}),
              "The spin rate of 12 of these 60 shots, hit among the others, lies apart from "
              "theirs: two balls under one name, a face not wiped, a second way to hit it?");
    EXPECT_EQ(said(FitRemark{FitRemark::Kind::LawCorrected, 96}),
              "The law of the strike misses these 96 shots beyond chance: what they show beside it "
              "is added to predictions near them.");
}

TEST(Words, AnotherLanguageHasItsOwnOrderAndNumbers) {
    struct Backwards : Speaker {
        std::string translated(const char* english) const override {
            return std::string(english) == "%1 is %2 MB; files up to %3 MB are read" ? "%3 < %2: %1"
                                                                                     : english;
        }
        std::string number(const Figure& f) const override {
            return "<" + Speaker::number(f) + ">";
        }
    };
    EXPECT_EQ(said({Says::FileTooLarge, "a.csv", 700, 512}, Backwards()), "<512> < <700>: a.csv");
}

}  // namespace
}  // namespace wedgeon::words
