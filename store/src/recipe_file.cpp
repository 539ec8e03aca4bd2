// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Documents of recipes.
#include "wedgeon/store/recipe_file.h"

#include <algorithm>

#include "logbook_db.h"
#include "recipe_fields.h"
#include "strict_json.h"
#include "text.h"
#include "wedgeon/error.h"
#include "wedgeon/store/error.h"
#include "wedgeon/store/files.h"

namespace wedgeon::store {
namespace {

constexpr std::string_view formatName = "wedgeon-recipes";
constexpr int formatVersion = 1;
constexpr std::size_t mostBytes = 16u << 20;
/// Sixty characters, whatever the script.
constexpr std::size_t longestName = 240;

std::string readName(Fields& in, std::string_view key, bool required) {
    std::string name = in.word(key, "");
    const bool control = std::any_of(name.begin(), name.end(), [](char c) {
        return static_cast<unsigned char>(c) < 0x20 || c == 0x7f;
    });
    if ((required && name.empty()) || name.size() > longestName || control) {
        throw std::invalid_argument(in.name(key) + "must be a text of 1 to 240 bytes on one line");
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
        throw StoreError(Fault::TooLarge, "a file of recipes has at most 16 MB");
    nlohmann::json document;
    try {
        document = parseStrict(text);
    } catch (const nlohmann::json::parse_error& e) {
        const auto upTo = text.substr(0, std::min(e.byte, text.size()));
        const auto line = static_cast<std::size_t>(std::count(upTo.begin(), upTo.end(), '\n')) + 1;
        throw StoreError(Fault::Malformed, "is not JSON (line " + std::to_string(line) + ")", line);
    } catch (const nlohmann::json::out_of_range&) {
        throw StoreError(Fault::Malformed, "holds a number that is too large");
    } catch (const std::invalid_argument& e) {
        throw StoreError(Fault::Malformed, e.what());
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
    return parseRecipes(readWhole(path, mostBytes));
}

OldRecipes readOldRecipes(const std::filesystem::path& path) {
    OldRecipes out;
    const std::string text = readWhole(path, mostBytes);
    try {
        const nlohmann::json document = parseStrict(text);
        Fields top(document, "");
        const auto all = document.find("recipes");
        if (top.word("format", "") != formatName || all == document.end() || !all->is_array())
            throw std::invalid_argument("is no file of recipes");
        for (const nlohmann::json& one : *all) {
            try {
                // Its names were once bounded where they were read, but not where they were typed.
                nlohmann::json shortened = one;
                if (shortened.is_object() && shortened.contains("name") &&
                    shortened["name"].is_string())
                    shortened["name"] =
                        text::shown(shortened["name"].get<std::string>(), longestName - 3);
                Fields in(shortened, "");
                out.recipes.push_back(readRecipe(in));
            } catch (const std::exception&) {
                ++out.unreadable;
            }
        }
    } catch (const std::exception& e) {
        throw StoreError(Fault::Malformed, e.what());
    }
    return out;
}

void writeRecipes(const std::filesystem::path& path, std::span<const NamedRecipe> recipes) {
    writeWhole(path, formatRecipes(recipes));
}

std::vector<NamedRecipe> Recipes::all() const {
    const LogbookAccess::Impl& book = LogbookAccess::of(logbook_);
    return book.guarded([&] {
        std::vector<NamedRecipe> out;
        SQLite::Statement rows(*book.db, "SELECT name, recipe FROM recipes ORDER BY id");
        while (rows.executeStep()) {
            try {
                auto one = parseRecipes(textAt(rows, 1, mostBytes));
                if (one.size() != 1) continue;
                one.front().name = textAt(rows, 0);
                out.push_back(std::move(one.front()));
            } catch (const StoreError&) {
                continue;  // written by another hand
            }
        }
        return out;
    });
}

namespace {

void put(SQLite::Database& db, const NamedRecipe& recipe, const char* sql) {
    if (recipe.name.empty() || recipe.name.size() > longestName)
        throw StoreError(Fault::Malformed, "the name of a recipe has 1 to 240 bytes on one line");
    SQLite::Statement write(db, sql);
    write.bind(1, recipe.name);
    write.bind(2, formatDeclared(recipe));
    write.exec();
}

}  // namespace

void Recipes::keep(std::span<const NamedRecipe> recipes) {
    changed(LogbookAccess::of(logbook_), [&](SQLite::Database& db) {
        for (const NamedRecipe& r : recipes)
            put(db, r,
                "INSERT INTO recipes(name, recipe) VALUES(?1, ?2) ON CONFLICT(name) DO UPDATE SET "
                "recipe = ?2");
        if (db.execAndGet("SELECT count(*) FROM recipes").getInt64() >
            static_cast<std::int64_t>(mostRecipes))
            throw StoreError(Fault::TooLarge, "a logbook keeps " + std::to_string(mostRecipes) +
                                                  " recipes at most; nothing was kept");
    });
}

void Recipes::keepNew(std::span<const NamedRecipe> recipes) {
    changed(LogbookAccess::of(logbook_), [&](SQLite::Database& db) {
        for (const NamedRecipe& r : recipes)
            put(db, r, "INSERT OR IGNORE INTO recipes(name, recipe) VALUES(?1, ?2)");
    });
}

void Recipes::remove(const std::string& name) {
    changed(LogbookAccess::of(logbook_), [&](SQLite::Database& db) {
        SQLite::Statement gone(db, "DELETE FROM recipes WHERE name = ?");
        gone.bind(1, name);
        gone.exec();
    });
}

}  // namespace wedgeon::store
