// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// How often a planted misread is doubted, and how often a good shot is, over made-up players whose
// ball, face, air and device are not as the priors have them.
#include <gtest/gtest.h>

#include <algorithm>
#include <cmath>
#include <cstdio>
#include <functional>
#include <map>

#include "checked.h"
#include "made_up_player.h"
#include "wedgeon/store/quality.h"
#include "wedgeon/units.h"
#include "wedgeon/unknowns.h"

namespace wedgeon::store {
namespace {

using made_up::Player;

constexpr int players = test::times(60, 2), days = 3, shotsADay = 24;

std::vector<bool> doubted(const std::vector<LoggedShot>& shots, const Fallback& fallback) {
    std::vector<bool> out;
    ShotList list;
    for (const LoggedShot& s : shots)
        list.push_back(LoggedShot(s));
    for (const auto& notes : findDoubts(list, fallback))
        out.push_back(!notes.empty());
    return out;
}

struct Rates {
    double found = 0.0, false_ = 0.0;
};
/// Every twelfth shot is spoilt.
Rates ratesOf(const std::function<void(ShotRecord&)>& spoil, int perDay = shotsADay) {
    int bad = 0, found = 0, good = 0, wrong = 0;
    for (int p = 0; p < players; ++p) {
        Player player(static_cast<unsigned>(p) + 1);
        std::vector<LoggedShot> shots;
        for (int d = 0; d < days; ++d) {
            for (int i = 0; i < perDay; ++i)
                shots.push_back(player.hit(d, {}));
        }
        for (std::size_t i = 5; i < shots.size(); i += 12)
            spoil(shots[i].record);
        const auto notes = doubted(shots, player.fallback);
        for (std::size_t i = 0; i < notes.size(); ++i) {
            const bool isBad = i % 12 == 5;
            (isBad ? bad : good) += 1;
            if (notes[i]) (isBad ? found : wrong) += 1;
        }
    }
    return {static_cast<double>(found) / bad, static_cast<double>(wrong) / good};
}

/// Of good shots alone, the share that is doubted.
double falseAlarms(const std::function<Player::Way(int day, int shot)>& way, int ofDays = days) {
    int all = 0, wrong = 0;
    for (int p = 0; p < players; ++p) {
        Player player(static_cast<unsigned>(p) + 101);
        std::vector<LoggedShot> shots;
        for (int d = 0; d < ofDays; ++d) {
            for (int i = 0; i < shotsADay; ++i)
                shots.push_back(player.hit(d, way(d, i)));
        }
        for (const bool d : doubted(shots, player.fallback)) {
            ++all;
            wrong += d;
        }
    }
    return static_cast<double>(wrong) / all;
}

void expectRates(const char* what, const Rates& r, double found) {
    std::printf("%s: found %.3f, false %.4f\n", what, r.found, r.false_);
    if (test::checked) return;  // too few to tell
    EXPECT_GE(r.found, found) << what;
    EXPECT_LE(r.false_, 0.015) << what;
}

TEST(Doubts, FlightsAreHeldAgainstTheirLaunch) {
    expectRates("carry 1.3", ratesOf([](ShotRecord& r) { r[Quantity::Carry] *= 1.3; }), 0.96);
    expectRates("yards", ratesOf([](ShotRecord& r) { r[Quantity::Carry] /= 0.9144; }), 0.96);
    expectRates("landing halved", ratesOf([](ShotRecord& r) { r[Quantity::LandingAngle] *= 0.5; }),
                0.96);
    expectRates("apex doubled", ratesOf([](ShotRecord& r) { r[Quantity::Apex] *= 2; }), 0.96);
}

TEST(Doubts, BallAndClubAreHeldAgainstEachOther) {
    expectRates("launch +5",
                ratesOf([](ShotRecord& r) { r[Quantity::LaunchAngle] += radFromDeg(5); }), 0.95);
    expectRates("launch +5, 18 shots",
                ratesOf([](ShotRecord& r) { r[Quantity::LaunchAngle] += radFromDeg(5); }, 6), 0.95);
    expectRates("loft -8",
                ratesOf([](ShotRecord& r) { r[Quantity::DynamicLoft] -= radFromDeg(8); }), 0.95);
    expectRates(
        "attack turned",
        ratesOf([](ShotRecord& r) { r[Quantity::AttackAngle] = -r[Quantity::AttackAngle]; }), 0.7);
}

/// Unusual, but real: hardly a good shot is doubted.
TEST(Doubts, OtherWaysToHitAreNoMisreads) {
    const auto expectFew = [](const char* what, double share) {
        std::printf("%s: doubted %.4f\n", what, share);
        if (test::checked) return;
        EXPECT_LE(share, 0.015) << what;
    };
    expectFew("ordinary", falseAlarms([](int, int) { return Player::Way{}; }));
    expectFew("delofted chips", falseAlarms([](int, int i) {
                  Player::Way w;
                  if (i % 6 == 0) w = {12.0, -6.0, 36.0, FaceCondition::FreshDry, "rib-high"};
                  return w;
              }));
    expectFew("flops", falseAlarms([](int, int i) {
                  Player::Way w;
                  if (i % 6 == 0) w = {22.0, -2.0, 66.0, FaceCondition::FreshDry, "rib-high"};
                  return w;
              }));
    expectFew("a new way", falseAlarms([](int d, int) {
                  Player::Way w;
                  if (d == 2) w = {20.0, -7.0, 42.0, FaceCondition::FreshDry, "rib-high"};
                  return w;
              }));
}

/// Three days of five read by a device that is set otherwise: nobody knows which are right, and
/// what is set aside is out of it.
TEST(Doubts, BadDaysDoNotMakeGoodOnesDoubted) {
    int all = 0, wrong = 0, later = 0;
    for (int p = 0; p < players; ++p) {
        Player player(static_cast<unsigned>(p) + 301);
        std::vector<LoggedShot> shots;
        for (int d = 0; d < 5; ++d) {
            for (int i = 0; i < shotsADay; ++i) {
                shots.push_back(player.hit(d, {}));
                if (d < 3) shots.back().record[Quantity::DynamicLoft] += radFromDeg(8);
            }
        }
        const auto good = [&](std::size_t i) { return i >= 3u * shotsADay; };
        const auto first = doubted(shots, player.fallback);
        for (std::size_t i = 0; i < shots.size(); ++i) {
            all += good(i);
            wrong += good(i) && first[i];
            if (!good(i)) shots[i].setAside = "coach";
        }
        const auto then = doubted(shots, player.fallback);
        for (std::size_t i = 0; i < shots.size(); ++i)
            later += good(i) && then[i];
    }
    std::printf("bad days: doubted %.4f, set aside %.4f\n", static_cast<double>(wrong) / all,
                static_cast<double>(later) / all);
    if (test::checked) return;
    EXPECT_LE(wrong, 0.015 * all);
    EXPECT_LE(later, 0.015 * all);
}

/// One of five with a wet face is said as a day, not shot by shot.
TEST(Doubts, ADayThatIsOffIsSaidAsADay) {
    int asDay = 0, asShots = 0, others = 0;
    for (int p = 0; p < players; ++p) {
        Player player(static_cast<unsigned>(p) + 501);
        ShotList shots;
        for (int d = 0; d < 5; ++d) {
            for (int i = 0; i < shotsADay; ++i) {
                Player::Way w;
                if (d == 3) w.face = FaceCondition::WornWet;
                shots.push_back(player.hit(d, w));
            }
        }
        const auto notes = findDoubts(shots, player.fallback);
        for (std::size_t i = 0; i < notes.size(); ++i) {
            const bool wet = i / shotsADay == 3;
            bool day = false;
            for (const QualityNote& n : notes[i])
                day = day || n.reason.says == Says::DayOffItsStrikes;
            if (wet) {
                asDay += day;
                asShots += !day && !notes[i].empty();
            } else {
                others += !notes[i].empty();
            }
        }
    }
    const double each = players * shotsADay;
    std::printf("wet day: as a day %.3f, shot by shot %.4f, other days %.4f\n", asDay / each,
                asShots / each, others / (4 * each));
    if (test::checked) return;
    EXPECT_GE(asDay, 0.8 * each);
    EXPECT_LE(asShots, 0.02 * each);
    EXPECT_LE(others, 0.015 * 4 * each);
}

TEST(Doubts, ASpinThatFollowsFromTheRestIsComputed) {
    Player player(7);
    ShotList shots;
    for (int i = 0; i < 30; ++i) {
        LoggedShot s = player.hit(0, {});
        ShotRecord& r = s.record;
        r[Quantity::SpinRate] = 25.0 * r[Quantity::BallSpeed] * std::sin(r[Quantity::LaunchAngle]);
        shots.push_back(std::move(s));
    }
    const auto notes = findDoubts(shots, player.fallback);
    for (const auto& its : notes) {
        EXPECT_TRUE(std::any_of(its.begin(), its.end(), [](const QualityNote& n) {
            return n.reason.says == Says::SpinByFormula;
        }));
    }
}

TEST(Doubts, AReadingThatComesAgainLaterIsOneReading) {
    Player player(9);
    ShotList shots;
    std::vector<LoggedShot> all;
    for (int i = 0; i < 40; ++i)
        all.push_back(player.hit(0, {}));
    all[33].record = all[3].record;
    for (const LoggedShot& s : all)
        shots.push_back(LoggedShot(s));
    const auto notes = findDoubts(shots, player.fallback);
    EXPECT_EQ(notes[33].front().doubt, Doubt::Duplicate);
    EXPECT_TRUE(notes[3].empty());
}

/// A device that rounds to whole degrees repeats itself, and does not stand still.
TEST(Doubts, ACoarseColumnIsNotFrozen) {
    Player player(11);
    ShotList shots;
    for (int i = 0; i < 60; ++i) {
        LoggedShot s = player.hit(0, {});
        double& attack = s.record[Quantity::AttackAngle];
        attack = radFromDeg(2 * std::round(degFromRad(attack) / 2));
        shots.push_back(std::move(s));
    }
    int frozen = 0;
    for (const auto& its : findDoubts(shots, player.fallback)) {
        for (const QualityNote& n : its)
            frozen += n.doubt == Doubt::Frozen;
    }
    EXPECT_EQ(frozen, 0);
}

/// Ordinary lessons: of a hundred shots some four are mishits and five misread. Of each kind of
/// note as many are right as it says of itself.
TEST(Doubts, AreAsSureAsTheySay) {
    enum class Planted { Nothing, Thin, Fat, OffCentre, Misread, TurnedAttack, Carry, Twice };
    struct Said {
        int notes = 0, right = 0;
        double confidence = 0.0;
    };
    std::map<Doubt, Said> kinds;
    for (int p = 0; p < test::times(400, 3); ++p) {
        Player player(static_cast<unsigned>(p) + 701);
        const auto between = [&](double low, double high) {
            return low + (high - low) * player.uniform();
        };
        const auto eitherWay = [&](double low, double high) {
            return player.uniform() < 0.5 ? -between(low, high) : between(low, high);
        };
        std::vector<LoggedShot> shots;
        std::vector<Planted> planted;
        for (int i = 0; i < days * shotsADay; ++i) {
            Player::Way way;
            way.speed = i % 3 == 0 ? 14.0 : 20.0;
            way.swing = i % 3 == 0 ? "hip" : "rib-high";
            Player::Mishit mishit;
            const double luck = player.uniform();
            Planted is = Planted::Nothing;
            if (luck < 0.008) {
                is = Planted::Thin;  // low on the face: the club was read as it was
                mishit = {between(0.4, 0.8), 1.0, -radFromDeg(between(5, 12)), 0.0};
            } else if (luck < 0.016) {
                is = Planted::Thin;  // the club came in delofted
                way.loft_deg -= between(7, 13);
                mishit.frictionKept = between(0.4, 0.8);
            } else if (luck < 0.024) {
                is = Planted::Fat;  // slowed before it was read
                way.speed *= between(0.78, 0.9);
                mishit.frictionKept = between(0.5, 0.85);
            } else if (luck < 0.032) {
                is = Planted::Fat;
                mishit = {between(0.5, 0.85), between(0.72, 0.9), 0.0, 0.0};
            } else if (luck < 0.045) {
                is = Planted::OffCentre;
                mishit = {1.0, between(0.93, 0.99), 0.0, radFromDeg(eitherWay(10, 25))};
            }
            LoggedShot shot = player.hit(i / shotsADay, way, mishit);
            ShotRecord& r = shot.record;
            if (is == Planted::Nothing) {
                is = Planted::Misread;
                if (luck < 0.055)
                    r[Quantity::LaunchAngle] += radFromDeg(eitherWay(3, 9));
                else if (luck < 0.065)
                    r[Quantity::SpinRate] *= between(0.5, 1.7);
                else if (luck < 0.072)
                    r[Quantity::DynamicLoft] += radFromDeg(eitherWay(4, 10));
                else if (luck < 0.077)
                    r[Quantity::BallSpeed] *= between(0.8, 1.25);
                else if (luck < 0.084)
                    is = Planted::Carry, r[Quantity::Carry] *= between(0.75, 1.3);
                else if (luck < 0.089)
                    is = Planted::TurnedAttack,
                    r[Quantity::AttackAngle] = -r[Quantity::AttackAngle];
                else if (luck < 0.093 && i > 0)
                    is = Planted::Twice, r = shots.back().record;
                else if (luck < 0.098)
                    r[Quantity::SpinAxis] += radFromDeg(eitherWay(10, 30));
                else
                    is = Planted::Nothing;
            }
            shots.push_back(std::move(shot));
            planted.push_back(is);
        }
        ShotList list;
        for (const LoggedShot& s : shots)
            list.push_back(LoggedShot(s));
        const auto notes = findDoubts(list, player.fallback);
        for (std::size_t i = 0; i < notes.size(); ++i) {
            const Planted is = planted[i];
            for (const QualityNote& n : notes[i]) {
                const bool mishit =
                    is == Planted::Thin || is == Planted::Fat || is == Planted::OffCentre;
                const bool right = n.doubt == Doubt::Thin        ? is == Planted::Thin
                                   : n.doubt == Doubt::Fat       ? is == Planted::Fat
                                   : n.doubt == Doubt::OffCentre ? is == Planted::OffCentre
                                   : n.doubt == Doubt::Duplicate ? is == Planted::Twice
                                   : n.doubt == Doubt::Change    ? false
                                   : n.doubt == Doubt::Outlier
                                       ? is != Planted::Nothing && is != Planted::Twice
                                       : is != Planted::Nothing && !mishit;
                Said& said = kinds[n.doubt];
                ++said.notes;
                said.right += right;
                said.confidence += n.confidence;
            }
        }
    }
    for (const auto& [kind, said] : kinds) {
        const double right = static_cast<double>(said.right) / said.notes;
        const double stated = said.confidence / said.notes;
        std::printf("%s: %d notes, right %.2f, says %.2f\n", std::string(doubtKey(kind)).c_str(),
                    said.notes, right, stated);
        constexpr int enough = 40;
        if (said.notes >= enough && kind != Doubt::Change) {
            EXPECT_NEAR(right, stated, 0.1) << doubtKey(kind);
        }
    }
    EXPECT_TRUE(test::checked || kinds.size() >= 7) << kinds.size();
}

/// Two balls that the list knows by one name, and a face that is wet from one shot on.
TEST(Doubts, AHeapApartIsAQuestion) {
    int mixed = 0, mixedRight = 0, wet = 0, wetRight = 0, doubtedOnes = 0, others = 0, all = 0;
    for (int p = 0; p < players; ++p) {
        Player player(static_cast<unsigned>(p) + 1301);
        const bool two = p % 2 == 0;
        ShotList shots;
        std::vector<bool> apart;
        for (int i = 0; i < 3 * shotsADay; ++i) {
            const bool is = two ? player.uniform() < 0.3 : i % shotsADay >= 17;
            Player::Mishit mishit;
            if (is) mishit.frictionKept = two ? 0.62 : 0.5;
            shots.push_back(player.hit(i / shotsADay, {}, mishit));
            apart.push_back(is);
        }
        const auto notes = findDoubts(shots, player.fallback);
        for (std::size_t i = 0; i < notes.size(); ++i) {
            const auto has = [&](Says says) {
                return std::any_of(notes[i].begin(), notes[i].end(),
                                   [&](const QualityNote& n) { return n.reason.says == says; });
            };
            ++all;
            for (const QualityNote& n : notes[i]) {
                if (n.doubt != Doubt::Change) {
                    ++doubtedOnes;
                    break;
                }
            }
            if (apart[i]) {
                ++(two ? mixed : wet);
                (two ? mixedRight : wetRight) +=
                    has(two ? Says::HeapAmongOthers : Says::HeapInARow);
            } else {
                others += !notes[i].empty();
            }
        }
    }
    std::printf("two balls: asked %.3f; wet from there on: %.3f; doubted %.4f, others asked %.4f\n",
                static_cast<double>(mixedRight) / mixed, static_cast<double>(wetRight) / wet,
                static_cast<double>(doubtedOnes) / all, static_cast<double>(others) / all);
    if (test::checked) return;
    // Strikes that grip hardly feel the ball's friction.
    EXPECT_GE(mixedRight, 0.7 * mixed);
    EXPECT_GE(wetRight, 0.8 * wet);
    EXPECT_LE(doubtedOnes, 0.015 * all);
    EXPECT_LE(others, 0.015 * all);
}

}  // namespace
}  // namespace wedgeon::store
