// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// A player's shots by day, and what changed when.
#include "wedgeon/store/history_shots.h"

#include <gtest/gtest.h>

#include <deque>

#include "wedgeon/store/recipe_file.h"

namespace wedgeon::store {
namespace {

struct Hit {
    std::string time, club, swing, ball;
    double carry_m;
    std::string strike = {};
};

class HistoryShotsTest : public testing::Test {
protected:
    LoggedShot& add(const Hit& hit, const std::string& player = "Runa Vale") {
        LoggedShot s;
        s.id = static_cast<std::int64_t>(all_.size()) + 1;
        s.record[Label::Time] = hit.time;
        s.record[Label::Player] = player;
        s.record[Label::Wedge] = hit.club;
        s.record[Label::Swing] = hit.swing;
        s.record[Label::Ball] = hit.ball;
        s.record[Label::Strike] = hit.strike;
        s.record[Quantity::Carry] = hit.carry_m;
        all_.push_back(s);
        return all_.back();
    }
    HistoryShots found() const {
        ShotList list;
        for (const LoggedShot& s : all_)
            list.push_back(LoggedShot(s));
        return findHistoryShots(list, {}, records_, "Runa Vale");
    }
    std::deque<LoggedShot> all_;
    Records records_;
};

TEST_F(HistoryShotsTest, GroupsAndDays) {
    add({"2026-11-02 10:00", "54", "rib-high", "soft", 40, "clean"});
    add({"2026-11-02 10:01", "54", "rib-high", "soft", 42, "fat"});
    add({"2026-11-09 10:00", "54", "rib-high", "soft", 44, "clean"});
    add({"2026-11-09 10:05", "58", "hip-high", "soft", 20});
    add({"2026-11-09 10:06", "58", "hip-high", "soft", 22}).setAside = "coach";
    add({"no day", "54", "rib-high", "soft", 10});
    add({"2026-11-09 10:07", "54", "rib-high", "soft", 99}, "Odo Fenn");
    const HistoryShots h = found();
    EXPECT_EQ(h.shots, 4u);
    EXPECT_EQ(h.days, 2u);
    EXPECT_EQ(h.setAside, 1u);
    EXPECT_EQ(h.withoutDay, 1u);
    ASSERT_EQ(h.groups.size(), 2u);
    EXPECT_EQ(h.groups[0].club, "54");
    const auto& carry = h.groups[0][Quantity::Carry];
    ASSERT_EQ(carry.size(), 2u);
    EXPECT_EQ(carry[1].day - carry[0].day, 7.0);
    EXPECT_EQ(carry[0].values, (std::vector<double>{40, 42}));
    EXPECT_EQ(h.groups[0].clean[0].values, (std::vector<double>{1, 0}));
    // All: about the middle of its group, which a group of one day has none to tell.
    const auto& all = h.all[Quantity::Carry];
    ASSERT_EQ(all.size(), 2u);
    EXPECT_EQ(all[1].values, std::vector<double>{44});
    EXPECT_EQ(all[0].values, (std::vector<double>{40, 42}));
}

/// More of the short swing on the second day: nobody has changed.
TEST_F(HistoryShotsTest, AnotherMixOfSwingsIsNoChange) {
    for (int i = 0; i < 6; ++i) {
        add({"2026-11-02 10:00", "54", i < 5 ? "rib-high" : "hip-high", "soft",
             i < 5 ? 40.0 : 20.0});
        add({"2026-11-09 10:00", "54", i < 1 ? "rib-high" : "hip-high", "soft",
             i < 1 ? 40.0 : 20.0});
    }
    const HistoryShots h = found();
    for (const DayValues& d : h.all[Quantity::Carry]) {
        for (const double v : d.values)
            EXPECT_NEAR(v, 30, 1e-6);
    }
}

/// One swing in the first weeks, another in the last ones: the change over all of them stays.
TEST_F(HistoryShotsTest, SwingsThatTakeTurnsHideNoChange) {
    for (int d = 1; d <= 9; ++d) {
        const std::string time = "2026-11-0" + std::to_string(d) + " 10:00";
        add({time, "54", "rib-high", "soft", 40.0 + d});
        add({time, "54", d <= 5 ? "hip-high" : "shoulder-high", "soft",
             (d <= 5 ? 20.0 : 60.0) + d});
    }
    // By itself, on days of its own: nothing ties it to the others.
    add({"2026-10-01 10:00", "60", "hip-high", "soft", 5});
    add({"2026-10-02 10:00", "60", "hip-high", "soft", 90});
    const auto all = found().all[Quantity::Carry];
    ASSERT_EQ(all.size(), 9u);
    for (std::size_t i = 1; i < all.size(); ++i)
        EXPECT_NEAR(all[i].values[0] - all[i - 1].values[0], 1.0, 1e-6);
}

TEST_F(HistoryShotsTest, WhatChangedWhen) {
    const auto declared = [](const std::string& name) {
        NamedRecipe r;
        r.name = name;
        return formatDeclared(r);
    };
    add({"2026-11-02 10:00", "54", "rib-high", "soft", 40}).record[Label::Recipe] =
        declared("Brush");
    add({"2026-11-02 10:01", "54", "rib-high", "firm", 40});
    add({"2026-11-02 10:02", "54", "rib-high", "soft", 40});
    add({"2026-11-05 10:00", "54", "rib-high", "", 40});
    add({"2026-11-09 10:00", "54", "rib-high", "firm", 40}).record[Label::Recipe] =
        declared("Chop");
    KitWedge regrooved;
    regrooved.name = "54";
    regrooved.since = "2026-11-07";
    records_.wedges["Runa Vale"] = {regrooved};
    KeptTuning tuned;
    tuned.made = "2026-11-08T09:00:00";
    records_.tunings["Runa Vale"] = {tuned, tuned};
    Note note;
    note.player = "Runa Vale";
    note.at = "2026-11-10T09:00:00";
    note.text = "less lean";
    records_.notes = {note};
    const auto changes = found().changes;
    std::vector<ChangeKind> kinds;
    for (const HistoryChange& c : changes)
        kinds.push_back(c.kind);
    EXPECT_EQ(kinds,
              (std::vector<ChangeKind>{ChangeKind::Club, ChangeKind::Tuning, ChangeKind::Ball,
                                       ChangeKind::Recipe, ChangeKind::Lesson}));
    EXPECT_EQ(changes[2].what, "firm");
    EXPECT_EQ(changes[3].what, "Chop");
}

}  // namespace
}  // namespace wedgeon::store
