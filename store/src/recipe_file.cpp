// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Documents of recipes.
#include "wedgeon/store/recipe_file.h"

#include <algorithm>

#include "conditions_fields.h"
#include "logbook_db.h"
#include "name_field.h"
#include "recipe_fields.h"
#include "strict_json.h"
#include "text.h"
#include "wedgeon/error.h"
#include "wedgeon/store/error.h"
#include "wedgeon/store/files.h"
#include "wedgeon/units.h"

namespace wedgeon::store {
namespace {

constexpr std::string_view formatName = "wedgeon-recipes";
constexpr int formatVersion = 1;
constexpr std::size_t mostBytes = 16u << 20;

OwnKit readOwnFields(Fields& in) {
    OwnKit own;
    if (in.has("loft_deg"))
        own.wedge = {radFromDeg(in.number("loft_deg")), radFromDeg(in.number("lie_deg", 64)),
                     radFromDeg(in.number("bounce_deg", 10))};
    if (in.has("ball")) own.ball = named(in, "ball", "", namedBalls()).ball;
    if (in.has("face")) own.face = named(in, "face", "", namedFaces()).face;
    if (in.has("lie")) {
        Fields lie = in.child("lie");
        own.lie = readLieFields(lie);
        lie.finish();
    }
    return own;
}

nlohmann::ordered_json ownToJson(const OwnKit& own) {
    // The same names as the conditions have, of what is there.
    const nlohmann::ordered_json all = conditionsToJson(own.on({}));
    nlohmann::ordered_json out = nlohmann::ordered_json::object();
    if (own.wedge) {
        for (const char* key : {"loft_deg", "lie_deg", "bounce_deg"})
            out[key] = all[key];
    }
    if (own.ball) out["ball"] = all["ball"];
    if (own.face) out["face"] = all["face"];
    if (own.lie) out["lie"] = all["lie"];
    return out;
}

NamedRecipe readRecipe(Fields& in) {
    NamedRecipe out;
    out.name = readName(in, "name", true);
    out.school = readName(in, "school", false);
    Fields fields = in.child("recipe");
    out.recipe = readRecipeFields(fields);
    fields.finish();
    if (in.has("own")) {
        Fields own = in.child("own");
        out.own = readOwnFields(own);
        own.finish();
    }
    out.aim_rad = radFromDeg(in.number("aim_deg", 0.0));
    in.finish();
    try {
        out.recipe.validate();
        requireRange("aim_deg", out.aim_rad, radFromDeg(-60), radFromDeg(60), degFromRad(1.0));
        if (out.own.wedge) out.own.wedge->validate();
        if (out.own.lie) out.own.lie->validate();
    } catch (const RangeError& e) {
        in.refuse(Says::FieldBad, "recipe", messageOf(e));
    }
    return out;
}

}  // namespace

Conditions OwnKit::on(Conditions others) const {
    if (wedge) others.wedge = *wedge;
    if (ball) others.ball = *ball;
    if (face) others.face = *face;
    if (lie) others.lie = *lie;
    return others;
}

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
        if (r.own != OwnKit{}) one["own"] = ownToJson(r.own);
        if (r.aim_rad != 0.0) one["aim_deg"] = degFromRad(r.aim_rad);
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
