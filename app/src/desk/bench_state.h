// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// What is on the bench, as a value: who, with what, and up to three recipes side by side.
#pragma once

#include <QChar>
#include <QString>
#include <vector>

#include "wedgeon/shot/predictor.h"
#include "wedgeon/store/recipe_file.h"

namespace wedgeon {

using store::NamedRecipe;

/// Everything that a prediction in Shape depends on.
struct BenchState {
    static constexpr std::size_t mostRecipes = 3;

    PlayerModel player;
    Conditions conditions;
    std::vector<NamedRecipe> recipes{NamedRecipe{}};
    std::size_t chosen = 0;  ///< the one that drawings and numbers edit
    bool sameCarry = false;  ///< the others are shown at the speed that carries as far

    Recipe& recipe() { return recipes[chosen].recipe; }
    const Recipe& recipe() const { return recipes[chosen].recipe; }
    QString playerName() const { return QString::fromStdString(player.name); }
    /// \throws RangeError as Predictor does.
    Predictor predictor() const { return {player, conditions}; }
    bool operator==(const BenchState&) const = default;
};

/// The letter by which a recipe is drawn.
inline QChar recipeLetter(std::size_t i) {
    return QChar(static_cast<char16_t>(u'A' + i));
}

}  // namespace wedgeon
