// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// A pattern of recorded shots, and what of the logbook stands beside it.
#include "wedgeon/store/cause_shots.h"

#include <gtest/gtest.h>

#include "made_up_player.h"

namespace wedgeon::store {
namespace {

using made_up::Player;

class CauseShotsTest : public ::testing::Test {
protected:
    /// Days of shots as ever, and then one hit another way.
    void hit(int days, int each, const Player::Way& last) {
        std::int64_t id = 1;
        for (int day = 0; day <= days; ++day) {
            for (int i = 0; i < each; ++i) {
                LoggedShot s = player.hit(day, day == days ? last : Player::Way{});
                s.id = id++;
                if (day == days) pattern.push_back(s.id);
                shots.push_back(std::move(s));
            }
        }
    }
    CauseShots find() { return findCauseShots(shots, pattern, player.fallback, {}); }

    Player player{5};
    ShotList shots;
    std::vector<std::int64_t> pattern;
};

TEST_F(CauseShotsTest, UsualIsWhatHeHitBeforeOnOtherDays) {
    hit(3, 12, {});
    const CauseShots found = find();
    EXPECT_EQ(found.player, "Runa Vale");
    EXPECT_EQ(found.request.shots.size(), 12u);
    EXPECT_EQ(found.request.usual.size(), 36u);
    EXPECT_EQ(found.request.usualDays, 3u);
    ASSERT_EQ(found.request.kinds.size(), 1u);
    EXPECT_NEAR(found.request.kinds[0].declared.clubSpeed_mps, 20.0, 0.4);
    EXPECT_TRUE(found.request.shots[0].clubSpeed_mps);
    EXPECT_TRUE(found.request.shots[0].read[static_cast<std::size_t>(Outcome::SpinRate)]);
    found.request.validate();
}

TEST_F(CauseShotsTest, AWayThatIsOtherIsFoundInTheLogbook) {
    hit(4, 12, {.loft_deg = 55.0});
    const CauseAnswer a = findCauses(find().request);
    // Seven degrees more loft at the ball, and nothing else: lean that is lost, or a face laid open
    // without being turned away; surely not his usual.
    EXPECT_LT(a.find(Fault::None)->likely, 0.1);
    EXPECT_TRUE(a.beliefs[0].fault == Fault::HandsPassed || a.beliefs[0].fault == Fault::Other)
        << faultKey(a.beliefs[0].fault);
}

TEST_F(CauseShotsTest, ASlowerClubIsSpeedLost) {
    hit(4, 12, {.speed = 17.6});
    EXPECT_EQ(findCauses(find().request).beliefs[0].fault, Fault::SpeedLost);
}

TEST_F(CauseShotsTest, AsEverIsNoFault) {
    hit(4, 12, {});
    const CauseAnswer a = findCauses(find().request);
    EXPECT_EQ(a.beliefs[0].fault, Fault::None);
}

TEST_F(CauseShotsTest, OtherPlayersAndEmptyShotsAreLeftOutAndCounted) {
    hit(2, 8, {});
    LoggedShot other = shots.back(), empty = shots.back();
    other.id = 100;
    other.record[Label::Player] = "Odo Marsh";
    empty.id = 101;
    for (std::size_t q = 0; q < quantityCount; ++q)
        empty.record[static_cast<Quantity>(q)] = std::nan("");
    shots.push_back(other);
    shots.push_back(empty);
    pattern.insert(pattern.end(), {100, 101, 999});
    const CauseShots found = find();
    EXPECT_EQ(found.ofOthers, 1u);
    EXPECT_EQ(found.withoutReading, 1u);
    EXPECT_EQ(found.request.shots.size(), 8u);
}

TEST_F(CauseShotsTest, WhatIsSetAsideIsNotUsual) {
    hit(2, 8, {});
    LoggedShot s = shots[3];
    s.setAside = std::string(coachKey);
    shots.set(3, s);
    EXPECT_EQ(find().request.usual.size(), 15u);
}

TEST_F(CauseShotsTest, WithoutAPatternTheBenchIsAsked) {
    Recipe bench;
    bench.lean_rad = radFromDeg(6);
    const CauseShots found = findCauseShots({}, {}, player.fallback, bench);
    ASSERT_EQ(found.request.kinds.size(), 1u);
    EXPECT_EQ(found.request.kinds[0].declared, bench);
    EXPECT_TRUE(found.request.shots.empty());
    found.request.validate();
}

}  // namespace
}  // namespace wedgeon::store
