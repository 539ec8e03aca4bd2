// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// What is on the bench, as a value: who, with what, and up to three recipes side by side.
#pragma once

#include <QChar>
#include <QString>
#include <optional>
#include <string>
#include <vector>

#include "wedgeon/shot/predictor.h"
#include "wedgeon/store/recipe_file.h"
#include "wedgeon/store/situation_file.h"

namespace wedgeon {

using store::NamedRecipe;

/// A shot that was decided on in Read, to hold the next ones against.
struct Commitment {
    std::string shot;       ///< as it is called
    std::string technique;  ///< spin or run, and how far back and through
    double landing_m = 0.0, rest_m = 0.0;

    bool operator==(const Commitment&) const = default;
};

/// The situation that Read shows. Ground, lie, ball, face and air stand in the strip.
struct ReadState {
    std::string name;  ///< of the situation, as it was kept; empty for a new one
    Line line;
    LieAnswers lie;  ///< what was said of the strip's lie; nothing where it was given in numbers

    bool operator==(const ReadState&) const = default;
};

/// What the recipes side by side are brought to.
enum class SameDistance {
    Own,    ///< each at its own speed
    Carry,  ///< at the speed that carries as far as the chosen one
    Flag    ///< at the speed that ends as far
};

/// Everything that a prediction depends on.
struct BenchState {
    static constexpr std::size_t mostRecipes = 3;

    PlayerModel player;
    Conditions conditions;
    std::vector<NamedRecipe> recipes{NamedRecipe{}};
    std::size_t chosen = 0;  ///< the one that drawings and numbers edit
    ReadState read;
    std::optional<Commitment> commitment;
    SameDistance same = SameDistance::Own;

    Recipe& recipe() { return recipes[chosen].recipe; }
    const Recipe& recipe() const { return recipes[chosen].recipe; }
    QString playerName() const { return QString::fromStdString(player.name); }
    /// What a recipe is played with and from: the strip's, but for what it has of its own.
    Conditions met(std::size_t i) const { return recipes[i].own.on(conditions); }
    Conditions met() const { return met(chosen); }
    /// By how much the chosen recipe is turned; positive is right.
    double aim_rad() const { return recipes[chosen].aim_rad; }
    /// Of the chosen recipe. \throws RangeError as Predictor does.
    Predictor predictor() const { return predictor(chosen); }
    Predictor predictor(std::size_t i) const { return {player, met(i)}; }
    /// Nothing that Shape predicts with differs.
    bool playsLike(const BenchState& o) const {
        return player == o.player && conditions == o.conditions && recipes == o.recipes &&
               chosen == o.chosen && same == o.same;
    }
    bool operator==(const BenchState&) const = default;
};

/// The letter by which a recipe is drawn.
inline QChar recipeLetter(std::size_t i) {
    return QChar(static_cast<char16_t>(u'A' + i));
}

}  // namespace wedgeon
