// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Ladders of made-up players whose true carries are known.
#include "wedgeon/ladder/ladder.h"

#include <gtest/gtest.h>

#include <boost/random/mersenne_twister.hpp>
#include <boost/random/normal_distribution.hpp>
#include <boost/random/uniform_01.hpp>
#include <cmath>

#include "checked.h"
#include "wedgeon/error.h"
#include "wedgeon/units.h"

namespace wedgeon {
namespace {

using test::checked;

std::vector<BagClub> threeWedges() {
    std::vector<BagClub> out;
    for (const double loft : {50.0, 54.0, 58.0})
        out.push_back({std::to_string(static_cast<int>(loft)),
                       {radFromDeg(loft), radFromDeg(64), radFromDeg(10)},
                       false});
    return out;
}

/// By how much a made-up player differs from what the model makes of his speeds: standard
/// deviations of the logarithm of the carry.
struct Habits {
    double together = 0.06, swing = 0.0, club = 0.0, rung = 0.0;
};

/// A player whose carry is known for every club and swing, and shots of his.
class MadeUp {
public:
    MadeUp(unsigned seed, const Habits& habits) : engine_(seed) {
        request_.clubs = threeWedges();
        request_.swings = SwingSet::ordinary();
        request_.swings.swings.erase(request_.swings.swings.begin());
        request_.met = {Conditions{}};
        const double pace = 1 + normal(0.1);
        const std::size_t n = request_.swings.swings.size();
        std::vector<double> ofSwing;
        for (std::size_t j = 0; j < n; ++j) {
            speeds_.push_back(request_.swings.priorSpeed_mps(j) * pace * std::exp(normal(0.05)));
            ofSwing.push_back(normal(habits.swing));
        }
        const double together = normal(habits.together);
        for (const BagClub& club : request_.clubs) {
            const double ofClub = normal(habits.club);
            Conditions c;
            c.wedge = club.wedge;
            const Predictor predictor(PlayerModel{}, c);
            auto& carries = carries_.emplace_back();
            for (std::size_t j = 0; j < n; ++j) {
                Recipe r;
                r.clubSpeed_mps = speeds_[j];
                double carry = predictor.shot(r).flight.carry_m *
                               std::exp(together + ofClub + ofSwing[j] + normal(habits.rung));
                if (j > 0) carry = std::max(carry, 1.01 * carries.back());
                carries.push_back(carry);
            }
        }
    }
    double carry(std::size_t club, std::size_t swing) const { return carries_[club][swing]; }
    double speed(std::size_t swing) const { return speeds_[swing]; }
    /// Shots with one of these; one in 25 is a fat one.
    void hit(std::size_t club, std::size_t swing, std::size_t times, double scatter,
             bool withSpeed = true) {
        for (std::size_t i = 0; i < times; ++i) {
            LadderShot s;
            s.club = club;
            s.swing = swing;
            s.carry_m = carry(club, swing) *
                        std::exp(normal(scatter) - (uniform_(engine_) < 0.04 ? 0.3 : 0.0));
            if (withSpeed) s.clubSpeed_mps = speeds_[swing] * std::exp(normal(0.025));
            s.day = "2026-10-0" + std::to_string(1 + i % 3);
            request_.shots.push_back(s);
        }
    }
    double normal(double sd) { return sd * normal_(engine_); }
    double uniform() { return uniform_(engine_); }
    std::size_t below(std::size_t n) {
        return static_cast<std::size_t>(uniform_(engine_) * static_cast<double>(n)) % n;
    }
    LadderRequest& request() { return request_; }
    const LadderRequest& request() const { return request_; }

private:
    boost::random::mt19937_64 engine_;
    boost::random::normal_distribution<double> normal_;
    boost::random::uniform_01<double> uniform_;
    LadderRequest request_;
    std::vector<double> speeds_;
    std::vector<std::vector<double>> carries_;
};

void expectMonotone(const Ladder& ladder) {
    for (const LadderLine& line : ladder.lines) {
        for (std::size_t i = 1; i < line.rungs.size(); ++i) {
            ASSERT_GE(line.rungs[i].carry_m, line.rungs[i - 1].carry_m);
            ASSERT_GE(line.rungs[i].clubSpeed_mps, line.rungs[i - 1].clubSpeed_mps);
        }
        for (const LadderRung& r : line.rungs) {
            ASSERT_LE(r.low80_m, r.carry_m);
            ASSERT_GE(r.high80_m, r.carry_m);
            ASSERT_LE(r.shotsLow80_m, r.low80_m + 1e-9);
        }
    }
}

struct Held {
    double logged = 0.0, loggedOrOneMetre = 0.0, missing = 0.0;
};

/// How often the truth is inside the 80 % intervals; one rung of each player is missing.
Held heldBy(const Habits& most, int players) {
    std::size_t logged = 0, inside = 0, near = 0, missing = 0, insideMissing = 0;
    for (int k = 0; k < players; ++k) {
        MadeUp draw(static_cast<unsigned>(900 + k), {});
        Habits h = most;
        h.swing *= draw.uniform();
        h.club *= draw.uniform();
        h.rung *= draw.uniform();
        MadeUp player(static_cast<unsigned>(20'000 + k), h);
        const std::size_t noClub = player.below(3);
        const std::size_t noSwing = player.below(player.request().swings.swings.size());
        const double scatter = 0.04 + 0.05 * player.uniform();
        for (std::size_t c = 0; c < 3; ++c) {
            for (std::size_t j = 0; j < player.request().swings.swings.size(); ++j) {
                if (c != noClub || j != noSwing) player.hit(c, j, 3 + player.below(15), scatter);
            }
        }
        const Ladder ladder = makeLadder(player.request());
        expectMonotone(ladder);
        for (const LadderLine& line : ladder.lines) {
            for (const LadderRung& r : line.rungs) {
                const double truth = player.carry(line.club, r.swing);
                const bool in = truth >= r.low80_m && truth <= r.high80_m;
                EXPECT_EQ(r.predicted, line.club == noClub && r.swing == noSwing);
                (r.predicted ? missing : logged) += 1;
                (r.predicted ? insideMissing : inside) += in ? 1 : 0;
                if (!r.predicted) near += in || std::abs(truth - r.carry_m) < 1.0 ? 1 : 0;
            }
        }
    }
    const auto share = [](std::size_t a, std::size_t b) {
        return static_cast<double>(a) / static_cast<double>(b);
    };
    return {share(inside, logged), share(near, logged), share(insideMissing, missing)};
}

TEST(Ladder, RungsAndPredictionsHoldTheTruthAsOftenAsTheySay) {
    const Held held = heldBy({0.06, 0.12, 0.06, 0.04}, checked ? 40 : 400);
    std::printf("logged %.3f (or 1 m: %.3f), missing %.3f\n", held.logged, held.loggedOrOneMetre,
                held.missing);
    EXPECT_GE(held.loggedOrOneMetre, 0.80);
    if (checked) return;  // too few to tell
    EXPECT_GE(held.logged, 0.75);
    EXPECT_LE(held.logged, 0.85);
    EXPECT_GE(held.missing, 0.75);
    EXPECT_LE(held.missing, 0.85);
}

TEST(Ladder, OfAPlayerWhomTheModelKnowsExactlyItIsOnlyTooCareful) {
    const Held held = heldBy({0.06, 0.0, 0.0, 0.0}, checked ? 20 : 200);
    EXPECT_GE(held.loggedOrOneMetre, 0.85);
    EXPECT_GE(held.missing, 0.80);
}

TEST(Ladder, NeverFallsWhateverTheShotsSay) {
    for (unsigned seed = 0; seed < 40; ++seed) {
        MadeUp player(seed, {});
        for (std::size_t i = 0; i < 30; ++i) {
            LadderShot s;
            s.club = player.below(3);
            s.swing = player.below(4);
            s.carry_m = 2 + 90 * player.uniform();  // nothing to do with the swing
            player.request().shots.push_back(s);
        }
        expectMonotone(makeLadder(player.request()));
    }
}

TEST(Ladder, WhatWasHitHoldsWhatWasNot) {
    // A short swing that goes far, and a longer one that nobody hit.
    LadderRequest q = MadeUp(1, {}).request();
    for (int i = 0; i < 3; ++i)
        q.shots.push_back({0, 0, 0, {}, 40.0 + i, std::numeric_limits<double>::quiet_NaN(), {}});
    // A topped ball says nothing of a swing.
    q.shots.push_back({0, 1, 0, {}, 0.2, 1.0, {}});
    const Ladder ladder = makeLadder(q);
    expectMonotone(ladder);
    EXPECT_NEAR(ladder.lines[0].rungs[0].carry_m, 41.0, 4.0);
    EXPECT_TRUE(ladder.lines[0].rungs[1].predicted);
    EXPECT_GE(ladder.lines[0].rungs[1].carry_m, ladder.lines[0].rungs[0].carry_m);
}

TEST(Ladder, WithoutAnyShotItIsTheBuildsGuess) {
    LadderRequest q = MadeUp(1, {}).request();
    q.shots.clear();
    const Ladder guess = makeLadder(q);
    EXPECT_TRUE(guess.isGuess());
    for (const LadderRung& r : guess.lines[0].rungs) {
        EXPECT_TRUE(r.predicted);
        EXPECT_GT(r.high80_m / r.low80_m, 1.4) << "so little is known of a stranger";
    }
    q.swings.build = {1.60, Sex::Female, Level::ClubPlayer};
    EXPECT_LT(makeLadder(q).lines[0].rungs.back().carry_m, guess.lines[0].rungs.back().carry_m);
}

TEST(Ladder, WithoutSpeedsTheCarryTellsThem) {
    MadeUp player(5, {0.0, 0.0, 0.0, 0.0});
    for (std::size_t j = 0; j < 4; ++j)
        player.hit(1, j, 40, 0.03, false);
    const Ladder ladder = makeLadder(player.request());
    for (const LadderRung& r : ladder.lines[1].rungs)
        EXPECT_NEAR(r.clubSpeed_mps / player.speed(r.swing), 1.0, 0.02);
}

TEST(Ladder, WhatTheShotsMetIsTakenOff) {
    MadeUp player(7, {0.0, 0.0, 0.0, 0.0});
    // All of it against 6 m/s, from short grass.
    Conditions windy;
    windy.air.windAhead_mps = -6;
    player.request().met = {windy};
    for (std::size_t c = 0; c < 3; ++c) {
        for (std::size_t j = 0; j < 4; ++j) {
            Conditions there = windy;
            there.wedge = player.request().clubs[c].wedge;
            Recipe r;
            r.clubSpeed_mps = player.speed(j);
            const double carry = Predictor(PlayerModel{}, there).shot(r).flight.carry_m;
            for (int i = 0; i < 12; ++i) {
                LadderShot s{c,
                             j,
                             0,
                             {},
                             carry * std::exp(player.normal(0.03)),
                             player.speed(j) * std::exp(player.normal(0.02)),
                             "2026-10-01"};
                player.request().shots.push_back(s);
            }
        }
    }
    const Ladder ladder = makeLadder(player.request());
    const auto calm = playLadder(ladder, Conditions{});
    const auto wind = playLadder(ladder, windy);
    for (std::size_t l = 0; l < 3; ++l) {
        for (const LadderRung& r : ladder.lines[l].rungs)
            EXPECT_NEAR(r.carry_m / player.carry(l, r.swing), 1.0, 0.035);
        EXPECT_NEAR(calm[l][3].carry_m, ladder.lines[l].rungs[3].carry_m, 1e-9);
        EXPECT_LT(wind[l][3].carry_m, 0.97 * calm[l][3].carry_m);
    }
}

/// What somebody who knows the player would find by trying every speed.
double bruteSpeed(const MadeUp& player, std::size_t club, double carry_m) {
    Conditions c;
    c.wedge = player.request().clubs[club].wedge;
    const Predictor predictor(PlayerModel{}, c);
    double best = 0.0, off = 1e9;
    for (double v = 2.0; v < 45.0; v += 0.01) {
        Recipe r;
        r.clubSpeed_mps = v;
        const double d = std::abs(predictor.shot(r).flight.carry_m - carry_m);
        if (d < off) {
            off = d;
            best = v;
        }
    }
    return best;
}

TEST(Ladder, ADistanceGivesTheSwingThatTryingThemAllGives) {
    MadeUp player(11, {0.0, 0.0, 0.0, 0.0});
    for (std::size_t c = 0; c < 3; ++c) {
        for (std::size_t j = 0; j < 4; ++j)
            player.hit(c, j, 60, 0.03);
    }
    const Ladder ladder = makeLadder(player.request());
    const auto played = playLadder(ladder, Conditions{});
    for (const double distance : {25.0, 40.0, 52.0, 66.0}) {
        const auto reaches =
            reachDistance(ladder, played, Conditions{}, distance, LadderMeasure::Carry);
        ASSERT_EQ(reaches.size(), 3u);
        for (std::size_t c = 0; c < 3; ++c) {
            const double speed = bruteSpeed(player, c, distance);
            const bool can = speed <= 1.01 * player.speed(3);
            // At the very end of what he swings either may be right.
            if (std::abs(speed / (1.02 * player.speed(3)) - 1.0) > 0.03) {
                EXPECT_EQ(reaches[c].reaches, can) << distance << " with " << c;
            }
            if (!reaches[c].reaches) continue;
            EXPECT_NEAR(reaches[c].recipe.clubSpeed_mps / speed, 1.0, 0.03);
            std::vector<Rung> known;
            for (std::size_t j = 0; j < 4; ++j)
                known.push_back({ladder.swings.swings[j].name, player.speed(j), 0.0, 1});
            const SwingSize size = SwingLadder(known).sizeOf(speed);
            const SwingSize& found = reaches[c].swing;
            if (size.share > 0.15 && size.share < 0.85) {
                EXPECT_EQ(found.from, size.from);
                EXPECT_EQ(found.to, size.to);
                EXPECT_NEAR(found.share, size.share, 0.15);
            }
            EXPECT_GT(reaches[c].within3m, 0.02);
            EXPECT_LT(reaches[c].within3m, 1.0);
        }
        const auto best = bestReach(reaches);
        ASSERT_TRUE(best);
        for (const LadderReach& r : reaches)
            EXPECT_LE(r.reaches ? r.within3m : 0.0, reaches[*best].within3m);
    }
    EXPECT_FALSE(
        bestReach(reachDistance(ladder, played, Conditions{}, 300.0, LadderMeasure::Total)));
    EXPECT_FALSE(bestReach(reachDistance(ladder, played, Conditions{}, 0.5, LadderMeasure::Total)));
}

TEST(Ladder, MoreScatterMeansWorseOdds) {
    std::vector<double> odds;
    for (const double scatter : {0.02, 0.05, 0.10}) {
        MadeUp player(13, {0.0, 0.0, 0.0, 0.0});
        for (std::size_t j = 0; j < 4; ++j)
            player.hit(1, j, 80, scatter);
        const Ladder ladder = makeLadder(player.request());
        odds.push_back(reachDistance(ladder, playLadder(ladder, Conditions{}), Conditions{}, 50.0,
                                     LadderMeasure::Total)[1]
                           .within3m);
    }
    EXPECT_GT(odds[0], odds[1] + 0.03);
    EXPECT_GT(odds[1], odds[2] + 0.03);
}

TEST(Ladder, ALeftHandersIsTheSame) {
    MadeUp player(17, {0.0, 0.0, 0.0, 0.0});
    for (std::size_t j = 0; j < 4; ++j)
        player.hit(0, j, 10, 0.05);
    LadderRequest q = player.request();
    q.player.hand = Hand::Left;
    const Ladder right = makeLadder(player.request());
    const Ladder left = makeLadder(q);
    for (std::size_t i = 0; i < 4; ++i)
        EXPECT_NEAR(left.lines[0].rungs[i].carry_m, right.lines[0].rungs[i].carry_m, 1e-9);
}

TEST(Ladder, GapsAndOverlapsAreNamed) {
    MadeUp player(19, {0.0, 0.0, 0.0, 0.0});
    // One club with its shortest and its longest swing; another with the same longest.
    player.hit(0, 0, 20, 0.03);
    player.hit(0, 3, 20, 0.03);
    player.hit(1, 3, 20, 0.03);
    Ladder ladder = makeLadder(player.request());
    const auto gaps = findGaps(ladder);
    ASSERT_EQ(gaps.size(), 1u);
    EXPECT_EQ(gaps[0].below, (std::array<std::size_t, 2>{0, 0}));
    EXPECT_GT(gaps[0].guesses, 0u);
    EXPECT_GT(gaps[0].to_m, gaps[0].from_m + 10);
    ladder.lines[1].rungs[3].carry_m = ladder.lines[0].rungs[3].carry_m - 5.0;
    EXPECT_TRUE(findOverlaps(ladder).empty());
    ladder.lines[1].rungs[3].carry_m = ladder.lines[0].rungs[3].carry_m - 0.5;
    const auto overlaps = findOverlaps(ladder);
    ASSERT_EQ(overlaps.size(), 1u);
    EXPECT_NEAR(overlaps[0].differ_m, 0.5, 1e-9);
}

TEST(Ladder, WaysAreLinesOfTheirOwn) {
    MadeUp player(23, {0.0, 0.0, 0.0, 0.0});
    player.hit(1, 2, 10, 0.03);
    Recipe opened;
    opened.open_rad = radFromDeg(20);
    for (int i = 0; i < 8; ++i) {
        LadderShot s{1, 2, 0, opened, 0.8 * player.carry(1, 2), player.speed(2), {}};
        player.request().shots.push_back(s);
    }
    const Ladder ladder = makeLadder(player.request());
    ASSERT_EQ(ladder.lines.size(), 4u);
    const LadderLine& line = ladder.lines[2];
    EXPECT_EQ(line.club, 1u);
    EXPECT_EQ(line.way, Way::Opened);
    EXPECT_EQ(line.recipe.open_rad, opened.open_rad);
    EXPECT_EQ(line.rungs[2].shots, 8u);
    EXPECT_LT(line.rungs[2].carry_m, 0.95 * ladder.lines[1].rungs[2].carry_m);

    Recipe r;
    EXPECT_EQ(wayOf(r), Way::Plain);
    r.gripDown_m = 0.04;
    EXPECT_EQ(wayOf(r), Way::GrippedDown);
    r = {};
    r.lean_rad = radFromDeg(12);
    EXPECT_EQ(wayOf(r), Way::Low);
    r = {};
    r.ballForward_m = constants::ballWidth_m;
    EXPECT_EQ(wayOf(r), Way::High);
}

TEST(Ladder, AGrippedDownRungHasTheSpeedOfAFullGrip) {
    MadeUp player(29, {0.0, 0.0, 0.0, 0.0});
    player.hit(1, 2, 20, 0.03);
    Recipe down;
    down.gripDown_m = 0.08;
    const double slower = 1.0 - 0.08 / 1.6;
    for (int i = 0; i < 20; ++i)
        player.request().shots.push_back(
            {1, 2, 0, down, 0.93 * player.carry(1, 2), slower * player.speed(2), {}});
    const Ladder ladder = makeLadder(player.request());
    ASSERT_EQ(ladder.lines[2].way, Way::GrippedDown);
    EXPECT_NEAR(ladder.lines[2].rungs[2].clubSpeed_mps / player.speed(2), 1.0, 0.015)
        << "playing it takes the grip off once more";
}

TEST(Ladder, ARequestThatMeansNothingIsRefusedByName) {
    const auto refused = [](const std::function<void(LadderRequest&)>& spoil) {
        LadderRequest q = MadeUp(1, {}).request();
        spoil(q);
        try {
            makeLadder(q);
        } catch (const RangeError& e) {
            return e.field();
        }
        return std::string();
    };
    EXPECT_EQ(refused([](LadderRequest& q) { q.clubs.clear(); }), "clubs");
    EXPECT_EQ(refused([](LadderRequest& q) { q.swings.swings.clear(); }), "swings");
    EXPECT_EQ(refused([](LadderRequest& q) { q.swings.swings[1].length = 0.2; }), "length");
    EXPECT_EQ(refused([](LadderRequest& q) { q.swings.build.height_m = 4.0; }), "height_m");
    EXPECT_EQ(refused([](LadderRequest& q) {
                  q.shots.push_back({9, 0, 0, {}, 10, 10, {}});
              }),
              "club");
    EXPECT_EQ(refused([](LadderRequest& q) {
                  q.shots.push_back({0, 0, 3, {}, 10, 10, {}});
              }),
              "met");
    EXPECT_EQ(refused([](LadderRequest&) {}), "");
}

TEST(MakeMonotone, IsTheNearestThatNeverFalls) {
    boost::random::mt19937_64 engine(3);
    boost::random::normal_distribution<double> normal;
    for (int k = 0; k < 200; ++k) {
        std::vector<double> v(1 + static_cast<std::size_t>(k % 7));
        for (double& x : v)
            x = normal(engine);
        std::vector<double> m = v;
        makeMonotone(m);
        const auto distance = [&](const std::vector<double>& w) {
            double sum = 0.0;
            for (std::size_t i = 0; i < v.size(); ++i)
                sum += (v[i] - w[i]) * (v[i] - w[i]);
            return sum;
        };
        for (std::size_t i = 1; i < m.size(); ++i)
            ASSERT_GE(m[i], m[i - 1]);
        // No other that never falls is nearer.
        for (int t = 0; t < 50; ++t) {
            std::vector<double> w = m;
            for (double& x : w)
                x += 0.2 * normal(engine);
            std::sort(w.begin(), w.end());
            ASSERT_GE(distance(w), distance(m) - 1e-12);
        }
    }
}

TEST(SwingLadder, ASpeedSaidInSwingsIsThatSpeed) {
    const SwingLadder ladder(PlayerModel{}, "");
    EXPECT_TRUE(ladder.isGuess());
    ASSERT_EQ(ladder.rungs().size(), 5u);
    for (double v = 3.5; v < 32.0; v += 0.37) {
        const SwingSize size = ladder.sizeOf(v);
        const auto back = ladder.speedOf(size);
        ASSERT_TRUE(back) << v;
        EXPECT_NEAR(*back, v, 0.021 * v);
        EXPECT_TRUE(!size.from.empty() || !size.to.empty());
    }
    EXPECT_EQ(ladder.sizeOf(19.0).from, "rib-high");
    EXPECT_EQ(ladder.sizeOf(19.0).to, "rib-high");
    EXPECT_FALSE(ladder.speedOf({"nose-high", "full", 0.5}));
}

TEST(SwingLadder, BesidesASwingStandsTheNextLongerOrAtTheTopTheNextShorter) {
    const SwingLadder ladder(
        std::vector<Rung>{{"low", 10, 0, 0}, {"middle", 15, 0, 0}, {"high", 20, 0, 0}});
    EXPECT_EQ(ladder.besides(5)->swing, "low");
    EXPECT_EQ(ladder.besides(10)->swing, "middle");
    EXPECT_EQ(ladder.besides(14.9)->swing, "high") << "that is the middle one already";
    EXPECT_EQ(ladder.besides(17)->swing, "high");
    EXPECT_EQ(ladder.besides(20)->swing, "middle");
    EXPECT_EQ(ladder.besides(30)->swing, "high");
    EXPECT_EQ(SwingLadder(std::vector<Rung>{{"only", 10, 0, 0}}).besides(10), nullptr);
    EXPECT_EQ(SwingLadder().besides(10), nullptr);
}

TEST(SwingLadder, OwnSwingsWithWhatIsTunedOfThem) {
    PlayerModel player;
    SwingSet own{SwingKind::Clock, {}, {{"eight", 8, {}}, {"nine", 9, {}}, {"ten", 10, 25.0}}};
    player.swings = std::make_shared<SwingSet>(own);
    Tuning tuning;
    tuning.delivery.speeds = {{"54", "nine", 16.0, 0.4, 20}, {"50", "nine", 17.0, 0.4, 20}};
    player.tuning = std::make_shared<Tuning>(tuning);
    const SwingLadder ladder(player, "54");
    ASSERT_EQ(ladder.rungs().size(), 3u);
    EXPECT_EQ(ladder.rungs()[1].swing, "nine");
    EXPECT_NEAR(ladder.rungs()[1].speed_mps, 16.0, 1e-9);
    EXPECT_NEAR(SwingLadder(player, "").rungs()[1].speed_mps, 16.5, 1e-9);
    // He swings slower than an ordinary player, the eighth hour as well; the coach's own number
    // stands.
    EXPECT_NEAR(ladder.rungs()[0].speed_mps, own.priorSpeed_mps(0) * 16.0 / own.priorSpeed_mps(1),
                1e-9);
    EXPECT_NEAR(ladder.rungs()[2].speed_mps, 25.0, 1e-9);
    EXPECT_FALSE(ladder.isGuess());
}

}  // namespace
}  // namespace wedgeon
