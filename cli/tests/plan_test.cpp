// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// `plan`: what it prints can be played again with `predict`.
#include "plan.h"

#include <gtest/gtest.h>

#include <nlohmann/json.hpp>

#include "predict.h"
#include "wedgeon/store/error.h"
#include "wedgeon/words/words.h"

namespace wedgeon::cli {
namespace {

using json = nlohmann::json;

json situation() {
    return json::parse(R"({"format": "wedgeon-situation", "version": 1, "name": "over sand",
      "zones": [{"kind": "fairway", "length_m": 7}, {"kind": "bunker", "length_m": 5},
        {"kind": "green", "length_m": 15, "slope_pct": 1}, {"kind": "rough", "length_m": 20}],
      "obstacles": [{"at_m": 12, "height_m": 0.5, "name": "lip"}], "flag_m": 18,
      "conditions": {"ball": "soft", "lie": {"cover": 0.05, "moisture": 0.3, "sit_mm": 4}},
      "wedges": [{"name": "sand", "loft_deg": 56}, {"name": "gap", "loft_deg": 50}]})");
}

json planned(const json& s, std::size_t samples = 200) {
    PlanOptions options;
    options.samples = samples;
    return json::parse(planSituation(s.dump(), options));
}

TEST(PlanCommand, EveryAnswerCanBeReplayedByPredict) {
    const json plan = planned(situation());
    ASSERT_GE(plan["shots"].size(), 2u);
    EXPECT_EQ(plan["samples"], 200);
    EXPECT_EQ(plan["seed"], 1);
    double before = 0.0;
    for (const json& shot : plan["shots"]) {
        EXPECT_GE(shot["expected_strokes"].get<double>(), before);
        before = shot["expected_strokes"];
        EXPECT_FALSE(shot["why"].get<std::string>().empty());
        const json cases = {{"cases", {{{"stage", "shot"}, {"input", shot["input"]}}}}};
        const json out = json::parse(predict(cases.dump()))["cases"][0];
        ASSERT_TRUE(out.contains("output")) << out;
        const json& o = out["output"];
        EXPECT_NEAR(o["carry_m"], shot["landing_m"], 1e-6);
        EXPECT_NEAR(o["release_m"], shot["run_m"], 1e-6);
        EXPECT_NEAR(o["rest_side_m"], 0.0, 0.02) << "it is aimed";
        EXPECT_NEAR(o["least_clearance_m"], shot["least_clearance_m"], 1e-6);
        // The third zone is the green; the same swings, so the same share of them.
        EXPECT_NEAR(o["simulation"]["zone"][2], shot["chance_green"], 1e-9);
        EXPECT_NEAR(o["simulation"]["thin"], shot["thin"], 1e-9);
    }
}

TEST(PlanCommand, TheSameSeedGivesTheSamePlan) {
    EXPECT_EQ(planned(situation(), 64), planned(situation(), 64));
}

TEST(PlanCommand, TakesWhatIsSeenOfTheLie) {
    json s = situation();
    s["conditions"]["lie_seen"] = {
        {"grass_height", "over"}, {"grass_colour", "lush"}, {"ball_sits", "down"}};
    const json heavy = planned(s, 64), plain = planned(situation(), 64);
    EXPECT_EQ(heavy["situation"]["conditions"]["lie_seen"]["grass_colour"], "lush");
    EXPECT_GT(heavy["shots"][0]["run_m"].get<double>(), plain["shots"][0]["run_m"].get<double>());
}

TEST(PlanCommand, AnswersIfNothingReachesTheFlag) {
    json s = situation();
    s["zones"][0]["length_m"] = 390;
    s["flag_m"] = 402;
    s["obstacles"] = json::array();
    const json plan = planned(s, 64);
    EXPECT_TRUE(plan["shots"].empty());
}

TEST(PlanCommand, NamesWhatIsWrong) {
    const auto said = [](const json& s) -> std::string {
        try {
            (void)planSituation(s.dump(), {});
        } catch (const std::exception& e) {
            return words::said(e);
        }
        return "";
    };
    json s = situation();
    s["flag_m"] = 9;
    EXPECT_NE(said(s).find("flag_m is 9"), std::string::npos) << said(s);
    s = situation();
    s["format"] = "other";
    EXPECT_NE(said(s).find("wedgeon-situation"), std::string::npos) << said(s);
    s = situation();
    s["conditions"]["lie_seen"] = {{"grass_colour", "blue"}};
    EXPECT_NE(said(s).find("conditions.lie_seen.grass_colour"), std::string::npos) << said(s);
    EXPECT_NE(said(s).find("lush"), std::string::npos) << said(s);
    s = situation();
    s["conditions"]["air"] = {{"wind_ahead_mps", -60}};
    EXPECT_NE(said(s).find("air.wind_ahead_mps is -60"), std::string::npos) << said(s);
    s = situation();
    s["wedges"][0]["loft_deg"] = 2;
    EXPECT_NE(said(s).find("loft_deg"), std::string::npos) << said(s);
    s = situation();
    s["zones"] = json::array();
    EXPECT_NE(said(s).find("zones"), std::string::npos) << said(s);
    s = situation();
    s["unheard"] = 1;
    EXPECT_NE(said(s).find("unheard"), std::string::npos) << said(s);
    PlanOptions nobody;
    nobody.player = "Somebody";
    EXPECT_THROW((void)planSituation(situation().dump(), nobody), std::invalid_argument);
}

}  // namespace
}  // namespace wedgeon::cli
