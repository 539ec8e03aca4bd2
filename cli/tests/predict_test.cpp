// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// The reference vectors through the command's own code, and its errors.
#include "predict.h"

#include <gtest/gtest.h>

#include <cmath>
#include <fstream>
#include <nlohmann/json.hpp>
#include <sstream>

#include "wedgeon/store/error.h"

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

TEST(Predict, OneQuantityHasOneNameAndFormerOnesAreRead) {
    const json now = runOne("strike", {{"club_speed_mps", 20},
                                       {"dynamic_loft_deg", 50},
                                       {"attack_angle_deg", -5},
                                       {"club_path_deg", 2}});
    const json then = runOne(
        "strike",
        {{"club_speed_mps", 20}, {"dynamic_loft_deg", 50}, {"attack_deg", -5}, {"path_deg", 2}});
    EXPECT_EQ(now["output"], then["output"]);
    const json both = runOne("strike", {{"club_speed_mps", 20},
                                        {"dynamic_loft_deg", 50},
                                        {"attack_deg", -5},
                                        {"attack_angle_deg", -5}});
    EXPECT_NE(both.value("error", "").find("attack_angle_deg"), std::string::npos) << both;
    const json shot{{"loft_deg", 56}, {"club_speed_mps", 20}, {"samples", 50}};
    json named = shot;
    named["player"] = {{"attack_angle_deg", 2}, {"dynamic_loft_deg", 3}};
    json formerly = shot;
    formerly["player"] = {{"attack_deg", 2}, {"loft_deg", 3}};
    EXPECT_EQ(runOne("shot", named)["output"], runOne("shot", formerly)["output"]);
    EXPECT_TRUE(runOne("shot", named)["output"]["simulation"].contains("club_path_deg"));
}

TEST(Predict, AShotNeedsOnlyLoftAndSpeed) {
    const json r = runOne("shot", {{"loft_deg", 56}, {"club_speed_mps", 20}});
    ASSERT_TRUE(r.contains("output")) << r.dump();
    const json& o = r["output"];
    for (const char* key :
         {"carry_m", "release_m", "spin_rate_rpm", "launch_angle_deg", "behaviour", "limited_by",
          "spin_loft_deg", "attack_angle_deg", "total_m"}) {
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
    EXPECT_EQ(r[5]["error"], "a case must be an object");
    EXPECT_EQ(r[5]["given"], 7);
    EXPECT_EQ(r[6]["error"], "ball must be one of soft, firm, range");
    EXPECT_EQ(r[7]["error"], "lie.cover is 2; it must be from 0 to 1");
    EXPECT_TRUE(r[8].contains("output"));
}

TEST(Predict, AMisspeltFieldIsNotASilentDefault) {
    const json r =
        runOne("shot", {{"loft_deg", 56}, {"club_speed_mps", 20}, {"face_opne_deg", 10}});
    EXPECT_EQ(r["error"], "face_opne_deg is not a known field");
}

TEST(Predict, TheBatchGivesTheSameAnswers) {
    json cases = json::array();
    for (int i = 0; i < 200; ++i) {
        cases.push_back({{"stage", "shot"},
                         {"input",
                          {{"loft_deg", 48 + i % 14},
                           {"club_speed_mps", 8 + 0.12 * i},
                           {"face_open_deg", i % 25},
                           {"lean_deg", i % 9},
                           {"hand", i % 2 ? "left" : "right"},
                           {"lie", {{"cover", 0.004 * i}, {"moisture", 0.5}}},
                           {"air", {{"wind_ahead_mps", i % 5 - 2}}},
                           {"ground", {{"slope_pct", i % 3}}}}}});
    }
    cases.push_back({{"stage", "face"}, {"input", {{"loft_deg", 56}}}});
    cases.push_back({{"stage", "shot"}, {"input", {{"loft_deg", 56}, {"club_speed_mps", 900}}}});
    cases.push_back({{"stage", "shot"}, {"input", {{"loft_deg", 56}}}});
    const std::string text = json{{"cases", cases}}.dump();
    const json single = json::parse(predict(text))["cases"];
    const json batch = json::parse(predict(text, true))["cases"];
    ASSERT_EQ(single.size(), batch.size());
    for (std::size_t i = 0; i < 200; ++i) {
        ASSERT_TRUE(batch[i].contains("output")) << batch[i].dump();
        EXPECT_EQ(batch[i]["input"], cases[i]["input"]);
        for (const auto& [key, value] : batch[i]["output"].items()) {
            ASSERT_TRUE(single[i]["output"].contains(key)) << key;
            if (value.is_number_float()) {
                const double want = single[i]["output"][key].get<double>();
                EXPECT_NEAR(value.get<double>(), want, 1e-6 * (1 + std::abs(want))) << key;
            } else {
                EXPECT_EQ(value, single[i]["output"][key]) << key << " of " << i;
            }
        }
    }
    for (std::size_t i = 200; i < 203; ++i)
        EXPECT_EQ(batch[i], single[i]);
    EXPECT_EQ(batch[201]["error"], "club_speed_mps is 900; it must be from 0.5 to 60");
}

TEST(Predict, ASimulationIsRepeatableAndHasQuantiles) {
    const json input{{"loft_deg", 56},
                     {"club_speed_mps", 20},
                     {"samples", 500},
                     {"seed", 3},
                     {"player", {{"low_point_cm", 3}}}};
    const json a = runOne("shot", input)["output"]["simulation"];
    const json b = runOne("shot", input)["output"]["simulation"];
    EXPECT_EQ(a, b);
    EXPECT_LT(a["carry_m"]["p10"].get<double>(), a["carry_m"]["p90"].get<double>());
    EXPECT_NEAR(a["fat"].get<double>() + a["clean"].get<double>() + a["thin"].get<double>(), 1,
                1e-9);
    const json r = runOne("shot", {{"loft_deg", 56}, {"club_speed_mps", 20}, {"samples", -5}});
    EXPECT_TRUE(r.contains("error"));
}

TEST(Predict, AskAnswersOrSaysWhyNot) {
    json input{{"loft_deg", 56}, {"club_speed_mps", 20}};
    input["ask"] =
        json{{"targets",
              {{{"result", "carry_m"}, {"value", 30}, {"within", 0.1}},
               {{"result", "launch_angle_deg"}, {"value", 32}, {"within", 0.5}}}},
             {"free", {{{"dial", "lean_deg"}}, {{"dial", "club_speed_mps"}, {"high", 30}}}}};
    const json answer = runOne("shot", input)["output"]["answer"];
    EXPECT_EQ(answer["found"], true) << answer.dump();
    EXPECT_NEAR(answer["reached"]["carry_m"].get<double>(), 30, 0.1001);
    // The recipe that it names gives what it says.
    json again = input;
    again.erase("ask");
    for (const auto& [key, value] : answer["recipe"].items())
        again[key] = value;
    EXPECT_NEAR(runOne("shot", again)["output"]["carry_m"].get<double>(),
                answer["reached"]["carry_m"].get<double>(), 1e-9);

    input["ask"]["targets"][0]["value"] = 200;
    const json never = runOne("shot", input)["output"]["answer"];
    EXPECT_EQ(never["found"], false);
    EXPECT_FALSE(never["reason"].get<std::string>().empty());
    input["ask"]["free"][0]["dial"] = "mood";
    EXPECT_NE(runOne("shot", input)["error"].get<std::string>().find("ask.free"), std::string::npos)
        << runOne("shot", input).dump();
}

TEST(Predict, SensitivityAndSharesComeWithTheirUnits) {
    json input{{"loft_deg", 56}, {"club_speed_mps", 20}, {"sensitivity", true}};
    input["explain_against"] = json{{"loft_deg", 56}, {"club_speed_mps", 20}, {"lean_deg", 6}};
    const json out = runOne("shot", input)["output"];
    const double perDegree = out["worth"]["lean_deg"]["launch_angle_deg"].get<double>();
    json more = input;
    more["lean_deg"] = 0.01;
    EXPECT_NEAR(runOne("shot", more)["output"]["launch_angle_deg"].get<double>() -
                    out["launch_angle_deg"].get<double>(),
                0.01 * perDegree, 1e-4 * std::abs(perDegree));
    const json& shares = out["shares"]["launch_angle_deg"];
    double sum = 0;
    for (const char* cause : {"speed", "spin_loft", "steepness", "direction", "face_to_path",
                              "friction", "lie", "ground_and_air"}) {
        sum += shares[cause].get<double>();
    }
    EXPECT_NEAR(sum, shares["to"].get<double>() - shares["from"].get<double>(), 1e-12);
}

TEST(Predict, ZonesAndObstaclesAreReadAndChecked) {
    json input{{"loft_deg", 56}, {"club_speed_mps", 20}};
    input["zones"] = {{{"kind", "fairway"}, {"length_m", 20}},
                      {{"kind", "bunker"}, {"length_m", 4}, {"slope_pct", -10}},
                      {{"kind", "green"}, {"length_m", 30}, {"stimp_ft", 11}}};
    input["obstacles"] = {{{"at_m", 10}, {"height_m", 2}}};
    const json out = runOne("shot", input)["output"];
    EXPECT_EQ(out["blocked_by"], -1);
    EXPECT_GT(out["least_clearance_m"].get<double>(), 0);
    EXPECT_TRUE(out.contains("zone_kind"));
    input["zones"][1]["kind"] = "lava";
    EXPECT_NE(runOne("shot", input)["error"].get<std::string>().find("zones[1].kind"),
              std::string::npos);
    input["zones"][1] = {{"kind", "green"}, {"length_m", -4}};
    EXPECT_NE(runOne("shot", input)["error"].get<std::string>().find("zone.length_m is -4"),
              std::string::npos);
}

TEST(Predict, TextThatIsNoJsonIsRefusedWithItsPlace) {
    try {
        predict("{\"cases\": [\n  {oops}\n]}");
        FAIL();
    } catch (const std::invalid_argument& e) {
        EXPECT_NE(std::string(e.what()).find("line 2"), std::string::npos) << e.what();
    }
    for (const char* text :
         {"[]", "", "{}", "{\"cases\": 3}", "{\"cases\": [1,]}", "{\"cases\": [1 2]}",
          "{\"cases\": [", "{\"cases\": [{]}", "{\"cases\": []", "{\"cases\": []} x",
          "{\"cases\": [\"open]}", "{\"cases\": [1], \"cases\": [2]}", "{\"a\": \"cases\", [1]}"}) {
        EXPECT_THROW(predict(text), std::exception) << text;
    }
    EXPECT_EQ(json::parse(predict("{\"cases\": []}"))["cases"].size(), 0u);
    EXPECT_EQ(json::parse(
                  predict("{\"note\": {\"cases\": [5]}, \"cases\" : [ {} , \"]\\\"\" ]}"))["cases"]
                  .size(),
              2u);
}

TEST(Predict, ANumberThatNoDoubleHoldsIsRefused) {
    for (const char* text : {R"({"cases":[{"stage":"face","input":{"loft_deg":9e999999}}]})",
                             R"({"cases":[9e999999]})", R"({"cases":[],"x":9e999999})"}) {
        try {
            predict(text, false);
            FAIL() << text;
        } catch (const std::invalid_argument& e) {
            EXPECT_NE(std::string(e.what()).find("number overflow"), std::string::npos) << e.what();
        }
    }
}

TEST(Predict, WhatIsNestedTooDeepOrSaidTwiceIsRefusedNotACrash) {
    const std::string deep(100'000, '[');
    const std::string closed = deep + std::string(100'000, ']');
    for (const std::string& text :
         {deep, closed, "{\"cases\":[" + closed + "]}", "{\"cases\":[],\"x\":" + closed + "}",
          "{\"cases\":[{\"stage\":\"face\",\"input\":{\"loft_deg\":" + closed + "}}]}"}) {
        EXPECT_THROW(predict(text, false), store::StoreError);
        EXPECT_THROW(predict(text, true), store::StoreError);
    }
    try {
        predict(R"({"cases":[{"stage":"face","input":{"loft_deg":54,"loft_deg":56}}]})");
        FAIL();
    } catch (const store::StoreError& e) {
        EXPECT_EQ(e.message(), store::Message(store::Says::FieldTwice, "loft_deg"));
    }
}

TEST(Predict, ChancesAreThoseOfThePlayerWhoIsGiven) {
    const auto cleanOf = [](const json& player) {
        json in{{"loft_deg", 58}, {"club_speed_mps", 20}, {"face_open_deg", 10}};
        if (!player.is_null()) in["player"] = player;
        return runOne("shot", in)["output"]["clean"].get<double>();
    };
    const double ordinary = cleanOf(nullptr);
    EXPECT_GT(cleanOf({{"low_point_cm", 1}, {"depth_mm", 2}}), ordinary + 0.05);
    EXPECT_LT(cleanOf({{"low_point_cm", 4}, {"depth_mm", 9}}), ordinary - 0.1);
}

}  // namespace
}  // namespace wedgeon::cli
