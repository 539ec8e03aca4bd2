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

#include "wedgeon/delivery/delivery.h"
#include "wedgeon/store/shot_record.h"

namespace wedgeon::store {

struct NamedRecipe {
    std::string name;    ///< UTF-8, 1-60 bytes, no control characters
    std::string school;  ///< key of the school that it started from; empty for none
    Recipe recipe;

    bool operator==(const NamedRecipe&) const = default;
};

inline constexpr std::size_t mostRecipes = 500;

/// \throws StoreError naming the recipe and the field; nothing is taken from a document with an
/// error.
std::vector<NamedRecipe> parseRecipes(std::string_view json);
std::string formatRecipes(std::span<const NamedRecipe> recipes);

/// A document of one recipe on one line, as a shot keeps its declared set-up.
std::string formatDeclared(const NamedRecipe& recipe);
/// The set-up that was declared for a shot; nothing for none, and for one that another hand wrote
/// badly.
std::optional<NamedRecipe> findDeclared(const ShotRecord& record);

/// \throws StoreError; a file may have up to 1 MB.
std::vector<NamedRecipe> readRecipes(const std::filesystem::path& path);
/// Replaces the file as a whole: after a failure the former one is still there.
/// \throws StoreError.
void writeRecipes(const std::filesystem::path& path, std::span<const NamedRecipe> recipes);

}  // namespace wedgeon::store
