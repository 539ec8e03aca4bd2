// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// From shots to causes: planted faults, and what must not be said.
#include "wedgeon/cause/cause.h"

#include <gtest/gtest.h>

#include <array>
#include <cstdio>
#include <numeric>

#include "checked.h"
#include "planted_fault.h"
#include "wedgeon/normal.h"
#include "wedgeon/parallel.h"

namespace wedgeon {
namespace {

using test::Eyes;
using test::Planter;

constexpr std::size_t none = 99;

std::size_t rankOf(const CauseAnswer& answer, Fault fault) {
    for (std::size_t i = 0; i < answer.beliefs.size(); ++i) {
        if (answer.beliefs[i].fault == fault) return i;
    }
    return none;
}

/// Of many made-up players with faults as often as the prior has them.
struct Tally {
    int faults = 0, first = 0, firstThree = 0, sound = 0, saidSound = 0;
    /// By tenths of what was said: how many, the sum of it, how many held.
    struct Bin {
        double said = 0.0;
        int count = 0, held = 0;
    };
    std::array<Bin, 10> bins{};
};

Tally tallyOf(Eyes eyes, int players) {
    std::vector<CauseAnswer> answers(static_cast<std::size_t>(players));
    std::vector<Fault> faults(answers.size());
    runParts(answers.size(), 0, [&](std::size_t i) {
        Planter planter(static_cast<unsigned>(7000 + i));
        do
            faults[i] = planter.drawFault(Level::ClubPlayer);
        while (eyes == Eyes::Coach && faults[i] == Fault::Device);  // nothing is read
        answers[i] = findCauses(planter.plant(faults[i], {.eyes = eyes}));
    });
    Tally t;
    for (std::size_t i = 0; i < answers.size(); ++i) {
        const std::size_t rank = rankOf(answers[i], faults[i]);
        if (faults[i] == Fault::None) {
            ++t.sound;
            t.saidSound += rank == 0 ? 1 : 0;
        } else if (faults[i] != Fault::Other) {
            ++t.faults;
            t.first += rank == 0 ? 1 : 0;
            t.firstThree += rank < 3 ? 1 : 0;
        }
        for (const FaultBelief& b : answers[i].beliefs) {
            Tally::Bin& bin =
                t.bins[std::min<std::size_t>(9, static_cast<std::size_t>(10 * b.likely))];
            bin.said += b.likely;
            ++bin.count;
            bin.held += b.fault == faults[i] ? 1 : 0;
        }
    }
    std::printf("%d faults: first %.3f, first three %.3f; %d sound: said %.3f\n", t.faults,
                t.first / double(t.faults), t.firstThree / double(t.faults), t.sound,
                t.saidSound / double(t.sound));
    for (const Tally::Bin& b : t.bins)
        std::printf("said %.3f held %.3f of %d\n", b.said / b.count, b.held / double(b.count),
                    b.count);
    return t;
}

void expectCalibrated(const Tally& t) {
    for (const Tally::Bin& b : t.bins) {
        if (b.count < 30) continue;  // too few to tell
        const double said = b.said / b.count;
        const double chance = 3.0 * std::sqrt(said * (1.0 - said) / b.count);
        EXPECT_NEAR(b.held / double(b.count), said, 0.06 + chance) << said;
    }
}

TEST(Causes, APlantedFaultIsFoundByAMonitor) {
    const int players = test::repetitions(test::times(160, 6));
    const Tally t = tallyOf(Eyes::Monitor, players);
    if (test::checked) return;  // too few to tell
    EXPECT_GT(t.first, 0.66 * t.faults);
    EXPECT_GT(t.firstThree, 0.90 * t.faults);
    EXPECT_GT(t.saidSound, 0.80 * t.sound);
    expectCalibrated(t);
}

TEST(Causes, APlantedFaultIsAmongTheFirstByEyeAlone) {
    const int players = test::repetitions(test::times(160, 6));
    const Tally t = tallyOf(Eyes::Coach, players);
    if (test::checked) return;
    EXPECT_GT(t.firstThree, 0.66 * t.faults);
    expectCalibrated(t);
}

TEST(Causes, BeliefsAddUpAndComeLikeliestFirst) {
    Planter planter(3);
    const CauseAnswer a = findCauses(planter.plant(Fault::HandsPassed, {}));
    double before = 0.0, likely = 0.0;
    for (std::size_t i = 0; i < a.beliefs.size(); ++i) {
        before += a.beliefs[i].before;
        likely += a.beliefs[i].likely;
        if (i > 0) {
            EXPECT_LE(a.beliefs[i].likely, a.beliefs[i - 1].likely);
        }
        for (const Speaks& s : a.beliefs[i].speaks)
            EXPECT_LT(s.sign, a.signs.size());
    }
    EXPECT_NEAR(before, 1.0, 1e-12);
    EXPECT_NEAR(likely, 1.0, 1e-12);
    EXPECT_EQ(a.shots, 10u);
    EXPECT_EQ(a.usual, 24u);
}

TEST(Causes, ThreadsDoNotChangeTheAnswer) {
    Planter planter(4);
    CauseRequest q = planter.plant(Fault::BallForward, {});
    const CauseAnswer one = findCauses(q);
    q.threads = 2;
    const CauseAnswer two = findCauses(q);
    ASSERT_EQ(one.beliefs.size(), two.beliefs.size());
    for (std::size_t i = 0; i < one.beliefs.size(); ++i)
        EXPECT_EQ(one.beliefs[i].likely, two.beliefs[i].likely);
}

TEST(Causes, OneShotTellsLittle) {
    // Whatever it is: never sure, and with the prior's order in it.
    for (unsigned seed = 1; seed < 12; ++seed) {
        Planter planter(seed);
        CauseRequest q = planter.plant(Fault::HandsPassed, {.shots = 1, .usual = 0});
        const CauseAnswer a = findCauses(q);
        EXPECT_LT(a.beliefs.front().likely, 0.95) << seed << faultKey(a.beliefs.front().fault);
    }
}

TEST(Causes, NothingSeenIsThePrior) {
    Planter planter(5);
    CauseRequest q = planter.plant(Fault::None, {});
    q.shots.clear();
    q.usual.clear();
    const CauseAnswer a = findCauses(q);
    for (const FaultBelief& b : a.beliefs)
        EXPECT_NEAR(b.likely, b.before, 1e-9) << faultKey(b.fault);
    EXPECT_TRUE(a.signs.empty());
}

TEST(Causes, AComplaintAloneMovesWhatMakesIt) {
    CauseRequest q;
    q.kinds.emplace_back();
    q.kinds[0].conditions.wedge = {radFromDeg(54), radFromDeg(64), radFromDeg(10)};
    q.complaints = {Complaint::TooHigh};
    const CauseAnswer high = findCauses(q);
    const auto moved = [](const CauseAnswer& a, Fault f) {
        return a.find(f)->likely / a.find(f)->before;
    };
    EXPECT_GT(moved(high, Fault::HandsPassed), 1.2);
    EXPECT_LT(moved(high, Fault::BallBack), 0.8);
    // Nothing is so sure that only a complaint was heard.
    EXPECT_LT(high.beliefs.front().likely, 0.7);
    q.complaints = {Complaint::Fat};
    const CauseAnswer fat = findCauses(q);
    EXPECT_GT(moved(fat, Fault::LowPointBehind), 1.2);
    EXPECT_LT(moved(fat, Fault::WornFace), moved(fat, Fault::LowPointBehind));
}

TEST(Causes, WhatGrassDoesIsNoFault) {
    // Off lush rough without a clean strike of the face the ball runs on; the set-up is his usual.
    CauseRequest q;
    q.kinds.emplace_back();
    Conditions& c = q.kinds[0].conditions;
    c.wedge = {radFromDeg(54), radFromDeg(64), radFromDeg(10)};
    c.lie = findLie("rough-lush") ? findLie("rough-lush")->lie : Lie{0.6, 0.7, 0.0, 0.01, 0.9};
    q.complaints = {Complaint::RunsOn, Complaint::Short};
    const CauseAnswer a = findCauses(q);
    EXPECT_EQ(a.beliefs.front().fault, Fault::None);
    EXPECT_GT(a.ofTheLie[static_cast<std::size_t>(Outcome::Release)], 0.5);
    EXPECT_LT(a.ofTheLie[static_cast<std::size_t>(Outcome::Carry)], -0.5);
    // A fault of the hands makes it no likelier than the grass alone does.
    EXPECT_LT(a.find(Fault::HandsPassed)->likely / a.find(Fault::HandsPassed)->before, 1.1);
}

TEST(Causes, TheCheckThatIsProposedTellsMoreThanAnother) {
    // Done for real on the planted player: what a look shows, and what is believed then.
    int told = 0;
    double best = 0.0, other = 0.0;
    const int players = test::times(60, 3);
    for (int i = 0; i < players; ++i) {
        Planter planter(static_cast<unsigned>(900 + i));
        const Fault fault = planter.drawFault(Level::ClubPlayer);
        const CauseAnswer a =
            findCauses(planter.plant(fault, {.eyes = Eyes::Coach, .shots = 5, .usual = 12}));
        const auto look = std::find_if(a.checks.begin(), a.checks.end(),
                                       [](const CheckGain& c) { return c.looks; });
        if (look == a.checks.end()) continue;  // balls tell all that there is to tell
        // How far the truth's look moves belief to the planted fault.
        const double found = planter.lookAt(look->change);
        constexpr std::array any{FaultChange::Lean,   FaultChange::Ball,     FaultChange::Open,
                                 FaultChange::Handle, FaultChange::LowPoint, FaultChange::FaceTurn,
                                 FaultChange::Speed};
        const FaultChange chance = any[planter.below(any.size())];
        const double alsoFound = planter.lookAt(chance);
        const auto after = [&](FaultChange change, double seen) {
            double all = 0.0, right = 0.0;
            for (const FaultBelief& b : a.beliefs) {
                double mean = 0.0, sd = test::daySd(change);
                for (const SizedChange& s : b.sizes) {
                    if (s.change == change) {
                        mean = s.value;
                        sd = std::hypot(sd, s.half80 / halfOf80);
                    }
                }
                sd = std::hypot(sd, test::lookSd(change));
                const double z = (seen - mean) / sd;
                const double p = b.likely * std::exp(-0.5 * z * z) / sd;
                all += p;
                if (b.fault == fault) right += p;
            }
            return right / all;
        };
        const double first = after(look->change, found);
        const double second = after(chance, alsoFound);
        best += first;
        other += second;
        ++told;
    }
    std::printf("belief in the planted fault: after the proposed look %.3f, after another %.3f\n",
                best / told, other / told);
    if (test::checked) return;
    EXPECT_GT(best, other * 1.05);
}

TEST(Causes, ContradictoryMarksStayWide) {
    Planter planter(8);
    CauseRequest q = planter.plant(Fault::None, {.eyes = Eyes::Coach, .shots = 4, .usual = 0});
    for (PatternShot& s : q.shots) {
        s.seen = {};
        s.seen.strike = SeenStrike::Thin;
        s.seen.turf = SeenTurf::Deep;
        s.seen.entry = SeenEntry::AfterBall;
    }
    const CauseAnswer a = findCauses(q);
    EXPECT_LT(a.beliefs.front().likely, 0.9) << faultKey(a.beliefs.front().fault);
}

TEST(Causes, TwoFaultsAtOnceAreNotSaidToBeAThird) {
    int sureAndWrong = 0;
    const int players = test::times(40, 3);
    for (int i = 0; i < players; ++i) {
        Planter planter(static_cast<unsigned>(600 + i));
        const CauseAnswer a = findCauses(planter.plant(
            Fault::HandsPassed,
            {.eyes = i % 2 == 0 ? Eyes::Monitor : Eyes::Coach, .also = Fault::OpenedTooFar}));
        const FaultBelief& first = a.beliefs.front();
        const bool right = first.fault == Fault::HandsPassed || first.fault == Fault::Other ||
                           first.fault == Fault::OpenedTooFar;
        sureAndWrong += !right && first.likely > 0.9 ? 1 : 0;
    }
    EXPECT_LE(sureAndWrong, players / 20);
}

TEST(Causes, ReadingsThatNoShotHasEndInAnAnswerNoneTheLess) {
    constexpr unsigned tries = test::times(24, 3);
    for (unsigned seed = 1; seed <= tries; ++seed) {
        Planter planter(seed);
        CauseRequest q = planter.plant(Fault::None, {.shots = 5, .usual = 8});
        constexpr std::array spoilt{0.0, -1.0, 10.0, 1e3, 1e-3, 57.3};
        for (auto* list : {&q.shots, &q.usual}) {
            for (PatternShot& s : *list) {
                auto& value = s.read[planter.below(outcomeCount)];
                if (value) *value *= spoilt[planter.below(spoilt.size())];
                if (planter.uniform() < 0.2) s.clubSpeed_mps = 1e6 * planter.uniform();
            }
        }
        const CauseAnswer a = findCauses(q);
        double all = 0.0;
        for (const FaultBelief& b : a.beliefs) {
            ASSERT_TRUE(std::isfinite(b.likely)) << seed << faultKey(b.fault);
            all += b.likely;
        }
        EXPECT_NEAR(all, 1.0, 1e-9);
        for (const CheckGain& c : a.checks)
            EXPECT_TRUE(std::isfinite(c.bits));
    }
}

TEST(Causes, AFaultThatCannotBeIsNotListed) {
    Planter planter(9);
    CauseRequest q = planter.plant(Fault::None, {.eyes = Eyes::Coach});
    q.kinds[0].conditions.lie = {};
    const CauseAnswer a = findCauses(q);
    EXPECT_EQ(a.find(Fault::HeelGrass), nullptr) << "no grass";
    EXPECT_EQ(a.find(Fault::Device), nullptr) << "nothing was read";
}

TEST(Causes, ALeftHanderIsTheMirror) {
    Planter planter(10);
    CauseRequest q = planter.plant(Fault::TurnedOver, {});
    const CauseAnswer right = findCauses(q);
    q.player.hand = Hand::Left;
    for (auto* list : {&q.shots, &q.usual}) {
        for (PatternShot& s : *list) {
            for (const Outcome o : {Outcome::Path, Outcome::FaceAngle, Outcome::LaunchDirection,
                                    Outcome::SpinAxis, Outcome::Side, Outcome::RestSide}) {
                auto& v = s.read[static_cast<std::size_t>(o)];
                if (v) v = -*v;
            }
        }
    }
    const CauseAnswer left = findCauses(q);
    ASSERT_EQ(left.beliefs.size(), right.beliefs.size());
    for (std::size_t i = 0; i < left.beliefs.size(); ++i) {
        EXPECT_EQ(left.beliefs[i].fault, right.beliefs[i].fault);
        EXPECT_NEAR(left.beliefs[i].likely, right.beliefs[i].likely, 1e-6);
    }
}

TEST(Causes, TheCoachsPriorCounts) {
    Planter planter(11);
    CauseRequest q = planter.plant(Fault::WeightBack, {});
    const double usual = findCauses(q).find(Fault::WeightBack)->likely;
    q.priors = faultPriors(q.level, q.kinds[0].conditions);
    q.priors[static_cast<std::size_t>(Fault::WeightBack)] *= 4;
    EXPECT_GT(findCauses(q).find(Fault::WeightBack)->likely, usual);
    q.priors[static_cast<std::size_t>(Fault::WeightBack)] = 0;
    EXPECT_EQ(findCauses(q).find(Fault::WeightBack), nullptr);
}

TEST(Causes, AskedBadlyItSaysWhere) {
    CauseRequest q;
    EXPECT_THROW(findCauses(q), RangeError) << "no kind";
    q.kinds.emplace_back();
    q.kinds[0].conditions.wedge = {radFromDeg(54), radFromDeg(64), radFromDeg(10)};
    q.shots.emplace_back();
    q.shots[0].kind = 3;
    EXPECT_THROW(findCauses(q), RangeError) << "a kind that is not there";
    q.shots[0].kind = 0;
    q.priors = {1.0};
    EXPECT_THROW(findCauses(q), RangeError) << "priors of another size";
}

TEST(Causes, AStopEndsIt) {
    Planter planter(12);
    CauseRequest q = planter.plant(Fault::None, {});
    std::stop_source source;
    q.stop = source.get_token();
    source.request_stop();
    const CauseAnswer a = findCauses(q);
    EXPECT_TRUE(a.stopped);
    EXPECT_TRUE(a.beliefs.empty());
}

TEST(Causes, AFaultIsASetUpThatPlaysTheSame) {
    PatternKind kind;
    kind.conditions.wedge = {radFromDeg(54), radFromDeg(64), radFromDeg(10)};
    kind.declared.lean_rad = radFromDeg(5);
    const std::array sizes{
        SizedChange{FaultChange::Lean, radFromDeg(-6)}, SizedChange{FaultChange::LowPoint, -0.03},
        SizedChange{FaultChange::Ball, 0.02}, SizedChange{FaultChange::Speed, -0.05}};
    const ShotResult changed = playChanged({}, kind, sizes);
    const ShotResult setUp = Predictor({}, kind.conditions).shot(withChanges(kind.declared, sizes));
    EXPECT_NEAR(changed.flight.carry_m, setUp.flight.carry_m, 0.02);
    EXPECT_NEAR(changed.strike.launch.angle_rad(), setUp.strike.launch.angle_rad(), 2e-3);
    EXPECT_NEAR(playChanged({}, kind, {}).flight.carry_m,
                Predictor({}, kind.conditions).shot(kind.declared).flight.carry_m, 1e-9);
}

TEST(Causes, WhatIsDrawnIsWhatIsSaid) {
    Planter planter(15);
    const CauseRequest q = planter.plant(Fault::HandsPassed, {});
    const CauseAnswer a = findCauses(q);
    const FaultBelief& first = a.beliefs.front();
    std::vector<SizedChange> both = a.usualChanges;
    const ShotResult usual = playChanged(q.player, q.kinds[0], both);
    both.insert(both.end(), first.sizes.begin(), first.sizes.end());
    const ShotResult with = playChanged(q.player, q.kinds[0], both);
    for (const Outcome o : {Outcome::Carry, Outcome::Release, Outcome::DynamicLoft})
        EXPECT_NEAR(valueOf(with, o) - valueOf(usual, o),
                    first.costs[static_cast<std::size_t>(o)].by, 1e-9);
}

TEST(Causes, PriorsAddUp) {
    for (const Level level : {Level::Expert, Level::ClubPlayer}) {
        const auto priors = faultPriors(level, {});
        EXPECT_NEAR(std::accumulate(priors.begin(), priors.end(), 0.0), 1.0, 1e-12);
    }
}

TEST(Causes, ACheckWithoutANumberToNameIsNotProposed) {
    // Of shots whose height alone was held against the flagstick, balls show nothing with a unit.
    Planter planter(14);
    CauseRequest q = planter.plant(Fault::MoreGrass, {.eyes = Eyes::Coach});
    for (auto* list : {&q.shots, &q.usual}) {
        for (PatternShot& s : *list) {
            s.seen = {};
            s.seen.apex_m = 3.0;
        }
    }
    const CauseAnswer a = findCauses(q);
    for (const CheckGain& c : a.checks) {
        EXPECT_TRUE(c.looks);
        EXPECT_LT(static_cast<std::size_t>(c.outcome), outcomeCount);
    }
}

}  // namespace
}  // namespace wedgeon
