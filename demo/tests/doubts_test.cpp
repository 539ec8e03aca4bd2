// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Doubts against shots whose truth is known: a note that says 70 % is right about that often.
#include <gtest/gtest.h>

#include <cmath>
#include <random>

#include "academy.h"
#include "wedgeon/store/quality.h"
#include "wedgeon/units.h"

namespace wedgeon::demo {
namespace {

using store::Label;
using store::Quantity;

struct Labelled {
    std::vector<store::LoggedShot> shots;
    std::vector<bool> bad;  ///< a mishit, or a reading that was spoilt
};

/// An academy's weeks, with one shot in twenty misread in one of the ways that devices have.
Labelled labelledShots(unsigned seed) {
    Labelled out;
    std::mt19937_64 random(seed);
    for (const auto& record : makeAcademy(seed).shots) {
        store::LoggedShot shot;
        shot.id = static_cast<std::int64_t>(out.shots.size()) + 1;
        shot.record = record;
        const std::string& tags = record[Label::Tags];
        bool bad = tags == "fat" || tags == "thin" || tags == "toe" || tags == "heel";
        if (random() % 20 == 0) {
            bad = true;
            switch (random() % 4) {
                case 0:
                    shot.record[Quantity::SpinRate] *= 2;
                    break;
                case 1:
                    shot.record[Quantity::SpinRate] *= 0.4;
                    break;
                case 2:
                    shot.record[Quantity::BallSpeed] *= 1.6;
                    break;
                default:
                    shot.record[Quantity::LaunchAngle] += radFromDeg(15);
            }
        }
        out.shots.push_back(shot);
        out.bad.push_back(bad);
    }
    return out;
}

TEST(Doubts, ConfidenceIsHowOftenTheyAreRight) {
    struct Bin {
        double said = 0.0;
        int right = 0, all = 0;
    };
    std::array<Bin, 3> bins;  // below 0.6, to 0.8, from there
    int bad = 0;
    int found = 0;
    int good = 0;
    int wronged = 0;
    for (unsigned seed = 1; seed <= 20; ++seed) {
        const Labelled labelled = labelledShots(seed);
        const auto doubts = store::findDoubts(labelled.shots, {});
        for (std::size_t i = 0; i < doubts.size(); ++i) {
            labelled.bad[i] ? ++bad : ++good;
            if (doubts[i].empty()) continue;
            labelled.bad[i] ? ++found : ++wronged;
            const double c = doubts[i].front().confidence;
            Bin& bin = bins[c < 0.6 ? 0 : c < 0.8 ? 1 : 2];
            bin.said += c;
            bin.right += labelled.bad[i] ? 1 : 0;
            ++bin.all;
        }
    }
    for (const Bin& bin : bins) {
        if (bin.all < 20) continue;
        const double said = bin.said / bin.all;
        const double right = static_cast<double>(bin.right) / bin.all;
        EXPECT_GT(right, said - 0.1) << "surer than it may be, of " << bin.all;
        EXPECT_LT(right, said + 0.25) << "far less sure than it may be, of " << bin.all;
    }
    // With two set-ups a week there are few of a kind to stand out from.
    EXPECT_GT(found, 0.30 * bad);
    EXPECT_LT(wronged, 0.01 * good) << "good shots that are doubted";
}

}  // namespace
}  // namespace wedgeon::demo
