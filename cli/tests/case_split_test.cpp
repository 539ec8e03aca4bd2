// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// The cutter of documents: what it finds is what the JSON library would find.
#include "case_split.h"

#include <gtest/gtest.h>

#include <nlohmann/json.hpp>

namespace wedgeon::cli {
namespace {

using nlohmann::json;

TEST(CaseSplit, FindsTheCasesWhateverTheyHold) {
    const std::string text =
        R"( {"note": "cases: [1]", "inner": {"cases": [9, 9]}, "cases" : [ {"a": [1, {"b": "]"}]}, "x,y\"", 3 , [] ],)"
        R"( "after": true} )";
    const SplitCases split = splitCases(text);
    ASSERT_TRUE(split.found);
    const json whole = json::parse(text);
    ASSERT_EQ(split.cases.size(), whole["cases"].size());
    for (std::size_t i = 0; i < split.cases.size(); ++i) {
        EXPECT_EQ(json::parse(split.cases[i]), whole["cases"][i]) << split.cases[i];
    }
    json emptied = whole;
    emptied["cases"] = json::array();
    EXPECT_EQ(json::parse(split.frame), emptied);
}

TEST(CaseSplit, LeavesWhatIsNoDocumentToTheLibrary) {
    for (const char* text :
         {"", "[]", "{}", "{\"cases\": 5}", "{\"cases\": [1, ]}", "{\"cases\": [,1]}",
          "{\"cases\": [1", "{\"cases\": [\"open]}", "{\"cases\"}", "\"cases\": [1]"}) {
        EXPECT_FALSE(splitCases(text).found) << text;
    }
}

TEST(CaseSplit, CutsAnyPrefixWithoutGoingAstray) {
    const std::string text = R"({"cases": [{"a": "\\"}, {"b": "\"]"}, 7], "z": [1, 2]})";
    for (std::size_t n = 0; n < text.size(); ++n) {
        const SplitCases split = splitCases(std::string_view(text).substr(0, n));
        for (const std::string_view one : split.cases)
            EXPECT_FALSE(one.empty());
        EXPECT_LE(split.cases.size(), 3u);
    }
    EXPECT_EQ(splitCases(text).cases.size(), 3u);
}

}  // namespace
}  // namespace wedgeon::cli
