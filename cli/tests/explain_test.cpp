// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// `explain`: choices, shares that add up, intervals of groups, refusals.
#include "explain.h"

#include <gtest/gtest.h>

#include <filesystem>
#include <fstream>
#include <nlohmann/json.hpp>
#include <random>

#include "wedgeon/words/words.h"

namespace wedgeon::cli {
namespace {

class ExplainCommand : public testing::Test {
protected:
    ExplainCommand()
        : path_(std::filesystem::temp_directory_path() /
                ("wedgeon_explain_" + std::to_string(std::random_device()()) + ".csv")) {
        std::ofstream(path_) << "club_speed [m/s],attack_angle [deg],dynamic_loft [deg],"
                                "launch_angle [deg],carry [m]\n"
                                "18,-5,46,33,25\n18.2,-4,47,34,26\n18,-5,50,36,24\n"
                                "17.9,-5.5,51,37,24\n,,,33,25\n";
    }
    ~ExplainCommand() override { std::filesystem::remove(path_); }
    nlohmann::json explained(const std::string& a, const std::string& b) const {
        return nlohmann::json::parse(explainShots(path_.string(), {}, a, b));
    }
    std::string refusal(const std::string& a, const std::string& b) const {
        try {
            explained(a, b);
        } catch (const std::exception& e) {
            return words::said(e);
        }
        return "was not refused";
    }

    std::filesystem::path path_;
};

TEST_F(ExplainCommand, TwoShotsAreSharedOutExactly) {
    const auto out = explained("1", "3");
    for (const auto& [key, one] : out["difference"].items()) {
        double sum = one.value("unexplained", 0.0);
        for (const auto& share : one["shares"])
            sum += share.get<double>();
        EXPECT_NEAR(sum, one["to"].get<double>() - one["from"].get<double>(), 1e-9) << key;
        EXPECT_EQ(one["left_out"], 0) << key;
        EXPECT_GT(one["half80"].get<double>(), 0.0) << key << ": what a device reads wrong";
    }
    const auto& launch = out["difference"]["launch_angle_deg"];
    EXPECT_GT(launch["shares"]["spin_loft"].get<double>(), 2);
    EXPECT_NEAR(launch["shares"]["speed"].get<double>(), 0, 1e-12);
    EXPECT_EQ(launch["measured"], true);
    EXPECT_NEAR(launch["to"].get<double>() - launch["from"].get<double>(), 3, 1e-9);
    EXPECT_EQ(out["difference"]["spin_rate_rpm"]["measured"], false) << "nobody read it";
}

TEST_F(ExplainCommand, GroupsHaveIntervalsAndSayWhatWasLeftOut) {
    const auto out = explained("1-2", "3,4,5");
    EXPECT_EQ(out["shots_b"], 3);
    EXPECT_EQ(out["without_club_data"], 1);
    EXPECT_GT(out["difference"]["carry_m"]["shares_half80"]["spin_loft"].get<double>(), 0);
    EXPECT_EQ(out["difference"]["carry_m"]["left_out"], 1);
    EXPECT_EQ(out["difference"]["carry_m"]["shots_b"], 2);
    EXPECT_EQ(explained("2", "3-4")["shots_a"], 1);
}

TEST_F(ExplainCommand, BadChoicesAreRefusedWithTheReason) {
    EXPECT_NE(refusal("9", "1").find("there is no shot 9; the file has 5"), std::string::npos);
    EXPECT_NE(refusal("0", "1").find("is not of the form"), std::string::npos);
    EXPECT_NE(refusal("1,,2", "1").find("is not of the form"), std::string::npos);
    EXPECT_NE(refusal("3-1", "1").find("no range"), std::string::npos);
    EXPECT_NE(refusal("5", "1").find("no shot has club speed"), std::string::npos);
    EXPECT_EQ(parseShotNumbers("3,1-2,2", 5), (std::vector<std::size_t>{1, 2, 3}));
}

}  // namespace
}  // namespace wedgeon::cli
