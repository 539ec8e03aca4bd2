// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Lines and conditions written and read.
#include "wedgeon/store/conditions_json.h"
#include "wedgeon/store/error.h"

#include <gtest/gtest.h>

#include <random>

namespace wedgeon::store {
namespace {

TEST(LineJson, ComesBackAsItWas) {
    std::mt19937 random(3);
    std::uniform_real_distribution<double> share(0.0, 1.0);
    for (int i = 0; i < 200; ++i) {
        Line line;
        line.name = i % 2 ? "over the corner \"bunker\"" : "";
        for (int k = 0; k <= i % 5; ++k) {
            Zone z = Zone::of(static_cast<ZoneKind>((i + k) % 6), 1 + 30 * share(random));
            z.firmness = 0.4 + share(random);
            z.friction = 0.1 + 0.5 * share(random);
            z.rolling_mps2 = 0.3 + 5 * share(random);
            z.slopeAlong = 0.01 * (i % 50);
            z.name = k ? "" : "the apron";
            line.zones.push_back(z);
        }
        if (i % 3 == 0) line.obstacles.push_back({20 * share(random), 3 * share(random), "hedge"});
        if (i % 4 == 0) line.flag_m = 60 * share(random);
        Line back = parseLine(formatLine(line));
        for (std::size_t k = 0; k < line.zones.size(); ++k) {
            EXPECT_DOUBLE_EQ(back.zones[k].slopeAlong, line.zones[k].slopeAlong);
            back.zones[k].slopeAlong = line.zones[k].slopeAlong;
        }
        EXPECT_EQ(back, line) << formatLine(line);
    }
}

TEST(LineJson, RefusesWhatIsNoLine) {
    const auto reason = [](const char* json) -> std::string {
        try {
            parseLine(json);
        } catch (const std::exception& e) {
            return e.what();
        }
        return "";
    };
    EXPECT_NE(reason("").find("parse error"), std::string::npos);
    EXPECT_NE(reason("{}").find("zones"), std::string::npos);
    EXPECT_NE(reason(R"({"flag_m": 3})").find("zones"), std::string::npos);
    EXPECT_NE(reason(R"({"zones": [{"kind": "lava", "length_m": 3}]})").find("kind"),
              std::string::npos);
    EXPECT_NE(reason(R"({"zones": [{"length_m": -3}]})").find("length"), std::string::npos);
    EXPECT_NE(reason(R"({"zones": [{"length_m": 3, "lenght": 2}]})").find("lenght"),
              std::string::npos);
    EXPECT_NE(reason(R"({"zones": [{"length_m": 3}], "flag_m": 900})").find("flag_m"),
              std::string::npos);
    EXPECT_NE(reason(R"({"zones": [{"length_m": 3}], "more": 1})").find("more"), std::string::npos);
    EXPECT_NE(reason(R"({"zones": [{"length_m": 3}, {"length_m": 1e400}]})").size(), 0u);
}

TEST(ConditionsJson, ComeBackAsTheyWere) {
    std::mt19937 random(5);
    std::uniform_real_distribution<double> share(0.0, 1.0);
    for (int i = 0; i < 100; ++i) {
        Conditions c;
        c.wedge = {0.7 + 0.4 * share(random), 1.0 + 0.2 * share(random), 0.3 * share(random)};
        c.ball = static_cast<BallKind>(i % 3);
        c.face = static_cast<FaceCondition>(i % 5);
        c.lie = {share(random), share(random), 6 * share(random) - 3, 0.06 * share(random),
                 0.7 + 0.7 * share(random)};
        c.air.windAhead_mps = 20 * share(random) - 10;
        c.air.altitude_m = 3000 * share(random);
        c.ground.stimp_ft = 5 + 10 * share(random);
        c.ground.slopeAcross = 0.16 * share(random) - 0.08;
        if (i % 4 == 0) c.line = Line{"home", {Zone::of(ZoneKind::Green, 30)}, {}, 12.0};
        const Conditions back = parseConditions(formatConditions(c));
        EXPECT_DOUBLE_EQ(back.wedge.loft_rad, c.wedge.loft_rad);
        EXPECT_DOUBLE_EQ(back.wedge.lie_rad, c.wedge.lie_rad);
        EXPECT_DOUBLE_EQ(back.wedge.bounce_rad, c.wedge.bounce_rad);
        EXPECT_DOUBLE_EQ(back.lie.grain_rad, c.lie.grain_rad);
        EXPECT_DOUBLE_EQ(back.lie.sit_m, c.lie.sit_m);
        EXPECT_DOUBLE_EQ(back.ground.slopeAcross, c.ground.slopeAcross);
        Conditions rest = c;
        rest.wedge = back.wedge;
        rest.lie.grain_rad = back.lie.grain_rad;
        rest.lie.sit_m = back.lie.sit_m;
        rest.ground.slopeAcross = back.ground.slopeAcross;
        EXPECT_EQ(back, rest) << formatConditions(c);
    }
}

TEST(ConditionsJson, NothingIsTakenFromWhatIsNone) {
    EXPECT_THROW(parseConditions(""), StoreError);
    EXPECT_THROW(parseConditions("{}"), StoreError) << "no loft";
    EXPECT_THROW(parseConditions(R"({"loft_deg": 56, "ball": "cube"})"), StoreError);
    EXPECT_THROW(parseConditions(R"({"loft_deg": 56, "lie": {"colour": 3}})"), StoreError);
    EXPECT_THROW(parseConditions(R"({"loft_deg": 56, "hand": "left"})"), StoreError);
}

}  // namespace
}  // namespace wedgeon::store
