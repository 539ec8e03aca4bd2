// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Players, their wedges, balls, lies and grounds; and what was said of a file's columns.
#include "wedgeon/store/kit.h"

#include <gtest/gtest.h>

#include <random>

#include "wedgeon/store/error.h"
#include "wedgeon/units.h"

namespace wedgeon::store {
namespace {

namespace fs = std::filesystem;

class KitTest : public testing::Test {
protected:
    KitTest()
        : folder_(fs::path(testing::TempDir()) /
                  ("kit-" + std::to_string(std::random_device()()))) {
        fs::create_directory(folder_);
        book_.emplace(folder_ / "kit.wedgeon");
        kit_.emplace(*book_);
    }
    ~KitTest() override {
        book_.reset();
        fs::remove_all(folder_);
    }
    /// What a second program sees.
    Logbook reopened() const { return Logbook(folder_ / "kit.wedgeon"); }
    static KitWedge wedge(const std::string& name, double loft_deg) {
        KitWedge w;
        w.name = name;
        w.wedge = {radFromDeg(loft_deg), radFromDeg(64), radFromDeg(10)};
        return w;
    }

    fs::path folder_;
    std::optional<Logbook> book_;
    std::optional<Kit> kit_;
};

TEST_F(KitTest, APlayerKeepsHandAndWedgesByLoft) {
    kit_->keepPlayer({0, "Odo Fenn", Hand::Left, "stiff wrist"});
    kit_->keepWedge("Odo Fenn", wedge("lob", 60), "2026-10-01");
    KitWedge gap = wedge("gap", 52);
    gap.sole = "wide";
    gap.length_m = 0.9;
    gap.grooves = "worn";
    kit_->keepWedge("Odo Fenn", gap, "2026-10-01");
    Logbook other = reopened();
    const Kit kit(other);
    const auto player = kit.findPlayer("Odo Fenn");
    ASSERT_TRUE(player);
    EXPECT_EQ(player->hand, Hand::Left);
    EXPECT_EQ(player->note, "stiff wrist");
    const auto wedges = kit.wedges("Odo Fenn");
    ASSERT_EQ(wedges.size(), 2u);
    EXPECT_EQ(wedges[0].name, "gap");
    EXPECT_EQ(wedges[0].wedge, gap.wedge);
    EXPECT_EQ(wedges[0].sole, "wide");
    EXPECT_EQ(wedges[0].length_m, 0.9);
    EXPECT_EQ(wedges[1].name, "lob");
    EXPECT_FALSE(wedges[1].length_m);
    EXPECT_FALSE(kit.findPlayer("Nobody"));
}

TEST_F(KitTest, AWedgeHasAHistory) {
    kit_->keepPlayer({0, "Runa Vale", Hand::Right, ""});
    kit_->keepWedge("Runa Vale", wedge("sand", 56), "2026-01-10");
    kit_->keepWedge("Runa Vale", wedge("sand", 55), "2026-01-10");  // a slip, corrected at once
    EXPECT_EQ(kit_->wedges("Runa Vale", true).size(), 1u);
    kit_->keepWedge("Runa Vale", wedge("sand", 57), "2026-09-01");  // bent
    const auto now = kit_->wedges("Runa Vale");
    ASSERT_EQ(now.size(), 1u);
    EXPECT_NEAR(degFromRad(now[0].wedge.loft_rad), 57, 1e-9);
    EXPECT_EQ(now[0].since, "2026-09-01");
    const auto all = kit_->wedges("Runa Vale", true);
    ASSERT_EQ(all.size(), 2u);
    EXPECT_EQ(all[0].until, "2026-09-01");
    kit_->retireWedge("Runa Vale", "sand", "2026-11-01");
    EXPECT_TRUE(kit_->wedges("Runa Vale").empty());
    EXPECT_EQ(kit_->wedges("Runa Vale", true).size(), 2u);
    kit_->removePlayer("Runa Vale");
    EXPECT_TRUE(kit_->wedges("Runa Vale", true).empty());
    EXPECT_TRUE(kit_->players().empty());
}

TEST_F(KitTest, BallsLiesAndGroundsComeBackExactly) {
    std::mt19937_64 random(3);
    std::uniform_real_distribution<double> share(0.0, 1.0);
    const Lie lie{share(random), share(random), share(random), 0.02 * share(random), 1.1};
    const Ground ground{0.7 + share(random) / 2, 0.3, 9 + share(random), 0.02, -0.01};
    kit_->keep(KeptBall{"the box by the door", BallKind::Range});
    kit_->keep(KeptLie{"behind the 3rd", lie});
    kit_->keep(KeptLie{"behind the 3rd", lie});
    kit_->keep(KeptGround{"practice green", ground});
    Logbook other = reopened();
    Kit kit(other);
    ASSERT_EQ(kit.balls().size(), 1u);
    EXPECT_EQ(kit.balls()[0].ball, BallKind::Range);
    ASSERT_EQ(kit.lies().size(), 1u);
    EXPECT_EQ(kit.lies()[0].lie, lie);
    ASSERT_EQ(kit.grounds().size(), 1u);
    EXPECT_EQ(kit.grounds()[0].ground, ground);
    kit.remove(Kit::Part::Lie, "behind the 3rd");
    EXPECT_TRUE(kit_->lies().empty());
    EXPECT_EQ(kit_->balls().size(), 1u);
}

TEST_F(KitTest, BadRecordsAreRefusedAndNothingChanges) {
    const auto refused = [&](const auto& act) {
        try {
            act();
        } catch (const StoreError& e) {
            return e.fault() == Fault::Malformed;
        }
        return false;
    };
    EXPECT_TRUE(refused([&] { kit_->keepPlayer({0, "", Hand::Right, ""}); }));
    EXPECT_TRUE(refused([&] { kit_->keepPlayer({0, std::string(241, 'a'), Hand::Right, ""}); }));
    EXPECT_TRUE(refused([&] { kit_->keepWedge("Nobody", wedge("x", 56), "2026-01-01"); }));
    kit_->keepPlayer({0, "Runa Vale", Hand::Right, ""});
    EXPECT_TRUE(refused([&] { kit_->keepWedge("Runa Vale", wedge("x", 95), "2026-01-01"); }));
    EXPECT_TRUE(refused([&] { kit_->keep(KeptLie{"wet", Lie{2.0, 0, 0, 0, 1}}); }));
    EXPECT_TRUE(kit_->wedges("Runa Vale").empty());
    EXPECT_TRUE(kit_->lies().empty());
}

TEST_F(KitTest, WhatWasSaidOfColumnsIsRememberedByShape) {
    ColumnMapping said;
    said.columns.push_back({"Speed", 3, Quantity::ClubSpeed, std::nullopt, "mph"});
    said.columns.push_back({"Who", 0, std::nullopt, Label::Player, ""});
    said.columns.push_back({"x = [y]", 5, std::nullopt, std::nullopt, ""});
    said.mirrored = true;
    book_->rememberShape("00ab", said, "2026-11-25T10:00:00Z");
    const auto back = reopened().findShape("00ab");
    ASSERT_TRUE(back);
    EXPECT_EQ(back->columns, said.columns);
    EXPECT_TRUE(back->mirrored);
    EXPECT_FALSE(reopened().findShape("00ac"));
}

}  // namespace
}  // namespace wedgeon::store
