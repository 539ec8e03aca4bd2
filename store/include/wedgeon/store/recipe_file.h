// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
/// \file Recipes with names, as a JSON document that the command line's `predict` shares its field
/// names with. Format: docs/formats.md.
#pragma once

#include <filesystem>
#include <optional>
#include <span>
#include <string>
#include <string_view>
#include <vector>

#include "wedgeon/shot/conditions.h"
#include "wedgeon/store/logbook.h"
#include "wedgeon/store/shot_record.h"

namespace wedgeon::store {

/// What a recipe is played with where that is not what everything else is played with.
struct OwnKit {
    std::optional<Wedge> wedge;
    std::optional<BallKind> ball;
    std::optional<FaceCondition> face;
    std::optional<Lie> lie;

    Conditions on(Conditions others) const;
    bool operator==(const OwnKit&) const = default;
};

struct NamedRecipe {
    std::string name;    ///< UTF-8, 1-240 bytes, no control characters
    std::string school;  ///< key of the school that it started from; empty for none
    Recipe recipe;
    OwnKit own{};
    /// Body, path and face are turned together by so much; positive is right, for both hands.
    double aim_rad = 0.0;

    bool operator==(const NamedRecipe&) const = default;
};

inline constexpr std::size_t mostRecipes = 5000;

/// \throws StoreError naming the recipe and the field; nothing is taken from a document with an
/// error.
std::vector<NamedRecipe> parseRecipes(std::string_view json);
std::string formatRecipes(std::span<const NamedRecipe> recipes);

/// A document of one recipe on one line, as a shot keeps its declared set-up.
std::string formatDeclared(const NamedRecipe& recipe);
/// The set-up that was declared for a shot; nothing for none, and for one that another hand wrote
/// badly.
std::optional<NamedRecipe> findDeclared(const ShotRecord& record);

/// \throws StoreError; a file may have up to 16 MB.
std::vector<NamedRecipe> readRecipes(const std::filesystem::path& path);
/// Replaces the file as a whole: after a failure the former one is still there.
/// \throws StoreError.
void writeRecipes(const std::filesystem::path& path, std::span<const NamedRecipe> recipes);

/// The file in which recipes were kept before the logbook kept them.
struct OldRecipes {
    std::vector<NamedRecipe> recipes;
    std::size_t unreadable = 0;  ///< left out; the others were read all the same
};
/// \throws StoreError when it is no file of recipes at all.
OldRecipes readOldRecipes(const std::filesystem::path& path);

/// The recipes of one logbook, in the order in which they came. \throws StoreError from each.
class Recipes {
public:
    explicit Recipes(Logbook& logbook) : logbook_(logbook) {}

    std::vector<NamedRecipe> all() const;
    /// Each in the place of one with the same name; all or none.
    void keep(std::span<const NamedRecipe> recipes);
    /// The same, but those whose name is there already are left as they are.
    void keepNew(std::span<const NamedRecipe> recipes);
    void remove(const std::string& name);

private:
    Logbook& logbook_;
};

}  // namespace wedgeon::store
