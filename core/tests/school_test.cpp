// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Every school is a playable recipe, and the verdicts are what playing it says.
#include "wedgeon/school/school.h"

#include <gtest/gtest.h>

#include <set>

#include "random_cases.h"
#include "wedgeon/error.h"
#include "wedgeon/shot/quantity.h"

namespace wedgeon::test {
namespace {

using test::predictor;
using test::Scene;
constexpr double carry_m = 20.0;

const Consequence& claimOf(const Consequences& all, Measure measure) {
    for (const Consequence& c : all.claims) {
        if (c.claim.measure == measure) return c;
    }
    throw std::logic_error("the school makes no such claim");
}

Consequences consequencesOf(std::string_view key, const Scene& givens) {
    const School& s = *findSchool(key);
    return findConsequences(s, s.recipe, predictor(givens), carry_m);
}

TEST(School, EachHasClaimsAndAKeyOfItsOwn) {
    std::set<std::string_view> keys;
    for (const School& s : schools()) {
        EXPECT_TRUE(keys.insert(s.key).second) << s.key;
        EXPECT_EQ(findSchool(s.key), &s);
        EXPECT_GE(s.claims.size(), 3u) << s.key;
        EXPECT_NO_THROW(s.recipe.validate()) << s.key;
        EXPECT_NO_THROW(s.against.validate()) << s.key;
        EXPECT_NE(s.recipe, s.against) << s.key;
    }
    EXPECT_EQ(findSchool("no such school"), nullptr);
}

TEST(School, TheShaftStandsWhereTheSchoolPutsIt) {
    EXPECT_EQ(findSchool("soft-height")->recipe.lean_rad, 0.0) << "shaft upright";
    EXPECT_EQ(findSchool("opened-early")->recipe.lean_rad, 0.0) << "grip centred";
    EXPECT_LT(findSchool("open-from-back")->recipe.lean_rad, radFromDeg(2)) << "near upright";
    EXPECT_GT(findSchool("low-runner")->recipe.lean_rad, radFromDeg(5)) << "lean held";
    EXPECT_LT(std::abs(findSchool("brush")->recipe.lean_rad), radFromDeg(2)) << "near upright";
    EXPECT_GT(findSchool("flighted")->recipe.lean_rad, radFromDeg(5)) << "hands ahead";
    EXPECT_LT(findSchool("closed-runner")->recipe.open_rad, radFromDeg(-15));
    EXPECT_EQ(findSchool("shut-runner"), findSchool("closed-runner")) << "as it was once kept";
    EXPECT_EQ(findSchool("open-middle"), findSchool("opened-early"));
}

TEST(School, BothRecipesAreBroughtToTheSameCarry) {
    const Scene g = pitch();
    for (const School& s : schools()) {
        const Consequences c = findConsequences(s, s.recipe, predictor(g), carry_m);
        EXPECT_NEAR(predictor(g).shot(c.recipe).flight.carry_m, carry_m, 0.002) << s.key;
        EXPECT_NEAR(predictor(g).shot(c.against).flight.carry_m, carry_m, 0.002) << s.key;
        Recipe sameSpeed = c.recipe;
        sameSpeed.clubSpeed_mps = s.recipe.clubSpeed_mps;
        EXPECT_EQ(sameSpeed, s.recipe) << "only the speed may change: " << s.key;
    }
}

TEST(School, VerdictsAreWhatTheChainSays) {
    // Once more by hand, through the outcomes' own names.
    const auto valueBy = [](const ShotResult& s, const Recipe& r, Measure m) {
        switch (m) {
            case Measure::Attack:
                return valueOf(s, Outcome::Attack);
            case Measure::Launch:
                return valueOf(s, Outcome::LaunchAngle);
            case Measure::StartLine:
                return valueOf(s, Outcome::LaunchDirection);
            case Measure::Spin:
                return valueOf(s, Outcome::SpinRate);
            case Measure::SpinAxis:
                return valueOf(s, Outcome::SpinAxis);
            case Measure::Apex:
                return valueOf(s, Outcome::Apex);
            case Measure::LandingAngle:
                return valueOf(s, Outcome::LandingAngle);
            case Measure::Release:
                return valueOf(s, Outcome::Release);
            case Measure::DynamicLoft:
                return valueOf(s, Outcome::DynamicLoft);
            case Measure::FaceAngle:
                return valueOf(s, Outcome::FaceAngle);
            case Measure::ClubSpeed:
                return r.clubSpeed_mps;
            case Measure::Room:
                return s.margin.cleanTo_m - s.margin.cleanFrom_m;
            case Measure::LeadingEdge:
                return s.margin.leadingEdge_m;
        }
        return 0.0;
    };
    RandomCases random(41);
    for (int i = 0; i < 40; ++i) {
        Scene g = pitch();
        g.ball = random.pick<BallKind>(3);
        g.face = random.pick<FaceCondition>(5);
        g.lie.cover = random.between(0, 0.4);
        g.ground.firmness = random.between(0.7, 1.4);
        for (const School& s : schools()) {
            const Consequences all = findConsequences(s, s.recipe, predictor(g), carry_m);
            const ShotResult here = predictor(g).shot(all.recipe);
            const ShotResult there = predictor(g).shot(all.against);
            ASSERT_EQ(all.claims.size(), s.claims.size());
            for (const Consequence& c : all.claims) {
                const Measure m = c.claim.measure;
                EXPECT_DOUBLE_EQ(c.here, valueBy(here, all.recipe, m)) << info(m).key;
                EXPECT_DOUBLE_EQ(c.against, valueBy(there, all.against, m)) << info(m).key;
                const double gain = c.claim.direction * (c.here - c.against);
                EXPECT_EQ(c.verdict == Verdict::Follows, gain >= info(m).least);
                EXPECT_EQ(c.verdict == Verdict::Opposite, gain <= -info(m).least);
            }
        }
    }
}

TEST(School, ALeftHandersVerdictsAreTheRightHanders) {
    Scene right = pitch();
    Scene left = right;
    left.hand = Hand::Left;
    for (const School& s : schools()) {
        const Consequences a = findConsequences(s, s.recipe, predictor(right), carry_m);
        const Consequences b = findConsequences(s, s.recipe, predictor(left), carry_m);
        for (std::size_t i = 0; i < a.claims.size(); ++i) {
            EXPECT_NEAR(a.claims[i].here, b.claims[i].here, 1e-9) << s.key;
            EXPECT_EQ(a.claims[i].verdict, b.claims[i].verdict) << s.key;
        }
    }
}

TEST(School, GeometryAndImpactSayWhatTheyMustOfEach) {
    const Scene g = pitch();
    const auto follows = [&](std::string_view key, Measure m) {
        EXPECT_EQ(claimOf(consequencesOf(key, g), m).verdict, Verdict::Follows)
            << key << " " << info(m).key;
    };
    follows("flighted", Measure::Launch);
    follows("flighted", Measure::LandingAngle);
    follows("flighted", Measure::SpinAxis);
    follows("soft-height", Measure::Launch);
    follows("soft-height", Measure::Release);
    follows("soft-height", Measure::ClubSpeed);
    follows("brush", Measure::Attack);
    follows("brush", Measure::LeadingEdge);
    follows("chop", Measure::Attack);
    follows("chop", Measure::LeadingEdge);
    follows("cut-across", Measure::SpinAxis);
    follows("cut-across", Measure::Launch);
    follows("turnover", Measure::FaceAngle);
    follows("turnover", Measure::SpinAxis);
    follows("opened-early", Measure::DynamicLoft);
    follows("opened-early", Measure::LandingAngle);
    follows("closed-runner", Measure::Launch);
    follows("closed-runner", Measure::Release);
    follows("flighted", Measure::Attack);
    follows("opened-early", Measure::StartLine);
    follows("low-runner", Measure::Launch);
    follows("low-runner", Measure::Release);
    follows("low-brush", Measure::Attack);
    follows("low-brush", Measure::Launch);
    follows("open-from-back", Measure::Launch);
    follows("open-from-back", Measure::StartLine);
    // A flatter landing runs on: what the low flight is praised for does not follow by itself.
    EXPECT_EQ(claimOf(consequencesOf("flighted", g), Measure::Release).verdict, Verdict::Opposite);
}

TEST(School, TheSizeOfAnEffectHasItsInterval) {
    // Played with other frictions and grounds, the difference moves as far as the interval says.
    const Scene g = pitch();
    const School& s = *findSchool("low-runner");
    const Consequences all = findConsequences(s, s.recipe, predictor(g), carry_m);
    const Consequence& release = claimOf(all, Measure::Release);
    EXPECT_GT(release.half, 0.0);
    EXPECT_LT(release.half, std::abs(release.here - release.against));
    const auto differenceAt = [&](double firmness, double friction) {
        Scene other = g;
        other.ground = g.ground.scaled(firmness, friction, 1.0);
        return predictor(other).shot(all.recipe).run.release_m -
               predictor(other).shot(all.against).run.release_m;
    };
    const SpreadSource u = SpreadSource::swings();
    const double byFirmness =
        0.5 * (differenceAt(std::exp(u.firmness), 1) - differenceAt(std::exp(-u.firmness), 1));
    const double byFriction = 0.5 * (differenceAt(1, std::exp(u.groundFriction)) -
                                     differenceAt(1, std::exp(-u.groundFriction)));
    EXPECT_GE(release.half, 1.28 * std::hypot(byFirmness, byFriction) - 1e-9);
    // Geometry is exact.
    EXPECT_EQ(claimOf(all, Measure::Room).half, 0.0);
    // A tuned player's is narrower.
    Scene known = g;
    auto tuning = std::make_shared<Tuning>();
    tuning->strike.frictionSd = 0.01;
    tuning->strike.tangentialSd = {0.01, 0.01, 0.01};
    tuning->ground.firmnessSd = tuning->ground.frictionSd = 0.02;
    known.tuning = tuning;
    EXPECT_LT(
        claimOf(findConsequences(s, s.recipe, predictor(known), carry_m), Measure::Release).half,
        release.half);
}

TEST(School, AWetFaceTakesMostOfTheSpinThatAnOpenFaceIsPraisedFor) {
    Scene g = pitch();
    const auto gain = [&] {
        const Consequences all = consequencesOf("cut-across", g);
        const Consequence& c = claimOf(all, Measure::Spin);
        return c.here - c.against;
    };
    const double dry = gain();
    g.face = FaceCondition::WornWet;
    EXPECT_GT(dry, info(Measure::Spin).least);
    EXPECT_LT(gain(), 0.8 * dry) << "past the peak more spin loft slips";
}

TEST(School, ACarryThatItCannotReachIsSaid) {
    const School& s = *findSchool("soft-height");
    try {
        findConsequences(s, s.recipe, predictor(pitch()), 150.0);
        FAIL() << "nobody carries a lob so far";
    } catch (const RangeError& e) {
        EXPECT_EQ(e.field(), "carry_m");
    }
}

TEST(School, WhoDoesItAlreadyGainsNothingByIt) {
    // A player whose path is left already, and who is asked to cut across.
    const School& cut = *findSchool("cut-across");
    Recipe own = cut.recipe;
    own.clubSpeed_mps = 15;
    const auto fitOf = [](const SchoolFits& all, const School& school) {
        for (const SchoolFit& f : all.fits) {
            if (f.school == &school) return f;
        }
        ADD_FAILURE() << "left out";
        return SchoolFit{};
    };
    const Predictor p = predictor(pitch());
    const SchoolFit his = fitOf(rankSchools(own, p, 14.0), cut);
    EXPECT_TRUE(his.adds.empty());
    EXPECT_EQ(his.nothing.size(), cut.claims.size());
    const SchoolFits ordinary = rankSchools(Recipe{}, p, 14.0);
    EXPECT_FALSE(fitOf(ordinary, cut).adds.empty());
    EXPECT_EQ(ordinary.fits.size(), schools().size());
}

TEST(School, TheOrderFollowsCleanStrikesAndWhatIsNew) {
    const SchoolFits all = rankSchools(Recipe{}, predictor(pitch()), 14.0);
    double before = 2.0;
    for (const SchoolFit& f : all.fits) {
        const auto adds = static_cast<double>(f.adds.size());
        const auto of = adds + static_cast<double>(f.nothing.size());
        EXPECT_GE(f.clean, 0.0);
        EXPECT_LE(f.clean, 1.0);
        const double worth = f.clean * (adds + 1.0) / (of + 2.0);
        EXPECT_LE(worth, before);
        before = worth;
    }
    EXPECT_THROW(rankSchools(Recipe{}, predictor(pitch()), 190.0), RangeError);
}

}  // namespace
}  // namespace wedgeon::test
