// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// `plan`: what it prints can be played again with `predict`.
#include "plan.h"

#include <gtest/gtest.h>

#include <algorithm>
#include <filesystem>
#include <nlohmann/json.hpp>
#include <random>

#include "checked.h"
#include "predict.h"
#include "wedgeon/store/error.h"
#include "wedgeon/store/kit.h"
#include "wedgeon/store/recipe_file.h"
#include "wedgeon/store/tunings.h"
#include "wedgeon/units.h"
#include "wedgeon/words/words.h"

namespace wedgeon::cli {
namespace {

using json = nlohmann::json;

using test::checked;

json situation() {
    json s = json::parse(R"({"format": "wedgeon-situation", "version": 1, "name": "over sand",
      "zones": [{"kind": "fairway", "length_m": 7}, {"kind": "bunker", "length_m": 5},
        {"kind": "green", "length_m": 15, "slope_pct": 1}, {"kind": "rough", "length_m": 20}],
      "obstacles": [{"at_m": 12, "height_m": 0.5, "name": "lip"}], "flag_m": 18,
      "conditions": {"ball": "soft", "lie": {"cover": 0.05, "moisture": 0.3, "sit_mm": 4}},
      "wedges": [{"name": "sand", "loft_deg": 56}, {"name": "gap", "loft_deg": 50}]})");
    if (checked) s["wedges"].erase(1);
    return s;
}

json planned(const json& s, std::size_t samples = 200) {
    PlanOptions options;
    options.samples = samples;
    if (checked) options.samples = std::min<std::size_t>(samples, 32);
    return json::parse(planSituation(s.dump(), options));
}

TEST(PlanCommand, EveryAnswerCanBeReplayedByPredict) {
    const json plan = planned(situation());
    ASSERT_GE(plan["shots"].size(), 2u);
    EXPECT_EQ(plan["samples"], checked ? 32 : 200);
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
    s.erase("flag_m");
    EXPECT_NE(said(s).find("flag_m"), std::string::npos) << said(s);
    EXPECT_NE(said(s).find("missing"), std::string::npos) << said(s);
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

TEST(PlanCommand, TakesAPlayerOfTheLogbookWithHisWedgesSwingsAndRecipes) {
    const auto folder = std::filesystem::path(testing::TempDir()) /
                        ("plan-" + std::to_string(std::random_device()()));
    std::filesystem::create_directory(folder);
    const std::string path = (folder / "log.wedgeon").string();
    {
        store::Logbook book(path);
        store::Kit kit(book);
        kit.keepPlayer({0, "Odo Ferrin", Hand::Left, {}});
        store::KitWedge w;
        w.name = "the old one";
        w.wedge = {radFromDeg(57), radFromDeg(64), radFromDeg(8)};
        kit.keepWedge("Odo Ferrin", w, "2026-11-01");
        store::NamedRecipe mine{"my own", "", {}};
        store::Recipes(book).keep(std::span(&mine, 1));
        Tuning tuning;
        tuning.player = "Odo Ferrin";
        tuning.delivery.speeds = {{"the old one", "small", 9.0, 0.2, 20},
                                  {"the old one", "big", 16.0, 0.3, 20}};
        store::KeptTuning kept;
        kept.tuning = tuning;
        const std::int64_t id = store::Tunings(book).keep(kept);
        store::Tunings(book).use("Odo Ferrin", id);
    }
    json s = situation();
    s.erase("wedges");
    PlanOptions options;
    options.samples = checked ? 16 : 64;
    options.logbook = path;
    options.player = "Odo Ferrin";
    const json plan = json::parse(planSituation(s.dump(), options));
    // His one wedge with 39 ways, two irons with six, the putter.
    EXPECT_EQ(plan["candidates"], 39 + 2 * 6 + 1);
    bool his = false;
    for (const json& shot : plan["shots"]) {
        if (shot["wedge"] != "the old one") continue;
        his = true;
        const std::string swing = shot["swing"];
        EXPECT_TRUE(swing.find("small") != std::string::npos ||
                    swing.find("big") != std::string::npos)
            << swing;
        EXPECT_EQ(shot["input"]["hand"], "left");
        EXPECT_TRUE(shot["input"].contains("player"));
    }
    EXPECT_TRUE(his);
    options.player = "Nobody";
    EXPECT_THROW((void)planSituation(s.dump(), options), std::invalid_argument);
    std::filesystem::remove_all(folder);
}

}  // namespace
}  // namespace wedgeon::cli
