// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// What `import` prints.
#include "import.h"

#include <gtest/gtest.h>

#include <filesystem>
#include <fstream>
#include <random>
#include <sstream>

#include "wedgeon/store/logbook.h"

namespace wedgeon::cli {
namespace {

class ImportCommand : public testing::Test {
protected:
    void SetUp() override {
        folder_ = std::filesystem::temp_directory_path() /
                  ("wedgeon_cli_" + std::to_string(std::random_device()()));
        std::filesystem::create_directories(folder_);
    }
    void TearDown() override { std::filesystem::remove_all(folder_); }

    std::string write(const std::string& name, const std::string& text) {
        std::ofstream(folder_ / name, std::ios::binary) << text;
        return (folder_ / name).string();
    }

    std::filesystem::path folder_;
    std::ostringstream out_, err_;
};

TEST_F(ImportCommand, PrintsWhatItRecognisedAndRefused) {
    const std::string file =
        write("a.csv", "club speed (mph);launch angle;mood\n60,5;31;good\nfast;30;bad\n");
    EXPECT_TRUE(importFiles({file}, {}, {}, out_, err_));
    const std::string said = out_.str();
    EXPECT_NE(said.find("2 of 2 rows are shots; semicolon separated, decimal comma"),
              std::string::npos)
        << said;
    EXPECT_NE(said.find("club_speed [mph]"), std::string::npos);
    EXPECT_NE(said.find("not read: not a column that is known here"), std::string::npos);
    EXPECT_NE(said.find("line 3, column 1 club speed (mph): \"fast\" is not a number"),
              std::string::npos)
        << said;
}

TEST_F(ImportCommand, GoesOnAfterAFileThatCannotBeRead) {
    const std::string good = write("good.csv", "carry [m]\n40\n");
    const std::string empty = write("empty.csv", "");
    EXPECT_FALSE(importFiles({empty, good}, {}, {}, out_, err_));
    EXPECT_NE(err_.str().find("empty.csv is empty"), std::string::npos);
    EXPECT_NE(out_.str().find("1 of 1 rows are shots"), std::string::npos);
}

TEST_F(ImportCommand, TakesHelpWithAColumn) {
    const std::string file = write("b.csv", "schwung\n60\n61\n");
    EXPECT_TRUE(importFiles({file}, {"schwung=club_speed[mph]"}, {}, out_, err_)) << err_.str();
    EXPECT_NE(out_.str().find("club_speed [mph]  (as you said)"), std::string::npos) << out_.str();
}

TEST_F(ImportCommand, IntoALogbookAndOutAgain) {
    const std::string file = write("a.csv",
                                   "player,club_speed [m/s],launch_angle [deg],note\n"
                                   "Runa Vale,21.5,31.2,\"thin, low\"\nOdo Ferrin,20,30.7,\n");
    const std::string book = (folder_ / "mine.wedgeon").string();
    EXPECT_TRUE(importFiles({file}, {}, book, out_, err_));
    EXPECT_NE(out_.str().find("2 new, 0 known already"), std::string::npos) << out_.str();
    out_.str("");
    EXPECT_TRUE(importFiles({file}, {}, book, out_, err_));
    EXPECT_NE(out_.str().find("0 new, 2 known already"), std::string::npos) << out_.str();

    std::ostringstream csv;
    exportLogbook(book, false, false, csv);
    EXPECT_NE(csv.str().find("Runa Vale,,,,,,,21.5,,,,,,,31.2"), std::string::npos) << csv.str();
    std::ostringstream json;
    exportLogbook(book, true, false, json);
    EXPECT_NE(json.str().find(R"("club_speed_mps":21.5)"), std::string::npos) << json.str();

    store::Logbook(book).setAside(1, "thin", "");
    std::ostringstream counted;
    exportLogbook(book, false, false, counted);
    EXPECT_EQ(counted.str().find("Runa Vale"), std::string::npos);
    std::ostringstream all;
    exportLogbook(book, false, true, all);
    EXPECT_EQ(all.str(), csv.str()) << "set aside is not lost";
}

}  // namespace
}  // namespace wedgeon::cli
