// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// `fit`: what it prints of shots whose truth is known, and what it refuses.
#include "fit.h"

#include <gtest/gtest.h>

#include <filesystem>
#include <fstream>
#include <nlohmann/json.hpp>
#include <random>

#include "academy.h"
#include "wedgeon/store/shot_file.h"
#include "wedgeon/words/words.h"

namespace wedgeon::cli {
namespace {

class FitCommand : public testing::Test {
protected:
    FitCommand()
        : path_(std::filesystem::temp_directory_path() /
                ("wedgeon_fit_" + std::to_string(std::random_device()()) + ".csv")) {}
    ~FitCommand() override { std::filesystem::remove(path_); }
    void write(const std::vector<store::ShotRecord>& shots) const {
        std::ofstream out(path_, std::ios::binary);
        store::writeShotsCsv(out, shots);
    }
    std::string refusal(const std::string& player) const {
        try {
            fitShots(path_.string(), {}, player);
        } catch (const std::exception& e) {
            return words::said(e);
        }
        return "was not refused";
    }

    std::filesystem::path path_;
};

TEST_F(FitCommand, PrintsParametersChecksAndWhatToHitNext) {
    write(demo::makeAcademy().shots);
    const auto out = nlohmann::json::parse(fitShots(path_.string(), {}, "Runa Vale"));
    EXPECT_EQ(out["shots_used"], 90);
    bool bias = false;
    std::size_t frictions = 0;
    for (const auto& p : out["parameters"]) {
        EXPECT_LT(p["low80"].get<double>(), p["estimate"].get<double>());
        EXPECT_GT(p["high80"].get<double>(), p["estimate"].get<double>());
        frictions += p["name"] == "friction" ? 1 : 0;
        if (p["name"] != "device_loft_bias_deg") continue;
        bias = true;
        EXPECT_NEAR(p["estimate"].get<double>(), 1.2, 0.5);
        EXPECT_TRUE(p["identified"].get<bool>());
    }
    EXPECT_TRUE(bias);
    EXPECT_GE(frictions, 4u);
    EXPECT_EQ(out["left_out"]["sessions"], 6);
    EXPECT_LT(out["left_out"]["spin_rpm"]["mean_error_tuned"].get<double>(),
              out["left_out"]["spin_rpm"]["mean_error_prior"].get<double>());
    int times = 0;
    for (const auto& n : out["next_shots"])
        times += n["times"].get<int>();
    EXPECT_EQ(times, 10);
}

TEST_F(FitCommand, RefusesWithTheReason) {
    auto shots = demo::makeAcademy().shots;
    write(shots);
    EXPECT_NE(refusal("Nobody").find("no shot of a player \"Nobody\""), std::string::npos);
    shots.resize(4);
    write(shots);
    EXPECT_NE(refusal("").find("six are needed"), std::string::npos);
}

}  // namespace
}  // namespace wedgeon::cli
