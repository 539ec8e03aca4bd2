// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Documents of recipes.
#include "wedgeon/store/recipe_file.h"

#include <algorithm>
#include <fstream>
#include <sstream>

#include "recipe_fields.h"
#include "text.h"
#include "wedgeon/error.h"
#include "wedgeon/store/error.h"

namespace wedgeon::store {
namespace {

constexpr std::string_view formatName = "wedgeon-recipes";
constexpr int formatVersion = 1;
constexpr std::size_t mostBytes = 1u << 20;
constexpr std::size_t longestName = 60;

std::string readName(Fields& in, std::string_view key, bool required) {
    std::string name = in.word(key, "");
    const bool control = std::any_of(name.begin(), name.end(), [](char c) {
        return static_cast<unsigned char>(c) < 0x20 || c == 0x7f;
    });
    if ((required && name.empty()) || name.size() > longestName || control) {
        throw std::invalid_argument(in.name(key) + "must be a text of 1 to 60 bytes on one line");
    }
    return name;
}

NamedRecipe readRecipe(Fields& in) {
    NamedRecipe out;
    out.name = readName(in, "name", true);
    out.school = readName(in, "school", false);
    Fields fields = in.child("recipe");
    out.recipe = readRecipeFields(fields);
    fields.finish();
    in.finish();
    try {
        out.recipe.validate();
    } catch (const RangeError& e) {
        throw std::invalid_argument(in.name("recipe") + e.what());
    }
    return out;
}

}  // namespace

std::vector<NamedRecipe> parseRecipes(std::string_view text) {
    if (text.size() > mostBytes)
        throw StoreError(Fault::TooLarge, "a file of recipes has at most 1 MB");
    nlohmann::json document;
    try {
        document = nlohmann::json::parse(text);
    } catch (const nlohmann::json::parse_error& e) {
        const auto upTo = text.substr(0, std::min(e.byte, text.size()));
        const auto line = static_cast<std::size_t>(std::count(upTo.begin(), upTo.end(), '\n')) + 1;
        throw StoreError(Fault::Malformed, "is not JSON (line " + std::to_string(line) + ")", line);
    } catch (const nlohmann::json::out_of_range&) {
        throw StoreError(Fault::Malformed, "holds a number that is too large");
    }
    try {
        Fields top(document, "");
        if (top.word("format", "") != formatName)
            throw std::invalid_argument("format must be \"wedgeon-recipes\"");
        if (top.number("version") != formatVersion)
            throw std::invalid_argument("version must be 1; this program knows no other");
        std::vector<NamedRecipe> out;
        for (Fields& in : top.children("recipes", mostRecipes))
            out.push_back(readRecipe(in));
        top.finish();
        return out;
    } catch (const std::invalid_argument& e) {
        throw StoreError(Fault::Malformed, e.what());
    }
}

namespace {

nlohmann::ordered_json documentOf(std::span<const NamedRecipe> recipes) {
    nlohmann::ordered_json document;
    document["format"] = formatName;
    document["version"] = formatVersion;
    document["recipes"] = nlohmann::ordered_json::array();
    for (const NamedRecipe& r : recipes) {
        nlohmann::ordered_json one;
        one["name"] = r.name;
        if (!r.school.empty()) one["school"] = r.school;
        one["recipe"] = recipeToJson(r.recipe);
        document["recipes"].push_back(std::move(one));
    }
    return document;
}

}  // namespace

std::string formatRecipes(std::span<const NamedRecipe> recipes) {
    return documentOf(recipes).dump(2, ' ', false, nlohmann::json::error_handler_t::replace) + "\n";
}

std::string formatDeclared(const NamedRecipe& recipe) {
    return documentOf(std::span(&recipe, 1))
        .dump(-1, ' ', false, nlohmann::json::error_handler_t::replace);
}

std::optional<NamedRecipe> findDeclared(const ShotRecord& record) {
    const std::string& json = record[Label::Recipe];
    if (json.empty()) return std::nullopt;
    try {
        auto all = parseRecipes(json);
        if (all.size() == 1) return std::move(all.front());
    } catch (const StoreError&) {
        return std::nullopt;
    }
    return std::nullopt;
}

std::vector<NamedRecipe> readRecipes(const std::filesystem::path& path) {
    std::error_code error;
    if (!std::filesystem::is_regular_file(path, error))
        throw StoreError(Fault::CannotOpen, "cannot be opened: it is no file");
    if (std::filesystem::file_size(path, error) > mostBytes)
        throw StoreError(Fault::TooLarge, "a file of recipes has at most 1 MB");
    std::ifstream in(path, std::ios::binary);
    std::ostringstream text;
    text << in.rdbuf();
    if (!in) throw StoreError(Fault::CannotOpen, "cannot be read");
    return parseRecipes(text.view());
}

void writeRecipes(const std::filesystem::path& path, std::span<const NamedRecipe> recipes) {
    std::filesystem::path beside = path;
    beside += ".part";
    std::error_code error;
    {
        std::ofstream out(beside, std::ios::binary | std::ios::trunc);
        out << formatRecipes(recipes);
        out.flush();
        if (!out) {
            std::filesystem::remove(beside, error);
            throw StoreError(Fault::CannotWrite, "cannot be written");
        }
    }
    std::filesystem::rename(beside, path, error);
    if (error) {
        std::error_code ignored;
        std::filesystem::remove(beside, ignored);
        throw StoreError(Fault::CannotWrite, "cannot be written: " + error.message());
    }
}

}  // namespace wedgeon::store
