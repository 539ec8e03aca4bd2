// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// The ladder of the academy's players, as a terminal prints it.
#include "ladder.h"

#include <gtest/gtest.h>

#include <algorithm>
#include <filesystem>
#include <map>
#include <nlohmann/json.hpp>
#include <sstream>

#include "academy.h"
#include "wedgeon/store/logbook.h"
#include "wedgeon/store/swing_sets.h"

namespace wedgeon::cli {
namespace {

class CliLadder : public testing::Test {
protected:
    void SetUp() override {
        path_ = std::filesystem::temp_directory_path() /
                ("wedgeon-ladder-" + std::to_string(::getpid()) + ".wedgeon");
        std::filesystem::remove(path_);
        store::Logbook book(path_);
        const auto academy = demo::makeAcademy(1);
        book.addShots({"academy.csv", "Academy", "2026-11-26"}, academy.shots);
    }
    void TearDown() override {
        for (const char* end : {"", "-wal", "-shm"})
            std::filesystem::remove(path_.string() + end);
    }
    nlohmann::json ladder(const std::string& player) const {
        return nlohmann::json::parse(ladderOf(path_.string(), player, false));
    }
    std::filesystem::path path_;
};

TEST_F(CliLadder, HasEveryClubAndSwingAndNeverFalls) {
    const auto out = ladder("Runa Vale");
    EXPECT_EQ(out["player"], "Runa Vale");
    EXPECT_GT(out["shots_used"], 60);
    std::map<std::string, double> last;
    std::size_t plain = 0, shots = 0;
    for (const auto& r : out["rungs"]) {
        const std::string line =
            r["wedge"].get<std::string>() + "/" + r["recipe"].get<std::string>();
        const double carry = r["carry_m"];
        EXPECT_GE(carry, last[line]) << r;
        last[line] = carry;
        EXPECT_LE(r["carry_low80_m"], carry);
        EXPECT_GE(r["carry_high80_m"], carry);
        EXPECT_GE(r["total_m"].get<double>(), 0.9 * carry);
        EXPECT_EQ(r["predicted"], r["shots"] == 0);
        EXPECT_EQ(r["newest"].is_null(), r["shots"] == 0);
        plain += r["recipe"] == "plain" ? 1 : 0;
        shots += r["shots"].get<std::size_t>();
    }
    EXPECT_EQ(plain, 9u) << "three wedges, three swings";
    EXPECT_EQ(shots, out["shots_used"]);
    EXPECT_TRUE(out["gaps"].is_array());
    EXPECT_TRUE(out["overlaps"].is_array());
    EXPECT_EQ(out["rungs"][0]["swing"], "hip high");
}

TEST_F(CliLadder, AsATableHasTheSameRungs) {
    const auto out = ladder("Odo Ferrin");
    std::istringstream csv(ladderOf(path_.string(), "Odo Ferrin", true));
    std::string line;
    ASSERT_TRUE(std::getline(csv, line));
    EXPECT_TRUE(line.starts_with("wedge,recipe,swing,club_speed [m/s],carry [m]")) << line;
    const auto columns = std::count(line.begin(), line.end(), ',');
    std::size_t rows = 0;
    while (std::getline(csv, line)) {
        EXPECT_EQ(std::count(line.begin(), line.end(), ','), columns) << line;
        ++rows;
    }
    EXPECT_EQ(rows, out["rungs"].size());
}

TEST_F(CliLadder, APlayersOwnSwingsAddARungWithoutShots) {
    {
        store::Logbook book(path_);
        SwingSet own = SwingSet::ordinary();
        store::SwingSets(book).keep("Runa Vale", own);
    }
    const auto out = ladder("Runa Vale");
    std::size_t full = 0;
    for (const auto& r : out["rungs"]) {
        if (r["swing"] != "full" || r["recipe"] != "plain") continue;
        ++full;
        EXPECT_EQ(r["predicted"], true);
        EXPECT_GT(r["carry_m"], 40);
        EXPECT_GT(r["carry_high80_m"].get<double>(), 1.05 * r["carry_low80_m"].get<double>())
            << "what nobody hit is not known well";
    }
    EXPECT_EQ(full, 3u);
}

TEST_F(CliLadder, NobodyIsRefusedWithThoseWhoAreThere) {
    try {
        ladderOf(path_.string(), "Nobody", false);
        FAIL();
    } catch (const std::invalid_argument& e) {
        EXPECT_NE(std::string(e.what()).find("Odo Ferrin"), std::string::npos) << e.what();
    }
}

}  // namespace
}  // namespace wedgeon::cli
