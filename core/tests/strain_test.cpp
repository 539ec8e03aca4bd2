// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Hard strikes are counted until a pause.
#include "wedgeon/train/strain.h"

#include <gtest/gtest.h>

#include <vector>

namespace wedgeon {
namespace {

TEST(StrainTest, SteepOnHardNeedsBoth) {
    Conditions soft, mat, frozen;
    mat.lie.firmness = 1.3;
    frozen.ground.firmness = 1.2;
    EXPECT_FALSE(isSteepOnHard(radFromDeg(-9), soft));
    EXPECT_TRUE(isSteepOnHard(radFromDeg(-9), mat));
    EXPECT_TRUE(isSteepOnHard(radFromDeg(-9), frozen));
    EXPECT_FALSE(isSteepOnHard(radFromDeg(-3), mat));
}

TEST(StrainTest, APauseBeginsTheCountAnew) {
    std::vector<CountedStrike> all;
    for (int i = 0; i < 19; ++i)
        all.push_back({i * 30.0, true, false});
    EXPECT_FALSE(findStrain(all, {}).pauseDue);
    all.push_back({600, true, true});
    EXPECT_TRUE(findStrain(all, {}).pauseDue);
    EXPECT_TRUE(findStrain(all, {}, 1199).pauseDue);
    EXPECT_FALSE(findStrain(all, {}, 1200).pauseDue);
    // Hit on after nine minutes: no pause. After ten: the count begins anew.
    all.push_back({1140, true, false});
    EXPECT_EQ(findStrain(all, {}).steepOnHard, 21u);
    all.back().time_s = 1200;
    EXPECT_EQ(findStrain(all, {}).steepOnHard, 1u);
    // In whatever order they came in.
    std::swap(all.front(), all.back());
    EXPECT_EQ(findStrain(all, {}).steepOnHard, 1u);
    EXPECT_EQ(findStrain({}, {}, 5.0).steepOnHard, 0u);
}

TEST(StrainTest, ADayIsFullWhateverThePauses) {
    std::vector<CountedStrike> all;
    for (int i = 0; i < 60; ++i)
        all.push_back({i * 700.0, false, true});
    const StrainState s = findStrain(all, {});
    EXPECT_TRUE(s.dayFull);
    EXPECT_FALSE(s.pauseDue);
    all.pop_back();
    EXPECT_FALSE(findStrain(all, {}).dayFull);
}

}  // namespace
}  // namespace wedgeon
