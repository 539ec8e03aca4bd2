// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Strokes to hole out.
#include "wedgeon/plan/hole_out.h"

#include <gtest/gtest.h>

#include "wedgeon/error.h"

namespace wedgeon {
namespace {

TEST(HoleOut, PassesThroughTheTableAndRisesBetween) {
    for (const Level level : {Level::Expert, Level::ClubPlayer}) {
        const HoleOutTable table = HoleOutTable::of(level);
        const HoleOut out(table);
        for (const auto& row : table.putts)
            EXPECT_NEAR(out.putts(row.distance_m), row.putts, 1e-12);
        EXPECT_EQ(out.putts(0.0), 1.0);
        double before = 1.0;
        for (double d = 0.05; d < 80; d += 0.05) {
            EXPECT_GE(out.putts(d), before - 1e-12) << d;
            before = out.putts(d);
        }
    }
}

TEST(HoleOut, WorsePlacesCostMore) {
    const HoleOut expert(HoleOutTable::of(Level::Expert));
    const HoleOut club(HoleOutTable::of(Level::ClubPlayer));
    for (const double d : {2.0, 8.0, 20.0}) {
        double before = 0.0;
        for (const ZoneKind k : {ZoneKind::Green, ZoneKind::Fringe, ZoneKind::Fairway,
                                 ZoneKind::Rough, ZoneKind::Bunker, ZoneKind::Water}) {
            EXPECT_GT(expert.strokes(k, d), before);
            EXPECT_GT(club.strokes(k, d), expert.strokes(k, d));
            before = expert.strokes(k, d);
        }
    }
    EXPECT_NEAR(expert.strokes(ZoneKind::Bunker, 9.1), 1.98 + 1.0, 1e-12);
    EXPECT_NEAR(club.strokes(ZoneKind::Water, 9.1), 2.17 + 0.8 + 1.0, 1e-12);
}

TEST(HoleOut, GreenSpeedAndSlopeMovePuttsByLittle) {
    EXPECT_EQ(puttsForGreen(10, 0, 5), 0.0);
    EXPECT_GT(puttsForGreen(12, 0, 5), 0.0);
    EXPECT_LT(puttsForGreen(8, 0, 5), 0.0);
    EXPECT_LE(puttsForGreen(14, 0.2, 40), 0.15);
    EXPECT_GE(puttsForGreen(4, 0.0, 40), -0.15);
    EXPECT_LT(puttsForGreen(12, 0, 0.3), puttsForGreen(12, 0, 6));
}

TEST(HoleOut, NamesWhatIsWrongInATable) {
    const auto fieldOf = [](HoleOutTable t) -> std::string {
        try {
            HoleOut out(t);
        } catch (const RangeError& e) {
            return e.field();
        }
        return "";
    };
    HoleOutTable t = HoleOutTable::of(Level::Expert);
    t.putts[3].putts = 1.1;  // fewer than from nearer
    EXPECT_EQ(fieldOf(t), "putts.putts");
    t = HoleOutTable::of(Level::Expert);
    t.putts[3].distance_m = 0.1;
    EXPECT_EQ(fieldOf(t), "putts.distance_m");
    t.putts.resize(1);
    EXPECT_EQ(fieldOf(t), "putts");
    t = HoleOutTable::of(Level::Expert);
    t.bunker = -1;
    EXPECT_EQ(fieldOf(t), "cost.bunker");
}

}  // namespace
}  // namespace wedgeon
