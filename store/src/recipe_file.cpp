// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Documents of recipes.
#include "wedgeon/store/recipe_file.h"

#include <algorithm>

#include "logbook_db.h"
#include "name_field.h"
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
        in.refuse(Says::FieldBad, "recipe", messageOf(e));
    }
    return out;
}

}  // namespace

std::vector<NamedRecipe> parseRecipes(std::string_view text) {
    if (text.size() > mostBytes)
        throw StoreError(Fault::TooLarge, {Says::RecipesTooLarge, mostBytes >> 20});
    nlohmann::json document;
    try {
        document = parseStrict(text);
    } catch (const nlohmann::json::parse_error& e) {
        const auto upTo = text.substr(0, std::min(e.byte, text.size()));
        const auto line = static_cast<std::size_t>(std::count(upTo.begin(), upTo.end(), '\n')) + 1;
        throw StoreError(Fault::Malformed, {Says::NotJsonLine, line}, line);
    } catch (const nlohmann::json::out_of_range&) {
        throw StoreError(Fault::Malformed, Says::JsonNumberTooLarge);
    }
    Fields top(document, "");
    if (top.word("format", "") != formatName)
        throw StoreError(Fault::Malformed, {Says::FormatNot, formatName, formatVersion});
    if (top.number("version") != formatVersion)
        throw StoreError(Fault::Malformed, {Says::VersionNot, formatVersion});
    std::vector<NamedRecipe> out;
    for (Fields& in : top.children("recipes", mostRecipes))
        out.push_back(readRecipe(in));
    top.finish();
    return out;
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
            throw StoreError(Fault::Malformed, Says::NotRecipes);
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
    } catch (const nlohmann::json::exception& e) {
        throw StoreError(Fault::Malformed, {Says::NotJson, e.what()});
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
        throw StoreError(Fault::Malformed, {Says::FieldNotLine, "name", longestName});
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
            throw StoreError(Fault::TooLarge, {Says::TooManyRecipes, mostRecipes});
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
