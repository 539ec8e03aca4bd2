// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Recipes survive the way to a file and back; a bad file is refused as a whole, with the place.
#include "wedgeon/store/recipe_file.h"

#include <gtest/gtest.h>
#include <sys/resource.h>

#include <fstream>
#include <random>

#include "wedgeon/constants.h"
#include "wedgeon/school/school.h"
#include "wedgeon/store/error.h"
#include "wedgeon/store/files.h"
#include "wedgeon/units.h"

namespace wedgeon::store {
namespace {

class RecipeFileTest : public testing::Test {
protected:
    void SetUp() override {
        folder_ = std::filesystem::path(testing::TempDir()) /
                  ("recipes-" + std::to_string(std::random_device()()));
        std::filesystem::create_directory(folder_);
    }
    void TearDown() override { std::filesystem::remove_all(folder_); }

    static Message refusal(std::string_view text) {
        try {
            parseRecipes(text);
        } catch (const StoreError& e) {
            return e.message();
        }
        throw std::logic_error("was taken");
    }
    static std::string document(const std::string& recipe) {
        return R"({"format":"wedgeon-recipes","version":1,"recipes":[)" + recipe + "]}";
    }

    std::filesystem::path folder_;
};

TEST_F(RecipeFileTest, EverySchoolComesBackAsItWas) {
    std::vector<NamedRecipe> all;
    for (const School& s : schools()) {
        Recipe r = s.recipe;
        r.handTurn_rad = 0.02;
        r.weightBy = WeightBy::LowerBody;
        r.gripDown_m = 0.03;
        all.push_back({"As " + std::string(s.key), std::string(s.key), r});
    }
    const auto path = folder_ / "schools.json";
    writeRecipes(path, all);
    const auto back = readRecipes(path);
    ASSERT_EQ(back.size(), all.size());
    for (std::size_t i = 0; i < all.size(); ++i) {
        EXPECT_EQ(back[i].name, all[i].name);
        EXPECT_EQ(back[i].school, all[i].school);
        EXPECT_NEAR(back[i].recipe.open_rad, all[i].recipe.open_rad, 1e-15);
        EXPECT_NEAR(back[i].recipe.ballForward_m, all[i].recipe.ballForward_m, 1e-15);
        EXPECT_EQ(back[i].recipe.release, all[i].recipe.release);
        EXPECT_EQ(back[i].recipe.swingAlong, all[i].recipe.swingAlong);
        EXPECT_EQ(back[i].recipe.weightBy, WeightBy::LowerBody);
    }
    EXPECT_EQ(formatRecipes(back), formatRecipes(all)) << "a second trip changes no digit";
    EXPECT_FALSE(std::filesystem::exists(folder_ / "schools.json.part"));
}

TEST_F(RecipeFileTest, WhatItHasOfItsOwnComesBackToo) {
    NamedRecipe r{"wet 58", "", {}};
    r.own.wedge = Wedge{radFromDeg(58), radFromDeg(64.5), radFromDeg(8)};
    r.own.ball = BallKind::Range;
    r.own.face = FaceCondition::FreshWet;
    r.own.lie = findLie("lush")->lie;
    r.aim_rad = radFromDeg(-4);
    const NamedRecipe back = parseRecipes(formatRecipes(std::vector{r})).front();
    EXPECT_NEAR(back.own.wedge->loft_rad, r.own.wedge->loft_rad, 1e-12);
    EXPECT_EQ(back.own.ball, r.own.ball);
    EXPECT_EQ(back.own.face, r.own.face);
    EXPECT_NEAR(back.own.lie->cover, r.own.lie->cover, 1e-12);
    EXPECT_NEAR(back.aim_rad, r.aim_rad, 1e-12);
    EXPECT_EQ(back.own.on({}).ball, BallKind::Range);
    // What is not there is everybody else's, and is not written.
    EXPECT_EQ(formatRecipes(std::vector<NamedRecipe>{{"a", "", {}}}).find("\"own\""),
              std::string::npos);
    EXPECT_THROW(parseRecipes(document(
                     R"({"name":"a","recipe":{"club_speed_mps":15},"own":{"loft_deg":99}})")),
                 StoreError);
    EXPECT_THROW(parseRecipes(document(
                     R"({"name":"a","recipe":{"club_speed_mps":15},"own":{"balls":"soft"}})")),
                 StoreError);
    EXPECT_THROW(
        parseRecipes(document(R"({"name":"a","recipe":{"club_speed_mps":15},"aim_deg":170})")),
        StoreError);
}

TEST_F(RecipeFileTest, DefaultsFillWhatIsNotSaid) {
    const auto one = parseRecipes(document(R"({"name":"Mine","recipe":{"club_speed_mps":18}})"));
    Recipe expected;
    expected.clubSpeed_mps = 18;
    ASSERT_EQ(one.size(), 1u);
    EXPECT_EQ(one[0].recipe, expected);
}

TEST_F(RecipeFileTest, RefusalsNameThePlace) {
    EXPECT_EQ(refusal("{\n\n nonsense"), Message(Says::NotJsonLine, 3));
    EXPECT_EQ(refusal("[9e999999]"), Message(Says::JsonNumberTooLarge));
    EXPECT_EQ(refusal("[]"), Message(Says::FieldNotObject, "input"));
    EXPECT_EQ(refusal(R"({"format":"other","version":1})"),
              Message(Says::FormatNot, "wedgeon-recipes", 1));
    EXPECT_EQ(refusal(R"({"format":"wedgeon-recipes","version":2})"), Message(Says::VersionNot, 1));
    EXPECT_EQ(refusal(document(R"({"name":"Mine","recipe":{"club_speed_mps":"fast"}})")),
              Message(Says::FieldNotNumber, "recipes[0].recipe.club_speed_mps"));
    EXPECT_EQ(refusal(document(R"({"name":"Mine","recipe":{}})")),
              Message(Says::FieldMissing, "recipes[0].recipe.club_speed_mps"));
    EXPECT_EQ(refusal(document(R"({"name":"Mine","recipe":{"club_speed_mps":18,"loft":9}})")),
              Message(Says::FieldUnknown, "recipes[0].recipe.loft"));
    EXPECT_EQ(refusal(document(R"({"name":"","recipe":{"club_speed_mps":18}})")),
              Message(Says::FieldNotLine, "recipes[0].name", 240));
    const Message far = refusal(document(R"({"name":"M","recipe":{"club_speed_mps":999}})"));
    EXPECT_EQ(far.says, Says::FieldBad);
    EXPECT_EQ(far.arguments.at(0), Argument("recipes[0].recipe"));
    EXPECT_EQ(far.inner.at(0).says, Says::NumberOutside);
    EXPECT_EQ(far.inner.at(0).arguments.at(0), Argument("club_speed_mps"));
    EXPECT_EQ(refusal(std::string(17u << 20, ' ')), Message(Says::RecipesTooLarge, 16));
}

TEST_F(RecipeFileTest, TooManyOrTooDeepIsRefused) {
    std::string many;
    for (std::size_t i = 0; i <= mostRecipes; ++i)
        many += std::string(i ? "," : "") + R"({"name":"M","recipe":{"club_speed_mps":18}})";
    EXPECT_EQ(refusal(document(many)), Message(Says::FieldNotArray, "recipes", 5000));
    EXPECT_EQ(refusal(std::string(100'000, '[')), Message(Says::TooDeep, 64));
    EXPECT_EQ(refusal(document(std::string(100'000, '[') + std::string(100'000, ']'))),
              Message(Says::TooDeep, 64));
    EXPECT_EQ(refusal(document(R"({"name":"M","name":"N","recipe":{"club_speed_mps":18}})")),
              Message(Says::FieldTwice, "name"));
}

TEST_F(RecipeFileTest, AFailedWriteKeepsTheFormerFile) {
    const auto path = folder_ / "mine.json";
    writeRecipes(path, std::vector{NamedRecipe{"Mine", "", {}}});
    // As on a full disk: a file may not grow past 100 bytes.
    takeFileErrorsAsErrors();
    rlimit former{};
    ASSERT_EQ(getrlimit(RLIMIT_FSIZE, &former), 0);
    const rlimit small{100, former.rlim_max};
    ASSERT_EQ(setrlimit(RLIMIT_FSIZE, &small), 0);
    const std::vector<NamedRecipe> many(20, NamedRecipe{"Other", "", {}});
    try {
        writeRecipes(path, many);
        ADD_FAILURE() << "was written";
    } catch (const StoreError& e) {
        EXPECT_EQ(e.fault(), Fault::Full);
    }
    ASSERT_EQ(setrlimit(RLIMIT_FSIZE, &former), 0);
    EXPECT_EQ(readRecipes(path).front().name, "Mine");
    EXPECT_EQ(std::distance(std::filesystem::directory_iterator(folder_), {}), 1)
        << "nothing half written is left";
    EXPECT_THROW(readRecipes(folder_), StoreError);
    EXPECT_THROW(readRecipes(folder_ / "none.json"), StoreError);
}

}  // namespace
}  // namespace wedgeon::store
