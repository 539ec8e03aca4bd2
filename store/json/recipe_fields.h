// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// A recipe's fields in JSON, the same in `predict` and in files of recipes.
#pragma once

#include "json_fields.h"
#include "wedgeon/delivery/delivery.h"

namespace wedgeon::store {

/// Takes the recipe's fields out of an object: club_speed_mps must be there, the rest have the
/// defaults of Recipe. Fields of others are left for them. \throws StoreError Malformed.
Recipe readRecipeFields(Fields& in);
nlohmann::ordered_json recipeToJson(const Recipe& recipe);

}  // namespace wedgeon::store
