// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// The reference vectors through the command's own code, and its errors.
#include "predict.h"

#include <gtest/gtest.h>

#include <cmath>
#include <fstream>
#include <nlohmann/json.hpp>
#include <sstream>

namespace wedgeon::cli {
namespace {

using nlohmann::json;

json run(const json& cases) {
    return json::parse(predict(json{{"cases", cases}}.dump()))["cases"];
}

json runOne(const std::string& stage, const json& input) {
    return run(json::array({json{{"stage", stage}, {"input", input}}}))[0];
}

/// Within 0.1 % or 0.01 of the unit, as the vectors ask.
void expectSame(const json& expected, const json& actual, const std::string& where) {
    for (const auto& [key, value] : expected.items()) {
        ASSERT_TRUE(actual.contains(key)) << where << "." << key;
        if (value.is_object()) {
            expectSame(value, actual[key], where + "." + key);
        } else if (value.is_number()) {
            const double want = value.get<double>();
            const double tolerance = std::max(1e-3 * std::abs(want), 0.01);
            EXPECT_NEAR(actual[key].get<double>(), want, tolerance) << where << "." << key;
        } else {
            EXPECT_EQ(actual[key], value) << where << "." << key;
        }
    }
}

TEST(Predict, AgreesWithEveryReferenceVector) {
    std::ifstream file(WEDGEON_VECTORS);
    ASSERT_TRUE(file) << WEDGEON_VECTORS;
    std::stringstream text;
    text << file.rdbuf();
    const json reference = json::parse(text.str())["cases"];
    const json ours = json::parse(predict(text.str()))["cases"];
    ASSERT_EQ(reference.size(), 48u);
    ASSERT_EQ(ours.size(), reference.size());
    for (std::size_t i = 0; i < reference.size(); ++i) {
        const std::string where =
            "case " + std::to_string(i) + " " + reference[i]["stage"].get<std::string>();
        ASSERT_TRUE(ours[i].contains("output")) << where << " " << ours[i].dump();
        expectSame(reference[i]["output"], ours[i]["output"], where);
    }
}

TEST(Predict, AShotNeedsOnlyLoftAndSpeed) {
    const json r = runOne("shot", {{"loft_deg", 56}, {"club_speed_mps", 20}});
    ASSERT_TRUE(r.contains("output")) << r.dump();
    const json& o = r["output"];
    for (const char* key : {"carry_m", "release_m", "spin_rate_rpm", "launch_angle_deg",
                            "behaviour", "limited_by", "spin_loft_deg", "attack_deg", "total_m"}) {
        EXPECT_TRUE(o.contains(key)) << key;
    }
    EXPECT_NEAR(o["total_m"].get<double>(),
                o["carry_m"].get<double>() + o["release_m"].get<double>(), 1e-9);
}

TEST(Predict, ALeftHandedShotMirrors) {
    const json input{{"loft_deg", 58}, {"club_speed_mps", 18}, {"face_open_deg", 12}};
    json left = input;
    left["hand"] = "left";
    const json a = runOne("shot", input)["output"];
    const json b = runOne("shot", left)["output"];
    EXPECT_NEAR(a["side_m"].get<double>(), -b["side_m"].get<double>(), 1e-9);
    EXPECT_NEAR(a["carry_m"].get<double>(), b["carry_m"].get<double>(), 1e-9);
}

TEST(Predict, ABadCaseGetsItsErrorAndTheRestRun) {
    const json good{{"stage", "face"}, {"input", {{"loft_deg", 56}}}};
    const json r = run(json::array(
        {json{{"stage", "shot"}, {"input", {{"loft_deg", 56}, {"club_speed_mps", 900}}}}, good,
         json{{"stage", "shot"}, {"input", {{"loft_deg", 56}, {"club_speed", 20}}}},
         json{{"stage", "putt"}, {"input", json::object()}},
         json{{"stage", "face"}, {"input", {{"loft_deg", "steep"}}}}, json(7),
         json{{"stage", "shot"},
              {"input", {{"loft_deg", 56}, {"club_speed_mps", 20}, {"ball", "marble"}}}},
         json{{"stage", "shot"},
              {"input", {{"loft_deg", 56}, {"club_speed_mps", 20}, {"lie", {{"cover", 2}}}}}},
         good}));
    EXPECT_EQ(r[0]["error"], "club_speed_mps is 900; it must be from 0.5 to 60");
    EXPECT_FALSE(r[0].contains("output"));
    EXPECT_TRUE(r[1].contains("output"));
    EXPECT_EQ(r[2]["error"], "club_speed_mps is missing");
    EXPECT_NE(r[3]["error"].get<std::string>().find("putt"), std::string::npos);
    EXPECT_EQ(r[4]["error"], "loft_deg must be a number");
    EXPECT_EQ(r[5]["error"], "\"stage\" is missing");
    EXPECT_EQ(r[6]["error"], "ball must be one of soft, firm, range");
    EXPECT_EQ(r[7]["error"], "lie.cover is 2; it must be from 0 to 1");
    EXPECT_TRUE(r[8].contains("output"));
}

TEST(Predict, AMisspeltFieldIsNotASilentDefault) {
    const json r =
        runOne("shot", {{"loft_deg", 56}, {"club_speed_mps", 20}, {"face_opne_deg", 10}});
    EXPECT_EQ(r["error"], "face_opne_deg is not a known field");
}

TEST(Predict, TextThatIsNoJsonIsRefusedWithItsPlace) {
    try {
        predict("{\"cases\": [\n  {oops}\n]}");
        FAIL();
    } catch (const std::invalid_argument& e) {
        EXPECT_NE(std::string(e.what()).find("line 2"), std::string::npos) << e.what();
    }
    EXPECT_THROW(predict("[]"), std::invalid_argument);
    EXPECT_THROW(predict(""), std::invalid_argument);
}

}  // namespace
}  // namespace wedgeon::cli
